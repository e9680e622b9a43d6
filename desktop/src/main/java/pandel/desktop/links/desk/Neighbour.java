package pandel.desktop.links.desk;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.Look;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/** A screen beside the one on the desk; a press walks there. */
final class Neighbour extends Button {

    static final double WIDE = 128;
    private static final double PICTURE = 116;
    private static final double HIGHEST = 260;

    private final FramedMock frame;
    private final Label words = new WrappedLabel();

    Neighbour(PictureLibrary pictures, Runnable walk, String id) {
        frame = new FramedMock(pictures);
        words.setMaxWidth(PICTURE + 2);
        words.getStyleClass().addAll("quiet", "small");
        words.setMinHeight(Region.USE_PREF_SIZE);
        VBox box = new VBox(6, frame, words);
        box.setAlignment(Pos.TOP_LEFT);
        setGraphic(box);
        getStyleClass().add("neighbour");
        setId(id);
        setFocusTraversable(false);
        setOnAction(e -> walk.run());
    }

    void show(Screen screen, String text, Work work) {
        Placement.Size size = Placement.sizeOf(
                screen, work.width(), work.device().width(), work.device().height());
        frame.within(Look.plain(screen), work.width(), size, PICTURE, HIGHEST);
        words.setText(text);
        setAccessibleText("Walk to " + screen.shownTitle());
        setVisible(true);
    }

    /** How high it is with its words. */
    double high() {
        return frame.mock().getPrefHeight() + words.prefHeight(PICTURE + 2) + 18;
    }

    void hide() {
        setVisible(false);
    }
}
