package pandel.core.model.screen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.Value;

/** Which look and which picture of a screen is seen, and where its hotspots stand on it. */
class LooksTest {

    private static final Condition LATE = new Condition("late", Condition.Compare.IS, new Value.YesNo(true));

    private static Picture picture(Width on, int wide) {
        return new Picture(on, "0".repeat(64) + ".png", wide, 844, 1, "", Rest.NONE);
    }

    private static Prototype app() {
        Prototype p = Made.of("home page: x@10,10,60,60 return; y@10,90,60,60 return");
        return p.withFacts(List.of(new Fact("late", "late", new Fact.Kind.YesNo(), Rest.NONE)))
                .withScreen(
                        "home",
                        s -> s.withMocks(List.of(picture(Width.NARROW, 390)))
                                .withStates(List.of(
                                        State.of("s1", "Late", List.of(LATE)).withHides(Set.of("home.x")),
                                        State.of("s2", "Other", List.of())
                                                .withMocks(List.of(picture(Width.WIDE, 1180))))));
    }

    private static Look look(Prototype p, boolean late) {
        return Look.of(
                p,
                p.screen("home").orElseThrow(),
                Known.of(late ? Facts.of(Map.of("late", new Value.YesNo(true))) : Facts.NONE));
    }

    @Test
    void theFirstStateThatHoldsGivesTheLook() {
        assertThat(look(app(), true).state()).map(State::id).contains("s1");
        assertThat(look(app(), false).state()).map(State::id).contains("s2");
        assertThat(look(app(), true).title()).isEqualTo("home, late");
        assertThat(Look.plain(app().screens().getFirst()).title()).isEqualTo("home");
    }

    @Test
    void aLookWithoutPicturesOfItsOwnIsSeenAsThePlainOne() {
        assertThat(look(app(), true).mocks()).containsExactly(picture(Width.NARROW, 390));
        assertThat(look(app(), false).mocks()).containsExactly(picture(Width.WIDE, 1180));
    }

    @Test
    void whatALookHidesIsNotThere() {
        Prototype p = app();
        assertThat(look(p, true).hotspots(p)).extracting(Hotspot::id).containsExactly("home.y");
        assertThat(look(p, false).hotspots(p)).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "NARROW, NARROW,WIDE, NARROW",
        "MEDIUM, NARROW,WIDE, NARROW",
        "WIDE, NARROW,WIDE, WIDE",
        "NARROW, WIDE,WIDE, WIDE",
        "WIDE, NARROW,MEDIUM, MEDIUM",
        "NARROW, MEDIUM,WIDE, MEDIUM",
    })
    void theNextNarrowerPictureServesElseTheNextWider(Width seen, Width one, Width other, Width shown) {
        List<Mock> mocks = one == other ? List.of(picture(one, 390)) : List.of(picture(one, 390), picture(other, 1180));
        assertThat(Screen.mockFor(mocks, seen)).map(Mock::on).contains(shown);
    }

    @Test
    void withoutAnyPictureTheAreaOfTheNearestWidthServes() {
        Hotspot hotspot = app().index().hotspot("home.x").orElseThrow();
        Look bare = Look.plain(Screen.page("s", "S"));
        assertThat(bare.areaOf(hotspot, Width.WIDE)).contains(new Area(10, 10, 60, 60));
        assertThat(bare.areasOn(Width.WIDE)).isEqualTo(Width.WIDE);
        Hotspot wide = hotspot.withAreas(Map.of(Width.WIDE, new Area(1, 2, 30, 40)));
        assertThat(bare.areaOf(wide, Width.NARROW)).contains(new Area(1, 2, 30, 40));
    }

    @Test
    void onAPictureWithoutAnAreaAHotspotCannotBeTouched() {
        Prototype p = app();
        Look wide = look(p, false);
        assertThat(wide.hotspots(p, Width.WIDE)).isEmpty();
        assertThat(wide.hotspots(p)).hasSize(2);
    }

    @Test
    void aMovedHotspotStandsElsewhereInThatLookAlone() {
        Area there = new Area(200, 200, 60, 60);
        State moved = State.of("m", "Moved", List.of()).withMoves(Map.of("home.x", Map.of(Width.NARROW, there)));
        Hotspot hotspot = app().index().hotspot("home.x").orElseThrow();
        assertThat(moved.showing(hotspot)).map(h -> h.areaOn(Width.NARROW)).contains(Optional.of(there));
        assertThat(moved.withMoves(Map.of("home.x", Map.of())).moves()).isEmpty();
        assertThat(moved.withHides(Set.of("home.x")).showing(hotspot)).isEmpty();
    }

    @Test
    void sheetsHaveASecondStopAboveTheirFirst() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Overlay(50, 40, PanelSide.RIGHT, 45));
        assertThatIllegalArgumentException().isThrownBy(() -> new Overlay(0, 40, PanelSide.RIGHT, 45));
        assertThatIllegalArgumentException().isThrownBy(() -> new Overlay(101, 0, PanelSide.RIGHT, 45));
        assertThatIllegalArgumentException().isThrownBy(() -> Overlay.USUAL.withShade(-1));
        assertThat(new Overlay(50, 90, PanelSide.LEFT, 45).stop()).isEqualTo(90);
    }

    @Test
    void laidWordsHaveASizeAndColoursThatCanBeRead() {
        Area area = new Area(0, 0, 10, 10);
        assertThatIllegalArgumentException().isThrownBy(() -> new Patch(area, "", "black", "x", 12));
        assertThatIllegalArgumentException().isThrownBy(() -> new Patch(area, "", "#000000", "x", 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Patch(area, "", "#000000", "x", Double.NaN));
        Patch patch = new Patch(area, "#ffffff", "#000000", "x", 12);
        assertThat(patch.grown(2).area()).isEqualTo(new Area(0, 0, 20, 20));
        assertThat(patch.grown(2).size()).isEqualTo(24);
    }
}
