package pandel.desktop.links;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.EventWords;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** All links of a screen, or of the prototype, each as a sentence; the chosen one is edited in the sentence below. */
final class SentencesPane extends StackPane {

    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double WHERE = 190;

    private final Work work;
    private final ListView<Way> list = new ListView<>();
    private final TextField words = new TextField();
    private final ToggleButton all = new ToggleButton("All screens");
    private final Label count = new Label();
    private boolean filling;

    SentencesPane(Work work, Together together) {
        this.work = work;
        getStyleClass().add("sentences-pane");
        words.setId("sentences-filter");
        words.setPromptText("Show only…");
        words.setAccessibleText("Show only sentences with these words");
        words.setPrefColumnCount(16);
        words.textProperty().addListener((o, a, b) -> refresh());
        all.setId("sentences-all");
        all.getStyleClass().add("filter");
        all.setSelected(true);
        all.setOnAction(e -> refresh());
        count.getStyleClass().addAll("quiet", "small");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox many = new HBox(
                4,
                Buttons.word("Lead them to…", "together-lead", () -> together.leadTo(selected())),
                verbs(together),
                Buttons.word("Remove them", "together-remove-links", () -> together.remove(selected())));
        many.setId("sentences-together");
        many.setAlignment(Pos.CENTER_LEFT);
        many.setVisible(false);
        Button each = Buttons.word(
                "Choose these all",
                "sentences-choose-all",
                () -> list.getSelectionModel().selectAll());
        HBox bar = new HBox(8, all, count, each, many, space, words);
        bar.getStyleClass().add("bar");
        list.setId("sentences");
        list.getStyleClass().addAll("findings", "sentences");
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        list.getSelectionModel().getSelectedItems().addListener((ListChangeListener<Way>)
                c -> many.setVisible(selected().size() > 1));
        list.setCellFactory(l -> new Row());
        list.setPlaceholder(new Label("No link says that."));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (is != null && !filling && selected().size() < 2) {
                choose(is);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().add(new VBox(bar, list));
    }

    private List<Way> selected() {
        return list.getSelectionModel().getSelectedItems().stream()
                .filter(Objects::nonNull)
                .toList();
    }

    /** The verbs that many links can be given. */
    private Button verbs(Together together) {
        Button button = Buttons.word("Verb…", "together-verb", () -> {});
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            for (Verb verb : Verb.MOVES) {
                menu.getItems()
                        .add(Buttons.item(
                                "Let them " + verb.word(),
                                "together-" + verb.word().replace(' ', '-'),
                                () -> together.verb(selected(), verb)));
            }
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private void choose(Way way) {
        String here = work.selection().screen();
        String screen = way.from().stream()
                .map(Screen::id)
                .filter(here::equals)
                .findFirst()
                .orElseGet(() ->
                        way.from().isEmpty() ? here : way.from().getFirst().id());
        work.selection().choose(screen);
        way.hotspot()
                .ifPresentOrElse(
                        h -> work.selection().chooseLinkOf(h.id(), way.link().id()),
                        () -> work.selection().chooseLink(way.link().id()));
    }

    /** Shows the sentences as they now are, the chosen link's chosen. */
    void refresh() {
        filling = true;
        Prototype prototype = work.prototype();
        all.pseudoClassStateChanged(SELECTED, all.isSelected());
        String typed = words.getText().toLowerCase(Locale.ROOT).strip();
        List<Way> ways = (all.isSelected()
                        ? List.copyOf(prototype.index().ways())
                        : prototype.index().waysOut(work.selection().screen()))
                .stream()
                        .filter(w -> typed.isEmpty()
                                || LinkWords.described(prototype, w)
                                        .toLowerCase(Locale.ROOT)
                                        .contains(typed))
                        .toList();
        if (!ways.equals(list.getItems())) {
            list.getItems().setAll(ways);
        }
        count.setText(ways.size() == 1 ? "one sentence" : ways.size() + " sentences");
        if (selected().size() > 1) {
            filling = false;
            return;
        }
        chosen().ifPresentOrElse(
                        way -> {
                            list.getSelectionModel().clearAndSelect(ways.indexOf(way));
                            if (!list.isFocused()) {
                                list.scrollTo(Math.max(0, ways.indexOf(way) - 3));
                            }
                        },
                        () -> list.getSelectionModel().clearSelection());
        filling = false;
    }

    private Optional<Way> chosen() {
        String link = work.selection().linkProperty().get();
        if (!link.isEmpty()) {
            return work.prototype().index().way(link).filter(list.getItems()::contains);
        }
        List<String> hotspots = work.selection().hotspots();
        return hotspots.isEmpty()
                ? Optional.empty()
                : list.getItems().stream()
                        .filter(w -> w.hotspot()
                                .map(Hotspot::id)
                                .filter(hotspots.getLast()::equals)
                                .isPresent())
                        .findFirst();
    }

    /** Lays the finder over the sentences. */
    void open(Region finder) {
        shut();
        finder.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(finder, Pos.BOTTOM_CENTER);
        StackPane.setMargin(finder, new Insets(0, 0, 12, 0));
        getChildren().add(finder);
    }

    void shut() {
        getChildren().remove(1, getChildren().size());
    }

    boolean isFinding() {
        return getChildren().size() > 1;
    }

    void takeFocus() {
        list.requestFocus();
    }

    private final class Row extends ListCell<Way> {
        private final Label where = new Label();
        private final Label sentence = new Label();
        private final HBox row = new HBox(12, where, sentence);

        Row() {
            getStyleClass().add("finding");
            where.setMinWidth(WHERE);
            where.setMaxWidth(WHERE);
            where.getStyleClass().add("quiet");
            sentence.setMinWidth(0);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Way way, boolean empty) {
            super.updateItem(way, empty);
            if (empty || way == null) {
                setGraphic(null);
                setAccessibleText("");
                return;
            }
            Prototype prototype = work.prototype();
            where.setText(
                    way.from().size() == 1
                            ? way.from().getFirst().shownTitle()
                            : way.from().size() + " screens");
            int number = way.hotspot()
                    .map(h -> 1
                            + prototype
                                    .index()
                                    .hotspotsOn(
                                            way.from().isEmpty()
                                                    ? ""
                                                    : way.from().getFirst().id())
                                    .indexOf(h))
                    .orElse(0);
            sentence.setText(
                    EventWords.capital(LinkWords.what(way, number)) + ": " + LinkWords.effect(prototype, way.link()));
            sentence.setTooltip(new Tooltip(sentence.getText()));
            setGraphic(row);
            setAccessibleText(where.getText() + ": " + sentence.getText());
        }
    }
}
