package pandel.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.desktop.StagePictures;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "pictures",
        mixinStandardHelpOptions = true,
        description = "Writes a picture of each stage of the window, off-screen.")
final class PicturesCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(names = "-o", paramLabel = "FOLDER", required = true, description = "Where the PNG files go.")
    Path folder;

    @Option(
            names = "--size",
            paramLabel = "WxH",
            defaultValue = "1280x800",
            description = "Size of the window (default: ${DEFAULT-VALUE}).")
    String size;

    @Override
    public Integer call() throws Unreadable, IOException, InterruptedException {
        PrototypeFile.open(file);
        String[] sides = size.split("x");
        if (!size.matches("\\d{3,4}x\\d{3,4}")) {
            throw new Unreadable("--size must be like 1280x800, not “" + size + "”.");
        }
        StagePictures.write(file, folder, Integer.parseInt(sides[0]), Integer.parseInt(sides[1]))
                .forEach(p -> spec.commandLine().getOut().println(p));
        return ExitCode.FINE;
    }
}
