package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.edit.bulk.Bulk;
import pandel.core.edit.frame.PairEdits;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.link.FormChange;
import pandel.core.edit.screen.ScaleEdit;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.model.Index.Way;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Condition;
import pandel.core.play.words.LinkWords;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.OverlayDesk;
import pandel.desktop.frames.PairDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.Question;
import pandel.desktop.stage.ScreenPictures;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** What can be done to a whole screen. */
public final class ScreenActions {

    private static final int LONG_LIST = 6;

    private final Work work;
    private final PageHost around;
    private final ScreenPictures pictures;
    final Copying copying;

    public ScreenActions(Work work, PageHost around, ScreenPictures pictures) {
        this.work = work;
        this.around = around;
        this.pictures = pictures;
        this.copying = new Copying(work, around);
    }

    /** Makes it the entry, if it is a page. */
    public void startAt(Screen screen) {
        if (screen.form() != Form.PAGE) {
            around.say(
                    "“" + screen.shownTitle() + "” is a " + screen.form().word() + "; play can only start at a page.");
            return;
        }
        work.edit(ScreenEdits.entry(screen));
    }

    public void turnEnd(Screen screen) {
        work.edit(ScreenEdits.end(screen, !screen.end()));
    }

    public void form(Screen screen, Form form) {
        form(List.of(screen), form);
    }

    /** Gives screens a form; says first which links change their verb with it, and changes them. */
    public void form(List<Screen> screens, Form form) {
        List<FormChange> changes = FormChange.of(work.prototype(), screens, form);
        if (changes.isEmpty()) {
            work.edit(ScreenEdits.form(screens, form));
            return;
        }
        String named = screens.size() == 1 ? "“" + screens.getFirst().shownTitle() + "”" : screens.size() + " screens";
        List<String> lines = new ArrayList<>(changes.stream()
                .limit(LONG_LIST)
                .map(c -> (c.way().from().size() == 1
                                ? c.way().from().getFirst().shownTitle()
                                : c.way().from().size() + " screens")
                        + ", "
                        + c.way()
                                .hotspot()
                                .map(h -> h.title().isBlank() ? "a hotspot" : h.title())
                                .orElse("a wait") + ": "
                        + LinkWords.effect(work.prototype(), c.now()) + " becomes "
                        + LinkWords.effect(work.prototype(), c.then()))
                .toList());
        if (changes.size() > LONG_LIST) {
            lines.add("and " + (changes.size() - LONG_LIST) + " more");
        }
        around.ask(new Question(
                "Make " + named + (screens.size() == 1 ? " a " + form.word() : " " + form.word() + "s") + "? "
                        + (changes.size() == 1
                                ? "One link says otherwise then, and changes its verb."
                                : changes.size() + " links say otherwise then, and change their verbs."),
                lines,
                List.of(
                        new Question.Answer(
                                "Change the form and " + (changes.size() == 1 ? "the link" : "the links"),
                                "main",
                                () -> work.edit(FormChange.edit(screens, form, changes))),
                        new Question.Answer(
                                "The form alone", "plain", () -> work.edit(ScreenEdits.form(screens, form))),
                        new Question.Answer("Leave it", "plain", () -> {}))));
    }

    /** Corrects how many picture pixels make a px. */
    public void scale(List<Screen> screens, double scale) {
        work.edit(ScaleEdit.of(screens, scale));
    }

    /** A choice of scales. */
    Menu scales(List<Screen> screens) {
        Menu menu = new Menu("Scale of the picture");
        for (double scale : new double[] {1, 1.5, 2, 3, 4}) {
            String words = scale == Math.rint(scale) ? String.valueOf((int) scale) : String.valueOf(scale);
            MenuItem item = Buttons.item(
                    words + (scale == 1 ? " pixel to a px" : " pixels to a px") + width(screens, scale),
                    () -> scale(screens, scale));
            item.setId("scale-" + words.replace('.', '-'));
            menu.getItems().add(item);
        }
        menu.setDisable(screens.stream().allMatch(s -> s.mocks().isEmpty()));
        return menu;
    }

