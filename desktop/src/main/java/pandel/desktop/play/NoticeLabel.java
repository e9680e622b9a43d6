package pandel.desktop.play;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.play.situation.Situation;

/** The passing message over the device. */
final class NoticeLabel extends Label {

    /** px from the lower edge, over what is usually at the foot of a screen. */
    private static final double ABOVE = 72;

    /** @param touched told when it is touched */
    NoticeLabel(Region device, Runnable touched) {
        getStyleClass().add("notice");
        setId("notice");
        setVisible(false);
        setOnMouseClicked(e -> touched.run());
        setWrapText(true);
        maxWidthProperty().bind(device.widthProperty().subtract(24));
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        StackPane.setMargin(this, new Insets(0, 0, ABOVE, 0));
    }

    void show(Situation now) {
        setVisible(now.notice().isPresent());
        now.notice().ifPresent(n -> setText(n.words()));
    }
}
