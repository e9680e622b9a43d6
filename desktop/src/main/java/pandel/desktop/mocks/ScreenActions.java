package pandel.desktop.mocks;

import java.util.List;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.edit.ScreenEdits;
import pandel.core.model.Form;
import pandel.core.model.Index.Way;
import pandel.core.model.Screen;
import pandel.core.model.Status;
import pandel.desktop.shell.Around;
import pandel.desktop.shell.Question;
import pandel.desktop.work.Work;

/** What can be done to a whole screen. */
public final class ScreenActions {

    private static final int LONG_LIST = 6;

    private final Work work;
    private final Around around;

    public ScreenActions(Work work, Around around) {
        this.work = work;
        this.around = around;
    }

    /** Makes it the entry, if it is a page. */
    public void startAt(Screen screen) {
        if (screen.form() != Form.PAGE) {
            around.say("“" + screen.shownTitle() + "” is a " + screen.form().word() + "; play can only start at a page.");
            return;
        }
        work.edit(ScreenEdits.entry(screen));
    }

    public void turnEnd(Screen screen) {
        work.edit(ScreenEdits.end(screen, !screen.end()));
    }

    public void form(Screen screen, Form form) {
        work.edit(ScreenEdits.form(screen, form));
    }

    /** Removes a screen, saying first which links go with it. */
    public void remove(Screen screen) {
        remove(List.of(screen));
    }

    /** Removes screens, saying first which links go with them. */
    public void remove(List<Screen> screens) {
        List<Way> lost = ScreenEdits.linksLostWith(work.prototype(), screens.stream().map(Screen::id).toList());
        boolean one = screens.size() == 1;
        String named = one ? "“" + screens.getFirst().shownTitle() + "”" : screens.size() + " screens";
        if (lost.isEmpty()) {
            work.edit(ScreenEdits.remove(screens));
            around.say(named + (one ? " was removed. Ctrl+Z brings it back." : " were removed. Ctrl+Z brings them back."));
            return;
        }
        List<String> lines = lost.stream().limit(LONG_LIST + 2).map(ScreenActions::line).toList();
        around.ask(new Question("Remove " + named + "? " + (lost.size() == 1 ? "One link leads" : lost.size() + " links lead")
                + (one ? " to it and would go with it." : " to them and would go with them."), lines, List.of(
                new Question.Answer("Remove", "danger", () -> work.edit(ScreenEdits.remove(screens))),
                new Question.Answer(one ? "Keep it" : "Keep them", "plain", () -> { }))));
    }

    private static String line(Way way) {
        String from = way.from().size() == 1 ? way.from().getFirst().shownTitle() : way.from().size() + " screens";
        return from + ": " + way.hotspot().map(h -> h.title().isBlank() ? "a hotspot" : h.title()).orElse("a wait");
    }

    /** Asks for the name of the section screens are to stand in. */
    public void section(List<Screen> screens) {
        around.askName("Section of " + screens.size() + " screens", screens.getFirst().section(), name -> work.edit(ScreenEdits.section(screens, name)));
    }

    /** Asks for the name of the section it stands in. */
    public void section(Screen screen) {
        around.askName("Section of “" + screen.shownTitle() + "”", screen.section(), name -> work.edit(ScreenEdits.section(List.of(screen), name)));
    }

    /** The menu of a screen. */
    public ContextMenu menu(Screen screen, Runnable rename) {
        ContextMenu menu = new ContextMenu();
        menu.getItems().addAll(item("Rename", rename), item("Start play here", () -> startAt(screen)),
                item("Section…", () -> section(screen)), item("Newer picture…", () -> around.replacePicture(screen)), item(screen.end() ? "Not an end after all" : "An end: play may stop here", () -> turnEnd(screen)),
                item(screen.home() ? "Not home after all" : "Home: where people are meant to stay", () -> work.edit(ScreenEdits.home(screen, !screen.home()))),
                new SeparatorMenuItem());
        for (Form form : Form.values()) {
            MenuItem item = item("Make it a " + form.word(), () -> form(screen, form));
            item.setDisable(form == screen.form());
            menu.getItems().add(item);
        }
        menu.getItems().add(new SeparatorMenuItem());
        for (Status status : Status.values()) {
            MenuItem item = item(status == Status.PARKED ? "Park it: checks leave it out" : "It is " + status.word(), () -> work.edit(ScreenEdits.status(screen, status)));
            item.setDisable(status == screen.status());
            menu.getItems().add(item);
        }
        menu.getItems().addAll(new SeparatorMenuItem(), item("Remove…", () -> remove(screen)));
        return menu;
    }

    private static MenuItem item(String title, Runnable action) {
        MenuItem item = new MenuItem(title);
        item.setOnAction(e -> action.run());
        return item;
    }
}
