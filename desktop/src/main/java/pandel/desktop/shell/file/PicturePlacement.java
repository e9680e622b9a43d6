package pandel.desktop.shell.file;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.PictureEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.gather.Gathering;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.replace.Alike;
import pandel.files.replace.AreaSearch;
import pandel.files.replace.Comparison;
import pandel.files.replace.Had;
import pandel.files.replace.Looks;
import pandel.files.store.PictureShelf;

/** Puts pictures on screens for a look and a width, and finds where hotspots stand on them. */
public final class PicturePlacement {

    private static final Logger LOG = LoggerFactory.getLogger(PicturePlacement.class);
    private static final int PATIENCE = 3000;
    /** ms that a person who scrolls is given way to, for each picture looked at. */
    private static final int REST = 10_000;

    private final Work work;
    private final Telling said;
    private final PictureLibrary pictures;
    private final Thumbnails thumbnails;
    private final Background background;
    private final Executor comparing = Executors.newSingleThreadExecutor(Thread.ofPlatform()
            .daemon()
            .priority(Thread.MIN_PRIORITY)
            .name("alike")
            .factory());
    private volatile List<String> compared = List.of();

    public PicturePlacement(
            Work work, Background background, Telling said, PictureLibrary pictures, Thumbnails thumbnails) {
        this.work = work;
        this.said = said;
        this.pictures = pictures;
        this.thumbnails = thumbnails;
        this.background = background;
    }

    /** Takes a file as the picture of a look for a width. */
    public void put(Path file, Screen screen, Optional<State> state, Width width) {
        take(file, picture -> {
            work.edit(StateEdits.mock(screen, state, picture.withOn(width)));
            boolean unlike = work.prototype().widths().of(picture.width()) != width;
            said.say("“" + file.getFileName() + "” is the picture for " + width.word() + " devices"
                    + (unlike
                            ? ", though " + Math.round(picture.width())
                                    + " px wide; correct its scale if that is wrong."
                            : "."));
        });
    }

    /**
     * Takes a file in as a picture; says what is wrong with one that cannot be.
     *
     * @param then told the picture
     */
    public void take(Path file, Consumer<Picture> then) {
        Document document = work.document();
        Set<String> ids = work.prototype().index().ids();
        Widths widths = work.prototype().widths();
        background.run(document, Optional.of("taking a picture in"), "take “" + file.getFileName() + "” in", () -> {
            Optional<Gathering.Gathered> gathered = new Gathering(document.shelf(), thumbnails, widths)
                    .take(List.of(file), ids, work.naming(), done -> {}, () -> false);
            return () -> {
                Optional<Picture> picture = gathered.flatMap(
                                g -> g.screens().stream().findFirst())
                        .flatMap(s -> s.mocks().stream().findFirst())
                        .filter(Picture.class::isInstance)
                        .map(Picture.class::cast);
                picture.ifPresentOrElse(
                        then,
                        () -> said.say(gathered.map(g -> String.join(" ", g.problems()))
                                .orElse("The picture was not taken in.")));
            };
        });
    }

