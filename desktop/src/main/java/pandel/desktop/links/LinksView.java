package pandel.desktop.links;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.edit.link.Waiting;
import pandel.core.edit.linking.Destination;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.model.device.Device;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.play.words.LinkWords;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.links.action.Finder;
import pandel.desktop.links.desk.DeskPane;
import pandel.desktop.links.desk.LayingWords;
import pandel.desktop.links.desk.Marking;
import pandel.desktop.links.sentence.SentencePane;
import pandel.desktop.remark.RemarkCards;
import pandel.desktop.remark.Remarking;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.EmptyStage;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WhileShown;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.work.Work;

/** The desk: one screen, the ways in at its left, the ways out at its right, the chosen link as a sentence below. */
public final class LinksView implements StageView {

    final Work work;
    final StageWindow around;
    final DeskActions actions;
    private final StackPane node = new StackPane();
    private final BorderPane page = new BorderPane();
    final DeskPane desk;
    private final WaysIn waysIn;
    private final WaysOut waysOut;
    final Remarking remarking;
    private final RemarkCards remarks;
    final SentencePane sentence;
    private final LooksBar looks;
    private final DeskPane beside;
    private final MarkedLinks marks;
    private final DeskActions besideActions;
    private final ScrollPane besideHeld;
    private final DeskSizes sizes;
    private Optional<String> besideDevice = Optional.empty();
    private final Label heading = new Label();
    final InFrame inFrame;
    private final WhileShown shown;
    private boolean asSentences;
    final Button all = Buttons.smallWord("All sentences", "all-sentences", this::turnSentences);
    private final HBox head;
    private final HBox middle;
    private final ScrollPane left;
    private final ScrollPane right;
    final SentencesPane sentences;
    final Together together;
    private final VBox centre;
    private final LinksCommands keys = new LinksCommands(this);
    final LinksWalk walk;

    public LinksView(Work work, StageWindow around) {
        this.work = work;
        this.around = around;
        this.actions = new DeskActions(work);
        this.walk = new LinksWalk(work, actions, around, () -> desk().requestFocus());
        this.marks = new MarkedLinks(around, walk, (on, at, then) -> openFinder(on, "", true, at, then));
        this.desk =
                new DeskPane(work, actions, around, (on, m) -> marks.ask(m, on, actions), walk::walkBack, walk::walkOn);
        this.waysIn = new WaysIn((screen, hotspot) -> {
            walk.walkTo(screen.id());
            hotspot.ifPresent(h -> work.selection().chooseHotspot(h.id()));
        });
        this.remarking = new Remarking(work, around);
        this.remarks = new RemarkCards(remarking, "links-remark", remarking::here);
        this.waysOut = new WaysOut(work.selection(), walk::walkOn);
        this.sentence = new SentencePane(work, actions, new SentenceDesk(this, work, around, actions));
        this.besideActions = new DeskActions(
                work,
                () -> besideDevice
                        .flatMap(id -> work.prototype().devices().stream()
                                .filter(d -> d.id().equals(id))
                                .findFirst())
                        .orElse(work.device()));
        this.beside = new DeskPane(
                work, besideActions, around, (on, m) -> marks.ask(m, on, besideActions), () -> {}, () -> {});
        beside.beside(true);
        beside.setId("desk-beside");
        beside.paperId("desk-paper-beside");
        this.besideHeld = held(beside);
        this.middle = new HBox(held(desk), besideHeld);
        HBox.setHgrow(middle.getChildren().getFirst(), Priority.ALWAYS);
        HBox.setHgrow(besideHeld, Priority.ALWAYS);
        heading.getStyleClass().addAll("strong", "large");
        heading.setMinWidth(0);
        this.looks = new LooksBar(work, around, around);
        this.inFrame = new InFrame(work, around);
        this.sizes = new DeskSizes(work, desk, chosen -> {
            besideDevice = chosen;
            refresh();
        });
        this.head = head();
        this.centre = new VBox(head, looks, middle);
        VBox.setVgrow(middle, Priority.ALWAYS);
        this.left = Scroll.column(new VBox(waysIn, remarks), 176);
        this.right = Scroll.column(waysOut, 232);
        page.setLeft(left);
        page.setRight(right);
        page.setCenter(centre);
        page.setBottom(sentence);
        this.together = new Together(work, around, then -> openFinder(desk, "", false, Optional.empty(), then));
        this.sentences = new SentencesPane(work, together);
        VBox.setVgrow(sentences, Priority.ALWAYS);
        desk.setFocusTraversable(true);
        desk.setId("desk");
        this.shown = new WhileShown(() -> work.follow(this::refresh));
    }

