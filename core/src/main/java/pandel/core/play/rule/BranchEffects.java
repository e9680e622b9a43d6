package pandel.core.play.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Verb;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Value;

/** What the effects of a branch besides its move come to, one after another. */
final class BranchEffects {

    private final Prototype prototype;
    private final Head head;
    private final List<Effect> effects;
    private final List<TrailAction> sets = new ArrayList<>();
    private Known known;
    private Known atMove;
    // Effects are done in order: what is done to drawers after the move is done where it led.
    private boolean moved;
    private Optional<String> drawer;
    private Optional<String> there = Optional.empty();
    private String why = "";
    private Optional<RuleOutcome.Refused> refused = Optional.empty();

    private BranchEffects(Prototype prototype, Head head, List<Effect> effects) {
        this.prototype = prototype;
        this.head = head;
        this.effects = effects;
        this.known = head.known();
        this.atMove = known;
        this.drawer = head.drawer();
    }

    /** @param effects the move among them, where there is one */
    static BranchEffects of(Prototype prototype, Head head, List<Effect> effects) {
        BranchEffects made = new BranchEffects(prototype, head, effects);
        made.then(effects);
        return made;
    }

    /** One after another, until one is refused. */
    private void then(List<Effect> more) {
        for (int i = 0; i < more.size() && refused.isEmpty(); i++) {
            refused = then(more.get(i));
        }
    }

    /** Why none of it is done; empty where it is. */
    Optional<RuleOutcome.Refused> refused() {
        return refused;
    }

    /** What can be read when the move's turn has come. */
    Known atMove() {
        return atMove;
    }

    /** What is remembered and said, in order. */
    List<TrailAction> sets() {
        return Stream.concat(sets.stream(), DrawerRules.change(head.drawer(), drawer).stream())
                .toList();
    }

    /** What a branch without a move comes to. */
    RuleOutcome alone() {
        return orElse(new RuleOutcome.NothingToDo(why.isEmpty() ? "The drawer is as it was." : why));
    }

    /** Where the move finds nothing to do: what is done all the same. */
    RuleOutcome orElse(RuleOutcome nothing) {
        return sets().isEmpty() ? nothing : new RuleOutcome.Acts(sets(), Optional.empty());
    }

    /**
     * With what the move does, and what the tab or page that it shows by choosing it does besides. A move that is done
     * closes the drawer, whatever was done to it before.
     */
    RuleOutcome besides(RuleOutcome.Acts acts) {
        List<Effect> chosen = effects.stream().filter(Effect::isMove).allMatch(BranchEffects::chooses)
                ? chosen(acts.actions())
                : List.of();
        if (chosen.isEmpty()) {
            return with(acts);
        }
        int upToMove =
                Math.toIntExact(effects.stream().takeWhile(e -> !e.isMove()).count() + (effects.isEmpty() ? 0 : 1));
        BranchEffects all = of(prototype, head, effects.subList(0, upToMove));
        Known here = all.known;
        // What the tab or page does reads facts alone: the place it shows may have been given other things.
        all.known = Known.of(here.facts());
        all.then(chosen);
        all.known = new Known(all.known.facts(), here.held(), here.row());
        all.then(effects.subList(upToMove, effects.size()));
        return all.refused.<RuleOutcome>map(r -> r).orElseGet(() -> all.with(acts));
    }

    private RuleOutcome with(RuleOutcome.Acts acts) {
        return new RuleOutcome.Acts(
                Stream.of(acts.actions().stream(), sets.stream(), there.stream().map(TrailAction.OpenThere::new))
                        .<TrailAction>flatMap(s -> s)
                        .toList(),
                acts.motion());
    }

    /** Whether what it shows is shown by being chosen, and not by going back or by default. */
    private static boolean chooses(Effect move) {
        return move instanceof Effect.SwitchTab || move instanceof Effect.TurnPage;
    }

    private List<Effect> chosen(List<TrailAction> actions) {
        return switch (actions.getLast()) {
            case TrailAction.ShowTab show ->
                prototype
                        .tabSet(show.set())
                        .flatMap(s -> s.tab(show.to().tabs().getFirst().tab()))
                        .map(TabSet.Tab::effects)
                        .orElse(List.of());
            case TrailAction.Turn turn ->
                turn.at()
                        .flatMap(at -> prototype.sequence(at.sequence()).map(s -> s.effectsOf(at.page())))
                        .orElse(List.of());
            default -> List.of();
        };
    }

