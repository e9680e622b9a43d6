package pandel.core.edit.value;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Fact;

class FactExamplesTest {

    private static Prototype with(Fact... facts) {
        return Prototype.empty("x").withFacts(List.of(facts));
    }

    private static final Fact IN = new Fact("in", "signed in", new Fact.Kind.YesNo(), Rest.NONE);
    private static final Fact TRIES = new Fact("n", "tries", Fact.Kind.USUAL_NUMBER, Rest.NONE);
    private static final Fact PLAN = new Fact("p", "plan", new Fact.Kind.OneOf(List.of("gold", "tin")), Rest.NONE);

    @Test
    void theyAreOfTheFactsThatThereAre() {
        assertThat(FactExamples.conditions(with(IN, TRIES, PLAN))).isEqualTo("signed in, tries at least 1");
        assertThat(FactExamples.remembered(with(TRIES, PLAN))).isEqualTo("tries + 1, plan is gold");
    }

    @Test
    void withoutFactsTheySayWhatIsMeant() {
        assertThat(FactExamples.conditions(with())).isEqualTo("what must hold");
        assertThat(FactExamples.remembered(with())).isEqualTo("what is remembered");
    }

    @Test
    void whatTheySayIsUnderstoodWhenItIsTyped() throws Exception {
        Naming naming = new Naming(n -> 0);
        for (Prototype p : List.of(with(IN, TRIES), with(TRIES, PLAN), with(PLAN))) {
            assertThat(FactWords.conditions(p, FactExamples.conditions(p), naming)
                            .facts())
                    .isEmpty();
            for (String one : FactExamples.remembered(p).split(", ")) {
                assertThat(FactWords.remember(p, one, naming).facts()).isEmpty();
            }
        }
        Fact narrow = new Fact("z", "level", new Fact.Kind.Number(4, 4), Rest.NONE);
        assertThat(FactExamples.conditions(with(narrow))).isEqualTo("level at least 4");
    }
}
