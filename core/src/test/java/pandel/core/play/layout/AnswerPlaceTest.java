package pandel.core.play.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.whole.FeelEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Area;
import pandel.core.play.situation.Situation;

/** What a finger is on that answers, and what is seen of it. */
class AnswerPlaceTest {

    private static Optional<AnswerPlace> at(Prototype prototype, double x, double y) {
        Situation now = Situation.at(prototype, prototype.entries().getFirst(), Device.PHONE)
                .orElseThrow();
        return AnswerPlace.at(prototype, now, x, y, Scrolled.NONE);
    }

    @Test
    void onlyWhatAnswersIsSeenToBeTouched() {
        Prototype prototype =
                Made.of("home page drawn: on@100,200,50,40 advance b; bare@100,300,50,40", "b page: back return");
        assertThat(at(prototype, 120, 220)).contains(new AnswerPlace(new Area(100, 200, 50, 40), Answer.DIM));
        assertThat(at(prototype, 120, 320)).isEmpty();
        assertThat(at(prototype, 20, 20)).isEmpty();
    }

    @Test
    void aHotspotSaysItselfWhatIsSeenOfIt() {
        Prototype prototype = Made.of("home page drawn: on@100,200,50,40 advance b", "b page: back return");
        Prototype outlined = FeelEdits.touched(Answer.OUTLINE).applyTo(prototype);
        assertThat(at(outlined, 120, 220).orElseThrow().answer()).isEqualTo(Answer.OUTLINE);
        Prototype none = HotspotEdits.touched(
                        outlined.index().hotspot("home.on").orElseThrow(), Optional.of(Answer.NONE))
                .applyTo(outlined);
        assertThat(at(none, 120, 220)).isEmpty();
    }

    @Test
    void aLongPressIsAnsweredToo() {
        Prototype prototype = Made.of("home page drawn: on@100,200,50,40 ~long-press advance b", "b page: back return");
        assertThat(at(prototype, 120, 220)).isPresent();
    }

    @Test
    void tabsOfAStripAnswer() {
        Prototype prototype =
                Made.of("home page drawn: on advance b", "a page: x return", "b page: back return", "tabs main home,b");
        Prototype begun = prototype.withEntries(prototype.entries().stream()
                .map(e -> e.leadingTo(new pandel.core.model.link.Target.ToTabs("main")))
                .toList());
        assertThat(at(begun, 300, 830)).isPresent();
    }
}
