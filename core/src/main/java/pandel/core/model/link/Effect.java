package pandel.core.model.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** One thing that a branch does. */
public sealed interface Effect {

    /** The target becomes the current place; what was current stays behind it. */
    record Advance(Target to) implements Effect {}

    /** The target takes the current place; the old one is gone from the trail. */
    record Replace(Target with) implements Effect {}

    /** Overlays close, every trail is emptied, the target is the only place. */
    record Restart(Target at) implements Effect {}

    /** A new level with the target in its form. */
    record OpenAbove(Target screen) implements Effect {}

    /** The current place goes, the one behind is current. */
    record Return() implements Effect {}

    /** Back to the nearest place of that name behind the current one. */
    record ReturnTo(Target to) implements Effect {}

    /** The link's own overlay, and any above it, closes. */
    record Close() implements Effect {}

    /** Another page of the sequence that is the current place. */
    record TurnPage(PageTurn turn) implements Effect {}

    /**
     * The place shows the neighbouring row of the list it was come to from.
     *
     * @param next the row after it, else the one before
     * @param round whether after the last row comes the first; else nothing is done there
     */
    record StepRow(boolean next, boolean round) implements Effect {}

    /**
     * A tab set shows another tab.
     *
     * @param tab its id
     */
    record SwitchTab(String tab) implements Effect {}

    /**
     * A drawer that is attached to the current place is opened or closed.
     *
     * @param drawer its id
     */
    record MoveDrawer(String drawer, How how) implements Effect {}

    /** What is done to a drawer. */
    enum How {
        OPEN,
        CLOSE,
        TOGGLE;

        Verb verb() {
            return this == OPEN ? Verb.DRAWER_OPEN : this == CLOSE ? Verb.DRAWER_CLOSE : Verb.DRAWER_TOGGLE;
        }
    }

    /**
     * A fact is changed.
     *
     * @param fact id of the fact
     */
    record Remember(String fact, Change change) implements Effect {}

    /**
     * A passing message over everything; it outlives moves, and a newer one takes its place.
     *
     * @param ms how long it stands; 0: until it is touched
     * @param action what can be done while it stands; empty: it only tells
     */
    @RecordBuilder
    record Notice(String words, int ms, Optional<Action> action) implements Effect, EffectNoticeBuilder.With {
        /** ms that one stands unless it says otherwise. */
        public static final int USUAL_MS = 4000;

        /** One that only tells. */
        public Notice(String words, int ms) {
            this(words, ms, Optional.empty());
        }

        public Notice {
            action.flatMap(a ->
                            a.link().notices().flatMap(n -> n.action().stream()).findFirst())
                    .ifPresent(a -> {
                        throw new IllegalArgumentException(
                                "What a notice’s action says has no action of its own: “" + a.label() + "”");
                    });
            if (ms < 0) {
                throw new IllegalArgumentException(
                        "A notice stands 1 ms or longer, or with 0 until it is touched: " + ms);
            }
        }
    }

    /**
     * What can be done while a notice stands: a link of the place that is shown when it is chosen.
     *
     * @param label may be empty
     */
    @RecordBuilder
    record Action(String label, Link link) implements EffectActionBuilder.With {
        public String shownLabel() {
            return label.isBlank() ? "Untitled" : label;
        }
    }

    /**
     * Work of the current screen is to be done again, or a plain wait of it counts from 0.
     *
     * @param link id of the link that waits for it
     */
    record BeginAgain(String link) implements Effect {}

    /** Out to an outside address: told, and play stays. */
    record Leave(String address) implements Effect {}

    /** What is done to a fact. */
    sealed interface Change {

        /** It holds a value from now on. */
        record Set(Source to) implements Change {
            /** Always to the same value. */
            public Set(Value to) {
                this(Source.of(to));
            }
        }

        /** Yes becomes no, and no yes. */
        record Toggle() implements Change {}

        /** A number grows, or shrinks; it stops at its bounds. */
        record By(int n) implements Change {}

        /** It is unset: no, 0, nothing. */
        record Unset() implements Change {}
    }

    default Verb verb() {
        return switch (this) {
            case Advance a -> Verb.ADVANCE;
            case Replace r -> Verb.REPLACE;
            case Restart r -> Verb.RESTART;
            case OpenAbove o -> Verb.OPEN_ABOVE;
            case Return r -> Verb.RETURN;
            case ReturnTo r -> Verb.RETURN_TO;
            case Close c -> Verb.CLOSE;
            case TurnPage t -> Verb.TURN_PAGE;
            case StepRow s -> s.next() ? Verb.NEXT_ROW : Verb.PREVIOUS_ROW;
            case SwitchTab s -> Verb.SWITCH_TAB;
            case MoveDrawer d -> d.how().verb();
            case Remember r -> Verb.REMEMBER;
            case Notice n -> Verb.NOTICE;
            case Leave l -> Verb.LEAVE;
            case BeginAgain b -> Verb.BEGIN_AGAIN;
        };
    }

    /** Where it leads, for the verbs that need to be told. */
    default Optional<Target> target() {
        return switch (this) {
            case Advance a -> Optional.of(a.to());
            case Replace r -> Optional.of(r.with());
            case Restart r -> Optional.of(r.at());
            case OpenAbove o -> Optional.of(o.screen());
            case Return r -> Optional.empty();
            case ReturnTo r -> Optional.of(r.to());
            case Close c -> Optional.empty();
            case TurnPage t -> Optional.empty();
            case StepRow s -> Optional.empty();
            case SwitchTab s -> Optional.empty();
            case MoveDrawer d -> Optional.empty();
            case Remember r -> Optional.empty();
            case Notice n -> Optional.empty();
            case Leave l -> Optional.empty();
            case BeginAgain b -> Optional.empty();
        };
    }

    /** The same with another target, where it has one. */
    default Effect leadingTo(Target other) {
        return target().isEmpty() ? this : of(verb(), other);
    }

    /** Whether it is a move: a branch holds at most one. */
    default boolean isMove() {
        return !(this instanceof MoveDrawer
                || this instanceof Remember
                || this instanceof Notice
                || this instanceof BeginAgain
                || this instanceof Leave);
    }

    /** Whether choosing a tab or page can do it besides showing that. */
    default boolean isDoneByChoosing() {
        return this instanceof Remember || this instanceof Notice;
    }

    /** What one of the verbs of drawers does to one; empty for any other verb. */
    static Optional<Effect> ofDrawer(Verb verb, String drawer) {
        return java.util.Arrays.stream(How.values())
                .filter(h -> h.verb() == verb)
                .findFirst()
                .map(h -> new MoveDrawer(drawer, h));
    }

    /**
     * The effect of a verb that moves.
     *
     * @param target is ignored by the verbs that need none
     */
    static Effect of(Verb verb, Target target) {
        return switch (verb) {
            case ADVANCE -> new Advance(target);
            case REPLACE -> new Replace(target);
            case RESTART -> new Restart(target);
            case OPEN_ABOVE -> new OpenAbove(target);
            case RETURN -> new Return();
            case RETURN_TO -> new ReturnTo(target);
            case CLOSE -> new Close();
            case TURN_PAGE -> new TurnPage(new PageTurn.Next());
            case NEXT_ROW -> new StepRow(true, false);
            case PREVIOUS_ROW -> new StepRow(false, false);
            case SWITCH_TAB -> new SwitchTab("");
            case DRAWER_OPEN, DRAWER_CLOSE, DRAWER_TOGGLE, REMEMBER, NOTICE, LEAVE, BEGIN_AGAIN ->
                throw new IllegalArgumentException("More is needed than where to " + verb.word());
        };
    }
}
