package pandel.desktop.play;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.AnswerPlace;
import pandel.core.play.situation.Situation;
import pandel.desktop.device.DeviceView;

/** What is possible and its place on the device light up together, whichever of the two is pointed at. */
final class Lit extends Pane {

    private final Supplier<Prototype> prototype;
    private final Supplier<Optional<Situation>> played;
    private final DeviceView device;

    Lit(Supplier<Prototype> prototype, Supplier<Optional<Situation>> played, DeviceView device, PossiblePane possible) {
        this.prototype = prototype;
        this.played = played;
        this.device = device;
        setId("lit");
        setMouseTransparent(true);
        setVisible(false);
        possible.onPointed(this::light);
        device.addEventHandler(
                MouseEvent.MOUSE_MOVED,
                e -> possible.light(played.get()
                        .map(now -> AnswerPlace.events(
                                prototype.get(),
                                now,
                                e.getX() / device.scale(),
                                e.getY() / device.scale(),
                                device.scrolled()))
                        .orElse(List.of())));
        device.addEventHandler(MouseEvent.MOUSE_EXITED, e -> possible.light(List.of()));
    }

    /** Shows where an event would touch, or nothing more. */
    void light(Optional<Event> event) {
        getChildren().clear();
        played.get()
                .flatMap(now -> event.flatMap(e -> AnswerPlace.of(prototype.get(), now, e, device.scrolled())))
                .ifPresent(this::mark);
        setVisible(!getChildren().isEmpty());
    }

    private void mark(Area area) {
        for (String style : new String[] {"lit-case", "lit-place"}) {
            Rectangle around = new Rectangle(
                    Math.rint(area.x() * device.scale()),
                    Math.rint(area.y() * device.scale()),
                    Math.rint(area.width() * device.scale()),
                    Math.rint(area.height() * device.scale()));
            around.getStyleClass().add(style);
            getChildren().add(around);
        }
    }
}
