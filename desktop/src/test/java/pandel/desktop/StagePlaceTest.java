package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.security.SecureRandom;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;
import pandel.files.settings.WindowPlace;

/** The window opens where it was left, and never larger than the monitor. */
class StagePlaceTest {

    private static final Rectangle2D MAIN = new Rectangle2D(0, 24, 1440, 876);
    private static final Rectangle2D SECOND = new Rectangle2D(1440, 0, 1920, 1080);

    @Test
    void theFirstTimeItStandsInTheMiddle() {
        assertThat(StagePlace.on(List.of(MAIN, SECOND), Optional.empty()))
                .isEqualTo(new WindowPlace(80, 62, 1280, 800, false));
    }

    @Test
    void onASmallMonitorItIsAsLargeAsThat() {
        assertThat(StagePlace.on(List.of(new Rectangle2D(0, 0, 1024, 600)), Optional.empty()))
                .isEqualTo(new WindowPlace(0, 0, 1024, 600, false));
    }

    @Test
    void itOpensWhereItWasLeft() {
        WindowPlace left = new WindowPlace(1500, 40, 1600, 900, true);
        assertThat(StagePlace.on(List.of(MAIN, SECOND), Optional.of(left))).isEqualTo(left);
    }

    @Test
    void aMonitorThatIsGoneLeavesItOnTheMainOne() {
        WindowPlace left = new WindowPlace(1500, 40, 1600, 900, false);
        assertThat(StagePlace.on(List.of(MAIN), Optional.of(left))).isEqualTo(new WindowPlace(0, 24, 1440, 876, false));
    }

    @Test
    void whereverItWasLeftItLiesOnOneMonitor() {
        long seed = new SecureRandom().nextLong();
        Random random = new Random(seed);
        for (int i = 0; i < 1000; i++) {
            WindowPlace left = new WindowPlace(
                    random.nextInt(8000) - 3000,
                    random.nextInt(8000) - 3000,
                    1 + random.nextInt(5000),
                    1 + random.nextInt(5000),
                    false);
            WindowPlace place = StagePlace.on(List.of(MAIN, SECOND), Optional.of(left));
            assertThat(List.of(MAIN, SECOND))
                    .as("seed %d, left at %s", seed, left)
                    .anyMatch(m -> m.contains(place.x(), place.y(), place.width(), place.height()));
        }
    }
}
