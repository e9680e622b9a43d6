package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.device.Device;

/** A list put beside its detail, and played on a wide device. */
class PairsTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private void makeOne() {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(List.of(screen("Tools").id(), screen("Tool").id())));
        settle();
        press("#together-frame");
        press("#together-pair");
    }

    @Test
    void itIsMadeOfTwoScreensAndSharedByDragging() {
        makeOne();
        assertRead("Tools beside Tool", "The list takes", "of the width.");
        shot("pair-page");
        double wide = lookup("#pair-preview").query().getLayoutBounds().getWidth();
        int before = prototype().pairs().getFirst().share();
        dragBy("#handle-pair", wide * 0.12, 0);
        assertThat(prototype().pairs().getFirst().share()).isBetween(before + 11, before + 13);
        typeOver("#pair-share", "90");
        assertRead("“% for the list” is a number from 20 to 80; “90” is none.");
        typeOver("#pair-share", "40");
        assertThat(prototype().pairs().getFirst().share()).isEqualTo(40);
        press("#page-done");
        desk("Tool");
        assertRead("beside Tools where it is wide");
        keys(KeyCode.Q);
        press("#pair-remove");
        assertThat(prototype().pairs()).isEmpty();
        interact(() -> opened.work()
                .selection()
                .chooseTogether(
                        List.of(screen("Tools").id(), screen("Your place").id())));
        go(1);
        press("#together-frame");
        press("#together-pair");
        assertRead("only pages stand side by side");
    }

    @Test
    void bothTakeGesturesAndNothingPilesUp() {
        makeOne();
        press("#page-done");
        interact(() -> {
            List<Device> devices = new java.util.ArrayList<>(prototype().devices());
            devices.add(Device.TABLET_ON_ITS_SIDE);
            opened.work().edit(pandel.core.edit.screen.ScreenEdits.devices(devices));
            opened.work().use(Device.TABLET_ON_ITS_SIDE);
            opened.work().edit(pandel.core.edit.screen.ScreenEdits.entry(screen("Tools")));
        });
        settle();
        go(4);
        settle();
        shot("pair-alone");
        pressPossible("Tap Orchard ladder");
        assertThat(trail()).startsWith("Tool", "Tools");
        shot("pair-play");
        pressPossible("Tap Hand drill");
        assertThat(trail()).startsWith("Tool", "Tools");
        int deep = trail().size();
        pressPossible("Tap Wheelbarrow");
        assertThat(trail()).hasSize(deep);
        // A wheel over the list scrolls that alone; what then lies under the pointer is what is tapped.
        double before = ofList().getLayoutY();
        moveTo(onDevice(100, 500));
        scroll(40, VerticalDirection.DOWN);
        settle();
        shot("pair-scrolled");
        assertThat(ofList().getLayoutY()).isLessThan(before);
        assertThat(trail()).hasSize(deep);
        keys(KeyCode.ESCAPE);
        assertThat(trail()).startsWith("Tools");
    }

    /** The mock of the list, as it is drawn beside the detail. */
    private Node ofList() {
        return lookup("#beside-list").query();
    }

    private void pressPossible(String words) {
        Node row = lookup(".possible-row").queryAll().stream()
                .filter(n -> n.lookupAll(".label").stream()
                        .anyMatch(l -> ((Label) l).getText().equals(words)))
                .findFirst()
                .orElseThrow(() -> new AssertionError(read()));
        clickOn(row);
        settle();
    }
}
