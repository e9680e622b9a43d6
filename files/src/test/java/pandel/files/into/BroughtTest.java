package pandel.files.into;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionNamed;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.check.Check;
import pandel.core.edit.Naming;
import pandel.core.edit.linking.BroughtLink;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.gather.Gathering;
import pandel.files.handon.HandOn;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;

/** Pages with links that other programs made: their pictures come, and what leads where; nothing in them is run. */
class BroughtTest {

    @TempDir
    Path folder;

    private Gathering.Gathered gathered(PictureShelf shelf, Path... files) {
        return new Gathering(shelf, new Thumbnails(folder.resolve("thumbnails")))
                .take(List.of(files), Set.of(), new Naming(new Random(7)::nextInt), n -> {}, () -> false)
                .orElseThrow();
    }

    private static Prototype linked(Gathering.Gathered gathered) {
        Prototype made = ScreenEdits.add(gathered.screens()).applyTo(Prototype.empty("Brought"));
        return BroughtLink.edit(
                        gathered.links(),
                        made.screens().stream().map(Screen::id).toList(),
                        new Naming(new Random(8)::nextInt))
                .applyTo(made);
    }

    private static List<String> leads(Prototype p, String title) {
        return p.screens().stream()
                .filter(s -> s.title().equals(title))
                .flatMap(s -> s.hotspots().stream())
                .flatMap(h -> h.links().stream())
                .flatMap(l -> l.effects())
                .map(e -> e instanceof Effect.Leave leave
                        ? leave.address()
                        : p.titleOf(e.target().orElseThrow().id()))
                .toList();
    }

    private static PDAnnotationLink link(float x, float y, float w, float h) {
        PDAnnotationLink link = new PDAnnotationLink();
        link.setRectangle(new PDRectangle(x, y, w, h));
        return link;
    }

    private Path pdf(boolean locked) throws Exception {
        Path file = folder.resolve("Shop.pdf");
        try (PDDocument document = new PDDocument()) {
            PDPage first = new PDPage(new PDRectangle(390, 800));
            PDPage second = new PDPage(new PDRectangle(390, 600));
            document.addPage(first);
            document.addPage(second);
            PDAnnotationLink on = link(20, 700, 100, 50);
            PDPageFitDestination there = new PDPageFitDestination();
            there.setPage(second);
            on.setDestination(there);
            on.setContents("Buy");
            PDAnnotationLink out = link(20, 100, 60, 30);
            PDActionURI uri = new PDActionURI();
            uri.setURI("https://example.org/help");
            out.setAction(uri);
            PDAnnotationLink harm = link(200, 100, 60, 30);
            harm.setAction(new PDActionJavaScript("app.alert('harm')"));
            first.getAnnotations().addAll(List.of(on, out, harm));
            PDAnnotationLink back = link(350, 560, 100, 30);
            PDActionNamed named = new PDActionNamed();
            named.setN("FirstPage");
            back.setAction(named);
            second.getAnnotations().add(back);
            if (locked) {
                document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
            }
            document.save(file.toFile());
        }
        return file;
    }

