package pandel.desktop.device;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import pandel.core.model.frame.TabSet;
import pandel.core.play.layout.ButtonPlace;
import pandel.core.play.layout.StripPlace;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.sign.Sign;
import pandel.desktop.theme.DayOrNight;

/** The strip of a tab set as it is laid over a page. */
final class StripView extends Pane {

    /** Of a button, the part that its sign takes. */
    private static final double BUTTON_SIGN = 0.4;

    private final PictureLibrary pictures;

    StripView(PictureLibrary pictures, StripPlace place, double scale) {
        this.pictures = pictures;
        TabSet.Strip look = place.set().strip();
        setPrefSize(
                Math.rint(place.area().width() * scale), Math.rint(place.area().height() * scale));
        boolean beside = place.look() != TabSet.Side.STRIP;
        resizeRelocate(
                Math.rint(place.area().x() * scale),
                Math.rint(place.area().y() * scale),
                getPrefWidth(),
                getPrefHeight());
        Rectangle ground = new Rectangle(getPrefWidth(), getPrefHeight(), Color.web(look.ground()));
        Rectangle edge = beside
                ? new Rectangle(getPrefWidth() - 1, 0, 1, getPrefHeight())
                : new Rectangle(0, look.edge() == TabSet.Edge.TOP ? getPrefHeight() - 1 : 0, getPrefWidth(), 1);
        edge.setFill(Color.web(look.ink(), 0.3));
        setClip(new Rectangle(getPrefWidth(), getPrefHeight()));
        getChildren().addAll(ground, edge);
        for (StripPlace.Sign sign : place.signs()) {
            if (beside) {
                beside(place, sign, look, scale);
            } else {
                tab(sign, look, scale);
            }
        }
    }

    /** A tab at the side: its sign, and in a list its label beside that. */
    private void beside(StripPlace place, StripPlace.Sign sign, TabSet.Strip look, double scale) {
        String colour = sign.chosen() ? look.chosen() : look.ink();
        boolean list = place.look() == TabSet.Side.SIDE_LIST;
        double y = sign.area().y() * scale;
        double high = sign.area().height() * scale;
        double signX = (list ? 20 : (sign.area().width() - look.sizes().sign()) / 2) * scale;
        boolean signed = !sign.tab().sign().isEmpty();
        if (sign.chosen()) {
            double inset = 8 * scale;
            behind(
                    look,
                    sign.area().x() * scale - Math.rint(place.area().x() * scale) + inset,
                    y + high * 0.12,
                    sign.area().width() * scale - 2 * inset,
                    high * 0.76);
        }
        if (signed) {
            getChildren()
                    .add(Sign.drawn(
                            pictures,
                            sign.tab().sign(),
                            colour,
                            look.sizes().sign() * scale,
                            signX + look.sizes().sign() * scale / 2,
                            y + high / 2));
        }
        if (list || !signed) {
            Label label = new Label(sign.tab().shownLabel());
            label.setManaged(false);
            label.setAlignment(list ? Pos.CENTER_LEFT : Pos.CENTER);
            label.setStyle("-fx-font-size: " + Math.max(1, (list ? 15 : 11) * scale) + "px; -fx-text-fill: " + colour
                    + ";" + (sign.chosen() ? " -fx-font-family: '" + DayOrNight.STRONG + "';" : ""));
            double x = list ? (signed ? 20 + look.sizes().sign() + 12 : 20) * scale : 0;
            label.resizeRelocate(
                    Math.rint(x),
                    Math.rint(y),
                    Math.rint(sign.area().width() * scale - x - (list ? 8 * scale : 0)),
                    Math.rint(high));
            getChildren().add(label);
        }
        if (sign.chosen() && look.sizes().behind().isEmpty()) {
            Rectangle mark = new Rectangle(
                    0, Math.rint(y + high * 0.3), Math.max(2, Math.rint(3 * scale)), Math.rint(high * 0.4));
            mark.setFill(Color.web(colour));
            getChildren().add(mark);
        }
    }

