package pandel.core.play;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Value;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;
import pandel.core.play.situation.Waits;

/**
 * The heart: {@code step(prototype, situation, event)}. Pure and total: an event that does nothing says why. Costs time
 * in the number of levels and of the current screen's hotspots, not in the length of the trail.
 */
public final class Step {

    private final Prototype prototype;
    private final Rules rules;
    private final Actions actions;

    public Step(Prototype prototype) {
        this.prototype = prototype;
        this.rules = new Rules(prototype);
        this.actions = new Actions(prototype);
    }

    /** The next situation and what happened. */
    public Stepped step(Situation now, Event event) {
        if (now.left()) {
            return nothing(now, Optional.empty(), "The prototype was left; start over to go on.");
        }
        Optional<String> outcome = event.outcome();
        if (now.drawer().isPresent() && isShutOut(now, event.plain())) {
            return outcome.isPresent()
                    ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                    : acted(nothing(now, Optional.empty(), "The drawer is open, and nothing beneath it answers."));
        }
        return switch (event.plain()) {
            case Event.Touched touched -> acted(touch(now, touched, outcome));
            case Event.DeviceBack back -> acted(deviceBack(now, outcome));
            case Event.Elapse elapse -> elapse(now, elapse.ms(), outcome);
            case Event.Typed typed ->
                acted(
                        outcome.isPresent()
                                ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                                : type(now, typed));
            case Event.Submitted sent -> acted(submit(now, sent.field(), outcome));
            case Event.Done done -> workDone(now, done.link(), outcome);
            case Event.Turning t -> throw new IllegalStateException("An event without its outcome names none");
            case Event.Scroll scroll -> acted(scroll(now, scroll, outcome));
            case Event.OnList on ->
                acted(Under.list(prototype, now)
                        .map(list -> onList(now, list, on.event(), outcome))
                        .orElseGet(() -> nothing(now, Optional.empty(), "No list stands beside this.")));
            case Event.Resize resize ->
                outcome.isPresent()
                        ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : adjusted(resized(now, resize));
        };
    }

    /** Whether an open drawer keeps an event from what it is meant for. */
    private static boolean isShutOut(Situation now, Event event) {
        return switch (event) {
            case Event.Touched t ->
                !(t.on() instanceof Event.On.OnItem
                        || t.on() instanceof Event.On.Outside
                        || t.on() instanceof Event.On.Away
                        || t.gesture().isOfEdge() && now.device().goesBackBy(t.gesture()));
            case Event.Typed t -> true;
            case Event.Submitted s -> true;
            case Event.Scroll s -> true;
            case Event.OnList l -> true;
            case Event.Turning t -> isShutOut(now, t.plain());
            case Event.DeviceBack b -> false;
            case Event.Done d -> false;
            case Event.Elapse e -> false;
            case Event.Resize r -> false;
        };
    }

    /** A drawer that now stays is open no more. */
    private Situation resized(Situation now, Event.Resize to) {
        Situation sized = now.sized(to.width(), to.height());
        return now.drawer()
                        .flatMap(prototype::drawer)
                        .filter(d -> d.staysAt(to.width()))
                        .isPresent()
                ? sized.drawn(Optional.empty())
                : sized;
    }

    /** Whatever the person does, hit or miss, the waits for an untouched screen begin anew. */
    private static Stepped acted(Stepped stepped) {
        Situation after = stepped.situation();
        Waits waits = after.waits().touched();
        return waits == after.waits() ? stepped : new Stepped(after.withWaits(waits), stepped.happening());
    }

    private Stepped touch(Situation now, Event.Touched touched, Optional<String> outcome) {
        return ofDevice(now, touched, outcome).orElseGet(() -> switch (touched.on()) {
            case Event.On.Outside outside -> framed(now, rules.outside(now.head()), outcome);
            case Event.On.Away away -> framed(now, rules.away(now.head()), outcome);
            case Event.On.OnTurn on ->
                rules.laid(now.head()).contains(on.turn())
                        ? turned(now, on.turn(), outcome)
                        : nothing(
                                now,
                                Optional.empty(),
                                "Nothing to turn to " + on.turn().word() + " is laid over this.");
            case Event.On.OnTab on ->
                rules.strips(now.head()).stream().anyMatch(s -> s.tab(on.id()).isPresent())
                        ? tabbed(now, on.id(), outcome)
                        : nothing(now, Optional.empty(), "No strip with that tab shows here.");
            case Event.On.OnButton on ->
                rules.buttons(now.head()).stream()
                        .filter(s -> s.id().equals(on.set()))
                        .findFirst()
                        .map(s -> fire(now, now, s.button().orElseThrow().link(), Map.of(), outcome))
                        .orElseGet(() -> nothing(now, Optional.empty(), "No button of that tab set floats here."));
            case Event.On.OnItem on -> item(now, on.id(), outcome);
            case Event.On.OnSkip on ->
                rules.skip(now.head())
                        .map(link -> fire(now, now, link, Map.of(), outcome))
                        .orElseGet(() -> nothing(now, Optional.empty(), "Nothing to skip is laid over this."));
            case Event.On.Point point -> onScreen(now, touched, outcome, "No hotspot there.");
            case Event.On.OnHotspot on ->
                shown(now, on.id())
                        .map(h -> hotspot(now, now.head(), h, on.row(), touched, outcome)
                                .orElseGet(() -> onScreen(now, touched, outcome, unlinked(h, touched))))
                        .or(() -> beside(now, on.id()).map(list -> onList(now, list, touched, outcome)))
                        .orElseGet(() -> nothing(now, Optional.empty(), whyNotShown(now, on.id())));
        });
    }

