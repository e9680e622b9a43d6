package pandel.core.check.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.check.relevance.Literals;
import pandel.core.check.relevance.Relevance;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;

/** The searches and what they are made of, each for itself. */
class SolvedTest {

    private static Reachability explored(Prototype p, Budget budget) {
        return Explorer.explore(p, p.devices().getFirst(), budget, Relevance.in(p), p.entries(), () -> false);
    }

    private static Reachability explored(String... lines) {
        return explored(Made.of(lines), Budget.USUAL);
    }

    private static Node nearest(Reachability found, String screen) {
        return found.nodesOn(screen).getFirst();
    }

    @Test
    void screensAreFoundByTheFewestEvents() {
        Reachability found = explored(
                "home page: far advance a; near advance c",
                "a page: on advance b",
                "b page: on advance c",
                "c page:",
                "lost page:");
        assertThat(found.nearest().keySet()).containsExactly("home", "a", "c", "b");
        assertThat(nearest(found, "c").distance).isEqualTo(1);
        assertThat(found.walkTo(nearest(found, "b")).events())
                .containsExactly(Event.tap("home.far"), Event.tap("a.on"));
        assertThat(found.fired()).containsExactlyInAnyOrder("home.far.tap", "home.near.tap", "a.on.tap", "b.on.tap");
        assertThat(found.isGivenUp()).isFalse();
        assertThat(found.isDoubtful()).isFalse();
    }

    @Test
    void whoCallsItOffHasPartOfIt() {
        Prototype p = Generated.of(60, 4, Kind.USUAL);
        Reachability none = Explorer.explore(p, Device.PHONE, Budget.USUAL, Relevance.in(p), p.entries(), () -> true);
        assertThat(none.nodes())
                .hasSizeLessThan(explored(p, Budget.USUAL).nodes().size());
    }

    @Test
    void whatIsTravelledHasAWalkThatEndsWithIt() {
        Prototype p = Made.of(
                "home page: save =saved advance a or =refused open above b",
                "a page: back return",
                "b dialog: x close");
        assertThat(explored(p, Budget.USUAL).outcomes())
                .isEqualTo(explored(p, Budget.USUAL).travelled().keySet());
        explored(p, Budget.USUAL).travelled().forEach((what, walk) -> {
            assertThat(walk.events().getLast().outcome()).isEqualTo(what.outcome());
            walk.replay(p);
        });
        assertThat(explored(p, Budget.USUAL).travelled().keySet().stream().map(LinkOutcome::link))
                .contains("home.save.tap", "a.back.tap", "b.x.tap");
    }

    @Test
    void withFactsPlacesAreUncoveredWithOtherOnes() {
        Reachability found = explored(
                "home page when:ready: ask open above ask; on advance b",
                "ask dialog: yes close x % ready",
                "b page: back return");
        assertThat(found.remembers()).isTrue();
        assertThat(found.nodesOn("home")).hasSize(2);
        assertThat(found.nodesOn("home").getFirst().agains).hasSize(1);
        assertThat(found.isSpared()).isFalse();
    }

    @Test
    void withoutRoomForFactsTheTwoSearchesMeet() {
        Prototype p = Made.of(
                "home page when:ready: ask open above ask; on advance b",
                "ask dialog: yes close x % ready",
                "b page: back return");
        Reachability spared = explored(p, new Budget(6, 0));
        assertThat(spared.isSpared()).isTrue();
        assertThat(spared.missing()).isEmpty();
        assertThat(spared.nearest().keySet())
                .isEqualTo(explored(p, Budget.USUAL).nearest().keySet());
        assertThat(spared.fired()).isEqualTo(explored(p, Budget.USUAL).fired());
    }

