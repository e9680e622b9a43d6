package pandel.core.check.rule.frame;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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
import pandel.core.edit.Edit;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.TrailAction;

/**
 * {@code drawer-no-handle}, {@code drawer-crowded}, {@code drawer-few}, and {@code sideways-twice} where a drawer's
 * edge is something else too.
 */
public final class Drawers {

    private static final int FEW = 3;
    private static final int MANY = 9;

    private final Solution solution;
    private final Prototype prototype;
    private final List<Finding> findings = new ArrayList<>();

    private Drawers(Solution solution) {
        this.solution = solution;
        this.prototype = solution.prototype();
    }

    public static List<Finding> in(Solution solution) {
        Drawers drawers = new Drawers(solution);
        for (Drawer drawer : solution.prototype().drawers()) {
            drawers.handle(drawer);
            drawers.size(drawer);
            if (drawer.panel().reach() > 0) {
                drawers.goesBackToo(drawer);
                drawers.answeredToo(drawer);
                drawers.twoAtOneEdge(drawer);
            }
        }
        return drawers.findings;
    }

    private static boolean isAttached(Drawer drawer, Prototype prototype, Node node) {
        return Attachments.isAttached(prototype, drawer.on(), node.cell.screen(), node.cell::isIn);
    }

    /** Where a drawer is attached and can be opened and closed: neither refused nor always there. */
    private Stream<Node> nodes(Reachability exploration, Drawer drawer) {
        boolean moves = !exploration.device().refuses(Cannot.DRAWERS)
                && !drawer.staysAt(exploration.device().width());
        return !moves ? Stream.empty() : exploration.nodes().stream().filter(n -> isAttached(drawer, prototype, n));
    }

    private static boolean opens(Node node, Drawer drawer, boolean byLink) {
        return node.turns().stream()
                .anyMatch(t -> t.link().isPresent() == byLink
                        && t.actions().stream()
                                .anyMatch(a -> a instanceof TrailAction.OpenDrawer open
                                        && open.drawer().equals(drawer.id())));
    }

    /** Only a swipe from the edge opens it on some devices, or nothing does. */
    private void handle(Drawer drawer) {
        Set<String> pulled = new LinkedHashSet<>();
        Set<String> shut = new LinkedHashSet<>();
        Optional<Walk> walk = Optional.empty();
        Set<String> screens = new LinkedHashSet<>();
        for (Reachability exploration : solution.explorations()) {
            List<Node> there = nodes(exploration, drawer).toList();
            if (there.isEmpty()
                    || there.stream().anyMatch(n -> opens(n, drawer, true))
                    || exploration.isDoubtful()
                            && exploration.perhapsFired().stream().anyMatch(this::mayOpen)) {
                continue;
            }
            (there.stream().anyMatch(n -> opens(n, drawer, false)) ? pulled : shut)
                    .add(exploration.device().title());
            walk = walk.or(() -> Optional.of(exploration.walkTo(there.getFirst())));
            there.forEach(n -> screens.add(n.cell.screen()));
        }
        if (walk.isPresent()) {
            String how = shut.isEmpty()
                    ? "Only a swipe from the edge opens “" + drawer.shownTitle() + "”."
                    : "Nothing opens “" + drawer.shownTitle() + "” on " + String.join(" and ", shut)
                            + (pulled.isEmpty()
                                    ? "."
                                    : ", and only a swipe from the edge on " + String.join(" and ", pulled) + ".");
            findings.add(Finding.about(
                            Rule.DRAWER_NO_HANDLE,
                            shut.isEmpty() ? Weight.WARNING : Weight.PROBLEM,
                            how,
                            List.copyOf(screens),
                            walk)
                    .with(signs(drawer)));
        }
    }

    private boolean mayOpen(String link) {
        return prototype
                .index()
                .way(link)
                .filter(w -> w.link().effects().anyMatch(Effect.MoveDrawer.class::isInstance))
                .isPresent();
    }

