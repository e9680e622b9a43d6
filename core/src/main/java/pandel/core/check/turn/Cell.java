package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.model.frame.AtPage;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.LevelKind;

/**
 * Where play can stand, up to what cannot matter: a head, and as much of what is behind and beneath it as decides what
 * the next action uncovers. There are finitely many for a prototype, whatever the length of use.
 *
 * @param screen id of the current screen
 * @param marks which screens that links return to stand behind the current place, as {@link FollowedScreens} numbers
 *     them
 * @param ground the page, beneath this overlay, that closing to pages uncovers; {@link Ground#ITSELF} on a level that
 *     holds pages
 * @param levels how many levels there are, where the device cares; else 0
 * @param facts what is remembered, as far as anything asks for it
 * @param held what it was given and has typed in it, as far as anything asks for it
 * @param at where the sequence stands that is the current place, with what was carried to it as far as anything asks
 *     for it
 * @param around the tab sets around the current place, the outermost first
 * @param past those around the nearest place that lies behind the sets around it, or behind it where it is in none
 * @param drawer id of the open drawer; empty: none is
 * @param waited what of its waits is spent since it became current, as {@link WaitTurns} counts; 0 where that cannot
 *     matter
 */
public record Cell(
        String screen,
        LevelKind level,
        Behind behind,
        int marks,
        Ground ground,
        int levels,
        Facts facts,
        PlaceMemory held,
        Optional<AtPage> at,
        List<CellTab> around,
        List<CellTab> past,
        int waited,
        Optional<String> drawer) {

    /** What lies behind the current place on its level. */
    public enum Behind {
        NOTHING,
        SAME_SCREEN_ONLY,
        ANOTHER_SCREEN;

        /** What lies behind a screen put on a cell. */
        Behind whenPut(boolean sameScreen) {
            return sameScreen && this != ANOTHER_SCREEN ? SAME_SCREEN_ONLY : ANOTHER_SCREEN;
        }

        /**
         * What lies behind a screen swapped in. Where only others lie behind and all are that very screen, this answers
         * ANOTHER_SCREEN; that screen then has a link to another one, and is no dead end whatever this says.
         */
        Behind whenSwapped(boolean sameScreen) {
            return this == NOTHING || sameScreen ? this : ANOTHER_SCREEN;
        }
    }

    /**
     * The nearest level beneath that holds pages.
     *
     * @param current the mark of its current screen, 0 when no link returns to that
     * @param marks which screens that links return to stand behind its current place
     * @param levels how many levels there are up to it, where the device cares; else 0
     * @param at where the sequence stands that is its current place
     * @param around the tab sets around its current place
     * @param past those behind it
     */
    public record Ground(
            LevelKind level,
            boolean first,
            int current,
            int marks,
            int levels,
            Optional<AtPage> at,
            List<CellTab> around,
            List<CellTab> past) {
        public static final Ground ITSELF =
                new Ground(LevelKind.BASE, true, 0, 0, 0, Optional.empty(), List.of(), List.of());
        /** That of a takeover, of which it is not known what it was opened on. */
        public static final Ground UNKNOWN =
                new Ground(LevelKind.BASE, true, -1, -1, -1, Optional.empty(), List.of(), List.of());
    }

    /**
     * Where play begins, and begins again: the only place there is.
     *
     * @param levels 1 where the device cares, else 0
     */
    public static Cell start(
            String screen, int levels, Facts facts, PlaceMemory held, Optional<AtPage> at, List<CellTab> around) {
        return new Cell(
                screen,
                LevelKind.BASE,
                Behind.NOTHING,
                0,
                Ground.ITSELF,
                levels,
                facts,
                held,
                at,
                around,
                List.of(),
                0,
                Optional.empty());
    }

    /** One whose place lies in a context. */
    public static Cell of(Context.Core core, Context context, Facts facts) {
        return new Cell(
                core.screen(),
                context.level(),
                context.behind(),
                context.marks(),
                context.ground(),
                context.levels(),
                facts,
                core.held(),
                core.at(),
                context.around(),
                context.past(),
                core.waited(),
                core.drawer());
    }

    /** The same screen with something else behind it. */
    Cell with(Behind other, int otherMarks) {
        return new Cell(
                screen, level, other, otherMarks, ground, levels, facts, held, at, around, past, 0, Optional.empty());
    }

    /**
     * The same place still current with other facts.
     *
     * @param due how many of its waits were due by now
     */
    public Cell staying(Facts others, int due) {
        return new Cell(screen, level, behind, marks, ground, levels, others, held, at, around, past, due, drawer);
    }

    /** The same place with something else typed in it. */
    public Cell holding(PlaceMemory other) {
        return other == held
                ? this
                : new Cell(
                        screen, level, behind, marks, ground, levels, facts, other, at, around, past, waited, drawer);
    }

    /** The same place with other things known of the sets around it. */
    public Cell around(List<CellTab> others) {
        return others == around
                ? this
                : new Cell(screen, level, behind, marks, ground, levels, facts, held, at, others, past, waited, drawer);
    }

    /** The same place with that drawer open, or none. */
    Cell drawn(Optional<String> open) {
        return open.equals(drawer)
                ? this
                : new Cell(screen, level, behind, marks, ground, levels, facts, held, at, around, past, waited, open);
    }

    /** Everything that conditions and links can read. */
    public Known known() {
        return Known.of(facts, held);
    }

    /** The same place come to again, with other facts: its waits start anew, and no drawer is open. */
    public Cell again(Facts others) {
        return staying(others, 0).drawn(Optional.empty());
    }

    public boolean first() {
        return behind == Behind.NOTHING;
    }

    /** The ground of an overlay opened on this cell. */
    public Ground groundAbove(FollowedScreens named) {
        return level.holdsPages()
                ? new Ground(level, first(), mark(named) | setMarks(named), marks, levels, at, around, past)
                : ground;
    }

    /** The marks behind what is put on this cell. */
    int marksWhenPut(FollowedScreens named) {
        return marks | mark(named);
    }

    /** The marks behind what is put on it outside the tabs: then the sets lie behind too. */
    int marksWhenPutOutside(FollowedScreens named) {
        return marksWhenPut(named) | setMarks(named);
    }

    private int setMarks(FollowedScreens named) {
        int all = 0;
        for (CellTab in : around) {
            all |= named.mark(in.set());
        }
        return all;
    }

    /** Whether it is the root of the tab that a set shows. */
    public boolean isRootOf(String set) {
        return around.stream().anyMatch(i -> i.set().equals(set) && i.root());
    }

    /** Whether it lies in a tab set, and is no root of the outermost. */
    public boolean isWithinTabs() {
        return !around.isEmpty() && !around.getFirst().root();
    }

    /** Whether it is in a tab set. */
    public boolean isIn(String set) {
        return around.stream().anyMatch(i -> i.set().equals(set));
    }

    /** The marks of the current place: its screen's, and its sequence's. */
    public int mark(FollowedScreens named) {
        return named.mark(screen) | at.map(a -> named.mark(a.sequence())).orElse(0);
    }

    /** Whether <i>return to</i> finds it by an id: its screen's, or its sequence's. */
    public boolean isNamed(String id) {
        return screen.equals(id) || at.filter(a -> a.sequence().equals(id)).isPresent();
    }

    @Override
    public int hashCode() {
        int hash = screen.hashCode() * 31 + level.hashCode();
        hash = hash * 31 + behind.ordinal() * 7 + marks;
        hash = hash * 31 + (ground == Ground.ITSELF ? 1 : ground.hashCode());
        return ((hash * 31 + facts.hashCode()) * 31 + held.hashCode()) * 31
                + levels * 5
                + waited
                + at.hashCode() * 1009
                + around.hashCode() * 17
                + past.hashCode()
                + drawer.hashCode() * 13;
    }
}
