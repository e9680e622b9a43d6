package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;

/** Naming a root of a tab set from within it means its tab, not the set once more. */
class NamedFromWithinTest extends FramedWindowTest {

    private Effect last(String screen) {
        Hotspot made = screen(screen).hotspots().getLast();
        return made.links().getFirst().effect().orElseThrow();
    }

    @Test
    void aRootNamedFromWithinIsItsTab() {
        TabSet.Tab loans = prototype().tabSets().getFirst().tabs().stream()
                .filter(t -> t.label().equals("Loans"))
                .findFirst()
                .orElseThrow();
        desk("Notices");
        link(40, 580, 120, 60, "Loans");
        assertThat(last("Notices")).isEqualTo(new Effect.SwitchTab(loans.id()));
        assertRead("switch to");
        shot("tab-offered");
        keys(KeyCode.CONTROL, KeyCode.Z);
        link(40, 580, 120, 60, "Receipt");
        assertThat(last("Notices")).isInstanceOf(Effect.Advance.class);
    }
}
