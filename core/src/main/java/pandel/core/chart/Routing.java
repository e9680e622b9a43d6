package pandel.core.chart;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Finds where ways run between places that stand in columns, so that an eye can follow each: out at the right below the
 * middle, in at the left above it, up and down on a track of its own in each gap, through a column on a passage of its
 * own between places. Lines lie upon one another only where they share an end. (Tracks in gaps as in channel routing:
 * Hashimoto, Stevens 1971; their order is improved by moving one at a time while crossings become fewer.)
 */
final class Routing {

    /** Px between lines that share no end. */
    static final double APART = 4;

    private static final double CLEAR = 3;
    /** Places up to which passages are moved for fewer crossings: with more the time grows and lines are not drawn. */
    private static final int IMPROVED = 120;

    /**
     * A place in a column.
     *
     * @param arrives the height at which ways come in
     * @param leaves the height at which ways go out
     */
    record Cell(String id, int column, double top, double bottom, double arrives, double leaves) {
        private Cell leaving(double y) {
            return new Cell(id, column, top, bottom, arrives, y);
        }
    }

    private record Used(double y, String key) {}

    private final Map<String, Cell> cells = new HashMap<>();
    private final List<List<Cell>> columns;
    private final Map<String, Integer> met;
    private final double top;
    private final double bottom;
    private final List<List<Used>> used = new ArrayList<>();
    private final List<Net> rest = new ArrayList<>();
    private final List<List<Net>> order = new ArrayList<>();
    private double lowest;

    /**
     * @param columns from left to right
     * @param lines what is drawn at rest
     * @param met when a walk along first ways meets each screen
     */
    Routing(
            List<List<Cell>> columns,
            double top,
            double bottom,
            Collection<Chart.Line> lines,
            Map<String, Integer> met) {
        this.met = met;
        this.columns = columns;
        this.top = top;
        this.bottom = bottom;
        this.lowest = bottom;
        for (int gap = 0; gap <= columns.size(); gap++) {
            used.add(new ArrayList<>());
        }
        columns.forEach(column -> column.forEach(c -> used.get(c.column()).add(new Used(c.arrives(), c.id()))));
        columns.forEach(column -> column.forEach(this::settle));
        Chart.bySource(lines).forEach((from, own) -> rest.add(net("from " + from, own)));
        if (cells.size() <= IMPROVED) {
            improve();
        }
        IntStream.rangeClosed(0, columns.size()).forEach(gap -> order.add(Tracks.ordered(gap, rest)));
    }

    private Routing(Routing of) {
        met = of.met;
        columns = of.columns;
        top = of.top;
        bottom = of.bottom;
        lowest = of.lowest;
        cells.putAll(of.cells);
        of.used.forEach(there -> used.add(new ArrayList<>(there)));
        rest.addAll(of.rest);
        order.addAll(of.order);
    }

    /** The same, to find room beside what is drawn at rest without taking any of it. */
    Routing beside() {
        return new Routing(this);
    }

    /** A place's ways leave where none arrives behind it. */
    private void settle(Cell cell) {
        List<Used> behind = used.get(cell.column() + 1);
        double y = cell.leaves();
        for (double away : new double[] {0, 3, -3, 6, -6, 9, -9}) {
            double tried = cell.leaves() + away;
            if (tried > cell.top()
                    && tried < cell.bottom()
                    && isBeside(cell, tried)
                    && isFree(behind, tried, cell.id())) {
                y = tried;
                break;
            }
        }
        behind.add(new Used(y, cell.id()));
        cells.put(cell.id(), cell.leaving(y));
    }

    /** What stands on its shoulder stands out at the right: nothing leaves behind that. */
    private boolean isBeside(Cell cell, double y) {
        return columns.get(cell.column()).stream().allMatch(c -> c == cell || y < c.top() || y > c.bottom());
    }

    private static boolean isFree(List<Used> there, double y, String key) {
        return there.stream().allMatch(u -> u.key().equals(key) || Math.abs(u.y() - y) >= APART);
    }

