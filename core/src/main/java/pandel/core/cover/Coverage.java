package pandel.core.cover;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import pandel.core.check.Checked;
import pandel.core.model.Index.Way;
import pandel.core.model.screen.Screen;

/**
 * How much of what can be travelled the journeys travel, in the terms of state-transition testing: screens, and links
 * (0-switch). What the checks rule out does not count as possible.
 *
 * @param journeys each journey played again
 * @param missingScreens shown in some use and in no journey, in file order
 * @param missingLinks links that can do something and do in no journey, in file order
 */
public record Coverage(
        List<Replayed> journeys, int screens, int links, List<Screen> missingScreens, List<Way> missingLinks) {

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
        Set<String> fired = new LinkedHashSet<>();
        replayed.forEach(r -> {
            seen.addAll(r.screens());
            fired.addAll(r.links());
        });
        List<Way> possible = checked.prototype().index().ways().stream()
                .filter(w -> checked.fires(w.link().id()))
                .toList();
        List<Way> missing = new ArrayList<>(possible);
        missing.removeIf(w -> fired.contains(w.link().id()));
        return new Coverage(
                replayed,
                checked.shown().size(),
                possible.size(),
                checked.prototype().screens().stream()
                        .filter(s -> checked.shows(s.id()) && !seen.contains(s.id()))
                        .toList(),
                missing);
    }

    /** Screens travelled. */
    public int screensTravelled() {
        return screens - missingScreens.size();
    }

    /** Links travelled. */
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
