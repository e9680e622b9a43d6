package pandel.core.edit.value;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** Edits of facts. */
public final class FactEdits {

    private FactEdits() {}

    /** Changes a fact's name, or what it can hold; adds it when it is new. */
    public static Edit put(Fact fact) {
        return Edit.of("change the fact “" + fact.title() + "”", p -> AddedFacts.with(p, List.of(fact)));
    }

    /** Removes facts and what links remember of them; looks that ask for them stay and hold no more. */
    public static Edit remove(List<Fact> facts) {
        Set<String> gone = facts.stream().map(Fact::id).collect(Collectors.toSet());
        return Edit.of(
                "remove "
                        + (facts.size() == 1 ? "the fact “" + facts.getFirst().title() + "”" : facts.size() + " facts"),
                p -> {
                    Prototype less = p.withFacts(p.facts().stream()
                            .filter(f -> !gone.contains(f.id()))
                            .toList());
                    for (Link link : p.index().links().toList()) {
                        if (link.allRemembered().anyMatch(r -> gone.contains(r.fact()))) {
                            less = LinkEdits.change(
                                            "",
                                            link.withBranches(link.branches().stream()
                                                    .map(b -> b.withEffects(b.effects().stream()
                                                            .filter(e -> !(e instanceof Effect.Remember r
                                                                    && gone.contains(r.fact())))
                                                            .toList()))
                                                    .toList()))
                                    .applyTo(less);
                        }
                    }
                    return less;
                });
    }

    /** The links that remember a fact. */
    public static List<Way> setBy(Prototype prototype, String fact) {
        return prototype.index().ways().stream()
                .filter(w -> w.link().allRemembered().anyMatch(r -> r.fact().equals(fact)))
                .toList();
    }

    /** The screens with a look that asks for a fact, or a field that begins with it. */
    public static List<Screen> askedBy(Prototype prototype, String fact) {
        return prototype.screens().stream()
                .filter(s -> s.states().stream()
                                .flatMap(t -> t.conditions().stream())
                                .anyMatch(c -> c.asksFor(fact))
                        || prototype.index().hotspotsOn(s.id()).stream()
                                .flatMap(h -> h.begins().stream())
                                .anyMatch(b -> b.fact().equals(Optional.of(fact))))
                .toList();
    }

    /** The links with a branch that asks for a fact. */
    public static List<Way> linksAsking(Prototype prototype, String fact) {
        return prototype.index().ways().stream()
                .filter(w -> w.link().branches().stream()
                        .flatMap(b -> b.when().stream())
                        .anyMatch(c -> c.asksFor(fact)))
                .toList();
    }

    /** Sets what a link's first branch remembers, everything else kept. */
    public static Edit remember(Link link, List<Effect.Remember> remembers, List<Fact> facts) {
        return remember(link, 0, remembers, facts);
    }

    /** Sets what a branch of a link remembers, everything else kept. */
    public static Edit remember(Link link, int number, List<Effect.Remember> remembers, List<Fact> facts) {
        Link changed = link.branch(number, b -> {
            List<Effect> effects = new ArrayList<>(remembers);
            effects.addAll(b.effects().stream()
                    .filter(e -> !(e instanceof Effect.Remember))
                    .toList());
            return b.withEffects(effects);
        });
        boolean bare = changed.branches().size() == 1
                && changed.branches().getFirst().effects().isEmpty();
        Link kept = bare ? link.withBranches(List.of()) : changed;
        return Edit.of(
                "change what a link remembers", p -> LinkEdits.change("", kept).applyTo(AddedFacts.with(p, facts)));
    }

    /** The words that a fact is set to or compared with anywhere. */
    public static List<String> words(Prototype p, String fact) {
        Stream<Source> set = p.index()
                .links()
                .flatMap(Link::allRemembered)
                .filter(r -> r.fact().equals(fact))
                .flatMap(r -> r.change() instanceof Effect.Change.Set to ? Stream.of(to.to()) : Stream.empty());
        Stream<Source> compared = Stream.concat(
                        p.screens().stream().flatMap(s -> s.states().stream()).flatMap(s -> s.conditions().stream()),
                        p.index().ways().stream()
                                .flatMap(w -> w.link().branches().stream())
                                .flatMap(b -> b.when().stream()))
                .filter(c -> c.asksFor(fact))
                .flatMap(Condition::sources);
        return Stream.concat(set, compared)
                .flatMap(s -> s instanceof Source.Constant c && c.value() instanceof Value.Text t
                        ? Stream.of(t.words())
                        : Stream.empty())
                .filter(w -> !w.isEmpty())
                .distinct()
                .toList();
    }
}
