package pandel.core.model.value;

import java.util.List;
import java.util.Optional;

/** What the names that conditions and words use stand for: facts by id, fields by the id of their hotspot. */
public interface ValueScope {

    /** All facts. */
    List<Fact> facts();

    /** The fact of an id; empty when it is not there. */
    Optional<Fact> fact(String id);

    /** Whether any screen expects a value of that name. */
    boolean isExpected(String name);

    /** What people call a field, "" when it has no name; empty when it is not there. */
    Optional<String> fieldTitle(String hotspot);
}
