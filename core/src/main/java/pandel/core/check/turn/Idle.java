package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.value.Known;
import pandel.core.play.rule.RuleOutcome;

/**
 * What is done at a place and comes to nothing there.
 *
 * @param link id of the link; for a tab chosen, of the tab
 * @param branch that was taken; empty where frames do it
 * @param known what could be read then
 * @param events until it came to nothing; the last one does
 * @param ruling why: refused, or nothing to do
 */
public record Idle(String link, Optional<Branch> branch, Known known, List<Event> events, RuleOutcome ruling) {

    /** Whether it is refused, rather than that there is nothing to do. */
    public boolean isRefused() {
        return ruling instanceof RuleOutcome.Refused;
    }

    /** Why it comes to nothing. */
    public String why() {
        return switch (ruling) {
            case RuleOutcome.NothingToDo nothing -> nothing.why();
            case RuleOutcome.Refused refused -> refused.why();
            case RuleOutcome.Acts acts -> throw new IllegalStateException("It does something: " + acts);
            case RuleOutcome.Depends depends -> throw new IllegalStateException("It may do something: " + depends);
        };
    }

    public Optional<Effect> move() {
        return branch.flatMap(Branch::move);
    }

    /** The value for want of which it is refused. */
    public Optional<RuleOutcome.Lack> lack() {
        return ruling instanceof RuleOutcome.Refused refused ? refused.lack() : Optional.empty();
    }
}
