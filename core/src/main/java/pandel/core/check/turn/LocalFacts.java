package pandel.core.check.turn;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.check.relevance.Reads;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;

/**
 * Which facts can make a difference to what can be done on a screen, or be changed by it: those that its looks and the
 * links on it read or remember. All others are after a turn what they were before, and the turn is the same whatever
 * they are.
 */
public final class LocalFacts {

    private final Prototype prototype;
    private final Relevance relevance;
    /** What can be set off, or is shown, wherever a frame is. */
    private final Set<String> anywhere = new LinkedHashSet<>();

    private final Map<String, Set<String>> made = new HashMap<>();

    LocalFacts(Prototype prototype, Relevance relevance) {
        this.prototype = prototype;
        this.relevance = relevance;
        prototype.index().ways().stream()
                .filter(w -> w.isAnywhereInside() || w.isOfFrame())
                .forEach(w -> add(anywhere, w.link()));
        prototype.index().links().filter(l -> l.cause().isOfFrames()).forEach(l -> add(anywhere, l));
        relevance.notice().fact().map(Fact::id).ifPresent(anywhere::add);
        // What stands in fields depends on the facts there are where something leads to them.
        prototype.index().hotspots().stream()
                .flatMap(h -> h.begins().stream())
                .flatMap(s -> s.fact().stream())
                .forEach(anywhere::add);
        prototype.tabSets().stream()
                .flatMap(t -> t.tabs().stream())
                .flatMap(t -> t.root().values().values().stream())
                .flatMap(v -> v.fact().stream())
                .forEach(anywhere::add);
    }

    /** Ids of those of a screen that anything asks for. */
    public Set<String> on(String screen) {
        return made.computeIfAbsent(screen, id -> {
            Set<String> facts = new LinkedHashSet<>(anywhere);
            Stream.concat(
                            Stream.of(id),
                            prototype.pairs().stream()
                                    .filter(p -> p.detail().equals(id))
                                    .map(Pair::list))
                    .forEach(on -> {
                        prototype.screen(on).map(Screen::states).stream()
                                .flatMap(Collection::stream)
                                .flatMap(s -> s.conditions().stream())
                                .flatMap(Condition::facts)
                                .forEach(facts::add);
                        prototype.index().waysOut(on).forEach(w -> add(facts, w.link()));
                    });
            facts.retainAll(relevance.facts());
            return facts;
        });
    }

    private static void add(Set<String> facts, Link link) {
        Reads.reads(link).flatMap(s -> s.fact().stream()).forEach(facts::add);
        link.allRemembered().forEach(r -> facts.add(r.fact()));
    }

    /** The same with what is remembered of its screen's own alone. */
    public Cell alone(Cell cell) {
        return cell.facts().set().isEmpty() ? cell : cell.staying(cell.facts().only(on(cell.screen())), cell.waited());
    }
}
