package pandel.core.edit.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** A hotspot that waits for a link, on a screen. */
public record Waiting(Screen screen, Hotspot hotspot) {

    /** All of them, in the order of the screens; a shared one once. */
    public static List<Waiting> in(Prototype prototype) {
        List<Waiting> waiting = new ArrayList<>();
        for (Screen screen : prototype.screens()) {
            for (Hotspot hotspot : prototype.index().hotspotsOn(screen.id())) {
                if (hotspot.waitsForLink() && waiting.stream().noneMatch(w -> w.hotspot() == hotspot)) {
                    waiting.add(new Waiting(screen, hotspot));
                }
            }
        }
        return waiting;
    }

    /**
     * The next one behind a hotspot of a screen, or behind the screen's start; round again from the first.
     *
     * @param hotspot id; none: empty
     */
    public static Optional<Waiting> after(Prototype prototype, String screen, String hotspot) {
        List<Waiting> all = in(prototype);
        List<String> order = prototype.screens().stream().map(Screen::id).toList();
        int here = order.indexOf(screen);
        int at = prototype.index().hotspotsOn(screen).stream()
                .map(Hotspot::id)
                .toList()
                .indexOf(hotspot);
        return all.stream()
                .filter(w -> {
                    int there = order.indexOf(w.screen().id());
                    return there > here
                            || there == here
                                    && prototype.index().hotspotsOn(screen).indexOf(w.hotspot()) > at;
                })
                .findFirst()
                .or(() -> all.stream().findFirst());
    }
}
