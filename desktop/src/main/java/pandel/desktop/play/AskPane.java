package pandel.desktop.play;

import java.util.List;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.theme.WrappedLabel;

/** Asks, over the device, how a link turns out. */
final class AskPane extends VBox {

    /** Interface px. */
    private static final double MOST_HIGH = 320;

    private static final double ROW = 40;

    private final CheckBox always = new CheckBox("Always this one, unasked");
    private final List<String> outcomes;
    private final BiConsumer<String, Boolean> chosen;

    /**
     * @param what what was done, in words
     * @param chosen takes the outcome and whether it is always to be this one
     * @param dismiss nothing happens
     */
    AskPane(String what, List<String> outcomes, BiConsumer<String, Boolean> chosen, Runnable dismiss) {
        getStyleClass().add("ask");
        setId("ask");
        setMaxSize(300, Region.USE_PREF_SIZE);
        setSpacing(8);
        Label heading = new WrappedLabel(what + ": how does it turn out?");
        heading.getStyleClass().add("strong");
        this.outcomes = List.copyOf(outcomes);
        this.chosen = chosen;
        always.setId("ask-always");
        getChildren().add(heading);
        VBox rows = new VBox(8);
        int number = 0;
        for (String outcome : outcomes) {
            number++;
            Label bond = new Label(String.valueOf(number));
            bond.getStyleClass().add("bond");
            Button button = Buttons.plain(
                    outcome, "outcome-" + outcome.replace(' ', '-'), () -> chosen.accept(outcome, always.isSelected()));
            button.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(button, Priority.ALWAYS);
            HBox row = new HBox(8, bond, button);
            row.setAlignment(Pos.CENTER_LEFT);
            rows.getChildren().add(row);
        }
        ScrollPane scroll = new Scroll(rows);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMaxHeight(MOST_HIGH);
        // As high as its rows are, while these are few.
        scroll.setPrefHeight(Math.min(MOST_HIGH, outcomes.size() * ROW));
        scroll.setMinHeight(Math.min(MOST_HIGH, outcomes.size() * ROW));
        getChildren().addAll(scroll, always, Buttons.word("Leave it open", "ask-leave", dismiss));
    }

    /** Chooses the outcome of a number, from 1; of no other number there is one. */
    void choose(int number) {
        if (number >= 1 && number <= outcomes.size()) {
            chosen.accept(outcomes.get(number - 1), always.isSelected());
        }
    }

    /** The first outcome takes the focus. */
    void takeFocus() {
        lookupAll(".button").stream().findFirst().ifPresent(Node::requestFocus);
    }
}
