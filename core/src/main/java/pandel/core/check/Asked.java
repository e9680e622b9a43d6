package pandel.core.check;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.model.Effect;
import pandel.core.model.Fact;
import pandel.core.model.Facts;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Value;

/**
 * Which facts anything asks for, and how finely. What the others hold makes no difference; nor does how far a number lies
 * beyond everything it is compared with, where it only ever grows, or only ever shrinks, on that side.
 */
final class Asked {

    /** The least and the most of a number that still tell anything apart. */
    private record Within(int least, int most) {
    }

    private final Prototype prototype;
    private final Set<String> facts = new LinkedHashSet<>();
    private final Map<String, Within> numbers = new HashMap<>();

    private Asked(Prototype prototype) {
        this.prototype = prototype;
    }

    static Asked in(Prototype prototype) {
        Asked asked = new Asked(prototype);
        Map<String, Within> compared = new HashMap<>();
        Stream.concat(prototype.screens().stream().flatMap(s -> s.states().stream()).flatMap(s -> s.conditions().stream()),
                prototype.index().ways().stream().flatMap(w -> w.link().branches().stream()).flatMap(b -> b.when().stream())).forEach(condition -> {
            Optional<Fact> fact = prototype.fact(condition.fact());
            fact.ifPresent(f -> asked.facts.add(f.id()));
            if (fact.isPresent() && condition.with() instanceof Value.Number n) {
                compared.merge(fact.get().id(), new Within(n.of(), n.of()), (a, b) -> new Within(Math.min(a.least, b.least), Math.max(a.most, b.most)));
            }
        });
        asked.facts.forEach(id -> prototype.fact(id).filter(f -> f.kind() instanceof Fact.Kind.Number).ifPresent(f -> asked.bound(f, compared.get(id))));
        return asked;
    }

    private void bound(Fact fact, @org.jspecify.annotations.Nullable Within compared) {
        boolean shrinks = false;
        boolean grows = false;
        for (Way way : prototype.index().ways()) {
            for (Effect.Remember remember : way.link().allRemembered().toList()) {
                if (remember.fact().equals(fact.id()) && remember.change() instanceof Effect.Change.By by) {
                    shrinks |= by.n() < 0;
                    grows |= by.n() > 0;
                }
            }
        }
        Fact.Kind.Number kind = (Fact.Kind.Number) fact.kind();
        int unset = ((Value.Number) fact.unset()).of();
        int low = compared == null ? unset : Math.min(compared.least, unset);
        int high = compared == null ? unset : Math.max(compared.most, unset);
        numbers.put(fact.id(), new Within(grows ? kind.least() : Math.max(kind.least(), low - 1), shrinks ? kind.most() : Math.min(kind.most(), high + 1)));
    }

    /** Ids of the facts in conditions, without those that are gone. */
    Set<String> facts() {
        return facts;
    }

    /** What matters of what is remembered. */
    Facts of(Facts all) {
        Facts kept = all.only(facts);
        for (Map.Entry<String, Value> one : kept.set().entrySet()) {
            Within within = numbers.get(one.getKey());
            if (within != null && one.getValue() instanceof Value.Number n && (n.of() < within.least || n.of() > within.most)) {
                kept = kept.with(prototype.fact(one.getKey()).orElseThrow(), new Value.Number(Math.clamp(n.of(), within.least, within.most)));
            }
        }
        return kept;
    }

    /** Whether any link remembers one of them. */
    boolean changes() {
        return !facts.isEmpty() && prototype.index().ways().stream().flatMap(way -> way.link().allRemembered())
                .map(Effect.Remember::fact).anyMatch(facts::contains);
    }
}
