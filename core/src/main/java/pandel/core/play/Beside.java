package pandel.core.play;

import java.util.Optional;
import pandel.core.play.situation.AtWork;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;

/** What is done on the list beside a detail. */
final class Beside {

    private Beside() {}

    /** Any other thing than a move leaves the detail where it is. */
    static Stepped list(Situation now, Situation list, Stepped stepped) {
        Situation after = stepped.situation();
        if (stepped.happening() instanceof Happening.Moved || stepped.happening() instanceof Happening.Left) {
            return stepped;
        }
        Visit place = after.top().trail().current();
        Trail trail = place.equals(list.top().trail().current())
                ? now.top().trail()
                : list.top().trail().swapped(place).put(now.top().trail().current());
        Optional<AtWork> work = after.work().map(AtWork::ofList);
        return new Stepped(
                now.withTop(now.top().with(trail))
                        .with(after.facts())
                        .telling(after.notice())
                        .drawn(after.drawer())
                        .withWork(work),
                stepped.happening());
    }
}
