package pandel.desktop.map;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.cover.Between;
import pandel.core.cover.Coverage;
import pandel.core.cover.Replayed;
import pandel.core.model.Journey;
import pandel.core.model.screen.Screen;
import pandel.desktop.map.MapLight.Pair;
import pandel.desktop.work.Work;

/** What the map is looked at for, and how it is drawn. */
final class MapBar extends HBox {

    private final Work work;
    private final Runnable redraw;
    private final ToggleButton all = face("By steps", "map-all");
    private final ToggleButton findings = face("Findings", "map-findings");
    private final ToggleButton travelled = face("Travelled", "map-travelled");
    private final ToggleButton journey = face("One journey", "map-journey");
    private final ToggleButton between = face("Between two", "map-between");
    private final ToggleButton mocks = face("Mocks", "map-mocks");
    private final ToggleButton lanes = face("Lanes", "map-lanes");
    private final ToggleButton table = face("Table", "map-table");
    private String shownJourney = "";
    private String from = "";
    private String to = "";
    private Optional<MapLight> hanging = Optional.empty();
    private Optional<Between> found = Optional.empty();

    MapBar(Work work, Runnable redraw) {
        this.work = work;
        this.redraw = redraw;
        getStyleClass().add("faces");
        ToggleGroup looks = new ToggleGroup();
        looks.getToggles().addAll(all, findings, travelled, journey, between);
        all.setSelected(true);
        all.setOnAction(e -> showAll());
        findings.setOnAction(e -> turn(findings));
        travelled.setOnAction(e -> turn(travelled));
        journey.setOnAction(e -> journeys());
        between.setOnAction(e -> between());
        mocks.setOnAction(e -> redraw.run());
        lanes.setOnAction(e -> redraw.run());
        table.setOnAction(e -> redraw.run());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(all, findings, travelled, journey, between, space, mocks, lanes, table);
    }

    private static ToggleButton face(String words, String id) {
        ToggleButton button = new ToggleButton(words);
        button.getStyleClass().add("face");
        button.setId(id);
        return button;
    }

    private void turn(Toggle look) {
        look.setSelected(true);
        hanging = Optional.empty();
        redraw.run();
    }

    void showAll() {
        from = "";
        turn(all);
    }

    /** Lights what hangs on something until another look is asked for. */
    void showHanging(MapLight light) {
        all.setSelected(true);
        hanging = Optional.of(light);
        redraw.run();
    }

    private void journeys() {
        journey.setSelected(true);
        List<Journey> there = work.prototype().journeys();
        if (there.size() == 1) {
            shownJourney = there.getFirst().id();
            turn(journey);
            return;
        }
        ContextMenu menu = new ContextMenu();
        there.forEach(j -> {
            MenuItem item = new MenuItem(j.title());
            item.setOnAction(e -> {
                shownJourney = j.id();
                turn(journey);
            });
            menu.getItems().add(item);
        });
        menu.setOnHidden(e -> redraw.run());
        menu.show(journey, Side.BOTTOM, 0, 2);
    }

    /** Begins to ask for the shortest way from the chosen screen to another. */
    void between() {
        from = work.selection().screen();
        to = "";
        found = Optional.empty();
        turn(between);
    }

    /** Whether a chosen screen is the answer to what was asked: where the way between two leads. */
    boolean takes(String screen) {
        if (!between.isSelected() || !to.isEmpty() || screen.equals(from)) {
            return false;
        }
        to = screen;
        found = work.checked().flatMap(c -> Between.of(c, from, to));
        redraw.run();
        return true;
    }

    /** The way between two that is looked at. */
    Optional<Between> found() {
        return between.isSelected() ? found : Optional.empty();
    }

    void refresh() {
        boolean none = work.prototype().journeys().isEmpty();
        journey.setDisable(none);
        travelled.setDisable(none);
        if (none && (journey.isSelected() || travelled.isSelected())) {
            all.setSelected(true);
        }
        for (ToggleButton look : List.of(all, findings, travelled, journey, between, mocks, lanes)) {
            look.setVisible(!table.isSelected());
        }
        boolean sections =
                work.prototype().screens().stream().anyMatch(s -> !s.section().isEmpty());
        lanes.setDisable(!sections);
    }

    boolean isTable() {
        return table.isSelected();
    }

    boolean isInLanes() {
        return lanes.isSelected() && !lanes.isDisable();
    }

