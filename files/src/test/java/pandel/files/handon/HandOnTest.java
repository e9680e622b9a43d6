package pandel.files.handon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvParser;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.json.PrototypeReader;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.store.PrototypeFile;

/** What a prototype is made into holds all of it, and leads where it says. */
class HandOnTest {

    private static PrototypeFile.Opened opened;
    private static Checked checked;

    @BeforeAll
    static void open() throws Exception {
        opened = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        checked = Check.of(opened.prototype());
    }

    private static String made(HandOn kind) throws Exception {
        return new String(
                kind.of(checked, opened.pictures(), content -> {
                    throw new AssertionError(content + " is missing");
                }),
                StandardCharsets.UTF_8);
    }

    private static List<String[]> rows(String csv) throws IOException {
        try (MappingIterator<String[]> all = new CsvMapper()
                .readerFor(String[].class)
                .with(CsvParser.Feature.WRAP_AS_ARRAY)
                .readValues(csv)) {
            return all.readAll();
        }
    }

    @Test
    void pagesHaveEachScreenWithItsMocksItsHotspotsAndItsLinks() throws Exception {
        Document page = Jsoup.parse(made(HandOn.PAGES));
        for (Screen screen : opened.prototype().screens()) {
            Element head = Objects.requireNonNull(page.getElementById("x-" + screen.id()), screen.title());
            assertThat(head.text()).isEqualTo(screen.shownTitle());
        }
        assertThat(page.select(".mock")).hasSize((int) opened.prototype().screens().stream()
                .mapToLong(s -> s.allMocks().count())
                .sum());
        Set<String> ids = new HashSet<>(page.select("[id]").eachAttr("id"));
        assertThat(page.select("a[href^=#]").eachAttr("href"))
                .isNotEmpty()
                .allMatch(href -> ids.contains(href.substring(1)));
        assertThat(page.text()).contains("slide along left", "ms, ease");
        assertThat(page.select("[src],[href^=http],script")).isEmpty();
    }

    @Test
    void markdownLeadsToHeadingsThatAreThere() throws Exception {
        String text = made(HandOn.MARKDOWN);
        Set<String> ids = new HashSet<>();
        Matcher id = Pattern.compile("<a id=\"([^\"]+)\">").matcher(text);
        while (id.find()) {
            ids.add(id.group(1));
        }
        Matcher to = Pattern.compile("\\]\\(#([^)]+)\\)").matcher(text);
        int links = 0;
        while (to.find()) {
            assertThat(ids).contains(to.group(1));
            links++;
        }
        assertThat(links).isGreaterThan(opened.prototype().screens().size());
    }

    @Test
    void tablesHaveARowForEachScreenAndEachBranch() throws Exception {
        assertThat(rows(made(HandOn.SCREENS)))
                .hasSize(1 + opened.prototype().screens().size());
        long branches = opened.prototype().index().ways().stream()
                .mapToLong(w -> w.link().branches().size())
                .sum();
        List<String[]> links = rows(made(HandOn.LINKS));
        assertThat(links).hasSize(1 + (int) branches);
        assertThat(links).allMatch(r -> r.length == links.getFirst().length);
    }

    @Test
    void theJsonIsTheWholePrototype() throws Exception {
        Prototype read = PrototypeReader.read(
                new ByteArrayInputStream(made(HandOn.JSON).getBytes(StandardCharsets.UTF_8)), id -> Optional.empty());
        assertThat(read.screens()).isEqualTo(opened.prototype().screens());
        assertThat(read.drawers()).isEqualTo(opened.prototype().drawers());
    }

    @Test
    void theMapHasEachScreenOnceAndIsSoundXml() throws Exception {
        String svg = made(HandOn.MAP);
        org.w3c.dom.Document map = javax.xml.parsers.DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(map.getElementsByTagName("path").getLength()).isGreaterThan(10);
        for (Screen screen : opened.prototype().screens()) {
            assertThat(svg).contains(">" + screen.shownTitle() + "</text>");
        }
    }

    @Test
    void theGraphNamesEachScreenOnce() throws Exception {
        String dot = made(HandOn.DOT);
        for (Screen screen : opened.prototype().screens()) {
            assertThat(dot).containsOnlyOnce("  \"" + screen.id() + "\" [");
        }
    }

    @Test
    void whateverIsMadeUpIsMadeIntoEach() throws Exception {
        long seed = System.nanoTime();
        for (int i = 0; i < 6; i++) {
            Checked made = Check.of(Generated.of(12, seed + i, i % 2 == 0 ? Kind.USUAL : Kind.NASTY, 3));
            for (HandOn kind : HandOn.values()) {
                assertThat(kind.of(made, content -> Optional.empty(), content -> {}))
                        .as(kind + " of seed " + (seed + i))
                        .isNotEmpty();
            }
        }
    }

