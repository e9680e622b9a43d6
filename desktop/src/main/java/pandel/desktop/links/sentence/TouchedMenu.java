package pandel.desktop.links.sentence;

import java.util.Optional;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.whole.FeelEdits;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Hotspot;
import pandel.desktop.work.Work;

/** What is seen of a hotspot while it is touched, and of everything that does not say itself. */
final class TouchedMenu {

    private TouchedMenu() {}

    static ContextMenu of(Work work, Hotspot hotspot) {
        ContextMenu menu = new ContextMenu();
        Answer usual = work.prototype().feel().touched();
        RadioMenuItem asUsual = item(
                "As usual: " + usual.phrase(),
                "touched-usual",
                hotspot.touched().isEmpty());
        asUsual.setOnAction(e -> work.edit(HotspotEdits.touched(hotspot, Optional.empty())));
        menu.getItems().add(asUsual);
        for (Answer answer : Answer.values()) {
            RadioMenuItem own = item(
                    "Here " + answer.phrase(),
                    "touched-" + answer.word(),
                    hotspot.touched().equals(Optional.of(answer)));
            own.setOnAction(e -> work.edit(HotspotEdits.touched(hotspot, Optional.of(answer))));
            menu.getItems().add(own);
        }
        menu.getItems().add(new SeparatorMenuItem());
        for (Answer answer : Answer.values()) {
            RadioMenuItem everywhere =
                    item("Usually " + answer.phrase(), "touched-everywhere-" + answer.word(), usual == answer);
            everywhere.setOnAction(e -> work.edit(FeelEdits.touched(answer)));
            menu.getItems().add(everywhere);
        }
        return menu;
    }

    private static RadioMenuItem item(String words, String id, boolean chosen) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setId(id);
        item.setSelected(chosen);
        return item;
    }
}
