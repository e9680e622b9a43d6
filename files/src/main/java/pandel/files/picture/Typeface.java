package pandel.files.picture;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.GraphicsEnvironment;
import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;

/** The typeface that words are set in, wherever Pandel sets some. */
public final class Typeface {

    private static final String PLACE = "/pandel/files/type/Pandel-";

    private Typeface() {}

    /** Its letters as an OpenType font; to be closed. */
    public static InputStream letters(String weight) {
        return Objects.requireNonNull(Typeface.class.getResourceAsStream(PLACE + weight + ".otf"));
    }

    /** The regular weight for Java 2D, of size 1. */
    static Font plain() {
        return Kept.PLAIN;
    }

    /** Lets drawings that name it be drawn with it. */
    public static void offer() {
        GraphicsEnvironment.getLocalGraphicsEnvironment().registerFont(plain());
    }

    /** Read when it is first needed. */
    private static final class Kept {
        private static final Font PLAIN = read();

        private static Font read() {
            try (InputStream in = letters("Regular")) {
                return Font.createFont(Font.TRUETYPE_FONT, in);
            } catch (IOException | FontFormatException e) {
                throw new IllegalStateException("The bundled typeface cannot be read", e);
            }
        }
    }
}
