package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.play.words.LinkWords;

/**
 * The items of a drawer one below another, in their sections, to be chosen, and carried to another place by mouse or
 * keys.
 */
final class ItemList extends StackPane {

    private final VBox rows = new VBox(1);
    private final List<Button> items = new ArrayList<>();
    private final Reordering reordering;

    /**
     * @param chosen counted from 0
     * @param choose told which is chosen
     * @param moved told from where to where one was carried, both counted from 0
     */
    ItemList(Prototype prototype, Drawer drawer, int chosen, IntConsumer choose, BiConsumer<Integer, Integer> moved) {
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
        getChildren().add(rows);
        setAlignment(Pos.TOP_LEFT);
    }

    private Button row(Prototype prototype, Drawer drawer, int at, boolean chosen, IntConsumer choose) {
        Drawer.Item item = drawer.items().get(at);
        String does = (item.held() ? "at the bottom · " : "") + LinkWords.effect(prototype, item.link());
        Label label = new Label(item.shownLabel());
        label.setMinWidth(0);
        Label small = FrameWords.small(does);
        small.setMinWidth(0);
        Button button = new Button("", new VBox(label, small));
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setMinWidth(0);
        button.getStyleClass().add("item-row");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setId("item-" + (at + 1));
        button.setAccessibleText(item.shownLabel() + ": " + LinkWords.effect(prototype, item.link()));
        button.pseudoClassStateChanged(FrameWords.CHOSEN, chosen);
        reordering.add(button, at, choose);
        reordering.byKeys(button, at, drawer.items().size(), choose);
        return button;
    }
}
