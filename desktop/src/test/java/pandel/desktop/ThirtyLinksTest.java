package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.edit.link.Waiting;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Screen;

/**
 * How much a hand does for thirty links over ten screens: a drag counts one, a press one, a typed word one, walking
 * included.
 */
class ThirtyLinksTest extends WindowTest {

    @TempDir
    private Path folder;

    private static final List<String> WORDS =
            List.of("Apple", "Bench", "Cellar", "Door", "Engine", "Fence", "Garden", "Hammer", "Island", "Jacket");

    private int done;

    /** Presses on what is drawn at a point of the mock, in px of it, types where it leads, and Enter. */
    private void pressTo(double x, double y, String word, boolean go) {
        Node paper = lookup("#desk-paper").query();
        double scale = paper.getLayoutBounds().getWidth() / 390;
        Point2D at = paper.localToScreen(x * scale, y * scale);
        moveTo(at);
        until(() -> opened.window().things().isIdle());
        clickOn(at);
        write(word);
        keys(go ? new KeyCode[] {KeyCode.CONTROL, KeyCode.ENTER} : new KeyCode[] {KeyCode.ENTER});
        // A press, a word, Enter.
        done += 3;
    }

    /** Ten mocks of three buttons each, as somebody else would have drawn them. */
    private void drawMocks() throws IOException {
        for (int i = 0; i < 10; i++) {
            BufferedImage mock = new BufferedImage(780, 1688, BufferedImage.TYPE_INT_RGB);
            Graphics2D g = mock.createGraphics();
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, 780, 1688);
            for (int j = 0; j < 3; j++) {
                g.setColor(new Color(60 + 12 * i, 90, 120));
                g.fillRoundRect(60, 400 + j * 240, 660, 104, 24, 24);
            }
            g.dispose();
            ImageIO.write(mock, "png", folder.resolve(WORDS.get(i) + "@2x.png").toFile());
        }
    }

    @Test
    void thirtyLinksOverTenScreensCostAtMostThreeEach() throws Exception {
        drawMocks();
        chosenFiles.add(folder);
        clickOn("Pictures from a folder…");
        until(() -> prototype().screens().size() == 10);
        settle();
        go(2);
        List<Screen> screens = prototype().screens();
        for (int i = 0; i < 10; i++) {
            assertThat(opened.work().screen().map(Screen::id))
                    .contains(screens.get(i).id());
            for (int j = 3; j >= 1; j--) {
                // The last of them leads to the next screen: walk there.
                pressTo(195, 226 + (j - 1) * 120, screens.get((i + j) % 10).title(), j == 1 && i < 9);
            }
        }
        assertThat(prototype().index().ways()).hasSize(30);
        assertThat(prototype().index().ways()).allMatch(w -> w.link().effect().orElseThrow() instanceof Effect.Advance);
        for (int i = 0; i < 10; i++) {
            int at = i;
            assertThat(prototype().index().waysOut(screens.get(i).id()).stream().flatMap(w -> w.targets().stream()))
                    .containsExactly(
                            screens.get((at + 3) % 10).id(),
                            screens.get((at + 2) % 10).id(),
                            screens.get((at + 1) % 10).id());
        }
        assertThat(prototype().index().hotspots())
                .allMatch(h -> h.areas().values().stream().allMatch(a -> Math.abs(a.width() - 330) < 4));
        System.out.printf("thirty links: %d things done, %.2f a link%n", done, done / 30.0);
        assertThat(done / 30.0).isLessThanOrEqualTo(3.0);
    }

    @Test
    void whatWaitsForALinkIsGoneToAndCounted() {
        openSample();
        interact(() -> opened.work().selection().choose(screen("Tools").id()));
        go(2);
        assertRead("One waits for a link on Loan");
        clickOn("#next-waiting");
        settle();
        assertThat(opened.work().screen().map(Screen::title)).contains("Loan");
        assertThat(opened.work().selection().hotspots())
                .containsExactly(Waiting.in(prototype()).getFirst().hotspot().id());
        keys(KeyCode.ENTER);
        write("report");
        keys(KeyCode.ENTER);
        assertThat(Waiting.in(prototype())).isEmpty();
        keys(KeyCode.N);
        assertRead("Every hotspot has a link.");
    }

    @Test
    void allLinksReadAsSentencesAndAreEditedInPlace() {
        openSample();
        go(2);
        keys(KeyCode.L);
        assertRead("57 sentences", "Tap Reserve: open Choose dates above with tool given tool");
        shot("sentences");
        clickOn("#sentences-filter");
        write("choose dates");
        settle();
        assertRead("4 sentences");
        clickOn("Tap Reserve: open Choose dates above with tool given tool");
        settle();
        assertThat(opened.work().screen().map(Screen::title)).contains("Tool");
        clickOn("#choice-target");
        write("loans");
        keys(KeyCode.ENTER);
        assertThat(prototype().index().waysIn(screen("Loans").id()))
                .anyMatch(w ->
                        w.hotspot().filter(h -> h.title().equals("Reserve")).isPresent());
        clickOn("#all-sentences");
        settle();
        assertRead("Ways out");
    }

    @Test
    void everythingThatLeadsToAScreenIsLedElsewhere() {
        openSample();
        interact(() -> opened.work().selection().choose(screen("Opening hours").id()));
        go(2);
        int ways = prototype().index().waysIn(screen("Opening hours").id()).size();
        keys(KeyCode.CONTROL, KeyCode.R);
        write("house rules");
        keys(KeyCode.ENTER);
        assertRead(ways + " links lead to “House rules” now, no longer to “Opening hours”.");
        assertThat(prototype().index().waysIn(screen("Opening hours").id())).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().index().waysIn(screen("Opening hours").id())).hasSize(ways);
    }
}
