package pandel.desktop.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.cover.Coverage;
import pandel.core.cover.Extension;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.model.Look;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.core.play.words.LinkWords;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** What no journey travels, section by section: the screens as pictures, the links beside them. */
final class MissingBySection extends VBox {

    private static final double WIDE = 84;
    private static final double HIGH = 150;
    /** Room for the pictures of a section: three beside one another. */
    private static final double PICTURES = 3 * (WIDE + 10);

    private static final int LINKS = 8;
    private static final int SCREENS = 24;
    /** Links of one section, once all are asked for: more are not read through. */
    private static final int MOST = 400;

    private final Work work;
    private final PageHost around;

    MissingBySection(Work work, PageHost around) {
        super(8);
        this.work = work;
        this.around = around;
    }

    /** What of a section is missing. */
    private record Section(List<Screen> screens, List<Coverage.Missing> links) {}

    void show(Coverage coverage) {
        getChildren().clear();
        Map<String, Section> sections = new LinkedHashMap<>();
        work.prototype().screens().forEach(s -> sections.putIfAbsent(s.section(), section()));
        coverage.missingScreens()
                .forEach(s -> of(sections, s.section()).screens().add(s));
        coverage.missingLinks()
                .forEach(m -> of(
                                sections,
                                m.way().from().stream()
                                        .findFirst()
                                        .map(Screen::section)
                                        .orElse(""))
                        .links()
                        .add(m));
        sections.forEach((name, section) -> {
            if (!section.screens().isEmpty() || !section.links().isEmpty()) {
                getChildren().addAll(heading(sections.size() == 1 ? "" : name, section), beside(section));
            }
        });
    }

    private static Section section() {
        return new Section(new ArrayList<>(), new ArrayList<>());
    }

    private static Section of(Map<String, Section> sections, String name) {
        return sections.computeIfAbsent(name, n -> section());
    }

    private static Label heading(String name, Section section) {
        List<String> parts = new ArrayList<>();
        if (!section.screens().isEmpty()) {
            parts.add(section.screens().size() + (section.screens().size() == 1 ? " screen" : " screens"));
        }
        if (!section.links().isEmpty()) {
            parts.add(section.links().size() + (section.links().size() == 1 ? " link" : " links"));
        }
        Label label =
                new Label((name.isBlank() ? "" : name + ": ") + String.join(" and ", parts) + " no journey travels");
        label.getStyleClass().addAll("heading", "below");
        return label;
    }

    private Node beside(Section section) {
        VBox links = new VBox(2);
        section.links().stream().limit(LINKS).forEach(m -> links.getChildren().add(link(m)));
        if (section.links().size() > LINKS) {
            more(links, section);
        }
        HBox.setHgrow(links, Priority.ALWAYS);
        links.setMinWidth(0);
        if (section.screens().isEmpty()) {
            return links;
        }
        FlowPane pictures = new FlowPane(10, 10);
        pictures.setPrefWrapLength(PICTURES);
        pictures.setMinWidth(Math.min(3, section.screens().size()) * (WIDE + 10));
        section.screens().stream()
                .limit(SCREENS)
                .forEach(s -> pictures.getChildren().add(picture(s)));
        if (section.screens().size() > SCREENS) {
            Label more = new Label("and " + (section.screens().size() - SCREENS) + " more");
            more.getStyleClass().add("quiet");
            pictures.getChildren().add(more);
        }
        return new HBox(16, pictures, links);
    }

    private void more(VBox links, Section section) {
        Button more = Buttons.smallWord(
                (section.links().size() - LINKS) + " more",
                "more-" + section.links().get(LINKS).way().link().id(),
                () -> {});
        more.setOnAction(e -> {
            links.getChildren().clear();
            section.links().stream()
                    .limit(MOST)
                    .forEach(m -> links.getChildren().add(link(m)));
        });
        links.getChildren().add(more);
    }

    private Node picture(Screen screen) {
        Look look = Look.plain(screen);
        Placement.Size size = Placement.sizeOf(
                look, work.width(), work.device().width(), work.device().height());
        FramedMock frame = new FramedMock(around.pictures()).within(look, work.width(), size, WIDE, HIGH);
        Label title = new Label(screen.shownTitle());
        title.getStyleClass().add("small");
        title.setMaxWidth(WIDE);
        Button button = new Button("", new VBox(4, frame, title));
        button.getStyleClass().add("neighbour");
        button.setId("missing-" + screen.id());
        button.setAccessibleText("To " + screen.shownTitle() + " on the desk");
        button.setOnAction(e -> {
            work.selection().choose(screen.id());
            around.go(WorkStage.LINKS);
        });
        return button;
    }

    private Node link(Coverage.Missing missing) {
        Label words = new Label(LinkWords.described(work.prototype(), missing.way(), missing.outcome()));
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(
                8,
                words,
                Buttons.smallWord(
                        "Lead a journey there",
                        "lead-" + missing.way().link().id()
                                + missing.outcome()
                                        .map(o -> "-" + o.replace(' ', '-'))
                                        .orElse(""),
                        () -> lead(missing)));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void lead(Coverage.Missing missing) {
        work.coverage()
                .flatMap(c -> Extension.to(work.prototype(), c.journeys(), missing.wanted()))
                .ifPresentOrElse(
                        journey -> {
                            work.edit(JourneyEdits.keep(journey));
                            around.say("“" + journey.title() + "” now goes on to there. Ctrl+Z takes it back.");
                        },
                        () -> around.say("No journey gets there soon; play it, and keep that as a journey."));
    }
}
