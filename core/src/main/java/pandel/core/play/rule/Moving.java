package pandel.core.play.rule;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Cannot;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Known;
import pandel.core.play.words.LinkWords;

/** What the move of a branch comes to at a head. */
final class Moving {

    private final Prototype prototype;
    private final Head head;
    private final Known known;
    private final Motion motion;

    /** @param known what can be read when its turn has come among the effects */
    Moving(Prototype prototype, Head head, Known known, Motion motion) {
        this.prototype = prototype;
        this.head = head;
        this.known = known;
        this.motion = motion;
    }

    private interface ToAction {
        TrailAction of(Landing to);
    }

    /** @param where where it is done; empty: as usual */
    RuleOutcome of(Effect effect, Optional<Where> where) {
        if (where.equals(Optional.of(Where.BENEATH))
                && !(effect instanceof Effect.StepRow)
                && !(effect instanceof Effect.Close)
                && !(effect instanceof Effect.Restart)) {
            return beneath(effect);
        }
        boolean outside = where.equals(Optional.of(Where.OUTSIDE_THE_TABS));
        return switch (effect) {
            case Effect.Advance advance
            when head.at().isPresent() && head.device().refuses(Cannot.ADVANCE_FROM_A_SEQUENCE) ->
                new RuleOutcome.Refused(head.device().title() + " does not advance from a sequence.");
            case Effect.Advance advance ->
                goOn(advance.to(), where, to -> new TrailAction.Put(outside ? to.putOutside() : to));
            case Effect.Replace replace ->
                goOn(replace.with(), where, to -> new TrailAction.Swap(outside ? to.putOutside() : to));
            case Effect.Restart restart -> restart(restart.at());
            case Effect.OpenAbove open ->
                leading(open.screen(), screen -> notAbove(screen, head.levels()), TrailAction.Raise::new, List.of());
            case Effect.Return back -> goBack();
            case Effect.ReturnTo back -> returnTo(back.to(), where);
            case Effect.Close close ->
                head.level().base()
                        ? new RuleOutcome.NothingToDo("Nothing is open above, so there is nothing to close.")
                        : RuleOutcome.back(new TrailAction.CloseLevel());
            case Effect.TurnPage turn -> turnPage(turn, where);
            case Effect.StepRow step -> NeighbourRows.step(prototype, head, known, step, motion);
            case Effect.SwitchTab to -> switchTab(to.tab(), where);
            case Effect.MoveDrawer d -> throw noMove(effect);
            case Effect.Remember r -> throw noMove(effect);
            case Effect.Notice n -> throw noMove(effect);
            case Effect.Leave l -> throw noMove(effect);
            case Effect.BeginAgain b -> throw noMove(effect);
        };
    }

    private static IllegalArgumentException noMove(Effect effect) {
        return new IllegalArgumentException("To " + effect.verb().word() + " is no move");
    }

    /** After this level and the overlays above the nearest ground beneath have closed. */
    private RuleOutcome beneath(Effect effect) {
        if (head.level().base()) {
            return new RuleOutcome.NothingToDo("Nothing lies beneath.");
        }
        Optional<StackQuery.Ground> ground = head.back().ground();
        if (ground.isEmpty()) {
            boolean there = effect instanceof Effect.ReturnTo back
                    ? Targets.isThere(prototype, back.to())
                    : effect.target().flatMap(t -> Targets.shown(prototype, t)).isPresent();
            return effect.target().filter(t -> !there).map(this::missing).orElseGet(RuleOutcome.Depends::new);
        }
        List<TrailAction> closing = List.of(new TrailAction.CloseToPages());
        return switch (effect) {
            case Effect.Advance advance -> leading(advance.to(), Moving::noPage, TrailAction.Put::new, closing);
            case Effect.Replace replace -> leading(replace.with(), Moving::noPage, TrailAction.Swap::new, closing);
            case Effect.OpenAbove open ->
                leading(
                        open.screen(),
                        screen -> notAbove(screen, ground.get().levels()),
                        TrailAction.Raise::new,
                        closing);
            case Effect.ReturnTo back ->
                Targets.isThere(prototype, back.to()) ? onGround(back.to()) : missing(back.to());
            case Effect.TurnPage turn ->
                ground.get()
                        .at()
                        .map(at -> PageTurns.turn(prototype, at, turn.turn(), motion, closing))
                        .orElseGet(Moving::noSequence);
            case Effect.SwitchTab to -> switchBeneath(to.tab());
            case Effect.Return back
            when Strips.back(prototype, known.facts(), ground.get().around(), switching(), closing)
                    .isPresent() ->
                Strips.back(prototype, known.facts(), ground.get().around(), switching(), closing)
                        .orElseThrow();
            case Effect.Return back ->
                !ground.get().first()
                        ? new RuleOutcome.Acts(
                                List.of(new TrailAction.CloseToPages(), new TrailAction.Drop()), Optional.empty())
                        : ground.get().base()
                                ? new RuleOutcome.NothingToDo("There is nothing to return to.")
                                : new RuleOutcome.Acts(
                                        List.of(new TrailAction.CloseToPages(), new TrailAction.CloseLevel()),
                                        Optional.empty());
            default -> throw noMove(effect);
        };
    }

