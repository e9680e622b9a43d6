package pandel.core.play;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.value.TouchedRow;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Waits;

/** Time that passes up to the next due wait, and work that is done. */
final class Elapsing {

    private final Prototype prototype;
    private final Doing doing;

    Elapsing(Prototype prototype, Doing doing) {
        this.prototype = prototype;
        this.doing = doing;
    }

    Stepped workDone(Situation now, String id, Optional<String> outcome) {
        Optional<Link> link = prototype
                .index()
                .way(id)
                .map(Index.Way::link)
                .filter(l -> now.waits().work().contains(id));
        return link.isPresent()
                ? doing.fire(now, now.withWaits(now.waits().without(id)), link.get(), TouchedRow.NONE, outcome)
                : Doing.nothing(now, Optional.empty(), "No work “" + id + "” is waited for here.");
    }

    Stepped elapse(Situation start, int ms, Optional<String> outcome) {
        OptionalInt next = start.waits().untilDue();
        int due = next.orElse(ms);
        Situation now = start.fading(Math.min(ms, due));
        if (next.isEmpty() || ms < due) {
            return outcome.isPresent()
                    ? Doing.notOffered(start, Optional.empty(), outcome.get(), List.of())
                    : new Stepped(
                            now.waits().left().isEmpty()
                                    ? now
                                    : now.withWaits(now.waits().after(ms)),
                            new Happening.Passed(ms));
        }
        Waits after = now.waits().after(due);
        String id = after.due().orElseThrow();
        Situation spent = now.withWaits(after.without(id));
        Optional<Link> link = prototype.screen(now.screen()).stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> l.id().equals(id))
                .findFirst();
        return link.map(l -> doing.fire(now.withWaits(after), spent, l, TouchedRow.NONE, outcome))
                .orElseGet(() -> Doing.nothing(spent, Optional.empty(), "This wait’s link is gone."));
    }
}
