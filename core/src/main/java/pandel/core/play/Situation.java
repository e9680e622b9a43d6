package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Device;
import pandel.core.model.Entry;
import pandel.core.model.Form;
import pandel.core.model.Motion;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;

/**
 * Everything true at one moment of play.
 *
 * @param width  px the device is wide now
 * @param height px the device is high now
 * @param levels the base first; never empty
 * @param left   whether it was left by device back: nothing happens then but starting over
 */
public record Situation(Device device, double width, double height, List<Level> levels, Waits waits, boolean left) {

    public Situation {
        levels = List.copyOf(levels);
    }

    /** Why play cannot begin at an entry, or empty when it can. An entry leads to what is shown as a page. */
    public static Optional<String> whyNoStart(Prototype prototype, Entry entry) {
        Optional<Screen> screen = prototype.screen(entry.target().id());
        if (screen.isEmpty()) {
            return Optional.of("The screen “" + entry.target().id() + "” that it starts at is not there.");
        }
        return screen.get().form() == Form.PAGE ? Optional.empty()
                : Optional.of("“" + screen.get().shownTitle() + "” is a " + screen.get().form().word()
                + ", and only a page can be started at.");
    }

    /** The situation at an entry; empty when it leads to no page. */
    public static Optional<Situation> at(Prototype prototype, Entry entry, Device device) {
        return whyNoStart(prototype, entry).isPresent() ? Optional.empty()
                : prototype.screen(entry.target().id()).map(screen -> new Situation(device, device.width(), device.height(),
                List.of(new Level(LevelKind.BASE, Trail.of(new Visit(screen.id(), Motion.NONE, 0)))),
                Waits.of(screen), false));
    }

    /** The level that takes gestures. */
    public Level top() {
        return levels.getLast();
    }

    /** Id of the current screen: that of the last place of the top level. */
    public String screen() {
        return top().trail().current().screen();
    }

    public Head head() {
        return new Head(device, screen(), top().kind(), top().trail().isFirst(), new Back());
    }

    /** The nearest level, the top one included, that holds pages. */
    private Level ground() {
        return levels.reversed().stream().filter(level -> level.kind().holdsPages()).findFirst().orElseThrow();
    }

    private final class Back implements Lookback {
        @Override
        public Found behind(String screen) {
            return found(top().trail().behindTo(screen).isPresent());
        }

        @Override
        public Found onGround(String screen) {
            return found(ground().trail().current().screen().equals(screen));
        }

        @Override
        public Found behindGround(String screen) {
            return found(ground().trail().behindTo(screen).isPresent());
        }

        private static Found found(boolean there) {
            return there ? Found.THERE : Found.ABSENT;
        }
    }

    /** The screens current on each level, the base first. */
    public List<String> row() {
        return levels.stream().map(level -> level.trail().current().screen()).toList();
    }

    Situation withTop(Level level) {
        List<Level> changed = new ArrayList<>(levels);
        changed.set(changed.size() - 1, level);
        return withLevels(changed);
    }

    Situation withLevels(List<Level> changed) {
        return new Situation(device, width, height, changed, waits, left);
    }

    Situation withWaits(Waits changed) {
        return new Situation(device, width, height, levels, changed, left);
    }

    Situation sized(double newWidth, double newHeight) {
        return new Situation(device, newWidth, newHeight, levels, waits, left);
    }

    Situation asLeft() {
        return new Situation(device, width, height, levels, Waits.NONE, true);
    }
}
