package pandel.desktop.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;

/** Which keys mean which command, and when they are left to the text. */
class CommandTest {

    private final List<String> done = new ArrayList<>();

    private static KeyEvent key(KeyCode code, boolean shift, boolean control) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, shift, control, false, false);
    }

    @Test
    void anyOfItsKeysMeansIt() {
        Command command = Command.here("Next", () -> done.add("next"), "Right", "Shift+N");
        assertThat(command.isMeantBy(key(KeyCode.RIGHT, false, false), false)).isTrue();
        assertThat(command.isMeantBy(key(KeyCode.N, true, false), false)).isTrue();
        assertThat(command.isMeantBy(key(KeyCode.N, false, false), false)).isFalse();
        assertThat(command.isMeantBy(key(KeyCode.RIGHT, false, true), false)).isFalse();
    }

    @Test
    void aStagesKeysAreLeftToTheTextWhileItIsTyped() {
        Command here = Command.here("Next", () -> {}, "Right");
        Command everywhere = Command.of("save", "Save", () -> {}, "Shortcut+S");
        assertThat(here.isMeantBy(key(KeyCode.RIGHT, false, false), true)).isFalse();
        assertThat(everywhere.isMeantBy(key(KeyCode.S, false, true), true)).isTrue();
        assertThat(everywhere.notInText().isMeantBy(key(KeyCode.S, false, true), true))
                .isFalse();
    }

    @Test
    void whatIsNotPossibleSaysSo() {
        Command command = Command.of("undo", "Undo", () -> done.add("undone"), "Shortcut+Z");
        assertThat(command.possible().getAsBoolean()).isTrue();
        assertThat(command.when(() -> false).possible().getAsBoolean()).isFalse();
        assertThat(command.when(() -> false).keys()).isEqualTo(command.keys());
        command.action().run();
        assertThat(done).containsExactly("undone");
    }

    @Test
    void aCommandWithoutKeysIsMeantByNone() {
        Command command = Command.of("look", "Day or night", () -> {});
        assertThat(command.keyName()).isEmpty();
        assertThat(command.isMeantBy(key(KeyCode.ENTER, false, false), false)).isFalse();
    }
}
