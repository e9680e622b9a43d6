package pandel.core.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.layout.FrameCover;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;

/** Looks at situations one by one, by {@code step} alone, up to a number of events and of situations. */
final class BruteForce {

    private final Prototype prototype;
    private final Step step;
    private final Set<String> fired = new HashSet<>();

    BruteForce(Prototype prototype) {
        this.prototype = prototype;
        this.step = new Step(prototype);
    }

    /** Each situation met and the fewest events to it, from every usable entry. */
    Map<Situation, Integer> reach(Device device, int depth, int most) {
        Map<Object, Integer> seen = new HashMap<>();
        Map<Situation, Integer> found = new LinkedHashMap<>();
        Deque<Situation> horizon = new ArrayDeque<>();
        for (Entry entry : prototype.entries()) {
            Situation.at(prototype, entry, device).ifPresent(s -> {
                if (seen.putIfAbsent(key(s), 0) == null) {
                    found.put(s, 0);
                    horizon.add(s);
                }
            });
        }
        while (!horizon.isEmpty() && found.size() < most) {
            Situation now = horizon.remove();
            int steps = Objects.requireNonNull(seen.get(key(now)));
            if (steps == depth) {
                continue;
            }
            for (Event event : events(now)) {
                Stepped stepped = step.step(now, event);
                Situation next = stepped.situation();
                if (stepped.happening() instanceof Happening.Remembered done) {
                    done.link().ifPresent(fired::add);
                }
                if (stepped.happening() instanceof Happening.DrawerMoved drawn) {
                    drawn.link().ifPresent(fired::add);
                }
                if (stepped.happening() instanceof Happening.LedOut out) {
                    out.link().ifPresent(fired::add);
                }
                if (stepped.happening() instanceof Happening.Moved moved) {
                    moved.link().ifPresent(fired::add);
                }
                if (seen.putIfAbsent(key(next), steps + 1) == null) {
                    found.put(next, steps + 1);
                    horizon.add(next);
                }
            }
        }
        return found;
    }

    /** Ids of the links that did something in {@link #reach}. */
    Set<String> fired() {
        return fired;
    }

    /** The screens shown from a situation on, its own among them: up to a number of situations. */
    Set<String> shownFrom(Situation from, int most) {
        Set<Object> seen = new HashSet<>(Set.of(key(from)));
        Set<String> shown = new HashSet<>();
        Deque<Situation> horizon = new ArrayDeque<>(List.of(from));
        while (!horizon.isEmpty() && seen.size() < most) {
            Situation now = horizon.remove();
            shown.add(now.screen());
            for (Event event : events(now)) {
                Situation next = step.step(now, event).situation();
                if (!next.left() && seen.add(key(next))) {
                    horizon.add(next);
                }
            }
        }
        return shown;
    }

    /** Whether the top level of a situation can be closed: null when the look was cut off before an answer. */
    @Nullable
    Boolean closes(Situation from, int most) {
        return comesTo(
                from,
                true,
                most,
                next -> next.situation().levels().size() < from.levels().size());
    }

    /** Whether the row of screens can be changed from a situation: null when the look was cut off before an answer. */
    @Nullable
    Boolean leadsOn(Situation from, boolean withDeviceBack, int most) {
        return comesTo(
                from,
                withDeviceBack,
                most,
                next -> next.happening() instanceof Happening.LedOut
                        || next.happening() instanceof Happening.Moved m
                                && m.address().isPresent()
                        || !next.situation().row().equals(from.row()));
    }

    private @Nullable Boolean comesTo(Situation from, boolean withDeviceBack, int most, Predicate<Stepped> wanted) {
        Set<Object> seen = new HashSet<>(Set.of(key(from)));
        Deque<Situation> horizon = new ArrayDeque<>(List.of(from));
        while (!horizon.isEmpty()) {
            if (seen.size() > most) {
                return null;
            }
            Situation now = horizon.remove();
            for (Event event : events(now)) {
                if (event.plain() instanceof Event.DeviceBack && !withDeviceBack) {
                    continue;
                }
                Stepped stepped = step.step(now, event);
                Situation next = stepped.situation();
                if (!next.left() && wanted.test(stepped)) {
                    return true;
                }
                if (!next.left() && seen.add(key(next))) {
                    horizon.add(next);
                }
            }
        }
        return false;
    }

    /** What is worth typing in a field: all that anything compares it with, and what is like nothing. */
    private Set<String> texts(String field) {
        Source typed = new Source.Typed(field);
        Set<String> texts = new LinkedHashSet<>(List.of("", "drill", "3", "no such thing"));
        Stream.concat(
                        prototype.index().ways().stream()
                                .flatMap(w -> w.link().branches().stream())
                                .flatMap(b -> b.when().stream()),
                        prototype.screens().stream()
                                .flatMap(s -> s.states().stream())
                                .flatMap(s -> s.conditions().stream()))
                .filter(c -> c.what().equals(typed) || c.with().equals(typed))
                .flatMap(c -> Stream.of(c.what(), c.with()))
                .forEach(source -> {
                    if (source instanceof Source.Constant constant
                            && !constant.value().equals(Value.NOTHING)) {
                        texts.add(constant.value().shown());
                    }
                });
        return texts;
    }

