package pandel.core.model.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Event;
import pandel.core.play.Step;
import pandel.core.play.layout.Pairs;
import pandel.core.play.layout.Room;
import pandel.core.play.situation.Situation;
import pandel.core.version.Change;
import pandel.core.version.Changes;

/** A prototype may say for itself where narrow ends and wide begins. */
class WidthsTest {

    @Test
    void eachPxIsOfOneClassAndEachClassHasAWidth() {
        for (Widths widths :
                List.of(Widths.USUAL, new Widths(700, 1300), new Widths(41, 42), new Widths(9000, 10_000))) {
            assertThat(widths.of(widths.medium() - 1)).isEqualTo(Width.NARROW);
            assertThat(widths.of(widths.medium())).isEqualTo(Width.MEDIUM);
            assertThat(widths.of(widths.wide() - 0.5)).isEqualTo(Width.MEDIUM);
            assertThat(widths.of(widths.wide())).isEqualTo(Width.WIDE);
            for (Width width : Width.values()) {
                assertThat(widths.of(widths.one(width))).isEqualTo(width);
            }
        }
        assertThatThrownBy(() -> new Widths(700, 700))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("700 and 700 do not");
        assertThatThrownBy(() -> new Widths(40, 700)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Widths(700, 10_001)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void looksAndPairsGoByWhatThePrototypeSays() {
        Prototype usual = Made.of("list page: a advance detail", "detail page: up return")
                .withPairs(List.of(Pair.of("p", "list", "detail")));
        Prototype later = usual.withWidths(new Widths(700, 1300));
        for (Prototype p : List.of(usual, later)) {
            Situation now = new Step(p)
                    .step(
                            Situation.at(p, p.mainEntry().orElseThrow(), Device.TABLET_ON_ITS_SIDE)
                                    .orElseThrow(),
                            Event.tap("list.a"))
                    .situation();
            assertThat(Pairs.beside(p, now).isPresent()).isEqualTo(p == usual);
            assertThat(Room.whole(p, now, 0).on()).isEqualTo(p == usual ? Width.WIDE : Width.MEDIUM);
        }
        assertThat(Changes.between(usual, later))
                .extracting(Change::sentence)
                .contains("Devices are medium from 700 px on, and wide from 1300 px on.");
    }
}
