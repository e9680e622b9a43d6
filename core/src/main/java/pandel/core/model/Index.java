package pandel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.value.Fact;

/** A prototype by id: what holds what, and what leads where. Of two things with one id the first counts. */
public final class Index {

    private final Map<String, Screen> screens = new LinkedHashMap<>();
    private final Map<String, SharedHotspot> shared = new LinkedHashMap<>();
    private final Map<String, List<Hotspot>> hotspotsOn = new LinkedHashMap<>();
    private final Map<String, Way> ways = new LinkedHashMap<>();
    private final Map<String, List<Way>> waysOut = new LinkedHashMap<>();
    private final Map<String, List<Way>> waysIn = new LinkedHashMap<>();
    private final Map<String, Hotspot> hotspots = new LinkedHashMap<>();
    private final Map<String, Fact> facts = new HashMap<>();
    private final Map<String, List<Sequence>> sequencesOf = new LinkedHashMap<>();
    private final Set<String> others = new LinkedHashSet<>();
    private final Set<String> expected = new HashSet<>();
    private final Prototype prototype;

    Index(Prototype prototype) {
        this.prototype = prototype;
        prototype.facts().forEach(f -> {
            others.add(f.id());
            facts.putIfAbsent(f.id(), f);
        });
        prototype.entries().forEach(e -> others.add(e.id()));
        prototype.startPoints().forEach(s -> others.add(s.id()));
        prototype.journeys().forEach(j -> others.add(j.id()));
        prototype.remarks().forEach(r -> others.add(r.id()));
        prototype.screens().forEach(s -> s.states().forEach(t -> others.add(t.id())));
        for (Screen screen : prototype.screens()) {
            if (screens.putIfAbsent(screen.id(), screen) == null) {
                hotspotsOn.put(screen.id(), new ArrayList<>(screen.hotspots()));
                screen.expects().forEach(e -> expected.add(e.name()));
            }
        }
        for (SharedHotspot s : prototype.shared()) {
            if (shared.putIfAbsent(s.hotspot().id(), s) == null) {
                s.screens().stream()
                        .filter(screens::containsKey)
                        .forEach(
                                id -> Objects.requireNonNull(hotspotsOn.get(id)).add(s.hotspot()));
            }
        }
        for (Screen screen : screens.values()) {
            screen.hotspots().forEach(h -> addHotspot(List.of(screen), h));
            screen.links().forEach(link -> addWay(way(link, List.of(screen), Optional.empty(), Optional.empty())));
        }
        for (SharedHotspot s : shared.values()) {
            addHotspot(
                    s.screens().stream()
                            .filter(screens::containsKey)
                            .map(screens::get)
                            .toList(),
                    s.hotspot());
        }
        hotspotsOn.replaceAll((id, list) -> List.copyOf(list));
        prototype.tabSets().forEach(s -> {
            others.add(s.id());
            s.tabs().forEach(t -> others.add(t.id()));
            if (isChosenItself(s)) {
                addTabs(s);
            }
            s.button()
                    .ifPresent(b -> addWay(way(
                                    b.link(),
                                    screens(s.tabs().stream()
                                            .map(t -> Targets.shownId(prototype, t.root()))
                                            .toList()),
                                    Optional.empty(),
                                    Optional.empty())
                            .of(s)));
        });
        for (Sequence sequence : prototype.sequences()) {
            others.add(sequence.id());
            sequence.pages()
                    .forEach(page -> sequencesOf
                            .computeIfAbsent(page, id -> new ArrayList<>())
                            .add(sequence));
            addTurns(sequence);
            sequence.links()
                    .forEach(link -> addWay(
                            way(link, screens(sequence.pagesOf(link)), Optional.empty(), Optional.of(sequence))));
        }
        prototype.pairs().forEach(p -> others.add(p.id()));
        for (Drawer drawer : prototype.drawers()) {
            others.add(drawer.id());
            List<Screen> on = screens(List.copyOf(Attachments.screenIds(prototype, drawer.on())));
            drawer.items()
                    .forEach(i -> addWay(way(i.link(), on, Optional.empty(), Optional.empty())
                            .of(drawer)));
        }
        prototype.headers().forEach(this::addHeader);
    }

    private void addHeader(Header header) {
        others.add(header.id());
        List<String> on = new ArrayList<>(Attachments.screenIds(prototype, header.on()));
        on.removeAll(header.hiddenOn());
        header.links()
                .forEach(link -> addWay(way(link, screens(on), Optional.empty(), Optional.empty())
                        .of(header)));
    }

