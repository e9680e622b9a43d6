package pandel.desktop;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import pandel.desktop.work.Preferred;
import pandel.files.settings.WindowPlace;

/** Where the window stands: where it was left, and never larger than its monitor. */
final class StagePlace {

    private static final double WIDE = 1280;
    private static final double HIGH = 800;

    private StagePlace() {}

    /** Puts a window that is not shown yet where it was left. */
    static void restore(Stage stage, Optional<WindowPlace> left) {
        List<Rectangle2D> monitors =
                Screen.getScreens().stream().map(Screen::getVisualBounds).toList();
        WindowPlace place = on(monitors, left);
        stage.setX(place.x());
        stage.setY(place.y());
        stage.setWidth(place.width());
        stage.setHeight(place.height());
        stage.setMaximized(place.filling());
    }

    /** Keeps where a window is whenever it goes. */
    static void keep(Stage stage, Preferred preferred) {
        stage.addEventHandler(WindowEvent.WINDOW_HIDING, e -> {
            if (stage.isFullScreen() || stage.isIconified()) {
                return;
            }
            WindowPlace now = new WindowPlace(
                    stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight(), stage.isMaximized());
            // What it is when it fills the monitor says nothing of where it stands when it does not.
            preferred.change(p -> p.left(
                    now.filling()
                            ? p.window()
                                    .map(w -> new WindowPlace(w.x(), w.y(), w.width(), w.height(), true))
                                    .orElse(now)
                            : now));
        });
    }

    /**
     * Where a window opens.
     *
     * @param monitors the room on each, the main one first; none: the usual size
     * @param left where it was left; the monitor may be gone, or smaller now
     */
    static WindowPlace on(List<Rectangle2D> monitors, Optional<WindowPlace> left) {
        if (monitors.isEmpty()) {
            return new WindowPlace(0, 0, WIDE, HIGH, false);
        }
        Rectangle2D main = monitors.getFirst();
        Rectangle2D monitor = left.map(l -> new Rectangle2D(l.x(), l.y(), l.width(), l.height()))
                .flatMap(l -> monitors.stream()
                        .filter(m -> m.intersects(l))
                        .max(Comparator.comparingDouble(m -> common(m, l))))
                .orElse(main);
        double width = Math.min(left.map(WindowPlace::width).orElse(WIDE), monitor.getWidth());
        double height = Math.min(left.map(WindowPlace::height).orElse(HIGH), monitor.getHeight());
        double x = left.map(WindowPlace::x).orElse(main.getMinX() + (main.getWidth() - width) / 2);
        double y = left.map(WindowPlace::y).orElse(main.getMinY() + (main.getHeight() - height) / 2);
        return new WindowPlace(
                Math.clamp(x, monitor.getMinX(), monitor.getMaxX() - width),
                Math.clamp(y, monitor.getMinY(), monitor.getMaxY() - height),
                width,
                height,
                left.filter(WindowPlace::filling).isPresent());
    }

    private static double common(Rectangle2D one, Rectangle2D other) {
        return Math.max(0, Math.min(one.getMaxX(), other.getMaxX()) - Math.max(one.getMinX(), other.getMinX()))
                * Math.max(0, Math.min(one.getMaxY(), other.getMaxY()) - Math.max(one.getMinY(), other.getMinY()));
    }
}
