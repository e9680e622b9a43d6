package pandel.files.json;

import static pandel.files.json.field.Codec.TEXT;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import pandel.core.model.Journey;
import pandel.core.model.JourneyBuilder;
import pandel.core.model.JourneyLegBuilder;
import pandel.core.model.start.Entry;
import pandel.core.model.start.EntryBuilder;
import pandel.core.model.start.Spot;
import pandel.core.model.start.StartPoint;
import pandel.core.model.start.StartPointBuilder;
import pandel.core.model.value.Facts;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Table;

/** Where play begins and what was recorded from there, as the file holds it. */
final class StartJson {

    static final Table<Entry, EntryBuilder> ENTRY = Table.<Entry, EntryBuilder>of(
                    EntryBuilder::builder, EntryBuilder::build)
            .id(Entry::id, EntryBuilder::id)
            .part(TargetJson.PLAIN, Entry::target, EntryBuilder::target)
            .maybe("address", TEXT, Entry::address, EntryBuilder::address)
            .unless(Map.of(), "values", ValueJson.VALUES, Entry::values, EntryBuilder::values)
            .rest(Entry::rest, EntryBuilder::rest);

    static final Table<StartPoint, StartPointBuilder> POINT = Table.<StartPoint, StartPointBuilder>of(
                    StartPointBuilder::builder, StartPointBuilder::build)
            .id(StartPoint::id, StartPointBuilder::id)
            .always("title", TEXT, "", StartPoint::title, StartPointBuilder::title)
            .always(
                    "levels",
                    Codec.of(StartJson::levels, StartJson::written),
                    List.of(),
                    StartPoint::levels,
                    StartPointBuilder::levels)
            .unless(Facts.NONE, "facts", FactJson.FACTS, StartPoint::facts, StartPointBuilder::facts)
            .rest(StartPoint::rest, StartPointBuilder::rest);

    static final Table<Journey.Leg, JourneyLegBuilder> LEG = Table.<Journey.Leg, JourneyLegBuilder>of(
                    JourneyLegBuilder::builder, JourneyLegBuilder::build)
            .part(EventJson.EVENT, Journey.Leg::event, JourneyLegBuilder::event)
            .required("shown", TEXT, Journey.Leg::shown, JourneyLegBuilder::shown);

    static final Table<Journey, JourneyBuilder> JOURNEY = Table.<Journey, JourneyBuilder>of(
                    JourneyBuilder::builder, JourneyBuilder::build)
            .id(Journey::id, JourneyBuilder::id)
            .always("title", TEXT, "", Journey::title, JourneyBuilder::title)
            .always("purpose", TEXT, "", Journey::purpose, JourneyBuilder::purpose)
            .required("device", TEXT, Journey::device, JourneyBuilder::device)
            .required("entry", TEXT, Journey::entry, JourneyBuilder::entry)
            .unless(List.of(), "legs", Codec.list("leg", LEG), Journey::legs, JourneyBuilder::legs)
            .maybe("end", TEXT, Journey::end, JourneyBuilder::end)
            .rest(Journey::rest, JourneyBuilder::rest);

    private StartJson() {}

    /** The levels of a start point: a screen’s id, or an object with what it was given and has typed in it. */
    private static List<List<Spot>> levels(Fields in, String name) throws Unreadable {
        List<List<Spot>> levels = new ArrayList<>();
        for (JsonNode level : in.items(name)) {
            List<Spot> spots = new ArrayList<>();
            for (JsonNode node : level) {
                spots.add(
                        node.isTextual()
                                ? Spot.of(node.textValue())
                                : SpotJson.SPOT.read(in.item(node, "level " + (levels.size() + 1))));
            }
            levels.add(spots);
        }
        return levels;
    }

    private static JsonNode written(List<List<Spot>> levels) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        levels.forEach(level -> {
            ArrayNode spots = all.addArray();
            level.forEach(spot -> {
                if (spot.equals(Spot.of(spot.screen()))) {
                    spots.add(spot.screen());
                } else {
                    spots.add(Codec.node(SpotJson.SPOT, spot));
                }
            });
        });
        return all;
    }
}
