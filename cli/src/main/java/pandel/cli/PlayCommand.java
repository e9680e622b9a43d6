package pandel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.cli.result.ExitCode;
import pandel.core.model.Journey;
import pandel.core.model.Opening;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;
import pandel.files.Unreadable;
import pandel.files.json.EventJson;
import pandel.files.json.PlayJson;
import pandel.files.json.field.Json;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "play",
        mixinStandardHelpOptions = true,
        description = "Plays a list of events and prints the situation they lead to, as JSON.")
final class PlayCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @ArgGroup(multiplicity = "1")
    What what;

    /** A list of events, or a journey. */
    static final class What {
        @Option(
                names = "--events",
                paramLabel = "EVENTS.json",
                description = "The events: [{\"tap\": \"hotspot\"}, {\"elapse\": 2000}, …]")
        Path events;

        @Option(
                names = "--journey",
                paramLabel = "NAME",
                description = "A journey of the prototype, by its name or id.")
        String journey;
    }

    @Option(names = "--device", paramLabel = "ID", description = "Plays on that device; else on the first.")
    String device;

    @Option(
            names = "--from",
            paramLabel = "START",
            description = "Begins at an entry or start point, by its id, address or name; else at the main entry, or "
                    + "where the journey begins.")
    String from;

    @Option(names = "--trace", description = "Prints the situation after each event, not only the last.")
    boolean trace;

    @Override
    public Integer call() throws Unreadable, IOException {
        Prototype prototype = PrototypeFile.open(file).prototype();
        Optional<Journey> journey = what.journey == null ? Optional.empty() : Optional.of(journey(prototype));
        List<Event> list = journey.isPresent() ? journey.get().events() : events(what.events);
        Optional<Start> start =
                from != null ? Optional.of(start(prototype)) : journey.flatMap(j -> prototype.start(j.entry()));
        spec.commandLine().getOut().print(Json.text(played(prototype, start, list, device(prototype), trace)));
        return ExitCode.FINE;
    }

    private static List<Event> events(Path file) throws Unreadable, IOException {
        if (!Files.isRegularFile(file)) {
            throw new Unreadable("There is no file “" + file + "”; check the name.");
        }
        try (InputStream in = Files.newInputStream(file)) {
            return PlayJson.events(in);
        }
    }

    private Journey journey(Prototype prototype) throws Unreadable {
        return prototype.journeys().stream()
                .filter(j -> j.title().equalsIgnoreCase(what.journey) || j.id().equals(what.journey))
                .findFirst()
                .orElseThrow(() -> new Unreadable("There is no journey “" + what.journey + "”; the prototype has "
                        + (prototype.journeys().isEmpty()
                                ? "none"
                                : prototype.journeys().stream()
                                        .map(Journey::title)
                                        .collect(Collectors.joining(", ")))
                        + "."));
    }

    private Start start(Prototype prototype) throws Unreadable {
        Optional<Start> named = prototype
                .start(from)
                .or(() -> prototype.startPoints().stream()
                        .filter(s -> s.title().equalsIgnoreCase(from))
                        .map(Start.class::cast)
                        .findFirst())
                .or(() -> opened(prototype));
        return named.orElseThrow(() -> new Unreadable("There is no entry and no start point “" + from + "”; there are "
                + Stream.concat(
                                prototype.entries().stream()
                                        .map(e -> e.address().orElse(e.id())),
                                prototype.startPoints().stream().map(StartPoint::title))
                        .collect(Collectors.joining(", "))
                + "."));
    }

    /** By an address; what its target does not expect is dropped and told. */
    private Optional<Start> opened(Prototype prototype) {
        Optional<Opening> opening = Opening.of(prototype, from);
        opening.map(Opening::dropped)
                .filter(dropped -> !dropped.isEmpty())
                .ifPresent(dropped -> spec.commandLine()
                        .getErr()
                        .println("Dropped, since nothing there expects it: " + String.join(", ", dropped) + "."));
        return opening.map(Opening::entry);
    }

    private Device device(Prototype prototype) throws Unreadable {
        if (device == null) {
            return prototype.devices().getFirst();
        }
        return prototype.devices().stream()
                .filter(d -> d.id().equals(device))
                .findFirst()
                .orElseThrow(() -> new Unreadable("The prototype names no device “" + device + "”."));
    }

    /** The trace of a list of events: the start, then each event with what happened; or the last situation alone. */
    static ObjectNode played(
            Prototype prototype, Optional<Start> from, List<Event> events, Device device, boolean trace)
            throws Unreadable {
        Start entry = from.or(prototype::mainEntry)
                .orElseThrow(() -> new Unreadable("The prototype has no entry, so play has nowhere to start."));
        Optional<String> why = Situation.whyNoStart(prototype, entry);
        if (why.isPresent()) {
            throw new Unreadable("Play has nowhere to start: " + why.get());
        }
        Situation now = Situation.at(prototype, entry, device).orElseThrow();
        ObjectNode root = JsonNodeFactory.instance
                .objectNode()
                .put("format", "pandel-trace/1")
                .put("title", prototype.title());
        root.set("start", PlayJson.situation(now));
        ArrayNode steps = JsonNodeFactory.instance.arrayNode();
        Step step = new Step(prototype);
        for (Event event : events) {
            Stepped stepped = step.step(now, event);
            now = stepped.situation();
            ObjectNode one = steps.addObject();
            one.set("event", EventJson.event(event));
            one.setAll(PlayJson.stepped(stepped));
        }
        if (trace) {
            root.set("steps", steps);
        }
        root.set("end", PlayJson.situation(now));
        return root;
    }
}
