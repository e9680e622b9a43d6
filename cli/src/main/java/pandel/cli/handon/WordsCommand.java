package pandel.cli.handon;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import pandel.files.store.Beside;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;
import pandel.files.words.Wordings;
import pandel.files.words.WordsTable;
import pandel.files.words.WordsXliff;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Words out and in again. */
@Command(
        name = "words",
        mixinStandardHelpOptions = true,
        description = "Writes the words that people read, for review and translation, and takes other ones in.")
public final class WordsCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(names = "--format", defaultValue = "csv", description = "csv or xliff (default: ${DEFAULT-VALUE})")
    Format format;

    @Option(
            names = "--language",
            defaultValue = "en",
            description = "The language of the words, for XLIFF (default: ${DEFAULT-VALUE})")
    String language;

    @Option(
            names = "--take",
            paramLabel = "WORDS",
            description = "Takes the other words of a table, or the targets of XLIFF, into OUT.")
    Path take;

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "OUT",
            description = "The file to write: the words, or with --take the prototype; it may be FILE itself.")
    Path out;

    enum Format {
        CSV,
        XLIFF
    }

    @Override
    public Integer call() throws Unreadable, IOException {
        PrototypeFile.Opened opened = PrototypeFile.open(file);
        if (take == null) {
            String text = format == Format.CSV
                    ? WordsTable.of(Wordings.of(opened.prototype()))
                    : WordsXliff.of(Wordings.of(opened.prototype()), language);
            Beside.write(out, text.getBytes(StandardCharsets.UTF_8));
            return ExitCode.FINE;
        }
        if (!Files.exists(take)) {
            throw new Unreadable("There is no file “" + take + "”; check the name.");
        }
        String text = Files.readString(take, StandardCharsets.UTF_8);
        Map<String, String> words = text.stripLeading().startsWith("<") ? WordsXliff.read(text) : WordsTable.read(text);
        Wordings.Taken taken = Wordings.with(opened.prototype(), words);
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(opened.pictures());
            PrototypeSaving.like(file, taken.prototype(), out, shelf);
        }
        taken.unknown()
                .forEach(key -> spec.commandLine()
                        .getErr()
                        .println("pandel: “" + key + "” stands nowhere any more; its words were left out."));
        spec.commandLine()
                .getOut()
                .println(
                        taken.changed() == 1
                                ? "1 of the words is another now"
                                : taken.changed() + " words are others now");
        return ExitCode.FINE;
    }
}
