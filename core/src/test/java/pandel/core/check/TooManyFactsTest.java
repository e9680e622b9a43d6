package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.finding.Rule;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Literals;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.solve.Budget;
import pandel.core.check.solve.Explorer;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Pairwise;
import pandel.core.check.solve.Reachability;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turn;
import pandel.core.check.turn.Turns;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Branch;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;
import pandel.core.play.situation.Situation;

/** What is looked at where facts are too many for all of it, and what bounds the rest. */
class TooManyFactsTest {

    private static final Budget SPARING = new Budget(FollowedScreens.MOST, 0);

    @Property(tries = 60)
    void twoFactsAtATimeHoldEverythingThatCanBeAndTwoAloneNothingMore(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 4) int count) {
        Prototype p = Generated.of(12, seed, Kind.NASTY, count);
        Literals literals = new Literals(p, Relevance.in(p));
        Random random = new Random(seed);
        Set<Facts> real = new LinkedHashSet<>();
        Pairwise might = new Pairwise(literals);
        for (int i = 0; i < 6; i++) {
            Facts facts = any(literals, random);
            might.join(Pairwise.of(literals, literals.of(facts)));
            assertThat(might.join(Pairwise.of(literals, literals.of(facts))))
                    .as("whether %s is new again", facts)
                    .isFalse();
            real.add(facts);
        }
        assertThat(all(literals, might)).containsAll(real);
        if (literals.facts().size() < 3) {
            assertThat(all(literals, might)).isSubsetOf(real);
        }
        if (literals.size() == 0) {
            return;
        }
        int literal = random.nextInt(literals.size());
        String fact = literals.factOf(literal);
        List<Facts> holding =
                real.stream().filter(f -> literals.of(f, fact) == literal).toList();
        assertThat(all(literals, might.where(List.of(literal))))
                .containsAll(holding)
                .allMatch(f -> literals.of(f, fact) == literal);
        Pairwise set = might.after(List.of(literal));
        assertThat(all(literals, set))
                .containsAll(real.stream().map(f -> with(literals, f, literal)).toList())
                .allMatch(f -> literals.of(f, fact) == literal);
    }

    private static List<Facts> all(Literals literals, Pairwise might) {
        return might.of(new LinkedHashSet<>(literals.facts()), 100_000).orElseThrow().stream()
                .map(literals::facts)
                .toList();
    }

    private static Facts any(Literals literals, Random random) {
        List<Integer> held = new ArrayList<>();
        for (String fact : literals.facts()) {
            List<Integer> values = new ArrayList<>();
            literals.of(fact).forEach(values::add);
            held.add(values.get(random.nextInt(values.size())));
        }
        return literals.facts(held);
    }

    private static Facts with(Literals literals, Facts facts, int literal) {
        List<Integer> held = new ArrayList<>();
        for (int other : literals.of(facts)) {
            held.add(literals.factOf(other).equals(literals.factOf(literal)) ? literal : other);
        }
        return literals.facts(held);
    }

    /** Whatever else is remembered, what is done on a screen is the same. */
    @Property(tries = 30)
    void whatAScreenDoesHangsOnItsOwnFactsAlone(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 5) int count, @ForAll Kind kind) {
        Prototype p = Generated.of(8, seed, kind, count);
        Relevance relevance = Relevance.in(p);
        Literals literals = new Literals(p, relevance);
        Random random = new Random(seed);
        for (Device device : p.devices()) {
            Reachability exploration = Explorer.explore(
                    new PushdownSystem(p, device, relevance, SPARING.followed()), SPARING, p.entries(), () -> false);
            Turns turns = exploration.turns();
            for (Node node : exploration.nodes().stream().limit(40).toList()) {
                Facts own = turns.local().alone(node.cell).facts();
                Facts others = others(turns.local().on(node.cell.screen()), any(literals, random), own);
                Cell other = node.cell.staying(others, node.cell.waited());
                for (Way way : p.index().waysOut(node.cell.screen())) {
                    for (Branch branch : way.link().branches()) {
                        assertThat(turns.rules().branch(turns.head(other), branch))
                                .isEqualTo(turns.rules().branch(turns.head(node.cell), branch));
                        assertThat(branch.holds(p, other.known())).isEqualTo(branch.holds(p, node.cell.known()));
                    }
                }
                assertThat(turns.at(other).turns().map(Turn::actions))
                        .isEqualTo(
                                turns.at(node.cell).turns().map(Turn::actions).toList());
            }
        }
    }

    private static Facts others(Set<String> own, Facts all, Facts held) {
        Map<String, Value> facts = new HashMap<>(all.set());
        facts.keySet().removeAll(own);
        facts.putAll(held.set());
        return Facts.of(facts);
    }

    /** What was looked at is what play comes to by its list of events, with what is remembered there. */
    @Property(tries = 30)
    void whatIsComeToReplays(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 14) int size,
            @ForAll @IntRange(min = 1, max = 6) int count,
            @ForAll Kind kind) {
        assertReplays(Generated.of(size, seed, kind, count), SPARING);
    }

    @Test
    void aTabIsNotShownWithItsRootWhereThatMayHaveBeenReplaced() {
        assertReplays(Generated.of(10, 524_855_707_276_701_101L, Kind.NASTY, 2), SPARING);
    }

    @Test
    void workWhoseOutcomeHangsOnWhatIsNotFollowedIsNotTakenToDoNothing() {
        assertReplays(Generated.of(11, 699, Kind.NASTY, 3), new Budget(3, 0));
    }

    private static void assertReplays(Prototype p, Budget budget) {
        Relevance relevance = Relevance.in(p);
        for (Device device : p.devices()) {
            Reachability exploration = Explorer.explore(
                    new PushdownSystem(p, device, relevance, budget.followed()), budget, p.entries(), () -> false);
            for (Node node : exploration.nodes().stream().limit(300).toList()) {
                Situation there = exploration.walkTo(node).replay(p);
                assertThat(there.screen()).isEqualTo(node.cell.screen());
                assertThat(relevance
                                .of(there.facts())
                                .only(exploration.turns().local().on(node.cell.screen())))
                        .isEqualTo(relevance.notice().gone(node.cell.facts()));
                // That a notice has passed meanwhile is known of it once its action is chosen.
                assertThat(relevance.notice().isThere(node.cell.facts(), there)
                                || there.notice()
                                        .flatMap(Situation.Notice::action)
                                        .isEmpty())
                        .isTrue();
                assertThat(there.drawer()).isEqualTo(node.cell.drawer());
                assertThat(there.levels().size() == 1)
                        .isEqualTo(node.cell.level().base());
                assertThat(node.distance)
                        .isEqualTo(exploration.walkTo(node).events().size());
            }
        }
    }

    /** Looking at some and bounding the rest says nothing else than looking at all. */
    @Property(tries = 20)
    void lookingAtSomeNeverSaysTheContraryOfLookingAtAll(
            @ForAll long seed,
            @ForAll @IntRange(min = 2, max = 25) int size,
            @ForAll @IntRange(min = 1, max = 3) int count) {
        Prototype p = Generated.of(size, seed, Kind.USUAL, count);
        Checked all = Check.of(p, new Budget(FollowedScreens.MOST, 4_000), () -> false)
                .orElseThrow();
        Checked some = Check.of(p, SPARING, () -> false).orElseThrow();
        Set<String> open = new LinkedHashSet<>();
        all.unsettled().forEach(u -> open.add(u.subject()));
        some.unsettled().forEach(u -> open.add(u.subject()));
        p.screens().stream()
                .filter(s -> !open.contains(s.id()))
                .forEach(s ->
                        assertThat(some.shows(s.id())).as("%s is shown", s.id()).isEqualTo(all.shows(s.id())));
        p.index().ways().stream()
                .map(w -> w.link().id())
                .filter(id -> !open.contains(id))
                .forEach(id ->
                        assertThat(some.fires(id)).as("%s does something", id).isEqualTo(all.fires(id)));
        for (Rule rule : List.of(Rule.DEAD_END, Rule.ONLY_DEVICE_BACK, Rule.STATE_NEVER_HOLDS)) {
            assertThat(screens(some, rule, open)).as(rule.id()).isEqualTo(screens(all, rule, open));
        }
    }

    private static Set<String> screens(Checked checked, Rule rule, Set<String> open) {
        Set<String> screens = new LinkedHashSet<>();
        checked.findings(rule).forEach(f -> screens.addAll(f.screens()));
        screens.removeAll(open);
        return rule == Rule.STATE_NEVER_HOLDS && !open.isEmpty() ? Set.of() : new java.util.TreeSet<>(screens);
    }

    /** As people make them: hundreds of screens, and facts that multiply them by hundreds. */
    @Example
    void threeHundredScreensWithEightFactsAreSettledButForALinkOrTwo() {
        Prototype p = Generated.of(300, 8, Kind.USUAL, 8);
        assertThat(p.facts()).allMatch(f -> f.kind() instanceof Fact.Kind.YesNo);
        Checked checked = Check.of(p);
        assertThat(checked.unsettled())
                .hasSizeLessThan(5)
                .allMatch(u -> u.rule() == Rule.LINK_NEVER_FIRES
                        || u.rule() == Rule.UNREACHED_SCREEN && u.subject().isEmpty());
        assertThat(checked.shown().size()).isGreaterThan(280);
        checked.shown()
                .forEach(id -> assertThat(
                                checked.walkTo(id).orElseThrow().replay(p).screen())
                        .isEqualTo(id));
    }

    /** A number of two thousand million values is not counted through. */
    @Example
    void aNumberWithoutEndIsNoTrouble() {
        for (Prototype small : IntStream.range(0, 20)
                .mapToObj(seed -> Generated.of(3, seed, Kind.NASTY, 1))
                .filter(q -> q.facts().getFirst().kind() instanceof Fact.Kind.Number)
                .limit(3)
                .toList()) {
            Prototype p = small.withFacts(small.facts().stream()
                    .map(f -> f.kind() instanceof Fact.Kind.Number
                            ? new Fact(f.id(), f.title(), new Fact.Kind.Number(-1_000_000_000, 1_000_000_000), f.rest())
                            : f)
                    .toList());
            Literals literals = new Literals(p, Relevance.in(p));
            assertThat(literals.size()).isLessThan(3 * Literals.MOST);
            Checked checked = Check.of(p);
            checked.shown()
                    .forEach(id -> assertThat(
                                    checked.walkTo(id).orElseThrow().replay(p).screen())
                            .isEqualTo(id));
        }
    }
}
