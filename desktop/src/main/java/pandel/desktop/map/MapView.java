package pandel.desktop.map;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;
import pandel.core.chart.Chart;
import pandel.core.chart.MapLayout;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.EmptyStage;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.WhileShown;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.work.Work;

/** All screens by the fewest steps from an entry; the never shown on a shelf of their own; or all links as a table. */
public final class MapView implements StageView {

    private static final PseudoClass QUIET_SHELF = PseudoClass.getPseudoClass("quiet-shelf");
    private static final int SHELVED = 60;

    private final Work work;
    private final PageHost around;
    private final StackPane node = new StackPane();
    private final BorderPane page = new BorderPane();
    private final MapDrawing drawing;
    private final ScrollPane scroll;
    private final VBox shelf = new VBox();
    private final MapBar bar;
    private final MapFoot foot;
    private final LinkTable table;
    private Optional<Chart> chart = Optional.empty();
    private final WhileShown shown;
    private boolean wasTable;
    private String camePast = "";

    public MapView(Work work, PageHost around) {
        this.work = work;
        this.around = around;
        this.drawing = new MapDrawing(work, around.pictures(), new MapDrawing.Stage() {
            @Override
            public void choose(String screen) {
                MapView.this.choose(screen);
            }

            @Override
            public void open(String screen) {
                around.go(WorkStage.LINKS);
            }
        });
        this.scroll = new Scroll(drawing);
        this.bar = new MapBar(work, this::draw);
        this.foot = new MapFoot(work, around, bar);
        this.table = new LinkTable(work, around);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        scroll.viewportBoundsProperty().addListener((o, a, b) -> {
            if (a.getHeight() != b.getHeight() || a.getWidth() != b.getWidth()) {
                draw();
            }
        });
        shelf.getStyleClass().add("shelf");
        page.setTop(bar);
        page.setCenter(scroll);
        page.setBottom(new VBox(shelf, foot));
        this.shown = new WhileShown(() -> Subscription.combine(
                work.checkedProperty().subscribe((was, is) -> refresh()),
                work.selection().screenProperty().subscribe((was, is) -> draw())));
    }

    private void choose(String screen) {
        if (!bar.takes(screen)) {
            camePast = work.selection().screen();
            work.selection().choose(screen);
        }
    }

    private void refresh() {
        if (!shown.isOn()) {
            return;
        }
        chart = work.checked().filter(c -> c.prototype() == work.prototype()).map(Chart::of);
        foot.forget();
        draw();
    }

    private void draw() {
        if (!shown.isOn() || chart.isEmpty()) {
            return;
        }
        if (work.prototype().screens().isEmpty()) {
            node.getChildren().setAll(empty());
            return;
        }
        if (node.getChildren().isEmpty() || node.getChildren().getFirst() != page) {
            node.getChildren().setAll(page);
        }
        bar.refresh();
        page.setCenter(bar.isTable() ? table : scroll);
        page.getBottom().setVisible(!bar.isTable());
        page.getBottom().setManaged(!bar.isTable());
        if (bar.isTable()) {
            table.refresh();
            if (!wasTable) {
                table.requestFocus();
            }
            wasTable = true;
            return;
        }
        wasTable = false;
        MapLight light = bar.light(work.checked().orElseThrow());
        boolean hadFocus = drawing.chipOf(work.selection().screen()).isPresent()
                && Buttons.focused(page).filter(MapChip.class::isInstance).isPresent();
        drawing.draw(
                chart.get(),
                work.checked().orElseThrow(),
                light,
                bar.isInLanes(),
                bar.isOfMocks(),
                scroll.getViewportBounds().getWidth(),
                Math.max(200, scroll.getViewportBounds().getHeight()));
        drawShelf();
        foot.refresh(light);
        if (hadFocus || page.getScene() != null && Buttons.focused(page).isEmpty()) {
            drawing.chipOf(work.selection().screen()).ifPresent(Node::requestFocus);
        }
        keepInSight();
    }

    /** Scrolls so that the chosen chip can be seen. */
    private void keepInSight() {
        drawing.chipOf(work.selection().screen())
                .filter(chip -> chip.getParent() == drawing)
                .ifPresent(chip -> {
                    double hidden =
                            drawing.getPrefWidth() - scroll.getViewportBounds().getWidth();
                    double left = scroll.getHvalue() * hidden;
                    double room = scroll.getViewportBounds().getWidth();
                    if (hidden > 0 && (chip.getLayoutX() < left || chip.getLayoutX() + chip.getWidth() > left + room)) {
                        scroll.setHvalue(Math.clamp((chip.getLayoutX() - room / 2) / hidden, 0, 1));
                    }
                });
    }

