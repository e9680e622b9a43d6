package pandel.cli.handon;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.edit.whole.TakenRemarks;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.play.words.RemarkWords;
import pandel.files.Unreadable;
import pandel.files.remark.RemarksFile;
import pandel.files.report.RemarksReport;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Lists remarks, and takes those in that others pinned. */
@Command(
        name = "remarks",
        mixinStandardHelpOptions = true,
        description = {
            "Lists the remarks of a prototype, or takes those in that others pinned in the page that plays.",
            "However often the same file is taken, it comes to the same."
        })
public final class RemarksCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Option(
            names = "--take",
            paramLabel = "REMARKS",
            description = "Takes the remarks of a file in; may be given more than once.")
    List<Path> take = new ArrayList<>();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "OUT",
            description = "With --take: the prototype to write (default: FILE itself).")
    Path out;

    @Option(names = "--open", description = "Lists only those that are not settled.")
    boolean open;

    @Option(names = "--format", defaultValue = "text", description = "text, json or csv (default: ${DEFAULT-VALUE})")
    Format format;

    enum Format {
        TEXT,
        JSON,
        CSV
    }

    @Override
    public Integer call() throws Unreadable, IOException {
        PrototypeFile.Opened opened = PrototypeFile.open(file);
        if (!take.isEmpty()) {
            return taken(opened);
        }
        if (out != null) {
            throw new Unreadable("-o goes with --take; without it nothing is written.");
        }
        Prototype prototype = opened.prototype();
        List<Remark> listed =
                prototype.remarks().stream().filter(r -> !open || !r.settled()).toList();
        PrintWriter to = spec.commandLine().getOut();
        switch (format) {
            case JSON -> to.print(new RemarksFile(prototype.title(), listed).text());
            case CSV -> to.print(RemarksReport.csv(prototype, listed));
            case TEXT -> {
                listed.forEach(r -> to.println(line(prototype, r)));
                if (listed.isEmpty()) {
                    to.println(open ? "No remark is open." : "There are no remarks.");
                }
            }
        }
        return ExitCode.FINE;
    }

    private int taken(PrototypeFile.Opened opened) throws Unreadable, IOException {
        List<RemarksFile> read = new ArrayList<>();
        for (Path each : take) {
            read.add(RemarksFile.read(each));
        }
        Prototype now = opened.prototype();
        for (RemarksFile each : read) {
            TakenRemarks taken = TakenRemarks.of(now, each.remarks());
            now = taken.edit().applyTo(now);
            spec.commandLine().getOut().println(taken.sentence());
            for (Remark lost : taken.without()) {
                spec.commandLine()
                        .getErr()
                        .println("pandel: “" + lost.begins() + "” has no place: "
                                + RemarkWords.missing(now, lost).orElse(""));
            }
        }
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(opened.pictures());
            PrototypeSaving.like(file, now, Optional.ofNullable(out).orElse(file), shelf);
        }
        return ExitCode.FINE;
    }

    /** "open “Loan”, hotspot Bring it back: Is this too small? (Mira, 2026-05-12)". */
    private static String line(Prototype prototype, Remark remark) {
        String aside = remark.signed();
        return (remark.settled() ? "settled  " : "open     ")
                + RemarkWords.place(prototype, remark)
                + (RemarkWords.missing(prototype, remark).isPresent() ? " (not there any more)" : "")
                + ": "
                + remark.words().replaceAll("\\s+", " ").strip()
                + (aside.isEmpty() ? "" : " (" + aside + ")");
    }
}
