package pandel.cli.handon;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import pandel.files.serve.QrSquares;
import pandel.files.serve.Serving;
import pandel.files.store.FileStamp;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Hands a prototype out to browsers beside the desk. */
@Command(
        name = "serve",
        mixinStandardHelpOptions = true,
        description = {
            "Hands the page that plays out to a browser, under an address that nobody can guess, until Ctrl+C ends it.",
            "When FILE is saved anew, every page that is open shows it at once, where its play stands."
        })
public final class ServeCommand implements Callable<Integer> {

    private static final int EVERY = 300;

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(names = "--network", description = "Other machines in the network reach it too; else this one alone.")
    boolean network;

    @Option(
            names = "--port",
            defaultValue = "0",
            paramLabel = "N",
            description = "The port to use (default: any that is free).")
    int port;

    @Override
    public Integer call() throws Unreadable, IOException {
        if (port < 0 || port > 65_535) {
            throw new Unreadable("A port is a number from 1 to 65535, or 0 for any that is free.");
        }
        Path watched = Files.isDirectory(file) ? file.resolve("prototype.json") : file;
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        PrototypeFile.Opened opened = PrototypeFile.open(file);
        Optional<FileStamp> stamp = FileStamp.of(watched);
        try (Serving serving = Serving.begin(opened.prototype(), opened.pictures(), network, port, step -> {})) {
            serving.addresses().forEach(out::println);
            if (network) {
                out.print(QrSquares.of(serving.addresses().getFirst()).text());
            }
            out.println("Ctrl+C ends it.");
            out.flush();
            while (!Thread.currentThread().isInterrupted()) {
                Thread.sleep(EVERY);
                Optional<FileStamp> now = FileStamp.of(watched);
                if (now.isPresent() && !now.equals(stamp)) {
                    stamp = now;
                    try {
                        PrototypeFile.Opened again = PrototypeFile.open(file);
                        serving.show(again.prototype(), again.pictures());
                    } catch (Unreadable e) {
                        err.println("pandel: " + e.sentence() + " What was there before is still handed out.");
                        err.flush();
                    }
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return ExitCode.FINE;
    }
}
