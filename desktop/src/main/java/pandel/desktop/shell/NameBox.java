package pandel.desktop.shell;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Asks for one name; Enter gives it. */
final class NameBox extends VBox {

    private final TextField field;

    NameBox(String what, String now, Consumer<String> then) {
        getStyleClass().add("question");
        setMaxHeight(Region.USE_PREF_SIZE);
        Label label = new Label(what);
        label.getStyleClass().addAll("large", "strong");
        field = new TextField(now);
        field.setId("name-field");
        field.setAccessibleText(what);
        field.setOnAction(e -> then.accept(field.getText()));
        Label hint = new Label("Enter keeps the name, Esc leaves it as it was.");
        hint.getStyleClass().addAll("quiet", "small");
        getChildren().addAll(label, field, hint);
    }

    @Override
    public void requestFocus() {
        field.requestFocus();
        field.selectAll();
    }
}
