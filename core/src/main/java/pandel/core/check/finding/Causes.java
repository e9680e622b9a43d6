package pandel.core.check.finding;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;

/**
 * Puts findings together that have one cause, so that one change may settle several: what is found at the same link or
 * hotspot; what is found on a screen that is never shown; and screens never shown since only such a screen leads there.
 */
public final class Causes {

    private final Map<String, List<String>> leading = new HashMap<>();
    private final Map<String, Finding> never = new HashMap<>();

    private Causes(Prototype prototype, List<Finding> findings) {
        findings.stream()
                .filter(f -> f.rule() == Rule.UNREACHED_SCREEN)
                .forEach(f -> f.screens().forEach(screen -> never.putIfAbsent(screen, f)));
        for (Way way : prototype.index().ways()) {
            for (String to : way.targets()) {
                way.from().stream()
                        .map(Screen::id)
                        .filter(from -> never.containsKey(to) && !from.equals(to))
                        .forEach(from -> leading.computeIfAbsent(to, k -> new ArrayList<>())
                                .add(from));
            }
        }
    }

    /**
     * Groups in the order of their worst, the cause itself first in each.
     *
     * @param findings worst first
     */
    public static List<List<Finding>> grouped(Prototype prototype, List<Finding> findings) {
        Causes causes = new Causes(prototype, findings);
        Map<String, List<Finding>> groups = new LinkedHashMap<>();
        for (Finding finding : findings) {
            groups.computeIfAbsent(causes.cause(finding), k -> new ArrayList<>())
                    .add(finding);
        }
        groups.forEach((cause, members) -> causes.root(cause).ifPresent(root -> {
            if (members.remove(root)) {
                members.addFirst(root);
            }
        }));
        return groups.values().stream().map(List::copyOf).toList();
    }

    private Optional<Finding> root(String cause) {
        return Optional.ofNullable(never.get(cause));
    }

    /** The id of what causes it; the finding's own ground where nothing else is known to. */
    private String cause(Finding finding) {
        Optional<String> unseen = finding.screens().stream()
                .findFirst()
                .filter(never::containsKey)
                .map(this::furthest);
        return unseen.or(finding::link).or(finding::hotspot).orElse(finding.ground());
    }

    /** The first screen never shown, from which others would be shown if it were. */
    private String furthest(String screen) {
        Set<String> met = new HashSet<>();
        String at = screen;
        while (met.add(at)) {
            List<String> from = leading.getOrDefault(at, List.of());
            if (from.isEmpty() || !never.keySet().containsAll(from)) {
                return at;
            }
            at = from.getFirst();
        }
        return met.stream().sorted().findFirst().orElse(screen);
    }
}
