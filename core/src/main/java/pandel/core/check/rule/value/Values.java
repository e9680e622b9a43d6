package pandel.core.check.rule.value;

import java.util.ArrayList;
import java.util.HashSet;
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
import pandel.core.check.fix.ValueFixes;
import pandel.core.check.solve.Idles;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.rule.RuleOutcome;

/**
 * {@code value-missing}, {@code value-unknown} and {@code value-type}: what links carry against what their targets
 * expect.
 */
public final class Values {

    private final Solution solution;
    private final Prototype prototype;
    private final List<Finding> findings = new ArrayList<>();
    private final Set<String> seen = new HashSet<>();

    private Values(Solution solution) {
        this.solution = solution;
        this.prototype = solution.prototype();
    }

    public static List<Finding> in(Solution solution) {
        Values values = new Values(solution);
        for (Way way : solution.prototype().index().ways()) {
            for (Branch branch : way.link().branches()) {
                branch.move()
                        .flatMap(Effect::target)
                        .ifPresent(target -> solution.prototype()
                                .screen(target.id())
                                .filter(s -> s.status() != Status.PARKED)
                                .filter(s -> !s.expects().isEmpty()
                                        || !target.values().isEmpty())
                                .filter(s -> !(branch.move().get() instanceof Effect.ReturnTo))
                                .ifPresent(s -> values.look(way, branch, target, s)));
            }
        }
        values.inFrames();
        return values.findings;
    }

    private void look(Way way, Branch branch, Target target, Screen screen) {
        for (String name : target.values().keySet()) {
            if (screen.expects().stream().noneMatch(e -> e.name().equals(name))) {
                add(
                        way,
                        Rule.VALUE_UNKNOWN,
                        Weight.WARNING,
                        link(way) + " carries “" + name + "” to “" + screen.shownTitle()
                                + "”, which does not expect it.",
                        Optional.empty(),
                        List.of(ValueFixes.expect(screen, name), ValueFixes.carryNoMore(way, target, name)));
            }
        }
        for (Expected expected : screen.expects()) {
            Source source = target.values().get(expected.name());
            boolean needed = expected.mustBeCarried();
            if (source == null) {
                if (needed) {
                    List<Fix> fixes = new ArrayList<>();
                    if (!way.from().isEmpty()
                            && way.from().stream()
                                    .allMatch(s -> s.expects().stream()
                                            .anyMatch(e -> e.name().equals(expected.name())))) {
                        fixes.add(ValueFixes.carryGiven(way, target, expected.name()));
                    }
                    fixes.add(ValueFixes.needNot(screen, expected));
                    add(
                            way,
                            Rule.VALUE_MISSING,
                            Weight.PROBLEM,
                            link(way) + " carries no “" + expected.name() + "”, and “" + screen.shownTitle()
                                    + "” needs it.",
                            solution.idles()
                                    .walk(
                                            way.link().id(),
                                            i -> i.branch()
                                                            .filter(b -> isSame(b, branch))
                                                            .isPresent()
                                                    && i.isRefused()),
                            fixes);
                }
            } else if (neverFits(expected, way, source)) {
                add(
                        way,
                        Rule.VALUE_TYPE,
                        needed ? Weight.PROBLEM : Weight.WARNING,
                        link(way) + " carries “" + source.words(prototype) + "” as “" + expected.name() + "”, which is "
                                + kind(expected) + ".",
                        Optional.empty(),
                        List.of(ValueFixes.carryNoMore(way, target, expected.name())));
            } else if (needed && !(source instanceof Source.Constant)) {
                lacking(way, branch, screen, expected, source);
            }
        }
    }

    /** Of one link; how it moves is another matter. */
    private static boolean isSame(Branch a, Branch b) {
        return a == b
                || a.when().equals(b.when())
                        && a.outcome().equals(b.outcome())
                        && a.effects().equals(b.effects())
                        && a.where().equals(b.where());
    }

    /** A source that is nothing, or of the wrong type, in some situation in which the branch is taken. */
    private void lacking(Way way, Branch branch, Screen screen, Expected expected, Source source) {
        solution.idles().of(way.link().id()).stream()
                .filter(at -> at.idle().branch().filter(b -> isSame(b, branch)).isPresent()
                        && at.idle().isRefused()
                        && expected.take(at.idle().known().value(prototype, source))
                                .isEmpty())
                .findFirst()
                .ifPresent(at -> add(
                        way,
                        Rule.VALUE_MISSING,
                        solution.fires(way.link().id()) ? Weight.WARNING : Weight.PROBLEM,
                        link(way) + " carries “" + source.words(prototype) + "” as “" + expected.name()
                                + "”, which can be "
                                + (at.idle().known().value(prototype, source).equals(Value.NOTHING)
                                        ? "empty"
                                        : "no " + expected.kind().word())
                                + "; “" + screen.shownTitle() + "” needs it.",
                        Optional.of(at.walk()),
                        List.of(ValueFixes.needNot(screen, expected))));
    }

