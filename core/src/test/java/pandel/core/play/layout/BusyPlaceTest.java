package pandel.core.play.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** Where the busy sign of a link at work moves. */
class BusyPlaceTest {

    private static final Prototype PLAIN = Made.of("home page drawn: on@100,200,50,40 !500 advance b", "b page:");

    private static Optional<BusyPlace> of(Takes takes) {
        return of(PLAIN, takes);
    }

    private static Optional<BusyPlace> of(Prototype plain, Takes takes) {
        Link link = plain.index().hotspot("home.on").orElseThrow().links().getFirst();
        Prototype p = LinkEdits.change("x", link.withTakes(Optional.of(takes))).applyTo(plain);
        Situation now = Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
        return BusyPlace.of(p, new Step(p).step(now, Event.tap("home.on")).situation());
    }

    @Test
    void itIsInTheMiddleOnWhatWasTouchedAtAPlaceOfItsOwnOrNowhere() {
        double wide = PLAIN.devices().getFirst().width();
        double high = PLAIN.devices().getFirst().height();
        assertThat(of(Takes.of(500))).contains(new BusyPlace(wide / 2, high / 2));
        assertThat(of(Takes.of(500).placed(new Takes.At(25, 80)))).contains(new BusyPlace(wide / 4, high * 0.8));
        assertThat(of(Takes.of(500).withSign(Takes.Sign.NONE))).isEmpty();
        assertThat(of(Takes.of(500).withSign(Takes.Sign.TOUCHED)).orElseThrow().y())
                .isBetween(200.0, 240.0);
    }

    @Test
    void onWhatIsWideItStandsBesideTheWords() {
        Takes touched = Takes.of(500).withSign(Takes.Sign.TOUCHED);
        double factor = PLAIN.devices().getFirst().width() / 400;
        assertThat(of(touched).orElseThrow().x()).isEqualTo(125 * factor);
        Prototype wide = Made.of("home page drawn: on@20,200,360,40 !500 advance b", "b page:");
        assertThat(of(wide, touched).orElseThrow().x()).isBetween(300 * factor, 380 * factor - 30);
    }

    @Test
    void aPlaceThatIsOffTheDeviceIsRefused() {
        assertThatThrownBy(() -> new Takes.At(101, 50)).hasMessageContaining("0 to 100 hundredths");
        // Any other sign has no place of its own to keep.
        assertThat(Takes.of(500).placed(new Takes.At(1, 2)).withSign(Takes.Sign.MIDDLE))
                .isEqualTo(Takes.of(500));
    }
}
