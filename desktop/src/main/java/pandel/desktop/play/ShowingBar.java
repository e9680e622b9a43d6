package pandel.desktop.play;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;

/** What is being shown, how far it is, and how it goes on. */
final class ShowingBar extends HBox {

    /** What the bar asks of play. */
    record Asked(Runnable next, Consumer<Boolean> byStep, Consumer<Double> speed, Runnable stop) {}

    private final Label told = new Label();
    private final Button next;
    private final HBox pace = new HBox(6);
    private final Asked asked;

    ShowingBar(Asked asked) {
        getStyleClass().add("showing-bar");
        setAlignment(Pos.CENTER_LEFT);
        told.getStyleClass().add("strong");
        told.setMinWidth(0);
        next = Buttons.smallWord("Next step", "showing-next", asked.next());
        this.asked = asked;
        pace.setAlignment(Pos.CENTER_LEFT);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(told, space, next, pace, Buttons.smallWord("Stop", "showing-stop", asked.stop()));
    }

    void refresh(Showing showing) {
        setVisible(showing.isOn());
        setManaged(showing.isOn());
        told.setText(showing.told());
        pace.getChildren()
                .setAll(ChoiceButton.either(
                                "showing-by-step",
                                0,
                                "How it goes on",
                                showing.isByStep(),
                                "step by step",
                                "by itself",
                                asked.byStep())
                        .small());
        if (!showing.isByStep()) {
            pace.getChildren()
                    .add(ChoiceButton.of(
                                    "showing-speed",
                                    0,
                                    "How fast it goes on",
                                    Showing.SPEEDS,
                                    showing.speed(),
                                    Showing::word,
                                    asked.speed())
                            .small());
        }
        next.setDisable(!showing.isByStep());
    }
}
