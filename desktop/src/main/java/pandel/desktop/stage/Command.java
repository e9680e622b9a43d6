package pandel.desktop.stage;

import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/**
 * Something that can be done, with its keys. Menus, buttons and keys all lead to it.
 *
 * @param id for the program
 * @param title for people
 * @param keys any of them runs it, the first is shown; none: no key
 * @param inText whether the keys also work while text is being typed
 */
public record Command(
        String id, String title, List<KeyCombination> keys, boolean inText, BooleanSupplier possible, Runnable action) {

    /** A command of the window, always possible, with keys like "Shortcut+S". */
    public static Command of(String id, String title, Runnable action, String... keys) {
        return new Command(
                id, title, List.of(keys).stream().map(KeyCombination::valueOf).toList(), true, () -> true, action);
    }

    /** A command of a stage: its keys do nothing while text is being typed. */
    public static Command here(String title, Runnable action, String... keys) {
        return new Command(
                title,
                title,
                List.of(keys).stream().map(KeyCombination::valueOf).toList(),
                false,
                () -> true,
                action);
    }

    public Command when(BooleanSupplier condition) {
        return new Command(id, title, keys, inText, condition, action);
    }

    /** The same, left to the text while text is being typed. */
    public Command notInText() {
        return new Command(id, title, keys, false, possible, action);
    }

    public boolean isMeantBy(KeyEvent event, boolean typing) {
        return (inText || !typing) && keys.stream().anyMatch(k -> k.match(event));
    }

    /** The first key for people: "Ctrl+S". */
    public String keyName() {
        return keys.isEmpty() ? "" : keys.getFirst().getDisplayText();
    }
}
