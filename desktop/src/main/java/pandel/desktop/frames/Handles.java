package pandel.desktop.frames;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.css.PseudoClass;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import pandel.core.model.screen.Area;
import pandel.desktop.links.sentence.Choice;

/**
 * What can be taken in the hand on a frame as it is seen: edges that are dragged, parts that are chosen by a press, and
 * words that are typed where they stand.
 */
final class Handles extends Pane {

    private static final PseudoClass CARRIED = PseudoClass.getPseudoClass("carried");
    private static final double GRIP = 34;
    private static final double NEAR = 6;
    private static final double ARM = 14;

    private final double scale;
    private final Runnable refresh;
    /** Whether words are being typed; a press beside them ends that first. */
    private boolean typing;

    /**
     * @param over what is seen, which they lie over
     * @param scale interface px to one of the device
     * @param refresh draws the frame anew
     */
    Handles(Region over, double scale, Runnable refresh) {
        this.scale = scale;
        this.refresh = refresh;
        setMinSize(over.getPrefWidth(), over.getPrefHeight());
        setPrefSize(over.getPrefWidth(), over.getPrefHeight());
        setMaxSize(over.getPrefWidth(), over.getPrefHeight());
        getChildren().add(over);
    }

    /** Which way an edge is dragged. */
    enum Way {
        SIDEWAYS,
        UP_AND_DOWN
    }

    /**
     * An edge.
     *
     * @param id of its node
     * @param at px of the device, from its left or top
     * @param least px of the device to which it can be dragged
     * @param most px of the device to which it can be dragged
     * @param told what a place means, in words
     * @param put told the px of the device to which it was dragged
     */
    record Edge(
            String id,
            Way way,
            double at,
            double least,
            double most,
            String tip,
            DoubleFunction<String> told,
            DoubleConsumer put) {}

