package pandel.files.handon;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import pandel.core.edit.whole.TakenRemarks;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.remark.Remark;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.files.remark.RemarksFile;
import pandel.files.store.PrototypeFile;

/** The sample clicked through in a browser, as a person does who has only the page. */
class PlayedInBrowserTest {

    private static ABrowser browser;
    private static String page;

    @BeforeAll
    static void open() throws Exception {
        browser = ABrowser.open(1280, 800);
        PrototypeFile.Opened opened = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        List<String> missing = new ArrayList<>();
        page = HtmlPlayer.of(opened.prototype(), opened.pictures(), missing::add);
        assertThat(missing).isEmpty();
    }

    @AfterAll
    static void close() throws IOException {
        if (browser != null) {
            browser.close();
        }
    }

    @AfterEach
    void nothingWentWrongAndNothingWasAskedForOutside() {
        assertThat(browser.errors()).isEmpty();
        assertThat(browser.asked()).noneMatch(a -> a.matches("(https?|wss?|ftp):.*"));
    }

    private static void until(String screen) {
        browser.until("document.querySelector('.now').textContent === '" + screen + "'"
                + " && document.getAnimations().every(a => a.playState !== 'running')");
    }

    private static void toTools() throws IOException {
        browser.show(page, "");
        until("Welcome");
        browser.click("Skip");
        until("Sign in");
        browser.click("Look around first");
        until("Tools");
    }

    @Test
    void itIsClickedThroughByTheMouse() throws Exception {
        toTools();
        browser.click("Orchard ladder");
        until("Tool");
        assertThat((String) browser.run("return document.querySelector('.device').innerText"))
                .contains("Orchard ladder");
        browser.click("Reserve");
        until("Choose dates");
        browser.click("Close");
        until("Tool");
        browser.element(".back").click();
        until("Tools");
    }

    @Test
    void picturesAreShownAndOnlyThoseThatAreNear() throws Exception {
        toTools();
        browser.until("[...document.querySelectorAll('.device img')].every(i => i.complete && i.naturalWidth > 0)");
        assertThat((Long) browser.run("return document.querySelectorAll('.device img').length"))
                .isBetween(1L, 6L);
    }

    @Test
    void itIsPlayedByKeysAlone() throws Exception {
        browser.show(page, "");
        until("Welcome");
        for (int i = 0; i < 12 && !browser.text(".now").equals("Sign in"); i++) {
            browser.actions().sendKeys(Keys.TAB).perform();
            if ("Skip".equals(browser.run("return document.activeElement.getAttribute('aria-label')"))) {
                browser.actions().sendKeys(Keys.ENTER).perform();
                until("Sign in");
            }
        }
        assertThat(browser.text(".now")).isEqualTo("Sign in");
    }

    @Test
    void whatIsComeToByKeyIsBroughtIntoSight() throws Exception {
        browser.show(page, "");
        browser.run("const d = document.querySelector('.devices'); d.selectedIndex = 3; d.onchange()");
        until("Welcome");
        browser.click("Skip");
        until("Sign in");
        String foot = "return document.querySelector('.device').offsetHeight"
                + " - [...document.querySelectorAll('.touch')].filter(t => t.getAttribute('aria-label') === 'Look around first')"
                + ".map(t => t.offsetTop + t.offsetHeight)[0]";
        assertThat(((Number) browser.run(foot)).doubleValue()).isNegative();
        browser.run("[...document.querySelectorAll('.touch')]"
                + ".find(t => t.getAttribute('aria-label') === 'Look around first').focus()");
        assertThat(((Number) browser.run(foot)).doubleValue()).isNotNegative();
        assertThat(browser.run("return document.activeElement.getAttribute('aria-label')"))
                .isEqualTo("Look around first");
    }

    @Test
    void aFieldTakesWhatIsTyped() throws Exception {
        browser.show(page, "");
        until("Welcome");
        browser.click("Skip");
        until("Sign in");
        browser.click("Card number");
        browser.until("document.activeElement.className === 'field'");
        browser.actions().sendKeys("22").perform();
        assertThat((String) browser.run("return document.activeElement.value")).endsWith("22");
        browser.actions().sendKeys(Keys.ESCAPE).perform();
        assertThat((String) browser.run("return document.querySelector('.page').innerText"))
                .contains("22");
    }

    @Test
    void aMissLeavesARingAndOneSentence() throws Exception {
        toTools();
        browser.run("document.querySelector('.told').textContent = ''");
        List<?> at = (List<?>) browser.run("const r = document.querySelector('.device').getBoundingClientRect();"
                + "return [Math.round(r.left + r.width / 2), Math.round(r.top + 12)]");
        browser.actions()
                .moveToLocation(((Number) at.getFirst()).intValue(), ((Number) at.getLast()).intValue())
                .click()
                .perform();
        assertThat(browser.text(".told")).isNotBlank();
        assertThat(browser.has(".ring")).isTrue();
    }

