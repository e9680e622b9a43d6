package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.cli.result.ExitCode;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeSaving;

/** The commands with their output and exit codes. */
class CommandsTest extends CommandTest {

    @Test
    void checkTellsInTextAndItsExitCodeFollowsTheLevel() {
        assertThat(run("check", SAMPLE)).isEqualTo(ExitCode.FINDINGS);
        assertThat(out.toString())
                .contains(
                        "Hollow Lane: 32 of 33 screens are shown, 86 links, 7 findings",
                        "problem dead-end: “Receipt” is a dead end: it has no links.",
                        "by [{\"elapse\":1800},",
                        "warning unreached-screen: “Report damage” is never shown: nothing leads here yet.");
        assertThat(err.toString()).isEmpty();
        assertThat(run("check", SAMPLE, "--fail-on", "never")).isEqualTo(ExitCode.FINE);
        assertThat(run("check", SAMPLE, "--device", "small-phone")).isEqualTo(ExitCode.FINDINGS);
        assertThat(run("check", SAMPLE, "--device", "watch")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString())
                .isEqualTo("pandel: The prototype names no device “watch”; it has phone, small-phone, tablet, "
                        + "tablet-on-its-side, counter.\n");
    }

    @Test
    void checkGivesJsonAsItsSchemaSays() throws IOException {
        assertThat(run("check", SAMPLE, "--format", "json")).isEqualTo(ExitCode.FINDINGS);
        assertValid("check", json());
        assertThat(json().path("findings")).hasSize(7);
        assertThat(json().path("screens").path("shown").asInt()).isEqualTo(32);
    }

    @Test
    void theWalkOfAFindingPlaysToIt() throws IOException {
        run("check", SAMPLE, "--format", "json");
        String from = json().path("findings").get(0).path("walk").path("entry").asText();
        JsonNode walk = json().path("findings").get(0).path("walk").path("events");
        Path events = folder.resolve("events.json");
        Files.writeString(events, walk.toString());
        assertThat(run("play", SAMPLE, "--events", events, "--from", from, "--trace"))
                .isEqualTo(ExitCode.FINE);
        assertValid("trace", json());
        assertThat(json().path("steps")).hasSize(walk.size());
        assertThat(json().path("end").path("screen").asText()).startsWith("receipt-");
        assertThat(run("play", SAMPLE, "--events", events, "--from", "/loans/7"))
                .isEqualTo(ExitCode.FINE);
        assertThat(json().has("steps")).isFalse();
        assertThat(run("play", SAMPLE, "--events", events, "--from", "Signed in"))
                .isEqualTo(ExitCode.FINE);
        assertThat(json().path("end").path("facts").toString()).contains("true");
        assertThat(run("play", SAMPLE, "--events", events, "--from", "/loans/7?colour=blue"))
                .isEqualTo(ExitCode.FINE);
        assertThat(err.toString()).contains("Dropped, since nothing there expects it: colour.");
        assertThat(run("play", SAMPLE, "--events", events, "--from", "nowhere")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString())
                .contains("There is no entry and no start point “nowhere”; there are start, /tools/{tool}, "
                        + "/loans/{loan}, Signed in,");
    }

