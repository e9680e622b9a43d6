package pandel.cli.handon;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.check.Check;
import pandel.files.Unreadable;
import pandel.files.handon.Course;
import pandel.files.handon.HandOn;
import pandel.files.store.Beside;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes a prototype into what others can open. */
@Command(
        name = "export",
        mixinStandardHelpOptions = true,
        description = "Makes a prototype into what others can open without Pandel.")
public final class ExportCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(
            names = "--to",
            required = true,
            description = "html: one page that plays it in any browser; pdf, imagemap: pictures to click through;"
                    + " pages or markdown: what engineers build from;"
                    + " links, screens, words: tables (CSV); map: a drawing (SVG),"
                    + " picture: the same (PNG); scxml: a state chart; dot: a graph; json.")
    HandOn to;

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "OUT",
            description = "The file to write.")
    Path out;

    @Override
    public Integer call() throws Unreadable, IOException {
        PrototypeFile.Opened opened = PrototypeFile.open(file);
        byte[] made = to.of(
                opened.prototype(),
                () -> Check.of(opened.prototype()),
                opened.pictures(),
                new Told(spec.commandLine().getErr()));
        Beside.write(out, made);
        return ExitCode.FINE;
    }

    /** What does not go along. */
    private record Told(PrintWriter err) implements Course {
        @Override
        public void missing(String content) {
            err.println("The picture " + content
                    + " is not there or cannot be read: its screens show their titles. Put it in again.");
        }

        @Override
        public void told(String sentence) {
            err.println("pandel: " + sentence);
        }
    }
}
