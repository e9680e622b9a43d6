package pandel.core.play.rule;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.link.Motion;

/** What the rules say to an event at a head. */
public sealed interface RuleOutcome {

    /**
     * It is done.
     *
     * @param motion of a move forward; empty for a move back, which plays the reverse of what brought the place
     */
    record Acts(List<TrailAction> actions, Optional<Motion> motion) implements RuleOutcome {
        public Acts {
            actions = List.copyOf(actions);
        }
    }

    /** There is nothing to do: the wrong place, or already so. */
    record NothingToDo(String why) implements RuleOutcome {}

    /**
     * It is done, or there is nothing to do, as the trail has it: said only where what lies behind or beneath is not
     * known, never of a situation.
     *
     * @param sets the facts that are set whether it goes back or not
     */
    record Depends(List<TrailAction> sets) implements RuleOutcome {
        public Depends {
            sets = List.copyOf(sets);
        }

        Depends() {
            this(List.of());
        }
    }

    /**
     * A value that a screen needs and does not get.
     *
     * @param screen id of the screen
     * @param name of the value
     */
    record Lack(String screen, String name) {}

    /**
     * The file or the device can never do it as it stands, or a value is wanting.
     *
     * @param lack the value that is wanting, if that is why
     */
    record Refused(String why, Optional<Lack> lack) implements RuleOutcome {

        Refused(String why) {
            this(why, Optional.empty());
        }
    }

    /**
     * Id of the link that it counts as where no link ruled: that of the page turned to, or of the tab shown by going
     * back.
     */
    default Optional<String> countsAs(Prototype prototype) {
        return this instanceof Acts acts
                ? switch (acts.actions().stream()
                        .filter(TrailAction::moves)
                        .reduce(acts.actions().getLast(), (a, b) -> b)) {
                    case TrailAction.ShowTab show ->
                        Optional.of(show.to().tabs().getFirst().tab());
                    case TrailAction.Turn turn ->
                        turn.at()
                                .flatMap(at -> prototype.sequence(at.sequence()).map(s -> s.turnId(at.page())));
                    default -> Optional.empty();
                }
                : Optional.empty();
    }

    /** One action of a move back. */
    static RuleOutcome back(TrailAction action) {
        return new Acts(List.of(action), Optional.empty());
    }
}
