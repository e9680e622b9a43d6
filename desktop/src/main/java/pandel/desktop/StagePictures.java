package pandel.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.function.IntConsumer;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import pandel.core.check.finding.Walk;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.PairDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.frames.TabSetDesk;
import pandel.desktop.picture.Rasters;
import pandel.desktop.play.PlayClock;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.work.Work;
import pandel.files.picture.Pictures;

/**
 * Pictures of the window with a prototype, one for each stage and each kind of frame by day and by night, made without
 * a display.
 */
public final class StagePictures {

    private static final int QUIET = 4;

    /** What is looked at by day alone: by night it shows nothing that others do not. */
    private static final Set<String> BY_DAY = Set.of("sequence", "pair", "hand-on");

    private StagePictures() {}

    /** Writes the pictures and gives their files. Call it once in a program, and not on the interface thread. */
    public static List<Path> write(Path prototype, Path folder, int width, int height)
            throws IOException, InterruptedException {
        Files.createDirectories(folder);
        return OffScreen.run(() -> shoot(prototype, folder, width, height));
    }

    private static List<Path> shoot(Path prototype, Path folder, int width, int height)
            throws IOException, InterruptedException, ExecutionException {
        Stage stage = OffScreen.onFx(Stage::new);
        HandClock clock = new HandClock();
        PandelApp.Opened opened = OffScreen.open(stage, prototype, clock, width, height);
        OffScreen.settle(opened, QUIET);
        OffScreen.onFx(() -> {
            arrange(opened.work());
            return true;
        });
        List<Path> written = new ArrayList<>();
        for (String look : List.of("day", "night")) {
            for (Sight each : sights(opened, clock)) {
                if (look.equals("night") && BY_DAY.contains(each.name())) {
                    continue;
                }
                OffScreen.onFx(() -> {
                    opened.window().dismiss();
                    each.show().run();
                    return true;
                });
                OffScreen.settle(opened, QUIET);
                Path file = folder.resolve(each.name() + "-" + look + ".png");
                WritableImage image = OffScreen.onFx(() -> stage.getScene().snapshot(null));
                Files.write(file, Pictures.png(Rasters.of(image)));
                written.add(file);
            }
            OffScreen.onFx(() -> {
                opened.window().dismiss();
                opened.window().run("look");
                return true;
            });
        }
        return written;
    }

    /**
     * One thing to take a picture of.
     *
     * @param name in the name of its file
     */
    private record Sight(String name, Runnable show) {}

    /** The stages, and over the desk the page of the first frame of each kind that the prototype has. */
    private static List<Sight> sights(PandelApp.Opened opened, HandClock clock) {
        List<Sight> sights = new ArrayList<>();
        for (WorkStage each : WorkStage.values()) {
            sights.add(new Sight(
                    each.name().toLowerCase(Locale.ROOT),
                    each == WorkStage.PLAY
                            ? () -> playThere(opened, clock)
                            : () -> opened.window().go(each)));
        }
        Work work = opened.work();
        StageWindow around = opened.window();
        Prototype p = work.prototype();
        p.tabSets().stream()
                .findFirst()
                .ifPresent(t -> sights.add(onDesk(around, "tab-set", () -> TabSetDesk.open(work, around, t.id()))));
        p.drawers().stream()
                .findFirst()
                .ifPresent(d -> sights.add(onDesk(around, "drawer", () -> DrawerDesk.open(work, around, d.id()))));
        p.headers().stream()
                .findFirst()
                .ifPresent(h -> sights.add(onDesk(around, "header", () -> HeaderDesk.open(work, around, h.id()))));
        p.sequences().stream()
                .findFirst()
                .ifPresent(s -> sights.add(onDesk(around, "sequence", () -> SequenceDesk.open(work, around, s.id()))));
        p.pairs().stream()
                .findFirst()
                .ifPresent(l -> sights.add(onDesk(around, "pair", () -> PairDesk.open(work, around, l.id()))));
        sights.add(new Sight("hand-on", () -> {
            around.go(WorkStage.MOCKS);
            opened.window().run("hand-on");
        }));
        return sights;
    }

    private static Sight onDesk(StageWindow around, String name, Runnable page) {
        return new Sight(name, () -> {
            around.go(WorkStage.LINKS);
            page.run();
        });
    }

    /** Time that passes when it is told to. */
    private static final class HandClock implements PlayClock {
        private IntConsumer told = ms -> {};

        @Override
        public void start(IntConsumer passed) {
            told = passed;
        }

        @Override
        public void stop() {
            told = ms -> {};
        }
    }

    /** Plays the shortest way to what the chosen hotspot leads to, best above its screen. */
    private static void playThere(PandelApp.Opened opened, HandClock clock) {
        Prototype p = opened.work().prototype();
        Optional<String> target = opened.work().selection().hotspots().stream()
                .flatMap(id -> p.index().hotspot(id).stream())
                .flatMap(h -> h.links().stream())
                .flatMap(l -> l.effect().stream())
                .filter(e -> e.target().isPresent())
                .min(Comparator.comparing(e -> !(e instanceof Effect.OpenAbove)))
                .map(e -> Targets.shownId(p, e.target().orElseThrow()));
        Optional<Walk> walk = target.flatMap(id -> opened.work().checked().flatMap(c -> c.walkTo(id)));
        walk.ifPresentOrElse(
                w -> {
                    opened.window().play(w);
                    w.events().forEach(e -> clock.told.accept(1000));
                },
                () -> opened.window().go(WorkStage.PLAY));
    }

    /** Chooses the screen with the most ways out, and its hotspot that leads to an overlay or else its first. */
    private static void arrange(Work work) {
        Prototype p = work.prototype();
        p.screens().stream()
                .filter(s -> work.checked().filter(c -> c.shows(s.id())).isPresent())
                .max(Comparator.comparingInt(
                        (Screen s) -> p.index().hotspotsOn(s.id()).stream().anyMatch(h -> leadsAbove(h))
                                ? p.index().waysOut(s.id()).size()
                                : 0))
                .ifPresent(s -> {
                    work.selection().choose(s.id());
                    p.index().hotspotsOn(s.id()).stream()
                            .filter(h -> leadsAbove(h))
                            .findFirst()
                            .or(() -> p.index().hotspotsOn(s.id()).stream().findFirst())
                            .ifPresent(h -> work.selection().chooseHotspot(h.id()));
                });
    }

    private static boolean leadsAbove(Hotspot hotspot) {
        return hotspot.links().stream().flatMap(l -> l.effect().stream()).anyMatch(e -> e instanceof Effect.OpenAbove);
    }
}
