package pandel.core.model.remark;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;

/**
 * A person's words pinned to a screen, or to a hotspot, a link or a step of a play on it.
 *
 * @param screen id of the screen; of a step the one that is shown then
 * @param hotspot id of the hotspot it is pinned to; empty: none
 * @param link id of the link it is pinned to; empty: none
 * @param step the step it is pinned to; empty: none
 * @param by a name that one typed; may be empty
 * @param made when it was written, as ISO 8601 writes it in UTC: 2026-05-12T09:30:00Z; may be empty
 * @param settled whether nothing is left to do about it
 */
@RecordBuilder
public record Remark(
        String id,
        String screen,
        Optional<String> hotspot,
        Optional<String> link,
        Optional<Step> step,
        String words,
        String by,
        String made,
        boolean settled,
        Rest rest)
        implements RemarkBuilder.With {

    /** So many events at most lead to a step; a longer play is pinned to its screen alone. */
    public static final int MOST_EVENTS = 500;

    /** So many letters at most are kept of one remark. */
    public static final int LONGEST = 20_000;

    private static final int SHORT = 60;

    /**
     * Where a play stood.
     *
     * @param device id of the device it was played on
     * @param start id of the entry or start point it began at
     */
    @RecordBuilder
    public record Step(String device, String start, List<Event> events) {
        public Step {
            events = List.copyOf(events);
        }
    }

    /** One on a screen. */
    public static Remark on(String screen, String id, String words, String by, String made) {
        return new Remark(
                id, screen, Optional.empty(), Optional.empty(), Optional.empty(), words, by, made, false, Rest.NONE);
    }

    /** Its first words on one line. */
    public String begins() {
        String line = words.replaceAll("\\s+", " ").strip();
        if (line.length() <= SHORT) {
            return line;
        }
        int end = Character.isHighSurrogate(line.charAt(SHORT - 1)) ? SHORT - 1 : SHORT;
        return line.substring(0, end) + "…";
    }

    /** By whom and on which day, as far as that is known: "Mira, 2026-05-12". */
    public String signed() {
        return Stream.of(by, day()).filter(s -> !s.isBlank()).collect(Collectors.joining(", "));
    }

    /** The day it was written, as ISO 8601 writes it; empty where that is not known. */
    public String day() {
        return made.length() >= 10 ? made.substring(0, 10) : "";
    }
}
