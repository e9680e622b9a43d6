package pandel.core.model;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Fact;

/**
 * All that a prototype is made of, to change one and keep the others.
 *
 * @param devices when empty, {@link Device#PHONE} alone
 * @param motions the prototype’s own usual motions; a verb not named moves as {@link Motion#usualFor} says
 */
@RecordBuilder
record PrototypeParts(
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
        Rest rest)
        implements PrototypePartsBuilder.With {

    PrototypeParts {
        Objects.requireNonNull(title);
        screens = List.copyOf(screens);
        shared = List.copyOf(shared);
        entries = List.copyOf(entries);
        devices = devices.isEmpty() ? List.of(Device.PHONE) : List.copyOf(devices);
        EnumMap<Verb, Motion> sorted = new EnumMap<>(Verb.class);
        sorted.putAll(motions);
        motions = Collections.unmodifiableMap(sorted);
        Objects.requireNonNull(judgements);
        journeys = List.copyOf(journeys);
        facts = List.copyOf(facts);
        startPoints = List.copyOf(startPoints);
        versions = List.copyOf(versions);
        sequences = List.copyOf(sequences);
        tabSets = List.copyOf(tabSets);
        drawers = List.copyOf(drawers);
        pairs = List.copyOf(pairs);
        Objects.requireNonNull(widths);
        Objects.requireNonNull(rest);
    }
}
