package pandel.desktop.stage;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.layout.Region;
import pandel.core.check.Rule;
import pandel.core.check.Walk;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.work.Preferred;

/** What a stage can ask of the window around it. */
public interface StageWindow {

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
     * @param title what it is; may be empty
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

    /** Asks for one of some screens. @param told what is to be said beside a title; may be empty */
    void pick(String what, List<Screen> screens, Function<Screen, String> told, Consumer<Screen> then);

    /** Starts taking pictures in. */
    void gather(List<Path> paths);

    /** Takes in the pictures on the clipboard. */
    void paste();

    /** Asks for a newer picture of a screen. */
    void replacePicture(Screen screen);

    /** Asks for the picture of a look for a width. */
    void putPicture(Screen screen, Optional<State> state, Width width);

    /** Asks for a picture. @param what it is for @param then told when it was taken in */
    void takePicture(String what, Consumer<Picture> then);

    /** Places hotspots on the picture of a look that a width shows, where the likeness with another picture says. */
    void placeByLikeness(Look look, Set<String> hotspots, Width width);

    /** Asks what of a picture stays put when it scrolls. */
    void fixParts(Screen screen, Picture picture);

    /** Looks which screens have pictures that are alike; told when it is known, if anything changed. */
    void findAlike(Runnable told);

    /** Runs a command of the window by its id. */
    void run(String command);

    /** Opens a file of those opened last. */
    void openRecent(Path file);

    /** Shows the stage alone on the whole screen, without masthead and vitals; or everything again. */
    void alone(boolean alone);

    Preferred preferred();

    PictureLibrary pictures();
}
