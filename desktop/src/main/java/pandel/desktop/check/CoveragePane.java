package pandel.desktop.check;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
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
import pandel.core.check.finding.Walk;
import pandel.core.cover.Coverage;
import pandel.core.cover.LinkPairs;
import pandel.core.cover.Replayed;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Background;
import pandel.desktop.work.Work;

/** The journeys with their last result, those suggested, and how much of what can be travelled they travel. */
final class CoveragePane extends BorderPane {

    private static final double BAR = 320;

    private final Work work;
    private final StageGuide around;
    private final Background background;
    private final VBox journeys = new VBox(2);
    private final VBox measures = new VBox();
    private final Suggestions suggestions;
    private final MissingBySection missing;
    private final Label pairs = new WrappedLabel();
    /** What pairs are looked for in, or were; read by the thread that looks. */
    private volatile Optional<Prototype> looked = Optional.empty();

    CoveragePane(Work work, PageHost around, Background background) {
        this.work = work;
        this.around = around;
        this.background = background;
        this.suggestions = new Suggestions(work, around, background);
        this.missing = new MissingBySection(work, around);
        pairs.setId("pairs");
        pairs.getStyleClass().add("quiet");
        journeys.getStyleClass().add("findings");
        measures.getStyleClass().add("told");
        setLeft(scrolling(journeys, 440));
        setCenter(scrolling(measures, 400));
    }

    private static ScrollPane scrolling(Region content, double width) {
        ScrollPane pane = new Scroll(content);
        pane.setFitToWidth(true);
        pane.setFitToHeight(true);
        pane.setPrefWidth(width);
        pane.setFocusTraversable(false);
        return pane;
    }

    void refresh() {
        journeys.getChildren().clear();
        measures.getChildren().clear();
        if (work.prototype().screens().isEmpty() || work.coverage().isEmpty()) {
            journeys.getChildren()
                    .add(hint("What journeys travel is measured here, once there are screens and links."));
            return;
        }
        Coverage coverage = work.coverage().get();
        if (coverage.journeys().isEmpty()) {
            Button play = new Button("Go to Play");
            play.getStyleClass().add("main");
            play.setOnAction(e -> around.go(WorkStage.PLAY));
            VBox.setMargin(play, new Insets(0, 0, 0, 12));
            journeys.getChildren()
                    .addAll(
                            hint("Play the prototype and keep what you did as a journey, or have some suggested. "
                                    + "Journeys are replayed after each edit, and what they travel is measured here."),
                            play);
        }
        coverage.journeys().forEach(r -> journeys.getChildren().add(row(r)));
        journeys.getChildren().add(suggestions);
        suggestions.refresh();
        if (coverage.journeys().isEmpty()) {
            return;
        }
        Label percent = new Label(coverage.percent() + " %");
        percent.getStyleClass().add("figure-large");
        Label of = new Label("of what can be travelled, by "
                + coverage.journeys().size() + (coverage.journeys().size() == 1 ? " journey" : " journeys"));
        of.getStyleClass().add("quiet");
        HBox head = new HBox(10, percent, of);
        head.setAlignment(Pos.BASELINE_LEFT);
        measures.getChildren()
                .addAll(
                        head,
                        measure("screens", coverage.screensTravelled(), coverage.screens()),
                        measure("links, each outcome apart", coverage.linksTravelled(), coverage.links()),
                        pairs,
                        missing);
        missing.show(coverage);
        lookForPairs(coverage);
    }

    private static Label hint(String words) {
        Label hint = new WrappedLabel(words);
        hint.getStyleClass().add("coverage-hint");
        return hint;
    }

    /** Off the interface thread, once for each prototype. */
    private void lookForPairs(Coverage coverage) {
        Prototype prototype = work.prototype();
        if (looked.filter(p -> p == prototype).isPresent()) {
            return;
        }
        looked = Optional.of(prototype);
        pairs.setText("Looking for links that follow one another …");
        background.run(work.document(), Optional.empty(), "look for links that follow one another", () -> {
            Optional<LinkPairs> found = LinkPairs.of(
                    prototype,
                    coverage.journeys(),
                    () -> looked.filter(p -> p == prototype).isEmpty());
            return () -> {
                if (looked.filter(p -> p == prototype).isPresent()) {
                    found.ifPresent(f -> pairs.setText(told(f)));
                }
            };
        });
    }

    private static String told(LinkPairs pairs) {
        return String.format(
                java.util.Locale.ROOT,
                "%,d of %,d pairs of links in a row, %s",
                pairs.travelled().size(),
                pairs.possible().size(),
                pairs.all()
                        ? "counted on trails of up to " + LinkPairs.DEEPEST + " places."
                        : "and there are more than could be counted.");
    }

    private Node row(Replayed replayed) {
        Journey journey = replayed.journey();
        Label title = new Label(journey.title());
        title.getStyleClass().add("strong");
        title.setMinWidth(0);
        String result = replayed.broken()
                .map(b -> "breaks at step " + b.leg() + " of " + journey.legs().size() + ": " + b.why())
                .orElse("works · " + journey.legs().size() + " steps · "
                        + replayed.screens().size() + " screens");
        Label told = new WrappedLabel((journey.purpose().isBlank() ? "" : journey.purpose() + " · ") + result);
        told.getStyleClass().addAll("small", replayed.broken().isPresent() ? "trouble" : "quiet");
        told.setMinHeight(USE_PREF_SIZE);
        VBox words = new VBox(2, title, told);
        words.setMinWidth(0);
        words.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button play = Buttons.smallWord("Play", "play-" + journey.id(), () -> play(journey, false));
        Button step = Buttons.smallWord("Step", "step-" + journey.id(), () -> play(journey, true));
        Button remove =
                Buttons.smallWord("Remove", "remove-" + journey.id(), () -> work.edit(JourneyEdits.remove(journey)));
        HBox row = new HBox(words, play, step, remove);
        row.getStyleClass().add("journey-row");
        row.setId("journey-" + journey.id());
        return row;
    }

    private void play(Journey journey, boolean byStep) {
        work.prototype()
                .start(journey.entry())
                .ifPresentOrElse(
                        entry -> around.play(
                                journey.title(),
                                new Walk(work.prototype().device(journey.device()), entry, journey.events()),
                                byStep),
                        () -> around.say(
                                "“" + journey.title() + "” cannot be played: its entry or start point is not there."));
    }

    private static Node measure(String what, int travelled, int possible) {
        Region track = new Region();
        track.getStyleClass().add("travelled-track");
        Region bar = new Region();
        bar.getStyleClass().add("travelled-bar");
        bar.setMaxWidth(possible == 0 ? 0 : BAR * travelled / possible);
        StackPane both = new StackPane(track, bar);
        both.setAlignment(Pos.CENTER_LEFT);
        both.setMinSize(BAR, 6);
        both.setMaxSize(BAR, 6);
        Label words = new Label(travelled + " of " + possible + " " + what);
        HBox row = new HBox(12, both, words);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
