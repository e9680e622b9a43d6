package pandel.desktop.check;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.check.finding.Finding;
import pandel.core.model.Look;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/**
 * A finding in the list: its weight as a shape, a small picture of where it is, its sentence, its rule. What has the
 * same cause as the one above it stands further in.
 */
final class FindingRow extends ListCell<Finding> {

    private static final double PICTURE = 26;
    private static final double PICTURE_HIGH = 52;

    private final Work work;
    private final PictureLibrary pictures;
    private final Grouped grouped;

    /** What the list knows of its rows. */
    interface Grouped {
        /** Whether the one above it has the same cause. */
        boolean follows(Finding finding);
    }

    FindingRow(Work work, PictureLibrary pictures, Grouped grouped) {
        this.work = work;
        this.pictures = pictures;
        this.grouped = grouped;
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
        boolean follows = grouped.follows(finding);
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
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(markPlace);
        if (follows) {
            row.getStyleClass().add("same-cause");
        } else {
            row.getChildren().add(picture(finding));
        }
        row.getChildren().add(words);
        row.setAlignment(Pos.TOP_LEFT);
        row.setSpacing(10);
        // A cell is as wide as the list, so that sentences wrap within it.
        setPrefWidth(0);
        setGraphic(row);
        setAccessibleText(finding.weight().word() + ": " + finding.sentence() + (follows ? " (same cause)" : ""));
    }

    private Node picture(Finding finding) {
        StackPane place = new StackPane();
        place.setMinSize(PICTURE, PICTURE_HIGH);
        place.setMaxSize(PICTURE, PICTURE_HIGH);
        place.setAlignment(Pos.TOP_CENTER);
        Optional<Screen> screen = finding.screens().stream().findFirst().flatMap(work.prototype()::screen);
        screen.ifPresent(s -> {
            Placement.Size size = Placement.sizeOf(
                    s, work.width(), work.device().width(), work.device().height());
            place.getChildren()
                    .add(new FramedMock(pictures).within(Look.plain(s), work.width(), size, PICTURE, PICTURE_HIGH));
        });
        return place;
    }
}
