package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.model.Attachments;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Header.Bar;
import pandel.core.model.frame.Header.Kind;
import pandel.core.model.frame.Header.Left;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.HeaderPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** A header as what it is: over one of its screens, with its title, sign and actions, and where it stands. */
public final class HeaderPage extends FramePage {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double HIGHEST = 330;
    private static final double WIDE = 236;
    private final FrameAttachment attachment =
            new FrameAttachment(this, "header", () -> now().on(), (name, on) -> put(name, h -> h.withOn(on)));

    private HeaderPage(Work work, PageHost around, String id, int chosen) {
        super(
                "Header",
                "A title, a sign at the left and actions, laid over the top of screens. Back is there where "
                        + "something lies behind; actions that do not fit are gathered behind one sign. Drag an "
                        + "action to another place; drag the header’s foot for its height.",
                work,
                around,
                id,
                chosen);
        setId("header-page");
        offer(Buttons.word("Remove the header", "header-remove", this::removeAll));
        fill();
    }

    /** Shows a header above everything. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype().header(id).ifPresent(h -> around.show(new HeaderPage(work, around, id, 0)));
    }

    /** Makes one over some screens, without any over all pages, and shows it. */
    public static void make(Work work, PageHost around, List<Screen> screens) {
        int many = work.prototype().headers().size();
        String title = "Header" + (many == 0 ? "" : " " + (many + 1));
        Header made = Header.of(
                work.freshId(title),
                title,
                screens.isEmpty()
                        ? Attached.ALL
                        : Attached.to(screens.stream().map(Screen::id).toList()));
        work.edit(HeaderEdits.make(made));
        open(work, around, made.id());
    }

    private Header now() {
        return work.prototype().header(id).orElseThrow();
    }

    private Optional<Header.Action> action() {
        return chosen < now().actions().size() ? Optional.of(now().actions().get(chosen)) : Optional.empty();
    }

    private void put(String name, UnaryOperator<Header> change) {
        change(HeaderEdits.change(name, change.apply(now())));
    }

    private void bar(String name, UnaryOperator<Bar> change) {
        put(name, h -> h.withBar(change.apply(h.bar())));
    }

    @Override
    void fill() {
        Header header = now();
        chosen = Math.clamp(chosen, 0, Math.max(0, header.actions().size() - 1));
        clear();
        VBox settings = new VBox(
                8,
                line(name(), left(header)),
                line(words(header), size(header)),
                line(scrolled(header), height(header), colours(header)),
                small("Actions"),
                actions(header));
        action().ifPresent(a -> settings.getChildren().add(chosenAction(a)));
        settings.getChildren()
                .addAll(small("Shown on"), attachment.attached(this::pick), small("Hidden on"), hidden(header));
        HBox.setHgrow(settings, Priority.ALWAYS);
        VBox seen = new VBox(6);
        seen.setAlignment(Pos.TOP_CENTER);
        shownOn(header).ifPresent(screen -> {
            HeaderPreview preview = new HeaderPreview(
                    around.pictures(),
                    work.prototype(),
                    header,
                    screen,
                    behind(screen),
                    work.device(),
                    previewed(HIGHEST),
                    high -> bar("drag “" + header.shownTitle() + "” to another height", b -> b.withHeight(high)));
            preview.setId("header-preview");
            Tooltip.install(preview, new Tooltip("Drag its foot for the height"));
            seen.getChildren().addAll(preview, small("on " + screen.shownTitle()));
        });
        row(settings, seen);
    }

    /** The first of its screens on which it is shown. */
    private Optional<Screen> shownOn(Header header) {
        List<Screen> on = Attachments.screens(work.prototype(), header.on());
        return on.stream()
                .filter(s -> !header.hiddenOn().contains(s.id()))
                .filter(s -> !work.prototype().index().waysIn(s.id()).isEmpty())
                .findFirst()
                .or(() -> on.stream().findFirst())
                .or(() -> work.prototype().screens().stream().findFirst());
    }

