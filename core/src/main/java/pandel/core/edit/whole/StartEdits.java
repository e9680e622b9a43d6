package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.start.AddressForm;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;

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
