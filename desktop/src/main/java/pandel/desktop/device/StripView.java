package pandel.desktop.device;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;
import pandel.core.model.TabSet;
import pandel.core.play.StripPlace;

/** The strip of a tab set as it is laid over a page. */
final class StripView extends Pane {

    private static final double SIGN = 22;
    private static final double SIGN_DRAWN_ON = 24;

    StripView(StripPlace place, double scale) {
        TabSet.Strip look = place.set().strip();
        setPrefSize(Math.rint(place.area().width() * scale), Math.rint(place.area().height() * scale));
        resizeRelocate(0, Math.rint(place.area().y() * scale), getPrefWidth(), getPrefHeight());
        Rectangle ground = new Rectangle(getPrefWidth(), getPrefHeight(), Color.web(look.ground()));
        Rectangle edge = new Rectangle(0, look.edge() == TabSet.Edge.TOP ? getPrefHeight() - 1 : 0, getPrefWidth(), 1);
        edge.setFill(Color.web(look.ink(), 0.3));
        setClip(new Rectangle(getPrefWidth(), getPrefHeight()));
        getChildren().addAll(ground, edge);
        for (StripPlace.Sign sign : place.signs()) {
            tab(place, sign, look, scale);
        }
    }

    private void tab(StripPlace place, StripPlace.Sign sign, TabSet.Strip look, double scale) {
        String colour = sign.chosen() ? look.chosen() : look.ink();
        boolean labelled = look.labels() == TabSet.Labels.ALL || look.labels() == TabSet.Labels.CHOSEN && sign.chosen() || sign.tab().sign().isEmpty();
        boolean signed = !sign.tab().sign().isEmpty();
        double x = sign.area().x() * scale;
        double wide = sign.area().width() * scale;
        double middle = getPrefHeight() / 2;
        double labelHigh = 14 * scale;
        if (signed) {
            SVGPath path = new SVGPath();
            path.setContent(TabSigns.path(sign.tab().sign()));
            path.setFill(Color.TRANSPARENT);
            path.setStroke(Color.web(colour));
            path.setStrokeWidth(1.6);
            double factor = SIGN * scale / SIGN_DRAWN_ON;
            path.setScaleX(factor);
            path.setScaleY(factor);
            double top = labelled ? middle - (SIGN * scale + labelHigh) / 2 : middle - SIGN * scale / 2;
            path.relocate(Math.rint(x + wide / 2 - path.getLayoutBounds().getWidth() / 2), Math.rint(top + SIGN * scale / 2 - path.getLayoutBounds().getHeight() / 2));
            getChildren().add(path);
        }
        if (labelled) {
            Label label = new Label(sign.tab().shownLabel());
            label.setManaged(false);
            label.setAlignment(Pos.CENTER);
            label.setStyle("-fx-font-size: " + Math.max(1, (signed ? 11 : 14) * scale) + "px; -fx-text-fill: " + colour + ";" + (sign.chosen() ? " -fx-font-family: 'Inter SemiBold';" : ""));
            double y = signed ? middle + (SIGN * scale - labelHigh) / 2 + scale : 0;
            label.resizeRelocate(Math.rint(x), Math.rint(y), Math.rint(wide), signed ? Math.rint(labelHigh) : getPrefHeight());
            getChildren().add(label);
        }
        if (sign.chosen()) {
            double w = Math.rint(wide * 0.4);
            Rectangle mark = new Rectangle(Math.rint(x + (wide - w) / 2), look.edge() == TabSet.Edge.TOP ? getPrefHeight() - Math.max(2, Math.rint(3 * scale)) : 0, w, Math.max(2, Math.rint(3 * scale)));
            mark.setFill(Color.web(colour));
            getChildren().add(mark);
        }
    }
}
