package pandel.files.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Journey;
import pandel.core.model.Judgements;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.rest.UnknownFields;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Spot;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;
import pandel.files.Unreadable;

/** Reads {@code prototype.json}. What is wrong is said with its place; unknown fields are kept. */
public final class PrototypeReader {

    private static final String SAFE = "[A-Za-z0-9][A-Za-z0-9_-]{0,99}";

    private final Set<String> ids = new HashSet<>();
    private final VersionTexts texts;

    private PrototypeReader(VersionTexts texts) {
        this.texts = texts;
    }

    /** Reads a prototype; the stream is left open. A version that cannot be read is carried along unread. */
    public static Prototype read(InputStream in, VersionTexts texts) throws Unreadable, IOException {
        JsonNode root;
        try {
            root = Json.MAPPER.readTree(in);
        } catch (JsonProcessingException e) {
            String place = e.getLocation() == null
                    ? ""
                    : " at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            throw new Unreadable(
                    "prototype.json is not sound JSON" + place + ": " + firstSentence(e.getOriginalMessage()), e);
        }
        Prototype read = new PrototypeReader(texts).prototype(Fields.of(root, "prototype.json"));
        List<UnknownFields> inner = InnerRest.of(root, () -> PrototypeWriter.prototype(read));
        return inner.isEmpty() ? read : read.withRest(new Rest(read.rest().fields(), inner));
    }

    private static String firstSentence(String message) {
        String line = message.lines().findFirst().orElse("");
        return line.endsWith(".") ? line : line + ".";
    }

    private Prototype prototype(Fields fields) throws Unreadable, IOException {
        checkFormat(fields);
        String title = fields.optionalText("title").orElse("");
        List<Device> devices = new ArrayList<>();
        for (JsonNode node : fields.items("devices")) {
            devices.add(device(Fields.of(node, "device " + (devices.size() + 1))));
        }
        List<Entry> entries = new ArrayList<>();
        for (JsonNode node : fields.items("entries")) {
            Fields entry = Fields.of(node, "entry " + (entries.size() + 1));
            entries.add(new Entry(
                    fresh(entry),
                    TargetJson.target(entry, Map.of()),
                    entry.optionalText("address"),
                    values(entry),
                    entry.rest()));
        }
        Optional<Fields> classes = fields.object("widths");
        Widths widths = classes.isEmpty() ? Widths.USUAL : widths(classes.get());
        Map<Verb, Motion> motions = new EnumMap<>(Verb.class);
        Optional<Fields> own = fields.object("motions");
        if (own.isPresent()) {
            for (String verb : own.get().names()) {
                motions.put(
                        own.get().find("verb", verb, Verb.values(), Verb::word),
                        LinkJson.motion(own.get().object(verb).orElseThrow()));
            }
        }
        ScreenJson reader = new ScreenJson(this::claim);
        LinkJson links = new LinkJson(this::claim);
        List<Screen> screens = new ArrayList<>();
        for (JsonNode node : fields.items("screens")) {
            screens.add(reader.screen(Fields.of(node, "screen " + (screens.size() + 1))));
        }
        List<SharedHotspot> shared = new ArrayList<>();
        for (JsonNode node : fields.items("shared")) {
            Fields one = Fields.of(node, "shared hotspot " + (shared.size() + 1));
            shared.add(new SharedHotspot(
                    reader.hotspot(one.object("hotspot")
                            .orElseThrow(() -> new Unreadable("In " + one.where() + ": “hotspot” is missing."))),
                    new LinkedHashSet<>(one.texts("screens")),
                    one.rest()));
        }
        List<Sequence> sequences = new ArrayList<>();
        for (JsonNode node : fields.items("sequences")) {
            Fields s = Fields.of(node, "sequence " + (sequences.size() + 1));
            sequences.add(SequenceJson.sequence(s, fresh(s), links));
        }
        List<TabSet> sets = new ArrayList<>();
        for (JsonNode node : fields.items("tabSets")) {
            sets.add(TabsJson.set(Fields.of(node, "tab set " + (sets.size() + 1)), this::claim, links));
        }
        List<Drawer> drawers = new ArrayList<>();
        for (JsonNode node : fields.items("drawers")) {
            drawers.add(DrawerJson.drawer(Fields.of(node, "drawer " + (drawers.size() + 1)), this::claim));
        }
        List<Pair> pairs = new ArrayList<>();
        for (JsonNode node : fields.items("pairs")) {
            pairs.add(PairJson.pair(Fields.of(node, "pair " + (pairs.size() + 1)), this::claim));
        }
        List<Fact> facts = new ArrayList<>();
        for (JsonNode node : fields.items("facts")) {
            Fields f = Fields.of(node, "fact " + (facts.size() + 1));
            facts.add(FactJson.fact(f, fresh(f)));
        }
        Judgements judgements = judgements(fields);
        List<Journey> journeys = journeys(fields);
        List<StartPoint> points = startPoints(fields);
        List<Version> versions = versions(fields);
        return new Prototype(title, screens, shared, entries, devices, motions, judgements, journeys, fields.rest())
                .withFacts(facts)
                .withStartPoints(points)
                .withVersions(versions)
                .withSequences(sequences)
                .withTabSets(sets)
                .withDrawers(drawers)
                .withPairs(pairs)
                .withWidths(widths);
    }

    private static Widths widths(Fields f) throws Unreadable {
        int medium = f.whole("medium", Widths.LEAST, Widths.MOST);
        int wide = f.whole("wide", Widths.LEAST, Widths.MOST);
        return f.made(() -> new Widths(medium, wide));
    }

    private static Map<String, Value> values(Fields entry) throws Unreadable {
        Optional<Fields> values = entry.object("values");
        return values.isEmpty() ? Map.of() : ValueJson.values(values.get());
    }

    private List<StartPoint> startPoints(Fields fields) throws Unreadable {
        List<StartPoint> points = new ArrayList<>();
        for (JsonNode node : fields.items("startPoints")) {
            Fields s = Fields.of(node, "start point " + (points.size() + 1));
            String id = fresh(s);
            String title = s.optionalText("title").orElse("");
            List<List<Spot>> levels = SpotJson.spots(s, "levels");
            Optional<Fields> held = s.object("facts");
            Facts facts = held.isEmpty() ? Facts.NONE : FactJson.facts(held.get());
            points.add(s.made(() -> new StartPoint(id, title, levels, facts, s.rest())));
        }
        return points;
    }

    private List<Version> versions(Fields fields) throws Unreadable, IOException {
        List<Version> versions = new ArrayList<>();
        for (JsonNode node : fields.items("versions")) {
            Fields v = Fields.of(node, "version " + (versions.size() + 1));
            String id = v.text("id");
            if (!id.matches(SAFE)) {
                throw new Unreadable(
                        "In " + v.where() + ": the id of a version is 1 to 100 letters, digits and dashes.");
            }
            versions.add(new Version(
                    claim(v, id),
                    v.optionalText("title").orElse(id),
                    v.optionalText("made").orElse(""),
                    content(id)));
        }
        return versions;
    }

    private Version.Content content(String id) throws IOException {
        Optional<String> text = texts.text(id);
        if (text.isEmpty()) {
            return new Version.Content.Unread("", "Its part of the file, versions/" + id + ".json, is not there.");
        }
        try {
            return new Version.Content.Kept(
                    read(new ByteArrayInputStream(text.get().getBytes(StandardCharsets.UTF_8)), VersionTexts.NONE));
        } catch (Unreadable e) {
            return new Version.Content.Unread(text.get(), e.sentence());
        }
    }

    private List<Journey> journeys(Fields fields) throws Unreadable {
        List<Journey> journeys = new ArrayList<>();
        for (JsonNode node : fields.items("journeys")) {
            Fields j = Fields.of(node, "journey " + (journeys.size() + 1));
            List<Journey.Leg> legs = new ArrayList<>();
            for (JsonNode leg : j.items("legs")) {
                Fields l = Fields.of(leg, j.where() + ", leg " + (legs.size() + 1));
                legs.add(new Journey.Leg(EventJson.event(l), l.text("shown")));
            }
            journeys.add(new Journey(
                    fresh(j),
                    j.optionalText("title").orElse(""),
                    j.optionalText("purpose").orElse(""),
                    j.text("device"),
                    j.text("entry"),
                    legs,
                    j.optionalText("end"),
                    j.rest()));
        }
        return journeys;
    }

    private static Judgements judgements(Fields fields) throws Unreadable {
        List<Judgements.Accepted> accepted = new ArrayList<>();
        for (JsonNode node : fields.items("accepted")) {
            Fields a = Fields.of(node, "accepted finding " + (accepted.size() + 1));
            accepted.add(new Judgements.Accepted(
                    a.text("rule"), a.text("ground"), a.optionalText("reason").orElse(""), a.rest()));
        }
        List<Judgements.Quiet> quiet = new ArrayList<>();
        for (JsonNode node : fields.items("quiet")) {
            Fields q = Fields.of(node, "quiet rule " + (quiet.size() + 1));
            quiet.add(new Judgements.Quiet(
                    q.text("rule"), q.optionalText("section"), q.optionalText("screen"), q.rest()));
        }
        return accepted.isEmpty() && quiet.isEmpty() ? Judgements.NONE : new Judgements(accepted, quiet);
    }

    private static void checkFormat(Fields fields) throws Unreadable {
        String format = fields.optionalText("format").orElse("");
        if (!format.matches("pandel/\\d{1,6}")) {
            throw new Unreadable("This is no Pandel prototype: prototype.json does not begin with \"format\": \""
                    + PrototypeWriter.FORMAT + "\".");
        }
        int version = Integer.parseInt(format.substring("pandel/".length()));
        if (version != 1) {
            throw new Unreadable("This file was written by a newer Pandel (format " + format + ", this one reads "
                    + PrototypeWriter.FORMAT + "); open it with that one.");
        }
    }

    private Device device(Fields f) throws Unreadable {
        String id = fresh(f);
        String title = f.text("title");
        double width = f.number("width");
        double height = f.number("height");
        double scale = f.optionalNumber("scale").orElse(1.0);
        Device.Back back = f.word("back", Device.Back.values(), Device.Back::word);
        Device.Pointing pointing = f.word("pointing", Device.Pointing.values(), Device.Pointing::word);
        int levels = f.has("levels") ? f.whole("levels", 0, 100) : 0;
        Set<Device.Cannot> cannot = EnumSet.noneOf(Device.Cannot.class);
        for (String word : f.texts("cannot")) {
            cannot.add(f.find("cannot", word, Device.Cannot.values(), Device.Cannot::word));
        }
        return f.made(() -> new Device(id, title, width, height, scale, back, pointing, levels, cannot, f.rest()));
    }

    private String fresh(Fields fields) throws Unreadable {
        return claim(fields, fields.text("id"));
    }

    private String claim(Fields fields, String id) throws Unreadable {
        if (id.isBlank() || id.length() > 200) {
            throw new Unreadable("In " + fields.where() + ": an id has 1 to 200 letters.");
        }
        if (!ids.add(id)) {
            throw new Unreadable(
                    "In " + fields.where() + ": the id “" + id + "” is used twice; give one of the two another id.");
        }
        return id;
    }
}
