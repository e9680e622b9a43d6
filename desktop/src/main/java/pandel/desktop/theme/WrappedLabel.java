package pandel.desktop.theme;

import java.text.Bidi;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;

/**
 * A label of several lines for words people typed. Text with a part written from right to left stays on one line:
 * JavaFX 26 fails with an index error when it wraps such text after a space. All of it is in its tooltip.
 */
public final class WrappedLabel extends Label {

    /** U+200E, left-to-right mark. */
    private static final String LEFT_TO_RIGHT = "\u200E";

    public WrappedLabel(String text) {
        textProperty().addListener((o, a, now) -> fit(now));
        setWrapText(true);
        setText(text);
    }

    public WrappedLabel() {
        this("");
    }

    private void fit(String now) {
        boolean safe = isSafe(now);
        setWrapText(safe);
        setTooltip(safe ? null : new Tooltip(now));
        // A sentence of the window runs from left to right, also where it begins with what runs the other way.
        if (!safe && !now.startsWith(LEFT_TO_RIGHT)) {
            setText(LEFT_TO_RIGHT + now);
        }
    }

    private static boolean isSafe(String text) {
        return text == null || !Bidi.requiresBidi(text.toCharArray(), 0, text.length());
    }
}
