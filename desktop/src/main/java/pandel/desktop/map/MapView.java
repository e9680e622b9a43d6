package pandel.desktop.map;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.chart.Chart;
import pandel.core.check.Checked;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.desktop.shell.Around;
import pandel.desktop.shell.Command;
import pandel.desktop.shell.EmptyStage;
import pandel.desktop.shell.StageView;
import pandel.desktop.shell.WorkStage;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** All screens by the fewest steps from an entry; the never shown on a shelf of their own. */
public final class MapView implements StageView {

    private static final PseudoClass QUIET_SHELF = PseudoClass.getPseudoClass("quiet-shelf");

    private final Work work;
    private final Around around;
    private final StackPane node = new StackPane();
    private final BorderPane page = new BorderPane();
    private final Pane ground = new Pane();
    private final ScrollPane scroll = new ScrollPane(ground);
    private final VBox shelf = new VBox();
    private final Label sentence = new Label();
    private final Map<String, MapChip> chips = new HashMap<>();
    private Optional<Chart> chart = Optional.empty();
    private boolean visible;

    public MapView(Work work, Around around) {
        this.work = work;
        this.around = around;
        ground.getStyleClass().add("map");
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        scroll.viewportBoundsProperty().addListener((o, a, b) -> {
            if (a.getHeight() != b.getHeight() || a.getWidth() != b.getWidth()) {
                draw();
            }
        });
        shelf.getStyleClass().add("shelf");
        page.setCenter(scroll);
        page.setBottom(new VBox(shelf, foot()));
        work.checkedProperty().addListener((o, a, b) -> refresh());
        work.selection().screenProperty().addListener((o, a, b) -> draw());
    }

    private HBox foot() {
        sentence.getStyleClass().add("large");
        sentence.setMinWidth(0);
        Button desk = Press.plain("Link it", "map-link", () -> around.go(WorkStage.LINKS));
        Button play = Press.plain("Show the way there", "map-show", () -> work.checked().flatMap(c -> c.walkTo(work.selection().screen()))
                .ifPresentOrElse(around::play, () -> around.say("No way of using the prototype leads there.")));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox foot = new HBox(sentence, space, play, desk);
        foot.getStyleClass().add("bar");
        return foot;
    }

    private void refresh() {
        chart = work.checked().filter(c -> c.prototype() == work.prototype()).map(Chart::of);
        draw();
    }

    private void draw() {
        if (!visible || chart.isEmpty()) {
            return;
        }
        if (work.prototype().screens().isEmpty()) {
            node.getChildren().setAll(empty());
            return;
        }
        node.getChildren().setAll(page);
        Checked checked = work.checked().orElseThrow();
        chips.clear();
        double height = Math.max(200, scroll.getViewportBounds().getHeight());
        MapLayout layout = MapLayout.of(chart.get(), scroll.getViewportBounds().getWidth(), height);
        ground.getChildren().clear();
        ground.setPrefWidth(layout.width());
        layout.bands().forEach(band -> ground.getChildren().addAll(band.nodes()));
        List<Node> lines = MapWays.draw(chart.get(), layout, work.selection().screen());
        ground.getChildren().addAll(lines);
        layout.spots().forEach((id, spot) -> {
            MapChip chip = chip(work.prototype().screen(id).orElseThrow(), checked, false);
            chip.resizeRelocate(spot.x(), spot.y(), MapLayout.CHIP, MapLayout.CHIP_HIGH);
            ground.getChildren().addAll(chip, chip.marks(spot.x(), spot.y()));
        });
        drawShelf(checked);
        sentence.setText(work.screen().map(s -> told(s, checked)).orElse(""));
    }

    private void drawShelf(Checked checked) {
        List<Screen> never = chart.orElseThrow().shelf();
        shelf.setVisible(!never.isEmpty());
        shelf.setManaged(!never.isEmpty());
        Label heading = new Label("Never shown");
        heading.getStyleClass().addAll("strong", "trouble");
        Label why = new Label("no way of using this prototype leads " + (never.size() == 1 ? "to it" : "to these " + never.size()));
        why.getStyleClass().addAll("quiet", "small");
        HBox head = new HBox(8, heading, why);
        head.setAlignment(Pos.BASELINE_LEFT);
        FlowPane row = new FlowPane(12, 8);
        never.forEach(s -> row.getChildren().add(chip(s, checked, true)));
        ScrollPane rows = new ScrollPane(row);
        rows.setFitToWidth(true);
        rows.setMaxHeight(76);
        shelf.pseudoClassStateChanged(QUIET_SHELF, work.stranded().isEmpty());
        shelf.getChildren().setAll(head, rows);
    }

    private MapChip chip(Screen screen, Checked checked, boolean never) {
        MapChip chip = new MapChip(screen, work, checked, never);
        chip.setOnAction(e -> work.selection().choose(screen.id()));
        chip.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                around.go(WorkStage.LINKS);
            }
        });
        chips.put(screen.id(), chip);
        return chip;
    }

    private String told(Screen screen, Checked checked) {
        Prototype p = work.prototype();
        int in = p.index().screensLeadingTo(screen.id()).size();
        int out = p.index().waysOut(screen.id()).size();
        String ways = out + (out == 1 ? " way out, " : " ways out, ") + "in from " + in + (in == 1 ? " screen." : " screens.");
        if (checked.stepsTo(screen.id()).isEmpty()) {
            return screen.shownTitle() + " is never shown. " + ways;
        }
        int steps = checked.stepsTo(screen.id()).getAsInt();
        return screen.shownTitle() + (steps == 0 ? " is where play starts. " : ": " + steps + (steps == 1 ? " step" : " steps") + " from the entry. ") + ways;
    }

    private Node empty() {
        return new EmptyStage("No screens to map yet", "Take pictures of the screens in first.").offering("Go to Mocks", () -> around.go(WorkStage.MOCKS));
    }

    private void step(int bands, int rows) {
        chart.ifPresent(c -> MapLayout.neighbour(c, work.selection().screen(), bands, rows).ifPresent(work.selection()::choose));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void shown() {
        visible = true;
        refresh();
        if (chart.isEmpty()) {
            node.getChildren().setAll(work.prototype().screens().isEmpty() ? empty() : page);
        }
        Optional.ofNullable(chips.get(work.selection().screen())).ifPresent(Node::requestFocus);
    }

    @Override
    public void hidden() {
        visible = false;
    }

    @Override
    public List<Command> commands() {
        return List.of(Command.here("A step further", () -> step(1, 0), "Right"), Command.here("A step nearer", () -> step(-1, 0), "Left"),
                Command.here("Screen above", () -> step(0, -1), "Up"), Command.here("Screen below", () -> step(0, 1), "Down"),
                Command.here("Link it", () -> around.go(WorkStage.LINKS), "Enter"));
    }
}
