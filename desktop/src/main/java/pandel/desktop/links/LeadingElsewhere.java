package pandel.desktop.links;

import java.util.function.Consumer;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.linking.Destination;
import pandel.core.model.screen.Screen;
import pandel.desktop.stage.Messages;
import pandel.desktop.work.Work;

/** Leads everything that leads to the chosen screen to another one. */
final class LeadingElsewhere {

    private LeadingElsewhere() {}

    /** @param find asks for a screen and tells the one chosen */
    static void ask(Work work, Messages around, Consumer<Consumer<Destination>> find) {
        work.screen().ifPresent(screen -> {
            int ways = work.prototype().index().waysIn(screen.id()).size();
            if (ways == 0) {
                around.say("Nothing leads to “" + screen.shownTitle() + "”.");
            } else {
                find.accept(offer -> lead(work, around, screen, ways, offer));
            }
        });
    }

    private static void lead(Work work, Messages around, Screen screen, int ways, Destination offer) {
        if (offer instanceof Destination.There there) {
            work.edit(LinkEdits.leadElsewhere(screen, there.screen()));
            around.say((ways == 1 ? "One link leads" : ways + " links lead") + " to “"
                    + there.screen().shownTitle() + "” now, no longer to “" + screen.shownTitle() + "”.");
        } else {
            around.say("Choose a screen that is there.");
        }
    }
}
