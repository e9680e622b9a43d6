package pandel.core.generate;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Value;

/** Some tabs and pages of which choosing them remembers or says something besides. */
final class GeneratedChosen {

    private GeneratedChosen() {}

    static Prototype on(Prototype plain, Random random) {
        List<TabSet> sets = plain.tabSets().stream()
                .map(s -> s.withTabs(s.tabs().stream()
                        .map(t -> random.nextInt(4) == 0 ? t.withEffects(List.of(effect(plain, random))) : t)
                        .toList()))
                .toList();
        List<Sequence> sequences = plain.sequences().stream()
                .map(s -> {
                    Map<String, List<Effect>> effects = new TreeMap<>();
                    s.pages().stream()
                            .filter(p -> random.nextInt(4) == 0)
                            .forEach(p -> effects.put(p, List.of(effect(plain, random))));
                    return s.withEffects(effects);
                })
                .toList();
        return plain.withTabSets(sets).withSequences(sequences);
    }

    private static Effect effect(Prototype plain, Random random) {
        if (plain.facts().isEmpty() || random.nextInt(4) == 0) {
            return new Effect.Notice("It is chosen", 2000);
        }
        Fact fact = plain.facts().get(random.nextInt(plain.facts().size()));
        return new Effect.Remember(
                fact.id(),
                switch (fact.kind()) {
                    case Fact.Kind.YesNo y ->
                        random.nextBoolean()
                                ? new Effect.Change.Toggle()
                                : new Effect.Change.Set(new Value.YesNo(random.nextBoolean()));
                    case Fact.Kind.Number n -> new Effect.Change.By(random.nextBoolean() ? 1 : -1);
                    default -> new Effect.Change.Unset();
                });
    }
}
