package pandel.core.model;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Answer;

/**
 * How a prototype moves and answers as a rule.
 *
 * @param motions its own usual motions; a verb not named moves as {@link Motion#usualFor} says
 * @param touched what is seen of what is touched, where it does not say itself
 */
@RecordBuilder
public record Feel(Map<Verb, Motion> motions, Answer touched) implements FeelBuilder.With {

    /** Everything moves as is usual, and what is touched dims. */
    public static final Feel USUAL = new Feel(Map.of(), Answer.DIM);

    public Feel {
        EnumMap<Verb, Motion> sorted = new EnumMap<>(Verb.class);
        sorted.putAll(motions);
        motions = Collections.unmodifiableMap(sorted);
    }
}
