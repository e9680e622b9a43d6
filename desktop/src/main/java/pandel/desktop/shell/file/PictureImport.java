package pandel.desktop.shell.file;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import pandel.core.edit.Edit;
import pandel.core.edit.linking.BroughtLink;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.stage.Question;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.gather.Gathering;
import pandel.files.picture.Thumbnails;

/** Takes pictures in as screens of the document that was open when it began. */
public final class PictureImport {

    private static final String TAKING = "taking pictures in";

    private final Work work;
    private final Background background;
    private final FileChoosing choosing;
    private final Thumbnails thumbnails;
    private final Telling telling;
    private final BiConsumer<String, List<String>> then;

    /** @param then told what was said of screens that were made, and their ids */
    public PictureImport(
            Work work,
            Background background,
            DocumentFiles.Tools tools,
            Telling telling,
            BiConsumer<String, List<String>> then) {
        this.then = then;
        this.work = work;
        this.background = background;
        this.choosing = tools.choosing();
        this.thumbnails = tools.thumbnails();
        this.telling = telling;
    }

    public void gatherFolder() {
        choosing.folder("Pictures from a folder").ifPresent(path -> gather(List.of(path)));
    }

    public void gatherPages() {
        choosing.pages("Pages from a PDF, an image map or a drawing").ifPresent(path -> gather(List.of(path)));
    }

    /** Takes pictures in, with progress; can be stopped, and then nothing was taken. Folders inside are offered. */
    public void gather(List<Path> paths) {
        Document document = work.document();
        background.run(document, Optional.empty(), "look for pictures", () -> {
            Gathering.Found found;
            try {
                found = Gathering.look(paths);
                if (found.inside().isEmpty()) {
                    Gathering.refuseNone(found, paths);
                }
            } catch (Unreadable e) {
                return () -> telling.say(e.sentence());
            }
            return () -> {
                if (found.pictures().isEmpty()) {
                    askAboutFolders(found);
                } else {
                    take(found.pictures(), found, taken -> offerFolders(found, taken));
                }
            };
        });
    }

    private static String inside(Gathering.Found found) {
        int n = found.inside().size();
        return n == 1
                ? "A folder inside holds pictures too: “"
                        + found.inside().getFirst().getFileName() + "”."
                : n + " folders inside hold pictures too.";
    }

    private static String takeThem(Gathering.Found found) {
        return found.inside().size() == 1 ? "Take it too, as a section" : "Take them too, as sections";
    }

    private void askAboutFolders(Gathering.Found found) {
        telling.ask(new Question(
                "There are no pictures here. " + inside(found),
                found.inside().stream().map(f -> f.getFileName().toString()).toList(),
                List.of(
                        new Question.Answer(takeThem(found), "main", () -> takeInside(found)),
                        new Question.Answer("Take nothing", "plain", () -> {}))));
    }

    /** What was asked for is there; what lies deeper is offered. */
    private void offerFolders(Gathering.Found found, String taken) {
        if (!found.inside().isEmpty()) {
            Document document = work.document();
            telling.offer(taken + " " + inside(found), takeThem(found), () -> {
                if (work.document() == document) {
                    takeInside(found);
                }
            });
        }
    }

    private void takeInside(Gathering.Found found) {
        List<Path> all = new ArrayList<>();
        for (Path inside : found.inside()) {
            try {
                all.addAll(Gathering.find(List.of(inside)));
            } catch (Unreadable e) {
                telling.say(e.sentence());
            }
        }
        take(all, new Gathering.Found(all, List.of(), found.inside()), taken -> {});
    }

    private void take(List<Path> files, Gathering.Found found, Consumer<String> more) {
        AtomicBoolean stopped = new AtomicBoolean();
        Document document = work.document();
        Prototype prototype = document.prototype();
        Set<String> ids = prototype.index().ids();
        showProgress(0, files.size(), stopped);
        background.run(document, Optional.of(TAKING), "take the pictures in", () -> {
            Optional<Gathering.Gathered> gathered = new Gathering(document.shelf(), thumbnails, prototype.widths())
                    .withSections(found.inside())
                    .take(
                            files,
                            ids,
                            work.naming(),
                            done -> background.tell(document, () -> showProgress(done, files.size(), stopped)),
                            () -> stopped.get() || work.document() != document);
            return () -> {
                telling.done();
                gathered.ifPresentOrElse(
                        g -> {
                            List<Screen> added = add(g);
                            String told = taken(g, added, found.leftOut());
                            more.accept(told);
                            this.then.accept(
                                    told, added.stream().map(Screen::id).toList());
                        },
                        () -> telling.say("Stopped; no picture was taken in."));
            };
        });
    }

    private void showProgress(int done, int all, AtomicBoolean stopped) {
        if (!stopped.get()) {
            // Pages come to be known while they are taken.
            int known = Math.max(all, done);
            telling.progress(
                    "Taking in " + known + " pictures: " + done + " done",
                    (double) done / known,
                    () -> stopped.set(true));
        }
    }

    private List<Screen> add(Gathering.Gathered gathered) {
        // Ids were chosen when this began; what was made since may have taken one.
        Set<String> taken = work.prototype().index().ids();
        List<Screen> screens = gathered.screens().stream()
                .map(s -> taken.contains(s.id()) ? s.withId(work.freshId(s.title())) : s)
                .toList();
        if (!screens.isEmpty()) {
            Edit added = ScreenEdits.add(screens);
            work.edit(
                    gathered.links().isEmpty()
                            ? added
                            : Edit.all(
                                    added.name() + " with their links",
                                    List.of(
                                            added,
                                            BroughtLink.edit(
                                                    gathered.links(),
                                                    screens.stream()
                                                            .map(Screen::id)
                                                            .toList(),
                                                    work.naming()))));
            work.selection().choose(screens.getFirst().id());
        }
        return screens;
    }

    private static String links(int many) {
        return many == 0 ? "" : many == 1 ? " One link came along." : " " + many + " links came along.";
    }

    /** @return what was taken, in a sentence */
    private String taken(Gathering.Gathered gathered, List<Screen> screens, List<String> notTaken) {
        List<String> leftOut = new ArrayList<>(notTaken);
        leftOut.addAll(gathered.told());
        int n = gathered.screens().size();
        String taken = (n == 1 ? "One picture was taken in." : n + " pictures were taken in.")
                + links(gathered.links().size())
                + SamePictures.told(work.prototype(), screens);
        if (gathered.problems().isEmpty() && leftOut.isEmpty()) {
            telling.say(taken);
            return taken;
        }
        if (gathered.problems().isEmpty()) {
            telling.ask(new Question(taken, leftOut, List.of(new Question.Answer("Go on", "main", () -> {}))));
            return taken;
        }
        List<String> lines = new ArrayList<>(gathered.problems());
        lines.addAll(leftOut);
        telling.ask(new Question(
                n + " of " + (n + gathered.problems().size()) + " pictures were taken in. Not these:",
                lines,
                List.of(new Question.Answer("Go on", "main", () -> {}))));
        return taken;
    }
}
