package pandel.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.History;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.store.PictureShelf;

/** What runs for a document, how it ends, and what a person is told of it. */
class BackgroundTest {

    private final Queue<Runnable> files = new ArrayDeque<>();
    private final Queue<Runnable> window = new ArrayDeque<>();
    private final Queue<Runnable> checks = new ArrayDeque<>();
    private final List<String> told = new ArrayList<>();
    private Optional<Error> broken = Optional.empty();
    private Work work;
    private Background background;

    @BeforeEach
    void begin() throws Exception {
        work = new Work(
                new Naming(n -> 0),
                new PictureShelf(),
                checks::add,
                window::add,
                () -> broken.ifPresent(e -> {
                    throw e;
                }));
        background = new Background(
                work,
                new Threads(files::add, window::add),
                (effort, why) -> told.add(Background.sentence(effort, why)));
    }

    private static void all(Queue<Runnable> queue) {
        while (!queue.isEmpty()) {
            queue.remove().run();
        }
    }

    private Document another(String title) throws Exception {
        return Document.unkept(
                History.ofSaved(Prototype.empty(title).withScreens(List.of(Screen.page("s", "S")))),
                new PictureShelf());
    }

    @Test
    void whatComesBackForADocumentThatWasLeftDoesNothing() throws Exception {
        background.run(work.document(), Optional.of("being tried"), "try it", () -> () -> told.add("done"));
        work.open(another("Other"));
        all(files);
        all(window);
        assertThat(told).isEmpty();
    }

    @Test
    void itCountsWhileItRunsAndWhoWaitedGoesOnAfterwards() {
        Document document = work.document();
        background.run(document, Optional.of("being saved"), "save", () -> () -> told.add("saved"));
        assertThat(document.running()).containsExactly("being saved");
        document.whenIdle(() -> told.add("went on"));
        all(files);
        assertThat(told).isEmpty();
        all(window);
        assertThat(told).containsExactly("saved", "went on");
        assertThat(document.running()).isEmpty();
    }

    @Test
    void whatGoesWrongIsToldInOneSentenceAndCountsNoMore() {
        background.run(work.document(), Optional.of("being saved"), "save", () -> {
            throw new OutOfMemoryError("heap");
        });
        background.run(work.document(), Optional.empty(), "look", () -> {
            throw new IllegalStateException();
        });
        background.run(work.document(), Optional.empty(), "open it", () -> {
            throw new Unreadable("It is no Pandel prototype.");
        });
        all(files);
        all(window);
        assertThat(told)
                .containsExactly(
                        "Could not save: there is not enough memory. Your work is still open.",
                        "Could not look, for a reason nobody foresaw. Your work is still open; what happened stands in "
                                + Journal.file() + ".",
                        "It is no Pandel prototype.");
        assertThat(work.document().running()).isEmpty();
    }

    @Test
    void checksThatStopLeaveNoOldResultStanding() throws Exception {
        work.open(another("First"));
        all(checks);
        all(window);
        assertThat(work.checked()).isPresent();
        broken = Optional.of(new OutOfMemoryError("heap"));
        work.open(another("Second"));
        all(checks);
        all(window);
        assertThat(work.checked()).isEmpty();
        assertThat(work.stoppedProperty().get()).isPresent();
        broken = Optional.empty();
        work.edit(ScreenEdits.renamePrototype("Third"));
        all(checks);
        all(window);
        assertThat(work.checked()).isPresent();
        assertThat(work.stoppedProperty().get()).isEmpty();
    }

    @Test
    void aSaveThatEndsLateCountsForItsOwnDocumentAlone() throws Exception {
        work.edit(ScreenEdits.renamePrototype("Mine"));
        Document mine = work.document();
        Prototype written = work.prototype();
        work.open(another("Other"));
        work.saved(
                mine,
                written,
                new Document.Place(
                        java.nio.file.Path.of("mine.pandel"), Optional.empty(), pandel.files.store.OpenMark.NONE));
        assertThat(mine.history().isSaved()).isTrue();
        assertThat(work.keptProperty().get()).isEmpty();
        assertThat(work.document().kept()).isEmpty();
    }
}
