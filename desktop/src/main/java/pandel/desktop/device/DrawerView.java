package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.effect.BlurType;
import javafx.scene.effect.DropShadow;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Picture;
import pandel.core.play.layout.DrawerPlace;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.sign.Sign;
import pandel.desktop.theme.DayOrNight;

/** A drawer on a device: its panel with the items, and the shade over the page; at any part of its way out. */
final class DrawerView {

    private static final double EDGE = 20;
    private static final double ROUND = 14;

    private final PictureLibrary pictures;
    private final DrawerPlace place;
    private final double deviceWidth;
    private final double scale;
    private final Pane panel = new Pane();
    private final Pane rows = new Pane();
    private final Region shade = new Region();
    private final Moves moves;
    private double scrolled;

    /**
     * @param deviceWidth px
     * @param deviceHeight px
     */
    DrawerView(PictureLibrary pictures, DrawerPlace place, double deviceWidth, double deviceHeight, double scale) {
        this.pictures = pictures;
        this.place = place;
        this.deviceWidth = deviceWidth;
        this.scale = scale;
        this.moves = place.drawer().movesAt(deviceWidth);
        double wide = Math.rint(place.area().width() * scale);
        double high = Math.rint(deviceHeight * scale);
        Drawer.Panel look = place.drawer().panel();
        shade.getStyleClass().add("drawer-shade");
        shade.setManaged(false);
        shade.setMouseTransparent(true);
        shade.resizeRelocate(0, 0, Math.rint(deviceWidth * scale), high);
        panel.setManaged(false);
        panel.setMouseTransparent(true);
        panel.resizeRelocate(Math.rint(place.area().x() * scale), 0, wide, high);
        double top = Math.rint(place.area().y() * scale);
        double tall = Math.rint(place.area().height() * scale);
        Rectangle inside = card(wide, top, tall, look);
        Pane content = new Pane();
        content.setClip(inside);
        Rectangle ground = card(wide, top, tall, look);
        ground.setFill(Color.web(look.ground()));
        if (look.shadow() > 0) {
            ground.setEffect(new DropShadow(
                    BlurType.GAUSSIAN, Color.rgb(16, 24, 28, 0.4), Math.max(1, look.shadow() * scale), 0, 0, 0));
        }
        Rectangle edge = new Rectangle(look.side() == PanelSide.LEFT ? wide - 1 : 0, top, 1, tall);
        edge.setFill(Color.web(look.ink(), 0.25));
        edge.setVisible(look.gap() == 0 && look.shadow() == 0);
        place.drawer().picture().ifPresent(p -> picture(pictures, p, wide));
        if (!place.words().isEmpty()) {
            words(wide);
        }
        place.rows().forEach(r -> row(r, rows, wide));
        Pane window = new Pane(rows);
        window.setClip(new Rectangle(0, top, wide, Math.rint(place.seen() * scale) - top));
        content.getChildren().add(window);
        panel.getChildren().addAll(ground, content);
        if (!place.held().isEmpty()) {
            Rectangle rule = new Rectangle(EDGE * scale, Math.rint(place.seen() * scale), wide - 2 * EDGE * scale, 1);
            rule.setFill(Color.web(look.ink(), 0.25));
            content.getChildren().add(rule);
            place.held().forEach(r -> row(r, content, wide));
        }
        panel.getChildren().add(edge);
    }

    /** Its outline; with a gap around it its corners are round. */
    private Rectangle card(double wide, double top, double tall, Drawer.Panel look) {
        Rectangle card = new Rectangle(0, top, wide, tall);
        double round = look.gap() > 0 ? 2 * ROUND * scale : 0;
        card.setArcWidth(round);
        card.setArcHeight(round);
        return card;
    }

    String id() {
        return place.drawer().id();
    }

    boolean isBeneath() {
        return moves == Moves.REVEALS;
    }

    Node panel() {
        return panel;
    }

    Node shade() {
        return shade;
    }

    /** Interface px that it comes, from outside the device to where it stands. */
    double wide() {
        return (place.area().width() + place.drawer().panel().gap()) * scale;
    }

    PanelSide side() {
        return place.drawer().panel().side();
    }

    private void picture(PictureLibrary pictures, Picture picture, double wide) {
        MockView view = new MockView(pictures);
        view.setManaged(false);
        double high = Math.rint(wide * picture.height() / picture.width());
        view.show(picture, wide, high);
        view.resizeRelocate(0, Math.rint(place.area().y() * scale), wide, high);
        view.setClip(new Rectangle(wide, Math.rint(place.picture() * scale)));
        rows.getChildren().add(view);
    }

