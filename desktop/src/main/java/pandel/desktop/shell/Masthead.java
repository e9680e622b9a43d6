package pandel.desktop.shell;

import java.nio.file.Path;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.check.Checked;
import pandel.core.model.device.Device;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Work;
import pandel.files.settings.Preferences;

/** The top of the window: what is open, the stages with their counts, the device, undo and redo. */
final class Masthead extends GridPane {

    private final Work work;
    /** px of width, with words of usual size, under which counts give way. */
    private static final double CROWDED = 900;

    private final Map<WorkStage, ToggleButton> stages = new EnumMap<>(WorkStage.class);
    private final Map<WorkStage, Label> counts = new EnumMap<>(WorkStage.class);
    private final Button name = new Button();
    private final Label kept = new Label();
    private final Button device = new Button();
    private final Button undo = new Button("Undo");
    private final Button redo = new Button("Redo");

    Masthead(
            Work work,
            Preferred preferred,
            Consumer<WorkStage> go,
            Map<String, Command> commands,
            Consumer<Path> openRecent) {
        this.work = work;
        getStyleClass().add("masthead");
        name.getStyleClass().add("name");
        name.setId("name");
        kept.getStyleClass().addAll("quiet", "small");
        name.setOnAction(e -> menu(commands, preferred, openRecent).show(name, Side.BOTTOM, 0, 0));
        kept.setMinWidth(Region.USE_PREF_SIZE);
        name.setMinWidth(0);
        HBox left = new HBox(4, name, kept);
        left.setAlignment(Pos.CENTER_LEFT);
        HBox middle = new HBox(24);
        Runnable crowds = () -> crowd(getWidth() < CROWDED * preferred.now().text() / Preferences.USUAL.text());
        widthProperty().subscribe(crowds);
        preferred.property().subscribe(crowds);
        middle.setAlignment(Pos.CENTER);
        ToggleGroup group = new ToggleGroup();
        for (WorkStage stage : WorkStage.values()) {
            middle.getChildren().add(tab(stage, group, go));
        }
        device.setId("device");
        Runnable devices = Objects.requireNonNull(commands.get("devices")).action();
        device.setOnAction(e -> deviceMenu(devices).show(device, Side.BOTTOM, 0, 0));
        undo.setOnAction(e -> work.undo());
        redo.setOnAction(e -> work.redo());
        undo.setId("undo");
        redo.setId("redo");
        Button find = new Button("Find");
        find.setId("find");
        find.setTooltip(new Tooltip("Find anything by its words  Ctrl+F"));
        find.setOnAction(
                e -> Objects.requireNonNull(commands.get("find")).action().run());
        List.of(undo, redo, find).forEach(b -> b.setMinWidth(Region.USE_PREF_SIZE));
        device.setMinWidth(0);
        HBox right = new HBox(4, device, undo, redo, find);
        right.setAlignment(Pos.CENTER_RIGHT);
        // The stages stand in the middle and are never cut; what is beside them shares what they leave.
        middle.setMinWidth(Region.USE_PREF_SIZE);
        ColumnConstraints side = new ColumnConstraints(0, 0, Double.MAX_VALUE);
        side.setHgrow(Priority.ALWAYS);
        ColumnConstraints centre = new ColumnConstraints();
        getColumnConstraints().addAll(side, centre, side);
        addRow(0, left, middle, right);
        setAlignment(Pos.CENTER);
        work.prototypeProperty().addListener((o, a, b) -> refresh());
        work.historyProperty().addListener((o, a, b) -> refresh());
        work.keptProperty().addListener((o, a, b) -> refresh());
        work.checkedProperty().addListener((o, a, b) -> refresh());
        work.deviceProperty().addListener((o, a, b) -> refresh());
        refresh();
    }

    private ToggleButton tab(WorkStage stage, ToggleGroup group, Consumer<WorkStage> go) {
        Label what = new Label(stage.title());
        what.getStyleClass().add("what");
        Label count = new Label();
        count.getStyleClass().addAll("small", "quiet");
        HBox words = new HBox(what, count);
        words.getStyleClass().add("words");
        Region bracket = new Region();
        bracket.getStyleClass().add("bracket");
        VBox graphic = new VBox(4, words, bracket);
        ToggleButton tab = new ToggleButton();
        tab.setGraphic(graphic);
        tab.getStyleClass().add("stage-tab");
        tab.setId("stage-" + stage.name().toLowerCase(Locale.ROOT));
        tab.setAccessibleText(stage.title());
        tab.setTooltip(new Tooltip(stage.title() + "  Ctrl+" + (stage.ordinal() + 1)));
        tab.setToggleGroup(group);
        tab.setOnAction(e -> go.accept(stage));
        stages.put(stage, tab);
        counts.put(stage, count);
        return tab;
    }

    /** Where words are large beside the window, only what one presses is left. */
    private void crowd(boolean crowded) {
        counts.values().forEach(count -> {
            count.setVisible(!crowded);
            count.setManaged(!crowded);
        });
        kept.setVisible(!crowded);
        kept.setManaged(!crowded);
    }

