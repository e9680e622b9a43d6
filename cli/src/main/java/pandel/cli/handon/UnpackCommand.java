package pandel.cli.handon;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeSaving;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes a folder of a file. */
@Command(
        name = "unpack",
        mixinStandardHelpOptions = true,
        description = "Makes a folder of a .pandel file, for version control.")
public final class UnpackCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file.")
    Path file;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FOLDER",
            description = "The folder to make; unless it is said, one beside the file and called as it is.")
    Path folder;

    @Override
    public Integer call() throws Unreadable, IOException {
        if (Files.isDirectory(file)) {
            throw new Unreadable("“" + file + "” is a folder already; name a .pandel file.");
        }
        Path absolute = file.toAbsolutePath().normalize();
        String name = String.valueOf(absolute.getFileName());
        String bare = name.replaceAll("\\.pandel$", "");
        Path to = folder != null ? folder : absolute.resolveSibling(bare.equals(name) ? name + "-folder" : bare);
        PackCommand.Moved.as(file, to, PrototypeSaving::toFolder);
        spec.commandLine().getOut().println(to);
        return ExitCode.FINE;
    }
}
