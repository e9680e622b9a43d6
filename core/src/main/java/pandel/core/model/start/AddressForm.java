package pandel.core.model.start;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.value.Value;

/**
 * What an address says: parts one after another, then named ones behind a question mark, in any order:
 * {@code /part/{value}?name={other}}. A value with a question mark behind its name may be left out: {@code {value?}};
 * of parts one after another only the last ones may.
 *
 * @param path the parts one after another; none: the address is a slash alone
 * @param named by the name before the equals sign, in order
 */
public record AddressForm(List<Part> path, Map<String, Part> named) {

    /**
     * A part of an address.
     *
     * @param text the words that stand there, or the name of the value
     * @param isValue whether a value stands there
     * @param optional whether it may be left out
     */
    public record Part(String text, boolean isValue, boolean optional) {

        private static final Pattern LITERAL = Pattern.compile("[\\w.~-]+");
        private static final Pattern VALUE = Pattern.compile("\\{(\\p{L}[\\p{L}\\p{Nd}\\p{Nl}\\p{No} _-]*)(\\??)}");

        private static Optional<Part> of(String typed) {
            Matcher value = VALUE.matcher(typed);
            if (value.matches()) {
                return Optional.of(
                        new Part(value.group(1), true, !value.group(2).isEmpty()));
            }
            return LITERAL.matcher(typed).matches() ? Optional.of(new Part(typed, false, false)) : Optional.empty();
        }

        private boolean takes(String typed) {
            return !typed.isEmpty() && (isValue || typed.equals(text));
        }

        private String shape() {
            return isValue ? optional ? "{?}" : "{}" : text;
        }
    }

    /**
     * What an address that is typed holds.
     *
     * @param values by name
     * @param unknown names behind the question mark that the address does not know
     */
    public record Fit(Map<String, String> values, List<String> unknown) {}

    /** What an address says; empty where it is no address. */
    public static Optional<AddressForm> of(String address) {
        String[] halves = address.split("\\?(?![^{]*})", 2);
        if (!halves[0].startsWith("/")) {
            return Optional.empty();
        }
        List<Part> path = new ArrayList<>();
        for (String typed :
                halves[0].equals("/") ? new String[0] : halves[0].substring(1).split("/", -1)) {
            Optional<Part> part = Part.of(typed);
            if (part.isEmpty()
                    || !path.isEmpty()
                            && path.getLast().optional()
                            && !part.get().optional()) {
                return Optional.empty();
            }
            path.add(part.get());
        }
        Map<String, Part> named = new LinkedHashMap<>();
        for (String typed : halves.length == 1 ? new String[0] : halves[1].split("&", -1)) {
            int equals = typed.indexOf('=');
            Optional<Part> part = equals < 1 ? Optional.empty() : Part.of(typed.substring(equals + 1));
            if (part.isEmpty()
                    || !Part.LITERAL.matcher(typed.substring(0, equals)).matches()
                    || named.put(typed.substring(0, equals), part.get()) != null) {
                return Optional.empty();
            }
        }
        return Optional.of(new AddressForm(path, named));
    }

    private Stream<Part> parts() {
        return Stream.concat(path.stream(), named.values().stream());
    }

    /** Names of the values, in order. */
    public List<String> names() {
        return parts().filter(Part::isValue).map(Part::text).distinct().toList();
    }

    /** Names of the values that may be left out. */
    public List<String> optional() {
        return parts().filter(Part::optional).map(Part::text).distinct().toList();
    }

    /** The same for two addresses that nothing typed tells apart. */
    public String shape() {
        return "/" + path.stream().map(Part::shape).collect(Collectors.joining("/")) + "?"
                + new TreeMap<>(named)
                        .entrySet().stream()
                                .map(e -> e.getKey() + "=" + e.getValue().shape())
                                .collect(Collectors.joining("&"));
    }

    /**
     * What an address that is typed holds; empty where it does not fit: something is not there that may not be left
     * out.
     */
    public Optional<Fit> fits(String typed) {
        String[] halves = typed.split("\\?", 2);
        String[] given = halves[0].equals("/") ? new String[0] : halves[0].split("/", -1);
        List<String> segments = given.length == 0 ? List.of() : List.of(given).subList(1, given.length);
        if (!halves[0].startsWith("/") || segments.size() > path.size()) {
            return Optional.empty();
        }
        Map<String, String> values = new TreeMap<>();
        for (int i = 0; i < path.size(); i++) {
            Part part = path.get(i);
            if (i >= segments.size() ? !part.optional() : !part.takes(segments.get(i))) {
                return Optional.empty();
            }
            if (i < segments.size() && part.isValue()) {
                values.put(part.text(), segments.get(i));
            }
        }
        Map<String, String> more = new LinkedHashMap<>();
        for (String one : halves.length == 1 || halves[1].isEmpty() ? new String[0] : halves[1].split("&")) {
            int equals = one.indexOf('=');
            more.put(equals < 0 ? one : one.substring(0, equals), equals < 0 ? "" : one.substring(equals + 1));
        }
        for (Map.Entry<String, Part> one : named.entrySet()) {
            String value = more.getOrDefault(one.getKey(), "");
            if (!value.isEmpty()
                    ? !one.getValue().takes(value)
                    : !one.getValue().optional()) {
                return Optional.empty();
            }
            if (!value.isEmpty() && one.getValue().isValue()) {
                values.put(one.getValue().text(), value);
            }
        }
        return Optional.of(new Fit(
                values,
                more.keySet().stream().filter(n -> !named.containsKey(n)).toList()));
    }

    /**
     * The address with values in place of their names; what has none is left out where it may be, else keeps its
     * braces.
     */
    public String filled(Map<String, Value> values) {
        String before = path.stream()
                .filter(p -> !p.optional() || values.containsKey(p.text()))
                .map(p -> "/" + shown(p, values))
                .collect(Collectors.joining());
        String behind = named.entrySet().stream()
                .filter(e -> !e.getValue().optional()
                        || values.containsKey(e.getValue().text()))
                .map(e -> e.getKey() + "=" + shown(e.getValue(), values))
                .collect(Collectors.joining("&"));
        return (before.isEmpty() ? "/" : before) + (behind.isEmpty() ? "" : "?" + behind);
    }

    private static String shown(Part part, Map<String, Value> values) {
        Value value = values.get(part.text());
        return !part.isValue() ? part.text() : value == null ? "{" + part.text() + "}" : value.shown();
    }
}
