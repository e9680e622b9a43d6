package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Covering;

/** What lies wholly under others cannot be touched, and nothing rests on it. */
class CoveredTest {

    private static Prototype over(String top) {
        return Made.of(
                "home page: under@20,20,60,60 advance lost; " + top, "lost page: back return", "b page: back return");
    }

    @Test
    void nothingIsComeToByWhatNoFingerReaches() {
        Checked checked = Check.of(over("top@10,10,100,100 advance b"));
        assertThat(checked.shown()).containsExactlyInAnyOrder("home", "b");
        assertThat(checked.findings(Rule.UNREACHED_SCREEN)).hasSize(1);
        assertThat(checked.findings(Rule.LINK_NEVER_FIRES)).isEmpty();
        assertThat(checked.findings(Rule.COVERED_HOTSPOT))
                .extracting(Finding::sentence)
                .containsExactly("“home.under” on “home” lies wholly under “home.top”, so no tap comes to it. "
                        + "Lost: advance to lost.");
        for (Fix fix : checked.findings(Rule.COVERED_HOTSPOT).getFirst().fixes()) {
            assertThat(Check.of(fix.edit().applyTo(checked.prototype())).findings(Rule.COVERED_HOTSPOT))
                    .isEmpty();
        }
    }

    @Test
    void whatAnswersAnotherGestureOrLeavesAPointCoversNothing() {
        for (String top :
                List.of("top@10,10,100,100 ~long-press advance b", "top@10,10,60,100 advance b", "top@20,20,60,60")) {
            Checked checked = Check.of(over(top));
            assertThat(checked.shown()).as(top).contains("lost");
            assertThat(checked.findings(Rule.COVERED_HOTSPOT)).as(top).isEmpty();
        }
    }

    @Test
    void whatIsLeftIsWhatAFingerHas() {
        Prototype p = over("top@30,10,100,100 advance b");
        Checked checked = Check.of(p.withScreen(
                "home",
                s -> s.withMocks(Made.of("home page drawn: x return")
                        .screens()
                        .getFirst()
                        .mocks())));
        assertThat(checked.shown()).contains("lost");
        assertThat(checked.findings(Rule.TARGET_SIZE))
                .extracting(Finding::sentence)
                .contains("“home.under” on “home” is under 24 px a side, the least that fingers need.");
    }

    @Test
    void carryingAnAreaAsideIsLookedAtAnew() {
        Prototype before = over("top@10,10,100,100 advance b");
        Checked checked = Check.of(before);
        Prototype after = Edit.of(
                        "aside",
                        p -> p.withScreen(
                                "home",
                                s -> s.withHotspots(s.hotspots().stream()
                                        .map(h -> h.id().equals("home.top")
                                                ? h.withAreas(Map.of(Width.NARROW, new Area(200, 200, 60, 60)))
                                                : h)
                                        .toList())))
                .applyTo(before);
        assertThat(Check.after(checked, after, () -> false).orElseThrow().shown())
                .containsExactlyInAnyOrder("home", "lost", "b");
    }

    /** Against points strewn over it. */
    @Test
    void coveringIsWhatPointsSay() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            Area area = new Area(20, 20, 10 + random.nextInt(40), 10 + random.nextInt(40));
            List<Area> over = random.ints(1 + random.nextInt(4), 0, 40)
                    .mapToObj(x -> new Area(x, random.nextInt(40), 1 + random.nextInt(60), 1 + random.nextInt(60)))
                    .toList();
            boolean free = false;
            for (double x = area.x() + 0.5; x < area.right(); x++) {
                for (double y = area.y() + 0.5; y < area.bottom(); y++) {
                    double px = x;
                    double py = y;
                    free |= over.stream().noneMatch(a -> a.contains(px, py));
                }
            }
            assertThat(Covering.covers(over, area)).as("seed " + seed).isEqualTo(!free);
            assertThat(Covering.left(over, area).isEmpty()).as("seed " + seed).isEqualTo(!free);
            Covering.left(over, area).forEach(left -> {
                assertThat(over).as("seed " + seed).noneMatch(left::overlaps);
                assertThat(left.within(1000, 1000)).isEqualTo(left);
                assertThat(area.overlaps(left)).isTrue();
            });
        }
    }

    @Test
    void whatLiesUnderAHeaderIsToldWhereverThatIsShown() {
        Prototype p = Made.of(
                "home page drawn: under@10,10,60,30 advance lost; on@10,100,60,60 advance b",
                "lost page: back return",
                "b page: back return",
                "header top on:all");
        Checked checked = Check.of(p);
        assertThat(checked.shown()).containsExactlyInAnyOrder("home", "b");
        Finding finding = checked.findings(Rule.COVERED_HOTSPOT).getFirst();
        assertThat(finding.sentence())
                .isEqualTo("“home.under” on “home” lies wholly under the header, so no tap comes to it. "
                        + "Lost: advance to lost.");
        assertThat(checked.findings(Rule.LINK_NEVER_FIRES)).isEmpty();
        for (Fix fix : finding.fixes()) {
            assertThat(Check.of(fix.edit().applyTo(p)).findings(Rule.COVERED_HOTSPOT))
                    .as(fix.words())
                    .isEmpty();
        }
        Checked hidden = Check.of(Made.of(
                "home page drawn: under@10,10,60,30 advance lost; on@10,100,60,60 advance b",
                "lost page: back return",
                "b page: back return",
                "header top on:all hidden:home"));
        assertThat(hidden.shown()).contains("lost");
        // An edit of the header alone is looked at anew.
        Prototype low = p.withHeaders(
                p.headers().stream().map(h -> h.withBar(h.bar().withHeight(24))).toList());
        assertThat(Check.after(checked, low, () -> false).orElseThrow().shown()).contains("lost");
    }

    @Test
    void whatAHeaderLeavesOfAHotspotIsItsSize() {
        Checked checked = Check.of(
                Made.of("home page drawn: half@10,40,60,30 advance b", "b page: back return", "header top on:all"));
        assertThat(checked.findings(Rule.COVERED_HOTSPOT)).isEmpty();
        assertThat(checked.findings(Rule.TARGET_SIZE))
                .anyMatch(f -> f.sentence().contains("“home.half” on “home” is under 24 px"));
    }

    @Test
    void aHeaderThatIsHiddenWhereItHeldTheOnlyWayBackIsShownAgainByAFix() {
        Prototype p = Made.of("home page: go advance list", "list page:", "header top on:all back hidden:list");
        Checked checked = Check.of(p.withDevices(
                p.devices().stream().map(d -> d.withBack(Device.Back.NONE)).toList()));
        Finding dead = checked.findings(Rule.DEAD_END).getFirst();
        assertThat(dead.sentence())
                .isEqualTo("“list” is a dead end: the header “top”, whose sign goes back, is hidden on it.");
        Fix fix = dead.fixes().getFirst();
        assertThat(fix.words()).isEqualTo("Show the header there again");
        assertThat(Check.of(fix.edit().applyTo(checked.prototype())).findings(Rule.DEAD_END))
                .isEmpty();
    }
}
