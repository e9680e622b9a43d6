package pandel.files.merge;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pandel.core.play.EventWords;

/**
 * What both changed, each in another way. Mine stands, but for what one removed and the other changed, which stays.
 *
 * @param where what it is in, the outermost first: “screen “Tool””, “hotspot “Reserve””
 * @param field its name in the file; empty: the whole thing
 * @param mine as mine has it; null: it is not there
 * @param theirs as theirs has it; null: it is not there
 */
public record Conflict(
        List<String> where,
        String field,
        @Nullable JsonNode mine,
        @Nullable JsonNode theirs) {

    private static final int LONG = 60;

    public Conflict {
        where = List.copyOf(where);
    }

    /** Whose stands unless somebody chooses. */
    public Side stands() {
        return field.isEmpty() && mine == null ? Side.THEIRS : Side.MINE;
    }

    /** What it is in, the outermost first, and which field of it. */
    public String place() {
        String inside = where.isEmpty() ? "the prototype" : String.join(", ", where);
        return EventWords.capital(inside) + (field.isEmpty() ? "" : ": " + field);
    }

    /** What a side made of it, in words or as the file writes it, shortened. */
    public String words(Side side) {
        JsonNode value = side == Side.MINE ? mine : theirs;
        return field.isEmpty() ? value == null ? "removed" : "changed" : shown(value);
    }

    /** One sentence. */
    public String sentence() {
        String place = String.join(", ", where);
        if (field.isEmpty()) {
            String removed = mine == null ? "mine" : "theirs";
            String changed = mine == null ? "theirs" : "mine";
            return EventWords.capital(place) + " was removed in " + removed + " and changed in " + changed
                    + "; it stays.";
        }
        return (place.isEmpty() ? "Of the prototype" : "In " + place) + ": “" + field + "” is " + shown(mine)
                + " in mine and " + shown(theirs) + " in theirs; mine stands.";
    }

    private static String shown(@Nullable JsonNode value) {
        if (value == null) {
            return "not there";
        }
        String text = value.isTextual() ? "“" + value.textValue() + "”" : value.toString();
        String line = text.replaceAll("\\s+", " ");
        return line.length() > LONG ? line.substring(0, LONG) + "…" : line;
    }
}
