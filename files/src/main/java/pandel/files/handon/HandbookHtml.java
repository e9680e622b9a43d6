package pandel.files.handon;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jsoup.nodes.Element;
import pandel.core.check.Checked;
import pandel.files.report.Page;
import pandel.files.report.ShownPictures;
import pandel.files.report.Told;
import pandel.files.store.PictureSource;

/** The pages for engineers as one page of HTML that prints to A4 too. */
final class HandbookHtml {

    /** px that a mock is drawn wide, at most. */
    private static final double WIDE = 300;

    private static final double HIGH = 560;

    private static final String STYLE = """
            table{border-collapse:collapse;width:100%;margin:12px 0;font-size:13px}
            th{text-align:left;font-weight:600;color:var(--quiet)}
            th,td{padding:4px 10px 4px 0;border-bottom:1px solid var(--rule);vertical-align:top;overflow-wrap:anywhere}
            h2{border-top:2px solid var(--ink);padding-top:16px;margin-top:48px;break-after:avoid}
            ul,ol{margin:8px 0;padding-left:24px}.columns{columns:3 200px}
            a{color:inherit;text-decoration-color:var(--quiet);text-underline-offset:2px}
            .row figure{width:auto}.row .mock{position:relative;width:auto}
            .spot{position:absolute;border:1.5px solid #1c2529;outline:1px solid #e0a526;outline-offset:-2.5px}
            .spot b{position:absolute;left:0;top:0;background:#1c2529;color:#fff;font:600 11px/15px system-ui,sans-serif;
              padding:0 4px;print-color-adjust:exact;-webkit-print-color-adjust:exact}
            @page{size:A4;margin:14mm}
            @media print{body{padding:0;font-size:11px;background:#fff;color:#000}h2{break-before:page}
              h2.kept{break-before:auto}table{font-size:10px}tr,figure{break-inside:avoid}}
            """;

    private final Element body;
    private final ShownPictures pictures;

    private HandbookHtml(Element body, ShownPictures pictures) {
        this.body = body;
        this.pictures = pictures;
    }

    static String of(Checked checked, PictureSource source) throws IOException {
        Page page = new Page(
                checked.prototype().title(),
                "how it is built",
                checked.prototype().screens().size() + " screens, "
                        + checked.prototype().index().ways().size() + " links. Areas are in px of their mock.");
        ShownPictures pictures = new ShownPictures(source, 2 * (int) WIDE);
        page.style(STYLE);
        HandbookHtml html = new HandbookHtml(page.body(), pictures);
        for (Block block : Handbook.of(checked)) {
            html.add(block);
        }
        return page.text(pictures);
    }

    private void add(Block block) throws IOException {
        switch (block) {
            case Block.Heading h -> {
                Element e = body.appendElement("h" + h.level()).text(Told.line(h.words()));
                if (!h.anchor().isEmpty()) {
                    e.attr("id", h.anchor());
                } else {
                    e.addClass("kept");
                }
            }
            case Block.Words w -> body.appendElement("p").text(Told.line(w.words()));
            case Block.Points p -> {
                Element list = body.appendElement(p.numbered() ? "ol" : "ul");
                if (p.points().stream().allMatch(c -> !c.to().isEmpty())) {
                    list.addClass("columns");
                }
                p.points().forEach(c -> cell(list.appendElement("li"), c));
            }
            case Block.Table t -> table(t);
            case Block.Mocks m -> mocks(m.shots());
        }
    }

    private static void cell(Element into, Block.Cell cell) {
        if (cell.to().isEmpty()) {
            into.text(Told.line(cell.words()));
        } else {
            into.appendElement("a").attr("href", "#" + cell.to()).text(Told.line(cell.words()));
        }
    }

    private void table(Block.Table table) {
        Element e = body.appendElement("table");
        Element heads = e.appendElement("thead").appendElement("tr");
        table.heads().forEach(h -> heads.appendElement("th").text(h));
        Element rows = e.appendElement("tbody");
        for (List<Block.Cell> row : table.rows()) {
            Element tr = rows.appendElement("tr");
            row.forEach(c -> cell(tr.appendElement("td"), c));
        }
    }

    private void mocks(List<Block.Shot> shots) throws IOException {
        Element row = body.appendElement("div").addClass("row");
        for (Block.Shot shot : shots) {
            double factor = Math.min(WIDE / shot.width(), HIGH / shot.height());
            Element figure = row.appendElement("figure");
            Element mock = figure.appendElement("div")
                    .addClass("mock")
                    .attr("style", size(shot.width() * factor, shot.height() * factor));
            Optional<String> name =
                    shot.picture().isPresent() ? pictures.named(shot.picture().get()) : Optional.empty();
            name.ifPresent(mock::addClass);
            for (Block.Numbered n : shot.hotspots()) {
                mock.appendElement("div")
                        .addClass("spot")
                        .attr(
                                "style",
                                String.format(
                                                Locale.ROOT,
                                                "left:%.1fpx;top:%.1fpx;",
                                                n.at().x() * factor,
                                                n.at().y() * factor)
                                        + size(n.at().width() * factor, n.at().height() * factor))
                        .appendElement("b")
                        .text(String.valueOf(n.number()));
            }
            figure.appendElement("figcaption").text(Told.line(shot.caption()));
        }
    }

    private static String size(double width, double height) {
        return String.format(Locale.ROOT, "width:%.1fpx;height:%.1fpx", width, height);
    }
}
