package pandel.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.cover.Coverage;
import pandel.core.cover.JourneySteps;
import pandel.core.cover.LinkPairs;
import pandel.core.cover.SuggestedJourneys;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.files.Unreadable;
import pandel.files.report.CoverReport;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "cover",
        mixinStandardHelpOptions = true,
        description = "Says how much of what can be travelled the journeys travel, and what is missing.")
final class CoverCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(
            names = "--suggest",
            description = "Also suggests journeys that travel what none travels yet, each step in words.")
    boolean suggest;

    @Option(names = "--pairs", description = "Also counts pairs of links in a row.")
    boolean pairs;

    @Option(
            names = "--format",
            defaultValue = "text",
            description =
                    "text, json, csv or html (default: ${DEFAULT-VALUE}); pairs and suggestions are told as text alone")
    Format format;

    enum Format {
        TEXT,
        JSON,
        CSV,
        HTML
    }

    @Override
    public Integer call() throws Unreadable, IOException {
        if (format != Format.TEXT && (suggest || pairs)) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(),
                    "Pairs and suggestions are told as text alone: leave out --format, or ask for neither.");
        }
        PrototypeFile.Opened opened = PrototypeFile.open(file);
        Prototype prototype = opened.prototype();
        PrintWriter out = spec.commandLine().getOut();
        Checked checked = Check.of(prototype);
        Coverage coverage = Coverage.of(checked);
        if (format != Format.TEXT) {
            out.print(CoverReport.valueOf(format.name()).of(checked, coverage, opened.pictures()));
            return ExitCode.FINE;
        }
        if (prototype.journeys().isEmpty()) {
            out.println("This prototype has no journeys, so there is nothing to measure.");
            suggested(out, checked, coverage);
            return ExitCode.FINE;
        }
        out.println("travelled: " + coverage.percent() + " % of what can be travelled, by "
                + coverage.journeys().size() + " journeys");
        out.println("screens: " + coverage.screensTravelled() + " of " + coverage.screens());
        out.println("links: " + coverage.linksTravelled() + " of " + coverage.links());
        for (Screen screen : coverage.missingScreens()) {
            out.println("missing screen: " + screen.shownTitle());
        }
        if (pairs) {
            LinkPairs.of(prototype, coverage.journeys(), () -> false)
                    .ifPresent(p -> out.println("pairs of links in a row: "
                            + p.travelled().size() + " of " + p.possible().size()
                            + (p.all()
                                    ? ", on trails of up to " + LinkPairs.DEEPEST + " places"
                                    : ", and there are more than could be counted")));
        }
        for (Coverage.Missing missing : coverage.missingLinks()) {
            out.println("missing link: " + LinkWords.described(prototype, missing.way(), missing.outcome()));
        }
        suggested(out, checked, coverage);
        return ExitCode.FINE;
    }

    private void suggested(PrintWriter out, Checked checked, Coverage coverage) {
        if (!suggest) {
            return;
        }
        SuggestedJourneys suggested = SuggestedJourneys.of(checked, coverage, n -> "suggested-" + n, () -> false)
                .orElseThrow();
        out.println("suggested: " + suggested.journeys().size() + " journeys of " + suggested.events()
                + " steps; to travel " + suggested.toTravel() + " links and outcomes takes at least as many steps, and "
                + suggested.fewestJourneys() + " journeys of that length; not travelled by them: "
                + suggested.left().size());
        for (Journey journey : suggested.journeys()) {
            out.println("journey " + journey.title() + ", on "
                    + checked.prototype().device(journey.device()).title() + ":");
            JourneySteps.of(checked.prototype(), journey).forEach(step -> out.println("    " + step));
        }
    }
}
