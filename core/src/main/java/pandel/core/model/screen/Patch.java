package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Words laid on a picture, which show values: “Due on {date}”.
 *
 * @param area in px of the mock
 * @param ground its colour behind the words, as CSS writes it (#rrggbb); empty: the picture shows through
 * @param ink the colour of the words, as CSS writes it (#rrggbb)
 * @param words with names of values in braces
 * @param size of the letters in px, more than 0
 * @param centred whether they stand in the middle of the area, else at its left
 */
@RecordBuilder
public record Patch(Area area, String ground, String ink, String words, double size, boolean centred)
        implements PatchBuilder.With {

    /** Words that begin at the left. */
    public Patch(Area area, String ground, String ink, String words, double size) {
        this(area, ground, ink, words, size, false);
    }

    public Patch {
        if (!ground.isEmpty() && !Colour.is(ground) || !Colour.is(ink)) {
            throw new IllegalArgumentException("A colour is written as #rrggbb");
        }
        if (!(size > 0)) {
            throw new IllegalArgumentException("Letters have a size above 0");
        }
    }

    /** The same on a mock that many times as large. */
    public Patch grown(double ratio) {
        return new Patch(
                new Area(area.x() * ratio, area.y() * ratio, area.width() * ratio, area.height() * ratio),
                ground,
                ink,
                words,
                size * ratio,
                centred);
    }
}
