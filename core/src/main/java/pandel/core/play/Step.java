package pandel.core.play;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.TouchedRow;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Waits;

/**
 * The heart: {@code step(prototype, situation, event)}. Pure and total: an event that does nothing says why. Costs time
 * in the number of levels and of the current screen's hotspots, not in the length of the trail.
 */
public final class Step {

    private final Prototype prototype;
    private final Rules rules;
    private final Doing doing;
    private final Elapsing elapsing;
    private final Working working;
    private final Signing signing;

    public Step(Prototype prototype) {
        this.prototype = prototype;
        this.rules = new Rules(prototype);
        this.doing = new Doing(prototype, rules);
        this.elapsing = new Elapsing(prototype, doing);
        this.working = new Working(prototype, rules, doing);
        this.signing = new Signing(rules, doing);
    }

    /** The next situation and what happened. */
    public Stepped step(Situation now, Event event) {
        if (now.left()) {
            return Doing.nothing(now, Optional.empty(), "The prototype was left; start over to go on.");
        }
        Optional<String> outcome = event.outcome();
        if (Working.isMeant(now, event.plain())) {
            return working.step(now, event.plain(), outcome);
        }
        if (now.drawer().isPresent() && Doing.isShutOut(now, event.plain())) {
            return outcome.isPresent()
                    ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                    : acted(Doing.nothing(
                            now, Optional.empty(), "The drawer is open, and nothing beneath it answers."));
        }
        return switch (event.plain()) {
            case Event.Touched touched -> acted(touch(now, touched, outcome));
            case Event.DeviceBack back -> acted(deviceBack(now, outcome));
            case Event.Elapse elapse -> elapsing.elapse(now, elapse.ms(), outcome);
            case Event.Typed typed ->
                acted(
                        outcome.isPresent()
                                ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                                : type(now, typed));
            case Event.Submitted sent -> acted(submit(now, sent.field(), outcome));
            case Event.Done done -> elapsing.workDone(now, done.link(), outcome);
            case Event.Turning t -> throw new IllegalStateException("An event without its outcome names none");
            case Event.Scroll scroll -> acted(scroll(now, scroll, outcome));
            case Event.OnList on ->
                acted(Under.list(prototype, now)
                        .map(list -> onList(now, list, on.event(), outcome))
                        .orElseGet(() -> Doing.nothing(now, Optional.empty(), "No list stands beside this.")));
            case Event.Resize resize ->
                outcome.isPresent()
                        ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : Doing.adjusted(resized(now, resize));
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
            case Event.On.Outside outside -> doing.framed(now, rules.outside(now.head()), outcome);
            case Event.On.Away away -> doing.framed(now, rules.away(now.head()), outcome);
            case Event.On.OnTurn on ->
                rules.laid(now.head()).contains(on.turn())
                        ? turned(now, on.turn(), outcome)
                        : Doing.nothing(
                                now,
                                Optional.empty(),
                                "Nothing to turn to " + on.turn().word() + " is laid over this.");
            case Event.On.OnTab on ->
                rules.strips(now.head()).stream().anyMatch(s -> s.tab(on.id()).isPresent())
                        ? tabbed(now, on.id(), outcome)
                        : Doing.nothing(now, Optional.empty(), "No strip with that tab shows here.");
            case Event.On.OnButton on ->
                rules.buttons(now.head()).stream()
                        .filter(s -> s.id().equals(on.set()))
                        .findFirst()
                        .map(s -> doing.fire(now, now, s.button().orElseThrow().link(), TouchedRow.NONE, outcome))
                        .orElseGet(
                                () -> Doing.nothing(now, Optional.empty(), "No button of that tab set floats here."));
            case Event.On.OnItem on -> item(now, on.id(), outcome);
            case Event.On.OnSign on ->
                signing.of(now, now.head(), on.id(), outcome)
                        .or(() -> Under.list(prototype, now)
                                .filter(list -> signing.isThere(onList(now, list), on.id()))
                                .map(list -> onList(now, list, touched, outcome)))
                        .orElseGet(() -> Signing.none(now));
            case Event.On.OnNotice on ->
                outcome.isPresent()
                        ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : now.notice().isPresent()
                                ? Doing.adjusted(now.telling(Optional.empty()))
                                : Doing.nothing(now, Optional.empty(), "No notice stands over this.");
            case Event.On.OnAction on ->
                now.notice()
                        .filter(n -> n.action().equals(Optional.of(on.id())))
                        .flatMap(n -> prototype.index().way(on.id()))
                        .map(way ->
                                doing.fire(now, now.telling(Optional.empty()), way.link(), TouchedRow.NONE, outcome))
                        .orElseGet(
                                () -> Doing.nothing(now, Optional.empty(), "No notice with that action stands here."));
            case Event.On.OnSkip on ->
                rules.skip(now.head())
                        .map(link -> doing.fire(now, now, link, TouchedRow.NONE, outcome))
                        .orElseGet(() -> Doing.nothing(now, Optional.empty(), "Nothing to skip is laid over this."));
            case Event.On.Point point -> onScreen(now, touched, outcome, "No hotspot there.");
            case Event.On.OnHotspot on ->
                shown(now, on.id())
                        .map(h -> hotspot(now, now.head(), h, on.row(), touched, outcome)
                                .orElseGet(() -> onScreen(now, touched, outcome, unlinked(h, touched))))
                        .or(() -> beside(now, on.id()).map(list -> onList(now, list, touched, outcome)))
                        .orElseGet(() -> Doing.nothing(now, Optional.empty(), whyNotShown(now, on.id())));
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
            return Optional.of(Doing.nothing(
                    now,
                    Optional.empty(),
                    hotspot.rows().isEmpty()
                            ? "This hotspot has no rows."
                            : "It has the rows 1 to " + hotspot.rows().size() + "."));
        }
        return hotspot.linkFor(touched.touch())
                .map(link -> doing.fire(now, now, head.atRow(hotspot.touchedRow(row)), link, outcome));
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
                ? doing.fire(closed, closed, item.get().link(), TouchedRow.NONE, outcome)
                : Doing.nothing(now, Optional.empty(), "No drawer with that item shows here.");
    }

