package pandel.desktop.shell.file;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.edit.screen.PictureEdits;
import pandel.core.edit.screen.PictureEdits.Swap;
import pandel.core.model.Prototype;
import pandel.core.model.device.Widths;
import pandel.core.model.screen.Screen;
import pandel.desktop.replace.DoubtsPage;
import pandel.desktop.replace.ReplacePage;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.gather.Gathering;
import pandel.files.picture.Thumbnails;
import pandel.files.replace.Came;
import pandel.files.replace.Comparison;
import pandel.files.replace.Doubt;
import pandel.files.replace.Had;
import pandel.files.replace.Looks;
import pandel.files.replace.Pairing;
import pandel.files.replace.Watched;
import pandel.files.store.PictureShelf;

/**
 * Newer pictures: compared off the interface thread, confirmed in one table, swapped in one edit, with what to look at
 * afterwards.
 */
public final class Replacing {

    private static final Logger LOG = LoggerFactory.getLogger(Replacing.class);

    private final Work work;
    private final PageHost around;
    private final Telling said;
    private final Thumbnails thumbnails;
    private final Background background;
    private List<Doubt> doubts = List.of();
    private volatile Optional<Watched> watched = Optional.empty();

    public Replacing(Work work, Background background, PageHost around, Telling said, Thumbnails thumbnails) {
        this.work = work;
        this.around = around;
        this.said = said;
        this.thumbnails = thumbnails;
        this.background = background;
        // What is watched for and doubted is of one document alone.
        work.documentProperty().addListener((o, a, b) -> {
            end();
            doubts = List.of();
        });
    }

    /** Whether files that are dropped are newer ones of those there are: one has a name that a picture came under. */
    public boolean knows(List<Path> paths) {
        Set<String> names = Comparison.had(work.prototype()).stream()
                .map(h -> Comparison.title(h.picture().source()))
                .collect(Collectors.toSet());
        try {
            return !names.isEmpty()
                    && Gathering.find(paths).stream()
                            .anyMatch(f -> names.contains(Comparison.title(String.valueOf(f.getFileName()))));
        } catch (Unreadable e) {
            return false;
        }
    }

    /** Compares files and folders with all pictures there are. */
    public void compare(List<Path> paths) {
        compare(paths, Comparison.had(work.prototype()));
    }

    /** Compares one file with the plain picture of one screen that the device in use shows. */
    public void compare(Path file, Screen screen) {
        compare(
                List.of(file),
                Comparison.had(work.prototype()).stream()
                        .filter(h -> h.screen().id().equals(screen.id())
                                && screen.mockFor(work.width())
                                        .filter(h.picture()::equals)
                                        .isPresent())
                        .toList());
    }

    /** Watches a folder for newer pictures, in place of one that was. */
    public void watch(Path folder) {
        end();
        Document document = work.document();
        try {
            watched = Optional.of(Watched.of(
                    folder,
                    () -> background.tell(document, () -> lookInto(folder)),
                    () -> background.tell(document, () -> {
                        end();
                        said.say("The folder “" + folder.getFileName()
                                + "” is not there any more, so it is no longer watched.");
                    })));
            said.say("“" + folder.getFileName() + "” is watched: newer pictures in it are offered at once.");
            lookInto(folder);
        } catch (IOException e) {
            said.say("The folder “" + folder.getFileName()
                    + "” cannot be watched; look whether it is there and may be read.");
        }
    }

    public void unwatch() {
        end();
        said.say("No folder is watched any more.");
    }

    public boolean isWatching() {
        return watched.isPresent();
    }

    /** Offers what is newer in the watched folder; what cannot be read yet is looked at when it is written again. */
    private void lookInto(Path folder) {
        Document document = work.document();
        PictureShelf shelf = document.shelf();
        Prototype now = work.prototype();
        background.run(document, Optional.empty(), "look into “" + folder.getFileName() + "”", () -> {
            List<Path> files;
            try {
                files = Gathering.find(List.of(folder));
            } catch (Unreadable e) {
                // An empty folder has nothing newer.
                return () -> {};
            }
            Optional<Gathering.Gathered> gathered = new Gathering(shelf, thumbnails, now.widths())
                    .take(files, now.index().ids(), work.naming(), done -> {}, () -> false);
            long newer = paired(Comparison.had(now), came(gathered), shelf).stream()
                    .filter(p -> p.replaces() || p.kind() == Pairing.Kind.NEW)
                    .count();
            return () -> {
                if (newer > 0 && watched.filter(w -> w.folder().equals(folder)).isPresent()) {
                    said.offer(
                            (newer == 1 ? "One picture is" : newer + " pictures are") + " newer in “"
                                    + folder.getFileName() + "”.",
                            "Look at them",
                            () -> {
                                if (work.document() == document) {
                                    compare(List.of(folder));
                                }
                            });
                }
            };
        });
    }

    private static List<Came> came(Optional<Gathering.Gathered> gathered) {
        return gathered.map(g -> g.screens().stream().map(Came::new).toList()).orElse(List.of());
    }

