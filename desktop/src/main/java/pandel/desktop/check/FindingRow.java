package pandel.desktop.check;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.check.finding.Finding;
import pandel.desktop.theme.WrappedLabel;

/** A finding in the list: its weight as a shape, its sentence, its rule. */
final class FindingRow extends ListCell<Finding> {

    FindingRow() {
        getStyleClass().add("finding");
    }

    @Override
    protected void updateItem(Finding finding, boolean empty) {
        super.updateItem(finding, empty);
        if (empty || finding == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        Region mark = new Region();
        mark.getStyleClass().add("weight-" + finding.weight().word());
        mark.setMinSize(10, 10);
        mark.setMaxSize(10, 10);
        StackPane markPlace = new StackPane(mark);
        markPlace.getStyleClass().add("finding-mark");
        markPlace.setMaxHeight(Region.USE_PREF_SIZE);
        Label sentence = new WrappedLabel(finding.sentence());
        Label id = new Label(finding.rule().title());
        id.getStyleClass().addAll("quiet", "small");
        VBox words = new VBox(2, sentence, id);
        HBox row = new HBox(markPlace, words);
        row.setAlignment(Pos.TOP_LEFT);
        row.setSpacing(10);
        // A cell is as wide as the list, so that sentences wrap within it.
        setPrefWidth(0);
        setGraphic(row);
        setAccessibleText(finding.weight().word() + ": " + finding.sentence());
    }
}
