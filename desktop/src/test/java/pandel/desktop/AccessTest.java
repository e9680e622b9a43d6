package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/** All of it without a mouse, and told to who cannot see it. */
class AccessTest extends WindowTest {

    /** Whatever takes the focus has a text or an accessible text: in every stage, face, page and box. */
    @Test
    void everyControlHasANameAndARole() {
        allNamed("welcome");
        openSample();
        interact(() -> opened.work().selection().choose(screen("Tool").id()));
        for (int stageNumber = 1; stageNumber <= 5; stageNumber++) {
            go(stageNumber);
            allNamed("stage " + stageNumber);
        }
        clickOn("#face-coverage");
        allNamed("coverage");
        clickOn("#face-findings");
        clickOn("#accept");
        allNamed("accepting a finding");
        keys(KeyCode.ESCAPE);
        go(3);
        keys(KeyCode.T);
        allNamed("table of links");
        keys(KeyCode.T);
        go(2);
        mark(40, 520, 120, 60);
        allNamed("finder");
        keys(KeyCode.ESCAPE);
        go(4);
        pass(1800);
        keys(KeyCode.J);
        allNamed("keeping a journey");
        keys(KeyCode.ESCAPE);
        keys(KeyCode.CONTROL, KeyCode.F);
        write("tool");
        allNamed("find");
        keys(KeyCode.ESCAPE);
        keys(KeyCode.F1);
        allNamed("keys");
        keys(KeyCode.ESCAPE);
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        allNamed("preferences");
    }

    private void allNamed(String where) {
        settle();
        List<String> nameless = new ArrayList<>();
        interact(() -> Window.getWindows().stream()
                .filter(Window::isShowing)
                .forEach(w -> nameless(w.getScene().getRoot(), nameless)));
        assertThat(nameless).as(where).isEmpty();
    }

    private static void nameless(Node node, List<String> found) {
        if (!node.isVisible()) {
            return;
        }
        if (node.isFocusTraversable()) {
            boolean named = node.getAccessibleText() != null
                            && !node.getAccessibleText().isBlank()
                    || node instanceof Labeled labeled
                            && labeled.getText() != null
                            && !labeled.getText().isBlank()
                    || node instanceof TextField field
                            && field.getPromptText() != null
                            && !field.getPromptText().isBlank();
            if (!named || node.getAccessibleRole() == null || node.getAccessibleRole() == AccessibleRole.NODE) {
                found.add(node + " " + node.getAccessibleRole());
            }
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> nameless(child, found));
        }
    }

    /** Tab meets everything in the order it is read, comes round, and is caught nowhere. */
    @Test
    void tabGoesRoundEachStageAndIsCaughtNowhere() {
        openSample();
        for (int stageNumber : new int[] {1, 3, 4, 5}) {
            go(stageNumber);
            Set<Node> met = new LinkedHashSet<>();
            Node first = focused();
            assertThat(first).as("stage %s", stageNumber).isNotNull();
            met.add(first);
            boolean round = false;
            for (int i = 0; i < 150 && !round; i++) {
                push(KeyCode.TAB);
                round = !met.add(focused());
            }
            assertThat(round).as("stage %s comes round", stageNumber).isTrue();
            assertThat(met).as("stage %s", stageNumber).extracting(Node::getId).contains("find", "device");
        }
    }

    private Node focused() {
        Node[] owner = new Node[1];
        interact(() -> owner[0] = stage.getScene().getFocusOwner());
        return owner[0];
    }

    /** What the mouse can start from the menu under the name, Find has too, with its key. */
    @Test
    void everyCommandIsFoundByItsWordsWithItsKey() {
        openSample();
        for (String words :
                List.of("Preferences", "Pictures from a folder", "Save as", "Keys", "Undo", "Day or night")) {
            keys(KeyCode.CONTROL, KeyCode.F);
            write(words);
            settle();
            assertThat(read()).as(words).containsIgnoringCase(words);
            keys(KeyCode.ESCAPE);
        }
        keys(KeyCode.F1);
        assertRead("Ctrl+F", "Ctrl+S", "Rename", "F2", "Device back", "Lanes by section", "Show me");
    }
}
