package pandel.desktop.links;

import java.util.List;
import java.util.function.Consumer;
import pandel.core.edit.bulk.Bulk;
import pandel.core.edit.linking.Destination;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** What can be done to many links at once. */
final class Together {

    private final Work work;
    private final PageHost around;
    private final Consumer<Consumer<Destination>> find;

    /** @param find asks where something leads */
    Together(Work work, PageHost around, Consumer<Consumer<Destination>> find) {
        this.work = work;
        this.around = around;
        this.find = find;
    }

    void leadTo(List<Way> ways) {
        find.accept(offer -> {
            if (offer instanceof Destination.There there) {
                apply(
                        Bulk.leadTo(work.prototype(), ways, there.screen()),
                        "led to “" + there.screen().shownTitle() + "”");
            } else {
                around.say("Choose a screen that is there; many links are led to one at once.");
            }
        });
    }

    void verb(List<Way> ways, Verb verb) {
        apply(Bulk.verb(work.prototype(), ways, verb), "given the verb " + verb.word());
    }

    void remove(List<Way> ways) {
        apply(Bulk.remove(ways), "removed");
    }

    /** Asks which screen is to have the links of one too. */
    void copyLinks(Screen from) {
        List<Screen> others = work.prototype().screens().stream()
                .filter(s -> !s.id().equals(from.id()))
                .toList();
        around.pick(
                "Copy the links of “" + from.shownTitle() + "” to",
                others,
                s -> {
                    int n = Bulk.copyLinks(work.prototype(), from, s, work.naming())
                            .done();
                    return n == 0 ? "" : n == 1 ? "one fits" : n + " fit";
                },
                to -> apply(
                        Bulk.copyLinks(work.prototype(), from, to, work.naming()),
                        "copied to “" + to.shownTitle() + "”"));
    }

    private void apply(Bulk bulk, String what) {
        if (bulk.done() > 0) {
            work.edit(bulk.edit());
        }
        String left = bulk.left() == 0
                ? ""
                : bulk.left() == 1
                        ? " One was left: it does not fit."
                        : " " + bulk.left() + " were left: it does not fit them.";
        around.say((bulk.done() == 0
                        ? "No link was changed."
                        : (bulk.done() == 1 ? "One link was " : bulk.done() + " links were ") + what
                                + ". Ctrl+Z takes it back.")
                + left);
    }
}
