package pandel.core.chart;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.chart.Chart.Place;
import pandel.core.model.screen.Screen;

/**
 * Where everything on the map stands, in px: bands from left to right, lanes from top to bottom, places below one
 * another in columns. With many screens a band's part of a lane is one block with a count, but for those that are open.
 *
 * @param spots of the screens, those on shoulders too
 * @param bands the grounds of the bands
 * @param lanes the grounds of the lanes; empty without lanes
 * @param blocks what stands for many screens
 * @param ways where ways run
 */
public record MapLayout(
        Map<String, Spot> spots,
        List<Band> bands,
        List<Lane> lanes,
        List<Block> blocks,
        double width,
        double height,
        MapRoutes ways) {

    public static final double CHIP = 128;
    public static final double CHIP_HIGH = 28;
    static final double MOCK = 92;
    static final double MOCK_HIGH = 196;
    static final double TOP = 40;
    /** Above the places, below the heads of the bands. */
    private static final double HEADED = 34;

    private static final double FOOT = 12;
    private static final double MIDDLE = 5;
    /** Px at both sides of the tracks in a gap: a shoulder stands out at its left, arrows point at its right. */
    private static final double BESIDE_TRACKS = 16;

    private static final double SHOULDER_IN = 20;
    private static final double SHOULDER_HIGH = 20;
    private static final double BLOCK = 56;
    private static final double LEAST = 12;
    private static final double MOST = 44;
    private static final double GAP = 96;
    private static final double CLOSEST = 44;
    private static final double COLUMNS_APART = 28;
    private static final double EDGE = 24;
    private static final double LANE_HEAD = 20;

    /**
     * A screen's place.
     *
     * @param onShoulder whether it stands on another's shoulder
     */
    public record Spot(double x, double y, double wide, double high, boolean onShoulder) {
        public double middle() {
            return y + high / 2;
        }

        private Spot to(double newX) {
            return new Spot(newX, y, wide, high, onShoulder);
        }
    }

    /** @param shaded whether it stands on a ground of its own */
    public record Band(int steps, int screens, double x, double wide, boolean shaded) {}

    /** A section. */
    public record Lane(String section, double y, double high) {}

    /** Several screens as a count. */
    public record Block(int steps, String section, int screens, double x, double y, double wide, double high) {
        public String id() {
            return steps + "-" + section;
        }

        private Block to(double newX) {
            return new Block(steps, section, screens, newX, y, wide, high);
        }
    }

    /**
     * How it is to look.
     *
     * @param room px there are in width; bands stand closer together where that makes them fit
     * @param height px there are in height
     * @param lanes whether each section has a lane
     * @param mocks whether places are mocks instead of titles
     * @param most screens up to which all are drawn; with more there are blocks
     * @param open the ids of the blocks that are drawn all the same
     */
    public record Wish(double room, double height, boolean lanes, boolean mocks, int most, Set<String> open) {}

    /** Lays a chart out. */
    public static MapLayout of(Chart chart, Wish wish) {
        return new Arrangement(chart, wish).make();
    }

    /** The screen a step away in a band's order; what stands on a shoulder follows what it stands on. */
    public static Optional<String> inBand(Chart chart, String id, int by) {
        for (Chart.Band band : chart.bands()) {
            List<String> ids = band.places().stream()
                    .flatMap(p -> Stream.concat(Stream.of(p.screen()), p.shoulder().stream()))
                    .map(Screen::id)
                    .toList();
            int at = ids.indexOf(id);
            if (at >= 0) {
                return Optional.of(ids.get(Math.clamp(at + by, 0, ids.size() - 1)));
            }
        }
        return chart.bands().stream()
                .findFirst()
                .map(band -> band.places().getFirst().screen().id());
    }

    private static final class Arrangement {
        private final Chart chart;
        private final Wish wish;
        private final Map<String, Spot> spots = new LinkedHashMap<>();
        private final List<Block> blocks = new ArrayList<>();
        private final List<MapColumn> columns = new ArrayList<>();
        private final List<Integer> firsts = new ArrayList<>();
        private final Set<String> sources;
        private final boolean crowded;
        private final double wide;
        private final double high;

        private Arrangement(Chart chart, Wish wish) {
            this.chart = chart;
            this.wish = wish;
            this.sources = Chart.bySource(chart.firstWays()).keySet();
            this.crowded = chart.bands().stream().mapToInt(Chart.Band::screens).sum() > wish.most();
            this.wide = wish.mocks() ? MOCK : CHIP;
            this.high = wish.mocks() ? MOCK_HIGH : CHIP_HIGH;
        }

        private MapLayout make() {
            List<Lane> lanes = lanes();
            for (Chart.Band band : chart.bands()) {
                firsts.add(columns.size());
                for (Lane lane : lanes) {
                    put(band, lane, firsts.getLast());
                }
            }
            Routing routing = new Routing(
                    columns.stream().map(MapColumn::cells).toList(),
                    HEADED,
                    Math.max(lanes.getLast().y() + lanes.getLast().high(), wish.height() - FOOT),
                    crowded
                            ? List.of()
                            : chart.firstWays().stream()
                                    .filter(l -> !chart.isOntoShoulder(l))
                                    .toList());
            List<Double> gaps = gaps(routing);
            List<Double> lefts = new ArrayList<>();
            double x = 0;
            for (int c = 0; c < columns.size(); c++) {
                x += gaps.get(c);
                lefts.add(x);
                x += columns.get(c).wide();
            }
            double width = x + gaps.getLast();
            for (int c = 0; c < columns.size(); c++) {
                double left = lefts.get(c);
                columns.get(c).placed().forEach((id, spot) -> spots.put(id, spot.to(left + spot.x())));
                columns.get(c).blocks().forEach(block -> blocks.add(block.to(left)));
            }
            List<Band> bands = new ArrayList<>();
            for (int b = 0; b < chart.bands().size(); b++) {
                Chart.Band band = chart.bands().get(b);
                int first = firsts.get(b);
                int last = (b + 1 < firsts.size() ? firsts.get(b + 1) : columns.size()) - 1;
                double left = lefts.get(first);
                bands.add(new Band(
                        band.steps(),
                        band.screens(),
                        left,
                        lefts.get(last) + columns.get(last).wide() - left,
                        b % 2 == 0));
            }
            return new MapLayout(
                    spots,
                    bands,
                    wish.lanes() ? lanes : List.of(),
                    blocks,
                    width,
                    Math.max(wish.height(), routing.lowest() + FOOT),
                    new MapRoutes(chart, routing, spots, lefts, gaps, width));
        }

        /** Gaps as wide as their tracks need, and wider where there is room, before and behind each column. */
        private List<Double> gaps(Routing routing) {
            List<Double> gaps = new ArrayList<>();
            double all = columns.stream().mapToDouble(MapColumn::wide).sum();
            for (int gap = 0; gap <= columns.size(); gap++) {
                double least = gap == 0 || gap == columns.size()
                        ? EDGE
                        : crowded ? 20 : firsts.contains(gap) ? CLOSEST : COLUMNS_APART;
                double needed = crowded && routing.tracks(gap) == 0
                        ? least
                        : Math.max(least, 2 * BESIDE_TRACKS + (routing.tracks(gap) - 1) * MapRoutes.TRACK);
                gaps.add(needed);
                all += needed;
            }
            double more = (wish.room() - all) / Math.max(1, firsts.size() - 1);
            if (!crowded && more > 0) {
                firsts.stream()
                        .skip(1)
                        .forEach(gap -> gaps.set(gap, Math.max(gaps.get(gap), Math.min(GAP, gaps.get(gap) + more))));
            }
            return gaps;
        }

        /** Lanes share the height as their fullest bands need it. */
        private List<Lane> lanes() {
            double inner = Math.max(high + LEAST, wish.height() - TOP - 12);
            if (!wish.lanes()) {
                return List.of(new Lane("", TOP, inner));
            }
            Map<String, Integer> most = new LinkedHashMap<>();
            chart.bands().stream()
                    .flatMap(b -> b.places().stream())
                    .forEach(p -> most.putIfAbsent(p.screen().section(), 1));
            for (Chart.Band band : chart.bands()) {
                most.replaceAll((section, n) -> Math.max(n, in(band, section).size()));
            }
            // Each has room for its name and its highest place; what is left is shared.
            Map<String, Double> least = new LinkedHashMap<>();
            most.keySet()
                    .forEach(section -> least.put(
                            section,
                            LANE_HEAD
                                    + LEAST
                                    + chart.bands().stream()
                                            .mapToDouble(b -> rowHigh(in(b, section)))
                                            .max()
                                            .orElse(0)));
            double left = Math.max(
                    0, inner - least.values().stream().mapToDouble(h -> h).sum());
            int all = most.values().stream().mapToInt(n -> n).sum();
            List<Lane> lanes = new ArrayList<>();
            double y = TOP;
            for (Map.Entry<String, Integer> each : most.entrySet()) {
                double share = Objects.requireNonNull(least.get(each.getKey())) + left * each.getValue() / all;
                lanes.add(new Lane(each.getKey(), y, share));
                y += share;
            }
            return lanes;
        }

        private List<Place> in(Chart.Band band, String section) {
            return wish.lanes()
                    ? band.places().stream()
                            .filter(p -> p.screen().section().equals(section))
                            .toList()
                    : band.places();
        }

        private boolean isBlock(Chart.Band band, Lane lane) {
            return crowded && !wish.open().contains(band.steps() + "-" + lane.section());
        }

        private double inner(Lane lane) {
            return lane.high() - (wish.lanes() ? LANE_HEAD : 0);
        }

        private double high(Place place) {
            return high + (place.shoulder().isEmpty() ? 0 : place.shoulder().size() * SHOULDER_HIGH - 4);
        }

        /**
         * Rows as long as they must be for all to fit. Neighbours in a band's order stand beside one another, so that
         * ways to them stay near one another too; in a row what is only led to stands at the left, what leads on at the
         * right, so that few ways run through.
         */
        private List<List<Place>> rows(List<Place> places, double room) {
            int n = 1;
            while (n < places.size() && high(rows(places, n)) > room) {
                n++;
            }
            return rows(places, n).stream()
                    .map(row -> Stream.concat(
                                    row.stream().filter(p -> !leadsOn(p)),
                                    row.stream().filter(this::leadsOn))
                            .toList())
                    .toList();
        }

        private static List<List<Place>> rows(List<Place> places, int n) {
            return IntStream.range(0, (places.size() + n - 1) / n)
                    .mapToObj(row -> places.subList(row * n, Math.min(places.size(), (row + 1) * n)))
                    .toList();
        }

        private double high(List<List<Place>> rows) {
            return rows.stream().mapToDouble(r -> rowHigh(r) + LEAST).sum();
        }

        private double rowHigh(List<Place> row) {
            return row.stream().mapToDouble(this::high).max().orElse(0);
        }

        private boolean leadsOn(Place place) {
            return sources.contains(place.screen().id())
                    || place.shoulder().stream().anyMatch(s -> sources.contains(s.id()));
        }

        private void put(Chart.Band band, Lane lane, int first) {
            List<Place> places = in(band, lane.section());
            double top = lane.y() + (wish.lanes() ? LANE_HEAD : 0);
            if (places.isEmpty()) {
                return;
            }
            if (isBlock(band, lane)) {
                int n = places.stream().mapToInt(p -> 1 + p.shoulder().size()).sum();
                double most = chart.bands().stream()
                        .mapToInt(b -> in(b, lane.section()).size())
                        .max()
                        .orElse(1);
                double tall = Math.max(CHIP_HIGH, (inner(lane) - LEAST) * Math.sqrt(Math.min(1, places.size() / most)));
                Block block = new Block(
                        band.steps(),
                        lane.section(),
                        n,
                        0,
                        Math.rint(top + (inner(lane) - tall) / 2),
                        BLOCK,
                        Math.rint(tall));
                MapColumn column = column(first, BLOCK);
                column.blocks().add(block);
                double middle = block.y() + block.high() / 2;
                column.cells()
                        .add(new Routing.Cell(
                                "block " + block.id(), first, block.y(), block.y() + block.high(), middle, middle));
                return;
            }
            List<List<Place>> rows = rows(places, inner(lane));
            double filled = rows.stream().mapToDouble(this::rowHigh).sum();
            double apart = Math.clamp((inner(lane) - filled) / rows.size(), LEAST, MOST);
            double y = top + Math.max(0, (inner(lane) - filled - apart * (rows.size() - 1)) / 2);
            for (List<Place> row : rows) {
                for (int i = 0; i < row.size(); i++) {
                    put(row.get(i), column(first + i, wide), first + i, Math.rint(y));
                }
                y += rowHigh(row) + apart;
            }
        }

        /** A column of the band that is being filled; it is as wide as what stands in it. */
        private MapColumn column(int at, double least) {
            while (columns.size() <= at) {
                columns.add(new MapColumn(0, new LinkedHashMap<>(), new ArrayList<>(), new ArrayList<>()));
            }
            MapColumn column = columns.get(at);
            columns.set(at, column.asWideAs(least));
            return columns.get(at);
        }

        private void put(Place place, MapColumn column, int at, double y) {
            add(column, at, place.screen().id(), new Spot(0, y, wide, high, false));
            double under = y + high - 6;
            for (Screen above : place.shoulder()) {
                add(column, at, above.id(), new Spot(SHOULDER_IN, under, wide - SHOULDER_IN + 8, SHOULDER_HIGH, true));
                under += SHOULDER_HIGH;
            }
        }

        /** What stands on a shoulder is come to below what it stands on. */
        private static void add(MapColumn column, int at, String id, Spot spot) {
            column.placed().put(id, spot);
            column.cells()
                    .add(new Routing.Cell(
                            id,
                            at,
                            spot.y(),
                            spot.y() + spot.high(),
                            spot.middle() - (spot.onShoulder() ? 0 : MIDDLE),
                            spot.middle() + MIDDLE));
        }
    }
}