    /** What the device makes of a gesture, whatever it is on: its own back, or that it does not know it. */
    private Optional<Stepped> ofDevice(Situation now, Event.Touched touched, Optional<String> outcome) {
        return touched.gesture().isOfEdge() && now.device().goesBackBy(touched.gesture())
                ? Optional.of(deviceBack(now, outcome))
                : touched.gesture()
                        .refusedBy(now.device())
                        .map(why -> new Stepped(now, new Happening.Refused(Optional.empty(), why)));
    }

    /** What a hotspot's own link does; empty where it has none for the gesture. */
    private Optional<Stepped> hotspot(
            Situation now, Head head, Hotspot hotspot, int row, Event.Touched touched, Optional<String> outcome) {
        if (row < 0
                || row > hotspot.rows().size()
                || row == 0 && !hotspot.rows().isEmpty()) {
            return Optional.of(nothing(
                    now,
                    Optional.empty(),
                    hotspot.rows().isEmpty()
                            ? "This hotspot has no rows."
                            : "It has the rows 1 to " + hotspot.rows().size() + "."));
        }
        return hotspot.linkFor(touched.touch())
                .map(link -> fire(now, now, head.atRow(hotspot.row(row)), link, outcome));
    }

    private static String unlinked(Hotspot hotspot, Event.Touched touched) {
        return hotspot.links().isEmpty()
                ? "This hotspot has no link yet."
                : "This hotspot has no link for a " + touched.touch().word() + ".";
    }

    /** Choosing an item closes its drawer, and then does what a link of the current screen would. */
    private Stepped item(Situation now, String id, Optional<String> outcome) {
        Optional<Drawer.Item> item = rules.drawers(now.head()).stream()
                .flatMap(d -> d.item(id).stream())
                .findFirst();
        Situation closed = now.drawn(Optional.empty());
        return item.isPresent()
                ? fire(closed, closed, item.get().link(), Map.of(), outcome)
                : nothing(now, Optional.empty(), "No drawer with that item shows here.");
    }

    /** The list beside the current place, if a hotspot stands on it. */
    private Optional<Under> beside(Situation now, String hotspot) {
        return Under.list(prototype, now)
                .filter(list -> list.hotspot(prototype, hotspot).isPresent());
    }

    private Stepped onList(Situation now, Under list, Event event, Optional<String> outcome) {
        return switch (event) {
            case Event.Scroll scroll -> beside(now, list.now(), scroll(list.now(), scroll, outcome));
            case Event.Touched t -> ofDevice(now, t, outcome).orElseGet(() -> onList(now, list, t, outcome));
            default -> throw new IllegalStateException("Nothing else is meant for a list: " + event);
        };
    }

    /**
     * A gesture on the list beside the current place: what ends in a move is done as if the detail had been returned
     * from first.
     */
    private Stepped onList(Situation now, Under list, Event.Touched touched, Optional<String> outcome) {
        if (!(touched.on() instanceof Event.On.OnHotspot on)) {
            return onListItself(now, list, touched, outcome, "No hotspot there.");
        }
        return list.hotspot(prototype, on.id())
                .map(h -> hotspot(list.now(), onList(now, list), h, on.row(), touched, outcome)
                        .map(stepped -> beside(now, list.now(), stepped))
                        .orElseGet(() -> onListItself(now, list, touched, outcome, unlinked(h, touched))))
                .orElseGet(() -> nothing(now, Optional.empty(), whyNotShown(list.now(), on.id())));
    }

    /** What rules look at on a list: drawers of the detail beside it open from it too. */
    private static Head onList(Situation now, Under list) {
        return list.now().head().beside(now.screen());
    }

