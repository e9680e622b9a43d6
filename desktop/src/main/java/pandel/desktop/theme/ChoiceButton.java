package pandel.desktop.theme;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Popup;
import javafx.stage.Window;

/** What is chosen, with a notch; pressed it shows what else could be, beneath itself. */
public final class ChoiceButton extends Button {

    /** px; of longer words the end is left out. */
    private static final double WIDEST = 340;

    private ChoiceButton(String words, String id, double wide, String tip) {
        super(words);
        setId(id);
        getStyleClass().addAll("word", "choice");
        if (wide > 0) {
            setMinWidth(TextSize.px(wide));
            setMaxWidth(TextSize.px(wide));
        } else {
            setMinWidth(Region.USE_PREF_SIZE);
            setMaxWidth(TextSize.px(WIDEST));
        }
        setAlignment(Pos.CENTER_LEFT);
        setTooltip(new Tooltip(tip));
        setAccessibleText(tip + ": " + words);
    }

    /**
     * One of some.
     *
     * @param wide px; 0: as wide as its words
     * @param tip what is chosen here
     * @param word the words for one; the ids of the lines are the button's and the place of each, from 0
     */
    public static <T> ChoiceButton of(
            String id, double wide, String tip, List<T> all, T now, Function<T, String> word, Consumer<T> chosen) {
        ChoiceButton button = new ChoiceButton(word.apply(now), id, wide, tip);
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            ToggleGroup one = new ToggleGroup();
            for (T each : all) {
                RadioMenuItem item = Buttons.choice(
                        word.apply(each), id + "-" + all.indexOf(each), each.equals(now), () -> chosen.accept(each));
                item.setToggleGroup(one);
                menu.getItems().add(item);
            }
            menu.show(button, Side.BOTTOM, 0, 2);
        });
        return button;
    }

    /** The same as small as what stands aside. */
    public ChoiceButton small() {
        getStyleClass().add("small");
        return this;
    }

    /**
     * One of two.
     *
     * @param yes the words for what holds where it is chosen
     * @param no the words for the other
     */
    public static ChoiceButton either(
            String id, double wide, String tip, boolean now, String yes, String no, Consumer<Boolean> chosen) {
        return of(id, wide, tip, List.of(true, false), now, holds -> holds ? yes : no, chosen);
    }

    /** Any of some: they open beneath it and stay until one is done with them. */
    public static ChoiceButton opening(String id, double wide, String tip, String words, Supplier<Node> choices) {
        ChoiceButton button = new ChoiceButton(words, id, wide, tip);
        button.setOnAction(e -> {
            StackPane pane = new StackPane(choices.get());
            pane.getStyleClass().addAll("root", "choices");
            pane.getStylesheets().setAll(button.getScene().getStylesheets());
            Popup popup = new Popup();
            popup.setAutoHide(true);
            popup.getContent().add(pane);
            Bounds on = button.localToScreen(button.getLayoutBounds());
            // What it holds is styled, and has its size, only once it is shown.
            popup.setAutoFix(false);
            Window window = button.getScene().getWindow();
            double right =
                    window.getX() + button.getScene().getX() + button.getScene().getWidth();
            double foot =
                    window.getY() + button.getScene().getY() + button.getScene().getHeight();
            Runnable place = () -> {
                popup.setX(Math.min(on.getMinX(), right - popup.getWidth()));
                popup.setY(
                        on.getMaxY() + 2 + popup.getHeight() > foot && on.getMinY() > popup.getHeight()
                                ? on.getMinY() - 2 - popup.getHeight()
                                : on.getMaxY() + 2);
            };
            popup.widthProperty().addListener(w -> place.run());
            popup.heightProperty().addListener(h -> place.run());
            popup.show(window, on.getMinX(), on.getMaxY() + 2);
            place.run();
        });
        return button;
    }
}
