package pandel.desktop.links.desk;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import pandel.core.edit.screen.AreaDrag.Handle;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.desktop.sign.CauseSign;
import pandel.desktop.sign.RemarkSign;

/** A hotspot on the desk: corner brackets cased in ink, a light wash, its number. The corners are held to resize it. */
final class HotspotView extends Pane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass UNLINKED = PseudoClass.getPseudoClass("unlinked");
    private static final PseudoClass HIDDEN = PseudoClass.getPseudoClass("hidden");
    private static final double ARM = 9;
    private static final double GRIP = 14;
    private static final double BADGE = 18;

    private final Hotspot hotspot;
    private final Label number = new Label();
    private final HBox signs = new HBox(2);
    private final Pane rows = new Pane();
    private final Map<Handle, Polyline[]> corners = new EnumMap<>(Handle.class);
    private final Map<Handle, Rectangle> grips = new EnumMap<>(Handle.class);

    /** @param remarked whether somebody said something about it */
    HotspotView(Hotspot hotspot, int place, boolean remarked, boolean chosen) {
        boolean linked = !hotspot.waitsForLink();
        this.hotspot = hotspot;
        getStyleClass().add("hotspot");
        setManaged(false);
        setId("hotspot-" + hotspot.id());
        setFocusTraversable(false);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText("Hotspot " + place + " " + hotspot.title() + (linked ? "" : ", no link yet")
                + (remarked ? ", with a remark" : ""));
        setCursor(Cursor.MOVE);
        pseudoClassStateChanged(CHOSEN, chosen);
        pseudoClassStateChanged(UNLINKED, !linked);
        number.setText(String.valueOf(place));
        number.getStyleClass().addAll("bond", "on-mock");
        number.pseudoClassStateChanged(CHOSEN, chosen);
        number.pseudoClassStateChanged(UNLINKED, !linked);
        number.setMouseTransparent(true);
        for (Handle handle : Handle.values()) {
            if (handle != Handle.WHOLE) {
                Polyline[] lines = {bracket("bracket-case", 5), bracket("bracket-fill", 2.2)};
                corners.put(handle, lines);
                getChildren().addAll(lines);
            }
        }
        if (chosen) {
            addGrip(Handle.TOP_LEFT, Cursor.NW_RESIZE);
            addGrip(Handle.TOP_RIGHT, Cursor.NE_RESIZE);
            addGrip(Handle.BOTTOM_LEFT, Cursor.SW_RESIZE);
            addGrip(Handle.BOTTOM_RIGHT, Cursor.SE_RESIZE);
        }
        number.setManaged(false);
        // A single tap needs no sign; anything else is told at its foot, one sign for each link.
        boolean told = hotspot.links().size() > 1
                || hotspot.links().stream().anyMatch(l -> !l.cause().equals(new Cause.Touch(Gesture.TAP)));
        if (told) {
            hotspot.links().forEach(l -> signs.getChildren().add(new CauseSign(l.cause())));
        }
        if (remarked) {
            signs.getChildren().add(new RemarkSign());
        }
        signs.getStyleClass().add("signs");
        signs.setManaged(false);
        signs.setMouseTransparent(true);
        signs.setVisible(told || remarked);
        rows.setManaged(false);
        rows.setMouseTransparent(true);
        for (int i = 1; i < hotspot.rows().size(); i++) {
            Line line = new Line();
            line.getStyleClass().add("row-line");
            rows.getChildren().add(line);
        }
        getChildren().add(0, rows);
    }

    /** A sign for each of its links, above all hotspots as the number is. */
    HBox signs() {
        return signs;
    }

    private static Polyline bracket(String style, double width) {
        Polyline line = new Polyline();
        line.getStyleClass().add(style);
        line.setStrokeWidth(width);
        line.setStrokeLineCap(StrokeLineCap.SQUARE);
        line.setStrokeLineJoin(StrokeLineJoin.MITER);
        line.setMouseTransparent(true);
        return line;
    }

    private void addGrip(Handle handle, Cursor cursor) {
        Rectangle grip = new Rectangle(GRIP, GRIP);
        grip.getStyleClass().add("grip");
        grip.setCursor(cursor);
        grips.put(handle, grip);
        getChildren().add(grip);
    }

    /** Shows that it is not there in the look that is edited. */
    void hide(boolean hidden) {
        pseudoClassStateChanged(HIDDEN, hidden);
        number.pseudoClassStateChanged(HIDDEN, hidden);
        if (hidden) {
            setAccessibleText(getAccessibleText() + ", hidden in this look");
        }
    }

    /** Its number, which lies above all hotspots so that none hides it. */
    Label number() {
        return number;
    }

    Hotspot hotspot() {
        return hotspot;
    }

    /** The part of it that holds a node that was pressed. */
    Handle handleOf(Object pressed) {
        return grips.entrySet().stream()
                .filter(e -> e.getValue() == pressed)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(Handle.WHOLE);
    }

    /** Stands on an area of the mock, {@code scale} interface px for each px. */
    void place(Area area, double scale) {
        double w = Math.max(6, area.width() * scale);
        double h = Math.max(6, area.height() * scale);
        resizeRelocate(area.x() * scale, area.y() * scale, w, h);
        double arm = Math.max(3, Math.min(ARM, Math.min(w, h) / 3));
        corner(Handle.TOP_LEFT, 0, 0, arm, arm);
        corner(Handle.TOP_RIGHT, w, 0, -arm, arm);
        corner(Handle.BOTTOM_LEFT, 0, h, arm, -arm);
        corner(Handle.BOTTOM_RIGHT, w, h, -arm, -arm);
        for (int i = 0; i < rows.getChildren().size(); i++) {
            Line line = (Line) rows.getChildren().get(i);
            double y = Math.rint(h * (i + 1) / (rows.getChildren().size() + 1)) + 0.5;
            line.setStartY(y);
            line.setEndY(y);
            line.setEndX(w);
        }
        signs.autosize();
        signs.relocate(Math.rint(area.x() * scale + 3), Math.rint(area.y() * scale + h - signs.getHeight() + 4));
        number.autosize();
        number.resizeRelocate(
                area.x() * scale + w - BADGE / 2,
                area.y() * scale - BADGE / 2,
                Math.max(BADGE, number.prefWidth(-1)),
                BADGE);
    }

    private void corner(Handle handle, double x, double y, double dx, double dy) {
        for (Polyline line : Objects.requireNonNull(corners.get(handle))) {
            line.getPoints().setAll(x, y + dy, x, y, x + dx, y);
        }
        Rectangle grip = grips.get(handle);
        if (grip != null) {
            grip.setX(x - GRIP / 2);
            grip.setY(y - GRIP / 2);
        }
    }
}
