package pandel.desktop.shell;

import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import pandel.core.model.Drawer;
import pandel.core.model.Pair;
import pandel.core.model.Screen;
import pandel.core.model.Sequence;
import pandel.core.model.TabSet;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** All tab sets, sequences, drawers and pairs, each with what stands in it. */
final class FramesPage extends PageBox {

    /** @param open shows one, by its id  @param drawer makes a drawer from nothing */
    FramesPage(Work work, Consumer<String> open, Runnable drawer, Runnable leave) {
        super("Frames", "What people move in: tab sets, places side by side behind a strip; sequences, screens turned like pages; drawers, panels from an edge; a list and its detail, side by side where it is wide. Choose screens among the mocks, in their order, then “Frame…”.", leave);
        heading("Tab sets");
        if (work.prototype().tabSets().isEmpty()) {
            sentence("There is none yet.");
        }
        for (TabSet set : work.prototype().tabSets()) {
            Label tabs = label(set.tabs().stream().map(TabSet.Tab::shownLabel).collect(Collectors.joining(", ")), 330, "quiet");
            row(label(set.shownTitle(), 190, "strong"), tabs, spring(), Press.smallWord("Open", "open-" + set.id(), () -> open.accept(set.id())));
        }
        heading("Sequences");
        if (work.prototype().sequences().isEmpty()) {
            sentence("There is none yet.");
        }
        for (Sequence sequence : work.prototype().sequences()) {
            Label pages = label(sequence.pages().stream().map(id -> work.prototype().screen(id).map(Screen::shownTitle).orElse(id + " (removed)")).collect(Collectors.joining(", ")), 330, "quiet");
            row(label(sequence.shownTitle(), 190, "strong"), pages, spring(), Press.smallWord("Open", "open-" + sequence.id(), () -> open.accept(sequence.id())));
        }
        heading("Drawers");
        if (work.prototype().drawers().isEmpty()) {
            sentence("There is none yet.");
        }
        for (Drawer made : work.prototype().drawers()) {
            Label items = label(made.items().stream().map(Drawer.Item::shownLabel).collect(Collectors.joining(", ")), 330, "quiet");
            row(label(made.shownTitle(), 190, "strong"), items, spring(), Press.smallWord("Open", "open-" + made.id(), () -> open.accept(made.id())));
        }
        heading("Lists beside their details");
        if (work.prototype().pairs().isEmpty()) {
            sentence("There is none yet.");
        }
        for (Pair pair : work.prototype().pairs()) {
            row(label(titled(work, pair.list()), 190, "strong"), label("beside " + titled(work, pair.detail()), 330, "quiet"), spring(), Press.smallWord("Open", "open-" + pair.id(), () -> open.accept(pair.id())));
        }
        offer(Press.word("A new drawer", "frames-drawer", drawer));
    }

    private static String titled(Work work, String screen) {
        return work.prototype().screen(screen).map(Screen::shownTitle).orElse(screen + " (removed)");
    }
}
