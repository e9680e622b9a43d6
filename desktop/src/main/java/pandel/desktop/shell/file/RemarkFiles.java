package pandel.desktop.shell.file;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import pandel.core.edit.whole.TakenRemarks;
import pandel.core.model.Prototype;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.remark.RemarksFile;
import pandel.files.store.Beside;

/** Remarks out to a file of their own, and in again. */
final class RemarkFiles {

    private final Work work;
    private final Background background;
    private final FileChoosing choosing;
    private final Telling telling;

    RemarkFiles(Work work, Background background, FileChoosing choosing, Telling telling) {
        this.work = work;
        this.background = background;
        this.choosing = choosing;
        this.telling = telling;
    }

    /** @param name of the file that is offered */
    void save(String name) {
        choosing.report(name).ifPresent(file -> {
            Prototype prototype = work.prototype();
            Document document = work.document();
            background.run(document, Optional.of("saving the remarks"), "save the remarks", () -> {
                String text = new RemarksFile(prototype.title(), prototype.remarks()).text();
                Beside.write(file, text.getBytes(StandardCharsets.UTF_8));
                return () -> telling.say("The remarks are in “" + file.getFileName() + "”.");
            });
        });
    }

    /** @param then once they are there */
    void take(Runnable then) {
        choosing.remarks().ifPresent(file -> take(file, then));
    }

    private void take(Path file, Runnable then) {
        background.run(work.document(), Optional.empty(), "take the remarks in", () -> {
            RemarksFile read = RemarksFile.read(file);
            return () -> {
                TakenRemarks taken = TakenRemarks.of(work.prototype(), read.remarks());
                if (taken.fresh() + taken.reworded() > 0) {
                    work.edit(taken.edit());
                }
                telling.say(taken.sentence());
                then.run();
            };
        });
    }
}
