package pandel.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.core.check.Check;
import pandel.core.cover.Coverage;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
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

    @Override
    public Integer call() throws Unreadable {
        Prototype prototype = PrototypeFile.open(file).prototype();
        PrintWriter out = spec.commandLine().getOut();
        if (prototype.journeys().isEmpty()) {
            out.println("This prototype has no journeys, so there is nothing to measure.");
            return ExitCode.FINE;
        }
        Coverage coverage = Coverage.of(Check.of(prototype));
        out.println("travelled: " + coverage.percent() + " % of what can be travelled, by "
                + coverage.journeys().size() + " journeys");
        out.println("screens: " + coverage.screensTravelled() + " of " + coverage.screens());
        out.println("links: " + coverage.linksTravelled() + " of " + coverage.links());
        for (Screen screen : coverage.missingScreens()) {
            out.println("missing screen: " + screen.shownTitle());
        }
        for (Way way : coverage.missingLinks()) {
            out.println("missing link: " + LinkWords.described(prototype, way));
        }
        return ExitCode.FINE;
    }
}