    /**
     * What is refused for want of a value where a tab set or a sequence is led to, or one of their tabs and pages
     * chosen.
     */
    private void inFrames() {
        for (Idles.At at : solution.idles().firsts(i -> i.lack().isPresent())) {
            RuleOutcome.Lack lack = at.idle().lack().orElseThrow();
            Optional<Way> way = prototype.index().way(at.idle().link());
            Optional<Target> target = at.idle().move().flatMap(Effect::target);
            Optional<Screen> screen = prototype.screen(lack.screen());
            Optional<Expected> expected = screen.stream()
                    .flatMap(s -> s.expects().stream())
                    .filter(e -> e.name().equals(lack.name()))
                    .findFirst();
            if (way.isPresent()
                    && expected.isPresent()
                    && target.filter(Target.ToScreen.class::isInstance).isEmpty()) {
                Optional<Source> source =
                        target.flatMap(t -> Optional.ofNullable(t.values().get(lack.name())));
                add(
                        way.get(),
                        Rule.VALUE_MISSING,
                        solution.fires(way.get().link().id()) ? Weight.WARNING : Weight.PROBLEM,
                        link(way.get())
                                + (source.isEmpty()
                                        ? " brings no “" + lack.name() + "” to “"
                                        : " carries “" + source.get().words(prototype) + "” as “" + lack.name()
                                                + "”, which does not come to “")
                                + screen.get().shownTitle() + "”, which needs it.",
                        Optional.of(at.walk()),
                        List.of(ValueFixes.needNot(screen.get(), expected.get())));
            }
        }
    }

    private static List<Map<String, Value>> rows(Way way) {
        return way.hotspot().map(Hotspot::rows).filter(r -> !r.isEmpty()).orElse(List.of(Map.of()));
    }

    /** Whether nothing that a source can give is taken. */
    private boolean neverFits(Expected expected, Way way, Source source) {
        return switch (source) {
            case Source.Constant c -> expected.take(c.value()).isEmpty();
            case Source.OfFact f ->
                prototype
                        .fact(f.id())
                        .map(Fact::values)
                        .filter(all ->
                                all.stream().noneMatch(v -> expected.take(v).isPresent()))
                        .isPresent();
            case Source.Given g ->
                way.from().stream()
                        .anyMatch(s -> s.expects().stream()
                                .anyMatch(e -> e.name().equals(g.name()) && clashes(e.kind(), expected.kind())));
            case Source.Typed t -> expected.kind() == Expected.Kind.YES_NO;
            case Source.OfRow r ->
                rows(way).stream()
                        .noneMatch(row -> expected.take(row.getOrDefault(r.name(), Value.NOTHING))
                                .isPresent());
        };
    }

    private static boolean clashes(Expected.Kind given, Expected.Kind expected) {
        return given != expected
                && expected != Expected.Kind.TEXT
                && (given == Expected.Kind.YES_NO || expected == Expected.Kind.YES_NO);
    }

    private static String kind(Expected expected) {
        return switch (expected.kind()) {
            case TEXT -> "a text";
            case NUMBER -> "a number";
            case YES_NO -> "yes or no";
            case ONE_OF -> "one of " + String.join(", ", expected.words());
        };
    }

    private String link(Way way) {
        return FindingWords.link(prototype, way);
    }

    private void add(Way way, Rule rule, Weight weight, String sentence, Optional<Walk> walk, List<Fix> fixes) {
        if (seen.add(rule + sentence)) {
            Optional<Screen> from = way.from().stream().findFirst();
            findings.add(new Finding(
                    rule,
                    weight,
                    sentence,
                    from.map(Screen::id).stream().toList(),
                    way.hotspot().map(Hotspot::id),
                    Optional.of(way.link().id()),
                    walk.or(() ->
                            rule == Rule.VALUE_MISSING ? Optional.empty() : from.flatMap(s -> solution.walkTo(s.id()))),
                    fixes));
        }
    }

    /** The words in which a screen shows values: its title and what is laid on its pictures. */
    static Stream<String> words(Screen screen) {
        return Stream.concat(Stream.of(screen.title()), screen.laidWords());
    }
}