    @Test
    void itBeginsWhereTheAddressSays() throws Exception {
        PrototypeFile.Opened opened = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        Prototype prototype = opened.prototype();
        String address = prototype.entries().stream()
                .flatMap(e -> e.filledAddress().stream())
                .findFirst()
                .orElseThrow();
        browser.show(page, "#" + address);
        browser.until("document.querySelector('.now').textContent !== ''");
        assertThat(browser.text(".now")).isNotEqualTo("Splash");
        browser.show(page, "#" + prototype.startPoints().getFirst().id());
        browser.until("document.querySelector('.now').textContent !== ''");
        assertThat(browser.text(".now")).isNotEqualTo("Splash");
    }

    @Test
    void anotherDeviceIsChosen() throws Exception {
        toTools();
        double before = ((Number) browser.run("return document.querySelector('.device').offsetWidth")).doubleValue();
        browser.run("const d = document.querySelector('.devices'); d.selectedIndex = 1; d.onchange()");
        double after = ((Number) browser.run("return document.querySelector('.device').offsetWidth")).doubleValue();
        assertThat(after).isNotEqualTo(before);
    }

    @Test
    void aRemarkIsPinnedToAMomentAndSavedAsAFileThatIsTakenIn() throws Exception {
        toTools();
        browser.run("localStorage.clear()");
        browser.element(".pinning").click();
        browser.element(".remarks textarea").sendKeys("Where are the </script> ladders? <b>");
        browser.element(".remarks .name").sendKeys("Ada");
        browser.element(".remarks form .main").click();
        assertThat(browser.text(".remarks .card.own")).contains("Where are the </script> ladders? <b>", "Ada");
        assertThat(browser.text(".pinning")).isEqualTo("Remarks 5");
        browser.run("URL.createObjectURL = b => { b.text().then(t => { window.saved = t; }); return '#saved'; };");
        browser.element(".remarks .foot button").click();
        browser.until("window.saved !== undefined");
        RemarksFile file = RemarksFile.read((String) browser.run("return window.saved"), "what was saved");
        PrototypeFile.Opened opened = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        TakenRemarks taken = TakenRemarks.of(opened.prototype(), file.remarks());
        assertThat(taken.fresh()).isEqualTo(1);
        assertThat(taken.without()).isEmpty();
        Remark remark = file.remarks().getFirst();
        assertThat(remark.words()).isEqualTo("Where are the </script> ladders? <b>");
        Remark.Step step = remark.step().orElseThrow();
        Situation now = Situation.at(
                        opened.prototype(),
                        opened.prototype().start(step.start()).orElseThrow(),
                        opened.prototype().device(step.device()))
                .orElseThrow();
        for (Event event : step.events()) {
            now = new Step(opened.prototype()).step(now, event).situation();
        }
        assertThat(opened.prototype().titleOf(now.screen()))
                .as("what leads to the step leads there here too")
                .isEqualTo("Tools");
        browser.show(page, "");
        until("Welcome");
        browser.until("document.querySelector('.pinning').textContent === 'Remarks 5'");
        browser.run("localStorage.clear()");
    }

    @Test
    void oneThatIsInTheFileIsReadWhereItIsPinned() throws Exception {
        toTools();
        browser.element(".pinning").click();
        assertThat(browser.text(".remarks")).contains("No remark here yet.", "Also on Loans (2), Tool, Bring it back");
        browser.click("Orchard ladder");
        until("Tool");
        browser.until("document.querySelectorAll('.device .pin').length === 1");
        assertThat(browser.text(".remarks"))
                .contains("Say “Reserve it for me”?", "Mira Oland · 2026-05-04 · on Reserve");
        browser.element(".pinning").click();
        assertThat((Long) browser.run("return document.querySelectorAll('.device .pin').length"))
                .isZero();
    }

    @Test
    void nothingGoesOnWhileOneWrites() throws Exception {
        browser.show(page, "");
        browser.until("document.querySelector('.now').textContent === 'Splash'");
        browser.element(".pinning").click();
        String held = (String) browser.run("return document.querySelector('.now').textContent");
        // A while in the page, by its own clock.
        browser.run("window.seenFrames = 0; const f = () => { window.seenFrames++; requestAnimationFrame(f); }; f();");
        browser.until("window.seenFrames > 150");
        assertThat(browser.text(".now")).isEqualTo(held);
    }
}