    /** A strip that is drawn on the pictures, and not swiped, is tapped by hotspots with links of their own. */
    private static boolean isChosenItself(TabSet set) {
        return set.strip().edge() != TabSet.Edge.DRAWN || set.swipes();
    }

    /** A tab is chosen on the roots of the others, and wherever one has gone from there. */
    private void addTabs(TabSet set) {
        for (int i = 0; i < set.tabs().size(); i++) {
            TabSet.Tab tab = set.tabs().get(i);
            List<String> roots = set.tabs().stream()
                    .filter(t -> t != tab)
                    .map(t -> Targets.shownId(prototype, t.root()))
                    .toList();
            addWay(new Way(
                    set.switches().get(i),
                    screens(roots),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(set),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Set.of(Targets.shownId(prototype, tab.root()))));
        }
    }

    /**
     * Each page is turned to from those beside it; dots lead there from everywhere, which would only hide that in the
     * lists.
     */
    private void addTurns(Sequence sequence) {
        List<String> pages = sequence.pages();
        for (int i = 0; i < pages.size(); i++) {
            List<String> beside = new ArrayList<>(pages.subList(Math.max(0, i - 1), i));
            beside.addAll(pages.subList(Math.min(pages.size(), i + 1), Math.min(pages.size(), i + 2)));
            addWay(new Way(
                    sequence.turns().get(i),
                    screens(beside),
                    Optional.empty(),
                    Optional.of(sequence),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    screens.containsKey(pages.get(i)) ? Set.of(pages.get(i)) : Set.of()));
        }
    }

    private List<Screen> screens(List<String> ids) {
        return ids.stream()
                .filter(screens::containsKey)
                .distinct()
                .map(screens::get)
                .toList();
    }

    private Way of(Way says, Effect.Notice notice, Link action) {
        return way(action, says.from(), Optional.empty(), Optional.empty()).of(notice);
    }

    private Way way(Link link, List<Screen> from, Optional<Hotspot> hotspot, Optional<Sequence> sequence) {
        Set<String> leads = new LinkedHashSet<>();
        link.effects().forEach(e -> {
            e.target().ifPresent(t -> leads.add(Targets.shownId(prototype, t)));
            if (e instanceof Effect.SwitchTab to) {
                leads.add(prototype
                        .tabSetOf(to.tab())
                        .flatMap(s -> s.tab(to.tab()))
                        .map(t -> Targets.shownId(prototype, t.root()))
                        .orElse(to.tab()));
            }
        });
        return new Way(
                link,
                from,
                hotspot,
                sequence,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                leads);
    }

    private void addHotspot(List<Screen> on, Hotspot hotspot) {
        hotspots.putIfAbsent(hotspot.id(), hotspot);
        hotspot.links().forEach(link -> addWay(way(link, on, Optional.of(hotspot), Optional.empty())));
    }

    private void addWay(Way way) {
        ways.putIfAbsent(way.link().id(), way);
        way.from()
                .forEach(screen -> waysOut.computeIfAbsent(screen.id(), id -> new ArrayList<>())
                        .add(way));
        way.targets()
                .forEach(id ->
                        waysIn.computeIfAbsent(id, key -> new ArrayList<>()).add(way));
        way.link()
                .notices()
                .flatMap(n -> n.action().stream().map(a -> of(way, n, a.link())))
                .forEach(this::addWay);
    }

    public Optional<Screen> screen(String id) {
        return Optional.ofNullable(screens.get(id));
    }

    /** Names of the values that any screen expects. */
    public Set<String> expected() {
        return expected;
    }

    public Optional<Fact> fact(String id) {
        return Optional.ofNullable(facts.get(id));
    }

    /** A hotspot, shared or not. */
    public Optional<Hotspot> hotspot(String id) {
        return Optional.ofNullable(hotspots.get(id));
    }

    /** All hotspots, each once. */
    public Collection<Hotspot> hotspots() {
        return Collections.unmodifiableCollection(hotspots.values());
    }

    /** The shared hotspot of that id. */
    public Optional<SharedHotspot> shared(String hotspotId) {
        return Optional.ofNullable(shared.get(hotspotId));
    }

    /** A screen's hotspots, its own first and then the shared ones; later ones lie above earlier ones. */
    public List<Hotspot> hotspotsOn(String screenId) {
        return hotspotsOn.getOrDefault(screenId, List.of());
    }

    /** Every link with where it stands, in file order. */
    public Collection<Way> ways() {
        return ways.values();
    }