    @Test
    void theExampleEventsTouchBothOverlays() throws IOException {
        assertThat(run("play", SAMPLE, "--events", Path.of("..", "samples", "hollow-lane-events.json"), "--trace"))
                .isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).contains("\"sheet\"", "\"dialog\"", "\"moved\"");
        assertThat(json().path("steps")).hasSizeGreaterThan(15);
    }

    @Test
    void whatChangedIsToldInSentences() {
        assertThat(run("diff", SAMPLE, "--since", "Sent to the neighbours")).isEqualTo(ExitCode.FINDINGS);
        assertThat(out.toString()).contains("“Care and late days” was called “Care and cost”.");
        assertThat(run("diff", SAMPLE, SAMPLE)).isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).isEqualTo("Nothing changed.\n");
        assertThat(run("diff", SAMPLE, "--since", "never")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString())
                .contains("No version “never” is kept in “hollow-lane.pandel”; there are “First sketch, shown to "
                        + "the board”,");
        assertThat(run("diff", SAMPLE)).isEqualTo(ExitCode.COULD_NOT);
    }

    @Test
    void journeysAreReplayedAndCoverageIsMeasured() throws IOException {
        assertThat(run("journeys", SAMPLE)).isEqualTo(ExitCode.FINE);
        assertThat(out.toString().lines()).hasSize(4).allMatch(l -> l.contains(": works, "));
        assertThat(run("cover", SAMPLE)).isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).containsPattern("travelled: (3[0-9]) %").contains("screens: ", "missing link: ");
        assertThat(out.toString()).contains(", turning out “").doesNotContain("suggested");
        assertThat(run("play", SAMPLE, "--journey", "Reserve a ladder")).isEqualTo(ExitCode.FINE);
        assertThat(json().path("end").path("screen").asText()).startsWith("loans-");
        assertThat(run("play", SAMPLE, "--journey", "Nobody")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).contains("There is no journey “Nobody”; the prototype has Reserve a ladder,");
        Path bare = folder.resolve("bare.pandel");
        run("generate", "--screens", 5, "-o", bare);
        assertThat(run("cover", bare)).isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).contains("no journeys");
    }

    @Test
    void journeysAreSuggestedForWhatNoneTravels() {
        Path made = folder.resolve("made.pandel");
        run("generate", "--screens", 12, "-o", made);
        assertThat(run("cover", made, "--suggest")).isEqualTo(ExitCode.FINE);
        List<String> lines = out.toString().lines().toList();
        assertThat(lines.get(1))
                .matches("suggested: \\d+ journeys of \\d+ steps; to travel \\d+ links and outcomes takes at least as "
                        + "many steps, and \\d+ journeys of that length; not travelled by them: 0");
        assertThat(lines).anyMatch(l -> l.matches("journey 1: Screen 1 to Screen \\d+, on Phone:"));
        assertThat(lines).anyMatch(l -> l.startsWith("    Tap Part "));
    }

    @Test
    void pairsOfLinksAreCountedWhenAskedFor() {
        assertThat(run("cover", SAMPLE, "--pairs")).isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).containsPattern("pairs of links in a row: \\d+ of \\d+, ");
    }

    @Test
    void badEventsAreSaidWithTheirPlace() throws IOException {
        Path events = folder.resolve("events.json");
        Files.writeString(events, "[{\"tap\": \"x\"}, {\"shake\": true}]");
        assertThat(run("play", SAMPLE, "--events", events)).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).startsWith("pandel: In event 2: unknown event; it can be tap,");
        Files.writeString(events, "[{\"tap\": ");
        assertThat(run("play", SAMPLE, "--events", events)).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).contains("not sound JSON");
        assertThat(run("play", SAMPLE, "--events", folder.resolve("none.json"))).isEqualTo(ExitCode.COULD_NOT);
    }

    @Test
    void newMakesAPrototypeOfAFolderAndNeverWritesOverOne() throws IOException {
        Path file = folder.resolve("corner_shop.pandel");
        assertThat(run("new", file, "--from", Path.of("..", "samples", "pictures")))
                .isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).contains("30 screens");
        assertThat(run("check", file, "--fail-on", "warning")).isEqualTo(ExitCode.FINDINGS);
        assertThat(out.toString()).contains("Corner shop: 1 of 30 screens are shown", "nothing leads here yet");
        assertThat(run("new", file)).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).contains("exists already");
        Path bad = Files.createDirectory(folder.resolve("bad"));
        Files.writeString(bad.resolve("a.png"), "x");
        assertThat(run("new", folder.resolve("b.pandel"), "--from", bad)).isEqualTo(ExitCode.COULD_NOT);
        assertThat(folder.resolve("b.pandel")).doesNotExist();
        Files.copy(Path.of("..", "samples", "pictures", "01_splash@2x.png"), bad.resolve("b.png"));
        assertThat(run("new", folder.resolve("b.pandel"), "--from", bad)).isEqualTo(ExitCode.FINE);
        assertThat(err.toString()).isEqualTo("pandel: “a.png” is no PNG, JPEG, SVG, WebP, GIF or BMP picture.\n");
    }

    @Test
    void generateIsTheSameForTheSameSeed() throws IOException {
        Path a = folder.resolve("a.pandel");
        Path b = folder.resolve("b.pandel");
        assertThat(run("generate", "--screens", 200, "--seed", 7, "--kind", "nasty", "-o", a))
                .isEqualTo(ExitCode.FINE);
        run("generate", "--screens", 200, "--seed", 7, "--kind", "nasty", "-o", b);
        assertThat(a).hasSameBinaryContentAs(b);
        run("generate", "--screens", 200, "--seed", 8, "--kind", "nasty", "-o", b);
        assertThat(Files.mismatch(a, b)).isNotNegative();
        assertThat(run("generate", "--screens", 0, "-o", a)).isEqualTo(ExitCode.COULD_NOT);
        assertThat(run("check", a, "--fail-on", "problem")).isEqualTo(ExitCode.FINDINGS);
    }

    @Test
    void whatCannotBeReadIsOneLineAndTwo() throws IOException {
        Path text = folder.resolve("text.pandel");
        Files.writeString(text, "hello");
        for (String command : new String[] {"check", "open"}) {
            assertThat(run(command, text)).isEqualTo(ExitCode.COULD_NOT);
            assertThat(err.toString())
                    .isEqualTo("pandel: “text.pandel” cannot be opened. It is no Pandel prototype.\n");
        }
        assertThat(run("check", text, "--debug")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).contains("Caused by");
    }

    @Test
    void wordsOfAPrototypeCommandNoTerminalAndBreakNoLine() throws Exception {
        Path file = folder.resolve("odd.pandel");
        try (PictureShelf shelf = new PictureShelf()) {
            PrototypeSaving.toFile(
                    Prototype.empty("Odd\u001b[31m\ntitle\u202e")
                            .withScreens(List.of(Screen.page("s", "Two\r\nlines\u0007")))
                            .withEntries(List.of(Entry.at("start", "s"))),
                    file,
                    shelf);
        }
        run("check", file);
        assertThat(out.toString()).contains("Odd [31m title : 1 of 1 screens are shown", "“Two  lines ” is a dead end");
        assertThat(out.toString().chars().filter(c -> Character.isISOControl(c) && c != '\n'))
                .isEmpty();
        run("check", file, "--format", "json");
        assertThat(json().at("/title").asText()).isEqualTo("Odd\u001b[31m\ntitle\u202e");
    }

    @Test
    void eachErrorIsOneLine() throws IOException {
        Path broken =
                Files.write(folder.resolve("broken.svg"), "<svg <".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        for (Object[] wrong : new Object[][] {
            {"check"},
            {"chekc", SAMPLE},
            {"check", SAMPLE, "--fail-on", "never", "--nonsense"},
            {"play", SAMPLE},
            {"generate", "--screens", "many", "-o", "x"},
            {"generate", "--screens", 9, "--pictures", 2_000_000_000, "-o", folder.resolve("x.pandel")},
            {"generate", "--screens", 9, "--pictures", -1, "-o", folder.resolve("x.pandel")},
            {"new", folder.resolve("y.pandel"), "--from", folder.resolve("nowhere")},
            {"new", folder.resolve("no").resolve("z.pandel")},
            {"new", folder.resolve("b.pandel"), "--from", broken}
        }) {
            assertThat(run(wrong))
                    .as(String.join(
                            " ",
                            java.util.Arrays.stream(wrong).map(Object::toString).toList()))
                    .isEqualTo(ExitCode.COULD_NOT);
            assertThat(err.toString().lines().filter(l -> !l.startsWith("pandel: “broken.svg”")))
                    .as(err.toString())
                    .hasSize(1)
                    .allMatch(l -> l.startsWith("pandel: ") && !l.contains("null"));
        }
    }

    @Test
    void outputThatCannotBeWrittenIsTold() {
        StringWriter said = new StringWriter();
        int code = Main.run(
                new PlainWriter(new java.io.Writer() {
                    @Override
                    public void write(char[] buffer, int offset, int length) throws IOException {
                        throw new IOException("No space left on device");
                    }

                    @Override
                    public void flush() {}

                    @Override
                    public void close() {}
                }),
                new PlainWriter(said),
                "check",
                SAMPLE);
        assertThat(code).isEqualTo(ExitCode.COULD_NOT);
        assertThat(said.toString())
                .isEqualTo("pandel: the output could not be written; look whether its disk is full or its reader has "
                        + "gone.\n");
    }

    @Test
    void aListFromAnAddressNamesTheAddressWithItsValue() throws Exception {
        Path file = folder.resolve("address.pandel");
        Screen item = Screen.page("item", "Item")
                .withExpects(
                        List.of(pandel.core.model.value.Expected.text("tool").withRequired(true)));
        Prototype prototype = Prototype.empty("Address")
                .withScreens(List.of(Screen.page("home", "Home"), item))
                .withEntries(List.of(
                        Entry.at("start", "home"),
                        new Entry(
                                "by-address",
                                new pandel.core.model.link.Target.ToScreen("item"),
                                java.util.Optional.of("/tools/{tool}"),
                                pandel.core.model.rest.Rest.NONE)));
        try (PictureShelf shelf = new PictureShelf()) {
            PrototypeSaving.toFile(prototype, file, shelf);
        }
        run("check", file);
        assertThat(out.toString()).contains(" from /tools/");
        assertThat(run(
                        "play",
                        file,
                        "--events",
                        Files.writeString(folder.resolve("none.json"), "[]"),
                        "--from",
                        "/tools/drill"))
                .isEqualTo(ExitCode.FINE);
        run("check", file, "--format", "json");
        assertThat(json().findValues("address"))
                .isNotEmpty()
                .allMatch(a -> a.asText().startsWith("/tools/") && !a.asText().contains("{"));
        assertValid("check", json());
    }

    @Test
    void foldersInsideAreTakenWhenAskedFor() throws IOException {
        Path pictures = Files.createDirectory(folder.resolve("shots"));
        Path inside = Files.createDirectory(pictures.resolve("arriving"));
        Files.copy(Path.of("..", "samples", "pictures", "01_splash@2x.png"), pictures.resolve("splash@2x.png"));
        Files.copy(Path.of("..", "samples", "pictures", "02_sign-in@2x.png"), inside.resolve("sign-in@2x.png"));
        assertThat(run("new", folder.resolve("one.pandel"), "--from", pictures)).isEqualTo(ExitCode.FINE);
        assertThat(err.toString())
                .isEqualTo("pandel: The folder “arriving” in it is left out; take it too, as a section, with "
                        + "--folders.\n");
        assertThat(out.toString()).contains("1 screens");
        assertThat(run("new", folder.resolve("two.pandel"), "--from", pictures, "--folders"))
                .isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).contains("2 screens");
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void aTypingErrorIsMetWithASuggestion() {
        assertThat(run("chekc", SAMPLE)).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).contains("Did you mean", "check");
        assertThat(run("check")).isEqualTo(ExitCode.COULD_NOT);
        assertThat(err.toString()).contains("See: pandel check --help");
        assertThat(run("--help")).isEqualTo(ExitCode.FINE);
        assertThat(out.toString()).contains("check", "play", "generate", "Exit codes:");
    }
}
