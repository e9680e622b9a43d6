package pandel.core.check.fix;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;

/** Ways to mend rounds along which screens pile up: what advances does something else instead. */
public final class RoundFixes {

    private RoundFixes() {}

    /** @param home id of the screen that lies behind already where these lead to it */
    public static Fix returnInstead(Prototype p, List<Way> ways, String home) {
        return fix(
                p,
                "Return to " + FindingWords.screen(p, home) + " instead",
                ways,
                "goes back to the one that lies behind.",
                "return to",
                to(home, Effect.ReturnTo::new));
    }

    public static Fix restartInstead(Prototype p, List<Way> ways, String home) {
        return fix(
                p,
                "Restart at " + FindingWords.screen(p, home) + " instead",
                ways,
                "begins anew there, with nothing behind.",
                "restart at",
                to(home, Effect.Restart::new));
    }

    /** Each link of the round puts what it leads to in place of what was there. */
    public static Fix replaceInstead(Prototype p, List<Way> ways) {
        return fix(
                p,
                "Put each in place of the one before",
                ways,
                "puts what it leads to in place, so that nothing piles up.",
                "replace with",
                e -> e instanceof Effect.Advance a ? new Effect.Replace(a.to()) : e);
    }

    /**
     * The tab whose root it is, where that is around.
     *
     * @param sets ids of the tab sets around
     */
    public static Optional<Fix> switchInstead(Prototype p, List<Way> ways, String home, List<String> sets) {
        return sets.stream()
                .flatMap(id -> p.tabSet(id).stream())
                .flatMap(s -> s.tabs().stream())
                .filter(t -> t.root().id().equals(home))
                .findFirst()
                .map(tab -> switchTo(p, ways, tab, to(home, t -> new Effect.SwitchTab(tab.id()))));
    }

    private static Fix switchTo(Prototype p, List<Way> ways, TabSet.Tab tab, UnaryOperator<Effect> how) {
        return fix(
                p,
                "Switch to “" + tab.shownLabel() + "” instead",
                ways,
                "shows that tab, as it was left.",
                "switch to",
                how);
    }

    /**
     * Links that lead to a tab set from within show one of its tabs instead.
     *
     * @param set that is put on itself
     */
    public static Fix switchWithin(Prototype p, Way way, TabSet set) {
        return fix(
                p,
                "Switch the tab instead",
                List.of(way),
                "shows the tab in the set that is there.",
                "switch in",
                e -> e instanceof Effect.Advance a
                                && a.to() instanceof Target.ToTabs to
                                && to.id().equals(set.id())
                        ? Targets.firstTab(p, to)
                                .<Effect>map(tab -> new Effect.SwitchTab(tab.id()))
                                .orElse(e)
                        : e);
    }

    private static UnaryOperator<Effect> to(String home, Leading with) {
        return e -> e instanceof Effect.Advance a && a.to().id().equals(home) ? with.of(a.to()) : e;
    }

    private interface Leading {
        Effect of(Target to);
    }

    private static Fix fix(
            Prototype p, String words, List<Way> ways, String after, String name, UnaryOperator<Effect> how) {
        String links =
                FindingWords.link(p, ways.getFirst()) + (ways.size() == 1 ? "" : " and " + (ways.size() - 1) + " more");
        Set<String> ids = ways.stream().map(w -> w.link().id()).collect(Collectors.toSet());
        return new Fix(
                words,
                links + (ways.size() == 1 ? " advances." : " advance."),
                (ways.size() == 1 ? "It " : "Each ") + after,
                Edit.of(
                        name + " instead of advance",
                        prototype -> EachLink.effects(
                                prototype, (link, effect) -> ids.contains(link.id()) ? how.apply(effect) : effect)));
    }
}
