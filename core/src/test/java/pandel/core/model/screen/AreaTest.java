package pandel.core.model.screen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pandel.core.edit.screen.AreaDrag;
import pandel.core.edit.screen.AreaDrag.Handle;

/** Rectangles on a mock, and dragging them. */
class AreaTest {

    @Test
    void anAreaHasASize() {
        assertThatThrownBy(() -> new Area(0, 0, 0, 10)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new Area(0, 0, 10, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Area(Double.POSITIVE_INFINITY, 0, 10, 10))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(Area.between(5, 5, 5, 5)).isEqualTo(new Area(5, 5, 1, 1));
        assertThat(Area.between(30, 40, 10, 20)).isEqualTo(new Area(10, 20, 20, 20));
    }

    @Test
    void itsLeftAndTopEdgeAreInsideTheOthersNot() {
        Area area = new Area(10, 20, 30, 40);
        assertThat(area.contains(10, 20)).isTrue();
        assertThat(area.contains(39.9, 59.9)).isTrue();
        assertThat(area.contains(40, 30)).isFalse();
        assertThat(area.contains(20, 60)).isFalse();
    }

    @Property(tries = 200)
    void withinAMockItLiesOnIt(
            @ForAll @DoubleRange(min = -500, max = 1500) double x,
            @ForAll @DoubleRange(min = -500, max = 1500) double y,
            @ForAll @DoubleRange(min = 1, max = 2000) double width,
            @ForAll @DoubleRange(min = 1, max = 2000) double height) {
        Area within = new Area(x, y, width, height).within(390, 844);
        assertThat(within.x()).isBetween(0.0, 390.0);
        assertThat(within.right()).isLessThanOrEqualTo(390.0001);
        assertThat(within.bottom()).isLessThanOrEqualTo(844.0001);
        assertThat(within.within(390, 844)).isEqualTo(within);
    }

    @Property(tries = 200)
    void aDragLeavesASizeAndStaysOnTheMock(
            @ForAll @DoubleRange(min = -900, max = 900) double dx,
            @ForAll @DoubleRange(min = -900, max = 900) double dy,
            @ForAll Handle handle) {
        Area area = new AreaDrag(new Area(100, 200, 60, 40), handle, 390, 844).by(dx, dy);
        assertThat(area.width()).isGreaterThanOrEqualTo(AreaDrag.SMALLEST);
        assertThat(area.height()).isGreaterThanOrEqualTo(AreaDrag.SMALLEST);
        assertThat(area.x()).isGreaterThanOrEqualTo(0);
        assertThat(area.right()).isLessThanOrEqualTo(390);
        assertThat(area.bottom()).isLessThanOrEqualTo(844);
    }

    @Test
    void aCornerMovesItsTwoEdgesAlone() {
        Area start = new Area(100, 200, 60, 40);
        assertThat(new AreaDrag(start, Handle.BOTTOM_RIGHT, 390, 844).by(10, 20))
                .isEqualTo(new Area(100, 200, 70, 60));
        assertThat(new AreaDrag(start, Handle.TOP_LEFT, 390, 844).by(10, 20)).isEqualTo(new Area(110, 220, 50, 20));
        assertThat(new AreaDrag(start, Handle.WHOLE, 390, 844).by(10, 20)).isEqualTo(new Area(110, 220, 60, 40));
    }

    @Test
    void coloursAreWrittenInOneWay() {
        assertThat(Colour.is("#1C2529")).isTrue();
        assertThat(Colour.is("#1c2529")).isTrue();
        assertThat(Colour.is("1C2529")).isFalse();
        assertThat(Colour.is("#12345")).isFalse();
        assertThat(Colour.is("teal")).isFalse();
        assertThatThrownBy(() -> Colour.require("#000000", "red")).hasMessageEndingWith("red");
    }
}
