package pandel.core.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.chart.Chart.Place;
import pandel.core.chart.MapLayout.Band;
import pandel.core.chart.MapLayout.Block;
import pandel.core.chart.MapLayout.Lane;
import pandel.core.chart.MapLayout.Wish;
import pandel.core.model.screen.Screen;

/** One way to lay a chart out: bands in columns, as many side by side as the height asks for. */
final class Arrangement {

    /** The most px that a title makes its column wide. */
    private static final double CHIP_MOST = 216;
    /** Px² of the picture of a mock, and what stands about and below it. */
    private static final double MOCK_AREA = 20_000;

    private static final double MOCK_AROUND = 12;
    private static final double MOCK_BELOW = 40;
    private static final double TOP = 40;
    /** Above the places, below the heads of the bands. */
    private static final double HEADED = 34;

    private static final double FOOT = 12;
    private static final double MIDDLE = 5;
    /** Px at both sides of the tracks in a gap: a shoulder stands out at its left, arrows point at its right. */
    private static final double BESIDE_TRACKS = 16;

    private static final double SHOULDER_IN = 20;
    private static final double SHOULDER_OUT = 8;
    private static final double SHOULDER_HIGH = 20;
    private static final double BLOCK = 56;
    private static final double LEAST = 12;
    private static final double MOST = 44;
    private static final double GAP = 96;
    private static final double CLOSEST = 44;
    private static final double COLUMNS_APART = 28;
    private static final double EDGE = 24;
    private static final double LANE_HEAD = 20;

    private final Chart chart;
    private final Wish wish;
    private final Map<String, Spot> spots = new LinkedHashMap<>();
    private final List<Block> blocks = new ArrayList<>();
    private final List<MapColumn> columns = new ArrayList<>();
    private final List<Integer> firsts = new ArrayList<>();
    private final Set<String> sources;
    private final double room;
    private final boolean crowded;
    private final double wide;
    private final double high;

    /** @param room px in height that bands may take before they stand in more columns than one */
    Arrangement(Chart chart, Wish wish, double room) {
        this.chart = chart;
        this.wish = wish;
        this.room = room;
        this.sources = Chart.bySource(chart.firstWays()).keySet();
        this.crowded = chart.bands().stream().mapToInt(Chart.Band::screens).sum() > wish.most();
        this.wide = wish.mock()
                .map(ratio -> Math.rint(Math.sqrt(MOCK_AREA * ratio)) + MOCK_AROUND)
                .orElse(MapLayout.CHIP);
        this.high = wish.mock()
                .map(ratio -> Math.rint(Math.sqrt(MOCK_AREA / ratio)) + MOCK_BELOW)
                .orElse(MapLayout.CHIP_HIGH);
    }

