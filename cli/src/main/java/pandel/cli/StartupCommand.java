package pandel.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.desktop.StagePictures;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "startup", mixinStandardHelpOptions = true, description = "Measures how long the window takes to its first sight of a prototype, off-screen.")
final class StartupCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Override
    public Integer call() throws Unreadable, IOException, InterruptedException {
        PrototypeFile.open(file);
        StagePictures.Startup startup = StagePictures.startup(file);
        spec.commandLine().getOut().println("window shown after " + startup.shown() + " ms, all pictures of the first stage after "
                + startup.firstSight() + " ms from the start of the process");
        return ExitCode.FINE;
    }
}
