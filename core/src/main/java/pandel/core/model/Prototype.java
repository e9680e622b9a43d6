package pandel.core.model;

import io.soabase.recordbuilder.core.RecordBuilder;
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
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.remark.Remark;
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

    private final Parts parts;
    private final Map<String, Sequence> sequencesById;
    private volatile @org.jspecify.annotations.Nullable Index index;

    private Prototype(Parts parts) {
        this.parts = parts;
        Map<String, Sequence> byId = new HashMap<>();
        parts.sequences().reversed().forEach(s -> byId.put(s.id(), s));
        this.sequencesById = Map.copyOf(byId);
    }

    /** What is made of those parts. */
    public static Prototype of(Parts parts) {
        return new Prototype(parts);
    }

    /** A prototype with no screens, for a phone. */
    public static Prototype empty(String title) {
        return new Prototype(new Parts(
                title,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Feel.USUAL,
                Judgements.NONE,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Widths.USUAL,
                Rest.NONE));
    }

    public Parts parts() {
        return parts;
    }

    public String title() {
        return parts.title();
    }

    @Override
    public List<Screen> screens() {
        return parts.screens();
    }

    public List<SharedHotspot> shared() {
        return parts.shared();
    }

    public List<Entry> entries() {
        return parts.entries();
    }

    /** Never empty. */
    public List<Device> devices() {
        return parts.devices();
    }

    public Feel feel() {
        return parts.feel();
    }

    /** What people decided about findings. */
    public Judgements judgements() {
        return parts.judgements();
    }

    public List<Journey> journeys() {
        return parts.journeys();
    }

    @Override
    public List<Fact> facts() {
        return parts.facts();
    }

    /** The fact of that id. */
    @Override
    public Optional<Fact> fact(String id) {
        return index().fact(id);
    }

    @Override
    public boolean isExpected(String name) {
        return index().expected().contains(name);
    }

    @Override
    public Optional<String> fieldTitle(String hotspot) {
        return index().hotspot(hotspot).map(Hotspot::title);
    }

    public List<StartPoint> startPoints() {
        return parts.startPoints();
    }

    /** Kept in the file, oldest first. */
    public List<Version> versions() {
        return parts.versions();
    }

    public List<Sequence> sequences() {
        return parts.sequences();
    }

    /** The sequence of that id. */
    @Override
    public Optional<Sequence> sequence(String id) {
        return Optional.ofNullable(sequencesById.get(id));
    }

    public List<TabSet> tabSets() {
        return parts.tabSets();
    }

    /** The tab set of that id. */
    @Override
    public Optional<TabSet> tabSet(String id) {
        return parts.tabSets().stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /**
     * The tab set that has a tab.
     *
     * @param tab its id
     */
    public Optional<TabSet> tabSetOf(String tab) {
        return parts.tabSets().stream().filter(s -> s.tab(tab).isPresent()).findFirst();
    }

    public List<Drawer> drawers() {
        return parts.drawers();
    }

    /** The drawer of that id. */
    public Optional<Drawer> drawer(String id) {
        return parts.drawers().stream().filter(d -> d.id().equals(id)).findFirst();
    }

    public List<Pair> pairs() {
        return parts.pairs();
    }

    public List<Header> headers() {
        return parts.headers();
    }

    /** The header of that id. */
    public Optional<Header> header(String id) {
        return parts.headers().stream().filter(h -> h.id().equals(id)).findFirst();
    }

    /** In the order in which they were pinned. */
    public List<Remark> remarks() {
        return parts.remarks();
    }

    /** Where one class of widths ends and the next begins. */
    public Widths widths() {
        return parts.widths();
    }

    /** The pair of that id. */
    public Optional<Pair> pair(String id) {
        return parts.pairs().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The entry or start point of an id. */
    public Optional<Start> start(String id) {
        return Stream.<Start>concat(parts.entries().stream(), parts.startPoints().stream())
                .filter(s -> s.id().equals(id))
                .findFirst();
    }

    public Rest rest() {
        return parts.rest();
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
        return parts.entries().stream().filter(e -> e.address().isEmpty()).findFirst();
    }

    /** The device of that id, else the first. */
    public Device device(String id) {
        return parts.devices().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElse(parts.devices().getFirst());
    }

    /** How a verb moves when its link does not say. */
    public Motion usualMotion(Verb verb) {
        return parts.feel().usual(new MotionOf.OfVerb(verb));
    }

    public Prototype withTitle(String others) {
        return new Prototype(parts.withTitle(others));
    }

    public Prototype withScreens(List<Screen> others) {
        return new Prototype(parts.withScreens(others));
    }

    public Prototype withShared(List<SharedHotspot> others) {
        return new Prototype(parts.withShared(others));
    }

    public Prototype withEntries(List<Entry> others) {
        return new Prototype(parts.withEntries(others));
    }

    public Prototype withDevices(List<Device> others) {
        return new Prototype(parts.withDevices(others));
    }

    public Prototype withJourneys(List<Journey> others) {
        return new Prototype(parts.withJourneys(others));
    }

    public Prototype withJudgements(Judgements others) {
        return new Prototype(parts.withJudgements(others));
    }

    public Prototype withFacts(List<Fact> others) {
        return new Prototype(parts.withFacts(others));
    }

    public Prototype withStartPoints(List<StartPoint> others) {
        return new Prototype(parts.withStartPoints(others));
    }

    public Prototype withVersions(List<Version> others) {
        return new Prototype(parts.withVersions(others));
    }

    public Prototype withSequences(List<Sequence> others) {
        return new Prototype(parts.withSequences(others));
    }

    public Prototype withTabSets(List<TabSet> others) {
        return new Prototype(parts.withTabSets(others));
    }

    public Prototype withDrawers(List<Drawer> others) {
        return new Prototype(parts.withDrawers(others));
    }

    public Prototype withPairs(List<Pair> others) {
        return new Prototype(parts.withPairs(others));
    }

    public Prototype withHeaders(List<Header> others) {
        return new Prototype(parts.withHeaders(others));
    }

    public Prototype withRemarks(List<Remark> others) {
        return new Prototype(parts.withRemarks(others));
    }

    public Prototype withWidths(Widths others) {
        return new Prototype(parts.withWidths(others));
    }

    public Prototype withFeel(Feel other) {
        return new Prototype(parts.withFeel(other));
    }

    public Prototype withRest(Rest others) {
        return new Prototype(parts.withRest(others));
    }

    /** The same with one screen changed; unchanged when there is no such screen. */
    public Prototype withScreen(String id, UnaryOperator<Screen> change) {
        return withScreens(parts.screens().stream()
                .map(s -> s.id().equals(id) ? change.apply(s) : s)
                .toList());
    }

    @Override
    public boolean equals(@org.jspecify.annotations.Nullable Object other) {
        return this == other || other instanceof Prototype p && parts.equals(p.parts);
    }

    @Override
    public int hashCode() {
        return Objects.hash(parts.title(), parts.screens(), parts.shared(), parts.entries());
    }

    /** All that a prototype is made of, to change one and keep the others. */
    @RecordBuilder
    public record Parts(
            String title,
            List<Screen> screens,
            List<SharedHotspot> shared,
            List<Entry> entries,
            List<Device> devices,
            Feel feel,
            Judgements judgements,
            List<Journey> journeys,
            List<Fact> facts,
            List<StartPoint> startPoints,
            List<Version> versions,
            List<Sequence> sequences,
            List<TabSet> tabSets,
            List<Drawer> drawers,
            List<Pair> pairs,
            List<Header> headers,
            List<Remark> remarks,
            Widths widths,
            Rest rest)
            implements PrototypePartsBuilder.With {

        public Parts {
            screens = List.copyOf(screens);
            shared = List.copyOf(shared);
            entries = List.copyOf(entries);
            devices = devices.isEmpty() ? List.of(Device.PHONE) : List.copyOf(devices);
            journeys = List.copyOf(journeys);
            facts = List.copyOf(facts);
            startPoints = List.copyOf(startPoints);
            versions = List.copyOf(versions);
            sequences = List.copyOf(sequences);
            tabSets = List.copyOf(tabSets);
            drawers = List.copyOf(drawers);
            pairs = List.copyOf(pairs);
            headers = List.copyOf(headers);
            remarks = List.copyOf(remarks);
        }
    }
}
