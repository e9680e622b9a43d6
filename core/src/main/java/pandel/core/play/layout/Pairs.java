package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Pair;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;

/** A list beside its detail on a wide device. */
public final class Pairs {

    private Pairs() {}

    /**
     * A list drawn beside the current place.
     *
     * @param returned the situation as if the detail had been returned from
     * @param list where the list stands
     * @param detail where the detail stands
     */
    public record Beside(Pair pair, Situation returned, Room list, Room detail) {}

    /** The list beside the current place of the top level; empty where none is. */
    public static Optional<Beside> beside(Prototype prototype, Situation now) {
        return beside(prototype, now, now.levels().size() - 1);
    }

    /**
     * The list beside the current place of a level: right behind it on the trail, in the same tab.
     *
     * @param level counted from 0, the base
     */
    public static Optional<Beside> beside(Prototype prototype, Situation now, int level) {
        if (prototype.pairs().isEmpty()
                || prototype.widths().of(now.width()) != Width.WIDE
                || now.device().refuses(Cannot.PAIRS)) {
            return Optional.empty();
        }
        Trail trail = now.levels().get(level).trail();
        Visit detail = trail.current();
        Optional<Visit> list = trail.behind()
                .map(Trail::current)
                .filter(v -> v.at().isEmpty()
                        && detail.at().isEmpty()
                        && detail.tabs().isEmpty()
                        && v.inside() == detail.inside());
        return list.flatMap(v -> prototype.pairs().stream()
                        .filter(p -> p.list().equals(v.screen()) && p.detail().equals(detail.screen()))
                        .findFirst())
                .map(pair -> {
                    Room whole = Room.whole(prototype, now, level);
                    return new Beside(
                            pair,
                            with(now, level, trail.behind().orElseThrow()),
                            whole.list(prototype.widths(), pair),
                            whole.detail(prototype.widths(), pair));
                });
    }

    private static Situation with(Situation now, int level, Trail trail) {
        List<Level> levels = new ArrayList<>(now.levels());
        levels.set(level, levels.get(level).with(trail));
        return now.withLevels(levels);
    }
}
