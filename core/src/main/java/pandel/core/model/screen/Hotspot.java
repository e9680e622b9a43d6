package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Source;
import pandel.core.model.value.TouchedRow;
import pandel.core.model.value.Value;

/**
 * An area of a screen that answers to gestures.
 *
 * @param title what stands there, in words ("Reserve"); may be empty
 * @param areas one for each width it is placed on
 * @param nature what it is besides
 * @param touched what is seen of it while it is touched; empty: as usual in the prototype
 */
@RecordBuilder
public record Hotspot(
        String id,
        String title,
        Map<Width, Area> areas,
        List<Link> links,
        Nature nature,
        Optional<Answer> touched,
        Rest rest)
        implements HotspotBuilder.With {

    /** What a hotspot is besides an area that answers. */
    public sealed interface Nature {

        /** Nothing besides. */
        Nature PLAIN = new Plain();

        /** Nothing besides. */
        record Plain() implements Nature {}

        /**
         * A field that text can be typed in.
         *
         * @param begins what stands in it when its place is made, so that one can go on from there: a given value, a
         *     fact, or always the same; empty: nothing does
         */
        record Field(Optional<Source> begins) implements Nature {

            /** One that begins empty. */
            public Field() {
                this(Optional.empty());
            }
        }

        /**
         * Rows one below another, of one height, in one area.
         *
         * @param values what each row holds, by name; one for each row
         * @param field whether it was called a field as well, which rows are not: nothing can be typed in them
         */
        record Rows(List<Map<String, Value>> values, boolean field) implements Nature {

            /** Rows alone. */
            public Rows(List<Map<String, Value>> values) {
                this(values, false);
            }

            public Rows {
                values = values.stream()
                        .map(v -> Collections.unmodifiableMap(new java.util.TreeMap<String, Value>(v)))
                        .toList();
                if (values.isEmpty()) {
                    throw new IllegalArgumentException("What is repeated has a row");
                }
            }
        }
    }

    public Hotspot {
        Map<Width, Area> sorted = new EnumMap<>(Width.class);
        sorted.putAll(areas);
        areas = Collections.unmodifiableMap(sorted);
        links = List.copyOf(links);
    }

    /** A hotspot that is nothing besides. */
    public Hotspot(String id, String title, Map<Width, Area> areas, List<Link> links, Rest rest) {
        this(id, title, areas, links, Nature.PLAIN, Optional.empty(), rest);
    }

    /** Its area on a mock of that width. */
    public Optional<Area> areaOn(Width width) {
        return Optional.ofNullable(areas.get(width));
    }

    /** The link that a gesture sets off: of two with one cause only the first counts. */
    public Optional<Link> linkFor(Gesture gesture) {
        return links.stream()
                .filter(l -> l.cause() instanceof Cause.Touch t && t.gesture() == gesture)
                .findFirst();
    }

    /** The link that a cause sets off: of two with one cause only the first counts. */
    public Optional<Link> linkFor(Cause cause) {
        return links.stream().filter(l -> l.cause().equals(cause)).findFirst();
    }

    /** Whether nothing happens there yet; a field has its use without a link. */
    public boolean waitsForLink() {
        return links.isEmpty() && !isField();
    }

    /** Whether text can be typed in it. */
    public boolean isField() {
        return nature instanceof Nature.Field;
    }

    /** What stands in it when its place is made; empty where nothing does. */
    public Optional<Source> begins() {
        return nature instanceof Nature.Field field ? field.begins() : Optional.empty();
    }

    /** What each of its rows holds; empty when it is not repeated. */
    public List<Map<String, Value>> rows() {
        return nature instanceof Nature.Rows r ? r.values() : List.of();
    }

    /**
     * What a row holds.
     *
     * @param row from 1; 0, or one it does not have: nothing
     */
    public Map<String, Value> row(int row) {
        return row >= 1 && row <= rows().size() ? rows().get(row - 1) : Map.of();
    }

    /**
     * A row as it is touched.
     *
     * @param row from 1; 0: none is
     */
    public TouchedRow touchedRow(int row) {
        return row >= 1 && row <= rows().size() ? new TouchedRow(id, row, row(row)) : TouchedRow.NONE;
    }

    /**
     * The row at a height in an area of it, from 1; 0 where it is not repeated.
     *
     * @param y px from the mock's top
     */
    public int rowAt(Area area, double y) {
        return rows().isEmpty()
                ? 0
                : Math.clamp((int) ((y - area.y()) / area.height() * rows().size()) + 1, 1, rows().size());
    }

    public Hotspot withArea(Width width, Area area) {
        Map<Width, Area> changed = new EnumMap<>(Width.class);
        changed.putAll(areas);
        changed.put(width, area);
        return new Hotspot(id, title, changed, links, nature, touched, rest);
    }
}
