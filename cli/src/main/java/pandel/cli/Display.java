package pandel.cli;

import java.util.Locale;
import javafx.application.Application;
import pandel.desktop.PandelApp;

/** Whether there is a display, and the window on it. */
final class Display {

    private Display() {}

    static boolean isThere() {
        boolean linux = System.getProperty("os.name").toLowerCase(Locale.ROOT).contains("linux");
        return !linux || isSet("DISPLAY") || isSet("WAYLAND_DISPLAY");
    }

    private static boolean isSet(String variable) {
        String value = System.getenv(variable);
        return value != null && !value.isBlank();
    }

    /** Opens the window and comes back when it is closed. */
    static void open(String... files) {
        Application.launch(PandelApp.class, files);
    }
}
