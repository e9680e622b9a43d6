package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.RowOrigin;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;

/** The list that a row's place was come to from, scrolled no further than needed for that row to be in sight. */
public final class RowInSight {

    private RowInSight() {}

    /** The same with the nearest list behind the current place, or beneath it, at the row the place shows. */
    public static Situation on(Prototype prototype, Situation now) {
        Optional<RowOrigin> row = now.top().trail().current().held().from();
        if (row.isEmpty()) {
            return now;
        }
        for (int level = now.levels().size() - 1; level >= 0; level--) {
            Trail trail = now.levels().get(level).trail();
            boolean top = level == now.levels().size() - 1;
            Trail scrolled = !top && has(prototype, trail.current(), row.get())
                    ? trail.swapped(at(prototype, now, level, trail, row.get()))
                    : scrolledBehind(prototype, now, level, trail, row.get());
            if (scrolled != trail) {
                List<Level> levels = new ArrayList<>(now.levels());
                levels.set(level, levels.get(level).with(scrolled));
                return now.withLevels(levels);
            }
        }
        return now;
    }

    private static Trail scrolledBehind(Prototype prototype, Situation now, int level, Trail trail, RowOrigin row) {
        return trail.changingBehind(v -> has(prototype, v, row), upTo -> at(prototype, now, level, upTo, row));
    }

    private static boolean has(Prototype prototype, Visit visit, RowOrigin row) {
        return prototype.index().hotspotsOn(visit.screen()).stream().anyMatch(h -> h.id().equals(row.list()));
    }

    private static Visit at(Prototype prototype, Situation now, int level, Trail list, RowOrigin row) {
        List<Level> levels = new ArrayList<>(now.levels().subList(0, level + 1));
        levels.set(level, levels.get(level).with(list));
        Situation back = now.withLevels(levels);
        Room room = Room.of(prototype, back, level);
        Optional<Look> look = back.look(prototype);
        Hotspot hotspot = prototype.index().hotspot(row.list()).orElseThrow();
        Optional<Area> area = look.flatMap(l -> l.hotspots(prototype).stream()
                .filter(h -> h.id().equals(hotspot.id()))
                .findFirst()
                .flatMap(h -> l.areaOf(h, room.on())));
        if (look.isEmpty() || area.isEmpty()) {
            return list.current();
        }
        Placement placement = Placement.of(look.get(), room, now.height());
        double high = area.get().height() / hotspot.rows().size() * placement.factor();
        double top = area.get().y() * placement.factor() + (row.number() - 1) * high;
        double seen = placement.height() - placement.maxScroll() - placement.fixedBottom();
        double least = Math.max(0, top + high - seen);
        double most = Math.max(0, top - placement.fixedTop());
        // A row higher than what is seen begins at the top.
        double scroll = Math.min(Math.max(list.current().scroll(), least), most);
        return list.current().scrolledTo(Math.min(scroll, placement.maxScroll()));
    }
}
