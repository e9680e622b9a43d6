package pandel.desktop.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Walk;
import pandel.core.edit.whole.JudgementEdits;
import pandel.core.model.Judgements;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.play.EventWords;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.layout.Placement;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/** One finding at length: the row of pictures from the entry to the trouble, why it matters, where to go. */
final class FindingPane extends Scroll {

    private static final int MOST = 4;
    private static final double APART = 12;
    /** Px left of the row, right of it and between a picture and its frame. */
    private static final double AROUND = 60;

    private static final double LEAST = 92;
    private static final double WIDEST = 220;
    /** Of the height there is: what would mend it stays in sight below. */
    private static final double SHARE = 0.35;

    private final Work work;
    private final PageHost around;
    private final VBox told = new VBox();
    private Optional<Finding> finding = Optional.empty();

    FindingPane(Work work, PageHost around) {
        this.work = work;
        this.around = around;
        told.getStyleClass().add("told");
        setContent(told);
        setFitToWidth(true);
        setFitToHeight(true);
        setFocusTraversable(false);
        // Pictures are as large as there is room.
        layoutBoundsProperty().subscribe((was, is) -> {
            if (was.getWidth() != is.getWidth() || was.getHeight() != is.getHeight()) {
                finding.ifPresent(this::tell);
            }
        });
    }

    void show(Finding shown) {
        finding = Optional.of(shown);
        // Without a size yet it is told as soon as it has one.
        if (getWidth() > 0) {
            tell(shown);
        }
    }

    private void tell(Finding shown) {
        told.getChildren().clear();
        Label sentence = new WrappedLabel(shown.sentence());
        sentence.getStyleClass().addAll("large", "strong");
        Label why = new WrappedLabel(shown.rule().why());
        // Where there is little room it scrolls; nothing is cut.
        sentence.setMinHeight(Region.USE_PREF_SIZE);
        why.setMinHeight(Region.USE_PREF_SIZE);
        told.getChildren().addAll(sentence, why);
        if (shown.walk().isPresent()) {
            told.getChildren()
                    .add(headed(
                            shown,
                            shown.walk().get().events().isEmpty()
                                    ? "It starts there"
                                    : (work.checked().get().givesShortest()
                                                    ? "The shortest way there"
                                                    : "A short way there")
                                            + (work.prototype().devices().size() > 1
                                                    ? ", on "
                                                            + shown.walk()
                                                                    .get()
                                                                    .device()
                                                                    .title()
                                                    : "")));
            told.getChildren().add(pictures(shown.walk().get()));
        } else {
            told.getChildren().add(headed(shown, shown.screens().size() == 1 ? "The screen" : "The screens"));
            told.getChildren().add(screens(shown));
        }
        if (!shown.fixes().isEmpty()) {
            told.getChildren()
                    .add(heading(shown.fixes().size() == 1 ? "What would mend it" : "Any of these would mend it"));
            shown.fixes()
                    .forEach(
                            fix -> told.getChildren().add(fix(fix, shown.fixes().indexOf(fix))));
        }
        Optional<Judgements.Accepted> meant = work.prototype().judgements().accepted().stream()
                .filter(a -> a.ground().equals(shown.ground()))
                .findFirst();
        meant.ifPresentOrElse(a -> told.getChildren().addAll(heading("It is meant"), meant(a)), () -> {
            if (work.checked().filter(c -> c.quiet().contains(shown)).isEmpty()) {
                told.getChildren().addAll(heading("Or it is meant"), new Decision(work, shown));
            }
        });
    }