    @Test
    void pagesOfAPdfBecomeScreensAndItsLinksHotspots() throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            Gathering.Gathered gathered = gathered(shelf, pdf(false));
            assertThat(gathered.problems()).isEmpty();
            assertThat(gathered.told())
                    .containsExactly(
                            "Of “Shop.pdf” one link was left out: they lead nowhere that a" + " prototype can show.");
            Prototype p = linked(gathered);
            assertThat(p.screens()).extracting(Screen::title).containsExactly("Shop page 1", "Shop page 2");
            Picture picture = (Picture) p.screens().getFirst().mocks().getFirst();
            assertThat(picture.width()).isEqualTo(390);
            assertThat(picture.height()).isEqualTo(800);
            assertThat(picture.scale()).as("two pixels to each px").isEqualTo(2);
            assertThat(leads(p, "Shop page 1")).containsExactly("Shop page 2", "https://example.org/help");
            assertThat(leads(p, "Shop page 2")).containsExactly("Shop page 1");
            Hotspot buy = p.screens().getFirst().hotspots().getFirst();
            assertThat(buy.title()).isEqualTo("Buy");
            assertThat(buy.areas().get(Width.NARROW)).isEqualTo(new Area(20, 50, 100, 50));
            assertThat(p.screens().getLast().hotspots().getFirst().areas().get(Width.NARROW))
                    .as("cut where the picture ends")
                    .isEqualTo(new Area(350, 10, 40, 30));
        }
    }

    @Test
    void aPdfThatIsLockedOrDamagedIsSaidAndTheOthersAreTaken() throws Exception {
        Path damaged = Files.writeString(folder.resolve("Damaged.pdf"), "%PDF-1.7 and no more");
        Path picture = folder.resolve("Plain.png");
        Files.write(picture, Pictures.png(new Raster(10, 10, new int[100])));
        try (PictureShelf shelf = new PictureShelf()) {
            Gathering.Gathered gathered = gathered(shelf, pdf(true), damaged, picture);
            assertThat(gathered.problems())
                    .containsExactlyInAnyOrder(
                            "“Shop.pdf” asks for a password; save it without one.",
                            "“Damaged.pdf” is damaged: it is no sound PDF; export it again.");
            assertThat(gathered.screens()).extracting(Screen::title).containsExactly("Plain");
        }
    }

    @Test
    void picturesOfAnImageMapComeWithTheirAreas() throws Exception {
        Files.write(folder.resolve("home.png"), Pictures.png(new Raster(300, 500, new int[150_000])));
        Files.write(folder.resolve("bag.png"), Pictures.png(new Raster(300, 400, new int[120_000])));
        Path secret =
                Files.write(Files.createDirectories(folder.resolve("other")).resolve("secret.png"), new byte[] {1});
        Path page = Files.createDirectories(folder.resolve("site")).resolve("index.html");
        Files.copy(folder.resolve("home.png"), folder.resolve("site/home.png"));
        Files.copy(folder.resolve("bag.png"), folder.resolve("site/bag.png"));
        Files.writeString(page, """
                <script>window.harm = 1</script>
                <section id=start><img src=home.png usemap="#m"></section>
                <section id=end><img src="./bag.png" usemap="#n"></section>
                <img src="../other/secret.png" usemap="#n"><img src="http://example.org/x.png" usemap="#n">
                <map name=m>
                  <area shape=rect coords="10,20,110,70" href="#end" alt="Bag">
                  <area shape=circle coords="200,200,20" href="mailto:a@example.org">
                  <area shape=poly coords="0,300,50,300,25,340" href="javascript:harm()">
                </map>
                <map name=n><area shape=default href="home.png"></map>
                """);
        assertThat(Brought.looksInto(page)).isTrue();
        assertThat(Files.exists(secret)).isTrue();
        try (PictureShelf shelf = new PictureShelf()) {
            Gathering.Gathered gathered = gathered(shelf, page);
            assertThat(gathered.problems()).isEmpty();
            Prototype p = linked(gathered);
            assertThat(p.screens()).extracting(Screen::title).containsExactly("Home", "Bag");
            assertThat(leads(p, "Home")).containsExactly("Bag", "mailto:a@example.org");
            assertThat(leads(p, "Bag")).containsExactly("Home");
            assertThat(p.screens().getFirst().hotspots().getFirst().areas().values())
                    .containsExactly(new Area(10, 20, 100, 50));
            assertThat(gathered.told())
                    .anyMatch(t -> t.contains("2 pictures are not beside it"))
                    .anyMatch(t -> t.contains("One link leads to what did not come along"));
        }
    }

    @Test
    void linksOfDrawingsLeadToTheOthers() throws Exception {
        Path home = Files.writeString(folder.resolve("home.svg"), """
                <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="300" height="500">
                  <rect width="300" height="500" fill="#fff"/>
                  <g transform="translate(100 200)">
                    <a href="#bag"><title>Bag</title><rect x="10" y="20" width="80" height="40" fill="#080"/></a>
                  </g>
                  <a xlink:href="https://example.org"><circle cx="50" cy="50" r="20"/></a>
                </svg>""");
        Path bag = Files.writeString(folder.resolve("bag.svg"), """
                <svg xmlns="http://www.w3.org/2000/svg" width="300" height="500">
                  <rect width="300" height="500" fill="#eee"/><a href="home.svg"><rect width="40" height="40"/></a>
                </svg>""");
        try (PictureShelf shelf = new PictureShelf()) {
            Prototype p = linked(gathered(shelf, bag, home));
            assertThat(leads(p, "Home")).containsExactly("Bag", "https://example.org");
            assertThat(leads(p, "Bag")).containsExactly("Home");
            Hotspot to = p.screens().getLast().hotspots().getFirst();
            assertThat(to.title()).isEqualTo("Bag");
            assertThat(to.areas().values()).containsExactly(new Area(110, 220, 80, 40));
        }
    }

    @Test
    void theSampleHandedOnAsPagesComesBackWithAllThatWasPossibleThere() throws Exception {
        PrototypeFile.Opened opened = PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        for (HandOn kind : List.of(HandOn.PDF, HandOn.IMAGEMAP)) {
            Path file = folder.resolve("all." + kind.ending());
            Files.write(
                    file,
                    kind.of(opened.prototype(), () -> Check.of(opened.prototype()), opened.pictures(), content -> {
                        throw new AssertionError(content + " is missing");
                    }));
            if (kind == HandOn.IMAGEMAP) {
                assertThat(Files.readString(file, StandardCharsets.UTF_8)).doesNotContain("<script");
            }
            try (PictureShelf shelf = new PictureShelf()) {
                Prototype p = linked(gathered(shelf, file));
                assertThat(p.screens())
                        .as(kind.word())
                        .hasSameSizeAs(opened.prototype().screens());
                assertThat(p.screens().stream().map(s -> s.title().toLowerCase(java.util.Locale.ROOT)))
                        .containsAll(List.of("tools", "loans", "extend the loan"));
                assertThat(leads(p, "Loans")).contains("Loan", "Tool");
                assertThat(leads(p, "Extend the loan")).isEmpty();
                assertThat(leads(p, "Tool")).contains("Choose dates");
                Optional<Screen> loans = p.screens().stream()
                        .filter(s -> s.title().equals("Loans"))
                        .findFirst();
                assertThat(((Picture) loans.orElseThrow().mocks().getFirst()).width())
                        .isEqualTo(390);
            }
        }
    }
}
