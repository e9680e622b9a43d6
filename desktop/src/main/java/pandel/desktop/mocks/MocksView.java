package pandel.desktop.mocks;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.edit.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.desktop.shell.Around;
import pandel.desktop.shell.Command;
import pandel.desktop.shell.EmptyStage;
import pandel.desktop.shell.StageView;
import pandel.desktop.shell.WorkStage;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** The gallery of screens. */
public final class MocksView implements StageView {

    private static final int RECENT = 5;

    private final Work work;
    private final Around around;
    private final ScreenActions actions;
    private final StackPane node = new StackPane();
    private final FlowPane gallery = new FlowPane();
    private final ScrollPane scroll = new ScrollPane(gallery);
    private final BorderPane full = new BorderPane(scroll);
    private final Label heading = new Label();
    private final Map<String, ScreenCard> cards = new HashMap<>();
    private final CardDrag drag;

    public MocksView(Work work, Around around) {
        this.work = work;
        this.around = around;
        this.actions = new ScreenActions(work, around);
        this.drag = new CardDrag(gallery, (card, position) -> work.edit(ScreenEdits.move(card.screen(), position)));
        gallery.getStyleClass().add("gallery");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        full.setTop(bar());
        work.prototypeProperty().addListener((o, a, b) -> rebuild(b));
        work.checkedProperty().addListener((o, a, b) -> cards.values().forEach(c -> c.tell(work)));
        work.deviceProperty().addListener((o, a, b) -> {
            cards.clear();
            rebuild(work.prototype());
        });
        work.selection().screenProperty().addListener((o, a, b) -> choose());
        rebuild(work.prototype());
    }

    private HBox bar() {
        heading.getStyleClass().add("strong");
        Button pictures = Press.plain("Pictures from a folder…", "gather", () -> around.run("gather"));
        Button fresh = Press.plain("New screen", "new-screen", this::newScreen);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Label hint = new Label("Right-click a card for what can be done to it");
        hint.getStyleClass().addAll("quiet", "small");
        HBox bar = new HBox(heading, space, hint, fresh, pictures);
        bar.getStyleClass().add("bar");
        return bar;
    }

    private void newScreen() {
        Screen screen = Screen.page(work.freshId("New screen"), "New screen");
        work.edit(ScreenEdits.add(List.of(screen)));
        work.selection().choose(screen.id());
        rename();
    }

    private Node empty() {
        EmptyStage box = new EmptyStage("Nothing here yet", "Drop pictures of your screens, or a folder of them, anywhere in this window.")
                .offering("Pictures from a folder…", () -> around.run("gather"));
        HBox others = new HBox(8, Press.plain("A blank screen", "first-blank", this::newScreen), Press.plain("Open a prototype…", "first-open", () -> around.run("open")),
                Press.plain("See the sample", "first-sample", () -> around.run("sample")));
        others.setAlignment(Pos.CENTER);
        box.getChildren().add(others);
        StackPane frame = new StackPane(new CornerFrame(box, 600, 300));
        List<Path> recent = around.preferred().now().recent();
        if (recent.isEmpty()) {
            return frame;
        }
        VBox last = new VBox(2);
        last.setMaxSize(600, Region.USE_PREF_SIZE);
        Label heading = new Label("Opened last");
        heading.getStyleClass().add("heading");
        heading.setStyle("-fx-padding: 0 0 4 4;");
        last.getChildren().add(heading);
        recent.stream().limit(RECENT).forEach(file -> {
            Button name = Press.word(String.valueOf(file.getFileName()), "recent-" + last.getChildren().size(), () -> around.openRecent(file));
            name.setMnemonicParsing(false);
            Label where = new Label(String.valueOf(file.getParent()));
            where.getStyleClass().addAll("quiet", "small");
            where.setMinWidth(0);
            HBox row = new HBox(8, name, where);
            row.setAlignment(Pos.BASELINE_LEFT);
            last.getChildren().add(row);
        });
        VBox both = new VBox(32, frame, last);
        both.setAlignment(Pos.CENTER);
        return both;
    }

    private void rebuild(Prototype prototype) {
        if (prototype.screens().isEmpty()) {
            cards.clear();
            gallery.getChildren().clear();
            node.getChildren().setAll(empty());
            return;
        }
        Map<String, ScreenCard> before = new HashMap<>(cards);
        cards.clear();
        for (Screen screen : prototype.screens()) {
            ScreenCard old = before.get(screen.id());
            boolean same = old != null && old.screen().title().equals(screen.title()) && old.screen().form() == screen.form()
                    && old.screen().end() == screen.end() && old.screen().home() == screen.home() && old.screen().status() == screen.status() && old.screen().mocks().equals(screen.mocks());
            ScreenCard card = same ? old : card(screen);
            card.tell(work);
            cards.put(screen.id(), card);
        }
        gallery.getChildren().setAll(prototype.screens().stream().map(s -> cards.get(s.id())).toList());
        heading.setText(prototype.screens().size() == 1 ? "One screen" : prototype.screens().size() + " screens");
        if (!node.getChildren().contains(full)) {
            node.getChildren().setAll(full);
        }
        choose();
    }

