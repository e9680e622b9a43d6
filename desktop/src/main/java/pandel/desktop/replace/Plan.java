package pandel.desktop.replace;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.edit.screen.PictureEdits.Swap;
import pandel.core.model.screen.Screen;
import pandel.files.replace.Had;
import pandel.files.replace.Pairing;
import pandel.files.replace.Pairing.Kind;

/**
 * What is to be done with pictures that came, as proposed and then corrected. Each correction gives another plan.
 *
 * @param left pictures that came and are not taken
 * @param removed pictures had whose screens go
 */
record Plan(List<Pairing> pairings, Set<Pairing> left, Set<Pairing> removed) {

    static Plan of(List<Pairing> pairings) {
        // What only may be a newer one is left until a person says so.
        return new Plan(
                List.copyOf(pairings),
                pairings.stream().filter(p -> p.kind() == Kind.PERHAPS).collect(Collectors.toUnmodifiableSet()),
                Set.of());
    }

    long count(Kind kind) {
        return pairings.stream().filter(p -> p.kind() == kind).count();
    }

    /** Pictures had that nothing goes with: those a new one can be put on. */
    List<Had> free() {
        return pairings.stream()
                .filter(p -> p.kind() == Kind.GONE)
                .map(p -> p.had().orElseThrow())
                .toList();
    }

    /** Lets what came in one pairing go with a picture had that was free. */
    Plan goesWith(Pairing came, Had had) {
        List<Pairing> all = new ArrayList<>();
        for (Pairing p : pairings) {
            if (p == came) {
                p.had().ifPresent(old -> all.add(Pairing.gone(old)));
            } else if (p.had().equals(Optional.of(had))) {
                all.add(Pairing.chosen(had, came.came().orElseThrow()));
            } else {
                all.add(p);
            }
        }
        return new Plan(List.copyOf(all), without(left, came), without(removed, came));
    }

    /** Takes a pairing apart: one picture gone, one new. */
    Plan apart(Pairing pairing) {
        List<Pairing> all = new ArrayList<>();
        for (Pairing p : pairings) {
            if (p == pairing) {
                all.add(Pairing.gone(p.had().orElseThrow()));
            } else {
                all.add(p);
            }
        }
        all.add(Pairing.fresh(pairing.came().orElseThrow()));
        return new Plan(List.copyOf(all), left, removed);
    }

    /** Leaves what came out, or takes it after all. */
    Plan leave(Pairing pairing) {
        return new Plan(pairings, toggled(left, pairing), removed);
    }

    /** Lets the screen of a picture that is gone go too, or stay after all. */
    Plan remove(Pairing pairing) {
        return new Plan(pairings, left, toggled(removed, pairing));
    }

    boolean isLeft(Pairing pairing) {
        return left.contains(pairing);
    }

    boolean isRemoved(Pairing pairing) {
        return removed.contains(pairing);
    }

    List<Swap> swaps() {
        return pairings.stream()
                .filter(p -> p.replaces() && !left.contains(p))
                .map(p -> new Swap(
                        p.had().orElseThrow().screen().id(),
                        p.had().orElseThrow().picture(),
                        p.came().orElseThrow().picture()))
                .toList();
    }

    List<Screen> added() {
        return pairings.stream()
                .filter(p -> p.kind() == Kind.NEW && !left.contains(p))
                .map(p -> p.came().orElseThrow().screen())
                .toList();
    }

    List<Screen> screensRemoved() {
        return pairings.stream()
                .filter(removed::contains)
                .map(p -> p.had().orElseThrow().screen())
                .distinct()
                .toList();
    }

    /** What the button does, in words; empty when there is nothing to do. */
    String does() {
        List<String> parts = new ArrayList<>();
        part(parts, "replace", swaps().size());
        part(parts, "add", added().size());
        part(parts, "remove", screensRemoved().size());
        String all = String.join(", ", parts);
        return all.isEmpty() ? "" : Character.toUpperCase(all.charAt(0)) + all.substring(1);
    }

    private static void part(List<String> parts, String verb, int n) {
        if (n > 0) {
            parts.add(verb + " " + n);
        }
    }

    private static Set<Pairing> without(Set<Pairing> set, Pairing gone) {
        Set<Pairing> changed = new HashSet<>(set);
        changed.remove(gone);
        return Set.copyOf(changed);
    }

    private static Set<Pairing> toggled(Set<Pairing> set, Pairing one) {
        Set<Pairing> changed = new HashSet<>(set);
        if (!changed.remove(one)) {
            changed.add(one);
        }
        return Set.copyOf(changed);
    }
}
