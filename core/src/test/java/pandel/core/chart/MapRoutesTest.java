package pandel.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;

/** Where ways run on the map, without a window. */
class MapRoutesTest {

    private static MapLayout layout(Prototype prototype, boolean lanes, boolean mocks) {
        return MapLayout.of(
                Chart.of(Check.of(prototype)),
                new MapLayout.Wish(
                        1256, 520, lanes, mocks ? Optional.of(0.46) : Optional.empty(), 400, Set.of(), screen -> 0));
    }

    private static void assertCanBeFollowed(List<Route> routes, MapLayout layout) {
        Legibility told = Legibility.of(routes, layout.spots());
        assertThat(told.upon()).as("px upon lines with neither end in common").isZero();
        assertThat(told.beneath()).as("ways beneath places").isZero();
        assertThat(told.fromBehind())
                .as("ways out at the left or in at the right")
                .isZero();
    }

    /** Nothing is shown where there is no entry: then there is no lane either. */
    @ParameterizedTest
    @CsvSource({"4097, 1, true", "144827, 3, false"})
    void aMapOfNothingHasNoWays(long seed, int size, boolean mocks) {
        MapLayout layout = layout(Generated.of(size, seed, Kind.NASTY), true, mocks);
        assertThat(layout.spots()).isEmpty();
        assertThat(layout.ways().atRest()).isEmpty();
    }

    @Property(tries = 25)
    void atRestEachWayCanBeFollowed(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 60) int size,
            @ForAll Kind kind,
            @ForAll boolean lanes,
            @ForAll boolean mocks) {
        MapLayout layout = layout(Generated.of(size, seed, kind), lanes, mocks);
        assertCanBeFollowed(layout.ways().atRest(), layout);
    }

    /** A walk through the tree of first ways orders all columns. */
    @Property(tries = 40)
    void aTreeInColumnsIsDrawnWithoutCrossings(@ForAll long seed, @ForAll @IntRange(min = 1, max = 24) int size) {
        Chart chart = Chart.of(Check.of(Generated.of(size, seed, Kind.USUAL)));
        MapLayout layout = MapLayout.of(
                chart, new MapLayout.Wish(1256, 4_000, false, Optional.empty(), 400, Set.of(), screen -> 0));
        Assume.that(chart.bands().stream()
                .flatMap(b -> b.places().stream())
                .allMatch(p -> p.shoulder().isEmpty()));
        assertThat(Legibility.of(layout.ways().atRest(), layout.spots()).crossings())
                .isZero();
    }

    @Property(tries = 25)
    void soCanAllWaysOfOneScreen(@ForAll long seed, @ForAll @IntRange(min = 2, max = 45) int size) {
        MapLayout layout = layout(Generated.of(size, seed, Kind.USUAL), false, false);
        for (String screen : layout.spots().keySet()) {
            assertCanBeFollowed(layout.ways().of(screen), layout);
        }
    }

    @Property(tries = 30)
    void oneWayIsDrawnIntoEachScreenThatIsNoStart(@ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int size) {
        Chart chart = Chart.of(Check.of(Generated.of(size, seed, Kind.USUAL)));
        assertThat(chart.firstWays()).extracting(Chart.Line::to).doesNotHaveDuplicates();
        assertThat(chart.ways()).containsAll(chart.firstWays());
        chart.bands().stream()
                .filter(b -> b.steps() > 0)
                .flatMap(b -> b.places().stream())
                .map(p -> p.screen().id())
                .filter(id -> chart.ways().stream().anyMatch(l -> l.to().equals(id)))
                .forEach(id ->
                        assertThat(chart.firstWays()).extracting(Chart.Line::to).contains(id));
    }

    @Test
    void aWayGoesOutAtTheRightBelowTheMiddleAndInAtTheLeftAboveIt() {
        MapLayout layout = layout(
                Made.of(
                        "home page: a advance list",
                        "list page: c advance home; d advance item",
                        "item page: back return"),
                false,
                false);
        Route back = layout.ways().of("list").stream()
                .filter(r -> r.line().to().equals("home"))
                .findFirst()
                .orElseThrow();
        Spot list = Objects.requireNonNull(layout.spots().get("list"));
        Spot home = Objects.requireNonNull(layout.spots().get("home"));
        assertThat(back.points().getFirst()).isEqualTo(new Route.Point(list.x() + list.wide(), list.middle() + 5));
        assertThat(back.points().getLast()).isEqualTo(new Route.Point(home.x(), home.middle() - 5));
        assertThat(layout.ways().atRest())
                .extracting(Route::line)
                .containsExactlyInAnyOrder(
                        new Chart.Line("home", "list", false), new Chart.Line("list", "item", false));
    }

    @Test
    void whatLiesUponAnotherAndWhatCrossesIsCounted() {
        Route across =
                new Route(new Chart.Line("a", "b", false), List.of(new Route.Point(0, 10), new Route.Point(100, 10)));
        Route upon =
                new Route(new Chart.Line("c", "d", false), List.of(new Route.Point(60, 10), new Route.Point(160, 10)));
        Route down =
                new Route(new Chart.Line("e", "f", false), List.of(new Route.Point(50, 0), new Route.Point(50, 40)));
        Spot place = new Spot(20, 0, 20, 20, false);
        Legibility told = Legibility.of(List.of(across, upon, down), Map.of("x", place));
        assertThat(told.upon()).isEqualTo(80);
        assertThat(told.crossings()).isEqualTo(1);
        assertThat(told.beneath()).isEqualTo(1);
    }
}
