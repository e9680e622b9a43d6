package pandel.desktop.links;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import pandel.core.model.Cause;
import pandel.core.model.Device;
import pandel.core.model.Gesture;
import pandel.core.play.EventWords;
import pandel.desktop.theme.Press;

/** What can set a link off, to choose from; what the device does not know cannot be chosen and says why. */
final class CauseMenu {

    private CauseMenu() {
    }

    /** Gestures on a hotspot. @param taken those it has a link for already */
    static ContextMenu gestures(Device device, Predicate<Gesture> taken, Consumer<Gesture> chosen) {
        ContextMenu menu = new ContextMenu();
        for (Gesture gesture : Gesture.values()) {
            if (!taken.test(gesture)) {
                menu.getItems().add(item(device, gesture, "", () -> chosen.accept(gesture)));
            }
        }
        return menu;
    }

    /** Everything that can happen to a whole screen. @param ms of its wait now */
    static ContextMenu ofScreen(Device device, int ms, Consumer<Cause> chosen) {
        ContextMenu menu = new ContextMenu();
        menu.getItems().addAll(
                Press.item("After a time", "cause-wait", () -> chosen.accept(new Cause.Wait(ms))),
                Press.item("After a time untouched", "cause-untouched", () -> chosen.accept(new Cause.Untouched(ms))),
                Press.item("When the work is done", "cause-work", () -> chosen.accept(new Cause.Work())),
                Press.item("Device back", "cause-back", () -> chosen.accept(new Cause.Back())));
        for (Gesture gesture : Gesture.values()) {
            menu.getItems().add(item(device, gesture, " anywhere", () -> chosen.accept(new Cause.Touch(gesture))));
        }
        return menu;
    }

    private static MenuItem item(Device device, Gesture gesture, String where, Runnable action) {
        Optional<String> whyNot = gesture.refusedBy(device);
        MenuItem item = Press.item(EventWords.capital(gesture.word()) + where + whyNot.map(w -> " — " + w).orElse(""), "gesture-" + gesture.word().replace(' ', '-'), action);
        item.setDisable(whyNot.isPresent());
        return item;
    }
}