    private ScreenCard card(Screen screen) {
        ScreenCard card = new ScreenCard(screen, work, around.pictures());
        card.setFocusTraversable(true);
        card.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                work.selection().choose(screen.id());
            }
        });
        card.setOnMousePressed(e -> {
            card.requestFocus();
            work.selection().choose(screen.id());
        });
        card.setOnMouseClicked(e -> {
            if (e.getButton() == MouseButton.PRIMARY && e.getClickCount() == 2) {
                around.go(WorkStage.LINKS);
            }
        });
        card.setOnContextMenuRequested(e -> actions.menu(now(screen), this::rename).show(card, e.getScreenX(), e.getScreenY()));
        drag.follow(card);
        return card;
    }

    private Screen now(Screen screen) {
        return work.prototype().screen(screen.id()).orElse(screen);
    }

    private void choose() {
        cards.forEach((id, card) -> card.choose(id.equals(work.selection().screen())));
    }

    private Optional<ScreenCard> chosen() {
        return Optional.ofNullable(cards.get(work.selection().screen()));
    }

    private void rename() {
        chosen().ifPresent(card -> {
            reveal(card);
            card.rename(title -> work.edit(ScreenEdits.rename(now(card.screen()), title)), this::focusChosen);
        });
    }

    private void focusChosen() {
        chosen().ifPresent(ScreenCard::requestFocus);
    }

    private void step(int by) {
        List<Screen> screens = work.prototype().screens();
        int at = screens.indexOf(work.screen().orElse(null));
        work.selection().choose(screens.get(Math.clamp(at + by, 0, screens.size() - 1)).id());
        focusChosen();
        chosen().ifPresent(this::reveal);
    }

    private int columns() {
        double top = gallery.getChildren().getFirst().getBoundsInParent().getMinY();
        return (int) Math.max(1, gallery.getChildren().stream().filter(c -> c.getBoundsInParent().getMinY() == top).count());
    }

    private void reveal(ScreenCard card) {
        scroll.applyCss();
        scroll.layout();
        double room = gallery.getHeight() - scroll.getViewportBounds().getHeight();
        double top = card.getBoundsInParent().getMinY();
        double bottom = card.getBoundsInParent().getMaxY();
        double from = scroll.getVvalue() * room;
        if (room > 0 && (top < from || bottom > from + scroll.getViewportBounds().getHeight())) {
            scroll.setVvalue(Math.clamp((top - 20) / room, 0, 1));
        }
    }

    private void reorder(int by) {
        work.screen().ifPresent(s -> {
            work.edit(ScreenEdits.move(s, Math.max(0, work.prototype().screens().indexOf(s) + by)));
            focusChosen();
        });
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void shown() {
        focusChosen();
        chosen().ifPresent(this::reveal);
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.here("Next screen", () -> step(1), "Right").when(this::hasScreens),
                Command.here("Previous screen", () -> step(-1), "Left").when(this::hasScreens),
                Command.here("Screen below", () -> step(columns()), "Down").when(this::hasScreens),
                Command.here("Screen above", () -> step(-columns()), "Up").when(this::hasScreens),
                Command.here("Link this screen", () -> around.go(WorkStage.LINKS), "Enter").when(this::cardFocused),
                Command.here("Rename", this::rename, "F2").when(this::hasScreens),
                Command.here("Move towards the front", () -> reorder(-1), "Alt+Left").when(this::hasScreens),
                Command.here("Move towards the end", () -> reorder(1), "Alt+Right").when(this::hasScreens),
                Command.here("Start play here", () -> work.screen().ifPresent(actions::startAt), "Shortcut+E").when(this::hasScreens),
                Command.here("An end, or not", () -> work.screen().ifPresent(actions::turnEnd), "Shortcut+D").when(this::hasScreens),
                Command.here("Remove", () -> work.screen().ifPresent(actions::remove), "Delete").when(this::hasScreens));
    }

    private boolean hasScreens() {
        return !work.prototype().screens().isEmpty();
    }

    private boolean cardFocused() {
        return node.getScene() != null && node.getScene().getFocusOwner() instanceof ScreenCard;
    }
}
