package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The first time with pictures of one's own: each step is said when it is due, once. */
class FirstLinksTest extends WindowTest {

    @TempDir
    Path folder;

    private void takeTwo() throws IOException {
        for (String name : List.of("03_tools", "04_tool")) {
            Files.copy(Path.of("..", "samples", "pictures", name + "@2x.png"), folder.resolve(name + "@2x.png"));
        }
        interact(() -> opened.window().dropped(List.of(folder)));
        until(() -> prototype().screens().size() == 2);
        settle();
    }

    private boolean isLeading() {
        return lookup("#first-links").tryQuery().filter(Node::isVisible).isPresent();
    }

    @Test
    void aFirstLinkIsLedThroughAndNotASecondTime() throws IOException {
        takeTwo();
        assertThat(isLeading()).isFalse();
        go(2);
        assertThat(isLeading()).isTrue();
        assertRead("First links, 1 of 2");
        shot("first-links");
        Node paper = lookup("#desk-paper").query();
        double scale = paper.getLayoutBounds().getWidth() / 390;
        Point2D row = paper.localToScreen(195 * scale, 300 * scale);
        for (int i = 0; i < 2; i++) {
            moveTo(row.add(i, 1));
            until(() -> opened.window().things().isIdle());
        }
        clickOn(row);
        settle();
        assertRead("Where does it lead?");
        write("Tool");
        keys(KeyCode.ENTER);
        settle();
        assertThat(prototype().index().ways()).isNotEmpty();
        assertRead("First links, 2 of 2");
        go(4);
        assertThat(opened.window().preferred().now().led()).isTrue();
        go(2);
        assertThat(isLeading()).isFalse();
    }

    @Test
    void whoWantsNoneOfItIsNotLedAgain() throws IOException {
        takeTwo();
        go(2);
        clickOn("#first-links-leave");
        settle();
        assertThat(isLeading()).isFalse();
        assertThat(opened.window().preferred().now().led()).isTrue();
    }

    @Test
    void thePreparedSampleLeadsNobody() {
        openSample();
        go(2);
        assertThat(isLeading()).isFalse();
    }
}
