package pandel.files.report;

import java.io.IOException;
import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.play.words.RemarkWords;

/** Remarks as a table. */
public final class RemarksReport {

    private RemarksReport() {}

    /** A row for each: id, whether it is settled, where it is pinned, what it says, by whom, when. */
    public static String csv(Prototype prototype, List<Remark> remarks) throws IOException {
        Table table = new Table("id", "state", "screen", "pinned to", "place is there", "words", "by", "made");
        for (Remark remark : remarks) {
            table.row(
                    remark.id(),
                    remark.settled() ? "settled" : "open",
                    prototype.titleOf(remark.screen()),
                    RemarkWords.part(prototype, remark).orElse("the screen"),
                    RemarkWords.missing(prototype, remark).isEmpty() ? "yes" : "no",
                    remark.words(),
                    remark.by(),
                    remark.made());
        }
        return table.text();
    }
}
