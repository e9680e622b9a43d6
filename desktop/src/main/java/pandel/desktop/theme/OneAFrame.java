package pandel.desktop.theme;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.animation.AnimationTimer;

/** Does things one after the other, one in each frame, so that none of the frames of a motion is late. */
public final class OneAFrame extends AnimationTimer {

    private final Deque<Runnable> left = new ArrayDeque<>();

    /** Does these from the next frame on, in place of what is left of those before. */
    public void later(List<Runnable> tasks) {
        left.clear();
        left.addAll(tasks);
        start();
    }

    /** Does these now, in place of what is left of those before. */
    public void now(List<Runnable> tasks) {
        left.clear();
        tasks.forEach(Runnable::run);
    }

    /** Whether nothing is left to do. */
    public boolean isDone() {
        return left.isEmpty();
    }

    @Override
    public void handle(long now) {
        Runnable next = left.poll();
        if (next == null) {
            stop();
        } else {
            next.run();
        }
    }
}
