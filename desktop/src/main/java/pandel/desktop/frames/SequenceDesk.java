package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.layout.VBox;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Look;
import pandel.core.model.device.Device;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.PageFoot;
import pandel.core.play.layout.Room;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.PagePreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** A sequence: its pages at the left in order, the chosen one with what is laid over it in the middle. */
public final class SequenceDesk extends PartedDesk {

    private SequenceDesk(Work work, PageHost around, String id, int chosen) {
        super(
                "sequence-page",
                "Pages turned by next, previous, dots and swipes, as one place: return leaves it whole. Drag a page to "
                        + "another place, or move it by Ctrl and an arrow; press a word on the page to type "
                        + "another.",
                work,
                around,
                id,
                chosen);
    }

    /** Shows a sequence on the desk, the screen that is chosen as its chosen page. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype()
                .sequence(id)
                .ifPresent(s -> around.stand(new SequenceDesk(
                        work,
                        around,
                        id,
                        Math.max(0, s.pages().indexOf(work.selection().screen())))));
    }

    @Override
    boolean isThere() {
        return work.prototype().sequence(id).isPresent();
    }

    private Sequence now() {
        return work.prototype().sequence(id).orElseThrow();
    }

    @Override
    Edit moved(int from, int to) {
        return SequenceEdits.move(now(), from, to);
    }

    @Override
    String first() {
        return "page-" + (chosen + 1);
    }

    @Override
    void fill() {
        Sequence sequence = now();
        keepTo(sequence.pages().size());
        title(
                "sequence-title",
                sequence.shownTitle(),
                "a sequence",
                typed -> put("call it “" + typed + "”", s -> s.withTitle(typed)));
        offer(Buttons.word("Remove the sequence", "sequence-remove", this::removeAll));
        part(FrameWords.heading("Pages", Buttons.smallWord("Add a page…", "sequence-add", this::add)));
        part(new PageStrip(work, around.pictures(), items(sequence), chosen, this::choose, this::move));
        if (!sequence.pages().isEmpty()) {
            heads("Page " + (chosen + 1), Buttons.smallWord("Take this page out", "sequence-out", this::takeOut));
            say(besides(sequence));
        }
        heads("Laid over its pages");
        laid(sequence);
        heads("In use");
        turned(sequence);
        leads("Next on the last page:", "finish", sequence.finish(), Cause.Finish::new);
        leads("Skipping:", "skip", sequence.skip(), Cause.Skip::new);
    }

    @Override
    Node seen(double wide, double high) {
        Sequence sequence = now();
        if (sequence.pages().isEmpty()) {
            return FrameWords.small("It has no page yet; add one at the left.");
        }
        Device device = work.device();
        double across = fitting(device, wide, high - 24);
        PagePreview preview = PagePreview.of(around.pictures(), work.prototype(), sequence, chosen + 1, device, across);
        preview.setId("sequence-preview");
        Handles handles = new Handles(preview, across / device.width(), this::refresh);
        work.prototype().screen(sequence.pages().get(chosen)).ifPresent(s -> words(handles, sequence, s, device));
        VBox column = new VBox(
                6,
                handles,
                FrameWords.small(
                        "page " + (chosen + 1) + " of " + sequence.pages().size()));
        column.setAlignment(Pos.CENTER);
        return column;
    }

    /** The words that are laid, typed where they stand. */
    private void words(Handles handles, Sequence sequence, Screen screen, Device device) {
        Sequence.Laid laid = sequence.laid();
        boolean last = chosen + 1 == sequence.pages().size();
        for (PageFoot.Sign sign : PageFoot.on(
                work.prototype(),
                Look.plain(screen),
                Optional.of(new AtPage(id, chosen + 1, Map.of())),
                Room.whole(work.prototype().widths(), device.width()),
                device.height())) {
            if (sign.words().isEmpty() || sign.on().isEmpty()) {
                continue;
            }
            boolean skip = sign.on().get() instanceof Event.On.OnSkip;
            boolean back = sign.on().get() instanceof Event.On.OnTurn t && t.turn() instanceof PageTurn.Previous;
            boolean ends = last && !skip && !back && !laid.last().isEmpty();
            handles.words(
                    "on-" + (skip ? "skip" : back ? "previous" : ends ? "last" : "next"),
                    sign.area(),
                    "“" + sign.words() + "”",
                    new Handles.Words(
                            sign.words(),
                            "Words laid over the page",
                            typed -> put(
                                    "lay other words",
                                    s -> s.withLaid(
                                            skip
                                                    ? laid.withSkip(typed)
                                                    : back
                                                            ? laid.withPrevious(typed)
                                                            : ends ? laid.withLast(typed) : laid.withNext(typed)))));
        }
    }

    /** What turning to the page that is chosen does besides. */
    private ChosenEffects besides(Sequence sequence) {
        String page = sequence.pages().get(chosen);
        return new ChosenEffects(
                work,
                "Turning to it also does:",
                sequence.effectsOf(chosen + 1),
                around::say,
                (effects, facts) -> change(AddedFacts.before(
                        facts,
                        SequenceEdits.change("change what turning to a page does", now().withEffects(page, effects)))),
                this::refresh);
    }

    private List<PageStrip.Item> items(Sequence sequence) {
        List<PageStrip.Item> items = new ArrayList<>();
        for (String page : sequence.pages()) {
            Screen screen = work.prototype().screen(page).orElseGet(() -> Screen.page("", page + " (removed)"));
            items.add(new PageStrip.Item(screen, (items.size() + 1) + "  " + screen.shownTitle()));
        }
        return items;
    }

