package pandel.core.play.rule;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Known;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/**
 * What a place is given when something leads to it.
 *
 * @param values by name; only what the screen expects
 * @param missing why it cannot be led to; empty when it can
 */
public record CarriedValues(Map<String, Value> values, Optional<RuleOutcome.Refused> missing) {

    /** All that is carried to a target and is something now, by name. */
    static Map<String, Value> offered(Prototype prototype, Target target, Known known) {
        Map<String, Value> offered = new TreeMap<>();
        target.values().forEach((name, source) -> {
            Value value = known.value(prototype, source);
            if (!value.equals(Value.NOTHING)) {
                offered.put(name, value);
            }
        });
        return offered;
    }

    /** What a target is given. What is empty, or of the wrong type, is missing; the default comes first. */
    public static CarriedValues of(Prototype prototype, Target target, Screen screen, Known known) {
        if (screen.expects().isEmpty()) {
            return new CarriedValues(Map.of(), Optional.empty());
        }
        Map<String, Value> values = new TreeMap<>();
        for (Expected expected : screen.expects()) {
            Optional<Source> source = Optional.ofNullable(target.values().get(expected.name()));
            Optional<Value> value = source.map(s -> known.value(prototype, s))
                    .flatMap(expected::take)
                    .or(expected::fallback);
            if (value.isPresent()) {
                values.put(expected.name(), value.get());
            } else if (expected.required()) {
                return new CarriedValues(
                        Map.of(),
                        Optional.of(new RuleOutcome.Refused(
                                "“" + screen.shownTitle() + "” needs a value for “" + expected.name() + "”, and "
                                        + source.map(s -> "“" + s.words(prototype) + "” is none now.")
                                                .orElse("nothing carries one."),
                                Optional.of(new RuleOutcome.Lack(screen.id(), expected.name())))));
            }
        }
        return new CarriedValues(values, Optional.empty());
    }

    /** What a screen is given by an address. */
    public static CarriedValues of(Prototype prototype, Screen screen, Map<String, Value> values) {
        Map<String, Source> carried = new TreeMap<>();
        values.forEach((name, value) -> carried.put(name, Source.of(value)));
        return of(
                prototype,
                new Target.ToScreen(screen.id(), carried),
                screen,
                Known.of(pandel.core.model.value.Facts.NONE));
    }
}
