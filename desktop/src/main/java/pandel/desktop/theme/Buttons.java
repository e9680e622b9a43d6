package pandel.desktop.theme;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

/** Things to press, in the looks there are. */
public final class Buttons {

    private Buttons() {}

    /** A framed button. */
    public static Button plain(String words, String id, Runnable action) {
        return button(words, id, action, "plain");
    }

    /** A button that is a word alone. */
    public static Button word(String words, String id, Runnable action) {
        return button(words, id, action, "word");
    }

    /** A small word alone. */
    public static Button smallWord(String words, String id, Runnable action) {
        return button(words, id, action, "word", "small");
    }

    private static Button button(String words, String id, Runnable action, String... looks) {
        Button button = new Button(words);
        button.getStyleClass().addAll(looks);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    /** A line of a menu. */
    public static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(e -> action.run());
        return item;
    }

    /** A line of a menu, with an id. */
    public static MenuItem item(String words, String id, Runnable action) {
        MenuItem item = item(words, action);
        item.setId(id);
        return item;
    }

    /** A line of a menu of which one is chosen. */
    public static RadioMenuItem choice(String words, String id, boolean chosen, Runnable action) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setId(id);
        item.setMnemonicParsing(false);
        item.setSelected(chosen);
        item.setOnAction(e -> action.run());
        return item;
    }

    /** Lets a row be pressed by mouse, Enter or Space. */
    public static void onPress(Node row, Runnable action) {
        row.setFocusTraversable(true);
        row.setOnMouseClicked(e -> action.run());
        row.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                e.consume();
                action.run();
            }
        });
    }

    /** What has the focus in the window that shows a node; nothing while none does. */
    public static Optional<Node> focused(Node node) {
        return Optional.ofNullable(node.getScene()).map(Scene::getFocusOwner);
    }

    /** Whether a press of a key is for a button that has the focus. */
    public static boolean isOnButton(Node node) {
        return focused(node).filter(ButtonBase.class::isInstance).isPresent();
    }
}
