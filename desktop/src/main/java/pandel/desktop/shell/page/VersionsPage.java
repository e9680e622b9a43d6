package pandel.desktop.shell.page;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import pandel.core.edit.whole.VersionEdits;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.screen.Screen;
import pandel.core.version.Change;
import pandel.core.version.Changes;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/** The versions kept in the file, and what changed since one of them. */
final class VersionsPage extends PageBox {

    private final Work work;
    private final Toast said;
    private final Consumer<Optional<Version>> mark;
    private Optional<Version> open = Optional.empty();

    /** @param mark told since which version the cards show what changed */
    VersionsPage(Work work, Toast said, Consumer<Optional<Version>> mark, Runnable leave) {
        super(
                "Versions",
                "A version is the whole prototype as it was under a name, kept in the same file. What changed "
                        + "since is told in sentences; all of it, or one screen, "
                        + "can be made as it was.",
                leave);
        this.work = work;
        this.said = said;
        this.mark = mark;
        TextField name = new TextField();
        name.setId("version-name");
        name.setPromptText("what it is, or for whom");
        name.setAccessibleText("Name of the version");
        name.setPrefColumnCount(18);
        Button keep = Buttons.plain("Keep as it is now", "keep-version", () -> {});
        Runnable kept = () -> {
            String clean = name.getText().strip();
            String date = LocalDate.now(ZoneId.systemDefault()).toString();
            work.edit(VersionEdits.keep(clean.isEmpty() ? "As of " + date : clean, date, work.naming()));
            name.clear();
            fill();
        };
        keep.setOnAction(e -> kept.run());
        name.setOnAction(e -> kept.run());
        offer(name);
        offer(keep);
        fill();
    }

    private void fill() {
        clear();
        open = open.flatMap(v -> work.prototype().versions().stream()
                .filter(x -> x.id().equals(v.id()))
                .findFirst());
        if (work.prototype().versions().isEmpty()) {
            sentence("None yet. Keep one before the pictures go out, so that you can tell later what is new.");
        }
        for (Version version : work.prototype().versions().reversed()) {
            boolean here = open.filter(v -> v.id().equals(version.id())).isPresent();
            Label name = label(version.title(), 240, "strong");
            Label made = label(version.made(), 90, "quiet");
            Button since = Buttons.smallWord(here ? "Fold" : "What changed since", "since-" + version.id(), () -> {
                open = here ? Optional.empty() : Optional.of(version);
                fill();
            });
            Button restore = Buttons.smallWord(
                    "Make all as it was",
                    "restore-" + version.id(),
                    () -> content(version).ifPresent(was -> {
                        work.edit(VersionEdits.restore(version.title(), was));
                        said.say("All is as it was in “" + version.title() + "”. Ctrl+Z brings back what you had.");
                        fill();
                    }));
            restore.setDisable(content(version).isEmpty());
            row(
                    name,
                    made,
                    spring(),
                    since,
                    restore,
                    Buttons.smallWord("Remove", "remove-version-" + version.id(), () -> {
                        work.edit(VersionEdits.remove(version));
                        said.say("The version “" + version.title() + "” was removed. Ctrl+Z brings it back.");
                        fill();
                    }));
            if (here) {
                changes(version);
            }
        }
    }

    private void changes(Version version) {
        if (version.content() instanceof Version.Content.Unread unread) {
            sentence("It cannot be read by this Pandel, and is carried along as it is. " + unread.why());
            return;
        }
        Prototype was = content(version).orElseThrow();
        List<Change> changes = Changes.between(was, work.prototype());
        if (changes.isEmpty()) {
            sentence("Nothing changed since.");
            return;
        }
        row(Buttons.smallWord("Show it on the cards", "mark-" + version.id(), () -> mark.accept(Optional.of(version))));
        String last = "";
        for (Change change : changes) {
            Label sentence = new WrappedLabel(change.sentence());
            sentence.setMaxWidth(500);
            sentence.setMinWidth(0);
            String id = change.screen().orElse("");
            if (!id.isEmpty() && !id.equals(last)) {
                String title = was.screen(id)
                        .or(() -> work.prototype().screen(id))
                        .map(Screen::shownTitle)
                        .orElse(id);
                Button back = Buttons.smallWord(
                        was.screen(id).isEmpty()
                                ? "Take it away"
                                : work.prototype().screen(id).isEmpty() ? "Bring it back" : "Screen as it was",
                        "restore-screen-" + id,
                        () -> {
                            work.edit(VersionEdits.restore(version.title(), was, id));
                            said.say("“" + title + "” is as it was in “" + version.title()
                                    + "”. Ctrl+Z brings back what you had.");
                            fill();
                        });
                row(sentence, spring(), back);
            } else {
                row(sentence);
            }
            last = id;
        }
    }

    private static Optional<Prototype> content(Version version) {
        return version.content() instanceof Version.Content.Kept kept
                ? Optional.of(kept.prototype())
                : Optional.empty();
    }
}