    boolean isOfMocks() {
        return mocks.isSelected();
    }

    void turnTable() {
        turnTable(!table.isSelected());
    }

    void turnTable(boolean to) {
        table.setSelected(to);
        redraw.run();
    }

    void turnLanes() {
        if (!lanes.isDisable()) {
            lanes.setSelected(!lanes.isSelected());
            redraw.run();
        }
    }

    void turnMocks() {
        mocks.setSelected(!mocks.isSelected());
        redraw.run();
    }

    /** What stays lit. */
    MapLight light(Checked checked) {
        if (findings.isSelected()) {
            return ofFindings(checked);
        }
        if (travelled.isSelected()) {
            return ofTravelled();
        }
        if (journey.isSelected()) {
            return ofJourney();
        }
        return between.isSelected() ? ofBetween(checked) : hanging.orElse(MapLight.ALL);
    }

    private static MapLight ofFindings(Checked checked) {
        Map<String, Integer> counts = new HashMap<>();
        for (Finding finding : checked.findings()) {
            finding.screens().forEach(id -> counts.merge(id, 1, Integer::sum));
        }
        Map<String, String> numbers = new HashMap<>();
        counts.forEach((id, n) -> numbers.put(id, String.valueOf(n)));
        return MapLight.on(
                counts.keySet(),
                numbers,
                counts.isEmpty()
                        ? "Nothing was found on any screen."
                        : counts.size() == 1
                                ? "One screen has findings."
                                : counts.size() + " screens have findings; the number is how many.");
    }

    private MapLight ofTravelled() {
        Set<String> screens = new LinkedHashSet<>();
        Set<Pair> lines = new HashSet<>();
        Optional<Coverage> coverage = work.coverage();
        for (Replayed replayed : coverage.map(Coverage::journeys).orElse(List.of())) {
            screens.addAll(replayed.screens());
            replayed.links()
                    .forEach(travelled -> work.prototype()
                            .index()
                            .way(travelled.link())
                            .ifPresent(way -> way.from()
                                    .forEach(s -> way.targets().forEach(t -> {
                                        if (replayed.screens().contains(s.id())
                                                && replayed.screens().contains(t)) {
                                            lines.add(new Pair(s.id(), t));
                                        }
                                    }))));
        }
        return new MapLight(
                Optional.of(screens),
                Map.of(),
                lines,
                "travelled-way",
                coverage.map(c -> work.prototype().journeys().size()
                        + (work.prototype().journeys().size() == 1 ? " journey travels " : " journeys travel ")
                        + c.percent() + " %: " + c.screensTravelled() + " of "
                        + c.screens() + " screens, " + c.linksTravelled() + " of " + c.links() + " links."));
    }

    private MapLight ofJourney() {
        return work.prototype().journeys().stream()
                .filter(j -> j.id().equals(shownJourney))
                .findFirst()
                .map(j -> {
                    List<String> path = work.coverage().stream()
                            .flatMap(c -> c.journeys().stream())
                            .filter(r -> r.journey().id().equals(j.id()))
                            .findFirst()
                            .map(r -> List.copyOf(r.path()))
                            .orElse(List.of());
                    return MapLight.path(
                            path,
                            "travelled-way",
                            j.title() + ": " + j.legs().size() + (j.legs().size() == 1 ? " step." : " steps."));
                })
                .orElse(MapLight.ALL);
    }

    private MapLight ofBetween(Checked checked) {
        String first = title(from);
        if (to.isEmpty()) {
            return new MapLight(
                    Optional.empty(),
                    Map.of(from, "1"),
                    Set.of(),
                    "",
                    Optional.of("From " + first + ": choose the screen to get to."));
        }
        if (found.isEmpty()) {
            boolean never =
                    checked.stepsTo(from).isEmpty() || checked.stepsTo(to).isEmpty();
            return MapLight.on(
                    Set.of(from, to),
                    Map.of(),
                    never
                            ? "One of the two is never shown."
                            : "No way was found from " + first + " to " + title(to) + ".");
        }
        int n = found.get().legs().size();
        return MapLight.path(
                found.get().screens(from),
                "of-chosen",
                first + " to " + title(to) + ": " + n + (n == 1 ? " step" : " steps") + ", the fewest there are.");
    }

    private String title(String id) {
        return work.prototype().screen(id).map(Screen::shownTitle).orElse("");
    }
}
