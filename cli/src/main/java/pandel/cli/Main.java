package pandel.cli;

import java.io.PrintWriter;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Objects;
import pandel.cli.result.ExitCode;
import pandel.files.Unreadable;
import picocli.CommandLine;

/** The only place that exits. */
public final class Main {

    private Main() {}

    public static void main(String[] args) {
        PrintWriter out = new PlainWriter(System.out);
        PrintWriter err = new PlainWriter(System.err);
        int code;
        try {
            code = run(out, err, args);
        } catch (Throwable e) {
            err.println("pandel: " + sentence(e));
            err.flush();
            code = ExitCode.COULD_NOT;
        }
        System.exit(code);
    }

    /** Runs a command with its output going to these writers; throws nothing but errors of the machine. */
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
            String command = exception.getCommandLine().getParent() == null
                    ? ""
                    : exception.getCommandLine().getCommandName() + " ";
            err.println("pandel: " + oneLine(Objects.requireNonNull(exception.getMessage())) + suggested(exception)
                    + " See: pandel " + command + "--help");
            return ExitCode.COULD_NOT;
        });
        int code;
        try {
            code = line.execute(args);
        } catch (OutOfMemoryError | StackOverflowError e) {
            err.println("pandel: " + sentence(e));
            code = ExitCode.COULD_NOT;
        }
        err.flush();
        if (out.checkError()) {
            err.println(
                    "pandel: the output could not be written; look whether its disk is full or its reader has gone.");
            err.flush();
            return ExitCode.COULD_NOT;
        }
        return code;
    }

    private static String suggested(CommandLine.ParameterException exception) {
        if (exception instanceof CommandLine.UnmatchedArgumentException unmatched
                && !unmatched.getSuggestions().isEmpty()) {
            return " Did you mean " + String.join(" or ", unmatched.getSuggestions()) + "?";
        }
        return "";
    }

    private static String oneLine(String message) {
        String line = message.strip().replaceAll("\\s*\\R\\s*", " ");
        return line.endsWith(".") ? line : line + ".";
    }

    private static String sentence(Throwable exception) {
        String message = exception.getMessage();
        return switch (exception) {
            case Unreadable told -> told.sentence();
            case OutOfMemoryError e ->
                "there is not enough memory for that; give it more with PANDEL_JAVA_OPTIONS=-Xmx4g, say.";
            case StackOverflowError e -> "something in it lies too deep inside one another.";
            case NoSuchFileException e -> "there is no “" + message + "”; check the name.";
            case AccessDeniedException e -> "there is no permission to use “" + message + "”.";
            case FileSystemException e ->
                "“" + e.getFile() + "” could not be used" + (e.getReason() == null ? "." : ": " + e.getReason() + ".");
            case Throwable e
            when message == null
                    || message.isBlank()
                    || e instanceof Error
                    || e instanceof NullPointerException
                    || e instanceof ClassCastException ->
                "something unforeseen happened; run it again with --debug to see what.";
            default -> oneLine(message);
        };
    }
}
