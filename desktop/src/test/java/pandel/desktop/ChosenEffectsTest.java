package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Value;

/** What choosing a tab, page or item does besides showing it, and what links are called. */
class ChosenEffectsTest extends FramedWindowTest {

    private TabSet.Tab tab(String label) {
        return prototype().tabSets().stream()
                .flatMap(s -> s.tabs().stream())
                .filter(t -> t.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void choosingATabRemembersAndSaysSomething() {
        desk("Notices");
        keys(KeyCode.Q);
        press("#chosen-remember");
        write("notices seen");
        keys(KeyCode.ENTER);
        settle();
        press("#chosen-say");
        write("Your notices");
        keys(KeyCode.ENTER);
        settle();
        assertThat(tab("Notices").effects()).hasSize(2).allMatch(Effect::isDoneByChoosing);
        assertRead("Choosing it also does:", "remember", "notices seen is yes", "say", "“Your notices”");
        shot("chosen-tab-page");
        press("#page-done");

        signIn();
        String fact = prototype().facts().getLast().id();
        assertThat(opened.window().played().orElseThrow().facts().set()).doesNotContainKey(fact);
        tapDevice(244, 805);
        settle();
        assertThat(opened.window().played().orElseThrow().facts().set()).containsEntry(fact, new Value.YesNo(true));
        assertRead("Your notices");

        go(2);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(tab("Notices").effects()).hasSize(1);
    }

    @Test
    void turningToAPageRemembersSomething() {
        desk("A week at home");
        keys(KeyCode.Q);
        press("#chosen-remember");
        write("second page seen");
        keys(KeyCode.ENTER);
        settle();
        shot("chosen-page");
        press("#page-done");
        String fact = prototype().facts().getLast().id();
        go(4);
        pass(1800);
        assertThat(opened.window().played().orElseThrow().facts().set()).doesNotContainKey(fact);
        tillStill();
        drag(onDevice(300, 300)).moveTo(onDevice(210, 300)).dropTo(onDevice(120, 300));
        tillStill();
        assertThat(trail()).containsExactly("A week at home, 2 of 3");
        assertThat(opened.window().played().orElseThrow().facts().set()).containsEntry(fact, new Value.YesNo(true));
        go(2);
        desk("A week at home");
        keys(KeyCode.Q);
        press("#chosen-0");
        keys(KeyCode.DELETE);
        keys(KeyCode.ENTER);
        settle();
        assertThat(prototype().sequences().getFirst().effects()).isEmpty();
    }

    @Test
    void anItemKeepsWhatItRemembersWhenItIsLedElsewhere() {
        Drawer drawer = prototype().drawers().getFirst();
        Drawer.Item item = drawer.items().getFirst();
        List<Effect> before = item.does().effects();
        desk("Tools");
        interact(() -> opened.work().selection().chooseLink(item.id()));
        settle();
        press("#choice-remember");
        write("menu used");
        keys(KeyCode.ENTER);
        settle();
        press("#open-drawer");
        press("#item-leads");
        press("#item-to-" + prototype().tabSets().getFirst().id());
        press("#page-done");
        Branch does = prototype().drawers().getFirst().items().getFirst().does();
        assertThat(does.effects()).hasSize(before.size() + 1);
        assertThat(does.move().orElseThrow()).isInstanceOf(Effect.Restart.class);
        assertThat(does.remembers()).hasSize(1);
    }

    @Test
    void aLinkHasANameInListsAndFindings() {
        choose("Tool", "Reserve");
        press("#choice-more");
        press("#more-title");
        write("Reserve the tool");
        keys(KeyCode.ENTER);
        settle();
        assertThat(hotspot("Tool", "Reserve").links().getFirst().title()).isEqualTo("Reserve the tool");
        assertRead("called", "Reserve the tool");
        shot("named-link");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hotspot("Tool", "Reserve").links().getFirst().title()).isEmpty();
    }
}
