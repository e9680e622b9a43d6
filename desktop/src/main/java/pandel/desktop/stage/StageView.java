package pandel.desktop.stage;

import java.util.List;
import javafx.scene.Node;

/** One stage of the window. */
public interface StageView {

    /** What is shown between masthead and vitals. */
    Node node();

    /** Called whenever the stage comes into sight; the place to take the focus. */
    default void shown() {}

    /** Whether what it shows is as it will be: nothing for it is on the way. */
    default boolean isDrawn() {
        return true;
    }

    /** Called whenever another stage takes its place. */
    default void hidden() {}

    /** What can be done by key here, while no text is being typed. */
    default List<Command> commands() {
        return List.of();
    }

    /**
     * Whether the stage takes a key for itself, before any command does.
     *
     * @param key its name
     */
    default boolean takesKey(String key) {
        return false;
    }
}
