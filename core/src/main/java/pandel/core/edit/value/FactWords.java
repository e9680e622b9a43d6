package pandel.core.edit.value;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Effect.Change;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Condition.Compare;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/**
 * Conditions and what is remembered, as people type them: "signed in", "basket at least 3", "plan is gold and not
 * signed in"; "signed in is yes", "basket + 1", "dark is the other". A fact not known yet is made of its words: yes/no,
 * a number where a number is named, else one of the words named.
 */
public final class FactWords {

    private static final Pattern JOINED = Pattern.compile("\\s+and\\s+|\\s*,\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern BY = Pattern.compile("(.*\\S)\\s*([+−-])\\s*(\\d{1,9})");
    private static final Pattern WHOLE = Pattern.compile("[−-]?\\d{1,9}");
    private static final int LONGEST = 60;

    private final Prototype prototype;
    private final Naming naming;
    private final SourceWords sources;
    private final List<Fact> made = new ArrayList<>();

    private FactWords(Prototype prototype, List<Screen> on, Naming naming) {
        this.prototype = prototype;
        this.sources = new SourceWords(prototype, on, Optional.empty());
        this.naming = naming;
    }

    /** What was typed cannot be meant; the message says why, for the person who typed it. */
    public static final class NotUnderstood extends Exception {
        NotUnderstood(String message) {
            super(message);
        }
    }

    /** The conditions that words mean; none for no words. Only facts are known. */
    public static ParsedWords<List<Condition>> conditions(Prototype prototype, String typed, Naming naming)
            throws NotUnderstood {
        return conditions(prototype, List.of(), typed, naming);
    }

    /**
     * The conditions that words mean; none for no words.
     *
     * @param on the screens whose given values and fields are known too
     */
    public static ParsedWords<List<Condition>> conditions(
            Prototype prototype, List<Screen> on, String typed, Naming naming) throws NotUnderstood {
        FactWords words = new FactWords(prototype, on, naming);
        List<Condition> conditions = new ArrayList<>();
        for (String part : typed.isBlank() ? List.<String>of() : List.of(JOINED.split(typed.strip()))) {
            conditions.add(words.condition(part.strip()));
        }
        return new ParsedWords<>(conditions, words.made);
    }

    /** What words say to remember. Only facts are known. */
    public static ParsedWords<Effect.Remember> remember(Prototype prototype, String typed, Naming naming)
            throws NotUnderstood {
        return remember(prototype, List.of(), typed, naming);
    }

    /**
     * What words say to remember.
     *
     * @param on the screens whose given values and fields are known too
     */
    public static ParsedWords<Effect.Remember> remember(
            Prototype prototype, List<Screen> on, String typed, Naming naming) throws NotUnderstood {
        FactWords words = new FactWords(prototype, on, naming);
        return new ParsedWords<>(words.effect(typed.strip()), words.made);
    }

    /** Conditions as they can be typed again. */
    public static String typed(Prototype prototype, List<Condition> conditions) {
        return String.join(
                " and ", conditions.stream().map(c -> c.words(prototype)).toList());
    }

    private Condition condition(String text) throws NotUnderstood {
        if (text.toLowerCase(Locale.ROOT).endsWith(" " + Compare.GIVEN.word())) {
            String name = text.substring(0, text.length() - Compare.GIVEN.word().length())
                    .strip();
            Optional<Source> given = sources.held(name).or(() -> sources.held("given " + name));
            if (given.isPresent()) {
                return new Condition(given.get(), Compare.GIVEN, Source.of(Value.NOTHING));
            }
        }
        Optional<Map.Entry<String, Source>> held = sources.beginning(text);
        if (held.isPresent()) {
            return ofHeld(
                    held.get().getKey(),
                    held.get().getValue(),
                    text.substring(held.get().getKey().length()).strip());
        }
        Optional<Fact> known = known(text);
        String rest = known.map(f -> text.substring(f.title().length()).strip()).orElse("");
        if (known.isEmpty() && text.toLowerCase(Locale.ROOT).startsWith("not ")) {
            return new Condition(
                    fact(text.substring(4).strip(), new Value.YesNo(true)).id(), Compare.IS, new Value.YesNo(false));
        }
        for (Compare compare : List.of(Compare.IS_NOT, Compare.EMPTY, Compare.AT_LEAST, Compare.AT_MOST, Compare.IS)) {
            Optional<String[]> split = known.isPresent()
                    ? after(rest, compare.word())
                            .map(v -> new String[] {known.get().title(), v})
                    : around(text, compare.word());
            if (split.isPresent()) {
                String name = split.get()[0];
                if (compare == Compare.EMPTY) {
                    return new Condition(fact(name, new Value.Text("")).id(), compare, Value.NOTHING);
                }
                Optional<Source> other = sources.held(split.get()[1]);
                if (other.isPresent()) {
                    return new Condition(new Source.OfFact(toHold(name).id()), compare, other.get());
                }
                Value value = value(name, split.get()[1]);
                if ((compare == Compare.AT_LEAST || compare == Compare.AT_MOST) && !(value instanceof Value.Number)) {
                    throw new NotUnderstood("“" + compare.word() + "” needs a whole number after it.");
                }
                return new Condition(fact(name, value).id(), compare, value);
            }
        }
        if (!rest.isEmpty()) {
            throw new NotUnderstood("After “" + known.orElseThrow().title()
                    + "” say is, is not, at least, at most, is empty or is given.");
        }
        return new Condition(fact(text, new Value.YesNo(true)).id(), Compare.IS, new Value.YesNo(true));
    }

    /** A given value or a typed text, compared with a value or with another of them. */
    private Condition ofHeld(String name, Source source, String rest) throws NotUnderstood {
        for (Compare compare : List.of(Compare.IS_NOT, Compare.EMPTY, Compare.AT_LEAST, Compare.AT_MOST, Compare.IS)) {
            Optional<String> with = after(rest, compare.word());
            if (with.isPresent() && (compare == Compare.EMPTY || !with.get().isEmpty())) {
                return new Condition(
                        source,
                        compare,
                        compare == Compare.EMPTY ? Source.of(Value.NOTHING) : sources.source(with.get()));
            }
        }
        throw new NotUnderstood("After “" + name + "” say is, is not, at least, at most, is empty or is given.");
    }

    private Effect.Remember effect(String text) throws NotUnderstood {
        Matcher by = BY.matcher(text);
        Optional<Fact> known = known(text);
        if (by.matches()
                && known.filter(f -> f.title().length() == text.length()).isEmpty()) {
            int n = Integer.parseInt(by.group(3));
            return new Effect.Remember(
                    fact(by.group(1), new Value.Number(0)).id(),
                    new Change.By(by.group(2).equals("+") ? n : -n));
        }
        if (text.toLowerCase(Locale.ROOT).startsWith("not ") && known.isEmpty()) {
            return new Effect.Remember(
                    fact(text.substring(4).strip(), new Value.YesNo(true)).id(),
                    new Change.Set(new Value.YesNo(false)));
        }
        Optional<String[]> is = known.isPresent()
                ? after(text.substring(known.get().title().length()).strip(), "is")
                        .map(v -> new String[] {known.get().title(), v})
                : around(text, "is");
        if (is.isPresent()) {
            String name = is.get()[0];
            String to = is.get()[1].toLowerCase(Locale.ROOT);
            if (to.equals("the other")) {
                return new Effect.Remember(fact(name, new Value.YesNo(true)).id(), new Change.Toggle());
            }
            if (to.equals("nothing")) {
                return new Effect.Remember(fact(name, Value.NOTHING).id(), new Change.Unset());
            }
            Optional<Source> source = sources.held(is.get()[1]);
            if (source.isPresent()) {
                return new Effect.Remember(toHold(name).id(), new Change.Set(source.get()));
            }
            Value value = value(name, is.get()[1]);
            return new Effect.Remember(fact(name, value).id(), new Change.Set(value));
        }
        if (known.isPresent() && known.get().title().length() < text.length()) {
            throw new NotUnderstood("After “" + known.get().title() + "” say is and what, or + and how many.");
        }
        return new Effect.Remember(fact(text, new Value.YesNo(true)).id(), new Change.Set(new Value.YesNo(true)));
    }

    /** The fact of a name, known or new, whatever it is to hold: a new one any text. */
    private Fact toHold(String name) throws NotUnderstood {
        Optional<Fact> known = known(name).filter(f -> f.title().equalsIgnoreCase(name));
        if (known.isPresent()) {
            return fact(name, known.get().unset());
        }
        Fact fresh = fact(name, Value.NOTHING);
        Fact text = new Fact(fresh.id(), fresh.title(), new Fact.Kind.Text(), fresh.rest());
        made.removeIf(f -> f.id().equals(fresh.id()));
        made.add(text);
        return text;
    }

    /** The known fact whose title the text begins with, the longest such. */
    private Optional<Fact> known(String text) {
        String folded = text.toLowerCase(Locale.ROOT);
        List<Fact> all = new ArrayList<>(made);
        all.addAll(prototype.facts());
        return all.stream()
                .filter(f -> !f.title().isBlank()
                        && folded.startsWith(f.title().toLowerCase(Locale.ROOT))
                        && (folded.length() == f.title().length()
                                || !Character.isLetterOrDigit(
                                        folded.charAt(f.title().length()))))
                .max(Comparator.comparingInt(f -> f.title().length()));
    }

    private static Optional<String> after(String text, String word) {
        String folded = text.toLowerCase(Locale.ROOT);
        boolean whole = folded.equals(word);
        return whole || folded.startsWith(word + " ")
                ? Optional.of(text.substring(word.length()).strip())
                : Optional.empty();
    }

    private static Optional<String[]> around(String text, String word) {
        int at = (text.toLowerCase(Locale.ROOT) + " ").indexOf(" " + word + " ");
        return at <= 0
                ? Optional.empty()
                : Optional.of(new String[] {
                    text.substring(0, at).strip(),
                    at + word.length() + 1 >= text.length()
                            ? ""
                            : text.substring(at + word.length() + 2).strip()
                });
    }

    private Value value(String name, String words) throws NotUnderstood {
        if (words.isEmpty()) {
            throw new NotUnderstood("Say what “" + name + "” is: yes, no, a number or a word.");
        }
        boolean wordy = known(name)
                .filter(f -> f.kind() instanceof Fact.Kind.OneOf || f.kind() instanceof Fact.Kind.Text)
                .isPresent();
        return switch (words.toLowerCase(Locale.ROOT)) {
            case "yes" -> wordy ? new Value.Text(words) : new Value.YesNo(true);
            case "no" -> wordy ? new Value.Text(words) : new Value.YesNo(false);
            default ->
                WHOLE.matcher(words).matches() && !wordy
                        ? new Value.Number(Integer.parseInt(words.replace('−', '-')))
                        : new Value.Text(words);
        };
    }

    /** The fact of a name that can hold a value: known, grown by a word, or new. */
    private Fact fact(String name, Value value) throws NotUnderstood {
        if (name.isBlank() || name.length() > LONGEST) {
            throw new NotUnderstood("A fact has a name of 1 to " + LONGEST + " letters: signed in, say.");
        }
        Optional<Fact> known = known(name).filter(f -> f.title().equalsIgnoreCase(name));
        if (known.isEmpty()) {
            Fact.Kind kind = switch (value) {
                case Value.YesNo y -> new Fact.Kind.YesNo();
                case Value.Number n -> new Fact.Kind.Number(Math.min(0, n.of()), Math.max(99, n.of()));
                case Value.Text t -> new Fact.Kind.OneOf(t.words().isEmpty() ? List.of() : List.of(t.words()));
            };
            var taken = prototype.index().ids();
            made.forEach(f -> taken.add(f.id()));
            Fact fresh = new Fact(naming.fresh(name, taken), name, kind, Rest.NONE);
            made.add(fresh);
            return fresh;
        }
        Fact fact = known.get();
        if (fact.kind() instanceof Fact.Kind.OneOf one && value instanceof Value.Text text && !fact.takes(value)) {
            List<String> more = new ArrayList<>(one.words());
            more.add(text.words());
            Fact grown = new Fact(fact.id(), fact.title(), new Fact.Kind.OneOf(more), fact.rest());
            made.removeIf(f -> f.id().equals(fact.id()));
            made.add(grown);
            return grown;
        }
        if (!fact.takes(value) && !value.equals(Value.NOTHING)) {
            throw new NotUnderstood("“" + fact.title() + "” is "
                    + switch (fact.kind()) {
                        case Fact.Kind.YesNo y -> "yes or no.";
                        case Fact.Kind.Number n -> "a number from " + n.least() + " to " + n.most() + ".";
                        case Fact.Kind.OneOf o -> "one of " + String.join(", ", o.words()) + ".";
                        case Fact.Kind.Text t -> "any text.";
                    });
        }
        return fact;
    }
}
