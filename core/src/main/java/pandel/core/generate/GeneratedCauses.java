package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** All sorts of causes, outcomes and things said, put on some links of a made-up prototype. */
final class GeneratedCauses {

    private static final List<String> OUTCOMES = List.of("saved", "refused", "no network");

    private final Random random;
    private final Kind kind;
    private final List<Screen> screens;

    private GeneratedCauses(Random random, Kind kind, List<Screen> screens) {
        this.random = random;
        this.kind = kind;
        this.screens = screens;
    }

    static Prototype on(Prototype plain, Random random, Kind kind) {
        GeneratedCauses causes = new GeneratedCauses(random, kind, plain.screens());
        return plain.withScreens(plain.screens().stream().map(causes::screen).toList());
    }

    private Screen screen(Screen screen) {
        List<Hotspot> hotspots = screen.hotspots().stream().map(this::hotspot).toList();
        List<Link> links =
                new ArrayList<>(screen.links().stream().map(this::turningOut).toList());
        if (seldom()) {
            Cause cause = switch (random.nextInt(5)) {
                case 0 -> new Cause.Untouched(1 + random.nextInt(kind == Kind.NASTY ? 5 : 5000));
                case 1 -> new Cause.Work();
                case 2 -> new Cause.Back();
                case 3 -> touch();
                default -> new Cause.Wait(1 + random.nextInt(kind == Kind.NASTY ? 5 : 5000));
            };
            links.add(turningOut(Link.of(
                    screen.id() + "-c" + links.size(),
                    cause,
                    Effect.of(Generated.MOVES.get(random.nextInt(Generated.MOVES.size())), any()))));
        }
        return screen.withHotspots(hotspots).withLinks(links);
    }

    private Hotspot hotspot(Hotspot hotspot) {
        List<Link> links =
                new ArrayList<>(hotspot.links().stream().map(this::turningOut).toList());
        if (seldom()) {
            links.add(turningOut(Link.of(
                    hotspot.id() + "-c",
                    touch(),
                    Effect.of(Generated.MOVES.get(random.nextInt(Generated.MOVES.size())), any()))));
        }
        return hotspot.withLinks(links);
    }

    private Cause.Touch touch() {
        Gesture gesture = Gesture.values()[random.nextInt(Gesture.values().length)];
        return new Cause.Touch(gesture, gesture == Gesture.KEY ? random.nextBoolean() ? "Enter" : "N" : "");
    }

    private Target any() {
        return new Target.ToScreen(screens.get(random.nextInt(screens.size())).id());
    }

    private boolean seldom() {
        return random.nextInt(kind == Kind.USUAL ? 60 : 4) == 0;
    }

    private Link turningOut(Link link) {
        if (!seldom() || link.branches().isEmpty()) {
            return link;
        }
        List<Branch> branches = new ArrayList<>();
        int n = 1 + random.nextInt(kind == Kind.USUAL ? 2 : 3);
        for (int i = 0; i < n; i++) {
            List<Effect> effects = new ArrayList<>(
                    i == 0
                            ? link.branches().getFirst().effects()
                            : List.of(Effect.of(Generated.MOVES.get(random.nextInt(Generated.MOVES.size())), any())));
            if (random.nextInt(3) == 0) {
                effects.add(
                        random.nextBoolean() ? says(link.id() + "-u" + i) : new Effect.Leave("https://example.org/"));
            }
            if (kind == Kind.NASTY && random.nextInt(6) == 0) {
                effects.removeIf(Effect::isMove);
            }
            branches.add(Branch.of(effects)
                    .withOutcome(
                            n == 1 || kind == Kind.NASTY && random.nextInt(5) == 0
                                    ? Optional.empty()
                                    : Optional.of(OUTCOMES.get(i))));
        }
        return new Link(link.id(), link.cause(), branches, Rest.NONE);
    }

    /**
     * What is said, in nasty ones as often as not with an action. The numbers that all else is made by are left alone.
     */
    private Effect says(String action) {
        Random of = new Random(action.hashCode() * 31L + screens.size());
        if (kind == Kind.USUAL || of.nextBoolean()) {
            return new Effect.Notice("It is done", 2000);
        }
        Effect move = Effect.of(
                Generated.MOVES.get(of.nextInt(Generated.MOVES.size())),
                new Target.ToScreen(screens.get(of.nextInt(screens.size())).id()));
        return new Effect.Notice(
                "It is done",
                of.nextInt(3) == 0 ? 0 : 800 + of.nextInt(3) * 600,
                Optional.of(new Effect.Action("Undo", Link.of(action, new Cause.Touch(Gesture.TAP), move))));
    }
}
