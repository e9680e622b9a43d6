package pandel.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
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
}
