package pandel.desktop.stage;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;

/** What a stage shows when there is nothing to show: why, and what to do next. */
public final class EmptyStage extends VBox {

    private static final double WIDEST = 520;

    public EmptyStage(String title, String hint) {
        getStyleClass().add("empty");
        Label head = new Label(title);
        head.getStyleClass().add("title");
        Label more = new WrappedLabel(hint);
        more.getStyleClass().add("quiet");
        more.setMaxWidth(TextSize.px(WIDEST));
        more.setMinHeight(Region.USE_PREF_SIZE);
        more.setAlignment(Pos.CENTER);
        more.setTextAlignment(TextAlignment.CENTER);
        getChildren().addAll(head, more);
    }

    /** The same with the one thing to do next. */
    public EmptyStage offering(String words, Runnable action) {
        Button button = new Button(words);
        button.getStyleClass().add("main");
        button.setOnAction(e -> action.run());
        getChildren().add(button);
        return this;
    }
}
