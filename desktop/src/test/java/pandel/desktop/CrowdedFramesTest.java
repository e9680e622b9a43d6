package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.TabSetDesk;

/** Frames with far more in them than anybody draws: each still stands on the desk, is played, and can be undone. */
class CrowdedFramesTest extends FramedWindowTest {

    private Screen page() {
        return prototype().screens().stream()
                .filter(s -> s.form() == Form.PAGE)
                .findFirst()
                .orElseThrow();
    }

    private static Branch to(Screen screen) {
        return Branch.of(new Effect.Advance(new Target.ToScreen(screen.id())));
    }

    private void assertLeftByUndo(Object before) {
        keys(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(prototype()).isEqualTo(before);
    }

    @Test
    void twelveTabs() {
        TabSet set = prototype().tabSets().getFirst();
        List<TabSet.Tab> tabs = new ArrayList<>(set.tabs());
        prototype().screens().stream()
                .filter(s -> s.form() == Form.PAGE)
                .filter(s -> tabs.stream().noneMatch(t -> t.root().id().equals(s.id())))
                .limit(12 - tabs.size())
                .forEach(s -> tabs.add(new TabSet.Tab("more-" + s.id(), s.title(), "", new Target.ToScreen(s.id()))));
        assertThat(tabs).hasSize(12);
        interact(() -> TabSetDesk.open(opened.work(), opened.window(), set.id()));
        settle();
        Object before = prototype();
        interact(() -> opened.work().edit(TabSetEdits.change("more tabs", set.withTabs(tabs))));
        settle();
        assertRead(tabs.getLast().shownLabel());
        shot("twelve-tabs");
        go(4);
        go(2);
        assertLeftByUndo(before);
    }

    @Test
    void twoHundredItems() {
        Drawer drawer = prototype().drawers().getFirst();
        List<Drawer.Item> items = IntStream.range(0, 200)
                .mapToObj(i -> new Drawer.Item(
                        "item-" + i, "Shelf " + i, "", i % 20 == 0 ? "Part " + i : "", false, to(page())))
                .toList();
        interact(() -> DrawerDesk.open(opened.work(), opened.window(), drawer.id()));
        settle();
        Object before = prototype();
        interact(() -> opened.work().edit(DrawerEdits.change("more items", drawer.withItems(items))));
        settle();
        assertRead("Shelf 0", "Shelf 199");
        shot("two-hundred-items");
        assertLeftByUndo(before);
    }

    @Test
    void nineActions() {
        Header header = prototype().headers().getFirst();
        List<Header.Action> actions = IntStream.range(0, 9)
                .mapToObj(i -> new Header.Action(
                        "Do " + i,
                        "",
                        Link.of(
                                "action-" + i,
                                new Cause.Touch(Gesture.TAP),
                                new Effect.Advance(new Target.ToScreen(page().id())))))
                .toList();
        interact(() -> HeaderDesk.open(opened.work(), opened.window(), header.id()));
        settle();
        Object before = prototype();
        interact(() -> opened.work().edit(HeaderEdits.change("more actions", header.withActions(actions))));
        settle();
        assertRead("Do 0", "Do 8");
        shot("nine-actions");
        assertLeftByUndo(before);
    }

    @Test
    void threeDevicesOfOneWidth() {
        Device first = prototype().devices().getFirst();
        Object before = prototype();
        interact(() -> opened.work()
                .edit(ScreenEdits.devices(List.of(
                        first,
                        first.withId("second").withTitle("Second").withSize(first.width(), first.height() - 120),
                        first.withId("third").withTitle("Third").withSize(first.width(), first.height() + 90)))));
        settle();
        for (Device device : prototype().devices()) {
            interact(() -> opened.work().use(device));
            for (int stage = 1; stage <= 5; stage++) {
                go(stage);
                assertThat(lookup(".root").queryAll().stream()
                                .filter(Node::isVisible)
                                .toList())
                        .isNotEmpty();
            }
        }
        shot("three-devices");
        interact(() -> opened.work().use(prototype().devices().getFirst()));
        assertLeftByUndo(before);
    }
}
