package pandel.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;
import pandel.core.check.Checked;
import pandel.core.cover.Coverage;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;

/** The checks beside the window: the newest counts, what breaks is told, and the next check begins from the last. */
class CheckingTest {

    private final Queue<Runnable> thread = new ArrayDeque<>();
    private final Queue<Runnable> window = new ArrayDeque<>();
    private final List<String> told = new ArrayList<>();
    private boolean impatient;
    private final Checking checking = new Checking(thread::add, window::add, () -> {
        told.add("waited");
        if (impatient) {
            throw new OutOfMemoryError("made up");
        }
    });

    private final Checking.Told to = new Checking.Told() {
        @Override
        public void checked(Checked checked, Coverage coverage) {
            told.add(checked.prototype().title() + " " + checked.shown().size() + " " + coverage.screens());
        }

        @Override
        public void stopped(Throwable why) {
            told.add("stopped: " + why.getMessage());
        }
    };

    private static Prototype titled(String title, String section) {
        return Prototype.empty(title)
                .withScreens(List.of(Screen.page("s", "S").withSection(section)))
                .withEntries(List.of(Entry.at("start", "s")));
    }

    private void finish() {
        while (!thread.isEmpty() || !window.isEmpty()) {
            (thread.isEmpty() ? window : thread).remove().run();
        }
    }

    @Test
    void aResultIsToldOnTheWindowsThread() {
        checking.check(titled("one", ""), false, to);
        thread.remove().run();
        assertThat(told).isEmpty();
        finish();
        assertThat(told).containsExactly("one 1 1");
    }

    @Test
    void justOpenedItWaitsForWhatIsSeenFirst() {
        checking.check(titled("one", ""), true, to);
        finish();
        checking.check(titled("two", ""), false, to);
        finish();
        assertThat(told).containsExactly("waited", "one 1 1", "two 1 1");
    }

    @Test
    void onlyTheNewestIsTold() {
        checking.check(titled("one", ""), false, to);
        checking.check(titled("two", ""), false, to);
        finish();
        assertThat(told).containsExactly("two 1 1");
    }

    @Test
    void whatIsNewerByTheTimeItWouldBeToldCallsItOff() {
        checking.check(titled("one", ""), false, to);
        thread.remove().run();
        checking.check(titled("two", "moved"), false, to);
        finish();
        assertThat(told).containsExactly("two 1 1");
    }

    @Test
    void whatBreaksIsToldAndTheNextCheckGoesOn() {
        impatient = true;
        checking.check(titled("one", ""), true, to);
        finish();
        impatient = false;
        checking.check(titled("two", ""), true, to);
        finish();
        assertThat(told).containsExactly("waited", "stopped: made up", "waited", "two 1 1");
    }

    @Test
    void anEditThatChangesNothingThatCanBeDoneIsToldAnewAllTheSame() {
        checking.check(titled("one", ""), false, to);
        finish();
        checking.check(titled("one", "Elsewhere"), false, to);
        finish();
        assertThat(told).containsExactly("one 1 1", "one 1 1");
    }
}
