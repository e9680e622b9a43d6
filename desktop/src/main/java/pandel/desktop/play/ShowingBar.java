package pandel.desktop.play;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.desktop.theme.Buttons;

/** What is being shown, how far it is, and how it goes on. */
final class ShowingBar extends HBox {

    /** What the bar asks of play. */
    record Asked(Runnable next, Runnable byStep, Runnable faster, Runnable stop) {}

    private final Label told = new Label();
    private final Button next;
    private final Button byStep;
    private final Button faster;

    ShowingBar(Asked asked) {
        getStyleClass().add("showing-bar");
        setAlignment(Pos.CENTER_LEFT);
        told.getStyleClass().add("strong");
        told.setMinWidth(0);
        next = Buttons.smallWord("Next step", "showing-next", asked.next());
        byStep = Buttons.smallWord("", "showing-by-step", asked.byStep());
        faster = Buttons.smallWord("", "showing-speed", asked.faster());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren()
                .addAll(told, space, next, byStep, faster, Buttons.smallWord("Stop", "showing-stop", asked.stop()));
    }

    void refresh(Showing showing) {
        setVisible(showing.isOn());
        setManaged(showing.isOn());
        told.setText(showing.told());
        byStep.setText(showing.isByStep() ? "Go on by itself" : "Step by step");
        faster.setText("Speed " + showing.speed());
        faster.setDisable(showing.isByStep());
        next.setDisable(!showing.isByStep());
    }
}
