package pandel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.relevance.Covered;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.rule.drawn.CopiedWords;
import pandel.core.check.rule.drawn.Hotspots;
import pandel.core.check.rule.drawn.MocksMissing;
import pandel.core.check.rule.drawn.NotPlaced;
import pandel.core.check.rule.drawn.Titles;
import pandel.core.check.rule.frame.DeviceRefusals;
import pandel.core.check.rule.frame.Drawers;
import pandel.core.check.rule.frame.Sequences;
import pandel.core.check.rule.frame.SetInItself;
import pandel.core.check.rule.frame.TabSets;
import pandel.core.check.rule.reach.Addresses;
import pandel.core.check.rule.reach.BranchesNever;
import pandel.core.check.rule.reach.CannotClose;
import pandel.core.check.rule.reach.ClosedCircles;
import pandel.core.check.rule.reach.DeadEnds;
import pandel.core.check.rule.reach.DeepOverlays;
import pandel.core.check.rule.reach.EndlessWaits;
import pandel.core.check.rule.reach.HiddenGestures;
import pandel.core.check.rule.reach.MissingTargets;
import pandel.core.check.rule.reach.NeverFiring;
import pandel.core.check.rule.reach.NoEntry;
import pandel.core.check.rule.reach.ReturnsToAbsent;
import pandel.core.check.rule.reach.ReturnsToNowhere;
import pandel.core.check.rule.reach.RowsAbsent;
import pandel.core.check.rule.reach.TrailGrows;
import pandel.core.check.rule.reach.UnreachedScreens;
import pandel.core.check.rule.reach.WaitsInTrail;
import pandel.core.check.rule.value.FactsUnused;
import pandel.core.check.rule.value.Outcomes;
import pandel.core.check.rule.value.StatesNeverHolding;
import pandel.core.check.rule.value.UnknownPlaceholders;
import pandel.core.check.rule.value.Values;
import pandel.core.check.solve.Budget;
import pandel.core.check.solve.Explorer;
import pandel.core.check.solve.Idles;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.solve.Trait;
import pandel.core.model.Judgements;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;

/** Runs the checks. Same prototype in, same findings in the same order out. */
public final class Check {

    private static final List<Function<Solution, List<Finding>>> FINDINGS = List.of(
            NoEntry::in,
            Addresses::in,
            MissingTargets::in,
            Sequences::in,
            TabSets::in,
            Drawers::in,
            Check::stuck,
            UnreachedScreens::in,
            ClosedCircles::in,
            DeviceRefusals::in,
            NeverFiring::in,
            ReturnsToNowhere::in,
            ReturnsToAbsent::in,
            RowsAbsent::in,
            TrailGrows::in,
            SetInItself::in,
            WaitsInTrail::in,
            EndlessWaits::in,
            DeepOverlays::in,
            StatesNeverHolding::in,
            FactsUnused::in,
            Outcomes::in,
            Values::in,
            UnknownPlaceholders::in,
            HiddenGestures::in,
            BranchesNever::in,
            MocksMissing::in,
            NotPlaced::in,
            Hotspots::in,
            CopiedWords::in,
            Titles::in);

    private Check() {}

    /** Checks a prototype on every device it names. */
    public static Checked of(Prototype prototype) {
        return of(prototype, () -> false).orElseThrow();
    }

    /** Checks until done or called off; empty when it was called off. May be run on any thread. */
    public static Optional<Checked> of(Prototype prototype, BooleanSupplier calledOff) {
        return of(prototype, Budget.USUAL, calledOff);
    }

    /**
     * The same after an edit. What changes nothing that can be done (areas, pictures, sections, journeys, what was
     * decided about findings) is not searched again: what was found before stands, and only the findings are drawn
     * anew.
     *
     * @param before what the checks said of an earlier prototype
     */
    public static Optional<Checked> after(Checked before, Prototype prototype, BooleanSupplier calledOff) {
        Covered covered = Covered.of(prototype);
        return before.isWhole()
                        && before.solution().covered().equals(covered)
                        && Relevant.of(before.prototype()).equals(Relevant.of(prototype))
                ? told(
                        prototype,
                        covered,
                        before.solution().relevance(),
                        before.solution().explorations(),
                        before.solution().points(),
                        calledOff)
                : of(
                        prototype,
                        covered,
                        Budget.USUAL,
                        before.solution().explorations().stream()
                                .map(Reachability::system)
                                .toList(),
                        calledOff);
    }

