package pandel.files.merge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** The order of a list that both changed. */
class OrderTest {

    @Test
    void whatTheirsAddedStandsWhereItStoodThere() {
        assertThat(Order.of(List.of("a", "b", "c"), List.of("a", "b", "c", "m"), List.of("a", "t", "b", "c")))
                .containsExactly("a", "t", "b", "c", "m");
    }

    @Test
    void anOrderThatOneChangedIsKept() {
        assertThat(Order.of(List.of("a", "b", "c"), List.of("c", "b", "a"), List.of("a", "b", "c", "t")))
                .containsExactly("c", "t", "b", "a");
        assertThat(Order.of(List.of("a", "b", "c"), List.of("a", "b", "c", "m"), List.of("b", "a", "c")))
                .containsExactly("b", "a", "c", "m");
    }

    @Property
    void eachIsThereOnce(
            @ForAll @Size(max = 8) List<Integer> base,
            @ForAll @Size(max = 8) List<Integer> mine,
            @ForAll @Size(max = 8) List<Integer> theirs) {
        List<String> b = distinct(base);
        List<String> m = distinct(mine);
        List<String> t = distinct(theirs);
        List<String> made = Order.of(b, m, t);
        Set<String> all = new LinkedHashSet<>(m);
        all.addAll(t);
        assertThat(made).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(all);
    }

    private static List<String> distinct(List<Integer> some) {
        return some.stream().map(i -> String.valueOf(i % 12)).distinct().toList();
    }
}
