package pandel.desktop.links.sentence;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.link.Waiting;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.EventWords;
import pandel.core.play.words.LinkWords;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.work.Work;

/** The chosen link as a sentence whose words are choices; without one, what is left to do on the screen. */
public final class SentencePane extends VBox {

    private static final double LINE = 36;
    private static final int MOST_LINES = 3;

    final Work work;
    final DeskActions actions;
    final DeskRequests desk;
    private final VBox lines = new VBox(4);
    private final ScrollPane scroll = new Scroll(lines);
    final HBox below = new HBox(4);
    private Optional<BranchLine> first = Optional.empty();
    private final FrameSentence frames = new FrameSentence(this);
    final CauseWords causeWords = new CauseWords(this);

    public SentencePane(Work work, DeskActions actions, DeskRequests desk) {
        this.work = work;
        this.actions = actions;
        this.desk = desk;
        getStyleClass().add("sentence-pane");
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        below.setAlignment(Pos.CENTER_LEFT);
        setSpacing(6);
        setMinHeight(88);
        widthProperty().addListener((o, a, b) -> size());
        getChildren().addAll(scroll, below);
    }

    /** Something asked of the first way the chosen link can turn out; where none is chosen that is said. */
    public void ask(Consumer<BranchLine> what) {
        first.ifPresentOrElse(what, () -> desk.say("Choose a hotspot first."));
    }

    public void refresh() {
        first = Optional.empty();
        actions.branch(0);
        fill();
        size();
    }

    /** As high as its lines are, up to a number of them. */
    private void size() {
        double wide = getWidth() > 0 ? getWidth() - 48 : 1200;
        lines.applyCss();
        double high = Math.clamp(lines.prefHeight(wide), LINE, MOST_LINES * LINE);
        scroll.setPrefHeight(high);
        scroll.setMinHeight(high);
    }

    private void fill() {
        lines.getChildren().clear();
        below.getChildren().clear();
        if (work.screen().isEmpty()) {
            return;
        }
        Optional<Link> link = actions.link();
        List<Hotspot> chosen = actions.chosen();
        if (chosen.size() > 1) {
            said(chosen.size() + " hotspots are chosen. Arrows move them.");
            below.getChildren()
                    .addAll(
                            Buttons.word("Copy", "copy", this::copy),
                            Buttons.word("Remove", "remove-hotspot", actions::remove));
        } else if (chosen.size() == 1) {
            hotspot(chosen.getFirst(), link);
        } else if (link.isPresent()) {
            frames.ofScreen(link.get());
        } else {
            nothing();
        }
    }

    void said(String sentence) {
        Pane line = line();
        line.setId("sentence");
        line.getChildren().add(Choice.words(sentence));
    }

    /** How many hotspots of other screens have no link yet; a press goes to the next. */
    private Optional<Button> waitingElsewhere() {
        List<Waiting> waiting = Waiting.in(work.prototype()).stream()
                .filter(w -> !w.screen().id().equals(work.selection().screen()))
                .toList();
        if (waiting.isEmpty()) {
            return Optional.empty();
        }
        List<String> where =
                waiting.stream().map(w -> w.screen().shownTitle()).distinct().toList();
        Button next = Buttons.word(
                (waiting.size() == 1 ? "One waits for a link on " : waiting.size() + " wait for a link on ")
                        + (where.size() <= 2 ? String.join(" and ", where) : where.size() + " screens"),
                "next-waiting",
                desk::nextWaiting);
        return Optional.of(next);
    }

    /** One gesture more, with a link of its own. */
    private Button anotherGesture(Hotspot hotspot, Optional<Link> link) {
        Button another = Buttons.word("Another gesture…", "add-gesture", () -> {});
        another.setOnAction(e ->
                CauseMenu.gestures(work.device(), hotspot, actions::addCause).show(another, Side.TOP, 0, -2));
        another.setManaged(link.isPresent());
        another.setVisible(link.isPresent());
        return another;
    }

    /** Gestures to choose instead. */
    private ContextMenu causes(Hotspot hotspot, Optional<Link> link) {
        return CauseMenu.gestures(
                work.device(),
                hotspot,
                cause -> link.ifPresentOrElse(
                        l -> work.edit(LinkEdits.change("answer to a " + LinkWords.cause(cause), l.withCause(cause))),
                        () -> actions.addCause(cause)));
    }

    private void nothing() {
        long bare = actions.hotspots().stream().filter(h -> h.waitsForLink()).count();
        said(
                desk.isListed()
                        ? "Choose a sentence to change it here."
                        : actions.hotspots().isEmpty()
                                ? "Press what is touched on the mock, or drag over it; then type where that leads."
                                : bare == 0
                                        ? "Choose a hotspot to read its link, or press or drag on the mock to mark another."
                                        : bare == 1
                                                ? "One hotspot here has no link yet."
                                                : bare + " hotspots here have no link yet.");
        Button other = Buttons.word("Something else happens here…", "add-cause", () -> {});
        other.setOnAction(e -> CauseMenu.ofScreen(work.device(), DeskActions.USUAL_WAIT, desk::linkScreen)
                .show(other, Side.TOP, 0, 0));
        waitingElsewhere().ifPresent(below.getChildren()::add);
        below.getChildren()
                .addAll(
                        Buttons.word("Values…", "values", desk::values),
                        Buttons.word(
                                "Go on by itself after a time…",
                                "add-wait",
                                () -> desk.linkScreen(new Cause.Wait(DeskActions.USUAL_WAIT))),
                        other);
        if (actions.copied() > 0) {
            below.getChildren()
                    .add(Buttons.word(
                            actions.copied() == 1 ? "Put the copy here" : "Put " + actions.copied() + " copies here",
                            "paste",
                            actions::paste));
        }
    }

