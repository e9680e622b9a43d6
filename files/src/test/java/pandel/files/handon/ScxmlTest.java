package pandel.files.handon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.files.store.PrototypeFile;

/** The state chart does what step does: read here, and run by an interpreter of somebody else's. */
class ScxmlTest {

    private static final Path NODE =
            Path.of("..", "target", "npm", "node_modules").toAbsolutePath().normalize();
    private static final int CHARTS = 24;
    private static final int EVENTS = 60;

    @TempDir
    Path folder;

    /** A walk: events that something answers, and the screen shown after each; empty: it was left. */
    private record Walked(List<Event> events, List<String> screens) {

        static Walked of(Prototype p, Random random) {
            List<Event> events = new ArrayList<>();
            List<String> screens = new ArrayList<>();
            Situation now = Situation.at(
                            p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                    .orElseThrow();
            screens.add(now.screen());
            for (int i = 0; i < EVENTS && !now.left(); i++) {
                List<Event> possible = Possible.events(p, now).stream()
                        .filter(e -> !(e.plain() instanceof Event.Typed))
                        .toList();
                if (possible.isEmpty()) {
                    break;
                }
                Event event = possible.get(random.nextInt(possible.size()));
                now = new Step(p).step(now, event).situation();
                events.add(event);
                screens.add(now.left() ? "" : now.screen());
            }
            return new Walked(events, screens);
        }
    }

    private static Map<String, String> screensOf(Document chart) {
        Map<String, String> screens = new HashMap<>();
        for (Element screen : chart.select("scxml > state")) {
            screen.select("> state").forEach(s -> screens.put(s.attr("id"), screen.attr("pandel:screen")));
        }
        screens.put("left", "");
        return screens;
    }

    private static boolean isWhole(String chart) {
        return !chart.contains("left out.");
    }

    private static List<Prototype> whole(Random random) {
        List<Prototype> found = new ArrayList<>();
        for (int i = 0; i < 4 * CHARTS && found.size() < CHARTS; i++) {
            Prototype made =
                    Generated.of(3 + random.nextInt(5), random.nextLong(), i % 2 == 0 ? Kind.USUAL : Kind.NASTY, i % 3);
            boolean begins = made.mainEntry()
                    .flatMap(e -> Situation.at(made, e, made.devices().getFirst()))
                    .isPresent();
            if (begins) {
                found.add(made);
            }
        }
        return found;
    }

    @Test
    void itsTransitionsLeadWhereStepLeads() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        for (Prototype p : whole(random)) {
            String text = Scxml.of(p, sentence -> {});
            Document chart = Jsoup.parse(text, Parser.xmlParser());
            Map<String, String> screens = screensOf(chart);
            Walked walked = Walked.of(p, random);
            String at = chart.expectFirst("scxml").attr("initial");
            for (int i = 0; i < walked.events().size(); i++) {
                Element state = chart.getElementById(at);
                String event = Scxml.name(walked.events().get(i));
                Element transition = state == null
                        ? null
                        : state.select("> transition").stream()
                                .filter(t -> t.attr("event").equals(event))
                                .findFirst()
                                .orElse(null);
                if (transition == null && !isWhole(text)) {
                    break;
                }
                at = transition == null ? at : transition.attr("target");
                assertThat(screens.get(at))
                        .as("seed " + seed + ", after " + event)
                        .isEqualTo(walked.screens().get(i + 1));
            }
        }
    }

    @Test
    void anInterpreterComesToTheSameScreens() throws Exception {
        assumeTrue(
                Files.isDirectory(NODE.resolve("@scion-scxml")),
                "The state chart is not run by an interpreter: @scion-scxml/scxml is not in target/npm; .ci/run puts it"
                        + " there.");
        long seed = System.nanoTime();
        Random random = new Random(seed);
        List<Walked> walks = new ArrayList<>();
        List<Map<String, String>> screens = new ArrayList<>();
        for (Prototype p : whole(random)) {
            String text = Scxml.of(p, sentence -> {});
            if (!isWhole(text)) {
                continue;
            }
            Walked walked = Walked.of(p, random);
            Files.writeString(folder.resolve(walks.size() + ".scxml"), text);
            Files.writeString(
                    folder.resolve(walks.size() + ".txt"),
                    String.join("\n", walked.events().stream().map(Scxml::name).toList()));
            walks.add(walked);
            screens.add(screensOf(Jsoup.parse(text, Parser.xmlParser())));
        }
        assertThat(walks).as("seed " + seed).isNotEmpty();
        Path script = folder.resolve("run.js");
        try (var in = ScxmlTest.class.getResourceAsStream("run-scxml.js")) {
            Files.write(script, java.util.Objects.requireNonNull(in).readAllBytes());
        }
        ProcessBuilder node =
                new ProcessBuilder("node", script.toString(), folder.toString()).redirectErrorStream(true);
        node.environment().put("NODE_PATH", NODE.toString());
        Process ran = node.start();
        String told = new String(ran.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(ran.waitFor()).as(told).isZero();
        for (int i = 0; i < walks.size(); i++) {
            List<String> lines = Files.readAllLines(folder.resolve(i + ".out"));
            List<String> shown = new ArrayList<>();
            for (String line : lines) {
                shown.add(screens.get(i)
                        .get(line.isBlank() ? "left" : line.strip().split(" ")[0]));
            }
            // Once it is left the interpreter has nothing on.
            assertThat(shown)
                    .as("seed " + seed + ", chart " + i)
                    .isEqualTo(walks.get(i).screens());
        }
    }

    @Test
    void theSampleIsCutWhereItsTrailsGrowWithoutEndAndThatIsSaid() throws Exception {
        Prototype p = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"))
                .prototype();
        List<String> told = new ArrayList<>();
        String text = Scxml.of(p, told::add);
        assertThat(told).anyMatch(t -> t.startsWith("Of the situations that can be come to the first 2000 are told"));
        Document chart = Jsoup.parse(text, Parser.xmlParser());
        assertThat(chart.select("scxml > state").eachAttr("pandel:title")).contains("Splash", "Tools", "Loans");
        assertThat(chart.select("state > state")).hasSize(Scxml.MOST);
        assertThat(chart.select("transition").eachAttr("target")).allMatch(id -> chart.getElementById(id) != null);
    }
}
