package pandel.desktop.frames;

import java.util.function.Consumer;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.shape.SVGPath;
import pandel.desktop.sign.TabSigns;
import pandel.desktop.theme.Buttons;

/** The signs of tabs and items, to choose one from. */
final class Signs {

    private Signs() {}

    /** @param chosen told its name; empty: none */
    static ContextMenu menu(Consumer<String> chosen) {
        ContextMenu menu = new ContextMenu();
        menu.getItems().add(Buttons.item("no sign", "sign-none", () -> chosen.accept("")));
        for (String name : TabSigns.names()) {
            MenuItem item = Buttons.item(name, "sign-" + name, () -> chosen.accept(name));
            SVGPath path = new SVGPath();
            path.setContent(TabSigns.path(name));
            path.getStyleClass().add("sign-line");
            item.setGraphic(path);
            menu.getItems().add(item);
        }
        return menu;
    }
}
