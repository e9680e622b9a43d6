package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.PagePreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** A sequence as what it is: its pages in order, what is laid over them, and what finishing and skipping do. */
public final class SequencePage extends FramePage {

    private static final double HIGHEST = 300;

    private SequencePage(Work work, PageHost around, String id, int chosen) {
        super(
                "Sequence",
                "Pages turned by next, previous, dots and swipes, as one place: return leaves it whole. Drag a "
                        + "page to another place, or move the chosen one by Ctrl and an arrow.",
                work,
                around,
                id,
                chosen);
        setId("sequence-page");
        offer(Buttons.word("Remove the sequence", "sequence-remove", this::removeAll));
        fill();
    }

    /** Shows a sequence above everything, the screen that is chosen as its chosen page. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype()
                .sequence(id)
                .ifPresent(s -> around.show(new SequencePage(
                        work,
                        around,
                        id,
                        Math.max(0, s.pages().indexOf(work.selection().screen())))));
    }

    private Sequence now() {
        return work.prototype().sequence(id).orElseThrow();
    }

    @Override
    void fill() {
        Sequence sequence = now();
        chosen = Math.clamp(chosen, 0, Math.max(0, sequence.pages().size() - 1));
        clear();
        row(
                title(
                        "sequence",
                        "Title of the sequence",
                        () -> now().title(),
                        typed -> put("call it “" + typed + "”", s -> s.withTitle(typed))),
                spring(),
                Buttons.smallWord("Add pages…", "sequence-add", this::add),
                Buttons.smallWord("Take this page out", "sequence-out", this::takeOut));
        PageStrip strip = new PageStrip(work, around.pictures(), items(sequence), chosen, this::choose, this::move);
        VBox settings = new VBox(6);
        settings.getChildren().add(strip);
        if (!sequence.pages().isEmpty()) {
            settings.getChildren().add(besides(sequence));
        }
        settings.getChildren()
                .addAll(
                        small("Laid over its pages"),
                        laid(sequence),
                        small("Turned by"),
                        turned(sequence),
                        small("It leads to"),
                        leads("Next on the last page", "finish", sequence.finish(), Cause.Finish::new),
                        leads("Skipping", "skip", sequence.skip(), Cause.Skip::new));
        HBox.setHgrow(settings, Priority.ALWAYS);
        PagePreview preview = PagePreview.of(
                around.pictures(), work.prototype(), sequence, chosen + 1, work.device(), previewed(HIGHEST));
        row(settings, preview);
        strip.takeFocus();
    }

    /** What turning to the page that is chosen does besides. */
    private ChosenEffects besides(Sequence sequence) {
        String page = sequence.pages().get(chosen);
        return new ChosenEffects(
                work,
                "turning to page " + (chosen + 1) + " also:",
                sequence.effectsOf(chosen + 1),
                around::say,
                (effects, facts) -> change(AddedFacts.before(
                        facts,
                        SequenceEdits.change("change what turning to a page does", now().withEffects(page, effects)))),
                this::fill);
    }

    private List<PageStrip.Item> items(Sequence sequence) {
        List<PageStrip.Item> items = new ArrayList<>();
        for (String page : sequence.pages()) {
            Screen screen = work.prototype().screen(page).orElseGet(() -> Screen.page("", page + " (removed)"));
            items.add(new PageStrip.Item(screen, (items.size() + 1) + "  " + screen.shownTitle()));
        }
        return items;
    }

