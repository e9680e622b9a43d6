package pandel.desktop.stage;

import pandel.core.check.finding.Walk;

/** Leads a person about: to another stage, along a list of events. */
public interface StageGuide extends Messages {

    /** Shows another stage; what is chosen stays chosen. */
    void go(WorkStage stage);

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
}
