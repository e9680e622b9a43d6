package pandel.desktop.device;

import java.util.Optional;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import pandel.core.model.device.Gesture;
import pandel.desktop.theme.Pace;

/**
 * Tells taps, double taps, long presses, swipes, hovering and secondary presses from what a mouse or finger does on a
 * region.
 */
final class Gestures {

    /** ms that a finger rests until it is a long press. */
    private static final double LONG = 500;
    /** ms in which a second tap makes a double tap. */
    private static final double SECOND = 280;
    /** Interface px that a finger is drawn until it is a swipe. */
    private static final double FAR = 24;
    /** Interface px from the edge within which a swipe inwards is an edge swipe. */
    private static final double EDGE = 10;

    /** Share of the width that a page is drawn until it turns when it is let go. */
    private static final double TURNS = 0.25;
    /** ns within which any swipe is thrown. */
    private static final long QUICK = 300_000_000L;

    /** What is told. */
    interface Told {
        /** @return whether something is made of a long press there */
        boolean longPress(double x, double y);

        /** Whether a second tap there would mean something of its own. */
        boolean waitsForSecond(double x, double y);

        /**
         * A finger is drawn sideways.
         *
         * @param by so far
         * @return whether something follows it
         */
        boolean drawn(double x, double y, double by);

        /**
         * A finger is drawn up or down.
         *
         * @param by so far
         * @return whether something follows it
         */
        boolean lifted(double x, double y, double by);

        /**
         * What followed a finger up or down is let go.
         *
         * @param thrown whether quickly
         */
        void letDown(double by, boolean thrown);

        /**
         * What followed the finger is let go.
         *
         * @param thrown whether quickly
         * @param turned whether it was a swipe
         * @return whether that was all
         */
        boolean letGo(double by, boolean thrown, boolean turned);

        /** Whether something follows a finger that comes in from the edge there. */
        boolean fromEdge(double x, double y);

        void gesture(Gesture gesture, double x, double y);
    }

    private final Told told;
    private final Region region;
    private Optional<Pace.Wait> longPress = Optional.empty();
    private Optional<Pace.Wait> second = Optional.empty();
    private double startX;
    private double startY;
    private boolean taken;
    private boolean followed;
    private boolean lifting;
    private long since;

    private Gestures(Region region, Told told) {
        this.told = told;
        this.region = region;
        region.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        region.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        region.addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (Math.hypot(e.getX() - startX, e.getY() - startY) > FAR / 2) {
                longPress.ifPresent(Pace.Wait::stop);
            }
            draw(e);
        });
        region.addEventHandler(MouseEvent.MOUSE_MOVED, e -> told.gesture(Gesture.HOVER, e.getX(), e.getY()));
    }

    static void on(Region region, Told told) {
        new Gestures(region, told);
    }

    private void draw(MouseEvent e) {
        double dx = e.getX() - startX;
        boolean fromEdge = startX < EDGE || startX > region.getWidth() - EDGE;
        if (e.getButton() != MouseButton.PRIMARY && e.getButton() != MouseButton.NONE
                || fromEdge && !followed && !told.fromEdge(startX, startY)
                || taken) {
            return;
        }
        double dy = e.getY() - startY;
        if (lifting || !followed && Math.abs(dy) > FAR / 4 && Math.abs(dy) > Math.abs(dx)) {
            lifting = told.lifted(startX, startY, dy) || lifting;
            if (lifting) {
                return;
            }
        }
        if (followed || Math.abs(dx) > FAR / 4 && Math.abs(dx) > Math.abs(e.getY() - startY)) {
            followed = told.drawn(startX, startY, dx) || followed;
        }
    }

    private void pressed(MouseEvent e) {
        since = Pace.of(region).now();
        followed = false;
        lifting = false;
        startX = e.getX();
        startY = e.getY();
        taken = false;
        if (e.getButton() == MouseButton.PRIMARY) {
            longPress.ifPresent(Pace.Wait::stop);
            longPress = Optional.of(Pace.of(region).after(LONG, () -> taken = told.longPress(startX, startY)));
        }
    }

    private Gesture swipe(double dx, double dy) {
        if (Math.abs(dx) <= Math.abs(dy)) {
            return dy < 0 ? Gesture.SWIPE_UP : Gesture.SWIPE_DOWN;
        }
        if (dx > 0) {
            return startX < EDGE ? Gesture.EDGE_SWIPE_LEFT : Gesture.SWIPE_RIGHT;
        }
        return startX > region.getWidth() - EDGE ? Gesture.EDGE_SWIPE_RIGHT : Gesture.SWIPE_LEFT;
    }

    private boolean isQuick() {
        return Pace.of(region).now() - since < QUICK;
    }

    private void released(MouseEvent e) {
        longPress.ifPresent(Pace.Wait::stop);
        double dx = e.getX() - startX;
        double dy = e.getY() - startY;
        if (taken) {
            return;
        }
        if (lifting) {
            told.letDown(dy, Math.abs(dy) > FAR && isQuick());
            return;
        }
        if (followed) {
            boolean quick = Math.abs(dx) > FAR && isQuick();
            boolean turned = quick || Math.abs(dx) > region.getWidth() * TURNS;
            boolean all = told.letGo(dx, quick, turned);
            if (!all && turned) {
                told.gesture(dx < 0 ? Gesture.SWIPE_LEFT : Gesture.SWIPE_RIGHT, startX, startY);
            }
            return;
        }
        if (e.getButton() == MouseButton.SECONDARY) {
            told.gesture(Gesture.SECONDARY_PRESS, startX, startY);
        } else if (Math.hypot(dx, dy) > FAR) {
            told.gesture(swipe(dx, dy), startX, startY);
        } else if (second.filter(Pace.Wait::isRunning).isPresent()) {
            second.get().stop();
            told.gesture(Gesture.DOUBLE_TAP, startX, startY);
        } else if (told.waitsForSecond(startX, startY)) {
            second = Optional.of(Pace.of(region).after(SECOND, () -> told.gesture(Gesture.TAP, startX, startY)));
        } else {
            told.gesture(Gesture.TAP, startX, startY);
        }
    }
}