    private void words(double wide) {
        Label label = label(place.words(), 18, place.drawer().panel().ink(), true);
        label.setWrapText(true);
        label.setAlignment(Pos.BOTTOM_LEFT);
        label.resizeRelocate(
                Math.rint(EDGE * scale),
                Math.rint((place.area().y() + place.picture() + 12) * scale),
                wide - 2 * EDGE * scale,
                Math.rint((place.head() - place.picture() - 24) * scale));
        rows.getChildren().add(label);
    }

    private Label label(String words, double px, String colour, boolean strong) {
        Label label = new Label(words);
        label.setManaged(false);
        label.setAlignment(Pos.CENTER_LEFT);
        label.setMnemonicParsing(false);
        label.setStyle(
                "-fx-font-smoothing-type: gray; -fx-font-size: " + Math.max(1, px * scale) + "px; -fx-text-fill: "
                        + colour + ";" + (strong ? " -fx-font-family: '" + DayOrNight.STRONG + "';" : ""));
        return label;
    }

    private void row(DrawerPlace.Row row, Pane on, double wide) {
        Drawer.Panel look = place.drawer().panel();
        String colour = row.here() ? look.chosen() : look.ink();
        double y = Math.rint(row.area().y() * scale);
        double high = Math.rint(row.area().height() * scale);
        double x = EDGE * scale;
        Optional<String> sign = row.item().map(Drawer.Item::sign).filter(s -> !s.isEmpty());
        if (sign.isPresent()) {
            on.getChildren()
                    .add(Sign.drawn(
                            pictures, sign.get(), colour, Sign.SIZE * scale, x + Sign.SIZE * scale / 2, y + high / 2));
            x += (Sign.SIZE + 14) * scale;
        }
        Label label = label(
                row.words(),
                row.item().isPresent() ? 16 : 12,
                colour,
                row.here() || row.item().isEmpty());
        if (row.item().isEmpty()) {
            label.setOpacity(0.75);
            label.setAlignment(Pos.BOTTOM_LEFT);
        }
        label.resizeRelocate(
                Math.rint(x),
                y,
                Math.max(0, wide - x - EDGE * scale / 2),
                high - (row.item().isEmpty() ? Math.rint(6 * scale) : 0));
        on.getChildren().add(label);
        if (row.here()) {
            double thick = Math.max(2, Math.rint(4 * scale));
            Rectangle mark = new Rectangle(
                    look.side() == PanelSide.LEFT ? 0 : wide - thick,
                    y + Math.rint(high * 0.22),
                    thick,
                    Math.rint(high * 0.56));
            mark.setFill(Color.web(colour));
            on.getChildren().add(mark);
        }
    }

    /** px its rows are scrolled. */
    double scrolled() {
        return scrolled;
    }

    void scrollTo(double px) {
        scrolled = Math.clamp(px, 0, place.maxScroll());
        rows.setTranslateY(-Math.rint(scrolled * scale));
    }

    /**
     * @param out from 0, in, to 1, all out
     * @param page that it comes over, or that moves with it
     */
    void at(double out, LevelView page) {
        double all = Math.rint(deviceWidth * scale);
        double inwards = side() == PanelSide.LEFT ? 1 : -1;
        double way = inwards * Math.rint(wide() * out);
        double rests = inwards
                * Math.rint(
                        (place.drawer().panel().gap() + place.drawer().panel().rests()) * scale * out);
        boolean moving = moves == Moves.SHIFTS || moves == Moves.REVEALS;
        double shrunk = moves == Moves.REVEALS ? 1 - (1 - place.drawer().panel().shrinks() / 100.0) * out : 1;
        // A page that shrinks does so about its middle; its near edge stays at the drawer.
        double slack = -inwards * all * (1 - shrunk) / 2;
        for (Node node : List.of(page, shade)) {
            node.setTranslateX(moving ? Math.rint(way + rests + slack) : 0);
            node.setScaleX(shrunk);
            node.setScaleY(shrunk);
        }
        panel.setTranslateX(isBeneath() ? 0 : way - inwards * Math.rint(wide()));
        shade.setOpacity(place.drawer().panel().shade() / 100.0 * out);
    }
}
