package pandel.desktop.replace;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Buttons;
import pandel.files.replace.Pairing;

/** Old and new over each other: the slider uncovers the new one from the left. */
final class CompareView extends VBox {

    private static final double WIDE = 720;
    private static final double HIGH = 470;

    CompareView(Pairing pairing, PictureLibrary pictures, Runnable close) {
        super(12);
        Screen screen = pairing.had().orElseThrow().screen();
        Picture old = pairing.had().orElseThrow().picture();
        Picture fresh = pairing.came().orElseThrow().picture();
        double factor =
                Math.min(WIDE / Math.max(old.width(), fresh.width()), HIGH / Math.max(old.height(), fresh.height()));
        MockView below = mock(screen, old, pictures, factor);
        MockView above = mock(screen, fresh, pictures, factor);
        Rectangle window = new Rectangle();
        above.setClip(window);
        Region divider = new Region();
        divider.getStyleClass().add("compare-divider");
        divider.setMinWidth(2);
        divider.setMaxWidth(2);
        divider.setMouseTransparent(true);
        StackPane pile = new StackPane(below, above, divider);
        pile.getStyleClass().add("compare-pile");
        pile.setAlignment(Pos.TOP_CENTER);
        // With its edge of 1 px above and below.
        pile.setMinHeight(Math.rint(Math.max(old.height(), fresh.height()) * factor) + 2);
        pile.setMaxWidth(Region.USE_PREF_SIZE);
        Slider slider = new Slider(0, 1, 0.5);
        slider.setId("compare-slider");
        slider.setAccessibleText("How much of the new picture is seen, from the left");
        slider.setMaxWidth(Math.max(160, Math.rint(Math.max(old.width(), fresh.width()) * factor)));
        window.heightProperty().bind(above.heightProperty());
        divider.translateXProperty()
                .bind(above.widthProperty().multiply(slider.valueProperty().subtract(0.5)));
        window.widthProperty().bind(above.widthProperty().multiply(slider.valueProperty()));
        Label title = new Label(screen.shownTitle());
        title.getStyleClass().add("title");
        Label sizes = new Label(size(old) + "  →  " + size(fresh));
        sizes.getStyleClass().addAll("quiet", "small");
        Label left = new Label("new");
        Label right = new Label("old");
        left.getStyleClass().addAll("quiet", "small");
        right.getStyleClass().addAll("quiet", "small");
        HBox scale = new HBox(8, left, slider, right);
        scale.setAlignment(Pos.CENTER);
        HBox head = new HBox(12, title, sizes);
        head.setAlignment(Pos.BASELINE_LEFT);
        HBox foot = new HBox(Buttons.plain("Back to the table", "compare-close", close));
        foot.setAlignment(Pos.CENTER_RIGHT);
        setAlignment(Pos.TOP_CENTER);
        getChildren().addAll(head, pile, scale, foot);
        javafx.application.Platform.runLater(slider::requestFocus);
    }

    private static String size(Picture picture) {
        return Math.round(picture.width()) + "×" + Math.round(picture.height()) + " px";
    }

    /** One picture as the mock of a screen, at so many px of the interface for each of its own. */
    static MockView mock(Screen screen, Picture picture, PictureLibrary pictures, double factor) {
        MockView view = new MockView(pictures);
        view.show(
                screen.withMocks(List.of(picture)),
                picture.on(),
                Math.rint(picture.width() * factor),
                Math.rint(picture.height() * factor));
        return view;
    }
}
