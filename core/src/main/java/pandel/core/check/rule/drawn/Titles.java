package pandel.core.check.rule.drawn;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/** {@code title-twice} and {@code title-empty}. */
public final class Titles {

    private Titles() {}

    public static List<Finding> in(Solution solution) {
        Map<String, List<Screen>> byTitle = new LinkedHashMap<>();
        for (Screen screen : solution.prototype().screens()) {
            if (screen.status() != Status.PARKED) {
                byTitle.computeIfAbsent(screen.title().strip().toLowerCase(Locale.ROOT), t -> new ArrayList<>())
                        .add(screen);
            }
        }
        List<Finding> findings = new ArrayList<>();
        byTitle.forEach((title, screens) -> {
            List<String> ids = screens.stream().map(Screen::id).toList();
            if (title.isEmpty()) {
                findings.add(Finding.about(
                                Rule.TITLE_EMPTY,
                                Weight.WARNING,
                                screens.size() == 1
                                        ? "One screen has no title."
                                        : screens.size() + " screens have no titles.",
                                ids,
                                solution.walkTo(ids.getFirst()))
                        .with(List.of(Fixes.titles(solution.prototype(), screens))));
            } else if (screens.size() > 1) {
                findings.add(Finding.about(
                                Rule.TITLE_TWICE,
                                Weight.WARNING,
                                screens.size() + " screens have the title “"
                                        + screens.getFirst().title() + "”.",
                                ids,
                                Optional.empty())
                        .with(List.of(Fixes.number(screens))));
            }
        });
        return findings;
    }
}
