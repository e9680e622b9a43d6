package pandel.desktop.shell;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.layout.StackPane;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.WorkStage;

/** The stages of the window, of which one is shown, or for a while another view in its place. */
final class Stages {

    private final StackPane node = new StackPane();
    private final Map<WorkStage, StageView> views = new EnumMap<>(WorkStage.class);
    private WorkStage shown = WorkStage.MOCKS;
    private Optional<StageView> instead = Optional.empty();

    void put(WorkStage stage, StageView view) {
        views.put(stage, view);
    }

    Map<WorkStage, StageView> all() {
        return Collections.unmodifiableMap(views);
    }

    StackPane node() {
        return node;
    }

    WorkStage shown() {
        return shown;
    }

    /** Whether a stage is shown, and nothing in its place. */
    boolean isShown(WorkStage stage) {
        return instead.isEmpty() && shown == stage && !node.getChildren().isEmpty();
    }

    /** What is shown now. */
    StageView now() {
        return instead.orElseGet(() -> view(shown));
    }

    void go(WorkStage next) {
        if (instead.isPresent() || (!node.getChildren().isEmpty() && next != shown)) {
            now().hidden();
        }
        instead = Optional.empty();
        shown = next;
        node.getChildren().setAll(view(next).node());
        view(next).shown();
    }

    /** Shows a view in place of the stage, until it is left or a stage is gone to. */
    void stand(StageView view) {
        now().hidden();
        instead = Optional.of(view);
        node.getChildren().setAll(view.node());
        view.shown();
    }

    /** Shows the stage again in whose place a view stands. */
    void leave() {
        if (instead.isPresent()) {
            go(shown);
        }
    }

    private StageView view(WorkStage stage) {
        return Objects.requireNonNull(views.get(stage));
    }
}
