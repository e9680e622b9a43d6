package pandel.cli;

/** What a command gives back. */
final class ExitCode {

    /** It went well. */
    static final int FINE = 0;
    /** There are findings at or above the level asked for. */
    static final int FINDINGS = 1;
    /** It could not be done; standard error says why in one line. */
    static final int COULD_NOT = 2;

    private ExitCode() {}
}