    /** However it is searched, the same is shown, and nothing is ruled out by one that another shows. */
    @Property(tries = 40)
    void theSearchesDoNotContradictOneAnother(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 9) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 2);
        Reachability exact = explored(p, Budget.USUAL);
        Reachability spared = explored(p, new Budget(6, 0));
        for (String screen : exact.nearest().keySet()) {
            assertThat(spared.nearest().containsKey(screen)
                            || spared.perhapsReached().contains(screen)
                            || spared.isGivenUp())
                    .as(screen)
                    .isTrue();
        }
        for (String screen : spared.nearest().keySet()) {
            assertThat(exact.nearest().containsKey(screen)
                            || exact.perhapsReached().contains(screen)
                            || exact.isGivenUp())
                    .as(screen)
                    .isTrue();
        }
    }

    @Property(tries = 40)
    void everyNodeIsComeToByItsWalk(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 1);
        Reachability found = explored(p, Budget.USUAL);
        found.nodes().stream().limit(200).forEach(node -> {
            assertThat(found.walkTo(node).replay(p).screen()).isEqualTo(node.cell.screen());
            assertThat(found.walkTo(node).events()).hasSize(node.distance);
        });
    }

    @Test
    void mostOverlaysCloseAtOnce() {
        Reachability found = explored(
                "home page: a open above a", "a dialog shut: on advance b", "b dialog: on advance a", "c page:");
        Node a = nearest(found, "a");
        Closing closing = new Closing(found, List.of(a));
        assertThat(closing.closes(a)).isEqualTo(Closing.Answer.NO);
        assertThat(closing.onLevel(a)).extracting(n -> n.cell.screen()).contains("a", "b");
        Reachability shut = explored("home page: a open above a", "a dialog shut: x close");
        Node open = nearest(shut, "a");
        assertThat(Closing.closesAtOnce(open)).isTrue();
        assertThat(new Closing(shut, List.of(open)).closes(open)).isEqualTo(Closing.Answer.YES);
    }

    @Property(tries = 100)
    void whatWaitsComesByItsLengthAndThenInTurn(@ForAll @Size(max = 40) List<@IntRange(max = 9) Integer> lengths) {
        Buckets waiting = new Buckets();
        for (int i = 0; i < lengths.size(); i++) {
            waiting.add(i, lengths.get(i));
        }
        List<Integer> order = new ArrayList<>();
        while (!waiting.isEmpty()) {
            order.add(waiting.remove());
        }
        assertThat(order)
                .isEqualTo(java.util.stream.IntStream.range(0, lengths.size())
                        .boxed()
                        .sorted(java.util.Comparator.comparing(lengths::get))
                        .toList());
    }

    @Test
    void whatIsShorterMayComeLater() {
        Buckets waiting = new Buckets();
        waiting.add(1, 5);
        assertThat(waiting.remove()).isEqualTo(1);
        waiting.add(2, 7);
        waiting.add(3, 2);
        assertThat(waiting.remove()).isEqualTo(3);
        assertThat(waiting.remove()).isEqualTo(2);
        assertThat(waiting.isEmpty()).isTrue();
    }

    @Test
    void placesAreFoundByWhatTheyAre() {
        Places places = new Places();
        assertThat(places.of(4, 0)).isZero();
        assertThat(places.of(4, 1)).isEqualTo(1);
        assertThat(places.of(4, 0)).isZero();
        assertThat(places.apart(4, 0)).isEqualTo(2);
        assertThat(places.find(4, 0)).isZero();
        assertThat(places.find(5, 0)).isEqualTo(Places.NONE);
        assertThat(places.head(1)).isEqualTo(4);
        assertThat(places.valuation(1)).isEqualTo(1);
    }

    private static BitSet of(int... points) {
        BitSet set = new BitSet();
        for (int p : points) {
            set.set(p);
        }
        return set;
    }

    @Test
    void arrowsAreFollowedThereAndBack() {
        Arrows arrows = new Arrows(6);
        arrows.add(0, 1);
        arrows.add(1, 2);
        arrows.add(2, 0);
        arrows.add(2, 3);
        arrows.add(4, 3);
        arrows.sort();
        assertThat(arrows.comingFrom(of(0))).isEqualTo(of(0, 1, 2, 3));
        assertThat(arrows.leadingTo(of(3))).isEqualTo(of(0, 1, 2, 3, 4));
        assertThat(arrows.comingFrom(of(5))).isEqualTo(of(5));
        assertThat(arrows.comingFrom(of(3))).isEqualTo(of(3));
        List<Integer> after = new ArrayList<>();
        arrows.eachAfter(2, after::add);
        assertThat(after).containsExactlyInAnyOrder(0, 3);
    }

    @Property(tries = 200)
    void whatIsComeToFromAPointIsWhatLeadsBackToIt(
            @ForAll @Size(max = 60) List<@IntRange(max = 143) Integer> pairs, @ForAll @IntRange(max = 11) int from) {
        Arrows arrows = new Arrows(12);
        pairs.forEach(p -> arrows.add(p / 12, p % 12));
        arrows.sort();
        BitSet reached = arrows.comingFrom(of(from));
        for (int to = 0; to < 12; to++) {
            assertThat(reached.get(to)).isEqualTo(arrows.leadingTo(of(to)).get(from));
        }
    }

    @Test
    void twoFactsAtATimeAreKept() {
        Prototype p = Made.of(
                "home page when:one when:two when:three: a advance b % one; b advance b % two; c advance b % three",
                "b page: back return");
        Literals literals = new Literals(p, Relevance.in(p));
        Pairwise none = Pairwise.of(literals, literals.of(pandel.core.model.value.Facts.NONE));
        Set<String> all = Set.copyOf(literals.facts());
        assertThat(none.of(all, 64).orElseThrow()).hasSize(1);
        int yes = yes(literals, literals.facts().getFirst());
        Pairwise first = none.after(List.of(yes));
        assertThat(first.of(all, 64).orElseThrow())
                .singleElement()
                .satisfies(held -> assertThat(held).contains(yes));
        Pairwise joined = new Pairwise(literals);
        assertThat(joined.join(none)).isTrue();
        assertThat(joined.join(first)).isTrue();
        assertThat(joined.join(first)).isFalse();
        assertThat(joined.of(all, 64).orElseThrow()).hasSize(2);
        assertThat(joined.where(List.of(yes)).of(all, 64).orElseThrow()).hasSize(1);
        assertThat(joined.of(all, 1)).isEmpty();
    }

    /** The literal of a fact of yes and no that it does not hold unset. */
    private static int yes(Literals literals, String fact) {
        int unset = literals.of(pandel.core.model.value.Facts.NONE, fact);
        for (int literal : literals.of(fact)) {
            if (literal != unset) {
                return literal;
            }
        }
        throw new IllegalStateException(fact);
    }
}
