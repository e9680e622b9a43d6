package pandel.core.play.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.remark.OpenRemarks;
import pandel.core.model.remark.Remark;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;

class RemarkWordsTest {

    private static final Prototype SHOP = Prototype.empty("Shop")
            .withScreens(List.of(
                    Screen.page("home", "Home").withHotspots(List.of(hotspot("buy", "Buy"), hotspot("odd", ""))),
                    Screen.page("bag", "Bag")))
            .withEntries(List.of(Entry.at("start", "home")));

    private static Hotspot hotspot(String id, String title) {
        return new Hotspot(
                id,
                title,
                Map.of(Width.NARROW, new Area(0, 0, 100, 50)),
                List.of(Link.of(id + "-tap", new Cause.Touch(Gesture.TAP), new Effect.Close())),
                Rest.NONE);
    }

    private static Remark on(String screen) {
        return Remark.on(screen, "r", "Why?", "Ada", "2026-05-12T09:30:00Z");
    }

    private static Remark step(String start, String device, Event... events) {
        return on("home").withStep(Optional.of(new Remark.Step(device, start, List.of(events))));
    }

    @Test
    void whatOneIsPinnedToIsSaid() {
        assertThat(RemarkWords.place(SHOP, on("home"))).isEqualTo("“Home”");
        assertThat(RemarkWords.place(SHOP, on("home").withHotspot(Optional.of("buy"))))
                .isEqualTo("“Home”, hotspot Buy");
        assertThat(RemarkWords.place(SHOP, on("home").withHotspot(Optional.of("odd"))))
                .isEqualTo("“Home”, hotspot 2");
        assertThat(RemarkWords.place(SHOP, on("home").withLink(Optional.of("odd-tap"))))
                .isEqualTo("“Home”, tap hotspot 2");
        assertThat(RemarkWords.place(SHOP, step("start", "phone"))).isEqualTo("“Home”, as play begins");
        assertThat(RemarkWords.place(SHOP, step("start", "phone", Event.tap("buy"))))
                .isEqualTo("“Home”, after 1 step");
        assertThat(RemarkWords.place(SHOP, step("start", "phone", Event.tap("buy"), new Event.DeviceBack())))
                .isEqualTo("“Home”, after 2 steps");
    }

    @Test
    void whyOneHasNoPlaceAnyMoreIsSaid() {
        assertThat(RemarkWords.missing(SHOP, on("home"))).isEmpty();
        assertThat(RemarkWords.missing(SHOP, on("gone"))).contains("Its screen “gone” is not there any more.");
        assertThat(RemarkWords.missing(SHOP, on("bag").withHotspot(Optional.of("buy"))))
                .contains("Its hotspot is not on “Bag” any more.");
        assertThat(RemarkWords.missing(SHOP, on("bag").withLink(Optional.of("buy-tap"))))
                .contains("Its link is not on “Bag” any more.");
        assertThat(RemarkWords.missing(SHOP, on("home").withLink(Optional.of("buy-tap"))))
                .isEmpty();
        assertThat(RemarkWords.missing(SHOP, step("start", "phone"))).isEmpty();
        assertThat(RemarkWords.missing(SHOP, step("start", "kiosk")))
                .contains("Play cannot begin where its step did any more.");
        assertThat(RemarkWords.missing(SHOP, step("door", "phone"))).isPresent();
    }

    @Test
    void itsFirstWordsAndItsDayAreTold() {
        assertThat(on("home").withWords("Two\n  lines").begins()).isEqualTo("Two lines");
        assertThat(on("home").withWords("a".repeat(59) + "\uD83D\uDE00tail").begins())
                .as("no half of a sign")
                .isEqualTo("a".repeat(59) + "…");
        assertThat(on("home").day()).isEqualTo("2026-05-12");
        assertThat(on("home").withMade("").day()).isEmpty();
    }

    @Test
    void openOnesAreThoseOfTheScreenThatAreNotSettled() {
        Prototype p = SHOP.withRemarks(List.of(
                on("home").withId("a").withHotspot(Optional.of("buy")),
                on("home").withId("b").withHotspot(Optional.of("odd")).withSettled(true),
                on("bag").withId("c")));
        assertThat(OpenRemarks.on(p.remarks(), "home")).extracting(Remark::id).containsExactly("a");
        assertThat(OpenRemarks.onHotspots(p.remarks(), "home")).containsExactly("buy");
    }
}
