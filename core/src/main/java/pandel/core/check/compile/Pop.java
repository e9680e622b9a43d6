package pandel.core.check.compile;

import java.util.List;
import java.util.Optional;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turn;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.Landing;
import pandel.core.play.rule.TrailAction;

/**
 * A way in which a place goes, whatever is remembered then: how much goes with it, and what comes instead.
 *
 * @param screen what it goes down to, or what comes then; else empty
 * @param held by what comes
 */
public record Pop(
        Going going, String screen, PlaceMemory held, Optional<AtPage> at, List<InTab> tabs, boolean outside) {

    /** How much goes when a place goes, and what comes then. */
    public enum Going {
        PLACE,
        LEVEL,
        DOWN_TO,
        TO_ROOT,
        SHOW_TAB,
        SWAP_OUT,
        TO_PAGES,
        TO_PAGES_AND_TAB,
        TO_PAGES_AND_ROOT,
        TO_PAGES_AND_PUT,
        TO_PAGES_AND_SWAP,
        TO_PAGES_AND_TURN,
        TO_PAGES_AND_RAISE,
        TO_PAGES_AND_DOWN_TO,
        TO_PAGES_AND_BACK
    }

    /** One after which what it comes down to is as it was. */
    public static Pop of(Going going, String screen) {
        return new Pop(going, screen, PlaceMemory.NONE, Optional.empty(), List.of(), false);
    }

    private static Pop of(Going going, TrailAction.Forward to, Relevance relevance) {
        return new Pop(
                going,
                to.screen().id(),
                relevance.of(to),
                relevance.of(to.at()),
                to.to().tabs(),
                to.to().outside());
    }

    /** What a turn does that goes back from a cell; empty where it goes forward from there, or leaves the prototype. */
    static Optional<Pop> of(Cell cell, Turn turn, Relevance relevance) {
        return switch (turn.actions().getFirst()) {
            case TrailAction.Swap s
            when s.to().leavesTabs() && cell.isWithinTabs() -> Optional.of(of(Going.SWAP_OUT, s, relevance));
            case TrailAction.ShowTab show
            when !cell.isRootOf(show.set()) -> Optional.of(of(Going.SHOW_TAB, show, relevance));
            case TrailAction.ToRoot to -> Optional.of(of(Going.TO_ROOT, to.set()));
            case TrailAction.Drop d -> Optional.of(of(Going.PLACE, ""));
            case TrailAction.DropTo to -> Optional.of(of(Going.DOWN_TO, to.screen()));
            case TrailAction.CloseLevel c -> Optional.of(of(Going.LEVEL, ""));
            case TrailAction.CloseToPages c ->
                Optional.of(
                        turn.actions().size() == 1
                                ? of(Going.TO_PAGES, "")
                                : toPages(turn.actions().getLast(), relevance));
            case TrailAction.Forward f -> Optional.empty();
            case TrailAction.Staying s -> Optional.empty();
            case TrailAction.Leave l -> Optional.empty();
        };
    }

    private static Pop toPages(TrailAction then, Relevance relevance) {
        return switch (then) {
            case TrailAction.Put put -> of(Going.TO_PAGES_AND_PUT, put, relevance);
            case TrailAction.Swap swap -> of(Going.TO_PAGES_AND_SWAP, swap, relevance);
            case TrailAction.Turn page -> of(Going.TO_PAGES_AND_TURN, page, relevance);
            case TrailAction.ShowTab show -> of(Going.TO_PAGES_AND_TAB, show, relevance);
            case TrailAction.Raise raise -> of(Going.TO_PAGES_AND_RAISE, raise, relevance);
            case TrailAction.ToRoot to -> of(Going.TO_PAGES_AND_ROOT, to.set());
            case TrailAction.DropTo to -> of(Going.TO_PAGES_AND_DOWN_TO, to.screen());
            case TrailAction.Drop d -> of(Going.TO_PAGES_AND_BACK, "");
            case TrailAction.CloseLevel c -> of(Going.TO_PAGES_AND_BACK, "");
            default -> of(Going.TO_PAGES, "");
        };
    }

    /** Id of the tab set that shows what comes. */
    public String set() {
        return tabs.getFirst().set();
    }

    /** Whether what comes leaves the tabs. */
    public boolean leavesTabs() {
        return outside || !tabs.isEmpty();
    }

    /** The same to go on from where it is down to. */
    public Pop going(Going other) {
        return new Pop(other, screen, held, at, tabs, outside);
    }

    /** What is done where it has come down to; only for those after which something comes. */
    TrailAction.Forward then(Prototype prototype) {
        Landing landing = new Landing(
                prototype.screen(screen).orElseThrow(), held.given(), held.typed(), at, tabs, held.from(), outside);
        return switch (going) {
            case SHOW_TAB, TO_PAGES_AND_TAB -> new TrailAction.ShowTab(set(), landing);
            case TO_PAGES_AND_PUT -> new TrailAction.Put(landing);
            case TO_PAGES_AND_TURN -> new TrailAction.Turn(landing);
            case TO_PAGES_AND_RAISE -> new TrailAction.Raise(landing);
            case SWAP_OUT, TO_PAGES_AND_SWAP -> new TrailAction.Swap(landing);
            default -> throw new IllegalStateException("Nothing comes after " + going);
        };
    }
}
