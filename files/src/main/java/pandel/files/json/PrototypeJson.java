package pandel.files.json;

import static pandel.files.json.field.Codec.TEXT;
import static pandel.files.json.field.Codec.list;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import pandel.core.model.Feel;
import pandel.core.model.Judgements;
import pandel.core.model.JudgementsAcceptedBuilder;
import pandel.core.model.JudgementsQuietBuilder;
import pandel.core.model.Prototype;
import pandel.core.model.PrototypePartsBuilder;
import pandel.core.model.Version;
import pandel.core.model.device.Widths;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Form;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;
import pandel.files.json.field.Table;

/** The whole of {@code prototype.json}, and what stands in it alone. */
final class PrototypeJson {

    private static final String SAFE = "[A-Za-z0-9][A-Za-z0-9_-]{0,99}";

    static final Table<Judgements.Accepted, JudgementsAcceptedBuilder> ACCEPTED =
            Table.<Judgements.Accepted, JudgementsAcceptedBuilder>of(
                            JudgementsAcceptedBuilder::builder, JudgementsAcceptedBuilder::build)
                    .required("rule", TEXT, Judgements.Accepted::rule, JudgementsAcceptedBuilder::rule)
                    .required("ground", TEXT, Judgements.Accepted::ground, JudgementsAcceptedBuilder::ground)
                    .always("reason", TEXT, "", Judgements.Accepted::reason, JudgementsAcceptedBuilder::reason)
                    .rest(Judgements.Accepted::rest, JudgementsAcceptedBuilder::rest);

    static final Table<Judgements.Quiet, JudgementsQuietBuilder> QUIET =
            Table.<Judgements.Quiet, JudgementsQuietBuilder>of(
                            JudgementsQuietBuilder::builder, JudgementsQuietBuilder::build)
                    .required("rule", TEXT, Judgements.Quiet::rule, JudgementsQuietBuilder::rule)
                    .maybe("section", TEXT, Judgements.Quiet::section, JudgementsQuietBuilder::section)
                    .maybe("screen", TEXT, Judgements.Quiet::screen, JudgementsQuietBuilder::screen)
                    .rest(Judgements.Quiet::rest, JudgementsQuietBuilder::rest);

    /** A version’s name; what it holds stands apart and is not read here. */
    static final Part<Version> VERSION = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("id", "title", "made");
        }

        @Override
        public Version read(Fields in) throws Unreadable {
            if (!in.text("id").matches(SAFE)) {
                throw new Unreadable(
                        "In " + in.where() + ": the id of a version is 1 to 100 letters, digits and dashes.");
            }
            String id = in.claimed("id");
            return new Version(
                    id,
                    in.optionalText("title").orElse(id),
                    in.optionalText("made").orElse(""),
                    new Version.Content.Unread("", ""));
        }

        @Override
        public void write(Version v, ObjectNode node) {
            node.put("id", v.id()).put("title", v.title()).put("made", v.made());
        }
    };

    /** In the order of the file. */
    static final Table<Prototype, PrototypePartsBuilder> PROTOTYPE = Table.<Prototype, PrototypePartsBuilder>of(
                    () -> PrototypePartsBuilder.builder()
                            .judgements(Judgements.NONE)
                            .feel(Feel.USUAL),
                    parts -> Prototype.of(parts.build()))
            .always("title", TEXT, "", Prototype::title, PrototypePartsBuilder::title)
            .unless(
                    List.of(),
                    "devices",
                    list("device", DeviceJson.DEVICE),
                    Prototype::devices,
                    PrototypePartsBuilder::devices)
            .unless(
                    List.of(),
                    "entries",
                    list("entry", StartJson.ENTRY),
                    Prototype::entries,
                    PrototypePartsBuilder::entries)
            .unless(List.of(), "facts", list("fact", FactJson.FACT), Prototype::facts, PrototypePartsBuilder::facts)
            .unless(
                    List.of(),
                    "startPoints",
                    list("start point", StartJson.POINT),
                    Prototype::startPoints,
                    PrototypePartsBuilder::startPoints)
            .unless(
                    List.of(),
                    "versions",
                    list("version", VERSION),
                    Prototype::versions,
                    PrototypePartsBuilder::versions)
            .unless(
                    Widths.USUAL,
                    "widths",
                    Codec.object(DeviceJson.WIDTHS),
                    Prototype::widths,
                    PrototypePartsBuilder::widths)
            .unless(
                    Map.of(),
                    "motions",
                    Codec.byName("verb", Verb.values(), Verb::word, Codec.object(LinkJson.MOTION)),
                    p -> p.feel().motions(),
                    (into, motions) -> into.feel(into.feel().withMotions(motions)))
            .unless(
                    Map.of(),
                    "motionsAbove",
                    Codec.byName("form", Form.values(), Form::word, Codec.object(LinkJson.MOTION)),
                    p -> p.feel().above(),
                    (into, above) -> into.feel(into.feel().withAbove(above)))
            .unless(
                    Feel.DRAWERS,
                    "drawerMotion",
                    Codec.object(LinkJson.MOTION),
                    p -> p.feel().drawers(),
                    (into, drawers) -> into.feel(into.feel().withDrawers(drawers)))
            .unless(
                    Feel.USUAL.touched(),
                    "touched",
                    Codec.word(Answer.values(), Answer::word),
                    p -> p.feel().touched(),
                    (into, touched) -> into.feel(into.feel().withTouched(touched)))
            .unless(
                    List.of(),
                    "screens",
                    list("screen", ScreenJson.SCREEN),
                    Prototype::screens,
                    PrototypePartsBuilder::screens)
            .unless(
                    List.of(),
                    "shared",
                    list("shared hotspot", ScreenJson.SHARED),
                    Prototype::shared,
                    PrototypePartsBuilder::shared)
            .unless(
                    List.of(),
                    "sequences",
                    list("sequence", SequenceJson.SEQUENCE),
                    Prototype::sequences,
                    PrototypePartsBuilder::sequences)
            .unless(
                    List.of(),
                    "tabSets",
                    list("tab set", TabsJson.SET),
                    Prototype::tabSets,
                    PrototypePartsBuilder::tabSets)
            .unless(
                    List.of(),
                    "drawers",
                    list("drawer", DrawerJson.DRAWER),
                    Prototype::drawers,
                    PrototypePartsBuilder::drawers)
            .unless(List.of(), "pairs", list("pair", PairJson.PAIR), Prototype::pairs, PrototypePartsBuilder::pairs)
            .unless(
                    List.of(),
                    "headers",
                    list("header", HeaderJson.HEADER),
                    Prototype::headers,
                    PrototypePartsBuilder::headers)
            .unless(
                    List.of(),
                    "journeys",
                    list("journey", StartJson.JOURNEY),
                    Prototype::journeys,
                    PrototypePartsBuilder::journeys)
            .unless(
                    List.of(),
                    "remarks",
                    list("remark", RemarkJson.REMARK),
                    Prototype::remarks,
                    PrototypePartsBuilder::remarks)
            .unless(
                    List.of(),
                    "accepted",
                    list("accepted finding", ACCEPTED),
                    p -> p.judgements().accepted(),
                    (into, accepted) -> into.judgements(
                            new Judgements(accepted, into.judgements().quiet())))
            .unless(
                    List.of(),
                    "quiet",
                    list("quiet rule", QUIET),
                    p -> p.judgements().quiet(),
                    (into, quiet) ->
                            into.judgements(new Judgements(into.judgements().accepted(), quiet)))
            .rest(Prototype::rest, PrototypePartsBuilder::rest);

    private PrototypeJson() {}
}