    /** The list's own link for it, else what the frames do that list and detail stand in. */
    private Stepped onListItself(
            Situation now, Under list, Event.Touched touched, Optional<String> outcome, String otherwise) {
        return ownLink(list.now(), touched.touch()::equals)
                .map(link -> beside(now, list.now(), fire(list.now(), list.now(), onList(now, list), link, outcome)))
                .orElseGet(() -> touched.gesture() == Gesture.DOUBLE_TAP
                        ? onList(now, list, new Event.Touched(Gesture.TAP, touched.on()), outcome)
                        : inFrames(now, touched, outcome, otherwise));
    }

    /** What was done on the list; any other thing than a move leaves the detail where it is. */
    private Stepped beside(Situation now, Situation list, Stepped stepped) {
        Situation after = stepped.situation();
        if (stepped.happening() instanceof Happening.Moved || stepped.happening() instanceof Happening.Left) {
            return stepped;
        }
        Visit place = after.top().trail().current();
        Trail trail = place.equals(list.top().trail().current())
                ? now.top().trail()
                : list.top().trail().swapped(place).put(now.top().trail().current());
        return new Stepped(
                now.withTop(now.top().with(trail))
                        .with(after.facts())
                        .telling(after.notice())
                        .drawn(after.drawer()),
                stepped.happening());
    }

    /** A hotspot of the current screen, as that now looks. */
    private Optional<Hotspot> shown(Situation now, String id) {
        return Under.current(prototype, now).hotspot(prototype, id);
    }

    private Stepped scroll(Situation now, Event.Scroll scroll, Optional<String> outcome) {
        return outcome.isPresent()
                ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                : adjusted(now.withTop(now.top()
                        .with(now.top()
                                .trail()
                                .swapped(now.top().trail().current().scrolledTo(Math.max(0, scroll.to()))))));
    }

    private String whyNotShown(Situation now, String id) {
        boolean hidden = prototype.index().hotspotsOn(now.screen()).stream().anyMatch(h -> h.id().equals(id));
        return hidden
                ? "The hotspot “" + id + "” is not there as this screen looks now."
                : "There is no hotspot “" + id + "” on this screen.";
    }

    private Stepped type(Situation now, Event.Typed typed) {
        return shown(now, typed.field())
                .map(field -> type(now, field, typed))
                .or(() -> beside(now, typed.field())
                        .map(list -> beside(
                                now,
                                list.now(),
                                type(
                                        list.now(),
                                        list.hotspot(prototype, typed.field()).orElseThrow(),
                                        typed))))
                .orElseGet(() -> nothing(now, Optional.empty(), whyNotShown(now, typed.field())));
    }

    private Stepped type(Situation now, Hotspot field, Event.Typed typed) {
        return field.isField()
                ? adjusted(actions.act(now, new TrailAction.Hold(typed.field(), typed.text()), Motion.NONE))
                : nothing(now, Optional.empty(), "Nothing can be typed there: it is no field.");
    }

    private Stepped submit(Situation now, String id, Optional<String> outcome) {
        return shown(now, id)
                .map(field -> submit(now, now.head(), field, outcome))
                .or(() -> beside(now, id)
                        .map(list -> beside(
                                now,
                                list.now(),
                                submit(
                                        list.now(),
                                        onList(now, list),
                                        list.hotspot(prototype, id).orElseThrow(),
                                        outcome))))
                .orElseGet(() -> outcome.isPresent()
                        ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : nothing(now, Optional.empty(), whyNotShown(now, id)));
    }

    private Stepped submit(Situation now, Head head, Hotspot field, Optional<String> outcome) {
        return field.linkFor(new Cause.Submit())
                .map(link -> fire(now, now, head, link, outcome))
                .orElseGet(() -> outcome.isPresent()
                        ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : nothing(now, Optional.empty(), "This field has no link for what is sent."));
    }

    /** A double tap that nothing answers is one tap. */
    private Stepped onScreen(Situation now, Event.Touched touched, Optional<String> outcome, String otherwise) {
        Optional<Link> link = ownLink(now, touched.touch()::equals);
        if (link.isPresent()) {
            return fire(now, now, link.get(), Map.of(), outcome);
        }
        if (touched.gesture() == Gesture.DOUBLE_TAP) {
            return touch(now, new Event.Touched(Gesture.TAP, touched.on()), outcome);
        }
        return inFrames(now, touched, outcome, otherwise);
    }

