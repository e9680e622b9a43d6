package pandel.desktop.links;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;

/** A column of rows beside the mock: ways in, or ways out. */
class WaysColumn extends VBox {

    static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    static final PseudoClass UNLINKED = PseudoClass.getPseudoClass("unlinked");

    WaysColumn(double width) {
        getStyleClass().add("side");
        setMinWidth(width);
        setPrefWidth(width);
        setMaxWidth(width);
    }

    static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        return label;
    }

    static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("quiet", "small");
        label.setMinWidth(0);
        return label;
    }

    static Label hint(String text) {
        Label label = new WrappedLabel(text);
        label.getStyleClass().addAll("quiet", "small");
        label.setMinWidth(0);
        label.getStyleClass().add("ways-hint");
        return label;
    }

    /** A row that is pressed by mouse, Enter or Space. */
    static HBox row(String described, Runnable press, Node... parts) {
        HBox row = new HBox(parts);
        row.getStyleClass().add("row");
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setAccessibleText(described);
        Tooltip.install(row, new Tooltip(described));
        Buttons.onPress(row, press);
        return row;
    }

    static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("to");
        label.setMinWidth(0);
        return label;
    }

    /** A title with what it is by beneath it. */
    static VBox lines(Label title, String beneath) {
        VBox lines = new VBox(title);
        if (!beneath.isEmpty()) {
            Label small = quiet(beneath);
            lines.getChildren().add(small);
        }
        lines.setAlignment(Pos.CENTER_LEFT);
        lines.setMinWidth(0);
        HBox.setHgrow(lines, Priority.ALWAYS);
        return lines;
    }
}
