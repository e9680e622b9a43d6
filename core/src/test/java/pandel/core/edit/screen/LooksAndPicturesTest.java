package pandel.core.edit.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.screen.Status;

/** Looks of a screen, its pictures, their scale, and what screens are. */
class LooksAndPicturesTest {

    private static final Prototype LENDING = Made.of(
            "home page drawn: on@10,20,100,50 advance loan; more@10,90,100,50 advance loan",
            "loan page drawn: back return",
            "help page: back return");

    private static final Hotspot ON = LENDING.index().hotspot("home.on").orElseThrow();

    private static Screen home(Prototype p) {
        return p.screen("home").orElseThrow();
    }

    private static State look(String id) {
        return State.of(id, id, List.of());
    }

    private static Prototype withLooks(String... ids) {
        Prototype p = LENDING;
        for (String id : ids) {
            p = StateEdits.add(home(p), look(id), List.of()).applyTo(p);
        }
        return p;
    }

    private static Picture picture(Prototype p, String screen) {
        return (Picture) p.screen(screen).orElseThrow().mocks().getFirst();
    }

    private static Area area(Prototype p, String hotspot) {
        return p.index()
                .hotspot(hotspot)
                .orElseThrow()
                .areas()
                .values()
                .iterator()
                .next();
    }

    @Test
    void looksAreOrderedAndTheirOrderCounts() {
        Prototype two = withLooks("late", "empty");
        assertThat(home(two).states()).extracting(State::id).containsExactly("late", "empty");
        Prototype shifted =
                StateEdits.shift(home(two), home(two).states().getLast(), -1).applyTo(two);
        assertThat(home(shifted).states()).extracting(State::id).containsExactly("empty", "late");
        Prototype still = StateEdits.shift(home(shifted), home(shifted).states().getFirst(), -1)
                .applyTo(shifted);
        assertThat(still).isEqualTo(shifted);
        assertThat(home(StateEdits.remove(home(two), home(two).states()).applyTo(two))
                        .states())
                .isEmpty();
    }

    @Test
    void aHotspotIsHiddenAndMovedInALookAlone() {
        Prototype one = withLooks("late");
        Prototype hidden = StateEdits.hide(home(one), home(one).states().getFirst(), ON, true)
                .applyTo(one);
        assertThat(home(hidden).states().getFirst().showing(ON)).isEmpty();
        assertThat(area(hidden, "home.on")).isEqualTo(area(LENDING, "home.on"));
        Area there = new Area(200, 300, 100, 50);
        Prototype moved = StateEdits.move(home(one), home(one).states().getFirst(), Map.of(ON, there), Width.NARROW)
                .applyTo(one);
        State state = home(moved).states().getFirst();
        assertThat(state.showing(ON).orElseThrow().areaOn(Width.NARROW)).hasValue(there);
        assertThat(area(moved, "home.on")).isEqualTo(area(LENDING, "home.on"));
        Prototype plain = StateEdits.asPlain(home(moved), state, ON).applyTo(moved);
        assertThat(home(plain).states().getFirst().moves()).isEmpty();
    }

    @Test
    void aScreenBecomesALookOfAnother() {
        Prototype p = StateEdits.fromScreen(
                        home(LENDING), LENDING.screen("loan").orElseThrow(), look("loaned"), List.of())
                .applyTo(LENDING);
        assertThat(p.screen("loan")).isEmpty();
        assertThat(home(p).states()).hasSize(1);
        assertThat(p.index().waysOut("home"))
                .as("what led to it leads to the screen it is a look of")
                .allMatch(w -> w.targets().contains("home"));
    }

    @Test
    void aPictureIsPutOnAWidthAndTakenAwayAgain() {
        Picture wide = new Picture(Width.WIDE, "a".repeat(64) + ".png", 1180, 820, 1, "wide.png", Rest.NONE);
        Prototype both = StateEdits.mock(home(LENDING), Optional.empty(), wide).applyTo(LENDING);
        assertThat(home(both).mocks()).hasSize(2);
        Prototype again = StateEdits.mock(home(both), Optional.empty(), wide).applyTo(both);
        assertThat(again).isEqualTo(both);
        Prototype less =
                StateEdits.withoutMock(home(both), Optional.empty(), Width.WIDE).applyTo(both);
        assertThat(home(less).mocks()).isEqualTo(home(LENDING).mocks());
    }

    @Test
    void anotherScaleKeepsHotspotsOnWhatTheyAreOn() {
        double now = picture(LENDING, "home").scale();
        Prototype twice = ScaleEdit.of(List.of(home(LENDING)), now * 2).applyTo(LENDING);
        assertThat(picture(twice, "home").scale()).isEqualTo(now * 2);
        Area before = area(LENDING, "home.on");
        assertThat(area(twice, "home.on"))
                .isEqualTo(new Area(before.x() / 2, before.y() / 2, before.width() / 2, before.height() / 2));
        assertThat(picture(twice, "loan")).isEqualTo(picture(LENDING, "loan"));
        assertThat(ScaleEdit.of(List.of(home(twice)), now).applyTo(twice)).isEqualTo(LENDING);
    }

    @Test
    void aNewerPictureKeepsWhatStandsOnTheOld() {
        Picture old = picture(LENDING, "home").withFixed(40, 60);
        Prototype p = LENDING.withScreen("home", s -> s.withMocks(List.of(old)));
        Picture fresh = new Picture(Width.NARROW, "b".repeat(64) + ".png", 1170, 2532, 3, "home-2.png", Rest.NONE);
        Prototype swapped = PictureEdits.replace(
                        List.of(new PictureEdits.Swap("home", old, fresh)),
                        List.of(Screen.page("fees", "Fees")),
                        List.of(p.screen("help").orElseThrow()))
                .applyTo(p);
        assertThat(picture(swapped, "home").content()).isEqualTo(fresh.content());
        assertThat(picture(swapped, "home").fixedTop()).isEqualTo(40);
        assertThat(swapped.index().hotspotsOn("home")).isEqualTo(p.index().hotspotsOn("home"));
        assertThat(swapped.screens()).extracting(Screen::id).containsExactly("home", "loan", "fees");
    }

    @Test
    void screensArePlacedInSectionsAndShiftedPastTheirEnds() {
        Prototype p = ScreenEdits.section(List.of(LENDING.screen("help").orElseThrow()), "Care")
                .applyTo(LENDING);
        assertThat(p.screen("help").orElseThrow().section()).isEqualTo("Care");
        Prototype placed = ScreenEdits.place(List.of(p.screen("help").orElseThrow()), "", Optional.of("loan"))
                .applyTo(p);
        assertThat(placed.screens()).extracting(Screen::id).containsExactly("home", "help", "loan");
        Prototype renamed = ScreenEdits.renameSection("Care", "Upkeep").applyTo(p);
        assertThat(renamed.screen("help").orElseThrow().section()).isEqualTo("Upkeep");
    }

    @Test
    void aParkedScreenStaysAndItsLinksWithIt() {
        Prototype parked =
                ScreenEdits.park(List.of(LENDING.screen("loan").orElseThrow())).applyTo(LENDING);
        assertThat(parked.screen("loan").orElseThrow().status()).isEqualTo(Status.PARKED);
        assertThat(parked.index().ways()).hasSameSizeAs(LENDING.index().ways());
        assertThat(ScreenEdits.linksLostWith(LENDING, List.of("loan"))).hasSize(2);
    }
}
