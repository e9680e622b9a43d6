package pandel.desktop.links.desk;

import java.util.Optional;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.Placement;

/** What is marked and not linked yet, drawn on the paper while it is asked where it leads. */
final class Taken {

    private final Pane paper;
    private final Proposing proposing;
    private final Rectangle outline = new Rectangle();
    private Optional<Marking> now = Optional.empty();
    private boolean together;

    Taken(Pane paper, Proposing proposing) {
        this.paper = paper;
        this.proposing = proposing;
        outline.getStyleClass().add("marking");
        outline.setMouseTransparent(true);
    }

    Optional<Marking> now() {
        return now;
    }

    /** Takes it, {@code scale} interface px for each px of the mock. */
    void take(Marking marking, double scale) {
        together = false;
        now = Optional.of(marking);
        show(scale);
    }

    /** Shows whether what is alike is meant with it. */
    void together(boolean all, double scale) {
        together = all;
        show(scale);
    }

    /** Moves it by px of a mock, and not past its edges. */
    void nudge(double dx, double dy, Placement.Size size, double scale) {
        now = now.map(m -> {
            Area moved = m.area().moved(dx, dy).within(size.width(), size.height());
            return m.moved(moved.x() - m.area().x(), moved.y() - m.area().y());
        });
        show(scale);
    }

    void clear() {
        now = Optional.empty();
        proposing.rest();
        paper.getChildren().remove(outline);
    }

    /** The hand leaves the paper: what is only proposed goes, what is taken stays. */
    void leave() {
        if (now.isEmpty()) {
            proposing.rest();
        }
    }

    private void show(double scale) {
        now.ifPresent(marking -> {
            draw(marking.area(), scale);
            if (marking.alike().size() > 1) {
                proposing.show(marking, scale, together);
            }
        });
    }

    /** Outlines an area. */
    void draw(Area area, double scale) {
        outline.setX(area.x() * scale);
        outline.setY(area.y() * scale);
        outline.setWidth(area.width() * scale);
        outline.setHeight(area.height() * scale);
        if (!paper.getChildren().contains(outline)) {
            paper.getChildren().add(outline);
        }
    }
}
