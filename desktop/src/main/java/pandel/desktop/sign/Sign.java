package pandel.desktop.sign;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
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
import pandel.desktop.picture.Rasters;
import pandel.files.sign.SignShape;

/**
 * Signs of tabs, items, actions and buttons: a few of our own, as lines on a square of 24; an open set of many; and
 * drawings that came with the prototype, which take the colour of what they stand in where they are of one colour.
 */
public final class Sign {

    /** px of the device that one is wide and high unless it is said. */
    public static final double SIZE = 22;

    private static final double DRAWN_ON = 24;

    private Sign() {}

    /** Those whose names have all of some words in them. */
    public static List<String> matching(String typed) {
        List<String> words = List.of(typed.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return SignShape.names().stream()
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
        Node node = SignShape.letter(name)
                .<Node>map(letter -> letter(letter, colour, size))
                .orElseGet(() -> lines(name, colour, size));
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
        path.setContent(SignShape.lines(name));
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
                image -> view.setImage(Rasters.of(image).isOfOneColour() ? inked(image, colour) : image));
        return view;
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
}
