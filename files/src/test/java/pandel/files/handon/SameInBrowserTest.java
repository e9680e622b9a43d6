package pandel.files.handon;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.start.Entry;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.files.json.PlayJson;
import pandel.files.json.PrototypeReader;
import pandel.player.Trace;
import pandel.player.wire.Cells;
import pandel.player.wire.Wire;

/** Events come to the same in an exported page as they do here, moment by moment. */
class SameInBrowserTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int PROTOTYPES = 400;
    private static final int EVENTS = 250;

    private static ABrowser browser;

    @BeforeAll
    static void open() throws IOException {
        browser = ABrowser.open(1280, 800);
        browser.show(HtmlPlayer.of(Prototype.empty("Nothing"), content -> Optional.empty(), content -> {}), "");
    }

    @AfterAll
    static void close() throws IOException {
        if (browser != null) {
            browser.close();
        }
    }

    /** The trace that the page comes to. */
    private static List<Integer> there(Prototype prototype, String start, Device device, List<Event> events) {
        Cells all = new Cells();
        Wire.write(prototype.withJourneys(List.of()).withVersions(List.of()).parts(), all);
        Cells told = new Cells();
        events.forEach(e -> Wire.write(e, told));
        String trace = (String) browser.run(
                "pandel.read(arguments[0], arguments[1]); return pandel.trace(arguments[2], arguments[3], arguments[4], arguments[5]);",
                all.words(),
                all.cells(),
                device.id(),
                start,
                told.words(),
                told.cells());
        return trace.isEmpty()
                ? List.of()
                : Arrays.stream(trace.split(" ")).map(Integer::valueOf).toList();
    }

    @Test
    void eachRowOfTheTableOfSituations() throws Exception {
        JsonNode table = JSON.readTree(Path.of("..", "docs", "situations.json").toFile());
        int rows = 0;
        for (JsonNode row : table.get("rows")) {
            Prototype read = PrototypeReader.read(
                    new ByteArrayInputStream(JSON.writeValueAsBytes(
                            table.get("prototypes").get(row.get("in").textValue()))),
                    id -> {
                        throw new IllegalStateException("The table has no versions.");
                    });
            Prototype prototype =
                    read.withEntries(List.of(Entry.at("start", row.get("from").textValue())));
            String named = row.has("device") ? row.get("device").textValue() : "phone";
            Device device = prototype.device(named);
            List<Event> events = PlayJson.events(new ByteArrayInputStream(JSON.writeValueAsBytes(row.get("events"))));
            Situation start = Situation.at(prototype, prototype.entries().getFirst(), device)
                    .orElseThrow();
            assertThat(there(prototype, "start", device, events))
                    .as(row.get("says").textValue())
                    .isEqualTo(Trace.of(prototype, start, events));
            rows++;
        }
        assertThat(rows).isGreaterThan(250);
    }

    @Test
    void aHundredThousandEventsOfMadeUpPrototypes() {
        long seed = System.nanoTime();
        int done = 0;
        for (int i = 0; i < PROTOTYPES || done < PROTOTYPES * EVENTS; i++) {
            Kind kind = i % 2 == 0 ? Kind.USUAL : Kind.NASTY;
            Prototype prototype = Generated.of(4 + i % 30, seed + i, kind, i % 9);
            Device device = prototype.devices().get(i % prototype.devices().size());
            Optional<Situation> start = prototype.mainEntry().flatMap(e -> Situation.at(prototype, e, device));
            if (start.isEmpty()) {
                continue;
            }
            List<Event> events = walk(prototype, start.get(), new Random(seed + i));
            List<Integer> here = Trace.of(prototype, start.get(), events);
            List<Integer> there =
                    there(prototype, prototype.mainEntry().orElseThrow().id(), device, events);
            assertThat(there)
                    .as(kind + " of seed " + (seed + i) + ", the " + i + "th")
                    .isEqualTo(here);
            done += events.size();
        }
        System.out.println("Seed " + seed + ": " + done + " events came to the same in the browser.");
    }

    /** Events that may or may not do something; left, it begins once more. */
    private static List<Event> walk(Prototype prototype, Situation start, Random random) {
        List<Event> events = new ArrayList<>();
        Step step = new Step(prototype);
        Situation now = start;
        for (int i = 0; i < EVENTS; i++) {
            List<Event> possible = Possible.events(prototype, now);
            Event event = switch (random.nextInt(possible.isEmpty() ? 5 : 14)) {
                case 0 ->
                    new Event.Touched(
                            Gesture.values()[random.nextInt(Gesture.values().length - 1)],
                            new Event.On.Point(random.nextInt(390), random.nextInt(844)));
                case 1 -> new Event.Elapse(random.nextInt(7000));
                case 2 -> new Event.Typed("s" + random.nextInt(9) + "-h" + random.nextInt(5), "drill “" + i);
                case 3 -> new Event.Scroll(random.nextInt(100));
                case 4 -> new Event.Resize(300 + random.nextInt(900), 700);
                default -> possible.get(random.nextInt(possible.size()));
            };
            if (event.plain() instanceof Event.DeviceBack && random.nextInt(4) > 0) {
                continue;
            }
            events.add(event);
            now = step.step(now, event).situation();
            if (now.left()) {
                break;
            }
        }
        return events;
    }
}