    boolean has(String id) {
        return cells.containsKey(id);
    }

    Cell cell(String id) {
        return Objects.requireNonNull(cells.get(id));
    }

    List<Net> rest() {
        return rest;
    }

    /** How far down passages go. */
    double lowest() {
        return lowest;
    }

    /** How many tracks there are in a gap at rest; gap 0 lies before the first column. */
    int tracks(int gap) {
        return order.get(gap).size();
    }

    /** Ways that share an end; their passages are kept from those of others. */
    Net net(String key, List<Chart.Line> lines) {
        Net net = new Net(key, lines);
        for (Chart.Line line : net.lines) {
            for (int column : passed(line)) {
                if (!net.passed().contains(column)) {
                    net.pass(column, passage(column, wanted(net, line, column), key));
                }
            }
        }
        fill(net);
        return net;
    }

    /** Tells a net what of it lies in each gap. */
    private void fill(Net net) {
        for (Chart.Line line : net.lines) {
            Cell from = cell(line.from());
            Cell to = cell(line.to());
            net.enters(from.column() + 1, new Net.Reach(from.leaves(), from.id()));
            for (int column : passed(line)) {
                Net.Reach reach = new Net.Reach(net.passage(column), net.key);
                net.leaves(column, reach);
                net.enters(column + 1, reach);
            }
            net.leaves(to.column(), new Net.Reach(to.arrives(), to.id()));
        }
    }

    /** Passages go elsewhere while fewer lines cross then. */
    private void improve() {
        for (int round = 0; round < 2; round++) {
            for (Net net : rest) {
                for (int column : List.copyOf(net.passed())) {
                    move(net, column);
                }
            }
        }
    }

    private void move(Net net, int column) {
        int fewest = crossings(net, column, Integer.MAX_VALUE);
        if (fewest == 0) {
            return;
        }
        double was = net.passage(column);
        Used own = new Used(was, net.key);
        used.get(column).remove(own);
        used.get(column + 1).remove(own);
        double best = was;
        for (double y : tried(column)) {
            if (isOpen(column, y, net.key)) {
                net.pass(column, y);
                fill(net);
                int n = crossings(net, column, fewest);
                if (n < fewest || n == fewest && Math.abs(y - was) < Math.abs(best - was)) {
                    fewest = n;
                    best = y;
                }
            }
        }
        net.pass(column, best);
        fill(net);
        take(column, best, net.key);
    }

    /** Heights worth trying in a column: between any two of what is there. */
    private double[] tried(int column) {
        DoubleStream.Builder heights = DoubleStream.builder().add(top).add(bottom);
        for (Cell cell : columns.get(column)) {
            heights.add(cell.top() - CLEAR - 1).add(cell.bottom() + CLEAR + 1);
        }
        Stream.of(used.get(column), used.get(column + 1))
                .flatMap(List::stream)
                .forEach(u -> heights.add(u.y() - APART).add(u.y() + APART));
        return heights.build()
                .filter(y -> y >= top && y <= bottom)
                .sorted()
                .distinct()
                .toArray();
    }

    /**
     * The fewest crossings of a net with others before and behind a column, whatever the order of tracks.
     *
     * @param most where counting ends: one more than that stands for all that are more
     */
    private int crossings(Net net, int column, int most) {
        int n = 0;
        for (int gap = column; gap <= column + 1; gap++) {
            Net.InGap own = Objects.requireNonNull(net.gaps().get(gap));
            for (Net other : rest) {
                Net.InGap beside = other == net ? null : other.gaps().get(gap);
                if (beside != null && n <= most) {
                    n += Math.min(Net.InGap.crossings(own, beside), Net.InGap.crossings(beside, own));
                }
            }
        }
        return n;
    }

