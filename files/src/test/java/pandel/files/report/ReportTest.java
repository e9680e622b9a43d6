package pandel.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvParser;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.stream.StreamSupport;
import javax.xml.parsers.DocumentBuilderFactory;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.JudgementEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.json.field.Json;
import pandel.files.store.PictureSource;
import pandel.files.store.PrototypeFile;

/** What the checks say, in every format: as its standard says, and whatever words the prototype has. */
class ReportTest {

    private static final PictureSource NO_PICTURES = content -> Optional.empty();

    private static PrototypeFile.Opened sample() throws Exception {
        return PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
    }

    /** Words that would mean something to one format or another. */
    static List<String> hostile() {
        return List.of(
                "<script>alert(1)</script>",
                "</style></script>]]>--><img src=x onerror=alert(1)>",
                "=HYPERLINK(\"http://example.org\")",
                "+1+2",
                "@SUM(A1)",
                "-2+3",
                "nul \u0000 and \u001B bell \u0007",
                "line \u2028 and \u2029 and\nnew, \"quoted\"; 'so'",
                "half a letter \uD83D here",
                "\u202Eright to left\u202C שלום",
                "| a | table | # head * star _ line ` code [link](javascript:alert(1))",
                "x".repeat(10_000));
    }

    private static Prototype called(Prototype p, String words) {
        Prototype now = ScreenEdits.renamePrototype(words).applyTo(p);
        for (Screen screen : p.screens()) {
            now = ScreenEdits.rename(screen, words).applyTo(now);
        }
        return now;
    }

