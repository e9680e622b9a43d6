package pandel.desktop.frames;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.desktop.theme.WrappedLabel;

/** Words beside what is said of a frame: headings, captions, explanations. */
final class FrameWords {

    static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private FrameWords() {}

    /** Small and quiet. */
    static Label small(String words) {
        Label label = new Label(words);
        label.getStyleClass().addAll("quiet", "small");
        return label;
    }

    /** What explains, over several lines where it is long. */
    static Label told(String words) {
        Label label = new WrappedLabel(words);
        label.getStyleClass().addAll("quiet", "small");
        return label;
    }

    /** Words over what follows, with what can be done to it. */
    static HBox heading(String words, Button... presses) {
        Label label = new Label(words);
        label.getStyleClass().add("heading");
        label.setMinWidth(0);
        HBox line = new HBox(4, label, spring());
        line.getChildren().addAll(presses);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    /** Room that takes what others leave. */
    static Region spring() {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        return space;
    }
}
