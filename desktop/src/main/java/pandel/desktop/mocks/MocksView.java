package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import javafx.util.Subscription;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.desktop.remark.Remarking;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WhileShown;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** The gallery of screens. */
public final class MocksView implements StageView {

    /** ms without scrolling after which pictures are made ready again. */
    private static final double REST = 80;

    private final Work work;
    private final StageWindow around;
    private final ScreenActions actions;
    private final StackPane node = new StackPane();
    private final Gallery gallery;
    private final BorderPane full;
    private final Label heading = new Label();
    private final CardDrag drag;
    private final MocksFilter filter;
    private final ChosenBar several;
    private final Button unmark = Buttons.smallWord("Show changes no more", "unmark", this::unmark);
    private final WhileShown shown;

    public MocksView(Work work, StageWindow around) {
        this.work = work;
        this.around = around;
        this.actions = new ScreenActions(work, around, around);
        this.gallery = new Gallery(
                this::card,
                this::choose,
                this::head,
                CardSize.of(around.preferred().now().cards()));
        this.full = new BorderPane(gallery);
        this.drag = new CardDrag(
                gallery, (card, drop) -> work.edit(ScreenEdits.place(moving(card), drop.section(), drop.before())));
        this.filter = new MocksFilter(work, this::refilter);
        this.several = new ChosenBar(work, actions);
        several.refresh();
        full.setTop(new VBox(bar(), filter.traits(), several));
        PauseTransition rest = new PauseTransition(Duration.millis(REST));
        rest.setOnFinished(e -> around.pictures().pause(false));
        gallery.vvalueProperty().addListener((o, a, b) -> {
            around.pictures().pause(true);
            rest.playFromStart();
        });
        around.preferred().property().subscribe((was, is) -> {
            if (was.text() != is.text()) {
                gallery.renew();
            }
        });
        this.shown = new WhileShown(() -> Subscription.combine(
                work.selection().together().subscribe(this::choose),
                work.selection().screenProperty().subscribe((was, is) -> choose()),
                work.prototypeProperty().subscribe((was, is) -> rebuild()),
                work.checkedProperty().subscribe((was, is) -> tell()),
                work.comparedProperty().subscribe((was, is) -> tell())));
        // Cards are drawn for the device, whether they are in sight or not.
        work.deviceProperty().subscribe((was, is) -> gallery.renew(is.width() / is.height()));
    }

    private HBox bar() {
        heading.getStyleClass().add("strong");
        Button pictures = Buttons.plain("Pictures from a folder…", "gather", () -> around.run("gather"));
        Button fresh = Buttons.plain("New screen", "new-screen", this::newScreen);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Button smaller = Buttons.smallWord("−", "cards-smaller", () -> sizeCards(-1));
        smaller.setTooltip(new Tooltip("Smaller cards, more of them"));
        Button larger = Buttons.smallWord("+", "cards-larger", () -> sizeCards(1));
        larger.setTooltip(new Tooltip("Larger cards, easier to read"));
        Label cards = new Label("Cards");
        cards.getStyleClass().addAll("quiet", "small");
        unmark.setVisible(false);
        unmark.setManaged(false);
        HBox sizes = new HBox(0, cards, smaller, larger);
        sizes.setAlignment(Pos.CENTER_LEFT);
        HBox bar = new HBox(heading, fresh, pictures, sizes, unmark, space, filter.words());
        bar.getStyleClass().add("bar");
        return bar;
    }

    private void unmark() {
        work.compareWith(Optional.empty());
    }

    private void sizeCards(int by) {
        gallery.size(gallery.size().next(by));
        around.preferred().change(p -> p.withCards(gallery.size().word()));
        tell();
    }

    private void newScreen() {
        Screen screen = Screen.page(work.freshId("New screen"), "New screen");
        work.edit(ScreenEdits.add(List.of(screen)));
        work.selection().choose(screen.id());
        rename();
    }

