package pandel.files.handon;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/** The frames among what engineers build from. */
final class HandbookFrames {

    private final Prototype prototype;
    private final List<Block> blocks = new ArrayList<>();

    private HandbookFrames(Prototype prototype) {
        this.prototype = prototype;
    }

    static List<Block> of(Prototype prototype) {
        HandbookFrames made = new HandbookFrames(prototype);
        prototype.tabSets().forEach(made::tabSet);
        prototype.sequences().forEach(made::sequence);
        prototype.drawers().forEach(made::drawer);
        prototype.headers().forEach(made::header);
        if (!prototype.pairs().isEmpty()) {
            made.blocks.add(new Block.Heading(2, "Pairs on a wide device", ""));
            made.blocks.add(new Block.Table(
                    List.of("list", "detail", "share of the list"),
                    prototype.pairs().stream()
                            .map(p -> List.of(
                                    Handbook.screen(prototype, p.list()),
                                    Handbook.screen(prototype, p.detail()),
                                    Block.Cell.of(p.share() + " %")))
                            .toList()));
        }
        return made.blocks;
    }

    /** The frames that a screen stands in by itself, in words. */
    static List<String> around(Prototype prototype, Screen screen) {
        List<String> in = new ArrayList<>();
        prototype.tabSets().stream()
                .filter(t -> t.tabs().stream().anyMatch(tab -> leads(tab.root(), screen)))
                .forEach(t -> in.add("the tab set " + t.shownTitle()));
        prototype.index().sequencesOf(screen.id()).forEach(s -> in.add("the sequence " + s.shownTitle()));
        prototype.drawers().stream()
                .filter(d -> isOn(d.on(), screen))
                .forEach(d -> in.add("the drawer " + d.shownTitle()));
        prototype.headers().stream()
                .filter(h -> isOn(h.on(), screen) && !h.hiddenOn().contains(screen.id()))
                .forEach(h -> in.add("the header " + h.shownTitle()));
        return in;
    }

    private static boolean leads(Target root, Screen screen) {
        return root instanceof Target.ToScreen to && to.id().equals(screen.id());
    }

    private static boolean isOn(Attached on, Screen screen) {
        return on.screens().contains(screen.id()) || on.all() && screen.form() == Form.PAGE;
    }

    private String on(Attached on) {
        return on.all()
                ? "all pages"
                : String.join(
                        ", ",
                        Stream.concat(
                                        on.screens().stream().map(prototype::titleOf),
                                        on.tabSets().stream()
                                                .map(id -> "everything in "
                                                        + prototype
                                                                .tabSet(id)
                                                                .map(TabSet::shownTitle)
                                                                .orElse(id)))
                                .toList());
    }

    private void tabSet(TabSet set) {
        blocks.add(new Block.Heading(2, "Tab set: " + set.shownTitle(), Handbook.anchor(set.id())));
        blocks.add(new Block.Words((set.keeps() ? "Each tab keeps its trail." : "A tab left begins anew.") + " "
                + (set.swipes() ? "A sideways swipe shows the next." : "No swipe shows another.")
                + " The strip is at the " + set.strip().edge().name().toLowerCase(java.util.Locale.ROOT) + "."));
        blocks.add(new Block.Table(
                List.of("tab", "sign", "root", "does besides"),
                set.tabs().stream()
                        .map(t -> List.of(
                                Block.Cell.of(t.shownLabel()),
                                Block.Cell.of(t.sign()),
                                t.root() instanceof Target.ToScreen to
                                        ? Handbook.screen(prototype, to.id())
                                        : Block.Cell.of(LinkWords.target(prototype, t.root())),
                                Block.Cell.of(LinkWords.effects(prototype, t.effects()))))
                        .toList()));
        links(w -> w.tabs().filter(t -> t.id().equals(set.id())).isPresent());
    }

    private void sequence(Sequence sequence) {
        blocks.add(new Block.Heading(2, "Sequence: " + sequence.shownTitle(), Handbook.anchor(sequence.id())));
        blocks.add(new Block.Words((sequence.swipes() ? "Pages are turned by a swipe." : "No swipe turns a page.") + " "
                + (sequence.backs() ? "Device back turns back." : "Device back leaves it.")));
        blocks.add(new Block.Points(
                true,
                sequence.pages().stream()
                        .map(id -> Handbook.screen(prototype, id))
                        .toList()));
        links(w -> w.sequence().filter(s -> s.id().equals(sequence.id())).isPresent());
    }

    private void drawer(Drawer drawer) {
        blocks.add(new Block.Heading(2, "Drawer: " + drawer.shownTitle(), Handbook.anchor(drawer.id())));
        Drawer.Panel p = drawer.panel();
        blocks.add(new Block.Words("From the " + p.side().name().toLowerCase(java.util.Locale.ROOT) + ", "
                + p.moves().name().toLowerCase(java.util.Locale.ROOT) + ", "
                + (p.share() > 0 ? p.share() + " % of the device" : Handbook.px(p.width()) + " px") + " wide, shade "
                + p.shade() + " %, drawn out within " + p.reach() + " px of the edge. On " + on(drawer.on()) + "."));
        blocks.add(new Block.Table(
                List.of("item", "sign", "section", "what it does"),
                drawer.items().stream()
                        .map(i -> Stream.of(
                                        i.shownLabel(),
                                        i.sign(),
                                        i.held() ? "held at the bottom" : i.section(),
                                        LinkWords.branch(prototype, i.does()))
                                .map(Block.Cell::of)
                                .toList())
                        .toList()));
    }

    private void header(Header header) {
        blocks.add(new Block.Heading(2, "Header: " + header.shownTitle(), Handbook.anchor(header.id())));
        blocks.add(new Block.Words(
                (header.words().isBlank() ? "It says the screen's title." : "It says “" + header.words() + "”.") + " "
                        + Handbook.px(header.bar().height()) + " px high, "
                        + (header.bar().stays() ? "it stays" : "it scrolls away") + ". On " + on(header.on()) + "."));
        links(w -> w.header().filter(h -> h.id().equals(header.id())).isPresent());
    }

    private void links(java.util.function.Predicate<Index.Way> which) {
        List<Index.Way> ways = prototype.index().ways().stream()
                .filter(which)
                .filter(w -> !w.isTurnOrTab())
                .toList();
        if (!ways.isEmpty()) {
            blocks.add(Handbook.links(prototype, ways, List.of()));
        }
    }
}
