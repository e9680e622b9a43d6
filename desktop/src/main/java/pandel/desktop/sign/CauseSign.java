package pandel.desktop.sign;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Shape;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;

/** What sets a link off, as a small sign: a finger’s mark, the way it is drawn, a key, a clock’s hands. */
public final class CauseSign extends Pane {

    private static final double SIDE = 14;

    public CauseSign(Cause cause) {
        setMinSize(SIDE, SIDE);
        setMaxSize(SIDE, SIDE);
        setMouseTransparent(true);
        switch (cause) {
            case Cause.Touch touch -> touch(touch.gesture());
            case Cause.Submit s ->
                lines(new double[] {2, 2, 2, 12, 9, 12}, new double[] {6, 6, 12, 6}, new double[] {9, 3, 12, 6, 9, 9});
            case Cause.Wait w -> clock();
            case Cause.Untouched u -> {
                clock();
                lines(new double[] {1, 13, 13, 1});
            }
            case Cause.Work w ->
                lines(new double[] {2, 4, 12, 4, 12, 11, 2, 11, 2, 4}, new double[] {4, 7.5, 6, 9.5, 10, 5.5});
            case Cause.Turn t ->
                lines(new double[] {1, 3, 6, 3, 6, 11, 1, 11, 1, 3}, new double[] {8, 3, 13, 3, 13, 11, 8, 11, 8, 3});
            case Cause.Item i ->
                lines(new double[] {1, 1, 6, 1, 6, 13, 1, 13, 1, 1}, new double[] {9, 4, 16, 4}, new double[] {
                    9, 9, 16, 9
                });
            case Cause.Sign s ->
                lines(new double[] {1, 2, 13, 2, 13, 6, 1, 6, 1, 2}, new double[] {3, 4, 5, 4}, new double[] {
                    1, 12, 13, 12
                });
            case Cause.Tab t ->
                lines(new double[] {1, 4, 1, 12, 13, 12, 13, 4}, new double[] {4, 4, 4, 1, 10, 1, 10, 4});
            case Cause.Finish f ->
                lines(new double[] {1, 3, 6, 3, 6, 11, 1, 11, 1, 3}, new double[] {8, 7, 13, 7}, new double[] {
                    11, 4, 13, 7, 11, 10
                });
            case Cause.Skip s -> lines(new double[] {2, 3, 6, 7, 2, 11}, new double[] {8, 3, 12, 7, 8, 11});
            case Cause.Back b ->
                lines(new double[] {13, 7, 3, 7}, new double[] {7, 3, 3, 7, 7, 11}, new double[] {1, 2, 1, 12});
        }
    }

    private void touch(Gesture gesture) {
        switch (gesture) {
            case TAP -> dot(7, 7, 3.2);
            case DOUBLE_TAP -> {
                dot(4, 7, 2.6);
                dot(10, 7, 2.6);
            }
            case LONG_PRESS -> {
                dot(7, 5, 2.8);
                lines(new double[] {2, 11.5, 12, 11.5});
            }
            case SWIPE_LEFT -> lines(new double[] {13, 7, 3, 7}, new double[] {6, 3, 2, 7, 6, 11});
            case SWIPE_RIGHT -> lines(new double[] {1, 7, 11, 7}, new double[] {8, 3, 12, 7, 8, 11});
            case SWIPE_UP -> lines(new double[] {7, 13, 7, 3}, new double[] {3, 6, 7, 2, 11, 6});
            case SWIPE_DOWN -> lines(new double[] {7, 1, 7, 11}, new double[] {3, 8, 7, 12, 11, 8});
            case EDGE_SWIPE_LEFT ->
                lines(new double[] {1, 1, 1, 13}, new double[] {3, 7, 11, 7}, new double[] {8, 3, 12, 7, 8, 11});
            case EDGE_SWIPE_RIGHT ->
                lines(new double[] {13, 1, 13, 13}, new double[] {11, 7, 3, 7}, new double[] {6, 3, 2, 7, 6, 11});
            case HOVER -> {
                ring(7, 7, 4.5);
                lines(new double[] {7, 6.5, 7, 7.5});
            }
            case SECONDARY_PRESS -> {
                dot(9.5, 7, 3);
                lines(new double[] {2, 2, 2, 12});
            }
            case KEY -> lines(new double[] {2, 2, 12, 2, 12, 12, 2, 12, 2, 2}, new double[] {5, 9, 9, 9});
        }
    }

    private void clock() {
        ring(7, 7, 5);
        lines(new double[] {7, 4, 7, 7, 9.5, 8.5});
    }

    private void dot(double x, double y, double radius) {
        Circle circle = new Circle(x, y, radius);
        circle.getStyleClass().add("sign-dot");
        getChildren().add(circle);
    }

    private void ring(double x, double y, double radius) {
        Circle circle = new Circle(x, y, radius);
        circle.getStyleClass().add("sign-line");
        getChildren().add(circle);
    }

    private void lines(double[]... lines) {
        for (double[] line : lines) {
            Shape shape = new Polyline(line);
            shape.getStyleClass().add("sign-line");
            getChildren().add(shape);
        }
    }
}
