package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.check.finding.Walk;
import pandel.core.model.Prototype;

/** A wait for an untouched screen that does nothing is no reason to touch it. */
class WaitsPassedTest {

    @ParameterizedTest
    @CsvSource({"500,1000,2", "20,1000,2", "2,1000,2", "1000,1000,2", "1500,1000,1"})
    void aWaitIsComeToBySteppingOverWhatDoesNothing(int untouched, int wait, int events) {
        Prototype prototype =
                Made.of("home page: " + untouched + "u return x; " + wait + " advance a", "a page: back return");
        Checked checked = Check.of(prototype);
        assertThat(checked.unsettled()).isEmpty();
        Walk walk = checked.walkTo("a").orElseThrow();
        assertThat(walk.events()).hasSize(events);
        assertThat(walk.replay(prototype).screen()).isEqualTo("a");
    }

    @ParameterizedTest
    @CsvSource({"300", "999"})
    void beforeOneThatDoesSomethingTheScreenIsTouched(int untouched) {
        Prototype prototype = Made.of(
                "home page: " + untouched + "u advance b; 100u return x; 1000 advance a",
                "a page: back return",
                "b page: back return");
        Checked checked = Check.of(prototype);
        for (String screen : List.of("a", "b")) {
            assertThat(checked.walkTo(screen).orElseThrow().replay(prototype).screen())
                    .isEqualTo(screen);
        }
    }
}
