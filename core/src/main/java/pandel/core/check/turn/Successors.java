package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell.Behind;
import pandel.core.check.turn.Cell.Ground;
import pandel.core.model.device.Device;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.LevelKind;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;

/** Which cell a turn leads to from another. */
public final class Successors {

    private final Device device;
    private final FollowedScreens named;
    private final Relevance relevance;
    private final Rules rules;

    public Successors(Device device, FollowedScreens named, Relevance relevance, Rules rules) {
        this.rules = rules;
        this.device = device;
        this.named = named;
        this.relevance = relevance;
    }

    /** The cell that a turn leads to; empty when it goes back to a place that was come to before. */
    public Optional<Cell> uncovered(Cell cell, Turn turn) {
        Optional<Cell> to = place(cell, turn);
        return turn.stays() || turn.drawer().isEmpty()
                ? to
                : to.map(c -> rules.opensAt(
                                device,
                                c.screen(),
                                CellTab.around(c.around()),
                                turn.drawer().get())
                        ? c.drawn(turn.drawer())
                        : c);
    }

    /** What the new place of a turn that goes forward is, in whatever it lies then. */
    public Context.Core core(Context.Core from, Turn turn) {
        TrailAction.Forward to = (TrailAction.Forward) turn.actions().getLast();
        PlaceMemory held = to instanceof TrailAction.Turn page ? relevance.turned(page, from.held()) : relevance.of(to);
        return new Context.Core(to.screen().id(), held, relevance.of(to.at()), 0, Optional.empty());
    }

    private Optional<Cell> place(Cell cell, Turn turn) {
        List<TrailAction> actions = turn.actions();
        Cell on = actions.getFirst() instanceof TrailAction.CloseToPages && actions.size() > 1
                ? uncoveredGround(cell)
                : cell;
        return switch (actions.getLast()) {
            case TrailAction.Put put ->
                Optional.of(put(
                        on,
                        put,
                        on == cell
                                ? put.to().leavesTabs() ? on.marksWhenPutOutside(named) : on.marksWhenPut(named)
                                : on.marks() | cell.ground().current(),
                        turn.facts()));
            case TrailAction.Swap swap
            when swap.to().leavesTabs() && !on.around().isEmpty() -> {
                CellTab set = on.around().getFirst();
                Behind behind = set.behind().whenSwapped(swap.screen().id().equals(set.screen()));
                yield Optional.of(placed(
                        on,
                        swap,
                        behind,
                        set.marks(),
                        turn.facts(),
                        CellTab.entering(relevance, swap.to(), behind, set.marks()),
                        on.past()));
            }
            case TrailAction.Swap swap -> Optional.of(swapped(on, swap, turn.facts()));
            // Roots of other tabs were come to when the set was, where a deeper place forgets what is behind the set.
            case TrailAction.ShowTab show
            when (on.isIn(show.set()) ? on.around() : on.past())
                    .stream().anyMatch(i -> i.set().equals(show.set()) && i.isForgetful()) -> Optional.empty();
            case TrailAction.ShowTab show -> Optional.of(showing(on, show, turn.facts()));
            case TrailAction.ToRoot to -> Optional.empty();
            // What was typed on the other pages stays, and so does what lies behind.
            case TrailAction.Turn page ->
                Optional.of(swapped(on, page, turn.facts()).holding(relevance.turned(page, cell.held())));
            case TrailAction.StepRow step -> Optional.of(swapped(on, step, turn.facts()));
            case TrailAction.Restart restart ->
                Optional.of(Cell.start(
                        restart.screen().id(),
                        device.levels() > 0 ? 1 : 0,
                        turn.facts(),
                        relevance.of(restart),
                        relevance.of(restart.at()),
                        CellTab.entering(relevance, restart.to(), Behind.NOTHING, 0)));
            case TrailAction.Raise raise -> {
                LevelKind opened = LevelKind.openedWith(raise.screen());
                Ground above = on == cell ? cell.groundAbove(named) : cell.ground();
                yield Optional.of(new Cell(
                        raise.screen().id(),
                        opened,
                        Behind.NOTHING,
                        0,
                        opened.holdsPages() && !relevance.goesBeneath() ? Ground.ITSELF : above,
                        device.levels() > 0 ? on.levels() + 1 : 0,
                        turn.facts(),
                        relevance.of(raise),
                        relevance.of(raise.at()),
                        CellTab.entering(relevance, raise.to(), Behind.NOTHING, 0),
                        List.of(),
                        0,
                        Optional.empty()));
            }
            case TrailAction.Staying s ->
                Optional.of(cell.staying(turn.facts(), turn.waited())
                        .holding(turn.held())
                        .drawn(turn.drawer()));
            case TrailAction.Drop d -> Optional.empty();
            case TrailAction.DropTo d -> Optional.empty();
            case TrailAction.CloseLevel c -> Optional.empty();
            case TrailAction.CloseToPages c -> Optional.empty();
            case TrailAction.Leave l -> Optional.empty();
        };
    }