    private static Optional<String> noPage(Screen screen) {
        return screen.form() == Form.PAGE
                ? Optional.empty()
                : Optional.of("“" + screen.shownTitle() + "” is a "
                        + screen.form().word() + " and can only be opened above from here.");
    }

    /** Why a device opens a screen not above as many levels. */
    private Optional<String> notAbove(Screen screen, int levels) {
        if (head.device().refuses(screen.form().refusal())) {
            return Optional.of(head.device().title() + " opens no "
                    + screen.form().refusal().word() + ".");
        }
        int most = head.device().levels();
        return most > 0 && levels >= most
                ? Optional.of(head.device().title() + " shows " + (most == 1 ? "nothing" : "no more than " + most)
                        + " above one another.")
                : Optional.empty();
    }

    /** A move forward: refused for a missing target, where it does not fit, or for want of a value. */
    private RuleOutcome leading(
            Target target,
            java.util.function.Function<Screen, Optional<String>> unfit,
            ToAction action,
            List<TrailAction> before) {
        Optional<Screen> found = Targets.shown(prototype, target);
        if (found.isEmpty()) {
            return missing(target);
        }
        if (target instanceof Target.ToTabs && head.device().refuses(Cannot.TAB_SETS)) {
            return new RuleOutcome.Refused(head.device().title() + " has no tab sets.");
        }
        if (target instanceof Target.ToSequence && head.device().refuses(Cannot.SEQUENCES)) {
            return new RuleOutcome.Refused(head.device().title() + " has no sequences.");
        }
        Optional<String> why = unfit.apply(found.get());
        if (why.isPresent()) {
            return new RuleOutcome.Refused(why.get());
        }
        Landings landings = Landings.of(prototype, target, known);
        return landings.landing()
                .<RuleOutcome>map(to -> new RuleOutcome.Acts(
                        Stream.concat(before.stream(), Stream.of(action.of(to))).toList(), Optional.of(motion)))
                .orElseGet(() -> landings.refused());
    }

    /**
     * Advance and replace: a page goes on a level that holds pages unless it is said to go here, any other form stays
     * on a level of its own form.
     */
    private RuleOutcome goOn(Target target, Optional<Where> where, ToAction action) {
        boolean page = Targets.shown(prototype, target)
                .filter(s -> s.form() == Form.PAGE)
                .isPresent();
        if (page && !head.level().holdsPages()) {
            return where.isPresent()
                    ? leading(target, s -> Optional.empty(), action, List.of())
                    : leading(target, s -> Optional.empty(), action, List.of(new TrailAction.CloseToPages()));
        }
        return leading(
                target,
                s -> s.form() == head.level().form()
                        ? Optional.empty()
                        : Optional.of("“" + s.shownTitle() + "” is a "
                                + s.form().word() + " and can only be opened above from here."),
                action,
                List.of());
    }

    private RuleOutcome restart(Target target) {
        return leading(
                target,
                s -> s.form() == Form.PAGE
                        ? Optional.empty()
                        : Optional.of("“" + s.shownTitle() + "” is a "
                                + s.form().word() + ", and only a page can be restarted at."),
                TrailAction.Restart::new,
                List.of());
    }

    /**
     * Along the level's own trail; else, from a dialog, sheet or panel, on the level that holds pages beneath it, whose
     * current place counts there, since it lies beneath.
     */
    private RuleOutcome returnTo(Target target, Optional<Where> where) {
        // What lies behind is not made anew: what of a set or sequence is gone does not matter.
        if (!Targets.isThere(prototype, target)) {
            return missing(target);
        }
        return switch (head.back().behind(target.id())) {
            case THERE -> RuleOutcome.back(new TrailAction.DropTo(target.id()));
            case UNKNOWN -> new RuleOutcome.Depends();
            case ABSENT -> head.level().holdsPages() || where.isPresent() ? absent(target) : onGround(target);
        };
    }