    /** The layout. */
    MapLayout make() {
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
                lanes.stream().mapToDouble(l -> l.y() + l.high()).reduce(wish.height() - FOOT, Math::max),
                crowded
                        ? List.of()
                        : chart.firstWays().stream()
                                .filter(l -> !chart.isOntoShoulder(l))
                                .toList(),
                WalkOrder.of(
                        chart.bands().stream().flatMap(b -> b.places().stream()).toList(), chart.firstWays()));
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
            double wider = columns.get(c).wide() - wide;
            columns.get(c).placed().forEach((id, spot) -> spots.put(id, spot.to(left, wider)));
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
        double more = (wish.room() - widen(wish.room() - all) - all) / Math.max(1, firsts.size() - 1);
        if (!crowded && more > 0) {
            firsts.stream()
                    .skip(1)
                    .forEach(gap -> gaps.set(gap, Math.max(gaps.get(gap), Math.min(GAP, gaps.get(gap) + more))));
        }
        return gaps;
    }

    /**
     * Columns become as wide as their titles want, as far as there is room: those first that want least, so that most
     * are whole.
     *
     * @return px taken of the room
     */
    private double widen(double room) {
        if (crowded || wish.mock().isPresent()) {
            return 0;
        }
        double left = room;
        for (int c : IntStream.range(0, columns.size())
                .boxed()
                .sorted(Comparator.comparingDouble(c -> columns.get(c).wanted()))
                .toList()) {
            MapColumn column = columns.get(c);
            double more = Math.min(CHIP_MOST, column.wanted()) - column.wide();
            if (more > 0 && more <= left) {
                columns.set(c, column.asWideAs(column.wide() + more));
                left -= more;
            }
        }
        return room - left;
    }

    /** Lanes share the height as their fullest bands need it. */
    private List<Lane> lanes() {
        double inner = Math.max(high + LEAST, Math.max(wish.height(), hasEnd() ? room : 0) - TOP - FOOT);
        if (!wish.lanes()) {
            return List.of(new Lane("", TOP, Math.max(inner, needed(""))));
        }
        Map<String, Integer> most = new LinkedHashMap<>();
        chart.bands().stream()
                .flatMap(b -> b.places().stream())
                .forEach(p -> most.putIfAbsent(p.screen().section(), 1));
        for (Chart.Band band : chart.bands()) {
            most.replaceAll((section, n) -> Math.max(n, in(band, section).size()));
        }
        // Each has room for its name and its highest place, or all where there is no end; what is left is shared.
        Map<String, Double> least = new LinkedHashMap<>();
        most.keySet().forEach(section -> least.put(section, LANE_HEAD + LEAST + needed(section)));
        double left =
                Math.max(0, inner - least.values().stream().mapToDouble(h -> h).sum());
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

    private boolean hasEnd() {
        return crowded || room < Double.POSITIVE_INFINITY;
    }

    /** The height that the places of a section take at least. */
    private double needed(String section) {
        return chart.bands().stream()
                .map(b -> in(b, section))
                .mapToDouble(places -> hasEnd() ? rowHigh(places) : high(rows(places, 1)))
                .max()
                .orElse(0);
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
     * Rows as long as they must be for all to fit. Neighbours in a band's order stand beside one another, so that ways
     * to them stay near one another too; in a row what is only led to stands at the left, what leads on at the right,
     * so that few ways run through.
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
            double tall =
                    Math.max(MapLayout.CHIP_HIGH, (inner(lane) - LEAST) * Math.sqrt(Math.min(1, places.size() / most)));
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
                column(first + i, wide);
                put(row.get(i), first + i, Math.rint(y));
            }
            y += rowHigh(row) + apart;
        }
    }

    /** A column of the band that is being filled; it is as wide as what stands in it. */
    private MapColumn column(int at, double least) {
        while (columns.size() <= at) {
            columns.add(new MapColumn(0, 0, new LinkedHashMap<>(), new ArrayList<>(), new ArrayList<>()));
        }
        MapColumn column = columns.get(at);
        columns.set(at, column.asWideAs(least));
        return columns.get(at);
    }

    private void put(Place place, int at, double y) {
        add(at, place.screen(), new Spot(0, y, wide, high, false), 0);
        double under = y + high - 6;
        for (Screen above : place.shoulder()) {
            double shorter = SHOULDER_IN - SHOULDER_OUT;
            add(at, above, new Spot(SHOULDER_IN, under, wide - shorter, SHOULDER_HIGH, true), shorter);
            under += SHOULDER_HIGH;
        }
    }

    /** What stands on a shoulder is come to below what it stands on. */
    private void add(int at, Screen screen, Spot spot, double shorter) {
        MapColumn column = columns.get(at).wanting(wish.titled().applyAsDouble(screen) + shorter);
        columns.set(at, column);
        column.placed().put(screen.id(), spot);
        column.cells()
                .add(new Routing.Cell(
                        screen.id(),
                        at,
                        spot.y(),
                        spot.y() + spot.high(),
                        spot.middle() - (spot.onShoulder() ? 0 : MIDDLE),
                        spot.middle() + MIDDLE));
    }
}
