package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.edit.whole.JudgementEdits;
import pandel.core.model.Prototype;

/** Just on this side of what a rule means, and just on the other; one cause is told once. */
class RuleBoundariesTest {

    private static final String TABS =
            "home page: on advance $main | a page | b page | c page | d page | e page | f page | ";

    static Stream<Arguments> howOften() {
        return Stream.of(
                // How many, and of what.
                row(Rule.TAB_COUNT, 0, TABS + "tabs main a,b"),
                row(Rule.TAB_COUNT, 0, TABS + "tabs main a,b,c,d,e"),
                row(Rule.TAB_COUNT, 1, TABS + "tabs main a,b,c,d,e,f"),
                row(Rule.TAB_LABEL_TWICE, 2, TABS + "tabs main x=a,X=b,x=c"),
                row(Rule.TAB_SCREEN_TWICE, 0, TABS + "tabs main a,b,c"),
                row(Rule.TITLE_TWICE, 0, "home page: on advance b | b page untitled: back return"),
                row(
                        Rule.TITLE_TWICE,
                        1,
                        "home page: on advance b; c advance c | b page title:Same: back return | c page title:same: back return"),
                // A wait, and what a person can do meanwhile.
                row(Rule.WAIT_TOO_SHORT, 1, "home page: 100 replace b; skip advance b | b page end: bare"),
                row(Rule.WAIT_TOO_SHORT, 0, "home page: 100 replace b | b page end: bare"),
                row(Rule.ENDLESS_WAITS, 1, "a page: 500 replace a"),
                row(
                        Rule.ENDLESS_WAITS,
                        0,
                        "a page: 500 replace b | b page: 500 replace a; out advance c | c page: back return"),
                row(Rule.ENDLESS_WAITS, 0, "a page: 500 replace b | b page end: 500 replace a"),
                row(Rule.WAIT_IN_TRAIL, 0, "splash page: 900u advance home | home page: a return"),
                // Levels.
                row(Rule.DEEP_OVERLAYS, 0, "home page: a open a | a dialog: b open b | b dialog: x close x"),
                row(
                        Rule.DEEP_OVERLAYS,
                        1,
                        "home page: a open a | a dialog: b open b | b dialog: c open c | c dialog: x close x"),
                row(Rule.CANNOT_CLOSE, 0, "home page: a open a | a dialog shut: x close x"),
                row(Rule.CANNOT_CLOSE, 1, "home page: a open a | a dialog shut: x advance b | b dialog: y advance b"),
                row(Rule.CANNOT_CLOSE, 0, "home page: a open a | a dialog shut: x restart home"),
                // Ways on.
                row(Rule.DEAD_END, 1, "home page: on replace b | b page: x replace b"),
                row(Rule.DEAD_END, 0, "home page: on replace b | b page: x replace home"),
                row(Rule.DEAD_END, 0, "home page: on replace b | b page: 500 replace home"),
                row(Rule.ONLY_DEVICE_BACK, 1, "home page: on advance b; too advance c | b page | c page: back return"),
                row(Rule.ONLY_DEVICE_BACK, 0, "home page: on advance b | b page end"),
                row(Rule.CLOSED_CIRCLE, 0, "home page: a replace p | p page: q replace q | q page: p replace p"),
                row(
                        Rule.CLOSED_CIRCLE,
                        0,
                        "home page: a advance p | p page: q replace q; back return | q page: p replace p; back return"),
                row(Rule.CLOSED_CIRCLE, 0, "home page: a replace p | p page: q replace q | q page end: p replace p"),
                // What is never shown or done.
                row(Rule.UNREACHED_SCREEN, 2, "home page end | b page: x advance c | c page | d page parked"),
                row(Rule.LINK_NEVER_FIRES, 1, "home page: x close x; on advance b | b page: back return"),
                row(
                        Rule.LINK_NEVER_FIRES,
                        0,
                        "home page: on advance b | b page: back return | p page parked: x return"),
                row(
                        Rule.RETURN_TO_ABSENT,
                        1,
                        "home page: on advance b; c replace c | b page: far return to c; back return | c page: back return; on advance b"),
                row(Rule.RETURN_TO_ABSENT, 0, "home page: on advance b | b page: far return to home"),
                row(Rule.BRANCH_NEVER, 0, "home page: s =saved advance b or =refused return x | b page: back return"),
                row(Rule.ONE_OUTCOME, 0, "home page: s =saved advance b or =refused return x | b page: back return"),
                // Values.
                row(Rule.VALUE_MISSING, 0, "home page: on advance b | b page expects:loan: back return"),
                row(
                        Rule.VALUE_TYPE,
                        0,
                        "home page: on advance b +loan=given:x | b page expects:loan/number: back return"),
                row(Rule.FACT_NEVER_SET, 1, "home page when:late when:late-is-no: on advance b | b page: back return"),
                row(Rule.UNKNOWN_PLACEHOLDER, 0, "home page title:All-{}-of-it: on advance b | b page: back return"),
                // Places on the picture: 24 and 44 px.
                row(Rule.TARGET_SIZE, 0, "home page drawn: a@20,20,44,44 advance b | b page: back return"),
                row(Rule.TARGET_SIZE, 1, "home page drawn: a@20,20,43,44 advance b | b page: back return"),
                row(Rule.TARGET_SIZE, 1, "home page drawn: a@20,20,44,23 advance b | b page: back return"),
                row(Rule.OUTSIDE_MOCK, 0, "home page drawn: a@340,780,60,60 advance b | b page: back return"),
                row(Rule.OUTSIDE_MOCK, 1, "home page drawn: a@341,780,60,60 advance b | b page: back return"),
                row(Rule.DRAWER_FEW, 1, "home page: m draw menu | drawer menu a=home,b=home,c=home"),
                row(Rule.DRAWER_FEW, 0, "home page: m draw menu | drawer menu a=home,b=home,c=home,d=home"));
    }

