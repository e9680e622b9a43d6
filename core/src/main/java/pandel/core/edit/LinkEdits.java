package pandel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** Edits of links. */
public final class LinkEdits {

    private LinkEdits() {}

    /** Gives a sequence a link of its own, its finish or its skip, in place of one it has. */
    public static Edit link(Sequence sequence, Link link, String whereTo) {
        boolean finish = link.cause() instanceof Cause.Finish;
        return Edit.of(
                (finish ? "finish “" : "skip “") + sequence.shownTitle() + "”" + whereTo,
                p -> SequenceEdits.change(
                        p,
                        sequence.id(),
                        s -> finish ? s.withFinish(Optional.of(link)) : s.withSkip(Optional.of(link))));
    }

    /** Gives a hotspot a link, in place of one it has with the same cause. */
    public static Edit link(Hotspot hotspot, Link link, String whereTo) {
        return Edit.of(
                "link " + HotspotEdits.named(hotspot) + whereTo,
                p -> HotspotEdits.change(p, hotspot.id(), h -> h.withLinks(with(h.links(), link))));
    }

    /** Marks a hotspot, links it and, where the target is new, adds that screen: one step for undo. */
    public static Edit markAndLink(Screen on, Hotspot hotspot, Optional<Screen> newTarget, String whereTo) {
        return Edit.of("link " + HotspotEdits.named(hotspot) + whereTo, p -> {
            Prototype marked = HotspotEdits.put(p, on.id(), hotspot);
            return newTarget
                    .map(target -> ScreenEdits.add(List.of(target)).applyTo(marked))
                    .orElse(marked);
        });
    }

    /** Puts a link of the whole screen, a wait say, behind those it has. */
    public static Edit linkScreen(Screen screen, Link link) {
        return Edit.of(
                "link " + ScreenEdits.quoted(screen),
                p -> p.withScreen(screen.id(), s -> {
                    List<Link> links = new ArrayList<>(s.links());
                    links.add(link);
                    return s.withLinks(links);
                }));
    }

    /** Puts a changed link in the place of the one with its id. */
    public static Edit change(String name, Link link) {
        return Edit.of(name, p -> mapLinks(p, l -> l.id().equals(link.id()) ? Optional.of(link) : Optional.of(l)));
    }

    public static Edit remove(Link link) {
        return Edit.of(
                "remove a link", p -> mapLinks(p, l -> l.id().equals(link.id()) ? Optional.empty() : Optional.of(l)));
    }

    /** Everything that leads to a screen, entries too, leads to another one instead. */
    public static Edit leadElsewhere(Screen from, Screen to) {
        return Edit.of(
                "lead to " + ScreenEdits.quoted(to) + " instead of " + ScreenEdits.quoted(from),
                p -> retarget(p, from.id(), to.id()));
    }

    /** The prototype without the links that lead to screens. */
    static Prototype dropLinksTo(Prototype p, Set<String> gone) {
        return mapLinks(p, l -> leadsTo(l, gone) ? Optional.empty() : Optional.of(l));
    }

    /** The prototype without some links. */
    static Prototype dropLinks(Prototype p, Predicate<Link> gone) {
        return mapLinks(p, l -> gone.test(l) ? Optional.empty() : Optional.of(l));
    }

    /** The prototype with everything that leads to one screen leading to another. */
    static Prototype retarget(Prototype p, String from, String to) {
        UnaryOperator<Effect> led = e -> e.target()
                .filter(t -> t.id().equals(from))
                .map(t -> e.leadingTo(elsewhere(p, t, to)))
                .orElse(e);
        return mapLinks(
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
    static boolean isStep(Effect effect) {
        return effect instanceof Effect.Advance || effect instanceof Effect.Replace;
    }

    /** Another target, with as much carried as that expects too. */
    static Target elsewhere(Prototype p, Target target, String to) {
        Target screen = new Target.ToScreen(to);
        return screen.carrying(Carrying.expected(p, screen, target.values()));
    }

    private static boolean leadsTo(Link link, Set<String> screens) {
        return link.branches().stream()
                .flatMap(b -> b.effects().stream())
                .map(Effect::target)
                .anyMatch(t -> t.isPresent() && screens.contains(t.get().id()));
    }

    /** Some links changed, by their ids; what does not change is shared. */
    static Prototype links(Prototype p, Set<String> which, UnaryOperator<Link> change) {
        return mapLinks(p, l -> Optional.of(which.contains(l.id()) ? change.apply(l) : l));
    }

    /** Every branch of every link changed; what does not change is shared. */
    static Prototype branches(Prototype p, UnaryOperator<Branch> change) {
        return mapLinks(
                p,
                l -> Optional.of(
                        l.withBranches(l.branches().stream().map(change).toList())));
    }

    /** Every effect of every link changed; what does not change is shared. */
    static Prototype effects(Prototype p, BiFunction<Link, Effect, Effect> change) {
        return mapLinks(
                p,
                l -> Optional.of(l.withBranches(l.branches().stream()
                        .map(b -> b.withEffects(b.effects().stream()
                                .map(e -> change.apply(l, e))
                                .toList()))
                        .toList())));
    }

    /** Everything that links and entries lead to changed; what does not change is shared. */
    static Prototype targets(Prototype p, UnaryOperator<Target> change) {
        return effects(
                        p,
                        (link, e) -> e.target()
                                .map(t -> e.leadingTo(change.apply(t)))
                                .orElse(e))
                .withEntries(p.entries().stream()
                        .map(e -> e.leadingTo(change.apply(e.target())))
                        .toList());
    }

    private static List<Link> with(List<Link> links, Link link) {
        List<Link> changed = new ArrayList<>(links);
        int same = -1;
        for (int i = 0; i < links.size(); i++) {
            if (links.get(i).id().equals(link.id()) || links.get(i).cause().equals(link.cause())) {
                same = i;
                break;
            }
        }
        if (same < 0) {
            changed.add(link);
        } else {
            changed.set(same, link);
        }
        return changed;
    }

    /** Every link changed or, where the change gives nothing, dropped; what does not change is shared. */
    private static Prototype mapLinks(Prototype p, Function<Link, Optional<Link>> change) {
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
                        p.drawers().stream().map(d -> d.withEachLink(change)).toList());
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
