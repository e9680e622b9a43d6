package pandel.player;

import java.util.Optional;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;

/** What is touched by its name, as a screen reader or a key does, rather than by a point. */
final class Touch {

    private Touch() {}

    /**
     * The event; empty where it is none.
     *
     * @param told a word for what it is, then its id
     */
    static Optional<Event> of(String told) {
        String[] parts = told.split(" ", 2);
        String id = parts.length > 1 ? parts[1] : "";
        return Optional.ofNullable(
                        switch (parts[0]) {
                            case "tab" -> new Event.On.OnTab(id);
                            case "item" -> new Event.On.OnItem(id);
                            case "sign" -> new Event.On.OnSign(id);
                            case "button" -> new Event.On.OnButton(id);
                            case "action" -> new Event.On.OnAction(id);
                            case "notice" -> new Event.On.OnNotice();
                            case "outside" -> new Event.On.Outside();
                            case "away" -> new Event.On.Away();
                            case "skip" -> new Event.On.OnSkip();
                            case "turn" -> new Event.On.OnTurn(turn(id));
                            case "hotspot" -> hotspot(id);
                            default -> null;
                        })
                .map(on -> new Event.Touched(Gesture.TAP, on));
    }

    private static PageTurn turn(String which) {
        return switch (which) {
            case "next" -> new PageTurn.Next();
            case "previous" -> new PageTurn.Previous();
            default -> new PageTurn.To(Integer.parseInt(which));
        };
    }

    private static Event.On hotspot(String rowAndId) {
        String[] parts = rowAndId.split(" ", 2);
        return new Event.On.OnHotspot(parts[1], Integer.parseInt(parts[0]));
    }
}
