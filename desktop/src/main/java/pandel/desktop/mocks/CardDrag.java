package pandel.desktop.mocks;

import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** Carries a card to another place among the cards by mouse. */
final class CardDrag {

    private static final double FAR_ENOUGH = 8;

    private final Gallery gallery;
    private final BiConsumer<ScreenCard, GalleryLayout.Drop> dropped;
    private double startX;
    private double startY;
    private boolean carrying;

    CardDrag(Gallery gallery, BiConsumer<ScreenCard, GalleryLayout.Drop> dropped) {
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
            carrying |= e.getButton() == MouseButton.PRIMARY
                    && Math.hypot(e.getSceneX() - startX, e.getSceneY() - startY) > FAR_ENOUGH;
            if (carrying) {
                gallery.aim(e.getSceneX(), e.getSceneY());
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
                Optional<GalleryLayout.Drop> drop = gallery.aim(e.getSceneX(), e.getSceneY());
                gallery.aimEnded();
                drop.ifPresent(d -> dropped.accept(card, d));
            }
        });
    }
}
