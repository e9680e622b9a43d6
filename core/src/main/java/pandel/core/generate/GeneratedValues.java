package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Condition.Compare;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** What screens expect, links carry and fields take, and moves done beneath, put into a made-up prototype. */
final class GeneratedValues {

    private static final List<String> NAMES = List.of("kind", "item");
    private static final List<String> TEXTS = List.of("first", "second", "3");

    private final Random random;
    private final Kind kind;
    private final Prototype plain;

    private GeneratedValues(Random random, Kind kind, Prototype plain) {
        this.random = random;
        this.kind = kind;
        this.plain = plain;
    }

    static Prototype on(Prototype plain, Random random, Kind kind) {
        GeneratedValues values = new GeneratedValues(random, kind, plain);
        Prototype expecting = plain.withScreens(
                plain.screens().stream().map(values::expecting).toList());
        GeneratedValues carrying = new GeneratedValues(random, kind, expecting);
        return expecting.withScreens(
                expecting.screens().stream().map(carrying::carrying).toList());
    }

    private boolean seldom() {
        return random.nextInt(kind == Kind.USUAL ? 40 : 4) == 0;
    }

    private Screen expecting(Screen screen) {
        if (!seldom()) {
            return screen;
        }
        List<Expected> expects = new ArrayList<>();
        for (String name : NAMES) {
            if (random.nextBoolean()) {
                Expected.Kind type = Expected.Kind.values()[random.nextInt(kind == Kind.USUAL ? 2 : 4)];
                List<String> words = type == Expected.Kind.ONE_OF ? List.of("first", "second") : List.of();
                expects.add(new Expected(
                        name,
                        type,
                        words,
                        kind == Kind.NASTY && random.nextInt(3) == 0,
                        random.nextInt(3) == 0
                                ? Optional.of(new Value.Text("first"))
                                        .map(v -> (Value) v)
                                        .filter(v -> type == Expected.Kind.TEXT || type == Expected.Kind.ONE_OF)
                                : Optional.empty()));
            }
        }
        List<Hotspot> hotspots = screen.hotspots().stream()
                .map(h -> {
                    int what = random.nextInt(6);
                    return what == 0
                            ? h.withNature(new Hotspot.Nature.Field())
                            : what == 1
                                    ? h.withNature(new Hotspot.Nature.Rows(List.of(
                                            Map.of("item", new Value.Text("first")),
                                            Map.of("item", new Value.Text("second")),
                                            Map.of("item", new Value.Text("first")))))
                                    : h;
                })
                .toList();
        return screen.withExpects(expects).withHotspots(hotspots);
    }

    private Screen carrying(Screen screen) {
        List<Hotspot> hotspots = screen.hotspots().stream()
                .map(h -> {
                    List<Link> links = new ArrayList<>(h.links().stream()
                            .map(l -> link(screen, Optional.of(h), l))
                            .toList());
                    if (h.isField() && !links.isEmpty() && random.nextBoolean()) {
                        links.set(0, links.getFirst().withCause(new Cause.Submit()));
                    }
                    return h.withLinks(links);
                })
                .toList();
        return screen.withHotspots(hotspots)
                .withLinks(screen.links().stream()
                        .map(l -> link(screen, Optional.empty(), l))
                        .toList());
    }

    private Link link(Screen on, Optional<Hotspot> hotspot, Link link) {
        return link.withBranches(
                link.branches().stream().map(b -> branch(on, hotspot, b)).toList());
    }

    private Branch branch(Screen on, Optional<Hotspot> hotspot, Branch branch) {
        Branch made = branch.withEffects(
                branch.effects().stream().map(e -> effect(on, hotspot, e)).toList());
        if (!on.expects().isEmpty() && random.nextInt(3) == 0) {
            made = made.withWhen(List.of(new Condition(
                    random.nextBoolean() ? source(on, Optional.empty()) : new Source.Given("item"),
                    Compare.values()[random.nextInt(5)],
                    random.nextInt(4) == 0 ? source(on, Optional.empty()) : Source.of(text()))));
        }
        return kind == Kind.NASTY && seldom() && made.move().isPresent()
                ? made.withWhere(Optional.of(random.nextBoolean() ? Where.HERE : Where.BENEATH))
                : made;
    }

    private Effect effect(Screen on, Optional<Hotspot> hotspot, Effect effect) {
        List<Expected> expects = effect.target()
                .flatMap(t -> plain.screen(t.id()))
                .map(Screen::expects)
                .orElse(List.of());
        if (expects.isEmpty()) {
            return effect;
        }
        Map<String, Source> values = new TreeMap<>();
        for (Expected expected : expects) {
            if (random.nextInt(4) > 0) {
                values.put(expected.name(), source(on, hotspot));
            }
        }
        return effect.leadingTo(effect.target().orElseThrow().carrying(values));
    }

    private Value text() {
        return new Value.Text(TEXTS.get(random.nextInt(TEXTS.size())));
    }

    private Source source(Screen on, Optional<Hotspot> touched) {
        List<Hotspot> fields = on.hotspots().stream().filter(Hotspot::isField).toList();
        return switch (random.nextInt(5)) {
            case 0 -> new Source.Given(NAMES.get(random.nextInt(NAMES.size())));
            case 1 ->
                fields.isEmpty()
                        ? Source.of(text())
                        : new Source.Typed(
                                fields.get(random.nextInt(fields.size())).id());
            case 2 ->
                touched.filter(h -> !h.rows().isEmpty()).isPresent()
                        ? new Source.OfRow("item")
                        : Source.of(new Value.Number(random.nextInt(3)));
            case 3 -> plain.facts().isEmpty() ? Source.of(text()) : fact();
            default -> Source.of(text());
        };
    }

    private Source fact() {
        List<Fact> facts = plain.facts();
        return new Source.OfFact(facts.get(random.nextInt(facts.size())).id());
    }
}
