package pandel.desktop;

import java.util.ArrayList;
import java.util.List;
import javafx.animation.Animation;
import javafx.util.Duration;
import pandel.desktop.theme.Pace;

/** Time that passes when a test says so. Used on the interface thread. */
public final class HandPace implements Pace {

    /** A second tap is waited for no longer. */
    private static final double MOMENT = 350;

    private final class Waiting implements Wait {
        private final double due;
        private final double length;
        private final Runnable then;

        private Waiting(double ms, Runnable then) {
            this.due = passed + ms;
            this.length = ms;
            this.then = then;
        }

        @Override
        public void stop() {
            waiting.remove(this);
        }

        @Override
        public boolean isRunning() {
            return waiting.contains(this);
        }
    }

    private final List<Waiting> waiting = new ArrayList<>();
    private final List<Animation> fading = new ArrayList<>();
    private double passed;

    @Override
    public long now() {
        return (long) (passed * 1e6);
    }

    @Override
    public Wait after(double ms, Runnable then) {
        Waiting one = new Waiting(ms, then);
        waiting.add(one);
        return one;
    }

    @Override
    public void play(Animation mark) {
        mark.play();
        mark.pause();
        fading.add(mark);
    }

    /** What only waits for a moment happens: the person has done nothing more. */
    public void moment() {
        for (Waiting one : List.copyOf(waiting)) {
            if (one.length < MOMENT && waiting.remove(one)) {
                one.then.run();
            }
        }
    }

    public void pass(double ms) {
        passed += ms;
        for (Waiting one : List.copyOf(waiting)) {
            if (one.due <= passed && waiting.remove(one)) {
                one.then.run();
            }
        }
        for (Animation mark : List.copyOf(fading)) {
            mark.jumpTo(mark.getCurrentTime().add(Duration.millis(ms)));
            if (mark.getCurrentTime().greaterThanOrEqualTo(mark.getTotalDuration()) && fading.remove(mark)) {
                mark.getOnFinished().handle(null);
            }
        }
    }
}
