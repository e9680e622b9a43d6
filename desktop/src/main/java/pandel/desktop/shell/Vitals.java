package pandel.desktop.shell;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.cover.Coverage;
import pandel.desktop.stage.Reports;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Pace;
import pandel.desktop.work.Work;

/** The bottom of the window: the state of the whole, a moment after each edit. Each figure leads to what it counts. */
final class Vitals extends HBox {

    private static final PseudoClass WORSE = PseudoClass.getPseudoClass("worse");

    /** ms that a check may take unsaid. */
    private static final double PATIENCE = 400;

    private record Vital(Button button, Label figure, Label of) {}

    private final Work work;
    private final Map<String, Vital> vitals = new HashMap<>();
    private final Map<String, Integer> last = new HashMap<>();
    /** Says that what stands here is not of the last edit yet, or that there is nothing to tell. */
    private final Label told = new Label();

    private Optional<Pace.Wait> patience = Optional.empty();

    /** @param phone says that a phone is shown what is open */
    Vitals(Work work, StageGuide around, Reports reports, Node phone) {
        this.work = work;
        getStyleClass().add("vitals");
        add("screens", () -> around.go(WorkStage.MOCKS), false);
        add("shown", () -> around.go(WorkStage.MAP), false);
        add("not-linked", () -> around.go(WorkStage.MAP), false);
        add("stranded", () -> around.go(WorkStage.MAP), true);
        add("dead", () -> reports.showFindings(Rule.DEAD_END), true);
        add("other", () -> around.go(WorkStage.CHECK), true);
        told.setId("vitals-told");
        told.getStyleClass().addAll("quiet", "small", "vital");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(told, space, phone);
        add("links", () -> around.go(WorkStage.LINKS), false);
        add("travelled", reports::showCoverage, false);
        work.checkedProperty().addListener((o, a, b) -> refresh());
        work.prototypeProperty().addListener((o, before, now) -> {
            if (before.screens().isEmpty() || now.screens().isEmpty()) {
                last.clear();
                vitals.values().forEach(v -> v.button().pseudoClassStateChanged(WORSE, false));
            }
            await();
        });
        refresh();
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    /** Whether what was found is of the prototype as it is now. */
    private boolean isOfLastEdit() {
        return work.checked().filter(c -> c.prototype() == work.prototype()).isPresent();
    }

    /** Says that it is at work where that takes longer than a person waits without a thought. */
    private void await() {
        patience.ifPresent(Pace.Wait::stop);
        patience = Optional.of(Pace.of(this).after(PATIENCE, () -> {
            if (!isOfLastEdit() && !work.prototype().screens().isEmpty()) {
                tellWork("Checking…");
            }
        }));
        if (work.prototype().screens().isEmpty() || work.checked().isEmpty()) {
            refresh();
        }
    }

    private void tellWork(String words) {
        told.setText(words);
        show(told, !words.isEmpty());
    }

    private void add(String id, Runnable lead, boolean bad) {
        Label figure = new Label();
        figure.getStyleClass().add("figure");
        Label of = new Label();
        of.getStyleClass().add("of");
        HBox words = new HBox(4, figure, of);
        Button button = new Button();
        button.setGraphic(words);
        button.setId("vital-" + id);
        button.getStyleClass().add("vital");
        if (bad) {
            button.getProperties().put("bad", true);
        }
        Vital vital = new Vital(button, figure, of);
        button.setOnAction(e -> {
            button.pseudoClassStateChanged(WORSE, false);
            lead.run();
        });
        vitals.put(id, vital);
        getChildren().add(button);
    }

    private void refresh() {
        int screens = work.prototype().screens().size();
        boolean none = screens == 0 || work.checked().isEmpty();
        if (none) {
            vitals.values().forEach(v -> show(v.button(), false));
            tellWork(screens == 0 ? "No screens yet." : "Checking…");
            return;
        }
        if (isOfLastEdit()) {
            patience.ifPresent(Pace.Wait::stop);
            tellWork("");
        }
        show(Objects.requireNonNull(vitals.get("screens")).button(), true);
        show(Objects.requireNonNull(vitals.get("shown")).button(), true);
        show(Objects.requireNonNull(vitals.get("links")).button(), true);
        Checked checked = work.checked().orElseThrow();
        int dead = checked.findings(Rule.DEAD_END).size();
        int unreached = checked.findings(Rule.UNREACHED_SCREEN).size();
        tell("screens", screens, screens == 1 ? "screen" : "screens");
        tell("shown", checked.shown().size(), "shown");
        tell("not-linked", work.notLinkedYet().size(), "not linked yet");
        tell("stranded", work.stranded().size(), "stranded");
        tell("dead", dead, dead == 1 ? "dead end" : "dead ends");
        long notes = checked.findings().stream()
                .filter(f -> f.weight() == Weight.NOTE)
                .count();
        tell("other", (int) (checked.findings().size() - dead - unreached - notes), "other");
        int links = work.prototype().index().ways().size();
        tell("links", links, links == 1 ? "link" : "links");
        int percent = work.coverage().map(Coverage::percent).orElse(0);
        tell("travelled", percent, "% travelled");
        boolean journeys = !work.prototype().journeys().isEmpty();
        show(Objects.requireNonNull(vitals.get("travelled")).button(), journeys);
    }

    private void tell(String id, int n, String of) {
        Vital vital = Objects.requireNonNull(vitals.get(id), id);
        vital.figure().setText(String.valueOf(n));
        vital.of().setText(of);
        vital.button().setAccessibleText(n + " " + of);
        boolean bad = vital.button().getProperties().containsKey("bad");
        boolean optional = List.of("not-linked", "stranded", "dead", "other").contains(id);
        show(vital.button(), !optional || n > 0);
        vital.button().getStyleClass().remove("bad");
        if (bad && n > 0) {
            vital.button().getStyleClass().add("bad");
        }
        Integer before = last.put(id, n);
        if (bad && before != null && n > before) {
            vital.button().pseudoClassStateChanged(WORSE, true);
        } else if (n == 0 || before != null && n < before) {
            vital.button().pseudoClassStateChanged(WORSE, false);
        }
    }
}