    private RuleOutcome onGround(Target target) {
        return switch (head.back().onGround(target.id())) {
            case THERE -> RuleOutcome.back(new TrailAction.CloseToPages());
            case UNKNOWN -> new RuleOutcome.Depends();
            case ABSENT ->
                switch (head.back().behindGround(target.id())) {
                    case THERE ->
                        new RuleOutcome.Acts(
                                List.of(new TrailAction.CloseToPages(), new TrailAction.DropTo(target.id())),
                                Optional.empty());
                    case UNKNOWN -> new RuleOutcome.Depends();
                    case ABSENT -> absent(target);
                };
        };
    }

    private RuleOutcome absent(Target target) {
        return new RuleOutcome.NothingToDo("“" + LinkWords.target(prototype, target) + "” does not lie behind.");
    }

    private RuleOutcome turnPage(Effect.TurnPage turn, Optional<Where> where) {
        if (head.at().isEmpty() && PageTurns.turnedBy(head, where).isPresent()) {
            return beneath(turn);
        }
        boolean unknown = head.at().isEmpty()
                && where.isEmpty()
                && !head.level().holdsPages()
                && head.back().ground().isEmpty();
        return unknown
                ? new RuleOutcome.Depends()
                : head.at()
                        .map(at -> PageTurns.turn(prototype, at, turn.turn(), motion, List.of()))
                        .orElseGet(Moving::noSequence);
    }

    private static RuleOutcome noSequence() {
        return new RuleOutcome.NothingToDo("No sequence is the current place, so there is no page to turn.");
    }

    private Motion switching() {
        return prototype.usualMotion(Verb.SWITCH_TAB);
    }

    /** The tab set around the current place, else one behind it; else, from a dialog, sheet or panel, one beneath. */
    private RuleOutcome switchTab(String tab, Optional<Where> where) {
        Optional<TabSet> set = prototype.tabSetOf(tab);
        if (set.isEmpty()) {
            return noTab(tab);
        }
        Optional<EnclosingTab> around = Strips.having(prototype, head.around(), tab);
        if (around.isPresent()) {
            return Strips.tab(prototype, known.facts(), head.around(), around.get(), tab, false, motion, List.of());
        }
        StackQuery.Set behind = head.back().setBehind(set.get().id());
        return switch (behind.found()) {
            case THERE ->
                Strips.tab(
                        prototype,
                        known.facts(),
                        behind.around(),
                        Strips.having(prototype, behind.around(), tab).orElseThrow(),
                        tab,
                        true,
                        motion,
                        List.of());
            case UNKNOWN -> new RuleOutcome.Depends();
            case ABSENT -> head.level().holdsPages() || where.isPresent() ? noSet(set.get()) : switchBeneath(tab);
        };
    }

    private RuleOutcome switchBeneath(String tab) {
        Optional<TabSet> set = prototype.tabSetOf(tab);
        if (set.isEmpty()) {
            return noTab(tab);
        }
        StackQuery.Set beneath = head.back().setOnGround(set.get().id());
        List<TrailAction> closing = List.of(new TrailAction.CloseToPages());
        return switch (beneath.found()) {
            case THERE -> {
                EnclosingTab of =
                        Strips.having(prototype, beneath.around(), tab).orElseThrow();
                boolean above = head.back()
                        .ground()
                        .filter(g -> g.around().stream().anyMatch(a -> a.set().equals(of.set())))
                        .isEmpty();
                yield Strips.tab(prototype, known.facts(), beneath.around(), of, tab, above, motion, closing);
            }
            case UNKNOWN -> new RuleOutcome.Depends();
            case ABSENT -> noSet(set.get());
        };
    }

    private static RuleOutcome noTab(String tab) {
        return new RuleOutcome.Refused("The tab “" + tab + "” that it shows is not there.");
    }

    private static RuleOutcome noSet(TabSet set) {
        return new RuleOutcome.NothingToDo("“" + set.shownTitle() + "” lies neither around this place nor behind it.");
    }

    private RuleOutcome goBack() {
        Optional<RuleOutcome> tab = Strips.back(prototype, known.facts(), head.around(), switching(), List.of());
        if (tab.isPresent()) {
            return tab.get();
        }
        if (!head.first()) {
            return RuleOutcome.back(new TrailAction.Drop());
        }
        return head.level().base()
                ? new RuleOutcome.NothingToDo("There is nothing to return to.")
                : RuleOutcome.back(new TrailAction.CloseLevel());
    }

    private RuleOutcome missing(Target target) {
        return new RuleOutcome.Refused(Landings.missing(prototype, target));
    }
}
