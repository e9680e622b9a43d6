package pandel.desktop.links;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.desktop.links.desk.DeskKeys;
import pandel.desktop.links.sentence.BranchLine;
import pandel.desktop.stage.Command;

/** What can be done at the desk by key. */
final class LinksCommands {

    private final LinksView view;

    LinksCommands(LinksView view) {
        this.view = view;
    }

    List<Command> commands() {
        List<Command> commands = new ArrayList<>(DeskKeys.moving(view.actions, this::here));
        commands.addAll(List.of(
                here("Next hotspot", () -> view.walk.nextHotspot(1), "Tab"),
                here("Previous hotspot", () -> view.walk.nextHotspot(-1), "Shift+Tab"),
                here("Choose where it leads", view::find, "Enter"),
                here("Choose nothing", view.work.selection()::clearOnScreen, "Esc"),
                here("Walk to where it leads", view.walk::walkOn, "Alt+Right"),
                here("Walk back", view.walk::walkBack, "Alt+Left"),
                here("Next screen", () -> view.walk.nextScreen(1), "Page Down"),
                here("Previous screen", () -> view.walk.nextScreen(-1), "Page Up"),
                here("Advance", () -> view.sentence.chooseVerb(Verb.ADVANCE), "A"),
                here("Replace", () -> view.sentence.chooseVerb(Verb.REPLACE), "R"),
                here("Restart", () -> view.sentence.chooseVerb(Verb.RESTART), "S"),
                here("Return to", () -> view.sentence.chooseVerb(Verb.RETURN_TO), "T"),
                here("Open above", () -> view.sentence.chooseVerb(Verb.OPEN_ABOVE), "O"),
                here("Return", () -> view.sentence.chooseVerb(Verb.RETURN), "B"),
                here("Close", () -> view.sentence.chooseVerb(Verb.CLOSE), "C"),
                here("Switch tab", () -> view.sentence.chooseVerb(Verb.SWITCH_TAB), "W"),
                here("Turn page", () -> view.sentence.chooseVerb(Verb.TURN_PAGE), "P"),
                here("Next row of the list", () -> view.sentence.chooseVerb(Verb.NEXT_ROW), "J"),
                here("Previous row of the list", () -> view.sentence.chooseVerb(Verb.PREVIOUS_ROW), "K"),
                here("Open a drawer", () -> view.sentence.chooseVerb(Verb.DRAWER_OPEN), "E"),
                here("The tab set, sequence or drawer of this screen…", view.inFrame::open, "Q"),
                here("Remember…", () -> view.sentence.ask(BranchLine::askWhatToRemember), "M"),
                here("Say something…", () -> view.sentence.ask(BranchLine::say), "Y"),
                here("Leave to an address…", () -> view.sentence.ask(BranchLine::leave), "X"),
                here(
                        "Choose all hotspots",
                        () -> view.work
                                .selection()
                                .chooseHotspots(view.actions.hotspots().stream()
                                        .map(Hotspot::id)
                                        .toList()),
                        "Shortcut+A"),
                here("Copy hotspots", view.actions::copy, "Shortcut+C"),
                here("Put copies here", view.actions::paste, "Shortcut+V"),
                here("Next hotspot without a link, on any screen", view::nextWaiting, "N"),
                here("All sentences, or the desk", view::turnSentences, "L"),
                here("Lead what leads here elsewhere…", view::leadElsewhere, "Shortcut+R"),
                here(
                        "Copy this screen’s links to…",
                        () -> view.work.screen().ifPresent(view.together::copyLinks),
                        "Shortcut+Shift+C"),
                here("Pin a remark…", view.remarking::here, "Shortcut+M"),
                here("Values and words of this screen…", view::values, "V"),
                here("Remove", view::remove, "Delete"),
                here("Fit or true size", view::turnSize, "F"),
                here("Another device beside it", view::turnBeside, "D")));
        return commands;
    }

    Command here(String title, Runnable action, String key) {
        return Command.here(title, action, key)
                .when(() -> view.work.screen().isPresent() && !view.desk.isFinding() && !view.sentences.isFinding());
    }
}
