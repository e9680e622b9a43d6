package pandel.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import javafx.util.Subscription;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Edit;
import pandel.core.edit.History;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.files.store.PictureShelf;

/** What is open, what is chosen in it, what the checks say, and how often it is told. */
class WorkTest {

    private final Queue<Runnable> checks = new ArrayDeque<>();
    private final Queue<Runnable> window = new ArrayDeque<>();
    private Work work;

    @BeforeEach
    void open() throws Exception {
        work = new Work(new Naming(n -> 0), new PictureShelf(), checks::add, window::add, () -> {});
        work.open(Document.unkept(History.ofSaved(app()), new PictureShelf()));
    }

    private static Prototype app() {
        Link on = Link.of("on-tap", new Cause.Touch(Gesture.TAP), new Effect.Advance(new Target.ToScreen("shelf")));
        Link lost = Link.of("lost-tap", new Cause.Touch(Gesture.TAP), new Effect.Return());
        return Prototype.empty("Lane")
                .withScreens(List.of(
                        Screen.page("door", "Door").withHotspots(List.of(hotspot("on", on), hotspot("off", lost))),
                        Screen.page("shelf", "Shelf")))
                .withEntries(List.of(Entry.at("start", "door")));
    }

    private static Hotspot hotspot(String id, Link link) {
        return new Hotspot(
                id,
                id,
                java.util.Map.of(Width.NARROW, new Area(id.equals("on") ? 0 : 80, 0, 60, 60)),
                List.of(link),
                pandel.core.model.rest.Rest.NONE);
    }

    private void finish() {
        while (!checks.isEmpty() || !window.isEmpty()) {
            (checks.isEmpty() ? window : checks).remove().run();
        }
    }

    /** Without the link there. */
    private static Edit unlinked() {
        return LinkEdits.remove(app().index().way("on-tap").orElseThrow().link());
    }

    @Test
    void whatIsOpenedIsShownAtItsEntryAndChecked() {
        assertThat(work.selection().screen()).isEqualTo("door");
        assertThat(work.screen()).map(Screen::title).contains("Door");
        assertThat(work.checked()).isEmpty();
        finish();
        assertThat(work.checked().orElseThrow().prototype()).isSameAs(work.prototype());
        assertThat(work.coverage()).isPresent();
        assertThat(work.isSaved()).isTrue();
    }

    @Test
    void theResultOfAnOlderPrototypeIsNeverTold() {
        finish();
        work.edit(ScreenEdits.renamePrototype("One"));
        Runnable first = checks.remove();
        work.edit(ScreenEdits.renamePrototype("Two"));
        first.run();
        window.forEach(Runnable::run);
        window.clear();
        assertThat(work.checked().orElseThrow().prototype().title()).isEqualTo("Lane");
        finish();
        assertThat(work.checked().orElseThrow().prototype().title()).isEqualTo("Two");
    }

    @Test
    void oneEditIsToldOnceWithAllThatChangedWithIt() {
        work.selection().chooseHotspot("on");
        List<String> seen = new ArrayList<>();
        work.follow(() -> seen.add(work.prototype().screens().size() + " "
                + work.selection().screen() + " " + work.selection().hotspots()));
        work.edit(ScreenEdits.remove(List.of(work.screen().orElseThrow())));
        assertThat(seen).containsExactly("1 shelf []");
        work.undo();
        assertThat(seen).hasSize(2);
        work.use(Device.OFFERED.getLast());
        assertThat(seen).hasSize(3);
        work.use(Device.OFFERED.getLast());
        assertThat(seen).hasSize(3);
    }

    @Test
    void choosingIsToldOnceAndNotAtAllWhenNothingChanges() {
        List<String> seen = new ArrayList<>();
        Subscription following = work.follow(() -> seen.add(work.selection().screen()
                + work.selection().hotspots()
                + work.selection().linkProperty().get()));
        work.selection().chooseLinkOf("on", "on-tap");
        work.selection().choose("shelf");
        work.selection().choose("shelf");
        assertThat(seen).containsExactly("door[on]on-tap", "shelf[]");
        following.unsubscribe();
        work.selection().choose("door");
        assertThat(seen).hasSize(2);
    }

