package pandel.desktop.play;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.value.Fact;
import pandel.core.play.situation.Situation;
import pandel.desktop.theme.WrappedLabel;

/** What is remembered, with what the last change was, and the look that shows because of it. */
final class FactsNow extends VBox {

    private Map<String, String> last = Map.of();
    private Map<String, String> were = Map.of();

    FactsNow() {
        super(4);
        getStyleClass().add("possible-facts");
    }

    void show(Prototype prototype, Situation now) {
        getChildren().clear();
        if (prototype.facts().isEmpty()) {
            return;
        }
        change(prototype, now);
        Label heading = new Label("Facts");
        heading.getStyleClass().add("heading");
        getChildren().add(heading);
        prototype.facts().forEach(fact -> getChildren().add(row(prototype, now, fact)));
        now.look(prototype).flatMap(Look::state).ifPresent(state -> {
            Label look = new WrappedLabel("Look: " + state.shownTitle());
            look.getStyleClass().addAll("quiet", "small");
            look.getStyleClass().add("look-now");
            getChildren().add(look);
        });
    }

    /** Keeps what was before the last time that anything changed. */
    private void change(Prototype prototype, Situation now) {
        Map<String, String> values = new HashMap<>();
        prototype
                .facts()
                .forEach(f ->
                        values.put(f.id(), now.facts().of(prototype, f.id()).shown()));
        if (!values.equals(last)) {
            Map<String, String> changed = new HashMap<>();
            last.forEach((id, was) -> {
                if (values.containsKey(id) && !was.equals(values.get(id))) {
                    changed.put(id, was);
                }
            });
            were = changed;
            last = values;
        }
    }

    private HBox row(Prototype prototype, Situation now, Fact fact) {
        Label name = new Label(fact.title());
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        boolean set = now.facts().set().containsKey(fact.id());
        Label value = new Label(now.facts().of(prototype, fact.id()).shown());
        value.setId("fact-now-" + fact.id());
        value.getStyleClass().add(set ? "strong" : "quiet");
        value.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, name);
        row.getStyleClass().add("fact-now");
        if (were.containsKey(fact.id())) {
            row.getStyleClass().add("just-changed");
            String was = Objects.requireNonNull(were.get(fact.id()));
            Label before = new Label(was.isEmpty() ? "was nothing" : "was " + was);
            before.getStyleClass().addAll("quiet", "small");
            row.getChildren().add(before);
        }
        row.getChildren().add(value);
        return row;
    }
}
