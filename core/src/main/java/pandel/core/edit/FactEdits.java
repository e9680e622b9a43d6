package pandel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.model.Branch;
import pandel.core.model.Effect;
import pandel.core.model.Fact;
import pandel.core.model.Index.Way;
import pandel.core.model.Link;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;

/** Edits of facts. */
public final class FactEdits {

    private FactEdits() {
    }

    /** The prototype with facts put in, those of the same id changed. */
    static Prototype with(Prototype p, List<Fact> facts) {
        if (facts.isEmpty()) {
            return p;
        }
        List<Fact> all = new ArrayList<>(p.facts());
        for (Fact fact : facts) {
            all.replaceAll(f -> f.id().equals(fact.id()) ? fact : f);
            if (all.stream().noneMatch(f -> f.id().equals(fact.id()))) {
                all.add(fact);
            }
        }
        return p.withFacts(all);
    }

    /** Changes a fact's name, or what it can hold; adds it when it is new. */
    public static Edit put(Fact fact) {
        return Edit.of("change the fact “" + fact.title() + "”", p -> with(p, List.of(fact)));
    }

    /** Removes facts and what links remember of them; looks that ask for them stay and hold no more. */
    public static Edit remove(List<Fact> facts) {
        Set<String> gone = facts.stream().map(Fact::id).collect(Collectors.toSet());
        return Edit.of("remove " + (facts.size() == 1 ? "the fact “" + facts.getFirst().title() + "”" : facts.size() + " facts"), p -> {
            Prototype less = p.withFacts(p.facts().stream().filter(f -> !gone.contains(f.id())).toList());
            for (Way way : p.index().ways()) {
                Link link = way.link();
                if (link.remembers().stream().anyMatch(r -> gone.contains(r.fact()))) {
                    less = LinkEdits.change("", link.withBranches(link.branches().stream().map(b -> new Branch(
                            b.effects().stream().filter(e -> !(e instanceof Effect.Remember r && gone.contains(r.fact()))).toList(), b.motion(), b.rest())).toList())).applyTo(less);
                }
            }
            return less;
        });
    }

    /** The links that remember a fact. */
    public static List<Way> setBy(Prototype prototype, String fact) {
        return prototype.index().ways().stream().filter(w -> w.link().branches().stream().flatMap(b -> b.remembers().stream()).anyMatch(r -> r.fact().equals(fact))).toList();
    }

    /** The screens with a look that asks for a fact. */
    public static List<Screen> askedBy(Prototype prototype, String fact) {
        return prototype.screens().stream().filter(s -> s.states().stream().flatMap(t -> t.conditions().stream()).anyMatch(c -> c.fact().equals(fact))).toList();
    }

    /** Sets what a link remembers when it is followed, its move kept. */
    public static Edit remember(Link link, List<Effect.Remember> remembers, List<Fact> facts) {
        List<Effect> effects = new ArrayList<>(remembers);
        link.branches().stream().findFirst().flatMap(Branch::move).ifPresent(effects::add);
        Branch first = link.branches().isEmpty() ? Branch.of(effects) : link.branches().getFirst().withEffects(effects);
        List<Branch> branches = new ArrayList<>(link.branches());
        if (branches.isEmpty()) {
            branches.add(first);
        } else {
            branches.set(0, first);
        }
        Link changed = link.withBranches(effects.isEmpty() ? List.of() : branches);
        return Edit.of("change what a link remembers", p -> LinkEdits.change("", changed).applyTo(with(p, facts)));
    }
}
