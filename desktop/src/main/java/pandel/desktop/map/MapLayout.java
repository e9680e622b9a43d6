package pandel.desktop.map;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.chart.Chart;
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
 */
record MapLayout(Map<String, Spot> spots, List<Band> bands, List<Lane> lanes, List<Block> blocks, double width) {

    static final double CHIP = 128;
    static final double CHIP_HIGH = 28;
    static final double MOCK = 92;
    static final double MOCK_HIGH = 196;
    static final double TOP = 40;
    private static final double SHOULDER_IN = 20;
    private static final double SHOULDER_HIGH = 20;
    private static final double BLOCK = 56;
    private static final double LEAST = 12;
    private static final double MOST = 44;
    private static final double GAP = 96;
    private static final double CLOSEST = 52;
    private static final double COLUMNS_APART = 28;
    private static final double EDGE = 24;
    private static final double LANE_HEAD = 20;

    /**
     * A screen's place.
     *
     * @param onShoulder whether it stands on another's shoulder
     */
    record Spot(double x, double y, double wide, double high, boolean onShoulder) {
        double middle() {
            return y + high / 2;
        }
    }

    /** @param shaded whether it stands on a ground of its own */
    record Band(int steps, int screens, double x, double wide, boolean shaded) {}

    record Lane(String section, double y, double high) {}

    /** Several screens as a count. */
    record Block(int steps, String section, int screens, double x, double y, double wide, double high) {
        String id() {
            return steps + "-" + section;
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
    record Wish(double room, double height, boolean lanes, boolean mocks, int most, Set<String> open) {}

    static MapLayout of(Chart chart, Wish wish) {
        return new Arrangement(chart, wish).make();
    }

    /** The screen a step away in a band's order; what stands on a shoulder follows what it stands on. */
    static Optional<String> inBand(Chart chart, String id, int by) {
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
        private final boolean crowded;
        private final double wide;
        private final double high;

        private Arrangement(Chart chart, Wish wish) {
            this.chart = chart;
            this.wish = wish;
            this.crowded = chart.bands().stream().mapToInt(Chart.Band::screens).sum() > wish.most();
            this.wide = wish.mocks() ? MOCK : CHIP;
            this.high = wish.mocks() ? MOCK_HIGH : CHIP_HIGH;
        }

        private MapLayout make() {
            List<Lane> lanes = lanes();
            double chips = 0;
            List<Double> widths = new ArrayList<>();
            for (Chart.Band band : chart.bands()) {
                double most = 0;
                for (Lane lane : lanes) {
                    most = Math.max(most, width(band, lane));
                }
                widths.add(most);
                chips += most;
            }
            double gap = Math.clamp(
                    (wish.room() - 2 * EDGE - chips) / Math.max(1, chart.bands().size() - 1),
                    crowded ? 20 : CLOSEST,
                    crowded ? 20 : GAP);
            double x = EDGE;
            List<Band> bands = new ArrayList<>();
            for (int b = 0; b < chart.bands().size(); b++) {
                Chart.Band band = chart.bands().get(b);
                for (Lane lane : lanes) {
                    put(band, lane, x);
                }
                bands.add(new Band(band.steps(), band.screens(), x, widths.get(b), b % 2 == 0));
                x += widths.get(b) + gap;
            }
            return new MapLayout(spots, bands, wish.lanes() ? lanes : List.of(), blocks, x - gap + EDGE);
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
            int all = most.values().stream().mapToInt(n -> n).sum();
            List<Lane> lanes = new ArrayList<>();
            double y = TOP;
            for (Map.Entry<String, Integer> each : most.entrySet()) {
                double share = inner * each.getValue() / all;
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

        private double width(Chart.Band band, Lane lane) {
            if (isBlock(band, lane)) {
                return BLOCK;
            }
            int columns = columns(in(band, lane.section()), inner(lane)).size();
            return Math.max(1, columns) * (wide + COLUMNS_APART) - COLUMNS_APART;
        }

        private double high(Place place) {
            return high + (place.shoulder().isEmpty() ? 0 : place.shoulder().size() * SHOULDER_HIGH - 4);
        }

        /** Columns as few as fit, about equally full. */
        private List<List<Place>> columns(List<Place> places, double room) {
            double all = places.stream().mapToDouble(p -> high(p) + LEAST).sum();
            int n = Math.max(1, (int) Math.ceil(all / Math.max(room, high + LEAST)));
            List<List<Place>> columns = new ArrayList<>();
            List<Place> column = new ArrayList<>();
            double filled = 0;
            for (Place place : places) {
                double own = high(place) + LEAST;
                if (!column.isEmpty() && (filled + own > room || filled + own / 2 > all / n)) {
                    columns.add(column);
                    column = new ArrayList<>();
                    filled = 0;
                }
                column.add(place);
                filled += own;
            }
            if (!column.isEmpty()) {
                columns.add(column);
            }
            return columns;
        }

        private void put(Chart.Band band, Lane lane, double x) {
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
                blocks.add(new Block(
                        band.steps(),
                        lane.section(),
                        n,
                        x,
                        Math.rint(top + (inner(lane) - tall) / 2),
                        BLOCK,
                        Math.rint(tall)));
                return;
            }
            double column = x;
            for (List<Place> each : columns(places, inner(lane))) {
                double filled = each.stream().mapToDouble(this::high).sum();
                double apart = Math.clamp((inner(lane) - filled) / each.size(), LEAST, MOST);
                double y = top + Math.max(0, (inner(lane) - filled - apart * (each.size() - 1)) / 2);
                for (Place place : each) {
                    put(place, column, Math.rint(y));
                    y += high(place) + apart;
                }
                column += wide + COLUMNS_APART;
            }
        }

        private void put(Place place, double x, double y) {
            spots.put(place.screen().id(), new Spot(x, y, wide, high, false));
            double under = y + high - 6;
            for (Screen above : place.shoulder()) {
                spots.put(above.id(), new Spot(x + SHOULDER_IN, under, wide - SHOULDER_IN + 8, SHOULDER_HIGH, true));
                under += SHOULDER_HIGH;
            }
        }
    }
}
