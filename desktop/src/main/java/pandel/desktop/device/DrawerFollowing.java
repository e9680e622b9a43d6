package pandel.desktop.device;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.screen.PanelSide;
import pandel.core.play.situation.Situation;

/** The drawer that comes and goes on a device, at once or after a finger. */
final class DrawerFollowing {

    private final DeviceView device;

    DrawerFollowing(DeviceView device) {
        this.device = device;
    }

    /** Brings or takes away the drawer; true where that moves now, and the pages behind it change at once. */
    boolean drawer(Prototype prototype, Situation now, List<LevelView> before) {
        device.draws = Optional.empty();
        device.drawers.stay(prototype, now, device.scale);
        Optional<Drawer> open = now.drawer().flatMap(prototype::drawer);
        boolean onLevel = device.levels.size() == before.size() && !device.levels.isEmpty();
        boolean still = Platform.getPreferences().isReducedMotion() || !onLevel;
        Optional<LevelView> page = device.levels.isEmpty() ? Optional.empty() : Optional.of(device.levels.getLast());
        if (open.isPresent() && page.isPresent()) {
            double out = device.drawers
                    .moving()
                    .filter(d -> d.id().equals(open.get().id()))
                    .map(d -> device.drawers.out())
                    .orElse(0.0);
            device.drawers.drop(page);
            device.drawers.bring(prototype, now, open.get(), device.scale);
            device.drawers.at(still ? 1 : out, page.get());
            return slide(1, page.get());
        }
        if (device.drawers.moving().isEmpty()) {
            return false;
        }
        if (still) {
            device.drawers.drop(page);
            return false;
        }
        device.drawers.at(device.drawers.out(), page.orElseThrow());
        return slide(0, page.get());
    }

    /** The drawer goes on from where it is to all out, or all in. */
    boolean slide(double to, LevelView page) {
        device.levels.forEach(LevelView::still);
        device.rest();
        Runnable end = () -> {
            device.drawers.at(to, page);
            if (to == 0) {
                device.drawers.drop(Optional.of(page));
            }
            device.rest();
        };
        if (device.drawers.out() == to) {
            end.run();
            device.onRest.run();
        } else {
            device.run(device.drawers.slide(to, page), end);
        }
        return true;
    }

    /**
     * A drawer follows the finger.
     *
     * @param by interface px it was drawn sideways
     */
    boolean follow(Touched.Draws asked, double by) {
        if (device.draws.isEmpty()) {
            device.finishMotion();
            device.draws = Optional.of(asked);
            if (asked.out()) {
                device.drawers.bring(asked.prototype(), asked.now(), asked.drawer(), device.scale);
                device.drawers.at(0, device.levels.getLast());
                device.rest();
            }
        }
        double wide = device.drawers.moving().orElseThrow().wide();
        double share = (asked.drawer().panel().side() == PanelSide.LEFT ? by : -by) / wide;
        device.drawers.at(Math.clamp(asked.out() ? share : 1 + share, 0, 1), device.levels.getLast());
        return true;
    }

    /** Let go: it goes on if it was thrown that way, or has come more than halfway; else it goes back. */
    void letGoOfDrawer(double by, boolean thrown) {
        Touched.Draws asked = device.draws.orElseThrow();
        device.draws = Optional.empty();
        boolean outwards = asked.drawer().panel().side() == PanelSide.LEFT ? by > 0 : by < 0;
        boolean done = asked.out() == outwards
                && (thrown
                        || (asked.out()
                                ? device.drawers.out() > DeviceView.HALFWAY
                                : device.drawers.out() < DeviceView.HALFWAY));
        if (done) {
            asked.release().run();
        } else {
            slide(asked.out() ? 0 : 1, device.levels.getLast());
        }
    }
}
