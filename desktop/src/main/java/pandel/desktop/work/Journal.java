package pandel.desktop.work;

import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.files.store.Recovery;

/** Where it stands what went wrong inside the program, for people who mend it. */
public final class Journal {

    private static final Logger LOG = LoggerFactory.getLogger(Journal.class);

    private Journal() {}

    /** The file that the log is written to. */
    public static Path file() {
        String set = System.getProperty("pandel.log");
        return set == null ? Recovery.ofUser().resolveSibling("pandel.log") : Path.of(set);
    }

    /** Notes what went wrong. */
    public static void note(String what, Throwable why) {
        LOG.error("{}", what, why);
    }
}
