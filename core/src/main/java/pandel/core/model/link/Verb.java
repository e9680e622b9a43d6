package pandel.core.model.link;

import java.util.Locale;
import pandel.core.model.device.Cannot;

/** What a link does, named. */
public enum Verb {
    ADVANCE,
    REPLACE,
    RESTART,
    OPEN_ABOVE,
    RETURN,
    RETURN_TO,
    CLOSE,
    SWITCH_TAB,
    TURN_PAGE,
    NEXT_ROW,
    PREVIOUS_ROW,
    DRAWER_OPEN,
    DRAWER_CLOSE,
    DRAWER_TOGGLE,
    REMEMBER,
    NOTICE,
    LEAVE,
    BEGIN_AGAIN;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** What a device says that refuses it. */
    public Cannot refusal() {
        return Cannot.valueOf(name());
    }

    /** What it is to do it: "advance", "switch the tab", "open a drawer". */
    public String phrase() {
        return switch (this) {
            case SWITCH_TAB -> "switch the tab";
            case TURN_PAGE -> "turn the page";
            case NEXT_ROW -> "go to the next row";
            case PREVIOUS_ROW -> "go to the previous row";
            case DRAWER_OPEN -> "open a drawer";
            case DRAWER_CLOSE -> "close a drawer";
            case DRAWER_TOGGLE -> "toggle a drawer";
            case NOTICE -> "show a notice";
            case BEGIN_AGAIN -> "begin work again";
            default -> word();
        };
    }

    /** Those that move, of which a branch holds at most one. */
    public static final java.util.List<Verb> MOVES = java.util.Arrays.stream(values())
            .filter(v -> v.compareTo(PREVIOUS_ROW) <= 0)
            .toList();

    /** Those that lead to a target. */
    private static final java.util.List<Verb> LEADING =
            java.util.List.of(ADVANCE, REPLACE, RESTART, OPEN_ABOVE, RETURN_TO);

    /** Those that open and close drawers. */
    public static final java.util.List<Verb> OF_DRAWERS = java.util.List.of(DRAWER_OPEN, DRAWER_CLOSE, DRAWER_TOGGLE);

    /** Whether it needs to be told where it leads. */
    public boolean needsTarget() {
        return LEADING.contains(this);
    }
}
