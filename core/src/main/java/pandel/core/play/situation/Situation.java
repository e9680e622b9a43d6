package pandel.core.play.situation;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Motion;
import pandel.core.model.rest.Rest;
import pandel.core.model.start.Spot;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.play.rule.DrawerRules;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.LevelKind;
import pandel.core.play.rule.StackQuery;

/**
 * Everything true at one moment of play.
 *
 * @param width px the device is wide now
 * @param height px the device is high now
 * @param levels the base first; never empty
 * @param facts what is remembered
 * @param notice the passing message that stands over everything
 * @param drawer id of the open drawer; empty: none is
 * @param work the link that is at work; empty: none is
 * @param left whether it was left by device back: nothing happens then but starting over
 */
@RecordBuilder
public record Situation(
        Device device,
        double width,
        double height,
        List<Level> levels,
        Waits waits,
        Facts facts,
        Optional<Notice> notice,
        Optional<String> drawer,
        Optional<AtWork> work,
        boolean left)
        implements SituationBuilder.With {

    /**
     * A message.
     *
     * @param ms how long it still stands; 0: until it is touched
     * @param action id of the link that can be chosen on it; empty: none
     */
    public record Notice(String words, int ms, Optional<String> action) {}

    public Situation {
        levels = List.copyOf(levels);
    }

    /**
     * Why play cannot begin somewhere, or empty when it can. An entry leads to what is shown as a page, as does the
     * base of a start point; on each of its levels all screens have the form of the first.
     */
    public static Optional<String> whyNoStart(Prototype prototype, Start start) {
        return Beginning.whyNoStart(prototype, start);
    }

    /** The situation at an entry or a start point; empty when play cannot begin there. */
    public static Optional<Situation> at(Prototype prototype, Start start, Device device) {
        return Beginning.at(prototype, start, device);
    }

    /**
     * A screen alone on a device, with nothing given to it; that it can be played so is not asked.
     *
     * @param screen its id
     */
    public static Situation shownAlone(String screen, Device device) {
        return new Situation(
                device,
                device.width(),
                device.height(),
                List.of(new Level(LevelKind.BASE, Trail.of(new Visit(screen, Motion.NONE, 0)))),
                Waits.NONE,
                Facts.NONE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false);
    }

    /** The tab sets around the current place of a trail, the outermost first. */
    public static List<EnclosingTab> around(Trail trail) {
        List<Tabs> all = trail.around();
        int roots = trail.current().tabs().size();
        List<EnclosingTab> around = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            around.add(new EnclosingTab(
                    all.get(i).in().set(),
                    all.get(i).in().tab(),
                    all.get(i).in().offered(),
                    i >= all.size() - roots));
        }
        return around;
    }

    /** This moment as a start point. */
    public StartPoint asStartPoint(String id, String title) {
        return new StartPoint(
                id,
                title,
                levels.stream()
                        .map(l -> l.trail().places().stream()
                                .map(v -> new Spot(
                                        v.screen(),
                                        v.held(),
                                        v.at(),
                                        v.inside(),
                                        v.tabs().stream().map(Tabs::in).toList()))
                                .toList())
                        .toList(),
                facts,
                Rest.NONE);
    }

    /** How the current screen looks now; empty when it is gone. */
    public Optional<Look> look(Prototype prototype) {
        return prototype.screen(screen()).map(screen -> top().look(prototype, screen, facts));
    }

    /** The level that takes gestures. */
    public Level top() {
        return levels.getLast();
    }

    /** Id of the current screen: that of the last place of the top level. */
    public String screen() {
        return top().trail().current().screen();
    }

    /** Everything that conditions and links can read. */
    public Known known() {
        return top().known(facts);
    }

    public Head head() {
        return new Head(
                device,
                screen(),
                top().trail().current().at(),
                around(top().trail()),
                top().kind(),
                top().trail().isFirst(),
                new Back(),
                known(),
                levels.size(),
                width,
                drawer,
                Optional.empty());
    }

    /** How many levels there are up to the nearest beneath the top one that holds pages; the base has none beneath. */
    private int toGround() {
        int count = Math.max(1, levels.size() - 1);
        while (!levels.get(count - 1).kind().holdsPages()) {
            count--;
        }
        return count;
    }

    private Level onGroundLevel() {
        return levels.get(toGround() - 1);
    }

    private final class Back implements StackQuery {
        @Override
        public Found behind(String screen) {
            return found(top().trail().behindTo(screen).isPresent());
        }

        @Override
        public Optional<Ground> ground() {
            return Optional.of(new KnownGround(
                    onGroundLevel().kind().base(),
                    onGroundLevel().trail().isFirst(),
                    toGround(),
                    onGroundLevel().trail().current().at(),
                    around(onGroundLevel().trail())));
        }

        @Override
        public Found onGround(String screen) {
            return found(onGroundLevel().trail().current().isNamed(screen)
                    || onGroundLevel().trail().isIn(screen));
        }

        @Override
        public Found behindGround(String screen) {
            return found(onGroundLevel().trail().behindTo(screen).isPresent());
        }

        @Override
        public Set setBehind(String set) {
            return top().trail().behind().map(t -> set(set, t)).orElse(new Set(Found.ABSENT, List.of()));
        }

        @Override
        public Set setOnGround(String set) {
            return set(set, onGroundLevel().trail());
        }

        private static Set set(String set, Trail from) {
            for (Optional<Trail> t = Optional.of(from);
                    t.isPresent();
                    t = t.get().behind()) {
                if (t.get().isIn(set)) {
                    return new Set(Found.THERE, around(t.get()));
                }
            }
            return new Set(Found.ABSENT, List.of());
        }

        private static Found found(boolean there) {
            return there ? Found.THERE : Found.ABSENT;
        }
    }

    /** The screens current on each level, the base first. */
    public List<String> row() {
        return levels.stream().map(level -> level.trail().current().screen()).toList();
    }

    public Situation withTop(Level level) {
        List<Level> changed = new ArrayList<>(levels);
        changed.set(changed.size() - 1, level);
        return withLevels(changed);
    }

    public Situation sized(double newWidth, double newHeight) {
        return new Situation(device, newWidth, newHeight, levels, waits, facts, notice, drawer, work, left);
    }

    public Situation with(Facts changed) {
        return new Situation(device, width, height, levels, waits, changed, notice, drawer, work, left);
    }

    public Situation telling(Optional<Notice> now) {
        return new Situation(device, width, height, levels, waits, facts, now, drawer, work, left);
    }

    /** The same with that drawer open, or none. */
    public Situation drawn(Optional<String> open) {
        return open.equals(drawer)
                ? this
                : new Situation(device, width, height, levels, waits, facts, notice, open, work, left);
    }

    /** Whether time changes nothing: nothing is waited for, at work or said. */
    public boolean isStill() {
        return waits.isEmpty() && work.isEmpty() && notice.isEmpty();
    }

    /** ms until the next thing is due: the end of what is at work, else a wait; empty when nothing is. */
    public OptionalInt untilDue() {
        return work.isPresent() ? work.get().left() : waits.untilDue();
    }

    /** Ids of the links that wait for work to be done. */
    public List<String> untilDone() {
        return work.isEmpty()
                ? waits.work()
                : work.get().left().isEmpty() ? List.of(work.get().link()) : List.of();
    }

    /**
     * The drawers attached to the current place of a level, in file order.
     *
     * @param level counted from 0, the base
     */
    public List<Drawer> drawers(Prototype prototype, int level) {
        Trail trail = levels.get(level).trail();
        return DrawerRules.attached(prototype, device, trail.current().screen(), around(trail));
    }

    /**
     * What makes a difference to what can be done, but for time: two are equal where no motion or scroll tells them
     * apart.
     */
    public Object told() {
        return List.of(
                levels.stream().map(l -> List.of(l.kind(), l.trail().told())).toList(),
                facts,
                drawer,
                work,
                notice.flatMap(Notice::action));
    }

    /** The same some ms later, as far as the notice goes. */
    public Situation fading(int ms) {
        return ms == 0 || notice.isEmpty() || notice.get().ms() == 0
                ? this
                : telling(notice.filter(n -> n.ms() > ms).map(n -> new Notice(n.words(), n.ms() - ms, n.action())));
    }

    public Situation asLeft() {
        return new Situation(
                device,
                width,
                height,
                levels,
                Waits.NONE,
                facts,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true);
    }
}
