package pandel.core.check.solve;

import java.util.ArrayList;
import java.util.List;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.CellTab;
import pandel.core.check.compile.Relevance;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.Landing;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Tabs;
import pandel.core.play.situation.Visit;

/** The cells where play begins. */
public final class StartCells {

    private StartCells() {}

    /** Whether play can begin there on a device. */
    static boolean isUsable(Prototype prototype, Device device, Start start) {
        return Situation.at(prototype, start, device)
                .filter(s -> s.levels().stream()
                        .allMatch(l -> l.trail().places().stream()
                                .noneMatch(v -> prototype
                                                .screen(v.screen())
                                                .orElseThrow()
                                                .status()
                                        == Status.PARKED)))
                .filter(s -> device.levels() == 0 || s.levels().size() <= device.levels())
                .isPresent();
    }

    /** The only place of an entry, where nothing is remembered. */
    static Cell begun(Reachability exploration, Prototype prototype, Relevance relevance, Entry entry) {
        return lying(exploration, prototype, relevance, entry).getLast();
    }

    /** The places of a usable start, one lying on the other; the last is current. */
    static List<Cell> lying(Reachability exploration, Prototype prototype, Relevance relevance, Start start) {
        Situation situation =
                Situation.at(prototype, start, exploration.device()).orElseThrow();
        Facts facts = relevance.of(situation.facts());
        int one = exploration.device().levels() > 0 ? 1 : 0;
        List<Cell> cells = new ArrayList<>();
        for (Level level : situation.levels()) {
            for (Visit visit : level.trail().places()) {
                cells.add(
                        cells.isEmpty()
                                ? Cell.start(
                                        visit.screen(),
                                        one,
                                        facts,
                                        relevance.of(visit),
                                        relevance.of(visit.at()),
                                        CellTab.entering(relevance, visit))
                                : above(exploration, prototype, relevance, cells.getLast(), level, visit));
            }
        }
        return cells;
    }

    private static Cell above(
            Reachability exploration, Prototype prototype, Relevance relevance, Cell under, Level level, Visit visit) {
        Screen screen = prototype.screen(visit.screen()).orElseThrow();
        boolean opens = level.trail().places().getFirst() == visit;
        Landing landing = new Landing(
                screen,
                visit.held().given(),
                visit.at(),
                visit.tabs().stream().map(Tabs::in).toList(),
                visit.inside() == 0);
        return exploration
                .after(under, opens ? new TrailAction.Raise(landing) : new TrailAction.Put(landing), under.facts())
                .holding(relevance.of(screen.id(), visit.held()));
    }
}
