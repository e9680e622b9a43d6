package pandel.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.rest.Rest;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Json;
import pandel.files.json.field.Part;

/** A record’s fields are said once, in its table; the schema says the same ones. */
class TablesTest {

    static Stream<Arguments> tablesBesideTheSchema() {
        return Stream.of(
                Arguments.of("", PrototypeJson.PROTOTYPE),
                Arguments.of("/$defs/device", DeviceJson.DEVICE),
                Arguments.of("/properties/widths", DeviceJson.WIDTHS),
                Arguments.of("/$defs/entry", StartJson.ENTRY),
                Arguments.of("/properties/startPoints/items", StartJson.POINT),
                Arguments.of("/properties/versions/items", PrototypeJson.VERSION),
                Arguments.of("/properties/journeys/items", StartJson.JOURNEY),
                Arguments.of("/properties/accepted/items", PrototypeJson.ACCEPTED),
                Arguments.of("/properties/quiet/items", PrototypeJson.QUIET),
                Arguments.of("/$defs/fact", FactJson.FACT),
                Arguments.of("/$defs/expected", ValueJson.EXPECTED),
                Arguments.of("/$defs/motion", LinkJson.MOTION),
                Arguments.of("/$defs/link", LinkJson.LINK),
                Arguments.of("/$defs/branch", LinkJson.BRANCH),
                Arguments.of("/$defs/screen", ScreenJson.SCREEN),
                Arguments.of("/$defs/screen/properties/overlay", ScreenJson.OVERLAY),
                Arguments.of("/$defs/screen/properties/states/items", ScreenJson.STATE),
                Arguments.of("/$defs/hotspot", ScreenJson.HOTSPOT),
                Arguments.of("/$defs/shared", ScreenJson.SHARED),
                Arguments.of("/$defs/mock", MockJson.MOCK),
                Arguments.of("/$defs/patch", MockJson.PATCH),
                Arguments.of("/$defs/sequence", SequenceJson.SEQUENCE),
                Arguments.of("/$defs/sequence/properties/laid", SequenceJson.LAID),
                Arguments.of("/$defs/tabSet", TabsJson.SET),
                Arguments.of("/$defs/tabSet/properties/tabs/items", TabsJson.TAB),
                Arguments.of("/$defs/tabSet/properties/strip", TabsJson.STRIP),
                Arguments.of("/$defs/tabSet/properties/button", TabsJson.BUTTON),
                Arguments.of("/$defs/drawer", DrawerJson.DRAWER),
                Arguments.of("/$defs/drawer/properties/panel", DrawerJson.PANEL),
                Arguments.of("/$defs/drawer/properties/items/items", DrawerJson.ITEM),
                Arguments.of("/$defs/drawer/properties/on", DrawerJson.ON),
                Arguments.of("/properties/pairs/items", PairJson.PAIR));
    }

    @ParameterizedTest
    @MethodSource
    void tablesBesideTheSchema(String pointer, Part<?> table) throws Exception {
        JsonNode schema = new ObjectMapper()
                .readTree(Files.readString(Path.of("..", "docs", "schema", "prototype.schema.json")))
                .at(pointer)
                .path("properties");
        List<String> said = new ArrayList<>();
        schema.fieldNames().forEachRemaining(said::add);
        said.remove("format");
        assertThat(table.names()).containsExactlyInAnyOrderElementsOf(said);
    }

    @Test
    void whatIsUsualIsLeftOutAndReadAsUsual() throws Exception {
        Pair usual = new Pair("p", "loans", "loan", Pair.USUAL_SHARE, Rest.NONE);
        ObjectNode written = Codec.node(PairJson.PAIR, usual);
        assertThat(written.has("share")).isFalse();
        assertThat(PairJson.PAIR.read(fields(written.toString()))).isEqualTo(usual);
        Pair wide = usual.withShare(Pair.MOST);
        assertThat(PairJson.PAIR.read(fields(Codec.node(PairJson.PAIR, wide).toString())))
                .isEqualTo(wide);
    }

    @Test
    void whatTheTableDoesNotNameIsKept() throws Exception {
        Pair read = PairJson.PAIR.read(fields("{\"id\":\"p\",\"list\":\"a\",\"detail\":\"b\",\"hinge\":7}"));
        assertThat(read.rest().fields()).containsOnlyKeys("hinge");
        assertThat(Codec.node(PairJson.PAIR, read).path("hinge").intValue()).isEqualTo(7);
    }

    @Test
    void anErrorNamesTheWayDownToIt() throws Exception {
        Fields file = Fields.file(
                Json.tree("{\"pairs\":[{\"id\":\"p\",\"list\":\"a\",\"detail\":\"b\",\"share\":3.5}]}"), "x.json");
        assertThatThrownBy(() -> Codec.list("pair", PairJson.PAIR).read(file, "pairs"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("In pair 1: “share” must be a whole number");
    }

    @Test
    void anIdIsClaimedOnceInAWholeFile() throws Exception {
        Fields file = Fields.file(
                Json.tree("{\"one\":[{\"id\":\"p\",\"list\":\"a\",\"detail\":\"b\"}],"
                        + "\"two\":[{\"id\":\"p\",\"list\":\"a\",\"detail\":\"b\"}]}"),
                "x.json");
        assertThat(Codec.list("pair", PairJson.PAIR).read(file, "one")).hasSize(1);
        assertThatThrownBy(() -> Codec.list("pair", PairJson.PAIR).read(file, "two"))
                .hasMessageContaining("the id “p” is used twice");
    }

    @Test
    void whatARecordRefusesIsSaidWithItsPlace() throws Exception {
        assertThatThrownBy(() -> Codec.object(SequenceJson.LAID).read(fields("{\"laid\":{\"ink\":\"red\"}}"), "laid"))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith("In thing, laid: ");
    }

    @Test
    void wordsOfASetAreWrittenInItsOrder() throws Exception {
        Codec<java.util.Set<pandel.core.model.screen.Closer>> closers =
                Codec.words("closer", pandel.core.model.screen.Closer.class, pandel.core.model.screen.Closer::word);
        var all = pandel.core.model.screen.Closer.values();
        JsonNode list = closers.write(new java.util.LinkedHashSet<>(List.of(all).reversed()));
        for (int i = 0; i < all.length; i++) {
            assertThat(list.get(i).textValue()).isEqualTo(all[i].word());
        }
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.set("closedBy", list);
        assertThat(closers.read(fields(node.toString()), "closedBy")).containsExactly(all);
        assertThatThrownBy(() -> closers.read(fields("{\"closedBy\":[\"magic\"]}"), "closedBy"))
                .hasMessageContaining("unknown closer “magic”; it can be ");
    }

    @Test
    void anEmptySequenceKeepsItsUsualWords() throws Exception {
        Sequence read = SequenceJson.SEQUENCE.read(fields("{\"id\":\"q\"}"));
        assertThat(read.laid()).isEqualTo(Sequence.Laid.NOTHING);
        assertThat(read.swipes()).isTrue();
        assertThat(read.backs()).isTrue();
        assertThat(Codec.node(SequenceJson.SEQUENCE, read)).hasToString("{\"id\":\"q\",\"title\":\"\",\"pages\":[]}");
    }

    private static Fields fields(String json) throws Exception {
        return Fields.of(Json.tree(json), "thing");
    }
}
