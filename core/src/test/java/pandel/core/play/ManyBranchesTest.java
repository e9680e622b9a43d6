package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Value;
import pandel.core.play.situation.Situation;

/** A link that can turn out in two hundred ways, by outcomes or by what is remembered. */
class ManyBranchesTest {

    private static final int MANY = 200;
    private static final Prototype PLAIN =
            Made.of("home page: go advance other; more return; less return", "other page: back return");

    private static Link go(Prototype p) {
        return p.screen("home").orElseThrow().hotspots().getFirst().links().getFirst();
    }

    private static Effect to(String screen) {
        return new Effect.Advance(new Target.ToScreen(screen));
    }

    private static Event tap(Prototype p) {
        return Event.tap(p.screen("home").orElseThrow().hotspots().getFirst().id());
    }

    private static Situation start(Prototype p) {
        return Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
    }

    @Test
    void eachOutcomeIsOnOfferAndDoesItsOwn() {
        Branch one = go(PLAIN).branches().getFirst();
        List<Branch> branches = IntStream.range(0, MANY)
                .mapToObj(i -> one.withOutcome(Optional.of("way " + i))
                        .withEffects(List.of(i % 2 == 0 ? to("other") : new Effect.Notice("way " + i, 1000))))
                .toList();
        Prototype p =
                LinkEdits.change("many ways", go(PLAIN).withBranches(branches)).applyTo(PLAIN);
        Step step = new Step(p);
        assertThat(step.step(start(p), tap(p)).situation().screen())
                .as("nothing happens before one is chosen")
                .isEqualTo("home");
        for (int i = 0; i < MANY; i++) {
            Situation then = step.step(start(p), tap(p).turning("way " + i)).situation();
            assertThat(then.screen()).isEqualTo(i % 2 == 0 ? "other" : "home");
            assertThat(then.notice().map(n -> n.words()))
                    .isEqualTo(i % 2 == 0 ? Optional.empty() : Optional.of("way " + i));
        }
        assertThat(step.step(start(p), tap(p).turning("way " + MANY)).happening())
                .isInstanceOf(Happening.Refused.class);
        Checked checked = Check.of(p);
        assertThat(checked.shows("other")).isTrue();
        assertThat(checked.unsettled()).isEmpty();
    }

    @Test
    void theFirstThatHoldsIsDone() {
        Fact count = new Fact("count", "count", new Fact.Kind.Number(0, MANY - 1), Rest.NONE);
        Branch one = go(PLAIN).branches().getFirst();
        List<Branch> branches = IntStream.range(0, MANY)
                .mapToObj(i -> one.withWhen(List.of(new Condition("count", Condition.Compare.IS, new Value.Number(i))))
                        .withEffects(List.of(
                                i == MANY - 1 ? to("other") : new Effect.Remember("count", new Effect.Change.By(1)))))
                .toList();
        Prototype p =
                LinkEdits.change("count up", go(PLAIN).withBranches(branches)).applyTo(PLAIN.withFacts(List.of(count)));
        Situation now = start(p);
        Step step = new Step(p);
        for (int i = 0; i < MANY - 1; i++) {
            now = step.step(now, tap(p)).situation();
            assertThat(now.screen()).isEqualTo("home");
            assertThat(now.facts().of(p, "count")).isEqualTo(new Value.Number(i + 1));
        }
        assertThat(step.step(now, tap(p)).situation().screen()).isEqualTo("other");
        Checked checked = Check.of(p);
        assertThat(checked.walkTo("other").orElseThrow().events()).hasSize(MANY);
        assertThat(checked.unsettled()).isEmpty();
    }
}
