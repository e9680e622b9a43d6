package pandel.desktop.frames;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import java.util.function.ToDoubleFunction;
import javafx.beans.property.DoubleProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/** Things in a row or a column that are chosen by a press, and carried to another place with the mouse. */
final class Reordering {

    private static final double FAR_ENOUGH = 8;

    private final boolean sideways;
    private final List<? extends Node> all;
    private final BiConsumer<Integer, Integer> moved;
    private double start;
    private boolean carrying;

    /**
     * @param sideways whether they stand beside one another; else one below another
     * @param all of them, as it is by the time one is carried
     * @param moved told from where to where one was carried, both counted from 0
     */
    Reordering(boolean sideways, List<? extends Node> all, BiConsumer<Integer, Integer> moved) {
        this.sideways = sideways;
        this.all = all;
        this.moved = moved;
    }

    /**
     * Lets one be chosen and carried.
     *
     * @param at its place, counted from 0
     * @param choose told it is chosen
     */
    void add(Button one, int at, IntConsumer choose) {
        ToDoubleFunction<MouseEvent> pointer = sideways ? MouseEvent::getSceneX : MouseEvent::getSceneY;
        DoubleProperty aside = sideways ? one.translateXProperty() : one.translateYProperty();
        one.setOnAction(e -> {
            if (!carrying) {
                choose.accept(at);
            }
        });
        one.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            start = pointer.applyAsDouble(e);
            carrying = false;
        });
        one.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> {
            carrying |= Math.abs(pointer.applyAsDouble(e) - start) > FAR_ENOUGH;
            aside.set(carrying ? pointer.applyAsDouble(e) - start : 0);
            one.setViewOrder(carrying ? -1 : 0);
        });
        one.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            if (carrying) {
                e.consume();
                int to = place(one);
                aside.set(0);
                one.setViewOrder(0);
                if (to != at) {
                    moved.accept(at, to);
                }
            }
        });
    }

    /**
     * Arrows choose the next or the one before; with Ctrl they carry it there.
     *
     * @param at its place, counted from 0
     * @param count how many there are
     */
    void byKeys(Button one, int at, int count, IntConsumer choose) {
        one.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            boolean back = e.getCode() == KeyCode.UP || e.getCode() == KeyCode.LEFT;
            boolean on = e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.RIGHT;
            int to = at + (on ? 1 : 0) - (back ? 1 : 0);
            if (to != at && to >= 0 && to < count) {
                e.consume();
                if (e.isShortcutDown()) {
                    moved.accept(at, to);
                } else {
                    choose.accept(to);
                }
            }
        });
    }

    /** Where a carried one comes to stand: behind all whose middle its own has passed. */
    private int place(Node carried) {
        return (int) all.stream()
                .filter(n -> n != carried && middle(n) < middle(carried))
                .count();
    }

    private double middle(Node node) {
        return sideways
                ? node.getBoundsInParent().getCenterX()
                : node.getBoundsInParent().getCenterY();
    }
}
