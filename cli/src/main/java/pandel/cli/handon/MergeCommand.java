package pandel.cli.handon;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.merge.Conflict;
import pandel.files.merge.Merge;
import pandel.files.store.Beside;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Brings two people's changes together. */
@Command(
        name = "merge",
        mixinStandardHelpOptions = true,
        description = {
            "Brings two people's changes of one prototype together, by ids. What both changed is told; mine stands.",
            "Each may be a .pandel file, a folder saved by Pandel, or the prototype.json of one.",
            "Exit code 1 when both changed the same thing."
        })
public final class MergeCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(index = "0", paramLabel = "BASE", description = "What both began from.")
    Path base;

    @Parameters(index = "1", paramLabel = "MINE", description = "It with my changes.")
    Path mine;

    @Parameters(index = "2", paramLabel = "THEIRS", description = "It with theirs.")
    Path theirs;

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "OUT",
            description = "What to write, in the form of MINE; it may be MINE itself.")
    Path out;

    @Override
    public Integer call() throws Unreadable, IOException {
        try (PictureShelf shelf = new PictureShelf()) {
            Prototype began = read(base, shelf);
            Prototype ours = read(mine, shelf);
            Merge merge = Merge.of(began, ours, read(theirs, shelf));
            if (isText(mine)) {
                Beside.write(out, PrototypeWriter.text(merge.prototype()).getBytes(StandardCharsets.UTF_8));
            } else {
                PrototypeSaving.like(mine, merge.prototype(), out, shelf);
            }
            for (Conflict conflict : merge.conflicts()) {
                spec.commandLine().getOut().println(conflict.sentence());
            }
            return merge.conflicts().isEmpty() ? ExitCode.FINE : ExitCode.FINDINGS;
        }
    }

    /** Whether it is the text of a prototype alone, as version control has it of a folder. */
    private static boolean isText(Path file) throws IOException {
        if (Files.isDirectory(file)) {
            return false;
        }
        try (var in = Files.newInputStream(file)) {
            return in.read() == '{';
        }
    }

    private static Prototype read(Path from, PictureShelf shelf) throws Unreadable, IOException {
        if (!Files.exists(from)) {
            throw new Unreadable("There is no file “" + from + "”; check the name.");
        }
        if (isText(from)) {
            return PrototypeReader.read(new ByteArrayInputStream(Files.readAllBytes(from)), id -> Optional.empty());
        }
        PrototypeFile.Opened opened = PrototypeFile.open(from);
        shelf.add(opened.pictures());
        return opened.prototype();
    }
}