    static Optional<Checked> of(Prototype prototype, Budget effort, BooleanSupplier calledOff) {
        return of(prototype, Covered.of(prototype), effort, List.of(), calledOff);
    }

    /** @param before of an earlier prototype; what still holds of what they know is not found out again */
    private static Optional<Checked> of(
            Prototype prototype,
            Covered covered,
            Budget effort,
            List<PushdownSystem> before,
            BooleanSupplier calledOff) {
        Relevance relevance = Relevance.in(prototype);
        List<Entry> entries = prototype.entries().stream()
                .flatMap(e -> Addresses.opened(prototype, relevance, e).stream())
                .toList();
        List<PushdownSystem> systems = systems(prototype, covered, effort, relevance, before);
        List<Reachability> explorations = explore(systems, effort, entries, calledOff);
        if (calledOff.getAsBoolean()) {
            return Optional.empty();
        }
        List<Reachability> points = prototype.startPoints().isEmpty()
                ? List.of()
                : explore(systems, effort, prototype.startPoints(), calledOff);
        return told(prototype, covered, relevance, explorations, points, calledOff);
    }

    /** Draws the findings from what was explored; empty when it was called off. */
    private static Optional<Checked> told(
            Prototype prototype,
            Covered covered,
            Relevance relevance,
            List<Reachability> explorations,
            List<Reachability> points,
            BooleanSupplier calledOff) {
        if (calledOff.getAsBoolean()) {
            return Optional.empty();
        }
        List<Unsettled> unsettled = new ArrayList<>(Addresses.cut(prototype, relevance));
        Solution solution = new Solution(
                prototype,
                covered,
                relevance,
                explorations,
                points,
                nearest(explorations),
                Idles.in(explorations),
                unsettled::add);
        for (Reachability exploration : explorations) {
            if (!exploration.missing().isEmpty()) {
                int screens = (int) exploration.missing().stream()
                        .map(Trait::screen)
                        .distinct()
                        .count();
                unsettled.add(new Unsettled(
                        Rule.UNREACHED_SCREEN,
                        "",
                        "With so many facts not everything could be looked at on "
                                + exploration.device().title() + ": on "
                                + (screens == 1 ? "1 screen" : screens + " screens")
                                + " more may be possible than was seen."));
            }
            if (exploration.isGivenUp()) {
                unsettled.add(new Unsettled(
                        Rule.UNREACHED_SCREEN,
                        "",
                        "With so many " + (relevance.changes() ? "facts" : "tabs")
                                + " not everything could be looked at on "
                                + exploration.device().title() + ": "
                                + exploration.nodes().size() + " situations were."));
            }
        }
        List<Finding> findings = once(FINDINGS.stream()
                        .flatMap(f -> f.apply(solution).stream())
                        .toList())
                .sorted(Comparator.comparing(Finding::weight).thenComparing(Finding::rule))
                .toList();
        Map<Boolean, List<Finding>> quiet =
                findings.stream().collect(Collectors.partitioningBy(f -> isQuiet(prototype, f)));
        return Optional.of(new Checked(
                solution,
                Objects.requireNonNull(quiet.get(false)),
                Objects.requireNonNull(quiet.get(true)),
                List.copyOf(new LinkedHashSet<>(unsettled))));
    }

    /** One cause, one finding: what makes a dead end is not told once more. */
    private static Stream<Finding> once(List<Finding> findings) {
        Set<List<String>> told = findings.stream()
                .filter(f -> f.rule() == Rule.DEAD_END && f.hotspot().isPresent())
                .map(Finding::screens)
                .collect(Collectors.toSet());
        Set<Optional<String>> advanced = findings.stream()
                .filter(f -> f.rule() == Rule.TAB_ADVANCED_TO || f.rule() == Rule.SET_IN_ITSELF)
                .map(Finding::link)
                .collect(Collectors.toSet());
        return findings.stream()
                .filter(f -> f.rule() != Rule.HOTSPOT_NOT_PLACED || !told.contains(f.screens()))
                .filter(f -> f.rule() != Rule.TRAIL_GROWS || !advanced.contains(f.link()));
    }

    /** Ids of the screens that are ever shown, or may be. */
    static Set<String> shown(Prototype prototype, BooleanSupplier calledOff) {
        Set<String> shown = new LinkedHashSet<>();
        Relevance relevance = Relevance.in(prototype);
        List<Entry> entries = prototype.entries().stream()
                .flatMap(e -> Addresses.opened(prototype, relevance, e).stream())
                .toList();
        for (Reachability exploration : explore(
                systems(prototype, Covered.of(prototype), Budget.USUAL, relevance, List.of()),
                Budget.USUAL,
                entries,
                calledOff)) {
            shown.addAll(exploration.nearest().keySet());
            shown.addAll(exploration.perhapsReached());
        }
        return shown;
    }

