package pandel.core.check.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;

class CausesTest {

    private static List<List<Finding>> grouped(Prototype prototype) {
        return Causes.grouped(prototype, Check.of(prototype).findings());
    }

    @Test
    void whatLiesBehindAScreenThatIsNeverShownStandsUnderIt() {
        List<List<Finding>> groups = grouped(Made.of(
                "home page: a advance list",
                "list page: back return",
                "lost page: b advance behind",
                "behind page: c advance far",
                "far page: back return"));
        assertThat(groups)
                .filteredOn(g -> g.getFirst().screens().equals(List.of("lost")))
                .singleElement()
                .satisfies(g -> assertThat(g)
                        .filteredOn(f -> f.rule() == Rule.UNREACHED_SCREEN)
                        .flatExtracting(Finding::screens)
                        .containsExactly("lost", "behind", "far"));
    }

    @Test
    void screensThatLeadToOneAnotherAloneAreOneCause() {
        List<List<Finding>> groups = grouped(Made.of(
                "home page: a advance list", "list page: back return", "x page: b advance y", "y page: c advance x"));
        assertThat(groups)
                .filteredOn(g -> g.getFirst().rule() == Rule.UNREACHED_SCREEN)
                .hasSize(1);
    }

    @Property(tries = 30)
    void eachFindingStandsInOneGroupAndTheWorstComeFirst(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 30) int size, @ForAll Kind kind) {
        Prototype prototype = Generated.of(size, seed, kind);
        List<Finding> findings = Check.of(prototype).findings();
        List<List<Finding>> groups = Causes.grouped(prototype, findings);
        assertThat(groups.stream().flatMap(List::stream)).containsExactlyInAnyOrderElementsOf(findings);
        assertThat(groups.stream()
                        .map(g -> g.stream().mapToInt(findings::indexOf).min().orElse(-1))
                        .toList())
                .isSorted();
    }
}
