package pandel.core.model;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The whole: screens, shared hotspots, entries, devices. Immutable; edits make a new one that shares what did not
 * change. Equality compares what would be written to a file.
 */
public final class Prototype {

    private final String title;
    private final List<Screen> screens;
    private final List<SharedHotspot> shared;
    private final List<Entry> entries;
    private final List<Device> devices;
    private final Map<Verb, Motion> motions;
    private final Judgements judgements;
    private final List<Journey> journeys;
    private final Rest rest;
    private volatile @org.jspecify.annotations.Nullable Index index;

    /**
     * @param devices when empty, {@link Device#PHONE} alone
     * @param motions the prototype's own usual motions; a verb not named moves as {@link Motion#usualFor} says
     */
    public Prototype(String title, List<Screen> screens, List<SharedHotspot> shared, List<Entry> entries,
                     List<Device> devices, Map<Verb, Motion> motions, Judgements judgements, List<Journey> journeys, Rest rest) {
        this.title = Objects.requireNonNull(title);
        this.screens = List.copyOf(screens);
        this.shared = List.copyOf(shared);
        this.entries = List.copyOf(entries);
        this.devices = devices.isEmpty() ? List.of(Device.PHONE) : List.copyOf(devices);
        EnumMap<Verb, Motion> sorted = new EnumMap<>(Verb.class);
        sorted.putAll(motions);
        this.motions = Collections.unmodifiableMap(sorted);
        this.judgements = Objects.requireNonNull(judgements);
        this.journeys = List.copyOf(journeys);
        this.rest = Objects.requireNonNull(rest);
    }

    /** A prototype with no screens, for a phone. */
    public static Prototype empty(String title) {
        return new Prototype(title, List.of(), List.of(), List.of(), List.of(Device.PHONE), Map.of(), Judgements.NONE, List.of(), Rest.NONE);
    }

    public String title() {
        return title;
    }

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
        return new Prototype(newTitle, screens, shared, entries, devices, motions, judgements, journeys, rest);
    }

    public Prototype withScreens(List<Screen> newScreens) {
        return new Prototype(title, newScreens, shared, entries, devices, motions, judgements, journeys, rest);
    }

    public Prototype withShared(List<SharedHotspot> newShared) {
        return new Prototype(title, screens, newShared, entries, devices, motions, judgements, journeys, rest);
    }

    public Prototype withEntries(List<Entry> newEntries) {
        return new Prototype(title, screens, shared, newEntries, devices, motions, judgements, journeys, rest);
    }

    public Prototype withDevices(List<Device> newDevices) {
        return new Prototype(title, screens, shared, entries, newDevices, motions, judgements, journeys, rest);
    }

    public Prototype withJourneys(List<Journey> newJourneys) {
        return new Prototype(title, screens, shared, entries, devices, motions, judgements, newJourneys, rest);
    }

    public Prototype withJudgements(Judgements newJudgements) {
        return new Prototype(title, screens, shared, entries, devices, motions, newJudgements, journeys, rest);
    }

    /** The same with one screen changed; unchanged when there is no such screen. */
    public Prototype withScreen(String id, UnaryOperator<Screen> change) {
        return withScreens(screens.stream().map(s -> s.id().equals(id) ? change.apply(s) : s).toList());
    }

    @Override
    public boolean equals(@org.jspecify.annotations.Nullable Object other) {
        return this == other || other instanceof Prototype p && title.equals(p.title) && screens.equals(p.screens)
                && shared.equals(p.shared) && entries.equals(p.entries) && devices.equals(p.devices)
                && motions.equals(p.motions) && judgements.equals(p.judgements) && journeys.equals(p.journeys) && rest.equals(p.rest);
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
