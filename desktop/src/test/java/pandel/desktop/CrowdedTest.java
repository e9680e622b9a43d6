package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeSaving;

/** Far more than anybody draws, names nobody expects, a window of no size: everything still answers. */
class CrowdedTest extends WindowTest {

    @TempDir
    private Path folder;

    private void open(Prototype prototype) throws Exception {
        Path file = folder.resolve("crowded.pandel");
        try (PictureShelf shelf = new PictureShelf()) {
            PrototypeSaving.toFile(prototype, file, shelf);
        }
        chosenFiles.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(() -> prototype().screens().size() == prototype.screens().size());
        settle();
    }

    private void lookAtAllStages(String name) {
        for (int stage = 1; stage <= 5; stage++) {
            go(stage);
            shot(name + "-" + stage);
        }
    }

    @Test
    void tenThousandScreens() throws Exception {
        open(Generated.of(10_000, 3, Kind.USUAL));
        assertRead("10000 screens");
        // Only what is in sight is made.
        assertThat(lookup(".card").queryAll().size()).isBetween(8, 60);
        keys(KeyCode.DOWN);
        keys(KeyCode.F2);
        write("Found again");
        keys(KeyCode.ENTER);
        assertRead("Found again", "unsaved changes");
        lookAtAllStages("many");
        go(3);
        assertThat(lookup(".chip").queryAll().size()).isLessThan(400);
        keys(KeyCode.CONTROL, KeyCode.F);
        write("found aga");
        settle();
        keys(KeyCode.ENTER);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Found again");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(opened.work().isSaved()).isTrue();
    }

    @Test
    void tenThousandFindings() throws Exception {
        // A row of pages, each with a hotspot too small to hit and one that does nothing.
        List<Screen> screens = IntStream.range(0, 5000)
                .mapToObj(i -> page(
                        "s" + i,
                        "Page " + i,
                        List.of(
                                new Hotspot(
                                        "n" + i,
                                        "Next",
                                        Map.of(Width.NARROW, new Area(10, 10, 9, 9)),
                                        List.of(Link.of(
                                                "l" + i,
                                                new Cause.Touch(Gesture.TAP),
                                                new Effect.Advance(new Target.ToScreen("s" + (i + 1) % 5000)))),
                                        Rest.NONE),
                                spot("h" + i, 9, List.of()))))
                .toList();
        open(Prototype.empty("Ten thousand").withScreens(screens).withEntries(List.of(Entry.at("start", "s0"))));
        assertThat(opened.work().checked().orElseThrow().findings().size()).isGreaterThanOrEqualTo(10_000);
        lookAtAllStages("findings");
        for (int i = 0; i < 5; i++) {
            keys(KeyCode.DOWN);
        }
        assertThat(lookup(".finding:filled").queryAll().size()).isLessThan(60);
    }

    @Test
    void aScreenLinkedToItselfFiveHundredTimes() throws Exception {
        List<Hotspot> hotspots = IntStream.range(0, 500)
                .mapToObj(i -> spot(
                        "h" + i,
                        i,
                        List.of(Link.of(
                                "l" + i,
                                new Cause.Touch(Gesture.TAP),
                                new Effect.Advance(new Target.ToScreen("home"))))))
                .toList();
        open(Prototype.empty("Round and round")
                .withScreens(List.of(page("home", "Home", hotspots)))
                .withEntries(List.of(Entry.at("start", "home"))));
        lookAtAllStages("self");
        go(2);
        keys(KeyCode.TAB);
        assertRead("Tap", "advance to");
        go(4);
        tapDevice(20, 20);
        tapDevice(20, 20);
        assertThat(lookup(".trail-place").queryAll()).hasSize(3);
    }

    @Test
    void titlesNobodyExpects() throws Exception {
        String longest = "A title that goes on ".repeat(15).strip();
        List<Screen> screens = List.of(
                page(
                        "a",
                        longest,
                        List.of(spot(
                                "to",
                                0,
                                List.of(Link.of(
                                        "t",
                                        new Cause.Touch(Gesture.TAP),
                                        new Effect.Advance(new Target.ToScreen("b"))))))),
                page(
                        "b",
                        "שלום לכולם, מה נשמע",
                        List.of(spot(
                                "back", 0, List.of(Link.of("r", new Cause.Touch(Gesture.TAP), new Effect.Return()))))),
                page("c", "🪚🔨 Tools 🪜", List.of()),
                page("d", "", List.of()));
        open(Prototype.empty(longest).withScreens(screens).withEntries(List.of(Entry.at("start", "a"))));
        lookAtAllStages("titles");
        go(1);
        assertRead("שלום לכולם, מה נשמע", "🪚🔨 Tools 🪜", "Untitled");
        interact(() -> {
            stage.setWidth(1024);
            stage.setHeight(680);
        });
        lookAtAllStages("titles-small");
        assertThat(lookup("#undo").query().isVisible()).isTrue();
    }

    @Test
    void aWindowDraggedToNothingAndBack() {
        openSample();
        for (int stage1 = 1; stage1 <= 5; stage1++) {
            go(stage1);
            interact(() -> {
                stage.setWidth(1);
                stage.setHeight(1);
            });
            settle();
            keys(KeyCode.RIGHT);
            interact(() -> {
                stage.setWidth(1280);
                stage.setHeight(800);
            });
            settle();
        }
        go(1);
        assertRead(opened.work().screen().orElseThrow().shownTitle(), "30 screens");
        assertThat(card(opened.work().screen().orElseThrow().shownTitle()).isVisible())
                .isTrue();
    }

    private static Screen page(String id, String title, List<Hotspot> hotspots) {
        return Screen.page(id, title).withHotspots(hotspots);
    }

    private static Hotspot spot(String id, int i, List<Link> links) {
        return new Hotspot(
                id, "Spot " + i, Map.of(Width.NARROW, new Area(i % 7 * 50, i / 7 % 16 * 50, 48, 48)), links, Rest.NONE);
    }
}
