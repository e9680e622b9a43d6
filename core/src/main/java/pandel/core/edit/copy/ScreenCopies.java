package pandel.core.edit.copy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.edit.Titles;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Attached;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Source;

/**
 * Copies of screens with their looks, hotspots and links. Links among them lead to the copies, all others where they
 * led; what is shared stands on the copies too, and frames attached to the screens are attached to the copies.
 *
 * @param screens the copies, in the order of the screens
 */
public record ScreenCopies(List<Screen> screens, Edit edit) {

    /** @param originals of the prototype, one or more */
    public static ScreenCopies of(Prototype p, List<Screen> originals, Naming naming) {
        Copying copying = new Copying(p, naming);
        originals.forEach(copying::name);
        List<Screen> made = originals.stream().map(copying::copy).toList();
        Map<String, String> copies = copying.ids;
        String what = originals.size() == 1 ? Titles.of(originals.getFirst()) : originals.size() + " screens";
        return new ScreenCopies(made, Edit.of("copy " + what, q -> {
            List<Screen> all = new ArrayList<>(q.screens());
            all.addAll(1 + lastOf(all, copies.keySet()), made);
            return q.withScreens(all)
                    .withShared(q.shared().stream()
                            .map(s -> s.on(Stream.concat(
                                            s.screens().stream(),
                                            s.screens().stream()
                                                    .filter(copies::containsKey)
                                                    .map(copies::get))
                                    .distinct()
                                    .toList()))
                            .toList())
                    .withDrawers(q.drawers().stream()
                            .map(d -> d.withOn(d.on().withCopies(copies)))
                            .toList())
                    .withHeaders(q.headers().stream()
                            .map(h -> h.withOn(h.on().withCopies(copies))
                                    .withHiddenOn(Attached.withCopies(h.hiddenOn(), copies)))
                            .toList())
                    .withTabSets(q.tabSets().stream()
                            .map(s -> s.withHiddenOn(Attached.withCopies(s.hiddenOn(), copies)))
                            .toList());
        }));
    }

    /** Where the last of some screens stands; −1 where none does. */
    private static int lastOf(List<Screen> all, Set<String> some) {
        int last = all.size() - 1;
        while (last >= 0 && !some.contains(all.get(last).id())) {
            last--;
        }
        return last;
    }

    /**
     * Screens of another prototype, put at the end. Links among them lead to one another; what leads to anything else
     * of that prototype is left out.
     *
     * @param from what they were taken from, with the facts they ask for
     */
    public static ScreenCopies taken(Prototype p, Prototype from, Naming naming) {
        Copying copying = new Copying(p, naming);
        from.screens().forEach(copying::name);
        List<Screen> made = from.screens().stream()
                .map(s -> copying.copy(s).withCopyOf(Optional.empty()))
                .map(copying::amongThem)
                .toList();
        return new ScreenCopies(
                made,
                Edit.of(
                        "take in " + (made.size() == 1 ? Titles.of(made.getFirst()) : made.size() + " screens"),
                        q -> ScreenEdits.add(made)
                                .applyTo(AddedFacts.with(
                                        q,
                                        from.facts().stream()
                                                .filter(f -> q.fact(f.id()).isEmpty())
                                                .toList()))));
    }

    /** Ids of what is copied, and of the copies. */
    private static final class Copying {
        private final Set<String> taken;
        private final Naming naming;
        private final Map<String, String> ids = new HashMap<>();

        private Copying(Prototype p, Naming naming) {
            this.taken = new LinkedHashSet<>(p.index().ids());
            this.naming = naming;
        }

        private void name(Screen screen) {
            fresh(screen.id(), screen.title());
            screen.hotspots().forEach(h -> {
                fresh(h.id(), h.title());
                h.links().forEach(this::fresh);
            });
            screen.links().forEach(this::fresh);
            screen.states().forEach(s -> fresh(s.id(), s.title()));
        }

        private void fresh(Link link) {
            fresh(link.id(), link.id());
            link.actions().forEach(a -> fresh(a.id(), a.id()));
        }

        private void fresh(String id, String words) {
            ids.put(id, naming.take(words, taken));
        }

        private String of(String id) {
            return ids.getOrDefault(id, id);
        }

        private Screen copy(Screen screen) {
            return screen.withId(of(screen.id()))
                    .withCopyOf(Optional.of(screen.id()))
                    .withHome(false)
                    .withStates(screen.states().stream().map(this::copy).toList())
                    .withHotspots(screen.hotspots().stream().map(this::copy).toList())
                    .withLinks(screen.links().stream().map(this::copy).toList());
        }

        /** Without the links that lead to anything else. */
        private Screen amongThem(Screen screen) {
            return screen.withHotspots(screen.hotspots().stream()
                            .map(h -> h.withLinks(amongThem(h.links())))
                            .toList())
                    .withLinks(amongThem(screen.links()));
        }

        private List<Link> amongThem(List<Link> links) {
            return links.stream()
                    .filter(this::isAmong)
                    .map(l -> l.withEachAction(a -> Optional.of(a).filter(this::isAmong)))
                    .toList();
        }

        private boolean isAmong(Link link) {
            return link.effects()
                            .flatMap(e -> e.target().stream())
                            .allMatch(t -> t instanceof Target.ToScreen && ids.containsValue(t.id()))
                    && link.effects().noneMatch(e -> e instanceof Effect.SwitchTab || e instanceof Effect.MoveDrawer);
        }

        private Hotspot copy(Hotspot hotspot) {
            return hotspot.withId(of(hotspot.id()))
                    .withLinks(hotspot.links().stream().map(this::copy).toList());
        }

        private State copy(State state) {
            Set<String> hides = new LinkedHashSet<>();
            state.hides().forEach(h -> hides.add(of(h)));
            Map<String, Map<Width, Area>> moves = new LinkedHashMap<>();
            state.moves().forEach((h, areas) -> moves.put(of(h), areas));
            return state.withId(of(state.id()))
                    .withConditions(state.conditions().stream().map(this::copy).toList())
                    .withHides(hides)
                    .withMoves(moves);
        }

        private Link copy(Link link) {
            return link.withBranches(link.branches().stream().map(this::copy).toList())
                    .withEachAction(a -> Optional.of(copy(a)))
                    .withId(of(link.id()));
        }

        private Branch copy(Branch branch) {
            return branch.withWhen(branch.when().stream().map(this::copy).toList())
                    .withEffects(branch.effects().stream().map(this::copy).toList());
        }

        private Condition copy(Condition condition) {
            return new Condition(read(condition.what()), condition.compare(), read(condition.with()));
        }

        private Effect copy(Effect effect) {
            Effect reading = Carrying.reading(effect, this::read);
            if (reading instanceof Effect.BeginAgain again) {
                return new Effect.BeginAgain(of(again.link()));
            }
            return reading.target()
                    .filter(t -> t instanceof Target.ToScreen && ids.containsKey(t.id()))
                    .map(t -> reading.leadingTo(new Target.ToScreen(of(t.id()), t.values())))
                    .orElse(reading);
        }

        private Source read(Source source) {
            return source instanceof Source.Typed typed ? new Source.Typed(of(typed.field())) : source;
        }
    }
}
