package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;

/** For each rule an example that shows it and one that must not; and its fixes really mend it. */
class RuleExamplesTest {

    static Stream<Arguments> examples() {
        return RuleExample.ALL.stream().map(e -> Arguments.of(e.rule(), e.shows(), e.mustNot()));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("examples")
    void oneShowsItAndOneMustNot(Rule rule, String shows, String mustNot) {
        assertThat(Check.of(RuleExample.made(shows)).findings(rule)).isNotEmpty();
        assertThat(Check.of(RuleExample.made(mustNot)).findings(rule)).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("examples")
    void everyFixMendsIt(Rule rule, String shows, String mustNot) {
        Prototype before = RuleExample.made(shows);
        for (Finding finding : Check.of(before).findings(rule)) {
            for (Fix fix : finding.fixes()) {
                Prototype after = fix.edit().applyTo(before);
                assertThat(after).as(fix.words()).isNotEqualTo(before);
                assertThat(Check.of(after).findings(rule))
                        .as(fix.words())
                        .noneMatch(f -> f.ground().equals(finding.ground()));
            }
        }
    }

    /** The example's first screen with a picture of 400×840 px and these areas, each with a link back. */
    private static Prototype placed(Area... areas) {
        Prototype p = RuleExample.made("home page: a advance b; b advance b; c advance b | b page: back return");
        Mock mock = new Picture(Width.NARROW, "0".repeat(64) + ".png", 400, 840, 1, "", Rest.NONE);
        return p.withScreen("home", s -> {
            List<Hotspot> hotspots = new ArrayList<>();
            for (int i = 0; i < areas.length; i++) {
                hotspots.add(s.hotspots().get(i).withArea(Width.NARROW, areas[i]));
            }
            return s.withHotspots(hotspots).withMocks(List.of(mock));
        });
    }

    @Test
    void hotspotsAreLookedAtWhereTheyStand() {
        Area large = new Area(20, 20, 100, 60);
        assertThat(Check.of(placed(large)).findings()).isEmpty();
        assertMends(placed(new Area(20, 20, 20, 60)), Rule.TARGET_SIZE);
        assertMends(placed(new Area(20, 20, 40, 60)), Rule.TARGET_SIZE);
        assertMends(placed(new Area(380, 20, 60, 60)), Rule.OUTSIDE_MOCK);
        assertMends(placed(large, new Area(10, 10, 200, 200)), Rule.COVERED_HOTSPOT);
        // Two halves cover it together; with a gap between them they do not.
        assertThat(Check.of(placed(large, new Area(20, 20, 50, 60), new Area(70, 20, 50, 60)))
                        .findings(Rule.COVERED_HOTSPOT))
                .hasSize(1);
        assertThat(Check.of(placed(large, new Area(20, 20, 50, 60), new Area(71, 20, 50, 60)))
                        .findings(Rule.COVERED_HOTSPOT))
                .isEmpty();
    }

    private static void assertMends(Prototype before, Rule rule) {
        Finding finding = Check.of(before).findings(rule).getFirst();
        assertThat(finding.fixes()).isNotEmpty();
        for (Fix fix : finding.fixes()) {
            assertThat(Check.of(fix.edit().applyTo(before)).findings(rule))
                    .as(fix.words())
                    .noneMatch(f -> f.ground().equals(finding.ground()));
        }
    }

    @Test
    void twoLinksForATapAndNoTitle() {
        Prototype p = placed(new Area(20, 20, 100, 60));
        Prototype twice = p.withScreen(
                "home",
                s -> s.withHotspots(List.of(s.hotspots()
                        .getFirst()
                        .withLinks(List.of(
                                s.hotspots().getFirst().links().getFirst(),
                                Link.of(
                                        "second",
                                        s.hotspots()
                                                .getFirst()
                                                .links()
                                                .getFirst()
                                                .cause(),
                                        new Effect.Return()))))));
        assertMends(twice, Rule.SAME_CAUSE_TWICE);
        assertMends(p.withScreen("home", s -> s.withTitle(" ")), Rule.TITLE_EMPTY);
    }
}
