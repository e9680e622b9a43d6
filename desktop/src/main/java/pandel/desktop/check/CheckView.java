package pandel.desktop.check;

import java.util.Collections;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;
import pandel.core.check.Checked;
import pandel.core.check.finding.Causes;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.EmptyStage;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WhileShown;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Background;
import pandel.desktop.work.Journal;
import pandel.desktop.work.Work;
import pandel.files.report.Report;

/** The findings, worst first; the chosen one told at length beside them. */
public final class CheckView implements StageView {

    private static final int NAMED = 3;

    private final Work work;
    private final StackPane body = new StackPane();
    private final VBox node = new VBox();
    private final CoveragePane coverage;
    private final PageHost around;
    private final Button save;
    private final ToggleButton findingsFace = face("Findings", "face-findings");
    private final ToggleButton coverageFace = face("Coverage", "face-coverage");
    private final BorderPane page = new BorderPane();
    private final FlowPane filters = new FlowPane(4, 4);
    private final ListView<Finding> list = new ListView<>();
    private final VBox below = new VBox();
    private final FindingPane told;
    private final Set<Rule> only = EnumSet.noneOf(Rule.class);
    private Optional<Finding> chosen = Optional.empty();
    private final WhileShown shown;
    private List<Finding> listed = List.of();
    private final Set<Finding> following = Collections.newSetFromMap(new IdentityHashMap<>());

