package pandel.desktop.replace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.edit.screen.PictureEdits.Swap;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;
import pandel.files.replace.Pairing;
import pandel.files.replace.Pairing.Kind;

/** One table of what came against what was had: same, changed, renamed, new, gone. Confirmed or corrected in one go. */
public final class ReplacePage extends StackPane {

    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    /** Most telling first. */
    private static final List<Kind> ORDER =
            List.of(Kind.CHANGED, Kind.RENAMED, Kind.PERHAPS, Kind.NEW, Kind.GONE, Kind.SAME);

    /** What is confirmed. */
    public interface Confirmed {
        void take(List<Swap> swaps, List<Screen> added, List<Screen> removed);
    }

    private final PictureLibrary pictures;
    private final VBox table = new VBox();
    private final FlowPane kinds = new FlowPane(4, 4);
    private final ListView<Pairing> list = new ListView<>();
    private final Button take = new Button();
    private final Set<Kind> shown = EnumSet.complementOf(EnumSet.of(Kind.SAME));
    private Plan plan;

    /**
     * @param problems sentences about files that could not be read
     * @param leave nothing is done
     */
    public ReplacePage(
            List<Pairing> pairings,
            List<String> problems,
            PictureLibrary pictures,
            Confirmed confirmed,
            Runnable leave) {
        this.pictures = pictures;
        this.plan = Plan.of(pairings);
        getStyleClass().add("replace-page");
        setPrefSize(920, 620);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label("Pictures that came, and those they replace");
        title.getStyleClass().add("title");
        Label promise = new WrappedLabel("Hotspots and links stay, whatever is chosen here.");
        promise.getStyleClass().add("quiet");
        list.setCellFactory(l -> new PairingRow(this.pictures, this::plan, this::become, this::compare));
        list.getStyleClass().add("pairings");
        list.setId("pairings");
        list.setAccessibleText("Pictures that came and those they replace");
        list.setPlaceholder(new Label("Nothing of these kinds."));
        VBox.setVgrow(list, Priority.ALWAYS);
        take.getStyleClass().add("main");
        take.setId("replace-take");
        take.setOnAction(e -> confirmed.take(plan.swaps(), plan.added(), plan.screensRemoved()));
        HBox foot = new HBox(8, Buttons.plain("Leave all as it is", "replace-leave", leave), take);
        foot.setAlignment(Pos.CENTER_RIGHT);
        table.setSpacing(10);
        table.getChildren().addAll(title, promise);
        problems.stream().limit(3).forEach(problem -> {
            Label line = new WrappedLabel(problem);
            line.getStyleClass().add("problem");
            table.getChildren().add(line);
        });
        table.getChildren().addAll(kinds, list, foot);
        getChildren().add(table);
        if (shown.stream().allMatch(k -> plan.count(k) == 0)) {
            shown.add(Kind.SAME);
        }
        refresh();
    }

    private Plan plan() {
        return plan;
    }

    private void become(Plan next) {
        plan = next;
        refresh();
    }

    private void refresh() {
        List<ToggleButton> buttons = new ArrayList<>();
        for (Kind kind : ORDER) {
            if (plan.count(kind) > 0) {
                buttons.add(kindButton(kind));
            }
        }
        kinds.getChildren().setAll(buttons);
        list.getItems()
                .setAll(plan.pairings().stream()
                        .filter(p -> shown.contains(p.kind()))
                        .sorted(Comparator.comparingInt(p -> ORDER.indexOf(p.kind())))
                        .toList());
        String does = plan.does();
        take.setText(does.isEmpty() ? "Nothing to replace" : does);
        take.setDisable(does.isEmpty());
    }

    private ToggleButton kindButton(Kind kind) {
        ToggleButton button = new ToggleButton(kind.word() + "  " + plan.count(kind));
        button.getStyleClass().add("filter");
        button.setId("kind-" + kind.word());
        button.setSelected(shown.contains(kind));
        button.pseudoClassStateChanged(SELECTED, shown.contains(kind));
        button.setOnAction(e -> {
            if (!shown.remove(kind)) {
                shown.add(kind);
            }
            refresh();
        });
        return button;
    }

    private void compare(Pairing pairing) {
        getChildren().setAll(new CompareView(pairing, pictures, this::showTable));
    }

    private void showTable() {
        getChildren().setAll(table);
        list.requestFocus();
    }
}
