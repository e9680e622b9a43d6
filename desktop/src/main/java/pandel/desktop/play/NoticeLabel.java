package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.play.situation.Situation;

/** The passing message over the device, with what can be chosen on it. */
final class NoticeLabel extends HBox {

    /** px from the lower edge, over what is usually at the foot of a screen. */
    private static final double ABOVE = 72;

    private final Supplier<Prototype> prototype;
    private final Label words = new Label();
    private final Button action = new Button();
    private Optional<String> offered = Optional.empty();

    /** @param act told what is done to it */
    NoticeLabel(Supplier<Prototype> prototype, Region device, Consumer<Event> act) {
        this.prototype = prototype;
        getStyleClass().add("notice");
        setId("notice");
        setVisible(false);
        setOnMouseClicked(e -> act.accept(new Event.Touched(Gesture.TAP, new Event.On.OnNotice())));
        words.setWrapText(true);
        words.setId("notice-words");
        HBox.setHgrow(words, Priority.ALWAYS);
        action.setId("notice-action");
        action.getStyleClass().add("notice-action");
        action.setMnemonicParsing(false);
        action.setMinWidth(Region.USE_PREF_SIZE);
        action.setOnAction(
                e -> offered.ifPresent(id -> act.accept(new Event.Touched(Gesture.TAP, new Event.On.OnAction(id)))));
        getChildren().addAll(words, action);
        maxWidthProperty().bind(device.widthProperty().subtract(24));
        setMaxHeight(Region.USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        StackPane.setMargin(this, new Insets(0, 0, ABOVE, 0));
    }

    void show(Situation now) {
        setVisible(now.notice().isPresent());
        now.notice().ifPresent(n -> words.setText(n.words()));
        offered = now.notice().flatMap(Situation.Notice::action);
        Optional<Effect.Action> named =
                offered.flatMap(prototype.get().index()::way).flatMap(w -> w.action());
        action.setVisible(named.isPresent());
        action.setManaged(named.isPresent());
        named.ifPresent(a -> action.setText(a.shownLabel()));
    }
}
