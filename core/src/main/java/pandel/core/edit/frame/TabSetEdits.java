package pandel.core.edit.frame;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Edits of tab sets. */
public final class TabSetEdits {

    private TabSetEdits() {}

    /** Why screens cannot be put behind one strip; empty when they can. */
    public static Optional<String> whyNot(Prototype p, List<Screen> roots) {
        return roots.isEmpty()
                ? Optional.of("Choose the screens that are to stand behind the strip, in the order of its tabs.")
                : roots.stream()
                        .filter(s -> s.form() != Form.PAGE)
                        .findFirst()
                        .map(s -> "“" + s.shownTitle() + "” is a " + s.form().word()
                                + "; only pages stand behind a strip.")
                        .or(() -> roots.stream()
                                .filter(s -> setOf(p, s.id()).isPresent())
                                .findFirst()
                                .map(s -> "“" + s.shownTitle() + "” stands behind the strip of “"
                                        + setOf(p, s.id()).orElseThrow().shownTitle() + "” already."));
    }

    /** The set in which a screen is the root of a tab. */
    public static Optional<TabSet> setOf(Prototype p, String screen) {
        return p.tabSets().stream()
                .filter(s -> s.tabs().stream().anyMatch(t -> t.root().equals(new Target.ToScreen(screen))))
                .findFirst();
    }

    /**
     * Makes a tab set. What leads to one of its roots from within, by advancing or in place, switches to its tab; what
     * leads there from where one comes from, and the main entry, leads to the set at that tab.
     */
    public static Edit make(TabSet set) {
        return Edit.of(
                "put " + set.tabs().size() + (set.tabs().size() == 1 ? " screen" : " screens") + " behind a strip",
                p -> {
                    Set<String> within = within(p, set);
                    List<TabSet> all = new ArrayList<>(p.tabSets());
                    all.add(set);
                    Prototype led = EachLink.effects(
                            p,
                            (link, e) -> e.target()
                                    .flatMap(t -> tabOf(set, t))
                                    .filter(t -> !(e instanceof Effect.ReturnTo))
                                    .map(tab -> EachLink.isStep(e) && isWithin(p, link.id(), within)
                                            ? new Effect.SwitchTab(tab.id())
                                            : e.leadingTo(at(set, tab, e)))
                                    .orElse(e));
                    return led.withTabSets(all)
                            .withEntries(p.entries().stream()
                                    .map(e -> tabOf(set, e.target())
                                            .map(tab -> e.leadingTo(new Target.ToTabs(
                                                    set.id(),
                                                    isFirst(set, tab) ? Optional.empty() : Optional.of(tab.id()),
                                                    e.target().values())))
                                            .orElse(e))
                                    .toList());
                });
    }

    /** The links that switch to one of its tabs when it is made. */
    public static List<Way> switching(Prototype p, TabSet set) {
        Set<String> within = within(p, set);
        return p.index().ways().stream()
                .filter(w -> w.link()
                                .effects()
                                .anyMatch(e -> EachLink.isStep(e)
                                        && e.target()
                                                .flatMap(t -> tabOf(set, t))
                                                .isPresent())
                        && isWithin(p, w.link().id(), within))
                .toList();
    }

    /** Whether its strip is drawn on the pictures already: each root has links to the other ones. */
    public static boolean isDrawn(Prototype p, List<Screen> roots) {
        return roots.size() > 1
                && roots.stream()
                        .allMatch(root -> roots.stream()
                                .filter(o -> o != root)
                                .allMatch(other -> p.index().waysOut(root.id()).stream()
                                        .anyMatch(w -> w.hotspot().isPresent()
                                                && w.targets().contains(other.id()))));
    }

    private static Optional<TabSet.Tab> tabOf(TabSet set, Target target) {
        return set.tabs().stream()
                .filter(t -> t.root() instanceof Target.ToScreen root
                        && target instanceof Target.ToScreen to
                        && root.id().equals(to.id()))
                .findFirst();
    }

    private static boolean isFirst(TabSet set, TabSet.Tab tab) {
        return set.firstTab().filter(tab::equals).isPresent();
    }

    private static Target at(TabSet set, TabSet.Tab tab, Effect effect) {
        return new Target.ToTabs(
                set.id(),
                isFirst(set, tab) ? Optional.empty() : Optional.of(tab.id()),
                effect.target().orElseThrow().values());
    }

    private static boolean isWithin(Prototype p, String link, Set<String> within) {
        return p.index()
                .way(link)
                .filter(w -> !w.from().isEmpty() && w.from().stream().allMatch(s -> within.contains(s.id())))
                .isPresent();
    }

    /** The roots and every screen come to from there without starting over. */
    private static Set<String> within(Prototype p, TabSet set) {
        Set<String> within = new HashSet<>();
        Deque<String> horizon = new ArrayDeque<>(
                set.tabs().stream().map(t -> Targets.shownId(p, t.root())).toList());
        while (!horizon.isEmpty()) {
            String id = horizon.remove();
            if (within.add(id)) {
                p.index().waysOut(id).stream()
                        .filter(w -> w.link().effects().noneMatch(Effect.Restart.class::isInstance))
                        .forEach(w -> horizon.addAll(w.targets()));
            }
        }
        return within;
    }

