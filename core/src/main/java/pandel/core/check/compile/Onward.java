package pandel.core.check.compile;

import java.util.List;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Rows;
import pandel.core.check.turn.Turn;

/**
 * What can be done at a head, seen by what it does to the row of screens that are current on the levels.
 *
 * @param movesOn whether something, not device back, surely shows another row, or leads to an outside address
 * @param mayComeToItself whether something, not device back, may go back to an earlier place of the same screen
 */
public record Onward(boolean movesOn, boolean mayComeToItself, boolean movesOnByBack, boolean mayComeToItselfByBack) {

    static Onward of(Rows rows, Cell cell, List<Turn> turns, List<Turn> back) {
        return new Onward(
                movesOn(rows, cell, turns),
                mayComeToItself(rows, cell, turns),
                movesOn(rows, cell, back),
                mayComeToItself(rows, cell, back));
    }

    private static boolean movesOn(Rows rows, Cell cell, List<Turn> turns) {
        return turns.stream()
                .anyMatch(turn ->
                        turn.leavesTo() || !rows.mayShowItself(cell, turn) && rows.changes(cell, turn.actions()));
    }

    private static boolean mayComeToItself(Rows rows, Cell cell, List<Turn> turns) {
        return turns.stream()
                .anyMatch(turn -> rows.mayShowItself(cell, turn) || rows.mayComeToItself(cell, turn.actions()));
    }
}
