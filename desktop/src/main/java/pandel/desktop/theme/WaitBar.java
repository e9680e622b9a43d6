package pandel.desktop.theme;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A wait that runs, with what is left of it. */
public final class WaitBar extends VBox {

    private static final double WIDE = 236;

    private final Label words = new WrappedLabel();
    private final Region bar = new Region();

    /** One that is empty. */
    public WaitBar() {
        super(8);
        words.getStyleClass().addAll("quiet", "small");
        Region track = new Region();
        track.getStyleClass().add("wait-track");
        bar.getStyleClass().add("wait-bar");
        StackPane both = new StackPane(track, bar);
        both.setAlignment(Pos.CENTER_LEFT);
        both.setMinHeight(3);
        both.setMaxHeight(3);
        getChildren().addAll(words, both);
    }

    /** @param share how much of it is over, 0 to 1 */
    public void show(String text, double share) {
        words.setText(text);
        bar.setMaxWidth(WIDE * share);
    }
}