    /** Everything a person could do, and the next wait. */
    List<Event> events(Situation now) {
        List<Event> events = new ArrayList<>();
        if (now.work().isPresent()) {
            events.add(
                    now.untilDue().isPresent()
                            ? new Event.Elapse(now.untilDue().getAsInt())
                            : new Event.Done(now.work().get().link()));
            events.add(new Event.DeviceBack());
            return turned(now, events);
        }
        List<Hotspot> hotspots = new ArrayList<>(prototype.index().hotspotsOn(now.screen()));
        prototype.pairs().stream()
                .filter(p -> p.detail().equals(now.screen()))
                .forEach(p -> hotspots.addAll(prototype.index().hotspotsOn(p.list())));
        for (Hotspot hotspot : hotspots) {
            for (int row = hotspot.rows().isEmpty() ? 0 : 1;
                    row <= hotspot.rows().size();
                    row++) {
                int at = row;
                hotspot.links().stream()
                        .filter(l -> l.cause() instanceof Cause.Touch)
                        .map(l -> (Cause.Touch) l.cause())
                        .distinct()
                        .filter(t -> !isUnderOthers(now, hotspot, t))
                        .forEach(t -> events.add(new Event.Touched(t, new Event.On.OnHotspot(hotspot.id(), at))));
            }
            if (hotspot.isField()) {
                texts(hotspot.id()).forEach(text -> events.add(new Event.Typed(hotspot.id(), text)));
                events.add(new Event.Submitted(hotspot.id()));
            }
        }
        now.head()
                .around()
                .forEach(a -> prototype.tabSet(a.set()).stream()
                        .flatMap(s -> s.tabs().stream())
                        .forEach(t -> events.add(new Event.Touched(Gesture.TAP, new Event.On.OnTab(t.id())))));
        if (now.top().trail().current().at().isPresent() || !now.head().around().isEmpty()) {
            events.add(new Event.Touched(Gesture.TAP, new Event.On.OnSkip()));
            Stream.concat(
                            Stream.of(new PageTurn.Next(), new PageTurn.Previous()),
                            IntStream.rangeClosed(1, 5).mapToObj(PageTurn.To::new))
                    .forEach(turn -> events.add(new Event.Touched(Gesture.TAP, new Event.On.OnTurn(turn))));
            events.add(new Event.Touched(Gesture.SWIPE_LEFT, new Event.On.Point(0, 0)));
            events.add(new Event.Touched(Gesture.SWIPE_RIGHT, new Event.On.Point(0, 0)));
        }
        now.head().around().forEach(a -> events.add(new Event.Touched(Gesture.TAP, new Event.On.OnButton(a.set()))));
        now.notice().flatMap(Situation.Notice::action).ifPresent(id -> {
            events.add(new Event.Touched(Gesture.TAP, new Event.On.OnAction(id)));
            events.add(new Event.Touched(Gesture.TAP, new Event.On.OnNotice()));
        });
        prototype.headers().stream().flatMap(h -> h.links().stream()).forEach(l -> {
            Event sign = new Event.Touched(Gesture.TAP, new Event.On.OnSign(l.id()));
            events.add(sign);
            events.add(new Event.OnList(sign));
        });
        prototype.drawers().forEach(d -> {
            d.items().forEach(i -> events.add(new Event.Touched(Gesture.TAP, new Event.On.OnItem(i.id()))));
            events.add(new Event.Touched(d.panel().side().edge(), new Event.On.Point(0, 0)));
        });
        events.add(new Event.Touched(Gesture.TAP, new Event.On.Outside()));
        events.add(new Event.Touched(Gesture.TAP, new Event.On.Away()));
        prototype.screen(now.screen()).stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> l.cause() instanceof Cause.Touch t && t.gesture() != Gesture.TAP)
                .forEach(l -> events.add(new Event.Touched((Cause.Touch) l.cause(), new Event.On.Point(0, 0))));
        events.add(new Event.Touched(Gesture.TAP, new Event.On.Point(0, 0)));
        now.waits().untilDue().ifPresent(ms -> events.add(new Event.Elapse(ms)));
        if (now.waits().left().stream().anyMatch(l -> l.untouched() > 0)) {
            events.add(new Event.Scroll(0));
            now.waits().untilDue().ifPresent(ms -> events.add(new Event.Elapse(Math.max(0, ms - 1))));
        }
        now.waits().work().forEach(link -> events.add(new Event.Done(link)));
        events.add(new Event.DeviceBack());
        return turned(now, events);
    }

    /** Each outcome where there are several. */
    private List<Event> turned(Situation now, List<Event> events) {
        return events.stream()
                .flatMap(e -> step.step(now, e).happening() instanceof Happening.Asks asks
                        ? asks.outcomes().stream().map(e::turning)
                        : Stream.of(e))
                .toList();
    }

    /** A situation without motions and scroll, which make no difference. */
    private static Object key(Situation s) {
        return List.of(
                s.levels().stream()
                        .map(l -> List.of(l.kind(), l.trail().told()))
                        .toList(),
                s.waits(),
                s.facts(),
                s.left(),
                s.drawer(),
                s.work(),
                s.notice().filter(n -> n.action().isPresent()));
    }

    /** Whether no finger comes to a hotspot of the current screen, or of the list beside it, with a gesture. */
    private boolean isUnderOthers(Situation now, Hotspot hotspot, Cause.Touch touch) {
        return Stream.concat(Stream.of(Under.current(prototype, now)), Under.list(prototype, now).stream())
                .anyMatch(under -> isUnderOthers(under, hotspot, touch));
    }

    private boolean isUnderOthers(Under under, Hotspot hotspot, Cause.Touch touch) {
        return under.now()
                .look(prototype)
                .filter(look -> {
                    List<Hotspot> shown = under.hotspots(prototype);
                    List<FrameCover> frames = FrameCover.over(
                            prototype,
                            under.now().device(),
                            look,
                            under.now().head().around(),
                            under.now().top().trail().current().at(),
                            alone -> under.room());
                    return shown.contains(hotspot)
                            && look.isCovered(
                                    shown, hotspot, touch, under.room().on(), FrameCover.areas(frames, touch));
                })
                .isPresent();
    }
}
