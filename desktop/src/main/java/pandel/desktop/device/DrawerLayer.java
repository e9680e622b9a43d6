package pandel.desktop.device;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.animation.Animation;
import javafx.scene.Node;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Feel;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Motion;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.PictureLibrary;

/** The drawers of a device as they are drawn: those that stay on each level, and the one that comes and goes. */
final class DrawerLayer {

    /** ms that one takes all the way. */
    private Motion motion = Feel.DRAWERS;

    private final PictureLibrary pictures;
    private Optional<DrawerView> moving = Optional.empty();
    private Optional<Rectangle> behind = Optional.empty();
    private double out;
    private List<List<DrawerView>> staying = List.of();

    DrawerLayer(PictureLibrary pictures) {
        this.pictures = pictures;
    }

    /** The drawer that is out, or on its way. */
    Optional<DrawerView> moving() {
        return moving;
    }

    double out() {
        return out;
    }

    /** Those that are always there, anew for a situation. */
    void stay(Prototype prototype, Situation now, double scale) {
        List<List<DrawerView>> all = new ArrayList<>();
        for (int level = 0; level < now.levels().size(); level++) {
            all.add(
                    prototype.drawers().isEmpty()
                            ? List.of()
                            : DrawerPlace.shown(prototype, now, level).stream()
                                    .filter(p -> p.drawer().staysAt(now.width()))
                                    .map(p -> new DrawerView(pictures, p, now.width(), now.height(), scale))
                                    .toList());
        }
        staying = all;
    }

    /** Makes a drawer of the top level, as far out as the one before was. */
    void bring(Prototype prototype, Situation now, Drawer drawer, double scale) {
        motion = prototype.feel().drawers();
        double scrolled = moving.filter(d -> d.id().equals(drawer.id()))
                .map(DrawerView::scrolled)
                .orElse(0.0);
        moving = Optional.of(new DrawerView(
                pictures,
                DrawerPlace.of(prototype, now, now.levels().size() - 1, drawer),
                now.width(),
                now.height(),
                scale));
        moving.get().scrollTo(scrolled);
        Rectangle ground = new Rectangle(
                Math.rint(now.width() * scale),
                Math.rint(now.height() * scale),
                javafx.scene.paint.Color.web(drawer.panel().ground()));
        behind = Optional.of(ground).filter(g -> moving.get().isBeneath());
    }

    /** @param page the top level, which may move too */
    void at(double far, LevelView page) {
        out = far;
        moving.ifPresent(d -> d.at(far, page));
    }

    void drop(Optional<LevelView> page) {
        page.ifPresent(p -> moving.ifPresent(d -> d.at(0, p)));
        out = 0;
        moving = Optional.empty();
        behind = Optional.empty();
    }

    /** The levels, each with the list beside it, and the drawers between and above them. */
    List<Node> among(List<LevelView> levels, List<Optional<LevelView>> beside) {
        List<Node> all = new ArrayList<>();
        for (int i = 0; i < levels.size(); i++) {
            boolean top = i == levels.size() - 1;
            if (top && moving.filter(DrawerView::isBeneath).isPresent()) {
                behind.ifPresent(all::add);
                all.add(moving.get().panel());
            }
            all.add(levels.get(i));
            if (i < beside.size()) {
                beside.get(i).ifPresent(all::add);
            }
            if (i < staying.size()) {
                staying.get(i).forEach(d -> all.add(d.panel()));
            }
            if (top && moving.isPresent()) {
                all.add(moving.get().shade());
                if (!moving.get().isBeneath()) {
                    all.add(moving.get().panel());
                }
            }
        }
        return all;
    }

    /** From where it is to all out, or all in. */
    Animation slide(double to, LevelView page) {
        DoubleConsumer place = far -> at(far, page);
        return Motions.between(out, to, motion.ms() * Math.abs(to - out), motion.easing(), place);
    }
}
