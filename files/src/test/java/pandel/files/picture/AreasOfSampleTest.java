package pandel.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import pandel.core.areas.Pixels;
import pandel.core.areas.Recurring;
import pandel.core.areas.Things;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.store.PictureSource;
import pandel.files.store.PrototypeFile;

/**
 * How many of the sample's drawn areas a press in their middle finds, on its pictures as they are, enlarged by half,
 * and as JPEG. An area is found where what is offered has at least three quarters in common with it (intersection over
 * union); of a hotspot with rows, all its rows together.
 */
class AreasOfSampleTest {

    private static final Path SAMPLE = Path.of("../samples/hollow-lane.pandel");
    private static final double FOUND = 0.75;

    /** Screens of the sample, and how many rows one sees on their narrow pictures. */
    private static final Map<String, Integer> ROWS = Map.of(
            "Tools", 6,
            "Loans", 4,
            "Notices", 5,
            "Me", 5,
            "Search", 3,
            "How to use it", 4,
            "What we tell you about", 3,
            "Courses", 3);

    /** Where it is another number on the wider ones, as cards. */
    private static final Map<String, Integer> WIDER = Map.of("Loans", 3, "Notices", 3);

    /** A drawn area on one picture. */
    private record Drawn(Screen screen, Picture picture, Hotspot hotspot, Area area) {}

    private interface How {
        BufferedImage of(BufferedImage image) throws IOException;
    }

    private final Prototype prototype;
    private final PictureSource pictures;

    AreasOfSampleTest() throws Unreadable {
        PrototypeFile.Opened opened = PrototypeFile.open(SAMPLE);
        prototype = opened.prototype();
        pictures = opened.pictures();
    }

    private List<Drawn> drawn() {
        Map<String, Drawn> all = new LinkedHashMap<>();
        for (Screen screen : prototype.screens()) {
            for (Mock mock : screen.allMocks().toList()) {
                if (mock instanceof Picture picture) {
                    prototype
                            .index()
                            .hotspotsOn(screen.id())
                            .forEach(hotspot -> hotspot.areaOn(picture.on())
                                    .ifPresent(area -> all.putIfAbsent(
                                            picture.content() + area, new Drawn(screen, picture, hotspot, area))));
                }
            }
        }
        return List.copyOf(all.values());
    }

    /** By content, what is found on each picture, what recurs on those of one width with it. */
    private Map<String, Things> looked(List<Drawn> drawn, double scale, How how) throws IOException {
        Map<String, Things> things = new HashMap<>();
        for (Width width : Width.values()) {
            List<Picture> some = drawn.stream()
                    .map(Drawn::picture)
                    .filter(p -> p.on() == width)
                    .distinct()
                    .toList();
            List<Things> found = new ArrayList<>();
            for (Picture picture : some) {
                BufferedImage image = how.of(ImageIO.read(new ByteArrayInputStream(
                        pictures.read(picture.content()).orElseThrow())));
                int w = image.getWidth();
                int h = image.getHeight();
                found.add(Things.on(new Pixels(w, h, image.getRGB(0, 0, w, h, null, 0, w)), picture.scale() * scale)
                        .under(picture.patches().stream().map(Patch::area).toList()));
            }
            List<Recurring> recurring = Recurring.among(found, 3);
            for (int i = 0; i < some.size(); i++) {
                int number = i;
                things.put(
                        some.get(i).content(),
                        found.get(i)
                                .knowing(recurring.stream()
                                        .filter(r -> r.pictures().contains(number))
                                        .toList()));
            }
        }
        return things;
    }

    private static double likeness(Area a, Area b) {
        double w = Math.min(a.right(), b.right()) - Math.max(a.x(), b.x());
        double h = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        return w <= 0 || h <= 0 ? 0 : w * h / (a.width() * a.height() + b.width() * b.height() - w * h);
    }

    private static Area offered(Things.Offer offer, Hotspot hotspot) {
        return hotspot.rows().isEmpty()
                ? offer.area()
                : offer.alike().stream()
                        .reduce((a, b) -> Area.between(
                                Math.min(a.x(), b.x()),
                                Math.min(a.y(), b.y()),
                                Math.max(a.right(), b.right()),
                                Math.max(a.bottom(), b.bottom())))
                        .orElseThrow();
    }

