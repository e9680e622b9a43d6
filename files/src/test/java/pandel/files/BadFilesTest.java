package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.check.Check;
import pandel.core.check.finding.Rule;
import pandel.files.store.PrototypeFile;

/** Broken and hostile files: one clear sentence each, nothing thrown at anyone. */
class BadFilesTest {

    private static final Path SAMPLE = Path.of("..", "samples", "hollow-lane.pandel");

    @TempDir
    private Path folder;

    private String refusal(Path file) {
        Unreadable refused = catchThrowableOfType(Unreadable.class, () -> PrototypeFile.open(file));
        assertThat(refused).as("It should have been refused").isNotNull();
        return refused.sentence();
    }

    private Path zip(String entry, byte[] content) throws IOException {
        Path file = folder.resolve("f.pandel");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
            out.putNextEntry(new ZipEntry(entry));
            out.write(content);
        }
        return file;
    }

    private Path json(String text) throws IOException {
        return zip("prototype.json", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void cutShortAnywhereItIsRefused() throws IOException {
        byte[] whole = Files.readAllBytes(SAMPLE);
        for (int share = 1; share < 20; share++) {
            Path cut = folder.resolve("cut.pandel");
            Files.write(cut, Arrays.copyOf(whole, (int) ((long) whole.length * share / 20)));
            assertThat(refusal(cut))
                    .isEqualTo(
                            "“cut.pandel” cannot be opened. It is cut short or damaged; take an earlier copy of it.");
        }
    }

    @Test
    void whatIsNoPrototypeIsSaidToBeNone() throws IOException {
        Path text = folder.resolve("text.pandel");
        Files.writeString(text, "hello");
        assertThat(refusal(text)).isEqualTo("“text.pandel” cannot be opened. It is no Pandel prototype.");
        Path empty = folder.resolve("empty.pandel");
        Files.createFile(empty);
        assertThat(refusal(empty)).contains("It is no Pandel prototype.");
        assertThat(refusal(zip("other.txt", new byte[3]))).contains("a zip without a prototype.json");
        assertThat(refusal(folder)).contains("The folder holds no prototype.json.");
        assertThat(refusal(folder.resolve("nowhere.pandel"))).contains("There is no file");
    }

    @Test
    void aPathOutsideIsRefused() throws IOException {
        assertThat(refusal(zip("../../evil.sh", new byte[3])))
                .contains("It names a path outside itself, “../../evil.sh”");
        assertThat(refusal(zip("/etc/passwd", new byte[3]))).contains("a path outside itself");
        assertThat(refusal(zip("pictures\\..\\x", new byte[3]))).contains("a path outside itself");
    }

    @Test
    void aBombIsNotUnpacked() throws IOException {
        byte[] zeros = new byte[60_000_000];
        Arrays.fill(zeros, (byte) ' ');
        assertThat(refusal(zip("prototype.json", zeros))).contains("unpacks to far more than a prototype does");
        assertThat(refusal(json("[".repeat(5000)))).contains("not sound JSON");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\'',
            value = {
                "{\"format\": \"pandel/2\"} | written by a newer Pandel (format pandel/2, this one reads pandel/1)",
                "{\"title\": \"x\"} | This is no Pandel prototype",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"expects\": [{\"name\": \"loan\"}, "
                        + "{\"name\": \"loan\"}]}]} | “loan” is expected twice",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"expects\": [{\"name\": \"loan\", "
                        + "\"kind\": \"date\"}]}]} | unknown kind “date”; it can be text, number, yes/no, one of",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"hotspots\": [{\"id\": \"h\", "
                        + "\"rows\": [3]}]}]} | hotspot “h”, row 1: expected an object",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"gesture\": \"key\"}}]}]} | “key” is missing",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"wait\": 0}}]}]} | “wait” must be a whole number from 1 to 86400000",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"work\": true}, \"branches\": [{\"where\": \"above\"}]}]}]} | unknown where “above”; "
                        + "it can be here, beneath",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"work\": true}, \"branches\": [{\"when\": [{\"compare\": \"is\", \"with\": "
                        + "3}]}]}]}]} | say fact, given, typed, row or value",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"work\": true}, \"branches\": [{\"effects\": [{\"verb\": \"return\"}, {\"verb\": "
                        + "\"close\"}]}]}]}]} | a branch holds at most one move",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"mocks\": [{\"picture\": "
                        + "\"0000000000000000000000000000000000000000000000000000000000000000.png\", \"pixels\": "
                        + "[10, 10], \"patches\": [{\"area\": [1, 1, 5, 5], \"ink\": \"red\", \"words\": "
                        + "\"x\"}]}]}]} | A colour is written as #rrggbb",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\"}, {\"id\": \"a\"}]} | In screen 2: the "
                        + "id “a” is used twice",
                "{\"format\": \"pandel/1\", \"screens\": [{\"title\": \"a\"}]} | In screen 1: “id” is missing.",
                "{\"format\": \"pandel/1\", \"screens\": {}} | “screens” must be a list [ … ], found an object.",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"form\": \"popup\"}]} | unknown form "
                        + "“popup”; it can be page, dialog, sheet, panel.",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"wait\": 0}}]}]} | “wait” must be a whole number from 1 to",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"links\": [{\"id\": \"l\", \"cause\": "
                        + "{\"wait\": 5}, \"branches\": [{\"effects\": [{\"verb\": \"teleport\"}]}]}]}]} | "
                        + "unknown verb “teleport”; it can be advance, replace, restart, open above, return, "
                        + "return to, close, switch tab, turn page, next row, previous row, "
                        + "drawer open, drawer close, drawer toggle, "
                        + "remember, notice, leave, begin again.",
                "{\"format\": \"pandel/1\", \"drawers\": [{\"id\": \"d\", \"panel\": {\"width\": 0}}]} | In "
                        + "drawer 1, panel: A drawer is 1 px wide or more",
                "{\"format\": \"pandel/1\", \"drawers\": [{\"id\": \"d\", \"panel\": {\"side\": \"top\"}}]} | "
                        + "unknown side “top”; it can be left, right.",
                "{\"format\": \"pandel/1\", \"drawers\": [{\"id\": \"d\", \"items\": [{\"id\": \"d\"}]}]} | In "
                        + "drawer 1, item 1: the id “d” is used twice",
                "{\"format\": \"pandel/1\", \"drawers\": [{\"id\": \"d\", \"items\": [{\"id\": \"i\", \"does\": "
                        + "{\"outcome\": \"saved\"}}]}]} | In drawer 1, item 1: an item has one branch, which has "
                        + "no outcome.",
                "{\"format\": \"pandel/1\", \"facts\": [{\"id\": \"f\", \"kind\": \"colour\"}]} | In fact 1: "
                        + "unknown kind “colour”; it can be yes/no, one of, number, text.",
                "{\"format\": \"pandel/1\", \"facts\": [{\"id\": \"f\", \"kind\": \"number\", \"least\": 5, "
                        + "\"most\": 1}]} | A number’s least is not above its most: 5 to 1.",
                "{\"format\": \"pandel/1\", \"versions\": [{\"id\": \"../x\"}]} | In version 1: the id of a "
                        + "version is 1 to 100 letters, digits and dashes.",
                "{\"format\": \"pandel/1\", \"startPoints\": [{\"id\": \"s\", \"levels\": [[]]}]} | A start point "
                        + "has a screen on each of its levels.",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"mocks\": [{\"picture\": \"../x.png\", "
                        + "\"pixels\": [1, 1]}]}]} | “picture” must name a file in pictures/",
                "{\"format\": \"pandel/1\", \"screens\": [{\"id\": \"a\", \"hotspots\": [{\"id\": \"h\", "
                        + "\"areas\": {\"narrow\": [0, 0, -4, 2]}}]}]} | An area has a width and a height above 0",
                "{\"format\": \"pandel/1\", \"widths\": {\"medium\": 900, \"wide\": 800}} | widths: Medium begins "
                        + "at 41 px or more, wide at more than that and 10000 at most; 900 and 800 do not",
                "{\"format\": \"pandel/1\", \"widths\": {\"medium\": 900}} | “wide” is missing",
                "{\"format\": \"pandel/1\", | not sound JSON at line 1",
                "{\"format\": \"pandel/1\", \"title\": 7} | “title” must be a text, found a number.",
            })
    void mistakesInTheTextAreSaidWithTheirPlace(String text, String sentence) throws IOException {
        assertThat(refusal(json(text))).contains(sentence);
    }

    @Test
    void linksToWhatIsNotThereOpenAndAreAFinding() throws Exception {
        Path file = json("""
                {"format": "pandel/1", "entries": [{"id": "start", "screen": "a"}],
                 "screens": [{"id": "a", "title": "A", "links": [
                   {"id": "l", "cause": {"wait": 5}, "branches": [{"effects": [{"verb": "advance", "screen": "gone"}]}]}]}]}
                """);
        assertThat(Check.of(PrototypeFile.open(file).prototype()).findings(Rule.MISSING_TARGET))
                .hasSize(1);
    }

    /** Any byte changed: opened or refused with a sentence, never anything else. */
    @Test
    void randomDamageIsOpenedOrRefused() throws IOException {
        byte[] whole = Files.readAllBytes(SAMPLE);
        Random random = new Random(7);
        for (int i = 0; i < 150; i++) {
            ByteArrayOutputStream damaged = new ByteArrayOutputStream();
            damaged.write(whole);
            byte[] bytes = damaged.toByteArray();
            for (int k = 0; k < 8; k++) {
                int tail = random.nextBoolean() ? 40_000 : bytes.length;
                bytes[bytes.length - 1 - random.nextInt(tail)] = (byte) random.nextInt(256);
            }
            Path file = folder.resolve("damaged.pandel");
            Files.write(file, bytes);
            try {
                assertThat(PrototypeFile.open(file).prototype()).isNotNull();
            } catch (Unreadable e) {
                assertThat(e.sentence())
                        .startsWith("“damaged.pandel” cannot be")
                        .hasSizeLessThan(600);
            }
        }
    }
}
