package pandel.core.model.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Value;

class SequenceTest {

    private static final Sequence WELCOME = Sequence.of("welcome", "Welcome", List.of("one", "two", "three"));
    private static final Link FINISH =
            Link.of("done", new Cause.Finish(), new Effect.Replace(new Target.ToScreen("home")));
    private static final Link SKIP = Link.of("later", new Cause.Skip(), new Effect.Return());

    @Test
    void eachPageIsTurnedToByALinkOfItsOwn() {
        assertThat(WELCOME.turns()).extracting(Link::id).containsExactly("welcome_1", "welcome_2", "welcome_3");
        assertThat(WELCOME.turns().get(1).effect()).contains(new Effect.TurnPage(new PageTurn.To(2)));
        assertThat(WELCOME.turnId(3)).isEqualTo("welcome_3");
        assertThat(WELCOME.withPages(List.of()).turns()).isEmpty();
    }

    @Test
    void itFinishesOnItsLastPageAndIsSkippedOnTheOthers() {
        Sequence whole = WELCOME.withFinish(Optional.of(FINISH)).withSkip(Optional.of(SKIP));
        assertThat(whole.links()).containsExactly(FINISH, SKIP);
        assertThat(whole.pagesOf(FINISH)).containsExactly("three");
        assertThat(whole.pagesOf(SKIP)).containsExactly("one", "two");
        assertThat(whole.withPages(List.of()).pagesOf(FINISH)).isEmpty();
        assertThat(whole.withPages(List.of("one")).pagesOf(SKIP)).isEmpty();
    }

    @Test
    void whatFinishesItHasNoConditionNorOutcomeNorAnotherBranch() {
        Branch plain = FINISH.branches().getFirst();
        for (Link wrong : List.of(
                FINISH.withBranches(List.of(plain, plain)),
                FINISH.branch(0, b -> b.withOutcome(Optional.of("saved"))))) {
            assertThatIllegalArgumentException().isThrownBy(() -> WELCOME.withFinish(Optional.of(wrong)));
        }
        assertThat(WELCOME.withFinish(Optional.of(FINISH.withBranches(List.of())))
                        .finish())
                .isPresent();
    }

    @Test
    void itsOwnLinksAreChangedTogether() {
        Sequence whole = WELCOME.withFinish(Optional.of(FINISH)).withSkip(Optional.of(SKIP));
        Sequence gone = whole.withEachLink(
                links -> links.stream().filter(l -> !l.id().equals("later")).toList());
        assertThat(gone.finish()).contains(FINISH);
        assertThat(gone.skip()).isEmpty();
    }

    @Test
    void theLastPageMaySayAnotherWord() {
        assertThat(Sequence.Laid.USUAL.onward(false)).isEqualTo("Next");
        assertThat(Sequence.Laid.USUAL.onward(true)).isEqualTo("Done");
        assertThat(Sequence.Laid.USUAL.withLast("").onward(true)).isEqualTo("Next");
    }

    @Test
    void nothingIsLaidWhereNoDotsAndNoWordsAre() {
        assertThat(Sequence.Laid.NOTHING.isEmpty()).isTrue();
        assertThat(Sequence.Laid.NOTHING.withDots(true).isEmpty()).isFalse();
        assertThat(Sequence.Laid.NOTHING.withSkip("Skip").isEmpty()).isFalse();
        assertThatIllegalArgumentException().isThrownBy(() -> Sequence.Laid.NOTHING.withInk("ink"));
    }

    @Test
    void aPlaceOfItKeepsWhatItWasGivenWhenItIsTurned() {
        AtPage first = new AtPage("welcome", 1, Map.of("tool", new Value.Text("drill")));
        assertThat(first.turnedTo(3)).isEqualTo(new AtPage("welcome", 3, first.offered()));
    }

    @Test
    void aPairTakesTwentyToEightyHundredths() {
        assertThat(Pair.of("p", "loans", "loan").share()).isEqualTo(Pair.USUAL_SHARE);
        assertThatIllegalArgumentException().isThrownBy(() -> new Pair("p", "a", "b", 19, Rest.NONE));
        assertThatIllegalArgumentException().isThrownBy(() -> new Pair("p", "a", "b", 81, Rest.NONE));
        assertThat(new Pair("p", "a", "b", Pair.MOST, Rest.NONE).share()).isEqualTo(80);
    }
}
