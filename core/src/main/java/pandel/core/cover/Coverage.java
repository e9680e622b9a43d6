package pandel.core.cover;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.Checked;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.model.Index.Way;
import pandel.core.model.screen.Screen;

/**
 * How much of what can be travelled the journeys travel, in the terms of state-transition testing: screens, and links
 * with each of their outcomes (0-switch). What the checks rule out does not count as possible.
 *
 * @param journeys each journey played again
 * @param links how many links can do something, each outcome counted apart
 * @param missingScreens shown in some use and in no journey, in file order
 * @param missingLinks what links can do and do in no journey, in file order
 */
public record Coverage(
        List<Replayed> journeys, int screens, int links, List<Screen> missingScreens, List<Missing> missingLinks) {

    /**
     * A link that no journey follows, or not with that outcome.
     *
     * @param outcome empty where it has but one way to turn out
     */
    public record Missing(Way way, Optional<String> outcome) {

        /** What a journey would have to travel. */
        public LinkOutcome wanted() {
            return new LinkOutcome(way.link().id(), outcome);
        }
    }

    public Coverage {
        journeys = List.copyOf(journeys);
        missingScreens = List.copyOf(missingScreens);
        missingLinks = List.copyOf(missingLinks);
    }

    /** Plays all journeys of a checked prototype again and counts. */
    public static Coverage of(Checked checked) {
        List<Replayed> replayed = checked.prototype().journeys().stream()
                .map(j -> Replayed.of(checked.prototype(), j))
                .toList();
        Set<String> seen = new LinkedHashSet<>();
        Set<LinkOutcome> fired = new HashSet<>();
        replayed.forEach(r -> {
            seen.addAll(r.screens());
            fired.addAll(r.links());
        });
        List<Missing> possible = possible(checked);
        List<Missing> missing = new ArrayList<>(possible);
        missing.removeIf(m -> fired.contains(m.wanted()));
        return new Coverage(
                replayed,
                checked.shown().size(),
                possible.size(),
                checked.prototype().screens().stream()
                        .filter(s -> checked.shows(s.id()) && !seen.contains(s.id()))
                        .toList(),
                missing);
    }

    /** All that links can do, in file order. */
    static List<Missing> possible(Checked checked) {
        Map<String, List<Optional<String>>> travelled = new HashMap<>();
        checked.outcomes()
                .forEach(t -> travelled
                        .computeIfAbsent(t.link(), link -> new ArrayList<>())
                        .add(t.outcome()));
        List<Missing> possible = new ArrayList<>();
        for (Way way : checked.prototype().index().ways()) {
            travelled.getOrDefault(way.link().id(), List.of()).stream()
                    .sorted((a, b) -> Integer.compare(place(way, a), place(way, b)))
                    .forEach(outcome -> possible.add(new Missing(way, outcome)));
        }
        return possible;
    }

    private static int place(Way way, Optional<String> outcome) {
        return outcome.map(o -> way.link().outcomes().indexOf(o)).orElse(-1);
    }

    /** Screens travelled. */
    public int screensTravelled() {
        return screens - missingScreens.size();
    }

    /** Links travelled, each outcome counted apart. */
    public int linksTravelled() {
        return links - missingLinks.size();
    }

    /**
     * Screens and links travelled of those possible, in whole per cent, rounded down; 100 only when nothing is missing.
     */
    public int percent() {
        int all = screens + links;
        return all == 0 ? 0 : 100 * (screensTravelled() + linksTravelled()) / all;
    }

    public boolean travels(String screen) {
        return journeys.stream().anyMatch(r -> r.path().contains(screen));
    }
}
