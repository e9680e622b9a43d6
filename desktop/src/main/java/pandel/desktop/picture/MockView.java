package pandel.desktop.picture;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.theme.WrappedLabel;

/** How a screen looks, at a size: its picture, or plain paper with its title while there is none. */
public final class MockView extends StackPane {

    private static final String CANNOT = "Its picture cannot be shown.";
    private final PictureLibrary library;
    private final ImageView image = new ImageView();
    private final Label title = new WrappedLabel();
    private volatile String wanted = "";
    private volatile boolean gone;
    private final Pane patches = new Pane();
    /** What is laid on it now: the words as they are shown, and how large. */
    private List<Object> laid = List.of();

    private UnaryOperator<String> filled = UnaryOperator.identity();

    public MockView(PictureLibrary library) {
        this.library = library;
        title.setMouseTransparent(true);
        sceneProperty().addListener((o, was, is) -> gone = is == null);
        getStyleClass().add("mock-blank");
        patches.setMouseTransparent(true);
        getChildren().addAll(title, image, patches);
        setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    }

    /** Shows a screen's plain look so that its mock fills a width and height of the interface. */
    public void show(Screen screen, Width width, double w, double h) {
        show(Look.plain(screen), width, w, h);
    }

    /** Shows a look so that its mock fills a width and height of the interface. */
    public void show(Look look, Width width, double w, double h) {
        setPrefSize(w, h);
        title.setText(look.title());
        title.setMaxWidth(Math.max(10, w - 8));
        title.setVisible(true);
        Optional<Mock> mock = look.mockFor(width);
        lay(mock, w);
        if (mock.isPresent() && mock.get() instanceof Picture picture) {
            fit(w, h);
            request(picture.content(), pixels(this, w));
        } else {
            wanted = "";
            image.setImage(null);
        }
    }

    /** Shows a look of a size as large as it fits into a width and height of the interface. */
    public void within(Look look, Width width, Placement.Size size, double wide, double high) {
        double factor = Math.min(wide / size.width(), high / size.height());
        show(look, width, Math.rint(size.width() * factor), Math.rint(size.height() * factor));
    }

    /** Shows a picture alone so that it fills a width and height of the interface. */
    public void show(Picture picture, double w, double h) {
        setPrefSize(w, h);
        title.setVisible(false);
        fit(w, h);
        request(picture.content(), pixels(this, w));
    }

    /** How the words laid on it are shown: names in braces as they stand, unless they are filled. */
    public void fill(UnaryOperator<String> how) {
        filled = how;
    }

    /** Lays words on it, {@code w} interface px for the mock's width. */
    private void lay(Optional<Mock> mock, double w) {
        List<Patch> all = mock.map(Mock::patches).orElse(List.of());
        if (all.isEmpty()) {
            laid = List.of();
            patches.getChildren().clear();
            return;
        }
        double factor = w / mock.get().width();
        // Shown again with every scroll and every edit: made anew only where something of it is other.
        List<Object> now = List.of(
                all, factor, all.stream().map(p -> filled.apply(p.words())).toList());
        if (now.equals(laid)) {
            return;
        }
        laid = now;
        patches.getChildren()
                .setAll(all.stream()
                        .map(p -> {
                            Label label = new Label(filled.apply(p.words()));
                            label.getStyleClass().add("patch");
                            label.setManaged(false);
                            label.setAlignment(p.centred() ? Pos.CENTER : Pos.CENTER_LEFT);
                            label.getStyleClass().add(p.centred() ? "centred" : "from-left");
                            label.setWrapText(p.area().height() > 2.4 * p.size());
                            // The colours are the prototype's own, not the look of the window.
                            label.setStyle("-fx-text-fill: " + p.ink() + "; -fx-font-size: "
                                    + Math.max(1, p.size() * factor) + "px;"
                                    + (p.ground().isEmpty() ? "" : " -fx-background-color: " + p.ground() + ";"));
                            label.resizeRelocate(
                                    Math.rint(p.area().x() * factor),
                                    Math.rint(p.area().y() * factor),
                                    Math.rint(p.area().width() * factor),
                                    Math.rint(p.area().height() * factor));
                            return label;
                        })
                        .toList());
    }

    /** The colour of the picture at a point, in parts of its width and height; empty while it is not there. */
    public Optional<Color> colourAt(double x, double y) {
        Image shown = image.getImage();
        return shown == null || x < 0 || y < 0 || x >= 1 || y >= 1
                ? Optional.empty()
                : Optional.of(
                        shown.getPixelReader().getColor((int) (x * shown.getWidth()), (int) (y * shown.getHeight())));
    }

    /** Waits for no picture any more, until it is to show something again. */
    public void rest() {
        if (image.getImage() == null) {
            wanted = "";
        }
    }

    /** Device pixels across for a width of the interface, on the screen that shows a node. */
    public static int pixels(Node shown, double width) {
        double scale = shown.getScene() == null || shown.getScene().getWindow() == null
                ? 1
                : shown.getScene().getWindow().getRenderScaleX();
        return Math.max(1, (int) Math.round(width * scale));
    }

    /**
     * Fills the size; a picture that is but a pixel off it is drawn pixel for pixel, which is sharp, and several times
     * faster.
     */
    private void fit(double w, double h) {
        Image ready = image.getImage();
        double scale = pixels(this, 1000) / 1000.0;
        boolean near = ready != null
                && Math.abs(ready.getWidth() - w * scale) < 1.5
                && Math.abs(ready.getHeight() - h * scale) < 1.5;
        image.setFitWidth(near ? ready.getWidth() / scale : w);
        image.setFitHeight(near ? ready.getHeight() / scale : h);
    }

    private void request(String content, int pixels) {
        String wish = content + "@" + pixels;
        if (wish.equals(wanted)) {
            title.setVisible(image.getImage() == null);
            return;
        }
        if (!wanted.startsWith(content)) {
            image.setImage(null);
        }
        wanted = wish;
        library.request(
                content,
                pixels,
                new PictureLibrary.Wish(
                        () -> !gone && wish.equals(wanted),
                        ready -> {
                            // Something else may have been asked for meanwhile.
                            if (wish.equals(wanted)) {
                                image.setImage(ready);
                                fit(getPrefWidth(), getPrefHeight());
                                title.setVisible(false);
                            }
                        },
                        () -> {
                            // Asked for again when it is shown again; one that cannot be read stays asked for.
                            if (gone && wish.equals(wanted)) {
                                wanted = "";
                            } else if (wish.equals(wanted) && !title.getText().endsWith(CANNOT)) {
                                title.setText((title.getText() + "\n" + CANNOT).strip());
                                title.setVisible(true);
                            }
                        }));
    }
}
