package pandel.desktop.play;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.StartEdits;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Fact;
import pandel.core.play.situation.Situation;
import pandel.core.play.words.LinkWords;
import pandel.desktop.stage.EmptyStage;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WindowCommands;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** Where play begins: chosen from a menu, kept from a moment. */
final class PlayStarts {

    private final Work work;
    private final PageHost around;
    private final WindowCommands window;
    private final Supplier<Optional<Situation>> now;
    private final Consumer<Start> play;

    /** @param now the moment shown, if anything is played */
    PlayStarts(
            Work work,
            PageHost around,
            WindowCommands window,
            Supplier<Optional<Situation>> now,
            Consumer<Start> play) {
        this.work = work;
        this.around = around;
        this.window = window;
        this.now = now;
        this.play = play;
    }

    /** Lets an entry or a start point be chosen, or this moment be kept. */
    void choose(Node under) {
        ContextMenu menu = new ContextMenu();
        for (Entry entry : work.prototype().entries()) {
            String title = LinkWords.target(work.prototype(), entry.target());
            menu.getItems()
                    .add(Buttons.item(
                            entry.address()
                                    .map(a -> a + ", at “" + title + "”")
                                    .orElse("Main entry, at “" + title + "”"),
                            "start-" + entry.id(),
                            () -> play.accept(entry)));
        }
        if (!work.prototype().startPoints().isEmpty()) {
            menu.getItems().add(new SeparatorMenuItem());
        }
        work.prototype()
                .startPoints()
                .forEach(point -> menu.getItems()
                        .add(Buttons.item(point.title(), "start-" + point.id(), () -> play.accept(point))));
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        Buttons.item("Keep this moment as a start point…", "keep-moment", this::keepMoment),
                        Buttons.item("Entries and start points…", "all-starts", () -> window.run("starts")));
        menu.show(under, Side.BOTTOM, 0, 0);
    }

    /** Asks for a name, and keeps this moment under it. */
    void keepMoment() {
        now.get()
                .filter(s -> !s.left())
                .ifPresentOrElse(
                        s -> around.askName("Name of this moment", suggested(s), name -> {
                            StartPoint point = s.asStartPoint(work.freshId(name), name.strip());
                            work.edit(StartEdits.keep(point));
                            around.say("“" + point.title()
                                    + "” is a start point: play, journeys and checks can begin there.");
                        }),
                        () -> around.say("The prototype was left; there is no moment to keep."));
    }

    private String suggested(Situation now) {
        String screen =
                work.prototype().screen(now.screen()).map(Screen::shownTitle).orElse("");
        String facts = now.facts().set().entrySet().stream()
                .map(e -> work.prototype()
                        .fact(e.getKey())
                        .map(f -> f.kind() instanceof Fact.Kind.YesNo
                                ? f.title()
                                : f.title() + " " + e.getValue().shown())
                        .orElse(""))
                .collect(Collectors.joining(", "));
        return facts.isEmpty() ? "On " + screen : facts + ", on " + screen;
    }

    /** What is shown while nothing can be played. */
    static Node none(Work work, StageGuide around) {
        Optional<Screen> first = work.screen()
                .filter(s -> s.form() == Form.PAGE)
                .or(() -> work.prototype().screens().stream()
                        .filter(s -> s.form() == Form.PAGE)
                        .findFirst());
        if (first.isPresent()) {
            return new EmptyStage(
                            "Play has nowhere to start",
                            "It begins at a page: this one, or another that is chosen in Mocks.")
                    .offering("Start at " + first.get().shownTitle(), () -> work.edit(ScreenEdits.entry(first.get())));
        }
        return new EmptyStage(
                        "Nothing to play yet",
                        work.prototype().screens().isEmpty()
                                ? "Take pictures of the screens in first."
                                : "There are dialogs, sheets and panels alone; play begins at a page.")
                .offering("Go to Mocks", () -> around.go(WorkStage.MOCKS));
    }
}
