package pandel.core.model;

import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Fact;
import pandel.core.model.value.ValueScope;

/**
 * The whole: screens, shared hotspots, entries, devices. Immutable; edits make a new one that shares what did not
 * change. Equality compares what would be written to a file.
 */
public final class Prototype implements ValueScope, Contents {

    private final String title;
    private final List<Screen> screens;
    private final List<SharedHotspot> shared;
    private final List<Entry> entries;
    private final List<Device> devices;
    private final Map<Verb, Motion> motions;
    private final Judgements judgements;
    private final List<Journey> journeys;
    private final List<Fact> facts;
    private final List<StartPoint> startPoints;
    private final List<Version> versions;
    private final List<Sequence> sequences;
    private final List<TabSet> tabSets;
    private final List<Drawer> drawers;
    private final List<Pair> pairs;
    private final Widths widths;
    private final Map<String, Sequence> sequencesById;
    private final Rest rest;
    private volatile @org.jspecify.annotations.Nullable Index index;

    /**
     * One without facts, start points, versions and sequences.
     *
     * @param devices when empty, {@link Device#PHONE} alone
     * @param motions the prototype's own usual motions; a verb not named moves as {@link Motion#usualFor} says
     */
    public Prototype(
            String title,
            List<Screen> screens,
            List<SharedHotspot> shared,
            List<Entry> entries,
            List<Device> devices,
            Map<Verb, Motion> motions,
            Judgements judgements,
            List<Journey> journeys,
            Rest rest) {
        this(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Widths.USUAL,
                rest));
    }

    private Prototype(Parts parts) {
        this.title = Objects.requireNonNull(parts.title());
        this.screens = List.copyOf(parts.screens());
        this.shared = List.copyOf(parts.shared());
        this.entries = List.copyOf(parts.entries());
        this.devices = parts.devices().isEmpty() ? List.of(Device.PHONE) : List.copyOf(parts.devices());
        EnumMap<Verb, Motion> sorted = new EnumMap<>(Verb.class);
        sorted.putAll(parts.motions());
        this.motions = Collections.unmodifiableMap(sorted);
        this.judgements = Objects.requireNonNull(parts.judgements());
        this.journeys = List.copyOf(parts.journeys());
        this.facts = List.copyOf(parts.facts());
        this.startPoints = List.copyOf(parts.startPoints());
        this.versions = List.copyOf(parts.versions());
        this.sequences = List.copyOf(parts.sequences());
        this.tabSets = List.copyOf(parts.tabSets());
        this.drawers = List.copyOf(parts.drawers());
        this.pairs = List.copyOf(parts.pairs());
        this.widths = Objects.requireNonNull(parts.widths());
        Map<String, Sequence> byId = new HashMap<>();
        this.sequences.reversed().forEach(s -> byId.put(s.id(), s));
        this.sequencesById = Map.copyOf(byId);
        this.rest = Objects.requireNonNull(parts.rest());
    }

    /** All that a prototype is made of, to change one and keep the others. */
    private record Parts(
            String title,
            List<Screen> screens,
            List<SharedHotspot> shared,
            List<Entry> entries,
            List<Device> devices,
            Map<Verb, Motion> motions,
            Judgements judgements,
            List<Journey> journeys,
            List<Fact> facts,
            List<StartPoint> startPoints,
            List<Version> versions,
            List<Sequence> sequences,
            List<TabSet> tabSets,
            List<Drawer> drawers,
            List<Pair> pairs,
            Widths widths,
            Rest rest) {}

    private Parts parts() {
        return new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest);
    }

    /** A prototype with no screens, for a phone. */
    public static Prototype empty(String title) {
        return new Prototype(
                title,
                List.of(),
                List.of(),
                List.of(),
                List.of(Device.PHONE),
                Map.of(),
                Judgements.NONE,
                List.of(),
                Rest.NONE);
    }

    public String title() {
        return title;
    }

    @Override
    public List<Screen> screens() {
        return screens;
    }

    public List<SharedHotspot> shared() {
        return shared;
    }

    public List<Entry> entries() {
        return entries;
    }

    /** Never empty. */
    public List<Device> devices() {
        return devices;
    }

    public Map<Verb, Motion> motions() {
        return motions;
    }

    /** What people decided about findings. */
    public Judgements judgements() {
        return judgements;
    }

    public List<Journey> journeys() {
        return journeys;
    }

    @Override
    public List<Fact> facts() {
        return facts;
    }

    /** The fact of that id. */
    @Override
    public Optional<Fact> fact(String id) {
        return index().fact(id);
    }

    @Override
    public Optional<String> fieldTitle(String hotspot) {
        return index().hotspot(hotspot).map(Hotspot::title);
    }

    public List<StartPoint> startPoints() {
        return startPoints;
    }

    /** Kept in the file, oldest first. */
    public List<Version> versions() {
        return versions;
    }

    public List<Sequence> sequences() {
        return sequences;
    }

    /** The sequence of that id. */
    @Override
    public Optional<Sequence> sequence(String id) {
        return Optional.ofNullable(sequencesById.get(id));
    }

    public List<TabSet> tabSets() {
        return tabSets;
    }

    /** The tab set of that id. */
    @Override
    public Optional<TabSet> tabSet(String id) {
        return tabSets.isEmpty()
                ? Optional.empty()
                : tabSets.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /**
     * The tab set that has a tab.
     *
     * @param tab its id
     */
    public Optional<TabSet> tabSetOf(String tab) {
        return tabSets.stream().filter(s -> s.tab(tab).isPresent()).findFirst();
    }

    public List<Drawer> drawers() {
        return drawers;
    }

    /** The drawer of that id. */
    public Optional<Drawer> drawer(String id) {
        return drawers.isEmpty()
                ? Optional.empty()
                : drawers.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    public List<Pair> pairs() {
        return pairs;
    }

    /** Where one class of widths ends and the next begins. */
    public Widths widths() {
        return widths;
    }

    /** The pair of that id. */
    public Optional<Pair> pair(String id) {
        return pairs.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /**
     * The drawer that has an item.
     *
     * @param item its id
     */
    public Optional<Drawer> drawerOf(String item) {
        return drawers.stream().filter(d -> d.item(item).isPresent()).findFirst();
    }

    /** The entry or start point of an id. */
    public Optional<Start> start(String id) {
        return Stream.<Start>concat(entries.stream(), startPoints.stream())
                .filter(s -> s.id().equals(id))
                .findFirst();
    }

    public Rest rest() {
        return rest;
    }

    /** What holds what, by id; made when first asked for. */
    public Index index() {
        Index made = index;
        if (made == null) {
            made = new Index(this);
            index = made;
        }
        return made;
    }

    @Override
    public Optional<Screen> screen(String id) {
        return index().screen(id);
    }

    /** The first entry without an address. */
    public Optional<Entry> mainEntry() {
        return entries.stream().filter(e -> e.address().isEmpty()).findFirst();
    }

    /** The device of that id, else the first. */
    public Device device(String id) {
        return devices.stream().filter(d -> d.id().equals(id)).findFirst().orElse(devices.getFirst());
    }

    /** How a verb moves when its link does not say. */
    public Motion usualMotion(Verb verb) {
        Motion own = motions.get(verb);
        return own == null ? Motion.usualFor(verb) : own;
    }

    public Prototype withTitle(String newTitle) {
        return new Prototype(new Parts(
                newTitle,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withScreens(List<Screen> newScreens) {
        return new Prototype(new Parts(
                title,
                newScreens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withShared(List<SharedHotspot> newShared) {
        return new Prototype(new Parts(
                title,
                screens,
                newShared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withEntries(List<Entry> newEntries) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                newEntries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withDevices(List<Device> newDevices) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                newDevices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withJourneys(List<Journey> newJourneys) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                newJourneys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withJudgements(Judgements newJudgements) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                newJudgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withFacts(List<Fact> newFacts) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                newFacts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withStartPoints(List<StartPoint> newStartPoints) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                newStartPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withVersions(List<Version> newVersions) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                newVersions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withSequences(List<Sequence> newSequences) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                newSequences,
                tabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withTabSets(List<TabSet> newTabSets) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                newTabSets,
                drawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withDrawers(List<Drawer> newDrawers) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                newDrawers,
                pairs,
                widths,
                rest));
    }

    public Prototype withPairs(List<Pair> newPairs) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                newPairs,
                widths,
                rest));
    }

    public Prototype withWidths(Widths newWidths) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                newWidths,
                rest));
    }

    public Prototype withRest(Rest newRest) {
        return new Prototype(new Parts(
                title,
                screens,
                shared,
                entries,
                devices,
                motions,
                judgements,
                journeys,
                facts,
                startPoints,
                versions,
                sequences,
                tabSets,
                drawers,
                pairs,
                widths,
                newRest));
    }

    /** The same with one screen changed; unchanged when there is no such screen. */
    public Prototype withScreen(String id, UnaryOperator<Screen> change) {
        return withScreens(screens.stream()
                .map(s -> s.id().equals(id) ? change.apply(s) : s)
                .toList());
    }

    @Override
    public boolean equals(@org.jspecify.annotations.Nullable Object other) {
        return this == other || other instanceof Prototype p && parts().equals(p.parts());
    }

    @Override
    public int hashCode() {
        return Objects.hash(title, screens, shared, entries);
    }

    @Override
    public String toString() {
        return "Prototype[" + title + ", " + screens.size() + " screens]";
    }
}
