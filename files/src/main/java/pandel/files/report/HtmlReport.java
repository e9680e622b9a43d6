package pandel.files.report;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jsoup.nodes.Element;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Walk;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.EventWords;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.files.store.PictureSource;

/** One page with everything in it: what was found, each with the row of pictures that shows it. It asks for nothing. */
final class HtmlReport {

    /** Pictures of a row: the first and the last ones. */
    private static final int MOST = 6;

    private final Checked checked;
    private final Prototype prototype;
    private final ShownPictures pictures;
    private final Figures figures;

    private HtmlReport(Checked checked, PictureSource source) {
        this.checked = checked;
        this.prototype = checked.prototype();
        this.pictures = new ShownPictures(source);
        this.figures = new Figures(prototype, pictures);
    }

    static String of(Checked checked, PictureSource source) throws IOException {
        return new HtmlReport(checked, source).page();
    }

    private String page() throws IOException {
        Page page = new Page(prototype.title(), "what the checks found", Told.summary(checked));
        Element body = page.body();
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
        return page.text(pictures);
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
                    figures.figure(row, id);
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
        Optional<Situation> start = Situation.at(prototype, walk.entry(), walk.device());
        if (start.isEmpty()) {
            return;
        }
        article.appendElement("p")
                .addClass("quiet")
                .text("Shown on " + Told.plain(walk.device().title()) + ":");
        Step step = new Step(prototype);
        List<Situation> situations = new ArrayList<>(List.of(start.get()));
        List<String> words = new ArrayList<>(List.of(walk.begins()));
        for (Event event : walk.events()) {
            Situation before = situations.getLast();
            words.add(EventWords.of(prototype, before, event));
            situations.add(step.step(before, event).situation());
        }
        Element row = article.appendElement("div").addClass("row");
        for (int i = 0; i < situations.size(); i++) {
            if (i == 1 && situations.size() > MOST) {
                int left = situations.size() - MOST;
                row.appendElement("p").addClass("quiet").text(left + " steps between");
                i += left;
            }
            Situation now = situations.get(i);
            figures.figure(row, EventWords.capital(words.get(i)), now.screen(), now.known(), now.width(), now.height());
        }
    }
}
