package pandel.core.edit.value;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.bulk.Bulk;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** What screens expect and links carry, and what is done to many links at once. */
class CarryingTest {

    private static final Prototype LENDING = Made.of(
            "home page: drill advance loan +loan=drill; note advance note",
            "loan page needs:loan: again advance loan +loan=given:loan; note advance note +loan=given:loan",
            "note page expects:loan: back return");

    private static Map<String, Source> carried(Prototype p, String link) {
        return p.index()
                .way(link)
                .orElseThrow()
                .link()
                .effect()
                .flatMap(Effect::target)
                .orElseThrow()
                .values();
    }

    @Test
    void aValueRenamedIsCarriedByItsNewName() {
        Prototype named = Carrying.rename(LENDING.screen("loan").orElseThrow(), "loan", "item")
                .applyTo(LENDING);
        assertThat(carried(named, "home.drill.tap")).containsOnlyKeys("item");
        assertThat(carried(named, "loan.note.tap")).containsOnlyKeys("loan").containsValue(new Source.Given("item"));
        assertThat(carried(named, "loan.again.tap")).containsEntry("item", new Source.Given("item"));
    }

    @Test
    void aValueExpectedNoMoreIsCarriedNoMore() {
        Prototype less = Carrying.expectNoMore(LENDING.screen("loan").orElseThrow(), "loan")
                .applyTo(LENDING);
        assertThat(carried(less, "home.drill.tap")).isEmpty();
        assertThat(less.screen("loan").orElseThrow().expects()).isEmpty();
    }

    @Test
    void whatGoesByTheSameNameIsCarriedUnasked() {
        List<pandel.core.model.screen.Screen> from =
                List.of(LENDING.screen("loan").orElseThrow());
        assertThat(Carrying.toward(LENDING, from, Optional.empty(), "note", Map.of()))
                .containsEntry("loan", new Source.Given("loan"));
        Hotspot rows = LENDING.screen("home")
                .orElseThrow()
                .hotspots()
                .getFirst()
                .withNature(new Hotspot.Nature.Rows(List.of(Map.of("loan", new Value.Text("tent")))));
        assertThat(Carrying.toward(
                        LENDING, List.of(LENDING.screen("home").orElseThrow()), Optional.of(rows), "note", Map.of()))
                .containsEntry("loan", new Source.OfRow("loan"));
    }

    @Test
    void manyLinksAreLedToOneScreenWithWhatItExpects() {
        List<Way> ways = List.copyOf(LENDING.index().ways());
        Bulk bulk = Bulk.leadTo(LENDING, ways, LENDING.screen("note").orElseThrow());
        Prototype led = bulk.edit().applyTo(LENDING);
        assertThat(led.index().ways().stream()
                        .flatMap(w -> w.link().effects())
                        .flatMap(e -> e.target().stream())
                        .map(Target::id))
                .containsOnly("note");
        assertThat(carried(led, "home.drill.tap")).containsEntry("loan", Source.of(new Value.Text("drill")));
        assertThat(bulk.left()).isEqualTo(ways.size() - bulk.done());
    }

    @Test
    void averbThatDoesNotFitIsLeft() {
        Prototype p = Made.of("home page: ask open ask; on advance b", "ask dialog: x close x", "b page: back return");
        Bulk bulk = Bulk.verb(p, List.copyOf(p.index().ways()), Verb.RESTART);
        assertThat(bulk.done()).isEqualTo(1);
        assertThat(bulk.edit()
                        .applyTo(p)
                        .index()
                        .way("home.ask.tap")
                        .orElseThrow()
                        .link()
                        .effect()
                        .map(Effect::verb))
                .contains(Verb.OPEN_ABOVE);
    }

    @Test
    void namesInBracesShowWhatWasGivenElseAFactElseThemselves() {
        Prototype p = FactEdits.put(pandel.core.model.value.Fact.yesNo("in", "signed in"))
                .applyTo(LENDING);
        Known known = Known.of(Facts.NONE, PlaceMemory.given(Map.of("loan", new Value.Text("Hand drill $1"))));
        assertThat(Placeholders.filled("{loan}, {signed in}, {nothing}", p, known))
                .isEqualTo("Hand drill $1, no, {nothing}");
        assertThat(Placeholders.in("Due on { date } and {}")).containsExactly("date");
    }

    @Test
    void aValueOfTheWrongTypeIsMissing() {
        Expected number = Expected.text("n").withKind(Expected.Kind.NUMBER, List.of());
        assertThat(number.take(new Value.Text(" 12 "))).contains(new Value.Number(12));
        assertThat(number.take(new Value.Text("twelve"))).isEmpty();
        assertThat(number.take(Value.NOTHING)).isEmpty();
        assertThat(Expected.text("t").take(new Value.Number(3))).contains(new Value.Text("3"));
        assertThat(Expected.text("t")
                        .withKind(Expected.Kind.ONE_OF, List.of("gold"))
                        .take(new Value.Text("iron")))
                .isEmpty();
        assertThat(Expected.text("t").withKind(Expected.Kind.YES_NO, List.of()).take(new Value.Text("yes")))
                .isEmpty();
    }
}
