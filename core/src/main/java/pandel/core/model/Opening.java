package pandel.core.model;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.AddressForm;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Value;

/**
 * What an address typed by a person opens.
 *
 * @param entry with its values
 * @param dropped names of what it holds besides, that the address does not know or the target does not expect
 */
public record Opening(Entry entry, List<String> dropped) {

    /**
     * The entry an address typed by a person opens, with its values: the one with the fewest to fill. It fits when all
     * that may not be left out is there and of the right type.
     */
    public static Optional<Opening> of(Prototype prototype, String typed) {
        return prototype.entries().stream()
                .filter(e -> e.form().isPresent())
                .sorted(Comparator.comparingInt(e -> e.names().size()))
                .flatMap(e ->
                        e.form().flatMap(f -> f.fits(typed.strip())).flatMap(fit -> of(prototype, e, fit)).stream())
                .findFirst();
    }

    private static Optional<Opening> of(Prototype prototype, Entry entry, AddressForm.Fit fit) {
        Map<String, Value> values = new TreeMap<>(entry.values());
        entry.names().forEach(values::remove);
        List<String> dropped = new ArrayList<>(fit.unknown());
        List<Expected> expected =
                Targets.shown(prototype, entry.target()).map(Screen::expects).orElse(List.of());
        for (Map.Entry<String, String> one : fit.values().entrySet()) {
            Value value = new Value.Text(one.getValue());
            Optional<Expected> by =
                    expected.stream().filter(x -> x.name().equals(one.getKey())).findFirst();
            if (by.isPresent() && by.get().take(value).isEmpty()) {
                return Optional.empty();
            }
            if (by.isEmpty() && entry.target() instanceof Target.ToScreen) {
                dropped.add(one.getKey());
            }
            values.put(one.getKey(), value);
        }
        return Optional.of(new Opening(entry.opened(values), dropped));
    }
}
