package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.TouchedRow;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.Rules;
import pandel.core.play.situation.AtWork;
import pandel.core.play.situation.Situation;

/**
 * What can be done in a situation: one event for each link that can be set off, or for each of its outcomes, and what
 * frames and the device do.
 */
public final class Possible {

    private Possible() {}

    /** The events that something answers, hotspots first, in file order; device back last. */
    public static List<Event> events(Prototype prototype, Situation now) {
        List<Event> events = new ArrayList<>();
        Rules rules = new Rules(prototype);
        Optional<Screen> screen = prototype.screen(now.screen());
        if (now.work().isPresent()) {
            working(prototype, events, rules, now, now.work().get());
            return events;
        }
        if (now.drawer().isPresent()) {
            drawn(prototype, events, rules, now);
            return events;
        }
        hotspots(prototype, events, rules, Under.current(prototype, now));
        Under.list(prototype, now).ifPresent(list -> list(prototype, events, rules, now, list));
        for (Link link : screen.map(Screen::links).orElse(List.of())) {
            if (link.cause() instanceof Cause.Touch touch) {
                add(events, rules, now, TouchedRow.NONE, link, new Event.Touched(touch, new Event.On.Point(0, 0)));
            }
        }
        rules.strips(now.head())
                .forEach(set -> set.tabs()
                        .forEach(tab -> events.add(new Event.Touched(Gesture.TAP, new Event.On.OnTab(tab.id())))));
        rules.laid(now.head()).forEach(turn -> {
            Event event = new Event.Touched(Gesture.TAP, new Event.On.OnTurn(turn));
            rules.finish(now.head(), turn)
                    .ifPresentOrElse(
                            link -> add(events, rules, now, TouchedRow.NONE, link, event), () -> events.add(event));
        });
        action(prototype, events, rules, now);
        rules.skip(now.head()).ifPresent(link -> tap(events, rules, now, link, new Event.On.OnSkip()));
        for (Gesture gesture :
                now.device().swipes() ? List.of(Gesture.SWIPE_LEFT, Gesture.SWIPE_RIGHT) : List.<Gesture>of()) {
            if (screen.stream()
                    .flatMap(s -> s.links().stream())
                    .noneMatch(l -> l.cause().equals(new Cause.Touch(gesture)))) {
                rules.swiped(now.head(), gesture).ifPresent(turn -> {
                    Event event = new Event.Touched(gesture, new Event.On.Point(0, 0));
                    rules.finish(now.head(), turn)
                            .ifPresentOrElse(
                                    link -> add(events, rules, now, TouchedRow.NONE, link, event),
                                    () -> events.add(event));
                });
            }
        }
        items(events, rules, now);
        rules.buttons(now.head())
                .forEach(set ->
                        tap(events, rules, now, set.button().orElseThrow().link(), new Event.On.OnButton(set.id())));
        signs(events, rules, now);
        for (Gesture gesture : now.device().swipes()
                ? List.of(Gesture.EDGE_SWIPE_LEFT, Gesture.EDGE_SWIPE_RIGHT)
                : List.<Gesture>of()) {
            if (screen.stream()
                    .flatMap(s -> s.links().stream())
                    .noneMatch(l -> l.cause().equals(new Cause.Touch(gesture)))) {
                rules.pulled(now.head(), gesture)
                        .ifPresent(drawer -> events.add(new Event.Touched(gesture, new Event.On.Point(0, 0))));
            }
        }
        if (!now.top().kind().base()) {
            events.add(new Event.Touched(Gesture.TAP, new Event.On.Outside()));
            events.add(new Event.Touched(Gesture.TAP, new Event.On.Away()));
        }
        waits(prototype, events, rules, now);
        Optional<Link> back = screen.stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> l.cause() instanceof Cause.Back)
                .findFirst();
        if (now.device().goesBack()) {
            back.ifPresentOrElse(
                    link -> add(events, rules, now, TouchedRow.NONE, link, new Event.DeviceBack()),
                    () -> events.add(new Event.DeviceBack()));
        }
        return events;
    }

    /** While a link is at work: its end, and giving it up. */
    private static void working(Prototype prototype, List<Event> events, Rules rules, Situation now, AtWork work) {
        Situation done = now.withWork(Optional.empty());
        Situation at =
                work.onList() ? Under.list(prototype, done).map(Under::now).orElse(done) : done;
        prototype
                .index()
                .way(work.link())
                .ifPresent(way -> add(
                        events,
                        rules,
                        at,
                        work.row(),
                        way.link(),
                        work.left().isPresent()
                                ? new Event.Elapse(work.left().getAsInt())
                                : new Event.Done(work.link())));
        if (now.device().goesBack()) {
            events.add(new Event.DeviceBack());
        }
    }

    /** On the list beside the current place. */
    private static void list(Prototype prototype, List<Event> events, Rules rules, Situation now, Under list) {
        List<Event> onList = new ArrayList<>();
        hotspots(prototype, onList, rules, list);
        for (Link link :
                prototype.screen(list.now().screen()).map(Screen::links).orElse(List.of())) {
            if (link.cause() instanceof Cause.Touch touch) {
                add(
                        onList,
                        rules,
                        list.now(),
                        TouchedRow.NONE,
                        link,
                        new Event.Touched(touch, new Event.On.Point(0, 0)));
            }
        }
        signs(onList, rules, list.now());
        onList.forEach(event -> events.add(list.meant(prototype, now, event)));
    }

    private static void hotspots(Prototype prototype, List<Event> events, Rules rules, Under at) {
        Situation now = at.now();
        for (Hotspot hotspot : at.hotspots(prototype)) {
            for (int row = hotspot.rows().isEmpty() ? 0 : 1;
                    row <= hotspot.rows().size();
                    row++) {
                for (Link link : hotspot.links()) {
                    if (link.cause() instanceof Cause.Touch touch
                            && hotspot.linkFor(touch).equals(Optional.of(link))) {
                        add(
                                events,
                                rules,
                                now,
                                hotspot.touchedRow(row),
                                link,
                                new Event.Touched(touch, new Event.On.OnHotspot(hotspot.id(), row)));
                    }
                }
            }
            hotspot.linkFor(new Cause.Submit())
                    .ifPresent(
                            link -> add(events, rules, now, TouchedRow.NONE, link, new Event.Submitted(hotspot.id())));
        }
    }

    /** While a drawer is open: its items, what closes it, and time. */
    private static void drawn(Prototype prototype, List<Event> events, Rules rules, Situation now) {
        items(events, rules, now);
        action(prototype, events, rules, now);
        events.add(new Event.Touched(Gesture.TAP, new Event.On.Outside()));
        events.add(new Event.Touched(Gesture.TAP, new Event.On.Away()));
        waits(prototype, events, rules, now);
        if (now.device().goesBack()) {
            events.add(new Event.DeviceBack());
        }
    }

    private static void signs(List<Event> events, Rules rules, Situation now) {
        rules.headerLinks(now.head()).forEach(link -> tap(events, rules, now, link, new Event.On.OnSign(link.id())));
    }

    private static void action(Prototype prototype, List<Event> events, Rules rules, Situation now) {
        now.notice()
                .flatMap(Situation.Notice::action)
                .flatMap(prototype.index()::way)
                .ifPresent(way -> tap(
                        events,
                        rules,
                        now,
                        way.link(),
                        new Event.On.OnAction(way.link().id())));
    }

    private static void tap(List<Event> events, Rules rules, Situation now, Link link, Event.On on) {
        add(events, rules, now, TouchedRow.NONE, link, new Event.Touched(Gesture.TAP, on));
    }

    private static void items(List<Event> events, Rules rules, Situation now) {
        rules.drawers(now.head())
                .forEach(d -> d.items()
                        .forEach(i -> events.add(new Event.Touched(Gesture.TAP, new Event.On.OnItem(i.id())))));
    }

    private static void waits(Prototype prototype, List<Event> events, Rules rules, Situation now) {
        now.waits()
                .work()
                .forEach(id -> prototype
                        .index()
                        .way(id)
                        .ifPresent(way -> add(events, rules, now, TouchedRow.NONE, way.link(), new Event.Done(id))));
        now.waits()
                .untilDue()
                .ifPresent(ms -> prototype
                        .index()
                        .way(now.waits().after(ms).due().orElseThrow())
                        .ifPresent(way -> add(events, rules, now, TouchedRow.NONE, way.link(), new Event.Elapse(ms))));
    }

    /** One for each outcome where there are several to choose from. */
    private static void add(List<Event> events, Rules rules, Situation now, TouchedRow row, Link link, Event event) {
        boolean begins = link.takes().isPresent()
                && !(event.plain() instanceof Event.Elapse)
                && !(event.plain() instanceof Event.Done);
        if (!begins && rules.offer(now.head().atRow(row), link) instanceof Offer.Several several) {
            several.outcomes().forEach(outcome -> events.add(event.turning(outcome)));
        } else {
            events.add(event);
        }
    }
}
