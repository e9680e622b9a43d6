package pandel.desktop.mocks;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Polyline;

/** Four corner brackets around something: here is where a thing goes. */
final class CornerFrame extends StackPane {

    private static final double ARM = 28;
    private final Polyline[] corners = new Polyline[4];

    CornerFrame(Node content, double width, double height) {
        super(content);
        setMinSize(width, height);
        setMaxSize(width, height);
        for (int i = 0; i < corners.length; i++) {
            corners[i] = new Polyline();
            corners[i].setManaged(false);
            corners[i].getStyleClass().add("corner");
            getChildren().add(corners[i]);
        }
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        double w = getWidth();
        double h = getHeight();
        corners[0].getPoints().setAll(0.0, ARM, 0.0, 0.0, ARM, 0.0);
        corners[1].getPoints().setAll(w - ARM, 0.0, w, 0.0, w, ARM);
        corners[2].getPoints().setAll(0.0, h - ARM, 0.0, h, ARM, h);
        corners[3].getPoints().setAll(w - ARM, h, w, h, w, h - ARM);
    }
}