    boolean isListed() {
        return asSentences;
    }

    void chooseVerb(Verb verb) {
        sentence.chooseVerb(verb);
    }

    /** Asks where a link of the whole screen leads. */
    void linkScreen(Cause cause) {
        openFinder(desk, "", false, Optional.empty(), offer -> actions.linkScreen(cause, offer));
    }

    private static ScrollPane held(DeskPane desk) {
        ScrollPane held = Scroll.column(desk, 100);
        held.setFitToHeight(true);
        held.setMinWidth(0);
        return held;
    }

    /** Shows another device beside the one in use, then the next, then the one alone again. */
    void turnBeside() {
        List<Device> others = work.prototype().devices().stream()
                .filter(d -> !d.id().equals(work.device().id()))
                .toList();
        if (others.isEmpty()) {
            around.say("The prototype is for one device only; name another under Devices.");
            return;
        }
        int now = besideDevice
                .map(id -> others.stream().map(Device::id).toList().indexOf(id))
                .orElse(-1);
        besideDevice = now + 1 < others.size() ? Optional.of(others.get(now + 1).id()) : Optional.empty();
        refresh();
    }

    /** Fits the window, or has one interface px for each px. */
    void turnSize() {
        desk.trueSize(!desk.isTrueSize());
        refresh();
    }

    private HBox head() {
        Region left = new Region();
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox made = new HBox(8, heading, inFrame, left, all, sizes);
        made.getStyleClass().add("walked");
        return made;
    }

    private void refresh() {
        desk.closeFinder();
        if (work.screen().isEmpty()) {
            node.getChildren().setAll(empty());
            return;
        }
        Screen screen = work.screen().orElseThrow();
        heading.setText(screen.shownTitle()
                + (screen.form() == Form.PAGE ? "" : ", a " + screen.form().word())
                + (screen.end() ? ", an end" : ""));
        inFrame.show(screen);
        looks.refresh();
        waysIn.show(work.prototype(), screen);
        remarks.show(work.prototype(), screen.id());
        waysOut.show(work.prototype(), screen);
        boolean two = besideDevice
                .filter(id -> !id.equals(work.device().id())
                        && work.prototype().devices().stream().anyMatch(d -> d.id().equals(id)))
                .isPresent();
        besideHeld.setVisible(two);
        besideHeld.setManaged(two);
        desk.beside(two);
        sizes.show(two ? besideDevice : Optional.empty());
        if (two) {
            beside.show(Optional.empty());
        }
        desk.show(walk.cameFrom().flatMap(work.prototype()::screen));
        sentence.refresh();
        if (asSentences) {
            sentences.refresh();
        }
        if (!node.getChildren().contains(page)) {
            node.getChildren().setAll(page);
        }
    }

    private Node empty() {
        return new EmptyStage(
                        "No screen to link yet",
                        "Take pictures of the screens in first; then mark on each what is touched.")
                .offering("Go to Mocks", () -> around.go(WorkStage.MOCKS));
    }

    /** All sentences in place of the desk, or the desk again. */
    void turnSentences() {
        asSentences = !asSentences;
        all.setText(asSentences ? "Back to the desk" : "All sentences");
        page.setLeft(asSentences ? null : left);
        page.setRight(asSentences ? null : right);
        centre.getChildren().setAll(asSentences ? List.of(head, sentences) : List.of(head, looks, middle));
        refresh();
        focusFace(desk);
    }

    void layWords(Hotspot hotspot) {
        if (LayingWords.on(work, actions, hotspot, actions.area(hotspot).flatMap(desk::ground))) {
            values();
        } else {
            around.say("There is no picture for this width yet to lay words on.");
        }
    }

