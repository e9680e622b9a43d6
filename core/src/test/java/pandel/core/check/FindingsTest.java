package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.rule.reach.OpenTogether;
import pandel.core.edit.link.LinkEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;

class FindingsTest {

    @Test
    void aTabWhoseScreenHidesTheStripLeavesNothingOpen() {
        for (String marks : List.of("", " drops", " leaves", " first:c")) {
            Checked checked =
                    Check.of(RuleExample.made("home page: on advance $t | a page: x advance d | b page: y return "
                            + "| c page: z return | d page: back return | tabs t a,b,c hidden:c" + marks));
            assertThat(checked.unsettled()).as(marks).isEmpty();
        }
    }

    @Test
    void whatMakesADeadEndIsSaidAndSaidOnce() {
        Checked unplaced = Check.of(
                RuleExample.made("home page drawn wide: on advance b | b page: back return | devices phone,desktop"));
        assertThat(unplaced.findings())
                .extracting(Finding::sentence)
                .containsExactly("“home” is a dead end: “home.on” has no place on the picture that Desktop shows.");
        Fix place = unplaced.findings().getFirst().fixes().getFirst();
        assertThat(Check.of(place.edit().applyTo(unplaced.prototype())).findings(Rule.DEAD_END))
                .isEmpty();
    }

    /** Nothing is claimed of what there was no room to look at; what was come to is sure. */
    @Test
    void withSixtyFourFactsNothingIsClaimedThatWasNotSeen() {
        Prototype p = Generated.of(120, 7, Kind.USUAL, 64);
        Checked checked = Check.of(p);
        assertThat(checked.unsettled()).hasSizeLessThan(5);
        checked.shown()
                .forEach(id -> assertThat(
                                checked.walkTo(id).orElseThrow().replay(p).screen())
                        .isEqualTo(id));
        assertThat(checked.findings(Rule.UNREACHED_SCREEN).stream().flatMap(f -> f.screens().stream()))
                .noneMatch(checked::shows);
    }

    @Test
    void aScreenNothingLeadsToIsUnreachedAndWhatItLeadsToComesWithIt() {
        Checked checked = Check.of(Made.of(
                "home page: go advance list",
                "list page: back return",
                "lost page: on advance deep",
                "deep page: on advance lost2",
                "lost2 page: x return"));
        assertThat(checked.findings(Rule.UNREACHED_SCREEN))
                .extracting(Finding::sentence)
                .containsExactly(
                        "“lost” is never shown: nothing leads here yet.",
                        "“deep” and “lost2” are never shown: only screens that are never shown themselves lead here.");
        assertThat(checked.shown()).containsExactly("home", "list");
    }

    @Test
    void aLinkThatCanNeverWorkLeadsNowhere() {
        Checked checked = Check.of(Made.of(
                "home page: go advance ask; on advance next", "ask dialog: shut close", "next page: back return"));
        assertThat(checked.findings(Rule.UNREACHED_SCREEN))
                .extracting(Finding::sentence)
                .containsExactly("“ask” is never shown: links lead here, but none of them ever works.");
    }

    @Test
    void aWaitThatAlwaysComesLaterShowsNothing() {
        Checked checked = Check.of(
                Made.of("home page: 100 advance a; 200 advance b", "a page: back return", "b page: back return"));
        assertThat(checked.shows("a")).isTrue();
        assertThat(checked.shows("b")).isFalse();
    }

    @Test
    void aWaitBehindOneThatDoesNothingStillComes() {
        Checked checked = Check.of(Made.of("home page: 100 return x; 200 advance b", "b page: back return"));
        assertThat(checked.walkTo("b").orElseThrow().events())
                .containsExactly(new Event.Elapse(100), new Event.Elapse(100));
    }

