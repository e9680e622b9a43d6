package pandel.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;

/**
 * Ways that share an end and so may share lines: all from one screen, or all to one. In each gap between columns it has
 * one upright track, through each column that it passes one passage.
 */
final class Net {

    /** Where a line enters or leaves a gap; {@code key} is the screen that it belongs to there, or the net. */
    record Reach(double y, String key) {}

    /** What lies in one gap. */
    static final class InGap {
        final List<Reach> lefts = new ArrayList<>();
        final List<Reach> rights = new ArrayList<>();
        private double from = Double.MAX_VALUE;
        private double to = -Double.MAX_VALUE;

        private void add(List<Reach> side, Reach reach) {
            if (!side.contains(reach)) {
                side.add(reach);
                from = Math.min(from, reach.y());
                to = Math.max(to, reach.y());
            }
        }

        /** Whether a line at that height has to cross the track. */
        boolean spans(double y) {
            return y > from && y < to;
        }

        boolean isUpright() {
            return to > from;
        }

        boolean hasAt(String key) {
            return lefts.stream().anyMatch(r -> r.key().equals(key))
                    || rights.stream().anyMatch(r -> r.key().equals(key));
        }

        /** How often lines of two nets cross when the track of this one lies to the left of the other's. */
        static int crossings(InGap left, InGap right) {
            int n = 0;
            for (Reach reach : left.rights) {
                n += right.spans(reach.y()) && !right.hasAt(reach.key()) ? 1 : 0;
            }
            for (Reach reach : right.lefts) {
                n += left.spans(reach.y()) && !left.hasAt(reach.key()) ? 1 : 0;
            }
            return n;
        }
    }

    final String key;
    final List<Chart.Line> lines;
    private final Map<Integer, Double> passages = new TreeMap<>();
    private final Map<Integer, InGap> gaps = new TreeMap<>();

    Net(String key, List<Chart.Line> lines) {
        this.key = key;
        this.lines = List.copyOf(lines);
    }

    Map<Integer, InGap> gaps() {
        return gaps;
    }

    void enters(int gap, Reach reach) {
        InGap in = gaps.computeIfAbsent(gap, g -> new InGap());
        in.add(in.lefts, reach);
    }

    void leaves(int gap, Reach reach) {
        InGap in = gaps.computeIfAbsent(gap, g -> new InGap());
        in.add(in.rights, reach);
    }

    Set<Integer> passed() {
        return passages.keySet();
    }

    /** Goes through a column at a height; what lies in gaps has to be told anew. */
    void pass(int column, double y) {
        passages.put(column, y);
        gaps.clear();
    }

    double passage(int column) {
        return Objects.requireNonNull(passages.get(column));
    }
}
