package pandel.core.model.value;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.rest.Rest;

/** What facts can hold, and what is remembered. */
class FactTest {

    private static final Fact SIGNED_IN = Fact.yesNo("in", "signed in");
    private static final Fact PLAN =
            new Fact("plan", "plan", new Fact.Kind.OneOf(List.of("gold", "silver")), Rest.NONE);
    private static final Fact BASKET = new Fact("basket", "basket", new Fact.Kind.Number(1, 5), Rest.NONE);

    @Test
    void unsetIsNoNothingOrTheNumberNearestNought() {
        assertThat(SIGNED_IN.unset()).isEqualTo(new Value.YesNo(false));
        assertThat(PLAN.unset()).isEqualTo(Value.NOTHING);
        assertThat(BASKET.unset()).isEqualTo(new Value.Number(1));
    }

    @Test
    void eachKindTakesItsOwn() {
        assertThat(SIGNED_IN.takes(new Value.Text("yes"))).isFalse();
        assertThat(PLAN.takes(new Value.Text("gold"))).isTrue();
        assertThat(PLAN.takes(new Value.Text("lead"))).isFalse();
        assertThat(PLAN.takes(Value.NOTHING)).isTrue();
        assertThat(BASKET.taking(new Value.Text("3"))).hasValue(new Value.Number(3));
        assertThat(BASKET.taking(new Value.Number(99))).hasValue(new Value.Number(5));
        assertThat(BASKET.taking(new Value.Text("many"))).isEmpty();
        assertThat(BASKET.taking(Value.NOTHING)).hasValue(new Value.Number(1));
    }

    @Test
    void aTextHoldsAnyTextUpToItsLength() {
        Fact name = new Fact("name", "name", new Fact.Kind.Text(), Rest.NONE);
        assertThat(name.unset()).isEqualTo(Value.NOTHING);
        assertThat(name.taking(new Value.Text("Ida Wren"))).hasValue(new Value.Text("Ida Wren"));
        assertThat(name.taking(new Value.Number(7))).hasValue(new Value.Text("7"));
        assertThat(name.taking(new Value.YesNo(true))).isEmpty();
        assertThat(name.taking(new Value.Text("😀".repeat(201)))).hasValue(new Value.Text("😀".repeat(200)));
    }

    @Test
    void allItsValuesAreTakenAndNoOther() {
        for (Fact fact : List.of(SIGNED_IN, PLAN, BASKET)) {
            assertThat(fact.values())
                    .contains(fact.unset())
                    .doesNotHaveDuplicates()
                    .allMatch(fact::takes);
        }
        assertThat(PLAN.values()).hasSize(3);
        assertThat(BASKET.values()).hasSize(5);
    }

    @Test
    void boundsAreTheRightWayRound() {
        assertThatThrownBy(() -> new Fact.Kind.Number(3, 2)).hasMessageContaining("3 to 2");
    }

    @Test
    void settingAFactToWhatItHoldsUnsetLeavesNothingBehind() {
        Facts in = Facts.NONE.with(SIGNED_IN, new Value.YesNo(true));
        assertThat(in.set()).containsOnlyKeys("in");
        assertThat(in.with(SIGNED_IN, new Value.YesNo(false))).isEqualTo(Facts.NONE);
        assertThat(in.with(SIGNED_IN, new Value.YesNo(true))).isSameAs(in);
    }

    @Property(tries = 50)
    void theOrderOfSettingMakesNoDifference(@ForAll boolean yes, @ForAll boolean gold) {
        Value plan = new Value.Text(gold ? "gold" : "silver");
        Facts one = Facts.NONE.with(SIGNED_IN, new Value.YesNo(yes)).with(PLAN, plan);
        Facts other = Facts.NONE.with(PLAN, plan).with(SIGNED_IN, new Value.YesNo(yes));
        assertThat(one).isEqualTo(other).hasSameHashCodeAs(other);
        assertThat(one.only(Set.of("plan")).set()).containsOnlyKeys("plan");
    }

    @Test
    void aFactThatIsGoneHoldsNothing() {
        Prototype p = Made.of("home page: on advance home % ready");
        String ready = p.facts().getFirst().id();
        assertThat(Facts.NONE.of(p, ready)).isEqualTo(new Value.YesNo(false));
        assertThat(Facts.NONE.of(p, "gone")).isEqualTo(Value.NOTHING);
    }

    @Test
    void wordsAreFilledWithWhatWasGivenElseRemembered() {
        Prototype p = Made.of("home page: on advance home % ready");
        Known known = Known.of(Facts.NONE, PlaceMemory.of(Map.of("loan", new Value.Text("drill")), Map.of()));
        assertThat(Placeholders.filled("The {loan} is {ready}, {nothing} more", p, known))
                .isEqualTo("The drill is no, {nothing} more");
        assertThat(Placeholders.in("The { loan } is {ready}")).containsExactly("loan", "ready");
        assertThat(Placeholders.filled("plain", p, known)).isEqualTo("plain");
    }
}
