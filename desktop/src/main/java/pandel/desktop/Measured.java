package pandel.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.event.Event;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.desktop.device.DeviceView;
import pandel.desktop.play.PlayClock;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.work.Work;

/**
 * How fast the window is, measured off-screen. Call one of these once in a program, and not on the interface thread.
 */
public final class Measured {

    private static final int WIDE = 1280;
    private static final int HIGH = 800;
    /** px scrolled from one frame to the next. */
    private static final double STRIDE = 60;

    private static final int WARM_UP = 60;
    private static final int BACKS = 4;
    private static final long SEED = 5;

    private Measured() {}

    /** ms since the process started until the window is shown, and until all pictures of its first stage are. */
    public record Startup(long shown, long firstSight) {}

    /** Times between frames while something moves in play, in ms. */
    public record Frames(int count, double median, double p95, double longest) {}

    /**
     * ms from an edit until the vitals tell of it: the middle one and the longest of some.
     *
     * @param renamed the middle one where a screen was renamed, which changes nothing that can be done
     */
    public record Vitals(int edits, double median, double longest, double renamed) {}

    /** How long saving took, and the times between frames meanwhile. */
    public record Saving(double seconds, Frames frames) {}

    /** What is measured in an open window. */
    private interface Measuring<T> {
        T in(Stage stage, PandelApp.Opened opened) throws InterruptedException, ExecutionException;
    }

    private static <T> T with(Path prototype, PlayClock clock, Measuring<T> measuring)
            throws IOException, InterruptedException {
        return OffScreen.run(() -> {
            Stage stage = OffScreen.onFx(Stage::new);
            return measuring.in(stage, OffScreen.open(stage, prototype, clock, WIDE, HIGH));
        });
    }

    /** From the start of the process to the first sight. */
    public static Startup startup(Path prototype) throws IOException, InterruptedException {
        return with(prototype, PlayClock.STILL, (stage, opened) -> {
            long shown = sinceStart();
            // The file is being opened since just before the window was shown.
            while (!OffScreen.onFx(() -> !opened.work().prototype().screens().isEmpty()
                    && opened.pictures().isIdle())) {
                Thread.sleep(5);
            }
            return new Startup(shown, sinceStart());
        });
    }

    private static long sinceStart() {
        return System.currentTimeMillis()
                - ProcessHandle.current().info().startInstant().orElseThrow().toEpochMilli();
    }

    /**
     * Plays at phone fit, after sixty taps to warm up: seeded taps by key, each second one while the motion before
     * still runs.
     */
    public static Frames frames(Path prototype, int taps) throws IOException, InterruptedException {
        return with(prototype, PlayClock.real(), (stage, opened) -> {
            OffScreen.settle(opened, 2);
            OffScreen.onFx(() -> {
                opened.window().go(WorkStage.PLAY);
                return true;
            });
            OffScreen.settle(opened, 2);
            DeviceView device =
                    OffScreen.onFx(() -> (DeviceView) stage.getScene().lookup("#device-view"));
            Watch watch = OffScreen.onFx(() -> new Watch(device::isMoving));
            Random random = new Random(SEED);
            for (int i = 0; i < WARM_UP + taps; i++) {
                if (i == WARM_UP) {
                    OffScreen.onFx(watch::frames);
                    watch = OffScreen.onFx(() -> new Watch(device::isMoving));
                }
                KeyCode key = random.nextInt(BACKS) == 0
                        ? KeyCode.BACK_SPACE
                        : KeyCode.getKeyCode(String.valueOf(1 + random.nextInt(9)));
                OffScreen.onFx(() -> {
                    if (opened.window().played().filter(s -> !s.left()).isEmpty()) {
                        press(stage, KeyCode.HOME);
                    }
                    press(stage, key);
                    return true;
                });
                Thread.sleep(i % 2 == 0 ? 120 : 420);
            }
            return OffScreen.onFx(watch::frames);
        });
    }

