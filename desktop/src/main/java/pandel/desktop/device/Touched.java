package pandel.desktop.device;

import java.util.Optional;
import java.util.function.DoubleConsumer;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.situation.Situation;

/** Told of gestures, in px of the device. */
public interface Touched {

    /** Where one began. */
    void gesture(Gesture gesture, double x, double y);

    /** Whether a link answers to one there. */
    boolean answers(Gesture gesture, double x, double y);

    /** The strip there that has more tabs than fit; empty: none. */
    Optional<StripPlace> strip(double x, double y);

    /**
     * The page that a sideways drag there would turn to; empty: it turns none.
     *
     * @param onward whether to the one after
     */
    Optional<Pulled> pulls(double x, double y, boolean onward);

    /** The drawer that a sideways drag there moves; empty: none. */
    Optional<Draws> draws(double x, double y);

    /** The sheet that a drag up or down there moves; empty: none. */
    Optional<Lifts> lifts(double x, double y);

    /**
     * A sheet moved by a finger.
     *
     * @param placement where it stands
     * @param from px it is scrolled
     * @param away tells that it is thrown off; empty: it cannot be
     * @param to told how far it is scrolled when it is let go
     */
    record Lifts(
            Prototype prototype,
            Situation now,
            Placement placement,
            double from,
            Optional<Runnable> away,
            DoubleConsumer to) {}

    /**
     * A page about to be turned.
     *
     * @param to how it stands there; empty: there is none, and it gives only a little
     */
    record Pulled(Prototype prototype, Optional<Situation> to) {}

    /**
     * A drawer moved by a finger.
     *
     * @param out whether it is drawn out; else it is put back in
     * @param release tells that it is let go on its way there
     */
    record Draws(Prototype prototype, Situation now, Drawer drawer, boolean out, Runnable release) {}
}
