package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.rule.drawn.Hotspots;
import pandel.core.check.rule.frame.DeviceRefusals;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/**
 * {@code link-never-fires}: links on screens that are shown which never do anything. What other findings say is left to
 * them: targets that are missing, returns with nothing behind, second links of one cause.
 */
public final class NeverFiring {

    private NeverFiring() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        Set<String> idle = new HashSet<>();
        solution.idles()
                .firsts(i -> !i.isRefused()
                        && i.move()
                                .filter(m -> m instanceof Effect.Return || m instanceof Effect.ReturnTo)
                                .isPresent())
                .forEach(at -> idle.add(at.idle().link()));
        for (Way way : solution.prototype().index().ways()) {
            Optional<String> shown =
                    way.from().stream().map(Screen::id).filter(solution::shown).findFirst();
            if (shown.isPresent() && solution.perhapsFires(way.link().id())) {
                solution.unsettled()
                        .accept(new Unsettled(
                                Rule.LINK_NEVER_FIRES,
                                way.link().id(),
                                "Whether " + FindingWords.link(solution.prototype(), way) + " ever does anything."));
            } else if (shown.isPresent() && !solution.fires(way.link().id()) && !isSaidElsewhere(solution, way, idle)) {
                findings.add(finding(solution, way, shown.get()));
            }
        }
        return findings;
    }

    /** @param idle ids of the links that find nothing to return to somewhere */
    private static boolean isSaidElsewhere(Solution solution, Way way, Set<String> idle) {
        if (way.link().cause().isOfFrames()
                || DeviceRefusals.refuses(solution, way)
                || Hotspots.isCovered(solution, way)) {
            return true;
        }
        Optional<Effect> effect = way.link().effect();
        Optional<Screen> target = effect.flatMap(Effect::target).flatMap(t -> Targets.shown(solution.prototype(), t));
        boolean missing = effect.filter(e -> !(e instanceof Effect.ReturnTo))
                        .flatMap(Effect::target)
                        .isPresent()
                && target.isEmpty();
        boolean parked = target.filter(t -> t.status() == Status.PARKED).isPresent();
        boolean second = way.hotspot().isPresent()
                && !way.hotspot().get().linkFor(way.link().cause()).equals(Optional.of(way.link()));
        boolean lacks = way.link().branches().stream()
                .allMatch(b -> b.move()
                        .flatMap(Effect::target)
                        .filter(t -> lacksValue(solution, t))
                        .isPresent());
        boolean rowless =
                solution.idles().of(way.link().id()).stream().anyMatch(at -> RowsAbsent.isWithoutRow(at.idle()));
        boolean wanting = solution.idles().of(way.link().id()).stream()
                .anyMatch(at -> at.idle().lack().isPresent());
        return missing
                || parked
                || second
                || lacks
                || wanting
                || rowless
                || idle.contains(way.link().id());
    }

    /** Whether a target needs a value that nothing carries, which is a finding of its own. */
    private static boolean lacksValue(Solution solution, Target target) {
        return Targets.shown(solution.prototype(), target)
                .filter(s -> s.expects().stream()
                        .anyMatch(e -> e.mustBeCarried() && target.values().get(e.name()) == null))
                .isPresent();
    }

    /** Why no row beside is ever gone to. */
    private static Optional<String> refusedForRows(Solution solution, Way way) {
        return way.link().effects().noneMatch(Effect.StepRow.class::isInstance)
                ? Optional.empty()
                : solution.idles().of(way.link().id()).stream()
                        .map(at -> at.idle().why())
                        .findFirst();
    }

    private static Finding finding(Solution solution, Way way, String screen) {
        Optional<Screen> target =
                way.link().effect().flatMap(Effect::target).flatMap(t -> Targets.shown(solution.prototype(), t));
        boolean unfit = target.filter(t -> t.form() != Form.PAGE).isPresent();
        boolean factGone = way.link()
                .allRemembered()
                .anyMatch(r -> solution.prototype().fact(r.fact()).isEmpty());
        boolean hidden = way.hotspot().isPresent()
                && way.from().stream()
                        .anyMatch(s -> s.states().stream()
                                .anyMatch(t ->
                                        t.hides().contains(way.hotspot().get().id())));
        String why = factGone
                ? "it remembers a fact that was removed."
                : way.link().effect().isEmpty()
                        ? "it has nothing to do yet."
                        : way.link().effect().get() instanceof Effect.Close
                                ? "nothing is ever open above there."
                                : way.link().branches().stream()
                                                        .noneMatch(b -> b.when().isEmpty())
                                                && way.link().branches().stream()
                                                        .noneMatch(b -> way.from().stream()
                                                                .anyMatch(s -> solution.nodesOn(s.id())
                                                                        .anyMatch(n -> b.holds(
                                                                                solution.prototype(), n.cell.known()))))
                                        ? "its conditions never hold there."
                                        : unfit && way.link().effect().get() instanceof Effect.Restart
                                                ? "only a page can be restarted at."
                                                : unfit
                                                        ? "a "
                                                                + target.orElseThrow()
                                                                        .form()
                                                                        .word()
                                                                + " can only be opened above from there."
                                                        : hidden
                                                                ? "its hotspot is hidden whenever the screen is shown."
                                                                : refusedForRows(solution, way)
                                                                        .orElse("something else always comes first.");
        List<Fix> fixes = new ArrayList<>();
        if (unfit) {
            fixes.add(Fixes.openAbove(solution.prototype(), way, target.orElseThrow()));
        }
        fixes.add(Fixes.removeLink(solution.prototype(), way));
        return new Finding(
                Rule.LINK_NEVER_FIRES,
                Weight.WARNING,
                FindingWords.link(solution.prototype(), way) + " never does anything: " + why,
                List.of(screen),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                solution.walkTo(screen),
                fixes);
    }
}
