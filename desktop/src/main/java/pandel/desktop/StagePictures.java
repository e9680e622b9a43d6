package pandel.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import pandel.core.check.Walk;
import pandel.core.model.Effect;
import pandel.core.model.Hotspot;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.desktop.play.PlayClock;
import pandel.desktop.shell.FileChoosing;
import pandel.desktop.shell.WorkStage;
import pandel.desktop.work.Work;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.settings.PreferencesFile;
import pandel.files.store.OpenMark;

/** Pictures of the window with a prototype, one for each stage by day and by night, made without a display. */
public final class StagePictures {

    private static final int LONGEST = 400;
    private static final int QUIET = 4;

    private StagePictures() {
    }

    /** ms since the process started until the window is shown, and until all pictures of its first stage are. */
    public record Startup(long shown, long firstSight) {
    }

    /** Writes the pictures and gives their files. Call it once in a program, and not on the interface thread. */
    public static List<Path> write(Path prototype, Path folder, int width, int height) throws IOException, InterruptedException {
        Files.createDirectories(folder);
        return offScreen(() -> shoot(prototype, folder, width, height));
    }

    /** Opens the window off-screen and measures. Call it once in a program, and not on the interface thread. */
    public static Startup startup(Path prototype) throws IOException, InterruptedException {
        return offScreen(() -> {
            Stage stage = onFx(Stage::new);
            PandelApp.Opened opened = open(stage, prototype, PlayClock.STILL, 1280, 800);
            long shown = sinceStart();
            settle(opened, 1);
            return new Startup(shown, sinceStart());
        });
    }

    private static long sinceStart() {
        return System.currentTimeMillis() - ProcessHandle.current().info().startInstant().orElseThrow().toEpochMilli();
    }

    private interface OffScreen<T> {
        T run() throws IOException, InterruptedException, ExecutionException;
    }

    private static <T> T offScreen(OffScreen<T> work) throws IOException, InterruptedException {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        CompletableFuture<Void> started = new CompletableFuture<>();
        Platform.startup(() -> started.complete(null));
        try {
            started.get();
            return work.run();
        } catch (ExecutionException e) {
            throw new IOException("The window could not be shown off-screen: " + e.getCause().getMessage(), e);
        } finally {
            Platform.exit();
        }
    }

    private static PandelApp.Opened open(Stage stage, Path prototype, PlayClock clock, int width, int height) throws InterruptedException, ExecutionException {
        return onFx(() -> {
            try {
                // What the person prefers stays theirs; pictures are always made by day first.
                Places places = new Places(Thumbnails.ofUser(), new PreferencesFile(Files.createTempDirectory("pandel").resolve("preferences.json")), OpenMark.ofUser());
                PandelApp.Opened o = PandelApp.show(stage, FileChoosing.system(() -> stage), clock, Optional.empty(), places);
                stage.setWidth(width);
                stage.setHeight(height);
                o.window().open(prototype, true);
                return o;
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        });
    }

    private static List<Path> shoot(Path prototype, Path folder, int width, int height) throws IOException, InterruptedException, ExecutionException {
        Stage stage = onFx(Stage::new);
        HandClock clock = new HandClock();
        PandelApp.Opened opened = open(stage, prototype, clock, width, height);
        settle(opened, QUIET);
        onFx(() -> {
            arrange(opened.work());
            return true;
        });
        List<Path> written = new ArrayList<>();
        for (String look : List.of("day", "night")) {
            for (WorkStage each : WorkStage.values()) {
                onFx(() -> {
                    if (each == WorkStage.PLAY) {
                        playThere(opened, clock);
                    } else {
                        opened.window().go(each);
                    }
                    return true;
                });
                settle(opened, QUIET);
                Path file = folder.resolve(each.name().toLowerCase(Locale.ROOT) + "-" + look + ".png");
                WritableImage image = onFx(() -> stage.getScene().snapshot(null));
                Files.write(file, Pictures.png(raster(image)));
                written.add(file);
            }
            onFx(() -> {
                opened.window().run("look");
                return true;
            });
        }
        return written;
    }

    /** Time that passes when it is told to. */
    private static final class HandClock implements PlayClock {
        private IntConsumer told = ms -> { };

        @Override
        public void start(IntConsumer passed) {
            told = passed;
        }

        @Override
        public void stop() {
            told = ms -> { };
        }
    }

    /** Plays the shortest way to what the chosen hotspot leads to. */
    private static void playThere(PandelApp.Opened opened, HandClock clock) {
        Prototype p = opened.work().prototype();
        Optional<String> target = opened.work().selection().hotspots().stream().flatMap(id -> p.index().hotspot(id).stream())
                .flatMap(h -> h.links().stream()).flatMap(l -> l.effect().stream()).flatMap(e -> e.target().stream()).map(t -> t.id()).findFirst();
        Optional<Walk> walk = target.flatMap(id -> opened.work().checked().flatMap(c -> c.walkTo(id)));
        walk.ifPresentOrElse(w -> {
            opened.window().play(w);
            w.events().forEach(e -> clock.told.accept(1000));
        }, () -> opened.window().go(WorkStage.PLAY));
    }

    /** Chooses the screen with the most ways out, and its hotspot that leads to an overlay or else its first. */
    private static void arrange(Work work) {
        Prototype p = work.prototype();
        p.screens().stream().filter(s -> work.checked().filter(c -> c.shows(s.id())).isPresent())
                .max(Comparator.comparingInt((Screen s) -> p.index().hotspotsOn(s.id()).stream()
                        .anyMatch(h -> leadsAbove(p, h)) ? p.index().waysOut(s.id()).size() : 0)).ifPresent(s -> {
                            work.selection().choose(s.id());
                            p.index().hotspotsOn(s.id()).stream().filter(h -> leadsAbove(p, h)).findFirst()
                                    .or(() -> p.index().hotspotsOn(s.id()).stream().findFirst())
                                    .ifPresent(h -> work.selection().chooseHotspot(h.id()));
                        });
    }

    private static boolean leadsAbove(Prototype p, Hotspot hotspot) {
        return hotspot.links().stream().flatMap(l -> l.effect().stream()).anyMatch(e -> e instanceof Effect.OpenAbove);
    }

    /** Waits until the checks have told and every picture asked for is there. */
    private static void settle(PandelApp.Opened opened, int times) throws InterruptedException, ExecutionException {
        int quiet = 0;
        for (int i = 0; i < LONGEST && quiet < times; i++) {
            boolean done = onFx(() -> opened.pictures().isIdle() && !opened.work().prototype().screens().isEmpty()
                    && opened.work().checked().filter(c -> c.prototype() == opened.work().prototype()).isPresent());
            quiet = done ? quiet + 1 : 0;
            Thread.sleep(25);
        }
    }

    private static <T> T onFx(Supplier<T> work) throws InterruptedException, ExecutionException {
        CompletableFuture<T> result = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                result.complete(work.get());
            } catch (RuntimeException e) {
                result.completeExceptionally(e);
            }
        });
        return result.get();
    }

    private static Raster raster(WritableImage image) {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] argb = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
        return new Raster(w, h, argb);
    }
}
