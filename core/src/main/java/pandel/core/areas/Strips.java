package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** A strip of tabs at the foot of a picture: three to seven signs or words with even middles in a low, wide bar. */
final class Strips {

    static final int FEWEST = 3;
    static final int MOST = 7;

    /** The highest bar that can be a strip, in px. */
    private static final int HIGHEST = 112;

    /** Where no bar is drawn, so much of the foot is looked at. */
    private static final int FOOT = 100;

    /** A gap of so many px parts two tabs. */
    private static final int GAP = 12;

    private Strips() {}

    /** The tabs of a strip at the foot, from the left. */
    static List<Box> at(Box page, List<Ground> grounds) {
        for (Ground ground : grounds) {
            Box bar = ground.box();
            if (bar.height() <= HIGHEST
                    && bar.width() >= 0.75 * page.width()
                    && page.bottom() - bar.bottom() <= 40
                    && !bar.equals(page)) {
                List<Box> cells = cells(bar, ground.things());
                if (!cells.isEmpty()) {
                    return cells;
                }
            }
        }
        Ground whole = grounds.getFirst();
        Optional<Box> line = whole.separators().stream()
                .filter(l -> l.width() >= 0.9 * page.width() && page.bottom() - l.bottom() <= HIGHEST)
                .max(Comparator.comparingInt(Box::top));
        int top = Math.max(page.top(), line.map(Box::bottom).orElse(page.bottom() - FOOT));
        List<Box> foot = whole.things().stream().filter(t -> t.top() >= top).toList();
        if (foot.isEmpty()) {
            return List.of();
        }
        int from = line.isPresent()
                ? top
                : Math.max(top, foot.stream().mapToInt(Box::top).min().orElse(top) - 8);
        return cells(new Box(page.left(), from, page.right(), page.bottom()), foot);
    }

    /** Even cells of a bar, or none where what is on it does not stand evenly. */
    private static List<Box> cells(Box bar, List<Box> things) {
        List<Box> clusters = clusters(things);
        int n = clusters.size();
        if (n < FEWEST || n > MOST) {
            return List.of();
        }
        double step = (clusters.getLast().middleX() - clusters.getFirst().middleX()) / (n - 1.0);
        for (int i = 1; i < n; i++) {
            double apart = clusters.get(i).middleX() - clusters.get(i - 1).middleX();
            if (Math.abs(apart - step) > Math.max(6, 0.08 * step)) {
                return List.of();
            }
        }
        double first = clusters.getFirst().middleX() - step / 2;
        // Tabs share the whole bar where their middles stand as if they did.
        if (Math.abs(first - bar.left()) < 0.2 * step && Math.abs(first + n * step - bar.right()) < 0.2 * step) {
            first = bar.left();
            step = (double) bar.width() / n;
        }
        List<Box> cells = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            cells.add(new Box(
                            (int) Math.round(first + i * step),
                            bar.top(),
                            (int) Math.round(first + (i + 1) * step),
                            bar.bottom())
                    .within(bar));
        }
        return cells;
    }

    private static List<Box> clusters(List<Box> things) {
        List<Box> clusters = new ArrayList<>();
        things.stream().sorted(Comparator.comparingInt(Box::left)).forEach(thing -> {
            if (!clusters.isEmpty() && thing.left() - clusters.getLast().right() < GAP) {
                clusters.add(clusters.removeLast().with(thing));
            } else {
                clusters.add(thing);
            }
        });
        return clusters;
    }
}
