package pandel.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import pandel.core.check.Rule;
import pandel.core.check.Walk;
import pandel.desktop.picture.PictureLibrary;

/** What a stage can ask of the window around it. */
public interface Around {

    /** Shows another stage; what is chosen stays chosen. */
    void go(WorkStage stage);

    /** Says one sentence for a few seconds. */
    void say(String sentence);

    /** Asks before going on. */
    void ask(Question question);

    /** Plays a list of events from its start to its end. */
    void play(Walk walk);

    /** Shows the findings of one rule. */
    void showFindings(Rule rule);

    /** Shows what the journeys travel. */
    void showCoverage();

    /** Asks for a name. */
    void askName(String what, String now, Consumer<String> then);

    /** Starts taking pictures in. */
    void gather(List<Path> paths);

    /** Runs a command of the window by its id. */
    void run(String command);

    PictureLibrary pictures();
}
