package pandel.core.check.solve;

import com.carrotsearch.hppc.IntObjectHashMap;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Table;
import pandel.core.check.relevance.Literals;
import pandel.core.check.relevance.StandingNotice;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turns;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;

/**
 * Which places to look at where facts make too many: those at which something else can be done than at all before, and
 * those where a fact holds what it did not hold on that screen yet. Where that is not enough, those too where the facts
 * that one screen asks for together do, for one such screen after another. It is enough once all that could be was
 * seen.
 */
public final class SearchGoal {

    private record On(String screen, boolean base) {}

    private record Alike(int kind, int own, Cell.Behind behind) {}

    private final PushdownSystem system;
    private final Prototype prototype;
    private final Turns turns;
    private final Literals literals;
    private final PossibleCells most;
    /** The facts that are asked for together, by their place among all. */
    private int[] together = new int[0];

    private Set<String> aim = Set.of();
    private boolean met;
    private final Set<Set<String>> aimed = new HashSet<>();
    /** What could be anywhere and was not seen yet. */
    private final Set<Trait> sought;
    /** The screens on which nothing could lead on, and where that would be. */
    private final Map<String, Set<Integer>> stuck;

    private final Set<Alike> alike = new HashSet<>();
    private final BitSet seen = new BitSet();
    private final Map<On, BitSet> on = new HashMap<>();
    private final IntObjectHashMap<int[]> held = new IntObjectHashMap<>();
    private final Map<List<Integer>, Integer> numbers = new HashMap<>();

    /** @param most everything that could be */
    SearchGoal(PushdownSystem system, PossibleCells most) {
        this.system = system;
        this.prototype = system.prototype();
        this.turns = system.turns();
        this.literals = new Literals(prototype, system.relevance());
        this.most = most;
        this.sought = new HashSet<>(most.traits());
        this.stuck =
                most.stuck().stream().collect(Collectors.groupingBy(most::screen, HashMap::new, Collectors.toSet()));
    }

    /**
     * Looks from now on at more: at what decides together on something that is still sought, or else is asked for
     * together on its screen, one after another.
     *
     * @return whether there is more to look at
     */
    boolean widen() {
        Optional<Set<String>> next = open().filter(relevance -> relevance.size() > 1 && aimed.add(relevance))
                .findFirst();
        aim = next.orElse(Set.of());
        together = aim.stream().mapToInt(literals.facts()::indexOf).sorted().toArray();
        held.clear();
        met = false;
        return next.isPresent();
    }

    /** The facts that decide on each thing that is still sought, and then all that its screen asks for. */
    private Stream<Set<String>> open() {
        Stream<Set<String>> deciding = sought.stream()
                .sorted(Comparator.comparing(Trait::screen)
                        .thenComparing(Trait::kind)
                        .thenComparing(Trait::id))
                .map(this::deciding);
        Stream<Set<String>> stuckOn = stuck.keySet().stream().sorted().map(turns.local()::on);
        Stream<Set<String>> all =
                sought.stream().map(Trait::screen).distinct().sorted().map(turns.local()::on);
        return Stream.of(deciding, stuckOn, all).flatMap(s -> s);
    }

    private Set<String> deciding(Trait trait) {
        Optional<Way> way = prototype.index().way(trait.id());
        Stream<Condition> of =
                way.stream().flatMap(w -> w.link().branches().stream()).flatMap(b -> b.when().stream());
        boolean seen = way.isEmpty() || way.get().hotspot().isEmpty();
        Stream<Condition> looks = prototype.screen(trait.screen()).orElseThrow().states().stream()
                .filter(t -> seen
                        ? trait.kind() == Trait.Kind.LOOKS
                        : t.hides().contains(way.get().hotspot().get().id()))
                .flatMap(t -> t.conditions().stream());
        Stream<String> notice = way
                .filter(w -> w.notice().isPresent())
                .flatMap(w -> system.relevance().notice().fact())
                .map(Fact::id)
                .stream();
        return Stream.concat(Stream.concat(of, looks).flatMap(Condition::facts), notice)
                .filter(literals.facts()::contains)
                .collect(Collectors.toSet());
    }

    /** Whether what is looked for together was just seen. */
    boolean isMet() {
        return met;
    }

    private boolean isAimMet() {
        return !aim.isEmpty() && open().noneMatch(aim::equals);
    }

    /** Whether to look at a place. */
    boolean wants(int head, int valuation) {
        Cell cell = system.cell(head);
        boolean other = alike.add(new Alike(system.kind(head), system.own(head, bare(valuation)), cell.behind()));
        return isNew(on.computeIfAbsent(new On(cell.screen(), cell.level().base()), o -> new BitSet()), valuation)
                || other;
    }

    /** The same with no notice: that one stands on a screen is looked at once, not with all that facts hold besides. */
    private int bare(int valuation) {
        StandingNotice notice = system.relevance().notice();
        return notice.isEmpty()
                ? valuation
                : system.valuations().of(notice.gone(system.valuations().facts(valuation)));
    }

    /** Takes in what facts hold together; whether anything of it is new. */
    private boolean isNew(BitSet known, int valuation) {
        int[] combinations = held.get(valuation);
        if (combinations == null) {
            combinations = combinations(system.valuations().facts(valuation));
            held.put(valuation, combinations);
        }
        boolean more = false;
        for (int combination : combinations) {
            more |= !known.get(combination);
            known.set(combination);
        }
        return more;
    }

    /** A number for what each fact holds, and for what those hold that are looked for together. */
    private int[] combinations(Facts facts) {
        int[] all = literals.of(facts);
        IntStream each = Arrays.stream(all);
        return together.length == 0
                ? all
                : IntStream.concat(
                                each,
                                IntStream.of(number(Arrays.stream(together)
                                        .map(f -> all[f])
                                        .boxed()
                                        .toList())))
                        .toArray();
    }

    private int number(List<Integer> values) {
        return numbers.computeIfAbsent(values, v -> literals.size() + numbers.size());
    }

    /** A place was looked at. */
    void see(int head, int valuation, Table table) {
        String screen = table.cell().screen();
        Set<Integer> open = stuck.get(screen);
        boolean found = open != null && open.contains(most.noted(head, valuation)) && stuck.remove(screen) != null;
        if (!seen.get(table.number())) {
            seen.set(table.number());
            for (Trait trait : Trait.of(prototype, table).toList()) {
                found |= sought.remove(trait);
            }
        }
        met = found && isAimMet();
    }

    /** A link did something that was not sure to. */
    void see(String screen, String link) {
        sought.remove(Trait.fires(prototype, screen, link));
    }

    /** Whether everything that could be was seen. */
    boolean isDone() {
        return sought.isEmpty() && stuck.isEmpty();
    }
}
