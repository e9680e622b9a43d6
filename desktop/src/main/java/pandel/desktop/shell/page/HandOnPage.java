package pandel.desktop.shell.page;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import pandel.core.check.Checked;
import pandel.core.model.Prototype;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.handon.HandOn;

/** What others can open who do not have Pandel: what each kind is for, how it begins, and saving it. */
final class HandOnPage extends PageBox {

    private static final int LINES = 14;
    private static final int COLUMNS = 110;

    private final Work work;
    private final Background background;
    private final Consumer<HandOn> save;
    private Optional<HandOn> seen = Optional.empty();
    private String begins = "";

    HandOnPage(Work work, Background background, Consumer<HandOn> save, Runnable leave) {
        super(
                "Hand on",
                "A prototype is worth what others can do with it. Each of these is one file that opens without "
                        + "Pandel and asks for nothing outside.",
                leave);
        this.work = work;
        this.background = background;
        this.save = save;
        getStyleClass().add("hand-on");
        fill();
    }

    private void fill() {
        clear();
        for (HandOn kind : HandOn.values()) {
            Label purpose = new WrappedLabel(kind.purpose());
            purpose.getStyleClass().add("quiet");
            purpose.setMinWidth(TextSize.px(330));
            purpose.setMaxWidth(TextSize.px(330));
            row(
                    label(kind.title(), 160, "strong"),
                    purpose,
                    spring(),
                    Buttons.smallWord("See how it begins", "see-" + kind.word(), () -> see(kind)),
                    Buttons.plain("Save…", "save-" + kind.word(), () -> save.accept(kind)));
            if (seen.filter(s -> s == kind).isPresent()) {
                Label text = new Label(begins);
                text.setId("begins");
                text.getStyleClass().addAll("small", "begins");
                VBox sheet = new VBox(text);
                sheet.getStyleClass().add("begins-sheet");
                row(sheet);
            }
        }
    }

    /** A page is told in words, everything else by its first lines. */
    private void see(HandOn kind) {
        if (seen.filter(s -> s == kind).isPresent()) {
            show(Optional.empty(), "");
            return;
        }
        Optional<Checked> checked = work.checked().filter(c -> c.prototype() == work.prototype());
        if (kind.ending().equals("html") || kind == HandOn.PDF) {
            show(Optional.of(kind), pages(kind));
        } else if (checked.isEmpty()) {
            show(Optional.of(kind), "The checks are still at work; ask again in a moment.");
        } else {
            Document document = work.document();
            background.run(document, Optional.empty(), "show how it begins", () -> {
                String text = first(kind, checked.get(), document);
                return () -> show(Optional.of(kind), text);
            });
        }
    }

    private static String first(HandOn kind, Checked checked, Document document) throws IOException {
        return Arrays.stream(new String(kind.of(checked, document.shelf(), content -> {}), StandardCharsets.UTF_8)
                        .split("\r?\n", LINES + 1))
                .limit(LINES)
                .map(line -> line.length() > COLUMNS ? line.substring(0, COLUMNS) + "…" : line)
                .collect(Collectors.joining("\n"));
    }

    private String pages(HandOn kind) {
        Prototype p = work.prototype();
        String screens = counted(p.screens().size(), "screen");
        return kind == HandOn.PDF || kind == HandOn.IMAGEMAP
                ? screens
                        + " in their plain look on the first device; taps on hotspots lead from one to another, by the "
                        + "first way that a link can turn out.\nGestures, waits, values and frames do not go along."
                : kind == HandOn.HTML
                        ? "Begins as play does here, on " + counted(p.devices().size(), "device") + " to choose from; "
                                + screens
                                + ", with their pictures inside.\nTo begin elsewhere, put an address or a start "
                                + "point's id behind # in the browser's line."
                        : screens + " in their sections, each with its mocks; then frames, facts, addresses and "
                                + counted(p.journeys().size(), "journey") + ".\nIt prints to A4.";
    }

    private static String counted(int many, String of) {
        return many + " " + of + (many == 1 ? "" : "s");
    }

    private void show(Optional<HandOn> kind, String text) {
        seen = kind;
        begins = text;
        fill();
    }
}
