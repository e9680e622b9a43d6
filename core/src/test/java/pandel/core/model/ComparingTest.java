package pandel.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** What conditions make of what facts, given values and typed texts hold. */
class ComparingTest {

    private static final Prototype EMPTY = Made.of("home page: a advance home");

    private static Value value(String told) {
        return switch (told) {
            case "yes" -> new Value.YesNo(true);
            case "no" -> new Value.YesNo(false);
            case "-" -> Value.NOTHING;
            default ->
                told.startsWith("#") ? new Value.Number(Integer.parseInt(told.substring(1))) : new Value.Text(told);
        };
    }

    private static boolean holds(String now, Condition.Compare compare, String with) {
        return new Condition(Source.of(value(now)), compare, Source.of(value(with))).holds(EMPTY, Known.of(Facts.NONE));
    }

    @ParameterizedTest
    @CsvSource({
        "yes,  yes,   true,  false, false, false",
        "yes,  no,    false, false, false, false",
        "no,   no,    true,  false, false, false",
        "no,   -,     false, false, false, false",
        "#3,   #3,    true,  true,  true,  false",
        "#3,   #2,    false, true,  false, false",
        "#-1,  #2,    false, false, true,  false",
        "#0,   -,     false, false, false, false",
        "3,    #3,    true,  true,  true,  false",
        "' 3', #3,    true,  true,  true,  false",
        "03,   #3,    true,  true,  true,  false",
        "−4,   #-4,   true,  true,  true,  false",
        "3.5,  #3,    false, false, false, false",
        "1e3,  #1000, false, false, false, false",
        "gold, gold,  true,  false, false, false",
        "gold, Gold,  false, false, false, false",
        "gold, #3,    false, false, false, false",
        "-,    -,     true,  false, false, true",
        "-,    #0,    false, false, false, true",
        "-,    gold,  false, false, false, true",
        "9999999999, #999999999, false, false, false, false",
    })
    void isAtLeastAtMostAndEmpty(String now, String with, boolean is, boolean least, boolean most, boolean empty) {
        assertThat(holds(now, Condition.Compare.IS, with))
                .as("%s is %s", now, with)
                .isEqualTo(is);
        assertThat(holds(now, Condition.Compare.IS_NOT, with))
                .as("%s is not %s", now, with)
                .isEqualTo(!is);
        assertThat(holds(now, Condition.Compare.AT_LEAST, with))
                .as("%s at least %s", now, with)
                .isEqualTo(least);
        assertThat(holds(now, Condition.Compare.AT_MOST, with))
                .as("%s at most %s", now, with)
                .isEqualTo(most);
        assertThat(holds(now, Condition.Compare.EMPTY, with))
                .as("%s is empty", now)
                .isEqualTo(empty);
    }

    @Test
    void whatIsGoneHoldsNothing() {
        assertThat(new Condition("gone", Condition.Compare.EMPTY, Value.NOTHING).holds(EMPTY, Known.of(Facts.NONE)))
                .isTrue();
        assertThat(new Condition("gone", Condition.Compare.IS_NOT, new Value.YesNo(true))
                        .holds(EMPTY, Known.of(Facts.NONE)))
                .isTrue();
        assertThat(new Condition("gone", Condition.Compare.AT_MOST, new Value.Number(5))
                        .holds(EMPTY, Known.of(Facts.NONE)))
                .isFalse();
    }

    @Test
    void placesGivenAndTypedAreFilledInAndTheRestStaysInBraces() {
        Known known = Known.of(
                Facts.NONE,
                PlaceMemory.given(java.util.Map.of("loan", new Value.Text("$5 saw\\"), "count", new Value.Number(2))));
        assertThat(Placeholders.filled("{loan} × { count } {gone} {}", EMPTY, known))
                .isEqualTo("$5 saw\\ × 2 {gone} {}");
        assertThat(Placeholders.in("{loan} {loan}{ count } {{odd}")).containsExactly("loan", "loan", "count", "odd");
        assertThat(Placeholders.filled("no braces", EMPTY, known)).isEqualTo("no braces");
    }
}
