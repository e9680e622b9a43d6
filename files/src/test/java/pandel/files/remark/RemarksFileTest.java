package pandel.files.remark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.VersionTexts;

class RemarksFileTest {

    private static final Remark PLAIN = Remark.on("home", "r-1", "Why?\n“So”", "Ada", "2026-05-12T09:30:00Z");
    private static final List<Remark> ALL = List.of(
            PLAIN,
            PLAIN.withId("r-2").withHotspot(Optional.of("buy")).withSettled(true),
            PLAIN.withId("r-3").withLink(Optional.of("buy-tap")).withBy("").withMade(""),
            PLAIN.withId("r-4")
                    .withStep(Optional.of(new Remark.Step(
                            "phone",
                            "start",
                            List.of(
                                    Event.tap("buy"),
                                    new Event.Elapse(200),
                                    new Event.Touched(Gesture.TAP, new Event.On.OnSign("head_left"))
                                            .turning("no network"))))));

    @TempDir
    Path folder;

    @Test
    void whatIsWrittenIsReadAgain() throws Exception {
        Path file = folder.resolve("remarks.json");
        Files.writeString(file, new RemarksFile("Shop", ALL).text());
        assertThat(RemarksFile.read(file)).isEqualTo(new RemarksFile("Shop", ALL));
    }

    @Test
    void itIsAsItsSchemaSays() throws Exception {
        assertThat(JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(Files.readString(Path.of("..", "docs", "schema", "remarks.schema.json")))
                        .validate(new RemarksFile("Shop", ALL).text(), InputFormat.JSON))
                .isEmpty();
    }

    @Test
    void aPrototypeKeepsThem() throws Exception {
        Prototype p = Prototype.empty("Shop")
                .withScreens(List.of(Screen.page("home", "Home")))
                .withRemarks(ALL);
        assertThat(PrototypeReader.read(
                        new java.io.ByteArrayInputStream(
                                PrototypeWriter.text(p).getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                        VersionTexts.NONE))
                .isEqualTo(p);
    }

    @Test
    void whatIsWrongIsSaidWithItsPlace() {
        refused("{", "“x.json” is not sound JSON at line 1.");
        refused("[]", "expected an object");
        refused("{\"format\": \"pandel/1\"}", "“x.json” holds no remarks");
        refused("{\"format\": \"pandel-remarks/2\"}", "newer Pandel");
        refused(
                "{\"format\": \"pandel-remarks/1\", \"remarks\": [{\"id\": \"a\"}]}",
                "In “x.json”, remark 1: “screen” is missing.");
        refused(
                "{\"format\": \"pandel-remarks/1\", \"remarks\": [{\"id\": \"a\", \"screen\": \"s\"}, {\"id\": \"a\", \"screen\": \"s\"}]}",
                "the id “a” is used twice");
        refused(
                new RemarksFile("", List.of(PLAIN.withWords("x".repeat(Remark.LONGEST + 1)))).text(),
                "more than 20000 letters");
        refused(
                new RemarksFile(
                                "",
                                List.of(PLAIN.withStep(Optional.of(new Remark.Step(
                                        "d",
                                        "s",
                                        java.util.Collections.nCopies(
                                                Remark.MOST_EVENTS + 1, new Event.DeviceBack()))))))
                        .text(),
                "more than 500 events");
    }

    private static void refused(String text, String why) {
        assertThatThrownBy(() -> RemarksFile.read(text, "“x.json”"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(why);
    }

    @Test
    void aFileThatIsNotThereIsSaid() {
        assertThatThrownBy(() -> RemarksFile.read(folder.resolve("none.json")))
                .isInstanceOf(Unreadable.class)
                .hasMessage("There is no file “none.json”; check the name.");
    }
}
