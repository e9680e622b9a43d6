package pandel.core.check.compile;

import java.util.List;

/**
 * What can be done at a head, seen by what it does to the row of screens that are current on the levels.
 *
 * @param movesOn whether something, not device back, surely shows another row, or leads to an outside address
 * @param mayComeToItself whether something, not device back, may go back to an earlier place of the same screen
 */
public record Onward(boolean movesOn, boolean mayComeToItself, boolean movesOnByBack, boolean mayComeToItselfByBack) {

    static Onward of(PushdownSystem system, Cell cell, Table table) {
        return new Onward(
                movesOn(system, cell, table.turns()),
                mayComeToItself(system, cell, table.turns()),
                movesOn(system, cell, table.back()),
                mayComeToItself(system, cell, table.back()));
    }

    private static boolean movesOn(PushdownSystem system, Cell cell, List<Turn> turns) {
        return turns.stream()
                .anyMatch(turn -> turn.leavesTo()
                        || !system.isUncertain(turn) && system.rows().changes(cell, turn.actions()));
    }

    private static boolean mayComeToItself(PushdownSystem system, Cell cell, List<Turn> turns) {
        return turns.stream()
                .anyMatch(turn -> system.isUncertain(turn) || system.rows().mayComeToItself(cell, turn.actions()));
    }
}
