package pandel.files.handon;

import java.io.IOException;
import pandel.core.check.Checked;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.files.report.Table;
import pandel.files.report.Told;

/** Screens and links as rows of words. */
final class Tables {

    private static final String SEPARATED = "; ";

    private Tables() {}

    static String screens(Checked checked) throws IOException {
        Prototype prototype = checked.prototype();
        Table table = new Table(
                "id",
                "title",
                "form",
                "status",
                "section",
                "mocks",
                "hotspots",
                "ways in",
                "ways out",
                "steps from the entry");
        for (Screen screen : prototype.screens()) {
            table.row(
                    screen.id(),
                    screen.title(),
                    screen.form().word(),
                    screen.status().word(),
                    screen.section(),
                    String.valueOf(screen.mocks().size()),
                    String.valueOf(prototype.index().hotspotsOn(screen.id()).size()),
                    String.valueOf(prototype.index().waysIn(screen.id()).size()),
                    String.valueOf(prototype.index().waysOut(screen.id()).size()),
                    checked.stepsTo(screen.id()).isPresent()
                            ? String.valueOf(checked.stepsTo(screen.id()).getAsInt())
                            : "");
        }
        return table.text();
    }

    /** A row for each branch of each link. */
    static String links(Prototype prototype) throws IOException {
        Table table = new Table(
                "id",
                "from",
                "from ids",
                "hotspot",
                "cause",
                "outcome",
                "when",
                "what it does",
                "leads to",
                "leads to ids",
                "motion ms");
        for (Index.Way way : prototype.index().ways()) {
            for (Branch branch : way.link().branches()) {
                table.row(
                        way.link().id(),
                        String.join(
                                SEPARATED,
                                way.from().stream().map(Screen::shownTitle).toList()),
                        String.join(
                                SEPARATED, way.from().stream().map(Screen::id).toList()),
                        way.hotspot().map(h -> h.title()).orElse(""),
                        LinkWords.cause(way.link()),
                        branch.outcome().orElse(""),
                        String.join(
                                " and ",
                                branch.when().stream()
                                        .map(c -> c.words(prototype))
                                        .toList()),
                        LinkWords.effects(prototype, branch.effects()),
                        branch.move()
                                .flatMap(m -> m.target())
                                .map(t -> LinkWords.target(prototype, t))
                                .orElse(""),
                        String.join(SEPARATED, way.targets()),
                        Handbook.motion(prototype, branch)
                                .map(m -> String.valueOf(m.ms()))
                                .orElse(""));
            }
        }
        return table.text();
    }

    /** Screens and the ways between them as a graph in the DOT language. */
    static String dot(Checked checked) {
        Prototype prototype = checked.prototype();
        StringBuilder dot = new StringBuilder("digraph {\n  rankdir=LR;\n  node [shape=box];\n");
        for (Screen screen : prototype.screens()) {
            dot.append("  ")
                    .append(quoted(screen.id()))
                    .append(" [label=")
                    .append(quoted(screen.shownTitle()))
                    .append(checked.shown().contains(screen.id()) ? "" : ", style=dashed")
                    .append("];\n");
        }
        for (Index.Way way : prototype.index().ways()) {
            for (Screen from : way.from()) {
                for (String to : way.targets()) {
                    if (prototype.screen(to).isPresent()) {
                        dot.append("  ")
                                .append(quoted(from.id()))
                                .append(" -> ")
                                .append(quoted(to))
                                .append(" [label=")
                                .append(quoted(LinkWords.what(way, 0)))
                                .append("];\n");
                    }
                }
            }
        }
        return dot.append("}\n").toString();
    }

    /** A string of the DOT language: only its own mark is escaped; a slash before another sign means that sign. */
    private static String quoted(String words) {
        return '"' + Told.line(words).replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }
}