    @Test
    void deadEndsAreFoundWithTheShortestWayThere() {
        Checked checked = Check.of(Made.of(
                "home page: go advance list", "list page: receipt replace receipt; back return", "receipt page: spot"));
        assertThat(checked.findings()).singleElement().satisfies(f -> {
            assertThat(f.rule()).isEqualTo(Rule.ONLY_DEVICE_BACK);
            assertThat(f.weight()).isEqualTo(Weight.WARNING);
            assertThat(f.walk().orElseThrow().events())
                    .containsExactly(Event.tap("home.go"), Event.tap("list.receipt"));
        });
        Checked replaced = Check.of(Made.of("home page: go replace receipt", "receipt page: spot"));
        assertThat(replaced.findings(Rule.DEAD_END))
                .extracting(Finding::sentence)
                .containsExactly("“receipt” is a dead end: its hotspots have no links.");
    }

    @Test
    void returningToNowhereIsNoWayOn() {
        Checked checked =
                Check.of(Made.of("splash page: 100 replace home", "home page: back return; again advance home"));
        assertThat(checked.findings(Rule.DEAD_END))
                .singleElement()
                .extracting(Finding::screens)
                .isEqualTo(List.of("home"));
    }

    @Test
    void anEndIsMeantToStop() {
        assertThat(Check.of(Made.of("home page: go replace bye", "bye page end:"))
                        .findings())
                .isEmpty();
    }

    @Test
    void onADeviceWithoutBackItIsAProblem() {
        Prototype both = Made.on(List.of(Device.PHONE, Device.KIOSK), "home page: go advance last", "last page:");
        assertThat(Check.of(both).findings()).singleElement().satisfies(f -> {
            assertThat(f.rule()).isEqualTo(Rule.ONLY_DEVICE_BACK);
            assertThat(f.weight()).isEqualTo(Weight.PROBLEM);
            assertThat(f.sentence()).contains("Kiosk has none");
        });
        Prototype kiosk = Made.on(List.of(Device.KIOSK), "home page: go advance last", "last page:");
        assertThat(Check.of(kiosk).findings()).extracting(Finding::rule).containsExactly(Rule.DEAD_END);
    }

    @Test
    void anOverlayThatATapBesideClosesIsNoDeadEndAndOneThatNothingClosesIs() {
        assertThat(Check.of(Made.of("home page: ask open above ask", "ask dialog:"))
                        .findings())
                .isEmpty();
        assertThat(Check.of(Made.of("home page: ask open above ask", "ask dialog shut:"))
                        .findings(Rule.DEAD_END))
                .hasSize(1);
    }

    @Test
    void whatIsMissingIsOneFindingForAllItsLinks() {
        Checked checked = Check.of(Made.of(
                "home page: a advance gone; b advance gone; c advance list", "list page: a replace gone; back return"));
        assertThat(checked.findings(Rule.MISSING_TARGET)).singleElement().satisfies(f -> {
            assertThat(f.sentence()).isEqualTo("3 links on “home” and “list” lead to “gone”, which is not there.");
            assertThat(f.walk().orElseThrow().events()).containsExactly(Event.tap("home.a"));
        });
    }

    @Test
    void withoutAnEntryNothingStarts() {
        Prototype made = Made.of("home page: go advance home2", "home2 page: back return");
        assertThat(Check.of(made.withEntries(List.of())).findings(Rule.NO_ENTRY))
                .hasSize(1);
        assertThat(Check.of(Made.of("ask dialog: shut close")).findings(Rule.NO_ENTRY))
                .extracting(Finding::sentence)
                .containsExactly("Play has nowhere to start: “ask” is a dialog, and only a page can be started at.");
        assertThat(Check.of(Prototype.empty("New")).findings()).isEmpty();
    }

    @Test
    void parkedScreensTakeNoPart() {
        Checked checked = Check.of(Made.of(
                "home page: go advance later; on advance end", "later page parked: x advance gone", "end page end:"));
        assertThat(checked.findings()).isEmpty();
    }

    @Test
    void calledOffItSaysNothing() {
        assertThat(Check.of(Made.of("home page:"), () -> true)).isEmpty();
    }

    /** On a wide device without a back of its own the list stands beside its detail. */
    private static Checked besideOne(String list, String detail, String... more) {
        List<String> lines = new ArrayList<>(List.of(list, detail));
        lines.addAll(List.of(more));
        Device wide = Device.TABLET_ON_ITS_SIDE.withBack(Device.Back.NONE);
        return Check.of(Made.of(lines.toArray(String[]::new))
                .withPairs(List.of(Pair.of("p", "list", "detail")))
                .withDevices(List.of(wide)));
    }

