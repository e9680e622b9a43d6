package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
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

    private int done;

    private void markTo(double x, double y, String word) {
        link(x, y, 180, 60, word);
        // A drag, a word, Enter.
        done += 3;
    }

    private void once(KeyCode... codes) {
        keys(codes);
        done++;
    }

    @Test
    void thirtyLinksOverTenScreensCostAtMostFourEach() throws Exception {
        List<Path> pictures = PlainSample.pictures().stream().sorted().limit(10).toList();
        for (Path picture : pictures) {
            Files.copy(picture, folder.resolve(picture.getFileName().toString()));
        }
        chosenFiles.add(folder);
        clickOn("Pictures from a folder…");
        until(() -> prototype().screens().size() == 10);
        settle();
        go(2);
        List<Screen> screens = prototype().screens();
        assertThat(screens).hasSize(10);
        for (int i = 0; i < 10; i++) {
            assertThat(opened.work().screen().map(Screen::id))
                    .contains(screens.get(i).id());
            for (int j = 1; j <= 3; j++) {
                markTo(30, 30 + j * 110, screens.get((i + j) % 10).title());
            }
            // The first of them leads to the next screen: walk there.
            if (i < 9) {
                once(KeyCode.SHIFT, KeyCode.TAB);
                once(KeyCode.SHIFT, KeyCode.TAB);
                once(KeyCode.ALT, KeyCode.RIGHT);
            }
        }
        assertThat(prototype().index().ways()).hasSize(30);
        assertThat(prototype().index().ways()).allMatch(w -> w.link().effect().orElseThrow() instanceof Effect.Advance);
        for (int i = 0; i < 10; i++) {
            int at = i;
            assertThat(prototype().index().waysOut(screens.get(i).id()).stream().flatMap(w -> w.targets().stream()))
                    .containsExactly(
                            screens.get((at + 1) % 10).id(),
                            screens.get((at + 2) % 10).id(),
                            screens.get((at + 3) % 10).id());
        }
        System.out.printf("thirty links: %d things done, %.2f a link%n", done, done / 30.0);
        assertThat(done / 30.0).isLessThanOrEqualTo(4.0);
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
