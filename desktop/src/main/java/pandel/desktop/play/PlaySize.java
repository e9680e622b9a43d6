package pandel.desktop.play;

import java.util.function.Consumer;
import pandel.core.play.situation.Situation;
import pandel.desktop.work.Preferred;

/** How large the device stands, as it was chosen; its true size is known once the monitor has been measured. */
final class PlaySize {

    private final Preferred preferred;
    private final Consumer<String> say;
    private final Runnable changed;
    private DeviceSize now = DeviceSize.FIT;

    /**
     * @param say told why it cannot stand so
     * @param changed called once something was chosen
     */
    PlaySize(Preferred preferred, Consumer<String> say, Runnable changed) {
        this.preferred = preferred;
        this.say = say;
        this.changed = changed;
    }

    DeviceSize now() {
        return now;
    }

    /** The next there is. */
    void turn() {
        DeviceSize next = now.next();
        choose(next);
        if (now != next) {
            choose(next.next());
        }
    }

    /** One that is not known yet is told, and the size stays. */
    void choose(DeviceSize chosen) {
        if (chosen == DeviceSize.TRUE && preferred.now().dotsAMillimetre().isEmpty()) {
            say.accept("True size is known once the monitor has been measured: Preferences, with a bank card.");
        } else {
            now = chosen;
        }
        changed.run();
    }

    /** Interface px for each px of the device in a room. */
    double scale(Situation of, double wide, double high) {
        return now.scale(of, wide, high, preferred.now().dotsAMillimetre());
    }
}
