package pandel.desktop.sign;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.paint.Color;
import javafx.scene.shape.SVGPath;

/** Signs for tabs, as lines on a square of 24. */
public final class TabSigns {

    /** px of the device that one is wide and high. */
    public static final double SIZE = 22;

    private static final double DRAWN_ON = 24;
    private static final Map<String, String> PATHS = new LinkedHashMap<>();

    static {
        PATHS.put("house", "M3 11 L12 3 L21 11 M5 10 V21 H19 V10");
        PATHS.put("list", "M4 6 H20 M4 12 H20 M4 18 H20");
        PATHS.put("box", "M3 7 H21 V20 H3 Z M3 7 L6 3 H18 L21 7 M9 11 H15");
        PATHS.put("bell", "M5 17 V11 A7 7 0 0 1 19 11 V17 L21 19 H3 Z M10 22 H14");
        PATHS.put("person", "M8 8 A4 4 0 1 0 16 8 A4 4 0 1 0 8 8 M4 21 A8 7 0 0 1 20 21");
        PATHS.put("lens", "M4 10 A6 6 0 1 0 16 10 A6 6 0 1 0 4 10 M15 15 L21 21");
        PATHS.put("calendar", "M4 5 H20 V21 H4 Z M4 10 H20 M8 3 V7 M16 3 V7");
        PATHS.put("heart", "M12 20 L4 12 A4.5 4.5 0 0 1 12 7 A4.5 4.5 0 0 1 20 12 Z");
        PATHS.put("gauge", "M3 18 A9 9 0 1 1 21 18 M12 18 L16 10");
        PATHS.put("map", "M3 6 L9 4 L15 6 L21 4 V18 L15 20 L9 18 L3 20 Z M9 4 V18 M15 6 V20");
        PATHS.put("cross", "M12 4 V20 M4 12 H20");
        PATHS.put("dots", "M5 12 H6 M11.5 12 H12.5 M18 12 H19");
    }

    private TabSigns() {}

    /** Names of all signs. */
    public static List<String> names() {
        return List.copyOf(PATHS.keySet());
    }

    /**
     * A sign drawn about a middle, in interface px.
     *
     * @param scale interface px for each px of the device
     */
    public static SVGPath drawn(String name, String colour, double scale, double middleX, double middleY) {
        SVGPath path = new SVGPath();
        path.setContent(path(name));
        path.setFill(Color.TRANSPARENT);
        path.setStroke(Color.web(colour));
        path.setStrokeWidth(1.6);
        double factor = SIZE * scale / DRAWN_ON;
        path.setScaleX(factor);
        path.setScaleY(factor);
        path.relocate(
                Math.rint(middleX - path.getLayoutBounds().getWidth() / 2),
                Math.rint(middleY - path.getLayoutBounds().getHeight() / 2));
        return path;
    }

    /** The lines of a sign; of one that is not known a square. */
    public static String path(String name) {
        return PATHS.getOrDefault(name, "M5 5 H19 V19 H5 Z");
    }
}
