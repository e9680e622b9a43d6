package pandel.core.model.start;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Facts;

/**
 * A named situation to begin play, a journey or a session from.
 *
 * @param title what people call it: "signed in, loan overdue"
 * @param levels the places on each level's trail, the base first, the current one last; never empty
 */
@RecordBuilder
public record StartPoint(String id, String title, List<List<Spot>> levels, Facts facts, Rest rest) implements Start {

    public StartPoint {
        levels = levels.stream().map(List::copyOf).toList();
        if (levels.isEmpty() || levels.stream().anyMatch(List::isEmpty)) {
            throw new IllegalArgumentException("A start point has a screen on each of its levels");
        }
    }
}
