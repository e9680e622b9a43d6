package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;

/**
 * Drawers on some screens of a made-up prototype, whose items do what its links do, and links that open and close them;
 * now and then a list beside its detail.
 */
final class GeneratedDrawers extends GeneratedFrames {

    private static final double PHONE = 390;

    private final List<Drawer> drawers = new ArrayList<>();

    private GeneratedDrawers(Prototype plain, Random random, Kind kind) {
        super(plain, random, kind);
    }

    static Prototype on(Prototype plain, Random random, Kind kind) {
        return new GeneratedDrawers(plain, random, kind).made();
    }

    private Prototype made() {
        if (plain.screens().size() < 4) {
            return plain;
        }
        int count = kind == Kind.NASTY ? random.nextInt(3) : 1;
        for (int i = 0; i < count; i++) {
            drawers.add(drawer("d" + i));
        }
        Prototype drawn = count == 0
                ? plain
                : plain.withScreens(plain.screens().stream().map(this::screen).toList())
                        .withDrawers(drawers);
        return random.nextInt(kind == Kind.USUAL ? 2 : 3) == 0 ? drawn.withPairs(List.of(pair())) : drawn;
    }

    /** A list and what one of its links leads to. */
    private Pair pair() {
        List<Way> steps = plain.index().ways().stream()
                .filter(w -> w.hotspot().isPresent()
                        && w.from().size() == 1
                        && w.targets().size() == 1
                        && w.link().effects().anyMatch(Effect.Advance.class::isInstance))
                .toList();
        Way step = steps.isEmpty() ? null : any(steps);
        return step == null
                ? Pair.of("p0", any(plain.screens()).id(), any(plain.screens()).id())
                : Pair.of(
                        "p0",
                        step.from().getFirst().id(),
                        step.targets().iterator().next());
    }

    private Drawer drawer(String id) {
        List<Screen> pages = pages();
        List<Drawer.Item> items = new ArrayList<>();
        int size = kind == Kind.USUAL ? 4 + random.nextInt(4) : random.nextInt(4);
        for (int i = 0; i < size; i++) {
            items.add(new Drawer.Item(
                    id + "-i" + i,
                    "Item " + (i + 1),
                    "",
                    i > 2 ? "More" : "",
                    i == size - 1,
                    kind == Kind.USUAL
                            ? Branch.of(new Effect.Advance(
                                    new Target.ToScreen(any(pages).id())))
                            : does(id)));
        }
        Attached on = attached(2);
        Drawer drawer = Drawer.of(id, "Drawer " + id, items, on);
        if (kind == Kind.USUAL) {
            return drawer;
        }
        Drawer.Panel panel = drawer.panel()
                .withSide(any(List.of(PanelSide.values())))
                .withMoves(any(List.of(Drawer.Moves.values())))
                .withReach(random.nextInt(2) * 20)
                .withFrom(random.nextInt(2) == 0 ? (int) PHONE : 1000);
        return drawer.withPanel(panel).withOutside(random.nextInt(4) > 0);
    }

    /** What one of its links does; now and then nothing, or something to a drawer. */
    private Branch does(String id) {
        if (random.nextInt(5) == 0) {
            return Branch.of(random.nextBoolean() ? List.of() : List.of(moved(random.nextBoolean() ? id : "d0")));
        }
        List<Way> ways = plain.index().ways().stream()
                .filter(w -> !w.isOfFrame() && !w.link().branches().isEmpty())
                .toList();
        return ways.isEmpty()
                ? Branch.of(new Effect.Return())
                : any(any(ways).link().withEachAction(a -> Optional.empty()).branches())
                        .withOutcome(Optional.empty());
    }

    private Effect moved(String drawer) {
        return new Effect.MoveDrawer(
                random.nextInt(15) == 0 ? "gone-drawer" : drawer, any(List.of(Effect.How.values())));
    }

    private Screen screen(Screen screen) {
        List<Hotspot> hotspots = new ArrayList<>(screen.hotspots());
        for (Drawer drawer : drawers) {
            boolean named = drawer.on().all() || drawer.on().screens().contains(screen.id());
            if (kind == Kind.USUAL ? named : random.nextInt(named ? 2 : 6) == 0) {
                String id = screen.id() + "-" + drawer.id();
                Effect effect =
                        kind == Kind.USUAL ? new Effect.MoveDrawer(drawer.id(), Effect.How.OPEN) : moved(drawer.id());
                hotspots.add(new Hotspot(
                        id,
                        "Drawer",
                        Map.of(Width.NARROW, new Area(10, 10, 44, 44)),
                        List.of(Link.of(id + "-tap", new Cause.Touch(Gesture.TAP), effect)),
                        Rest.NONE));
            }
        }
        List<Link> links = kind == Kind.USUAL
                ? screen.links()
                : screen.links().stream().map(this::drawn).toList();
        return screen.withHotspots(hotspots).withLinks(links);
    }

    /** Some links of whole screens, waits among them, do something to a drawer too. */
    private Link drawn(Link link) {
        return link.branches().isEmpty() || random.nextInt(5) > 0
                ? link
                : link.branch(0, b -> {
                    List<Effect> effects = new ArrayList<>(b.effects());
                    effects.add(
                            random.nextInt(effects.size() + 1),
                            moved(any(drawers).id()));
                    return b.withEffects(effects);
                });
    }
}
