package pandel.files.handon;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.remark.Remark;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;

/** Words that would do harm in a page, wherever a person may write some: they do nothing but show. */
class HostileWordsTest {

    static final List<String> WORDS = List.of(
            "</script><script>window.harm=1</script>",
            "<img src=x onerror=window.harm=1>",
            "\"><svg onload=window.harm=1>",
            "]]><!--<script>",
            "line\u2028and\u2029more",
            "=cmd|' /C calc'!A0",
            "nul\u0000nul",
            "\u202Eright to left\u202C \u05E9\u05DC\u05D5\u05DD",
            "x".repeat(10_000),
            "${window.harm=1}{{window.harm=1}}",
            "javascript:window.harm=1");

    @Test
    void theyShowAndNothingElse() throws Exception {
        try (ABrowser browser = ABrowser.open(1280, 800)) {
            List<String> wrong = new ArrayList<>();
            for (String words : WORDS) {
                Picture mock = new Picture(Width.NARROW, "0".repeat(64) + ".png", 400, 840, 1, words, Rest.NONE)
                        .withPatches(List.of(new Patch(new Area(10, 300, 300, 40), "", "#112233", words, 14)));
                Hotspot hotspot = new Hotspot(
                        "h-" + words,
                        words,
                        Map.of(Width.NARROW, new Area(10, 10, 200, 60)),
                        List.of(Link.of("l-" + words, new Cause.Touch(Gesture.TAP), new Effect.Leave(words))),
                        Rest.NONE);
                Screen screen = Screen.page("s-" + words, words)
                        .withMocks(List.of(mock))
                        .withHotspots(List.of(hotspot));
                Prototype prototype = Prototype.empty(words)
                        .withScreens(List.of(screen))
                        .withEntries(List.of(Entry.at("e-" + words, "s-" + words)))
                        .withRemarks(List.of(Remark.on("s-" + words, "r-" + words, words, words, words)
                                .withHotspot(Optional.of("h-" + words))))
                        .withDevices(List.of(
                                Device.PHONE.withTitle(words),
                                Device.TABLET.withTitle(words).withId("t-" + words)));
                browser.show(HtmlPlayer.of(prototype, content -> Optional.empty(), content -> {}), "");
                browser.until("document.querySelector('.now').textContent.length > 0");
                assertThat(browser.run("return window.harm")).as(words).isNull();
                String shown = (String) browser.run("return document.querySelector('.now').textContent");
                if (!shown.equals(words)) {
                    wrong.add(words + " is shown as " + shown);
                }
                assertThat((String) browser.run("return document.querySelector('.touch').getAttribute('aria-label')"))
                        .isEqualTo(words);
                assertThat((String) browser.run("return document.querySelector('.mock').textContent"))
                        .contains(words);
                browser.element(".pinning").click();
                assertThat((String) browser.run("return document.querySelector('.remarks .card p').textContent"))
                        .isEqualTo(words);
                assertThat(browser.run("return window.harm")).as(words).isNull();
            }
            assertThat(wrong).isEmpty();
            assertThat(browser.errors()).isEmpty();
        }
    }
}
