package pandel.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;

class ChartTest {

    private static final Prototype APP = Made.of(
            "home page: a advance list; b open above ask",
            "list page: c advance item",
            "item page: back return",
            "ask dialog: shut close",
            "lost page: d advance item");

    @Test
    void screensStandInBandsByStepsAndTheRestOnTheShelf() {
        Chart chart = Chart.of(Check.of(APP));
        assertThat(chart.bands())
                .extracting(b -> b.places().stream()
                        .map(p -> p.screen().id()
                                + p.shoulder().stream().map(Screen::id).toList())
                        .toList()
                        .toString())
                .containsExactly("[home[ask]]", "[list[]]", "[item[]]");
        assertThat(chart.shelf()).extracting(Screen::id).containsExactly("lost");
        assertThat(chart.ways())
                .contains(new Chart.Line("home", "ask", true))
                .doesNotContain(new Chart.Line("lost", "item", false));
    }

    @Test
    void itIsTheSameEveryTime() {
        assertThat(Chart.of(Check.of(APP))).isEqualTo(Chart.of(Check.of(APP)));
    }

    @Test
    void anOverlayStandsOnTheShoulderOfTheNearestThatOpensIt() {
        Chart chart = Chart.of(Check.of(Made.of(
                "home page: on advance list; far advance deep",
                "list page: ask open above ask",
                "deep page: ask open above ask; back return",
                "ask dialog: more open above sure",
                "sure dialog: shut close")));
        assertThat(shoulder(chart, "list")).containsExactly("ask", "sure");
        assertThat(shoulder(chart, "deep")).isEmpty();
    }

    private static List<String> shoulder(Chart chart, String screen) {
        return chart.bands().stream()
                .flatMap(b -> b.places().stream())
                .filter(p -> p.screen().id().equals(screen))
                .flatMap(p -> p.shoulder().stream())
                .map(Screen::id)
                .toList();
    }

    /** Each screen stands in one place; each line joins two that are shown, once. */
    @Property(tries = 25)
    void everyScreenHasOnePlaceAndEveryPairOneLine(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int size, @ForAll Kind kind) {
        Checked checked = Check.of(Generated.of(kind == Kind.NASTY ? Math.min(size, 10) : size, seed, kind));
        Chart chart = Chart.of(checked);
        List<String> placed = Stream.concat(
                        chart.bands().stream()
                                .flatMap(b -> b.places().stream())
                                .flatMap(p -> Stream.concat(Stream.of(p.screen()), p.shoulder().stream())),
                        chart.shelf().stream())
                .map(Screen::id)
                .toList();
        assertThat(placed)
                .containsExactlyInAnyOrderElementsOf(
                        checked.prototype().screens().stream().map(Screen::id).toList());
        assertThat(chart.ways()).allMatch(l -> checked.shows(l.from()) && checked.shows(l.to()));
        assertThat(chart.ways().stream().map(l -> l.from() + " " + l.to())).doesNotHaveDuplicates();
        chart.bands()
                .forEach(b -> b.places()
                        .forEach(p ->
                                assertThat(checked.stepsTo(p.screen().id())).hasValue(b.steps())));
        assertThat(chart.bands().stream().mapToInt(Chart.Band::screens).sum()
                        + chart.shelf().size())
                .isEqualTo(placed.size());
    }
}
