package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Walk;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** Every list of events of every rule shows its finding when it is replayed through {@code step}. */
class ListsShowTheirFindingsTest {

    static List<RuleExample> examples() {
        return RuleExample.ALL;
    }

    @ParameterizedTest
    @MethodSource("examples")
    void inTheExamples(RuleExample example) {
        show(RuleExample.made(example.shows()));
        show(RuleExample.made(example.mustNot()));
    }

    @Property(tries = 60)
    void inNastyPrototypes(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 14) int size, @ForAll @IntRange(max = 3) int facts) {
        show(Generated.of(size, seed, Kind.NASTY, facts));
    }

    @Property(tries = 25)
    void inUsualPrototypes(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 50) int size, @ForAll @IntRange(max = 4) int facts) {
        show(Generated.of(size, seed, Kind.USUAL, facts));
    }

    private static void show(Prototype prototype) {
        for (Finding finding : Check.of(prototype).findings()) {
            finding.walk().ifPresent(walk -> show(prototype, finding, walk));
        }
    }

    private static void show(Prototype prototype, Finding finding, Walk walk) {
        Step step = new Step(prototype);
        Situation now = Situation.at(prototype, walk.entry(), walk.device()).orElseThrow();
        Situation before = now;
        Happening last = new Happening.Passed(0);
        for (Event event : walk.events()) {
            before = now;
            var stepped = step.step(now, event);
            now = stepped.situation();
            last = stepped.happening();
        }
        String as = finding.sentence() + " by " + walk.events();
        switch (finding.rule()) {
            case RETURN_TO_NOWHERE, RETURN_TO_ABSENT -> {
                assertThat(last).as(as).isInstanceOf(Happening.Nothing.class);
                assertThat(last.link()).as(as).isEqualTo(finding.link());
            }
            case MISSING_TARGET, VALUE_MISSING, ROW_ABSENT -> {
                assertThat(last).as(as).isInstanceOf(Happening.Refused.class);
                assertThat(last.link().or(() -> Optional.of(turnOf(finding))))
                        .as(as)
                        .isEqualTo(finding.link());
            }
            case CANNOT_CLOSE -> assertThat(now.levels().size()).as(as).isGreaterThan(1);
            case DEEP_OVERLAYS -> assertThat(now.levels().size()).as(as).isGreaterThan(3);
            default ->
                assertThat(finding.screens().isEmpty() || seen(now, finding) || seen(before, finding))
                        .as(as)
                        .isTrue();
        }
    }

    /** A page not turned to is refused by the frame, which names no link. */
    private static String turnOf(Finding finding) {
        return finding.link().orElse("");
    }

    private static boolean seen(Situation now, Finding finding) {
        return now.row().stream().anyMatch(finding.screens()::contains);
    }
}
