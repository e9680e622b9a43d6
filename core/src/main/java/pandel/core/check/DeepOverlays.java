package pandel.core.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pandel.core.check.Exploration.Node;
import pandel.core.model.Event;
import pandel.core.play.TrailAction;

/** {@code deep-overlays}: three or more open at once, one finding with all screens that can be the third. */
final class DeepOverlays {

    private static final int DEEP = 3;

    /** A cell with how many overlays are open there, and how many where closing to pages leads. */
    private record At(Cell cell, int open, int openBelow) {
    }

    private record Going(At at, Node node, @Nullable Going from, List<Event> by) {
    }

    private DeepOverlays() {
    }

    static List<Finding> in(Grounds grounds) {
        Map<String, Walk> third = new LinkedHashMap<>();
        for (Exploration exploration : grounds.explorations()) {
            search(exploration, third);
        }
        if (third.isEmpty() && grounds.explorations().stream().anyMatch(Exploration::isDoubtful)) {
            grounds.unsettled().accept(new Unsettled(Rule.DEEP_OVERLAYS, "", "Whether three things can be open above one another."));
        }
        return third.isEmpty() ? List.of() : List.of(finding(grounds, List.copyOf(third.keySet()), third.values().iterator().next()));
    }

    private static void search(Exploration exploration, Map<String, Walk> third) {
        Deque<Going> horizon = new ArrayDeque<>();
        Set<At> seen = new HashSet<>();
        exploration.nodes().stream().filter(n -> n.distance == 0)
                .forEach(n -> horizon.add(new Going(new At(n.cell, 0, 0), n, null, List.of())));
        while (!horizon.isEmpty()) {
            Going going = horizon.remove();
            if (!seen.add(going.at())) {
                continue;
            }
            if (going.at().open() == DEEP) {
                third.computeIfAbsent(going.at().cell().screen(), id -> walk(exploration, going));
                continue;
            }
            for (Turn turn : going.node().turns) {
                exploration.after(going.node(), turn).ifPresent(next -> {
                    boolean raises = turn.actions().getLast() instanceof TrailAction.Raise;
                    boolean closes = turn.actions().getFirst() instanceof TrailAction.CloseToPages;
                    int open = turn.actions().getLast() instanceof TrailAction.Restart ? 0 : closes ? going.at().openBelow() : raises ? going.at().open() + 1 : going.at().open();
                    int below = next.cell.level().holdsPages() ? open : raises && going.at().cell().level().holdsPages()
                            ? going.at().open() : going.at().openBelow();
                    horizon.add(new Going(new At(next.cell, open, below), next, going, turn.events()));
                });
            }
        }
    }

    private static Walk walk(Exploration exploration, Going end) {
        List<List<Event>> parts = new ArrayList<>();
        Going at = end;
        while (at.from() != null) {
            parts.add(at.by());
            at = at.from();
        }
        return exploration.walkTo(at.node()).and(parts.reversed().stream().flatMap(List::stream).toList());
    }

    private static Finding finding(Grounds grounds, List<String> screens, Walk walk) {
        return Finding.about(Rule.DEEP_OVERLAYS, Weight.WARNING, Words.screens(grounds.prototype(), screens) + " can be the third thing open above the page.",
                screens, Optional.of(walk));
    }
}
