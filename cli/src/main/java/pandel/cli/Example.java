package pandel.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Walk;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Screen;
import pandel.desktop.StagePictures;
import pandel.files.Unreadable;
import pandel.files.handon.HandOn;
import pandel.files.json.PlayJson;
import pandel.files.json.field.Json;
import pandel.files.report.Report;
import pandel.files.store.PrototypeFile;

/** The whole example without a display: plays the sample, checks it, writes pictures of all stages and a report. */
final class Example {

    private final Path sample;
    private final Path folder;
    private final PrintWriter out;

    Example(Path sample, Path folder, PrintWriter out) {
        this.sample = sample;
        this.folder = folder;
        this.out = out;
    }

    void run() throws IOException, Unreadable, InterruptedException {
        Files.createDirectories(folder);
        PrototypeFile.Opened opened = PrototypeFile.open(sample);
        Prototype prototype = opened.prototype();
        List<Event> events;
        try (InputStream in = Files.newInputStream(sample.resolveSibling("hollow-lane-events.json"))) {
            events = PlayJson.events(in);
        }
        write(
                "play.json",
                Json.text(PlayCommand.played(
                        prototype, Optional.empty(), events, prototype.devices().getFirst(), true)));
        Checked checked = Check.of(prototype);
        for (Report each : Report.values()) {
            write("check." + each.ending(), each.of(checked, String.valueOf(sample.getFileName()), opened.pictures()));
        }
        for (HandOn each : HandOn.values()) {
            String name = each == HandOn.HTML ? "play" : each.word();
            write(name + "." + each.ending(), each.of(checked, opened.pictures(), content -> {}));
        }
        replayAll(checked);
        for (Path picture : StagePictures.write(sample, folder, 1280, 800)) {
            out.println("wrote " + picture);
        }
        write("report.md", report(checked, events.size()));
        StringWriter text = new StringWriter();
        CheckCommand.tell(checked, new PrintWriter(text));
        out.println(text);
    }

    private void write(String name, byte[] bytes) throws IOException {
        Files.write(folder.resolve(name), bytes);
        out.println("wrote " + folder.resolve(name));
    }

    private void write(String name, String text) throws IOException {
        write(name, text.getBytes(StandardCharsets.UTF_8));
    }

    /** Every list of events that the checks give must really show what it is given for. */
    private static void replayAll(Checked checked) throws Unreadable {
        for (Screen screen : checked.prototype().screens()) {
            Walk walk = checked.walkTo(screen.id()).orElse(null);
            if (walk != null && !walk.replay(checked.prototype()).screen().equals(screen.id())) {
                throw new Unreadable("The list of events to “" + screen.shownTitle()
                        + "” does not lead there; this is a fault of Pandel's.");
            }
        }
    }

    private static String report(Checked checked, int events) {
        StringBuilder report = new StringBuilder("# " + checked.prototype().title() + "\n\n");
        report.append(checked.shown().size())
                .append(" of ")
                .append(checked.prototype().screens().size())
                .append(" screens are shown; ")
                .append(events)
                .append(" events were played (play.json).\n\n## Findings\n\n");
        for (Finding finding : checked.findings()) {
            report.append("- **")
                    .append(finding.weight().word())
                    .append("** `")
                    .append(finding.rule().id())
                    .append("`: ")
                    .append(finding.sentence())
                    .append(' ')
                    .append(finding.rule().why())
                    .append('\n');
        }
        report.append("\n## Screens by steps from the entry\n\n| screen | steps |\n| --- | --- |\n");
        for (Screen screen : checked.prototype().screens()) {
            report.append("| ")
                    .append(screen.shownTitle().replace("|", "\\|"))
                    .append(" | ")
                    .append(
                            checked.stepsTo(screen.id()).isPresent()
                                    ? String.valueOf(
                                            checked.stepsTo(screen.id()).getAsInt())
                                    : "never shown")
                    .append(" |\n");
        }
        report.append("""

                ## The window

                ![Mocks](mocks-day.png)
                ![Links](links-day.png)
                ![Map](map-day.png)
                ![Play](play-day.png)
                ![Check](check-day.png)
                """);
        return report.toString();
    }
}
