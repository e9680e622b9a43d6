package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.AtPage;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Value;
import pandel.core.play.layout.ButtonPlace;
import pandel.core.play.layout.FieldLetters;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.PageFoot;
import pandel.core.play.layout.Pairs;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;

/** One level: the shade over what is beneath, and the mock of its current screen. */
final class LevelView extends Pane {

    private final Region shade = new Region();
    private final MockView mock;
    private final PictureLibrary pictures;
    private final Look look;
    private Optional<MockView> top = Optional.empty();
    private Optional<MockView> bottom = Optional.empty();
    private final int depth;
    private final boolean overlay;
    private final Pane texts = new Pane();
    private final Pane foot = new Pane();
    private final Pane strip = new Pane();
    private final Pane header = new Pane();
    /** px that strips at the top stand lower for a header. */
    private double below;

    private BiFunction<Room, Double, List<StripPlace>> strips = (r, h) -> List.of();
    private BiFunction<Room, Double, List<ButtonPlace>> buttons = (r, h) -> List.of();
    private Room ofStrips = Room.whole(Widths.USUAL, 1);
    private Runnable placeStrips = () -> {};
    private UnaryOperator<String> filled = UnaryOperator.identity();
    private Optional<AtPage> at = Optional.empty();
    private BiFunction<Room, Double, List<PageFoot.Sign>> signs = (r, h) -> List.of();
    private String ink = "";

    LevelView(PictureLibrary pictures, Look look, int depth, boolean overlay) {
        this.mock = new MockView(pictures);
        this.pictures = pictures;
        this.look = look;
        this.depth = depth;
        this.overlay = overlay;
        shade.getStyleClass().add("device-shade");
        shade.setStyle("-fx-background-color: rgba(28, 37, 41, "
                + look.screen().overlay().shade() / 100.0 + ");");
        shade.setVisible(overlay);
        shade.setManaged(false);
        setPickOnBounds(false);
        setMouseTransparent(true);
        List.of(texts, foot, strip, header).forEach(this::moveWithMock);
        getChildren().addAll(shade, mock, texts, foot, strip, header);
    }

    /**
     * The list beside the current place of a level, as it was left.
     *
     * @param at the level, counted from 0
     */
    static Optional<LevelView> list(PictureLibrary pictures, Prototype prototype, Situation now, int at, double scale) {
        return Pairs.beside(prototype, now, at).flatMap(b -> {
            Level list = b.returned().levels().get(at);
            return prototype.screen(list.trail().current().screen()).map(screen -> {
                LevelView view = new LevelView(
                        pictures,
                        list.look(prototype, screen, now.facts()),
                        list.trail().depth(),
                        false);
                view.mock.setId("beside-list");
                view.know(prototype, list.known(now.facts()));
                view.head(prototype, Under.list(prototype, HeaderLayer.upTo(now, at)), scale);
                view.place(b.list(), now.height(), scale, list.trail().current().scroll());
                view.partFrom();
                return view;
            });
        });
    }

    private void moveWithMock(Node node) {
        node.translateXProperty().bind(mock.translateXProperty());
        node.translateYProperty().bind(mock.translateYProperty());
        node.opacityProperty().bind(mock.opacityProperty());
    }

    boolean shows(Look other, int otherDepth) {
        return look.equals(other) && depth == otherDepth;
    }

    /** What is known where it stands: it fills the words laid on the mock, and stands in its fields. */
    void know(Prototype prototype, Known now) {
        filled = words -> Placeholders.filled(words, prototype, now);
        mock.fill(filled);
        texts.getChildren().clear();
        for (Hotspot hotspot : prototype.index().hotspotsOn(look.screen().id())) {
            Value typed = now.held().typed().get(hotspot.id());
            if (hotspot.isField() && typed != null) {
                Label label = new Label(typed.shown());
                label.getStyleClass().add("typed-text");
                label.setUserData(hotspot);
                label.setManaged(false);
                texts.getChildren().add(label);
            }
        }
    }

    private void placeTexts(Placement p, Width width, double scale, double scroll) {
        for (Node node : texts.getChildren()) {
            look.areaOf((Hotspot) node.getUserData(), width).ifPresent(a -> {
                double factor = p.factor() * scale;
                node.setStyle("-fx-font-size: " + Math.max(1, FieldLetters.px(a.height()) * factor) + "px;");
                node.resizeRelocate(
                        Math.rint(p.x() * scale + a.x() * factor),
                        Math.rint((p.y() - scroll) * scale + a.y() * factor),
                        Math.rint(a.width() * factor),
                        Math.rint(a.height() * factor));
            });
        }
    }

