package pandel.desktop.shell.page;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.WrappedLabel;
import pandel.files.merge.Conflict;
import pandel.files.merge.Side;

/** What came of a merge: what both changed, side by side, to choose from. */
public final class MergePage extends PageBox {

    private final Map<Integer, Side> chosen = new HashMap<>();

    /**
     * @param changes what comes in, in sentences
     * @param take told whose is taken of what both changed, by its place
     */
    public MergePage(
            String from,
            String about,
            List<String> changes,
            List<Conflict> conflicts,
            Consumer<Map<Integer, Side>> take,
            Runnable leave) {
        super("Merge with “" + from + "”", about, leave);
        getStyleClass().add("merge-page");
        Button merge = new Button("Merge");
        merge.setId("merge-take");
        merge.setOnAction(e -> take.accept(Map.copyOf(chosen)));
        offerInstead(merge);
        if (!conflicts.isEmpty()) {
            heading(conflicts.size() == 1 ? "Both changed this" : "Both changed these " + conflicts.size());
            for (int i = 0; i < conflicts.size(); i++) {
                conflict(i, conflicts.get(i));
            }
        }
        heading(
                changes.isEmpty()
                        ? "Nothing else comes in"
                        : conflicts.isEmpty() ? "What comes in" : "What comes in besides");
        changes.forEach(this::sentence);
    }

    private void conflict(int at, Conflict conflict) {
        Label place = new WrappedLabel(conflict.place());
        place.setMinWidth(0);
        place.getStyleClass().add("strong");
        FlowPane sides = new FlowPane(4, 4);
        ToggleGroup one = new ToggleGroup();
        for (Side side : Side.values()) {
            ToggleButton choice = new ToggleButton((side == Side.MINE ? "mine: " : "theirs: ") + conflict.words(side));
            choice.getStyleClass().add("face");
            choice.setId("merge-" + at + "-" + (side == Side.MINE ? "mine" : "theirs"));
            choice.setToggleGroup(one);
            choice.setMaxWidth(600);
            choice.setSelected(conflict.stands() == side);
            choice.setOnAction(e -> {
                choice.setSelected(true);
                chosen.put(at, side);
            });
            sides.getChildren().add(choice);
        }
        VBox both = new VBox(4, place, sides);
        both.setFillWidth(true);
        javafx.scene.layout.HBox.setHgrow(both, javafx.scene.layout.Priority.ALWAYS);
        row(both);
    }
}
