package pandel.desktop.map;

import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import pandel.core.check.Checked;
import pandel.core.check.Rule;
import pandel.core.model.Form;
import pandel.core.model.Screen;
import pandel.desktop.work.Work;

/** A screen on the map, by its title. Overlays look lighter; a dead end has a closed side. */
final class MapChip extends Button {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final boolean entry;
    private final boolean dead;

    MapChip(Screen screen, Work work, Checked checked, boolean never) {
        super(screen.shownTitle());
        getStyleClass().add("chip");
        if (screen.form() != Form.PAGE) {
            getStyleClass().add("above");
        }
        if (work.coverage().filter(c -> c.travels(screen.id())).isPresent()) {
            getStyleClass().add("travelled-chip");
        }
        if (never) {
            getStyleClass().add("never");
        }
        setId("chip-" + screen.id());
        setMinSize(MapLayout.CHIP, MapLayout.CHIP_HIGH);
        setMaxSize(MapLayout.CHIP, MapLayout.CHIP_HIGH);
        setTooltip(new Tooltip(screen.shownTitle()));
        pseudoClassStateChanged(CHOSEN, screen.id().equals(work.selection().screen()));
        entry = work.prototype().mainEntry().filter(e -> e.target().id().equals(screen.id())).isPresent();
        dead = checked.findings(Rule.DEAD_END).stream().anyMatch(f -> f.screens().contains(screen.id()));
        setAccessibleText(screen.shownTitle() + (entry ? ", entry" : "") + (dead ? ", dead end" : "") + (never ? ", never shown" : ""));
    }

    /** What stands beside the chip: the sign of the entry, the closed end. */
    Node marks(double x, double y) {
        List<Node> marks = new ArrayList<>();
        if (entry) {
            Polyline sign = new Polyline(x - 11, y + 6, x - 4, y + 14, x - 11, y + 22);
            sign.getStyleClass().add("entry-sign");
            marks.add(sign);
        }
        if (dead) {
            Rectangle end = new Rectangle(x + MapLayout.CHIP + 1, y - 3, 5, MapLayout.CHIP_HIGH + 6);
            end.getStyleClass().add("closed-end");
            marks.add(end);
        }
        return new Group(marks);
    }
}
