package pandel.desktop.check;

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
import pandel.core.check.Walk;
import pandel.core.cover.Coverage;
import pandel.core.cover.Extension;
import pandel.core.cover.Replayed;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Journey;
import pandel.core.play.words.LinkWords;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Scroll;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/** The journeys with their last result, and how much of what can be travelled they travel. */
final class CoveragePane extends BorderPane {

    private static final double BAR = 320;

    private final Work work;
    private final StageGuide around;
    private final VBox journeys = new VBox(2);
    private final VBox measures = new VBox();

    CoveragePane(Work work, StageGuide around) {
        this.work = work;
        this.around = around;
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
        if (work.prototype().journeys().isEmpty() || work.coverage().isEmpty()) {
            Label hint = new WrappedLabel(
                    "Play the prototype and keep what you did as a journey. Journeys are replayed after each "
                            + "edit, and what they travel is measured here.");
            hint.getStyleClass().add("coverage-hint");
            Button play = new Button("Go to Play");
            play.getStyleClass().add("main");
            play.setOnAction(e -> around.go(WorkStage.PLAY));
            VBox.setMargin(play, new Insets(0, 0, 0, 12));
            journeys.getChildren().addAll(hint, play);
            return;
        }
        Coverage coverage = work.coverage().get();
        coverage.journeys().forEach(r -> journeys.getChildren().add(row(r)));
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
                        measure("links", coverage.linksTravelled(), coverage.links()));
        if (!coverage.missingScreens().isEmpty()) {
            measures.getChildren().add(heading("Screens no journey shows"));
            coverage.missingScreens().forEach(s -> measures.getChildren().add(new Label(s.shownTitle())));
        }
        if (!coverage.missingLinks().isEmpty()) {
            measures.getChildren().add(heading("Links no journey follows"));
            VBox missing = new VBox(2);
            coverage.missingLinks().stream()
                    .limit(60)
                    .forEach(w -> missing.getChildren().add(missing(w)));
            measures.getChildren().add(missing);
        }
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
        VBox words = new VBox(2, title, told);
        words.setMinWidth(0);
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

    private Node missing(Way way) {
        Label words = new Label(LinkWords.described(work.prototype(), way));
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(
                8,
                words,
                Buttons.smallWord("Lead a journey there", "lead-" + way.link().id(), () -> lead(way)));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void lead(Way way) {
        work.coverage()
                .flatMap(c ->
                        Extension.to(work.prototype(), c.journeys(), way.link().id()))
                .ifPresentOrElse(
                        journey -> {
                            work.edit(JourneyEdits.keep(journey));
                            around.say("“" + journey.title() + "” now goes on to there. Ctrl+Z takes it back.");
                        },
                        () -> around.say("No journey gets there soon; play it, and keep that as a journey."));
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        label.getStyleClass().add("below");
        return label;
    }
}
