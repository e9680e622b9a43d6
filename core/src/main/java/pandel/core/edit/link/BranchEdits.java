package pandel.core.edit.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;

/** Edits of the ways a link can turn out. */
public final class BranchEdits {

    /** How the first of two ways is called when nobody said. */
    public static final String DONE = "done";

    private BranchEdits() {}

    private static Edit change(String name, Link link, int number, UnaryOperator<Branch> how) {
        return LinkEdits.change(name, link.branch(number, how));
    }

    /** What must hold for a branch, with facts that are new. */
    public static Edit when(Link link, int number, List<Condition> conditions, List<Fact> facts) {
        Edit change = change("change when a link holds", link, number, b -> b.withWhen(conditions));
        return Edit.of(change.name(), p -> change.applyTo(AddedFacts.with(p, facts)));
    }

    /** Names the outcome of a branch; no word: it has none. */
    public static Edit outcome(Link link, int number, String name) {
        String word = name.strip();
        Optional<String> outcome = word.isEmpty() ? Optional.empty() : Optional.of(word);
        boolean wasAlways = link.always().isPresent()
                && link.branches().size() > number
                && link.always().equals(link.branches().get(number).outcome());
        return Edit.of("name an outcome", p -> {
            Link changed = link.branch(number, b -> b.withOutcome(outcome));
            return LinkEdits.change("", wasAlways ? changed.withAlways(outcome) : changed)
                    .applyTo(p);
        });
    }

    /**
     * Another way it can turn out, behind the others. One that names no outcome and asks for nothing would always come
     * before: it gets a name.
     */
    public static Edit another(Link link, String outcome) {
        List<Branch> branches = new ArrayList<>(link.branches().stream()
                .map(b -> b.outcome().isEmpty() && b.when().isEmpty() ? b.withOutcome(Optional.of(DONE)) : b)
                .toList());
        branches.add(Branch.of(List.of()).withOutcome(Optional.of(outcome)));
        return LinkEdits.change("add another way it can turn out", link.withBranches(branches));
    }

    /** Takes a branch away; the last one that is left needs no name any more. */
    public static Edit remove(Link link, int number) {
        List<Branch> branches = new ArrayList<>(link.branches());
        branches.remove(number);
        if (branches.size() == 1) {
            branches.set(0, branches.getFirst().withOutcome(Optional.empty()));
        }
        return LinkEdits.change("remove a way it can turn out", link.withBranches(branches));
    }

    /** What a branch says and where it leaves to, in place of what it did; what is remembered and the move stay. */
    public static Edit asides(Link link, int number, List<Effect> asides) {
        return change("change what a link says", link, number, b -> {
            List<Effect> effects = new ArrayList<>(b.remembers());
            effects.addAll(asides);
            b.move().ifPresent(effects::add);
            return b.withEffects(effects);
        });
    }

    /** Where a branch moves; empty: where its move usually is done. */
    public static Edit where(Link link, int number, Optional<Where> where) {
        return change("change where a move is done", link, number, b -> b.withWhere(where));
    }

    /** All links whose first move is of that verb move so; empty: as usual. */
    public static Edit motionOfAll(Verb verb, Optional<Motion> motion) {
        return Edit.of(
                "change the motion of every " + verb.word(),
                p -> EachLink.branches(
                        p, b -> b.move().filter(m -> m.verb() == verb).isPresent() ? b.withMotion(motion) : b));
    }

    /** How a branch moves; empty: as usual. */
    public static Edit motion(Link link, int number, Optional<Motion> motion) {
        return change("change a motion", link, number, b -> b.withMotion(motion));
    }
}
