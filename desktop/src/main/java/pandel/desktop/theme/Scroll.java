package pandel.desktop.theme;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;

/**
 * Scrolls what is larger than its place. Unlike its parent it keeps no picture of what it shows: where something in it
 * moves, that picture would be painted again for each frame, before the frame.
 */
public class Scroll extends ScrollPane {

    public Scroll() {}

    public Scroll(Node content) {
        super(content);
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        getChildrenUnmodifiable().forEach(child -> child.setCache(false));
        return skin;
    }

    /** One that holds a column of a width and scrolls up and down alone. */
    public static Scroll column(javafx.scene.layout.Region content, double width) {
        Scroll pane = new Scroll(content);
        pane.setFitToWidth(true);
        pane.setPrefWidth(width);
        pane.setMinWidth(width);
        pane.setHbarPolicy(ScrollBarPolicy.NEVER);
        return pane;
    }
}
