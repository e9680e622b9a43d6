package pandel.files.json;

import static pandel.files.json.field.Codec.TEXT;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.AtPageBuilder;
import pandel.core.model.frame.InTab;
import pandel.core.model.frame.InTabBuilder;
import pandel.core.model.start.Spot;
import pandel.core.model.start.SpotBuilder;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.RowOrigin;
import pandel.core.model.value.RowOriginBuilder;
import pandel.core.model.value.Value;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;
import pandel.files.json.field.Table;

/** Places with what they remember, as files and play hold them. */
final class SpotJson {

    private static final Codec<Map<String, Value>> VALUES = ValueJson.VALUES;

    private static final Codec<RowOrigin> ROW =
            Codec.object(Table.<RowOrigin, RowOriginBuilder>of(RowOriginBuilder::builder, RowOriginBuilder::build)
                    .required("list", TEXT, RowOrigin::list, RowOriginBuilder::list)
                    .required("number", Codec.whole(1, 1_000_000), RowOrigin::number, RowOriginBuilder::number)
                    .unless(Map.of(), "carried", Codec.byName(TEXT), RowOrigin::carried, RowOriginBuilder::carried));

    /** What a place was given and has typed in it. */
    static final Part<PlaceMemory> MEMORY = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("given", "typed", "row");
        }

        @Override
        public PlaceMemory read(Fields in) throws Unreadable {
            return PlaceMemory.of(
                    in.has("given") ? VALUES.read(in, "given") : Map.of(),
                    in.has("typed") ? VALUES.read(in, "typed") : Map.of(),
                    in.has("row") ? Optional.of(ROW.read(in, "row")) : Optional.empty());
        }

        @Override
        public void write(PlaceMemory memory, ObjectNode node) {
            if (!memory.given().isEmpty()) {
                node.set("given", VALUES.write(memory.given()));
            }
            if (!memory.typed().isEmpty()) {
                node.set("typed", VALUES.write(memory.typed()));
            }
            memory.from().ifPresent(row -> node.set("row", ROW.write(row)));
        }
    };

    private static final Table<AtPage, AtPageBuilder> SEQUENCE_PAGE = Table.<AtPage, AtPageBuilder>of(
                    AtPageBuilder::builder, AtPageBuilder::build)
            .required("sequence", TEXT, AtPage::sequence, AtPageBuilder::sequence)
            .required("page", Codec.whole(1, TargetJson.MOST_PAGES), AtPage::page, AtPageBuilder::page)
            .unless(Map.of(), "offered", VALUES, AtPage::offered, AtPageBuilder::offered);

    /** Where a sequence stands of which a place shows a page. */
    static final Part<Optional<AtPage>> PAGE = new Part<>() {
        @Override
        public List<String> names() {
            return SEQUENCE_PAGE.names();
        }

        @Override
        public Optional<AtPage> read(Fields in) throws Unreadable {
            return in.has("sequence") ? Optional.of(SEQUENCE_PAGE.read(in)) : Optional.empty();
        }

        @Override
        public void write(Optional<AtPage> page, ObjectNode node) {
            page.ifPresent(p -> SEQUENCE_PAGE.write(p, node));
        }
    };

    private static final Table<InTab, InTabBuilder> ROOT = Table.<InTab, InTabBuilder>of(
                    InTabBuilder::builder, InTabBuilder::build)
            .required("tabs", TEXT, InTab::set, InTabBuilder::set)
            .required("tab", TEXT, InTab::tab, InTabBuilder::tab)
            .unless(Map.of(), "offered", VALUES, InTab::offered, InTabBuilder::offered);

    /** The tabs that a place is the root of, the outermost first. */
    static final Codec<List<InTab>> ROOTS = Codec.list("root", ROOT);

    static final Table<Spot, SpotBuilder> SPOT = Table.<Spot, SpotBuilder>of(SpotBuilder::builder, SpotBuilder::build)
            .required("screen", TEXT, Spot::screen, SpotBuilder::screen)
            .part(MEMORY, Spot::held, SpotBuilder::held)
            .part(PAGE, Spot::at, SpotBuilder::at)
            .unless(0, "inside", Codec.whole(0, 2), Spot::inside, SpotBuilder::inside)
            .unless(List.of(), "rootOf", ROOTS, Spot::tabs, SpotBuilder::tabs);

    private SpotJson() {}
}
