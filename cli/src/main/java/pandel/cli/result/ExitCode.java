package pandel.cli.result;

/** What a command gives back. */
public final class ExitCode {

    /** It went well. */
    public static final int FINE = 0;
    /** There are findings at or above the level asked for. */
    public static final int FINDINGS = 1;
    /** It could not be done; standard error says why in one line. */
    public static final int COULD_NOT = 2;

    private ExitCode() {}
}
