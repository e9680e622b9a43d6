package pandel.files.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Naming;
import pandel.core.edit.copy.ScreenCopies;
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
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Fact;
import pandel.files.Unreadable;

/** Screens on their way from one window to another. */
class ScreensClipTest {

    private static final String CONTENT = "a".repeat(64) + ".png";

    private static Screen screen(String id, String... leads) {
        List<Hotspot> hotspots = java.util.stream.Stream.of(leads)
                .map(to -> new Hotspot(
                        id + "-" + to,
                        to,
                        Map.of(Width.NARROW, new Area(10, 10, 50, 50)),
                        List.of(Link.of(
                                id + "-" + to + "-tap",
                                new Cause.Touch(Gesture.TAP),
                                new Effect.Advance(new Target.ToScreen(to)))),
                        Rest.NONE))
                .toList();
        return Screen.page(id, id)
                .withHotspots(hotspots)
                .withMocks(List.of(new Picture(Width.NARROW, CONTENT, 390, 844, 2, "", Rest.NONE)));
    }

    @Test
    void screensComeOutAsTheyWentIn() throws Exception {
        Prototype prototype = Prototype.empty("Fernside")
                .withScreens(List.of(screen("desk", "room"), screen("room", "desk", "exit"), screen("exit")))
                .withFacts(List.of(new Fact("known", "known", new Fact.Kind.YesNo(), Rest.NONE)));
        ScreensClip clip = ScreensClip.of(
                "here", prototype, prototype.screens().subList(0, 2), content -> Optional.of(new byte[] {1, 2, 3}));
        ScreensClip read = ScreensClip.read(clip.text());
        assertThat(read.document()).isEqualTo("here");
        assertThat(read.screens().screens()).isEqualTo(prototype.screens().subList(0, 2));
        assertThat(read.pictures()).containsOnlyKeys(CONTENT);
        assertThat(read.pictures().get(CONTENT)).containsExactly(1, 2, 3);

        Prototype other = Prototype.empty("Other").withScreens(List.of(screen("desk")));
        Prototype after = ScreenCopies.taken(other, read.screens(), new Naming(new Random(5)::nextInt))
                .edit()
                .applyTo(other);
        assertThat(after.screens()).extracting(Screen::title).containsExactly("desk", "desk", "room");
        Screen desk = after.screens().get(1);
        Screen room = after.screens().get(2);
        assertThat(desk.id()).isNotEqualTo("desk");
        assertThat(desk.copyOf()).isEmpty();
        assertThat(desk.hotspots().getFirst().links().getFirst().effect())
                .contains(new Effect.Advance(new Target.ToScreen(room.id())));
        assertThat(room.hotspots().getLast().links())
                .as("what leads to a screen that did not come along is left out")
                .isEmpty();
        assertThat(after.fact("known")).isPresent();
    }

    @Test
    void whatIsNoneIsSaid() {
        assertThatThrownBy(() -> ScreensClip.read("{")).isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> ScreensClip.read("[1]")).isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> ScreensClip.read("{\"format\": \"pandel/1\", \"pictures\": {\"x\": \"%%\"}}"))
                .isInstanceOf(Unreadable.class);
    }
}
