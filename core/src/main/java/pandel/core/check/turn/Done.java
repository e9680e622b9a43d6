package pandel.core.check.turn;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What can be done at a cell.
 *
 * @param sure what surely does something
 * @param doubtful waits that come only when an earlier one finds nothing to return to, or whose moment is not known
 * @param nothing ids of the links that surely find nothing to do
 * @param back ids of the links that may return to a screen, or may find nothing to return to
 * @param idle what surely comes to nothing, each with how
 */
public record Done(List<Turn> sure, List<Turn> doubtful, Set<String> back, Set<String> nothing, List<Idle> idle) {

    Done() {
        this(new ArrayList<>(), new ArrayList<>(), new LinkedHashSet<>(), new LinkedHashSet<>(), new ArrayList<>());
    }
}
