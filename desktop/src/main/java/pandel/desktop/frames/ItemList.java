package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Scroll;

/**
 * The items of a drawer one below another, in their sections, to be chosen, and carried to another place by mouse or
 * keys.
 */
final class ItemList extends StackPane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double HIGH = 126;
    private static final double WIDE = 500;

    private final VBox rows = new VBox(1);
    private final List<Button> items = new ArrayList<>();
    private final BiConsumer<Integer, Integer> moved;
    private final Reordering reordering;

    /**
     * @param chosen counted from 0
     * @param choose told which is chosen
     * @param moved told from where to where one was carried, both counted from 0
     */
    ItemList(Prototype prototype, Drawer drawer, int chosen, IntConsumer choose, BiConsumer<Integer, Integer> moved) {
        this.moved = moved;
        this.reordering = new Reordering(false, items, moved);
        String section = "";
        for (int i = 0; i < drawer.items().size(); i++) {
            Drawer.Item item = drawer.items().get(i);
            if (!item.section().equals(section)) {
                section = item.section();
                Label heading = new Label(section.isEmpty() ? "in no section" : section);
                heading.getStyleClass().addAll("quiet", "small");
                heading.getStyleClass().add("item-section");
                rows.getChildren().add(heading);
            }
            Button row = row(prototype, drawer, i, i == chosen, choose);
            items.add(row);
            rows.getChildren().add(row);
        }
        ScrollPane scroll = new Scroll(rows);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        scroll.setMaxHeight(HIGH);
        scroll.setPrefWidth(WIDE);
        scroll.setMaxWidth(WIDE);
        getChildren().add(scroll);
        setAlignment(Pos.TOP_LEFT);
        if (chosen > 2) {
            scroll.setVvalue(chosen / (double) Math.max(1, items.size() - 1));
        }
    }

    /** Gives the chosen item the focus. */
    void takeFocus() {
        applyCss();
        items.stream()
                .filter(n -> n.getPseudoClassStates().contains(CHOSEN))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    private Button row(Prototype prototype, Drawer drawer, int at, boolean chosen, IntConsumer choose) {
        Drawer.Item item = drawer.items().get(at);
        Label label = new Label(item.shownLabel());
        label.setMinWidth(0);
        Label does = new Label((item.held() ? "at the bottom · " : "") + LinkWords.effect(prototype, item.link()));
        does.getStyleClass().addAll("quiet", "small");
        does.setMinWidth(0);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox line = new HBox(10, label, space, does);
        line.setAlignment(Pos.CENTER_LEFT);
        line.setMinWidth(0);
        line.setPrefWidth(WIDE - 34);
        Button button = new Button("", line);
        button.getStyleClass().add("item-row");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setId("item-" + (at + 1));
        button.setAccessibleText(item.shownLabel() + ": " + LinkWords.effect(prototype, item.link()));
        button.pseudoClassStateChanged(CHOSEN, chosen);
        button.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            int to = e.getCode() == KeyCode.UP ? at - 1 : e.getCode() == KeyCode.DOWN ? at + 1 : at;
            if (to != at && to >= 0 && to < drawer.items().size()) {
                e.consume();
                if (e.isShortcutDown()) {
                    moved.accept(at, to);
                } else {
                    choose.accept(to);
                }
            }
        });
        reordering.add(button, at, choose);
        return button;
    }
}
