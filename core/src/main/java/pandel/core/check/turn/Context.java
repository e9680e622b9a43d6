package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.check.turn.Cell.Behind;
import pandel.core.check.turn.Cell.Ground;
import pandel.core.model.frame.AtPage;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.LevelKind;

/** The part of a {@link Cell} that says in what it lies: the same for many screens. */
public record Context(
        LevelKind level,
        Behind behind,
        int marks,
        Ground ground,
        int levels,
        List<CellTab> around,
        List<CellTab> past) {

    /** The part of a {@link Cell} that is of its own place alone: the same in many contexts. */
    public record Core(String screen, PlaceMemory held, Optional<AtPage> at, int waited, Optional<String> drawer) {

        public static Core of(Cell cell) {
            return new Core(cell.screen(), cell.held(), cell.at(), cell.waited(), cell.drawer());
        }

        public Core again() {
            return new Core(screen, held, at, 0, Optional.empty());
        }
    }

    public static Context of(Cell cell) {
        return new Context(
                cell.level(), cell.behind(), cell.marks(), cell.ground(), cell.levels(), cell.around(), cell.past());
    }

    public Context on(Ground other) {
        return new Context(level, behind, marks, other, levels, around, past);
    }
}
