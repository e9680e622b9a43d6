package pandel.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.handon.ExportCommand;
import pandel.cli.handon.MergeCommand;
import pandel.cli.handon.PackCommand;
import pandel.cli.handon.RemarksCommand;
import pandel.cli.handon.ServeCommand;
import pandel.cli.handon.UnpackCommand;
import pandel.cli.handon.WordsCommand;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;
import picocli.CommandLine.Spec;

/** {@code pandel} alone: the window with the sample; without a display, the whole example off-screen. */
@Command(
        name = "pandel",
        mixinStandardHelpOptions = true,
        version = "Pandel 0.1.0",
        description =
                "Links mock screens, plays the prototype, and checks its flow. Alone it opens the window with the "
                        + "sample.",
        subcommands = {
            OpenCommand.class,
            NewCommand.class,
            CheckCommand.class,
            PlayCommand.class,
            CoverCommand.class,
            ExportCommand.class,
            MergeCommand.class,
            PackCommand.class,
            UnpackCommand.class,
            WordsCommand.class,
            RemarksCommand.class,
            ServeCommand.class,
            DiffCommand.class,
            JourneysCommand.class,
            GenerateCommand.class,
            PicturesCommand.class,
            MeasureCommand.class
        },
        exitCodeListHeading = "%nExit codes:%n",
        exitCodeList = {
            "0:it went well",
            "1:findings at or above the level asked for",
            "2:it could not be done; standard error says why"
        })
final class PandelCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Option(names = "--debug", scope = ScopeType.INHERIT, description = "Tells more when something fails.")
    boolean debug;

    @Override
    public Integer call() throws IOException, Unreadable, InterruptedException {
        Path sample = Path.of(System.getProperty("pandel.sample", "samples/hollow-lane.pandel"));
        if (Display.isThere()) {
            Display.open();
            return ExitCode.FINE;
        }
        if (!Files.isRegularFile(sample)) {
            throw new Unreadable("The sample “" + sample + "” is missing; start pandel from its own folder.");
        }
        Path folder = Path.of(System.getProperty("pandel.home", "."))
                .resolve("target")
                .resolve("example");
        spec.commandLine()
                .getErr()
                .println("pandel: there is no display here, so the whole example runs off-screen into " + folder + ".");
        new Example(sample, folder, spec.commandLine().getOut()).run();
        return ExitCode.FINE;
    }
}
