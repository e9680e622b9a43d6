package pandel.core.check.rule.value;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.ValueFixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Placeholders;

/**
 * {@code unknown-placeholder}: names in braces, in words shown, that are neither values the screen expects nor facts.
 */
public final class UnknownPlaceholders {

    private UnknownPlaceholders() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
        List<Finding> findings = new ArrayList<>();
        for (Screen screen : prototype.screens()) {
            if (screen.status() != Status.PARKED) {
                Map<String, String> unknown = new LinkedHashMap<>();
                Values.words(screen)
                        .forEach(words -> names(words)
                                .filter(n -> isUnknown(prototype, screen, n))
                                .forEach(n -> unknown.putIfAbsent(n, words)));
                unknown.forEach((name, words) -> findings.add(Finding.about(
                                Rule.UNKNOWN_PLACEHOLDER,
                                Weight.WARNING,
                                FindingWords.screen(prototype, screen.id()) + " shows {" + name
                                        + "}, and there is no such value.",
                                List.of(screen.id()),
                                solution.walkTo(screen.id()))
                        .with(List.of(ValueFixes.expect(screen, name)))));
            }
        }
        for (Way way : prototype.index().ways()) {
            way.link()
                    .effects()
                    .flatMap(UnknownPlaceholders::words)
                    .flatMap(UnknownPlaceholders::names)
                    .distinct()
                    .filter(n -> way.from().stream().anyMatch(s -> isUnknown(prototype, s, n)))
                    .forEach(name -> {
                        Screen on = way.from().stream()
                                .filter(s -> isUnknown(prototype, s, name))
                                .findFirst()
                                .orElseThrow();
                        findings.add(new Finding(
                                Rule.UNKNOWN_PLACEHOLDER,
                                Weight.WARNING,
                                FindingWords.link(prototype, way) + " says {" + name
                                        + "}, and there is no such value on “" + on.shownTitle() + "”.",
                                List.of(on.id()),
                                way.hotspot().map(Hotspot::id),
                                Optional.of(way.link().id()),
                                solution.walkTo(on.id()),
                                List.of(ValueFixes.expect(on, name))));
                    });
        }
        return findings;
    }

    static Stream<String> words(Effect effect) {
        return effect instanceof Effect.Notice notice
                ? Stream.of(notice.words())
                : effect instanceof Effect.Leave leave ? Stream.of(leave.address()) : Stream.empty();
    }

    private static Stream<String> names(String words) {
        return Placeholders.in(words).stream();
    }

    private static boolean isUnknown(Prototype prototype, Screen screen, String name) {
        return screen.expects().stream().noneMatch(e -> e.name().equals(name))
                && Placeholders.fact(prototype, name).isEmpty();
    }
}
