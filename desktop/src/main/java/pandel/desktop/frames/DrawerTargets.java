package pandel.desktop.frames;

import java.util.function.Consumer;
import javafx.scene.control.ContextMenu;
import pandel.core.edit.Fitting;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.desktop.theme.Buttons;

/** What an item of a drawer can do. */
final class DrawerTargets {

    private DrawerTargets() {}

    /**
     * The menu of it.
     *
     * @param lead told what the item does from now on
     * @param sentence shows its sentence on the desk, where it can do anything
     */
    static ContextMenu of(DrawerDesk desk, Drawer.Item item, Consumer<Effect> lead, Runnable sentence) {
        Prototype prototype = desk.work.prototype();
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .add(Buttons.item(
                        "A screen…",
                        "item-screen",
                        () -> desk.pick(
                                "Where does “" + item.shownLabel() + "” lead?",
                                prototype.screens(),
                                screen -> lead.accept(Fitting.fromDrawer(screen)))));
        for (TabSet set : prototype.tabSets()) {
            menu.getItems()
                    .add(Buttons.item(
                            set.shownTitle() + ", a tab set",
                            "item-to-" + set.id(),
                            () -> lead.accept(new Effect.Restart(new Target.ToTabs(set.id())))));
            set.tabs()
                    .forEach(t -> menu.getItems()
                            .add(Buttons.item(
                                    "Its tab " + t.shownLabel(),
                                    "item-tab-" + t.id(),
                                    () -> lead.accept(new Effect.SwitchTab(t.id())))));
        }
        for (Sequence sequence : prototype.sequences()) {
            menu.getItems()
                    .add(Buttons.item(
                            sequence.shownTitle() + ", a sequence",
                            "item-to-" + sequence.id(),
                            () -> lead.accept(new Effect.Restart(new Target.ToSequence(sequence.id())))));
        }
        menu.getItems().add(Buttons.item("Anything else, as a sentence…", "item-sentence", sentence));
        return menu;
    }
}
