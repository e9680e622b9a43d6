package pandel.desktop.mocks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.desktop.mocks.GalleryLayout.Cell;
import pandel.desktop.mocks.GalleryLayout.Spot;

/** Where cards stand in the gallery, without a window. */
class GalleryLayoutTest {

    private static final Cell CELL = new Cell(150, 220);

    private static Prototype twoSections() {
        Prototype plain = Generated.of(9, 3, Kind.USUAL);
        return plain.withScreens(plain.screens().stream()
                .map(s -> plain.screens().indexOf(s) % 2 == 0 ? s.withSection("Lending") : s.withSection("Care"))
                .toList());
    }

    private static GalleryLayout of(Prototype prototype, double width, Set<String> folded) {
        return GalleryLayout.of(prototype, s -> true, folded, width, CELL);
    }

    private static List<String> ids(GalleryLayout layout) {
        return layout.spots().stream().map(s -> s.screen().id()).toList();
    }

    @Property(tries = 30)
    void eachScreenStandsOnceAndNoneOnAnother(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 40) int size,
            @ForAll @IntRange(min = 100, max = 1600) int width) {
        Prototype prototype = Generated.of(size, seed, Kind.USUAL);
        GalleryLayout layout = of(prototype, width, Set.of());
        assertThat(ids(layout))
                .containsExactlyInAnyOrderElementsOf(
                        prototype.screens().stream().map(Screen::id).toList());
        for (Spot a : layout.spots()) {
            assertThat(a.y() + layout.cell().height()).isLessThan(layout.height());
            for (Spot b : layout.spots()) {
                assertThat(a == b
                                || Math.abs(a.x() - b.x()) >= layout.cell().width()
                                || Math.abs(a.y() - b.y()) >= layout.cell().height())
                        .isTrue();
            }
        }
    }

    @Test
    void theEntryComesFirst() {
        Prototype prototype = Generated.of(12, 5, Kind.USUAL);
        String entry = prototype.mainEntry().orElseThrow().target().id();
        assertThat(ids(of(prototype, 800, Set.of())).getFirst()).isEqualTo(entry);
    }

    @Test
    void aFoldedSectionKeepsItsHeadingAlone() {
        GalleryLayout open = of(twoSections(), 800, Set.of());
        GalleryLayout folded = of(twoSections(), 800, Set.of("Care"));
        assertThat(folded.bands()).extracting(GalleryLayout.Band::section).containsExactly("Lending", "Care");
        assertThat(folded.bands().getLast().folded()).isTrue();
        assertThat(folded.spots()).hasSizeLessThan(open.spots().size());
        assertThat(folded.height()).isLessThan(open.height());
    }

    @Test
    void stepsAlongGoFromFirstToLastAndNoFurther() {
        GalleryLayout layout = of(twoSections(), 800, Set.of());
        String last = ids(layout).getLast();
        assertThat(layout.along("", 1)).hasValue(layout.spots().getFirst());
        assertThat(layout.along(last, 1)).hasValue(layout.spots().getLast());
        assertThat(layout.along(ids(layout).getFirst(), -1))
                .hasValue(layout.spots().getFirst());
    }

    @Test
    void aStepDownAndUpComesBackInAFullColumn() {
        Prototype prototype = Generated.of(12, 2, Kind.USUAL);
        GalleryLayout layout = of(prototype, 2 * 20 + 4 * 150 + 3 * 12, Set.of());
        Spot first = layout.spots().getFirst();
        Spot below = layout.across(first.screen().id(), 1).orElseThrow();
        assertThat(below.x()).isEqualTo(first.x());
        assertThat(below.y()).isGreaterThan(first.y());
        assertThat(layout.across(below.screen().id(), -1)).hasValue(first);
        assertThat(layout.across(first.screen().id(), -1))
                .as("nothing is above")
                .hasValue(first);
    }

    @Test
    void aRowOfCardsIsChosenFromOneToAnotherTheOtherLast() {
        GalleryLayout layout = of(Generated.of(8, 2, Kind.USUAL), 800, Set.of());
        List<String> ids = ids(layout);
        assertThat(layout.between(ids.get(1), ids.get(3))).containsExactly(ids.get(1), ids.get(2), ids.get(3));
        assertThat(layout.between(ids.get(3), ids.get(1))).containsExactly(ids.get(2), ids.get(3), ids.get(1));
    }

    @Test
    void aCardLetGoStandsInTheSectionUnderIt() {
        GalleryLayout layout = of(twoSections(), 800, Set.of());
        Spot inCare = layout.spots().getLast();
        assertThat(layout.dropAt(inCare.x() + 1, inCare.y() + 10))
                .hasValueSatisfying(drop -> assertThat(drop.section()).isEqualTo("Care"));
    }
}
