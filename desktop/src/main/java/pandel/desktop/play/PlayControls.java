package pandel.desktop.play;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;

/** What can be done to play as a whole. */
final class PlayControls extends VBox {

    /** What the controls ask of play. */
    record Asked(
            Runnable startOver,
            Runnable deviceBack,
            Runnable edit,
            Runnable hurry,
            Runnable hold,
            Consumer<DeviceSize> size,
            Runnable alone,
            Consumer<Node> starts) {}

    private final Button hold;
    private final Asked asked;
    private @Nullable DeviceSize shown;
    private final HBox second = new HBox(4);

    PlayControls(Asked asked) {
        Button starts = Buttons.plain("From…", "start-from", () -> {});
        starts.setTooltip(new Tooltip("Begin at another entry or start point, or keep this moment as one"));
        starts.setOnAction(e -> asked.starts().accept(starts));
        HBox buttons = new HBox(
                4,
                Buttons.plain("Start over", "start-over", asked.startOver()),
                starts,
                Buttons.plain("Device back", "device-back", asked.deviceBack()));
        buttons.getStyleClass().add("play-buttons");
        hold = Buttons.smallWord("Hold", "hold", asked.hold());
        HBox first = new HBox(
                4,
                Buttons.smallWord("Edit this screen", "edit-this", asked.edit()),
                Buttons.smallWord("Hurry", "hurry", asked.hurry()),
                hold);
        first.getStyleClass().add("play-words");
        this.asked = asked;
        second.setAlignment(Pos.CENTER_LEFT);
        second.getStyleClass().add("play-last-words");
        getChildren().addAll(buttons, first, second);
    }

    void refresh(boolean held, DeviceSize now) {
        hold.setText(held ? "Let go on" : "Hold");
        if (shown == now) {
            return;
        }
        shown = now;
        second.getChildren()
                .setAll(
                        ChoiceButton.of(
                                        "play-size",
                                        0,
                                        "How large the device stands here, F",
                                        List.of(DeviceSize.values()),
                                        now,
                                        DeviceSize::word,
                                        asked.size())
                                .small(),
                        Buttons.smallWord("Show, device alone", "show-alone", asked.alone()));
    }
}
