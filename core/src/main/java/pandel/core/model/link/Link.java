package pandel.core.model.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.rest.Rest;

/**
 * What makes something happen: a cause on its owner (the hotspot or screen that holds it) and branches.
 *
 * @param branches looked at in order; none: the link does nothing yet
 * @param title what it is called in lists, findings and journeys; may be empty
 * @param always the outcome that play takes when an event names none; empty: play asks
 * @param takes the time it takes between a touch, or what is sent, and what it does; empty: none
 */
@RecordBuilder
public record Link(
        String id,
        String title,
        Cause cause,
        List<Branch> branches,
        Optional<String> always,
        Optional<Takes> takes,
        Rest rest)
        implements LinkBuilder.With {

    public Link {
        branches = List.copyOf(branches);
        takes = takes.filter(t -> cause instanceof Cause.Touch || cause instanceof Cause.Submit);
    }

    public Link(String id, Cause cause, List<Branch> branches, Rest rest) {
        this(id, "", cause, branches, Optional.empty(), Optional.empty(), rest);
    }

    /** A link of one branch with one effect. */
    public static Link of(String id, Cause cause, Effect effect) {
        return new Link(id, cause, List.of(Branch.of(effect)), Rest.NONE);
    }

    /** The first effect of the first branch that moves; else its first effect. */
    public Optional<Effect> effect() {
        return branches.stream()
                .flatMap(branch ->
                        branch.move().or(() -> branch.effects().stream().findFirst()).stream())
                .findFirst();
    }

    /** What all branches do, in order. */
    public Stream<Effect> effects() {
        return branches.stream().flatMap(b -> b.effects().stream());
    }

    /** What any branch says. */
    public Stream<Effect.Notice> notices() {
        return effects().filter(Effect.Notice.class::isInstance).map(Effect.Notice.class::cast);
    }

    /** The same with each action of what it says changed; where the change gives nothing that has none any more. */
    public Link withEachAction(Function<Link, Optional<Link>> change) {
        return notices().allMatch(n -> n.action().isEmpty())
                ? this
                : withBranches(branches.stream()
                        .map(b -> b.withEffects(b.effects().stream()
                                .map(e -> e instanceof Effect.Notice n
                                        ? n.withAction(n.action()
                                                .flatMap(a ->
                                                        change.apply(a.link()).map(a::withLink)))
                                        : e)
                                .toList()))
                        .toList());
    }

    /** The links that can be chosen on what it says. */
    public Stream<Link> actions() {
        return notices().flatMap(n -> n.action().stream()).map(Effect.Action::link);
    }

    /**
     * The same with another id, and others for the actions of what it says.
     *
     * @param id gives them one after another
     */
    public Link named(Function<Link, String> id) {
        return withId(id.apply(this)).withEachAction(a -> Optional.of(a.withId(id.apply(a))));
    }

    /** What the first branch remembers, in order. */
    public List<Effect.Remember> remembers() {
        return branches.stream().findFirst().map(Branch::remembers).orElse(List.of());
    }

    /** What any branch remembers. */
    public Stream<Effect.Remember> allRemembered() {
        return branches.stream().flatMap(b -> b.remembers().stream());
    }

    /** Names of the outcomes it is drawn with, each once. */
    public List<String> outcomes() {
        return branches.stream().flatMap(b -> b.outcome().stream()).distinct().toList();
    }

    /** The same link making that move in its first branch instead, as usual; what it does besides stays. */
    public Link doing(Effect move) {
        return branch(0, b -> b.doing(move));
    }

    /** The same with one branch changed, made anew where there is none of that number. */
    public Link branch(int number, UnaryOperator<Branch> change) {
        List<Branch> changed = new ArrayList<>(branches);
        while (changed.size() <= number) {
            changed.add(Branch.of(List.of()));
        }
        changed.set(number, change.apply(changed.get(number)));
        return withBranches(changed);
    }

    @Override
    public Link withBranches(List<Branch> newBranches) {
        Optional<String> kept = always.filter(
                a -> newBranches.stream().anyMatch(b -> b.outcome().equals(always)));
        return new Link(id, title, cause, newBranches, kept, takes, rest);
    }
}
