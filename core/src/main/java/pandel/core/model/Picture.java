package pandel.core.model;

/**
 * A mock that is an imported picture.
 *
 * @param on          the width it was made for
 * @param content     the name of its bytes: SHA-256 in hex, a dot, {@code png} or {@code jpg}
 * @param pixelWidth  columns of the picture
 * @param pixelHeight rows of the picture
 * @param scale       picture pixels for each px, more than 0
 * @param source      the file name it came under, for people
 */
public record Picture(Width on, String content, int pixelWidth, int pixelHeight, double scale, String source, Rest rest)
        implements Mock {

    public Picture {
        if (pixelWidth < 1 || pixelHeight < 1 || !(scale > 0) || !Double.isFinite(scale)) {
            throw new IllegalArgumentException("A picture has a size and a scale above 0");
        }
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
