package pandel.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import pandel.cli.result.ExitCode;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.start.Entry;
import pandel.files.Unreadable;
import pandel.files.json.PlayJson;
import pandel.files.json.field.Json;
import pandel.files.report.Report;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Checks a prototype: what is never shown, where one is stuck.",
        exitCodeListHeading = "%nExit codes:%n",
        exitCodeList = {
            "0:nothing at or above the level",
            "1:findings at or above the level",
            "2:the file could not be checked"
        })
final class CheckCommand implements Callable<Integer> {

    enum Format {
        TEXT,
        JSON,
        SARIF,
        JUNIT,
        MARKDOWN,
        CSV,
        HTML
    }

    enum Level {
        PROBLEM,
        WARNING,
        NEVER
    }

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(names = "--device", paramLabel = "ID", description = "Checks on that device of the prototype alone.")
    String device;

    @Option(
            names = "--format",
            defaultValue = "text",
            description = "text, json, sarif, junit, markdown, csv or html (default: ${DEFAULT-VALUE})")
    Format format;

    @Option(
            names = "--fail-on",
            defaultValue = "problem",
            description = "problem, warning or never (default: ${DEFAULT-VALUE}): what makes the exit code 1")
    Level failOn;

    @Override
    public Integer call() throws Unreadable, IOException {
        PrototypeFile.Opened opened = PrototypeFile.open(file);
        Checked checked = Check.of(onDevice(opened.prototype()));
        PrintWriter out = spec.commandLine().getOut();
        if (format == Format.TEXT) {
            tell(checked, out);
        } else {
            out.print(Report.valueOf(format.name()).of(checked, String.valueOf(file.getFileName()), opened.pictures()));
        }
        return switch (failOn) {
            case NEVER -> ExitCode.FINE;
            case PROBLEM ->
                checked.findings().stream().anyMatch(f -> f.weight() == Weight.PROBLEM)
                        ? ExitCode.FINDINGS
                        : ExitCode.FINE;
            case WARNING ->
                checked.findings().stream().anyMatch(f -> f.weight() != Weight.NOTE)
                        ? ExitCode.FINDINGS
                        : ExitCode.FINE;
        };
    }

    private Prototype onDevice(Prototype prototype) throws Unreadable {
        if (device == null) {
            return prototype;
        }
        List<Device> one =
                prototype.devices().stream().filter(d -> d.id().equals(device)).toList();
        if (one.isEmpty()) {
            throw new Unreadable("The prototype names no device “" + device + "”; it has "
                    + prototype.devices().stream().map(Device::id).collect(Collectors.joining(", ")) + ".");
        }
        return prototype.withDevices(one);
    }

    /** Where a list of events begins, when that is not the main entry: what play takes as --from. */
    private static String from(Prototype prototype, Walk walk) {
        return prototype
                        .mainEntry()
                        .filter(e -> e.id().equals(walk.entry().id()))
                        .isPresent()
                ? ""
                : " from "
                        + (walk.entry() instanceof Entry entry
                                        && !entry.values().isEmpty()
                                ? entry.filledAddress().orElse(entry.id())
                                : walk.entry().id());
    }

    /** One line each: weight, rule, sentence; indented the shortest list of events. */
    static void tell(Checked checked, PrintWriter out) {
        int screens = checked.prototype().screens().size();
        out.println(checked.prototype().title() + ": " + checked.shown().size() + " of " + screens
                + " screens are shown, " + checked.prototype().index().ways().size() + " links, "
                + checked.findings().size() + " findings");
        for (Finding finding : checked.findings()) {
            out.println();
            out.println(finding.weight().word() + " " + finding.rule().id() + ": " + finding.sentence());
            finding.walk()
                    .ifPresent(walk -> out.println("    by " + Json.line(PlayJson.list(walk.events())) + " on "
                            + walk.device().id() + from(checked.prototype(), walk)));
        }
        for (Unsettled unsettled : checked.unsettled()) {
            out.println();
            out.println("not settled " + unsettled.rule().id() + ": " + unsettled.sentence());
        }
    }
}
