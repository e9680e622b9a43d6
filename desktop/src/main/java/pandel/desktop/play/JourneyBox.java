package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.rest.Rest;
import pandel.core.play.Tape;
import pandel.desktop.theme.Buttons;

/** Asks what a journey is called, what it is for, how much of the tape it is and whether it must end where it does. */
final class JourneyBox extends VBox {

    private final Prototype prototype;
    private final Tape tape;
    private final TextField name = new TextField();
    private final TextField purpose = new TextField();
    private final RadioButton all = new RadioButton();
    private final RadioButton part = new RadioButton();
    private final CheckBox ends = new CheckBox();

    JourneyBox(Prototype prototype, Tape tape, Runnable leave, Consumer<Made> then) {
        this.prototype = prototype;
        this.tape = tape;
        getStyleClass().add("question");
        setMaxHeight(Region.USE_PREF_SIZE);
        Label title = new Label("Keep as a journey");
        title.getStyleClass().addAll("large", "strong");
        name.setId("journey-name");
        name.setPromptText("Journey " + (prototype.journeys().size() + 1));
        name.setAccessibleText("Name of the journey");
        purpose.setId("journey-purpose");
        purpose.setPromptText("What it is for; may stay empty");
        purpose.setAccessibleText("What the journey is for");
        name.setOnAction(e -> then.accept(made()));
        purpose.setOnAction(e -> then.accept(made()));
        ToggleGroup extent = new ToggleGroup();
        int last = tape.ticks().size() - 1;
        all.setText(last == 1 ? "The one step there is" : "All " + last + " steps");
        part.setText("Up to where the tape stands, " + (tape.at() == 1 ? "1 step" : tape.at() + " steps"));
        all.setToggleGroup(extent);
        part.setToggleGroup(extent);
        part.setId("journey-part");
        all.setId("journey-all");
        (tape.at() == last ? all : part).setSelected(true);
        extent.selectedToggleProperty().addListener((o, a, b) -> tellEnd());
        ends.setSelected(true);
        ends.setId("journey-end");
        tellEnd();
        Button keep = new Button("Keep");
        keep.getStyleClass().add("main");
        keep.setId("journey-keep");
        keep.setOnAction(e -> then.accept(made()));
        HBox foot = new HBox(8, Buttons.plain("Leave it", "journey-leave", leave), keep);
        foot.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(title, name, purpose);
        if (tape.at() < last) {
            getChildren().add(new VBox(4, all, part));
        }
        getChildren().addAll(ends, foot);
    }

    /** What was answered. */
    record Made(String name, String purpose, Tape tape, boolean ends) {

        Journey journey(String id, String device) {
            return new Journey(
                    id,
                    name,
                    purpose,
                    device,
                    tape.entry().id(),
                    tape.legs(),
                    ends ? Optional.of(tape.current().after().screen()) : Optional.empty(),
                    Rest.NONE);
        }
    }

    private Tape chosen() {
        return all.isSelected() ? tape.windTo(tape.ticks().size() - 1) : tape;
    }

    private void tellEnd() {
        String id = chosen().current().after().screen();
        ends.setText("It is to end on “" + prototype.titleOf(id) + "”");
    }

    private Made made() {
        String title =
                name.getText().isBlank() ? name.getPromptText() : name.getText().strip();
        return new Made(title, purpose.getText().strip(), chosen(), ends.isSelected());
    }

    @Override
    public void requestFocus() {
        name.requestFocus();
    }
}