    /** A screen from which one comes there. */
    private Screen behind(Screen screen) {
        return work.prototype().index().screensLeadingTo(screen.id()).stream()
                .flatMap(s -> work.prototype().screen(s).stream())
                .findFirst()
                .orElse(screen);
    }

    private TextField name() {
        TextField title = title(
                "header",
                "What the header is called here",
                () -> now().title(),
                typed -> put("call it “" + typed + "”", h -> h.withTitle(typed)));
        title.setMinWidth(WIDE);
        title.setMaxWidth(WIDE);
        return title;
    }

    private ChoiceButton left(Header header) {
        List<Left> all = new ArrayList<>(List.of(Left.BACK, new Left(Kind.BACK, true, ""), Left.NONE));
        work.prototype().drawers().forEach(d -> all.add(Left.drawer(d.id())));
        if (!all.contains(header.left())) {
            all.add(header.left());
        }
        return ChoiceButton.of(
                "header-left",
                WIDE,
                "The sign at the left",
                all,
                header.left(),
                this::leftWords,
                left -> put("put another sign at the left of “" + header.shownTitle() + "”", h -> h.withLeft(left)));
    }

    private String leftWords(Left left) {
        return switch (left.kind()) {
            case NONE -> "nothing at the left";
            case BACK -> left.labelled() ? "back, with the title behind" : "back at the left";
            case DRAWER ->
                "opens "
                        + work.prototype()
                                .drawer(left.drawer())
                                .map(Drawer::shownTitle)
                                .orElse(left.drawer() + " (removed)");
        };
    }

    private TextField words(Header header) {
        TextField words = field("header-words", "Title shown", header.words(), WIDE, typed -> {
            if (!typed.equals(now().words())) {
                put("show another title", h -> h.withWords(typed));
            }
        });
        words.setPromptText("each screen’s own title");
        words.setTooltip(new Tooltip("{name} shows a value; without words each screen’s own title"));
        return words;
    }

    private ChoiceButton size(Header header) {
        return ChoiceButton.of(
                "header-large",
                WIDE,
                "How large the title is",
                List.of(false, true),
                header.bar().large(),
                large -> large ? "large until scrolled" : "beside the signs",
                large -> bar("set the title otherwise", b -> b.withLarge(large)));
    }

    private ChoiceButton scrolled(Header header) {
        return ChoiceButton.of(
                "header-stays",
                WIDE,
                "When the page is scrolled",
                List.of(true, false),
                header.bar().stays(),
                stays -> stays ? "stays when scrolled" : "scrolls away",
                stays -> bar("let it scroll otherwise", b -> b.withStays(stays)));
    }

    private VBox height(Header header) {
        return captioned(
                number(
                        "header-height",
                        "px high",
                        (int) Math.round(header.bar().height()),
                        Bar.LOWEST,
                        Bar.HIGHEST,
                        52,
                        n -> bar("make it " + n + " px high", b -> b.withHeight(n))),
                "px high");
    }

    private HBox colours(Header header) {
        return line(
                colour(
                        "header-ground",
                        "Colour of its ground",
                        header.bar().ground(),
                        84,
                        "Its ground",
                        "ground",
                        c -> bar("colour its ground", b -> b.withGround(c))),
                colour(
                        "header-ink",
                        "Colour of title and signs",
                        header.bar().ink(),
                        84,
                        "Its title and signs",
                        "ink",
                        c -> bar("colour its title and signs", b -> b.withInk(c))));
    }

    private FlowPane actions(Header header) {
        FlowPane row = new FlowPane(4, 4);
        row.setPrefWrapLength(500);
        List<Button> all = new ArrayList<>();
        Reordering reordering = new Reordering(true, all, this::move);
        for (int i = 0; i < header.actions().size(); i++) {
            Header.Action action = header.actions().get(i);
            Button chip = Buttons.plain(action.shownLabel(), "action-" + (i + 1), () -> {});
            chip.pseudoClassStateChanged(CHOSEN, i == chosen);
            chip.getStyleClass().add("item-row");
            chip.setMnemonicParsing(false);
            all.add(chip);
            reordering.add(chip, i, this::choose);
            row.getChildren().add(chip);
        }
        row.getChildren()
                .add(Buttons.smallWord(
                        header.actions().isEmpty() ? "None yet; add one that leads to…" : "Another…",
                        "action-new",
                        this::add));
        return row;
    }