    public CheckView(Work work, StageWindow around, Background background) {
        this.work = work;
        this.around = around;
        this.told = new FindingPane(work, around);
        list.getStyleClass().add("findings");
        list.setId("findings");
        list.setAccessibleText("Findings, worst first");
        list.setCellFactory(l -> new FindingRow(work, around.pictures(), following::contains));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (is != null && chosen.filter(c -> c == is).isEmpty()) {
                chosen = Optional.of(is);
                told.show(is);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        filters.getStyleClass().add("finding-filters");
        VBox left = new VBox(filters, list, below);
        left.setPrefWidth(440);
        left.setMinWidth(360);
        page.setLeft(left);
        page.setCenter(told);
        this.coverage = new CoveragePane(work, around, background);
        ToggleGroup faces = new ToggleGroup();
        faces.getToggles().addAll(findingsFace, coverageFace);
        findingsFace.setSelected(true);
        // One of the two is always chosen.
        findingsFace.setOnAction(e -> turn(false));
        coverageFace.setOnAction(e -> turn(true));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        save = Buttons.smallWord("Save the report…", "save-report", () -> {});
        save.setOnAction(e -> formats(around).show(save, Side.BOTTOM, 0, 2));
        HBox both = new HBox(findingsFace, coverageFace, space, save);
        both.getStyleClass().add("faces");
        node.getChildren().addAll(both, body);
        VBox.setVgrow(body, Priority.ALWAYS);
        this.shown = new WhileShown(() -> Subscription.combine(
                work.checkedProperty().subscribe((was, is) -> refresh()),
                work.stoppedProperty().subscribe((was, is) -> refresh()),
                work.prototypeProperty().subscribe((was, is) -> refresh())));
    }

    /** The command of the window that saves a report. */
    public static String saving(Report report) {
        return "report-" + report.word();
    }

    /** What the report can be saved as. */
    private static ContextMenu formats(StageWindow around) {
        ContextMenu menu = new ContextMenu();
        for (Report each : Report.values()) {
            menu.getItems().add(Buttons.item(each.words(), saving(each), () -> around.run(saving(each))));
        }
        return menu;
    }

    private static ToggleButton face(String words, String id) {
        ToggleButton button = new ToggleButton(words);
        button.getStyleClass().add("face");
        button.setId(id);
        return button;
    }

    private void turn(boolean toCoverage) {
        (toCoverage ? coverageFace : findingsFace).setSelected(true);
        refresh();
    }

    /** Shows what the journeys travel. */
    public void showCoverage() {
        turn(true);
    }

    /** Shows the findings of one rule alone. */
    public void showOnly(Rule rule) {
        findingsFace.setSelected(true);
        only.clear();
        if (work.checked().stream().flatMap(c -> c.findings().stream()).anyMatch(f -> f.rule() == rule)) {
            only.add(rule);
        }
        chosen = Optional.empty();
        refresh();
    }

    /** Shows one finding among all. */
    public void showFinding(Finding finding) {
        findingsFace.setSelected(true);
        only.clear();
        refresh();
        choose(finding);
    }

    private void refresh() {
        if (!shown.isOn()) {
            return;
        }
        save.setVisible(findingsFace.isSelected()
                && work.checked().isPresent()
                && !work.prototype().screens().isEmpty());
        if (coverageFace.isSelected()) {
            coverage.refresh();
            body.getChildren().setAll(coverage);
            return;
        }
        if (work.stoppedProperty().get().isPresent()) {
            body.getChildren()
                    .setAll(new EmptyStage(
                            "The checks stopped",
                            "They came to no end, so nothing is known about the prototype as it is now; what "
                                    + "happened stands in "
                                    + Journal.file() + ". The next edit begins them anew."));
            return;
        }
        if (work.prototype().screens().isEmpty()) {
            body.getChildren()
                    .setAll(new EmptyStage(
                                    "Nothing to check yet",
                                    "Take pictures of the screens in and link them; checks run by themselves "
                                            + "after each edit.")
                            .offering("Go to Mocks", () -> around.go(WorkStage.MOCKS)));
            return;
        }
        if (work.checked().isEmpty()) {
            body.getChildren().setAll(new EmptyStage("Checking…", "What is found stands here as soon as it is known."));
            return;
        }
        Checked checked = work.checked().get();
        boolean decided = !work.prototype().judgements().isEmpty();
        if (checked.findings().isEmpty() && !decided) {
            body.getChildren()
                    .setAll(new EmptyStage(
                            "Nothing found",
                            "Every screen is shown, none is a dead end, and every link leads somewhere. "
                                    + "This holds for use of any length on "
                                    + work.prototype().devices().stream()
                                            .map(d -> d.title())
                                            .collect(Collectors.joining(", "))
                                    + "."));
            return;
        }
        Set<Rule> there = checked.findings().stream()
                .map(Finding::rule)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Rule.class)));
        only.retainAll(there);
        filters.getChildren()
                .setAll(there.stream().map(rule -> filter(rule, checked)).toList());
        List<List<Finding>> causes = Causes.grouped(
                checked.prototype(),
                checked.findings().stream()
                        .filter(f -> only.isEmpty() || only.contains(f.rule()))
                        .toList());
        listed = causes.stream().flatMap(List::stream).toList();
        following.clear();
        causes.forEach(cause -> following.addAll(cause.subList(1, cause.size())));
        chosen = chosen.flatMap(c -> listed.stream()
                        .filter(f -> f.rule() == c.rule() && f.screens().equals(c.screens()))
                        .findFirst())
                .or(() -> listed.stream().findFirst());
        Optional<Finding> stays = chosen;
        list.getItems().setAll(listed);
        chosen = stays;
        chosen.ifPresent(this::choose);
        below.getChildren().clear();
        if (!checked.unsettled().isEmpty()) {
            below.getChildren().add(unsettled(checked));
        }
        if (decided) {
            below.getChildren().add(new Decided(work, checked, this::look));
        }
        if (chosen.isEmpty()) {
            told.showNothing();
        }
        body.getChildren().setAll(page);
    }

    private ToggleButton filter(Rule rule, Checked checked) {
        ToggleButton button =
                new ToggleButton(rule.title() + "  " + checked.findings(rule).size());
        button.getStyleClass().add("filter");
        button.setId("filter-" + rule.id());
        button.setSelected(only.contains(rule));
        button.setOnAction(e -> {
            if (!only.remove(rule)) {
                only.add(rule);
            }
            refresh();
        });
        return button;
    }

    /** What could not be answered, the first few in words. */
    private static Node unsettled(Checked checked) {
        List<Unsettled> all = checked.unsettled();
        String first = all.stream().limit(NAMED).map(u -> u.sentence()).collect(Collectors.joining(" "));
        Label label = new WrappedLabel(
                "Not settled: " + first + (all.size() > NAMED ? " And " + (all.size() - NAMED) + " more." : ""));
        label.getStyleClass().add("quiet");
        label.setId("unsettled");
        label.getStyleClass().add("unsettled");
        return label;
    }

    private void choose(Finding finding) {
        chosen = Optional.of(finding);
        int at = listed.indexOf(finding);
        list.getSelectionModel().select(at);
        list.scrollTo(Math.max(0, at - 3));
        told.show(finding);
    }

    /** Tells of a finding that is meant or quiet, which the list has not. */
    private void look(Finding meant) {
        chosen = Optional.of(meant);
        list.getSelectionModel().clearSelection();
        told.show(meant);
    }

    private void step(int by) {
        if (!listed.isEmpty()) {
            int at = chosen.map(listed::indexOf).orElse(0);
            choose(listed.get(Math.clamp(at + by, 0, listed.size() - 1)));
        }
    }

    @Override
    public void shown() {
        shown.begin();
        refresh();
    }

    @Override
    public void hidden() {
        shown.end();
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.here("Next finding", () -> step(1), "Down"),
                Command.here("Previous finding", () -> step(-1), "Up"),
                Command.here("Show me", told::showMe, "Enter").when(() -> !Buttons.isOnButton(node)));
    }
}
