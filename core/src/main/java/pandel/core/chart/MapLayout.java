package pandel.core.chart;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
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
    /** How many crossings are worth one more window to scroll through. */
    private static final double CROSSINGS_A_WINDOW = 4;

    private static final double[] WINDOWS = {2, 3.5, 6, Double.POSITIVE_INFINITY};

    /** @param shaded whether it stands on a ground of its own */
    public record Band(int steps, int screens, double x, double wide, boolean shaded) {}

    /** A section. */
    public record Lane(String section, double y, double high) {}

    /** Several screens as a count. */
    public record Block(int steps, String section, int screens, double x, double y, double wide, double high) {
        public String id() {
            return steps + "-" + section;
        }

        Block to(double newX) {
            return new Block(steps, section, screens, newX, y, wide, high);
        }
    }

    /**
     * How it is to look.
     *
     * @param room px there are in width; bands stand closer together where that makes them fit
     * @param height px there are in height
     * @param lanes whether each section has a lane
     * @param mock width by height of the mocks that places are instead of titles; empty: titles
     * @param titled px that a place is wide with the whole title of a screen in it
     * @param most screens up to which all are drawn; with more there are blocks
     * @param open the ids of the blocks that are drawn all the same
     */
    public record Wish(
            double room,
            double height,
            boolean lanes,
            Optional<Double> mock,
            int most,
            Set<String> open,
            ToDoubleFunction<Screen> titled) {}

    /**
     * Lays a chart out: within the height there is, some times that, or with each band in one column; whichever has the
     * fewest crossings at rest, each window more to scroll through counting as some.
     */
    public static MapLayout of(Chart chart, Wish wish) {
        MapLayout best = new Arrangement(chart, wish, wish.height()).make();
        if (!best.canBeLaidOtherwise()) {
            return best;
        }
        MapLayout last = best;
        double least = best.cost(wish);
        for (int i = 0; i < WINDOWS.length && last.canBeLaidOtherwise(); i++) {
            last = new Arrangement(chart, wish, wish.height() * WINDOWS[i]).make();
            double cost = last.cost(wish);
            best = cost < least ? last : best;
            least = Math.min(least, cost);
        }
        return best;
    }

    /** Whether a band stands in several columns, of its screens and not of counts. */
    private boolean canBeLaidOtherwise() {
        return blocks.isEmpty()
                && spots.values().stream()
                                .filter(s -> !s.onShoulder())
                                .map(Spot::x)
                                .distinct()
                                .count()
                        > bands.size();
    }

    private double cost(Wish wish) {
        return Legibility.of(ways.atRest(), spots).crossings()
                + CROSSINGS_A_WINDOW * (Math.max(0, width / wish.room() - 1) + Math.max(0, height / wish.height() - 1));
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
}
