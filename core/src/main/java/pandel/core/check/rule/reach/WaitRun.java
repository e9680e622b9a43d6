package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.turn.Turn;
import pandel.core.model.link.Event;
import pandel.core.play.rule.TrailAction;

/**
 * What happens from a node on when nobody does anything and nothing but waits can: one step after another, with the
 * places put since. It ends where it goes back behind its start, where something else can be done, or where it comes
 * round.
 */
public final class WaitRun {

    private static final int LONGEST = 1000;
    /** The number of the one turn that there is. */
    private static final int FIRST = 0;

    /**
     * A place put since the start.
     *
     * @param opened whether it opened its level
     */
    private record Place(Node node, boolean opened) {}

    /**
     * A moment of the run.
     *
     * @param height how many places there were
     */
    private record Moment(Node node, int height) {}

    private final Reachability exploration;
    private final List<Place> places = new ArrayList<>();
    private final List<Moment> past = new ArrayList<>();

    private WaitRun(Reachability exploration) {
        this.exploration = exploration;
    }

    /** The nodes of the round that a run from a node comes to; empty when it ends. */
    static Optional<List<Node>> round(Reachability exploration, Node from) {
        return new WaitRun(exploration).run(from);
    }

    private Optional<List<Node>> run(Node from) {
        places.add(new Place(from, false));
        for (int i = 0; i < LONGEST && !places.isEmpty(); i++) {
            Node now = places.getLast().node();
            if (!isMovedByWaitAlone(now) || now.isInexact()) {
                return Optional.empty();
            }
            Optional<List<Node>> round = roundAt(now);
            if (round.isPresent()) {
                return round;
            }
            past.add(new Moment(now, places.size()));
            go(now, now.turns().getFirst());
        }
        return Optional.empty();
    }

    /** It has come round when it stood in the same cell before and has not gone back behind that since. */
    private Optional<List<Node>> roundAt(Node now) {
        int lowest = places.size();
        for (int i = past.size() - 1; i >= 0; i--) {
            lowest = Math.min(lowest, past.get(i).height());
            if (past.get(i).node() == now && past.get(i).height() <= lowest) {
                return Optional.of(
                        past.subList(i, past.size()).stream().map(Moment::node).toList());
            }
        }
        return Optional.empty();
    }

    private static boolean isMovedByWaitAlone(Node node) {
        return !node.isDoubted()
                && node.turns().size() == 1
                && node.turns().getFirst().events().getLast().plain() instanceof Event.Elapse
                && node.turns().getFirst().events().stream()
                        .allMatch(e -> e.plain() instanceof Event.Elapse || e.plain() instanceof Event.Scroll);
    }

    /** Leaves no places where it goes back behind the start. */
    private void go(Node now, Turn turn) {
        Optional<Node> next = Optional.ofNullable(exploration.next(now, FIRST));
        for (TrailAction action : turn.actions()) {
            switch (action) {
                case TrailAction.Put p -> next.ifPresent(n -> places.add(new Place(n, false)));
                case TrailAction.Raise r -> next.ifPresent(n -> places.add(new Place(n, true)));
                case TrailAction.Turn t -> stay(next);
                case TrailAction.StepRow s -> stay(next);
                case TrailAction.Swap s -> stay(next);
                case TrailAction.Restart r -> {
                    places.clear();
                    next.ifPresent(n -> places.add(new Place(n, false)));
                }
                case TrailAction.Drop d -> places.removeLast();
                // What a tab set shows then is not followed.
                case TrailAction.ShowTab t -> places.clear();
                case TrailAction.ToRoot t -> places.clear();
                case TrailAction.DropTo to -> dropTo(to.screen());
                case TrailAction.CloseLevel c -> closeLevel();
                case TrailAction.CloseToPages c -> {
                    do {
                        closeLevel();
                    } while (!places.isEmpty()
                            && !places.getLast().node().cell.level().holdsPages());
                }
                case TrailAction.Staying s -> stay(next);
                case TrailAction.Leave l -> places.clear();
            }
            if (places.isEmpty()) {
                return;
            }
        }
        if (!(turn.actions().getLast() instanceof TrailAction.Forward) && !turn.stays()) {
            uncovered(now);
        }
    }

    /** What is uncovered begins its waits anew, with what is remembered by now. */
    private void uncovered(Node from) {
        Place last = places.removeLast();
        Node again = exploration.again(last.node(), from, FIRST);
        if (again != null) {
            places.add(new Place(again, last.opened()));
        } else {
            places.clear();
        }
    }

    private void stay(Optional<Node> next) {
        next.ifPresent(
                n -> places.set(places.size() - 1, new Place(n, places.getLast().opened())));
    }

    private void dropTo(String screen) {
        do {
            boolean opened = places.removeLast().opened();
            if (opened) {
                places.clear();
            }
        } while (!places.isEmpty() && !places.getLast().node().cell.isNamed(screen));
    }

    private void closeLevel() {
        boolean opened = false;
        while (!places.isEmpty() && !opened) {
            opened = places.removeLast().opened();
        }
    }
}
