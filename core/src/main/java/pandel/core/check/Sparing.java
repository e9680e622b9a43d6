package pandel.core.check;

import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.model.Facts;
import pandel.core.model.Prototype;

/**
 * Which places to look at where facts make too many: those at which something else can be done than at all before, and those where facts that
 * anything asks for together hold values that they did not hold together on that screen yet: first one at a time, then, where that was not
 * enough, all together. It is enough once all that could be was seen.
 */
final class Sparing {

    private record On(String screen, boolean base) {
    }

    private final Prototype prototype;
    private final Turns turns;
    private final Literals literals;
    private final Standing most;
    /** The facts that are asked for together, by their place among all. */
    private List<int[]> together = List.of();
    private boolean wide;
    /** What could be anywhere and was not seen yet. */
    private final Set<Trait> sought;
    /** The screens on which nothing could lead on, and where that would be. */
    private final Map<String, Set<Cell>> stuck;
    private final Set<Object> alike = new HashSet<>();
    private final Set<Object> seen = new HashSet<>();
    private final Map<On, BitSet> on = new HashMap<>();
    private final Map<Facts, int[]> held = new HashMap<>();
    private final Map<List<Integer>, Integer> numbers = new HashMap<>();

    /** @param most everything that could be */
    Sparing(Prototype prototype, Turns turns, Asked asked, Standing most) {
        this.prototype = prototype;
        this.turns = turns;
        this.literals = new Literals(prototype, asked);
        this.most = most;
        this.sought = new HashSet<>(most.traits());
        this.stuck = most.stuck().stream().collect(Collectors.groupingBy(Cell::screen, HashMap::new, Collectors.toSet()));
    }

    /** Looks from now on at more: at what everything that is still sought asks for together. @return whether there is more to look at */
    boolean widen() {
        boolean wider = !wide;
        wide = true;
        aim();
        return wider && !together.isEmpty();
    }

    /** What is sought no more asks for nothing any more. */
    private void aim() {
        List<String> facts = literals.facts();
        Stream<String> screens = Stream.concat(sought.stream().map(Trait::screen), stuck.keySet().stream());
        together = screens.distinct().sorted().map(turns.local()::on).filter(s -> s.size() > 1).distinct().map(s -> s.stream().mapToInt(facts::indexOf).sorted().toArray()).toList();
        held.clear();
    }

    /** Whether to look at a place. */
    boolean wants(Cell cell) {
        boolean other = alike.add(List.of(turns.likeness(cell), cell.behind()));
        return isNew(on.computeIfAbsent(new On(cell.screen(), cell.level().base()), o -> new BitSet()), cell.facts()) | other;
    }

    /** Takes in what facts hold together; whether anything of it is new. */
    private boolean isNew(BitSet known, Facts facts) {
        boolean more = false;
        for (int combination : held.computeIfAbsent(facts, this::combinations)) {
            more |= !known.get(combination);
            known.set(combination);
        }
        return more;
    }

    /** A number for what each fact holds, and, once widened, for what those hold that are asked for together. */
    private int[] combinations(Facts facts) {
        int[] all = literals.of(facts);
        IntStream each = Arrays.stream(all);
        return IntStream.concat(each, together.stream().mapToInt(set -> number(Arrays.stream(set).map(f -> all[f]).boxed().toList()))).toArray();
    }

    private int number(List<Integer> values) {
        return numbers.computeIfAbsent(values, v -> literals.size() + numbers.size());
    }

    /** A place was looked at. */
    void see(Cell cell, Turns.All all) {
        boolean found = stuck.containsKey(cell.screen()) && stuck.get(cell.screen()).contains(most.noted(cell)) && stuck.remove(cell.screen()) != null;
        if (seen.add(turns.likeness(cell))) {
            for (Trait trait : Trait.of(prototype, cell, all).toList()) {
                found |= sought.remove(trait);
            }
        }
        if (found && wide) {
            aim();
        }
    }

    /** A link did something that was not sure to. */
    void see(String screen, String link) {
        sought.remove(new Trait(screen, Trait.Kind.FIRES, link));
    }

    /** Whether everything that could be was seen. */
    boolean isDone() {
        return sought.isEmpty() && stuck.isEmpty();
    }
}
