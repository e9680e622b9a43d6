package pandel.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;

/** The only place that exits. */
public final class Main {

    private Main() {
    }

    public static void main(String[] args) {
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(out, err, args));
    }

    /** Runs a command with its output going to these writers; never throws. */
    static int run(PrintWriter out, PrintWriter err, String... args) {
        PandelCommand root = new PandelCommand();
        CommandLine line = new CommandLine(root);
        line.setOut(out);
        line.setErr(err);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((exception, command, result) -> {
            err.println("pandel: " + sentence(exception));
            if (root.debug) {
                exception.printStackTrace(err);
            }
            return ExitCode.COULD_NOT;
        });
        line.setParameterExceptionHandler((exception, words) -> {
            err.println("pandel: " + exception.getMessage());
            if (!CommandLine.UnmatchedArgumentException.printSuggestions(exception, err)) {
                err.println("See: pandel " + (exception.getCommandLine().getParent() == null ? "" : exception.getCommandLine().getCommandName() + " ") + "--help");
            }
            return ExitCode.COULD_NOT;
        });
        int code = line.execute(args);
        out.flush();
        err.flush();
        return code;
    }

    private static String sentence(Exception exception) {
        String message = exception.getMessage();
        return message == null || message.isBlank() ? "something unforeseen happened; run it again with --debug to see what." : message;
    }
}
