package pandel.files.report;

import java.nio.charset.StandardCharsets;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** One page with everything in it, by day and night. It asks for nothing and runs nothing. */
public final class Page {

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
            figcaption.title{color:var(--ink);font-weight:600;white-space:nowrap;overflow:hidden;text-overflow:ellipsis}
            .mock{width:138px;background:#fff center/100% 100% no-repeat;border:1px solid var(--rule);margin:4px 0;
              overflow:hidden;color:#56636a;font-size:12px;text-align:center;print-color-adjust:exact;
              -webkit-print-color-adjust:exact}
            """;

    private final Document page = Document.createShell("");
    private String more = "";

    /**
     * @param title of the prototype
     * @param what the page is about, in words that go on after the title and a colon
     * @param summary one sentence below the title
     */
    public Page(String title, String what, String summary) {
        page.charset(StandardCharsets.UTF_8);
        Element head = page.head();
        head.appendElement("meta")
                .attr("http-equiv", "Content-Security-Policy")
                .attr("content", "default-src 'none'; img-src data:; style-src 'unsafe-inline'");
        head.appendElement("meta").attr("name", "viewport").attr("content", "width=device-width, initial-scale=1");
        page.title(Told.line(title + ": " + what));
        body().appendElement("h1").text(Told.line(title));
        body().appendElement("p").addClass("quiet").text(summary);
    }

    /** Adds rules to its style. */
    public void style(String rules) {
        more += rules;
    }

    public Element body() {
        return page.body();
    }

    /** The page as text, with the pictures that were asked for. */
    public String text(ShownPictures pictures) {
        page.head().appendElement("style").appendChild(new DataNode(STYLE + more + pictures.style()));
        page.outputSettings().prettyPrint(false);
        return "<!doctype html>\n" + page.children().outerHtml() + "\n";
    }
}