    private HBox laid(Sequence sequence) {
        Sequence.Laid laid = sequence.laid();
        ChoiceButton dots = ChoiceButton.either(
                "sequence-dots",
                104,
                "Dots, one for each page, to be tapped",
                laid.dots(),
                "dots",
                "no dots",
                lay -> put(lay ? "lay dots" : "lay no dots", s -> s.withLaid(laid.withDots(lay))));
        HBox row = new HBox(
                8,
                word("previous", "Back", laid.previous(), laid::withPrevious),
                captioned(dots, "one for each page"),
                word("next", "Next", laid.next(), laid::withNext),
                word("last", "the last one’s next", laid.last(), laid::withLast),
                word("skip", "Skip", laid.skip(), laid::withSkip),
                colour(
                        "sequence-ink",
                        "Colour of what is laid, # and six digits",
                        laid.ink(),
                        76,
                        "Colour of what is laid",
                        "colour",
                        typed -> put("lay it in another colour", s -> s.withLaid(laid.withInk(typed)))));
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    /** A word that is laid; emptied it is not. */
    private VBox word(String name, String what, String now, Function<String, Sequence.Laid> with) {
        TextField field = field("sequence-" + name, "Word laid over the pages: " + what, now, 64, typed -> {
            if (!typed.equals(now)) {
                put("lay other words", s -> s.withLaid(with.apply(typed)));
            }
        });
        field.setPromptText("no word");
        field.setTooltip(new Tooltip(
                switch (name) {
                    case "previous" -> "Word for the page before; empty: none is laid";
                    case "next" -> "Word for the next page; empty: none is laid";
                    case "last" -> "Word in its place on the last page";
                    default -> "Word for skipping, on every page but the last; empty: none is laid";
                }));
        return captioned(field, name);
    }

    private HBox turned(Sequence sequence) {
        return new HBox(
                6,
                ChoiceButton.either(
                        "sequence-swipes",
                        110,
                        "Whether a swipe turns the page",
                        sequence.swipes(),
                        "swipes too",
                        "no swipes",
                        swipes -> put(swipes ? "turn by swipes" : "turn without swipes", s -> s.withSwipes(swipes))),
                ChoiceButton.either(
                        "sequence-backs",
                        200,
                        "What device back does",
                        sequence.backs(),
                        "device back: a page back",
                        "device back: leave it",
                        backs -> put(
                                backs ? "let device back turn the page" : "let device back leave it",
                                s -> s.withBacks(backs))));
    }

    private HBox leads(String when, String name, Optional<Link> link, Supplier<Cause> cause) {
        Label label = new Label(when + ":");
        label.setMinWidth(150);
        Button to =
                new Button(link.map(l -> LinkWords.effect(work.prototype(), l)).orElse("nothing yet"));
        to.getStyleClass().add("choice");
        to.setMnemonicParsing(false);
        to.setMaxWidth(250);
        to.setId("sequence-" + name + "-leads");
        to.setOnAction(e -> ways(name, link, cause).show(to, Side.BOTTOM, 0, 0));
        HBox row = new HBox(6, label, to);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
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
        around.pick("“" + now().shownTitle() + "” gives way to", pages, s -> "", to -> {
            lead(name, link, cause, new Effect.Replace(new Target.ToScreen(to.id())));
            around.show(new SequencePage(work, around, id, chosen));
        });
    }

    private void lead(String name, Optional<Link> link, Supplier<Cause> cause, Effect effect) {
        Link fresh = link.map(l -> l.doing(effect)).orElseGet(() -> Link.of(work.freshId(name), cause.get(), effect));
        change(LinkEdits.link(now(), fresh, ": " + LinkWords.effect(work.prototype(), effect)));
    }

    private void onDesk(Link link) {
        around.dismiss();
        work.prototype()
                .index()
                .way(link.id())
                .flatMap(w -> w.from().stream().reduce((a, b) -> b))
                .map(Screen::id)
                .ifPresent(work.selection()::choose);
        work.selection().chooseLink(link.id());
        around.go(WorkStage.LINKS);
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
        around.pick("One more page of “" + now().shownTitle() + "”", others, s -> "", screen -> {
            work.edit(SequenceEdits.add(now(), List.of(screen)));
            around.show(new SequencePage(work, around, id, now().pages().size() - 1));
        });
    }

    private void takeOut() {
        if (now().pages().size() == 1) {
            removeAll();
        } else {
            change(SequenceEdits.takeOut(now(), chosen));
        }
    }

    @Override
    Edit moved(int from, int to) {
        return SequenceEdits.move(now(), from, to);
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
        around.dismiss();
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