    void edge(Edge edge) {
        boolean sideways = edge.way() == Way.SIDEWAYS;
        Region hit = new Region();
        hit.setId(edge.id());
        hit.setManaged(false);
        hit.getStyleClass().add("handle");
        hit.setCursor(sideways ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        Tooltip.install(hit, new Tooltip(edge.tip()));
        Region line = new Region();
        line.getStyleClass().add("handle-line");
        line.setManaged(false);
        line.setVisible(false);
        line.setMouseTransparent(true);
        Region grip = new Region();
        grip.getStyleClass().add("handle-grip");
        grip.setManaged(false);
        grip.setMouseTransparent(true);
        Label told = new Label();
        told.getStyleClass().add("handle-told");
        told.setManaged(false);
        told.setVisible(false);
        told.setMouseTransparent(true);
        place(sideways, edge.at(), hit, line, grip);
        double[] grab = new double[1];
        double[] now = {edge.at()};
        hit.setOnMousePressed(e -> {
            grab[0] = along(sideways, e);
            e.consume();
        });
        hit.setOnMouseDragged(e -> {
            now[0] = Math.clamp(
                    edge.at() + (along(sideways, e) - grab[0]) / scale,
                    Math.min(edge.least(), edge.most()),
                    Math.max(edge.least(), edge.most()));
            place(sideways, now[0], hit, line, grip);
            told.setText(edge.told().apply(now[0]));
            told.applyCss();
            told.autosize();
            double middle = grip.getLayoutX() + grip.getWidth() / 2;
            told.relocate(
                    Math.clamp(middle - told.getWidth() / 2, 0, Math.max(0, getPrefWidth() - told.getWidth())),
                    Math.clamp(
                            grip.getLayoutY() - told.getHeight() - 8,
                            0,
                            Math.max(0, getPrefHeight() - told.getHeight())));
            line.setVisible(true);
            told.setVisible(true);
            e.consume();
        });
        hit.setOnMouseReleased(e -> {
            line.setVisible(false);
            told.setVisible(false);
            if (now[0] != edge.at()) {
                edge.put().accept(now[0]);
            }
            e.consume();
        });
        hit.hoverProperty().addListener((o, a, over) -> line.setVisible(over || hit.isPressed()));
        getChildren().addAll(line, grip, hit, told);
    }

    /** Along the way it is dragged, in px of the window. */
    private static double along(boolean sideways, MouseEvent e) {
        return sideways ? e.getSceneX() : e.getSceneY();
    }

    private void place(boolean sideways, double at, Region hit, Region line, Region grip) {
        double wide = getPrefWidth();
        double high = getPrefHeight();
        double px = Math.rint(at * scale);
        if (sideways) {
            hit.resizeRelocate(px - NEAR, 0, 2 * NEAR, high);
            line.resizeRelocate(px - 1, 0, 2, high);
            grip.resizeRelocate(px - 3, Math.rint((high - GRIP) / 2), 6, GRIP);
        } else {
            hit.resizeRelocate(0, px - NEAR, wide, 2 * NEAR);
            line.resizeRelocate(0, px - 1, wide, 2);
            grip.resizeRelocate(Math.rint((wide - GRIP) / 2), px - 3, GRIP, 6);
        }
    }

    /**
     * Words that can be typed where they stand.
     *
     * @param what they are, for who cannot see them
     * @param put told others
     */
    record Words(String now, String what, Consumer<String> put) {}

    /**
     * A part.
     *
     * @param area in px of the device
     * @param chosen whether what is said at the right is about it
     * @param choose told it is chosen
     */
    Node part(String id, Area area, boolean chosen, String tip, Runnable choose) {
        Rectangle2D on = new Rectangle2D(
                area.x() * scale,
                area.y() * scale,
                Math.max(1, area.width() * scale),
                Math.max(1, area.height() * scale));
        Region part = new Region();
        part.setId(id);
        part.setManaged(false);
        part.getStyleClass().add("handle-part");
        if (chosen) {
            bracket(on, "bracket-case", 5);
            bracket(on, "bracket-fill", 2.2);
        }
        part.resizeRelocate(
                Math.rint(on.getMinX()), Math.rint(on.getMinY()), Math.rint(on.getWidth()), Math.rint(on.getHeight()));
        part.setCursor(Cursor.HAND);
        Tooltip.install(part, new Tooltip(tip));
        part.setOnMouseClicked(e -> {
            e.consume();
            if (!chosen) {
                choose.run();
            }
        });
        getChildren().add(part);
        return part;
    }

    /** Corner brackets, as around a hotspot: what is said at the right is about this. */
    private void bracket(Rectangle2D on, String style, double stroke) {
        double arm = Math.clamp(Math.min(on.getWidth(), on.getHeight()) / 3, 3, ARM);
        for (int i = 0; i < 4; i++) {
            double x = i % 2 == 0 ? on.getMinX() : on.getMaxX();
            double y = i < 2 ? on.getMinY() : on.getMaxY();
            Polyline line = new Polyline(x, i < 2 ? y + arm : y - arm, x, y, i % 2 == 0 ? x + arm : x - arm, y);
            line.getStyleClass().add(style);
            line.setStrokeWidth(stroke);
            line.setStrokeLineCap(StrokeLineCap.SQUARE);
            line.setStrokeLineJoin(StrokeLineJoin.MITER);
            line.setMouseTransparent(true);
            line.setManaged(false);
            getChildren().add(line);
        }
    }

    /** The same with words: a press on what is chosen already lets them be typed in their place. */
    void part(String id, Area area, boolean chosen, String tip, Runnable choose, Words words) {
        Node part = part(id, area, chosen, tip + (chosen ? "; press to type" : "; twice to type"), choose);
        if (chosen) {
            part.setOnMouseClicked(e -> {
                e.consume();
                type(part, words);
            });
        }
    }

    /** Words alone, typed in their place after a press. */
    void words(String id, Area area, String tip, Words words) {
        Node part = part(id, area, false, tip + "; press to type", () -> {});
        part.setOnMouseClicked(e -> {
            e.consume();
            type(part, words);
        });
    }

    /**
     * A part that is carried elsewhere.
     *
     * @param put told where its middle was let go, in px of the device
     */
    void carried(String id, Area area, String tip, Dropped put) {
        Region part = (Region) part(id, area, false, tip, () -> {});
        double[] grab = new double[2];
        part.setOnMousePressed(e -> {
            e.consume();
            grab[0] = e.getSceneX();
            grab[1] = e.getSceneY();
            part.pseudoClassStateChanged(CARRIED, true);
        });
        part.setOnMouseDragged(e -> {
            e.consume();
            part.setTranslateX(e.getSceneX() - grab[0]);
            part.setTranslateY(e.getSceneY() - grab[1]);
        });
        part.setOnMouseReleased(e -> {
            e.consume();
            double x = part.getBoundsInParent().getCenterX() / scale;
            double y = part.getBoundsInParent().getCenterY() / scale;
            boolean moved = part.getTranslateX() != 0 || part.getTranslateY() != 0;
            part.setTranslateX(0);
            part.setTranslateY(0);
            part.pseudoClassStateChanged(CARRIED, false);
            if (moved) {
                put.at(x, y);
            }
        });
    }

    /** Told where something was let go, in px of the device. */
    interface Dropped {
        void at(double x, double y);
    }

    private void type(Node part, Words words) {
        if (typing) {
            return;
        }
        typing = true;
        double wide =
                Math.min(getPrefWidth(), Math.max(140, part.getLayoutBounds().getWidth()));
        double high = 30;
        Choice.typed(
                "typed-in-place",
                words.now(),
                words.what(),
                field -> {
                    field.setManaged(false);
                    field.resizeRelocate(
                            Math.clamp(part.getBoundsInParent().getCenterX() - wide / 2, 0, getPrefWidth() - wide),
                            Math.clamp(part.getBoundsInParent().getCenterY() - high / 2, 0, getPrefHeight() - high),
                            wide,
                            high);
                    getChildren().add(field);
                },
                typed -> {
                    if (!typed.strip().equals(words.now())) {
                        words.put().accept(typed.strip());
                    }
                },
                () -> {
                    typing = false;
                    // An edit has drawn the frame anew already, with other handles.
                    if (getScene() != null) {
                        refresh.run();
                    }
                });
    }
}
