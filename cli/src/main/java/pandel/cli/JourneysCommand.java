package pandel.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.cover.Replayed;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "journeys",
        mixinStandardHelpOptions = true,
        description = "Replays all journeys of a prototype; exit code 1 when one no longer works.",
        exitCodeListHeading = "%nExit codes:%n",
        exitCodeList = {"0:all work", "1:one or more no longer work", "2:the file could not be read"})
final class JourneysCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Override
    public Integer call() throws Unreadable {
        Prototype prototype = PrototypeFile.open(file).prototype();
        boolean allWork = true;
        for (Journey journey : prototype.journeys()) {
            Replayed replayed = Replayed.of(prototype, journey);
            allWork &= replayed.broken().isEmpty();
            spec.commandLine()
                    .getOut()
                    .println(journey.title() + ": "
                            + replayed.broken()
                                    .map(b -> "breaks at step " + b.leg() + " of "
                                            + journey.legs().size() + ". " + b.why())
                                    .orElse("works, " + journey.legs().size() + " steps, "
                                            + replayed.screens().size() + " screens"));
        }
        if (prototype.journeys().isEmpty()) {
            spec.commandLine().getOut().println("This prototype has no journeys.");
        }
        return allWork ? ExitCode.FINE : ExitCode.FINDINGS;
    }
}
