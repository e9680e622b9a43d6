package pandel.core.model.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pandel.core.model.value.Value;

/** What an address says, and what fits it. */
class AddressFormTest {

    @ParameterizedTest
    @ValueSource(strings = {"", "things", "/a//b", "/{a?}/b", "/a?b", "/a?b=", "/a?=c", "/a?b=1&b=2", "/{1}", "/a b"})
    void whatIsNoAddress(String typed) {
        assertThat(AddressForm.of(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/ | / | {}",
                "/things | /things | {}",
                "/things/{thing} | /things/7 | {thing=7}",
                "/things/{thing?} | /things | {}",
                "/things/{thing?} | /things/7 | {thing=7}",
                "/find?for={words}&in={where?} | /find?in=here&for=saw | {where=here, words=saw}",
                "/find?for={words}&in={where?} | /find?for=saw | {words=saw}",
                "/find?for={words}&in={where?} | /find?for=saw&in= | {words=saw}",
                "/find?kind=all | /find?kind=all | {}",
            })
    void whatFits(String address, String typed, String values) {
        assertThat(AddressForm.of(address)
                        .orElseThrow()
                        .fits(typed)
                        .orElseThrow()
                        .values()
                        .toString())
                .isEqualTo(values);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/ | /things",
                "/things/{thing} | /things",
                "/things/{thing} | /things/",
                "/things/{thing} | /things/7/8",
                "/find?for={words} | /find",
                "/find?for={words} | /find?for=",
                "/find?kind=all | /find?kind=some",
                "/things | things",
            })
    void whatDoesNot(String address, String typed) {
        assertThat(AddressForm.of(address).orElseThrow().fits(typed)).isEmpty();
    }

    @Test
    void whatIsNotKnownIsTold() {
        AddressForm form = AddressForm.of("/find?for={words}").orElseThrow();
        assertThat(form.fits("/find?from=mail&for=saw&x").orElseThrow().unknown())
                .containsExactly("from", "x");
    }

    @Test
    void itIsFilledWithWhatThereIs() {
        AddressForm form =
                AddressForm.of("/things/{thing?}?for={words}&in={where?}").orElseThrow();
        assertThat(form.names()).containsExactly("thing", "words", "where");
        assertThat(form.optional()).containsExactly("thing", "where");
        assertThat(form.filled(Map.of())).isEqualTo("/things?for={words}");
        assertThat(form.filled(Map.of("thing", new Value.Number(7), "where", new Value.Text("here"))))
                .isEqualTo("/things/7?for={words}&in=here");
    }

    @Test
    void theOrderOfWhatIsNamedMakesNoDifference() {
        for (String other : List.of("/a?x={p}&y={q?}", "/a?y={r?}&x={s}")) {
            assertThat(AddressForm.of(other).orElseThrow().shape())
                    .isEqualTo(AddressForm.of("/a?x={p}&y={q?}").orElseThrow().shape());
        }
    }
}
