package pandel.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "open", mixinStandardHelpOptions = true, description = "Opens a prototype in the window.")
final class OpenCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Override
    public Integer call() throws Unreadable {
        PrototypeFile.open(file);
        if (!Display.isThere()) {
            throw new Unreadable("There is no display here to open a window on; try: pandel check " + file);
        }
        Display.open(file.toString());
        return ExitCode.FINE;
    }
}
