package pandel.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.Region;
import pandel.core.check.Rule;
import pandel.core.check.Walk;
import pandel.core.model.Screen;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.work.Preferred;

/** What a stage can ask of the window around it. */
public interface Around {

    /** Shows another stage; what is chosen stays chosen. */
    void go(WorkStage stage);

    /** Says one sentence for a few seconds. */
    void say(String sentence);

    /** Asks before going on. */
    void ask(Question question);

    /** Plays a list of events from its start to its end. */
    default void play(Walk walk) {
        play("", walk, false);
    }

    /**
     * Plays a list of events from its start to its end.
     *
     * @param title  what it is; may be empty
     * @param byStep whether each step waits to be asked for
     */
    void play(String title, Walk walk, boolean byStep);

    /** Shows any content above everything until it is dismissed. */
    void show(Region content);

    /** Closes what is shown above everything. */
    void dismiss();

    /** Shows the findings of one rule. */
    void showFindings(Rule rule);

    /** Shows what the journeys travel. */
    void showCoverage();

    /** Asks for a name. */
    void askName(String what, String now, Consumer<String> then);

    /** Starts taking pictures in. */
    void gather(List<Path> paths);

    /** Takes in the pictures on the clipboard. */
    void paste();

    /** Asks for a newer picture of a screen. */
    void replacePicture(Screen screen);

    /** Runs a command of the window by its id. */
    void run(String command);

    /** Opens a file of those opened last. */
    void openRecent(Path file);

    /** Shows the stage alone on the whole screen, without masthead and vitals; or everything again. */
    void alone(boolean alone);

    Preferred preferred();

    PictureLibrary pictures();
}
