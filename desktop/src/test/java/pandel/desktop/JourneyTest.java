package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.cover.Coverage;
import pandel.core.edit.ScreenEdits;
import pandel.core.model.Journey;

/** Journeys kept from play, replayed after each edit, measured. */
class JourneyTest extends WindowTest {

    private Coverage coverage() {
        return opened.work().coverage().orElseThrow();
    }

    @Test
    void whatWasPlayedIsKeptAsAJourneyAndMeasured() {
        openSample();
        int before = coverage().linksTravelled();
        go(4);
        pass(1800);
        tapDevice(195, 582);
        keys(KeyCode.DIGIT9);
        tapDevice(195, 416);
        assertRead("Keep as a journey…");
        clickOn("#keep-journey");
        write("Closed on Tuesday");
        keys(KeyCode.ENTER);
        Journey journey = prototype().journeys().getLast();
        assertThat(journey.title()).isEqualTo("Closed on Tuesday");
        assertThat(journey.legs()).hasSize(4);
        assertThat(journey.end()).contains(screen("Opening hours").id());
        assertThat(coverage().linksTravelled()).isEqualTo(before + 1);
        go(5);
        clickOn("#face-coverage");
        settle();
        assertRead("Closed on Tuesday", "works · 4 steps · 5 screens", "Links no journey follows", coverage().percent() + " %");
        shot("coverage");
    }

    @Test
    void aBrokenJourneyNamesItsStepAndWhyAndAMissingLinkIsOnePressAway() {
        openSample();
        clickOn("#vital-travelled");
        settle();
        int missing = coverage().missingLinks().size();
        String link = coverage().missingLinks().getFirst().link().id();
        clickOn("#lead-" + link);
        settle();
        assertThat(coverage().missingLinks()).hasSizeLessThan(missing).noneMatch(w -> w.link().id().equals(link));
        interact(() -> opened.work().edit(ScreenEdits.remove(List.of(screen("Confirm")))));
        settle();
        assertRead("breaks at step 5 of ", "This hotspot has no link yet.");
        clickOn("#undo");
        settle();
        assertThat(read()).doesNotContain("breaks at step");
    }
}
