package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Value;

/** Edits of where play can begin: entries with addresses, and start points. */
public final class StartEdits {

    /** What an address may look like: parts of letters, digits, dots, dashes, or a value's name in braces. */
    private static final Pattern ADDRESS = Pattern.compile("/|(/([\\w.~-]+|\\{[\\p{L}][\\p{L}\\p{N} _-]*\\}))+");

    private StartEdits() {}

    /**
     * Why an address cannot be used; empty when it can.
     *
     * @param entry id of the entry it is for; its own address is no clash
     */
    public static Optional<String> whyNot(Prototype prototype, String entry, String address) {
        if (!ADDRESS.matcher(address).matches()) {
            return Optional.of("An address begins with / and goes on in parts, /part/{value}.");
        }
        String shape = shape(address);
        return prototype.entries().stream()
                .filter(e -> !e.id().equals(entry))
                .filter(e ->
                        e.address().map(StartEdits::shape).filter(shape::equals).isPresent())
                .findFirst()
                .map(e -> "“" + e.address().orElseThrow() + "” already leads to “"
                        + prototype
                                .screen(Targets.shownId(prototype, e.target()))
                                .map(pandel.core.model.screen.Screen::shownTitle)
                                .orElse(e.target().id())
                        + "”.");
    }

    private static String shape(String address) {
        return address.replaceAll("\\{[^}]*\\}", "{}");
    }

    /**
     * The entry an address typed by a person opens, with its values: the one with the fewest to fill. Its parts in
     * braces take any part.
     */
    public static Optional<Entry> opened(Prototype prototype, String typed) {
        return prototype.entries().stream()
                .filter(e -> e.address()
                        .filter(a -> pattern(a).matcher(typed.strip()).matches())
                        .isPresent())
                .min(java.util.Comparator.comparingLong(e ->
                        e.address().orElseThrow().chars().filter(c -> c == '{').count()))
                .map(e -> filled(e, typed.strip()));
    }

    private static Entry filled(Entry entry, String typed) {
        Matcher parts = pattern(entry.address().orElseThrow()).matcher(typed);
        java.util.Map<String, Value> values = new java.util.TreeMap<>(entry.values());
        if (parts.matches()) {
            for (int i = 0; i < entry.names().size(); i++) {
                values.put(entry.names().get(i), new Value.Text(parts.group(i + 1)));
            }
        }
        return entry.opened(values);
    }

    private static Pattern pattern(String address) {
        StringBuilder pattern = new StringBuilder();
        Matcher parts = Pattern.compile("\\{[^}]*\\}|[^{]+").matcher(address);
        while (parts.find()) {
            pattern.append(parts.group().startsWith("{") ? "([^/]+)" : Pattern.quote(parts.group()));
        }
        return Pattern.compile(pattern.toString());
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
