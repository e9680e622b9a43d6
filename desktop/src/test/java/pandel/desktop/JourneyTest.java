package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.cover.Coverage;
import pandel.core.edit.screen.ScreenEdits;
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
        tapDevice(244, 805);
        tapDevice(195, 416);
        assertRead("Keep as a journey…");
        clickOn("#keep-journey");
        settle();
        shot("keep-journey");
        assertRead("It is to end on “Opening hours”");
        write("Closed on Tuesday");
        clickOn("#journey-purpose");
        write("Somebody plans a visit");
        keys(KeyCode.ENTER);
        Journey journey = prototype().journeys().getLast();
        assertThat(journey.title()).isEqualTo("Closed on Tuesday");
        assertThat(journey.purpose()).isEqualTo("Somebody plans a visit");
        assertThat(journey.legs()).hasSize(4);
        assertThat(journey.end()).contains(screen("Opening hours").id());
        assertThat(coverage().linksTravelled()).isEqualTo(before + 1);
        go(5);
        clickOn("#face-coverage");
        settle();
        assertRead(
                "Closed on Tuesday",
                "works · 4 steps · 5 screens",
                "no journey travels",
                coverage().percent() + " %");
        shot("coverage");
    }

    @Test
    void aBrokenJourneyNamesItsStepAndWhyAndAMissingLinkIsOnePressAway() {
        openSample();
        clickOn("#vital-travelled");
        settle();
        int missing = coverage().missingLinks().size();
        LinkOutcome wanted = coverage().missingLinks().getFirst().wanted();
        clickOn("#lead-" + wanted.link()
                + wanted.outcome().map(o -> "-" + o.replace(' ', '-')).orElse(""));
        settle();
        assertThat(coverage().missingLinks())
                .hasSizeLessThan(missing)
                .noneMatch(m -> m.wanted().equals(wanted));
        interact(() -> opened.work().edit(ScreenEdits.remove(List.of(screen("Confirm")))));
        settle();
        assertRead("breaks at step 5 of ", "This hotspot has no link yet.");
        clickOn("#undo");
        settle();
        assertThat(read()).doesNotContain("breaks at step");
    }

    @Test
    void journeysAreSuggestedForWhatNoneTravelsAndKeptByOnePress() {
        openSample();
        go(5);
        clickOn("#face-coverage");
        settle();
        int journeys = prototype().journeys().size();
        assertRead("Suggest journeys for the " + coverage().missingLinks().size() + " links that none follows");
        clickOn("#suggest");
        until(() -> lookup("#keep-suggested").tryQuery().isPresent());
        assertRead("all that none travels yet", "steps are needed at least.", "Tap ");
        shot("suggested");
        clickOn("#keep-suggested-1");
        settle();
        assertThat(prototype().journeys()).hasSize(journeys + 1);
        assertThat(prototype().journeys().getLast().title()).startsWith("Suggested 1: ");
        clickOn("#suggest");
        until(() -> lookup("#keep-suggested").tryQuery().isPresent());
        clickOn("#keep-suggested");
        settle();
        assertThat(coverage().percent()).isEqualTo(100);
        assertThat(coverage().journeys()).noneMatch(r -> r.broken().isPresent());
        assertThat(lookup("#suggest").tryQuery()).isEmpty();
        until(() -> read().contains("pairs of links in a row"));
        shot("all-travelled");
        clickOn("#undo");
        settle();
        assertThat(prototype().journeys()).hasSize(journeys + 1);
    }

    @Test
    void whatIsMissingStandsBySectionAsPicturesAndLinks() {
        openSample();
        go(5);
        clickOn("#face-coverage");
        settle();
        assertRead("Tools: 4 screens and ", "no journey travels");
        String search = screen("Search").id();
        clickOn("#missing-" + search);
        settle();
        assertThat(opened.work().selection().screen()).isEqualTo(search);
        assertRead("Ways in");
    }

    @Test
    void partOfTheTapeIsKept() {
        openSample();
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tapDevice(244, 805);
        keys(KeyCode.LEFT);
        clickOn("#keep-journey");
        assertRead("All 3 steps", "Up to where the tape stands, 2 steps", "It is to end on “Tools”");
        clickOn("#journey-end");
        clickOn("#journey-keep");
        settle();
        Journey part = prototype().journeys().getLast();
        assertThat(part.title()).isEqualTo("Journey 5");
        assertThat(part.legs()).hasSize(2);
        assertThat(part.end()).isEmpty();
        clickOn("#keep-journey");
        clickOn("#journey-all");
        assertRead("It is to end on “Notices”");
        clickOn("#journey-keep");
        settle();
        assertThat(prototype().journeys().getLast().legs()).hasSize(3);
    }

    @Test
    void aJourneyIsPlayedAtASpeedOrStepByStep() {
        openSample();
        go(5);
        clickOn("#face-coverage");
        settle();
        Journey journey = prototype().journeys().get(2);
        clickOn("#play-" + journey.id());
        settle();
        assertRead("Bring the tent back: 0 of 8", "at reading speed");
        pass(700);
        assertRead("Bring the tent back: 1 of 8");
        press("#showing-speed");
        press("#showing-speed-2");
        pass(350);
        assertRead("Bring the tent back: 2 of 8", "twice as fast");
        press("#showing-by-step");
        press("#showing-by-step-0");
        pass(5000);
        assertRead("Bring the tent back: 2 of 8", "step by step");
        keys(KeyCode.N);
        clickOn("#showing-next");
        settle();
        assertRead("Bring the tent back: 4 of 8");
        shot("showing");
        clickOn("#showing-stop");
        settle();
        assertThat(lookup("#showing-stop").query().isVisible()
                        && lookup("#showing-stop").query().getParent().isVisible())
                .isFalse();
        go(5);
        clickOn("#step-" + journey.id());
        pass(5000);
        assertRead("Bring the tent back: 0 of 8");
    }
}
