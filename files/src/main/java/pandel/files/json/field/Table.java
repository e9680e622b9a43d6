package pandel.files.json.field;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import pandel.core.model.rest.Rest;
import pandel.files.Unreadable;

/**
 * The fields of a record, each said once: how it is called in the file, how it is read, how it is written and what is
 * usual. The reader, the writer, what counts as unknown, and the test of the schema all follow it.
 *
 * @param <R> the record
 * @param <B> what it is gathered in while it is read
 */
public final class Table<R, B> implements Part<R> {

    /** One line of a table. */
    private interface Field<R, B> {
        void read(Fields in, B into) throws Unreadable;

        void write(R from, ObjectNode node);
    }

    private final Supplier<B> begin;
    private final Function<B, R> end;
    private final List<Field<R, B>> fields = new ArrayList<>();
    private final List<String> names = new ArrayList<>();

    private Table(Supplier<B> begin, Function<B, R> end) {
        this.begin = begin;
        this.end = end;
    }

    /**
     * A table without fields yet.
     *
     * @param end makes the record; what it complains of becomes a sentence with its place
     */
    public static <R, B> Table<R, B> of(Supplier<B> begin, Function<B, R> end) {
        return new Table<>(begin, end);
    }

    /** The id, that nothing else in the file has. */
    public Table<R, B> id(Function<R, String> get, BiConsumer<B, String> set) {
        return required("id", Codec.of(Fields::claimed, Codec.TEXT::write), get, set);
    }

    /**
     * The id, by which what stands within is named in errors from then on.
     *
     * @param called what it is: "screen"
     */
    public Table<R, B> id(String called, Function<R, String> get, BiConsumer<B, String> set) {
        Codec<String> naming = Codec.of(
                (in, name) -> {
                    String id = in.claimed(name);
                    in.namesInner(called + " “" + id + "”");
                    return id;
                },
                Codec.TEXT::write);
        return required("id", naming, get, set);
    }

    /** Must be there. */
    public <T> Table<R, B> required(String name, Codec<T> codec, Function<R, T> get, BiConsumer<B, T> set) {
        return line(
                name,
                (in, into) -> set.accept(into, codec.read(in, name)),
                (from, node) -> node.set(name, codec.write(get.apply(from))));
    }

    /** May be missing, and is written all the same. */
    public <T> Table<R, B> always(String name, Codec<T> codec, T usual, Function<R, T> get, BiConsumer<B, T> set) {
        return line(
                name,
                (in, into) -> set.accept(into, in.has(name) ? codec.read(in, name) : usual),
                (from, node) -> node.set(name, codec.write(get.apply(from))));
    }

    /** Is written only where it is not as usual. */
    public <T> Table<R, B> unless(T usual, String name, Codec<T> codec, Function<R, T> get, BiConsumer<B, T> set) {
        return line(name, (in, into) -> set.accept(into, in.has(name) ? codec.read(in, name) : usual), (from, node) -> {
            T value = get.apply(from);
            if (!value.equals(usual)) {
                node.set(name, codec.write(value));
            }
        });
    }

    /** May be missing. */
    public <T> Table<R, B> maybe(
            String name, Codec<T> codec, Function<R, Optional<T>> get, BiConsumer<B, Optional<T>> set) {
        return line(
                name,
                (in, into) -> set.accept(into, in.has(name) ? Optional.of(codec.read(in, name)) : Optional.empty()),
                (from, node) -> get.apply(from).ifPresent(value -> node.set(name, codec.write(value))));
    }

    /** Several fields of the same object that belong together. */
    public <T> Table<R, B> part(Part<T> part, Function<R, T> get, BiConsumer<B, T> set) {
        names.addAll(part.names());
        return line((in, into) -> set.accept(into, part.read(in)), (from, node) -> part.write(get.apply(from), node));
    }

    /** Keeps what a newer Pandel wrote. It comes last. */
    public Table<R, B> rest(Function<R, Rest> get, BiConsumer<B, Rest> set) {
        return line(
                (in, into) -> set.accept(into, in.rest()),
                (from, node) -> get.apply(from)
                        .fields()
                        .forEach((name, value) -> node.set(name, Json.MAPPER.<JsonNode>valueToTree(value))));
    }

    private Table<R, B> line(String name, Reading<B> reading, BiConsumer<R, ObjectNode> writing) {
        names.add(name);
        return line(reading, writing);
    }

    private Table<R, B> line(Reading<B> reading, BiConsumer<R, ObjectNode> writing) {
        fields.add(new Field<>() {
            @Override
            public void read(Fields in, B into) throws Unreadable {
                reading.read(in, into);
            }

            @Override
            public void write(R from, ObjectNode node) {
                writing.accept(from, node);
            }
        });
        return this;
    }

    private interface Reading<B> {
        void read(Fields in, B into) throws Unreadable;
    }

    @Override
    public List<String> names() {
        return List.copyOf(names);
    }

    @Override
    public R read(Fields in) throws Unreadable {
        B into = begin.get();
        for (Field<R, B> field : fields) {
            field.read(in, into);
        }
        return in.made(() -> end.apply(into));
    }

    @Override
    public void write(R from, ObjectNode node) {
        fields.forEach(field -> field.write(from, node));
    }
}
