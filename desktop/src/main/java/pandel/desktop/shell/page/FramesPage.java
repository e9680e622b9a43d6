package pandel.desktop.shell.page;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.play.words.LinkWords;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** All tab sets, sequences, drawers, headers and pairs, each with what stands in it. */
final class FramesPage extends PageBox {

    private final Consumer<String> open;

    /**
     * @param open shows one, by its id
     * @param drawer makes a drawer from nothing
     * @param header makes a header over all pages
     */
    FramesPage(Work work, Consumer<String> open, Runnable drawer, Runnable header, Runnable leave) {
        super(
                "Frames",
                "What people move in: tab sets, places side by side behind a strip; sequences, screens turned "
                        + "like pages; drawers, panels from an edge; headers, laid over the top of screens; a list and its detail, side by side where it "
                        + "is wide. Choose screens among the mocks, in their order, then “Frame…”.",
                leave);
        this.open = open;
        Prototype p = work.prototype();
        kind(
                "Tab sets",
                p.tabSets(),
                TabSet::id,
                TabSet::shownTitle,
                s -> s.tabs().stream().map(TabSet.Tab::shownLabel).collect(Collectors.joining(", ")));
        kind(
                "Sequences",
                p.sequences(),
                Sequence::id,
                Sequence::shownTitle,
                s -> s.pages().stream().map(id -> LinkWords.screen(p, id)).collect(Collectors.joining(", ")));
        kind(
                "Drawers",
                p.drawers(),
                Drawer::id,
                Drawer::shownTitle,
                d -> d.items().stream().map(Drawer.Item::shownLabel).collect(Collectors.joining(", ")));
        kind(
                "Headers",
                p.headers(),
                Header::id,
                Header::shownTitle,
                h -> h.actions().isEmpty()
                        ? "no actions"
                        : h.actions().stream().map(Header.Action::shownLabel).collect(Collectors.joining(", ")));
        kind(
                "Lists beside their details",
                p.pairs(),
                Pair::id,
                x -> LinkWords.screen(p, x.list()),
                x -> "beside " + LinkWords.screen(p, x.detail()));
        offer(Buttons.word("A new header", "frames-header", header));
        offer(Buttons.word("A new drawer", "frames-drawer", drawer));
    }

    /**
     * All of one kind.
     *
     * @param holds what stands in one, in words
     */
    private <F> void kind(
            String heading, List<F> all, Function<F, String> id, Function<F, String> title, Function<F, String> holds) {
        heading(heading);
        if (all.isEmpty()) {
            sentence("There is none yet.");
        }
        all.forEach(f -> row(
                label(title.apply(f), 190, "strong"),
                label(holds.apply(f), 330, "quiet"),
                spring(),
                Buttons.smallWord("Open", "open-" + id.apply(f), () -> open.accept(id.apply(f)))));
    }
}
