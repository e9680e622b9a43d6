package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.PanelSide;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.PageFoot;
import pandel.core.play.layout.Room;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;

/**
 * Where strips, drawers, buttons and the signs of pages stand while made-up prototypes are played at any size, and that
 * a finger on them meets them.
 */
class FramesLaidTest {

    private static final double CLOSE = 0.001;

    @Property(tries = 40)
    void whatIsLaidStandsOnTheDeviceAndIsMetWhereItStands(
            @ForAll long seed, @ForAll @IntRange(min = 4, max = 24) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind);
        Random random = new Random(seed);
        Step step = new Step(p);
        Optional<Situation> start =
                p.mainEntry().flatMap(e -> Situation.at(p, e, p.devices().getFirst()));
        Situation now = start.orElse(null);
        for (int i = 0; now != null && !now.left() && i < 40; i++) {
            strips(p, now);
            rooms(p, now);
            drawers(p, now);
            pages(p, now);
            now = step.step(now, any(p, now, random)).situation();
        }
    }

    /** A touch anywhere, a way back, a moment, or another size. */
    private static Event any(Prototype p, Situation now, Random random) {
        return switch (random.nextInt(8)) {
            case 0 -> new Event.Resize(240 + random.nextInt(1200), 320 + random.nextInt(900));
            case 1 -> new Event.DeviceBack();
            case 2 ->
                Aim.gesture(
                        p,
                        now,
                        Gesture.values()[random.nextInt(7)],
                        random.nextDouble() * now.width(),
                        random.nextDouble() * now.height());
            case 3 ->
                strip(p, now)
                        .filter(s -> !s.signs().isEmpty())
                        .<Event>map(s -> new Event.Touched(
                                Gesture.TAP,
                                new Event.On.OnTab(s.signs()
                                        .get(random.nextInt(s.signs().size()))
                                        .tab()
                                        .id())))
                        .orElse(new Event.Elapse(500));
            default -> Aim.tap(p, now, random.nextDouble() * now.width(), random.nextDouble() * now.height());
        };
    }

    private static Optional<StripPlace> strip(Prototype p, Situation now) {
        return laid(p, now).stream().findFirst();
    }

    private static List<StripPlace> laid(Prototype p, Situation now) {
        Room room = Room.ofStrips(p, now, now.levels().size() - 1);
        double header = HeaderPlace.below(p, Under.current(p, now));
        return StripPlace.on(p, now.head().around(), now.screen(), room.on(), room.width(), now.height()).stream()
                .map(s -> s.below(header))
                .toList();
    }

    private static void strips(Prototype p, Situation now) {
        Room room = Room.ofStrips(p, now, now.levels().size() - 1);
        List<StripPlace> strips = laid(p, now);
        for (StripPlace strip : strips) {
            boolean along = strip.look() == TabSet.Side.STRIP;
            assertThat(strip.area().width()).isPositive();
            assertThat(strip.area().x() + strip.area().width())
                    .isLessThanOrEqualTo(
                            Math.max(1, room.width()) + strip.area().x() + CLOSE);
            strips.stream()
                    .filter(other -> other != strip)
                    .forEach(other -> assertThat(meet(strip.area(), other.area()))
                            .as("two strips over one another")
                            .isFalse());
            for (int i = 1; i < strip.signs().size(); i++) {
                Area before = strip.signs().get(i - 1).area();
                Area after = strip.signs().get(i).area();
                assertThat(along ? after.x() - before.x() - before.width() : after.y() - before.y() - before.height())
                        .as("between two tabs")
                        .isBetween(-CLOSE, CLOSE);
            }
            assertThat(strip.signs().stream()
                            .filter(StripPlace.Sign::chosen)
                            .map(s -> s.tab().id()))
                    .as("the tab that is shown")
                    .hasSizeLessThanOrEqualTo(1);
            assertThat(strip.scrolled(1e6).scrolled(-1e6).within(0)).isEqualTo(0);
            assertThat(strip.scrolls()).isEqualTo(!strip.scrolled(1e6).equals(strip.scrolled(-1e6)));
            strip.signs().stream().filter(StripPlace.Sign::chosen).forEach(sign -> chosen(p, now, room, strip, sign));
        }
    }

    /** The tab that is shown is in sight, and is what a tap there is on, where no drawer lies over it. */
    private static void chosen(Prototype p, Situation now, Room room, StripPlace strip, StripPlace.Sign sign) {
        double x = sign.area().x() + sign.area().width() / 2;
        double y = sign.area().y() + sign.area().height() / 2;
        if (strip.area().width() >= sign.area().width()
                        && strip.area().height() >= 2 * sign.area().height()
                || strip.look() == TabSet.Side.STRIP
                        && strip.area().width() >= sign.area().width()) {
            assertThat(strip.area().contains(x, y))
                    .as("%s in sight at %s by %s", sign.tab().id(), now.width(), now.height())
                    .isTrue();
            if (now.drawer().isEmpty() && now.top().kind().holdsPages() && y >= 0 && y < now.height()) {
                assertThat(Aim.tap(p, now, room.x() + x, y))
                        .isIn(
                                new Event.Touched(
                                        Gesture.TAP,
                                        new Event.On.OnTab(sign.tab().id())),
                                Aim.tap(p, now, room.x() + x, y) instanceof Event.Touched t
                                                && t.on() instanceof Event.On.OnButton
                                        ? Aim.tap(p, now, room.x() + x, y)
                                        : new Event.DeviceBack());
            }
        }
    }

    private static boolean meet(Area a, Area b) {
        return a.x() < b.x() + b.width() - CLOSE
                && b.x() < a.x() + a.width() - CLOSE
                && a.y() < b.y() + b.height() - CLOSE
                && b.y() < a.y() + a.height() - CLOSE;
    }

    private static void rooms(Prototype p, Situation now) {
        for (int level = 0; level < now.levels().size(); level++) {
            Room room = Room.of(p, now, level);
            assertThat(room.x()).isGreaterThanOrEqualTo(0);
            assertThat(room.width()).isGreaterThanOrEqualTo(1);
            assertThat(room.width()).isLessThanOrEqualTo(now.width());
            assertThat(room.top()).isGreaterThanOrEqualTo(0);
            assertThat(room.foot()).isGreaterThanOrEqualTo(0);
        }
    }

    private static void drawers(Prototype p, Situation now) {
        for (DrawerPlace place : DrawerPlace.shown(p, now, now.levels().size() - 1)) {
            assertThat(place.area().width()).isBetween(1.0, now.width());
            assertThat(place.area().height()).isEqualTo(now.height());
            if (!place.drawer().staysAt(now.width())) {
                assertThat(
                                place.drawer().panel().side() == PanelSide.LEFT
                                        ? place.area().x()
                                        : place.area().x() + place.area().width() - now.width())
                        .isBetween(-CLOSE, CLOSE);
            }
            assertThat(place.rows().stream().flatMap(r -> r.item().stream()).count()
                            + place.held().size())
                    .isEqualTo(place.drawer().items().size());
            assertThat(place.rows())
                    .allMatch(r -> r.area().x() == place.area().x()
                            && r.area().width() == place.area().width());
            double y = place.head();
            for (DrawerPlace.Row row : place.rows()) {
                assertThat(row.area().y()).isGreaterThanOrEqualTo(y);
                y = row.area().y() + row.area().height();
            }
            for (DrawerPlace.Row row : place.rows()) {
                double at = row.area().y() + row.area().height() / 2;
                if (row.item().isPresent()
                        && at < place.seen()
                        && now.drawer().equals(Optional.of(place.drawer().id()))) {
                    assertThat(Aim.tap(p, now, row.area().x() + row.area().width() / 2, at))
                            .isEqualTo(new Event.Touched(
                                    Gesture.TAP,
                                    new Event.On.OnItem(row.item().get().id())));
                }
            }
        }
    }

    private static void pages(Prototype p, Situation now) {
        Optional<Sequence> sequence = now.top().trail().current().at().flatMap(at -> p.sequence(at.sequence()));
        if (sequence.isEmpty() || !now.top().kind().holdsPages()) {
            return;
        }
        Room room = Room.of(p, now);
        int page = now.top().trail().current().at().orElseThrow().page();
        assertThat(PageFoot.on(
                        p,
                        now.look(p).orElseThrow(),
                        now.top().trail().current().at(),
                        new Room(0, 1, room.on(), 0, 0),
                        now.height()))
                .as("signs where strips and drawers leave a page 1 px")
                .hasSameSizeAs(PageFoot.on(
                        p,
                        now.look(p).orElseThrow(),
                        now.top().trail().current().at(),
                        new Room(0, 100, room.on(), 0, 0),
                        now.height()));
        List<PageFoot.Sign> signs = PageFoot.on(
                p, now.look(p).orElseThrow(), now.top().trail().current().at(), room, now.height());
        assertThat(signs.stream()
                        .flatMap(s -> s.on().stream())
                        .filter(on -> on instanceof Event.On.OnTurn turn && turn.turn() instanceof PageTurn.Previous))
                .as("no way back from the first page")
                .hasSizeLessThanOrEqualTo(page == 1 ? 0 : 1);
        assertThat(signs.stream().filter(PageFoot.Sign::here))
                .as("the dot of the page that is shown")
                .hasSizeLessThanOrEqualTo(1);
        List<PageFoot.Sign> dots = signs.stream()
                .filter(s -> s.on().filter(
                                on -> on instanceof Event.On.OnTurn turn && turn.turn() instanceof PageTurn.To)
                        .isPresent())
                .toList();
        assertThat(dots.size()).isIn(0, sequence.get().pages().size());
        if (!dots.isEmpty()) {
            assertThat(dots.get(page - 1).here()).isTrue();
        }
        for (PageFoot.Sign sign : signs) {
            signs.stream()
                    .filter(other -> other != sign && room.width() > 400)
                    .forEach(other -> assertThat(meet(sign.area(), other.area()))
                            .as("%s over %s", sign, other)
                            .isFalse());
        }
    }
}
