package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Value;

/** From a row of a list to the next, without going back. */
class RowsTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    @Test
    void theNextRowIsGoneToFromADetailAndTheSentenceSaysWhatHappensAtTheEnd() {
        choose("Tool", "Waiting list");
        keys(KeyCode.J);
        settle();
        assertThat(hotspot("Tool", "Waiting list").links().getFirst().effect())
                .contains(new Effect.StepRow(true, false));
        assertRead("next row", "up to the last");
        shot("rows-sentence");
        press("#choice-verb");
        shot("rows-verbs");
        keys(KeyCode.ESCAPE);
        press("#choice-round");
        press("#row-round");
        assertThat(hotspot("Tool", "Waiting list").links().getFirst().effect())
                .contains(new Effect.StepRow(true, true));
        assertRead("going round at the end");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertRead("up to the last");

        go(4);
        press("#start-from");
        press("Signed in");
        tapDevice(195, 134);
        tapDevice(195, 144 + 84 + 30);
        assertGiven("Fret saw");
        tapDevice(287, 617);
        assertGiven("Bow saw");
        shot("rows-played");
        tapDevice(287, 617);
        assertGiven("Bow saw");
        assertRead("This is the last row of the list.");

        go(5);
        settle();
        assertRead("goes to the next row, and not all that leads to “Tool” is a row of a list.");
    }

    @Test
    void whereNoRowLeadsTheVerbCannotBeChosenAndSaysWhy() {
        choose("Me", "Sign out");
        press("#choice-verb");
        assertThat(lookup("#verb-next-row").tryQuery()).isPresent();
        assertRead("no row of a list leads to “Me”");
    }

    private void assertGiven(String tool) {
        assertThat(opened.window().played().orElseThrow().known().held().given())
                .containsEntry("tool", new Value.Text(tool));
    }
}
