package pandel.desktop.play;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import pandel.core.model.link.Event;

/** Events that are shown one after the other: at a speed, or step by step. */
final class Showing {

    private static final int USUAL_EACH = 700;
    private static final int USUAL_WORDS = 200;
    static final List<Double> SPEEDS = List.of(0.5, 1.0, 2.0, 4.0);

    private final Deque<Event> left = new ArrayDeque<>();
    private String title = "";
    private int all;
    private int since;
    private double speed = 1;
    private boolean byStep;

    /**
     * Begins to show events.
     *
     * @param newByStep whether each waits to be asked for
     */
    void begin(String newTitle, List<Event> events, boolean newByStep) {
        title = newTitle;
        left.clear();
        left.addAll(events);
        all = events.size();
        since = 0;
        byStep = newByStep;
    }

    void stop() {
        left.clear();
    }

    boolean isOn() {
        return !left.isEmpty();
    }

    boolean isByStep() {
        return byStep;
    }

    /** Waits to be asked for each step from now on, or goes on by itself. */
    void byStep(boolean is) {
        byStep = is;
        since = 0;
    }

    void speed(double times) {
        speed = times;
    }

    double speed() {
        return speed;
    }

    /** "twice as fast". */
    static String word(double speed) {
        return speed == 1
                ? "at reading speed"
                : speed < 1 ? "half as fast" : speed == 2 ? "twice as fast" : "four times as fast";
    }

    /** "Bring the tent back: 3 of 8". */
    String told() {
        return (title.isEmpty() ? "Shown" : title) + ": " + (all - left.size()) + " of " + all;
    }

    /** The next event, asked for. */
    Optional<Event> next() {
        since = 0;
        return Optional.ofNullable(left.poll());
    }

    /**
     * The next event, if it is time for it.
     *
     * @param words a person reads in a minute
     */
    Optional<Event> passed(int ms, int words) {
        since += ms;
        double each = USUAL_EACH * (double) USUAL_WORDS / words / speed;
        return byStep || since < each ? Optional.empty() : next();
    }
}
