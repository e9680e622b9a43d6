package pandel.core.model.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import pandel.core.model.rest.Rest;

/**
 * How one screen gives way to another.
 *
 * @param ms 0 to 5000
 * @param easing a CSS easing name or cubic-bezier()
 */
@RecordBuilder
public record Motion(Kind kind, Direction direction, int ms, String easing, Rest rest) {

    /** The shape of the movement. */
    public enum Kind {
        NONE,
        FADE,
        SLIDE_ACROSS,
        SLIDE_ALONG,
        RISE,
        GROW;

        /** The word in sentences and in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** Whither the arriving screen moves. */
    public enum Direction {
        LEFT,
        RIGHT,
        UP,
        DOWN;

        public Direction opposite() {
            return switch (this) {
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
                case UP -> DOWN;
                case DOWN -> UP;
            };
        }

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** The names that CSS has for easings. */
    public static final List<String> EASINGS = List.of("linear", "ease", "ease-in", "ease-out", "ease-in-out");

    private static final Pattern CURVE = Pattern.compile("cubic-bezier\\(\\s*-?[0-9.]+(\\s*,\\s*-?[0-9.]+){3}\\s*\\)");

    /** Whether it is an easing: a name of CSS, or a curve of one's own as {@code cubic-bezier(0.2, 0, 0, 1)}. */
    public static boolean isEasing(String words) {
        return EASINGS.contains(words) || CURVE.matcher(words).matches();
    }

    /** The picture changes at once. */
    public static final Motion NONE = new Motion(Kind.NONE, Direction.LEFT, 0, "linear", Rest.NONE);

    public Motion {
        if (ms < 0 || ms > 5000) {
            throw new IllegalArgumentException("A motion takes 0 to 5000 ms: " + ms);
        }
    }

    /** The same in another direction. */
    public Motion towards(Direction other) {
        return new Motion(kind, other, ms, easing, rest);
    }

    /** What a verb looks like when neither the link nor the prototype says. */
    public static Motion usualFor(Verb verb) {
        return switch (verb) {
            case ADVANCE -> new Motion(Kind.SLIDE_ALONG, Direction.LEFT, 280, "ease-out", Rest.NONE);
            case REPLACE, RESTART -> new Motion(Kind.FADE, Direction.LEFT, 220, "ease", Rest.NONE);
            case OPEN_ABOVE -> new Motion(Kind.RISE, Direction.UP, 250, "ease-out", Rest.NONE);
            case TURN_PAGE, NEXT_ROW, PREVIOUS_ROW ->
                new Motion(Kind.SLIDE_ALONG, Direction.LEFT, 240, "ease-out", Rest.NONE);
            case SWITCH_TAB,
                    RETURN,
                    RETURN_TO,
                    CLOSE,
                    DRAWER_OPEN,
                    DRAWER_CLOSE,
                    DRAWER_TOGGLE,
                    REMEMBER,
                    NOTICE,
                    LEAVE,
                    BEGIN_AGAIN -> NONE;
        };
    }
}