    private List<Fix> signs(Drawer drawer) {
        int screens = DrawerEdits.unsigned(prototype, drawer).size();
        String id = drawer.id() + "-sign";
        return screens == 0 || prototype.index().ids().contains(id)
                ? List.of()
                : List.of(new Fix(
                        "Put a sign on its screens",
                        "Nothing on the screens opens it.",
                        "A sign in the corner of " + (screens == 1 ? "one screen" : screens + " screens") + " does.",
                        DrawerEdits.sign(drawer, id, true)));
    }

    private void size(Drawer drawer) {
        int count = drawer.items().size();
        if (count > MANY) {
            Drawer.Item last = drawer.items().getLast();
            findings.add(about(
                    Rule.DRAWER_CROWDED,
                    drawer,
                    "“" + drawer.shownTitle() + "” has " + count + " items; among more than " + MANY
                            + " people search.",
                    List.of(new Fix(
                            "Take the last item out",
                            "“" + last.shownLabel() + "” is one of them.",
                            "It is none.",
                            DrawerEdits.takeOut(drawer, last)))));
        } else if (count <= FEW) {
            findings.add(about(
                    Rule.DRAWER_FEW,
                    drawer,
                    "“" + drawer.shownTitle() + "” has "
                            + (count == 0 ? "no items." : count == 1 ? "one item" : count + " items")
                            + (count == 0 ? "" : "; tabs would be plainer, always in sight."),
                    instead(prototype, drawer)));
        }
    }

    /** What there can be in place of a drawer: a strip, or nothing. */
    static List<Fix> instead(Prototype prototype, Drawer drawer) {
        List<Fix> fixes = new ArrayList<>();
        tabs(prototype, drawer).ifPresent(fixes::add);
        fixes.add(new Fix(
                "Remove the drawer",
                "“" + drawer.shownTitle() + "” is a drawer.",
                "It is gone; the screens stay.",
                DrawerEdits.remove(drawer)));
        return fixes;
    }

    /** The pages that its items lead to, behind a strip instead. */
    private static Optional<Fix> tabs(Prototype prototype, Drawer drawer) {
        Map<String, TabSet.Tab> tabs = new LinkedHashMap<>();
        for (Drawer.Item item : drawer.items()) {
            item.does()
                    .move()
                    .flatMap(Effect::target)
                    .filter(Target.ToScreen.class::isInstance)
                    .flatMap(t -> prototype.screen(t.id()))
                    .ifPresent(s -> tabs.putIfAbsent(
                            s.id(),
                            new TabSet.Tab(
                                    item.id() + "-tab", item.label(), item.sign(), new Target.ToScreen(s.id()))));
        }
        List<Screen> roots = tabs.keySet().stream()
                .flatMap(id -> prototype.screen(id).stream())
                .toList();
        boolean fits = roots.size() > 1
                && roots.size() == drawer.items().size()
                && TabSetEdits.whyNot(prototype, roots).isEmpty();
        TabSet set = TabSet.of(drawer.id() + "-tabs", drawer.title(), List.copyOf(tabs.values()));
        return !fits
                ? Optional.empty()
                : Optional.of(new Fix(
                        "Put them behind a strip instead",
                        "“" + drawer.shownTitle() + "” is a drawer.",
                        "It is a strip of " + roots.size() + " tabs, always in sight.",
                        Edit.all(
                                "put “" + drawer.shownTitle() + "” behind a strip",
                                List.of(DrawerEdits.remove(drawer), TabSetEdits.make(set)))));
    }

    private Finding about(Rule rule, Drawer drawer, String sentence, List<Fix> fixes) {
        List<String> screens = Attachments.screens(prototype, drawer.on()).stream()
                .map(Screen::id)
                .toList();
        return Finding.about(
                        rule,
                        Weight.NOTE,
                        sentence,
                        screens,
                        screens.stream().filter(solution::shown).findFirst().flatMap(solution::walkTo))
                .with(fixes);
    }

