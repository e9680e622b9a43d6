package pandel.core.edit.value;

import java.util.List;
import pandel.core.model.value.Fact;

/**
 * What words typed by a person mean.
 *
 * @param facts those that are new, or that need another word among theirs; to be put in the prototype with it
 * @param <T> conditions, or what is remembered
 */
public record ParsedWords<T>(T what, List<Fact> facts) {
    public ParsedWords {
        facts = List.copyOf(facts);
    }
}
