package pandel.core.model.value;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.rest.Rest;

/** Values compared, taken by what expects them, and shown in words. */
class ValuesComparedTest {

    private static final Prototype SCOPE = Made.of("home page:")
            .withFacts(List.of(
                    new Fact("in", "signed in", new Fact.Kind.YesNo(), Rest.NONE),
                    new Fact("n", "basket", Fact.Kind.USUAL_NUMBER, Rest.NONE)));

    private static Value value(String words) {
        if (words.equals("yes") || words.equals("no")) {
            return new Value.YesNo(words.equals("yes"));
        }
        return words.startsWith("#")
                ? new Value.Number(Integer.parseInt(words.substring(1)))
                : new Value.Text(words.equals("nothing") ? "" : words);
    }

    private static boolean holds(String a, Condition.Compare compare, String b) {
        return new Condition(Source.of(value(a)), compare, Source.of(value(b))).holds(SCOPE, Known.of(Facts.NONE));
    }

    @ParameterizedTest
    @CsvSource({
        "#417, IS, #417, true",
        "0417, IS, #417, true",
        "0417, IS, 417, false",
        "0417, IS_NOT, 417, true",
        "−3, IS, #-3, true",
        "drill, IS, drill, true",
        "drill, IS, Drill, false",
        "yes, IS, yes, true",
        "yes, IS, #1, false",
        "#5, AT_LEAST, #5, true",
        "#4, AT_LEAST, #5, false",
        "10, AT_LEAST, #9, true",
        "10, AT_LEAST, 9, false",
        "#4, AT_MOST, 5, true",
        "drill, AT_MOST, #5, false",
        "#0, EMPTY, x, false",
        "no, EMPTY, x, false",
        "nothing, EMPTY, x, true",
        "nothing, IS, nothing, true",
        "nothing, AT_MOST, #5, false",
    })
    void valuesCompareAsTheyAreWrittenAndBesideANumberAsNumbers(
            String a, Condition.Compare compare, String b, boolean holds) {
        assertThat(holds(a, compare, b)).isEqualTo(holds);
    }

    @Property(tries = 200)
    void numbersAreOrdered(
            @ForAll @IntRange(min = -999, max = 999) int a, @ForAll @IntRange(min = -999, max = 999) int b) {
        assertThat(holds("#" + a, Condition.Compare.AT_LEAST, "#" + b)).isEqualTo(a >= b);
        assertThat(holds("#" + a, Condition.Compare.AT_MOST, "#" + b)).isEqualTo(a <= b);
        assertThat(holds("#" + a, Condition.Compare.IS, "" + b)).isEqualTo(a == b);
        assertThat(holds("" + a, Condition.Compare.IS_NOT, "#" + b)).isEqualTo(a != b);
    }

    @Test
    void aConditionSaysWhatItReads() {
        Condition both = new Condition(new Source.OfFact("in"), Condition.Compare.IS, new Source.OfFact("n"));
        assertThat(both.facts()).containsExactly("in", "n");
        assertThat(both.asksFor("n")).isTrue();
        assertThat(both.asksFor("gone")).isFalse();
        assertThat(both.words(SCOPE)).isEqualTo("signed in is basket");
        Condition empty = new Condition(new Source.OfFact("n"), Condition.Compare.EMPTY, new Source.OfFact("in"));
        assertThat(empty.facts()).containsExactly("n");
        assertThat(empty.words(SCOPE)).isEqualTo("basket is empty");
        assertThat(new Condition("gone", Condition.Compare.AT_LEAST, new Value.Number(3)).words(SCOPE))
                .isEqualTo("gone (removed) at least 3");
    }

    @ParameterizedTest
    @CsvSource({
        "TEXT, #7, 7",
        "TEXT, drill, drill",
        "NUMBER, 7, #7",
        "NUMBER, drill, missing",
        "NUMBER, yes, missing",
        "YES_NO, yes, yes",
        "YES_NO, yes-ish, missing",
        "ONE_OF, gold, gold",
        "ONE_OF, lead, missing",
        "TEXT, nothing, missing",
        "NUMBER, nothing, missing",
    })
    void whatIsOfTheWrongTypeIsMissing(Expected.Kind kind, String given, String taken) {
        Expected expected = Expected.text("loan").withKind(kind, List.of("gold", "silver"));
        assertThat(expected.take(value(given)))
                .isEqualTo(taken.equals("missing") ? Optional.empty() : Optional.of(value(taken)));
    }

    @Test
    void whatHasADefaultNeedNotBeCarried() {
        assertThat(Expected.text("loan").mustBeCarried()).isTrue();
        assertThat(Expected.text("loan").withRequired(false).mustBeCarried()).isFalse();
        assertThat(Expected.text("loan")
                        .withFallback(Optional.of(new Value.Text("drill")))
                        .mustBeCarried())
                .isFalse();
    }

    @Test
    void namesInBracesShowWhatWasGivenElseWhatAFactHolds() {
        Known known = Known.of(Facts.NONE, PlaceMemory.of(Map.of("tool", new Value.Text("saw $1")), Map.of()));
        assertThat(Placeholders.in("A {tool} and { basket } {}")).containsExactly("tool", "basket");
        assertThat(Placeholders.filled("A {tool}, {basket} of them, {colour}", SCOPE, known))
                .isEqualTo("A saw $1, 0 of them, {colour}");
        assertThat(Placeholders.filled("No braces", SCOPE, known)).isEqualTo("No braces");
        assertThat(Placeholders.fact(SCOPE, "BASKET")).map(Fact::id).contains("n");
    }

    @Test
    void sourcesAreCalledAsPeopleReadThem() {
        assertThat(new Source.Given("loan").words(SCOPE)).isEqualTo("given loan");
        assertThat(new Source.OfRow("loan").words(SCOPE)).isEqualTo("row loan");
        assertThat(new Source.Typed("gone").words(SCOPE)).isEqualTo("typed gone (removed)");
        assertThat(Source.of(Value.NOTHING).words(SCOPE)).isEqualTo("nothing");
        assertThat(new Source.OfFact("in").fact()).contains("in");
        assertThat(new Source.Given("in").fact()).isEmpty();
    }
}
