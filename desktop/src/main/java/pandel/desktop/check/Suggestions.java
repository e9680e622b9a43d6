package pandel.desktop.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.check.finding.Walk;
import pandel.core.cover.Coverage;
import pandel.core.cover.JourneySteps;
import pandel.core.cover.SuggestedJourneys;
import pandel.core.edit.Edit;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.model.Journey;
import pandel.core.model.JourneyBuilder;
import pandel.core.model.Prototype;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Background;
import pandel.desktop.work.Work;

/** Journeys that travel what none does yet, in sentences, each kept by one press. */
final class Suggestions extends VBox {

    private static final int STEPS = 6;

    private final Work work;
    private final StageGuide around;
    private final Background background;
    /** What they are looked for in; read by the thread that looks. */
    private volatile Optional<Prototype> looked = Optional.empty();

    private Optional<SuggestedJourneys> found = Optional.empty();

    Suggestions(Work work, StageGuide around, Background background) {
        super(2);
        this.work = work;
        this.around = around;
        this.background = background;
        getStyleClass().add("suggestions");
    }

    /** What was found for another prototype does not stand for this one. */
    void refresh() {
        if (looked.filter(p -> p == work.prototype()).isEmpty()) {
            looked = Optional.empty();
            found = Optional.empty();
        }
        getChildren().clear();
        int missing = work.coverage().map(c -> c.missingLinks().size()).orElse(0);
        if (missing == 0) {
            return;
        }
        if (found.isEmpty()) {
            if (looked.isPresent()) {
                getChildren().add(quiet("Looking for journeys that travel the rest …"));
            } else {
                getChildren()
                        .add(Buttons.smallWord(
                                missing == 1
                                        ? "Suggest a journey for the link that none follows"
                                        : "Suggest journeys for the " + missing + " links that none follows",
                                "suggest",
                                this::look));
            }
            return;
        }
        list(found.get());
    }

    private void look() {
        Prototype prototype = work.prototype();
        Optional<Coverage> coverage = work.coverage();
        work.checked().filter(c -> c.prototype() == prototype).ifPresent(checked -> {
            looked = Optional.of(prototype);
            refresh();
            background.run(work.document(), Optional.empty(), "suggest journeys", () -> {
                Optional<SuggestedJourneys> made = SuggestedJourneys.of(
                        checked,
                        coverage.orElseThrow(),
                        n -> "suggested-" + n,
                        () -> looked.filter(p -> p == prototype).isEmpty());
                return () -> {
                    if (looked.filter(p -> p == prototype).isPresent()) {
                        found = made;
                        refresh();
                    }
                };
            });
        });
    }

    private void list(SuggestedJourneys suggested) {
        List<Journey> journeys = suggested.journeys();
        if (journeys.isEmpty()) {
            getChildren().add(quiet("No journey was found that travels what is missing; play it, and keep that."));
            return;
        }
        Label told = quiet((journeys.size() == 1 ? "One journey" : journeys.size() + " journeys") + " of "
                + suggested.events() + " steps travel "
                + (suggested.left().isEmpty()
                        ? "all that none travels yet"
                        : "all but " + suggested.left().size() + " of what none travels yet")
                + "; " + suggested.toTravel() + " steps are needed at least.");
        HBox.setHgrow(told, Priority.ALWAYS);
        told.setMaxWidth(Double.MAX_VALUE);
        HBox head = new HBox(told, Buttons.smallWord("Keep all", "keep-suggested", () -> keep(journeys)));
        head.getStyleClass().add("journey-row");
        getChildren().add(head);
        journeys.forEach(j -> getChildren().add(row(j)));
    }

    private Node row(Journey journey) {
        Label title = new Label(journey.title());
        title.getStyleClass().add("strong");
        title.setMinWidth(0);
        List<String> steps = JourneySteps.of(work.prototype(), journey);
        Label told = quiet(String.join(" · ", steps.subList(0, Math.min(STEPS, steps.size())))
                + (steps.size() > STEPS ? " · and " + (steps.size() - STEPS) + " more" : ""));
        told.getStyleClass().add("small");
        VBox words = new VBox(2, title, told);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button play = Buttons.smallWord("Play", "play-" + journey.id(), () -> play(journey));
        Button keep = Buttons.smallWord("Keep", "keep-" + journey.id(), () -> keep(List.of(journey)));
        words.setMinHeight(USE_PREF_SIZE);
        HBox row = new HBox(words, play, keep);
        row.getStyleClass().add("journey-row");
        row.setId("row-" + journey.id());
        return row;
    }

    private void play(Journey journey) {
        work.prototype()
                .start(journey.entry())
                .ifPresent(entry -> around.play(
                        journey.title(),
                        new Walk(work.prototype().device(journey.device()), entry, journey.events()),
                        false));
    }

    private void keep(List<Journey> journeys) {
        List<Edit> edits = new ArrayList<>();
        for (Journey journey : journeys) {
            edits.add(JourneyEdits.keep(JourneyBuilder.builder(journey)
                    .id(work.freshId("journey"))
                    .title("Suggested " + journey.title())
                    .build()));
        }
        work.edit(Edit.all(
                journeys.size() == 1 ? "keep a suggested journey" : "keep " + journeys.size() + " suggested journeys",
                edits));
        around.say((journeys.size() == 1 ? "It is" : "They are")
                + " replayed after each edit from now on. Ctrl+Z takes "
                + (journeys.size() == 1 ? "it" : "them") + " out again.");
    }

    private static Label quiet(String words) {
        Label label = new WrappedLabel(words);
        label.getStyleClass().add("quiet");
        label.setMinWidth(0);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
