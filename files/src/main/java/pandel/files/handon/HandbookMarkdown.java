package pandel.files.handon;

import java.util.List;
import java.util.stream.Collectors;
import pandel.core.check.Checked;
import pandel.files.report.MarkdownReport;

/** The pages for engineers as CommonMark with the tables of GitHub's extension; of mocks only their sizes. */
final class HandbookMarkdown {

    private HandbookMarkdown() {}

    static String of(Checked checked) {
        StringBuilder text = new StringBuilder(
                "# " + MarkdownReport.words(checked.prototype().title()) + "\n");
        for (Block block : Handbook.of(checked)) {
            text.append('\n').append(of(block));
        }
        return text.toString();
    }

    private static String of(Block block) {
        return switch (block) {
            case Block.Heading h ->
                (h.anchor().isEmpty() ? "" : "<a id=\"" + id(h.anchor()) + "\"></a>\n\n") + "#".repeat(h.level()) + " "
                        + MarkdownReport.words(h.words()) + "\n";
            case Block.Words w -> MarkdownReport.words(w.words()) + "\n";
            case Block.Points p ->
                p.points().stream()
                        .map(c -> (p.numbered() ? "1. " : "- ") + cell(c) + "\n")
                        .collect(Collectors.joining());
            case Block.Table t ->
                row(t.heads())
                        + row(t.heads().stream().map(h -> "---").toList())
                        + t.rows().stream()
                                .map(r -> row(
                                        r.stream().map(HandbookMarkdown::cell).toList()))
                                .collect(Collectors.joining());
            case Block.Mocks m ->
                m.shots().stream()
                        .map(s -> "- mock: " + MarkdownReport.words(s.caption()) + "\n")
                        .collect(Collectors.joining());
        };
    }

    private static String row(List<String> cells) {
        return "| " + String.join(" | ", cells) + " |\n";
    }

    private static String cell(Block.Cell cell) {
        String words = MarkdownReport.words(cell.words());
        return cell.to().isEmpty() ? words : "[" + words + "](#" + id(cell.to()) + ")";
    }

    /** An anchor that ends no tag and no link. */
    private static String id(String anchor) {
        return anchor.replaceAll("[^\\p{L}\\p{N}_-]", "_");
    }
}
