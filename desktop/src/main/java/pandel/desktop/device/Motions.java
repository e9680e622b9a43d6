package pandel.desktop.device;

import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.animation.Animation;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.value.WritableValue;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.util.Duration;
import pandel.core.model.link.Motion;
import pandel.desktop.picture.MockView;

/** Motions as animations. Going back plays what brought the place in reverse. */
final class Motions {

    private static final String NUMBER = "(-?[0-9]*\\.?[0-9]+)";
    private static final Pattern BEZIER =
            Pattern.compile("cubic-bezier\\(" + String.join(",", NUMBER, NUMBER, NUMBER, NUMBER) + "\\)");

    private Motions() {}

    /** @param begun px that a finger has already drawn the pages */
    static Animation of(
            Motion motion,
            boolean backward,
            List<LevelView> leaving,
            List<LevelView> arriving,
            double width,
            double height,
            double begun) {
        Timeline line = new Timeline();
        Interpolator easing = easing(motion.easing());
        Duration end = Duration.millis(motion.ms());
        // Forward, what arrives moves in; backward, what leaves moves out the same way.
        List<LevelView> moving = backward ? leaving : arriving;
        List<LevelView> other = backward ? arriving : leaving;
        for (LevelView view : moving) {
            move(line, end, easing, motion, backward, view, width, height, begun);
        }
        if (motion.kind() == Motion.Kind.SLIDE_ALONG) {
            double away = motion.direction() == Motion.Direction.RIGHT ? width : -width;
            for (LevelView view : other.stream().filter(v -> !v.isOverlay()).toList()) {
                fromTo(
                        line,
                        end,
                        easing,
                        whole(view.mock(), view.mock()::setTranslateX),
                        backward ? away : begun,
                        backward ? 0.0 : away);
            }
        }
        return line;
    }

    /** Back to where it was, from so far aside. */
    static Animation back(double from, DoubleConsumer place) {
        Timeline line = new Timeline();
        SimpleDoubleProperty value = new SimpleDoubleProperty(from);
        value.addListener((o, a, now) -> place.accept(Math.rint(now.doubleValue())));
        fromTo(line, Duration.millis(180), easing("ease-out"), value, from, 0.0);
        return line;
    }

    /**
     * From one share to another.
     *
     * @param ms the time it takes
     */
    static Animation between(double from, double to, double ms, String easing, DoubleConsumer place) {
        Timeline line = new Timeline();
        SimpleDoubleProperty value = new SimpleDoubleProperty(Double.NaN);
        value.addListener((o, a, now) -> place.accept(now.doubleValue()));
        fromTo(line, Duration.millis(Math.max(1, ms)), easing(easing), value, from, to);
        return line;
    }

    private static void move(
            Timeline line,
            Duration end,
            Interpolator easing,
            Motion motion,
            boolean backward,
            LevelView view,
            double width,
            double height,
            double begun) {
        switch (motion.kind()) {
            case SLIDE_ALONG, SLIDE_ACROSS -> {
                double from = motion.direction() == Motion.Direction.RIGHT ? -width : width;
                fromTo(
                        line,
                        end,
                        easing,
                        whole(view.mock(), view.mock()::setTranslateX),
                        backward ? 0.0 : from + begun,
                        backward ? from : 0.0);
            }
            case RISE ->
                fromTo(
                        line,
                        end,
                        easing,
                        whole(view.mock(), view.mock()::setTranslateY),
                        backward ? view.mock().getTranslateY() : height,
                        backward ? height : 0.0);
            case GROW -> {
                fromTo(line, end, easing, view.mock().scaleXProperty(), backward ? 1.0 : 0.6, backward ? 0.6 : 1.0);
                fromTo(line, end, easing, view.mock().scaleYProperty(), backward ? 1.0 : 0.6, backward ? 0.6 : 1.0);
                fromTo(line, end, easing, view.mock().opacityProperty(), backward ? 1.0 : 0.0, backward ? 0.0 : 1.0);
            }
            case FADE ->
                fromTo(line, end, easing, view.mock().opacityProperty(), backward ? 1.0 : 0.0, backward ? 0.0 : 1.0);
            case NONE -> {}
        }
        if (view.isOverlay()) {
            fromTo(
                    line,
                    end,
                    Interpolator.LINEAR,
                    view.shade().opacityProperty(),
                    backward ? 1.0 : 0.0,
                    backward ? 0.0 : 1.0);
        }
    }

    /** Moves by whole pixels of the screen: between them each frame would be drawn blurred, and too late. */
    private static WritableValue<Number> whole(Node moved, DoubleConsumer place) {
        double scale = MockView.pixels(moved, 1000) / 1000.0;
        SimpleDoubleProperty value = new SimpleDoubleProperty(Double.NaN);
        value.addListener((o, a, now) -> place.accept(Math.rint(now.doubleValue() * scale) / scale));
        return value;
    }

    private static void fromTo(
            Timeline line, Duration end, Interpolator easing, WritableValue<Number> value, double from, double to) {
        value.setValue(from);
        line.getKeyFrames()
                .addAll(
                        new KeyFrame(Duration.ZERO, new KeyValue(value, from)),
                        new KeyFrame(end, new KeyValue(value, to, easing)));
    }

    /** A CSS easing name or cubic-bezier(); one that is not known moves evenly. */
    static Interpolator easing(String css) {
        return switch (css) {
            case "ease" -> Interpolator.ofSpline(0.25, 0.1, 0.25, 1);
            case "ease-in" -> Interpolator.ofSpline(0.42, 0, 1, 1);
            case "ease-out" -> Interpolator.ofSpline(0, 0, 0.58, 1);
            case "ease-in-out" -> Interpolator.ofSpline(0.42, 0, 0.58, 1);
            default -> bezier(css);
        };
    }

    private static Interpolator bezier(String css) {
        Matcher four = BEZIER.matcher(css.replaceAll("\\s", ""));
        if (!four.matches()) {
            return Interpolator.LINEAR;
        }
        // JavaFX takes control points within 0 and 1; what CSS lets swing beyond ends there.
        return Interpolator.ofSpline(
                within(four.group(1)), within(four.group(2)), within(four.group(3)), within(four.group(4)));
    }

    private static double within(String number) {
        return Math.clamp(Double.parseDouble(number), 0, 1);
    }

    static Animation ring(Circle ring) {
        return new Timeline(
                new KeyFrame(
                        Duration.ZERO, new KeyValue(ring.radiusProperty(), 4), new KeyValue(ring.opacityProperty(), 1)),
                new KeyFrame(
                        Duration.millis(900),
                        new KeyValue(ring.radiusProperty(), 22, Interpolator.EASE_OUT),
                        new KeyValue(ring.opacityProperty(), 0)));
    }
}
