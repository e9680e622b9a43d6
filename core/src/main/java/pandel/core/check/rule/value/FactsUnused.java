package pandel.core.check.rule.value;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.relevance.Reads;
import pandel.core.check.solve.Solution;
import pandel.core.edit.value.FactEdits;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Source;

/** {@code fact-never-set} and {@code fact-never-read}. */
public final class FactsUnused {

    private FactsUnused() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
        Set<String> relevance = read(prototype);
        List<Finding> findings = new ArrayList<>();
        for (Fact fact : prototype.facts()) {
            boolean set = isSet(prototype, fact.id());
            if (!relevance.contains(fact.id())) {
                findings.add(Finding.about(
                                Rule.FACT_NEVER_READ,
                                Weight.NOTE,
                                "Nothing asks for the fact “" + fact.title() + (set ? "”." : "”, and nothing sets it."),
                                List.of(),
                                Optional.empty())
                        .with(List.of(Fixes.removeFact(fact))));
            } else if (!set) {
                List<Screen> by = FactEdits.askedBy(prototype, fact.id());
                List<String> ids = Stream.concat(
                                by.stream(),
                                FactEdits.linksAsking(prototype, fact.id()).stream()
                                        .flatMap(w -> w.from().stream()))
                        .map(Screen::id)
                        .distinct()
                        .toList();
                findings.add(Finding.about(
                                Rule.FACT_NEVER_SET,
                                Weight.WARNING,
                                "Nothing ever sets “" + fact.title() + "”, which " + (by.isEmpty() ? "links" : "looks")
                                        + " of " + FindingWords.screens(prototype, ids) + " ask for.",
                                ids,
                                ids.stream().findFirst().flatMap(solution::walkTo))
                        .with(List.of(Fixes.removeFactAndLooks(prototype, fact, by))));
            }
        }
        return findings;
    }

    /** Ids of the facts that anything reads: in conditions, to carry them, to set others, or to show them in words. */
    private static Set<String> read(Prototype prototype) {
        Set<String> read = new LinkedHashSet<>();
        Reads.conditions(prototype).flatMap(Condition::facts).forEach(read::add);
        prototype
                .index()
                .links()
                .flatMap(Reads::reads)
                .flatMap(s -> s.fact().stream())
                .forEach(read::add);
        prototype.index().hotspots().stream()
                .flatMap(h -> h.begins().stream())
                .flatMap(s -> s.fact().stream())
                .forEach(read::add);
        Stream<String> words = Stream.concat(
                prototype.screens().stream().flatMap(Values::words),
                prototype.index().links().flatMap(Link::effects).flatMap(UnknownPlaceholders::words));
        words.flatMap(w -> Placeholders.in(w).stream())
                .flatMap(n -> Placeholders.fact(prototype, n).stream())
                .map(Fact::id)
                .forEach(read::add);
        return read;
    }

    static boolean isSet(Prototype prototype, String fact) {
        return prototype
                        .index()
                        .links()
                        .flatMap(Link::allRemembered)
                        .anyMatch(r -> r.fact().equals(fact))
                || prototype.startPoints().stream()
                        .anyMatch(s -> s.facts().set().containsKey(fact));
    }

    /** Whether a condition never holds just because nothing sets its fact. */
    static boolean isUnsetCause(Prototype prototype, Condition condition) {
        return condition
                        .what()
                        .fact()
                        .filter(id -> prototype.fact(id).isPresent() && !isSet(prototype, id))
                        .isPresent()
                && condition.with() instanceof Source.Constant
                && !condition.holds(prototype, Known.of(Facts.NONE));
    }
}
