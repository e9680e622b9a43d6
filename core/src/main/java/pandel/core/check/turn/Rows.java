package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell.Behind;
import pandel.core.model.Prototype;
import pandel.core.play.rule.TrailAction;

/** What turns do to the row of screens that are current on the levels, seen from a cell. */
public final class Rows {

    private final Prototype prototype;
    private final Relevance relevance;
    private final Successors leading;

    public Rows(Prototype prototype, Relevance relevance, Successors leading) {
        this.prototype = prototype;
        this.relevance = relevance;
        this.leading = leading;
    }

    /** Whether actions change the row of screens current on the levels, leaving the prototype aside. */
    public boolean changes(Cell cell, List<TrailAction> actions) {
        return switch (actions.getFirst()) {
            case TrailAction.Put put -> !put.screen().id().equals(cell.screen());
            case TrailAction.Swap swap -> !swap.screen().id().equals(cell.screen());
            case TrailAction.Turn page -> !page.screen().id().equals(cell.screen());
            case TrailAction.StepRow step -> false;
            case TrailAction.ShowTab show -> !show.screen().id().equals(cell.screen());
            case TrailAction.ToRoot to ->
                cell.around().stream()
                        .anyMatch(i -> i.set().equals(to.set()) && !i.screen().equals(cell.screen()));
            case TrailAction.Drop drop -> cell.behind() == Behind.ANOTHER_SCREEN;
            case TrailAction.DropTo to -> !mayShow(to.screen(), cell.screen());
            case TrailAction.Restart restart ->
                !cell.level().base() || !restart.screen().id().equals(cell.screen());
            case TrailAction.Raise r -> true;
            case TrailAction.CloseLevel c -> true;
            case TrailAction.CloseToPages c -> !opensItselfBeneath(cell, actions);
            case TrailAction.Staying s -> false;
            case TrailAction.Leave l -> false;
        };
    }

    /**
     * The other cell of the same row that actions lead to: a screen put on itself, dropping such copies until the
     * first, restarting at the screen that is the only one.
     */
    public Optional<Cell> same(Cell cell, Turn turn) {
        return switch (turn.actions().getFirst()) {
            case TrailAction.Put put when put.screen().id().equals(cell.screen()) -> leading.uncovered(cell, turn);
            case TrailAction.ShowTab show
            when show.screen().id().equals(cell.screen()) -> leading.uncovered(cell, turn);
            case TrailAction.StepRow step -> leading.uncovered(cell, turn).filter(c -> !c.equals(cell));
            case TrailAction.Turn page when page.screen().id().equals(cell.screen()) -> leading.uncovered(cell, turn);
            case TrailAction.Swap swap
            when swap.screen().id().equals(cell.screen()) ->
                leading.uncovered(cell, turn).filter(c -> !c.equals(cell));
            case TrailAction.Restart restart when !changes(cell, turn.actions()) -> leading.uncovered(cell, turn);
            case TrailAction.Staying s -> leading.uncovered(cell, turn);
            case TrailAction.Drop d
            when cell.behind() == Behind.SAME_SCREEN_ONLY && !mayDiffer(cell) ->
                Optional.of(cell.again(turn.facts()).with(Behind.NOTHING, 0));
            case TrailAction.DropTo to
            when cell.behind() == Behind.SAME_SCREEN_ONLY && !mayDiffer(cell) ->
                Optional.of(cell.again(turn.facts()).with(Behind.NOTHING, 0));
            default -> Optional.empty();
        };
    }

    /** Whether the same screen is opened again in place of itself: how many levels that leaves is not looked at. */
    private static boolean opensItselfBeneath(Cell cell, List<TrailAction> actions) {
        return actions.getFirst() instanceof TrailAction.CloseToPages
                && actions.getLast() instanceof TrailAction.Raise raise
                && raise.screen().id().equals(cell.screen());
    }

    /** Whether actions go back to an earlier place of the same screen, of which it is not known what lies behind it. */
    public boolean mayComeToItself(Cell cell, List<TrailAction> actions) {
        // What the copies behind were given is not known.
        boolean unlike = cell.behind() == Behind.SAME_SCREEN_ONLY && mayDiffer(cell);
        if (opensItselfBeneath(cell, actions)) {
            return true;
        }
        if (actions.getFirst() instanceof TrailAction.ToRoot || actions.getFirst() instanceof TrailAction.ShowTab) {
            return !changes(cell, actions);
        }
        return actions.getFirst() instanceof TrailAction.DropTo to
                        && mayShow(to.screen(), cell.screen())
                        && (cell.behind() != Behind.SAME_SCREEN_ONLY || unlike)
                || actions.getFirst() instanceof TrailAction.Drop && unlike;
    }

    /** Whether copies of a screen on a trail may hold different things, or stand in a sequence or alone. */
    private boolean mayDiffer(Cell cell) {
        return !prototype.tabSets().isEmpty()
                || relevance.anyHeld(cell.screen())
                || !prototype.index().sequencesOf(cell.screen()).isEmpty();
    }

    /**
     * Whether a place named so may show a screen.
     *
     * @param id of a screen or sequence
     */
    private boolean mayShow(String id, String screen) {
        return id.equals(screen)
                || prototype.tabSet(id).isPresent()
                || prototype
                        .sequence(id)
                        .filter(s -> s.pages().contains(screen))
                        .isPresent();
    }

    /** Whether a turn shows a tab as it was left, from where its root need not be come to. */
    public boolean isUncertain(Turn turn) {
        return turn.actions().getLast() instanceof TrailAction.ShowTab show
                && !relevance.tabs().comesFresh(show.set());
    }

    /** Whether a turn shows a tab as it was left, and that may be the very screen it is done on. */
    public boolean mayShowItself(Cell cell, Turn turn) {
        return isUncertain(turn)
                && (!changes(cell, turn.actions()) || relevance.tabs().mayStandElsewhere(cell.screen()));
    }
}
