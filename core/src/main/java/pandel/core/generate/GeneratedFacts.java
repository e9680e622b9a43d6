package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Effect.Change;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.start.Spot;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Condition.Compare;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;

/** Facts, looks that ask for them and links that remember them, put on a made-up prototype. */
final class GeneratedFacts {

    private final Prototype plain;
    private final Random random;
    private final Kind kind;
    private final List<Fact> facts = new ArrayList<>();

    GeneratedFacts(Prototype plain, long seed, Kind kind, int count) {
        this.plain = plain;
        this.random = new Random(seed ^ 0x5EED);
        this.kind = kind;
        for (int i = 0; i < count; i++) {
            int dice = kind == Kind.USUAL ? 0 : random.nextInt(4);
            facts.add(new Fact(
                    "f" + i,
                    "fact " + (i + 1),
                    dice < 2
                            ? new Fact.Kind.YesNo()
                            : dice == 2 ? new Fact.Kind.OneOf(List.of("red", "blue")) : new Fact.Kind.Number(0, 4),
                    Rest.NONE));
        }
    }

    /** Some of what could be one of some words can be any text. */
    static Prototype texts(Prototype p, Random random) {
        return p.withFacts(p.facts().stream()
                .map(f -> f.kind() instanceof Fact.Kind.OneOf && random.nextInt(3) == 0
                        ? new Fact(f.id(), f.title(), new Fact.Kind.Text(), f.rest())
                        : f)
                .toList());
    }

    Prototype made() {
        List<Screen> screens = plain.screens().stream().map(this::screen).toList();
        Prototype made = plain.withFacts(facts).withScreens(screens);
        if (kind == Kind.NASTY && random.nextInt(3) == 0) {
            Screen to = screens.get(random.nextInt(screens.size()));
            Fact fact = facts.getFirst();
            made = made.withStartPoints(List.of(new StartPoint(
                    "point",
                    "Point",
                    List.of(List.of(Spot.of("s0")), List.of(Spot.of(to.id()))),
                    Facts.NONE.with(fact, fact.values().getLast()),
                    Rest.NONE)));
        }
        return made;
    }

    private Screen screen(Screen screen) {
        List<Hotspot> hotspots = screen.hotspots().stream()
                .map(h -> h.withLinks(h.links().stream().map(this::link).toList()))
                .toList();
        List<State> states = new ArrayList<>();
        int most = kind == Kind.USUAL ? 1 : 2;
        while (states.size() < most && random.nextInt(5) < (kind == Kind.USUAL ? 1 : 3)) {
            Set<String> hides = hotspots.isEmpty()
                    ? Set.of()
                    : Set.of(hotspots.get(random.nextInt(hotspots.size())).id());
            states.add(new State(
                    screen.id() + "-t" + states.size(),
                    "Look " + (states.size() + 1),
                    conditions(),
                    List.of(),
                    hides,
                    Map.of(),
                    Rest.NONE));
        }
        return screen.withHotspots(hotspots)
                .withLinks(screen.links().stream().map(this::link).toList())
                .withStates(states);
    }

    private List<Condition> conditions() {
        List<Condition> conditions = new ArrayList<>();
        do {
            Fact fact = facts.get(random.nextInt(facts.size()));
            Value value = fact.values().get(random.nextInt(fact.values().size()));
            Compare compare = fact.kind() instanceof Fact.Kind.Number
                    ? Compare.values()[random.nextInt(4)]
                    : random.nextInt(3) == 0 ? Compare.IS_NOT : Compare.IS;
            conditions.add(
                    kind == Kind.NASTY && random.nextInt(12) == 0
                            ? new Condition("gone-fact", Compare.IS, value)
                            : new Condition(fact.id(), compare, value));
        } while (random.nextInt(3) == 0);
        return conditions;
    }

    private Link link(Link link) {
        if (random.nextInt(10) >= (kind == Kind.USUAL ? 1 : 4)
                || link.branches().isEmpty()) {
            return link;
        }
        Fact fact = facts.get(random.nextInt(facts.size()));
        List<Effect> effects = new ArrayList<>(List.of(new Effect.Remember(
                kind == Kind.NASTY && random.nextInt(20) == 0 ? "gone-fact" : fact.id(), change(fact))));
        if (random.nextInt(3) > 0) {
            effects.addAll(
                    random.nextBoolean() ? effects.size() : 0,
                    link.branches().getFirst().effects());
        }
        List<Branch> branches = new ArrayList<>(link.branches());
        branches.set(0, branches.getFirst().withEffects(effects));
        if (random.nextInt(3) == 0) {
            int one = random.nextInt(branches.size());
            branches.set(one, branches.get(one).withWhen(conditions()));
        }
        return link.withBranches(branches);
    }

    private Change change(Fact fact) {
        List<Value> values = fact.values();
        return switch (fact.kind()) {
            case Fact.Kind.YesNo y when random.nextInt(3) == 0 -> new Change.Toggle();
            case Fact.Kind.Number n when random.nextBoolean() -> new Change.By(random.nextBoolean() ? 1 : -1);
            default ->
                random.nextInt(6) == 0 ? new Change.Unset() : new Change.Set(values.get(random.nextInt(values.size())));
        };
    }
}