    /** The device's own back is a swipe from that edge, and always comes first. */
    private void goesBackToo(Drawer drawer) {
        Set<String> devices = new LinkedHashSet<>(prototype.devices().stream()
                .filter(d -> d.swipes()
                        && d.goesBackBy(drawer.panel().side().edge())
                        && !d.refuses(Cannot.DRAWERS)
                        && !drawer.staysAt(d.width()))
                .map(Device::title)
                .toList());
        Optional<Node> there = solution.explorations().stream()
                .filter(e -> devices.contains(e.device().title()))
                .flatMap(e -> nodes(e, drawer))
                .findFirst();
        there.ifPresent(node -> findings.add(Finding.about(
                        Rule.SIDEWAYS_TWICE,
                        Weight.WARNING,
                        "The swipe from the " + drawer.panel().side().word() + " edge goes back on "
                                + String.join(" and ", devices) + ", and never opens “" + drawer.shownTitle() + "”.",
                        List.of(node.cell.screen()),
                        solution.walkTo(node.cell.screen()))
                .with(List.of(unpulled(drawer)))));
    }

    /** A link of the screen, or of a hotspot on it, answers the same swipe. */
    private void answeredToo(Drawer drawer) {
        Set<String> told = new LinkedHashSet<>();
        solution.explorations().stream()
                .flatMap(e -> nodes(e, drawer))
                .map(n -> n.cell.screen())
                .filter(told::add)
                .forEach(screen -> {
                    for (Way way : prototype.index().waysOut(screen)) {
                        if (way.link().cause() instanceof Cause.Touch touch
                                && touch.gesture() == drawer.panel().side().edge()) {
                            findings.add(new Finding(
                                    Rule.SIDEWAYS_TWICE,
                                    Weight.WARNING,
                                    FindingWords.link(prototype, way) + " answers the " + touch.word() + " that opens “"
                                            + drawer.shownTitle() + "”.",
                                    List.of(screen),
                                    way.hotspot().map(Hotspot::id),
                                    Optional.of(way.link().id()),
                                    solution.walkTo(screen),
                                    List.of(Fixes.removeLink(prototype, way), unpulled(drawer))));
                        }
                    }
                });
    }

    /** An earlier drawer at the same edge comes first. */
    private void twoAtOneEdge(Drawer drawer) {
        List<Drawer> earlier = prototype
                .drawers()
                .subList(0, prototype.drawers().indexOf(drawer))
                .stream()
                .filter(d ->
                        d.panel().side() == drawer.panel().side() && d.panel().reach() > 0)
                .toList();
        for (Drawer first : earlier) {
            Optional<Node> both = solution.explorations().stream()
                    .flatMap(e -> nodes(e, drawer)
                            .filter(n -> !first.staysAt(e.device().width())))
                    .filter(n -> isAttached(first, prototype, n))
                    .findFirst();
            both.ifPresent(node -> {
                PanelSide other = drawer.panel().side() == PanelSide.LEFT ? PanelSide.RIGHT : PanelSide.LEFT;
                findings.add(Finding.about(
                                Rule.SIDEWAYS_TWICE,
                                Weight.WARNING,
                                "“" + first.shownTitle() + "” and “" + drawer.shownTitle()
                                        + "” are both drawn from the "
                                        + drawer.panel().side().word() + " edge; only the first one comes.",
                                List.of(node.cell.screen()),
                                solution.walkTo(node.cell.screen()))
                        .with(List.of(
                                new Fix(
                                        "Let it come from the " + other.word(),
                                        "“" + drawer.shownTitle() + "” comes from the "
                                                + drawer.panel().side().word() + ".",
                                        "It comes from the " + other.word() + ".",
                                        DrawerEdits.change(
                                                "let “" + drawer.shownTitle() + "” come from the " + other.word(),
                                                drawer.withPanel(drawer.panel().withSide(other)))),
                                unpulled(drawer))));
            });
        }
    }

    private static Fix unpulled(Drawer drawer) {
        return new Fix(
                "Open it without a swipe",
                "A swipe from the edge opens “" + drawer.shownTitle() + "”.",
                "It does not.",
                DrawerEdits.change(
                        "open “" + drawer.shownTitle() + "” without a swipe",
                        drawer.withPanel(drawer.panel().withReach(0))));
    }
}