    /** Every link, and for tabs that are chosen by other links alone what choosing them does besides. */
    public Stream<Link> links() {
        return Stream.concat(
                ways.values().stream().map(Way::link),
                prototype.tabSets().stream()
                        .filter(s -> !isChosenItself(s))
                        .flatMap(s -> s.switches().stream())
                        .filter(l -> l.effects().anyMatch(Effect::isDoneByChoosing)));
    }

    public Optional<Way> way(String linkId) {
        return Optional.ofNullable(ways.get(linkId));
    }

    /** The links that stand on a screen. */
    public List<Way> waysOut(String screenId) {
        return waysOut.getOrDefault(screenId, List.of());
    }

    /** The screens that links lead to that stand on a screen. */
    public List<Screen> screensFrom(String screenId) {
        return waysOut(screenId).stream()
                .flatMap(w -> w.targets().stream())
                .distinct()
                .flatMap(id -> screen(id).stream())
                .toList();
    }

    /** The links that name a screen as their target. */
    public List<Way> waysIn(String screenId) {
        return waysIn.getOrDefault(screenId, List.of());
    }

    /** The sequences a screen is a page of, in file order. */
    public List<Sequence> sequencesOf(String screenId) {
        return sequencesOf.getOrDefault(screenId, List.of());
    }

    /** The other screens from which a link names this one. */
    public Set<String> screensLeadingTo(String screenId) {
        Set<String> found = new LinkedHashSet<>();
        waysIn(screenId).forEach(way -> way.from().forEach(screen -> found.add(screen.id())));
        found.remove(screenId);
        return found;
    }

    /** Every id in use. */
    public Set<String> ids() {
        Set<String> ids = new LinkedHashSet<>(screens.keySet());
        ids.addAll(hotspots.keySet());
        ids.addAll(ways.keySet());
        ids.addAll(others);
        return ids;
    }

    /**
     * A link where it stands.
     *
     * @param from the screens it can be set off on: one, or those of a shared hotspot
     * @param hotspot empty for a link of the whole screen, or of a sequence
     * @param sequence of which it is a turn, the finish or the skip; else empty
     * @param tabs the set of which it is a tab, or the floating button; else empty
     * @param drawer of which it is an item; else empty
     * @param header of which it is the left sign or an action; else empty
     * @param notice of which it is the action; else empty. It is chosen wherever that stands; the screens are those on
     *     which it is said
     * @param targets ids of the screens it leads to, each once; of a sequence the page shown first
     */
    public record Way(
            Link link,
            List<Screen> from,
            Optional<Hotspot> hotspot,
            Optional<Sequence> sequence,
            Optional<TabSet> tabs,
            Optional<Drawer> drawer,
            Optional<Header> header,
            Optional<Effect.Notice> notice,
            Set<String> targets) {

        public Way {
            from = List.copyOf(from);
            targets = Collections.unmodifiableSet(new LinkedHashSet<>(targets));
        }

        private Way of(TabSet holding) {
            return new Way(link, from, hotspot, sequence, Optional.of(holding), drawer, header, notice, targets);
        }

        private Way of(Drawer holding) {
            return new Way(link, from, hotspot, sequence, tabs, Optional.of(holding), header, notice, targets);
        }

        private Way of(Header holding) {
            return new Way(link, from, hotspot, sequence, tabs, drawer, Optional.of(holding), notice, targets);
        }

        private Way of(Effect.Notice saying) {
            return new Way(link, from, hotspot, sequence, tabs, drawer, header, Optional.of(saying), targets);
        }

        /** What it is on the notice that offers it; empty where none does. */
        public Optional<Effect.Action> action() {
            return notice.flatMap(Effect.Notice::action);
        }

        /**
         * Whether it can be set off on other screens too than those it names: anywhere inside a tab set, or anywhere.
         */
        public boolean isAnywhereInside() {
            return notice.isPresent()
                    || drawer.filter(d -> !d.on().tabSets().isEmpty()).isPresent()
                    || header.filter(h -> !h.on().tabSets().isEmpty()).isPresent()
                    || tabs.isPresent() && link.cause() instanceof Cause.Touch;
        }

        /** Whether it is a turn of a page, a tab or a header’s left sign, which the file does not hold as a link. */
        public boolean isOfFrame() {
            return isTurnOrTab() || link.cause() instanceof Cause.Sign;
        }

        /** Whether it shows another page of its sequence, or another tab of its set. */
        public boolean isTurnOrTab() {
            return link.cause() instanceof Cause.Turn || link.cause() instanceof Cause.Tab;
        }
    }
}
