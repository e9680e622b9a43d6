package pandel.files.handon;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import pandel.core.model.Prototype;
import pandel.core.model.Signs;
import pandel.core.model.frame.OwnSign;
import pandel.files.remark.RemarksFile;
import pandel.files.sign.SignShape;
import pandel.files.store.PictureSource;
import pandel.files.store.Sha256;
import pandel.player.Player;
import pandel.player.wire.Cells;
import pandel.player.wire.Wire;

/**
 * One page that plays a prototype in any browser: our own {@code step}, compiled to JavaScript, what draws it, and all
 * pictures. It asks for nothing outside, which the page itself forbids.
 */
public final class HtmlPlayer {

    /** What frames show besides the signs that are named in the prototype. */
    private static final List<String> OF_FRAMES = List.of("back", "list", "dots", "cross");

    private static final ObjectMapper JSON = new ObjectMapper();

    private HtmlPlayer() {}

    /**
     * The page.
     *
     * @throws java.io.InterruptedIOException when it was stopped
     */
    public static String of(Prototype prototype, PictureSource source, Course course) throws IOException {
        return page(prototype, source, "img-src blob: data:", "", body -> {
            Map<String, Optional<PlayerPictures.Kept>> kept = new PlayerPictures(prototype, source).kept(course);
            kept.forEach((content, one) -> {
                if (one.isPresent()) {
                    data(body, "p-" + content)
                            .attr("data-type", one.get().type())
                            .appendChild(new DataNode(
                                    Base64.getEncoder().encodeToString(one.get().bytes())));
                } else {
                    course.missing(content);
                }
            });
        });
    }

    /** Puts pictures into the page, before its script. */
    private interface Pictured {
        void into(Element body) throws IOException;
    }

    /**
     * A page that asks whoever hands it out for pictures, and for the prototype again when that was changed.
     *
     * @param version of what is handed out
     */
    static String served(Prototype prototype, PictureSource source, String version) throws IOException {
        return page(prototype, source, "img-src 'self' blob: data:; connect-src 'self'", version, body -> {});
    }

    private static String page(
            Prototype prototype, PictureSource source, String allowed, String version, Pictured pictured)
            throws IOException {
        Document page = Document.createShell("");
        page.charset(StandardCharsets.UTF_8);
        String script = "(function(){" + text("player.js") + "\n" + text("page.js") + text("remarks.js")
                + (version.isEmpty() ? "" : text("served.js")) + text("start.js") + "})();";
        String style = text("player.css");
        page.head()
                .appendElement("meta")
                .attr("http-equiv", "Content-Security-Policy")
                .attr(
                        "content",
                        "default-src 'none'; " + allowed + "; script-src '" + hash(script) + "'; style-src '"
                                + hash(style) + "'; base-uri 'none'; form-action 'none'");
        page.head()
                .appendElement("meta")
                .attr("name", "viewport")
                .attr("content", "width=device-width, initial-scale=1, viewport-fit=cover");
        // None; unasked a browser would look for one beside the page.
        page.head().appendElement("link").attr("rel", "icon").attr("href", "data:,");
        page.title(shown(prototype.title()));
        page.head().appendElement("style").appendChild(new DataNode(style));
        body(page.body());
        data(page.body(), "remarks").appendChild(new DataNode(safe(remarks(prototype))));
        data(page.body(), "prototype").appendChild(new DataNode(safe(data(prototype, source, version))));
        pictured.into(page.body());
        page.body().appendElement("script").appendChild(new DataNode(script));
        page.outputSettings().prettyPrint(false);
        page.child(0).attr("lang", "en");
        return "<!doctype html>\n" + page.children().outerHtml() + "\n";
    }

    private static void body(Element body) {
        Element head = body.appendElement("header").addClass("head");
        head.appendElement("h1");
        head.appendElement("span").addClass("now");
        head.appendElement("select").addClass("starts").attr("aria-label", "Where it begins");
        head.appendElement("select").addClass("devices").attr("aria-label", "The device");
        head.appendElement("button").addClass("back").attr("type", "button").text("Device back");
        head.appendElement("button").addClass("again").attr("type", "button").text("Start over");
        head.appendElement("button")
                .addClass("pinning")
                .attr("type", "button")
                .attr("aria-expanded", "false")
                .text("Remarks");
        Element middle = body.appendElement("div").addClass("middle");
        middle.appendElement("main").addClass("room");
        middle.appendElement("aside")
                .addClass("remarks")
                .attr("aria-label", "Remarks")
                .attr("hidden", "");
        body.appendElement("p").addClass("told").attr("role", "status");
    }

    private static Element data(Element body, String id) {
        return body.appendElement("script").attr("type", "application/json").attr("id", id);
    }

    /** Words without what a title bar does not show. */
    private static String shown(String title) {
        return title.isBlank()
                ? "Untitled"
                : title.replaceAll("\\p{Cntrl}", " ").strip();
    }

    /** Those that are open; one opens the file to say more, not to read what is done. */
    private static String remarks(Prototype prototype) throws IOException {
        ObjectNode data = JSON.createObjectNode().put("title", prototype.title());
        data.set(
                "remarks",
                RemarksFile.list(
                        prototype.remarks().stream().filter(r -> !r.settled()).toList()));
        ObjectNode titles = data.putObject("titles");
        prototype.screens().forEach(s -> titles.put(s.id(), s.shownTitle()));
        return JSON.writeValueAsString(data);
    }

    /**
     * The prototype, as the page reads it.
     *
     * @param version of what is handed out; empty: it is in a file
     */
    static String data(Prototype prototype, PictureSource source, String version) throws IOException {
        Cells cells = new Cells();
        Wire.write(
                prototype
                        .withJourneys(List.of())
                        .withVersions(List.of())
                        .withRemarks(List.of())
                        .parts(),
                cells);
        ObjectNode data = JSON.createObjectNode().put("version", version);
        ArrayNode words = data.putArray("words");
        cells.words().forEach(words::add);
        ArrayNode numbers = data.putArray("cells");
        cells.cells().forEach(d -> {
            if (d == Math.rint(d)) {
                numbers.add(d.longValue());
            } else {
                numbers.add(d);
            }
        });
        ObjectNode signs = data.putObject("signs");
        for (String name : Stream.concat(OF_FRAMES.stream(), Signs.of(prototype))
                .filter(s -> !s.isEmpty())
                .collect(Collectors.toCollection(java.util.TreeSet::new))) {
            Optional<String> own = OwnSign.content(name);
            ObjectNode sign = signs.putObject(name);
            if (own.isPresent()) {
                sign.put("picture", own.get()).put("plain", PlayerPictures.isOfOneColour(source, own.get()));
            } else {
                SignShape shape = SignShape.of(name);
                sign.put("box", shape.box()).put("path", shape.path()).put("line", shape.line());
            }
        }
        return JSON.writeValueAsString(data);
    }

    /** JSON that ends no script, whatever words are in it. */
    private static String safe(String json) {
        return json.replace("<", "\\u003c")
                .replace(">", "\\u003e")
                .replace("&", "\\u0026")
                .replace("\u2028", "\\u2028")
                .replace("\u2029", "\\u2029");
    }

    private static String text(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(Player.class.getResourceAsStream(name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).replace("\r", "");
        }
    }

    private static String hash(String text) {
        return "sha256-" + Base64.getEncoder().encodeToString(Sha256.of(text.getBytes(StandardCharsets.UTF_8)));
    }
}
