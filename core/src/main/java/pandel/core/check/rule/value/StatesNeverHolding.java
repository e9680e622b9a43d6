package pandel.core.check.rule.value;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;

/**
 * {@code state-never-holds}: looks of shown screens that are never the look. Where all that is missing is a fact nobody
 * sets, that is said of the fact.
 */
public final class StatesNeverHolding {

    private StatesNeverHolding() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
        if (prototype.screens().stream().allMatch(s -> s.states().isEmpty())) {
            return List.of();
        }
        Set<String> seen = new HashSet<>();
        Stream.concat(solution.explorations().stream(), solution.points().stream())
                .flatMap(e -> e.nodes().stream())
                .forEach(node -> prototype
                        .screen(node.cell.screen())
                        .filter(s -> !s.states().isEmpty())
                        .flatMap(s -> Look.of(prototype, s, node.cell.known()).state())
                        .ifPresent(s -> seen.add(s.id())));
        List<Finding> findings = new ArrayList<>();
        for (Screen screen : prototype.screens()) {
            for (State state : screen.states()) {
                boolean shown = solution.shown(screen.id());
                if (!shown
                        || seen.contains(state.id())
                        || state.conditions().stream().anyMatch(c -> FactsUnused.isUnsetCause(prototype, c))) {
                    continue;
                }
                Optional<Condition> removed = state.conditions().stream()
                        .filter(c -> c.facts().anyMatch(f -> prototype.fact(f).isEmpty())
                                && !c.holds(prototype, Known.of(Facts.NONE)))
                        .findFirst();
                String title =
                        "The look “" + state.shownTitle() + "” of " + FindingWords.screen(prototype, screen.id());
                if (removed.isEmpty()
                        && Stream.concat(solution.explorations().stream(), solution.points().stream())
                                .anyMatch(e -> e.mayLook(state.id()))) {
                    solution.unsettled()
                            .accept(new Unsettled(
                                    Rule.STATE_NEVER_HOLDS,
                                    state.id(),
                                    "Whether " + title.replaceFirst("^The", "the") + " is ever shown."));
                } else {
                    List<Fix> fixes = new ArrayList<>();
                    removed.ifPresent(c -> fixes.add(Fixes.withoutRemovedFacts(prototype, screen, state)));
                    fixes.add(Fixes.removeLook(screen, state));
                    findings.add(Finding.about(
                                    Rule.STATE_NEVER_HOLDS,
                                    Weight.WARNING,
                                    title + " is never shown: " + why(prototype, screen, state, removed),
                                    List.of(screen.id()),
                                    solution.walkTo(screen.id()))
                            .with(fixes));
                }
            }
        }
        return findings;
    }

    private static String why(Prototype prototype, Screen screen, State state, Optional<Condition> removed) {
        if (removed.isPresent()) {
            return "it asks for a fact that was removed.";
        }
        List<State> before = screen.states().subList(0, screen.states().indexOf(state));
        Optional<State> first = before.stream()
                .filter(s -> new HashSet<>(state.conditions()).containsAll(s.conditions()))
                .findFirst();
        return first.map(s -> "“" + s.shownTitle() + "” always comes before it.")
                .orElseGet(() -> "“"
                        + String.join(
                                " and ",
                                state.conditions().stream()
                                        .map(c -> c.words(prototype))
                                        .toList()) + "” never holds there"
                        + (before.isEmpty() ? "." : ", or an earlier look comes first."));
    }
}