    private void rebuild() {
        Prototype prototype = work.prototype();
        if (!shown.isOn()) {
            return;
        }
        gallery.show(prototype, filter.shown());
        if (prototype.screens().isEmpty()) {
            node.getChildren().setAll(Welcome.of(around, this::newScreen));
            return;
        }
        tell();
        tellCount();
        around.findAlike(this::tell);
        if (!node.getChildren().contains(full)) {
            node.getChildren().setAll(full);
            // Once laid out, a card takes the focus, not the field above them.
            Platform.runLater(this::focusChosen);
        }
        choose();
    }

    /** Those carried with a card: all chosen together when it is one of them. */
    private List<Screen> moving(ScreenCard card) {
        return work.selection().together().contains(card.screen().id()) ? work.together() : List.of(now(card.screen()));
    }

    private void refilter() {
        filter.refresh();
        gallery.show(work.prototype(), filter.shown());
        tellCount();
        choose();
    }

    private void tellCount() {
        int all = work.prototype().screens().size();
        int shown = gallery.places().bands().stream()
                .mapToInt(GalleryLayout.Band::screens)
                .sum();
        heading.setText(shown < all ? shown + " of " + all + " screens" : all == 1 ? "One screen" : all + " screens");
    }

    private void tell() {
        if (shown.isOn()) {
            filter.refresh();
            gallery.each(ScreenCard::tell);
            unmark.setVisible(work.comparedProperty().get().isPresent());
            unmark.setManaged(unmark.isVisible());
        }
    }

    private BandHead head(GalleryLayout.Band band) {
        return new BandHead(
                band,
                () -> gallery.fold(band.section()),
                () -> around.askName(
                        "Name of the section",
                        band.section(),
                        name -> work.edit(ScreenEdits.renameSection(band.section(), name))));
    }

    private ScreenCard card(Screen screen) {
        ScreenCard card =
                new ScreenCard(screen, gallery.size(), gallery.places().cell(), work, around.pictures());
        choose(card);
        card.focusedProperty().addListener((o, was, is) -> {
            if (is && !work.selection().together().contains(card.screen().id())) {
                work.selection().choose(card.screen().id());
            }
        });
        card.setOnMousePressed(e -> press(card, e));
        card.setOnMouseClicked(e -> {
            boolean plain = e.getButton() == MouseButton.PRIMARY && !e.isShortcutDown() && !e.isShiftDown();
            if (plain && e.isStillSincePress()) {
                work.selection().choose(card.screen().id());
            }
            if (plain && e.getClickCount() == 2) {
                around.go(WorkStage.LINKS);
            }
        });
        card.setOnContextMenuRequested(
                e -> actions.menu(now(card.screen()), this::rename).show(card, e.getScreenX(), e.getScreenY()));
        drag.follow(card);
        return card;
    }

    /**
     * Ctrl adds a card or takes it out, Shift takes all from the chosen one to it; else it alone is chosen, unless it
     * may be carried with others.
     */
    private void press(ScreenCard card, MouseEvent e) {
        String id = card.screen().id();
        List<String> together = work.selection().together();
        if (e.isShortcutDown()) {
            List<String> all = new ArrayList<>(
                    together.isEmpty() ? List.of(work.selection().screen()) : together);
            if (!all.remove(id)) {
                all.add(id);
            }
            work.selection().chooseTogether(all);
        } else if (e.isShiftDown()) {
            work.selection()
                    .chooseTogether(gallery.places().between(work.selection().screen(), id));
        } else if (!together.contains(id)) {
            work.selection().choose(id);
        }
        // Nothing moves beneath a pointer that is pressing.
        gallery.keep(work.selection().screen());
        chosen().ifPresent(ScreenCard::requestFocus);
    }

    private void chooseAll() {
        work.selection()
                .chooseTogether(gallery.places().spots().stream()
                        .map(s -> s.screen().id())
                        .toList());
    }

    private Screen now(Screen screen) {
        return work.prototype().screen(screen.id()).orElse(screen);
    }

    private void choose() {
        gallery.each(this::choose);
        several.refresh();
    }

    private void choose(ScreenCard card) {
        card.choose(
                card.screen().id().equals(work.selection().screen()),
                work.selection().together().contains(card.screen().id()));
    }