    private void laid(Sequence sequence) {
        Sequence.Laid laid = sequence.laid();
        Saying line = say().either(
                        "sequence-dots",
                        "Dots, one for each page, to be tapped",
                        laid.dots(),
                        "Dots",
                        "No dots",
                        lay -> put(lay ? "lay dots" : "lay no dots", s -> s.withLaid(laid.withDots(lay))))
                .words("and the words");
        word(line, "previous", laid.previous(), "Word for the page before; emptied none is laid", laid::withPrevious);
        word(line, "next", laid.next(), "Word for the next page; emptied none is laid", laid::withNext);
        line.words("on the last page");
        word(line, "last", laid.last(), "Word in its place on the last page", laid::withLast);
        line.words("to skip");
        word(
                line,
                "skip",
                laid.skip(),
                "Word for skipping, on every page but the last; emptied none is laid",
                laid::withSkip);
        line.words("in")
                .colour(
                        "sequence-ink",
                        "What is laid over the pages",
                        laid.ink(),
                        typed -> put("lay it in another colour", s -> s.withLaid(laid.withInk(typed))));
    }

    /** A word that is laid; emptied it is not. */
    private void word(Saying line, String name, String now, String tip, Function<String, Sequence.Laid> with) {
        line.text(
                "sequence-" + name,
                "Word laid over the pages",
                now,
                "no word",
                tip,
                typed -> put("lay other words", s -> s.withLaid(with.apply(typed))));
    }

    private void turned(Sequence sequence) {
        say().words("A swipe")
                .either(
                        "sequence-swipes",
                        "Whether a swipe turns the page",
                        sequence.swipes(),
                        "turns the page",
                        "does not turn it",
                        swipes -> put(swipes ? "turn by swipes" : "turn without swipes", s -> s.withSwipes(swipes)))
                .words("and device back")
                .either(
                        "sequence-backs",
                        "What device back does",
                        sequence.backs(),
                        "turns a page back",
                        "leaves it",
                        backs -> put(
                                backs ? "let device back turn the page" : "let device back leave it",
                                s -> s.withBacks(backs)));
    }

    private void leads(String when, String name, Optional<Link> link, Supplier<Cause> cause) {
        say().words(when)
                .menu(
                        "sequence-" + name + "-leads",
                        link.map(l -> LinkWords.effect(work.prototype(), l)).orElse("nothing yet"),
                        ways(name, link, cause));
    }

    private ContextMenu ways(String name, Optional<Link> link, Supplier<Cause> cause) {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .addAll(
                        Buttons.item("Lead to a screen…", name + "-screen", () -> pick(name, link, cause)),
                        Buttons.item(
                                "Return to where one came from",
                                name + "-return",
                                () -> lead(name, link, cause, new Effect.Return())));
        link.ifPresent(l -> menu.getItems()
                .addAll(
                        Buttons.item("Say it on the desk…", name + "-desk", () -> onDesk(l)),
                        Buttons.item("Nothing", name + "-nothing", () -> change(LinkEdits.remove(l)))));
        return menu;
    }

    private void pick(String name, Optional<Link> link, Supplier<Cause> cause) {
        List<Screen> pages = work.prototype().screens().stream()
                .filter(s -> s.form() == Form.PAGE && !now().pages().contains(s.id()))
                .toList();
        pick(
                "“" + now().shownTitle() + "” gives way to",
                pages,
                to -> lead(name, link, cause, new Effect.Replace(new Target.ToScreen(to.id()))));
    }

    private void lead(String name, Optional<Link> link, Supplier<Cause> cause, Effect effect) {
        Link fresh = link.map(l -> l.doing(effect)).orElseGet(() -> Link.of(work.freshId(name), cause.get(), effect));
        change(LinkEdits.link(now(), fresh, ": " + LinkWords.effect(work.prototype(), effect)));
    }

    private void onDesk(Link link) {
        work.prototype()
                .index()
                .way(link.id())
                .flatMap(w -> w.from().stream().reduce((a, b) -> b))
                .ifPresent(screen -> sentence(screen, link.id()));
    }

    private void add() {
        Optional<Form> form = now().pages().stream()
                .flatMap(p -> work.prototype().screen(p).stream())
                .findFirst()
                .map(Screen::form);
        List<Screen> others = work.prototype().screens().stream()
                .filter(s -> !now().pages().contains(s.id())
                        && form.filter(f -> f != s.form()).isEmpty())
                .toList();
        pick("One more page of “" + now().shownTitle() + "”", others, screen -> {
            chosen = now().pages().size();
            change(SequenceEdits.add(now(), List.of(screen)));
        });
    }

    private void takeOut() {
        if (now().pages().size() == 1) {
            removeAll();
        } else {
            change(SequenceEdits.takeOut(now(), chosen));
        }
    }

    private void removeAll() {
        Sequence sequence = now();
        long leading = work.prototype().index().ways().stream()
                .filter(w -> w.link()
                        .effects()
                        .anyMatch(e -> e.target()
                                .filter(t -> t.id().equals(sequence.id()))
                                .isPresent()))
                .count();
        work.edit(SequenceEdits.remove(sequence));
        around.say("“" + sequence.shownTitle() + "” is no sequence any more; its screens stay."
                + (leading == 0
                        ? ""
                        : leading == 1
                                ? " The link that led to it went."
                                : " The " + leading + " links that led to it went.")
                + " Ctrl+Z brings it back.");
    }

    private void put(String name, UnaryOperator<Sequence> with) {
        change(SequenceEdits.change(name, with.apply(now())));
    }
}
