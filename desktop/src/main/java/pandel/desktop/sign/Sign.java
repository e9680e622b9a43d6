package pandel.desktop.sign;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.shape.SVGPath;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextBoundsType;
import org.kordamp.ikonli.boxicons.BoxiconsRegular;
import pandel.core.model.frame.OwnSign;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;

/**
 * Signs of tabs, items, actions and buttons: a few of our own, as lines on a square of 24; an open set of many; and
 * drawings that came with the prototype, which take the colour of what they stand in where they are of one colour.
 */
public final class Sign {

    /** px of the device that one is wide and high unless it is said. */
    public static final double SIZE = 22;

    private static final double DRAWN_ON = 24;
    /** How much two colours may differ and be taken for one. */
    private static final double NEAR = 0.12;

    private static final double SEEN = 0.1;
    private static final Map<String, String> PATHS = new LinkedHashMap<>();
    private static final Map<String, BoxiconsRegular> LETTERS = new LinkedHashMap<>();

    static {
        PATHS.put("back", "M20 12 H4 M11 5 L4 12 L11 19");
        PATHS.put("house", "M3 11 L12 3 L21 11 M5 10 V21 H19 V10");
        PATHS.put("list", "M4 6 H20 M4 12 H20 M4 18 H20");
        PATHS.put("box", "M3 7 H21 V20 H3 Z M3 7 L6 3 H18 L21 7 M9 11 H15");
        PATHS.put("bell", "M5 17 V11 A7 7 0 0 1 19 11 V17 L21 19 H3 Z M10 22 H14");
        PATHS.put("person", "M8 8 A4 4 0 1 0 16 8 A4 4 0 1 0 8 8 M4 21 A8 7 0 0 1 20 21");
        PATHS.put("lens", "M4 10 A6 6 0 1 0 16 10 A6 6 0 1 0 4 10 M15 15 L21 21");
        PATHS.put("calendar", "M4 5 H20 V21 H4 Z M4 10 H20 M8 3 V7 M16 3 V7");
        PATHS.put("heart", "M12 20 L4 12 A4.5 4.5 0 0 1 12 7 A4.5 4.5 0 0 1 20 12 Z");
        PATHS.put("gauge", "M3 18 A9 9 0 1 1 21 18 M12 18 L16 10");
        PATHS.put("map", "M3 6 L9 4 L15 6 L21 4 V18 L15 20 L9 18 L3 20 Z M9 4 V18 M15 6 V20");
        PATHS.put("cross", "M12 4 V20 M4 12 H20");
        PATHS.put("dots", "M5 12 H6 M11.5 12 H12.5 M18 12 H19");
        Arrays.stream(BoxiconsRegular.values()).forEach(letter -> LETTERS.put(letter.getDescription(), letter));
    }

    private Sign() {}

    /** Names of all signs that come with the program, our own first. */
    public static List<String> names() {
        return Stream.concat(PATHS.keySet().stream(), LETTERS.keySet().stream()).toList();
    }

    /** Those whose names have all of some words in them. */
    public static List<String> matching(String typed) {
        List<String> words = List.of(typed.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return names().stream()
                .filter(name -> words.stream().allMatch(said(name)::contains))
                .toList();
    }

    /** A name as it is said: "alarm add", "own drawing". */
    public static String said(String name) {
        return OwnSign.content(name).isPresent()
                ? "own drawing"
                : name.replaceFirst("^bx-", "").replace('-', ' ');
    }

    /**
     * A sign drawn about a middle, in interface px.
     *
     * @param size interface px
     */
    public static Node drawn(
            PictureLibrary pictures, String name, String colour, double size, double middleX, double middleY) {
        Optional<String> own = OwnSign.content(name);
        if (own.isPresent()) {
            return own(pictures, own.get(), Color.web(colour), size, middleX, middleY);
        }
        BoxiconsRegular letter = LETTERS.get(name);
        Node node = letter == null ? lines(name, colour, size) : letter(letter, colour, size);
        node.relocate(
                Math.rint(middleX - node.getLayoutBounds().getWidth() / 2),
                Math.rint(middleY - node.getLayoutBounds().getHeight() / 2));
        return node;
    }

    /** A letter of the set's font; in its style, too, for the window's says the font of all that is text. */
    private static Text letter(BoxiconsRegular sign, String colour, double size) {
        Text text = new Text(String.valueOf((char) sign.getCode()));
        text.setFont(Font.font(Letters.FAMILY, size));
        text.setStyle("-fx-font-family: '" + Letters.FAMILY + "'; -fx-font-size: " + size + "px;");
        text.setFill(Color.web(colour));
        text.getStyleClass().add("sign-letter");
        text.setMouseTransparent(true);
        // Its line has room above that others have not.
        text.setBoundsType(TextBoundsType.VISUAL);
        return text;
    }

    /** The font of the set, taken in when the first sign of it is drawn. */
    private static final class Letters {
        private static final String FILE = "/META-INF/resources/boxicons/2.0.7/fonts/boxicons.ttf";
        private static final String FAMILY = family();

        private static String family() {
            try (InputStream font = BoxiconsRegular.class.getResourceAsStream(FILE)) {
                return Objects.requireNonNull(Font.loadFont(font, SIZE)).getFamily();
            } catch (IOException e) {
                throw new UncheckedIOException("The font of the signs cannot be read", e);
            }
        }
    }

    private static SVGPath lines(String name, String colour, double size) {
        SVGPath path = new SVGPath();
        path.setContent(path(name));
        path.setFill(Color.TRANSPARENT);
        path.setStroke(Color.web(colour));
        path.setStrokeWidth(1.6);
        path.getStyleClass().add("sign-line");
        double factor = size / DRAWN_ON;
        path.setScaleX(factor);
        path.setScaleY(factor);
        return path;
    }

    private static Node own(
            PictureLibrary pictures, String content, Color colour, double size, double middleX, double middleY) {
        ImageView view = new ImageView();
        view.setFitWidth(size);
        view.setFitHeight(size);
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.relocate(Math.rint(middleX - size / 2), Math.rint(middleY - size / 2));
        pictures.request(
                content,
                2 * MockView.pixels(view, size),
                image -> view.setImage(isOfOneColour(image) ? inked(image, colour) : image));
        return view;
    }

    /** Whether all that is seen of it is of one colour. */
    private static boolean isOfOneColour(Image image) {
        PixelReader pixels = image.getPixelReader();
        Color first = null;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                Color at = pixels.getColor(x, y);
                if (at.getOpacity() > 1 - SEEN) {
                    first = first == null ? at : first;
                    if (Math.abs(at.getRed() - first.getRed()) > NEAR
                            || Math.abs(at.getGreen() - first.getGreen()) > NEAR
                            || Math.abs(at.getBlue() - first.getBlue()) > NEAR) {
                        return false;
                    }
                }
            }
        }
        return first != null;
    }

    private static Image inked(Image image, Color colour) {
        int wide = (int) image.getWidth();
        int high = (int) image.getHeight();
        WritableImage inked = new WritableImage(wide, high);
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                double seen = image.getPixelReader().getColor(x, y).getOpacity();
                inked.getPixelWriter()
                        .setColor(x, y, Color.color(colour.getRed(), colour.getGreen(), colour.getBlue(), seen));
            }
        }
        return inked;
    }

    /** The lines of a sign of ours; of one that is not known a square. */
    private static String path(String name) {
        return PATHS.getOrDefault(name, "M5 5 H19 V19 H5 Z");
    }
}
