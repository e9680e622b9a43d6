package pandel.desktop.links.sentence;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.EventWords;
import pandel.desktop.theme.Buttons;

/** What can set a link off, to choose from; what the device does not know cannot be chosen and says why. */
final class CauseMenu {

    private CauseMenu() {}

    /** What can happen to a hotspot; what it has a link for already is left out. */
    static ContextMenu gestures(Device device, Hotspot hotspot, Consumer<Cause> chosen) {
        ContextMenu menu = new ContextMenu();
        if (hotspot.isField() && hotspot.linkFor(new Cause.Submit()).isEmpty()) {
            menu.getItems()
                    .add(Buttons.item("Submit what is typed", "cause-submit", () -> chosen.accept(new Cause.Submit())));
        }
        for (Gesture gesture : Gesture.values()) {
            if (!gesture.isOfEdge()
                    && (gesture == Gesture.KEY || hotspot.linkFor(gesture).isEmpty())) {
                menu.getItems().add(item(device, gesture, "", () -> chosen.accept(touch(gesture))));
            }
        }
        return menu;
    }

    /** A key is Enter until another one is said. */
    private static Cause.Touch touch(Gesture gesture) {
        return gesture == Gesture.KEY ? new Cause.Touch(gesture, "Enter") : new Cause.Touch(gesture);
    }

    /**
     * Everything that can happen to a whole screen.
     *
     * @param ms of its wait now
     */
    static ContextMenu ofScreen(Device device, int ms, Consumer<Cause> chosen) {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .addAll(
                        Buttons.item("After a time", "cause-wait", () -> chosen.accept(new Cause.Wait(ms))),
                        Buttons.item(
                                "After a time untouched",
                                "cause-untouched",
                                () -> chosen.accept(new Cause.Untouched(ms))),
                        Buttons.item("When the work is done", "cause-work", () -> chosen.accept(new Cause.Work())),
                        Buttons.item("Device back", "cause-back", () -> chosen.accept(new Cause.Back())));
        for (Gesture gesture : Gesture.values()) {
            menu.getItems()
                    .add(item(
                            device,
                            gesture,
                            gesture.isOfEdge() || gesture == Gesture.KEY ? "" : " anywhere",
                            () -> chosen.accept(touch(gesture))));
        }
        return menu;
    }

    private static MenuItem item(Device device, Gesture gesture, String where, Runnable action) {
        Optional<String> whyNot = gesture.refusedBy(device);
        MenuItem item = Buttons.item(
                EventWords.capital(gesture.word())
                        + where
                        + whyNot.map(w -> " — " + w).orElse(""),
                "gesture-" + gesture.word().replace(' ', '-'),
                action);
        item.setDisable(whyNot.isPresent());
        return item;
    }
}
