package pandel.core.edit.value;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.edit.Naming;
import pandel.core.edit.value.FactWords.NotUnderstood;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.words.LinkWords;

/** Conditions and what is remembered, as people type them. */
class FactWordsTest {

    private static final Naming NAMING = new Naming(n -> 0);
    private static final Prototype SHOP = Made.of("home page end:")
            .withFacts(List.of(
                    Fact.yesNo("in", "signed in"),
                    new Fact("basket", "basket", Fact.Kind.USUAL_NUMBER, Rest.NONE),
                    new Fact("plan", "plan", new Fact.Kind.OneOf(List.of("gold", "iron")), Rest.NONE)));

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "signed in                        | signed in is yes",
                "Signed in is no                  | signed in is no",
                "not signed in                    | signed in is no",
                "basket at least 3                | basket at least 3",
                "basket is 0 and plan is gold     | basket is 0 and plan is gold",
                "basket at most 3, signed in      | basket at most 3 and signed in is yes",
                "plan is empty                    | plan is empty",
                "plan is not iron                 | plan is not iron"
            })
    void conditionsAreReadAndToldAgain(String typed, String told) throws NotUnderstood {
        ParsedWords<List<Condition>> said = FactWords.conditions(SHOP, typed, NAMING);
        assertThat(said.facts()).isEmpty();
        assertThat(FactWords.typed(SHOP, said.what())).isEqualTo(told);
        assertThat(FactWords.conditions(SHOP, told, NAMING).what()).isEqualTo(said.what());
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "signed in | signed in is yes",
                "not signed in | signed in is no",
                "basket + 2 | basket + 2",
                "basket - 1 | basket − 1",
                "signed in is the other | signed in is the other",
                "plan is nothing | plan is nothing",
                "plan is iron | plan is iron",
                "basket is 7 | basket is 7"
            })
    void whatIsRememberedIsReadAndToldAgain(String typed, String told) throws NotUnderstood {
        ParsedWords<Effect.Remember> said = FactWords.remember(SHOP, typed, NAMING);
        assertThat(said.facts()).isEmpty();
        assertThat(LinkWords.remembered(SHOP, said.what())).isEqualTo(told);
        assertThat(FactWords.remember(SHOP, told, NAMING).what()).isEqualTo(said.what());
    }

    @Test
    void aFactIsMadeOfWhatIsTyped() throws NotUnderstood {
        assertThat(FactWords.conditions(SHOP, "loan overdue", NAMING).facts())
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.title()).isEqualTo("loan overdue");
                    assertThat(f.kind()).isEqualTo(new Fact.Kind.YesNo());
                });
        assertThat(FactWords.conditions(SHOP, "late days at least 2", NAMING)
                        .facts()
                        .getFirst()
                        .kind())
                .isEqualTo(new Fact.Kind.Number(0, 99));
        assertThat(FactWords.conditions(SHOP, "weather is wet", NAMING)
                        .facts()
                        .getFirst()
                        .kind())
                .isEqualTo(new Fact.Kind.OneOf(List.of("wet")));
        // A known one learns the word.
        assertThat(FactWords.conditions(SHOP, "plan is copper", NAMING)
                        .facts()
                        .getFirst()
                        .kind())
                .isEqualTo(new Fact.Kind.OneOf(List.of("gold", "iron", "copper")));
        // Named twice it is made once.
        assertThat(FactWords.conditions(SHOP, "late and late is yes", NAMING).facts())
                .hasSize(1);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "signed in is 3 | “signed in” is yes or no.",
                "basket is gold | “basket” is a number from 0 to 99.",
                "basket at least | Say what “basket” is: yes, no, a number or a word.",
                "basket at least many | “at least” needs a whole number after it.",
                "signed in maybe | After “signed in” say is, is not, at least, at most, is empty or is given."
            })
    void whatCannotBeMeantIsToldInOneSentence(String typed, String why) {
        assertThatThrownBy(() -> FactWords.conditions(SHOP, typed, NAMING))
                .isInstanceOf(NotUnderstood.class)
                .hasMessage(why);
    }

    @Test
    void aConditionOnARemovedFactHoldsNothing() {
        Prototype without = FactEdits.remove(SHOP.facts()).applyTo(SHOP);
        assertThat(new Condition("in", Condition.Compare.IS, new Value.YesNo(true))
                        .holds(without, Known.of(Facts.NONE)))
                .isFalse();
        assertThat(new Condition("in", Condition.Compare.IS, new Value.YesNo(false))
                        .holds(without, Known.of(Facts.NONE)))
                .isFalse();
        assertThat(new Condition("in", Condition.Compare.EMPTY, Value.NOTHING).holds(without, Known.of(Facts.NONE)))
                .isTrue();
    }

    private static final Prototype LENDING = FactEdits.put(Fact.yesNo("in", "signed in"))
            .applyTo(Made.of(
                    "home page: code ^field; rows advance loan +loan=given:loan",
                    "loan page needs:loan expects:due: back return"));

    private static SourceWords words(String screen) {
        return new SourceWords(LENDING, List.of(LENDING.screen(screen).orElseThrow()), Optional.empty());
    }

    @Test
    void aSourceIsNamedOrIsTheValueItself() {
        assertThat(words("loan").source("given due")).isEqualTo(new Source.Given("due"));
        assertThat(words("home").source("typed home.code")).isEqualTo(new Source.Typed("home.code"));
        assertThat(words("home").source("signed in")).isEqualTo(new Source.OfFact("in"));
        assertThat(words("home").source("“signed in”")).isEqualTo(Source.of(new Value.Text("signed in")));
        assertThat(words("home").source("12")).isEqualTo(Source.of(new Value.Number(12)));
        assertThat(words("home").source("given due")).isEqualTo(Source.of(new Value.Text("given due")));
        for (Source source : List.of(
                new Source.Given("loan"),
                Source.of(new Value.Text("signed in")),
                Source.of(new Value.YesNo(true)),
                new Source.OfFact("in"))) {
            assertThat(words("loan").source(words("loan").typed(LENDING, source)))
                    .isEqualTo(source);
        }
    }

    @Test
    void conditionsAskForWhatIsGivenAndTyped() throws NotUnderstood {
        List<Screen> home = List.of(LENDING.screen("home").orElseThrow());
        List<Screen> loan = List.of(LENDING.screen("loan").orElseThrow());
        assertThat(FactWords.conditions(LENDING, home, "typed home.code is empty", NAMING)
                        .what())
                .containsExactly(new Condition(
                        new Source.Typed("home.code"), Condition.Compare.EMPTY, Source.of(Value.NOTHING)));
        assertThat(FactWords.conditions(LENDING, loan, "given due is not given loan and signed in", NAMING)
                        .what())
                .containsExactly(
                        new Condition(new Source.Given("due"), Condition.Compare.IS_NOT, new Source.Given("loan")),
                        new Condition("in", Condition.Compare.IS, new Value.YesNo(true)));
        assertThatThrownBy(() -> FactWords.conditions(LENDING, loan, "given due maybe", NAMING))
                .isInstanceOf(NotUnderstood.class)
                .hasMessage("After “given due” say is, is not, at least, at most, is empty or is given.");
    }
}
