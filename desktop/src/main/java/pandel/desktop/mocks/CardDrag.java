package pandel.desktop.mocks;

import java.util.List;
import java.util.function.ObjIntConsumer;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;

/** Carries a card to another place among the cards by mouse. */
final class CardDrag {

    private static final double FAR_ENOUGH = 8;

    private final FlowPane gallery;
    private final ObjIntConsumer<ScreenCard> dropped;
    private double startX;
    private double startY;
    private boolean carrying;

    CardDrag(FlowPane gallery, ObjIntConsumer<ScreenCard> dropped) {
        this.gallery = gallery;
        this.dropped = dropped;
    }

    void follow(ScreenCard card) {
        card.addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            startX = e.getSceneX();
            startY = e.getSceneY();
            carrying = false;
        });
        card.addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            carrying |= e.getButton() == MouseButton.PRIMARY && Math.hypot(e.getSceneX() - startX, e.getSceneY() - startY) > FAR_ENOUGH;
            if (carrying) {
                card.setTranslateX(e.getSceneX() - startX);
                card.setTranslateY(e.getSceneY() - startY);
                card.setViewOrder(-1);
                card.setOpacity(0.8);
            }
        });
        card.addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            card.setTranslateX(0);
            card.setTranslateY(0);
            card.setViewOrder(0);
            card.setOpacity(1);
            if (carrying) {
                carrying = false;
                dropped.accept(card, position(card, e));
            }
        });
    }

    /** How many other cards come before the point: those of rows above, and those whose middle is left of it. */
    private int position(ScreenCard card, MouseEvent e) {
        var at = gallery.sceneToLocal(e.getSceneX(), e.getSceneY());
        List<Node> others = gallery.getChildren().stream().filter(c -> c != card).toList();
        int before = 0;
        for (Node other : others) {
            var b = other.getBoundsInParent();
            boolean above = b.getMaxY() <= at.getY();
            boolean sameRow = b.getMinY() <= at.getY() && !above;
            if (above || sameRow && b.getCenterX() < at.getX()) {
                before++;
            }
        }
        return before;
    }
}
