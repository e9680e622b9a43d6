package pandel.desktop.map;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import pandel.core.chart.Chart;
import pandel.core.chart.MapLayout;
import pandel.core.check.Checked;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.TextSize;
import pandel.desktop.work.Work;

/** The map itself: grounds, ways, chips, blocks. Drawn anew whenever something of it changes. */
final class MapDrawing extends Pane {

    /** What the drawing asks of the stage. */
    interface Stage {
        void choose(String screen);

        void open(String screen);

        void redraw();
    }

    private static final double HEADS = 30;

    private final Work work;
    private final PictureLibrary pictures;
    private final Stage stage;
    private final Map<String, MapChip> chips = new HashMap<>();
    private final Set<String> open = new TreeSet<>();
    private final Pane heads = new Pane();

    MapDrawing(Work work, PictureLibrary pictures, Stage stage) {
        this.work = work;
        this.pictures = pictures;
        this.stage = stage;
        getStyleClass().add("map");
        heads.getStyleClass().add("map-heads");
        heads.setManaged(false);
    }

    /** The heads of the bands stay in sight however far down the map is looked at. */
    void headsAt(double y) {
        heads.setTranslateY(y);
    }

    /** The ids of the blocks that are drawn as screens: those opened, and that of the chosen screen. */
    Set<String> open(Chart chart, boolean lanes) {
        Set<String> opened = new TreeSet<>(open);
        blockOf(chart, work.selection().screen(), lanes).ifPresent(opened::add);
        return opened;
    }

    /** Draws what was laid out. */
    void draw(MapLaying.Laid laid, MapLight light) {
        Chart chart = laid.chart();
        Checked checked = laid.of().checked();
        MapLayout layout = laid.layout();
        boolean mocks = laid.of().mock().isPresent();
        chips.clear();
        getChildren().clear();
        heads.getChildren().clear();
        setPrefWidth(layout.width());
        setPrefHeight(layout.height());
        setMinHeight(layout.height());
        layout.bands().forEach(band -> ground(band, layout.height()));
        layout.lanes().forEach(lane -> lane(lane, layout.width()));
        MapWays ways = new MapWays(chart, layout, light);
        ways.draw(chosen());
        getChildren().add(ways);
        getChildren()
                .addAll(MapFrames.draw(
                        checked.prototype(), layout, work.selection().screen()));
        layout.blocks().forEach(block -> getChildren().add(block(block)));
        layout.spots().forEach((id, spot) -> {
            // The map is of what was last checked: a screen may have been removed since.
            MapChip chip = chip(
                    work.prototype()
                            .screen(id)
                            .or(() -> checked.prototype().screen(id))
                            .orElseThrow(),
                    checked,
                    false);
            chip.size(spot.wide(), spot.high());
            if (spot.onShoulder()) {
                chip.getStyleClass().add("on-shoulder");
            } else if (mocks) {
                chip.asMock(work, pictures, spot.wide(), spot.high());
            }
            chip.dim(!light.isLit(id));
            chip.setOnMouseEntered(e -> ways.draw(Optional.of(id)));
            chip.setOnMouseExited(e -> ways.draw(chosen()));
            chip.resizeRelocate(spot.x(), spot.y(), spot.wide(), spot.high());
            getChildren().addAll(chip, chip.marks(spot, light.numbers().getOrDefault(id, "")));
        });
        heads.resizeRelocate(0, 0, layout.width(), HEADS);
        getChildren().add(heads);
    }

    private Optional<String> chosen() {
        return Optional.of(work.selection().screen()).filter(id -> !id.isEmpty());
    }

    /** A chip of the map or of the shelf. */
    MapChip chip(Screen screen, Checked checked, boolean never) {
        MapChip chip = new MapChip(screen, work, pictures, checked, never);
        chip.setOnAction(e -> stage.choose(screen.id()));
        chip.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                stage.open(screen.id());
            }
        });
        chips.put(screen.id(), chip);
        return chip;
    }

    Optional<MapChip> chipOf(String screen) {
        return Optional.ofNullable(chips.get(screen));
    }

    private static Optional<String> blockOf(Chart chart, String screen, boolean lanes) {
        for (Chart.Band band : chart.bands()) {
            for (Chart.Place place : band.places()) {
                if (place.screen().id().equals(screen)
                        || place.shoulder().stream().anyMatch(s -> s.id().equals(screen))) {
                    return Optional.of(
                            band.steps() + "-" + (lanes ? place.screen().section() : ""));
                }
            }
        }
        return Optional.empty();
    }

    private void ground(MapLayout.Band band, double height) {
        if (band.shaded()) {
            Region ground = new Region();
            ground.getStyleClass().add("map-band");
            ground.setManaged(false);
            ground.resizeRelocate(band.x() - 12, 30, band.wide() + 24, height - 38);
            getChildren().add(ground);
        }
        boolean narrow = band.wide() < TextSize.px(100);
        Label steps = new Label(
                band.steps() == 0
                        ? "Start"
                        : narrow
                                ? String.valueOf(band.steps())
                                : band.steps() == 1 ? "1 step" : band.steps() + " steps");
        steps.getStyleClass().addAll("strong", "small");
        steps.relocate(band.x(), 8);
        heads.getChildren().add(steps);
        if (!narrow) {
            Label count = new Label(band.screens() == 1 ? "1 screen" : band.screens() + " screens");
            count.getStyleClass().addAll("quiet", "small");
            count.relocate(band.x() + TextSize.px(56), 8);
            heads.getChildren().add(count);
        }
    }

    private void lane(MapLayout.Lane lane, double width) {
        Label name = new Label(lane.section().isEmpty() ? "No section" : lane.section());
        name.getStyleClass().addAll("small", "lane-name");
        name.relocate(24, lane.y() + 2);
        Region rule = new Region();
        rule.getStyleClass().add("lane-rule");
        rule.setManaged(false);
        rule.resizeRelocate(12, Math.rint(lane.y()), width - 24, 1);
        getChildren().addAll(List.<Node>of(rule, name));
    }

    private Button block(MapLayout.Block block) {
        Button button = new Button(String.valueOf(block.screens()));
        button.getStyleClass().add("map-block");
        button.setId("block-" + block.steps() + (block.section().isEmpty() ? "" : "-" + block.section()));
        button.setAccessibleText(block.screens() + " screens, " + block.steps() + " steps away"
                + (block.section().isEmpty() ? "" : ", " + block.section()));
        button.setMinSize(block.wide(), block.high());
        button.setMaxSize(block.wide(), block.high());
        button.resizeRelocate(block.x(), block.y(), block.wide(), block.high());
        button.setOnAction(e -> {
            if (!open.remove(block.id())) {
                open.add(block.id());
            }
            stage.redraw();
        });
        return button;
    }
}