    /** Of a hundred drawn areas, how many the first press finds, and the first three. */
    private double[] measure(String what, double scale, How how) throws IOException {
        List<Drawn> drawn = drawn();
        Map<String, Things> things = looked(drawn, scale, how);
        int first = 0;
        int third = 0;
        Set<String> missed = new TreeSet<>();
        for (Drawn one : drawn) {
            Area area = one.area();
            List<Things.Offer> offers = Optional.ofNullable(
                            things.get(one.picture().content()))
                    .orElseThrow()
                    .at(area.x() + area.width() / 2, area.y() + area.height() / 2);
            List<Boolean> found = offers.stream()
                    .limit(3)
                    .map(o -> likeness(offered(o, one.hotspot()), area) >= FOUND)
                    .toList();
            first += !found.isEmpty() && found.getFirst() ? 1 : 0;
            third += found.contains(true) ? 1 : 0;
            if (!found.contains(true)) {
                missed.add(one.hotspot().title());
            }
        }
        double[] shares = {100.0 * first / drawn.size(), 100.0 * third / drawn.size()};
        System.out.printf(
                "areas, %s: %d drawn, %.1f of 100 found by the first press, %.1f within three; never %s%n",
                what, drawn.size(), shares[0], shares[1], missed);
        return shares;
    }

    private static BufferedImage enlarged(BufferedImage image) {
        BufferedImage large =
                new BufferedImage(image.getWidth() * 3 / 2, image.getHeight() * 3 / 2, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = large.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(image, 0, 0, large.getWidth(), large.getHeight(), null);
        g.dispose();
        return large;
    }

    private static BufferedImage jpeg(BufferedImage image) throws IOException {
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(image, 0, 0, null);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam parameters = writer.getDefaultWriteParam();
        parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        parameters.setCompressionQuality(0.75f);
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(null, new IIOImage(plain, null, null), parameters);
        writer.dispose();
        return ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    }

    @Test
    void aPressFindsWhatWasDrawn() throws IOException {
        double[] plain = measure("as they are", 1, image -> image);
        assertThat(plain[0]).isGreaterThanOrEqualTo(85);
        assertThat(plain[1]).isGreaterThanOrEqualTo(92);
    }

    @Test
    void aPressFindsWhatWasDrawnOnLargerPictures() throws IOException {
        double[] large = measure("enlarged by half", 1.5, AreasOfSampleTest::enlarged);
        assertThat(large[0]).isGreaterThanOrEqualTo(85);
    }

    @Test
    void aPressFindsWhatWasDrawnOnCompressedPictures() throws IOException {
        double[] compressed = measure("as JPEG, quality 75", 1, AreasOfSampleTest::jpeg);
        assertThat(compressed[0]).isGreaterThanOrEqualTo(75);
    }

    @Test
    void rowsAreCountedRight() throws IOException {
        Map<String, Things> things = looked(drawn(), 1, image -> image);
        int lists = 0;
        int right = 0;
        for (Screen screen : prototype.screens()) {
            for (Mock mock : screen.mocks()) {
                if (!ROWS.containsKey(screen.title()) || !(mock instanceof Picture picture)) {
                    continue;
                }
                Things on = Objects.requireNonNull(things.get(picture.content()));
                int most = 0;
                for (int y = 100; y < picture.height() - 80; y += 10) {
                    for (Things.Offer offer : on.at(picture.width() * 0.4, y)) {
                        most = Math.max(most, offer.alike().size());
                    }
                }
                int seen = Objects.requireNonNull(ROWS.get(screen.title()));
                int expected = picture.on() == Width.NARROW ? seen : WIDER.getOrDefault(screen.title(), seen);
                System.out.printf("rows on %s, %s: %d of %d%n", screen.title(), picture.on(), most, expected);
                lists++;
                right += most == expected ? 1 : 0;
            }
        }
        System.out.printf("rows: %.1f of 100 lists counted right%n", 100.0 * right / lists);
        assertThat(100.0 * right / lists).isGreaterThanOrEqualTo(95);
    }
}