    private List<Pairing> paired(List<Had> had, List<Came> came, PictureShelf shelf) {
        return Comparison.withoutAsides(Comparison.of(had, came, new Looks(shelf, thumbnails)::of));
    }

    /** Nothing is watched any more: another folder is, or the window is closed. */
    public void end() {
        watched.ifPresent(w -> {
            try {
                w.close();
            } catch (IOException e) {
                LOG.warn("A watched folder stays watched until the program ends: {}", e.getMessage());
            }
        });
        watched = Optional.empty();
    }

    private void compare(List<Path> paths, List<Had> had) {
        AtomicBoolean stopped = new AtomicBoolean();
        Document document = work.document();
        PictureShelf shelf = document.shelf();
        Widths widths = work.prototype().widths();
        Set<String> ids = work.prototype().index().ids();
        background.run(document, Optional.of("comparing pictures"), "compare the pictures", () -> {
            List<Path> files;
            try {
                files = Gathering.find(paths);
            } catch (Unreadable e) {
                return () -> said.say(e.sentence());
            }
            background.tell(document, () -> progress(0, files.size(), stopped));
            Optional<Gathering.Gathered> gathered = new Gathering(shelf, thumbnails, widths)
                    .take(
                            files,
                            ids,
                            work.naming(),
                            done -> background.tell(document, () -> progress(done, files.size(), stopped)),
                            () -> stopped.get() || work.document() != document);
            List<Came> came = came(gathered);
            // One file for one screen was chosen by the person; nothing is to be guessed.
            List<Pairing> pairings = had.size() == 1 && came.size() == 1
                    ? List.of(Pairing.chosen(had.getFirst(), came.getFirst()))
                    : paired(had, came, shelf);
            return () -> {
                said.done();
                if (gathered.isEmpty()) {
                    said.say("Stopped; nothing was replaced.");
                } else {
                    around.show(new ReplacePage(
                            pairings,
                            gathered.get().problems(),
                            around.pictures(),
                            (swaps, added, removed) -> {
                                around.dismiss();
                                if (work.document() == document) {
                                    take(swaps, added, removed);
                                }
                            },
                            around::dismiss));
                }
            };
        });
    }

    private void progress(int done, int all, AtomicBoolean stopped) {
        if (!stopped.get()) {
            said.progress(
                    "Comparing " + all + " pictures: " + done + " done", (double) done / all, () -> stopped.set(true));
        }
    }

    private void take(List<Swap> swaps, List<Screen> added, List<Screen> removed) {
        Prototype before = work.prototype();
        int hotspots = before.index().hotspots().size();
        work.edit(PictureEdits.replace(swaps, added, removed));
        Prototype now = work.prototype();
        Document document = work.document();
        String told = told(swaps.size(), added.size(), removed.size())
                + (removed.isEmpty()
                        ? " All " + hotspots + " hotspots and "
                                + before.index().ways().size() + " links stayed."
                        : "");
        background.run(document, Optional.empty(), "compare the grounds of hotspots", () -> {
            List<Doubt> found = Doubt.after(now, swaps, new Looks(document.shelf(), thumbnails));
            return () -> {
                said.say(told);
                doubts = found;
                showDoubts();
            };
        });
    }

    private static String told(int replaced, int added, int removed) {
        List<String> parts = new ArrayList<>();
        if (replaced > 0) {
            parts.add(replaced == 1 ? "One picture was replaced" : replaced + " pictures were replaced");
        }
        if (added > 0) {
            parts.add(added == 1 ? "one screen was added" : added + " screens were added");
        }
        if (removed > 0) {
            parts.add(removed == 1 ? "one was removed" : removed + " were removed");
        }
        String all = String.join(", ", parts);
        return Character.toUpperCase(all.charAt(0)) + all.substring(1) + ".";
    }

    /** Whether hotspots are still to be looked at. */
    public boolean hasDoubts() {
        doubts = doubts.stream()
                .filter(d -> work.prototype().index().hotspot(d.hotspot()).isPresent()
                        && work.prototype().screen(d.screen()).isPresent())
                .toList();
        return !doubts.isEmpty();
    }

    /** Lists the hotspots to look at. */
    public void showDoubts() {
        if (hasDoubts()) {
            around.show(new DoubtsPage(
                    work.prototype(),
                    doubts,
                    this::look,
                    this::confirm,
                    () -> {
                        doubts = List.of();
                        around.dismiss();
                    },
                    around::dismiss));
        }
    }

    private void look(Doubt doubt) {
        around.dismiss();
        work.selection().choose(doubt.screen());
        work.selection().chooseHotspot(doubt.hotspot());
        around.go(WorkStage.LINKS);
        around.say("Find “Hotspots to look at” for the rest.");
    }

    private void confirm(Doubt doubt) {
        doubts = doubts.stream().filter(d -> d != doubt).toList();
        around.dismiss();
        showDoubts();
    }
}