    private static JsonSchema sarifSchema() throws IOException {
        try (InputStream in =
                Objects.requireNonNull(ReportTest.class.getResourceAsStream("/schema/sarif-schema-2.1.0.json"))) {
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V7).getSchema(in);
        }
    }

    private static JsonNode sarif(Checked checked) throws IOException {
        return Json.tree(Report.SARIF.of(checked, "my file & more.pandel", NO_PICTURES));
    }

    @Test
    void sarifIsValidByItsSchemaForTheSampleAndForMadeUpPrototypes() throws Exception {
        JsonSchema schema = sarifSchema();
        long seed = new Random().nextLong(1, 1_000_000);
        System.out.println("reports: seed = " + seed);
        List<Checked> all = new ArrayList<>(List.of(Check.of(sample().prototype())));
        for (int i = 0; i < 12; i++) {
            all.add(Check.of(Generated.of(14, seed + i, i % 2 == 0 ? Kind.NASTY : Kind.USUAL)));
        }
        for (Checked checked : all) {
            JsonNode log = sarif(checked);
            assertThat(schema.validate(log)).as("seed " + seed).isEmpty();
            assertThat(log.at("/runs/0/results").size())
                    .isEqualTo(checked.findings().size() + checked.unsettled().size());
            assertThat(StreamSupport.stream(log.at("/runs/0/results").spliterator(), false)
                            .map(r -> r.at("/partialFingerprints/finding~1v1").asText())
                            .filter(f -> !f.isEmpty()))
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void aFingerprintStaysWhenAScreenIsRenamed() throws Exception {
        Prototype p = sample().prototype();
        assertThat(prints(called(p, "Another name"))).containsAll(prints(p));
    }

    private static List<String> prints(Prototype p) throws IOException {
        return StreamSupport.stream(sarif(Check.of(p)).at("/runs/0/results").spliterator(), false)
                .map(r -> r.at("/partialFingerprints/finding~1v1").asText())
                .toList();
    }

    @Test
    void whatIsMeantOrQuietIsSuppressedAndSaysWhy() throws Exception {
        Prototype p = sample().prototype();
        Finding dead = Check.of(p).findings(Rule.DEAD_END).getFirst();
        Finding never = Check.of(p).findings(Rule.UNREACHED_SCREEN).getFirst();
        Checked checked = Check.of(JudgementEdits.quieten(never.rule().id())
                .applyTo(JudgementEdits.accept(dead.rule().id(), dead.ground(), "the kiosk resets itself")
                        .applyTo(p)));
        JsonNode results = sarif(checked).at("/runs/0/results");
        assertThat(sarifSchema().validate(sarif(checked))).isEmpty();
        for (JsonNode each : results) {
            String rule = each.path("ruleId").asText();
            assertThat(each.has("suppressions"))
                    .isEqualTo(rule.equals(dead.rule().id())
                            || rule.equals(never.rule().id()));
            if (rule.equals(dead.rule().id())) {
                assertThat(each.at("/suppressions/0/justification").asText()).isEqualTo("the kiosk resets itself");
            }
        }
        assertThat(Report.MARKDOWN.of(checked, "x", NO_PICTURES))
                .contains("## Meant", "Meant: the kiosk resets itself", "## Not reported");
        assertThat(rows(checked).stream().map(r -> r[0])).contains("meant", "quiet", "found");
        assertThat(Jsoup.parse(Report.HTML.of(checked, "x", NO_PICTURES))
                        .select("h2")
                        .eachText())
                .containsExactly("Found", "Meant", "Not reported");
    }

    @Test
    void junitHasACaseForEachRuleAndEachJourney() throws Exception {
        Checked checked = Check.of(sample().prototype());
        org.w3c.dom.Document xml = xml(Report.JUNIT.of(checked, "x", NO_PICTURES));
        NodeList suites = xml.getElementsByTagName("testsuite");
        org.w3c.dom.Element checks = (org.w3c.dom.Element) suites.item(0);
        org.w3c.dom.Element journeys = (org.w3c.dom.Element) suites.item(1);
        assertThat(checks.getElementsByTagName("testcase").getLength()).isEqualTo(Rule.values().length);
        assertThat(checks.getElementsByTagName("failure").getLength())
                .isEqualTo(Integer.parseInt(checks.getAttribute("failures")))
                .isPositive();
        assertThat(checks.getTextContent()).contains("“Receipt” is a dead end: it has no links.");
        assertThat(journeys.getElementsByTagName("testcase").getLength())
                .isEqualTo(checked.prototype().journeys().size())
                .isPositive();
        assertThat(journeys.getElementsByTagName("failure").getLength()).isZero();
    }

    @Test
    void aJourneyThatBreaksFailsWithItsStep() throws Exception {
        Prototype p = sample().prototype();
        Prototype without = ScreenEdits.remove(p.screens().stream()
                        .filter(s -> s.title().equals("Tools"))
                        .toList())
                .applyTo(p);
        org.w3c.dom.Document xml = xml(Report.JUNIT.of(Check.of(without), "x", NO_PICTURES));
        org.w3c.dom.Element journeys =
                (org.w3c.dom.Element) xml.getElementsByTagName("testsuite").item(1);
        assertThat(journeys.getElementsByTagName("failure").getLength()).isPositive();
        assertThat(((org.w3c.dom.Element)
                                journeys.getElementsByTagName("failure").item(0))
                        .getAttribute("message"))
                .matches("It breaks at step \\d+ of \\d+\\.");
    }

    @Test
    void thePageShowsTheRowOfPicturesAndAsksForNothing() throws Exception {
        PrototypeFile.Opened opened = sample();
        Checked checked = Check.of(opened.prototype());
        Document page = Jsoup.parse(Report.HTML.of(checked, "x", opened.pictures()));
        assertThat(page.select("article")).hasSize(checked.findings().size());
        Element dead = page.select("article.problem").first();
        assertThat(Objects.requireNonNull(dead).select("figcaption").eachText())
                .containsExactly(
                        "Opened by /loans/{loan}",
                        "Loan",
                        "Tap Bring it back",
                        "Bring it back",
                        "Tap It was taken back: written down",
                        "Receipt");
        String style = Objects.requireNonNull(page.select("style").first()).data();
        for (Element mock : page.select(".mock")) {
            String picture = mock.classNames().stream()
                    .filter(c -> c.startsWith("p"))
                    .findFirst()
                    .orElseThrow();
            assertThat(style).contains("." + picture + "{background-image:url(data:image/png;base64,");
            assertThat(mock.attr("aria-label")).isNotBlank();
        }
        assertThat(page.select("[src], link, script, iframe, form, a")).isEmpty();
        assertThat(page.select("meta[http-equiv=Content-Security-Policy]").attr("content"))
                .startsWith("default-src 'none'");
        assertThat(style.replaceAll("url\\(data:", "")).doesNotContain("url(").doesNotContain("@import");
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void wordsDoNothingButShowInAnyFormat(String words) throws Exception {
        Checked checked = Check.of(called(sample().prototype(), words));
        assertThat(sarifSchema().validate(sarif(checked))).isEmpty();
        assertThat(sarif(checked).at("/runs/0/results/0/message/text").asText()).contains(Told.plain(words));
        assertThat(xml(Report.JUNIT.of(checked, words, NO_PICTURES))
                        .getDocumentElement()
                        .getAttribute("name"))
                .isEqualTo(Told.line(words));
        Document page = Jsoup.parse(Report.HTML.of(checked, words, NO_PICTURES));
        assertThat(page.select("script, img, [onerror], iframe")).isEmpty();
        assertThat(page.select("h1").text())
                .isEqualTo(Jsoup.parse("")
                        .createElement("p")
                        .text(Told.line(words))
                        .text());
        for (String[] row : rows(checked)) {
            assertThat(row).hasSize(12).noneMatch(cell -> cell.matches("(?s)[=+\\-@\\t\\r].*"));
        }
        String markdown = Report.MARKDOWN.of(checked, words, NO_PICTURES);
        assertThat(markdown.lines()).allMatch(l -> l.matches("(#{1,2} .*|- .*|  \\d+\\. .*|\\d+ of \\d+ screens.*|)"));
        assertThat(markdown).doesNotContainPattern("(?<!\\\\)[<>`\\[\\]|]");
    }

    @ParameterizedTest
    @EnumSource(Report.class)
    void ofNothingIsAReportToo(Report report) throws Exception {
        Prototype empty = Prototype.empty("Fernside");
        assertThat(report.of(Check.of(empty), "fernside.pandel", NO_PICTURES)).isNotBlank();
    }

    private static List<String[]> rows(Checked checked) throws IOException {
        try (MappingIterator<String[]> all = new CsvMapper()
                .readerFor(String[].class)
                .with(CsvParser.Feature.WRAP_AS_ARRAY)
                .readValues(Report.CSV.of(checked, "x", NO_PICTURES))) {
            List<String[]> rows = all.readAll();
            return rows.subList(1, rows.size());
        }
    }

    private static org.w3c.dom.Document xml(String text) throws Exception {
        return DocumentBuilderFactory.newDefaultInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(text)));
    }
}