    /**
     * Where a walk along first ways would pass a column: between what it met before the end of a way and what it meets
     * after it; what is not of such a walk passes halfway.
     */
    private double wanted(Net net, Chart.Line line, int column) {
        int end = Objects.requireNonNull(met.get(line.to()));
        double before = columns.get(column).stream()
                .filter(c -> Objects.requireNonNull(met.getOrDefault(c.id(), 0)) < end)
                .mapToDouble(Cell::bottom)
                .max()
                .orElse(top);
        double after = columns.get(column).stream()
                .filter(c -> Objects.requireNonNull(met.getOrDefault(c.id(), 0)) > end)
                .mapToDouble(Cell::top)
                .min()
                .orElse(bottom);
        return after > before
                ? (before + after) / 2
                : (cell(line.from()).leaves() + middleOfTargets(net.lines, column)) / 2;
    }

    /** The mean height of what is led to beyond a column. */
    private double middleOfTargets(List<Chart.Line> lines, int column) {
        return lines.stream()
                .filter(l -> passed(l).contains(column))
                .mapToDouble(l -> cell(l.to()).arrives())
                .average()
                .orElseThrow();
    }

    /** The columns that a way goes through, in its order. */
    private List<Integer> passed(Chart.Line line) {
        int from = cell(line.from()).column();
        int to = cell(line.to()).column();
        return to > from
                ? IntStream.range(from + 1, to).boxed().toList()
                : IntStream.rangeClosed(to, from)
                        .map(c -> from + to - c)
                        .boxed()
                        .toList();
    }

    /** The free height nearest to one in a column. */
    private double passage(int column, double wanted, String key) {
        double near = Math.rint(wanted);
        for (int away = 0; away < bottom - top; away++) {
            for (double y : new double[] {near + away, near - away}) {
                if (y >= top && y <= bottom && isOpen(column, y, key)) {
                    return take(column, y, key);
                }
            }
        }
        // Below everything there is always room.
        double y = bottom + APART;
        while (!isOpen(column, y, key)) {
            y++;
        }
        lowest = Math.max(lowest, y + APART);
        return take(column, y, key);
    }

    private boolean isOpen(int column, double y, String key) {
        return columns.get(column).stream().allMatch(c -> y < c.top() - CLEAR || y > c.bottom() + CLEAR)
                && isFree(used.get(column), y, key)
                && isFree(used.get(column + 1), y, key);
    }

    private double take(int column, double y, String key) {
        used.get(column).add(new Used(y, key));
        used.get(column + 1).add(new Used(y, key));
        return y;
    }

    /**
     * The place of a net's track in a gap, in tracks from the left: whole numbers at rest, halves for what is drawn
     * beside that.
     *
     * @param taken places that others beside those at rest have
     */
    double track(Net net, int gap, Collection<Double> taken) {
        List<Net> tracks = order.get(gap);
        int at = tracks.indexOf(net);
        if (at >= 0 || !Tracks.isUpright(net, gap)) {
            return Math.max(0, at);
        }
        double best = -1;
        int fewest = Integer.MAX_VALUE;
        for (int i = 0; i <= tracks.size(); i++) {
            int n = Tracks.crossings(gap, tracks, net, i);
            if (n < fewest && !taken.contains(i - 0.5)) {
                fewest = n;
                best = i - 0.5;
            }
        }
        // More than there are places between tracks go on to the right, closer together.
        double beyond = tracks.size() - 0.25;
        while (fewest == Integer.MAX_VALUE && taken.contains(beyond)) {
            beyond += 0.5;
        }
        return fewest == Integer.MAX_VALUE ? beyond : best;
    }

    /** The gaps and heights that a way takes by turns: gap, height at its end; the last is where it arrives. */
    List<Turn> turns(Net net, Chart.Line line) {
        List<Turn> turns = new ArrayList<>();
        int from = cell(line.from()).column();
        int to = cell(line.to()).column();
        int gap = from + 1;
        for (int column : passed(line)) {
            turns.add(new Turn(gap, net.passage(column)));
            gap = to > from ? column + 1 : column;
        }
        turns.add(new Turn(gap, cell(line.to()).arrives()));
        return turns;
    }

    /** Up or down in a gap to a height. */
    record Turn(int gap, double y) {}
}
