package pandel.core.edit.linking;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;

/**
 * What was chosen for links before, which the next ones take over where it fits.
 *
 * @param wanted the verb asked for before its target was found; it counts once
 * @param last the verb chosen last that needs a target
 * @param motions the motions chosen last, by the verb they were chosen for
 */
public record LinkingHabits(Optional<Verb> wanted, Optional<Verb> last, Map<Verb, Motion> motions) {

    /** Nothing was chosen yet. */
    public static final LinkingHabits NONE = new LinkingHabits(Optional.empty(), Optional.empty(), Map.of());

    public LinkingHabits {
        motions = Map.copyOf(motions);
    }

    /** The verb of the next target found; empty: the one the link has, or as usual. */
    public LinkingHabits wanting(Optional<Verb> verb) {
        return new LinkingHabits(verb, last, motions);
    }

    /** A verb was chosen; the next hotspot that is marked does the same, where it fits. */
    public LinkingHabits after(Verb verb) {
        return new LinkingHabits(wanted, Optional.of(verb).filter(Verb::needsTarget), motions);
    }

    /** The next links of that verb move so too; empty: as usual. */
    public LinkingHabits moving(Verb verb, Optional<Motion> motion) {
        Map<Verb, Motion> changed = new EnumMap<>(Verb.class);
        changed.putAll(motions);
        motion.ifPresentOrElse(m -> changed.put(verb, m), () -> changed.remove(verb));
        return new LinkingHabits(wanted, last, changed);
    }
}
