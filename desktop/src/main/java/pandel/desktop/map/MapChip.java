package pandel.desktop.map;

import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.util.Duration;
import pandel.core.chart.Spot;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.model.Look;
import pandel.core.model.Targets;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.DayOrNight;
import pandel.desktop.work.Work;

/**
 * A screen on the map, by its title, or by its mock where there is room; its mock shows while the pointer rests on it.
 * Overlays look lighter; a dead end has a closed side.
 */
final class MapChip extends Button {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass DIM = PseudoClass.getPseudoClass("dim");
    private static final double HOVERED = 180;
    private static final double AROUND_TITLE = 20;

    private final Screen screen;
    private final boolean entry;
    private final boolean dead;

    MapChip(Screen screen, Work work, PictureLibrary pictures, Checked checked, boolean never) {
        super(screen.shownTitle());
        this.screen = screen;
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
        setTooltip(hovered(work, pictures));
        pseudoClassStateChanged(CHOSEN, screen.id().equals(work.selection().screen()));
        entry = work.prototype()
                .mainEntry()
                .filter(e -> Targets.shownId(work.prototype(), e.target()).equals(screen.id()))
                .isPresent();
        dead = checked.findings(Rule.DEAD_END).stream()
                .anyMatch(f -> f.screens().contains(screen.id()));
        setAccessibleText(screen.shownTitle()
                + (entry ? ", entry" : "")
                + (dead ? ", dead end" : "")
                + (never ? ", never shown" : ""));
    }

    private Tooltip hovered(Work work, PictureLibrary pictures) {
        Tooltip tip = new Tooltip(screen.shownTitle());
        tip.setShowDelay(Duration.millis(350));
        tip.setContentDisplay(ContentDisplay.BOTTOM);
        // The mock is asked for only when it is to be seen.
        tip.setOnShowing(e -> {
            MockView mock = new MockView(pictures);
            fit(mock, work, HOVERED, HOVERED * 2);
            tip.setGraphic(mock);
        });
        return tip;
    }

    private void fit(MockView mock, Work work, double wide, double high) {
        Placement.Size size = Placement.sizeOf(
                screen, work.width(), work.device().width(), work.device().height());
        mock.within(Look.plain(screen), work.width(), size, wide, high);
    }

    /** Px that a place is wide with the whole title in it. */
    static double wide(Screen screen) {
        Text text = new Text(screen.shownTitle());
        text.setFont(Font.font(DayOrNight.FAMILY, 12));
        return Math.ceil(text.getLayoutBounds().getWidth()) + AROUND_TITLE;
    }

    void size(double wide, double high) {
        setMinSize(wide, high);
        setPrefSize(wide, high);
        setMaxSize(wide, high);
    }

    /** Shows the mock above the title. */
    void asMock(Work work, PictureLibrary pictures, double wide, double high) {
        MockView mock = new MockView(pictures);
        fit(mock, work, wide - 12, high - 40);
        setGraphic(mock);
        setContentDisplay(ContentDisplay.TOP);
        setAlignment(Pos.BOTTOM_CENTER);
        getStyleClass().add("mock-chip");
    }

    /** Steps back, because another thing is looked at. */
    void dim(boolean isDim) {
        pseudoClassStateChanged(DIM, isDim);
    }

    /** What stands beside the chip: the sign of the entry, the closed end, a number. */
    Node marks(Spot spot, String number) {
        List<Node> marks = new ArrayList<>();
        if (entry) {
            double y = spot.middle();
            Polyline sign = new Polyline(spot.x() - 11, y - 8, spot.x() - 4, y, spot.x() - 11, y + 8);
            sign.getStyleClass().add("entry-sign");
            marks.add(sign);
        }
        if (dead) {
            Rectangle end = new Rectangle(spot.x() + spot.wide() + 1, spot.y() - 3, 5, spot.high() + 6);
            end.getStyleClass().add("closed-end");
            marks.add(end);
        }
        if (!number.isEmpty()) {
            Label label = new Label(number);
            label.getStyleClass().addAll("bond", "on-map");
            label.relocate(spot.x() - 13, spot.onShoulder() ? spot.y() + 1 : spot.y() - 10);
            marks.add(label);
        }
        return new Group(marks);
    }
}
