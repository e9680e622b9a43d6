package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Cause;
import pandel.core.model.Event;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Link;
import pandel.core.model.Motion;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Width;

/**
 * The heart: {@code step(prototype, situation, event)}. Pure and total: an event that does nothing says why. Costs time
 * in the number of levels and of the current screen's hotspots, not in the length of the trail.
 */
public final class Step {

    private final Prototype prototype;
    private final Rules rules;

    public Step(Prototype prototype) {
        this.prototype = prototype;
        this.rules = new Rules(prototype);
    }

    /** The next situation and what happened. */
    public Stepped step(Situation now, Event event) {
        if (now.left()) {
            return nothing(now, Optional.empty(), "The prototype was left; start over to go on.");
        }
        return switch (event) {
            case Event.Touched touched -> touch(now, touched);
            case Event.DeviceBack back -> done(now, rules.deviceBack(now.head()), Optional.empty());
            case Event.Elapse elapse -> elapse(now, elapse.ms());
            case Event.Scroll scroll -> adjusted(now.withTop(now.top().with(now.top().trail()
                    .swapped(now.top().trail().current().scrolledTo(Math.max(0, scroll.to()))))));
            case Event.Resize resize -> adjusted(now.sized(resize.width(), resize.height()));
        };
    }

    private Stepped touch(Situation now, Event.Touched touched) {
        return switch (touched.on()) {
            case Event.On.Outside outside -> done(now, rules.outside(now.head()), Optional.empty());
            case Event.On.Away away -> done(now, rules.away(now.head()), Optional.empty());
            case Event.On.Point point -> onScreen(now, touched.gesture(), "No hotspot there.");
            case Event.On.OnHotspot on -> {
                Optional<Hotspot> hotspot = now.look(prototype).stream().flatMap(l -> l.hotspots(prototype, Width.of(now.width())).stream())
                        .filter(h -> h.id().equals(on.id())).findFirst();
                if (hotspot.isEmpty()) {
                    boolean hidden = prototype.index().hotspotsOn(now.screen()).stream().anyMatch(h -> h.id().equals(on.id()));
                    yield nothing(now, Optional.empty(), hidden ? "The hotspot “" + on.id() + "” is not there as this screen looks now."
                            : "There is no hotspot “" + on.id() + "” on this screen.");
                }
                Optional<Link> link = hotspot.get().linkFor(touched.gesture());
                yield link.isPresent() ? fire(now, link.get())
                        : onScreen(now, touched.gesture(), "This hotspot has no link yet.");
            }
        };
    }

    private Stepped onScreen(Situation now, Gesture gesture, String otherwise) {
        return prototype.screen(now.screen()).stream().flatMap(s -> s.links().stream())
                .filter(l -> l.cause() instanceof Cause.Touch t && t.gesture() == gesture).findFirst()
                .map(link -> fire(now, link))
                .orElseGet(() -> nothing(now, Optional.empty(), otherwise));
    }

    private Stepped elapse(Situation now, int ms) {
        int due = now.waits().untilDue().orElse(Integer.MAX_VALUE);
        if (ms < due) {
            return new Stepped(now.waits().left().isEmpty() ? now : now.withWaits(now.waits().after(ms)),
                    new Happening.Passed(ms));
        }
        Waits after = now.waits().after(due);
        String id = after.due().orElseThrow();
        Situation spent = now.withWaits(after.without(id));
        Optional<Link> link = prototype.screen(now.screen()).stream().flatMap(s -> s.links().stream())
                .filter(l -> l.id().equals(id)).findFirst();
        return link.map(l -> fire(spent, l))
                .orElseGet(() -> nothing(spent, Optional.empty(), "This wait’s link is gone."));
    }

    private Stepped fire(Situation now, Link link) {
        return done(now, rules.link(now.head(), link), Optional.of(link.id()));
    }

    private Stepped done(Situation now, Ruling ruling, Optional<String> link) {
        return switch (ruling) {
            case Ruling.NothingToDo nothing -> nothing(now, link, nothing.why());
            case Ruling.Depends depends -> throw new IllegalStateException("What lies behind a situation is always known: " + depends);
            case Ruling.Refused refused -> new Stepped(now, new Happening.Refused(link, refused.why()));
            case Ruling.Acts acts -> {
                Motion going = brought(now, acts);
                Situation after = now;
                for (TrailAction action : acts.actions()) {
                    after = act(after, action, acts.motion().orElse(Motion.NONE));
                }
                if (after.left()) {
                    yield new Stepped(after, new Happening.Left());
                }
                if (acts.actions().getFirst() instanceof TrailAction.Set) {
                    yield new Stepped(after, new Happening.Remembered(link));
                }
                yield new Stepped(fresh(after),
                        new Happening.Moved(link, acts.motion().orElse(going), acts.motion().isEmpty()));
            }
        };
    }

    /** The motion that brought what a move back takes away. */
    private static Motion brought(Situation now, Ruling.Acts acts) {
        Trail trail = now.top().trail();
        boolean closes = acts.actions().getFirst() instanceof TrailAction.CloseLevel || acts.actions().getFirst() instanceof TrailAction.CloseToPages;
        return closes ? trail.places().getFirst().brought() : trail.current().brought();
    }

    private static Situation act(Situation now, TrailAction action, Motion motion) {
        Level top = now.top();
        return switch (action) {
            case TrailAction.Put put -> now.withTop(top.with(top.trail().put(visit(put.screen(), motion))));
            case TrailAction.Swap swap -> now.withTop(top.with(top.trail().swapped(visit(swap.screen(), motion))));
            case TrailAction.Drop drop -> now.withTop(top.with(top.trail().behind().orElseThrow()));
            case TrailAction.DropTo to -> now.withTop(top.with(top.trail().behindTo(to.screen()).orElseThrow()));
            case TrailAction.Restart restart -> now.withLevels(List.of(new Level(LevelKind.BASE, Trail.of(visit(restart.screen(), motion)))));
            case TrailAction.Raise raise -> {
                List<Level> levels = new ArrayList<>(now.levels());
                levels.add(new Level(LevelKind.openedWith(raise.screen()), Trail.of(visit(raise.screen(), motion))));
                yield now.withLevels(levels);
            }
            case TrailAction.CloseLevel close -> now.withLevels(now.levels().subList(0, now.levels().size() - 1));
            case TrailAction.CloseToPages close -> {
                int keep = now.levels().size();
                while (!now.levels().get(keep - 1).kind().holdsPages()) {
                    keep--;
                }
                yield now.withLevels(now.levels().subList(0, keep));
            }
            case TrailAction.Set set -> now.with(now.facts().with(set.fact(), set.value()));
            case TrailAction.Leave leave -> now.asLeft();
        };
    }

    private static Visit visit(Screen screen, Motion motion) {
        return new Visit(screen.id(), motion, 0);
    }

    /** Waits start over whenever a place becomes current: come to, returned to, uncovered. */
    private Situation fresh(Situation moved) {
        return moved.withWaits(prototype.screen(moved.screen()).map(Waits::of).orElse(Waits.NONE));
    }

    private static Stepped adjusted(Situation situation) {
        return new Stepped(situation, new Happening.Adjusted());
    }

    private static Stepped nothing(Situation now, Optional<String> link, String why) {
        return new Stepped(now, new Happening.Nothing(link, why));
    }
}