    /** The list beside the current place, if a hotspot stands on it. */
    private Optional<Under> beside(Situation now, String hotspot) {
        return Under.list(prototype, now)
                .filter(list -> list.hotspot(prototype, hotspot).isPresent());
    }

    private Stepped onList(Situation now, Under list, Event event, Optional<String> outcome) {
        return switch (event) {
            case Event.Scroll scroll -> Beside.list(now, list.now(), scroll(list.now(), scroll, outcome));
            case Event.Touched t -> ofDevice(now, t, outcome).orElseGet(() -> onList(now, list, t, outcome));
            default -> throw new IllegalStateException("Nothing else is meant for a list: " + event);
        };
    }

    /**
     * A gesture on the list beside the current place: what ends in a move is done as if the detail had been returned
     * from first.
     */
    private Stepped onList(Situation now, Under list, Event.Touched touched, Optional<String> outcome) {
        if (touched.on() instanceof Event.On.OnSign sign) {
            return signing.of(list.now(), onList(now, list), sign.id(), outcome)
                    .map(stepped -> Beside.list(now, list.now(), stepped))
                    .orElseGet(() -> Signing.none(now));
        }
        if (!(touched.on() instanceof Event.On.OnHotspot on)) {
            return onListItself(now, list, touched, outcome, "No hotspot there.");
        }
        return list.hotspot(prototype, on.id())
                .map(h -> hotspot(list.now(), onList(now, list), h, on.row(), touched, outcome)
                        .map(stepped -> Beside.list(now, list.now(), stepped))
                        .orElseGet(() -> onListItself(now, list, touched, outcome, unlinked(h, touched))))
                .orElseGet(() -> Doing.nothing(now, Optional.empty(), whyNotShown(list.now(), on.id())));
    }

    /** What rules look at on a list: drawers of the detail beside it open from it too. */
    private static Head onList(Situation now, Under list) {
        return list.now().head().beside(now.screen());
    }

    /** The list's own link for it, else what the frames do that list and detail stand in. */
    private Stepped onListItself(
            Situation now, Under list, Event.Touched touched, Optional<String> outcome, String otherwise) {
        return ownLink(list.now(), touched.touch()::equals)
                .map(link -> Beside.list(
                        now, list.now(), doing.fire(list.now(), list.now(), onList(now, list), link, outcome)))
                .orElseGet(() -> touched.gesture() == Gesture.DOUBLE_TAP
                        ? onList(now, list, new Event.Touched(Gesture.TAP, touched.on()), outcome)
                        : inFrames(now, touched, outcome, otherwise));
    }

