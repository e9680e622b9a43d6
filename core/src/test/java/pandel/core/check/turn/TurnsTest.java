package pandel.core.check.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static pandel.core.check.turn.Cells.APP;
import static pandel.core.check.turn.Cells.after;
import static pandel.core.check.turn.Cells.start;
import static pandel.core.check.turn.Cells.successors;
import static pandel.core.check.turn.Cells.turn;
import static pandel.core.check.turn.Cells.turns;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;
import pandel.core.play.rule.TrailAction;

/** What can be done at a cell, and where each turn leads. */
class TurnsTest {

    private static List<String> doable(Prototype p, Cell cell) {
        return turns(p).at(cell).here().sure().stream()
                .flatMap(t -> t.link().stream())
                .toList();
    }

    @Test
    void atTheFirstPlaceNothingIsReturnedTo() {
        assertThat(doable(APP, start("list"))).containsExactly("list.item.tap");
        assertThat(turns(APP).at(start("list")).nothing()).containsExactlyInAnyOrder("list.back.tap", "list.far.tap");
        Cell list = after(APP, start("home"), "home.list.tap");
        assertThat(doable(APP, list)).containsExactly("list.item.tap", "list.back.tap", "list.far.tap");
        assertThat(list.first()).isFalse();
    }

    @Test
    void whetherAFollowedScreenLiesBehindIsKept() {
        Cell item = after(APP, start("home"), "home.list.tap", "list.item.tap");
        assertThat(doable(APP, item)).contains("item.home.tap");
        Cell other = after(APP, start("list"), "list.item.tap");
        assertThat(doable(APP, other)).doesNotContain("item.home.tap");
        assertThat(item).isNotEqualTo(other);
        assertThat(item.screen()).isEqualTo(other.screen());
    }

    @Test
    void howDeepATrailIsMakesNoDifference() {
        Prototype p = Made.of("home page: on advance home; back return");
        Cell once = after(p, start("home"), "home.on.tap");
        Cell twice = after(p, once, "home.on.tap");
        assertThat(after(p, twice, "home.on.tap")).isEqualTo(twice);
    }

    @Test
    void goingBackUncoversNothingNew() {
        Cell list = after(APP, start("home"), "home.list.tap");
        assertThat(successors(APP).uncovered(list, turn(APP, list, "list.back.tap")))
                .isEmpty();
        assertThat(turn(APP, list, "list.back.tap").actions()).containsExactly(new TrailAction.Drop());
    }

    @Test
    void anOverlayIsALevelOfItsOwn() {
        Cell ask = after(APP, start("home"), "home.ask.tap");
        assertThat(ask.level().word()).isEqualTo("dialog");
        assertThat(ask.first()).isTrue();
        Cell sure = after(APP, ask, "ask.on.tap");
        assertThat(sure.first()).isFalse();
        assertThat(sure.level()).isEqualTo(ask.level());
    }

    @Test
    void whatPutsCoversAndWhatSwapsDoesNot() {
        Cell home = start("home");
        assertThat(turn(APP, home, "home.list.tap").covers()).isTrue();
        assertThat(turn(APP, home, "home.ask.tap").covers()).isTrue();
        assertThat(turn(APP, home, "home.swap.tap").covers()).isFalse();
        assertThat(turn(APP, home, "home.swap.tap").stays()).isFalse();
        assertThat(turn(APP, home, "home.same.tap").leavesTo()).isFalse();
    }

    @Test
    void whatLeadsToAParkedScreenIsNotDone() {
        Prototype p = Made.of("home page: x advance parked; y advance list", "list page:", "parked page parked:");
        assertThat(doable(p, start("home"))).containsExactly("home.y.tap");
    }

    @Test
    void deviceBackIsApart() {
        Turns.All all = turns(APP).at(after(APP, start("home"), "home.list.tap"));
        assertThat(all.back().sure()).singleElement().satisfies(t -> {
            assertThat(t.events()).containsExactly(new Event.DeviceBack());
            assertThat(t.link()).isEmpty();
        });
        Prototype kiosk = Made.on(List.of(Device.KIOSK), "home page: a advance b", "b page: back return");
        assertThat(turns(kiosk)
                        .at(after(kiosk, start("home"), "home.a.tap"))
                        .back()
                        .sure())
                .isEmpty();
    }

    @Test
    void aScreensOwnFactsAreAllThatMattersThere() {
        Prototype p = Made.of(
                "home page when:ready: on advance b % ready", "b page when:late: back return; x advance home % late");
        LocalFacts local = new LocalFacts(p, Relevance.in(p));
        String ready = p.facts().getFirst().id();
        String late = p.facts().getLast().id();
        assertThat(local.on("home")).containsExactly(ready);
        assertThat(local.on("b")).containsExactly(late);
        Facts both = Facts.of(Map.of(ready, new Value.YesNo(true), late, new Value.YesNo(true)));
        assertThat(local.alone(start("home").staying(both, 0)).facts())
                .isEqualTo(Facts.of(Map.of(ready, new Value.YesNo(true))));
    }
}
