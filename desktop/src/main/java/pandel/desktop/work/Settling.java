package pandel.desktop.work;

import java.util.ArrayList;
import java.util.List;
import javafx.util.Subscription;

/**
 * Tells once that something has changed, when all that changes with it has: whoever looks then sees what belongs
 * together. Used on the interface thread alone.
 */
final class Settling {

    private final List<Runnable> told = new ArrayList<>();
    private int depth;
    private boolean changed;

    /** Does what changes several things; a change within another is told with it. */
    void during(Runnable change) {
        depth++;
        try {
            change.run();
        } finally {
            depth--;
            tell();
        }
    }

    /** Something changed; at once when nothing else is under way. */
    void changed() {
        changed = true;
        tell();
    }

    private void tell() {
        if (changed && depth == 0) {
            changed = false;
            List.copyOf(told).forEach(Runnable::run);
        }
    }

    Subscription subscribe(Runnable listener) {
        told.add(listener);
        return () -> told.remove(listener);
    }
}
