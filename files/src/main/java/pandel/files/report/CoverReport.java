package pandel.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Element;
import pandel.core.check.Checked;
import pandel.core.cover.Coverage;
import pandel.core.cover.Coverage.Missing;
import pandel.core.cover.Replayed;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.play.EventWords;
import pandel.core.play.words.LinkWords;
import pandel.files.json.field.Json;
import pandel.files.store.PictureSource;

/** A format in which it is told how much of what can be travelled the journeys travel. */
public enum CoverReport {
    JSON,
    CSV,
    HTML;

    /**
     * The report as text.
     *
     * @param pictures of the prototype; the page alone shows them
     * @throws IOException when a picture cannot be read
     */
    public String of(Checked checked, Coverage coverage, PictureSource pictures) throws IOException {
        return switch (this) {
            case JSON -> Json.text(json(checked.prototype(), coverage));
            case CSV -> csv(checked.prototype(), coverage);
            case HTML -> page(checked.prototype(), coverage, pictures);
        };
    }

    private static ObjectNode json(Prototype prototype, Coverage coverage) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("format", "pandel-cover/1")
                .put("title", prototype.title())
                .put("percent", coverage.percent());
        node.putObject("screens").put("travelled", coverage.screensTravelled()).put("all", coverage.screens());
        node.putObject("links").put("travelled", coverage.linksTravelled()).put("all", coverage.links());
        ArrayNode journeys = node.putArray("journeys");
        for (Replayed each : coverage.journeys()) {
            ObjectNode journey = journeys.addObject()
                    .put("id", each.journey().id())
                    .put("title", each.journey().title())
                    .put("steps", each.journey().legs().size())
                    .put("works", each.broken().isEmpty());
            each.broken()
                    .ifPresent(b ->
                            journey.putObject("broken").put("step", b.leg()).put("why", b.why()));
        }
        ArrayNode screens = node.putArray("missingScreens");
        coverage.missingScreens()
                .forEach(s -> screens.addObject().put("screen", s.id()).put("title", s.shownTitle()));
        ArrayNode links = node.putArray("missingLinks");
        for (Missing missing : coverage.missingLinks()) {
            ObjectNode link = links.addObject()
                    .put("link", missing.way().link().id())
                    .put("sentence", sentence(prototype, missing));
            missing.outcome().ifPresent(o -> link.put("outcome", o));
        }
        return node;
    }

    private static String csv(Prototype prototype, Coverage coverage) throws IOException {
        Table table = new Table("what", "id", "outcome", "in words");
        for (Replayed each : coverage.journeys()) {
            table.row(
                    each.broken().isEmpty() ? "journey that works" : "journey that breaks",
                    each.journey().id(),
                    "",
                    each.journey().title()
                            + each.broken()
                                    .map(b -> ": at step " + b.leg() + ". " + b.why())
                                    .orElse(""));
        }
        for (Screen screen : coverage.missingScreens()) {
            table.row("screen not travelled", screen.id(), "", screen.shownTitle());
        }
        for (Missing missing : coverage.missingLinks()) {
            table.row(
                    "link not travelled",
                    missing.way().link().id(),
                    missing.outcome().orElse(""),
                    sentence(prototype, missing));
        }
        return table.text();
    }

    private static String page(Prototype prototype, Coverage coverage, PictureSource source) throws IOException {
        ShownPictures pictures = new ShownPictures(source);
        Figures figures = new Figures(prototype, pictures);
        Page page = new Page(
                prototype.title(),
                "what the journeys travel",
                "Journeys travel " + coverage.percent() + " % of what can be travelled: "
                        + coverage.screensTravelled() + " of " + coverage.screens() + " screens, "
                        + coverage.linksTravelled() + " of " + coverage.links() + " links, each outcome apart.");
        Element body = page.body();
        if (!coverage.journeys().isEmpty()) {
            body.appendElement("h2").text("Journeys");
        }
        for (Replayed each : coverage.journeys()) {
            Element journey =
                    body.appendElement("article").addClass(each.broken().isEmpty() ? "works" : "problem");
            journey.appendElement("h3").text(Told.plain(each.journey().title()));
            journey.appendElement("p")
                    .addClass("quiet")
                    .text(each.broken()
                            .map(b -> "It breaks at step " + b.leg() + " of "
                                    + each.journey().legs().size() + ". " + Told.plain(b.why()))
                            .orElse("It works, " + each.journey().legs().size() + " steps."));
        }
        if (!coverage.missingScreens().isEmpty()) {
            body.appendElement("h2").text("Screens not travelled");
            Element row = body.appendElement("div").addClass("row");
            for (Screen screen : coverage.missingScreens()) {
                figures.figure(row, screen.id());
            }
        }
        if (!coverage.missingLinks().isEmpty()) {
            body.appendElement("h2").text("Links not travelled");
            Map<String, List<String>> sentences = new LinkedHashMap<>();
            for (Missing missing : coverage.missingLinks()) {
                sentences
                        .computeIfAbsent(place(missing), p -> new ArrayList<>())
                        .add(EventWords.capital(
                                missing.way().from().size() == 1
                                        ? LinkWords.done(prototype, missing.way(), missing.outcome())
                                        : sentence(prototype, missing)));
            }
            sentences.forEach((place, all) -> {
                Element article = body.appendElement("article");
                article.appendElement("h3").text(Told.plain(place));
                all.forEach(s -> article.appendElement("p").text(Told.plain(s)));
            });
        }
        return page.text(pictures);
    }

    /** The screen where it is, or that it is shared. */
    private static String place(Missing missing) {
        return missing.way().from().size() == 1
                ? missing.way().from().getFirst().shownTitle()
                : "On several screens";
    }

    private static String sentence(Prototype prototype, Missing missing) {
        return LinkWords.described(prototype, missing.way(), missing.outcome());
    }
}
