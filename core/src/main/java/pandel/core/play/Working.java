package pandel.core.play;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Rules;
import pandel.core.play.situation.AtWork;
import pandel.core.play.situation.Situation;

/** What has an effect while a link is at work: device back, time, the work being done, another size of the device. */
final class Working {

    private final Prototype prototype;
    private final Rules rules;
    private final Doing doing;

    Working(Prototype prototype, Rules rules, Doing doing) {
        this.prototype = prototype;
        this.rules = rules;
        this.doing = doing;
    }

    /** Whether an event is looked at here, and not as if nothing was at work. */
    static boolean isMeant(Situation now, Event plain) {
        return now.work().isPresent() && !(plain instanceof Event.Resize);
    }

    /** @param plain the event without its outcome */
    Stepped step(Situation now, Event plain, Optional<String> outcome) {
        AtWork work = now.work().orElseThrow();
        return switch (plain) {
            case Event.DeviceBack back -> back(now, work, outcome);
            case Event.Touched t
            when t.gesture().isOfEdge() && now.device().goesBackBy(t.gesture()) -> back(now, work, outcome);
            case Event.Done done
            when done.link().equals(work.link()) && work.left().isEmpty() -> end(now, now, work, outcome);
            case Event.Elapse elapse -> elapse(now, work, elapse.ms(), outcome);
            default ->
                outcome.isPresent()
                        ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                        : Doing.nothing(
                                now, Optional.empty(), "It is at work, and nothing answers until that is done.");
        };
    }

    private Stepped back(Situation now, AtWork work, Optional<String> outcome) {
        if (outcome.isPresent()) {
            return Doing.notOffered(now, Optional.empty(), outcome.get(), List.of());
        }
        if (!now.device().goesBack()) {
            return doing.framed(now, rules.deviceBack(now.head()), outcome);
        }
        boolean givenUp = link(work).flatMap(Link::takes).map(Takes::givenUp).orElse(true);
        return givenUp
                ? new Stepped(now.withWork(Optional.empty()), new Happening.Working(Optional.of(work.link()), true))
                : Doing.nothing(now, Optional.of(work.link()), "Device back does not give this work up.");
    }

    private Stepped elapse(Situation now, AtWork work, int ms, Optional<String> outcome) {
        int due = work.left().orElse(Integer.MAX_VALUE);
        Situation later = now.fading(Math.min(ms, due));
        if (ms < due) {
            return outcome.isPresent()
                    ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                    : new Stepped(later.withWork(Optional.of(work.after(ms))), new Happening.Passed(ms));
        }
        return end(later.withWork(Optional.of(work.after(due))), later, work, outcome);
    }

    /**
     * Conditions and outcomes are looked at as they are now.
     *
     * @param asking where it stays while the outcome is not chosen yet
     */
    private Stepped end(Situation asking, Situation now, AtWork work, Optional<String> outcome) {
        Situation done = now.withWork(Optional.empty());
        Optional<Link> link = link(work);
        if (link.isEmpty()) {
            return Doing.nothing(done, Optional.empty(), "The link that was at work is gone.");
        }
        if (!work.onList()) {
            return doing.end(asking, done, done.head().atRow(work.row()), link.get(), outcome);
        }
        return Under.list(prototype, done)
                .map(list -> {
                    Head head = list.now().head().beside(done.screen()).atRow(work.row());
                    Stepped stepped = doing.end(list.now(), list.now(), head, link.get(), outcome);
                    return stepped.happening() instanceof Happening.Asks
                            ? new Stepped(asking, stepped.happening())
                            : Beside.list(done, list.now(), stepped);
                })
                .orElseGet(() -> Doing.nothing(
                        done,
                        Optional.of(work.link()),
                        "The list it was begun on does not stand beside this any more."));
    }

    private Optional<Link> link(AtWork work) {
        return prototype.index().way(work.link()).map(Index.Way::link);
    }
}