    /** A hotspot of the current screen, as that now looks. */
    private Optional<Hotspot> shown(Situation now, String id) {
        return Under.current(prototype, now).hotspot(prototype, id);
    }

    private Stepped scroll(Situation now, Event.Scroll scroll, Optional<String> outcome) {
        return outcome.isPresent()
                ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                : Doing.adjusted(now.withTop(now.top()
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
                        .map(list -> Beside.list(
                                now,
                                list.now(),
                                type(
                                        list.now(),
                                        list.hotspot(prototype, typed.field()).orElseThrow(),
                                        typed))))
                .orElseGet(() -> Doing.nothing(now, Optional.empty(), whyNotShown(now, typed.field())));
    }

    private Stepped type(Situation now, Hotspot field, Event.Typed typed) {
        return field.isField()
                ? Doing.adjusted(doing.act(now, new TrailAction.Hold(typed.field(), typed.text())))
                : Doing.nothing(now, Optional.empty(), "Nothing can be typed there: it is no field.");
    }

    private Stepped submit(Situation now, String id, Optional<String> outcome) {
        return shown(now, id)
                .map(field -> submit(now, now.head(), field, outcome))
                .or(() -> beside(now, id)
                        .map(list -> Beside.list(
                                now,
                                list.now(),
                                submit(
                                        list.now(),
                                        onList(now, list),
                                        list.hotspot(prototype, id).orElseThrow(),
                                        outcome))))
                .orElseGet(() -> outcome.isPresent()
                        ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : Doing.nothing(now, Optional.empty(), whyNotShown(now, id)));
    }

    private Stepped submit(Situation now, Head head, Hotspot field, Optional<String> outcome) {
        return field.linkFor(new Cause.Submit())
                .map(link -> doing.fire(now, now, head, link, outcome))
                .orElseGet(() -> outcome.isPresent()
                        ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : Doing.nothing(now, Optional.empty(), "This field has no link for what is sent."));
    }

    /** A double tap that nothing answers is one tap. */
    private Stepped onScreen(Situation now, Event.Touched touched, Optional<String> outcome, String otherwise) {
        Optional<Link> link = ownLink(now, touched.touch()::equals);
        if (link.isPresent()) {
            return doing.fire(now, now, link.get(), TouchedRow.NONE, outcome);
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
                    : Doing.nothing(now, Optional.empty(), "No tab is beside this one.");
        }
        Optional<Drawer> pulled = turn.isPresent()
                ? Optional.empty()
                : rules.pulled(
                        Under.list(prototype, now)
                                .map(list -> now.head().beside(list.now().screen()))
                                .orElseGet(now::head),
                        touched.gesture());
        if (pulled.isPresent()) {
            return doing.framed(
                    now,
                    RuleOutcome.back(new TrailAction.OpenDrawer(pulled.get().id())),
                    outcome);
        }
        return turn.isPresent()
                ? turned(now, turn.get(), outcome)
                : outcome.isPresent()
                        ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : Doing.nothing(now, Optional.empty(), otherwise);
    }

    /** The active tab, at its root, scrolls to its top. */
    private Stepped tabbed(Situation now, String tab, Optional<String> outcome) {
        if (outcome.isPresent()) {
            return Doing.notOffered(now, Optional.empty(), outcome.get(), List.of());
        }
        Situation up = doing.toTop(now, tab);
        return up == now ? doing.done(now, rules.tab(now.head(), tab), Optional.of(tab)) : Doing.adjusted(up);
    }

    /** A page is turned by what the sequence itself has for it; next on the last page finishes it. */
    private Stepped turned(Situation now, PageTurn turn, Optional<String> outcome) {
        Optional<Link> finish = rules.finish(now.head(), turn);
        return finish.isPresent()
                ? doing.fire(now, now, finish.get(), TouchedRow.NONE, outcome)
                : doing.framed(now, rules.turn(now.head(), turn), outcome);
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
                ? doing.fire(now, now, link.get(), TouchedRow.NONE, outcome)
                : doing.framed(now, rules.deviceBack(now.head()), outcome);
    }
}