    /** What the frames do around the current place, the innermost first. */
    private Stepped inFrames(Situation now, Event.Touched touched, Optional<String> outcome, String otherwise) {
        Optional<PageTurn> turn = rules.swiped(now.head(), touched.gesture());
        Optional<Optional<String>> tab =
                turn.isPresent() ? Optional.empty() : rules.swipedTab(now.head(), touched.gesture());
        if (tab.isPresent()) {
            return tab.get().isPresent()
                    ? tabbed(now, tab.get().get(), outcome)
                    : nothing(now, Optional.empty(), "No tab is beside this one.");
        }
        Optional<Drawer> pulled = turn.isPresent()
                ? Optional.empty()
                : rules.pulled(
                        Under.list(prototype, now)
                                .map(list -> now.head().beside(list.now().screen()))
                                .orElseGet(now::head),
                        touched.gesture());
        if (pulled.isPresent()) {
            return framed(
                    now,
                    RuleOutcome.back(new TrailAction.OpenDrawer(pulled.get().id())),
                    outcome);
        }
        return turn.isPresent()
                ? turned(now, turn.get(), outcome)
                : outcome.isPresent()
                        ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : nothing(now, Optional.empty(), otherwise);
    }

    /** The active tab, at its root, scrolls to its top. */
    private Stepped tabbed(Situation now, String tab, Optional<String> outcome) {
        if (outcome.isPresent()) {
            return notOffered(now, Optional.empty(), outcome.get(), List.of());
        }
        Situation up = toTop(now, tab);
        return up == now ? done(now, rules.tab(now.head(), tab), Optional.of(tab)) : adjusted(up);
    }

    /** At the root of the active tab, scrolled to the top; elsewhere the same. */
    private Situation toTop(Situation now, String tab) {
        Visit current = now.top().trail().current();
        return current.scroll() > 0 && rules.isAtRootOf(now.head(), tab)
                ? now.withTop(now.top().with(now.top().trail().swapped(current.scrolledTo(0))))
                : now;
    }

    /** What a branch does; one that switches to the active tab does what tapping that does. */
    private Stepped branch(Situation now, Head head, Branch branch, Link link) {
        Situation from = branch.move().isPresent()
                        && branch.move().get() instanceof Effect.SwitchTab to
                        && !branch.where().equals(Optional.of(Where.BENEATH))
                ? toTop(now, to.tab())
                : now;
        Stepped stepped = done(from, rules.branch(head, branch), Optional.of(link.id()));
        return from != now && stepped.happening() instanceof Happening.Nothing ? adjusted(from) : stepped;
    }

    /** A page is turned by what the sequence itself has for it; next on the last page finishes it. */
    private Stepped turned(Situation now, PageTurn turn, Optional<String> outcome) {
        Optional<Link> finish = rules.finish(now.head(), turn);
        return finish.isPresent()
                ? fire(now, now, finish.get(), Map.of(), outcome)
                : framed(now, rules.turn(now.head(), turn), outcome);
    }

