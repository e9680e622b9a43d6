package pandel.desktop.stage;

import java.util.function.Supplier;
import javafx.util.Subscription;

/** What a stage follows while it is in sight, and lets go of when it is not. */
public final class WhileShown {

    private final Supplier<Subscription> follow;
    private Subscription following = Subscription.EMPTY;
    private boolean on;

    /** @param follow begins to follow */
    public WhileShown(Supplier<Subscription> follow) {
        this.follow = follow;
    }

    public void begin() {
        end();
        on = true;
        following = follow.get();
    }

    public void end() {
        on = false;
        following.unsubscribe();
        following = Subscription.EMPTY;
    }

    /** Whether the stage is in sight. */
    public boolean isOn() {
        return on;
    }
}