    /**
     * Gives hotspots an area on the picture of a look that a width shows: where the likeness says, else at the like
     * place.
     */
    public void placeByLikeness(Look look, Set<String> hotspots, Width width) {
        Optional<Picture> to =
                look.mockFor(width).filter(Picture.class::isInstance).map(Picture.class::cast);
        if (to.isEmpty()) {
            said.say("There is no picture to place them on.");
            return;
        }
        Prototype prototype = work.prototype();
        Document document = work.document();
        PictureShelf shelf = document.shelf();
        AtomicBoolean stopped = new AtomicBoolean();
        looking(0, hotspots.size(), stopped);
        background.run(document, Optional.empty(), "place the hotspots", () -> {
            Map<Hotspot, Area> found = new LinkedHashMap<>();
            int guessed = 0;
            int looked = 0;
            Optional<Raster> target = raster(shelf, to.get());
            for (Hotspot hotspot : look.hotspots(prototype).stream()
                    .filter(h -> hotspots.contains(h.id()))
                    .toList()) {
                Optional<Picture> from = look.screen()
                        .allMocks()
                        .filter(m -> hotspot.areaOn(m.on()).isPresent())
                        .filter(Picture.class::isInstance)
                        .map(Picture.class::cast)
                        .findFirst();
                int done = looked++;
                background.tell(document, () -> looking(done, hotspots.size(), stopped));
                if (from.isEmpty()) {
                    continue;
                }
                if (stopped.get()) {
                    return () -> said.say("Stopped; no hotspot was placed.");
                }
                Area area = hotspot.areaOn(from.get().on()).orElseThrow();
                Optional<Area> like = target.flatMap(
                        t -> raster(shelf, from.get()).flatMap(f -> AreaSearch.find(f, from.get(), area, t, to.get())));
                guessed += like.isPresent() ? 0 : 1;
                found.put(hotspot, like.orElseGet(() -> HotspotEdits.likewise(area, from.get(), to.get())));
            }
            int unsure = guessed;
            return () -> {
                said.done();
                placed(found, unsure, to.get().on());
            };
        });
    }

    private void looking(int done, int all, AtomicBoolean stopped) {
        if (!stopped.get()) {
            said.progress(
                    all == 1 ? "Looking where the hotspot stands" : "Looking where " + all + " hotspots stand",
                    (double) done / all,
                    () -> stopped.set(true));
        }
    }

    private void placed(Map<Hotspot, Area> found, int guessed, Width on) {
        if (found.isEmpty()) {
            said.say("They stand on no picture yet; drag over the mock to place them.");
            return;
        }
        work.edit(HotspotEdits.place(
                "place " + (found.size() == 1 ? "a hotspot" : found.size() + " hotspots") + " on the " + on.word()
                        + " picture",
                found,
                on));
        int sure = found.size() - guessed;
        said.say((sure > 0 ? sure + " found by likeness" : "None found by likeness")
                + (guessed > 0
                        ? ", " + guessed + " put at the like place: look whether "
                                + (guessed == 1 ? "it is" : "they are") + " right."
                        : "."));
    }

    private static Optional<Raster> raster(PictureShelf shelf, Picture picture) {
        try {
            Optional<byte[]> bytes = shelf.read(picture.content());
            return bytes.isEmpty() ? Optional.empty() : Optional.of(Pictures.decode(bytes.get(), picture.source()));
        } catch (java.io.IOException | Unreadable e) {
            return Optional.empty();
        }
    }

    /** Looks which pictures are alike, whenever others are there than before. */
    public void findAlike(Runnable told) {
        List<Had> had = Comparison.had(work.prototype()).stream()
                .filter(h -> h.screen().mocks().contains(h.picture()))
                .toList();
        List<String> contents =
                had.stream().map(h -> h.screen().id() + h.picture().content()).toList();
        if (contents.equals(compared)) {
            return;
        }
        compared = contents;
        Document document = work.document();
        PictureShelf shelf = document.shelf();
        comparing.execute(() -> {
            try {
                // What is to be seen at once comes first.
                Thread.sleep(PATIENCE);
                Looks looks = new Looks(shelf, thumbnails);
                Map<String, List<String>> alike = Alike.of(had, picture -> {
                    pictures.awaitRest(REST);
                    return contents.equals(compared) ? looks.of(picture) : Optional.empty();
                });
                Platform.runLater(() -> {
                    if (contents.equals(compared) && work.document() == document) {
                        work.alike(alike);
                        told.run();
                    }
                });
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } catch (RuntimeException | Error e) {
                // The file was closed meanwhile, or a picture cannot be drawn: nothing is said to be alike.
                LOG.warn("Pictures could not be compared", e);
            }
        });
    }

    /** Sets what of a long picture stays put, wherever it is used on the screen. */
    public void fix(Screen screen, Picture picture, double top, double bottom) {
        work.edit(PictureEdits.change(
                "set what stays put on “" + screen.shownTitle() + "”",
                Set.of(screen.id()),
                p -> p.content().equals(picture.content()) ? p.withFixed(top, bottom) : p));
    }
}
