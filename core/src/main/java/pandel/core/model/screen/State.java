package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Known;
import pandel.core.model.value.ValueScope;

/**
 * Another look of a screen while conditions hold. It keeps the screen's hotspots unless it hides or moves them.
 *
 * @param conditions all must hold; none: it always holds, unless an earlier state does
 * @param mocks one for each width it was drawn for; none: it looks as the plain look does
 * @param hides ids of the hotspots, the screen's own and shared ones, that are not there in this look
 * @param moves areas that stand elsewhere in this look, by hotspot id
 */
@RecordBuilder
public record State(
        String id,
        String title,
        List<Condition> conditions,
        List<Mock> mocks,
        Set<String> hides,
        Map<String, Map<Width, Area>> moves,
        Rest rest)
        implements StateBuilder.With {

    public State {
        conditions = List.copyOf(conditions);
        mocks = List.copyOf(mocks);
        hides = Collections.unmodifiableSet(new LinkedHashSet<>(hides));
        Map<String, Map<Width, Area>> sorted = new LinkedHashMap<>();
        moves.forEach((hotspot, areas) -> {
            if (!areas.isEmpty()) {
                sorted.put(hotspot, Collections.unmodifiableMap(new EnumMap<>(areas)));
            }
        });
        moves = Collections.unmodifiableMap(sorted);
    }

    /** A look like the plain one. */
    public static State of(String id, String title, List<Condition> conditions) {
        return new State(id, title, conditions, List.of(), Set.of(), Map.of(), Rest.NONE);
    }

    /** Whether all its conditions hold. */
    public boolean holds(ValueScope scope, Known known) {
        return conditions.stream().allMatch(c -> c.holds(scope, known));
    }

    /** A hotspot as it stands in this look; empty when it is hidden. */
    public Optional<Hotspot> showing(Hotspot hotspot) {
        if (hides.contains(hotspot.id())) {
            return Optional.empty();
        }
        Map<Width, Area> moved = moves.get(hotspot.id());
        if (moved == null) {
            return Optional.of(hotspot);
        }
        Map<Width, Area> areas = new EnumMap<>(Width.class);
        areas.putAll(hotspot.areas());
        areas.putAll(moved);
        return Optional.of(hotspot.withAreas(areas));
    }

    public String shownTitle() {
        return title.isBlank() ? "Untitled look" : title;
    }
}
