package pandel.core.generate;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/**
 * Tab sets made of the screens of a made-up prototype, links that lead to them and out of them, and links that switch
 * their tabs.
 */
final class GeneratedTabs extends GeneratedFrames {

    /** Larger usual ones have no tab set: with several the checks take many times as long, and past a bound give up. */
    private static final int MOST_SCREENS = 400;

    private final List<TabSet> sets = new ArrayList<>();

    private GeneratedTabs(Prototype plain, Random random, Kind kind) {
        super(plain, random, kind);
    }

    static Prototype on(Prototype plain, Random random, Kind kind) {
        return new GeneratedTabs(plain, random, kind).made();
    }

    private Prototype made() {
        if (plain.screens().size() < 5) {
            return plain;
        }
        int count = kind == Kind.NASTY ? random.nextInt(3) : plain.screens().size() > MOST_SCREENS ? 0 : 1;
        for (int i = 0; i < count; i++) {
            sets.add(set("g" + i, i > 0 && random.nextInt(2) == 0 ? Optional.of("g" + (i - 1)) : Optional.empty()));
        }
        return count == 0
                ? plain
                : plain.withScreens(plain.screens().stream().map(this::screen).toList())
                        .withTabSets(sets);
    }

    /** @param inner another set, that stands in a tab of this one */
    private TabSet set(String id, Optional<String> inner) {
        List<Screen> all =
                plain.screens().stream().filter(s -> s.form() == Form.PAGE).toList();
        // As people make them, nothing takes the place of a root.
        List<Screen> lasting = all.stream()
                .filter(s -> plain.index().waysOut(s.id()).stream()
                        .noneMatch(w -> w.link().effects().anyMatch(Effect.Replace.class::isInstance)))
                .toList();
        List<Screen> pages = kind == Kind.USUAL && lasting.size() > 3 ? lasting : all;
        List<TabSet.Tab> tabs = new ArrayList<>();
        int size = kind == Kind.USUAL ? 3 + random.nextInt(2) : 1 + random.nextInt(3);
        for (int i = 0; i < size; i++) {
            Target root = i == 1 && inner.isPresent()
                    ? new Target.ToTabs(inner.get())
                    : kind == Kind.NASTY && random.nextInt(12) == 0
                            ? new Target.ToScreen("gone-root")
                            : kind == Kind.NASTY
                                            && random.nextInt(6) == 0
                                            && !plain.sequences().isEmpty()
                                    ? new Target.ToSequence(
                                            plain.sequences().getFirst().id())
                                    : new Target.ToScreen(any(pages).id());
            tabs.add(new TabSet.Tab(id + "-t" + i, "Tab " + (i + 1), "", root));
        }
        Set<String> hiding = new LinkedHashSet<>();
        while (random.nextInt(3) == 0) {
            hiding.add(any(plain.screens()).id());
        }
        if (kind == Kind.USUAL) {
            tabs.forEach(t -> hiding.remove(t.root().id()));
        }
        return TabSet.of(id, "Set " + id, tabs)
                .withKeeps(random.nextInt(4) > 0)
                .withBacks(random.nextBoolean())
                .withSwipes(random.nextInt(3) == 0)
                .withFirst(random.nextInt(3) == 0 ? any(tabs).id() : "")
                .withHiddenOn(hiding)
                .withButton(button(id));
    }

    /** Now and then a floating button that does what one of the links does. */
    private Optional<TabSet.Floating> button(String id) {
        List<Link> links = plain.index().ways().stream()
                .filter(w -> !w.isOfFrame() && w.sequence().isEmpty())
                .map(Way::link)
                .toList();
        if (links.isEmpty() || random.nextInt(kind == Kind.USUAL ? 2 : 4) > 0) {
            return Optional.empty();
        }
        Link does = kind == Kind.USUAL
                ? Link.of(
                        id + "-button",
                        new Cause.Touch(Gesture.TAP),
                        new Effect.Advance(new Target.ToScreen(any(plain.screens().stream()
                                        .filter(s -> s.form() == Form.PAGE)
                                        .toList())
                                .id())))
                : any(links)
                        .withEachAction(a -> Optional.empty())
                        .withId(id + "-button")
                        .withCause(new Cause.Touch(Gesture.TAP));
        return Optional.of(new TabSet.Floating(
                does,
                "",
                random.nextInt(4) == 0 ? Map.of(TabSet.Side.STRIP, any(List.of(TabSet.At.values()))) : Map.of(),
                TabSet.Floating.USUAL_SIZE));
    }

    private Screen screen(Screen screen) {
        List<Hotspot> hotspots = new ArrayList<>(screen.hotspots().stream()
                .map(h -> h.withLinks(h.links().stream().map(this::led).toList()))
                .toList());
        if (random.nextInt(kind == Kind.USUAL ? 30 : 4) == 0) {
            String id = screen.id() + "-switch";
            hotspots.add(new Hotspot(
                    id,
                    "Switch",
                    Map.of(Width.NARROW, new Area(100, 700, 60, 40)),
                    List.of(Link.of(
                            id + "-tap",
                            new Cause.Touch(Gesture.TAP),
                            new Effect.SwitchTab(
                                    kind == Kind.NASTY && random.nextInt(12) == 0
                                            ? "gone-tab"
                                            : any(any(sets).tabs()).id()))),
                    Rest.NONE));
        }
        return screen.withHotspots(hotspots);
    }

    /** Some links lead to a tab set instead, some out of the tabs. */
    private Link led(Link link) {
        int dice = random.nextInt(kind == Kind.USUAL ? 40 : 10);
        if (dice > 1) {
            return link;
        }
        TabSet to = any(sets);
        Optional<String> tab =
                random.nextInt(3) == 0 ? Optional.of(any(to.tabs()).id()) : Optional.empty();
        return link.withBranches(link.branches().stream()
                .map(b -> dice == 0
                        ? b.withEffects(b.effects().stream()
                                .map(e -> e.target().isPresent() && (kind == Kind.NASTY || e.verb() == Verb.ADVANCE)
                                        ? e.leadingTo(new Target.ToTabs(
                                                to.id(), tab, e.target().get().values()))
                                        : e)
                                .toList())
                        : b.move()
                                        .filter(m -> m instanceof Effect.Advance
                                                || m instanceof Effect.Replace && kind == Kind.NASTY)
                                        .isPresent()
                                ? b.withWhere(Optional.of(Where.OUTSIDE_THE_TABS))
                                : b)
                .toList());
    }
}
