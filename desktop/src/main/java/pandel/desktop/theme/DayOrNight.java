package pandel.desktop.theme;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import pandel.files.picture.Typeface;
import pandel.files.settings.Preferences;

/** Day or night. */
public enum DayOrNight {
    DAY,
    NIGHT;

    /** The typeface of the interface, as its stylesheet names it. */
    public static final String FAMILY = "Pandel";

    /** The same, for what is named. */
    public static final String STRONG = FAMILY + " SemiBold";

    private static final String PLACE = "/pandel/desktop/theme/";

    private static boolean fontsLoaded;

    /** The look wished for; the system's own is asked of the system. */
    public static DayOrNight of(Preferences.LookWish wish) {
        return switch (wish) {
            case DAY -> DAY;
            case NIGHT -> NIGHT;
            case SYSTEM -> Platform.getPreferences().getColorScheme() == ColorScheme.DARK ? NIGHT : DAY;
        };
    }

    /** Dresses a scene, with words in so many hundredths of their usual size. */
    public void dress(Scene scene, int percent) {
        loadFonts();
        TextSize.set(percent);
        scene.getStylesheets()
                .setAll(
                        sheet(this == DAY ? "day.css" : "night.css"),
                        percent == 100 ? sheet("pandel.css") : TextSize.url(read("pandel.css"), percent));
    }

    private static String sheet(String name) {
        return Objects.requireNonNull(DayOrNight.class.getResource(PLACE + name), name)
                .toExternalForm();
    }

    private static String read(String name) {
        try (InputStream in = Objects.requireNonNull(DayOrNight.class.getResourceAsStream(PLACE + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException("The bundled sheet of styles cannot be read", e);
        }
    }

    private static synchronized void loadFonts() {
        if (fontsLoaded) {
            return;
        }
        fontsLoaded = true;
        for (String face : List.of("Regular", "SemiBold")) {
            try (InputStream in = Typeface.letters(face)) {
                Font.loadFont(in, 13);
            } catch (IOException e) {
                throw new IllegalStateException("The bundled typeface cannot be read", e);
            }
        }
    }
}
