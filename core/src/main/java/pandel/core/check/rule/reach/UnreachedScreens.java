package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/** {@code unreached-screen}: what no way of using the prototype ever shows, one finding for each kind of reason. */
public final class UnreachedScreens {

    private UnreachedScreens() {}

    /** Why a screen is never shown. */
    enum Reason {
        NOTHING_LEADS_HERE,
        ONLY_UNREACHED,
        LINKS_NEVER_WORK,
        ONLY_FROM_START_POINTS
    }

    public static List<Finding> in(Solution solution) {
        Map<Reason, List<String>> unreached = new EnumMap<>(Reason.class);
        for (Screen screen : solution.prototype().screens()) {
            if (solution.perhapsShown(screen.id())) {
                solution.unsettled()
                        .accept(new Unsettled(
                                Rule.UNREACHED_SCREEN,
                                screen.id(),
                                "Whether " + FindingWords.screen(solution.prototype(), screen.id())
                                        + " is ever shown."));
            } else if (screen.status() != Status.PARKED && !solution.shown(screen.id())) {
                unreached
                        .computeIfAbsent(reason(solution, screen.id()), r -> new ArrayList<>())
                        .add(screen.id());
            }
        }
        List<Finding> findings = new ArrayList<>();
        unreached.forEach((reason, ids) -> findings.add(Finding.about(
                        Rule.UNREACHED_SCREEN,
                        reason == Reason.LINKS_NEVER_WORK
                                ? Weight.PROBLEM
                                : reason == Reason.ONLY_FROM_START_POINTS ? Weight.NOTE : Weight.WARNING,
                        sentence(solution.prototype(), reason, ids),
                        ids,
                        reason == Reason.ONLY_FROM_START_POINTS
                                ? solution.walkFromPoint(ids.getFirst())
                                : Optional.empty())
                .with(List.of(Fixes.park(ids.stream()
                        .map(id -> solution.prototype().screen(id).orElseThrow())
                        .toList())))));
        return findings;
    }

    static Reason reason(Solution solution, String id) {
        if (solution.walkFromPoint(id).isPresent()) {
            return Reason.ONLY_FROM_START_POINTS;
        }
        Set<String> leading = solution.prototype().index().screensLeadingTo(id);
        if (leading.isEmpty()) {
            return Reason.NOTHING_LEADS_HERE;
        }
        List<Way> live = solution.prototype().index().waysIn(id).stream()
                .filter(way -> way.from().stream().anyMatch(s -> solution.shown(s.id())))
                .toList();
        return live.isEmpty() ? Reason.ONLY_UNREACHED : Reason.LINKS_NEVER_WORK;
    }

    private static String sentence(Prototype prototype, Reason reason, List<String> ids) {
        String names = FindingWords.screens(prototype, ids);
        String are = ids.size() == 1 ? " is never shown: " : " are never shown: ";
        return names
                + are
                + switch (reason) {
                    case NOTHING_LEADS_HERE -> "nothing leads here yet.";
                    case ONLY_UNREACHED -> "only screens that are never shown themselves lead here.";
                    case ONLY_FROM_START_POINTS -> "from no entry; only play that begins at a start point comes here.";
                    case LINKS_NEVER_WORK -> "links lead here, but none of them ever works.";
                };
    }
}
