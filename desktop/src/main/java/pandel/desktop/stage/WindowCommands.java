package pandel.desktop.stage;

import java.nio.file.Path;
import pandel.desktop.work.Preferred;

/** What can be done to the window as a whole. */
public interface WindowCommands {

    /** Runs a command of the window by its id. */
    void run(String command);

    /** Opens a file of those opened last. */
    void openRecent(Path file);

    /** Shows the stage alone on the whole screen, without masthead and vitals; or everything again. */
    void alone(boolean alone);

    Preferred preferred();
}
