import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Writes {@code pandel.player.wire.Wire}: how the model's records go into cells and come out again, one after another
 * as their components stand. In the browser nothing can be asked of a record at run time, so that it is written down
 * when it is built.
 *
 * <p>Arguments: the folder of generated sources.
 */
public final class MakeWire {

    /** What goes both ways. */
    private static final List<String> BOTH_WAYS = List.of(
            "pandel.core.model.Prototype$Parts",
            "pandel.core.model.link.Event",
            "pandel.core.play.situation.Situation",
            "pandel.core.play.Happening");

    /** Types whose parts are not components: their parts, and how they are made of them again. */
    private static final Map<String, Special> SPECIAL = Map.of(
            "pandel.core.model.rest.Rest",
            new Special(List.of(), List.of(), "pandel.core.model.rest.Rest.NONE"),
            "pandel.core.model.Judgements",
            new Special(List.of(), List.of(), "pandel.core.model.Judgements.NONE"),
            "pandel.core.model.Version",
            new Special(List.of(), List.of(), "never()"),
            "pandel.core.model.value.Facts",
            new Special(
                    List.of("java.util.Map<java.lang.String, pandel.core.model.value.Value>"),
                    List.of("set()"),
                    "pandel.core.model.value.Facts.of(%s)"),
            "pandel.core.model.value.PlaceMemory",
            new Special(
                    List.of(
                            "java.util.Map<java.lang.String, pandel.core.model.value.Value>",
                            "java.util.Map<java.lang.String, pandel.core.model.value.Value>",
                            "java.util.Optional<pandel.core.model.value.RowOrigin>"),
                    List.of("given()", "typed()", "from()"),
                    "pandel.core.model.value.PlaceMemory.of(%s, %s, %s)"),
            "pandel.core.play.situation.Trail",
            new Special(
                    List.of("java.util.List<pandel.core.play.situation.Visit>"), List.of("places()"), "trailOf(%s)"));

    private record Special(List<String> types, List<String> parts, String made) {}

    private final StringBuilder out = new StringBuilder();
    private final Deque<Class<?>> open = new ArrayDeque<>();
    private final Set<Class<?>> met = new LinkedHashSet<>();
    private int names;

    public static void main(String[] args) throws Exception {
        Path folder = Path.of(args[0]).resolve("pandel/player/wire");
        Files.createDirectories(folder);
        write(folder.resolve("Wire.java"), new MakeWire().wire());
    }

    /** Only where something changed, so that nothing is compiled anew for nothing. */
    private static void write(Path file, String text) throws IOException {
        if (!Files.exists(file) || !Files.readString(file).equals(text)) {
            Files.writeString(file, text);
        }
    }

    private String wire() throws ClassNotFoundException {
        line("package pandel.player.wire;");
        line("");
        line("/** How the records of the model go into cells and come out again. Generated. */");
        line("@SuppressWarnings({\"all\"})");
        line("public final class Wire {");
        line("private Wire() {}");
        line(
                "private static pandel.core.play.situation.Trail trailOf(java.util.List<pandel.core.play.situation.Visit> places) {");
        line("pandel.core.play.situation.Trail made = pandel.core.play.situation.Trail.of(places.getFirst());");
        line("for (pandel.core.play.situation.Visit v : places.subList(1, places.size())) { made = made.put(v); }");
        line("return made;");
        line("}");
        line("private static pandel.core.model.Version never() {");
        line("throw new IllegalStateException(\"Kept versions are nothing that plays\");");
        line("}");
        for (String name : BOTH_WAYS) {
            ask(Class.forName(name));
        }
        while (!open.isEmpty()) {
            Class<?> c = open.poll();
            writer(c);
            reader(c);
        }
        line("}");
        return out.toString();
    }

    private void line(String line) {
        out.append(line).append('\n');
    }

    private void ask(Class<?> c) {
        if (met.add(c)) {
            open.add(c);
        }
    }

    private static String word(Class<?> c) {
        return c.getName().substring(c.getPackageName().length() + 1).replace("$", "");
    }

    private static String java(Class<?> c) {
        return c.getCanonicalName();
    }

    private List<Class<?>> kinds(Class<?> sealed) {
        List<Class<?>> all = new ArrayList<>();
        for (Class<?> c : sealed.getPermittedSubclasses()) {
            if (c.isSealed()) {
                all.addAll(kinds(c));
            } else {
                all.add(c);
            }
        }
        return all;
    }

    private void writer(Class<?> c) throws ClassNotFoundException {
        line("public static void write(" + java(c) + " it, Cells out) {");
        Special special = SPECIAL.get(c.getName());
        if (special != null) {
            for (int i = 0; i < special.parts().size(); i++) {
                write(parsed(special.types().get(i)), "it." + special.parts().get(i));
            }
        } else if (c.isEnum()) {
            line("out.number(it.ordinal());");
        } else if (c.isRecord()) {
            for (RecordComponent part : c.getRecordComponents()) {
                write(part.getGenericType(), "it." + part.getName() + "()");
            }
        } else {
            List<Class<?>> kinds = kinds(c);
            for (int i = 0; i < kinds.size(); i++) {
                String v = "k" + i;
                line("if (it instanceof " + java(kinds.get(i)) + " " + v + ") { out.number(" + i + "); write(" + v
                        + ", out); return; }");
                ask(kinds.get(i));
            }
            line("throw new IllegalStateException(\"Not to be written: \" + it);");
        }
        line("}");
    }