    void values() {
        work.screen().ifPresent(s -> around.show(new ValuesPage(work, s.id(), around::say, around::dismiss)));
    }

    void leadElsewhere() {
        LeadingElsewhere.ask(work, around, then -> openFinder(desk, "", false, Optional.empty(), then));
    }

    /** The next hotspot, here or on a later screen, that has no link yet. */
    void nextWaiting() {
        String chosen = work.selection().hotspots().isEmpty()
                ? ""
                : work.selection().hotspots().getLast();
        Waiting.after(work.prototype(), work.selection().screen(), chosen)
                .ifPresentOrElse(
                        next -> {
                            walk.walkTo(next.screen().id());
                            work.selection().chooseHotspot(next.hotspot().id());
                            desk.requestFocus();
                        },
                        () -> around.say("Every hotspot has a link."));
    }

    /** Asks anew where the chosen link leads. */
    void find() {
        if (actions.chosen().isEmpty() && actions.link().isEmpty()) {
            around.say("Choose a hotspot first, or press or drag on the mock to mark one.");
            return;
        }
        Optional<Hotspot> hotspot = actions.chosen().stream().reduce((a, b) -> b);
        openFinder(desk, hotspot.map(Hotspot::title).orElse(""), false, hotspot.flatMap(actions::area), actions::lead);
    }

    void openFinder(DeskPane on, String words, boolean fresh, Optional<Area> at, Consumer<Destination> chosen) {
        openFinder(on, words, fresh, at, (choice, marking) -> {
            chosen.accept(choice.to());
            if (choice.going()) {
                walk.walkOn();
            }
        });
    }

    /** @param chosen told what was chosen, and what is marked by then */
    private Finder openFinder(
            DeskPane on,
            String words,
            boolean fresh,
            Optional<Area> at,
            BiConsumer<Finder.Choice, Optional<Marking>> chosen) {
        Runnable close = () -> {
            on.closeFinder();
            sentences.shut();
            focusFace(on);
        };
        Finder finder = new Finder(
                work,
                work.selection().screen(),
                words,
                fresh,
                choice -> {
                    Optional<Marking> marking = on.taken();
                    close.run();
                    chosen.accept(choice, marking);
                    focusFace(on);
                },
                close);
        if (asSentences) {
            sentences.open(finder);
        } else {
            on.open(finder, at);
        }
        finder.takeFocus();
        return finder;
    }

    private void focusFace(DeskPane on) {
        if (asSentences) {
            sentences.takeFocus();
        } else {
            on.requestFocus();
        }
    }

    void share(Hotspot hotspot) {
        Set<String> now = work.prototype()
                .index()
                .shared(hotspot.id())
                .map(SharedHotspot::screens)
                .orElse(Set.of(work.selection().screen()));
        SharePane pane = new SharePane(
                LinkWords.name(hotspot, actions.number(hotspot)),
                work.prototype().screens(),
                now,
                chosen -> {
                    desk.closeFinder();
                    if (chosen.isEmpty()) {
                        work.edit(HotspotEdits.remove(List.of(hotspot)));
                    } else {
                        work.edit(HotspotEdits.share(hotspot, chosen));
                    }
                    desk.requestFocus();
                },
                () -> {
                    desk.closeFinder();
                    desk.requestFocus();
                });
        desk.open(pane, actions.area(hotspot));
        pane.requestFocus();
    }

    void remove() {
        List<Hotspot> chosen = actions.chosen();
        boolean shared = chosen.stream()
                .anyMatch(h -> work.prototype().index().shared(h.id()).isPresent());
        actions.remove();
        if (shared) {
            around.say("A shared hotspot was removed from all its screens. Ctrl+Z brings it back.");
        }
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void shown() {
        shown.begin();
        refresh();
        desk.requestFocus();
    }

    @Override
    public void hidden() {
        shown.end();
        desk.closeFinder();
    }

    @Override
    public List<Command> commands() {
        return keys.commands();
    }

    private DeskPane desk() {
        return desk;
    }
}
