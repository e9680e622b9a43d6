package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The rows of lists on a ground: things of the same place, width and height beneath one another at an even step, each
 * with what stands beside it. A heading between two of them makes no two lists of one.
 */
final class Rows {

    /** So far edges of alike things may be apart, in px. */
    private static final int NEAR = 2;

    /** A thing that leads a row is at least so high. */
    private static final int LEAST = 16;

    /** Lines of words that lead rows are at least so many. */
    private static final int FEWEST_WORDS = 3;

    /** A gap wider than this share of the ground is passed only to what stands there in other rows too. */
    private static final double FAR = 0.25;

    /** A line so near to where a row is cut, as a share of its height, is where it ends. */
    private static final double CUT = 0.08;

    private final Ground ground;

    private Rows(Ground ground) {
        this.ground = ground;
    }

    /** The rows of each list on a ground, each list from the top. */
    static List<List<Box>> on(Ground ground) {
        Rows rows = new Rows(ground);
        List<List<Box>> lists = new ArrayList<>();
        List<Box> leaders = new ArrayList<>(ground.boxes());
        leaders.addAll(ground.drawings());
        for (List<Box> family : families(leaders)) {
            if (family.getFirst().height() >= LEAST) {
                rows.list(family, 1).ifPresent(lists::add);
            }
        }
        for (List<Box> family : families(ground.lines())) {
            boolean taken = lists.stream()
                    .flatMap(List::stream)
                    .anyMatch(row -> family.stream().anyMatch(row::contains));
            if (!taken && family.size() >= FEWEST_WORDS) {
                rows.list(family, FEWEST_WORDS).ifPresent(lists::add);
            }
        }
        return lists;
    }

    /** Things of the same left edge, width and height, beneath one another. */
    private static List<List<Box>> families(List<Box> things) {
        List<List<Box>> families = new ArrayList<>();
        things.stream().sorted(Comparator.comparingInt(Box::top)).forEach(thing -> {
            for (List<Box> family : families) {
                if (alike(family.getFirst(), thing)
                        && thing.top() >= family.getLast().bottom()) {
                    family.add(thing);
                    return;
                }
            }
            families.add(new ArrayList<>(List.of(thing)));
        });
        return families;
    }

    private static boolean alike(Box one, Box other) {
        return Math.abs(one.left() - other.left()) <= NEAR && one.isAsLargeAs(other, 2 * NEAR);
    }

    private Optional<List<Box>> list(List<Box> family, int fewest) {
        Box first = family.getFirst();
        // What is wide is a row itself.
        if (first.width() >= 0.5 * ground.box().width()) {
            return Optional.empty();
        }
        int step = step(family);
        Optional<Box> beneath = separator(first, step == 0 ? 2 * first.height() : step);
        if (step == 0 && beneath.isEmpty() || step > 4 * first.height() + 60) {
            return Optional.empty();
        }
        int height = step != 0 ? step : 2 * (beneath.orElseThrow().top() - first.middleY());
        List<Box> bands = new ArrayList<>();
        for (Box leader : family) {
            int cut = leader.middleY() + (height + 1) / 2;
            int bottom = separator(leader, height)
                    .map(Box::top)
                    .filter(line -> Math.abs(line - cut) <= CUT * height)
                    .orElse(cut);
            bands.add(new Box(ground.box().left(), bottom - height, ground.box().right(), bottom).within(ground.box()));
        }
        List<Box> rows = new ArrayList<>();
        List<List<Box>> beside = new ArrayList<>();
        for (int i = 0; i < bands.size(); i++) {
            beside.add(beside(bands.get(i), family.get(i)));
        }
        int left = first.left();
        int right = 0;
        for (int i = 0; i < bands.size(); i++) {
            if (beside.get(i).isEmpty()) {
                return Optional.empty();
            }
            right = Math.max(right, reach(family.get(i), beside.get(i), beside));
        }
        if (right - left < 3 * first.height()) {
            return Optional.empty();
        }
        for (Box line : ground.separators()) {
            if (bands.stream().anyMatch(b -> Math.abs(b.bottom() - line.top()) <= NEAR) && line.left() < right) {
                right = Math.max(right, Math.min(line.right(), right + first.height()));
            }
        }
        int pad = Math.min(10, Math.min(left - ground.box().left(), ground.box().right() - right) / 2);
        for (Box band : bands) {
            rows.add(new Box(left - Math.max(0, pad), band.top(), right + Math.max(0, pad), band.bottom()));
        }
        return rows.size() < fewest || rows.stream().anyMatch(r -> r.size() == 0)
                ? Optional.empty()
                : Optional.of(List.copyOf(rows));
    }

    /** The smallest distance between two of a family, where it is met more than by chance; 0 where there is none. */
    private static int step(List<Box> family) {
        int step = 0;
        for (int i = 1; i < family.size(); i++) {
            int apart = family.get(i).middleY() - family.get(i - 1).middleY();
            step = step == 0 ? apart : Math.min(step, apart);
        }
        return step;
    }

    /** The line beneath something, if it is near enough to part it from the next. */
    private Optional<Box> separator(Box leader, int within) {
        return ground.separators().stream()
                .filter(l -> l.width() > l.height()
                        && l.top() >= leader.bottom() - NEAR
                        && l.top() <= leader.middleY() + 0.75 * within
                        && l.right() > leader.right() + leader.width())
                .min(Comparator.comparingInt(Box::top));
    }

    /** What stands beside a leader in its band, from the left. */
    private List<Box> beside(Box band, Box leader) {
        return ground.things().stream()
                .filter(t -> !t.equals(leader)
                        && t.left() >= leader.right()
                        && t.middleY() >= band.top()
                        && t.middleY() < band.bottom()
                        && t.height() <= band.height())
                .sorted(Comparator.comparingInt(Box::left))
                .toList();
    }

    /** Where a row ends at the right: before what leads another list, and before a wide gap. */
    private int reach(Box leader, List<Box> things, List<List<Box>> others) {
        int right = leader.right();
        for (Box thing : things) {
            if (thing.isAsLargeAs(leader, 2 * NEAR) && Math.abs(thing.top() - leader.top()) <= NEAR) {
                break;
            }
            if (thing.left() - right > FAR * ground.box().width() && !isRepeated(thing, others)) {
                break;
            }
            right = Math.max(right, thing.right());
        }
        return right;
    }

    private static boolean isRepeated(Box thing, List<List<Box>> rows) {
        long with = rows.stream()
                .filter(row -> row.stream()
                        .anyMatch(t -> Math.abs(t.right() - thing.right()) <= NEAR
                                || Math.abs(t.left() - thing.left()) <= NEAR))
                .count();
        return with * 2 >= rows.size();
    }
}
