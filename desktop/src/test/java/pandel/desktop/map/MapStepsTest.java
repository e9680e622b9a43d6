package pandel.desktop.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pandel.core.chart.Chart;
import pandel.core.model.screen.Screen;

/** Going along links on the map by keys. */
class MapStepsTest {

    private static Chart.Band band(int steps, String... screens) {
        return new Chart.Band(
                steps,
                Stream.of(screens)
                        .map(id -> new Chart.Place(Screen.page(id, id), List.of()))
                        .toList());
    }

    private final Chart chart = new Chart(
            List.of(band(0, "door"), band(1, "shelf", "loans"), band(2, "drill")),
            List.of(),
            List.of(
                    new Chart.Line("door", "loans", false),
                    new Chart.Line("door", "shelf", false),
                    new Chart.Line("shelf", "drill", false),
                    new Chart.Line("loans", "drill", false),
                    new Chart.Line("drill", "door", false)),
            List.of());

    @Test
    void onwardIsTheNearestToTheRight() {
        assertThat(MapSteps.along(chart, "door", true, "")).contains("shelf");
        assertThat(MapSteps.along(chart, "shelf", true, "")).contains("drill");
    }

    @Test
    void whereOneCameFromIsTakenWhereThereIsAChoice() {
        assertThat(MapSteps.along(chart, "drill", false, "loans")).contains("loans");
        assertThat(MapSteps.along(chart, "drill", false, "")).contains("shelf");
        assertThat(MapSteps.along(chart, "door", true, "loans")).contains("loans");
    }

    @Test
    void whereNothingLeadsFurtherAWayBackIsTaken() {
        assertThat(MapSteps.along(chart, "drill", true, "")).contains("door");
        assertThat(MapSteps.along(chart, "door", false, "")).contains("drill");
    }

    @Test
    void fromAScreenThatIsNotOnTheMapOneComesToItsFirst() {
        assertThat(MapSteps.along(chart, "lost", true, "")).contains("door");
        assertThat(MapSteps.along(new Chart(List.of(), List.of(), List.of(), List.of()), "lost", true, ""))
                .isEmpty();
    }

    @Test
    void anOverlayOnAShoulderIsComeToAsWell() {
        Chart shouldered = new Chart(
                List.of(new Chart.Band(
                        0, List.of(new Chart.Place(Screen.page("door", ""), List.of(Screen.page("ask", "")))))),
                List.of(),
                List.of(new Chart.Line("door", "ask", true)),
                List.of());
        assertThat(MapSteps.along(shouldered, "door", true, "")).contains("ask");
        assertThat(MapSteps.along(shouldered, "ask", false, "")).contains("door");
    }
}
