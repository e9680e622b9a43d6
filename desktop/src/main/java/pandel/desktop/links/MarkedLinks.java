package pandel.desktop.links;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import pandel.core.areas.Things;
import pandel.core.model.screen.Area;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.links.action.Finder;
import pandel.desktop.links.desk.DeskPane;
import pandel.desktop.links.desk.Marking;
import pandel.desktop.stage.Messages;

/** What was just marked on a desk is linked: alone, with its rows, or on all screens that have the same sign. */
final class MarkedLinks {

    /** How it is asked where something leads: beside an area of a desk, and with what is marked when it is said. */
    interface Asking {
        Finder ask(DeskPane on, Optional<Area> at, BiConsumer<Finder.Choice, Optional<Marking>> then);
    }

    private final Messages messages;
    private final LinksWalk walk;
    private final Asking asking;

    MarkedLinks(Messages messages, LinksWalk walk, Asking asking) {
        this.messages = messages;
        this.walk = walk;
        this.asking = asking;
    }

    /** Asks where what was marked on a desk leads. */
    void ask(Marking marking, DeskPane on, DeskActions does) {
        Finder finder = asking.ask(on, Optional.of(marking.area()), (choice, made) -> {
            Marking now = made.orElse(marking);
            if (choice.more() && !now.screens().isEmpty()) {
                does.markOn(now.area(), now.screens(), choice.to());
            } else {
                does.mark(choice.more() ? now.alike() : List.of(now.area()), choice.to());
            }
            tellRows(does);
            if (choice.going()) {
                walk.walkOn();
            }
        });
        boolean sign = marking.kind() == Things.Kind.SIGN
                && marking.area().x() < does.size().width() / 2;
        finder.offering(marking.more(), !marking.screens().isEmpty(), sign, on);
    }

    /** Says where what rows hold is named, for what they hold at first is only their number. */
    private void tellRows(DeskActions does) {
        does.chosen().stream()
                .reduce((a, b) -> b)
                .filter(h -> !h.rows().isEmpty() && !h.rows().getFirst().isEmpty())
                .ifPresent(h -> messages.say(h.rows().size() + " rows, each with its own "
                        + String.join(", ", h.rows().getFirst().keySet())
                        + ". What each holds is typed under the first word of the sentence."));
    }
}
