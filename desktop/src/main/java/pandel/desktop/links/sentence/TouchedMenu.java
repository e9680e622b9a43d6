package pandel.desktop.links.sentence;

import java.util.Optional;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.whole.FeelEdits;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Hotspot;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** What is seen of a hotspot while it is touched, and of everything that does not say itself. */
final class TouchedMenu {

    private TouchedMenu() {}

    static ContextMenu of(Work work, Hotspot hotspot) {
        ContextMenu menu = new ContextMenu();
        Answer usual = work.prototype().feel().touched();
        menu.getItems()
                .add(Buttons.choice(
                        "As usual: " + usual.phrase(),
                        "touched-usual",
                        hotspot.touched().isEmpty(),
                        () -> work.edit(HotspotEdits.touched(hotspot, Optional.empty()))));
        for (Answer answer : Answer.values()) {
            menu.getItems()
                    .add(Buttons.choice(
                            "Here " + answer.phrase(),
                            "touched-" + answer.word(),
                            hotspot.touched().equals(Optional.of(answer)),
                            () -> work.edit(HotspotEdits.touched(hotspot, Optional.of(answer)))));
        }
        menu.getItems().add(new SeparatorMenuItem());
        for (Answer answer : Answer.values()) {
            menu.getItems()
                    .add(Buttons.choice(
                            "Usually " + answer.phrase(),
                            "touched-everywhere-" + answer.word(),
                            usual == answer,
                            () -> work.edit(FeelEdits.touched(answer))));
        }
        return menu;
    }
}
