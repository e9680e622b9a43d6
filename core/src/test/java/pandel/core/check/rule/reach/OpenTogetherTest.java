package pandel.core.check.rule.reach;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pandel.core.Made;

/** The outer bound of how many things can be open above one another. */
class OpenTogetherTest {

    private static boolean three(String... lines) {
        return OpenTogether.mayBe(Made.of(lines), 3);
    }

    @Test
    void whatOpensOneAnotherAddsUp() {
        assertThat(three(
                        "home page: a open above a",
                        "a dialog: b open above b",
                        "b dialog: c open above c",
                        "c dialog: x close"))
                .isTrue();
        assertThat(three("home page: a open above a", "a dialog: b open above b", "b dialog: x close"))
                .isFalse();
    }

    @Test
    void nextStepsOfADialogStayOnItsLevel() {
        assertThat(three(
                        "home page: a open above a",
                        "a dialog: b advance b",
                        "b dialog: c advance c",
                        "c dialog: d open above d",
                        "d dialog: x close"))
                .isFalse();
    }

    @Test
    void aPageThatADialogPutsBeneathItselfOpensMore() {
        assertThat(three(
                        "home page: over open above take",
                        "take page: ask open above ask",
                        "ask dialog: on advance more",
                        "more page: over open above take"))
                .isTrue();
    }

    @Test
    void itemsOfDrawersCountWhereverTheyAre() {
        assertThat(three(
                        "home page: over open above take; m draw menu",
                        "take page: ask open above ask; m draw menu",
                        "more page: over open above take",
                        "ask dialog: x close",
                        "drawer menu a=more on:all"))
                .isTrue();
    }

    @Test
    void parkedScreensOpenNothing() {
        assertThat(three(
                        "home page: a open above a",
                        "a dialog: b open above b",
                        "b dialog parked: c open above c",
                        "c dialog: x close"))
                .isFalse();
    }
}
