package pandel.core.edit.value;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.edit.ExpectedValues;
import pandel.core.edit.Titles;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;

/** Edits of what screens expect and links carry. */
public final class Carrying {

    private Carrying() {}

    /** A screen expects a value, in the place of one of that name. */
    public static Edit expect(Screen screen, Expected value) {
        return Edit.of(
                "let " + Titles.of(screen) + " expect “" + value.name() + "”",
                p -> p.withScreen(screen.id(), s -> {
                    List<Expected> all = new ArrayList<>(s.expects());
                    all.replaceAll(e -> e.name().equals(value.name()) ? value : e);
                    if (all.stream().noneMatch(e -> e.name().equals(value.name()))) {
                        all.add(value);
                    }
                    return s.withExpects(all);
                }));
    }

    /** A screen expects a value no more; what links carry of it is dropped. */
    public static Edit expectNoMore(Screen screen, String name) {
        return Edit.of("let " + Titles.of(screen) + " expect “" + name + "” no more", p -> {
            Prototype less = p.withScreen(
                    screen.id(),
                    s -> s.withExpects(s.expects().stream()
                            .filter(e -> !e.name().equals(name))
                            .toList()));
            return EachLink.effects(
                    less,
                    (link, e) -> e.target()
                            .filter(t -> t.id().equals(screen.id()))
                            .map(t -> e.leadingTo(t.with(name, Optional.empty())))
                            .orElse(e));
        });
    }

    /**
     * A value of a screen goes by another name, also in what links carry to it, in what its own links and looks read,
     * and in words laid on it.
     */
    public static Edit rename(Screen screen, String from, String to) {
        UnaryOperator<Source> named = s -> s.equals(new Source.Given(from)) ? new Source.Given(to) : s;
        UnaryOperator<Condition> asked = c -> new Condition(named.apply(c.what()), c.compare(), named.apply(c.with()));
        return Edit.of("call “" + from + "” “" + to + "”", p -> {
            Set<String> own = p.index().waysOut(screen.id()).stream()
                    .filter(w -> w.from().size() == 1)
                    .map(w -> w.link().id())
                    .collect(Collectors.toSet());
            Prototype expecting = p.withScreen(
                    screen.id(),
                    s -> s.withExpects(s.expects().stream()
                                    .map(e -> e.name().equals(from) ? e.withName(to) : e)
                                    .toList())
                            .withTitle(s.title().replace("{" + from + "}", "{" + to + "}"))
                            .withStates(s.states().stream()
                                    .map(t -> t.withConditions(
                                            t.conditions().stream().map(asked).toList()))
                                    .toList())
                            .withEveryMock(mocks -> mocks.stream()
                                    .map(m -> m instanceof Picture picture
                                            ? picture.withPatches(picture.patches().stream()
                                                    .map(x -> x.withWords(
                                                            x.words().replace("{" + from + "}", "{" + to + "}")))
                                                    .toList())
                                            : m)
                                    .toList()));
            Prototype carrying = EachLink.effects(expecting, (link, e) -> {
                Effect read = own.contains(link.id()) ? reading(e, named) : e;
                return read.target()
                        .filter(t -> t.id().equals(screen.id()) && t.values().containsKey(from))
                        .map(t -> read.leadingTo(t.with(
                                        to,
                                        Optional.of(Objects.requireNonNull(
                                                t.values().get(from))))
                                .with(from, Optional.empty())))
                        .orElse(read);
            });
            return EachLink.links(
                    carrying,
                    own,
                    l -> l.withBranches(l.branches().stream()
                            .map(x -> x.withWhen(x.when().stream().map(asked).toList()))
                            .toList()));
        });
    }

    /** An effect that reads from other sources. */
    public static Effect reading(Effect effect, UnaryOperator<Source> named) {
        if (effect instanceof Effect.Remember r && r.change() instanceof Effect.Change.Set set) {
            return new Effect.Remember(r.fact(), new Effect.Change.Set(named.apply(set.to())));
        }
        return effect.target()
                .map(t -> {
                    Map<String, Source> values = new TreeMap<>(t.values());
                    values.replaceAll((name, source) -> named.apply(source));
                    return effect.leadingTo(t.carrying(values));
                })
                .orElse(effect);
    }

    /** A link carries that under a name wherever it leads to a target; empty: nothing. */
    public static Edit carry(Link link, Target target, String name, Optional<Source> source) {
        return Edit.of(
                "change what a link carries",
                p -> EachLink.effects(
                        p,
                        (l, e) -> l.id().equals(link.id()) && e.target().equals(Optional.of(target))
                                ? e.leadingTo(target.with(name, source))
                                : e));
    }

    /**
     * What a link carries to a screen when it is led there: what it carried that is expected there too, and what goes
     * by the very name among what the row holds and the screen it stands on was given.
     */
    public static Map<String, Source> toward(
            Prototype p, List<Screen> from, Optional<Hotspot> hotspot, String to, Map<String, Source> now) {
        return toward(p, from, hotspot, new Target.ToScreen(to), now);
    }

    /** The same for any target. */
    public static Map<String, Source> toward(
            Prototype p, List<Screen> from, Optional<Hotspot> hotspot, Target to, Map<String, Source> now) {
        Map<String, Source> values = ExpectedValues.expected(p, to, now);
        SourceWords words = new SourceWords(p, from, hotspot);
        ExpectedValues.expectedBy(p, to).stream()
                .map(Expected::name)
                .forEach(name -> words.namesake(name).ifPresent(source -> values.putIfAbsent(name, source)));
        return values;
    }
}
