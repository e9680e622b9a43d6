package pandel.player;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;

/** Writes one JSON value after another (RFC 8259), as the browser's own reader takes them. */
final class Json {

    private final StringBuilder out = new StringBuilder();
    private boolean first = true;

    /** An object. */
    Json object(Runnable fields) {
        boolean before = begin('{');
        fields.run();
        return end('}', before);
    }

    private boolean begin(char bracket) {
        out.append(bracket);
        boolean before = first;
        first = true;
        return before;
    }

    private Json end(char bracket, boolean before) {
        out.append(bracket);
        first = before;
        return this;
    }

    Json name(String name) {
        out.append(first ? "" : ",");
        first = false;
        text(name);
        out.append(':');
        return this;
    }

    Json text(String text) {
        out.append('"');
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"' || c == '\\') {
                out.append('\\').append(c);
            } else if (c < ' ' || Character.isSurrogate(c)) {
                String hex = Integer.toHexString(c);
                out.append("\\u").append("0000", 0, 4 - hex.length()).append(hex);
            } else {
                out.append(c);
            }
        }
        out.append('"');
        return this;
    }

    /** To a thousandth. */
    Json number(double number) {
        double rounded = Math.rint(number * 1000) / 1000;
        if (rounded == Math.rint(rounded) && Math.abs(rounded) < 1e15) {
            out.append((long) rounded);
        } else {
            out.append(rounded);
        }
        return this;
    }

    /** Two of them, in a list. */
    Json numbers(double first, double second) {
        out.append('[');
        number(first);
        out.append(',');
        number(second);
        out.append(']');
        return this;
    }

    Json field(String name, String text) {
        return name(name).text(text);
    }

    Json field(String name, double number) {
        return name(name).number(number);
    }

    Json field(String name, boolean yes) {
        name(name);
        out.append(yes);
        return this;
    }

    <T> Json field(String name, List<T> all, BiConsumer<Json, T> each) {
        name(name);
        boolean before = begin('[');
        for (T one : all) {
            out.append(first ? "" : ",");
            each.accept(this, one);
            first = false;
        }
        return end(']', before);
    }

    <T> Json part(String name, T one, BiConsumer<Json, T> how) {
        name(name);
        how.accept(this, one);
        return this;
    }

    /** What is not there is left out. */
    <T> Json field(String name, Optional<T> one, BiConsumer<Json, T> how) {
        return one.isPresent() ? part(name, one.get(), how) : this;
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
