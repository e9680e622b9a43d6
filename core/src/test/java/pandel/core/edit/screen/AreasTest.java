package pandel.core.edit.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** Areas dragged, copied, shared, placed on other pictures and grown with them. */
class AreasTest {

    private static final Area START = new Area(100, 100, 80, 40);

    /** Letters one after another: what is named twice gets two names. */
    private static Naming counting() {
        java.util.concurrent.atomic.AtomicInteger next = new java.util.concurrent.atomic.AtomicInteger();
        return new Naming(n -> next.getAndIncrement() % n);
    }

    @ParameterizedTest
    @CsvSource({
        "WHOLE, 10, -20, 110, 80, 80, 40",
        "WHOLE, -500, -500, 0, 0, 80, 40",
        "WHOLE, 500, 2000, 310, 804, 80, 40",
        "TOP_LEFT, 10, 10, 110, 110, 70, 30",
        "BOTTOM_RIGHT, 20, 60, 100, 100, 100, 100",
        "TOP_RIGHT, 20, -10, 100, 90, 100, 50",
        "BOTTOM_LEFT, -20, 10, 80, 100, 100, 50",
        "TOP_LEFT, 300, 300, 172, 132, 8, 8",
        "BOTTOM_RIGHT, -300, -300, 100, 100, 8, 8",
    })
    void aDragMovesOrResizesOnTheMock(
            AreaDrag.Handle handle, double dx, double dy, double x, double y, double width, double height) {
        assertThat(new AreaDrag(START, handle, 390, 844).by(dx, dy)).isEqualTo(new Area(x, y, width, height));
    }

    @Property(tries = 300)
    void howeverItIsDraggedItStaysOnTheMockAndLargeEnough(
            @ForAll AreaDrag.Handle handle,
            @ForAll @DoubleRange(min = -3000, max = 3000) double dx,
            @ForAll @DoubleRange(min = -3000, max = 3000) double dy) {
        Area dragged = new AreaDrag(START, handle, 390, 844).by(dx, dy);
        assertThat(dragged.x()).isGreaterThanOrEqualTo(0);
        assertThat(dragged.y()).isGreaterThanOrEqualTo(0);
        assertThat(dragged.right()).isLessThanOrEqualTo(390);
        assertThat(dragged.bottom()).isLessThanOrEqualTo(844);
        assertThat(Math.min(dragged.width(), dragged.height())).isGreaterThanOrEqualTo(AreaDrag.SMALLEST);
    }

    @Test
    void copiesHaveIdsOfTheirOwnAndStandBesideTheOriginals() {
        Prototype p = Made.of("a page: x advance b; y@20,30,60,60 return", "b page: z return");
        List<Hotspot> originals = p.screen("a").orElseThrow().hotspots();
        List<Hotspot> copies = HotspotEdits.copies(originals, p, counting(), 8, 4);
        assertThat(copies).hasSize(2);
        assertThat(copies).extracting(Hotspot::id).doesNotContain("a.x", "a.y");
        assertThat(copies.getLast().areaOn(Width.NARROW)).contains(new Area(28, 34, 60, 60));
        Prototype after =
                HotspotEdits.copyTo(p.screen("b").orElseThrow(), copies).applyTo(p);
        assertThat(after.screen("b").orElseThrow().hotspots()).hasSize(3);
        assertThat(after.index().ids())
                .hasSizeGreaterThanOrEqualTo(p.index().ids().size() + 4);
    }

    @Test
    void aSharedHotspotIsOneAndBecomesOneScreensOwnAgain() {
        Prototype p = Made.of("a page: x return", "b page:", "c page:");
        Hotspot own = p.screen("a").orElseThrow().hotspots().getFirst();
        Prototype shared = HotspotEdits.share(own, List.of("a", "b")).applyTo(p);
        assertThat(shared.screen("a").orElseThrow().hotspots()).isEmpty();
        SharedHotspot one = shared.index().shared("a.x").orElseThrow();
        assertThat(one.screens()).containsExactly("a", "b");
        Prototype more = HotspotEdits.share(own, List.of("b", "c")).applyTo(shared);
        assertThat(more.shared())
                .singleElement()
                .satisfies(s -> assertThat(s.screens()).containsExactly("b", "c"));
        Prototype kept = HotspotEdits.unshare(one, p.screen("a").orElseThrow()).applyTo(shared);
        assertThat(kept).isEqualTo(p);
        assertThat(HotspotEdits.share(own, List.of()).applyTo(shared).shared()).isEmpty();
    }

    @Test
    void anAreaStandsAtTheLikePlaceOfAnotherPicture() {
        Picture phone = (Picture)
                Made.of("a page drawn:").screen("a").orElseThrow().mocks().getFirst();
        Picture twice = phone.withPixelWidth(800).withPixelHeight(1000);
        Area high = HotspotEdits.likewise(new Area(10, 20, 100, 40), phone, twice);
        assertThat(high).isEqualTo(new Area(20, 20, 200, 40));
        Area low = HotspotEdits.likewise(new Area(10, 800, 100, 40), phone, twice);
        assertThat(low).isEqualTo(new Area(20, 960, 200, 40));
    }

    @Test
    void hotspotsArePlacedOnEveryPictureThatLacksThem() {
        Prototype p = Made.of("a page drawn wide: x@10,20,60,60 return");
        Screen a = p.screen("a").orElseThrow();
        Prototype placed = HotspotEdits.placeLikewise(a, a.hotspots()).applyTo(p);
        Hotspot x = placed.index().hotspot("a.x").orElseThrow();
        assertThat(x.areas()).containsOnlyKeys(Width.NARROW, Width.WIDE);
        assertThat(x.areaOn(Width.NARROW)).contains(new Area(10, 20, 60, 60));
        assertThat(HotspotEdits.placeLikewise(placed.screen("a").orElseThrow(), List.of(x))
                        .applyTo(placed))
                .isEqualTo(placed);
    }

    @Test
    void aCorrectedScaleTakesItsHotspotsAlong() {
        Prototype p = Made.of("a page drawn: x@10,20,60,60 return");
        Prototype half = ScaleEdit.of(p.screens(), 2).applyTo(p);
        Picture picture = (Picture) half.screen("a").orElseThrow().mocks().getFirst();
        assertThat(picture.width()).isEqualTo(200);
        assertThat(half.index().hotspot("a.x").orElseThrow().areaOn(Width.NARROW))
                .contains(new Area(5, 10, 30, 30));
        assertThat(ScaleEdit.of(half.screens(), 1).applyTo(half)).isEqualTo(p);
    }

    @Test
    void aPictureThatTurnsOutWideBecomesTheWideOne() {
        Prototype p = Made.of("a page drawn: x@10,20,60,60 return");
        Prototype wide = ScaleEdit.of(p.screens(), 0.25).applyTo(p);
        assertThat(wide.screen("a").orElseThrow().mocks().getFirst().on()).isEqualTo(Width.WIDE);
        assertThat(wide.index().hotspot("a.x").orElseThrow().areas()).containsOnlyKeys(Width.WIDE);
    }
}