    private Optional<ScreenCard> chosen() {
        return gallery.card(work.selection().screen());
    }

    private void rename() {
        gallery.reveal(work.selection().screen());
        chosen().ifPresent(card ->
                card.rename(title -> work.edit(ScreenEdits.rename(now(card.screen()), title)), this::focusChosen));
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
        shown.begin();
        rebuild();
        focusChosen();
    }

    @Override
    public void hidden() {
        shown.end();
    }

    @Override
    public List<Command> commands() {
        return List.of(
                Command.here("Next screen", () -> step(along(1)), "Right").when(this::hasScreens),
                Command.here("Previous screen", () -> step(along(-1)), "Left").when(this::hasScreens),
                Command.here("Screen below", () -> step(across(1)), "Down").when(this::hasScreens),
                Command.here("Screen above", () -> step(across(-1)), "Up").when(this::hasScreens),
                Command.here("Link this screen", () -> around.go(WorkStage.LINKS), "Enter")
                        .when(this::cardFocused),
                Command.here("Rename", this::rename, "F2").when(this::hasScreens),
                Command.here("Move towards the front", () -> reorder(-1), "Alt+Left")
                        .when(this::hasScreens),
                Command.here("Move towards the end", () -> reorder(1), "Alt+Right")
                        .when(this::hasScreens),
                Command.here("Start play here", () -> work.screen().ifPresent(actions::startAt), "Shortcut+E")
                        .when(this::hasScreens),
                Command.here("An end, or not", () -> work.screen().ifPresent(actions::turnEnd), "Shortcut+D")
                        .when(this::hasScreens),
                Command.here(
                                "Copy screens to the clipboard",
                                () -> actions.copying.toClipboard(chosenScreens()),
                                "Shortcut+C")
                        .when(this::hasScreens),
                Command.here("Pin a remark…", () -> new Remarking(work, around).here(), "Shortcut+M")
                        .when(this::hasScreens),
                Command.here("Copy screens here", () -> actions.copying.here(chosenScreens()), "Shortcut+Shift+C")
                        .when(this::hasScreens),
                Command.here("Put in screens or pictures of the clipboard", this::paste, "Shortcut+V"),
                Command.here("Larger cards", () -> sizeCards(1), "Plus", "Equals", "Add")
                        .when(this::hasScreens),
                Command.here("Smaller cards", () -> sizeCards(-1), "Minus", "Subtract")
                        .when(this::hasScreens),
                Command.here("Choose all screens shown", this::chooseAll, "Shortcut+A")
                        .when(this::hasScreens),
                Command.here("Show only some screens", () -> Platform.runLater(filter::focus), "Slash")
                        .when(this::hasScreens),
                Command.here("Choose one only, show all", this::letGo, "Esc")
                        .when(() -> !work.selection().together().isEmpty() || !filter.isOff()),
                Command.here("Remove", this::remove, "Delete").when(this::hasScreens));
    }

    private List<Screen> chosenScreens() {
        return work.together().isEmpty() ? work.screen().stream().toList() : work.together();
    }

    private void paste() {
        if (Copying.has()) {
            actions.copying.fromClipboard();
        } else {
            around.paste();
        }
    }

    private Optional<GalleryLayout.Spot> along(int by) {
        return gallery.places().along(work.selection().screen(), by);
    }

    private Optional<GalleryLayout.Spot> across(int by) {
        return gallery.places().across(work.selection().screen(), by);
    }

    private void letGo() {
        if (!work.selection().together().isEmpty()) {
            work.selection().choose(work.selection().screen());
        } else {
            filter.clear();
        }
    }

    private void remove() {
        if (work.together().isEmpty()) {
            work.screen().ifPresent(actions::remove);
        } else {
            actions.remove(work.together());
        }
    }

    private boolean hasScreens() {
        return !work.prototype().screens().isEmpty();
    }

    private boolean cardFocused() {
        return Buttons.focused(node).filter(ScreenCard.class::isInstance).isPresent();
    }
}
