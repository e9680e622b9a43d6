package pandel.desktop.shell;

import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import pandel.core.model.Screen;
import pandel.core.model.Sequence;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** All sequences, each with its pages. */
final class SequencesPage extends PageBox {

    /** @param open shows one, by its id */
    SequencesPage(Work work, Consumer<String> open, Runnable leave) {
        super("Sequences", "Screens that are turned like pages: a welcome, a form in steps. Choose screens among the mocks, in their order, then “Make a sequence”.", leave);
        if (work.prototype().sequences().isEmpty()) {
            sentence("There is none yet.");
        }
        for (Sequence sequence : work.prototype().sequences()) {
            Label pages = label(sequence.pages().stream().map(id -> work.prototype().screen(id).map(Screen::shownTitle).orElse(id + " (removed)")).collect(Collectors.joining(", ")), 330, "quiet");
            row(label(sequence.shownTitle(), 190, "strong"), pages, spring(), Press.smallWord("Open", "open-" + sequence.id(), () -> open.accept(sequence.id())));
        }
    }
}
