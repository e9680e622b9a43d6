package pandel.desktop.links;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Scroll;

/** Which screens a shared hotspot stands on. */
final class SharePane extends VBox {

    private final Map<String, CheckBox> boxes = new LinkedHashMap<>();

    SharePane(String hotspot, List<Screen> screens, Set<String> now, Consumer<List<String>> done, Runnable given) {
        getStyleClass().addAll("finder", "share");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label("“" + hotspot + "” stands on");
        title.getStyleClass().addAll("strong", "large");
        VBox list = new VBox(4);
        for (Screen screen : screens) {
            CheckBox box = new CheckBox(screen.shownTitle());
            box.setId("share-" + screen.id());
            box.setMnemonicParsing(false);
            box.setSelected(now.contains(screen.id()));
            boxes.put(screen.id(), box);
            list.getChildren().add(box);
        }
        ScrollPane scroll = new Scroll(list);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(Math.min(300, 24.0 * screens.size() + 8));
        Button pages = new Button("All pages");
        pages.getStyleClass().add("word");
        pages.setOnAction(e -> screens.stream()
                .filter(s -> s.form() == Form.PAGE)
                .forEach(s -> Objects.requireNonNull(boxes.get(s.id())).setSelected(true)));
        Button none = new Button("None");
        none.getStyleClass().add("word");
        none.setOnAction(e -> boxes.values().forEach(b -> b.setSelected(false)));
        Button keep = new Button("Share");
        keep.getStyleClass().add("main");
        keep.setId("share-done");
        keep.setOnAction(e -> done.accept(chosen()));
        Button leave = new Button("Leave as it was");
        leave.getStyleClass().add("plain");
        leave.setOnAction(e -> given.run());
        getChildren().addAll(title, new HBox(4, pages, none), scroll, new HBox(8, keep, leave));
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                given.run();
            }
        });
    }

    private List<String> chosen() {
        Set<String> chosen = new LinkedHashSet<>();
        boxes.forEach((id, box) -> {
            if (box.isSelected()) {
                chosen.add(id);
            }
        });
        return new ArrayList<>(chosen);
    }
}
