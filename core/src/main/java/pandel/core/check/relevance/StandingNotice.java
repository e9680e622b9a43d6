package pandel.core.check.relevance;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Situation;

/**
 * Which notice with an action stands: to the checks one more fact, which saying something sets. Like any fact it
 * outlives moves. How long it has stood is not followed: that it still stood when its action was chosen is for play to
 * tell.
 */
public final class StandingNotice {

    /** Holds the id of the action. */
    private static final Fact FACT =
            new Fact("\u0000notice", "the notice that stands", new Fact.Kind.Text(), Rest.NONE);

    private final Set<String> actions = new TreeSet<>();

    StandingNotice(Prototype prototype) {
        prototype.index().ways().stream()
                .filter(way -> way.notice().isPresent())
                .forEach(way -> actions.add(way.link().id()));
    }

    /** Whether no notice has an action: then none makes a difference. */
    public boolean isEmpty() {
        return actions.isEmpty();
    }

    static boolean isOf(String fact) {
        return fact.equals(FACT.id());
    }

    /** The fact that says which stands; empty where none has an action. */
    public Optional<Fact> fact() {
        return isEmpty() ? Optional.empty() : Optional.of(FACT);
    }

    /** All that the fact can hold. */
    Stream<Value> values() {
        return Stream.concat(Stream.of(FACT.unset()), actions.stream().map(Value.Text::new));
    }

    /** Id of the action that can be chosen. */
    public Optional<String> action(Facts facts) {
        return facts.set().get(FACT.id()) instanceof Value.Text text ? Optional.of(text.words()) : Optional.empty();
    }

    /** The same once the notice was touched. */
    public Facts gone(Facts facts) {
        return isEmpty() ? facts : facts.with(FACT, FACT.unset());
    }

    /**
     * What stands after a turn.
     *
     * @param events that led to what is done
     * @param done what is done
     */
    public Facts after(Facts facts, List<Event> events, List<TrailAction> done) {
        if (isEmpty()) {
            return facts;
        }
        Facts then = touches(events) ? gone(facts) : facts;
        for (TrailAction action : done) {
            if (action instanceof TrailAction.Tell tell) {
                Facts said = then;
                then = tell.action()
                        .filter(actions::contains)
                        .map(id -> said.with(FACT, new Value.Text(id)))
                        .orElseGet(() -> gone(said));
            }
        }
        return then;
    }

    private static boolean touches(List<Event> events) {
        return events.stream()
                .anyMatch(e -> e.plain() instanceof Event.Touched t
                        && (t.on() instanceof Event.On.OnAction || t.on() instanceof Event.On.OnNotice));
    }

    /** Whether the notice that stands at a place is the one that stands in a situation, as far as it has an action. */
    public boolean isThere(Facts facts, Situation situation) {
        return action(facts).equals(situation.notice().flatMap(Situation.Notice::action));
    }
}
