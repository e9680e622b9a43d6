package pandel.core.play.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/**
 * What is told to lie under frames is where no finger comes to it, whatever is scrolled, and all else is: looked for
 * with many fingers on made-up prototypes with pictures of many heights.
 */
class FrameCoverTest {

    private static final int FINGERS = 12;

    @Property(tries = 60)
    void isWhatFingersFind(@ForAll long seed, @ForAll @IntRange(min = 3, max = 12) int size) {
        Random random = new Random(seed);
        Prototype p = pictured(Generated.of(size, seed, Kind.NASTY), random);
        Step step = new Step(p);
        Situation now = p.mainEntry()
                .flatMap(e -> Situation.at(p, e, p.devices().getFirst()))
                .orElse(null);
        for (int i = 0; now != null && !now.left() && i < 12; i++) {
            if (now.drawer().isEmpty()
                    && now.work().isEmpty()
                    && Pairs.beside(p, now).isEmpty()) {
                look(p, now);
            }
            now = step.step(now, Aim.tap(p, now, random.nextDouble() * now.width(), random.nextDouble() * now.height()))
                    .situation();
        }
    }

    private static Prototype pictured(Prototype p, Random random) {
        return p.withScreens(p.screens().stream()
                .map(s -> {
                    Picture picture = new Picture(
                            Width.NARROW,
                            "x",
                            300 + random.nextInt(300),
                            300 + random.nextInt(1400),
                            1,
                            "x",
                            Rest.NONE);
                    return s.withMocks(List.of(
                            random.nextInt(3) == 0
                                    ? picture.withFixed(random.nextInt(80), random.nextInt(80))
                                    : picture));
                })
                .toList());
    }

    private static void look(Prototype p, Situation now) {
        Look look = now.look(p).orElseThrow();
        Width width = p.widths().of(now.width());
        Placement placement = Under.current(p, now).placement(p).orElseThrow();
        List<FrameCover> frames = FrameCover.over(
                p,
                now.device(),
                look,
                now.head().around(),
                now.top().trail().current().at());
        List<Hotspot> shown = look.hotspots(p, width);
        for (Hotspot hotspot : shown) {
            for (Gesture gesture : List.of(Gesture.TAP, Gesture.LONG_PRESS)) {
                Cause.Touch touch = new Cause.Touch(gesture);
                Optional<Area> area = look.areaOf(hotspot, width);
                if (hotspot.linkFor(touch).isEmpty()
                        || area.isEmpty()
                        || !liesOn(area.get(), placement, Under.current(p, now).room())) {
                    continue;
                }
                boolean covered = look.isCovered(shown, hotspot, touch, width, FrameCover.areas(frames, touch));
                boolean found = isFound(p, now, placement, hotspot.id(), area.get(), gesture);
                assertThat(covered && found)
                        .as("%s for %s under %s", hotspot.id(), gesture, frames)
                        .isFalse();
                // Some px may be left that no finger of these came to.
                if (!found && placement.maxScroll() == 0) {
                    Optional<Area> left = look.leftOf(shown, hotspot, touch, width, FrameCover.areas(frames, touch));
                    assertThat(left.map(a -> Math.min(
                                    a.width() / area.get().width(),
                                    a.height() / area.get().height())))
                            .as("%s for %s under %s", hotspot.id(), gesture, frames)
                            .matches(o -> o.isEmpty() || o.get() < 2.0 / FINGERS);
                }
            }
        }
    }

    private static boolean liesOn(Area area, Placement p, Room room) {
        return p.x() + area.x() * p.factor() >= 0
                && p.x() + area.right() * p.factor() <= room.width()
                && area.x() >= 0
                && area.right() * p.factor() <= p.width()
                && area.y() >= 0
                && area.bottom() * p.factor() <= p.height();
    }

    private static boolean isFound(
            Prototype p, Situation now, Placement placement, String hotspot, Area area, Gesture gesture) {
        for (int s = 0; s <= 8; s++) {
            Situation scrolled = new Step(p)
                    .step(now, new Event.Scroll(placement.maxScroll() * s / 8))
                    .situation();
            Under under = Under.current(p, scrolled);
            for (int i = 0; i < FINGERS; i++) {
                for (int j = 0; j < FINGERS; j++) {
                    double x = under.room().x()
                            + placement.x()
                            + (area.x() + area.width() * (i + 0.5) / FINGERS) * placement.factor();
                    double my = area.y() + area.height() * (j + 0.5) / FINGERS;
                    for (double y : List.of(
                            placement.y() + my * placement.factor(),
                            placement.y() + my * placement.factor() - Math.min(under.scroll(), placement.maxScroll()),
                            placement.y() + my * placement.factor() - placement.maxScroll())) {
                        if (y >= 0
                                && y < now.height()
                                && Aim.gesture(p, scrolled, gesture, x, y) instanceof Event.Touched t
                                && t.on() instanceof Event.On.OnHotspot on
                                && on.id().equals(hotspot)
                                && t.gesture() == gesture) {
                            return true;
                        }
                    }
                }
            }
        }
        return false;
    }
}
