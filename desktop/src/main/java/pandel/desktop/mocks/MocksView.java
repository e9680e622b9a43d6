package pandel.desktop.mocks;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.BorderPane;
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
    private final Gallery gallery = new Gallery(this::card, this::head);
    private final BorderPane full = new BorderPane(gallery);
    private final Label heading = new Label();
    private final CardDrag drag;
    private boolean visible;

    public MocksView(Work work, Around around) {
        this.work = work;
        this.around = around;
        this.actions = new ScreenActions(work, around);
        this.drag = new CardDrag(gallery, (card, drop) -> work.edit(ScreenEdits.place(List.of(card.screen()), drop.section(), drop.before())));
        full.setTop(bar());
        work.prototypeProperty().addListener((o, a, b) -> rebuild());
        work.checkedProperty().addListener((o, a, b) -> tell());
        work.deviceProperty().addListener((o, a, b) -> gallery.renew());
        work.selection().screenProperty().addListener((o, a, b) -> choose());
        rebuild();
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

    private void rebuild() {
        Prototype prototype = work.prototype();
        if (!visible) {
            return;
        }
        gallery.show(prototype);
        if (prototype.screens().isEmpty()) {
            node.getChildren().setAll(empty());
            return;
        }
        tell();
        heading.setText(prototype.screens().size() == 1 ? "One screen" : prototype.screens().size() + " screens");
        if (!node.getChildren().contains(full)) {
            node.getChildren().setAll(full);
        }
        choose();
    }

    private void tell() {
        if (visible) {
            gallery.each(c -> c.tell(work));
        }
    }

    private BandHead head(GalleryLayout.Band band) {
        return new BandHead(band, () -> gallery.fold(band.section()), () -> around.askName("Name of the section", band.section(),
                name -> work.edit(ScreenEdits.renameSection(band.section(), name))));
    }

    private ScreenCard card(Screen screen) {
        ScreenCard card = new ScreenCard(screen, work, around.pictures());
        card.choose(screen.id().equals(work.selection().screen()));
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
        gallery.each(card -> card.choose(card.screen().id().equals(work.selection().screen())));
    }

    private Optional<ScreenCard> chosen() {
        return gallery.card(work.selection().screen());
    }

    private void rename() {
        gallery.reveal(work.selection().screen());
        chosen().ifPresent(card -> card.rename(title -> work.edit(ScreenEdits.rename(now(card.screen()), title)), this::focusChosen));
    }

    private void focusChosen() {
        gallery.reveal(work.selection().screen());
        chosen().ifPresent(ScreenCard::requestFocus);
    }

    private void step(Optional<GalleryLayout.Spot> to) {
        to.ifPresent(spot -> work.selection().choose(spot.screen().id()));
        focusChosen();
    }

    /** One place towards the front or the end in reading order, into the next section at the end of one. */
    private void reorder(int by) {
        work.screen().ifPresent(s -> {
            work.edit(ScreenEdits.shift(s, by));
            focusChosen();
        });
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void shown() {
        visible = true;
        rebuild();
        focusChosen();
    }

    @Override
    public void hidden() {
        visible = false;
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.here("Next screen", () -> step(along(1)), "Right").when(this::hasScreens),
                Command.here("Previous screen", () -> step(along(-1)), "Left").when(this::hasScreens),
                Command.here("Screen below", () -> step(across(1)), "Down").when(this::hasScreens),
                Command.here("Screen above", () -> step(across(-1)), "Up").when(this::hasScreens),
                Command.here("Link this screen", () -> around.go(WorkStage.LINKS), "Enter").when(this::cardFocused),
                Command.here("Rename", this::rename, "F2").when(this::hasScreens),
                Command.here("Move towards the front", () -> reorder(-1), "Alt+Left").when(this::hasScreens),
                Command.here("Move towards the end", () -> reorder(1), "Alt+Right").when(this::hasScreens),
                Command.here("Start play here", () -> work.screen().ifPresent(actions::startAt), "Shortcut+E").when(this::hasScreens),
                Command.here("An end, or not", () -> work.screen().ifPresent(actions::turnEnd), "Shortcut+D").when(this::hasScreens),
                Command.here("Remove", () -> work.screen().ifPresent(actions::remove), "Delete").when(this::hasScreens));
    }

    private Optional<GalleryLayout.Spot> along(int by) {
        return gallery.places().along(work.selection().screen(), by);
    }

    private Optional<GalleryLayout.Spot> across(int by) {
        return gallery.places().across(work.selection().screen(), by);
    }

    private boolean hasScreens() {
        return !work.prototype().screens().isEmpty();
    }

    private boolean cardFocused() {
        return node.getScene() != null && node.getScene().getFocusOwner() instanceof ScreenCard;
    }
}
