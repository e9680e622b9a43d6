package pandel.core.check.finding;

import java.util.List;
import java.util.Optional;

/**
 * Something a check reports.
 *
 * @param sentence one plain sentence
 * @param screens ids of the screens it is about, the first to be shown first
 * @param hotspot id of the hotspot where it is, if it is at one
 * @param link id of the link where it is, if it is at one
 * @param walk the shortest list of events that shows it; empty when it is that something is never shown
 * @param fixes ways to mend it, the likeliest first
 */
public record Finding(
        Rule rule,
        Weight weight,
        String sentence,
        List<String> screens,
        Optional<String> hotspot,
        Optional<String> link,
        Optional<Walk> walk,
        List<Fix> fixes) {

    public Finding {
        screens = List.copyOf(screens);
        fixes = List.copyOf(fixes);
    }

    /** A finding about screens as a whole. */
    public static Finding about(Rule rule, Weight weight, String sentence, List<String> screens, Optional<Walk> walk) {
        return new Finding(rule, weight, sentence, screens, Optional.empty(), Optional.empty(), walk, List.of());
    }

    /** A finding about a hotspot on a screen. */
    public static Finding at(
            Rule rule, Weight weight, String sentence, String screen, String hotspot, Optional<Walk> walk) {
        return new Finding(
                rule, weight, sentence, List.of(screen), Optional.of(hotspot), Optional.empty(), walk, List.of());
    }

    /** The same, about a hotspot. */
    public Finding at(String newHotspot) {
        return new Finding(rule, weight, sentence, screens, Optional.of(newHotspot), link, walk, fixes);
    }

    public Finding with(List<Fix> newFixes) {
        return new Finding(rule, weight, sentence, screens, hotspot, link, walk, newFixes);
    }

    /** What it stands on, so that one accepted comes back when that changes. */
    public String ground() {
        return rule.id() + "|" + String.join(",", screens) + "|" + hotspot.orElse("") + "|" + link.orElse("") + "|"
                + sentence;
    }
}
