package pandel.desktop.sign;

import java.util.Optional;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Shape;
import pandel.core.model.link.Verb;

/** The family of a verb as a shape: after goes right, in place of turns on the spot, above goes up, back goes left. */
public final class VerbSign extends Pane {

    public VerbSign(Optional<Verb> verb) {
        setMinSize(18, 14);
        setMaxSize(18, 14);
        double[][] lines = verb.map(v -> switch (v) {
                    case ADVANCE -> new double[][] {{1, 7, 16, 7}, {11, 2, 16, 7, 11, 12}};
                    case REPLACE -> new double[][] {{1, 4, 13, 4, 13, 11}, {17, 8, 13, 12, 9, 8}};
                    case RESTART -> new double[][] {{2, 1, 2, 13}, {16, 3, 16, 8, 5, 8}, {9, 4, 5, 8, 9, 12}};
                    case OPEN_ABOVE -> new double[][] {{2, 13, 16, 13}, {9, 10, 9, 1}, {5, 5, 9, 1, 13, 5}};
                    case RETURN -> new double[][] {{17, 7, 2, 7}, {7, 2, 2, 7, 7, 12}};
                    case RETURN_TO -> new double[][] {{2, 1, 2, 13}, {17, 7, 5, 7}, {9, 3, 5, 7, 9, 11}};
                    case CLOSE -> new double[][] {{2, 13, 16, 13}, {9, 1, 9, 10}, {5, 6, 9, 10, 13, 6}};
                    case SWITCH_TAB ->
                        new double[][] {{1, 5, 1, 13, 17, 13, 17, 5}, {4, 5, 4, 1, 8, 1, 8, 5}, {10, 9, 14, 9}};
                    case TURN_PAGE ->
                        new double[][] {{1, 2, 7, 2, 7, 12, 1, 12, 1, 2}, {10, 7, 17, 7}, {13, 3, 17, 7, 13, 11}};
                    case NEXT_ROW ->
                        new double[][] {{1, 3, 9, 3}, {1, 11, 9, 11}, {14, 1, 14, 13}, {11, 10, 14, 13, 17, 10}};
                    case PREVIOUS_ROW ->
                        new double[][] {{1, 3, 9, 3}, {1, 11, 9, 11}, {14, 13, 14, 1}, {11, 4, 14, 1, 17, 4}};
                    case DRAWER_OPEN ->
                        new double[][] {{1, 1, 6, 1, 6, 13, 1, 13, 1, 1}, {9, 7, 17, 7}, {13, 3, 17, 7, 13, 11}};
                    case DRAWER_CLOSE ->
                        new double[][] {{1, 1, 6, 1, 6, 13, 1, 13, 1, 1}, {17, 7, 9, 7}, {13, 3, 9, 7, 13, 11}};
                    case DRAWER_TOGGLE ->
                        new double[][] {
                            {1, 1, 6, 1, 6, 13, 1, 13, 1, 1},
                            {9, 7, 17, 7},
                            {12, 4, 9, 7, 12, 10},
                            {14, 4, 17, 7, 14, 10}
                        };
                    case REMEMBER -> new double[][] {{4, 2, 14, 2, 14, 12, 9, 8, 4, 12, 4, 2}};
                    case NOTICE -> new double[][] {{2, 3, 16, 3, 16, 10, 2, 10, 2, 3}, {5, 6, 13, 6}};
                    case BEGIN_AGAIN -> new double[][] {{15, 4, 15, 11, 3, 11, 3, 4, 11, 4}, {8, 1, 11, 4, 8, 7}};
                    case LEAVE ->
                        new double[][] {{9, 3, 3, 3, 3, 12, 13, 12, 13, 8}, {8, 8, 16, 1}, {11, 1, 16, 1, 16, 6}};
                })
                .orElse(new double[][] {{2, 7, 5, 7}, {8, 7, 11, 7}, {14, 7, 17, 7}});
        for (double[] line : lines) {
            Shape shape = new Polyline(line);
            shape.getStyleClass().add("shape");
            shape.getStyleClass().add("verb-line");
            getChildren().add(shape);
        }
    }

    /** The family in a word. */
    public static String word(Verb verb) {
        return switch (verb) {
            case ADVANCE -> "after";
            case REPLACE -> "instead";
            case RESTART -> "restart";
            case OPEN_ABOVE -> "above";
            case RETURN -> "return";
            case RETURN_TO -> "return";
            case CLOSE -> "close";
            case TURN_PAGE -> "turns";
            case SWITCH_TAB -> "shows";
            case NEXT_ROW -> "next row";
            case PREVIOUS_ROW -> "row before";
            case DRAWER_OPEN -> "opens";
            case DRAWER_CLOSE -> "closes";
            case DRAWER_TOGGLE -> "opens, closes";
            case REMEMBER -> "remember";
            case NOTICE -> "says";
            case LEAVE -> "leaves";
            case BEGIN_AGAIN -> "begins again";
        };
    }
}
