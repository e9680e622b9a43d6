package pandel.desktop.shell.page;

import java.util.List;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.desktop.stage.Command;
import pandel.desktop.theme.Scroll;
import pandel.desktop.theme.TextSize;

/** All keys on one page, made from the commands themselves. */
final class KeysPage {

    private KeysPage() {}

    static Region of(Map<String, List<Command>> groups) {
        VBox page = new VBox();
        page.getStyleClass().add("keys-page");
        Label title = new Label("Keys");
        title.getStyleClass().add("title");
        GridPane columns = new GridPane(32, 24);
        int i = 0;
        for (Map.Entry<String, List<Command>> group : groups.entrySet()) {
            columns.add(group(group.getKey(), group.getValue()), i % 2, i / 2);
            i++;
        }
        ScrollPane scroll = new Scroll(columns);
        scroll.setFitToWidth(true);
        scroll.setPrefSize(TextSize.px(720), 480);
        Label hint = new Label("Esc closes this page.");
        hint.getStyleClass().addAll("quiet", "small");
        page.getChildren().addAll(title, scroll, hint);
        page.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        page.setFocusTraversable(true);
        page.setAccessibleText("All keys");
        return page;
    }

    private static Region group(String name, List<Command> commands) {
        GridPane rows = new GridPane(16, 6);
        Label heading = new Label(name);
        heading.getStyleClass().add("heading");
        rows.add(heading, 0, 0, 2, 1);
        int row = 1;
        for (Command command :
                commands.stream().filter(c -> !c.keys().isEmpty()).toList()) {
            Label key = new Label(command.keyName());
            key.getStyleClass().add("key");
            rows.add(new Label(command.title()), 0, row);
            rows.add(key, 1, row++);
        }
        rows.getColumnConstraints().add(new javafx.scene.layout.ColumnConstraints(TextSize.px(210)));
        return rows;
    }
}
