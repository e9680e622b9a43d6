package pandel.core.check.solve;

import com.carrotsearch.hppc.IntArrayList;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.CellTab;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Start;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.Landing;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Tabs;
import pandel.core.play.situation.Visit;

/** The places where play begins. */
final class StartCells {

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

    /**
     * The places of a start.
     *
     * @param heads one lying on the other; the last is current
     * @param valuation what facts hold
     */
    record Lying(int[] heads, int valuation) {

        int current() {
            return heads[heads.length - 1];
        }
    }

    /** The places of a usable start. */
    static Lying lying(PushdownSystem system, Start start) {
        Relevance relevance = system.relevance();
        Situation situation =
                Situation.at(system.prototype(), start, system.device()).orElseThrow();
        int one = system.device().levels() > 0 ? 1 : 0;
        IntArrayList heads = new IntArrayList();
        for (Level level : situation.levels()) {
            for (Visit visit : level.trail().places()) {
                heads.add(
                        heads.isEmpty()
                                ? system.head(Cell.start(
                                        visit.screen(),
                                        one,
                                        Facts.NONE,
                                        relevance.of(visit),
                                        relevance.of(visit.at()),
                                        CellTab.entering(relevance, visit)))
                                : above(system, heads.get(heads.size() - 1), level, visit));
            }
        }
        return new Lying(heads.toArray(), system.valuations().of(relevance.of(situation.facts())));
    }

    private static int above(PushdownSystem system, int under, Level level, Visit visit) {
        Screen screen = system.prototype().screen(visit.screen()).orElseThrow();
        boolean opens = level.trail().places().getFirst() == visit;
        Landing landing = new Landing(
                screen,
                visit.held().given(),
                visit.at(),
                visit.tabs().stream().map(Tabs::in).toList(),
                visit.inside() == 0);
        int head = system.after(under, opens ? new TrailAction.Raise(landing) : new TrailAction.Put(landing));
        return system.head(system.cell(head).holding(system.relevance().of(screen.id(), visit.held())));
    }
}
