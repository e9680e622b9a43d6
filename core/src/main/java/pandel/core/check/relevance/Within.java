package pandel.core.check.relevance;

import java.util.List;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** The least and the most of a number that still tell anything apart. */
record Within(int least, int most) {

    /**
     * Those of a fact: one beyond everything it is compared with, and, on the side from which it comes back, as far as
     * it goes.
     *
     * @param fact a number, that is compared with constants alone
     */
    static Within of(Prototype prototype, Fact fact) {
        boolean shrinks = false;
        boolean grows = false;
        for (Link link : prototype.index().links().toList()) {
            for (Effect.Remember remember : link.allRemembered().toList()) {
                if (remember.fact().equals(fact.id()) && remember.change() instanceof Effect.Change.By by) {
                    shrinks |= by.n() < 0;
                    grows |= by.n() > 0;
                }
            }
        }
        Fact.Kind.Number kind = (Fact.Kind.Number) fact.kind();
        int unset = ((Value.Number) fact.unset()).of();
        List<Integer> compared = Reads.conditions(prototype)
                .filter(c -> c.what().fact().filter(fact.id()::equals).isPresent())
                .flatMap(
                        c -> c.with() instanceof Source.Constant with ? with.value().number().stream() : Stream.empty())
                .map(Value.Number::of)
                .toList();
        int low = compared.stream().reduce(unset, Math::min);
        int high = compared.stream().reduce(unset, Math::max);
        return new Within(
                grows ? kind.least() : Math.max(kind.least(), low - 1),
                shrinks ? kind.most() : Math.min(kind.most(), high + 1));
    }
}
