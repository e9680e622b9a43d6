package pandel.core.edit.linking;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/**
 * Decides what a link becomes when a person says where it leads or what it does: which effect, what it carries and how
 * it moves. It edits one branch of one link: that of a hotspot, or of the screen as a whole.
 *
 * @param screen on which the link stands
 * @param hotspot on which it stands; empty for a link of the whole screen
 * @param link as it is; empty: it is yet to be made, for a tap on the hotspot
 * @param branch which branch is edited, from 0
 * @param freshId an id nothing has yet, made of a few words; never the same twice
 */
public record Linking(
        Prototype prototype,
        Screen screen,
        Optional<Hotspot> hotspot,
        Optional<Link> link,
        int branch,
        LinkingHabits habits,
        UnaryOperator<String> freshId) {

    private static final Target NOWHERE = new Target.ToScreen("");

    /** A move with what new screen it leads to, where it is new. */
    private record Move(Effect effect, Optional<Screen> fresh, String whereTo) {

        static Move to(Effect effect, String title) {
            return new Move(effect, Optional.empty(), " to “" + title + "”");
        }

        /** One step of undo, the new screen put in first. */
        Edit with(Edit edit) {
            return fresh.map(s -> Edit.of(
                            edit.name(),
                            p -> edit.applyTo(ScreenEdits.add(List.of(s)).applyTo(p))))
                    .orElse(edit);
        }
    }

    /** The move of the branch that is edited. */
    public Optional<Effect> move() {
        return link.flatMap(
                l -> branch < l.branches().size() ? l.branches().get(branch).move() : Optional.empty());
    }

    /**
     * The link leads there instead; a hotspot without one gets one. Nothing where no link is wanted, or none chosen.
     */
    public Optional<Edit> lead(Destination to) {
        if (link.isEmpty() && hotspot.isEmpty()) {
            return Optional.empty();
        }
        if (to instanceof Destination.OfDrawer drawer) {
            return Optional.of(withDrawer(drawer.effect(), " to “" + drawer.title() + "”"));
        }
        Optional<Move> likelier = move().isEmpty() ? likelier(to) : Optional.empty();
        return likelier.or(() -> leading(to, habits.wanted().map(Linking::bare).or(this::move)))
                .map(this::set);
    }

    /** A hotspot just marked becomes one of the screen, linked as was said: one step of undo. */
    public Edit mark(Hotspot bare, Destination to) {
        return mark(List.of(bare), to);
    }

    /** Hotspots just marked become the screen's, each linked as was said: one step of undo. */
    public Edit mark(List<Hotspot> bare, Destination to) {
        Optional<Effect> before = habits.last().map(Linking::bare);
        Optional<Move> move = switch (to) {
            case Destination.NoLink none -> Optional.empty();
            case Destination.New made -> leading(made, Optional.empty());
            default -> likelier(to).or(() -> leading(to, before));
        };
        if (move.isEmpty()) {
            return HotspotEdits.mark(screen, bare);
        }
        List<Hotspot> linked = bare.stream()
                .map(b -> b.withLinks(
                        List.of(tapped(carrying(move.get().effect(), move.get().fresh(), Optional.of(b))))))
                .toList();
        String whereTo =
                to instanceof Destination.Back ? " to go back" : move.get().whereTo();
        return LinkEdits.markAndLink(screen, linked, move.get().fresh(), whereTo);
    }

    /** A link of the whole screen that leads there. */
    public Edit linkScreen(String id, Cause cause, Destination to) {
        Move move = (cause instanceof Cause.Touch ? likelier(to) : Optional.<Move>empty())
                .or(() -> leading(to, byItself(cause)))
                .orElseThrow(() -> new IllegalArgumentException("A link of a screen leads somewhere"));
        return move.with(LinkEdits.linkScreen(screen, Link.of(id, cause, move.effect())));
    }

    /** The link does that, with the target it has. */
    public VerbChoice verb(Verb verb) {
        if (link.isEmpty() && hotspot.isEmpty()) {
            return new VerbChoice.Refused("Choose a hotspot first.");
        }
        if (Verb.OF_DRAWERS.contains(verb)) {
            return new VerbChoice.Done(
                    withDrawer(Effect.ofDrawer(verb, likelyDrawer()).orElseThrow(), ": " + verb.word()));
        }
        Optional<Target> target = move().flatMap(Effect::target);
        if (verb.needsTarget() && target.isEmpty()) {
            return new VerbChoice.NeedsTarget();
        }
        Optional<String> why =
                target.flatMap(t -> Targets.shown(prototype, t)).flatMap(t -> Fitting.whyNot(verb, screen, t));
        if (why.isPresent()) {
            return new VerbChoice.Refused(why.get());
        }
        Effect effect =
                verb == Verb.SWITCH_TAB ? new Effect.SwitchTab(likelyTab()) : Effect.of(verb, target.orElse(NOWHERE));
        return new VerbChoice.Done(set(new Move(effect, Optional.empty(), ": " + verb.word())));
    }

    /** What is likelier meant than to advance, unless a verb was asked for. */
    private Optional<Move> likelier(Destination to) {
        String title = switch (to) {
            case Destination.There there -> there.screen().shownTitle();
            case Destination.Frame frame -> frame.title();
            default -> "";
        };
        return habits.wanted().isPresent()
                ? Optional.empty()
                : Likelier.than(prototype, screen, to).map(effect -> Move.to(effect, title));
    }

    /** The move that leads there, its verb that of a move before where it fits; nothing where no link is wanted. */
    private Optional<Move> leading(Destination to, Optional<Effect> before) {
        return switch (to) {
            case Destination.There there ->
                Optional.of(Move.to(
                        Fitting.leadingTo(before, screen, there.screen()),
                        there.screen().shownTitle()));
            case Destination.Frame frame ->
                Optional.of(Move.to(
                        Fitting.leadingTo(
                                before,
                                screen,
                                Targets.shown(prototype, frame.target()).orElse(Screen.page("", "")),
                                frame.target()),
                        frame.title()));
            case Destination.New made -> {
                Screen target = Screen.page(freshId.apply(made.title()), made.title());
                yield Optional.of(new Move(
                        Fitting.leadingTo(before, screen, target), Optional.of(target), " to “" + made.title() + "”"));
            }
            case Destination.Back back ->
                Optional.of(new Move(
                        bare(back.verb()),
                        Optional.empty(),
                        " to " + back.verb().word()));
            case Destination.OfDrawer drawer -> Optional.of(Move.to(drawer.effect(), drawer.title()));
            case Destination.NoLink none -> Optional.empty();
        };
    }

    private Edit set(Move move) {
        Effect effect = carrying(move.effect(), move.fresh(), hotspot);
        return move.with(change(
                move.whereTo(),
                b -> moving(
                        b.withEffects(b.effects().stream()
                                        .filter(e -> !(e instanceof Effect.MoveDrawer))
                                        .toList())
                                .doing(effect),
                        effect),
                effect));
    }

    /** Something is done to a drawer instead of the move. */
    private Edit withDrawer(Effect effect, String whereTo) {
        return change(
                whereTo,
                b -> b.withEffects(Stream.concat(
                                b.effects().stream().filter(e -> !e.isMove() && !(e instanceof Effect.MoveDrawer)),
                                Stream.of(effect))
                        .toList()),
                effect);
    }

    private Edit change(String whereTo, UnaryOperator<Branch> changed, Effect effect) {
        return link.map(l -> LinkEdits.change("link" + whereTo, l.branch(branch, changed)))
                .orElseGet(() -> LinkEdits.link(hotspot.orElseThrow(), tapped(effect), whereTo));
    }

    /** The move with what can be carried carried: what it carried before, and what goes by the same name here. */
    private Effect carrying(Effect effect, Optional<Screen> fresh, Optional<Hotspot> from) {
        if (fresh.isPresent() || effect.target().isEmpty()) {
            return effect;
        }
        Target target = effect.target().get();
        return effect.leadingTo(target.carrying(Carrying.toward(
                prototype,
                List.of(screen),
                from,
                target,
                move().flatMap(Effect::target).map(Target::values).orElse(Map.of()))));
    }

    private Link tapped(Effect effect) {
        return Link.of(freshId.apply("tap"), new Cause.Touch(Gesture.TAP), effect)
                .branch(0, b -> moving(b, effect));
    }

    /** With the motion chosen last for such a move, where one was. */
    private Branch moving(Branch changed, Effect effect) {
        return Optional.ofNullable(habits.motions().get(effect.verb()))
                .map(m -> changed.withMotion(Optional.of(m)))
                .orElse(changed);
    }

    /** A link that does nothing yet. */
    public Link bareLink(Cause cause) {
        return new Link(freshId.apply(LinkWords.cause(cause)), cause, List.of(), Rest.NONE);
    }

    /** A screen that goes by itself should not stay in the trail, or return would show it again. */
    private static Optional<Effect> byItself(Cause cause) {
        return cause instanceof Cause.Touch ? Optional.empty() : Optional.of(new Effect.Replace(NOWHERE));
    }

    private static Effect bare(Verb verb) {
        return Effect.of(verb, NOWHERE);
    }

    /** The drawer that is meant until another is chosen: the one attached to this screen, else the first there is. */
    private String likelyDrawer() {
        return prototype.drawers().stream()
                .filter(d -> Attachments.screens(prototype, d.on()).contains(screen))
                .findFirst()
                .or(() -> prototype.drawers().stream().findFirst())
                .map(Drawer::id)
                .orElse("");
    }

    /** The tab that is meant until another is chosen: that of the screen led to before, else the first there is. */
    private String likelyTab() {
        Optional<String> led = move().flatMap(Effect::target).map(Target::id);
        List<TabSet.Tab> tabs =
                prototype.tabSets().stream().flatMap(s -> s.tabs().stream()).toList();
        return tabs.stream()
                .filter(t -> led.filter(t.root().id()::equals).isPresent())
                .findFirst()
                .or(() -> tabs.stream().findFirst())
                .map(TabSet.Tab::id)
                .orElse("");
    }
}