    private Optional<Link> ownLink(Situation now, Predicate<Cause> cause) {
        return prototype.screen(now.screen()).stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> cause.test(l.cause()))
                .findFirst();
    }

    /** Where no condition of the screen's own link for it holds, the device's own back follows. */
    private Stepped deviceBack(Situation now, Optional<String> outcome) {
        Optional<Link> link = now.device().goesBack() && now.drawer().isEmpty()
                ? ownLink(now, Cause.Back.class::isInstance)
                : Optional.empty();
        return link.isPresent() && !(rules.offer(now.head(), link.get()) instanceof Offer.Nothing)
                ? fire(now, now, link.get(), Map.of(), outcome)
                : framed(now, rules.deviceBack(now.head()), outcome);
    }

    private Stepped workDone(Situation now, String id, Optional<String> outcome) {
        Optional<Link> link = prototype
                .index()
                .way(id)
                .map(Index.Way::link)
                .filter(l -> now.waits().work().contains(id));
        return link.isPresent()
                ? fire(now, now.withWaits(now.waits().without(id)), link.get(), Map.of(), outcome)
                : nothing(now, Optional.empty(), "No work “" + id + "” is waited for here.");
    }

    private Stepped elapse(Situation start, int ms, Optional<String> outcome) {
        OptionalInt next = start.waits().untilDue();
        int due = next.orElse(ms);
        Situation now = start.fading(Math.min(ms, due));
        if (next.isEmpty() || ms < due) {
            return outcome.isPresent()
                    ? notOffered(start, Optional.empty(), outcome.get(), List.of())
                    : new Stepped(
                            now.waits().left().isEmpty()
                                    ? now
                                    : now.withWaits(now.waits().after(ms)),
                            new Happening.Passed(ms));
        }
        Waits after = now.waits().after(due);
        String id = after.due().orElseThrow();
        Situation spent = now.withWaits(after.without(id));
        Optional<Link> link = prototype.screen(now.screen()).stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> l.id().equals(id))
                .findFirst();
        return link.map(l -> fire(now.withWaits(after), spent, l, Map.of(), outcome))
                .orElseGet(() -> nothing(spent, Optional.empty(), "This wait’s link is gone."));
    }

    /**
     * Does what a link can turn out to.
     *
     * @param asking where it stays while the outcome is not chosen yet
     * @param now where it is done
     * @param row what the touched row holds
     */
    private Stepped fire(Situation asking, Situation now, Link link, Map<String, Value> row, Optional<String> outcome) {
        return fire(asking, now, now.head().atRow(row), link, outcome);
    }

    private Stepped fire(Situation asking, Situation now, Head head, Link link, Optional<String> outcome) {
        Offer offer = rules.offer(head, link);
        if (outcome.isPresent() && !offer.outcomes().contains(outcome.get())) {
            return notOffered(asking, Optional.of(link.id()), outcome.get(), offer.outcomes());
        }
        return switch (offer) {
            case Offer.Nothing nothing -> nothing(now, Optional.of(link.id()), nothing.why());
            case Offer.One one -> branch(now, head, one.branch(), link);
            case Offer.Several several ->
                several.branches().stream()
                        .filter(b -> b.outcome().equals(outcome.or(link::always)))
                        .findFirst()
                        .map(branch -> branch(now, head, branch, link))
                        .orElseGet(() ->
                                new Stepped(asking, new Happening.Asks(Optional.of(link.id()), several.outcomes())));
        };
    }

    private static Stepped notOffered(Situation now, Optional<String> link, String outcome, List<String> offered) {
        return new Stepped(
                now,
                new Happening.Refused(
                        link,
                        "“" + outcome + "” is no outcome on offer here"
                                + (offered.isEmpty()
                                        ? "; there is none."
                                        : "; it can be "
                                                + String.join(
                                                        ", ",
                                                        offered.stream()
                                                                .map(o -> "“" + o + "”")
                                                                .toList()) + ".")));
    }

    /** What frames and the device do has no outcomes. */
    private Stepped framed(Situation now, RuleOutcome ruling, Optional<String> outcome) {
        return outcome.isPresent()
                ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                : done(now, ruling, ruling.countsAs(prototype));
    }

    private Stepped done(Situation now, RuleOutcome ruling, Optional<String> link) {
        return switch (ruling) {
            case RuleOutcome.NothingToDo nothing -> nothing(now, link, nothing.why());
            case RuleOutcome.Depends depends ->
                throw new IllegalStateException("What lies behind a situation is always known: " + depends);
            case RuleOutcome.Refused refused -> new Stepped(now, new Happening.Refused(link, refused.why()));
            case RuleOutcome.Acts acts -> {
                Motion going = brought(now, acts);
                boolean moves = acts.actions().getFirst().moves();
                Situation after = moves ? now.drawn(Optional.empty()) : now;
                for (TrailAction action : acts.actions()) {
                    after = actions.act(after, action, acts.motion().orElse(Motion.NONE));
                }
                if (after.left()) {
                    yield new Stepped(after, new Happening.Left());
                }
                Optional<String> address = acts.actions().stream()
                        .filter(TrailAction.LeaveTo.class::isInstance)
                        .map(a -> ((TrailAction.LeaveTo) a).address())
                        .findFirst();
                if (!moves) {
                    if (address.isEmpty()
                            && acts.actions().stream()
                                    .anyMatch(a -> a instanceof TrailAction.OpenDrawer
                                            || a instanceof TrailAction.CloseDrawer)) {
                        yield new Stepped(after, new Happening.DrawerMoved(link, after.drawer()));
                    }
                    yield new Stepped(
                            after,
                            address.<Happening>map(a -> new Happening.LedOut(link, a))
                                    .orElseGet(() -> new Happening.Remembered(link)));
                }
                yield new Stepped(
                        fresh(after),
                        new Happening.Moved(
                                link, acts.motion().orElse(going), acts.motion().isEmpty(), address));
            }
        };
    }

    /** The motion that brought what a move back takes away. */
    private static Motion brought(Situation now, RuleOutcome.Acts acts) {
        Trail trail = now.top().trail();
        boolean closes = acts.actions().getFirst() instanceof TrailAction.CloseLevel
                || acts.actions().getFirst() instanceof TrailAction.CloseToPages;
        return closes ? trail.places().getFirst().brought() : trail.current().brought();
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