    /** Why it is meant, which can be taken back. */
    private Node meant(Judgements.Accepted accepted) {
        Label reason = new WrappedLabel(accepted.reason().isEmpty() ? "No reason was given." : accepted.reason());
        HBox row = new HBox(
                12,
                reason,
                Buttons.smallWord(
                        "Report it again", "meant-again", () -> work.edit(JudgementEdits.takeBack(accepted))));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** A way to mend it, with how it is and how it would be. */
    private Node fix(Fix fix, int place) {
        Button apply = new Button(fix.words()) {
            @Override
            protected double computeMinWidth(double height) {
                // Of long words half the width there is, on several lines.
                return Math.min(computePrefWidth(height), FindingPane.this.getWidth() / 2);
            }
        };
        apply.getStyleClass().add("plain");
        apply.setId("fix-" + place);
        apply.setWrapText(true);
        apply.setMinHeight(Region.USE_PREF_SIZE);
        apply.setOnAction(e -> {
            work.edit(fix.edit());
            around.say("Done: " + fix.edit().name() + ". Ctrl+Z takes it back.");
        });
        Label change = new WrappedLabel(fix.before() + "  →  " + fix.after());
        change.getStyleClass().addAll("quiet", "small");
        change.setMinHeight(Region.USE_PREF_SIZE);
        HBox row = new HBox(12, apply, change);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Shows that nothing is left to tell. */
    void showNothing() {
        finding = Optional.empty();
        told.getChildren().setAll(new Label("Nothing else was found."));
    }

    /** What is shown, and at its right where to go on. */
    private Node headed(Finding shown, String words) {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Label said = heading(words);
        said.setMinWidth(0);
        HBox head = new HBox(APART, said, space, buttons(shown));
        head.setAlignment(Pos.BOTTOM_LEFT);
        return head;
    }

    /** Plays the shortest list of events that shows it. */
    void showMe() {
        finding.flatMap(Finding::walk).ifPresent(around::play);
    }

    private HBox buttons(Finding shown) {
        HBox buttons = new HBox(8);
        if (shown.walk().isPresent()) {
            Button show = new Button("Show me");
            show.getStyleClass().add("main");
            show.setId("show-me");
            show.setMinWidth(Region.USE_PREF_SIZE);
            show.setOnAction(e -> showMe());
            buttons.getChildren().add(show);
        }
        if (!shown.screens().isEmpty()) {
            String id = shown.screens().getFirst();
            Button desk = new Button("Go to " + title(id));
            desk.getStyleClass().add("plain");
            desk.setId("go-to-screen");
            desk.setMaxWidth(320);
            desk.setOnAction(e -> {
                work.selection().choose(id);
                shown.hotspot().ifPresent(work.selection()::chooseHotspot);
                around.go(WorkStage.LINKS);
            });
            buttons.getChildren().add(desk);
        }
        return buttons;
    }

    /** First, "5 like before", the last three. */
    private Node pictures(Walk walk) {
        List<Situation> situations = new ArrayList<>();
        List<String> words = new ArrayList<>();
        Step step = new Step(work.prototype());
        Optional<Situation> now = Situation.at(work.prototype(), walk.entry(), walk.device());
        if (now.isEmpty()) {
            return new Label("");
        }
        situations.add(now.get());
        words.add(walk.begins());
        for (Event event : walk.events()) {
            Situation before = situations.getLast();
            Stepped stepped = step.step(before, event);
            situations.add(stepped.situation());
            String reason = stepped.happening() instanceof Happening.Refused r
                    ? " — " + r.why()
                    : stepped.happening() instanceof Happening.Nothing n ? " — " + n.why() : "";
            words.add(EventWords.of(work.prototype(), before, event) + reason);
        }
        HBox row = new HBox(APART);
        row.setMinHeight(Region.USE_PREF_SIZE);
        row.setAlignment(Pos.BOTTOM_LEFT);
        // The pictures stand on one line, however many lines of words are above them.
        row.setFillHeight(false);
        int hidden = situations.size() - MOST;
        for (int i = 0; i < situations.size(); i++) {
            if (hidden > 0 && i == 1) {
                Label more = new Label(hidden + " steps\nbetween");
                more.getStyleClass().add("quiet");
                more.setMinHeight(180);
                more.setMinWidth(Region.USE_PREF_SIZE);
                row.getChildren().add(more);
                i = situations.size() - MOST + 1;
            }
            Walk asFar = new Walk(walk.device(), walk.entry(), walk.events().subList(0, i));
            Node picture = picture(
                    situations.get(i).screen(),
                    situations.get(i).known(),
                    words.get(i),
                    situations.get(i).width(),
                    situations.get(i).height());
            picture.setOnMouseClicked(e -> around.play(asFar));
            picture.getStyleClass().add("played-picture");
            Tooltip.install(picture, new Tooltip("Play as far as here"));
            row.getChildren().add(picture);
        }
        return row;
    }

    private Node screens(Finding shown) {
        FlowPane row = new FlowPane(12, 12);
        shown.screens().stream()
                .limit(12)
                .forEach(id -> row.getChildren()
                        .add(picture(
                                id,
                                Known.of(Facts.NONE),
                                "",
                                work.device().width(),
                                work.device().height())));
        if (shown.screens().size() > 12) {
            row.getChildren().add(new Label("and " + (shown.screens().size() - 12) + " more"));
        }
        return row;
    }

    private Node picture(String id, Known known, String above, double width, double height) {
        VBox box = new VBox(4);
        box.setMinHeight(Region.USE_PREF_SIZE);
        double wide = pictureWide();
        double high = Math.max(LEAST * 2, Math.rint(getHeight() * SHARE));
        Label how = new WrappedLabel(above);
        how.getStyleClass().addAll("quiet", "small");
        how.setMinHeight(32);
        how.setMaxWidth(wide);
        how.setAlignment(Pos.BOTTOM_LEFT);
        Label title = new Label(title(id));
        title.getStyleClass().addAll("strong", "small");
        title.setMaxWidth(wide);
        box.getChildren().add(how);
        Optional<Screen> screen = work.prototype().screen(id);
        screen.ifPresent(s -> {
            FramedMock frame = new FramedMock(around.pictures());
            Look look = Look.of(work.prototype(), s, known);
            if (!above.isEmpty()) {
                frame.mock().fill(words -> Placeholders.filled(words, work.prototype(), known));
            }
            Width on = work.prototype().widths().of(width);
            frame.within(look, on, Placement.sizeOf(look, on, width, height), wide, high);
            box.setMaxWidth(Math.max(LEAST, frame.mock().getPrefWidth()) + 2);
            box.getChildren().add(frame);
        });
        box.getChildren().add(title);
        return box;
    }

    /** Four stand beside one another. */
    private double pictureWide() {
        return Math.clamp(Math.rint((getWidth() - AROUND - (MOST - 1) * APART) / MOST), LEAST, WIDEST);
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        label.getStyleClass().add("below");
        return label;
    }

    private String title(String id) {
        return work.prototype().titleOf(id);
    }
}
