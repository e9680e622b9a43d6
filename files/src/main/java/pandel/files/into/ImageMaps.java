package pandel.files.into;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import pandel.core.model.screen.Area;
import pandel.files.Unreadable;
import pandel.files.picture.Pictures;

/**
 * Pictures of a page with areas that lead somewhere (HTML, 4.8.14 Image maps). Scripts, frames and forms are not looked
 * at.
 */
final class ImageMaps {

    private static final int LARGEST = 200 << 20;
    private static final int BEGINS = 1 << 20;

    private final Path file;
    private final Bringing into;
    private Optional<String> first = Optional.empty();
    private int missing;

    private ImageMaps(Path file, Bringing into) {
        this.file = file;
        this.into = into;
    }

    /** Whether a page has such a picture, as far as its first megabyte tells. */
    static boolean isOne(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(BEGINS), StandardCharsets.ISO_8859_1)
                    .toLowerCase(Locale.ROOT)
                    .contains("usemap");
        } catch (IOException e) {
            return false;
        }
    }

    static void bring(Path file, Bringing into) throws Unreadable, IOException {
        String name = "“" + file.getFileName() + "”";
        if (Files.size(file) > LARGEST) {
            throw new Unreadable(name + " is larger than 200 MB; take it apart.");
        }
        new ImageMaps(file, into).pictures(Jsoup.parse(file.toFile(), null, ""), name);
    }

    private void pictures(Document page, String name) throws Unreadable, IOException {
        for (Element image : page.select("img[usemap]")) {
            if (into.isStopped()) {
                return;
            }
            Optional<String> picture = picture(image);
            if (picture.isEmpty()) {
                missing++;
                continue;
            }
            first = first.or(() -> picture);
            call(image, picture.get());
            String map = image.attr("usemap").replaceFirst("^#", "");
            page.select("map").stream()
                    .filter(m -> m.attr("name").equals(map) || m.id().equals(map))
                    .findFirst()
                    .ifPresent(m -> m.select("area[href]").forEach(a -> area(a, picture.get())));
        }
        if (first.isEmpty()) {
            throw new Unreadable(name + " has no picture with areas that came along; keep its pictures beside it.");
        }
        into.call(file.getFileName().toString(), first.get());
        if (missing > 0) {
            into.tell("Of " + name + (missing == 1 ? " one picture is" : " " + missing + " pictures are")
                    + " not beside it, or cannot be read.");
        }
    }

    /** A fragment names the picture itself, its map, or whatever it stands in. */
    private void call(Element image, String picture) {
        for (Element at = image; at != null && !at.normalName().equals("body"); at = at.parent()) {
            if (!at.id().isEmpty()) {
                into.call("#" + at.id(), picture);
                into.call(file.getFileName() + "#" + at.id(), picture);
            }
        }
    }

    private Optional<String> picture(Element image) throws Unreadable, IOException {
        String src = image.attr("src").strip();
        if (src.startsWith("data:")) {
            return embedded(image, src);
        }
        if (src.isEmpty() || src.contains(":") || src.startsWith("/") || src.startsWith("\\")) {
            return Optional.empty();
        }
        Path folder = file.resolveSibling("").toAbsolutePath().normalize();
        Path beside = folder.resolve(src.replaceFirst("[?#].*$", "")).normalize();
        if (!beside.startsWith(folder) || !Files.isRegularFile(beside)) {
            return Optional.empty();
        }
        into.picture(beside);
        return Optional.of(beside.getFileName().toString());
    }

    private Optional<String> embedded(Element image, String src) throws IOException {
        int comma = src.indexOf(',');
        if (comma < 0 || !src.substring(0, comma).endsWith(";base64")) {
            return Optional.empty();
        }
        byte[] bytes;
        try {
            bytes = Base64.getMimeDecoder().decode(src.substring(comma + 1));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
        if (!Pictures.isOne(bytes)) {
            return Optional.empty();
        }
        String title = image.attr("alt").isBlank()
                ? Optional.ofNullable(image.closest("[title]"))
                        .map(e -> e.attr("title"))
                        .orElse("Picture")
                : image.attr("alt");
        String kind = src.substring(5, comma).startsWith("image/jpeg")
                ? ".jpg"
                : src.substring(5, comma).startsWith("image/svg") ? ".svg" : ".png";
        return Optional.of(into.made(title, scale(image, bytes) + kind, bytes));
    }

    /** Pixels to each px, where the page says how wide it shows the picture. */
    private static String scale(Element image, byte[] bytes) {
        try {
            double shown = Double.parseDouble(image.attr("width"));
            double scale = Pictures.header(bytes, "embedded").width() / shown;
            return scale > 1 && scale == Math.rint(scale) ? "@" + (int) scale + "x" : "";
        } catch (NumberFormatException | Unreadable e) {
            return "";
        }
    }

    private void area(Element area, String picture) {
        List<Double> at = numbers(area.attr("coords"));
        String shape = area.attr("shape").toLowerCase(Locale.ROOT);
        Optional<Area> place = Optional.empty();
        if (shape.equals("default")) {
            place = Optional.of(new Area(0, 0, 100_000, 100_000));
        } else if (shape.startsWith("circ") && at.size() >= 3) {
            double r = at.get(2);
            place = box(List.of(at.get(0) - r, at.get(1) - r, at.get(0) + r, at.get(1) + r));
        } else if (at.size() >= 4) {
            place = box(at);
        }
        String title = area.attr("alt").isBlank() ? area.attr("title") : area.attr("alt");
        place.ifPresent(p -> into.link(picture, p, title.strip(), area.attr("href")));
    }

    /** What lies around all points. */
    private static Optional<Area> box(List<Double> at) {
        double left = Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double low = -Double.MAX_VALUE;
        for (int i = 0; i + 1 < at.size(); i += 2) {
            left = Math.min(left, at.get(i));
            right = Math.max(right, at.get(i));
            top = Math.min(top, at.get(i + 1));
            low = Math.max(low, at.get(i + 1));
        }
        return right > left && low > top ? Optional.of(new Area(left, top, right - left, low - top)) : Optional.empty();
    }

    private static List<Double> numbers(String coords) {
        List<Double> numbers = new ArrayList<>();
        for (String part : Arrays.asList(coords.split("[,;\\s]+"))) {
            try {
                double number = Double.parseDouble(part);
                if (Double.isFinite(number)) {
                    numbers.add(number);
                }
            } catch (NumberFormatException e) {
                return List.of();
            }
        }
        return numbers;
    }
}
