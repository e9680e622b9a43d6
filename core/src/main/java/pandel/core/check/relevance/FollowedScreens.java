package pandel.core.check.relevance;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Status;

/**
 * The screens and sequences that links <i>return to</i>. Whether one lies behind doubles what has to be told apart, so
 * only as many are followed as there is room for, the most often named first; of the others the checks say that they do
 * not know.
 */
public final class FollowedScreens {

    /** Followed together at most. */
    public static final int MOST = 6;
    /** Cells that may be told apart, at least, and in proportion to the screens. */
    private static final int ROOM = 4000;

    private static final int ROOM_EACH = 4;

    private final Map<String, Integer> bits = new HashMap<>();
    private final Set<String> unfollowed = new HashSet<>();

    private FollowedScreens() {}

    /** @param most followed together at most */
    public static FollowedScreens in(Prototype prototype, int most) {
        Map<String, Integer> times = new LinkedHashMap<>();
        prototype
                .index()
                .ways()
                .forEach(way -> way.link().effects().forEach(effect -> {
                    if (effect instanceof Effect.ReturnTo to
                            && Targets.isThere(prototype, to.to())
                            && Targets.shown(prototype, to.to())
                                    .filter(s -> s.status() == Status.PARKED)
                                    .isEmpty()) {
                        times.merge(to.to().id(), 1, Integer::sum);
                    }
                }));
        List<String> named = times.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
        FollowedScreens made = new FollowedScreens();
        for (String screen : named) {
            int bit = made.bits.size();
            boolean room = bit < most
                    && (2L << bit) * prototype.screens().size()
                            <= Math.max(
                                    ROOM, ROOM_EACH * (long) prototype.screens().size());
            if (room) {
                made.bits.put(screen, bit);
            } else {
                made.unfollowed.add(screen);
            }
        }
        return made;
    }

    /** The bit of a screen, 0 for one that is not followed. */
    public int mark(String screen) {
        Integer bit = bits.get(screen);
        return bit == null ? 0 : 1 << bit;
    }

    /** Whether links return to it and it is not followed. */
    public boolean isUnfollowed(String screen) {
        return unfollowed.contains(screen);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof FollowedScreens o && bits.equals(o.bits) && unfollowed.equals(o.unfollowed);
    }

    @Override
    public int hashCode() {
        return bits.hashCode();
    }
}
