package pandel.desktop.play;

import java.util.List;
import java.util.function.BiConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.desktop.theme.Press;
import pandel.desktop.theme.WrappedLabel;

/** Asks, over the device, how a link turns out. Its numbers and Escape work by key. */
final class AskPane extends VBox {

    /**
     * @param what    what was done, in words
     * @param chosen  takes the outcome and whether it is always to be this one
     * @param dismiss nothing happens
     */
    AskPane(String what, List<String> outcomes, BiConsumer<String, Boolean> chosen, Runnable dismiss) {
        getStyleClass().add("ask");
        setId("ask");
        setMaxSize(300, Region.USE_PREF_SIZE);
        setSpacing(8);
        Label heading = new WrappedLabel(what + ": how does it turn out?");
        heading.getStyleClass().add("strong");
        CheckBox always = new CheckBox("Always this one, unasked");
        always.setId("ask-always");
        getChildren().add(heading);
        int number = 0;
        for (String outcome : outcomes) {
            number++;
            Label bond = new Label(String.valueOf(number));
            bond.getStyleClass().add("bond");
            Button button = Press.plain(outcome, "outcome-" + outcome.replace(' ', '-'), () -> chosen.accept(outcome, always.isSelected()));
            button.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(button, javafx.scene.layout.Priority.ALWAYS);
            HBox row = new HBox(8, bond, button);
            row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            getChildren().add(row);
        }
        getChildren().addAll(always, Press.word("Leave it open", "ask-leave", dismiss));
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            int digit = e.getCode().isDigitKey() && !e.isShortcutDown() ? Integer.parseInt(e.getText().isEmpty() ? "0" : e.getText()) : 0;
            if (digit >= 1 && digit <= outcomes.size()) {
                e.consume();
                chosen.accept(outcomes.get(digit - 1), always.isSelected());
            } else if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                dismiss.run();
            }
        });
    }

    /** The first outcome takes the focus. */
    void takeFocus() {
        lookupAll(".button").stream().findFirst().ifPresent(javafx.scene.Node::requestFocus);
    }
}
