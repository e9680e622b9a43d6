package pandel.desktop.shell.file;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.version.Change;
import pandel.core.version.Changes;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.shell.page.MergePage;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.Question;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.merge.Merge;
import pandel.files.merge.Side;
import pandel.files.store.PrototypeFile;

/**
 * Brings another's changes of the open prototype in: from what both began with, with what both changed to choose from.
 */
final class Merging {

    private final Work work;
    private final Background background;
    private final FileChoosing choosing;
    private final Telling telling;
    private final PageHost around;

    Merging(Work work, Background background, FileChoosing choosing, Telling telling, PageHost around) {
        this.work = work;
        this.background = background;
        this.choosing = choosing;
        this.telling = telling;
        this.around = around;
    }

    /** What is merged: the same three until it is done or left. */
    private record Three(Prototype base, String begun, Prototype mine, PrototypeFile.Opened theirs, String name) {

        Merge merged(Map<Integer, Side> chosen) throws Unreadable, IOException {
            return Merge.of(base, mine, theirs.prototype(), chosen);
        }
    }

    /** Asks for the other's file, then for what both began from where no version says that. */
    void begin() {
        choosing.file().ifPresent(this::with);
    }

    private void with(Path file) {
        Document document = work.document();
        Prototype mine = work.prototype();
        background.run(document, Optional.empty(), "merge", () -> {
            PrototypeFile.Opened theirs = PrototypeFile.open(file);
            String name = String.valueOf(file.getFileName());
            Optional<Version> begun = Merge.begun(mine, theirs.prototype());
            if (begun.isEmpty()) {
                return () -> askForBase(mine, theirs, name);
            }
            Prototype base = ((Version.Content.Kept) begun.get().content()).prototype();
            return compared(new Three(
                    base.withVersions(List.of()),
                    "the version “" + begun.get().title() + "”, which both keep",
                    mine,
                    theirs,
                    name));
        });
    }

    private void askForBase(Prototype mine, PrototypeFile.Opened theirs, String name) {
        telling.ask(new Question(
                "From which file did both begin? No version that is kept in both says that.",
                List.of("Without it nobody can tell what is new from what was removed."),
                List.of(
                        new Question.Answer(
                                "Choose it…",
                                "main",
                                () -> choosing.file().ifPresent(file -> from(file, mine, theirs, name))),
                        new Question.Answer("Leave it", "plain", () -> {}))));
    }

    private void from(Path file, Prototype mine, PrototypeFile.Opened theirs, String name) {
        background.run(work.document(), Optional.empty(), "merge", () -> {
            PrototypeFile.Opened base = PrototypeFile.open(file);
            return compared(new Three(base.prototype(), "“" + file.getFileName() + "”", mine, theirs, name));
        });
    }

    private Runnable compared(Three three) throws Unreadable, IOException {
        Merge merge = three.merged(Map.of());
        List<String> changes = Changes.between(three.mine(), merge.prototype()).stream()
                .map(Change::sentence)
                .toList();
        if (merge.conflicts().isEmpty() && changes.isEmpty()) {
            return () -> telling.say("“" + three.name() + "” has nothing that is not here already.");
        }
        return () -> around.show(new MergePage(
                three.name(),
                "Both began from " + three.begun() + ". What only one changed is taken; of what both changed, choose.",
                changes,
                merge.conflicts(),
                chosen -> take(three, chosen),
                around::dismiss));
    }

    private void take(Three three, Map<Integer, Side> chosen) {
        Document document = work.document();
        around.dismiss();
        background.run(document, Optional.of("merging"), "merge", () -> {
            Merge merge = three.merged(chosen);
            document.shelf().add(three.theirs().pictures());
            return () -> {
                if (work.prototype() != three.mine()) {
                    telling.say("The prototype was changed meanwhile, so nothing was merged; merge again.");
                    return;
                }
                work.edit(Edit.of("merge with “" + three.name() + "”", p -> merge.prototype()));
                telling.say("Merged with “" + three.name() + "”. Ctrl+Z brings back what you had.");
            };
        });
    }
}
