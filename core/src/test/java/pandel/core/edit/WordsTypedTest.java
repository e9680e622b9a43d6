package pandel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;

/** Ids made of words, words found by what was typed, and verbs that fit. */
class WordsTypedTest {

    private static final Prototype LENDING = Made.of(
            "home page: on advance ask", "tool page: back return", "ask dialog: x close", "sure dialog: x close");

    private static Screen screen(String id) {
        return LENDING.screen(id).orElseThrow();
    }

    @Test
    void whatBeginsSoComesBeforeWhatHoldsIt() {
        assertThat(Matching.rank("Tool detail", "tool d")).hasValue(0);
        assertThat(Matching.rank("Tool detail", "detail tool")).hasValue(1);
        assertThat(Matching.rank("Tool detail", "etai")).hasValue(2);
        assertThat(Matching.rank("Tool detail", "drill")).isEmpty();
        assertThat(Matching.rank("Anything", "")).hasValue(0);
    }

    @Property(tries = 100)
    void everyTextAnswersEachOfItsOwnWords(@ForAll @StringLength(max = 40) String text) {
        for (String word : Matching.words(text)) {
            assertThat(Matching.rank(text, word)).as("“%s” in “%s”", word, text).isPresent();
        }
    }

    @Property(tries = 100)
    void idsAreWordsAndLettersAndNoneIsTakenTwice(@ForAll @StringLength(max = 80) String title, @ForAll long seed) {
        Random dice = new Random(seed);
        Naming naming = new Naming(dice::nextInt);
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < 20; i++) {
            String id = naming.fresh(title, taken);
            assertThat(id).matches("[a-z0-9]+(-[a-z0-9]+)*-[a-z0-9]{3}").hasSizeLessThanOrEqualTo(36);
            assertThat(taken.add(id)).isTrue();
        }
    }

    @Test
    void accentsFallAndOtherScriptsLeaveALetter() {
        Naming naming = new Naming(n -> 0);
        assertThat(naming.fresh("Überfällig · späte Rückgabe", Set.of())).startsWith("uberfallig-spate-ruckgabe-");
        assertThat(naming.fresh("道具", Set.of())).startsWith("x-");
    }

    @Test
    void pagesAreAdvancedToAndAnythingElseOpensAbove() {
        assertThat(Fitting.usualVerb(screen("home"), screen("tool"))).isEqualTo(Verb.ADVANCE);
        assertThat(Fitting.usualVerb(screen("home"), screen("ask"))).isEqualTo(Verb.OPEN_ABOVE);
        assertThat(Fitting.usualVerb(screen("ask"), screen("sure"))).isEqualTo(Verb.ADVANCE);
        assertThat(Fitting.leadingTo(screen("ask"))).isEqualTo(new Effect.OpenAbove(new Target.ToScreen("ask")));
    }

    @Test
    void whatDoesNotFitSaysWhy() {
        assertThat(Fitting.whyNot(Verb.RESTART, screen("home"), screen("ask")))
                .hasValue("“ask” is a dialog: only a page is restarted at");
        assertThat(Fitting.whyNot(Verb.REPLACE, screen("home"), screen("ask")))
                .hasValue("“ask” is a dialog: it opens above");
        assertThat(Fitting.whyNot(Verb.OPEN_ABOVE, screen("home"), screen("tool")))
                .isEmpty();
        assertThat(Fitting.whyNoTurn(LENDING, screen("home"))).hasValue("“home” is no page of a sequence");
        assertThat(Fitting.whyNoTurn(LENDING, screen("ask"))).hasValue("there is no sequence yet");
    }
}
