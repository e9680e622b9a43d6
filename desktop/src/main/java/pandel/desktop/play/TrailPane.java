package pandel.desktop.play;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.play.Level;
import pandel.core.play.Situation;
import pandel.core.play.Visit;
import pandel.desktop.mocks.FormSign;

/** The places one came through as one pile, the current one on top, overlays proud of it. */
final class TrailPane extends VBox {

    private static final int MOST = 40;

    TrailPane() {
        getStyleClass().add("side");
        setPrefWidth(200);
        setMinWidth(200);
    }

    void show(Prototype prototype, Situation now) {
        Label heading = new Label("Trail");
        heading.getStyleClass().add("heading");
        getChildren().setAll(heading);
        boolean current = true;
        int shown = 0;
        for (Level level : now.levels().reversed()) {
            for (Visit visit : level.trail().places().reversed()) {
                if (shown++ == MOST) {
                    int rest = now.levels().stream().mapToInt(l -> l.trail().depth()).sum() - MOST;
                    getChildren().add(new Label("and " + rest + " more beneath"));
                    return;
                }
                getChildren().add(place(prototype, visit, level, current));
                current = false;
            }
        }
    }

    private static HBox place(Prototype prototype, Visit visit, Level level, boolean current) {
        HBox row = new HBox();
        row.getStyleClass().add("trail-place");
        Screen screen = prototype.screen(visit.screen()).orElse(Screen.page(visit.screen(), visit.screen()));
        Label title = new Label(screen.shownTitle());
        title.getStyleClass().add(current ? "strong" : "quiet");
        row.getChildren().addAll(new FormSign(screen.form()), title);
        if (current) {
            row.getStyleClass().add("current");
        }
        if (!level.kind().base()) {
            row.getStyleClass().add("overlay");
        }
        return row;
    }
}
