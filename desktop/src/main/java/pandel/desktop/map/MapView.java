package pandel.desktop.map;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
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
import pandel.core.check.Checked;
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
    private static final int MEASURED = 200;
    private static final double LOWEST = 200;
    private static final double BARS = 10;
    private static final double HEADS = 36;

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
    private final MapLaying laying = new MapLaying();
    private final WhileShown shown;
    private boolean wasTable;
    private boolean takesFocus;
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

            @Override
            public void redraw() {
                draw();
            }
        });
        this.scroll = new Scroll(drawing);
        this.bar = new MapBar(work, this::draw);
        this.foot = new MapFoot(work, around, bar);
        this.table = new LinkTable(work, around);
        scroll.setFitToHeight(true);
        scroll.setPannable(true);
        scroll.vvalueProperty().subscribe(this::keepHeads);
        scroll.setFocusTraversable(false);
        // Not the room beside the scroll bars: whether those stand there hangs on what is laid out.
        scroll.widthProperty().subscribe((was, is) -> draw());
        scroll.heightProperty().subscribe((was, is) -> draw());
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
        foot.forget();
        draw();
    }

    private Optional<Checked> checked() {
        return work.checked().filter(c -> c.prototype() == work.prototype());
    }

    private Optional<Chart> chart() {
        return laying.last()
                .filter(laid -> laid.of().checked() == work.checked().orElse(null))
                .map(MapLaying.Laid::chart);
    }

    private void draw() {
        if (!shown.isOn() || checked().isEmpty()) {
            return;
        }
        if (work.prototype().screens().isEmpty()) {
            laying.forget();
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
        if (scroll.getWidth() > BARS) {
            laying.ask(wanted(), this::titled, this::draw).ifPresent(this::draw);
        }
    }

    private MapLaying.Asked wanted() {
        return new MapLaying.Asked(
                checked().orElseThrow(),
                scroll.getWidth() - BARS,
                Math.max(LOWEST, scroll.getHeight() - BARS),
                bar.isInLanes(),
                bar.isOfMocks()
                        ? Optional.of(work.device().width() / work.device().height())
                        : Optional.empty(),
                chart().map(c -> drawing.open(c, bar.isInLanes())).orElse(Set.of()));
    }

    /** Titles are measured here, as they will be drawn; with many there are counts instead. */
    private ToDoubleFunction<Screen> titled() {
        List<Screen> screens = work.prototype().screens();
        if (screens.size() > MEASURED) {
            return screen -> 0;
        }
        Map<String, Double> wide = new HashMap<>();
        screens.forEach(s -> wide.put(s.id(), MapChip.wide(s)));
        return screen -> wide.getOrDefault(screen.id(), 0.0);
    }

    private void draw(MapLaying.Laid laid) {
        if (!shown.isOn()
                || bar.isTable()
                || checked().filter(c -> c == laid.of().checked()).isEmpty()) {
            return;
        }
        // The block of the chosen screen is known only when the chart is.
        if (!laid.layout().blocks().isEmpty() && !laid.of().equals(wanted())) {
            laying.ask(wanted(), this::titled, this::draw).ifPresent(this::draw);
            return;
        }
        MapLight light = bar.light(laid.of().checked());
        boolean hadFocus = drawing.chipOf(work.selection().screen()).isPresent()
                && Buttons.focused(page).filter(MapChip.class::isInstance).isPresent();
        drawing.draw(laid, light);
        drawShelf(laid.chart().shelf());
        foot.refresh(light);
        if (takesFocus
                || hadFocus
                || page.getScene() != null && Buttons.focused(page).isEmpty()) {
            drawing.chipOf(work.selection().screen()).ifPresent(Node::requestFocus);
        }
        takesFocus = false;
        keepInSight();
        keepHeads();
    }

    private void keepHeads() {
        double hidden = drawing.getPrefHeight() - scroll.getViewportBounds().getHeight();
        drawing.headsAt(Math.rint(Math.max(0, scroll.getVvalue() * hidden)));
    }

    /** Scrolls so that the chosen chip can be seen. */
    private void keepInSight() {
        drawing.chipOf(work.selection().screen())
                .filter(chip -> chip.getParent() == drawing)
                .ifPresent(chip -> {
                    Bounds room = scroll.getViewportBounds();
                    scroll.setHvalue(inSight(
                            scroll.getHvalue(),
                            chip.getLayoutX(),
                            chip.getMinWidth(),
                            drawing.getPrefWidth(),
                            room.getWidth()));
                    scroll.setVvalue(inSight(
                            scroll.getVvalue(),
                            chip.getLayoutY() - HEADS,
                            chip.getMinHeight() + HEADS,
                            drawing.getPrefHeight(),
                            room.getHeight()));
                });
    }

    /** Where to scroll to, 0 to 1, for something to be in sight: nowhere else when it is. */
    private static double inSight(double at, double start, double size, double all, double room) {
        double hidden = all - room;
        double first = at * hidden;
        return hidden <= 0 || start >= first && start + size <= first + room
                ? at
                : Math.clamp((start - (room - size) / 2) / hidden, 0, 1);
    }

    private void drawShelf(List<Screen> never) {
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
        chart().flatMap(c -> MapSteps.along(c, work.selection().screen(), further, camePast))
                .ifPresent(to -> {
                    camePast = work.selection().screen();
                    work.selection().choose(to);
                });
    }

    private void inBand(int by) {
        chart().flatMap(c -> MapLayout.inBand(c, work.selection().screen(), by)).ifPresent(work.selection()::choose);
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
        takesFocus = true;
        shown.begin();
        refresh();
        if (checked().isEmpty()) {
            node.getChildren().setAll(work.prototype().screens().isEmpty() ? empty() : page);
        }
        if (bar.isTable()) {
            table.requestFocus();
        }
    }

    @Override
    public boolean isDrawn() {
        return !shown.isOn() || laying.isIdle();
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
