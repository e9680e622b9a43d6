package pandel.desktop;

import java.util.List;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** A click with a key held down, which the off-screen platform does not pass on to the mouse. */
final class ModifiedClick {

    private ModifiedClick() {}

    /** On the application thread. */
    static void on(Node node, KeyCode with) {
        List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_RELEASED, MouseEvent.MOUSE_CLICKED)
                .forEach(type -> Event.fireEvent(
                        node,
                        new MouseEvent(
                                type,
                                10,
                                10,
                                10,
                                10,
                                MouseButton.PRIMARY,
                                1,
                                with == KeyCode.SHIFT,
                                with == KeyCode.CONTROL,
                                false,
                                false,
                                type == MouseEvent.MOUSE_PRESSED,
                                false,
                                false,
                                false,
                                false,
                                true,
                                null)));
    }
}
