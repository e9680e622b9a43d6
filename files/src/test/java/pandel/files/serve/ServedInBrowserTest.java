package pandel.files.serve;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.play.Tape;
import pandel.files.handon.ABrowser;
import pandel.files.store.PrototypeFile;

/** A page beside the desk follows what is changed there, and tells what is tapped in it. */
class ServedInBrowserTest {

    private final BlockingQueue<Remark.Step> tapped = new LinkedBlockingQueue<>();

    @SuppressWarnings("NullAway.Init")
    private ABrowser browser;

    @SuppressWarnings("NullAway.Init")
    private PrototypeFile.Opened opened;

    @SuppressWarnings("NullAway.Init")
    private Serving serving;

    @BeforeEach
    void open() throws Exception {
        opened = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        serving = Serving.begin(opened.prototype(), opened.pictures(), false, 0, tapped::add);
        browser = ABrowser.open(1280, 800);
        browser.go(serving.addresses().getFirst());
        until("Welcome");
    }

    @AfterEach
    void end() throws Exception {
        browser.close();
        serving.close();
    }

    private void until(String screen) {
        browser.until("document.querySelector('.now').textContent === '" + screen + "'"
                + " && document.getAnimations().every(a => a.playState !== 'running')");
    }

    @Test
    void anEditIsThereAtTheSameSituation() {
        browser.click("Skip");
        until("Sign in");
        browser.click("Look around first");
        until("Tools");
        browser.until("[...document.querySelectorAll('.device img')].every(i => i.complete && i.naturalWidth > 0)");
        Prototype p = opened.prototype();
        String tools = p.screens().stream()
                .filter(s -> s.title().equals("Tools"))
                .findFirst()
                .orElseThrow()
                .id();
        serving.show(
                ScreenEdits.rename(p.screen(tools).orElseThrow(), "All tools").applyTo(p), opened.pictures());
        until("All tools");
        browser.click("Orchard ladder");
        until("Tool");
        browser.element(".back").click();
        until("All tools");
        browser.element(".back").click();
        until("Sign in");
        assertThat(browser.errors()).isEmpty();
    }

    @Test
    void whatIsTappedIsToldWhileItIsWished() throws Exception {
        browser.click("Skip");
        until("Sign in");
        assertThat(tapped).isEmpty();
        serving.wish(true);
        assertThat(screenOf(tapped.take())).as("where it stands already").isEqualTo("Sign in");
        browser.click("Look around first");
        until("Tools");
        assertThat(screenOf(tapped.take())).isEqualTo("Tools");
        assertThat(browser.errors()).isEmpty();
    }

    private String screenOf(Remark.Step step) {
        Prototype p = opened.prototype();
        return p.titleOf(Tape.of(p, p.start(step.start()).orElseThrow(), p.device(step.device()), step.events())
                .orElseThrow()
                .now()
                .screen());
    }

    @Test
    void aLineThatIsCutIsSaid() {
        serving.close();
        browser.until("document.querySelector('.told').textContent.startsWith('The line to the desk is cut')");
    }
}
