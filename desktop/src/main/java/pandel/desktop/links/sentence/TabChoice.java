package pandel.desktop.links.sentence;

import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import pandel.core.model.Prototype;
import pandel.core.model.frame.TabSet;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;

/** Which tab is switched to, as a word of a sentence. */
final class TabChoice {

    private TabChoice() {}

    static Choice of(Prototype prototype, String now, String id, Consumer<String> then) {
        boolean there = prototype.tabSetOf(now).isPresent();
        Choice choice = new Choice(
                there ? LinkWords.tab(prototype, now) : now.isEmpty() ? "which tab?" : now + " (removed)",
                there ? "" : "missing",
                id);
        return choice.on(() -> {
            ContextMenu menu = new ContextMenu();
            for (TabSet set : prototype.tabSets()) {
                set.tabs()
                        .forEach(tab -> menu.getItems()
                                .add(Buttons.item(
                                        LinkWords.tab(prototype, tab.id()),
                                        "tab-" + tab.id(),
                                        () -> then.accept(tab.id()))));
            }
            menu.show(choice, Side.TOP, 0, -2);
        });
    }
}