    private void add() {
        pick(work.prototype().screens(), screen -> {
            Link link = Link.of(
                    work.freshId(screen.shownTitle() + " action"),
                    new Cause.Touch(Gesture.TAP),
                    Fitting.leadingTo(screen));
            List<Header.Action> all = new ArrayList<>(now().actions());
            all.add(new Header.Action(screen.shownTitle(), "", link));
            work.edit(HeaderEdits.change(
                    "add “" + screen.shownTitle() + "” to “" + now().shownTitle() + "”", now().withActions(all)));
            chosen = all.size() - 1;
        });
    }

    private HBox chosenAction(Header.Action action) {
        TextField label = field("action-label", "Label of the action", action.label(), 130, typed -> {
            if (!typed.equals(action.label())) {
                put("call an action “" + typed + "”", h -> h.withAction(action.id(), a -> a.withLabel(typed)));
            }
        });
        label.setPromptText("no label");
        Button sign = SignPage.button(
                this,
                "action-sign",
                action.sign(),
                name -> put("give an action another sign", h -> h.withAction(action.id(), a -> a.withSign(name))));
        Button does = new Button(LinkWords.effect(work.prototype(), action.link()));
        does.getStyleClass().add("choice");
        does.setId("action-does");
        does.setMnemonicParsing(false);
        does.setMaxWidth(190);
        does.setTooltip(new Tooltip("To its sentence on the desk"));
        does.setOnAction(e -> shownOn(now()).ifPresent(screen -> sentence(screen, action.id())));
        return line(
                label,
                sign,
                does,
                Buttons.smallWord("Take it out", "action-out", () -> change(HeaderEdits.takeOut(now(), action))));
    }

    private FlowPane hidden(Header header) {
        FlowPane row = new FlowPane(4, 2);
        row.setPrefWrapLength(500);
        header.hiddenOn().stream()
                .flatMap(s -> work.prototype().screen(s).stream())
                .forEach(s -> {
                    Button show = Buttons.smallWord(
                            s.shownTitle() + " ×",
                            "header-show-" + s.id(),
                            () -> change(HeaderEdits.hide(now(), s, false)));
                    show.setTooltip(new Tooltip("Show it there again"));
                    row.getChildren().add(show);
                });
        row.getChildren()
                .add(Buttons.smallWord(
                        header.hiddenOn().isEmpty() ? "No screen; hide it on one…" : "And on…",
                        "header-hide",
                        () -> pick(
                                work.prototype().screens().stream()
                                        .filter(s -> !now().hiddenOn().contains(s.id()))
                                        .toList(),
                                this::hide)));
        return row;
    }

    private void hide(Screen screen) {
        Header header = now();
        boolean only = header.left().kind() == Kind.BACK
                && work.prototype().index().waysOut(screen.id()).stream()
                        .filter(w -> !w.isTurnOrTab() && w.header().isEmpty())
                        .noneMatch(w -> w.link().effects().anyMatch(e -> e.isMove()));
        work.edit(HeaderEdits.hide(header, screen, true));
        if (only) {
            around.say("“" + screen.shownTitle() + "” has no other way " + (screen.form() == Form.PAGE ? "back" : "out")
                    + " but the device’s own now. Ctrl+Z shows the header there again.");
        }
    }

    private void pick(List<Screen> among, Consumer<Screen> picked) {
        around.pick("Which screen?", among, s -> "", screen -> {
            picked.accept(screen);
            around.show(new HeaderPage(work, around, id, chosen));
        });
    }

    @Override
    Edit moved(int from, int to) {
        return HeaderEdits.move(now(), from, to);
    }

    private void removeAll() {
        Header header = now();
        around.dismiss();
        work.edit(HeaderEdits.remove(header));
        around.say("“" + header.shownTitle() + "” is gone, with its actions. Ctrl+Z brings it back.");
    }
}