    @Test
    void whatAListDoesIsSettledWhereItsDetailReturns() {
        Checked checked = besideOne(
                "list page: row advance detail; on advance end", "detail page: back return", "end page: x return");
        assertThat(checked.unsettled()).isEmpty();
        assertThat(checked.shown()).containsExactlyInAnyOrder("list", "detail", "end");
        assertThat(checked.findings(Rule.DEAD_END)).isEmpty();
    }

    @Test
    void aListMayLeadOnFromADetailThatDoesNotReturn() {
        Checked checked =
                besideOne("list page: row advance detail; on advance end", "detail page: bare", "end page: x return");
        assertThat(checked.shown()).contains("end");
        assertThat(checked.findings(Rule.DEAD_END)).noneMatch(f -> f.screens().contains("detail"));
        assertThat(checked.unsettled()).extracting(Unsettled::rule).contains(Rule.DEAD_END);
    }

    @Test
    void whatOverlaysLeadToAloneRulesOutThreeTogether() {
        Prototype two = Made.of(
                "home page: on advance $main",
                "a page: ask open above ask",
                "b page: more advance home",
                "ask dialog: up open above sure; shut close",
                "sure dialog: shut close",
                "tabs main a,b");
        assertThat(OpenTogether.mayBe(two, 1)).isTrue();
        assertThat(OpenTogether.mayBe(two, 2)).isTrue();
        assertThat(OpenTogether.mayBe(two, 3)).isFalse();
        Prototype three = Made.of(
                "home page: ask open above ask",
                "ask dialog: up open above sure; shut close",
                "sure dialog: next advance done",
                "done dialog: up open above ask");
        assertThat(OpenTogether.mayBe(three, 3)).isTrue();
        // A page that a dialog advances to lies beneath, and opens nothing above the dialog.
        Prototype beneath = Made.of("home page: ask open above ask", "ask dialog: yes advance home");
        assertThat(OpenTogether.mayBe(beneath, 2)).isFalse();
        // CellTab a takeover it stands on the same level.
        Prototype takeover = Made.of("home page: up open above list", "list page: yes advance home");
        assertThat(OpenTogether.mayBe(takeover, 3)).isTrue();
    }

    /** Several gestures that nothing shows, at one place and to one end, are one trouble. */
    @Test
    void gesturesThatLeadAlikeFromOnePlaceAreToldOfTogether() {
        Prototype plain =
                Made.of("home page: row ~long-press advance more", "more page: back return", "devices phone,desktop");
        Hotspot row = plain.screen("home").orElseThrow().hotspots().getFirst();
        Prototype p = LinkEdits.link(
                        row,
                        Link.of(
                                "pressed",
                                new Cause.Touch(Gesture.SECONDARY_PRESS),
                                row.links().getFirst().effect().orElseThrow()),
                        "")
                .applyTo(plain);
        assertThat(Check.of(p).findings(Rule.HIDDEN_GESTURE_ONLY))
                .extracting(Finding::sentence)
                .containsExactly("On “home” only a long press or a secondary press on “home.row” can advance to more.");
    }

    @Test
    void aReturnThatFindsNothingIsNoFindingWhereItsBranchDoesMore() {
        for (String more : List.of(
                "home page: on advance b; up return % ready | b page when:ready: back return",
                "home page: x =saved close x or return x; on advance b | b page: back return")) {
            assertThat(Check.of(RuleExample.made(more)).findings(Rule.RETURN_TO_NOWHERE))
                    .as(more)
                    .isEmpty();
        }
    }

    @Test
    void bothWhereASetIsLedToAndWhereItsTabIsChosenTheValueIsMissing() {
        Checked checked = Check.of(Made.of(
                "home page: go advance $t; b advance need +loan=drill; c advance $t/two",
                "need page needs:loan: back return",
                "two page",
                "tabs t need,two"));
        assertThat(checked.findings(Rule.VALUE_MISSING))
                .extracting(f -> f.link().orElseThrow())
                .containsExactlyInAnyOrder("home.go.tap", "t-need");
    }
}
