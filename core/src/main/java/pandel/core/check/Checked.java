package pandel.core.check;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.model.Judgements;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/**
 * What the checks say of one prototype. Exact: what it neither shows nor leaves {@linkplain #unsettled() unsettled} is
 * ruled out for use of any length.
 */
public final class Checked {

    private final Solution solution;
    private final List<Finding> findings;
    private final List<Finding> accepted;
    private final List<Finding> quiet;
    private final List<Unsettled> unsettled;

    /**
     * @param found all findings but those of quietened rules
     * @param quiet those
     */
    Checked(Solution solution, List<Finding> found, List<Finding> quiet, List<Unsettled> unsettled) {
        this.quiet = quiet;
        this.unsettled = unsettled;
        this.solution = solution;
        Set<String> meant = solution.prototype().judgements().accepted().stream()
                .map(Judgements.Accepted::ground)
                .collect(Collectors.toSet());
        this.findings = found.stream().filter(f -> !meant.contains(f.ground())).toList();
        this.accepted = found.stream().filter(f -> meant.contains(f.ground())).toList();
    }

    public Prototype prototype() {
        return solution.prototype();
    }

    Solution solution() {
        return solution;
    }

    /**
     * Whether everything was looked at, so that what was found can stand for a prototype in which the same can be done.
     */
    boolean isWhole() {
        return solution.explorations().stream().noneMatch(e -> e.isSpared() || e.isGivenUp())
                && solution.points().stream().noneMatch(e -> e.isSpared() || e.isGivenUp());
    }

    /** What could not be answered. Empty unless links return to more screens than are followed at once. */
    public List<Unsettled> unsettled() {
        return unsettled;
    }

    /** The findings that were accepted and whose ground has not changed since. */
    public List<Finding> accepted() {
        return accepted;
    }

    /** Those not reported because their rule is quiet there, in the same order. */
    public List<Finding> quiet() {
        return quiet;
    }

    /** Those not accepted: worst first, then by rule, then in file order. */
    public List<Finding> findings() {
        return findings;
    }

    /**
     * Whether the lists of events are the shortest there are; where facts were too many to look at everything they are
     * short.
     */
    public boolean givesShortest() {
        return solution.explorations().stream().noneMatch(Reachability::isSpared);
    }

    /** How many situations were told apart, on all devices that differ in what matters. */
    public int situations() {
        return solution.explorations().stream().mapToInt(e -> e.nodes().size()).sum();
    }

    /** Whether a screen is ever current. */
    public boolean shows(String screen) {
        return solution.shown(screen);
    }

    /** Fewest events from an entry until a screen is current; empty when it never is. */
    public OptionalInt stepsTo(String screen) {
        return solution.shown(screen)
                ? OptionalInt.of(Objects.requireNonNull(
                                Objects.requireNonNull(solution.nearest().get(screen))
                                        .nearest()
                                        .get(screen))
                        .distance)
                : OptionalInt.empty();
    }

    /** The shortest list of events that makes a screen current. */
    public Optional<Walk> walkTo(String screen) {
        return solution.walkTo(screen);
    }

    /** Whether a link ever does something, on any device. */
    public boolean fires(String link) {
        return solution.fires(link);
    }

    /** The links that ever do something, on any device, each of their outcomes apart. */
    public Set<LinkOutcome> outcomes() {
        Set<LinkOutcome> outcomes = new LinkedHashSet<>();
        solution.explorations().forEach(e -> outcomes.addAll(e.outcomes()));
        return outcomes;
    }

    /** The same with a walk for each that ends with it: the nearest on the first device that can. */
    public Map<LinkOutcome, Walk> travelled() {
        Map<LinkOutcome, Walk> travelled = new LinkedHashMap<>();
        solution.explorations().forEach(e -> e.travelled().forEach(travelled::putIfAbsent));
        return travelled;
    }

    /** Ids of the screens ever shown, nearest first. */
    public Set<String> shown() {
        return solution.nearest().keySet();
    }

    /** The screens never shown, without the parked ones, in file order. */
    public List<Screen> unreached() {
        return prototype().screens().stream()
                .filter(s -> s.status() != Status.PARKED && !solution.shown(s.id()))
                .toList();
    }

    public List<Finding> findings(Rule rule) {
        return findings.stream().filter(f -> f.rule() == rule).toList();
    }

    /** The findings that are about a screen. */
    public List<Finding> findingsOn(String screen) {
        return findings.stream().filter(f -> f.screens().contains(screen)).toList();
    }

    /** How many findings of each weight. */
    public Map<Weight, Long> counts() {
        return findings.stream()
                .collect(Collectors.groupingBy(
                        Finding::weight, () -> new EnumMap<>(Weight.class), Collectors.counting()));
    }
}
