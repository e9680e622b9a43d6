package pandel.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Queue;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.edit.History;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.desktop.HandPace;
import pandel.desktop.stage.Reports;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Pace;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.store.PictureShelf;

/** What stands at the foot of the window is never empty, and says when it is not of the last edit yet. */
class VitalsTest {

    private final Queue<Runnable> checks = new ArrayDeque<>();
    private final Queue<Runnable> window = new ArrayDeque<>();
    private final HandPace pace = new HandPace();
    private Work work;
    private Vitals vitals;

    @BeforeEach
    void open() throws Exception {
        FxToolkit.registerPrimaryStage();
        work = onWindow(() -> new Work(new Naming(n -> 0), new PictureShelf(), checks::add, window::add, () -> {}));
        vitals = onWindow(() -> new Vitals(work, new Nowhere(), new Nothing(), new javafx.scene.layout.Region()));
        onWindow(() -> {
            Pace.set(new Scene(vitals), pace);
            return true;
        });
    }

    private static <T> T onWindow(java.util.concurrent.Callable<T> task) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, task);
    }

    private String read() {
        return onWindow(() -> {
            // What a button holds is among its parts only once it has been styled.
            vitals.applyCss();
            return vitals.lookupAll(".label").stream()
                    .filter(n -> java.util.stream.Stream.iterate(n, java.util.Objects::nonNull, Node::getParent)
                            .allMatch(Node::isVisible))
                    .map(n -> ((Labeled) n).getText())
                    .collect(Collectors.joining(" "));
        });
    }

    private void checkAll() {
        onWindow(() -> {
            while (!checks.isEmpty() || !window.isEmpty()) {
                (checks.isEmpty() ? window : checks).remove().run();
            }
            return true;
        });
    }

    private static Prototype app() {
        return Prototype.empty("Lane")
                .withScreens(java.util.List.of(Screen.page("door", "Door"), Screen.page("shelf", "Shelf")))
                .withEntries(java.util.List.of(Entry.at("start", "door")));
    }

    @Test
    void anEmptyPrototypeIsToldToBeOne() {
        assertThat(read()).contains("No screens yet.");
    }

    @Test
    void aCheckThatTakesLongIsToldAndItsFiguresStandUntilThen() {
        onWindow(() -> {
            work.open(Document.unkept(History.ofSaved(app()), new PictureShelf()));
            return true;
        });
        assertThat(read()).contains("Checking…");
        checkAll();
        assertThat(read()).contains("2 screens").doesNotContain("Checking…");
        onWindow(() -> {
            work.edit(ScreenEdits.remove(
                    java.util.List.of(work.prototype().screen("shelf").orElseThrow())));
            return true;
        });
        assertThat(read()).contains("2 screens").doesNotContain("Checking…");
        onWindow(() -> {
            pace.pass(500);
            return true;
        });
        assertThat(read()).contains("2 screens", "Checking…");
        checkAll();
        assertThat(read()).contains("1 screen").doesNotContain("Checking…");
    }

    private static final class Nowhere implements StageGuide {
        @Override
        public void go(WorkStage stage) {}

        @Override
        public void play(String title, Walk walk, boolean byStep) {}

        @Override
        public void say(String sentence) {}

        @Override
        public void ask(pandel.desktop.stage.Question question) {}
    }

    private static final class Nothing implements Reports {
        @Override
        public void showFindings(Rule rule) {}

        @Override
        public void showCoverage() {}
    }
}
