package pandel.desktop.shell.page;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import pandel.core.check.Checked;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.handon.HandOn;

/** What others can open who do not have Pandel: what each kind is for, how it begins, and saving it. */
final class HandOnPage extends PageBox {

    private static final int LINES = 14;
    private static final int COLUMNS = 110;

    private final Work work;
    private final Background background;
    private final Handing handing;
    private final String last;
    private Optional<HandOn> seen = Optional.empty();
    private String begins = "";

    HandOnPage(Work work, Background background, Handing handing, Runnable leave) {
        super(
                "Hand on",
                "A prototype is worth what others can do with it. Each of these is one file that opens without "
                        + "Pandel and asks for nothing outside.",
                leave);
        this.work = work;
        this.background = background;
        this.handing = handing;
        this.last = handing.last();
        getStyleClass().add("hand-on");
        fill();
    }

    private void fill() {
        clear();
        // What was handed on last stands first.
        List<HandOn> kinds = Stream.of(HandOn.values())
                .sorted(Comparator.comparing(k -> !k.word().equals(last)))
                .toList();
        for (HandOn kind : kinds) {
            Label purpose = new WrappedLabel(kind.purpose());
            purpose.getStyleClass().add("quiet");
            purpose.setMinWidth(TextSize.px(330));
            purpose.setMaxWidth(TextSize.px(330));
            row(
                    label(kind.title(), 160, "strong"),
                    purpose,
                    spring(),
                    kind.isLookedAt()
                            ? Buttons.smallWord("Look at it", "see-" + kind.word(), () -> handing.look(kind))
                            : Buttons.smallWord("See how it begins", "see-" + kind.word(), () -> see(kind)),
                    Buttons.plain("Save…", "save-" + kind.word(), () -> handing.save(kind)));
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

    /** Told by its first lines. */
    private void see(HandOn kind) {
        if (seen.filter(s -> s == kind).isPresent()) {
            show(Optional.empty(), "");
            return;
        }
        Optional<Checked> checked = work.checked().filter(c -> c.prototype() == work.prototype());
        if (checked.isEmpty()) {
            show(Optional.of(kind), "The checks are still at work; ask again in a moment.");
        } else {
            Document document = work.document();
            background.run(document, Optional.empty(), "show how it begins", () -> {
                String text = first(kind, checked.get(), document);
                return () -> show(Optional.of(kind), text);
            });
        }
    }

    private static String first(HandOn kind, Checked checked, Document document) throws Unreadable, IOException {
        return Arrays.stream(new String(kind.of(checked, document.shelf(), content -> {}), StandardCharsets.UTF_8)
                        .split("\r?\n", LINES + 1))
                .limit(LINES)
                .map(line -> line.length() > COLUMNS ? line.substring(0, COLUMNS) + "…" : line)
                .collect(Collectors.joining("\n"));
    }

    private void show(Optional<HandOn> kind, String text) {
        seen = kind;
        begins = text;
        fill();
    }
}
