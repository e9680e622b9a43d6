package pandel.core.play.situation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * The places one came through on a level, the current one last. Never empty; immutable; put and drop cost nothing. The
 * places in the tab that a tab set shows are among them: its root says of which sets it is the root, and what their
 * other tabs keep.
 */
public final class Trail {

    private final Visit current;
    private final @Nullable Trail behind;
    private final int depth;

    private Trail(Visit current, @Nullable Trail behind) {
        this.current = current;
        this.behind = behind;
        this.depth = behind == null ? 1 : behind.depth + 1;
    }

    public static Trail of(Visit visit) {
        return new Trail(visit, null);
    }

    public Visit current() {
        return current;
    }

    /** The trail without its current place; empty when that was the only one. */
    public Optional<Trail> behind() {
        return Optional.ofNullable(behind);
    }

    public boolean isFirst() {
        return behind == null;
    }

    /** How many places it holds, 1 or more. */
    public int depth() {
        return depth;
    }

    public Trail put(Visit visit) {
        return new Trail(visit, this);
    }

    /** The same trail with another current place. */
    public Trail swapped(Visit visit) {
        return new Trail(visit, behind);
    }

    /**
     * The trail up to the nearest place of a screen or sequence behind the current one, or to a tab set there as it was
     * left; empty when there is none.
     */
    public Optional<Trail> behindTo(String id) {
        for (Trail t = behind; t != null; t = t.behind) {
            if (t.current.isNamed(id) || t.isIn(id) && !isIn(id)) {
                return Optional.of(t);
            }
        }
        return Optional.empty();
    }

    /**
     * With the nearest place behind the current one that is looked for changed; the same where there is none.
     *
     * @param change of the trail up to that place into its place as it is then
     */
    public Trail changingBehind(Predicate<Visit> looked, Function<Trail, Visit> change) {
        List<Visit> above = new ArrayList<>(List.of(current));
        for (Trail t = behind; t != null; t = t.behind) {
            if (looked.test(t.current)) {
                Trail made = t.swapped(change.apply(t));
                for (Visit visit : above.reversed()) {
                    made = made.put(visit);
                }
                return made;
            }
            above.add(t.current);
        }
        return this;
    }

    /** Whether the current place is in a tab set. */
    boolean isIn(String set) {
        return around().stream().anyMatch(t -> t.in().set().equals(set));
    }

    /** The tab sets around the current place, the outermost first. */
    public List<Tabs> around() {
        List<Tabs> found = new ArrayList<>();
        int wanted = current.inside();
        for (Trail t = this; t != null && wanted > 0; t = t.behind) {
            int covers = t.current.inside() - t.current.tabs().size();
            for (int deep = Math.min(wanted, t.current.inside()); deep > covers; deep--) {
                found.addFirst(t.current.tabs().get(deep - covers - 1));
                wanted--;
            }
        }
        return found;
    }

    /** The trail up to the root of the tab that a set around the current place shows. */
    private Trail root(String set) {
        Trail t = this;
        while (t.current.tabs().stream().noneMatch(x -> x.in().set().equals(set))) {
            t = Objects.requireNonNull(t.behind);
        }
        return t;
    }

    /** Back to the root of the tab that a set around the current place shows. */
    public Trail toRoot(String set) {
        return root(set);
    }

    /** The trail around the outermost tab set the current place is in; null when nothing is there. */
    private @Nullable Trail aroundTabs() {
        return current.inside() == 0 ? behind : root(around().getFirst().in().set()).behind;
    }

    /** With a place outside the tabs in place of the whole set. */
    public Trail swappedOutside(Visit visit) {
        return new Trail(visit, aroundTabs());
    }

    /** With another tab of a set shown, as it was left or from its root on; what lies above the set is gone. */
    public Trail showing(String set, boolean keeps, Visit fresh) {
        Trail top = this;
        while (!top.isIn(set)) {
            top = Objects.requireNonNull(top.behind);
        }
        Trail root = top.root(set);
        int at = root.current.tabs().stream().map(t -> t.in().set()).toList().indexOf(set);
        Tabs now = root.current.tabs().get(at);
        String tab = fresh.tabs().getFirst().in().tab();
        Map<String, List<Visit>> kept = new LinkedHashMap<>(keeps ? now.kept() : Map.of());
        List<Visit> left = new ArrayList<>();
        for (Trail t = top; t != null && t != root.behind; t = t.behind) {
            left.addFirst(t.current);
        }
        left.set(
                0,
                root.current.rootIn(
                        root.current.tabs().subList(at + 1, root.current.tabs().size())));
        if (keeps) {
            kept.put(now.in().tab(), left);
        }
        List<Visit> shown = kept.containsKey(tab)
                ? Objects.requireNonNull(kept.remove(tab))
                : List.of(fresh.rootIn(fresh.tabs().subList(1, fresh.tabs().size())));
        List<Tabs> of = new ArrayList<>(root.current.tabs().subList(0, at));
        of.add(new Tabs(new pandel.core.model.frame.InTab(set, tab, now.in().offered()), kept));
        of.addAll(shown.getFirst().tabs());
        int outer = root.current.inside() - root.current.tabs().size() + at;
        Trail made = new Trail(
                shown.getFirst()
                        .rootIn(of)
                        .inside(outer + 1 + shown.getFirst().tabs().size()),
                root.behind);
        for (Visit visit : shown.subList(1, shown.size())) {
            made = made.put(visit);
        }
        return made;
    }

    /** The places, the current one last. */
    public List<Visit> places() {
        List<Visit> places = new ArrayList<>(depth);
        for (Trail t = this; t != null; t = t.behind) {
            places.add(t.current);
        }
        return places.reversed();
    }

    /**
     * What makes a difference of its places, without motions and scroll: two that tell the same are the same in checks.
     */
    public List<Object> told() {
        return told(places());
    }

    private static List<Object> told(List<Visit> places) {
        return places.stream()
                .<Object>map(v -> List.of(
                        v.screen(),
                        v.held(),
                        v.at(),
                        v.inside(),
                        v.tabs().stream()
                                .map(t -> List.of(
                                        t.in(),
                                        t.kept().entrySet().stream()
                                                .map(e -> List.of(e.getKey(), told(e.getValue())))
                                                .collect(java.util.stream.Collectors.toSet())))
                                .toList()))
                .toList();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        if (!(other instanceof Trail trail) || trail.depth != depth) {
            return false;
        }
        Trail a = this;
        Trail b = trail;
        while (a != null && b != null && a != b) {
            if (!a.current.equals(b.current)) {
                return false;
            }
            a = a.behind;
            b = b.behind;
        }
        return true;
    }

    @Override
    public int hashCode() {
        return Objects.hash(current, depth);
    }

    @Override
    public String toString() {
        return places().toString();
    }
}
