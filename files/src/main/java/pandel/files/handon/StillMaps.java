package pandel.files.handon;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.into.Outward;
import pandel.files.store.PictureSource;

/** Screens as pictures of one page with areas that lead from one to another (HTML image maps). Nothing in it runs. */
final class StillMaps {

    private static final String STYLE = "body{margin:0;background:#eef1f0;color:#1c2529;font:14px/1.4 sans-serif}"
            + "section{min-height:100vh;padding:24px;box-sizing:border-box;text-align:center}"
            + "h2{font-size:15px;margin:0 0 12px}img{box-shadow:0 0 0 1px #cfd6d6}";

    private StillMaps() {}

    static String of(Prototype prototype, PictureSource source, Course course) throws IOException {
        Document page = Document.createShell("");
        page.charset(java.nio.charset.StandardCharsets.UTF_8);
        page.head()
                .appendElement("meta")
                .attr("http-equiv", "Content-Security-Policy")
                .attr("content", "default-src 'none'; img-src data:; style-src 'unsafe-inline'");
        page.title(prototype.title().isBlank() ? "Untitled" : prototype.title().replaceAll("\\p{Cntrl}", " "));
        page.head().appendElement("style").appendChild(new DataNode(STYLE));
        Still.Making making = new Still.Making(prototype, source, course);
        for (Screen screen : prototype.screens()) {
            section(page.body(), making.of(screen));
        }
        page.outputSettings().prettyPrint(false);
        return "<!doctype html>\n" + page.children().outerHtml() + "\n";
    }

    private static void section(Element body, Still still) throws IOException {
        Element section = body.appendElement("section")
                .attr("id", Handbook.anchor(still.screen().id()));
        section.appendElement("h2").text(still.screen().shownTitle());
        String map = "map-" + still.screen().id();
        section.appendElement("img")
                .attr("src", "data:image/png;base64," + Base64.getEncoder().encodeToString(png(still.picture())))
                .attr("alt", still.screen().shownTitle())
                .attr("width", whole(still.width()))
                .attr("height", whole(still.height()))
                .attr("usemap", "#" + map);
        Element areas = section.appendElement("map").attr("name", map);
        // Of two areas at a place the first in the page is pressed: the upper one.
        for (Still.Tap tap : still.taps().reversed()) {
            areas.appendElement("area")
                    .attr("shape", "rect")
                    .attr(
                            "coords",
                            String.format(
                                    Locale.ROOT,
                                    "%.0f,%.0f,%.0f,%.0f",
                                    tap.area().x(),
                                    tap.area().y(),
                                    tap.area().x() + tap.area().width(),
                                    tap.area().y() + tap.area().height()))
                    .attr("alt", tap.title())
                    .attr(
                            "href",
                            tap.screen().map(id -> "#" + Handbook.anchor(id)).orElseGet(() -> outward(tap.address())));
        }
    }

    /** What a page must not run is led nowhere. */
    private static String outward(String address) {
        return Outward.leads(address) ? address.strip() : "#";
    }

    private static String whole(double px) {
        return String.valueOf(Math.round(px));
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
