package pandel.desktop.mocks;

import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.core.edit.ScreenEdits;
import pandel.core.model.Form;
import pandel.core.model.Status;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** What can be done to several screens at once. */
final class ChosenBar extends HBox {

    private final Work work;
    private final Label count = new Label();

    ChosenBar(Work work, ScreenActions actions) {
        this.work = work;
        getStyleClass().add("chosen-bar");
        count.getStyleClass().add("strong");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(count, space, Press.word("Section…", "together-section", () -> actions.section(work.together())), forms(), statuses(),
                Press.word("Remove…", "together-remove", () -> actions.remove(work.together())),
                Press.word("Choose one only", "together-one", () -> work.selection().choose(work.selection().screen())));
    }

    private Button forms() {
        Button button = Press.word("Form…", "together-form", () -> { });
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            for (Form form : Form.values()) {
                menu.getItems().add(item("Make them " + form.word() + "s", () -> work.edit(ScreenEdits.form(work.together(), form))));
            }
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private Button statuses() {
        Button button = Press.word("Status…", "together-status", () -> { });
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            for (Status status : Status.values()) {
                menu.getItems().add(item(status == Status.PARKED ? "Park them: checks leave them out" : "They are " + status.word(), () -> work.edit(ScreenEdits.status(work.together(), status))));
            }
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> action.run());
        return item;
    }

    void refresh() {
        int n = work.selection().together().size();
        count.setText(n + " screens chosen");
        setVisible(n > 1);
        setManaged(n > 1);
    }
}
