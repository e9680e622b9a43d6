package pandel.core.check.turn;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.RuleOutcome;

/** What tab sets and sequences do at a cell: tabs of their strips, turns of their pages. */
public final class FrameTurns {

    private final LinkTurns turns;
    private final Done done;
    private final Cell cell;
    private final Screen screen;
    private final Head head;

    private FrameTurns(LinkTurns turns, Done done, Cell cell, Screen screen) {
        this.turns = turns;
        this.done = done;
        this.cell = cell;
        this.screen = screen;
        this.head = turns.head(cell);
    }

    static void add(LinkTurns turns, Done done, Cell cell, Screen screen) {
        if (cell.at().isPresent()) {
            new FrameTurns(turns, done, cell, screen).pages();
        }
        if (!turns.prototype().headers().isEmpty()) {
            new FrameTurns(turns, done, cell, screen).header();
        }
        if (!cell.around().isEmpty()) {
            FrameTurns frames = new FrameTurns(turns, done, cell, screen);
            frames.tabs();
            frames.buttons();
        }
    }

    private void header() {
        if (!turns.knows(Gesture.TAP)) {
            return;
        }
        turns.rules()
                .headerLinks(head)
                .forEach(link -> turns.add(
                        done, cell, List.of(), new Event.Touched(Gesture.TAP, new Event.On.OnSign(link.id())), link));
    }

    private void buttons() {
        if (!turns.knows(Gesture.TAP)) {
            return;
        }
        turns.rules()
                .buttons(head)
                .forEach(set -> turns.add(
                        done,
                        cell,
                        List.of(),
                        new Event.Touched(Gesture.TAP, new Event.On.OnButton(set.id())),
                        set.button().orElseThrow().link()));
    }

    /** Tabs of the strips that show; a swipe shows none that the strip does not. */
    private void tabs() {
        for (Gesture gesture : List.of(Gesture.SWIPE_LEFT, Gesture.SWIPE_RIGHT)) {
            if (turns.knows(gesture)
                    && LinkTurns.own(screen, new Cause.Touch(gesture)::equals).isEmpty()
                    && turns.rules().swiped(head, gesture).isEmpty()) {
                turns.rules()
                        .swipedTab(head, gesture)
                        .flatMap(t -> t)
                        .ifPresent(tab -> tab(done, tab, new Event.Touched(gesture, new Event.On.Point(0, 0))));
            }
        }
        if (!turns.knows(Gesture.TAP)) {
            return;
        }
        turns.rules()
                .strips(head)
                .forEach(set -> set.tabs()
                        .forEach(tab ->
                                tab(done, tab.id(), new Event.Touched(Gesture.TAP, new Event.On.OnTab(tab.id())))));
    }

    private void tab(Done done, String tab, Event event) {
        RuleOutcome ruling = turns.rules().tab(head, tab);
        turns.add(done, cell, List.of(event), Optional.of(tab), ruling);
        turns.idle(done, tab, Optional.empty(), head, List.of(event), ruling);
    }

    /** Turns by what is laid over a page, and by swipes that no link of the whole screen answers. */
    private void pages() {
        Set<PageTurn> seen = new LinkedHashSet<>();
        for (Gesture gesture : List.of(Gesture.SWIPE_LEFT, Gesture.SWIPE_RIGHT)) {
            if (turns.knows(gesture)
                    && LinkTurns.own(screen, new Cause.Touch(gesture)::equals).isEmpty()) {
                turns.rules()
                        .swiped(head, gesture)
                        .ifPresent(turn -> page(turn, new Event.Touched(gesture, new Event.On.Point(0, 0)), seen));
            }
        }
        if (!turns.knows(Gesture.TAP)) {
            return;
        }
        turns.rules()
                .laid(head)
                .forEach(turn -> page(turn, new Event.Touched(Gesture.TAP, new Event.On.OnTurn(turn)), seen));
        turns.rules()
                .skip(head)
                .ifPresent(link ->
                        turns.add(done, cell, List.of(), new Event.Touched(Gesture.TAP, new Event.On.OnSkip()), link));
    }

    /** The number of the page that is not turned to for want of a value. */
    private static Optional<Integer> lacking(RuleOutcome ruling, Sequence sequence) {
        return ruling instanceof RuleOutcome.Refused refused
                ? refused.lack()
                        .map(l -> sequence.pages().indexOf(l.screen()) + 1)
                        .filter(n -> n > 0)
                : Optional.empty();
    }

    /** One turn, however it is done the first time. */
    private void page(PageTurn turn, Event event, Set<PageTurn> seen) {
        if (!seen.add(turn)) {
            return;
        }
        Optional<Link> finish = turns.rules().finish(head, turn);
        if (finish.isPresent()) {
            turns.add(done, cell, List.of(), event, finish.get());
        } else {
            RuleOutcome ruling = turns.rules().turn(head, turn);
            turns.add(done, cell, List.of(event), ruling.countsAs(turns.prototype()), ruling);
            cell.at()
                    .flatMap(at -> turns.prototype().sequence(at.sequence()))
                    .ifPresent(sequence -> lacking(ruling, sequence)
                            .ifPresent(to -> turns.idle(
                                    done, sequence.turnId(to), Optional.empty(), head, List.of(event), ruling)));
        }
    }
}