    @Test
    void wordsThatWouldDoHarmAreOnlyWords() throws Exception {
        // Each in a title of its own.
        Prototype named = opened.prototype().withTitle(HostileWordsTest.WORDS.getFirst());
        for (int i = 0; i < HostileWordsTest.WORDS.size(); i++) {
            named = ScreenEdits.rename(opened.prototype().screens().get(i), HostileWordsTest.WORDS.get(i))
                    .applyTo(named);
        }
        Checked hostile = Check.of(named);
        for (HandOn kind : HandOn.values()) {
            harmless(
                    kind,
                    new String(kind.of(hostile, content -> Optional.empty(), content -> {}), StandardCharsets.UTF_8));
        }
    }

    private static void harmless(HandOn kind, String text) throws IOException {
        assertThat(text).isNotBlank();
        if (kind.ending().equals("html")) {
            Document page = Jsoup.parse(text);
            assertThat(page.select("svg,img:not([src^=data:image/png])")).isEmpty();
            assertThat(page.select("img").isEmpty()).isEqualTo(kind != HandOn.IMAGEMAP);
            assertThat(page.select("[onload],[onerror]")).isEmpty();
            assertThat(page.select("script").eachAttr("type"))
                    .allMatch(t -> t.isEmpty() || t.equals("application/json"));
        } else if (kind.ending().equals("csv")) {
            List<String[]> rows = rows(text);
            assertThat(rows).allMatch(r -> r.length == rows.getFirst().length);
            for (String[] row : rows) {
                assertThat(row).noneMatch(cell -> cell.matches("(?s)[=+@].*"));
            }
        } else if (kind == HandOn.DOT) {
            for (String line : text.lines().toList()) {
                String bare = line.replace("\\\\", "").replace("\\\"", "");
                assertThat(bare.chars().filter(c -> c == '"').count() % 2).isZero();
            }
        } else if (kind == HandOn.MAP) {
            assertThat(Jsoup.parse(text, org.jsoup.parser.Parser.xmlParser()).select("script,img,[onload]"))
                    .isEmpty();
        } else if (kind == HandOn.MARKDOWN) {
            assertThat(text).doesNotContainPattern("(?<!\\\\)<(script|img|svg)");
        }
    }

    @Test
    void itTellsHowFarItIsAndEndsWhenItIsStopped() throws Exception {
        List<Integer> told = Collections.synchronizedList(new ArrayList<>());
        Course all = new Course() {
            @Override
            public void missing(String content) {
                throw new AssertionError(content);
            }

            @Override
            public void ready(int pictures, int of) {
                told.add(pictures);
                assertThat(pictures).isBetween(1, of);
            }
        };
        HandOn.HTML.of(checked, opened.pictures(), all);
        assertThat(told).doesNotHaveDuplicates().contains(1, told.size());
        Course stopped = new Course() {
            @Override
            public void missing(String content) {}

            @Override
            public boolean isStopped() {
                return true;
            }
        };
        assertThatThrownBy(() -> HandOn.HTML.of(checked, opened.pictures(), stopped))
                .isInstanceOf(InterruptedIOException.class);
    }

    @Test
    void aPictureThatIsGoneIsTold() throws Exception {
        List<String> missing = new ArrayList<>();
        HandOn.HTML.of(checked, content -> Optional.empty(), missing::add);
        assertThat(missing).isNotEmpty().doesNotHaveDuplicates();
    }

    @Test
    void theMapAsAPictureIsTheDrawing() throws Exception {
        byte[] png = HandOn.PICTURE.of(checked, opened.pictures(), content -> {});
        Raster picture = Pictures.decode(png, "map.png");
        Document drawing = Jsoup.parse(made(HandOn.MAP), Parser.xmlParser());
        assertThat((double) picture.width() / picture.height())
                .isCloseTo(
                        Double.parseDouble(drawing.expectFirst("svg").attr("width"))
                                / Double.parseDouble(drawing.expectFirst("svg").attr("height")),
                        within(0.01));
        assertThat(Arrays.stream(picture.argb()).distinct().count()).isGreaterThan(10);
    }

    @Test
    void mocksOfThePagesHaveTheWordsThatAreLaidOnThem() throws Exception {
        Prototype without = opened.prototype()
                .withScreens(opened.prototype().screens().stream()
                        .map(s -> s.withMocks(s.mocks().stream()
                                .map(m -> m instanceof Picture p ? p.withPatches(List.of()) : m)
                                .toList()))
                        .toList());
        assertThat(opened.prototype().screens())
                .anyMatch(s -> s.mocks().stream()
                        .anyMatch(m -> m instanceof Picture p && !p.patches().isEmpty()));
        String plain = new String(
                HandOn.PAGES.of(Check.of(without), opened.pictures(), content -> {}), StandardCharsets.UTF_8);
        assertThat(pictures(made(HandOn.PAGES))).isNotEqualTo(pictures(plain));
    }

    private static List<String> pictures(String page) {
        return Pattern.compile("base64,([^)]+)")
                .matcher(page)
                .results()
                .map(r -> r.group(1))
                .toList();
    }
}
