package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.model.Attachments;
import pandel.core.model.device.Device;
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
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.HeaderPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** A header: its actions at the left, it over one of its screens in the middle. */
public final class HeaderDesk extends PartedDesk {

    private final AttachedSaying attached =
            new AttachedSaying(this, "header", () -> now().on(), (name, on) -> put(name, h -> h.withOn(on)));

    private HeaderDesk(Work work, PageHost around, String id) {
        super(
                "header-page",
                "A title, a sign at the left and actions, laid over the top of screens. Back is there where something "
                        + "lies behind; actions that do not fit are gathered behind one sign. Drag the header’s foot "
                        + "for its height; press its title, or an action on it twice, to type other words.",
                work,
                around,
                id,
                0);
    }

    /** Shows a header on the desk. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype().header(id).ifPresent(h -> around.stand(new HeaderDesk(work, around, id)));
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

    @Override
    boolean isThere() {
        return work.prototype().header(id).isPresent();
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
    Edit moved(int from, int to) {
        return HeaderEdits.move(now(), from, to);
    }

    @Override
    String first() {
        return now().actions().isEmpty() ? "action-new" : "action-" + (chosen + 1);
    }

    @Override
    void fill() {
        Header header = now();
        keepTo(header.actions().size());
        title(
                "header-title",
                header.shownTitle(),
                "a header",
                typed -> put("call it “" + typed + "”", h -> h.withTitle(typed)));
        offer(Buttons.word("Remove the header", "header-remove", this::removeAll));
        part(FrameWords.heading("Actions", Buttons.smallWord("Add one…", "action-new", this::add)));
        actions(header);
        action().ifPresent(this::chosenAction);
        heads("The header");
        shows(header);
        stands(header);
        heads("Shown");
        attached.say();
        hidden(header);
    }

    private void actions(Header header) {
        if (header.actions().isEmpty()) {
            part(FrameWords.small("None yet."));
        }
        VBox all = new VBox(1);
        Reordering reordering = new Reordering(false, all.getChildren(), this::move);
        for (int i = 0; i < header.actions().size(); i++) {
            Button row = Buttons.plain(header.actions().get(i).shownLabel(), "action-" + (i + 1), () -> {});
            row.pseudoClassStateChanged(FrameWords.CHOSEN, i == chosen);
            row.getStyleClass().setAll("button", "item-row");
            row.setMaxWidth(Double.MAX_VALUE);
            row.setMinWidth(0);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setMnemonicParsing(false);
            reordering.add(row, i, this::choose);
            reordering.byKeys(row, i, header.actions().size(), this::choose);
            all.getChildren().add(row);
        }
        part(all);
    }

    private void chosenAction(Header.Action action) {
        heads(
                action.shownLabel(),
                Buttons.smallWord("Take it out", "action-out", () -> change(HeaderEdits.takeOut(now(), action))));
        say().sign(
                        "action-sign",
                        action.sign(),
                        name -> put(
                                "give an action another sign", h -> h.withAction(action.id(), a -> a.withSign(name))))
                .text(
                        "action-label",
                        "Label of the action",
                        action.label(),
                        "no label",
                        "Press and type",
                        typed -> label(action, typed))
                .words("does:")
                .press(
                        LinkWords.effect(work.prototype(), action.link()),
                        "action-does",
                        "To its sentence on the desk",
                        () -> shownOn(now()).ifPresent(screen -> sentence(screen, action.id())));
    }

    private void label(Header.Action action, String typed) {
        put("call an action “" + typed + "”", h -> h.withAction(action.id(), a -> a.withLabel(typed)));
    }

    private void shows(Header header) {
        List<Left> all = new ArrayList<>(List.of(Left.BACK, new Left(Kind.BACK, true, ""), Left.NONE));
        work.prototype().drawers().forEach(d -> all.add(Left.drawer(d.id())));
        if (!all.contains(header.left())) {
            all.add(header.left());
        }
        say().words("It shows")
                .text(
                        "header-words",
                        "Title shown",
                        header.words(),
                        "each screen’s own title",
                        "{name} shows a value; without words each screen’s own title",
                        this::words)
                .one(
                        "header-large",
                        "How large the title is",
                        List.of(false, true),
                        header.bar().large(),
                        large -> large ? "large until scrolled" : "beside the signs",
                        large -> bar("set the title otherwise", b -> b.withLarge(large)))
                .words("and")
                .one(
                        "header-left",
                        "The sign at the left",
                        all,
                        header.left(),
                        this::leftWords,
                        left -> put(
                                "put another sign at the left of “" + header.shownTitle() + "”",
                                h -> h.withLeft(left)));
    }

    private void words(String typed) {
        put("show another title", h -> h.withWords(typed));
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

    private void stands(Header header) {
        say().words("It is")
                .number(
                        "header-height",
                        "px high",
                        header.bar().height(),
                        Bar.LOWEST,
                        Bar.HIGHEST,
                        "Press and type px",
                        n -> n + " px high",
                        n -> bar("make it " + n + " px high", b -> b.withHeight(n)))
                .words("and")
                .one(
                        "header-stays",
                        "When the page is scrolled",
                        List.of(true, false),
                        header.bar().stays(),
                        stays -> stays ? "stays when scrolled" : "scrolls away",
                        stays -> bar("let it scroll otherwise", b -> b.withStays(stays)));
        say().words("Its ground is")
                .colour(
                        "header-ground",
                        "Ground of the header",
                        header.bar().ground(),
                        c -> bar("colour its ground", b -> b.withGround(c)))
                .words("its title and signs are")
                .colour(
                        "header-ink",
                        "Title and signs of the header",
                        header.bar().ink(),
                        c -> bar("colour its title and signs", b -> b.withInk(c)));
    }

    private void add() {
        pick("Where does the action lead?", work.prototype().screens(), screen -> {
            Link link = Link.of(
                    work.freshId(screen.shownTitle() + " action"),
                    new Cause.Touch(Gesture.TAP),
                    Fitting.leadingTo(screen));
            List<Header.Action> all = new ArrayList<>(now().actions());
            all.add(new Header.Action(screen.shownTitle(), "", link));
            chosen = all.size() - 1;
            change(HeaderEdits.change(
                    "add “" + screen.shownTitle() + "” to “" + now().shownTitle() + "”", now().withActions(all)));
        });
    }

    private void hidden(Header header) {
        List<Screen> on = header.hiddenOn().stream()
                .flatMap(s -> work.prototype().screen(s).stream())
                .toList();
        say().words("Hidden on")
                .screens(
                        on,
                        s -> "header-show-" + s.id(),
                        "Show it there again",
                        s -> change(HeaderEdits.hide(now(), s, false)))
                .press(
                        on.isEmpty() ? "no screen; hide it on one…" : "and on…",
                        "header-hide",
                        "",
                        () -> pick(
                                "Where is the header hidden?",
                                work.prototype().screens().stream()
                                        .filter(s -> !now().hiddenOn().contains(s.id()))
                                        .toList(),
                                this::hide));
    }

    private void hide(Screen screen) {
        Header header = now();
        boolean only = header.left().kind() == Kind.BACK
                && work.prototype().index().waysOut(screen.id()).stream()
                        .filter(w -> !w.isTurnOrTab() && w.header().isEmpty())
                        .noneMatch(w -> w.link().effects().anyMatch(e -> e.isMove()));
        change(HeaderEdits.hide(header, screen, true));
        if (only) {
            around.say("“" + screen.shownTitle() + "” has no other way " + (screen.form() == Form.PAGE ? "back" : "out")
                    + " but the device’s own now. Ctrl+Z shows the header there again.");
        }
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

    @Override
    Node seen(double wide, double high) {
        Header header = now();
        Optional<Screen> on = shownOn(header);
        if (on.isEmpty()) {
            return FrameWords.small("There is no screen yet for it to lie over.");
        }
        Device device = work.device();
        double across = fitting(device, wide, high - 24);
        HeaderPreview preview = new HeaderPreview(
                around.pictures(), work.prototype(), header, on.get(), behind(on.get()), device, across);
        preview.setId("header-preview");
        Handles handles = new Handles(preview, across / device.width(), this::refresh);
        preview.place().ifPresent(place -> handles(handles, header, place));
        VBox column = new VBox(6, handles, FrameWords.small("on " + on.get().shownTitle()));
        column.setAlignment(Pos.CENTER);
        return column;
    }

    private void handles(Handles handles, Header header, HeaderPlace place) {
        handles.words(
                "on-title", place.title(), "The title", new Handles.Words(header.words(), "Title shown", this::words));
        List<String> ids = header.actions().stream().map(Header.Action::id).toList();
        for (HeaderPlace.Sign sign : place.actions()) {
            int at = ids.indexOf(sign.id());
            Header.Action action = header.actions().get(at);
            handles.part(
                    "on-action-" + (at + 1),
                    sign.area(),
                    at == chosen,
                    "“" + action.shownLabel() + "”",
                    () -> choose(at),
                    new Handles.Words(action.label(), "Label of the action", typed -> label(action, typed)));
        }
        double more = place.area().bottom() - header.bar().height();
        handles.edge(new Handles.Edge(
                "handle-header",
                Handles.Way.UP_AND_DOWN,
                place.area().bottom(),
                more + Bar.LOWEST,
                more + Bar.HIGHEST,
                "Drag it for the height of the header",
                y -> Math.round(y - more) + " px high",
                y -> bar(
                        "drag “" + header.shownTitle() + "” to another height",
                        b -> b.withHeight(Math.rint(y - more)))));
    }

    private void removeAll() {
        Header header = now();
        work.edit(HeaderEdits.remove(header));
        around.say("“" + header.shownTitle() + "” is gone, with its actions. Ctrl+Z brings it back.");
    }
}
