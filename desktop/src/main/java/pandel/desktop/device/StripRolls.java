package pandel.desktop.device;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import pandel.core.model.frame.TabSet;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.StripPlace;

/**
 * Strips with more tabs than fit, as a finger or a wheel has scrolled them. When another tab is shown it is brought in
 * sight.
 */
public final class StripRolls {

    private final Map<String, Double> by = new HashMap<>();
    private Optional<StripPlace> held = Optional.empty();
    private double from;
    private final Runnable changed;

    /** @param changed told when one is scrolled */
    StripRolls(Runnable changed) {
        this.changed = changed;
    }

    /** A strip as it stands now. */
    StripPlace rolled(StripPlace place) {
        return new Scrolled(0, by, Optional.empty()).strip(place);
    }

    /** How far each is scrolled. */
    Map<String, Double> by() {
        return by;
    }

    /**
     * Scrolls one.
     *
     * @param more px onwards
     */
    public void roll(StripPlace place, double more) {
        put(place, place.shown().map(tab -> by.getOrDefault(tab, 0.0)).orElse(0.0) + more);
    }

    private void put(StripPlace place, double to) {
        place.shown().ifPresent(tab -> by.put(tab, place.within(to)));
        changed.run();
    }

    /**
     * A strip follows a finger along it.
     *
     * @param under the strip where the finger went down; asked while none follows
     * @param across whether it was drawn sideways
     * @param drawn px of the device that it was drawn
     * @return whether one follows
     */
    boolean follow(Supplier<Optional<StripPlace>> under, boolean across, double drawn) {
        if (held.isEmpty()) {
            held = under.get().filter(p -> p.look() == TabSet.Side.STRIP == across);
            from = held.flatMap(StripPlace::shown)
                    .map(t -> by.getOrDefault(t, 0.0))
                    .orElse(0.0);
        }
        held.ifPresent(p -> put(p, from - drawn));
        return held.isPresent();
    }

    /** @return whether one followed */
    boolean letGo() {
        boolean followed = held.isPresent();
        held = Optional.empty();
        return followed;
    }
}