    @Test
    void whatIsGoneIsNoLongerChosen() {
        work.selection().chooseLinkOf("on", "on-tap");
        work.edit(unlinked());
        assertThat(work.selection().linkProperty().get()).isEmpty();
        assertThat(work.selection().hotspots()).containsExactly("on");
        work.edit(Edit.of("take a hotspot away", p -> p.withScreen("door", s -> s.withHotspots(List.of()))));
        assertThat(work.selection().hotspots()).isEmpty();
        assertThat(work.selection().screen()).isEqualTo("door");
    }

    @Test
    void severalAreChosenTogetherAndTheLastIsShown() {
        work.selection().chooseTogether(List.of("door", "shelf"));
        assertThat(work.together()).extracting(Screen::id).containsExactly("door", "shelf");
        assertThat(work.selection().screen()).isEqualTo("shelf");
        work.edit(ScreenEdits.remove(List.of(work.prototype().screen("door").orElseThrow())));
        assertThat(work.together()).isEmpty();
        work.selection().chooseTogether(List.of());
        assertThat(work.selection().screen()).isEqualTo("shelf");
    }

    @Test
    void aScreenThatAnEditStrandsIsToldApartFromOneNeverLinked() {
        finish();
        work.edit(ScreenEdits.add(List.of(Screen.page("new", "New"))));
        finish();
        assertThat(work.notLinkedYet()).extracting(Screen::id).containsExactly("new");
        assertThat(work.stranded()).isEmpty();
        work.edit(unlinked());
        finish();
        assertThat(work.stranded()).extracting(Screen::id).containsExactly("shelf");
        assertThat(work.notLinkedYet()).extracting(Screen::id).containsExactly("new");
    }

    @Test
    void anIdThatWasGivenOutIsNotGivenOutAgain() {
        java.util.concurrent.atomic.AtomicInteger dice = new java.util.concurrent.atomic.AtomicInteger();
        Work counting = newWork(n -> dice.getAndIncrement() % n);
        String first = counting.freshId("Drill");
        assertThat(counting.freshId("Drill")).isNotEqualTo(first);
        assertThat(first).startsWith("drill-");
    }

    private Work newWork(java.util.function.IntUnaryOperator dice) {
        try {
            return new Work(new Naming(dice), new PictureShelf(), checks::add, window::add, () -> {});
        } catch (java.io.IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void undoAndRedoGoThereAndBack() {
        Prototype before = work.prototype();
        work.edit(unlinked());
        Prototype after = work.prototype();
        assertThat(work.isSaved()).isFalse();
        work.undo();
        assertThat(work.prototype()).isSameAs(before);
        assertThat(work.isSaved()).isTrue();
        work.redo();
        assertThat(work.prototype()).isSameAs(after);
    }

    @Test
    void anotherDocumentTakesEverythingOfTheOldAway() throws Exception {
        work.selection().chooseHotspot("on");
        finish();
        work.open(Document.unkept(History.ofSaved(Prototype.empty("Other")), new PictureShelf()));
        assertThat(work.checked()).isEmpty();
        assertThat(work.coverage()).isEmpty();
        assertThat(work.selection().screen()).isEmpty();
        assertThat(work.selection().hotspots()).isEmpty();
        assertThat(work.keptProperty().get()).isEqualTo(Optional.empty());
    }

    @Test
    void checksThatBreakAreToldAndNothingOldStands() {
        finish();
        work.edit(Edit.of("break", p -> p.withScreen("door", s -> s.withTitle("D"))));
        checks.clear();
        Work broken = new Work(new Naming(n -> 0), work.shelf(), checks::add, window::add, () -> {
            throw new IllegalStateException("no room");
        });
        broken.open(Document.unkept(History.ofSaved(app()), work.shelf()));
        finish();
        assertThat(broken.stoppedProperty().get()).map(Throwable::getMessage).contains("no room");
        assertThat(broken.checked()).isEmpty();
    }
}
