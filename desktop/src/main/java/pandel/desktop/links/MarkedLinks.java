package pandel.desktop.links;

import java.util.List;
import java.util.Optional;
import pandel.core.areas.Things;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.links.action.Finder;
import pandel.desktop.links.desk.DeskPane;
import pandel.desktop.links.desk.Marking;

/** What was just marked on a desk is linked: alone, with its rows, or on all screens that have the same sign. */
final class MarkedLinks {

    private final LinksView view;

    MarkedLinks(LinksView view) {
        this.view = view;
    }

    /**
     * Asks where it leads.
     *
     * @param onOther whether it was marked on the device beside
     */
    void ask(Marking marking, boolean onOther) {
        DeskPane on = onOther ? view.beside : view.desk;
        DeskActions does = onOther ? view.besideActions : view.actions;
        Finder finder = view.openFinder(on, "", true, Optional.of(marking.area()), (choice, made) -> {
            Marking now = made.orElse(marking);
            if (choice.more() && !now.screens().isEmpty()) {
                does.markOn(now.area(), now.screens(), choice.to());
            } else {
                does.mark(choice.more() ? now.alike() : List.of(now.area()), choice.to());
            }
            tellRows(does);
            if (choice.going()) {
                view.walk.walkOn();
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
                .ifPresent(h -> view.around.say(h.rows().size() + " rows, each with its own "
                        + String.join(", ", h.rows().getFirst().keySet())
                        + ". What each holds is typed under the first word of the sentence."));
    }
}
