package pandel.desktop.play;

import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import org.jspecify.annotations.Nullable;

/** What tells play how time passes. */
public interface PlayClock {

    /** A clock that stands still. */
    PlayClock STILL = new PlayClock() {
        @Override
        public void start(IntConsumer passed) {
            // No time passes.
        }

        @Override
        public void stop() {
            // Nothing runs.
        }
    };

    /** Starts telling, on the interface thread, how many ms have passed since the last time. */
    void start(IntConsumer passed);

    void stop();

    /** The clock on the wall. */
    static PlayClock real() {
        return new PlayClock() {
            private @Nullable AnimationTimer timer;

            @Override
            public void start(IntConsumer passed) {
                stop();
                timer = new AnimationTimer() {
                    private long last = -1;

                    @Override
                    public void handle(long now) {
                        int ms = last < 0 ? 0 : (int) ((now - last) / 1_000_000);
                        if (last < 0 || ms > 0) {
                            last = last < 0 ? now : last + ms * 1_000_000L;
                            passed.accept(ms);
                        }
                    }
                };
                timer.start();
            }

            @Override
            public void stop() {
                if (timer != null) {
                    timer.stop();
                }
            }
        };
    }
}
