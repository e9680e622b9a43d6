package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;

/** Boxes of one size that stand in rows or columns with one another. */
final class Alike {

    /** So far they may be apart in size and place, in px. */
    private static final int NEAR = 2;

    private final List<Box> boxes = new ArrayList<>();
    private final TreeSet<Integer> lefts = new TreeSet<>();
    private final TreeSet<Integer> tops = new TreeSet<>();

    private Alike() {}

    /** By box, the boxes alike, itself with them, from the top and the left. */
    static Map<Box, List<Box>> of(List<Box> boxes) {
        List<Alike> groups = new ArrayList<>();
        for (Box box : boxes) {
            Alike group = groups.stream().filter(g -> g.takes(box)).findFirst().orElse(null);
            if (group == null) {
                group = new Alike();
                groups.add(group);
            }
            group.add(box);
        }
        Map<Box, List<Box>> alike = new HashMap<>();
        for (Alike group : groups) {
            List<Box> all = group.boxes.stream()
                    .sorted(Comparator.comparingInt(Box::top).thenComparingInt(Box::left))
                    .toList();
            all.forEach(box -> alike.put(box, all));
        }
        return alike;
    }

    private boolean takes(Box box) {
        Box first = boxes.getFirst();
        return first.isAsLargeAs(box, NEAR) && (near(lefts, box.left()) || near(tops, box.top()));
    }

    private static boolean near(NavigableSet<Integer> edges, int edge) {
        Integer next = edges.ceiling(edge - NEAR);
        return next != null && next <= edge + NEAR;
    }

    private void add(Box box) {
        boxes.add(box);
        lefts.add(box.left());
        tops.add(box.top());
    }
}
