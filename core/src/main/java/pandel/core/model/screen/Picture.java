package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;

/**
 * A mock that is an imported picture.
 *
 * @param on the width it was made for
 * @param content the name of its bytes: SHA-256 in hex, a dot, {@code png} or {@code jpg}
 * @param pixelWidth columns of the picture
 * @param pixelHeight rows of the picture
 * @param scale picture pixels for each px, more than 0
 * @param source the file name it came under, for people
 * @param fixedTop px at its top that stay put while the rest scrolls, 0 or more
 * @param fixedBottom px at its bottom that stay put while the rest scrolls, 0 or more
 * @param patches words laid on it, the later above the earlier
 */
@RecordBuilder
public record Picture(
        Width on,
        String content,
        int pixelWidth,
        int pixelHeight,
        double scale,
        String source,
        double fixedTop,
        double fixedBottom,
        List<Patch> patches,
        Rest rest)
        implements PictureBuilder.With, Mock {

    public Picture {
        patches = List.copyOf(patches);
        if (pixelWidth < 1 || pixelHeight < 1 || !(scale > 0) || !Double.isFinite(scale)) {
            throw new IllegalArgumentException("A picture has a size and a scale above 0");
        }
        if (!(fixedTop >= 0) || !(fixedBottom >= 0)) {
            throw new IllegalArgumentException("What stays put is 0 px or more");
        }
    }

    /** A picture of which nothing stays put. */
    public Picture(Width on, String content, int pixelWidth, int pixelHeight, double scale, String source, Rest rest) {
        this(on, content, pixelWidth, pixelHeight, scale, source, 0, 0, List.of(), rest);
    }

    /**
     * @param top px
     * @param bottom px
     */
    public Picture withFixed(double top, double bottom) {
        return new Picture(on, content, pixelWidth, pixelHeight, scale, source, top, bottom, patches, rest);
    }

    @Override
    public double width() {
        return pixelWidth / scale;
    }

    @Override
    public double height() {
        return pixelHeight / scale;
    }
}
