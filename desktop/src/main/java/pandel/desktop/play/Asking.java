package pandel.desktop.play;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.layout.StackPane;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.link.Event;
import pandel.core.play.EventWords;
import pandel.core.play.Happening;
import pandel.core.play.situation.Situation;
import pandel.desktop.work.Work;

/** Asks over the device how a link turns out; then its event is sent again. */
final class Asking {

    private final Work work;
    private final StackPane over;
    private final Consumer<Event> again;
    private final Runnable gone;
    private Optional<AskPane> shown = Optional.empty();

    /**
     * @param over lies over the device
     * @param again takes the event with its outcome
     * @param gone told when nothing is asked any more
     */
    Asking(Work work, StackPane over, Consumer<Event> again, Runnable gone) {
        this.work = work;
        this.over = over;
        this.again = again;
        this.gone = gone;
    }

    void ask(Situation now, Event event, Happening.Asks asks) {
        dismiss();
        BiConsumer<String, Boolean> chosen = (outcome, always) -> {
            dismiss();
            if (always) {
                asks.link()
                        .flatMap(work.prototype().index()::way)
                        .ifPresent(way -> work.edit(LinkEdits.change(
                                "always “" + outcome + "” in play", way.link().withAlways(Optional.of(outcome)))));
            }
            again.accept(event.turning(outcome));
        };
        AskPane pane = new AskPane(
                EventWords.capital(EventWords.of(work.prototype(), now, event)),
                asks.outcomes(),
                chosen,
                this::dismiss);
        shown = Optional.of(pane);
        over.getChildren().add(pane);
        pane.takeFocus();
    }

    /** The outcome of a number is chosen; while nothing is asked, something else is done. */
    void chooseOr(int number, Runnable otherwise) {
        shown.ifPresentOrElse(pane -> pane.choose(number), otherwise);
    }

    /** Nothing is asked any more; while nothing is, something else is done. */
    void dismissOr(Runnable otherwise) {
        if (isOn()) {
            dismiss();
        } else {
            otherwise.run();
        }
    }

    boolean isOn() {
        return shown.isPresent();
    }

    void dismiss() {
        if (shown.isPresent()) {
            over.getChildren().remove(shown.get());
            shown = Optional.empty();
            gone.run();
        }
    }
}
