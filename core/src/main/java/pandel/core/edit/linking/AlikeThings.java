package pandel.core.edit.linking;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Value;

/**
 * The hotspots that alike things become when they are linked together: one that is cut into rows, each with values of
 * its own, where they stand beneath one another at one step; else one hotspot each.
 */
public final class AlikeThings {

    /** So far edges may be apart in px, and gaps be wide as a share of a row's height, for one area cut into rows. */
    private static final double NEAR = 3;

    private static final double GAP = 0.25;

    private AlikeThings() {}

    /**
     * @param areas in px of the mock, from the top and the left, one or more
     * @param freshId an id nothing has yet, made of a few words; never the same twice
     */
    public static List<Hotspot> hotspots(
            Prototype prototype, List<Area> areas, Width width, Destination to, UnaryOperator<String> freshId) {
        if (areas.size() > 1 && areRows(areas)) {
            Area first = areas.getFirst();
            Area whole = Area.between(
                    first.x(), first.y(), first.right(), areas.getLast().bottom());
            return List.of(bare(whole, width, freshId)
                    .withNature(new Hotspot.Nature.Rows(values(expected(prototype, to), areas.size()))));
        }
        return areas.stream().map(a -> bare(a, width, freshId)).toList();
    }

    private static Hotspot bare(Area area, Width width, UnaryOperator<String> freshId) {
        return new Hotspot(freshId.apply("hotspot"), "", Map.of(width, area.rounded()), List.of(), Rest.NONE);
    }

    /** Whether areas stand beneath one another at one step, with small gaps at most. */
    static boolean areRows(List<Area> areas) {
        Area first = areas.getFirst();
        double step = areas.get(1).y() - first.y();
        for (int i = 1; i < areas.size(); i++) {
            Area row = areas.get(i);
            if (Math.abs(row.x() - first.x()) > NEAR
                    || Math.abs(row.width() - first.width()) > NEAR
                    || Math.abs(row.height() - first.height()) > NEAR
                    || Math.abs(row.y() - areas.get(i - 1).y() - step) > NEAR) {
                return false;
            }
        }
        return step >= first.height() - NEAR && step <= first.height() * (1 + GAP);
    }

    private static List<Expected> expected(Prototype prototype, Destination to) {
        return switch (to) {
            case Destination.There there -> there.screen().expects();
            case Destination.Frame frame ->
                Targets.shown(prototype, frame.target()).map(Screen::expects).orElse(List.of());
            default -> List.of();
        };
    }

    /** A value each, so that the links work at once; a person types the true ones. */
    private static List<Map<String, Value>> values(List<Expected> expected, int rows) {
        List<Map<String, Value>> values = new ArrayList<>();
        for (int row = 1; row <= rows; row++) {
            Map<String, Value> held = new LinkedHashMap<>();
            for (Expected value : expected) {
                held.put(value.name(), of(value, row));
            }
            values.add(held);
        }
        return values;
    }

    private static Value of(Expected expected, int row) {
        return switch (expected.kind()) {
            case TEXT -> new Value.Text(expected.name() + " " + row);
            case NUMBER -> new Value.Number(row);
            case YES_NO -> new Value.YesNo(true);
            case ONE_OF ->
                expected.words().isEmpty()
                        ? Value.NOTHING
                        : new Value.Text(expected.words()
                                .get((row - 1) % expected.words().size()));
        };
    }
}
