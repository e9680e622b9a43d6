package pandel.desktop.play;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.link.Event;
import pandel.core.play.layout.AnswerPlace;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;

/**
 * One thing that can or cannot be done. Rows are used again from step to step: making them anew would hold up what
 * moves.
 */
final class PossibleRow extends HBox {

    private static final PseudoClass POSSIBLE = PseudoClass.getPseudoClass("possible");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private final Label bond = new Label();
    private final Label title = new WrappedLabel();
    private final Label effect = new WrappedLabel();
    private Event event = new Event.DeviceBack();

    /** @param pointed is told what the pointer rests on, and when it rests on nothing any more */
    PossibleRow(Consumer<Event> doIt, Consumer<Optional<Event>> pointed) {
        bond.getStyleClass().add("bond");
        title.getStyleClass().add("possible-title");
        effect.getStyleClass().addAll("quiet", "small");
        // An outcome stands at the end of what is done: it must not be cut off.
        title.setMinHeight(Region.USE_PREF_SIZE);
        effect.setMinHeight(Region.USE_PREF_SIZE);
        VBox words = new VBox(title, effect);
        words.setMinWidth(0);
        words.getStyleClass().add("possible-words");
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().addAll(bond, words);
        getStyleClass().addAll("row", "possible-row");
        setAccessibleRole(AccessibleRole.BUTTON);
        Buttons.onPress(this, () -> doIt.accept(event));
        setOnMouseEntered(e -> pointed.accept(Optional.of(event)));
        setOnMouseExited(e -> pointed.accept(Optional.empty()));
    }

    /** Stands out while one of these is pointed at on the device. */
    void light(List<Event> pointed) {
        pseudoClassStateChanged(LIT, pointed.contains(AnswerPlace.touch(event)));
    }

    /** @param number of the hotspot; 0: none */
    void show(int number, String what, String then, boolean possible, Event does) {
        bond.setText(number == 0 ? "" : String.valueOf(number));
        bond.setVisible(number > 0);
        title.setText(what);
        effect.setText(then);
        pseudoClassStateChanged(POSSIBLE, possible);
        setAccessibleText(what + ": " + then);
        event = does;
        pseudoClassStateChanged(LIT, false);
    }
}
