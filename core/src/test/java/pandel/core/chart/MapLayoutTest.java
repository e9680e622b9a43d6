package pandel.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.chart.MapLayout.Wish;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;

/** Where places stand on the map, without a window. */
class MapLayoutTest {

    private static Chart chart(int size, long seed) {
        Prototype prototype = Generated.of(size, seed, Kind.USUAL);
        Checked checked = Check.of(prototype);
        return Chart.of(checked);
    }

    private static Wish wish(double room, boolean lanes, boolean mocks) {
        return new Wish(room, 600, lanes, mocks ? Optional.of(0.5) : Optional.empty(), 400, Set.of(), screen -> 0);
    }

    private static boolean overlap(Spot a, Spot b) {
        return a.x() < b.x() + b.wide()
                && b.x() < a.x() + a.wide()
                && a.y() < b.y() + b.high()
                && b.y() < a.y() + a.high();
    }

    @Property(tries = 30)
    void noPlaceLiesOnAnotherUnlessItStandsOnItsShoulder(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 40) int size,
            @ForAll boolean lanes,
            @ForAll boolean mocks) {
        MapLayout layout = MapLayout.of(chart(size, seed), wish(900, lanes, mocks));
        List<Spot> spots = new ArrayList<>(layout.spots().values());
        for (int i = 0; i < spots.size(); i++) {
            for (int j = i + 1; j < spots.size(); j++) {
                if (!spots.get(i).onShoulder() && !spots.get(j).onShoulder()) {
                    assertThat(overlap(spots.get(i), spots.get(j)))
                            .as("%s and %s", spots.get(i), spots.get(j))
                            .isFalse();
                }
            }
        }
    }

    @Property(tries = 30)
    void everyScreenShownHasAPlaceRightOfThoseAFewerStepsAway(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int size) {
        Chart chart = chart(size, seed);
        MapLayout layout = MapLayout.of(chart, wish(900, false, false));
        double right = 0;
        for (Chart.Band band : chart.bands()) {
            double next = right;
            for (Chart.Place place : band.places()) {
                assertThat(layout.spots()).containsKey(place.screen().id());
                Spot spot =
                        Objects.requireNonNull(layout.spots().get(place.screen().id()));
                assertThat(spot.x()).isGreaterThanOrEqualTo(right);
                next = Math.max(next, spot.x() + spot.wide());
                for (Screen above : place.shoulder()) {
                    assertThat(layout.spots()).containsKey(above.id());
                }
            }
            right = next;
        }
    }

    @Property(tries = 20)
    void theSameIsLaidOutTheSameAgain(@ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int size) {
        MapLayout once = MapLayout.of(chart(size, seed), wish(700, true, false));
        MapLayout again = MapLayout.of(chart(size, seed), wish(700, true, false));
        assertThat(again.spots()).isEqualTo(once.spots());
        assertThat(again.bands()).isEqualTo(once.bands());
        assertThat(again.ways().atRest()).isEqualTo(once.ways().atRest());
    }

    @Test
    void withMoreThanAreDrawnThereAreBlocksThatCountThemAll() {
        Chart chart = chart(60, 4);
        MapLayout layout = MapLayout.of(chart, new Wish(900, 600, false, Optional.empty(), 10, Set.of(), screen -> 0));
        int counted =
                layout.blocks().stream().mapToInt(MapLayout.Block::screens).sum();
        int shown = chart.bands().stream().mapToInt(Chart.Band::screens).sum();
        assertThat(layout.blocks()).isNotEmpty();
        assertThat(counted + layout.spots().size()).isEqualTo(shown);
        MapLayout open = MapLayout.of(
                chart,
                new Wish(
                        900,
                        600,
                        false,
                        Optional.empty(),
                        10,
                        Set.of(layout.blocks().getFirst().id()),
                        screen -> 0));
        assertThat(open.spots().size()).isGreaterThan(layout.spots().size());
    }

    @Property(tries = 20)
    void titlesAreWholeWhereThereIsRoom(@ForAll long seed, @ForAll @IntRange(min = 2, max = 12) int size) {
        Chart chart = chart(size, seed);
        Wish narrow = wish(8_000, false, false);
        Wish wide = new Wish(8_000, 600, false, Optional.empty(), 400, Set.of(), screen -> 180);
        MapLayout.of(chart, narrow)
                .spots()
                .values()
                .forEach(spot -> assertThat(spot.wide()).isLessThanOrEqualTo(MapLayout.CHIP));
        MapLayout.of(chart, wide)
                .spots()
                .values()
                .forEach(spot -> assertThat(spot.wide()).isGreaterThanOrEqualTo(180));
    }

    @Test
    void stepsWithinABandEndAtItsEnds() {
        Chart chart = chart(30, 7);
        Chart.Band band = chart.bands().stream()
                .filter(b -> b.places().size() > 1)
                .findFirst()
                .orElseThrow();
        Set<String> met = new HashSet<>();
        String at = band.places().getFirst().screen().id();
        for (int i = 0; i < band.screens() + 2; i++) {
            met.add(at);
            at = MapLayout.inBand(chart, at, 1).orElseThrow();
        }
        assertThat(met).hasSize(band.screens());
        assertThat(MapLayout.inBand(chart, at, 1)).hasValue(at);
        assertThat(MapLayout.inBand(chart, "nosuch", 1))
                .hasValue(chart.bands().getFirst().places().getFirst().screen().id());
    }
}
