package pandel.core.model.remark;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The remarks that something is left to do about. */
public final class OpenRemarks {

    private OpenRemarks() {}

    /** Those of some on a screen and on all that is on it. */
    public static List<Remark> on(List<Remark> all, String screen) {
        return all.stream()
                .filter(r -> !r.settled() && r.screen().equals(screen))
                .toList();
    }

    /** Ids of the hotspots of a screen that some are pinned to. */
    public static Set<String> onHotspots(List<Remark> all, String screen) {
        return on(all, screen).stream().flatMap(r -> r.hotspot().stream()).collect(Collectors.toSet());
    }
}