    private Cell put(Cell on, TrailAction.Put put, int marks, Facts facts) {
        Behind behind = on.behind().whenPut(put.screen().id().equals(on.screen()));
        return put.to().leavesTabs()
                ? placed(
                        on,
                        put,
                        behind,
                        marks,
                        facts,
                        CellTab.entering(relevance, put.to(), behind, marks),
                        on.around().isEmpty() ? on.past() : CellTab.behind(on.around(), relevance))
                : placed(on, put, behind, marks, facts, CellTab.deeper(on.around(), relevance), on.past());
    }

    /** CellTab place of what is there, entering the sets it leads to where it is in none. */
    private Cell swapped(Cell on, TrailAction.Forward to, Facts facts) {
        Behind behind = on.behind().whenSwapped(to.screen().id().equals(on.screen()));
        List<CellTab> around = on.around().isEmpty()
                ? CellTab.entering(relevance, to.to(), behind, on.marks())
                : CellTab.instead(on.around(), to.screen().id());
        return placed(on, to, behind, on.marks(), facts, around, on.past());
    }

    /** The root of another tab, as if it had not been shown before; as it was left it was come to before. */
    private Cell showing(Cell on, TrailAction.ShowTab show, Facts facts) {
        boolean inside = on.isIn(show.set());
        List<CellTab> around = CellTab.showing(
                inside ? on.around() : on.past(),
                show.set(),
                show.to().tabs(),
                show.screen().id());
        CellTab set = around.stream()
                .filter(i -> i.set().equals(show.set()))
                .findFirst()
                .orElseThrow();
        return placed(on, show, set.behind(), set.marks(), facts, around, inside ? on.past() : List.of());
    }

    private Cell placed(
            Cell on,
            TrailAction.Forward to,
            Behind behind,
            int marks,
            Facts facts,
            List<CellTab> around,
            List<CellTab> past) {
        return new Cell(
                to.screen().id(),
                on.level(),
                behind,
                marks,
                on.ground(),
                on.levels(),
                facts,
                relevance.of(to),
                relevance.of(to.at()),
                around,
                past,
                0,
                Optional.empty());
    }

    /** As much of the ground beneath a cell as is known; which screen it is, is not. */
    private Cell uncoveredGround(Cell cell) {
        Ground ground = cell.ground();
        return new Cell(
                "",
                ground.level(),
                ground.first() ? Behind.NOTHING : Behind.ANOTHER_SCREEN,
                ground.marks(),
                ground.level().base() || !relevance.goesBeneath() ? Ground.ITSELF : Ground.UNKNOWN,
                ground.levels(),
                cell.facts(),
                PlaceMemory.NONE,
                ground.at(),
                ground.around(),
                ground.past(),
                0,
                Optional.empty());
    }
}
