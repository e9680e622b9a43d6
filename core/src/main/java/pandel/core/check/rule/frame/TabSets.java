package pandel.core.check.rule.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/**
 * {@code tab-count}, {@code tab-label-twice}, {@code tab-screen-twice}, {@code tab-without-target},
 * {@code tab-advanced-to} and {@code strip-vanishes}.
 */
public final class TabSets {

    private static final int FEWEST = 2;
    private static final int MOST = 5;

    private TabSets() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (TabSet set : solution.prototype().tabSets()) {
            count(solution, set, findings);
            twice(solution, set, findings);
            set.tabs().stream()
                    .filter(t -> Targets.shown(solution.prototype(), t.root()).isEmpty())
                    .forEach(t -> findings.add(about(
                            solution,
                            Rule.TAB_WITHOUT_TARGET,
                            Weight.PROBLEM,
                            set,
                            "The tab “" + t.shownLabel() + "” of “" + set.shownTitle()
                                    + "” leads to nothing that is there.",
                            List.of(takeOut(set, t)))));
            set.tabs()
                    .forEach(t -> Targets.shown(solution.prototype(), t.root())
                            .filter(s -> s.form() != Form.PAGE)
                            .ifPresent(s -> findings.add(about(
                                    solution,
                                    Rule.TAB_WITHOUT_TARGET,
                                    Weight.PROBLEM,
                                    set,
                                    "The tab “" + t.shownLabel() + "” of “" + set.shownTitle() + "” leads to "
                                            + FindingWords.screen(solution.prototype(), s.id()) + ", a "
                                            + s.form().word() + "; only pages stand behind a strip.",
                                    List.of(
                                            new Fix(
                                                    "Make it a page",
                                                    FindingWords.screen(solution.prototype(), s.id()) + " is a "
                                                            + s.form().word() + ".",
                                                    "It is a page.",
                                                    ScreenEdits.form(s, Form.PAGE)),
                                            takeOut(set, t))))));
            advanced(solution, set, findings);
            vanishes(solution, set, findings);
            if (set.swipes() && solution.prototype().devices().stream().anyMatch(Device::swipes)) {
                sideways(solution, set, findings);
            }
        }
        return findings;
    }

    private static void count(Solution solution, TabSet set, List<Finding> findings) {
        int count = set.tabs().size();
        if (count < FEWEST || count > MOST) {
            findings.add(about(
                    solution,
                    Rule.TAB_COUNT,
                    Weight.WARNING,
                    set,
                    "“" + set.shownTitle() + "” has "
                            + (count == 0
                                    ? "no tab."
                                    : count == 1
                                            ? "one tab only; a strip is for choosing."
                                            : count + " tabs; more than " + MOST
                                                    + " are hard to tell apart and to hit."),
                    count < FEWEST
                            ? List.of(new Fix(
                                    "Remove the tab set",
                                    "“" + set.shownTitle() + "” is a tab set.",
                                    "It is none; its screens stay.",
                                    TabSetEdits.remove(set)))
                            : List.of(takeOut(set, set.tabs().getLast()))));
        }
    }

    private static void twice(Solution solution, TabSet set, List<Finding> findings) {
        Map<String, TabSet.Tab> labels = new HashMap<>();
        Map<Target, TabSet.Tab> roots = new HashMap<>();
        for (TabSet.Tab tab : set.tabs()) {
            TabSet.Tab same = tab.label().isBlank()
                    ? null
                    : labels.putIfAbsent(tab.label().strip().toLowerCase(java.util.Locale.ROOT), tab);
            if (same != null) {
                findings.add(about(
                        solution,
                        Rule.TAB_LABEL_TWICE,
                        Weight.WARNING,
                        set,
                        "Two tabs of “" + set.shownTitle() + "” are called “" + tab.label() + "”.",
                        named(solution.prototype(), set, tab)));
            }
            TabSet.Tab there = roots.putIfAbsent(tab.root(), tab);
            if (there != null) {
                findings.add(about(
                        solution,
                        Rule.TAB_SCREEN_TWICE,
                        Weight.WARNING,
                        set,
                        "The tabs “" + there.shownLabel() + "” and “" + tab.shownLabel() + "” of “" + set.shownTitle()
                                + "” lead to the same place.",
                        List.of(takeOut(set, tab))));
            }
        }
    }

    /** The label it could have: its root's title. */
    private static List<Fix> named(Prototype prototype, TabSet set, TabSet.Tab tab) {
        return Targets.shown(prototype, tab.root())
                .map(Screen::title)
                .filter(t -> !t.isBlank()
                        && set.tabs().stream().noneMatch(o -> o.label().equalsIgnoreCase(t)))
                .map(title -> List.of(new Fix(
                        "Call it “" + title + "”",
                        "A tab is called “" + tab.label() + "”, as another is.",
                        "It is called “" + title + "”.",
                        TabSetEdits.change(
                                "call a tab “" + title + "”", set.withTab(tab.id(), t -> t.withLabel(title))))))
                .orElse(List.of(takeOut(set, tab)));
    }

    private static Fix takeOut(TabSet set, TabSet.Tab tab) {
        return new Fix(
                "Take the tab out",
                "“" + tab.shownLabel() + "” is a tab of “" + set.shownTitle() + "”.",
                "It is none.",
                TabSetEdits.takeOut(set, tab));
    }

    /** Links within the set that put the root of a tab on a trail once more. */
    private static void advanced(Solution solution, TabSet set, List<Finding> findings) {
        for (TabSet.Tab tab : set.tabs()) {
            if (!(tab.root() instanceof Target.ToScreen root)) {
                continue;
            }
            for (Way way : solution.prototype().index().waysIn(root.id())) {
                boolean advances = way.link()
                        .effects()
                        .anyMatch(e -> e instanceof Effect.Advance a
                                && a.to() instanceof Target.ToScreen to
                                && to.id().equals(root.id()));
                Optional<Walk> walk = !advances
                        ? Optional.empty()
                        : solution.explorations().stream()
                                .flatMap(e -> way.from().stream()
                                        .flatMap(s -> e.nodesOn(s.id()).stream())
                                        .filter(n -> n.cell.isIn(set.id()))
                                        .findFirst()
                                        .map(n -> e.walkTo(n).andTouching(way))
                                        .stream())
                                .findFirst();
                if (walk.isPresent()) {
                    findings.add(new Finding(
                            Rule.TAB_ADVANCED_TO,
                            Weight.WARNING,
                            FindingWords.link(solution.prototype(), way) + " advances to "
                                    + FindingWords.screen(solution.prototype(), root.id())
                                    + ", the root of a tab: a second copy of it, on the wrong trail.",
                            way.from().stream().map(Screen::id).toList(),
                            way.hotspot().map(Hotspot::id),
                            Optional.of(way.link().id()),
                            walk,
                            List.of(new Fix(
                                    "Switch to the tab instead",
                                    FindingWords.link(solution.prototype(), way) + " advances there.",
                                    "It switches to “" + tab.shownLabel() + "”.",
                                    LinkEdits.change(
                                            "switch to “" + tab.shownLabel() + "”",
                                            way.link()
                                                    .withBranches(way.link().branches().stream()
                                                            .map(b -> b.withEffects(b.effects().stream()
                                                                    .map(e -> e instanceof Effect.Advance a
                                                                                    && a.to().id()
                                                                                            .equals(root.id())
                                                                            ? new Effect.SwitchTab(tab.id())
                                                                            : e)
                                                                    .toList()))
                                                            .toList()))))));
                }
            }
        }
    }

    /** The strip is hidden on a screen in the set, and nothing on that screen goes back or elsewhere. */
    private static void vanishes(Solution solution, TabSet set, List<Finding> findings) {
        for (String id : set.hiddenOn()) {
            boolean leads = solution.prototype().index().waysOut(id).stream()
                    .filter(w -> !w.isTurnOrTab())
                    .anyMatch(w -> w.link().effects().anyMatch(e -> e.isMove() && !(e instanceof Effect.OpenAbove)));
            Optional<Walk> walk = leads
                    ? Optional.empty()
                    : solution.explorations().stream()
                            .flatMap(e -> e.nodesOn(id).stream()
                                    .filter(n -> n.cell.isIn(set.id()))
                                    .findFirst()
                                    .map(e::walkTo)
                                    .stream())
                            .findFirst();
            if (walk.isPresent()) {
                Screen screen = solution.prototype().screen(id).orElseThrow();
                findings.add(Finding.about(
                                Rule.STRIP_VANISHES,
                                Weight.WARNING,
                                FindingWords.screen(solution.prototype(), id) + " hides the strip of “"
                                        + set.shownTitle() + "”, and nothing on it leads back.",
                                List.of(id),
                                walk)
                        .with(List.of(new Fix(
                                "Show the strip there",
                                "The strip is hidden on " + FindingWords.screen(solution.prototype(), id) + ".",
                                "It shows.",
                                TabSetEdits.hide(set, screen, false)))));
            }
        }
    }

    /** Sideways swipes of hotspots, of the whole screen, and of pages, where the strip is swiped too. */
    private static void sideways(Solution solution, TabSet set, List<Finding> findings) {
        Fix fix = new Fix(
                "Switch tabs without swipes",
                "A swipe switches the tabs of “" + set.shownTitle() + "”.",
                "It does not.",
                TabSetEdits.change("switch without swipes", set.withSwipes(false)));
        Set<String> told = new HashSet<>();
        Set<Way> ways = new HashSet<>();
        Map<Sequence, Set<String>> pages = new LinkedHashMap<>();
        Map<Sequence, Walk> walks = new HashMap<>();
        for (Reachability exploration : solution.explorations()) {
            for (Node node : exploration.nodes()) {
                if (!node.cell.isIn(set.id())
                        || set.hiddenOn().contains(node.cell.screen())
                        || !told.add(node.cell.screen())) {
                    continue;
                }
                String screen = node.cell.screen();
                for (Way way : solution.prototype().index().waysOut(screen)) {
                    if (way.link().cause() instanceof Cause.Touch touch
                            && (touch.gesture() == Gesture.SWIPE_LEFT || touch.gesture() == Gesture.SWIPE_RIGHT)
                            && ways.add(way)) {
                        findings.add(new Finding(
                                Rule.SIDEWAYS_TWICE,
                                Weight.WARNING,
                                FindingWords.link(solution.prototype(), way) + " answers the " + touch.word()
                                        + " that switches the tabs of “" + set.shownTitle() + "”.",
                                List.of(screen),
                                way.hotspot().map(Hotspot::id),
                                Optional.of(way.link().id()),
                                Optional.of(exploration.walkTo(node)),
                                List.of(Fixes.removeLink(solution.prototype(), way), fix)));
                    }
                }
                node.cell
                        .at()
                        .flatMap(a -> solution.prototype().sequence(a.sequence()))
                        .filter(Sequence::swipes)
                        .ifPresent(s -> {
                            pages.computeIfAbsent(s, x -> new LinkedHashSet<>()).add(screen);
                            walks.putIfAbsent(s, exploration.walkTo(node));
                        });
            }
        }
        pages.forEach((sequence, screens) -> findings.add(Finding.about(
                        Rule.SIDEWAYS_TWICE,
                        Weight.WARNING,
                        "A swipe turns the pages of “" + sequence.shownTitle() + "”, and switches the tabs of “"
                                + set.shownTitle() + "” elsewhere.",
                        List.copyOf(screens),
                        Optional.ofNullable(walks.get(sequence)))
                .with(List.of(fix))));
    }

    private static Finding about(
            Solution solution, Rule rule, Weight weight, TabSet set, String sentence, List<Fix> fixes) {
        List<String> screens = set.tabs().stream()
                .flatMap(t -> Targets.shown(solution.prototype(), t.root()).stream())
                .map(Screen::id)
                .distinct()
                .toList();
        return Finding.about(
                        rule,
                        weight,
                        sentence,
                        screens,
                        screens.stream().filter(solution::shown).findFirst().flatMap(solution::walkTo))
                .with(fixes);
    }
}
