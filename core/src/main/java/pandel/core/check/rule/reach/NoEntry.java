package pandel.core.check.rule.reach;

import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Targets;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Entry;
import pandel.core.play.situation.Situation;

/** {@code no-entry}: there is no usable place to start. */
public final class NoEntry {

    private NoEntry() {}

    public static List<Finding> in(Solution solution) {
        if (solution.prototype().screens().isEmpty()) {
            return List.of();
        }
        Optional<Entry> main = solution.prototype().mainEntry();
        if (main.isEmpty()) {
            return List.of(Finding.about(
                            Rule.NO_ENTRY,
                            Weight.PROBLEM,
                            "No screen is marked as the entry, so play has nowhere to start.",
                            List.of(),
                            Optional.empty())
                    .with(Fixes.startAtFirstPage(solution.prototype()).stream().toList()));
        }
        Optional<Screen> screen = Targets.shown(solution.prototype(), main.get().target());
        Optional<String> why = Situation.whyNoStart(solution.prototype(), main.get())
                .or(() -> screen.filter(s -> s.status() == Status.PARKED)
                        .map(s -> "“" + s.shownTitle() + "”, where it starts, is parked."));
        return why.map(w -> List.of(Finding.about(
                                Rule.NO_ENTRY,
                                Weight.PROBLEM,
                                "Play has nowhere to start: " + w,
                                screen.map(Screen::id).stream().toList(),
                                Optional.empty())
                        .with(Fixes.startAtFirstPage(solution.prototype()).stream()
                                .toList())))
                .orElse(List.of());
    }
}