    private void hotspot(Hotspot hotspot, Optional<Link> link) {
        Pane line = line();
        Cause now = link.map(Link::cause).orElse(new Cause.Touch(Gesture.TAP));
        Choice cause = new Choice(
                EventWords.capital(now instanceof Cause.Touch t ? t.gesture().word() : "submit"), "", "choice-cause");
        line.getChildren().add(cause.on(() -> causes(hotspot, link).show(cause, Side.TOP, 0, -2)));
        causeWords.key(line, link);
        line.getChildren().addAll(nameChoice(hotspot), Choice.words(causeWords.natured(hotspot) + ":"));
        link.filter(l -> l.takes().isPresent())
                .ifPresent(l -> line.getChildren()
                        .addAll(new TakesChoice(work, desk, this::refresh).of(l), Choice.words("then")));
        branches(line, link);
        link.flatMap(Link::effect)
                .flatMap(Effect::target)
                .ifPresent(t -> below.getChildren().add(Buttons.word("Walk there", "walk", desk::walkOn)));
        hotspot.links().stream()
                .filter(l -> link.filter(l::equals).isEmpty())
                .forEach(other -> below.getChildren()
                        .add(Buttons.word(
                                EventWords.capital(LinkWords.cause(other)) + ": "
                                        + LinkWords.effect(work.prototype(), other),
                                "other-" + other.id(),
                                () -> work.selection().chooseLinkOf(hotspot.id(), other.id()))));
        actions.state().ifPresent(state -> {
            boolean hidden = state.hides().contains(hotspot.id());
            below.getChildren()
                    .add(Buttons.word(
                            hidden ? "Show it in this look" : "Hide it in this look",
                            "hide-in-look",
                            () -> work.edit(StateEdits.hide(actions.screen(), state, hotspot, !hidden))));
            if (state.moves().containsKey(hotspot.id())) {
                below.getChildren()
                        .add(Buttons.word(
                                "Where it stands in the plain look",
                                "as-plain",
                                () -> work.edit(StateEdits.asPlain(actions.screen(), state, hotspot))));
            }
        });
        Optional<Integer> shared = work.prototype()
                .index()
                .shared(hotspot.id())
                .map(s -> s.screens().size());
        below.getChildren()
                .addAll(
                        Buttons.word(
                                shared.map(n -> "Shared by " + n + (n == 1 ? " screen…" : " screens…"))
                                        .orElse("Share with other screens…"),
                                "share",
                                () -> desk.share(hotspot)),
                        anotherGesture(hotspot, link),
                        causeWords.natures(hotspot),
                        Buttons.word("Copy", "copy", this::copy),
                        Buttons.word(
                                shared.isPresent() ? "Remove from all" : "Remove", "remove-hotspot", actions::remove));
        if (shared.isPresent() && work.screen().isPresent()) {
            below.getChildren()
                    .add(Buttons.word(
                            "Make it this screen’s own",
                            "unshare",
                            () -> work.edit(HotspotEdits.unshare(
                                    work.prototype()
                                            .index()
                                            .shared(hotspot.id())
                                            .orElseThrow(),
                                    work.screen().orElseThrow()))));
        }
    }

    private void copy() {
        actions.copy();
        desk.say(
                actions.copied() == 1
                        ? "Copied; on another screen, “Put the copy here” or Ctrl+V."
                        : actions.copied() + " copied; on another screen, Ctrl+V puts them there.");
    }

    /** A line of the sentence; one that is too long goes on beneath itself. */
    Pane line() {
        FlowPane line = new FlowPane();
        line.getStyleClass().add("sentence");
        lines.getChildren().add(line);
        return line;
    }

    /** A line for each way the link can turn out, the first on a line that is begun. */
    void branches(Pane begun, Optional<Link> link) {
        begun.setId("sentence");
        int all = Math.max(1, link.map(l -> l.branches().size()).orElse(1));
        for (int i = 0; i < all; i++) {
            Pane line = i == 0 ? begun : line();
            if (i > 0) {
                line.getStyleClass().add("further");
            }
            BranchLine branch = new BranchLine(work, actions, desk, this::refresh, line, link, i);
            branch.fill();
            first = i == 0 ? Optional.of(branch) : first;
        }
    }

    /** What choosing a tab or page does besides showing it, on a line that is begun. */
    void besides(Pane begun, Link link) {
        begun.setId("sentence");
        BranchLine branch = new BranchLine(work, actions, desk, this::refresh, begun, Optional.of(link), 0);
        branch.fillBesides();
        first = Optional.of(branch);
    }

    /** Sets the verb, asking for a target where one is needed. */
    public void chooseVerb(Verb verb) {
        actions.verb(verb).ifPresent(why -> {
            if (why.isEmpty()) {
                desk.find();
                actions.want(Optional.of(verb));
            } else {
                desk.say(why);
            }
        });
    }

    private Node nameChoice(Hotspot hotspot) {
        int number = actions.number(hotspot);
        Choice choice = new Choice(LinkWords.name(hotspot, number), "live", "choice-hotspot");
        return choice.on(() -> choice.type(
                hotspot.title(),
                "Words on the hotspot",
                text -> work.edit(HotspotEdits.rename(hotspot, text)),
                this::refresh));
    }
}
