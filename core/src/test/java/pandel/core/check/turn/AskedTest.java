package pandel.core.check.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static pandel.core.check.turn.Cells.after;
import static pandel.core.check.turn.Cells.start;
import static pandel.core.check.turn.Cells.turns;

import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;

/** Where the same can be done as somewhere else. */
class AskedTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; ask open above ask",
            "list page: item advance item; far return to home; ask open above ask",
            "item page: on advance ends; ask open above ask",
            "ends page: back return",
            "ask dialog: shut close; down advance item ^beneath",
            "other page: list advance list");

    private static boolean areAlike(Cell one, Cell other) {
        Turns turns = turns(APP);
        boolean alike = turns.areThoseAt(other, turns.at(one));
        if (alike) {
            assertThat(turns.at(other).turns().map(Turn::actions))
                    .isEqualTo(turns.at(one).turns().map(Turn::actions).toList());
        }
        return alike;
    }

    @Test
    void whatReturnsAsksWhetherItLiesBehind() {
        Cell behindHome = after(APP, start("home"), "home.list.tap");
        Cell behindOther = after(APP, start("other"), "other.list.tap");
        assertThat(areAlike(behindHome, behindOther)).isFalse();
        assertThat(areAlike(behindHome, behindHome)).isTrue();
    }

    @Test
    void whatOnlyGoesOnAsksForNothing() {
        Cell item = after(APP, start("home"), "home.list.tap", "list.item.tap");
        Cell elsewhere = after(APP, start("other"), "other.list.tap", "list.item.tap");
        assertThat(item).isNotEqualTo(elsewhere);
        assertThat(areAlike(item, elsewhere)).isTrue();
    }

    @Test
    void whatIsDoneBeneathAsksOnlyWhetherTheGroundIsKnown() {
        Cell onHome = after(APP, start("home"), "home.ask.tap");
        Cell onItem = after(APP, start("home"), "home.list.tap", "list.item.tap", "item.ask.tap");
        assertThat(onHome.ground()).isNotEqualTo(onItem.ground());
        assertThat(areAlike(onHome, onItem)).isTrue();
        Cell onUnknown = Cell.of(Context.Core.of(onItem), Context.of(onItem).on(Cell.Ground.UNKNOWN), onItem.facts());
        assertThat(areAlike(onHome, onUnknown)).isFalse();
    }
}
