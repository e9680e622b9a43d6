package pandel.files.handon;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.files.json.PlayJson;
import pandel.player.EventJson;

/** Events that the page writes are read here as they were there. */
class EventsFromThePageTest {

    private static void assertReadAgain(Event event) throws Exception {
        String text = "[" + EventJson.of(event) + "]";
        assertThat(PlayJson.events(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8))))
                .as(text)
                .containsExactly(event);
    }

    static List<Event> one() {
        return List.of(
                Event.tap("a \"b\""),
                new Event.Touched(Gesture.TAP, new Event.On.OnHotspot("rows", 3)),
                new Event.Touched(Gesture.LONG_PRESS, new Event.On.OnHotspot("rows", 2)),
                new Event.Touched(Gesture.KEY, "Enter", new Event.On.Point(0, 0)),
                new Event.Touched(Gesture.SWIPE_LEFT, new Event.On.Point(12.5, 7)),
                new Event.Touched(Gesture.TAP, new Event.On.Point(12.5, 7)),
                new Event.Touched(Gesture.TAP, new Event.On.OnTurn(new PageTurn.Next())),
                new Event.Touched(Gesture.TAP, new Event.On.OnTurn(new PageTurn.Previous())),
                new Event.Touched(Gesture.TAP, new Event.On.OnTurn(new PageTurn.To(4))),
                new Event.Touched(Gesture.TAP, new Event.On.OnTab("t")),
                new Event.Touched(Gesture.TAP, new Event.On.OnButton("s")),
                new Event.Touched(Gesture.TAP, new Event.On.OnItem("i")),
                new Event.Touched(Gesture.TAP, new Event.On.OnSign("h_left")),
                new Event.Touched(Gesture.TAP, new Event.On.OnSkip()),
                new Event.Touched(Gesture.TAP, new Event.On.OnNotice()),
                new Event.Touched(Gesture.TAP, new Event.On.OnAction("undo")),
                new Event.Touched(Gesture.TAP, new Event.On.Outside()),
                new Event.Touched(Gesture.TAP, new Event.On.Away()),
                new Event.Typed("field", "two\nlines \u2028 \uD83D\uDE00"),
                new Event.Submitted("field"),
                new Event.Done("link"),
                new Event.DeviceBack(),
                new Event.Elapse(1800),
                new Event.Scroll(40.25),
                new Event.OnList(new Event.Scroll(12)),
                new Event.OnList(new Event.Touched(Gesture.TAP, new Event.On.OnHotspot("l"))),
                new Event.OnList(new Event.Scroll(12)).turning("no network"),
                new Event.Resize(390, 700.5));
    }

    @ParameterizedTest
    @MethodSource
    void one(Event event) throws Exception {
        assertReadAgain(event);
    }

    @Property(tries = 60)
    void allThatCanBeDone(@ForAll long seed, @ForAll Kind kind) throws Exception {
        Prototype made = Generated.of(12, seed, kind, 2);
        Situation now = made.mainEntry()
                .flatMap(e -> Situation.at(made, e, made.devices().getFirst()))
                .orElse(null);
        for (int i = 0; now != null && i < 15 && !now.left(); i++) {
            List<Event> possible = Possible.events(made, now);
            for (Event event : possible) {
                assertReadAgain(event);
            }
            now = possible.isEmpty()
                    ? null
                    : new Step(made)
                            .step(now, possible.get(Math.floorMod(seed + i * 31L, possible.size())))
                            .situation();
        }
    }
}
