package pandel.desktop.theme;

import java.text.Bidi;
import javafx.scene.control.Label;

/**
 * A label of several lines for words people typed. Text with a part written from right to left stays on one line:
 * JavaFX 26 fails with an index error when it wraps such text after a space.
 */
public final class WrappedLabel extends Label {

    public WrappedLabel(String text) {
        textProperty().addListener((o, a, now) -> setWrapText(isSafe(now)));
        setWrapText(true);
        setText(text);
    }

    public WrappedLabel() {
        this("");
    }

    private static boolean isSafe(String text) {
        return text == null || !Bidi.requiresBidi(text.toCharArray(), 0, text.length());
    }
}
