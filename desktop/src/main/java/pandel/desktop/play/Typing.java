package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import pandel.core.model.link.Event;
import pandel.core.model.value.Value;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.FieldLetters;
import pandel.core.play.situation.Situation;
import pandel.desktop.device.DeviceView;

/** A field of the prototype while it is typed in: each letter is an event, Enter sends it. */
final class Typing extends Pane {

    private final DeviceView device;
    private final Supplier<Optional<Situation>> played;
    private final Consumer<Event> act;
    private Optional<TextField> field = Optional.empty();

    /** Lies over the device. */
    Typing(DeviceView device, Supplier<Optional<Situation>> played, Consumer<Event> act) {
        this.device = device;
        this.played = played;
        this.act = act;
        setPickOnBounds(false);
        setManaged(false);
    }

    void open(Aim.FieldAt at) {
        close();
        Situation now = played.get().orElseThrow();
        Value typed = now.known().held().typed().get(at.id());
        TextField made = new TextField(typed == null ? "" : typed.shown());
        made.setId("typed-field");
        made.getStyleClass().add("typed-field");
        made.setAccessibleText("What is typed in the field");
        double scale = device.scale();
        made.setStyle("-fx-font-size: " + Math.max(9, FieldLetters.px(at.area().height()) * scale) + "px;");
        double wide = Math.rint(at.area().width() * scale);
        double high = Math.rint(at.area().height() * scale);
        made.setMinSize(wide, high);
        made.setMaxSize(wide, high);
        made.resizeRelocate(
                Math.rint(device.getLayoutX() + at.area().x() * scale),
                Math.rint(device.getLayoutY() + at.area().y() * scale),
                wide,
                high);
        String screen = now.screen();
        made.textProperty().addListener((o, was, is) -> act.accept(new Event.Typed(at.id(), is)));
        made.setOnAction(e -> {
            close();
            act.accept(new Event.Submitted(at.id()));
        });
        made.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                close();
            }
        });
        made.focusedProperty().addListener((o, was, is) -> {
            if (!is && field.filter(f -> f == made).isPresent()) {
                close();
            }
        });
        made.setUserData(screen);
        field = Optional.of(made);
        getChildren().setAll(made);
        made.requestFocus();
        made.end();
    }

    /** Closed when another screen is current. */
    void follow(Situation now) {
        if (field.filter(f -> !now.screen().equals(f.getUserData())).isPresent()) {
            close();
        }
    }

    void close() {
        if (field.isPresent()) {
            boolean focused = field.get().isFocused();
            field = Optional.empty();
            getChildren().clear();
            if (focused) {
                device.requestFocus();
            }
        }
    }
}
