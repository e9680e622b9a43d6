package pandel.core.check.relevance;

import static org.assertj.core.api.Assertions.assertThat;
import static pandel.core.check.turn.Cells.APP;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** What of a prototype makes a difference to what can be done. */
class RelevanceTest {

    private static Relevance relevance(Prototype p) {
        return Relevance.in(p);
    }

    @Test
    void onlyFactsThatAreAskedForMatter() {
        Prototype p =
                Made.of("home page when:ready: on advance b % ready; off advance b % late", "b page: back return");
        Relevance relevance = relevance(p);
        assertThat(relevance.facts()).hasSize(1);
        assertThat(relevance.changes()).isTrue();
        String ready = relevance.facts().iterator().next();
        String late = p.facts().stream()
                .map(f -> f.id())
                .filter(id -> !id.equals(ready))
                .findFirst()
                .orElseThrow();
        Facts both = Facts.of(Map.of(ready, new Value.YesNo(true), late, new Value.YesNo(true)));
        assertThat(relevance.of(both)).isEqualTo(Facts.of(Map.of(ready, new Value.YesNo(true))));
        assertThat(relevance(APP).changes()).isFalse();
    }

    @Test
    void aNumberIsFollowedNoFurtherThanWhatItIsComparedWith() {
        Prototype p = Made.of("home page when:basket-at-least-3: more advance b % basket + 1", "b page: back return");
        Relevance relevance = relevance(p);
        String basket = p.facts().getFirst().id();
        Facts many = Facts.of(Map.of(basket, new Value.Number(90)));
        Facts enough = Facts.of(Map.of(basket, new Value.Number(9)));
        assertThat(relevance.of(many)).isEqualTo(relevance.of(enough));
        assertThat(relevance.of(Facts.of(Map.of(basket, new Value.Number(2))))).isNotEqualTo(relevance.of(enough));
    }

    @Test
    void textsAreToldApartByWhatTheyAreComparedWith() {
        Prototype p = Made.of(
                "home page: name ^field; go advance b +who=typed:home.name",
                "b page when:who-is-Ada needs:who: back return");
        List<String> texts = Texts.compared(p, List.of());
        assertThat(texts).contains("", Texts.OTHER);
        assertThat(texts).doesNotHaveDuplicates();
        Link link = p.index().way("home.go.tap").orElseThrow().link();
        assertThat(Reads.reads(link)).containsExactly(new Source.Typed("home.name"));
        assertThat(Reads.conditions(p)).hasSize(1);
    }

    @Test
    void asManyScreensAreFollowedAsThereIsRoomFor() {
        String[] lines = Stream.concat(
                        Stream.of("home page: on advance s1"),
                        java.util.stream.IntStream.rangeClosed(1, 9)
                                .mapToObj(i -> "s" + i + " page: on advance s" + (i % 9 + 1) + "; back return to s"
                                        + ((i + 4) % 9 + 1)))
                .toArray(String[]::new);
        Prototype p = Made.of(lines);
        FollowedScreens two = FollowedScreens.in(p, 2);
        long followed = p.screens().stream().filter(s -> two.mark(s.id()) != 0).count();
        assertThat(followed).isEqualTo(2);
        assertThat(p.screens().stream().filter(s -> two.isUnfollowed(s.id()))).hasSize(7);
        assertThat(two.isUnfollowed("home")).isFalse();
    }

    @Test
    void eachValueOfEachFactIsALiteral() {
        Prototype p = Made.of(
                "home page when:ready when:basket-at-least-2: on advance b % ready; more advance b % basket + 1",
                "b page: back return");
        Literals literals = new Literals(p, relevance(p));
        assertThat(literals.areTooMany()).isFalse();
        assertThat(literals.facts()).hasSize(2);
        for (String fact : literals.facts()) {
            literals.of(fact).forEach(l -> assertThat(literals.factOf(l)).isEqualTo(fact));
        }
        int[] none = literals.of(Facts.NONE);
        assertThat(none).hasSize(2);
        assertThat(literals.facts(java.util.Arrays.stream(none).boxed().toList()))
                .isEqualTo(Facts.NONE);
        assertThat(literals.size()).isEqualTo(6);
    }

    @Test
    void tabsBeginAnewWhereTheSetDropsThem() {
        Prototype drops = Made.of(
                "home page: in advance $main", "a page: x replace c", "b page:", "c page:", "tabs main a,b drops");
        Prototype keeps =
                Made.of("home page: in advance $main", "a page: x replace c", "b page:", "c page:", "tabs main a,b");
        Prototype still =
                Made.of("home page: in advance $main", "a page: x advance c", "b page:", "c page:", "tabs main a,b");
        assertThat(relevance(drops).tabs().comesFresh("main")).isTrue();
        assertThat(relevance(keeps).tabs().comesFresh("main")).isFalse();
        assertThat(relevance(still).tabs().comesFresh("main")).isTrue();
        assertThat(relevance(still).tabs().comesFresh("gone")).isFalse();
    }
}
