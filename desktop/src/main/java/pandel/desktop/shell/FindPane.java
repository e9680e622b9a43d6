package pandel.desktop.shell;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.check.finding.Finding;
import pandel.core.edit.Matching;
import pandel.core.model.Index.Way;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.core.play.words.RemarkWords;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.PairDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.frames.TabSetDesk;
import pandel.desktop.remark.Remarking;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.work.Work;

/** Finds anything by its words: screens, hotspots, findings, and what can be done. */
final class FindPane extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int MOST = 12;

    /** Something that can be found. */
    private record Found(String kind, String words, String aside, int weight, Runnable go) {}

    private final Work work;
    private final StageWindow around;
    private final Collection<Command> commands;
    private final Consumer<Finding> showFinding;
    private final Runnable done;
    private final TextField field = new TextField();
    private final VBox rows = new VBox();
    private List<Found> found = List.of();
    private int at;

    FindPane(
            Work work, StageWindow around, Collection<Command> commands, Consumer<Finding> showFinding, Runnable done) {
        this.work = work;
        this.around = around;
        this.commands = commands;
        this.showFinding = showFinding;
        this.done = done;
        getStyleClass().addAll("finder", "find-pane");
        StackPane.setAlignment(this, Pos.TOP_CENTER);
        StackPane.setMargin(this, new Insets(96, 0, 0, 0));
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        field.setPromptText("Find a screen, a hotspot, a remark, a finding, or something to do");
        field.setId("find-field");
        field.setAccessibleText("Find");
        field.textProperty().addListener((o, a, b) -> refresh());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        Label hint = new Label("↑ ↓ choose · Enter goes there · Esc closes");
        hint.getStyleClass().add("hint");
        getChildren().addAll(field, rows, hint);
        refresh();
    }

    @Override
    public void requestFocus() {
        field.requestFocus();
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
            at = Math.clamp(at + (e.getCode() == KeyCode.DOWN ? 1 : -1), 0, Math.max(0, found.size() - 1));
            mark();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && !found.isEmpty()) {
            e.consume();
            choose(found.get(at));
        }
    }

    private void choose(Found one) {
        done.run();
        one.go().run();
    }

    private void refresh() {
        String typed = field.getText().strip();
        List<Found> all = new ArrayList<>();
        work.prototype().screens().forEach(s -> add(all, typed, "screen", s.shownTitle(), "", 0, () -> screen(s)));
        work.prototype()
                .sequences()
                .forEach(s -> add(
                        all,
                        typed,
                        "sequence",
                        s.shownTitle(),
                        s.pages().size() == 1 ? "one page" : s.pages().size() + " pages",
                        0,
                        () -> SequenceDesk.open(work, around, s.id())));
        work.prototype()
                .tabSets()
                .forEach(s -> add(
                        all,
                        typed,
                        "tab set",
                        s.shownTitle(),
                        s.tabs().size() + " tabs",
                        0,
                        () -> TabSetDesk.open(work, around, s.id())));
        work.prototype()
                .drawers()
                .forEach(w -> add(
                        all,
                        typed,
                        "drawer",
                        w.shownTitle(),
                        w.items().size() + " items",
                        0,
                        () -> DrawerDesk.open(work, around, w.id())));
        work.prototype()
                .headers()
                .forEach(h -> add(
                        all,
                        typed,
                        "header",
                        h.shownTitle(),
                        h.actions().size() == 1 ? "one action" : h.actions().size() + " actions",
                        0,
                        () -> HeaderDesk.open(work, around, h.id())));
        work.prototype()
                .pairs()
                .forEach(p -> add(
                        all,
                        typed,
                        "side by side",
                        work.prototype().titleOf(p.list()),
                        "beside " + work.prototype().titleOf(p.detail()),
                        0,
                        () -> PairDesk.open(work, around, p.id())));
        for (Way way : work.prototype().index().ways()) {
            way.hotspot()
                    .filter(h -> !h.title().isBlank())
                    .ifPresent(h -> link(
                            all,
                            typed,
                            "hotspot",
                            h.title(),
                            way,
                            () -> work.selection().chooseHotspot(h.id())));
            way.action()
                    .ifPresent(a -> link(
                            all,
                            typed,
                            "in a notice",
                            a.shownLabel(),
                            way,
                            () -> work.selection().chooseLink(way.link().id())));
        }
        Remarking remarking = new Remarking(work, around);
        work.prototype()
                .remarks()
                .forEach(r -> add(
                        all,
                        typed,
                        "remark",
                        r.words().replaceAll("\\s+", " "),
                        RemarkWords.place(work.prototype(), r),
                        1,
                        () -> remarking.read(r, () -> {})));
        work.checked()
                .ifPresent(c -> c.findings()
                        .forEach(f -> add(
                                all,
                                typed,
                                "finding",
                                f.sentence(),
                                f.rule().title(),
                                2,
                                () -> showFinding.accept(f))));
        commands.stream()
                .filter(c -> c.possible().getAsBoolean() && !c.id().equals("find"))
                .forEach(c -> add(all, typed, "to do", c.title(), c.keyName(), 3, c.action()));
        found = all.stream()
                .sorted(Comparator.comparingInt(Found::weight))
                .limit(MOST)
                .toList();
        at = 0;
        rows.getChildren().setAll(found.stream().map(this::row).toList());
        if (found.isEmpty()) {
            Label none = new Label("Nothing has these words.");
            none.getStyleClass().add("hint");
            rows.getChildren().setAll(none);
        }
        mark();
    }

    /** @param choose chooses it on the first screen that it stands on */
    private void link(List<Found> all, String typed, String kind, String title, Way way, Runnable choose) {
        String on = way.from().size() == 1
                ? way.from().getFirst().shownTitle()
                : way.from().size() + " screens";
        add(all, typed, kind, title, "on " + on + ": " + LinkWords.effect(work.prototype(), way.link()), 1, () -> {
            way.from().stream().findFirst().ifPresent(this::screen);
            choose.run();
        });
    }

    private void screen(Screen screen) {
        work.selection().choose(screen.id());
        around.go(WorkStage.LINKS);
    }

    private static void add(
            List<Found> all, String typed, String kind, String words, String aside, int order, Runnable go) {
        OptionalInt rank = Matching.rank(words, typed);
        if (rank.isPresent()) {
            all.add(new Found(kind, words, aside, (typed.isEmpty() ? 0 : rank.getAsInt() * 10) + order, go));
        }
    }

    private HBox row(Found one) {
        Label kind = new Label(one.kind());
        kind.getStyleClass().addAll("quiet", "small");
        kind.setMinWidth(56);
        Label words = new Label(one.words());
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        Label aside = new Label(one.aside());
        aside.getStyleClass().addAll("quiet", "small");
        aside.setMinWidth(0);
        // Of two that are long each has about half.
        aside.maxWidthProperty().bind(widthProperty().multiply(.45));
        HBox row = new HBox(kind, words, aside);
        row.getStyleClass().add("offer");
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setAccessibleText(one.kind() + " " + one.words());
        row.setOnMouseEntered(e -> {
            at = found.indexOf(one);
            mark();
        });
        row.setOnMouseClicked(e -> choose(one));
        return row;
    }

    private void mark() {
        for (int i = 0; i < rows.getChildren().size(); i++) {
            rows.getChildren().get(i).pseudoClassStateChanged(CHOSEN, i == at && !found.isEmpty());
        }
    }
}
