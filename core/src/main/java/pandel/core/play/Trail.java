package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The places one came through on a level, the current one last. Never empty; immutable; put and drop cost nothing. */
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

    /** The trail up to the nearest place of a screen or sequence behind the current one; empty when there is none. */
    public Optional<Trail> behindTo(String screen) {
        for (Trail t = behind; t != null; t = t.behind) {
            if (t.current.isNamed(screen)) {
                return Optional.of(t);
            }
        }
        return Optional.empty();
    }

    /** The places, the current one last. */
    public List<Visit> places() {
        List<Visit> places = new ArrayList<>(depth);
        for (Trail t = this; t != null; t = t.behind) {
            places.add(t.current);
        }
        return places.reversed();
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
