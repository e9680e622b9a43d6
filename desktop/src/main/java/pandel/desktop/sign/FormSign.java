package pandel.desktop.sign;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import pandel.core.model.screen.Form;

/** A screen's form as a shape: the device's outline, and what part of it the screen fills. */
public final class FormSign extends Pane {

    private static final double W = 10;
    private static final double H = 14;

    public FormSign(Form form) {
        setMinSize(W + 1, H + 1);
        setMaxSize(W + 1, H + 1);
        Rectangle outline = new Rectangle(0.5, 0.5, W, H);
        Rectangle part = switch (form) {
            case PAGE -> new Rectangle(0, 0);
            case DIALOG -> new Rectangle(2.5, 4.5, W - 4, H - 8);
            case SHEET -> new Rectangle(0.5, H / 2 + 1, W, H / 2 - 0.5);
            case PANEL -> new Rectangle(W / 2 + 0.5, 0.5, W / 2, H);
        };
        outline.getStyleClass().add("shape");
        part.getStyleClass().add("form-part");
        getChildren().addAll(outline, part);
        setAccessibleText(form.word());
    }
}
