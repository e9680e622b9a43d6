package pandel.desktop.theme;

import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.util.Duration;

/**
 * How time passes in a window, for what waits a moment and for marks that fade: told from outside, so that a test can
 * let it pass.
 */
public interface Pace {

    /** Something that will happen, unless it is called off. */
    interface Wait {

        void stop();

        /** Whether it is still to happen. */
        boolean isRunning();
    }

    /** Now, in ns from any moment on. */
    long now();

    /** Does it after some ms, on the interface thread. */
    Wait after(double ms, Runnable then);

    /** Lets a mark fade. */
    void play(Animation fading);

    /** That of the window a node is in. */
    static Pace of(Node node) {
        Scene scene = node.getScene();
        return scene != null && scene.getProperties().get(Pace.class) instanceof Pace pace ? pace : REAL;
    }

    /** Gives a window another than the clock's. */
    static void set(Scene scene, Pace pace) {
        scene.getProperties().put(Pace.class, pace);
    }

    /** The clock on the wall. */
    Pace REAL = new Pace() {

        @Override
        public long now() {
            return System.nanoTime();
        }

        @Override
        public Wait after(double ms, Runnable then) {
            PauseTransition pause = new PauseTransition(Duration.millis(ms));
            pause.setOnFinished(e -> then.run());
            pause.play();
            return new Wait() {
                @Override
                public void stop() {
                    pause.stop();
                }

                @Override
                public boolean isRunning() {
                    return pause.getStatus() == Animation.Status.RUNNING;
                }
            };
        }

        @Override
        public void play(Animation fading) {
            fading.play();
        }
    };
}
