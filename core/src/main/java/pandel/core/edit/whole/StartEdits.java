package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.AddressForm;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Value;

/** Edits of where play can begin: entries with addresses, and start points. */
public final class StartEdits {

    private StartEdits() {}

    /**
     * Why an address cannot be used; empty when it can.
     *
     * @param entry id of the entry it is for; its own address is no clash
     */
    public static Optional<String> whyNot(Prototype prototype, String entry, String address) {
        Optional<AddressForm> form = AddressForm.of(address);
        if (form.isEmpty()) {
            return Optional.of(
                    "An address begins with / and goes on in parts, /part/{value}. A last part may be left out "
                            + "as {value?}; named ones stand behind, ?name={value}&more={value?}.");
        }
        String shape = form.get().shape();
        return prototype.entries().stream()
                .filter(e -> !e.id().equals(entry))
                .filter(e ->
                        e.form().map(AddressForm::shape).filter(shape::equals).isPresent())
                .findFirst()
                .map(e -> "“" + e.address().orElseThrow() + "” already leads to “"
                        + prototype
                                .screen(Targets.shownId(prototype, e.target()))
                                .map(pandel.core.model.screen.Screen::shownTitle)
                                .orElse(e.target().id())
                        + "”.");
    }

    /**
     * What an address typed by a person opens.
     *
     * @param entry with its values
     * @param dropped names of what it holds besides, that the address does not know or the target does not expect
     */
    public record Opening(Entry entry, List<String> dropped) {}

    /**
     * The entry an address typed by a person opens, with its values: the one with the fewest to fill. It fits when all
     * that may not be left out is there and of the right type.
     */
    public static Optional<Opening> opening(Prototype prototype, String typed) {
        return prototype.entries().stream()
                .filter(e -> e.form().isPresent())
                .sorted(Comparator.comparingInt(e -> e.names().size()))
                .flatMap(e ->
                        e
                                .form()
                                .flatMap(f -> f.fits(typed.strip()))
                                .flatMap(fit -> opening(prototype, e, fit))
                                .stream())
                .findFirst();
    }

    public static Optional<Entry> opened(Prototype prototype, String typed) {
        return opening(prototype, typed).map(Opening::entry);
    }

    private static Optional<Opening> opening(Prototype prototype, Entry entry, AddressForm.Fit fit) {
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

    /** Adds an entry, or changes the one of its id. */
    public static Edit entry(Entry entry) {
        return Edit.of("let " + entry.address().orElse("the main entry") + " lead somewhere", p -> {
            List<Entry> all = new ArrayList<>(p.entries());
            all.replaceAll(e -> e.id().equals(entry.id()) ? entry : e);
            if (all.stream().noneMatch(e -> e.id().equals(entry.id()))) {
                all.add(entry);
            }
            return p.withEntries(all);
        });
    }

    public static Edit removeEntry(Entry entry) {
        return Edit.of(
                "remove the entry " + entry.address().orElse(""),
                p -> p.withEntries(p.entries().stream()
                        .filter(e -> !e.id().equals(entry.id()))
                        .toList()));
    }

    /** Keeps a start point, in place of one with its id. */
    public static Edit keep(StartPoint point) {
        return Edit.of("keep the start point “" + point.title() + "”", p -> {
            List<StartPoint> all = new ArrayList<>(p.startPoints());
            all.replaceAll(s -> s.id().equals(point.id()) ? point : s);
            if (all.stream().noneMatch(s -> s.id().equals(point.id()))) {
                all.add(point);
            }
            return p.withStartPoints(all);
        });
    }

    public static Edit remove(StartPoint point) {
        return Edit.of(
                "remove the start point “" + point.title() + "”",
                p -> p.withStartPoints(p.startPoints().stream()
                        .filter(s -> !s.id().equals(point.id()))
                        .toList()));
    }
}
