package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.screen.Screen;

/** Copies of screens, here and from one document to another. */
class CopiesTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    @Test
    void severalScreensAreCopiedAndTitledInARow() {
        go(1);
        int before = prototype().screens().size();
        clickOn(card("Tools"));
        clickCard("Tool", KeyCode.CONTROL);
        press("#together-copy");
        assertRead("2 copies");
        shot("copies-titles");
        write("Shelves");
        keys(KeyCode.ENTER);
        write("Thing");
        keys(KeyCode.ENTER);
        settle();
        assertThat(prototype().screens()).hasSize(before + 2);
        Screen shelves = screen("Shelves");
        assertThat(shelves.copyOf()).contains(screen("Tools").id());
        assertThat(hotspot("Shelves", "Hand drill")
                        .links()
                        .getFirst()
                        .effect()
                        .orElseThrow()
                        .target()
                        .orElseThrow()
                        .id())
                .isEqualTo(screen("Thing").id());
        shot("copies");
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().screens()).hasSize(before);
    }

    @Test
    void aCopyWhoseTitleStayedIsTold() {
        go(1);
        clickOn(card("Tool"));
        keys(KeyCode.CONTROL, KeyCode.C);
        assertRead("“Tool” is copied");
        keys(KeyCode.CONTROL, KeyCode.V);
        assertRead("A copy");
        keys(KeyCode.ENTER);
        settle();
        go(5);
        settle();
        assertRead("“Tool”, a copy of “Tool”, still has its title");
    }

    private void clickCard(String title, KeyCode with) {
        Node card = card(title);
        interact(() -> ModifiedClick.on(card, with));
        settle();
    }
}
