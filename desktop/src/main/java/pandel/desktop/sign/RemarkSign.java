package pandel.desktop.sign;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;

/** A slip of paper with a corner turned down: somebody said something. */
public final class RemarkSign extends Pane {

    private static final double SIDE = 14;

    public RemarkSign() {
        setMinSize(SIDE, SIDE);
        setMaxSize(SIDE, SIDE);
        setMouseTransparent(true);
        Polygon slip = new Polygon(2, 2, 12, 2, 12, 9, 9, 12, 2, 12);
        slip.getStyleClass().add("sign-line");
        Polyline corner = new Polyline(9, 12, 9, 9, 12, 9);
        corner.getStyleClass().add("sign-line");
        getChildren().addAll(slip, corner);
    }
}
