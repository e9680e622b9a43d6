package pandel.desktop.serve;

import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import pandel.files.serve.QrSquares;

/** A QR code, black on white by day and night: cameras want it so. */
final class QrView extends Pane {

    private static final double SQUARE = 5;

    QrView(String words) {
        QrSquares code = QrSquares.of(words);
        double side = code.side() * SQUARE;
        setMinSize(side, side);
        setMaxSize(side, side);
        setId("phone-code");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText("A QR code of the address " + words);
        getChildren().add(new Rectangle(side, side, Color.WHITE));
        for (int row = 0; row < code.side(); row++) {
            for (int column = 0; column < code.side(); column++) {
                if (code.isDark(column, row)) {
                    getChildren().add(new Rectangle(column * SQUARE, row * SQUARE, SQUARE, SQUARE));
                }
            }
        }
    }
}