    void showStage(WorkStage stage) {
        Objects.requireNonNull(stages.get(stage)).setSelected(true);
    }

    private ContextMenu menu(Map<String, Command> commands, Preferred preferred, Consumer<Path> openRecent) {
        ContextMenu menu = new ContextMenu();
        for (String id : List.of(
                "new",
                "open",
                "open-folder",
                "-",
                "gather",
                "gather-pages",
                "replace",
                "replace-pages",
                "watch",
                "unwatch",
                "doubts",
                "-",
                "save",
                "save-as",
                "save-folder",
                "hand-on",
                "phone",
                "remarks",
                "versions",
                "merge",
                "-",
                "facts",
                "feel",
                "frames",
                "starts",
                "devices",
                "-",
                "rename",
                "sample",
                "-",
                "preferences",
                "look",
                "keys",
                "-",
                "quit")) {
            if (id.equals("-")) {
                menu.getItems().add(new SeparatorMenuItem());
                continue;
            }
            Command command = Objects.requireNonNull(commands.get(id), id);
            MenuItem item = new MenuItem(command.title());
            item.setId("menu-" + id);
            if (!command.keys().isEmpty()) {
                item.setAccelerator(command.keys().getFirst());
            }
            item.setDisable(!command.possible().getAsBoolean());
            item.setOnAction(e -> command.action().run());
            menu.getItems().add(item);
            if (id.equals("open-folder")) {
                menu.getItems().add(recent(preferred, openRecent));
            }
        }
        return menu;
    }

    private static Menu recent(Preferred preferred, Consumer<Path> openRecent) {
        Menu recent = new Menu("Opened last");
        recent.setId("menu-recent");
        recent.setDisable(preferred.now().recent().isEmpty());
        for (Path file : preferred.now().recent()) {
            MenuItem item = new MenuItem(file.getFileName() + "  in " + file.getParent());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> openRecent.accept(file));
            recent.getItems().add(item);
        }
        return recent;
    }

    /** Chooses a device, no more: which there are is said on their page. */
    private ContextMenu deviceMenu(Runnable devices) {
        ContextMenu menu = new ContextMenu();
        ToggleGroup one = new ToggleGroup();
        for (Device each : work.prototype().devices()) {
            RadioMenuItem item = new RadioMenuItem(describe(each));
            item.setMnemonicParsing(false);
            item.setToggleGroup(one);
            item.setSelected(each.equals(work.device()));
            item.setOnAction(e -> work.use(each));
            menu.getItems().add(item);
        }
        menu.getItems().addAll(new SeparatorMenuItem(), Buttons.item("Devices…", "devices-page", devices));
        return menu;
    }

    private static String describe(Device d) {
        String back = switch (d.back()) {
            case NONE -> "no back of its own";
            case BUTTON -> "back button";
            case SWIPE -> "back swipe";
            case SWIPE_FROM_RIGHT -> "back swipe from the right";
            case SWIPE_FROM_BOTH -> "back swipe from both edges";
        };
        return d.title() + ", " + Math.round(d.width()) + " × " + Math.round(d.height()) + ", " + back;
    }

    private void refresh() {
        String title = work.prototype().title();
        name.setText((title.isBlank() ? "Untitled" : title) + "  ▾");
        name.setAccessibleText("Menu of " + title);
        kept.setText(
                !work.isSaved()
                        ? "unsaved changes"
                        : work.keptProperty()
                                .get()
                                .map(k -> "saved " + k.at().format(DateTimeFormatter.ofPattern("HH:mm")))
                                .orElse("not in a file yet"));
        device.setText(work.device().title());
        device.setAccessibleText("Device: " + work.device().title());
        undo.setDisable(work.historyProperty().get().undoName().isEmpty());
        redo.setDisable(work.historyProperty().get().redoName().isEmpty());
        undo.setTooltip(new Tooltip(work.historyProperty()
                .get()
                .undoName()
                .map(n -> "Undo: " + n + "  Ctrl+Z")
                .orElse("Nothing to undo")));
        redo.setTooltip(new Tooltip(work.historyProperty()
                .get()
                .redoName()
                .map(n -> "Redo: " + n + "  Ctrl+Shift+Z")
                .orElse("Nothing to redo")));
        count(WorkStage.MOCKS, work.prototype().screens().size(), false);
        count(WorkStage.LINKS, work.prototype().index().ways().size(), false);
        int findings = work.checked().map(Checked::findings).map(List::size).orElse(0);
        count(WorkStage.CHECK, findings, findings > 0);
    }

    private void count(WorkStage stage, int n, boolean trouble) {
        Objects.requireNonNull(counts.get(stage)).setText(n == 0 && stage == WorkStage.CHECK ? "" : String.valueOf(n));
        Objects.requireNonNull(counts.get(stage)).getStyleClass().removeAll("trouble", "strong", "quiet");
        Objects.requireNonNull(counts.get(stage))
                .getStyleClass()
                .addAll(trouble ? List.of("trouble", "strong") : List.of("quiet"));
        Objects.requireNonNull(stages.get(stage)).setAccessibleText(stage.title() + ", " + n);
    }
}
