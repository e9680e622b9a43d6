package pandel.core.play;

import java.util.Locale;
import pandel.core.model.Cause;
import pandel.core.model.Effect;
import pandel.core.model.Hotspot;
import pandel.core.model.Index.Way;
import pandel.core.model.Link;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Target;

/** Links and what stands around them, in words. */
public final class LinkWords {

    private LinkWords() {
    }

    /** "advance to Tool", "return", "nothing yet". */
    public static String effect(Prototype prototype, Link link) {
        return link.effect().map(e -> switch (e) {
            case Effect.Advance a -> "advance to " + target(prototype, a.to());
            case Effect.Replace r -> "replace with " + target(prototype, r.with());
            case Effect.Restart r -> "restart at " + target(prototype, r.at());
            case Effect.OpenAbove o -> "open " + target(prototype, o.screen()) + " above";
            case Effect.Return r -> "return";
            case Effect.ReturnTo r -> "return to " + target(prototype, r.to());
            case Effect.Close c -> "close";
        }).orElse("nothing yet");
    }

    /** A target's title, or its id when it is missing. */
    public static String target(Prototype prototype, Target target) {
        return prototype.screen(target.id()).map(Screen::shownTitle).orElse(target.id());
    }

    /** "tap", "after 1.5 s". */
    public static String cause(Link link) {
        return switch (link.cause()) {
            case Cause.Touch touch -> touch.gesture().word();
            case Cause.Wait wait -> "after " + seconds(wait.ms());
        };
    }

    /** "0.3 s", "2 s". */
    public static String seconds(int ms) {
        return ms % 1000 == 0 ? ms / 1000 + " s" : String.format(Locale.ROOT, "%.1f s", ms / 1000.0);
    }

    /** "tap Reserve", "tap hotspot 3", "after 2 s". @param number the hotspot's place among those of its screen, from 1 */
    public static String what(Way way, int number) {
        return cause(way.link()) + way.hotspot().map(h -> " " + name(h, number)).orElse("");
    }

    /** "Tools: tap Hedge shears, advance to Tool". */
    public static String described(Prototype prototype, Way way) {
        String on = way.from().size() == 1 ? way.from().getFirst().shownTitle() : way.from().size() + " screens";
        int number = way.hotspot().map(h -> 1 + prototype.index().hotspotsOn(way.from().getFirst().id()).indexOf(h)).orElse(0);
        return on + ": " + what(way, number) + ", " + effect(prototype, way.link());
    }

    /** A hotspot's words, or its number. */
    public static String name(Hotspot hotspot, int number) {
        return hotspot.title().isBlank() ? "hotspot " + number : hotspot.title();
    }
}
