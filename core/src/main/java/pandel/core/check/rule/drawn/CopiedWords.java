package pandel.core.check.rule.drawn;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Solution;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Placeholders;

/**
 * {@code copied-words}: a copy of a screen whose title, words laid on its pictures, or words on what now leads
 * elsewhere are still the original’s.
 */
public final class CopiedWords {

    private static final int NAMED = 3;

    private CopiedWords() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
        List<Finding> findings = new ArrayList<>();
        for (Screen copy : prototype.screens()) {
            Optional<Screen> original =
                    copy.copyOf().flatMap(prototype::screen).filter(o -> copy.status() != Status.PARKED);
            if (original.isPresent()) {
                List<String> stayed = stayed(copy, original.get());
                if (!stayed.isEmpty()) {
                    findings.add(Finding.about(
                            Rule.COPIED_WORDS,
                            Weight.NOTE,
                            FindingWords.screen(prototype, copy.id()) + ", a copy of "
                                    + FindingWords.screen(
                                            prototype, original.get().id()) + ", still has its "
                                    + String.join(" and its ", stayed) + ".",
                            List.of(copy.id(), original.get().id()),
                            solution.walkTo(copy.id())));
                }
            }
        }
        return findings;
    }

    private static List<String> stayed(Screen copy, Screen original) {
        List<String> stayed = new ArrayList<>();
        if (!copy.title().isBlank() && copy.title().equals(original.title())) {
            stayed.add("title");
        }
        Set<String> laid = laid(original);
        Set<String> same = new LinkedHashSet<>(laid(copy));
        same.retainAll(laid);
        if (!same.isEmpty()) {
            stayed.add("words " + named(same));
        }
        Set<String> labels = copy.hotspots().stream()
                .filter(h -> !h.title().isBlank())
                .filter(h -> original.hotspots().stream()
                        .anyMatch(o ->
                                o.title().equals(h.title()) && o.areas().equals(h.areas()) && leadsElsewhere(h, o)))
                .map(Hotspot::title)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (!labels.isEmpty()) {
            stayed.add((labels.size() == 1 ? "label " : "labels ") + named(labels) + ", which "
                    + (labels.size() == 1 ? "leads" : "lead") + " elsewhere now");
        }
        return stayed;
    }

    private static String named(Set<String> words) {
        String some = words.stream().limit(NAMED).map(w -> "“" + w + "”").collect(Collectors.joining(", "));
        return words.size() > NAMED ? some + " and " + (words.size() - NAMED) + " more" : some;
    }

    /** Words laid on its pictures that show no value. */
    private static Set<String> laid(Screen screen) {
        return screen.laidWords()
                .filter(w -> !w.isBlank() && Placeholders.in(w).isEmpty())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static boolean leadsElsewhere(Hotspot a, Hotspot b) {
        return !targets(a).equals(targets(b)) && !targets(a).isEmpty();
    }

    private static Set<String> targets(Hotspot hotspot) {
        return hotspot.links().stream()
                .flatMap(Link::effects)
                .flatMap(e -> e.target().stream())
                .map(t -> t.id())
                .collect(Collectors.toSet());
    }
}