    private void reader(Class<?> c) throws ClassNotFoundException {
        line("public static " + java(c) + " read" + word(c) + "(Cells in) {");
        Special special = SPECIAL.get(c.getName());
        if (special != null) {
            List<String> parts = new ArrayList<>();
            for (String type : special.types()) {
                parts.add(local(parsed(type)));
            }
            line("return " + special.made().formatted(parts.toArray()) + ";");
        } else if (c.isEnum()) {
            line("return " + java(c) + ".values()[in.whole()];");
        } else if (c.isRecord()) {
            List<String> parts = new ArrayList<>();
            for (RecordComponent part : c.getRecordComponents()) {
                parts.add(local(part.getGenericType()));
            }
            line("return new " + java(c) + "(" + String.join(", ", parts) + ");");
        } else {
            List<Class<?>> kinds = kinds(c);
            line("switch (in.whole()) {");
            for (int i = 0; i < kinds.size(); i++) {
                line("case " + i + ": return read" + word(kinds.get(i)) + "(in);");
            }
            line("default: throw new IllegalStateException(\"Not to be read\");");
            line("}");
        }
        line("}");
    }

    /** A type as it is written here: a class, or one of another. */
    private record Of(Class<?> raw, List<Object> parts) {}

    private static Of parsed(String type) throws ClassNotFoundException {
        int less = type.indexOf('<');
        if (less < 0) {
            return new Of(Class.forName(type), List.of());
        }
        List<Object> parts = new ArrayList<>();
        for (String part : type.substring(less + 1, type.length() - 1).split(", ")) {
            parts.add(parsed(part));
        }
        return new Of(Class.forName(type.substring(0, less)), parts);
    }

    private static Of of(Object type) {
        if (type instanceof Of of) {
            return of;
        }
        if (type instanceof ParameterizedType p) {
            return new Of((Class<?>) p.getRawType(), Arrays.<Object>asList((Object[]) p.getActualTypeArguments()));
        }
        return new Of((Class<?>) type, List.of());
    }

    private void write(Object type, String it) {
        Of of = of(type);
        Class<?> c = of.raw();
        if (c == int.class || c == double.class || c == Integer.class) {
            line("out.number(" + it + ");");
        } else if (c == boolean.class) {
            line("out.number(" + it + " ? 1 : 0);");
        } else if (c == String.class) {
            line("out.text(" + it + ");");
        } else if (c == OptionalInt.class) {
            line("out.number(" + it + ".isPresent() ? 1 : 0); if (" + it + ".isPresent()) { out.number(" + it
                    + ".getAsInt()); }");
        } else if (c == Optional.class) {
            String v = "v" + names++;
            line("out.number(" + it + ".isPresent() ? 1 : 0);");
            line("if (" + it + ".isPresent()) { " + name(of.parts().getFirst()) + " " + v + " = " + it + ".get();");
            write(of.parts().getFirst(), v);
            line("}");
        } else if (c == List.class || c == Set.class) {
            String v = "v" + names++;
            line("out.number(" + it + ".size());");
            line("for (" + name(of.parts().getFirst()) + " " + v + " : "
                    + (c == Set.class ? "out.order(" + it + ")" : it) + ") {");
            write(of.parts().getFirst(), v);
            line("}");
        } else if (c == Map.class) {
            String v = "v" + names++;
            line("out.number(" + it + ".size());");
            line("for (" + name(of.parts().get(0)) + " " + v + " : out.order(" + it + ".keySet())) {");
            write(of.parts().get(0), v);
            write(of.parts().get(1), it + ".get(" + v + ")");
            line("}");
        } else {
            line("write(" + it + ", out);");
            ask(c);
        }
    }

    private static String name(Object type) {
        Of of = of(type);
        Class<?> c = of.raw();
        String raw = c == int.class ? "Integer" : java(c);
        return of.parts().isEmpty()
                ? raw
                : raw + "<"
                        + String.join(
                                ", ", of.parts().stream().map(MakeWire::name).toList()) + ">";
    }

    /** Lines that read one into a variable, whose name is returned. */
    private String local(Object type) {
        Of of = of(type);
        Class<?> c = of.raw();
        String v = "r" + names++;
        if (c == int.class || c == Integer.class) {
            line("int " + v + " = in.whole();");
        } else if (c == double.class) {
            line("double " + v + " = in.number();");
        } else if (c == boolean.class) {
            line("boolean " + v + " = in.whole() == 1;");
        } else if (c == String.class) {
            line("String " + v + " = in.text();");
        } else if (c == OptionalInt.class) {
            line("java.util.OptionalInt " + v
                    + " = in.whole() == 1 ? java.util.OptionalInt.of(in.whole()) : java.util.OptionalInt.empty();");
        } else if (c == Optional.class) {
            line(name(of) + " " + v + " = java.util.Optional.empty();");
            line("if (in.whole() == 1) {");
            line(v + " = java.util.Optional.of(" + local(of.parts().getFirst()) + ");");
            line("}");
        } else if (c == List.class || c == Set.class) {
            line(name(of) + " " + v + " = new java.util." + (c == List.class ? "ArrayList" : "LinkedHashSet")
                    + "<>();");
            String n = "n" + names++;
            line("for (int " + n + " = in.whole(); " + n + " > 0; " + n + "--) {");
            line(v + ".add(" + local(of.parts().getFirst()) + ");");
            line("}");
        } else if (c == Map.class) {
            line(name(of) + " " + v + " = new java.util.LinkedHashMap<>();");
            String n = "n" + names++;
            line("for (int " + n + " = in.whole(); " + n + " > 0; " + n + "--) {");
            String key = local(of.parts().get(0));
            line(v + ".put(" + key + ", " + local(of.parts().get(1)) + ");");
            line("}");
        } else {
            line(java(c) + " " + v + " = read" + word(c) + "(in);");
            ask(c);
        }
        return v;
    }
}
