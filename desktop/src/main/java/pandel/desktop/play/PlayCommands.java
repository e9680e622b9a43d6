package pandel.desktop.play;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.model.link.Event;
import pandel.desktop.stage.Command;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** What can be done to play by key. */
final class PlayCommands {

    private final PlayView view;

    PlayCommands(PlayView view) {
        this.view = view;
    }

    List<Command> commands() {
        return Stream.concat(
                        Stream.of(
                                Command.here(
                                        "Device back",
                                        () -> view.asking.dismissOr(() -> view.act(new Event.DeviceBack())),
                                        "Esc",
                                        "Backspace"),
                                Command.here("Start over", view::startOver, "Home"),
                                Command.here("Keep this moment as a start point", view.starts::keepMoment, "P"),
                                Command.here("Keep as a journey", this::keepJourney, "J"),
                                Command.here("Pin a remark to this moment…", this::remark, "Shortcut+M"),
                                Command.here("Edit this screen", view::editThis, "E"),
                                Command.here("Hurry: the next wait is due now", this::hurry, "H"),
                                Command.here("Hold the waits, or let them go on", this::turnHold, "Space")
                                        .when(() -> !Buttons.isOnButton(view.node)),
                                Command.here("Fit, fill the width or true size", view.size::turn, "F"),
                                Command.here("Show the device alone, or everything again", view::turnAlone, "F11"),
                                Command.here(
                                        "Next step of what is shown",
                                        () -> view.showing.next().ifPresent(view::act),
                                        "N"),
                                Command.here("Wind back", () -> view.wind(-1), "Left"),
                                Command.here("Wind forth", () -> view.wind(1), "Right")),
                        IntStream.rangeClosed(1, 9)
                                .mapToObj(n -> Command.here(
                                        "Tap hotspot " + n,
                                        () -> view.asking.chooseOr(
                                                n,
                                                () -> view.possible.numbered(n).ifPresent(view::act)),
                                        String.valueOf(n),
                                        "Numpad " + n)))
                .toList();
    }

    /** Lets the next wait be due at once. */
    void hurry() {
        view.now()
                .ifPresent(s -> s.untilDone().stream()
                        .findFirst()
                        .<Event>map(Event.Done::new)
                        .or(() -> s.untilDue().stream()
                                .<Event>mapToObj(Event.Elapse::new)
                                .findFirst())
                        .ifPresent(view::act));
    }

    /** Asks for a remark on the step that is shown, if not too much led to it. */
    void remark() {
        view.tape.ifPresent(t -> view.remarking.at(t.now().screen(), t.step()));
    }

    /** Keeps what was played as a journey, once it has a name. */
    void keepJourney() {
        Work work = view.work;
        view.tape
                .filter(t -> t.ticks().size() > 1)
                .ifPresent(t -> view.around.show(new JourneyBox(work.prototype(), t, view.around::dismiss, made -> {
                    view.around.dismiss();
                    work.edit(JourneyEdits.keep(made.journey(
                            work.freshId(made.name()), work.device().id())));
                    view.around.say("“" + made.name()
                            + "” is kept; it is replayed after each edit. Check tells what the journeys travel.");
                })));
    }

    /** Says of the screen that is shown that it is an end. */
    void markEnd() {
        view.now()
                .flatMap(s -> view.work.prototype().screen(s.screen()))
                .ifPresent(screen -> view.work.edit(ScreenEdits.end(screen, true)));
    }

    void turnHold() {
        view.held = !view.held;
        view.controls.refresh(view.held, view.size.now());
        view.around.say(view.held ? "Waits stand still; Space lets them go on." : "Waits go on.");
    }
}