    /** One for each class of devices that differ in nothing that matters. */
    private static List<PushdownSystem> systems(
            Prototype prototype, Covered covered, Budget budget, Relevance relevance, List<PushdownSystem> before) {
        return classes(prototype, covered).stream()
                .map(device -> new PushdownSystem(
                        prototype,
                        device,
                        relevance,
                        budget.followed(),
                        before.stream().filter(b -> b.device().equals(device)).findFirst()))
                .toList();
    }

    private static List<Reachability> explore(
            List<PushdownSystem> systems, Budget budget, List<? extends Start> from, BooleanSupplier calledOff) {
        // Each for itself, side by side: none knows of another.
        return systems.parallelStream()
                .map(system -> Explorer.explore(system, budget, from, calledOff))
                .toList();
    }

    /** Where one is stuck, and what cannot be closed besides. */
    private static List<Finding> stuck(Solution solution) {
        List<Finding> stuck = new ArrayList<>(DeadEnds.in(solution));
        Set<String> dead = new LinkedHashSet<>();
        stuck.stream().filter(f -> f.rule() == Rule.DEAD_END).forEach(f -> dead.addAll(f.screens()));
        stuck.addAll(CannotClose.in(solution, dead));
        return stuck;
    }

    /** Whether its rule is not to be reported, everywhere or on all the screens it is about. */
    private static boolean isQuiet(Prototype prototype, Finding finding) {
        List<Judgements.Quiet> quiet = prototype.judgements().quiet().stream()
                .filter(q -> q.rule().equals(finding.rule().id()))
                .toList();
        return quiet.stream().anyMatch(Judgements.Quiet::isEverywhere)
                || !finding.screens().isEmpty()
                        && finding.screens().stream()
                                .allMatch(id -> prototype
                                        .screen(id)
                                        .filter(s -> quiet.stream().anyMatch(q -> q.covers(s)))
                                        .isPresent());
    }

    /** One device for each class of those that differ in nothing that matters to the rules. */
    private static List<Device> classes(Prototype prototype, Covered covered) {
        record Sort(
                boolean goesBack,
                boolean swipes,
                boolean points,
                int levels,
                Optional<Width> width,
                Set<List<String>> underFrames,
                Optional<Device.Back> back,
                List<Boolean> stays,
                Set<Cannot> cannot) {}
        boolean mouseMatters = prototype.index().ways().stream()
                .anyMatch(w ->
                        w.link().cause() instanceof Cause.Touch t && t.gesture().needsMouse());
        boolean edgesMatter = prototype.index().ways().stream()
                        .anyMatch(w -> w.link().cause() instanceof Cause.Touch t
                                && t.gesture().isOfEdge())
                || prototype.drawers().stream().anyMatch(d -> d.panel().reach() > 0);
        boolean widthsMatter = NotPlaced.anywhere(prototype)
                || prototype.devices().size() > 1 && !covered.byHotspots().isEmpty();
        Map<Sort, Device> classes = new LinkedHashMap<>();
        prototype
                .devices()
                .forEach(d -> classes.putIfAbsent(
                        new Sort(
                                d.goesBack(),
                                d.swipes(),
                                mouseMatters && d.pointing() != Device.Pointing.TOUCH,
                                d.levels(),
                                widthsMatter ? Optional.of(prototype.widths().of(d.width())) : Optional.empty(),
                                covered.underFrames(d),
                                edgesMatter ? Optional.of(d.back()) : Optional.empty(),
                                prototype.drawers().stream()
                                        .map(w -> w.staysAt(d.width()))
                                        .toList(),
                                d.cannot()),
                        d));
        return List.copyOf(classes.values());
    }

    private static Map<String, Reachability> nearest(List<Reachability> explorations) {
        Map<String, Reachability> nearest = new LinkedHashMap<>();
        Stream<Map.Entry<String, Reachability>> all =
                explorations.stream().flatMap(e -> e.nearest().keySet().stream().map(id -> Map.entry(id, e)));
        all.forEach(pair -> nearest.merge(
                pair.getKey(),
                pair.getValue(),
                (a, b) -> Objects.requireNonNull(b.nearest().get(pair.getKey())).distance
                                < Objects.requireNonNull(a.nearest().get(pair.getKey())).distance
                        ? b
                        : a));
        return nearest;
    }
}
