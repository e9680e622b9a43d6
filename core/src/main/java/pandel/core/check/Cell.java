package pandel.core.check;

import pandel.core.play.LevelKind;

/**
 * Where play can stand, up to what cannot matter: a head, and as much of what is behind and beneath it as decides what
 * the next action uncovers. There are finitely many for a prototype, whatever the length of use.
 *
 * @param screen id of the current screen
 * @param marks  which screens that links return to stand behind the current place, as {@link Named} numbers them
 * @param ground the page, beneath this overlay, that closing to pages uncovers; {@link Ground#ITSELF} on a level that
 *               holds pages
 */
record Cell(String screen, LevelKind level, Behind behind, int marks, Ground ground) {

    /** What lies behind the current place on its level. */
    enum Behind {
        NOTHING, SAME_SCREEN_ONLY, ANOTHER_SCREEN;

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
     * @param marks   which screens that links return to stand behind its current place
     */
    record Ground(LevelKind level, boolean first, int current, int marks) {
        static final Ground ITSELF = new Ground(LevelKind.BASE, true, 0, 0);
    }

    /** Where play begins, and begins again: the only place there is. */
    static Cell start(String screen) {
        return new Cell(screen, LevelKind.BASE, Behind.NOTHING, 0, Ground.ITSELF);
    }

    /** The same screen with something else behind it. */
    Cell with(Behind other, int otherMarks) {
        return new Cell(screen, level, other, otherMarks, ground);
    }

    boolean first() {
        return behind == Behind.NOTHING;
    }

    /** The ground of an overlay opened on this cell. */
    Ground groundAbove(Named named) {
        return level.holdsPages() ? new Ground(level, first(), named.mark(screen), marks) : ground;
    }

    /** The marks behind what is put on this cell. */
    int marksWhenPut(Named named) {
        return marks | named.mark(screen);
    }
}
