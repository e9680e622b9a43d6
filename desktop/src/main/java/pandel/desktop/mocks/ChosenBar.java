package pandel.desktop.mocks;

import java.util.List;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Status;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** What can be done to several screens at once. */
final class ChosenBar extends HBox {

    private final Work work;
    private final ScreenActions actions;
    private final Label count = new Label();

    ChosenBar(Work work, ScreenActions actions) {
        this.work = work;
        this.actions = actions;
        getStyleClass().add("chosen-bar");
        count.getStyleClass().add("strong");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren()
                .addAll(
                        count,
                        space,
                        Buttons.word("Link in order", "together-order", () -> actions.linkInOrder(work.together())),
                        frames(),
                        Buttons.word("Copy…", "together-copy", () -> actions.copying.here(work.together())),
                        Buttons.word("Section…", "together-section", () -> actions.section(work.together())),
                        forms(),
                        statuses(),
                        scales(),
                        Buttons.word("Remove…", "together-remove", () -> actions.remove(work.together())),
                        Buttons.word(
                                "Choose one only",
                                "together-one",
                                () -> work.selection().choose(work.selection().screen())));
    }

    private Button frames() {
        Button button = Buttons.word("Frame…", "together-frame", () -> {});
        button.setTooltip(new Tooltip(
                "Put them behind a strip, make them a sequence, put them in a drawer, or lay a header over them"));
        button.setOnAction(e -> new ContextMenu(
                        Buttons.item(
                                "Put behind a strip", "together-tabs", () -> actions.putBehindStrip(work.together())),
                        Buttons.item(
                                "Make a sequence", "together-sequence", () -> actions.makeSequence(work.together())),
                        Buttons.item("Put in a drawer", "together-drawer", () -> actions.putInDrawer(work.together())),
                        Buttons.item(
                                "Lay a header over them", "together-header", () -> actions.layHeader(work.together())),
                        Buttons.item(
                                "Put side by side, list and detail",
                                "together-pair",
                                () -> actions.putSideBySide(work.together())))
                .show(button, Side.BOTTOM, 0, 0));
        return button;
    }

    private Button forms() {
        Button button = Buttons.word("Form…", "together-form", () -> {});
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            for (Form form : Form.values()) {
                menu.getItems()
                        .add(Buttons.item("Make them " + form.word() + "s", () -> actions.form(work.together(), form)));
            }
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private Button scales() {
        Button button = Buttons.word("Scale…", "together-scale", () -> {});
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().setAll(List.copyOf(actions.scales(work.together()).getItems()));
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private Button statuses() {
        Button button = Buttons.word("Status…", "together-status", () -> {});
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            for (Status status : Status.values()) {
                menu.getItems()
                        .add(Buttons.item(
                                status == Status.PARKED
                                        ? "Park them: checks leave them out"
                                        : "They are " + status.word(),
                                () -> work.edit(ScreenEdits.status(work.together(), status))));
            }
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    void refresh() {
        int n = work.selection().together().size();
        count.setText(n + " screens chosen");
        setVisible(n > 1);
        setManaged(n > 1);
    }
}
