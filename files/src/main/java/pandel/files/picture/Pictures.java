package pandel.files.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import pandel.files.Unreadable;

/**
 * Decodes PNG, JPEG, SVG, WebP, GIF and BMP, photographs turned upright. The header is looked at before anything is
 * decoded.
 */
public final class Pictures {

    /** The most pixels along one side of a picture that is taken in. */
    public static final int LONGEST_SIDE = 20_000;
    /** The most pixels of a picture in all, 100 million: 400 MB when decoded. */
    public static final long MOST_PIXELS = 100_000_000;
    /** The most bytes of a picture's file. */
    public static final long MOST_BYTES = 200_000_000;

    private static final String SVG = "svg";
    private static final String PNG = "png";
    private static final String JPG = "jpg";

    /**
     * What a picture's header says.
     *
     * @param format png, jpg, svg, webp, gif or bmp
     */
    public record Header(String format, int width, int height) {

        /** Of its content name: what is kept of another format than these is a PNG. */
        public String ending() {
            return isKept() ? format : PNG;
        }

        /** Whether its bytes are kept as they are. */
        public boolean isKept() {
            return format.equals(PNG) || format.equals(JPG) || format.equals(SVG);
        }
    }

    static {
        ImageIO.setUseCache(false);
    }

    private Pictures() {}

    /** Reads the header alone. */
    public static Header header(byte[] bytes, String name) throws Unreadable {
        if (bytes.length == 0) {
            throw new Unreadable("“" + name + "” is empty; export it again.");
        }
        String format = format(bytes);
        if (format.isEmpty()) {
            throw new Unreadable("“" + name + "” is no PNG, JPEG, SVG, WebP, GIF or BMP picture.");
        }
        return format.equals(SVG) ? header(Drawing.of(bytes, name), name) : pixelHeader(bytes, name);
    }

    /** Reads the header of a picture that is no drawing. */
    static Header pixelHeader(byte[] bytes, String name) throws Unreadable {
        String format = format(bytes);
        if (format.isEmpty() || format.equals(SVG)) {
            throw new Unreadable("“" + name + "” is no picture of pixels.");
        }
        try {
            boolean swaps = format.equals(JPG) && Orientation.of(bytes).swaps();
            return withReader(
                    bytes,
                    format,
                    name,
                    reader -> swaps
                            ? checked(format, reader.getHeight(0), reader.getWidth(0), name)
                            : checked(format, reader.getWidth(0), reader.getHeight(0), name));
        } catch (IOException | RuntimeException e) {
            throw new Unreadable("“" + name + "” is damaged: its header cannot be read; export it again.", e);
        }
    }

    private static Header header(Drawing drawing, String name) throws Unreadable {
        return checked(SVG, drawing.width(), drawing.height(), name);
    }

    private static Header checked(String format, long width, long height, String name) throws Unreadable {
        if (width < 1 || height < 1) {
            throw new Unreadable("“" + name + "” has no size; give it a width and a height and export it again.");
        }
        if (width > LONGEST_SIDE || height > LONGEST_SIDE || width * height > MOST_PIXELS) {
            throw new Unreadable(String.format(
                    Locale.ROOT,
                    "“%s” is %,d × %,d pixels; the most is %,d a side and 100 million in all.",
                    name,
                    width,
                    height,
                    LONGEST_SIDE));
        }
        return new Header(format, (int) width, (int) height);
    }

    /** Decodes a whole picture; one that is cut short is refused. */
    public static Raster decode(byte[] bytes, String name) throws Unreadable {
        if (Drawing.isOne(bytes)) {
            Drawing drawing = Drawing.of(bytes, name);
            header(drawing, name);
            return drawing.draw();
        }
        Header header = header(bytes, name);
        try {
            return withReader(bytes, header.format(), name, reader -> {
                String[] warning = new String[1];
                IIOReadWarningListener listener = (source, text) -> warning[0] = text;
                reader.addIIOReadWarningListener(listener);
                BufferedImage image = reader.read(0);
                if (warning[0] != null && warning[0].toLowerCase(Locale.ROOT).contains("premature")) {
                    throw new IOException(warning[0]);
                }
                return header.format().equals(JPG) ? Orientation.of(bytes).upright(Raster.of(image)) : Raster.of(image);
            });
        } catch (IOException | RuntimeException e) {
            throw new Unreadable("“" + name + "” is cut short or damaged; export it again.", e);
        }
    }

    /** Whether the first bytes of a file are those of a picture that can be read. */
    public static boolean isOne(byte[] start) {
        return !format(start).isEmpty();
    }

    /** The bytes to keep of a picture: its own, or those of a PNG where its format is not kept. */
    public static byte[] kept(byte[] bytes, Header header, Raster decoded) throws IOException {
        return header.isKept() ? bytes : png(decoded);
    }

    /** PNG bytes of a picture. */
    public static byte[] png(Raster raster) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(raster.image(), "png", out);
        return out.toByteArray();
    }

    /** Picture pixels for each px that a picture itself says; 0: nothing. */
    public static double ownScale(Header header) {
        return header.format().equals(SVG) ? Drawing.SCALE : 0;
    }

    private static String format(byte[] b) {
        if (Drawing.isOne(b)) {
            return SVG;
        }
        if (b.length > 8 && (b[0] & 255) == 0x89 && b[1] == 'P' && b[2] == 'N' && b[3] == 'G') {
            return PNG;
        }
        if (b.length > 3 && (b[0] & 255) == 0xFF && (b[1] & 255) == 0xD8 && (b[2] & 255) == 0xFF) {
            return JPG;
        }
        String start = new String(b, 0, Math.min(b.length, 12), StandardCharsets.ISO_8859_1);
        return start.startsWith("RIFF") && start.endsWith("WEBP")
                ? "webp"
                : start.startsWith("GIF8") ? "gif" : start.startsWith("BM") && b.length > 26 ? "bmp" : "";
    }

    private interface Reading<T> {
        T read(ImageReader reader) throws IOException, Unreadable;
    }

    private static <T> T withReader(byte[] bytes, String format, String name, Reading<T> reading)
            throws IOException, Unreadable {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        if (!readers.hasNext()) {
            throw new Unreadable("“" + name + "” cannot be read: this Java has no " + format + " decoder.");
        }
        Throwable first = null;
        // One decoder may not know what another does: printers' colours in a JPEG, say.
        while (readers.hasNext()) {
            try {
                return with(readers.next(), bytes, reading);
            } catch (IOException | RuntimeException e) {
                first = first == null ? e : first;
            }
        }
        throw first instanceof IOException e ? e : new IOException(first);
    }

    private static <T> T with(ImageReader reader, byte[] bytes, Reading<T> reading) throws IOException, Unreadable {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            reader.setInput(in, true, true);
            return reading.read(reader);
        } finally {
            reader.dispose();
        }
    }
}
