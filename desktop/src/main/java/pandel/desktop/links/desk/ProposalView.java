package pandel.desktop.links.desk;

import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.StrokeLineCap;
import pandel.core.model.screen.Area;

/** What a press would mark: thin corners around it, thinner ones around what is alike. */
final class ProposalView extends Pane {

    private static final double ARM = 7;
    private static final double CASE = 3.4;
    private static final double LINE = 1.4;

    /** What is drawn, how large and how strongly. */
    private Object drawn = List.of();

    ProposalView() {
        setManaged(false);
        setMouseTransparent(true);
        getStyleClass().add("proposal");
    }

    /**
     * Draws it, {@code scale} interface px for each px of the mock.
     *
     * @param all whether what is alike is drawn as strongly
     */
    void show(Marking marking, double scale, boolean all) {
        // Asked for with every move of the hand: made anew only where it is another.
        Object now = List.of(marking, scale, all);
        if (now.equals(drawn)) {
            return;
        }
        drawn = now;
        getChildren().clear();
        for (Area one : marking.alike()) {
            if (all || one.equals(marking.area())) {
                corners(one, scale, "proposal-case", CASE);
                corners(one, scale, "proposal-line", LINE);
            } else {
                corners(one, scale, "proposal-alike", 1);
            }
        }
    }

    private void corners(Area area, double scale, String style, double wide) {
        double left = Math.rint(area.x() * scale) + 0.5;
        double top = Math.rint(area.y() * scale) + 0.5;
        double right = Math.rint(area.right() * scale) - 0.5;
        double bottom = Math.rint(area.bottom() * scale) - 0.5;
        double arm = Math.max(3, Math.min(ARM, Math.min(right - left, bottom - top) / 3));
        corner(style, wide, left, top, arm, arm);
        corner(style, wide, right, top, -arm, arm);
        corner(style, wide, left, bottom, arm, -arm);
        corner(style, wide, right, bottom, -arm, -arm);
    }

    private void corner(String style, double wide, double x, double y, double dx, double dy) {
        Polyline line = new Polyline(x, y + dy, x, y, x + dx, y);
        line.getStyleClass().add(style);
        line.setStrokeWidth(wide);
        line.setStrokeLineCap(StrokeLineCap.SQUARE);
        getChildren().add(line);
    }
}