    /** Where the sequence stands whose page it is, and what is laid over that. */
    void standAt(Prototype prototype, Optional<AtPage> place) {
        at = place;
        signs = (room, height) -> PageFoot.on(prototype, look, place, room, height);
        ink = place.flatMap(a -> prototype.sequence(a.sequence()))
                .map(s -> s.laid().ink())
                .orElse("");
    }

    /** The header over it, as it stands while so much is scrolled; before it is placed. */
    void head(Prototype prototype, Optional<Under> under, double scale) {
        Optional<HeaderPlace> place = under.flatMap(u -> HeaderPlace.over(prototype, u));
        below = place.map(p -> Math.max(0, p.area().bottom())).orElse(0.0);
        header.getChildren()
                .setAll(place.map(p -> HeaderView.of(pictures, p, scale)).stream()
                        .toList());
        header.relocate(-Math.rint(under.map(u -> u.room().x()).orElse(0.0) * scale), 0);
    }

    /** The strips of the tab sets it stands in. */
    void standIn(Prototype prototype, List<EnclosingTab> around) {
        standIn(prototype, around, UnaryOperator.identity());
    }

    /** @param rolled a strip as it is scrolled */
    void standIn(Prototype prototype, List<EnclosingTab> around, UnaryOperator<StripPlace> rolled) {
        buttons = (room, height) ->
                ButtonPlace.on(prototype, around, look.screen().id(), room.on(), room.width(), height, below);
        strips = (room, height) ->
                StripPlace.on(prototype, around, look.screen().id(), room.on(), room.width(), height).stream()
                        .map(rolled)
                        .map(p -> p.below(below))
                        .toList();
    }

    /** Strips stand across all of the device, also where the page has less of it. */
    private void placeStrips(Room page, double deviceHeight, double scale) {
        placeStrips = () -> placeStrips(page, deviceHeight, scale);
        strip.relocate(Math.rint(ofStrips.x() * scale) - Math.rint(page.x() * scale), 0);
        strip.getChildren()
                .setAll(strips.apply(ofStrips, deviceHeight).stream()
                        .map(p -> new StripView(pictures, p, scale))
                        .toList());
        buttons.apply(ofStrips, deviceHeight)
                .forEach(p -> strip.getChildren().add(StripView.button(pictures, p, scale)));
    }

    /** Places them anew once they are scrolled. */
    void placeStrips() {
        placeStrips.run();
    }

    /** Whether another view stands in the same strips, which stay while what is behind them changes. */
    boolean sharesStrips(LevelView other, double height) {
        List<StripPlace> own = strips.apply(ofStrips, height);
        return !own.isEmpty()
                && own.stream()
                        .map(p -> p.set().id())
                        .toList()
                        .equals(other.strips.apply(other.ofStrips, height).stream()
                                .map(p -> p.set().id())
                                .toList());
    }

    /** While tabs are switched, or one goes on in one of them, the strip stays where it is. */
    void keepStripStill() {
        strip.translateXProperty().unbind();
        strip.translateYProperty().unbind();
        strip.opacityProperty().unbind();
        strip.setTranslateX(0);
        strip.setTranslateY(0);
        strip.setOpacity(1);
    }

    /** Whether another view shows a page of the same sequence. */
    boolean isBeside(LevelView other) {
        return at.isPresent()
                && at.map(AtPage::sequence).equals(other.at.map(AtPage::sequence))
                && depth == other.depth;
    }

    /** While pages are turned what is laid over them stays where it is. */
    void keepFootStill() {
        foot.translateXProperty().unbind();
        foot.setTranslateX(0);
    }

    void hideFoot() {
        foot.setVisible(false);
    }

    private void placeSigns(Room room, double deviceHeight, double scale) {
        foot.getChildren().clear();
        for (PageFoot.Sign sign : signs.apply(room, deviceHeight)) {
            Node node = sign.words().isEmpty() ? dot(sign, scale) : word(sign, scale);
            foot.getChildren().add(node);
        }
    }

    private Node dot(PageFoot.Sign sign, double scale) {
        Circle dot = new Circle(
                Math.rint((sign.area().x() + sign.area().width() / 2) * scale) + 0.5,
                Math.rint((sign.area().y() + sign.area().height() / 2) * scale) + 0.5,
                Math.max(2, 4 * scale));
        Color colour = Color.web(ink);
        dot.setFill(sign.here() ? colour : Color.TRANSPARENT);
        dot.setStroke(colour);
        dot.setStrokeWidth(Math.max(1, 1.5 * scale));
        return dot;
    }