    private static Arguments row(Rule rule, int times, String text) {
        return Arguments.of(rule, times, text);
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @MethodSource
    void howOften(Rule rule, int times, String text) {
        assertThat(Check.of(RuleExample.made(text)).findings(rule))
                .extracting(Finding::sentence)
                .hasSize(times);
    }

    @Test
    void underTwentyFourPxIsWorseThanUnderFortyFour() {
        assertThat(weight("a@20,20,43,60")).isNotEqualTo(weight("a@20,20,23,60"));
        assertThat(weight("a@20,20,24,60")).isEqualTo(weight("a@20,20,43,60"));
    }

    private static Weight weight(String hotspot) {
        return Check.of(RuleExample.made("home page drawn: " + hotspot + " advance b | b page: back return"))
                .findings(Rule.TARGET_SIZE)
                .getFirst()
                .weight();
    }

    @Test
    void withoutABackControlWhatOnlyItLeavesIsAProblem() {
        String text = "home page: on advance b | b page | devices ";
        assertThat(Check.of(RuleExample.made(text + "phone")).findings())
                .anyMatch(f -> f.rule() == Rule.ONLY_DEVICE_BACK && f.weight() == Weight.WARNING);
        assertThat(Check.of(RuleExample.made(text + "kiosk")).findings())
                .anyMatch(f -> (f.rule() == Rule.DEAD_END || f.rule() == Rule.ONLY_DEVICE_BACK)
                        && f.weight() == Weight.PROBLEM);
    }

    @Test
    void strandedScreensAreOneFindingWithAllTheirNames() {
        List<Finding> unreached = Check.of(RuleExample.made(
                        "home page end | a page: x advance b | b page: x advance c | c page: x advance d | d page"))
                .findings(Rule.UNREACHED_SCREEN);
        assertThat(unreached.stream().flatMap(f -> f.screens().stream())).containsExactlyInAnyOrder("a", "b", "c", "d");
        assertThat(unreached).hasSize(2);
    }

    @Test
    void whatIsAcceptedIsNotToldUntilItsGroundChanges() {
        Prototype p = RuleExample.made("home page: on replace b | b page: bare");
        Finding dead = Check.of(p).findings(Rule.DEAD_END).getFirst();
        Prototype accepted = JudgementEdits.accept(Rule.DEAD_END.id(), dead.ground(), "meant")
                .applyTo(p);
        assertThat(Check.of(accepted).findings(Rule.DEAD_END)).isEmpty();
        Prototype quiet = JudgementEdits.quietenOn(Rule.DEAD_END.id(), "b").applyTo(p);
        assertThat(Check.of(quiet).findings(Rule.DEAD_END)).isEmpty();
        Prototype other = JudgementEdits.quietenOn(Rule.DEAD_END.id(), "home").applyTo(p);
        assertThat(Check.of(other).findings(Rule.DEAD_END)).hasSize(1);
    }

    @Test
    void everyRuleSaysWhyItMatters() {
        for (Rule rule : Rule.values()) {
            assertThat(rule.id()).matches("[a-z]+(-[a-z]+)*");
            assertThat(rule.why()).endsWith(".");
        }
        assertThat(Stream.of(Rule.values()).map(Rule::id)).doesNotHaveDuplicates();
    }
}
