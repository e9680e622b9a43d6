package pandel.desktop.replace;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Buttons;
import pandel.files.replace.Had;
import pandel.files.replace.Pairing;

/** One line of the table: the picture had, the one that came, what happens, and what else could. */
final class PairingRow extends ListCell<Pairing> {

    private static final double WIDE = 40;
    private static final double HIGH = 72;

    private final PictureLibrary pictures;
    private final Supplier<Plan> plan;
    private final Consumer<Plan> become;
    private final Consumer<Pairing> compare;

    PairingRow(PictureLibrary pictures, Supplier<Plan> plan, Consumer<Plan> become, Consumer<Pairing> compare) {
        this.pictures = pictures;
        this.plan = plan;
        this.become = become;
        this.compare = compare;
        getStyleClass().add("pairing");
    }

    @Override
    protected void updateItem(Pairing pairing, boolean empty) {
        super.updateItem(pairing, empty);
        setText(null);
        setGraphic(empty || pairing == null ? null : row(pairing));
    }

    private Node row(Pairing pairing) {
        Label kind = new Label(pairing.kind().word());
        kind.getStyleClass().addAll("kind", "kind-" + pairing.kind().word());
        kind.setMinWidth(84);
        kind.setPrefWidth(84);
        Label to = new Label(pairing.had().isPresent() && pairing.came().isPresent() ? "→" : "");
        to.setMinWidth(16);
        to.setPrefWidth(16);
        HBox both = new HBox(
                6,
                frame(pairing.had().map(h -> mock(h.screen(), h.picture()))),
                to,
                frame(pairing.came().map(c -> mock(c.screen(), c.picture()))));
        both.setAlignment(Pos.CENTER_LEFT);
        Label name = new Label(pairing.had()
                .map(h -> h.screen().shownTitle())
                .orElseGet(() -> pairing.came().orElseThrow().screen().shownTitle()));
        name.getStyleClass().add("strong");
        Label does = new Label(does(pairing));
        Label files = new Label(files(pairing));
        files.getStyleClass().addAll("quiet", "small");
        VBox words = new VBox(2, name, does, files);
        words.setAlignment(Pos.CENTER_LEFT);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(16, kind, both, words);
        row.setAlignment(Pos.CENTER_LEFT);
        if (pairing.replaces()) {
            row.getChildren()
                    .add(Buttons.word(
                            "Compare",
                            "compare-" + pairing.had().orElseThrow().screen().id(),
                            () -> compare.accept(pairing)));
        }
        Button other = Buttons.word(
                "Something else…",
                "else-"
                        + pairing.had()
                                .map(h -> h.screen().id())
                                .orElseGet(() ->
                                        pairing.came().orElseThrow().screen().id()),
                () -> {});
        other.setOnAction(e -> choices(pairing).show(other, Side.BOTTOM, 0, 0));
        other.setVisible(pairing.kind() != Pairing.Kind.SAME);
        row.getChildren().add(other);
        setAccessibleText(pairing.kind().word() + ": " + name.getText() + ". " + does.getText());
        return row;
    }

    private static Region frame(Optional<MockView> mock) {
        StackPane frame = new StackPane();
        mock.ifPresent(m -> {
            StackPane edge = new StackPane(m);
            edge.getStyleClass().add("mock-frame");
            edge.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
            frame.getChildren().add(edge);
        });
        frame.setMinSize(WIDE + 2, HIGH + 2);
        frame.setPrefSize(WIDE + 2, HIGH + 2);
        frame.setMaxSize(WIDE + 2, HIGH + 2);
        if (mock.isEmpty()) {
            frame.getStyleClass().add("no-picture");
        }
        return frame;
    }

    private MockView mock(Screen screen, Picture picture) {
        return CompareView.mock(screen, picture, pictures, Math.min(WIDE / picture.width(), HIGH / picture.height()));
    }

    private String does(Pairing pairing) {
        if (plan.get().isLeft(pairing)) {
            return pairing.kind() == Pairing.Kind.PERHAPS
                    ? "A newer picture of it, or another screen? Nothing is done until you say."
                    : pairing.had().isPresent() ? "Keeps its old picture." : "Is not taken in.";
        }
        return switch (pairing.kind()) {
            case SAME -> "Stays as it is.";
            case CHANGED -> "Gets the new picture.";
            case RENAMED ->
                pairing.replaces()
                        ? "Gets the picture that looks most like it."
                        : "The same picture under another name.";
            case PERHAPS -> "Gets the new picture.";
            case NEW -> "Becomes a new screen.";
            case GONE ->
                plan.get().isRemoved(pairing)
                        ? "The screen goes, and the links to it."
                        : "Keeps its picture: none came for it.";
        };
    }

    private static String files(Pairing pairing) {
        String had = pairing.had().map(h -> h.picture().source()).orElse("");
        String came = pairing.came().map(c -> c.picture().source()).orElse("");
        return had.equals(came) || came.isEmpty() ? had : had.isEmpty() ? came : had + "  →  " + came;
    }

    private ContextMenu choices(Pairing pairing) {
        ContextMenu menu = new ContextMenu();
        Plan now = plan.get();
        switch (pairing.kind()) {
            case GONE ->
                menu.getItems()
                        .add(item(
                                now.isRemoved(pairing) ? "Keep the screen" : "Remove the screen", now.remove(pairing)));
            case NEW ->
                menu.getItems()
                        .add(item(
                                now.isLeft(pairing) ? "Take it in after all" : "Do not take it in",
                                now.leave(pairing)));
            default -> {
                menu.getItems()
                        .add(item(
                                now.isLeft(pairing)
                                        ? pairing.kind() == Pairing.Kind.PERHAPS
                                                ? "It is its newer picture"
                                                : "Replace after all"
                                        : "Keep the old picture",
                                now.leave(pairing)));
                menu.getItems().add(item("They are two screens", now.apart(pairing)));
            }
        }
        if (pairing.came().isPresent()) {
            for (Had free : now.free()) {
                menu.getItems()
                        .add(item("It is a newer “" + free.screen().shownTitle() + "”", now.goesWith(pairing, free)));
            }
        }
        return menu;
    }

    private MenuItem item(String words, Plan next) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(e -> become.accept(next));
        return item;
    }
}
