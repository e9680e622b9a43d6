package pandel.core.play.rule;

import java.util.HashMap;
import java.util.Map;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Value;

/** What stands in the fields of a place when it is made. */
final class FieldBeginnings {

    private FieldBeginnings() {}

    /** Whether anything stands in a field of a screen from the beginning. */
    static boolean areOn(Prototype prototype, String screen) {
        return prototype.index().hotspotsOn(screen).stream()
                .anyMatch(h -> h.begins().isPresent());
    }

    /**
     * By id of the field's hotspot; those in which nothing stands are left out.
     *
     * @param screen its id
     * @param given to the place
     * @param facts as they are when it is made
     */
    static Map<String, Value> of(Prototype prototype, String screen, Map<String, Value> given, Facts facts) {
        Known known = Known.of(facts, PlaceMemory.given(given));
        Map<String, Value> begun = new HashMap<>();
        for (Hotspot hotspot : prototype.index().hotspotsOn(screen)) {
            hotspot.begins()
                    .map(source -> known.value(prototype, source))
                    .filter(value -> !value.equals(Value.NOTHING))
                    .ifPresent(value -> begun.put(hotspot.id(), new Value.Text(value.shown())));
        }
        return begun;
    }
}
