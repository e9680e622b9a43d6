package pandel.desktop.links.sentence;

import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** A word of a sentence that can be chosen: it opens beneath itself, or is typed in its place. */
public final class Choice extends Button {

    /** @param style "live", "soft", "missing", or empty */
    public Choice(String text, String style, String id) {
        super(text);
        getStyleClass().add("choice");
        if (!style.isEmpty()) {
            getStyleClass().add(style);
        }
        setId(id);
        setMaxWidth(340);
    }

    /** Does that when it is pressed. */
    public Choice on(Runnable action) {
        setOnAction(e -> action.run());
        return this;
    }

    /**
     * Lets it be typed in its place; Enter keeps it, Escape leaves it.
     *
     * @param after told in either case
     */
    public TextField type(String now, String what, Consumer<String> then, Runnable after) {
        Pane line = (Pane) getParent();
        return typed(
                "choice-field",
                now,
                what,
                field -> line.getChildren().set(line.getChildren().indexOf(this), field),
                then,
                after);
    }

    /**
     * A field that is typed in for a moment: Enter keeps it, and leaving it; Escape leaves it as it was.
     *
     * @param stand puts it where it is seen
     * @param after told in either case
     */
    public static TextField typed(
            String id, String now, String what, Consumer<TextField> stand, Consumer<String> then, Runnable after) {
        TextField field = new TextField(now);
        field.setId(id);
        field.setAccessibleText(what);
        field.setPrefColumnCount(12);
        stand.accept(field);
        field.requestFocus();
        field.selectAll();
        boolean[] ended = new boolean[1];
        Runnable keep = () -> {
            if (!ended[0]) {
                ended[0] = true;
                then.accept(field.getText());
                after.run();
            }
        };
        field.setOnAction(e -> keep.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep.run();
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                ended[0] = true;
                after.run();
            }
        });
        return field;
    }

    /**
     * Lets ms be typed in its place.
     *
     * @param subject what takes them, as a complaint begins: "A wait is"
     * @param say told what is wrong with what was typed
     */
    TextField typeMs(int now, String subject, Consumer<String> say, IntConsumer then, Runnable after) {
        return type(
                String.valueOf(now),
                "Milliseconds",
                text -> {
                    if (text.strip().matches("\\d{1,8}") && Integer.parseInt(text.strip()) >= 1) {
                        then.accept(Integer.parseInt(text.strip()));
                    } else {
                        say.accept(subject + " a whole number of milliseconds, 1 or more; “" + text + "” is not.");
                    }
                },
                after);
    }

    /** Words of the sentence that cannot be chosen. */
    public static Label words(String text) {
        Label label = new Label(text);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** A quiet remark at the end of a sentence. */
    public static Label aside(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("aside");
        return label;
    }
}
