package pandel.desktop.device;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import pandel.core.model.frame.Header;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.HeaderPlace;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.sign.Sign;
import pandel.desktop.theme.DayOrNight;

/** A header as it stands, and the list of those of its actions that do not fit. */
final class HeaderView extends Pane {

    private static final double TITLE = 17;
    private static final double LARGE_TITLE = 28;
    private static final double WORDS = 15;
    private static final double INDENT = 16;
    private static final double ROUND = 8;

    private final PictureLibrary pictures;
    private final double scale;
    /** Px of the device that lie at this pane's own corner. */
    private final double left;

    private final double top;

    private HeaderView(PictureLibrary pictures, Area area, double scale) {
        this.pictures = pictures;
        this.scale = scale;
        this.left = area.x();
        this.top = area.y();
        double wide = Math.rint(area.width() * scale);
        double high = Math.rint(area.height() * scale);
        setPrefSize(wide, high);
        resizeRelocate(Math.rint(area.x() * scale), Math.rint(area.y() * scale), wide, high);
        setMouseTransparent(true);
    }

    /** The header itself, in interface px of the device. */
    static HeaderView of(PictureLibrary pictures, HeaderPlace place, double scale) {
        HeaderView view = new HeaderView(pictures, place.area(), scale);
        Header.Bar bar = place.header().bar();
        Rectangle ground = new Rectangle(view.getPrefWidth(), view.getPrefHeight(), Color.web(bar.ground()));
        Rectangle foot = new Rectangle(0, view.getPrefHeight() - 1, view.getPrefWidth(), 1);
        foot.setFill(Color.web(bar.ink(), 0.16));
        view.getChildren().addAll(ground, foot);
        view.words(place.words(), place.title(), place.large() ? LARGE_TITLE : TITLE, Pos.CENTER_LEFT, bar.ink(), true);
        place.left().ifPresent(s -> {
            double middle = s.area().y() + bar.height() / 2;
            view.sign(s.sign(), s.area().x() + Sign.SIZE, middle, bar.ink());
            if (!s.label().isEmpty()) {
                double from = 2 * Sign.SIZE - 4;
                view.words(
                        s.label(),
                        new Area(
                                s.area().x() + from,
                                s.area().y(),
                                Math.max(1, s.area().width() - from),
                                bar.height()),
                        WORDS,
                        Pos.CENTER_LEFT,
                        bar.ink(),
                        false);
            }
        });
        place.actions().forEach(s -> view.action(s, bar.ink()));
        place.more().ifPresent(a -> view.sign("dots", middleX(a), middleY(a), bar.ink()));
        return view;
    }

    /** The actions that do not fit, one below another; where all fit an empty list. */
    static HeaderView listed(PictureLibrary pictures, HeaderPlace place, double scale) {
        Area first = place.gathered().getFirst().area();
        Area last = place.gathered().getLast().area();
        HeaderView view = new HeaderView(
                pictures, new Area(first.x(), first.y(), first.width(), last.bottom() - first.y()), scale);
        Header.Bar bar = place.header().bar();
        Rectangle ground = new Rectangle(view.getPrefWidth(), view.getPrefHeight(), Color.web(bar.ground()));
        ground.setArcWidth(ROUND * 2 * scale);
        ground.setArcHeight(ROUND * 2 * scale);
        ground.setStroke(Color.web(bar.ink(), 0.3));
        view.getChildren().add(ground);
        view.setId("header-list");
        place.gathered().forEach(s -> {
            boolean signed = !s.sign().isEmpty();
            if (signed) {
                view.sign(s.sign(), s.area().x() + INDENT + Sign.SIZE / 2, middleY(s.area()), bar.ink());
            }
            double from = INDENT + (signed ? Sign.SIZE + 12 : 0);
            view.words(
                    s.label(),
                    new Area(
                            s.area().x() + from,
                            s.area().y(),
                            Math.max(1, s.area().width() - from - INDENT / 2),
                            s.area().height()),
                    WORDS,
                    Pos.CENTER_LEFT,
                    bar.ink(),
                    false);
        });
        return view;
    }

    private static double middleX(Area area) {
        return area.x() + area.width() / 2;
    }

    private static double middleY(Area area) {
        return area.y() + area.height() / 2;
    }

    private void action(HeaderPlace.Sign action, String ink) {
        if (action.sign().isEmpty()) {
            words(action.label(), action.area(), WORDS, Pos.CENTER, ink, false);
        } else {
            sign(action.sign(), middleX(action.area()), middleY(action.area()), ink);
        }
    }

    private void sign(String name, double x, double y, String ink) {
        Node sign = Sign.drawn(pictures, name, ink, Sign.SIZE * scale, (x - left) * scale, (y - top) * scale);
        getChildren().add(sign);
    }

    private void words(String words, Area area, double px, Pos at, String ink, boolean strong) {
        Label label = new Label(words);
        label.setManaged(false);
        label.setAlignment(at);
        label.setStyle("-fx-font-size: " + Math.max(1, px * scale) + "px; -fx-text-fill: " + ink + ";"
                + (strong ? " -fx-font-family: '" + DayOrNight.STRONG + "';" : ""));
        label.resizeRelocate(
                Math.rint((area.x() - left) * scale),
                Math.rint((area.y() - top) * scale),
                Math.rint(area.width() * scale),
                Math.rint(area.height() * scale));
        getChildren().add(label);
    }
}
