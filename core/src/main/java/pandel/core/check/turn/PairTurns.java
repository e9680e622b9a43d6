package pandel.core.check.turn;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.model.Look;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.TrailAction;

/**
 * What the list of a pair does at its detail. On a wide device it may lie right behind that, and takes gestures too;
 * whether it does is not known. What ends in a move there is what it would be once the detail was returned from: where
 * that can be done anyhow, nothing else comes of it.
 */
public final class PairTurns {

    private final LinkTurns turns;
    private final Done done;
    private final Cell cell;

    private PairTurns(LinkTurns turns, Done done, Cell cell) {
        this.turns = turns;
        this.done = done;
        this.cell = cell;
    }

    /**
     * @param done with everything else that can be done at the cell
     * @param back what device back does there
     */
    static void add(LinkTurns turns, Done done, Cell cell, Done back) {
        if (!Standing.mayBeDetail(turns.prototype(), turns.device(), cell)) {
            return;
        }
        PairTurns pairs = new PairTurns(turns, done, cell);
        boolean returns = done.sure().stream().anyMatch(pairs::returns);
        boolean goesBack = returns || back.sure().stream().anyMatch(pairs::returns);
        for (Screen list : turns.prototype().pairs().stream()
                .filter(p -> p.detail().equals(cell.screen()))
                .flatMap(p -> turns.prototype().screen(p.list()).stream())
                .toList()) {
            pairs.add(list, returns);
            if (!goesBack) {
                done.doubtful()
                        .add(new Turn(
                                List.of(),
                                Optional.empty(),
                                List.of(new TrailAction.Drop()),
                                cell.facts(),
                                cell.held(),
                                0,
                                Optional.empty()));
            }
        }
    }

    /** Whether a turn goes back to the place right behind, and does nothing besides. */
    private boolean returns(Turn turn) {
        return turn.actions().size() == 1
                && turn.actions().getFirst() instanceof TrailAction.Drop
                && turn.facts().equals(cell.facts());
    }

    private void add(Screen list, boolean returns) {
        Done all = new Done();
        Head head = turns.head(cell).beside(list.id());
        if (cell.drawer().isEmpty()) {
            Stream.of(Gesture.EDGE_SWIPE_LEFT, Gesture.EDGE_SWIPE_RIGHT)
                    .filter(turns::knows)
                    .forEach(edge -> turns.rules()
                            .pulled(head, edge)
                            .filter(d ->
                                    turns.rules().pulled(turns.head(cell), edge).isEmpty())
                            .ifPresent(drawer -> all.doubtful()
                                    .add(turns.turn(
                                            cell,
                                            List.of(new Event.Touched(edge, new Event.On.Point(0, 0))),
                                            Optional.empty(),
                                            List.of(new TrailAction.OpenDrawer(drawer.id()))))));
        }
        Set<String> links = new LinkedHashSet<>();
        // A mock for a narrow side may have what the list alone has not.
        Set<String> only = new LinkedHashSet<>();
        turns.touches(
                list.links(),
                touch -> true,
                (touch, link) -> turns.add(
                        all,
                        cell,
                        head,
                        List.of(),
                        new Event.OnList(new Event.Touched(touch, new Event.On.Point(0, 0))),
                        link));
        list.links().forEach(link -> links.add(link.id()));
        if (turns.knows(Gesture.TAP)) {
            Head alone = turns.head(cell).on(list.id());
            turns.rules().header(alone).stream()
                    .flatMap(h -> h.links().stream())
                    .forEach(link -> {
                        links.add(link.id());
                        turns.add(
                                all,
                                cell,
                                head,
                                List.of(),
                                new Event.OnList(new Event.Touched(Gesture.TAP, new Event.On.OnSign(link.id()))),
                                link);
                    });
        }
        for (Hotspot hotspot : turns.prototype().index().hotspotsOn(list.id())) {
            turns.rows(hotspot)
                    .forEach(row -> turns.touches(
                            hotspot.links(),
                            touch -> true,
                            (touch, link) -> turns.add(
                                    all,
                                    cell,
                                    head.atRow(hotspot.touchedRow(row)),
                                    List.of(),
                                    new Event.Touched(touch, new Event.On.OnHotspot(hotspot.id(), row)),
                                    link)));
            hotspot.linkFor(new Cause.Submit())
                    .ifPresent(link -> turns.add(all, cell, head, List.of(), new Event.Submitted(hotspot.id()), link));
            List<String> ids = hotspot.links().stream().map(Link::id).toList();
            links.addAll(ids);
            if (Look.plain(list).areaOf(hotspot, Width.WIDE).isEmpty()) {
                only.addAll(ids);
            }
        }
        done.back().addAll(returns ? only : links);
        Stream.concat(all.sure().stream(), all.doubtful().stream())
                .filter(turn ->
                        remains(turn) || turn.link().filter(only::contains).isPresent())
                .forEach(turn -> {
                    turn.link().ifPresent(done.back()::add);
                    done.doubtful().add(turn);
                });
    }

    /** Whether the detail stays where it is, and something is not as before. */
    private boolean remains(Turn turn) {
        return turn.stays()
                && !(turn.facts().equals(cell.facts()) && turn.drawer().equals(cell.drawer()));
    }
}