    /** A button that floats over the places of a set. */
    static Pane button(PictureLibrary pictures, ButtonPlace place, double scale) {
        double size = Math.rint(place.area().width() * scale);
        Pane pane = new Pane();
        pane.resizeRelocate(
                Math.rint(place.area().x() * scale), Math.rint(place.area().y() * scale), size, size);
        Rectangle ground =
                new Rectangle(size, size, Color.web(place.set().strip().chosen()));
        ground.setArcWidth(size * 0.3);
        ground.setArcHeight(size * 0.3);
        String name = place.set()
                .button()
                .map(TabSet.Floating::sign)
                .filter(s -> !s.isEmpty())
                .orElse("cross");
        pane.getChildren()
                .addAll(
                        ground,
                        Sign.drawn(
                                pictures, name, place.set().strip().ground(), size * BUTTON_SIGN, size / 2, size / 2));
        return pane;
    }

    /** The ground behind the tab that is shown. */
    private void behind(TabSet.Strip look, double x, double y, double wide, double high) {
        if (!look.sizes().behind().isEmpty()) {
            Rectangle ground = new Rectangle(Math.rint(x), Math.rint(y), Math.rint(wide), Math.rint(high));
            ground.setFill(Color.web(look.sizes().behind()));
            ground.setArcWidth(high);
            ground.setArcHeight(high);
            getChildren().add(ground);
        }
    }

    private void tab(StripPlace.Sign sign, TabSet.Strip look, double scale) {
        String colour = sign.chosen() ? look.chosen() : look.ink();
        boolean labelled = look.labels() == TabSet.Labels.ALL
                || look.labels() == TabSet.Labels.CHOSEN && sign.chosen()
                || sign.tab().sign().isEmpty();
        boolean signed = !sign.tab().sign().isEmpty();
        double x = sign.area().x() * scale;
        double wide = sign.area().width() * scale;
        double middle = getPrefHeight() / 2;
        double labelHigh = 14 * scale;
        if (sign.chosen()) {
            double w = Math.min(wide - 8 * scale, signed ? look.sizes().sign() * 2.6 * scale : wide);
            double h = signed ? look.sizes().sign() * scale + 10 * scale : getPrefHeight() - 16 * scale;
            double at = signed && labelled ? middle - labelHigh / 2 : middle;
            behind(look, x + (wide - w) / 2, at - h / 2, w, h);
        }
        if (signed) {
            double top = labelled
                    ? middle - (look.sizes().sign() * scale + labelHigh) / 2
                    : middle - look.sizes().sign() * scale / 2;
            getChildren()
                    .add(Sign.drawn(
                            pictures,
                            sign.tab().sign(),
                            colour,
                            look.sizes().sign() * scale,
                            x + wide / 2,
                            top + look.sizes().sign() * scale / 2));
        }
        if (labelled) {
            Label label = new Label(sign.tab().shownLabel());
            label.setManaged(false);
            label.setAlignment(Pos.CENTER);
            label.setStyle("-fx-font-size: " + Math.max(1, (signed ? 11 : 14) * scale) + "px; -fx-text-fill: " + colour
                    + ";" + (sign.chosen() ? " -fx-font-family: '" + DayOrNight.STRONG + "';" : ""));
            double y = signed ? middle + (look.sizes().sign() * scale - labelHigh) / 2 + scale : 0;
            label.resizeRelocate(
                    Math.rint(x), Math.rint(y), Math.rint(wide), signed ? Math.rint(labelHigh) : getPrefHeight());
            getChildren().add(label);
        }
        if (sign.chosen() && look.sizes().behind().isEmpty()) {
            double w = Math.rint(wide * 0.4);
            Rectangle mark = new Rectangle(
                    Math.rint(x + (wide - w) / 2),
                    look.edge() == TabSet.Edge.TOP ? getPrefHeight() - Math.max(2, Math.rint(3 * scale)) : 0,
                    w,
                    Math.max(2, Math.rint(3 * scale)));
            mark.setFill(Color.web(colour));
            getChildren().add(mark);
        }
    }
}
