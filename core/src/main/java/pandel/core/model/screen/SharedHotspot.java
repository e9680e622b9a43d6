package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;
import pandel.core.model.rest.Rest;

/**
 * A hotspot that stands on many screens: made once, seen on each, changed everywhere at once.
 *
 * @param screens ids of the screens it stands on, in the order they were given
 */
@RecordBuilder
public record SharedHotspot(Hotspot hotspot, Set<String> screens, Rest rest) implements SharedHotspotBuilder.With {

    public SharedHotspot {
        screens = Collections.unmodifiableSet(new LinkedHashSet<>(screens));
    }

    public SharedHotspot on(Collection<String> newScreens) {
        return new SharedHotspot(hotspot, new LinkedHashSet<>(newScreens), rest);
    }
}
