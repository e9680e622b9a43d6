package pandel.desktop.links.desk;

import java.util.List;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.stage.Command;

/** Keys that move and size what is chosen on the desk. */
public final class DeskKeys {

    /** How the desk makes a command. */
    public interface Maker {
        Command here(String title, Runnable action, String key);
    }

    private DeskKeys() {}

    public static List<Command> moving(DeskActions actions, Maker desk) {
        return List.of(
                desk.here("Move left", () -> actions.nudge(-1, 0), "Left"),
                        desk.here("Move right", () -> actions.nudge(1, 0), "Right"),
                desk.here("Move up", () -> actions.nudge(0, -1), "Up"),
                        desk.here("Move down", () -> actions.nudge(0, 1), "Down"),
                desk.here("Move left by 10", () -> actions.nudge(-10, 0), "Shift+Left"),
                        desk.here("Move right by 10", () -> actions.nudge(10, 0), "Shift+Right"),
                desk.here("Move up by 10", () -> actions.nudge(0, -10), "Shift+Up"),
                        desk.here("Move down by 10", () -> actions.nudge(0, 10), "Shift+Down"),
                desk.here("Narrower", () -> actions.grow(-1, 0), "Shortcut+Left"),
                        desk.here("Wider", () -> actions.grow(1, 0), "Shortcut+Right"),
                desk.here("Lower", () -> actions.grow(0, -1), "Shortcut+Up"),
                        desk.here("Higher", () -> actions.grow(0, 1), "Shortcut+Down"));
    }
}
