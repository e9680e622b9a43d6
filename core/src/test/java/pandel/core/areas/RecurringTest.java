package pandel.core.areas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands alike on several pictures at the same place. */
class RecurringTest {

    private static Things back(int wide, int lower) {
        return Drawn.screen()
                .back(20, 64 + lower)
                .words(36, 66 + lower, wide, 12, Drawn.INK)
                .things();
    }

    @Test
    void aSignWithOtherWordsOnEachPictureHasTheRoomOfTheWidest() {
        List<Recurring> found = Recurring.among(List.of(back(50, 0), back(120, 0), back(70, 6)), 3);
        assertThat(found).hasSize(1);
        Recurring sign = found.getFirst();
        assertThat(sign.kind()).isEqualTo(Recurring.Kind.SIGN);
        assertThat(sign.pictures()).containsExactly(0, 1, 2);
        assertThat(sign.areas().getFirst().right()).isGreaterThan(156);
        Things known = back(50, 0).knowing(found);
        assertThat(known.at(140, 72).getFirst().kind()).isEqualTo(Things.Kind.SIGN);
        assertThat(known.isSign(24, 72)).isTrue();
    }

    @Test
    void tooFewOrAnotherSignOrAnotherPlaceIsNone() {
        assertThat(Recurring.among(List.of(back(50, 0), back(60, 0)), 3)).isEmpty();
        Things lower = back(50, 40);
        Things other = Drawn.screen()
                .box(20, 64, 9, 15, Drawn.INK)
                .words(36, 66, 50, 12, Drawn.INK)
                .things();
        assertThat(Recurring.among(List.of(back(50, 0), lower, other), 2)).isEmpty();
    }

    @Test
    void theSameStripIsOneWhicheverTabIsChosen() {
        List<Things> pictures = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            pictures.add(Drawn.screen().strip(4, i).things());
        }
        pictures.add(Drawn.screen().strip(3, 0).things());
        List<Recurring> found = Recurring.among(pictures, 2);
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().pictures()).containsExactly(0, 1, 2, 3);
        assertThat(found.getFirst().areas()).hasSize(4);
    }

    /** Drawn anew for each picture, a strip is seldom at the very same px. */
    @ParameterizedTest
    @CsvSource({"1, 0", "0, 1", "-1, 1", "2, 2"})
    void stripsThatDifferByAPixelAreOne(int right, int up) {
        List<Things> pictures = List.of(
                Drawn.screen().strip(4, 0).things(),
                Drawn.screen().strip(4, 1, right, up).things(),
                Drawn.screen().strip(4, 2).things(),
                Drawn.screen().strip(4, 3, -right, 0).things());
        Recurring.DrawnTabs tabs = Recurring.tabs(pictures).orElseThrow();
        assertThat(tabs.areas()).hasSize(4);
        assertThat(tabs.chosen()).containsExactly(0, 1, 2, 3);
    }

    @Test
    void theChosenTabStandsOut() {
        List<Things> pictures = new ArrayList<>();
        for (int chosen : new int[] {2, 0, 3, 1}) {
            pictures.add(Drawn.screen().strip(4, chosen).things());
        }
        Recurring.DrawnTabs tabs = Recurring.tabs(pictures).orElseThrow();
        assertThat(tabs.areas()).hasSize(4);
        assertThat(tabs.chosen()).containsExactly(2, 0, 3, 1);
        // Of two one cannot say which is the chosen one.
        assertThat(Recurring.tabs(pictures.subList(0, 2)).orElseThrow().chosen())
                .containsExactly(-1, -1);
        pictures.add(Drawn.screen().things());
        assertThat(Recurring.tabs(pictures)).isEmpty();
    }

    @Test
    void picturesThatAreNotLookedAtYetAreLeftOut() {
        assertThat(Recurring.among(Arrays.asList(back(50, 0), null, back(60, 0)), 2)
                        .getFirst()
                        .pictures())
                .containsExactly(0, 2);
    }
}
