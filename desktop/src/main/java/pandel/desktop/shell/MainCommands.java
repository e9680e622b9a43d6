package pandel.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import pandel.core.edit.screen.ScreenEdits;
import pandel.desktop.check.CheckView;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.DayOrNight;
import pandel.files.report.Report;
import pandel.files.settings.Preferences;

/** What can be done in the window, whichever stage is shown. */
final class MainCommands {

    private final MainWindow window;

    MainCommands(MainWindow window) {
        this.window = window;
    }

    void defineCommands() {
        Stream.of(
                        Command.of("new", "New prototype", window.keeping::startNew, "Shortcut+N"),
                        Command.of("open", "Open…", window.keeping::open, "Shortcut+O"),
                        Command.of("open-folder", "Open a folder…", window.keeping::openFolder, "Shortcut+Shift+O"),
                        Command.of("gather", "Pictures from a folder…", window.importing::gatherFolder, "Shortcut+I"),
                        Command.of(
                                        "replace",
                                        "Newer pictures from a folder…",
                                        () -> window.choosing
                                                .folder("Newer pictures from a folder")
                                                .ifPresent(f -> window.replacing.compare(List.of(f))),
                                        "Shortcut+Shift+I")
                                .when(() -> !window.work.prototype().screens().isEmpty()),
                        Command.of("gather-pages", "Pages from a PDF or image map…", window.importing::gatherPages),
                        Command.of(
                                        "replace-pages",
                                        "Newer pages from a PDF or image map…",
                                        () -> window.choosing
                                                .pages("Newer pages")
                                                .ifPresent(f -> window.replacing.compare(List.of(f))))
                                .when(() -> !window.work.prototype().screens().isEmpty()),
                        Command.of(
                                "watch",
                                "Watch a folder for newer pictures…",
                                () -> window.choosing.folder("Watch a folder").ifPresent(window.replacing::watch)),
                        Command.of("unwatch", "Watch no folder any more", window.replacing::unwatch)
                                .when(window.replacing::isWatching),
                        Command.of("doubts", "Hotspots to look at", window.replacing::showDoubts)
                                .when(window.replacing::hasDoubts),
                        Command.of("save", "Save", window.keeping::save, "Shortcut+S"),
                        Command.of("save-as", "Save as…", window.keeping::saveAs, "Shortcut+Shift+S"),
                        Command.of("save-folder", "Save as a folder…", window.keeping::saveAsFolder),
                        Command.of("hand-on", "Hand on…", window.pages::handOn, "Shortcut+Shift+H")
                                .when(() -> !window.work.prototype().screens().isEmpty()),
                        Command.of("phone", "On a phone…", window.pages::phone, "Shortcut+Shift+P")
                                .when(() -> !window.work.prototype().screens().isEmpty()),
                        Command.of("merge", "Merge with another's changes…", () -> window.keeping.merge(window))
                                .when(() -> !window.work.prototype().screens().isEmpty()),
                        Command.of("remarks", "Remarks…", this::remarks, "Shortcut+Shift+R"),
                        Command.of("take-remarks", "Take remarks in…", this::takeRemarks),
                        Command.of("facts", "Facts…", window.pages::facts, "Shortcut+Shift+F"),
                        Command.of(
                                "feel",
                                "How it moves and answers…",
                                () -> window.pages.feel(window.pictures()),
                                "Shortcut+Shift+M"),
                        Command.of("starts", "Entries and start points…", window.pages::starts, "Shortcut+Shift+E"),
                        Command.of(
                                "frames",
                                "Tab sets, sequences and drawers…",
                                () -> window.pages.frames(window),
                                "Shortcut+Shift+Q"),
                        Command.of("devices", "Devices…", window.pages::devices, "Shortcut+Shift+D"),
                        Command.of("versions", "Versions…", window.pages::versions, "Shortcut+Shift+V"),
                        Command.of("rename", "Rename the prototype", this::renamePrototype),
                        Command.of("sample", "See the sample", this::openSample).when(window.sample::isPresent),
                        Command.of("undo", "Undo", window.work::undo, "Shortcut+Z")
                                .notInText(),
                        Command.of("redo", "Redo", window.work::redo, "Shortcut+Shift+Z", "Shortcut+Y")
                                .notInText(),
                        Command.of("look", "Day or night look", this::turnLook, "Shortcut+L"),
                        Command.of("find", "Find", this::find, "Shortcut+F"),
                        Command.of("preferences", "Preferences…", window::showPreferences, "Shortcut+Comma"),
                        Command.of(
                                "keys",
                                "Keys",
                                () -> window.pages.keys(window.commands.values(), window.stages.all()),
                                "F1"),
                        Command.of("quit", "Quit", window::quit, "Shortcut+Q"))
                .forEach(c -> window.commands.put(c.id(), c));
        for (Report each : Report.values()) {
            String id = CheckView.saving(each);
            window.commands.put(
                    id,
                    Command.of(id, "Save the report: " + each.words(), () -> window.keeping.report(each))
                            .when(() -> !window.work.prototype().screens().isEmpty()));
        }
        for (WorkStage each : WorkStage.values()) {
            window.commands.put(
                    "stage-" + each,
                    Command.of(
                            "stage-" + each, each.title(), () -> window.go(each), "Shortcut+" + (each.ordinal() + 1)));
        }
    }

    private void remarks() {
        window.pages.remarks(window, this::takeRemarks, window.keeping::saveRemarks);
    }

    private void takeRemarks() {
        window.keeping.takeRemarks(this::remarks);
    }

    private void openSample() {
        window.keeping.unlessUnsaved(() -> window.sample.ifPresent(file -> window.keeping.open(file, false)));
    }

    void renamePrototype() {
        window.askName(
                "Name of the prototype",
                window.work.prototype().title(),
                name -> window.work.edit(ScreenEdits.renamePrototype(name)));
    }

    void turnLook() {
        DayOrNight now = DayOrNight.of(window.preferred.now().look());
        window.preferred.change(
                p -> p.withLook(now == DayOrNight.DAY ? Preferences.LookWish.NIGHT : Preferences.LookWish.DAY));
    }

    void find() {
        List<Command> all = new ArrayList<>(window.commands.values());
        all.addAll(window.stages.now().commands());
        window.questions.show(new FindPane(
                window.work,
                window,
                all,
                finding -> {
                    window.go(WorkStage.CHECK);
                    window.check.showFinding(finding);
                },
                window.questions::dismiss));
    }
}