    private void drawShelf() {
        List<Screen> never = chart.orElseThrow().shelf();
        shelf.setVisible(!never.isEmpty());
        shelf.setManaged(!never.isEmpty());
        Label heading = new Label("Never shown");
        heading.getStyleClass().addAll("strong", "trouble");
        Label why = new Label(
                "no way of using this prototype leads " + (never.size() == 1 ? "to it" : "to these " + never.size()));
        why.getStyleClass().addAll("quiet", "small");
        HBox head = new HBox(8, heading, why);
        head.setAlignment(Pos.BASELINE_LEFT);
        FlowPane row = new FlowPane(12, 8);
        never.stream().limit(SHELVED).forEach(s -> {
            MapChip chip = drawing.chip(s, work.checked().orElseThrow(), true);
            chip.size(MapLayout.CHIP, MapLayout.CHIP_HIGH);
            row.getChildren().add(chip);
        });
        if (never.size() > SHELVED) {
            Label more = new Label("and " + (never.size() - SHELVED) + " more");
            more.getStyleClass().add("quiet");
            row.getChildren().add(more);
        }
        ScrollPane rows = new Scroll(row);
        rows.setFitToWidth(true);
        rows.setMaxHeight(76);
        shelf.pseudoClassStateChanged(QUIET_SHELF, work.stranded().isEmpty());
        shelf.getChildren().setAll(head, rows);
    }

    private Node empty() {
        return new EmptyStage("No screens to map yet", "Take pictures of the screens in first.")
                .offering("Go to Mocks", () -> around.go(WorkStage.MOCKS));
    }

    /** Along a link, to what is furthest up among what it leads a step further, or back to where one came along. */
    private void along(boolean further) {
        chart.flatMap(c -> MapSteps.along(c, work.selection().screen(), further, camePast))
                .ifPresent(to -> {
                    camePast = work.selection().screen();
                    work.selection().choose(to);
                });
    }

    private void inBand(int by) {
        chart.flatMap(c -> MapLayout.inBand(c, work.selection().screen(), by)).ifPresent(work.selection()::choose);
    }

    /** Shows the table from screen to screen. */
    public void showTable() {
        bar.turnTable(true);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void shown() {
        shown.begin();
        refresh();
        if (chart.isEmpty()) {
            node.getChildren().setAll(work.prototype().screens().isEmpty() ? empty() : page);
        }
        if (bar.isTable()) {
            table.requestFocus();
        } else {
            drawing.chipOf(work.selection().screen()).ifPresent(Node::requestFocus);
        }
    }

    @Override
    public void hidden() {
        shown.end();
    }

    @Override
    public List<Command> commands() {
        return List.of(
                onMap("Along a link, further", () -> along(true), "Right"),
                onMap("Back along a link", () -> along(false), "Left"),
                onMap("Screen above", () -> inBand(-1), "Up"),
                onMap("Screen below", () -> inBand(1), "Down"),
                onMap("Link it", () -> around.go(WorkStage.LINKS), "Enter"),
                Command.here("From × to as a table", bar::turnTable, "T"),
                onMap("Lanes by section", bar::turnLanes, "L"),
                onMap("Titles or mocks", bar::turnMocks, "M"),
                onMap("The way between two screens", bar::between, "W"),
                onMap("All of the map", bar::showAll, "Esc"),
                inTable("Cell to the right", () -> table.go(0, 1, false), "Right"),
                inTable("Cell to the left", () -> table.go(0, -1, false), "Left"),
                inTable("Cell above", () -> table.go(-1, 0, false), "Up"),
                inTable("Cell below", () -> table.go(1, 0, false), "Down"),
                inTable("More cells to the right", () -> table.go(0, 1, true), "Shift+Right"),
                inTable("More cells to the left", () -> table.go(0, -1, true), "Shift+Left"),
                inTable("More cells above", () -> table.go(-1, 0, true), "Shift+Up"),
                inTable("More cells below", () -> table.go(1, 0, true), "Shift+Down"),
                inTable("Link as usual", () -> table.fill(Optional.empty()), "Enter"),
                inTable("Advance", () -> table.fill(Optional.of(Verb.ADVANCE)), "A"),
                inTable("Replace", () -> table.fill(Optional.of(Verb.REPLACE)), "R"),
                inTable("Restart", () -> table.fill(Optional.of(Verb.RESTART)), "S"),
                inTable("Open above", () -> table.fill(Optional.of(Verb.OPEN_ABOVE)), "O"),
                inTable("Return to", () -> table.fill(Optional.of(Verb.RETURN_TO)), "B"),
                inTable("Remove the links", table::clear, "Delete"),
                inTable("Open on the desk", table::openOnDesk, "Shortcut+Enter"));
    }

    private Command onMap(String title, Runnable action, String key) {
        return Command.here(title, action, key)
                .when(() -> !bar.isTable()
                        && !(key.equals("Enter")
                                && Buttons.isOnButton(node)
                                && Buttons.focused(node)
                                        .filter(MapChip.class::isInstance)
                                        .isEmpty()));
    }

    private Command inTable(String title, Runnable action, String key) {
        return Command.here(title, action, key).when(() -> bar.isTable() && !Buttons.isOnButton(node));
    }
}
