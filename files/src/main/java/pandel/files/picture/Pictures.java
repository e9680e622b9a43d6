package pandel.files.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import pandel.files.Unreadable;

/** Decodes PNG, JPEG and SVG, photographs turned upright. The header is looked at before anything is decoded. */
public final class Pictures {

    /** The most pixels along one side of a picture that is taken in. */
    public static final int LONGEST_SIDE = 20_000;
    /** The most pixels of a picture in all, 100 million: 400 MB when decoded. */
    public static final long MOST_PIXELS = 100_000_000;
    /** The most bytes of a picture's file. */
    public static final long MOST_BYTES = 200_000_000;

    private static final String SVG = "svg";

    /** What a picture's header says. @param ending of its content name */
    public record Header(String ending, int width, int height) {
    }

    static {
        ImageIO.setUseCache(false);
    }

    private Pictures() {
    }

    /** Reads the header alone. */
    public static Header header(byte[] bytes, String name) throws Unreadable {
        if (bytes.length == 0) {
            throw new Unreadable("“" + name + "” is empty; export it again.");
        }
        String format = format(bytes);
        if (format.isEmpty()) {
            throw new Unreadable("“" + name + "” is no PNG, JPEG or SVG picture.");
        }
        if (format.equals(SVG)) {
            return header(Drawing.of(bytes, name), name);
        }
        try {
            boolean swaps = format.equals("jpg") && Turn.of(bytes).swaps();
            return withReader(bytes, format, name, reader -> swaps ? checked(format, reader.getHeight(0), reader.getWidth(0), name)
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
            throw new Unreadable(String.format(Locale.ROOT, "“%s” is %,d × %,d pixels; the most is %,d a side and 100 million in all.", name, width, height, LONGEST_SIDE));
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
            return withReader(bytes, header.ending(), name, reader -> {
                String[] warning = new String[1];
                IIOReadWarningListener listener = (source, text) -> warning[0] = text;
                reader.addIIOReadWarningListener(listener);
                BufferedImage image = reader.read(0);
                if (warning[0] != null && warning[0].toLowerCase(Locale.ROOT).contains("premature")) {
                    throw new IOException(warning[0]);
                }
                return header.ending().equals("jpg") ? Turn.of(bytes).upright(Raster.of(image)) : Raster.of(image);
            });
        } catch (IOException | RuntimeException e) {
            throw new Unreadable("“" + name + "” is cut short or damaged; export it again.", e);
        }
    }

    /** PNG bytes of a picture. */
    public static byte[] png(Raster raster) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(raster.image(), "png", out);
        return out.toByteArray();
    }

    /** Picture pixels for each px that a picture itself says; 0: nothing. */
    public static double ownScale(Header header) {
        return header.ending().equals(SVG) ? Drawing.SCALE : 0;
    }

    private static String format(byte[] b) {
        if (Drawing.isOne(b)) {
            return SVG;
        }
        if (b.length > 8 && (b[0] & 255) == 0x89 && b[1] == 'P' && b[2] == 'N' && b[3] == 'G') {
            return "png";
        }
        return b.length > 3 && (b[0] & 255) == 0xFF && (b[1] & 255) == 0xD8 && (b[2] & 255) == 0xFF ? "jpg" : "";
    }

    private interface Reading<T> {
        T read(ImageReader reader) throws IOException, Unreadable;
    }

    private static <T> T withReader(byte[] bytes, String format, String name, Reading<T> reading) throws IOException, Unreadable {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        if (!readers.hasNext()) {
            throw new Unreadable("“" + name + "” cannot be read: this Java has no " + format + " decoder.");
        }
        ImageReader reader = readers.next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            reader.setInput(in, true, true);
            return reading.read(reader);
        } finally {
            reader.dispose();
        }
    }
}