    /**
     * Scrolls through the cards of the gallery, 60 px each 16 ms, some 3,700 px a second: as fast as a wheel is turned.
     */
    public static Frames scrolling(Path prototype, int steps) throws IOException, InterruptedException {
        return with(prototype, PlayClock.STILL, (stage, opened) -> {
            OffScreen.settle(opened, 2);
            ScrollPane gallery =
                    OffScreen.onFx(() -> (ScrollPane) stage.getScene().lookup(".gallery"));
            double step = OffScreen.onFx(() -> STRIDE
                    / Math.max(
                            1,
                            gallery.getContent().getBoundsInLocal().getHeight()
                                    - gallery.getViewportBounds().getHeight()));
            Watch watch = OffScreen.onFx(() -> new Watch(() -> true));
            for (int i = 0; i < WARM_UP + steps; i++) {
                if (i == WARM_UP) {
                    OffScreen.onFx(watch::frames);
                    watch = OffScreen.onFx(() -> new Watch(() -> true));
                }
                double at = (i * step) % 2;
                OffScreen.onFx(() -> {
                    gallery.setVvalue(at > 1 ? 2 - at : at);
                    return true;
                });
                Thread.sleep(16);
            }
            return OffScreen.onFx(watch::frames);
        });
    }

    private static void press(Stage stage, KeyCode key) {
        Event.fireEvent(
                stage.getScene().getFocusOwner() == null
                        ? stage.getScene().getRoot()
                        : stage.getScene().getFocusOwner(),
                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
    }

    /** Notes the time between two frames while something goes on. */
    private static final class Watch extends AnimationTimer {
        private final BooleanSupplier going;
        private final List<Double> times = new ArrayList<>();
        private long before;

        Watch(BooleanSupplier going) {
            this.going = going;
            start();
        }

        @Override
        public void handle(long now) {
            if (going.getAsBoolean() && before != 0) {
                times.add((now - before) / 1e6);
            }
            before = going.getAsBoolean() ? now : 0;
        }

        Frames frames() {
            stop();
            List<Double> sorted = times.stream().sorted().toList();
            return new Frames(sorted.size(), at(sorted, 0.5), at(sorted, 0.95), at(sorted, 1));
        }
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.isEmpty() ? 0 : sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }

    /** Renames screens one after the other, in the Mocks stage. */
    public static Vitals vitals(Path prototype, int edits) throws IOException, InterruptedException {
        return with(prototype, PlayClock.STILL, (stage, opened) -> {
            OffScreen.settle(opened, 2);
            List<Double> times = new ArrayList<>();
            List<Double> renamed = new ArrayList<>();
            for (int i = 0; i < edits; i++) {
                int number = i / 2;
                // A link is taken out, and comes back: both change what can be done.
                times.add(
                        i % 2 == 0
                                ? edit(opened, work -> work.edit(LinkEdits.remove(link(work.prototype(), number))))
                                : edit(opened, Work::undo));
                renamed.add(edit(opened, work -> rename(work, number)));
                edit(opened, Work::undo);
            }
            return new Vitals(edits, at(sorted(times), 0.5), at(sorted(times), 1), at(sorted(renamed), 0.5));
        });
    }

    private static List<Double> sorted(List<Double> times) {
        return times.stream().sorted().toList();
    }

    private static Link link(Prototype prototype, int number) {
        List<Index.Way> ways = prototype.index().ways().stream()
                .filter(w -> !w.isOfFrame() && !w.link().cause().isOfFrames())
                .toList();
        return ways.get(number % ways.size()).link();
    }

    private static void rename(Work work, int number) {
        List<Screen> screens = work.prototype().screens();
        work.edit(ScreenEdits.rename(screens.get(number % screens.size()), "Renamed " + number));
    }

    /** Saves a changed prototype to its own file. */
    public static Saving saving(Path prototype) throws IOException, InterruptedException {
        return with(prototype, PlayClock.STILL, (stage, opened) -> {
            OffScreen.settle(opened, 2);
            edit(opened, work -> rename(work, 0));
            long start = System.nanoTime();
            Watch watch = OffScreen.onFx(() -> new Watch(() -> !opened.work().isSaved()));
            OffScreen.onFx(() -> {
                opened.window().run("save");
                return true;
            });
            while (!OffScreen.onFx(() -> opened.work().isSaved())) {
                Thread.sleep(5);
            }
            return new Saving((System.nanoTime() - start) / 1e9, OffScreen.onFx(watch::frames));
        });
    }

    private static double edit(PandelApp.Opened opened, Consumer<Work> change)
            throws InterruptedException, ExecutionException {
        long start = System.nanoTime();
        OffScreen.onFx(() -> {
            change.accept(opened.work());
            return true;
        });
        while (!OffScreen.onFx(() -> opened.work()
                .checked()
                .filter(c -> c.prototype() == opened.work().prototype())
                .isPresent())) {
            Thread.sleep(1);
        }
        return (System.nanoTime() - start) / 1e6;
    }
}