    private Node word(PageFoot.Sign sign, double scale) {
        Label word = new Label(sign.words());
        word.setManaged(false);
        boolean left = sign.on()
                .filter(on -> on instanceof Event.On.OnTurn turn && turn.turn() instanceof PageTurn.Previous)
                .isPresent();
        word.setAlignment(sign.on().isEmpty() ? Pos.CENTER : left ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
        word.setStyle("-fx-font-size: " + Math.max(1, 16 * scale) + "px; -fx-text-fill: " + ink + ";");
        word.resizeRelocate(
                Math.rint(sign.area().x() * scale),
                Math.rint(sign.area().y() * scale),
                Math.rint(sign.area().width() * scale),
                Math.rint(sign.area().height() * scale));
        return word;
    }

    /**
     * @param room across the device
     * @param deviceHeight px
     */
    void place(Room room, double deviceHeight, double scale, double scroll) {
        place(room, room, deviceHeight, scale, scroll);
    }

    /**
     * @param room of the page, across the device
     * @param across the room of the strips around it
     * @param deviceHeight px
     */
    void place(Room room, Room across, double deviceHeight, double scale, double scroll) {
        ofStrips = across;
        Placement p = Placement.of(look, room, deviceHeight);
        double deviceWidth = room.width();
        relocate(Math.rint(room.x() * scale), 0);
        shade.resizeRelocate(0, 0, deviceWidth * scale, deviceHeight * scale);
        setPrefSize(deviceWidth * scale, deviceHeight * scale);
        mock.show(look, room.on(), Math.rint(p.width() * scale), Math.rint(p.height() * scale));
        mock.autosize();
        placeStrips(room, deviceHeight, scale);
        placeSigns(room, deviceHeight, scale);
        placeTexts(p, room.on(), scale, Math.min(scroll, p.maxScroll()));
        double inner = Math.min(scroll, p.maxScroll()) - p.raised(scroll);
        // What a sheet scrolls goes beneath its own top.
        mock.setClip(
                overlay && p.y() > 0 && inner > 0
                        ? new Rectangle(
                                0,
                                Math.rint(inner * scale),
                                Math.rint(p.width() * scale),
                                Math.rint(p.height() * scale))
                        : null);
        mock.relocate(Math.rint(p.x() * scale), Math.rint((p.y() - Math.min(scroll, p.maxScroll())) * scale));
        top = fixed(top, p.fixedTop() > 0, p, room.on(), scale, p.y() - p.raised(scroll), 0, p.fixedTop());
        bottom = fixed(
                bottom,
                p.fixedBottom() > 0,
                p,
                room.on(),
                scale,
                p.y() - p.maxScroll(),
                p.height() - p.fixedBottom(),
                p.fixedBottom());
    }

    /** The part of the mock that stays put, drawn over what scrolls. */
    private Optional<MockView> fixed(
            Optional<MockView> now,
            boolean wanted,
            Placement p,
            Width on,
            double scale,
            double y,
            double from,
            double high) {
        if (!wanted) {
            now.ifPresent(getChildren()::remove);
            return Optional.empty();
        }
        MockView part = now.orElseGet(() -> {
            MockView made = new MockView(pictures);
            made.fill(filled);
            moveWithMock(made);
            getChildren().add(getChildren().indexOf(foot), made);
            return made;
        });
        part.show(look, on, Math.rint(p.width() * scale), Math.rint(p.height() * scale));
        part.setClip(new Rectangle(0, Math.rint(from * scale), Math.rint(p.width() * scale), Math.rint(high * scale)));
        part.autosize();
        part.relocate(Math.rint(p.x() * scale), Math.rint(y * scale));
        return Optional.of(part);
    }

    /** The list of a pair, with a line at its right. */
    void partFrom() {
        setClip(new Rectangle(getPrefWidth(), getPrefHeight()));
        Rectangle line = new Rectangle(getPrefWidth() - 1, 0, 1, getPrefHeight());
        line.getStyleClass().add("device-rule");
        getChildren().add(line);
    }

    Region shade() {
        return shade;
    }

    MockView mock() {
        return mock;
    }

    boolean isOverlay() {
        return overlay;
    }

    /** As it stands when nothing moves. */
    void still() {
        mock.setTranslateX(0);
        mock.setTranslateY(0);
        mock.setOpacity(1);
        mock.setScaleX(1);
        mock.setScaleY(1);
        shade.setOpacity(1);
    }
}
