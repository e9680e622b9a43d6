package pandel.files.report;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.cover.JourneySteps;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.play.Step;
import pandel.core.play.layout.Placement;
import pandel.core.play.situation.Situation;
import pandel.files.store.PictureSource;

/** One page with everything in it: what was found, each with the row of pictures that shows it. It asks for nothing. */
final class HtmlReport {

    private static final int ACROSS = 140;
    /** Pictures of a row: the first and the last ones. */
    private static final int MOST = 6;

    private static final String STYLE = """
            :root{color-scheme:light dark;--ground:#eef1f0;--sheet:#fbfcfc;--ink:#1c2529;--quiet:#56636a;--rule:#cfd6d6;
              --trouble:#a3243b;--note:#4a6078}
            @media(prefers-color-scheme:dark){:root{--ground:#161c1f;--sheet:#1f282c;--ink:#e8eeee;--quiet:#a3b0b4;
              --rule:#3a464b;--trouble:#f2909f;--note:#9db2c8}}
            body{margin:0 auto;max-width:1080px;padding:32px 24px;font:15px/1.45 system-ui,sans-serif;
              background:var(--ground);color:var(--ink)}
            h1{font-size:26px;margin:0 0 4px}h2{font-size:17px;margin:36px 0 8px}
            article{background:var(--sheet);padding:16px 20px;margin:0 0 12px;border-left:4px solid var(--rule);
              break-inside:avoid}
            article.problem{border-color:var(--trouble)}article.warning{border-color:var(--note)}
            h3{font-size:15px;margin:0 0 2px}p{margin:2px 0}.quiet{color:var(--quiet);font-size:13px}
            .row{display:flex;flex-wrap:wrap;gap:14px;align-items:flex-end;margin-top:12px}
            figure{margin:0;width:140px}figcaption{font-size:12px;color:var(--quiet)}
            figcaption.title{color:var(--ink);font-weight:600}
            .mock{width:138px;background:#fff center/100% 100% no-repeat;border:1px solid var(--rule);margin:4px 0;
              overflow:hidden;color:#56636a;font-size:12px;text-align:center;print-color-adjust:exact;
              -webkit-print-color-adjust:exact}
            """;

    private final Checked checked;
    private final Prototype prototype;
    private final ShownPictures pictures;

    private HtmlReport(Checked checked, PictureSource source) {
        this.checked = checked;
        this.prototype = checked.prototype();
        this.pictures = new ShownPictures(source);
    }

    static String of(Checked checked, PictureSource source) throws IOException {
        return new HtmlReport(checked, source).page();
    }

    private String page() throws IOException {
        Document page = Document.createShell("");
        page.charset(StandardCharsets.UTF_8);
        Element head = page.head();
        head.appendElement("meta")
                .attr("http-equiv", "Content-Security-Policy")
                .attr("content", "default-src 'none'; img-src data:; style-src 'unsafe-inline'");
        head.appendElement("meta").attr("name", "viewport").attr("content", "width=device-width, initial-scale=1");
        page.title(Told.line(prototype.title()) + ": what the checks found");
        Element body = page.body();
        body.appendElement("h1").text(Told.line(prototype.title()));
        body.appendElement("p").addClass("quiet").text(Told.summary(checked));
        List<Told> all = Told.all(checked);
        section(body, "Found", all, "found");
        section(body, "Meant", all, "meant");
        section(body, "Not reported", all, "quiet");
        if (!checked.unsettled().isEmpty()) {
            body.appendElement("h2").text("Not settled");
            for (Unsettled u : checked.unsettled()) {
                body.appendElement("article").appendElement("p").text(Told.plain(u.sentence()));
            }
        }
        if (all.isEmpty() && checked.unsettled().isEmpty()) {
            body.appendElement("p").text("Nothing was found.");
        }
        head.appendElement("style").appendChild(new DataNode(STYLE + pictures.style()));
        page.outputSettings().prettyPrint(false);
        return "<!doctype html>\n" + page.children().outerHtml() + "\n";
    }

