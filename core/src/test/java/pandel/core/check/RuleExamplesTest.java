package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.Made;
import pandel.core.model.Area;
import pandel.core.model.Effect;
import pandel.core.model.Hotspot;
import pandel.core.model.Link;
import pandel.core.model.Mock;
import pandel.core.model.Picture;
import pandel.core.model.Prototype;
import pandel.core.model.Rest;
import pandel.core.model.Width;

/** For each rule an example that shows it and one that must not; and its fixes really mend it. */
class RuleExamplesTest {

    static Stream<Arguments> examples() {
        return Stream.of(
                example(Rule.RETURN_TO_NOWHERE, "home page: back return; on advance next | next page: back return", "home page: on advance next | next page: back return"),
                example(Rule.RETURN_TO_ABSENT, "home page: on advance b; off replace b | b page: up return to home; on advance home", "home page: on advance b | b page: up return to home"),
                example(Rule.WAIT_IN_TRAIL, "splash page: 900 advance home | home page: a advance splash", "splash page: 900 replace home | home page: a advance more | more page: back return"),
                example(Rule.ENDLESS_WAITS, "a page: 500 replace b | b page: 500 replace a", "a page: 500 replace b | b page: 500 replace c | c page: x advance a"),
                example(Rule.ENDLESS_WAITS, "a page: 500 advance b | b page: 500 return x", "a page: 500 advance b; t advance c | b page: 500 return x | c page: back return"),
                example(Rule.CANNOT_CLOSE, "home page: a open above ask | ask dialog shut: next advance sure | sure dialog: more advance third | third dialog: round advance sure",
                        "home page: a open above ask | ask dialog shut: next advance sure | sure dialog: more advance ask; done close x"),
                example(Rule.DEEP_OVERLAYS, "home page: a open above a | a dialog: b open above b | b dialog: c open above c | c dialog: x close x",
                        "home page: a open above a | a dialog: b open above b | b dialog: x close x"),
                example(Rule.CLOSED_CIRCLE, "home page: a replace p; r replace x | p page: q replace q | q page: w replace w | w page: p replace p | x page: y replace y | y page: x replace x",
                        "home page: a replace p; r replace x | p page: q replace q | q page: w replace w | w page: p replace p | x page: y replace y | y page: x replace x; up replace home"),
                example(Rule.LINK_NEVER_FIRES, "home page: shut close x; on advance b | b page: back return", "home page: up open above b | b page: shut close x"),
                example(Rule.LINK_NEVER_FIRES, "home page: bad advance ask; ok open above ask | ask dialog: x close x", "home page: ok open above ask | ask dialog: x close x"),
                example(Rule.HOTSPOT_WITHOUT_LINK, "home page: bare; on advance b | b page: back return", "home page: on advance b | b page: back return"),
                example(Rule.TITLE_TWICE, "home page: on advance HOME | HOME page: back return", "home page: on advance b | b page: back return"),
                example(Rule.DEAD_END, "home page: on replace b | b page: bare", "home page: on replace b | b page end: bare"),
                example(Rule.UNREACHED_SCREEN, "home page: on advance b | b page: back return | c page: back return", "home page: on advance b | b page: back return | c page parked: back return"),
                example(Rule.MISSING_TARGET, "home page: on advance b; x advance gone | b page: back return", "home page: on advance b | b page: back return"));
    }

    private static Arguments example(Rule rule, String shows, String mustNot) {
        return Arguments.of(rule, shows, mustNot);
    }

    private static Prototype made(String text) {
        return Made.of(Arrays.stream(text.split("\\|")).map(String::strip).toArray(String[]::new));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("examples")
    void oneShowsItAndOneMustNot(Rule rule, String shows, String mustNot) {
        assertThat(Check.of(made(shows)).findings(rule)).isNotEmpty();
        assertThat(Check.of(made(mustNot)).findings(rule)).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("examples")
    void everyFixMendsIt(Rule rule, String shows, String mustNot) {
        Prototype before = made(shows);
        for (Finding finding : Check.of(before).findings(rule)) {
            for (Fix fix : finding.fixes()) {
                Prototype after = fix.edit().applyTo(before);
                assertThat(after).as(fix.words()).isNotEqualTo(before);
                assertThat(Check.of(after).findings(rule)).as(fix.words()).noneMatch(f -> f.ground().equals(finding.ground()));
            }
        }
    }

    /** The example's first screen with a picture of 390×844 px and these areas, each with a link back. */
    private static Prototype placed(Area... areas) {
        Prototype p = made("home page: a advance b; b advance b; c advance b | b page: back return");
        Mock mock = new Picture(Width.NARROW, "0".repeat(64) + ".png", 390, 844, 1, "", Rest.NONE);
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
        assertThat(Check.of(placed(large, new Area(20, 20, 50, 60), new Area(70, 20, 50, 60))).findings(Rule.COVERED_HOTSPOT)).hasSize(1);
        assertThat(Check.of(placed(large, new Area(20, 20, 50, 60), new Area(71, 20, 50, 60))).findings(Rule.COVERED_HOTSPOT)).isEmpty();
    }

    private static void assertMends(Prototype before, Rule rule) {
        Finding finding = Check.of(before).findings(rule).getFirst();
        assertThat(finding.fixes()).isNotEmpty();
        for (Fix fix : finding.fixes()) {
            assertThat(Check.of(fix.edit().applyTo(before)).findings(rule)).as(fix.words()).noneMatch(f -> f.ground().equals(finding.ground()));
        }
    }

    @Test
    void twoLinksForATapAndNoTitle() {
        Prototype p = placed(new Area(20, 20, 100, 60));
        Prototype twice = p.withScreen("home", s -> s.withHotspots(List.of(s.hotspots().getFirst().withLinks(
                List.of(s.hotspots().getFirst().links().getFirst(), Link.of("second", s.hotspots().getFirst().links().getFirst().cause(),
                        new Effect.Return()))))));
        assertMends(twice, Rule.SAME_CAUSE_TWICE);
        assertMends(p.withScreen("home", s -> s.withTitle(" ")), Rule.TITLE_EMPTY);
    }

    @Test
    void everyRuleHasItsWordsInTheDocs() throws IOException {
        String rules = Files.readString(Path.of("..", "docs", "rules.md"));
        Set<Rule> missing = EnumSet.allOf(Rule.class);
        missing.removeIf(r -> rules.contains("`" + r.id() + "`"));
        assertThat(missing).isEmpty();
    }
}