    /** Puts a changed set in the place of the one with its id. */
    public static Edit change(String name, TabSet set) {
        return Edit.of(name, p -> change(p, set.id(), s -> set));
    }

    private static Prototype change(Prototype p, String id, UnaryOperator<TabSet> change) {
        return p.withTabSets(p.tabSets().stream()
                .map(s -> s.id().equals(id) ? change.apply(s) : s)
                .toList());
    }

    /** Takes a set away, with what leads to it and switches its tabs; its screens stay. */
    public static Edit remove(TabSet set) {
        return Edit.of("remove “" + set.shownTitle() + "”", p -> without(p, Set.of(set.id())));
    }

    private static Prototype without(Prototype p, Set<String> gone) {
        Set<String> tabs = new HashSet<>();
        p.tabSets().stream()
                .filter(s -> gone.contains(s.id()))
                .forEach(s -> s.tabs().forEach(t -> tabs.add(t.id())));
        Prototype unlinked = DrawerEdits.without(withoutTabs(EachLink.dropLinksTo(p, gone), tabs), gone);
        Prototype left = unlinked.withTabSets(unlinked.tabSets().stream()
                        .filter(s -> !gone.contains(s.id()))
                        .toList())
                .withEntries(unlinked.entries().stream()
                        .filter(e -> !gone.contains(e.target().id()))
                        .toList());
        return left.tabSets().stream()
                        .anyMatch(s -> s.tabs().stream()
                                .anyMatch(t -> gone.contains(t.root().id())))
                ? withoutRoots(left, gone)
                : left;
    }

    /**
     * Links that only switch to tabs that are gone go with them; what led to a set at one of them leads to it as it
     * starts.
     */
    private static Prototype withoutTabs(Prototype p, Set<String> tabs) {
        Prototype left = EachLink.dropLinks(
                p, l -> l.effects().anyMatch(e -> e instanceof Effect.SwitchTab s && tabs.contains(s.tab())));
        return EachLink.targets(left, t -> asItStarts(t, tabs));
    }

    private static Target asItStarts(Target target, Set<String> gone) {
        return target instanceof Target.ToTabs to
                        && to.tab().filter(gone::contains).isPresent()
                ? new Target.ToTabs(to.id(), Optional.empty(), to.values())
                : target;
    }

    /** Without screens, sequences or sets that were roots; a set that is left without tabs goes. */
    public static Prototype withoutRoots(Prototype p, Set<String> screens) {
        if (p.tabSets().isEmpty()) {
            return p;
        }
        Set<String> gone = new HashSet<>();
        p.tabSets()
                .forEach(set -> set.tabs().stream()
                        .filter(t -> screens.contains(t.root().id()))
                        .forEach(t -> gone.add(t.id())));
        Prototype unlinked = withoutTabs(p, gone);
        Set<String> empty = new HashSet<>();
        List<TabSet> left = new ArrayList<>();
        for (TabSet set : unlinked.tabSets()) {
            TabSet less = set.withTabs(set.tabs().stream()
                            .filter(t -> !gone.contains(t.id()))
                            .toList())
                    .withHiddenOn(new LinkedHashSet<>(set.hiddenOn().stream()
                            .filter(s -> !screens.contains(s))
                            .toList()));
            left.add(less);
            if (less.tabs().isEmpty() && !set.tabs().isEmpty()) {
                empty.add(less.id());
            }
        }
        return without(unlinked.withTabSets(left), empty);
    }

    /**
     * Moves a tab to another place in the order.
     *
     * @param from counted from 0
     * @param to counted from 0, after it was taken out
     */
    public static Edit move(TabSet set, int from, int to) {
        List<TabSet.Tab> tabs = new ArrayList<>(set.tabs());
        tabs.add(to, tabs.remove(from));
        return change("move a tab of “" + set.shownTitle() + "”", set.withTabs(tabs));
    }

    /** Takes a tab out, with the links that switch to it; a set without tabs goes. */
    public static Edit takeOut(TabSet set, TabSet.Tab tab) {
        return Edit.of(
                "take “" + tab.shownLabel() + "” out of “" + set.shownTitle() + "”",
                p -> set.tabs().size() == 1
                        ? without(p, Set.of(set.id()))
                        : change(
                                withoutTabs(p, Set.of(tab.id())),
                                set.id(),
                                s -> s.withTabs(s.tabs().stream()
                                        .filter(t -> !t.id().equals(tab.id()))
                                        .toList())));
    }

    /** Puts one more tab behind those it has. */
    public static Edit add(TabSet set, TabSet.Tab tab) {
        List<TabSet.Tab> tabs = new ArrayList<>(set.tabs());
        tabs.add(tab);
        return change("add to “" + set.shownTitle() + "”", set.withTabs(tabs));
    }

    /** Whether a screen hides the strip. */
    public static Edit hide(TabSet set, Screen screen, boolean hides) {
        Set<String> hidden = new LinkedHashSet<>(set.hiddenOn());
        if (hides) {
            hidden.add(screen.id());
        } else {
            hidden.remove(screen.id());
        }
        return change(
                (hides ? "hide the strip on “" : "show the strip on “") + screen.shownTitle() + "”",
                set.withHiddenOn(hidden));
    }
}
