package pandel.desktop.links.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.paint.Color;
import pandel.core.edit.screen.StateEdits;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Placeholders;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.work.Work;

/** Lays words where a hotspot stands, on the colour that the picture has there. */
public final class LayingWords {

    private static final double LARGEST = 28;
    private static final double OF_HEIGHT = 0.34;

    private LayingWords() {}

    /**
     * Lays words on the picture that is edited.
     *
     * @param ground the picture's colour there, if it is known
     * @return whether there is a picture
     */
    public static boolean on(Work work, DeskActions actions, Hotspot hotspot, Optional<Color> ground) {
        Screen screen = actions.screen();
        Optional<Picture> picture = screen.mockFor(actions.deviceWidth())
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast);
        Optional<Area> area = actions.area(hotspot);
        if (picture.isEmpty() || area.isEmpty()) {
            return false;
        }
        List<Patch> all = new ArrayList<>(picture.get().patches());
        Color under = ground.orElse(Color.WHITE);
        all.add(new Patch(
                area.get(),
                css(under),
                under.getBrightness() > 0.55 ? "#222222" : "#ffffff",
                words(screen, all),
                Math.clamp(Math.rint(area.get().height() * OF_HEIGHT), 8, LARGEST),
                true));
        work.edit(StateEdits.lay(screen, picture.get(), all));
        return true;
    }

    /** The first value that no words show yet. */
    private static String words(Screen screen, List<Patch> shown) {
        List<String> taken =
                shown.stream().flatMap(p -> Placeholders.in(p.words()).stream()).toList();
        return screen.expects().stream()
                .map(e -> e.name())
                .filter(n -> !taken.contains(n))
                .findFirst()
                .map(n -> "{" + n + "}")
                .orElse("Words");
    }

    private static String css(Color c) {
        return String.format(
                Locale.ROOT,
                "#%02x%02x%02x",
                Math.round(c.getRed() * 255),
                Math.round(c.getGreen() * 255),
                Math.round(c.getBlue() * 255));
    }
}
