package pandel.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** Changes of every link of a prototype, wherever it stands; what does not change is shared. */
public final class EachLink {

    private EachLink() {}

    /** The prototype without the links that lead to screens. */
    public static Prototype dropLinksTo(Prototype p, Set<String> gone) {
        return change(p, l -> leadsTo(l, gone) ? Optional.empty() : Optional.of(l));
    }

    /** The prototype without some links. */
    public static Prototype dropLinks(Prototype p, Predicate<Link> gone) {
        return change(p, l -> gone.test(l) ? Optional.empty() : Optional.of(l));
    }

    /** The prototype with everything that leads to one screen leading to another. */
    public static Prototype retarget(Prototype p, String from, String to) {
        UnaryOperator<Effect> led = e -> e.target()
                .filter(t -> t.id().equals(from))
                .map(t -> e.leadingTo(elsewhere(p, t, to)))
                .orElse(e);
        return change(
                        p,
                        l -> leadsTo(l, Set.of(from))
                                ? Optional.of(l.withBranches(l.branches().stream()
                                        .map(b -> b.withEffects(
                                                b.effects().stream().map(led).toList()))
                                        .toList()))
                                : Optional.of(l))
                .withEntries(p.entries().stream()
                        .map(e -> e.target().id().equals(from) ? e.leadingTo(new Target.ToScreen(to)) : e)
                        .toList());
    }

    /** Whether an effect goes on to another screen of the same trail: what frames take over as a turn or a switch. */
    public static boolean isStep(Effect effect) {
        return effect instanceof Effect.Advance || effect instanceof Effect.Replace;
    }

    /** Another target, with as much carried as that expects too. */
    public static Target elsewhere(Prototype p, Target target, String to) {
        Target screen = new Target.ToScreen(to);
        return screen.carrying(ExpectedValues.expected(p, screen, target.values()));
    }

    private static boolean leadsTo(Link link, Set<String> screens) {
        return link.branches().stream()
                .flatMap(b -> b.effects().stream())
                .map(Effect::target)
                .anyMatch(t -> t.isPresent() && screens.contains(t.get().id()));
    }

    /** Some links changed, by their ids; what does not change is shared. */
    public static Prototype links(Prototype p, Set<String> which, UnaryOperator<Link> change) {
        return change(p, l -> Optional.of(which.contains(l.id()) ? change.apply(l) : l));
    }

    /** Every branch of every link changed; what does not change is shared. */
    public static Prototype branches(Prototype p, UnaryOperator<Branch> change) {
        return change(
                p,
                l -> Optional.of(
                        l.withBranches(l.branches().stream().map(change).toList())));
    }

    /** Every effect of every link changed; what does not change is shared. */
    public static Prototype effects(Prototype p, BiFunction<Link, Effect, Effect> change) {
        return change(
                p,
                l -> Optional.of(l.withBranches(l.branches().stream()
                        .map(b -> b.withEffects(b.effects().stream()
                                .map(e -> change.apply(l, e))
                                .toList()))
                        .toList())));
    }

    /** Everything that links and entries lead to changed; what does not change is shared. */
    public static Prototype targets(Prototype p, UnaryOperator<Target> change) {
        return effects(
                        p,
                        (link, e) -> e.target()
                                .map(t -> e.leadingTo(change.apply(t)))
                                .orElse(e))
                .withEntries(p.entries().stream()
                        .map(e -> e.leadingTo(change.apply(e.target())))
                        .toList());
    }

    /** Every link changed or, where the change gives nothing, dropped; what does not change is shared. */
    public static Prototype change(Prototype p, Function<Link, Optional<Link>> each) {
        Function<Link, Optional<Link>> change = l -> each.apply(l).map(changed -> changed.withEachAction(each));
        UnaryOperator<List<Link>> all =
                links -> links.stream().flatMap(l -> change.apply(l).stream()).toList();
        UnaryOperator<Hotspot> inHotspot = h -> {
            List<Link> links = all.apply(h.links());
            return links.equals(h.links()) ? h : h.withLinks(links);
        };
        return p.withScreens(p.screens().stream()
                        .map(s -> inScreen(s, all, inHotspot))
                        .toList())
                .withShared(p.shared().stream().map(s -> inShared(s, inHotspot)).toList())
                .withSequences(
                        p.sequences().stream().map(s -> s.withEachLink(all)).toList())
                .withTabSets(
                        p.tabSets().stream().map(s -> s.withEachLink(change)).toList())
                .withDrawers(
                        p.drawers().stream().map(d -> d.withEachLink(change)).toList())
                .withHeaders(
                        p.headers().stream().map(h -> h.withEachLink(change)).toList());
    }

    private static Screen inScreen(Screen screen, UnaryOperator<List<Link>> all, UnaryOperator<Hotspot> inHotspot) {
        List<Link> links = all.apply(screen.links());
        Screen own = links.equals(screen.links()) ? screen : screen.withLinks(links);
        List<Hotspot> hotspots = own.hotspots().stream().map(inHotspot).toList();
        return hotspots.equals(own.hotspots()) ? own : own.withHotspots(hotspots);
    }

    private static SharedHotspot inShared(SharedHotspot shared, UnaryOperator<Hotspot> inHotspot) {
        Hotspot changed = inHotspot.apply(shared.hotspot());
        return changed == shared.hotspot() ? shared : shared.withHotspot(changed);
    }
}