    private static String width(List<Screen> screens, double scale) {
        return screens.stream()
                .flatMap(s -> s.mocks().stream())
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast)
                .findFirst()
                .map(p -> ": " + Math.round(p.pixelWidth() / scale) + " px wide")
                .orElse("");
    }

    /** Asks of which screen this one is to be a look: those alike are offered first. */
    void lookOf(Screen screen) {
        List<String> alike = work.alike().getOrDefault(screen.id(), List.of());
        List<Screen> others = work.prototype().screens().stream()
                .filter(s -> !s.id().equals(screen.id()) && s.form() == screen.form())
                .toList();
        if (others.isEmpty()) {
            around.say("There is no other " + screen.form().word() + " that it could be a look of.");
            return;
        }
        around.pick(
                "“" + screen.shownTitle() + "” is a look of",
                Stream.concat(
                                others.stream().filter(s -> alike.contains(s.id())),
                                others.stream().filter(s -> !alike.contains(s.id())))
                        .toList(),
                s -> alike.contains(s.id()) ? "which looks like it" : "",
                of -> makeLook(screen, of));
    }

    private void makeLook(Screen screen, Screen of) {
        around.askName("“" + of.shownTitle() + "” looks like this while", "", typed -> {
            try {
                ParsedWords<List<Condition>> said = FactWords.conditions(work.prototype(), typed, work.naming());
                int lost = screen.hotspots().size();
                work.edit(StateEdits.fromScreen(
                        of, screen, State.of(work.freshId("look"), screen.shownTitle(), said.what()), said.facts()));
                work.selection().choose(of.id());
                around.say("“" + screen.shownTitle() + "” is a look of “" + of.shownTitle()
                        + "”; what led to it leads there."
                        + (lost == 0
                                ? ""
                                : lost == 1
                                        ? " Its own hotspot went."
                                        : " Its own " + lost + " hotspots went; the screen’s stand in for them."));
            } catch (FactWords.NotUnderstood e) {
                around.say(String.valueOf(e.getMessage()));
            }
        });
    }

    /** Removes a screen, saying first which links go with it. */
    public void remove(Screen screen) {
        remove(List.of(screen));
    }

    /** Removes screens, saying first which links go with them. */
    public void remove(List<Screen> screens) {
        List<Way> lost = ScreenEdits.linksLostWith(
                work.prototype(), screens.stream().map(Screen::id).toList());
        boolean one = screens.size() == 1;
        String named = one ? "“" + screens.getFirst().shownTitle() + "”" : screens.size() + " screens";
        if (lost.isEmpty()) {
            work.edit(ScreenEdits.remove(screens));
            around.say(
                    named + (one ? " was removed. Ctrl+Z brings it back." : " were removed. Ctrl+Z brings them back."));
            return;
        }
        List<String> lines =
                lost.stream().limit(LONG_LIST + 2).map(ScreenActions::line).toList();
        around.ask(new Question(
                "Remove " + named + "? " + (lost.size() == 1 ? "One link leads" : lost.size() + " links lead")
                        + (one ? " to it and would go with it." : " to them and would go with them."),
                lines,
                List.of(
                        new Question.Answer("Remove", "main", () -> work.edit(ScreenEdits.remove(screens))),
                        new Question.Answer(one ? "Keep it" : "Keep them", "plain", () -> {}))));
    }

    private static String line(Way way) {
        String from = way.from().size() == 1
                ? way.from().getFirst().shownTitle()
                : way.from().size() + " screens";
        return from + ": "
                + way.hotspot()
                        .map(h -> h.title().isBlank() ? "a hotspot" : h.title())
                        .orElse("a wait");
    }

    /** Links screens one after another, in their order. */
    void linkInOrder(List<Screen> screens) {
        Bulk bulk = Bulk.inOrder(work.prototype(), screens, work.naming());
        if (bulk.done() > 0) {
            work.edit(bulk.edit());
        }
        around.say(
                bulk.done() == 0
                        ? "Each leads to the next already."
                        : (bulk.done() == 1 ? "One link was made" : bulk.done() + " links were made")
                                + ", each screen to the next: by the hotspot that waits for one, or a tap "
                                + "anywhere. Ctrl+Z takes "
                                + (bulk.done() == 1 ? "it" : "them") + " back.");
    }

    /** Makes a tab set of screens in their order, and shows it. */
    void putBehindStrip(List<Screen> screens) {
        new BehindStrip(work, around).put(screens);
    }

    /** Makes a sequence of screens in their order, and shows it. */
    void makeSequence(List<Screen> screens) {
        Optional<String> why = SequenceEdits.whyNot(screens);
        if (why.isPresent()) {
            around.say(why.get());
            return;
        }
        String section = screens.getFirst().section();
        String title = !section.isEmpty()
                        && screens.stream().allMatch(s -> s.section().equals(section))
                        && work.prototype().sequences().stream()
                                .noneMatch(s -> s.title().equals(section))
                ? section
                : screens.getFirst().shownTitle() + " and on";
        Sequence made = Sequence.of(
                work.freshId(title), title, screens.stream().map(Screen::id).toList());
        int turning = SequenceEdits.turning(work.prototype(), made).size();
        work.edit(SequenceEdits.make(made));
        around.say("“" + title + "” has " + screens.size() + " pages; what led to them leads to it"
                + (turning == 0
                        ? "."
                        : turning == 1
                                ? ", and one link turns its pages now."
                                : ", and " + turning + " links turn its pages now."));
        SequenceDesk.open(work, around, made.id());
    }

    /** Makes a drawer that leads to screens and is attached to them, and shows it. */
    void putInDrawer(List<Screen> screens) {
        DrawerDesk.make(work, around, screens);
        around.say("A drawer on " + (screens.size() == 1 ? "one screen" : screens.size() + " screens")
                + " leads to each of them. “Put a sign for it” lets people find it.");
    }

    /** Makes a header over screens, and shows it. */
    void layHeader(List<Screen> screens) {
        HeaderDesk.make(work, around, screens);
    }

    /** Puts two screens side by side where it is wide, the first as the list, and shows that. */
    void putSideBySide(List<Screen> screens) {
        Optional<String> why = PairEdits.whyNot(work.prototype(), screens);
        if (why.isPresent()) {
            around.say(why.get());
            return;
        }
        Pair made = Pair.of(
                work.freshId("pair"), screens.getFirst().id(), screens.getLast().id());
        work.edit(PairEdits.make(made));
        around.say("“" + screens.getFirst().shownTitle() + "” stands beside “"
                + screens.getLast().shownTitle() + "” where it is wide.");
        PairDesk.open(work, around, made.id());
    }

    /** Asks for the name of the section screens are to stand in. */
    public void section(List<Screen> screens) {
        around.askName(
                "Section of " + screens.size() + " screens",
                screens.getFirst().section(),
                name -> work.edit(ScreenEdits.section(screens, name)));
    }

    /** Asks for the name of the section it stands in. */
    public void section(Screen screen) {
        around.askName(
                "Section of “" + screen.shownTitle() + "”",
                screen.section(),
                name -> work.edit(ScreenEdits.section(List.of(screen), name)));
    }

    /** The menu of a screen. */
    public ContextMenu menu(Screen screen, Runnable rename) {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .addAll(
                        Buttons.item("Rename", rename),
                        Buttons.item("Copy it…", "screen-copy", () -> copying.here(List.of(screen))),
                        Buttons.item("Start play here", () -> startAt(screen)),
                        Buttons.item("Section…", () -> section(screen)),
                        Buttons.item("Newer picture…", () -> pictures.replacePicture(screen)),
                        Buttons.item(
                                screen.end() ? "Not an end after all" : "An end: play may stop here",
                                () -> turnEnd(screen)),
                        Buttons.item(
                                screen.home() ? "Not home after all" : "Home: where people are meant to stay",
                                () -> work.edit(ScreenEdits.home(screen, !screen.home()))),
                        Buttons.item("How it opens above…", () -> OverlayDesk.open(work, around, screen)),
                        Buttons.item("Make it a look of…", () -> lookOf(screen)),
                        scales(List.of(screen)),
                        new SeparatorMenuItem());
        for (Form form : Form.values()) {
            MenuItem item = Buttons.item("Make it a " + form.word(), () -> form(screen, form));
            item.setDisable(form == screen.form());
            menu.getItems().add(item);
        }
        menu.getItems().add(new SeparatorMenuItem());
        for (Status status : Status.values()) {
            MenuItem item = Buttons.item(
                    status == Status.PARKED ? "Park it: checks leave it out" : "It is " + status.word(),
                    () -> work.edit(ScreenEdits.status(screen, status)));
            item.setDisable(status == screen.status());
            menu.getItems().add(item);
        }
        menu.getItems().addAll(new SeparatorMenuItem(), Buttons.item("Remove…", () -> remove(screen)));
        return menu;
    }
}