    private Optional<RuleOutcome.Refused> then(Effect effect) {
        if (head.device().refuses(effect.verb().refusal())) {
            return Optional.of(refused(head.device(), effect.verb()));
        }
        switch (effect) {
            case Effect.Notice notice ->
                sets.add(new TrailAction.Tell(
                        Placeholders.filled(notice.words(), prototype, known),
                        notice.ms(),
                        notice.action().map(a -> a.link().id())));
            case Effect.Leave leave ->
                sets.add(new TrailAction.LeaveTo(Placeholders.filled(leave.address(), prototype, known)));
            case Effect.BeginAgain again -> {
                Optional<Link> waits = prototype.screen(head.screen()).stream()
                        .flatMap(s -> s.links().stream())
                        .filter(l -> l.id().equals(again.link()))
                        .filter(l -> l.cause() instanceof Cause.Work || l.cause() instanceof Cause.Wait)
                        .findFirst();
                // Where the move led waits begin anew of themselves.
                if (waits.isPresent() && !moved) {
                    sets.add(new TrailAction.BeginAgain(again.link()));
                }
                why = waits.isPresent() ? why : "Nothing of that kind is waited for on this screen.";
            }
            case Effect.Remember remember -> {
                Optional<Fact> fact = prototype.fact(remember.fact());
                if (fact.isEmpty()) {
                    return Optional.of(new RuleOutcome.Refused(
                            "The fact “" + remember.fact() + "” that it remembers is not there."));
                }
                Optional<Value> value = changed(fact.get(), remember.change());
                if (value.isEmpty()) {
                    return Optional.of(new RuleOutcome.Refused("“" + fact.get().title() + "” cannot hold that: it is "
                            + fact.get().kind().word() + "."));
                }
                known = new Known(known.facts().with(fact.get(), value.get()), known.held(), known.row());
                sets.add(new TrailAction.Set(fact.get(), value.get()));
            }
            case Effect.MoveDrawer drawerMoved -> {
                DrawerRules.Moved then = DrawerRules.moved(prototype, head, drawer, drawerMoved);
                if (then.refused()) {
                    return Optional.of(new RuleOutcome.Refused(then.why()));
                }
                drawer = then.open();
                why = then.why();
                there = moved ? moved(there, drawerMoved) : there;
            }
            default -> {
                atMove = known;
                moved = true;
            }
        }
        return Optional.empty();
    }

    static RuleOutcome.Refused refused(Device device, Verb verb) {
        return new RuleOutcome.Refused(device.title() + " refuses to " + verb.phrase() + ".");
    }

    /** The drawer that is to be open where a move led, after one more effect on drawers. */
    private static Optional<String> moved(Optional<String> open, Effect.MoveDrawer effect) {
        boolean isOpen = open.equals(Optional.of(effect.drawer()));
        return switch (effect.how()) {
            case OPEN -> Optional.of(effect.drawer());
            case CLOSE -> isOpen ? Optional.empty() : open;
            case TOGGLE -> isOpen ? Optional.empty() : Optional.of(effect.drawer());
        };
    }

    /** The value a fact holds after a change; empty when it cannot hold that. */
    private Optional<Value> changed(Fact fact, Effect.Change change) {
        Value now = known.facts().of(prototype, fact.id());
        return switch (change) {
            case Effect.Change.Set set -> fact.taking(known.value(prototype, set.to()));
            case Effect.Change.Toggle t ->
                now instanceof Value.YesNo y ? Optional.of(new Value.YesNo(!y.yes())) : Optional.empty();
            case Effect.Change.By by ->
                now instanceof Value.Number n
                        ? Optional.of(fact.within(new Value.Number(
                                Math.clamp((long) n.of() + by.n(), Integer.MIN_VALUE, Integer.MAX_VALUE))))
                        : Optional.empty();
            case Effect.Change.Unset u -> Optional.of(fact.unset());
        };
    }
}
