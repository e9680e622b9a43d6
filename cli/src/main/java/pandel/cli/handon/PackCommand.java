package pandel.cli.handon;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes a file of a folder. */
@Command(
        name = "pack",
        mixinStandardHelpOptions = true,
        description = "Makes one .pandel file of a folder saved by Pandel.")
public final class PackCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FOLDER", description = "A folder saved by Pandel.")
    Path folder;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description = "The file to make; unless it is said, one beside the folder and called as it is.")
    Path file;

    @Override
    public Integer call() throws Unreadable, IOException {
        if (!Files.isDirectory(folder)) {
            throw new Unreadable("“" + folder + "” is no folder; name one that Pandel saved.");
        }
        Path absolute = folder.toAbsolutePath().normalize();
        Path to = file == null ? absolute.resolveSibling(absolute.getFileName() + ".pandel") : file;
        Moved.as(folder, to, PrototypeSaving::toFile);
        spec.commandLine().getOut().println(to);
        return ExitCode.FINE;
    }

    /** A prototype written in its other form, which must not be there yet. */
    static final class Moved {

        private Moved() {}

        interface Writing {
            void write(pandel.core.model.Prototype prototype, Path to, PictureShelf shelf) throws Unreadable;
        }

        static void as(Path from, Path to, Writing writing) throws Unreadable, IOException {
            if (Files.exists(to)) {
                throw new Unreadable("“" + to + "” exists already; name one that does not, with -o.");
            }
            PrototypeFile.Opened opened = PrototypeFile.open(from);
            if (!opened.missing().isEmpty()) {
                throw new Unreadable("“" + from + "” lacks " + opened.missing().size()
                        + " of its pictures, so nothing was made; put them back, or open it and save it without them.");
            }
            try (PictureShelf shelf = new PictureShelf()) {
                shelf.add(opened.pictures());
                writing.write(opened.prototype(), to, shelf);
            }
        }
    }
}
