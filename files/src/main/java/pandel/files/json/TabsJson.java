package pandel.files.json;

import static pandel.files.json.field.Codec.FLAG;
import static pandel.files.json.field.Codec.TEXT;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.frame.TabSetBuilder;
import pandel.core.model.frame.TabSetFloatingBuilder;
import pandel.core.model.frame.TabSetSizesBuilder;
import pandel.core.model.frame.TabSetStripBuilder;
import pandel.core.model.frame.TabSetTabBuilder;
import pandel.core.model.link.Cause;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Table;

/** Tab sets with their strips and floating buttons, as the file holds them. */
final class TabsJson {

    private static final TabSet.Strip USUAL = TabSet.Strip.USUAL;

    static final Table<TabSet.Tab, TabSetTabBuilder> TAB = Table.<TabSet.Tab, TabSetTabBuilder>of(
                    TabSetTabBuilder::builder, TabSetTabBuilder::build)
            .id(TabSet.Tab::id, TabSetTabBuilder::id)
            .always("label", TEXT, "", TabSet.Tab::label, TabSetTabBuilder::label)
            .unless("", "sign", TEXT, TabSet.Tab::sign, TabSetTabBuilder::sign)
            .unless(List.of(), "chosen", LinkJson.CHOSEN, TabSet.Tab::effects, TabSetTabBuilder::effects)
            .part(TargetJson.CARRYING, TabSet.Tab::root, TabSetTabBuilder::root);

    static final Table<TabSet.Sizes, TabSetSizesBuilder> SIZES = Table.<TabSet.Sizes, TabSetSizesBuilder>of(
                    TabSetSizesBuilder::builder, TabSetSizesBuilder::build)
            .always("height", Codec.NUMBER, 0.0, TabSet.Sizes::height, TabSetSizesBuilder::height)
            .always("gap", Codec.NUMBER, 0.0, TabSet.Sizes::gap, TabSetSizesBuilder::gap)
            .always("padding", Codec.NUMBER, 0.0, TabSet.Sizes::padding, TabSetSizesBuilder::padding)
            .always("sign", Codec.NUMBER, TabSet.Sizes.USUAL.sign(), TabSet.Sizes::sign, TabSetSizesBuilder::sign)
            .unless("", "behind", TEXT, TabSet.Sizes::behind, TabSetSizesBuilder::behind);

    static final Table<TabSet.Strip, TabSetStripBuilder> STRIP = Table.<TabSet.Strip, TabSetStripBuilder>of(
                    TabSetStripBuilder::builder, TabSetStripBuilder::build)
            .unless(
                    Map.of(),
                    "looks",
                    Codec.byName("width", Width.values(), Width::word, look()),
                    TabSet.Strip::looks,
                    TabSetStripBuilder::looks)
            .always(
                    "edge",
                    Codec.word(TabSet.Edge.values(), TabSet.Edge::word),
                    USUAL.edge(),
                    TabSet.Strip::edge,
                    TabSetStripBuilder::edge)
            .always(
                    "labels",
                    Codec.word(TabSet.Labels.values(), TabSet.Labels::word),
                    USUAL.labels(),
                    TabSet.Strip::labels,
                    TabSetStripBuilder::labels)
            .always("ground", TEXT, USUAL.ground(), TabSet.Strip::ground, TabSetStripBuilder::ground)
            .always("ink", TEXT, USUAL.ink(), TabSet.Strip::ink, TabSetStripBuilder::ink)
            .always("chosen", TEXT, USUAL.chosen(), TabSet.Strip::chosen, TabSetStripBuilder::chosen)
            .unless(TabSet.Sizes.USUAL, "sizes", Codec.object(SIZES), TabSet.Strip::sizes, TabSetStripBuilder::sizes);

    static final Table<TabSet.Floating, TabSetFloatingBuilder> BUTTON =
            Table.<TabSet.Floating, TabSetFloatingBuilder>of(
                            TabSetFloatingBuilder::builder, TabSetFloatingBuilder::build)
                    .always("sign", TEXT, "", TabSet.Floating::sign, TabSetFloatingBuilder::sign)
                    // Files of earlier on name the looks with which it is not there.
                    .unless(
                            Set.of(),
                            "absent",
                            Codec.words("look", TabSet.Side.class, TabSet.Side::word),
                            button -> Set.of(),
                            (into, absent) -> into.at(
                                    absent.stream().collect(Collectors.toMap(side -> side, side -> TabSet.At.ABSENT))))
                    .unless(
                            Map.of(),
                            "at",
                            Codec.byName(
                                    "look",
                                    TabSet.Side.values(),
                                    TabSet.Side::word,
                                    Codec.word(TabSet.At.values(), TabSet.At::word)),
                            TabSet.Floating::at,
                            (into, at) -> into.at(at.isEmpty() ? into.at() : at))
                    .unless(
                            TabSet.Floating.USUAL_SIZE,
                            "size",
                            Codec.NUMBER,
                            TabSet.Floating::size,
                            TabSetFloatingBuilder::size)
                    .required(
                            "link",
                            LinkJson.by(new Cause.Touch(Gesture.TAP)),
                            TabSet.Floating::link,
                            TabSetFloatingBuilder::link);

    static final Table<TabSet, TabSetBuilder> SET = Table.<TabSet, TabSetBuilder>of(
                    TabSetBuilder::builder, TabSetBuilder::build)
            .id(TabSet::id, TabSetBuilder::id)
            .always("title", TEXT, "", TabSet::title, TabSetBuilder::title)
            .always("tabs", Codec.list("tab", TAB), List.of(), TabSet::tabs, TabSetBuilder::tabs)
            .unless("", "first", TEXT, TabSet::first, TabSetBuilder::first)
            .unless(true, "keeps", FLAG, TabSet::keeps, TabSetBuilder::keeps)
            .unless(true, "backs", FLAG, TabSet::backs, TabSetBuilder::backs)
            .unless(false, "swipes", FLAG, TabSet::swipes, TabSetBuilder::swipes)
            .unless(USUAL, "strip", Codec.object(STRIP), TabSet::strip, TabSetBuilder::strip)
            .unless(Set.of(), "hiddenOn", Codec.TEXT_SET, TabSet::hiddenOn, TabSetBuilder::hiddenOn)
            .maybe("button", Codec.object(BUTTON), TabSet::button, TabSetBuilder::button)
            .rest(TabSet::rest, TabSetBuilder::rest);

    private TabsJson() {}

    private static Codec<TabSet.Side> look() {
        return Codec.word(TabSet.Side.values(), TabSet.Side::word);
    }
}
