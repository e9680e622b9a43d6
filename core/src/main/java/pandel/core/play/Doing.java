package pandel.core.play;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Where;
import pandel.core.model.value.TouchedRow;
import pandel.core.play.layout.RowInSight;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.AtWork;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;
import pandel.core.play.situation.Waits;

/** Does what links, frames and the device come to, and says what happened. */
final class Doing {

    private final Prototype prototype;
    private final Rules rules;
    private final Actions actions;

    Doing(Prototype prototype, Rules rules) {
        this.prototype = prototype;
        this.rules = rules;
        this.actions = new Actions(prototype);
    }

    /** At the root of the active tab, scrolled to the top; elsewhere the same. */
    Situation toTop(Situation now, String tab) {
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

    /**
     * Does what a link can turn out to.
     *
     * @param asking where it stays while the outcome is not chosen yet
     * @param now where it is done
     * @param row the touched row
     */
    Stepped fire(Situation asking, Situation now, Link link, TouchedRow row, Optional<String> outcome) {
        return fire(asking, now, now.head().atRow(row), link, outcome);
    }

    Stepped fire(Situation asking, Situation now, Head head, Link link, Optional<String> outcome) {
        if (link.takes().isPresent() && now.work().isEmpty()) {
            return begin(asking, now, head, link, outcome);
        }
        return end(asking, now, head, link, outcome);
    }

    /** Sets a link to work; what it does, and how that turns out, is looked at when it is done. */
    private Stepped begin(Situation asking, Situation now, Head head, Link link, Optional<String> outcome) {
        return switch (rules.offer(head, link)) {
            case Offer.Nothing nothing ->
                outcome.isPresent()
                        ? notOffered(asking, Optional.of(link.id()), outcome.get(), List.of())
                        : nothing(now, Optional.of(link.id()), nothing.why());
            case Offer some
            when outcome.isPresent() ->
                new Stepped(
                        asking,
                        new Happening.Refused(
                                Optional.of(link.id()),
                                "How it turns out is told when the work is done, not when it begins."));
            case Offer some ->
                new Stepped(
                        now.withWork(Optional.of(new AtWork(
                                link.id(),
                                head.known().row(),
                                false,
                                link.takes().orElseThrow().ms()))),
                        new Happening.Working(Optional.of(link.id()), false));
        };
    }

    /** What a link does at last. */
    Stepped end(Situation asking, Situation now, Head head, Link link, Optional<String> outcome) {
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

    static Stepped notOffered(Situation now, Optional<String> link, String outcome, List<String> offered) {
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
    Stepped framed(Situation now, RuleOutcome ruling, Optional<String> outcome) {
        return outcome.isPresent()
                ? notOffered(now, Optional.empty(), outcome.get(), List.of())
                : done(now, ruling, ruling.countsAs(prototype));
    }

    Stepped done(Situation now, RuleOutcome ruling, Optional<String> link) {
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
                    after = action instanceof TrailAction.StepRow ? RowInSight.on(prototype, after) : after;
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

    static Stepped adjusted(Situation situation) {
        return new Stepped(situation, new Happening.Adjusted());
    }

    static Stepped nothing(Situation now, Optional<String> link, String why) {
        return new Stepped(now, new Happening.Nothing(link, why));
    }

    /** One change of the trail alone, with no motion. */
    Situation act(Situation now, TrailAction action) {
        return actions.act(now, action, Motion.NONE);
    }

    /** Whether an open drawer keeps an event from what it is meant for. */
    static boolean isShutOut(Situation now, Event event) {
        return switch (event) {
            case Event.Touched t ->
                !(t.on() instanceof Event.On.OnItem
                        || t.on() instanceof Event.On.OnNotice
                        || t.on() instanceof Event.On.OnAction
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
}
