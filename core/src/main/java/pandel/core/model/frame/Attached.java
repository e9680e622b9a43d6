package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Where a frame that lies over screens, or beside them, is attached.
 *
 * @param all to all screens of form page
 * @param screens ids of screens
 * @param tabSets ids of tab sets, anywhere inside of which it is
 */
@RecordBuilder
public record Attached(boolean all, Set<String> screens, Set<String> tabSets) {
    /** To all pages. */
    public static final Attached ALL = new Attached(true, Set.of(), Set.of());

    public Attached {
        screens = Collections.unmodifiableSet(new LinkedHashSet<>(screens));
        tabSets = Collections.unmodifiableSet(new LinkedHashSet<>(tabSets));
    }

    /** To some screens. */
    public static Attached to(List<String> screens) {
        return new Attached(false, new LinkedHashSet<>(screens), Set.of());
    }

    /** The same without some screens and tab sets. */
    public Attached without(Set<String> gone) {
        return new Attached(all, kept(screens, gone), kept(tabSets, gone));
    }

    /**
     * The same with copies of screens where those are.
     *
     * @param copies their ids by those of what they were copied from
     */
    public Attached withCopies(Map<String, String> copies) {
        return new Attached(all, withCopies(screens, copies), tabSets);
    }

    /** Screens, and copies of those that are among them. */
    public static Set<String> withCopies(Set<String> screens, Map<String, String> copies) {
        Set<String> with = new LinkedHashSet<>(screens);
        screens.stream()
                .flatMap(s -> Optional.ofNullable(copies.get(s)).stream())
                .forEach(with::add);
        return with;
    }

    private static Set<String> kept(Set<String> of, Set<String> gone) {
        Set<String> kept = new LinkedHashSet<>(of);
        kept.removeAll(gone);
        return kept;
    }
}