    private void section(Element body, String words, List<Told> all, String state) throws IOException {
        List<Told> of = all.stream().filter(t -> t.state().equals(state)).toList();
        if (of.isEmpty()) {
            return;
        }
        body.appendElement("h2").text(words);
        for (Told told : of) {
            Finding f = told.finding();
            Element article = body.appendElement("article").addClass(f.weight().word());
            article.appendElement("h3").text(Told.plain(f.sentence()));
            article.appendElement("p")
                    .addClass("quiet")
                    .text(f.rule().title() + ", " + f.weight().word() + ". "
                            + f.rule().why());
            if (!told.reason().isBlank()) {
                article.appendElement("p").text("Meant: " + Told.plain(told.reason()));
            }
            if (f.walk().isPresent()) {
                played(article, f.walk().get());
            } else {
                Element row = article.appendElement("div").addClass("row");
                for (String id : f.screens().stream().limit(MOST).toList()) {
                    figure(
                            row,
                            "",
                            id,
                            Known.of(Facts.NONE),
                            prototype.devices().getFirst().width(),
                            prototype.devices().getFirst().height());
                }
                if (f.screens().size() > MOST) {
                    row.appendElement("p")
                            .addClass("quiet")
                            .text("and " + (f.screens().size() - MOST) + " more");
                }
            }
        }
    }

    /** The row of pictures of a walk, what is done above each. */
    private void played(Element article, Walk walk) throws IOException {
        List<String> steps = JourneySteps.of(prototype, walk);
        Optional<Situation> start = Situation.at(prototype, walk.entry(), walk.device());
        if (start.isEmpty()) {
            return;
        }
        article.appendElement("p")
                .addClass("quiet")
                .text("Shown on " + Told.plain(walk.device().title()) + ":");
        Step step = new Step(prototype);
        List<Situation> situations = new ArrayList<>(List.of(start.get()));
        walk.events()
                .forEach(e -> situations.add(step.step(situations.getLast(), e).situation()));
        Element row = article.appendElement("div").addClass("row");
        for (int i = 0; i < situations.size(); i++) {
            if (i == 1 && situations.size() > MOST) {
                int left = situations.size() - MOST;
                row.appendElement("p").addClass("quiet").text(left + " steps between");
                i += left;
            }
            Situation now = situations.get(i);
            String words = i == 0 ? begins(walk) : steps.get(i - 1);
            int title = words.indexOf(": “");
            figure(
                    row,
                    title < 0 ? words : words.substring(0, title),
                    now.screen(),
                    now.known(),
                    now.width(),
                    now.height());
        }
    }

    private static String begins(Walk walk) {
        String words = walk.begins();
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private void figure(Element row, String words, String id, Known known, double width, double height)
            throws IOException {
        Element figure = row.appendElement("figure");
        if (!words.isEmpty()) {
            figure.appendElement("figcaption").text(Told.plain(words));
        }
        Optional<Screen> screen = prototype.screen(id);
        String title = Told.plain(Told.title(prototype, id));
        if (screen.isPresent()) {
            Look look = Look.of(prototype, screen.get(), known);
            Placement.Size size = Placement.sizeOf(look, prototype.widths().of(width), width, height);
            Element mock = figure.appendElement("div")
                    .addClass("mock")
                    .attr("role", "img")
                    .attr("aria-label", title)
                    .attr("style", String.format(Locale.ROOT, "height:%.0fpx", ACROSS * size.height() / size.width()));
            Optional<Mock> drawn = look.mockFor(prototype.widths().of(width));
            Optional<String> name = drawn.isPresent() && drawn.get() instanceof Picture picture
                    ? pictures.named(picture.content())
                    : Optional.empty();
            name.ifPresentOrElse(mock::addClass, () -> mock.text(title));
        }
        figure.appendElement("figcaption").addClass("title").text(title);
    }
}
