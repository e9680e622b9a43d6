package pandel.desktop.replace;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.files.replace.Doubt;

/** Hotspots that stand on changed ground, or outside, after pictures were replaced. */
public final class DoubtsPage extends VBox {

    /**
     * @param look goes to the desk with that hotspot chosen
     * @param confirmed it stands where it should
     * @param all so do all
     */
    public DoubtsPage(
            Prototype prototype,
            List<Doubt> doubts,
            Consumer<Doubt> look,
            Consumer<Doubt> confirmed,
            Runnable all,
            Runnable later) {
        super(12);
        getStyleClass().add("replace-page");
        setPrefWidth(640);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(doubts.size() == 1 ? "One hotspot to look at" : doubts.size() + " hotspots to look at");
        title.getStyleClass().add("title");
        Label why = new Label("Their pictures are others now. Nothing was moved.");
        why.getStyleClass().add("quiet");
        VBox rows = new VBox(2);
        doubts.forEach(doubt -> rows.getChildren().add(row(prototype, doubt, look, confirmed)));
        ScrollPane scroll = new Scroll(rows);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(360);
        scroll.setFocusTraversable(false);
        HBox foot = new HBox(
                8,
                Buttons.plain("Later", "doubts-later", later),
                Buttons.plain("All stand where they should", "doubts-all", all));
        foot.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(title, why, scroll, foot);
    }

    private static HBox row(Prototype prototype, Doubt doubt, Consumer<Doubt> look, Consumer<Doubt> confirmed) {
        Label name = new Label(prototype
                .index()
                .hotspot(doubt.hotspot())
                .map(Hotspot::title)
                .filter(t -> !t.isBlank())
                .orElse("A hotspot"));
        name.getStyleClass().add("strong");
        Label where = new Label(
                "on " + prototype.screen(doubt.screen()).map(Screen::shownTitle).orElse("")
                        + (doubt.outside() ? ", outside its picture" : ", on changed ground"));
        where.getStyleClass().add("quiet");
        HBox words = new HBox(8, name, where);
        words.setAlignment(Pos.CENTER_LEFT);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(
                8,
                words,
                Buttons.word("Look", "doubt-" + doubt.hotspot(), () -> look.accept(doubt)),
                Buttons.word("It stands right", "doubt-right-" + doubt.hotspot(), () -> confirmed.accept(doubt)));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinHeight(32);
        return row;
    }
}
