package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.TextArea;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.model.Attachments;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.DrawerPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** A drawer: its items at the left as a list, it all out beside or over its page in the middle. */
public final class DrawerDesk extends PartedDesk {

    private final DrawerSaying panel = new DrawerSaying(this);
    private final AttachedSaying attached =
            new AttachedSaying(this, "drawer", () -> now().on(), (name, on) -> put(name, d -> d.withOn(on)));

    private DrawerDesk(Work work, PageHost around, String id) {
        super(
                "drawer-page",
                "A panel from an edge, with items. Type a name and Enter for each; a line that ends in a colon begins a "
                        + "section. Drag an item to another place, or move it by Ctrl and an arrow; drag the drawer’s "
                        + "edge; press an item on it twice to type its label.",
                work,
                around,
                id,
                0);
    }

    /** Shows a drawer on the desk. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype().drawer(id).ifPresent(d -> around.stand(new DrawerDesk(work, around, id)));
    }

    /**
     * Makes one that leads to some screens in order, and is attached to them; without screens one without items,
     * attached to all pages. Shows it.
     */
    public static void make(Work work, PageHost around, List<Screen> screens) {
        Set<String> taken = new LinkedHashSet<>(work.prototype().index().ids());
        List<Drawer.Item> items = new ArrayList<>();
        for (Screen screen : screens) {
            String item = work.naming().take(screen.shownTitle() + " item", taken);
            items.add(new Drawer.Item(item, screen.shownTitle(), "", "", false, Branch.of(Fitting.fromDrawer(screen))));
        }
        String title = "Menu"
                + (work.prototype().drawers().isEmpty()
                        ? ""
                        : " " + (work.prototype().drawers().size() + 1));
        Drawer made = Drawer.of(
                work.freshId(title),
                title,
                items,
                screens.isEmpty()
                        ? Attached.ALL
                        : Attached.to(screens.stream().map(Screen::id).toList()));
        work.edit(DrawerEdits.make(made));
        open(work, around, made.id());
    }

    @Override
    boolean isThere() {
        return work.prototype().drawer(id).isPresent();
    }

    Drawer now() {
        return work.prototype().drawer(id).orElseThrow();
    }

    private Optional<Drawer.Item> item() {
        return chosen < now().items().size() ? Optional.of(now().items().get(chosen)) : Optional.empty();
    }

    void put(String name, UnaryOperator<Drawer> change) {
        change(DrawerEdits.change(name, change.apply(now())));
    }

    void panel(String name, UnaryOperator<Panel> change) {
        put(name, d -> d.withPanel(change.apply(d.panel())));
    }

    @Override
    Edit moved(int from, int to) {
        return DrawerEdits.move(now(), from, to);
    }

    @Override
    String first() {
        return now().items().isEmpty() ? "drawer-type" : "item-" + (chosen + 1);
    }

    @Override
    void fill() {
        Drawer drawer = now();
        keepTo(drawer.items().size());
        title(
                "drawer-title",
                drawer.shownTitle(),
                "a drawer",
                typed -> put("call it “" + typed + "”", d -> d.withTitle(typed)));
        offer(Buttons.word("Remove the drawer", "drawer-remove", this::removeAll));
        part(FrameWords.heading("Items"));
        if (!drawer.items().isEmpty()) {
            part(new ItemList(work.prototype(), drawer, chosen, this::choose, this::move));
        }
        part(typing());
        item().ifPresent(this::chosenItem);
        heads("The drawer");
        panel.comes(drawer);
        panel.lies(drawer);
        panel.colours(drawer);
        head(drawer);
        heads("Attached to");
        attached.say();
        sign(drawer);
    }

    private void head(Drawer drawer) {
        Saying line = say().words("At its head:")
                .text("drawer-head", "Words at its head", drawer.head(), "no words", "{name} shows a value", this::head)
                .words("over");
        if (drawer.picture().isEmpty()) {
            line.press(
                    "no picture; take one…",
                    "drawer-picture",
                    "A PNG, JPEG or SVG at its head, over the words, as wide as the drawer",
                    this::takePicture);
        } else {
            line.menu(
                    "drawer-picture",
                    "a picture",
                    new ContextMenu(
                            Buttons.item("Another picture…", "picture-other", this::takePicture),
                            Buttons.item(
                                    "No picture",
                                    "picture-none",
                                    () -> put(
                                            "take the picture from the head of “" + now().shownTitle() + "”",
                                            d -> d.withPicture(Optional.empty())))));
        }
    }

    private void head(String typed) {
        put("put words at its head", d -> d.withHead(typed));
    }

    private void takePicture() {
        around.takePicture(
                "A picture for the head of “" + now().shownTitle() + "”",
                picture -> work.prototype()
                        .drawer(id)
                        .ifPresent(d -> put(
                                "put a picture at the head of “" + d.shownTitle() + "”",
                                other -> other.withPicture(Optional.of(picture)))));
    }

    /** Screens from which nothing opens it yet. */
    private void sign(Drawer drawer) {
        int screens = DrawerEdits.unsigned(work.prototype(), drawer).size();
        if (screens == 0) {
            return;
        }
        say().words(screens == 1 ? "On one of them nothing opens it:" : "On " + screens + " of them nothing opens it:")
                .menu(
                        "drawer-sign",
                        "put a sign for it",
                        new ContextMenu(
                                Buttons.item(
                                        "Draw a sign in the corner of its screens",
                                        "sign-drawn",
                                        () -> change(
                                                DrawerEdits.sign(now(), work.freshId("open " + now().title()), true))),
                                Buttons.item(
                                        "A hotspot alone: the pictures have a sign",
                                        "sign-bare",
                                        () -> change(DrawerEdits.sign(
                                                now(), work.freshId("open " + now().title()), false)))));
    }

    /** Where items are typed, a line each. */
    private TextArea typing() {
        TextArea area = new TextArea();
        area.setId("drawer-type");
        area.getStyleClass().add("type-list");
        area.setPromptText("Type an item, Enter");
        area.setAccessibleText("New items, a line each");
        area.setTooltip(new Tooltip("A line that ends in a colon begins a section"));
        area.setPrefRowCount(1);
        area.setMinHeight(30);
        area.setPrefHeight(30);
        area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !area.getText().isBlank()) {
                e.consume();
                Set<String> taken = new LinkedHashSet<>(work.prototype().index().ids());
                chosen = Integer.MAX_VALUE;
                work.edit(DrawerEdits.type(
                        work.prototype(),
                        now(),
                        area.getText(),
                        () -> work.naming().take("item", taken)));
                lookup("#drawer-type").requestFocus();
            }
        });
        return area;
    }

    private void chosenItem(Drawer.Item item) {
        heads(
                item.shownLabel(),
                Buttons.smallWord("Take this item out", "drawer-out", () -> change(DrawerEdits.takeOut(now(), item))));
        say().sign(
                        "item-sign",
                        item.sign(),
                        name -> put("give an item another sign", d -> d.withItem(item.id(), i -> i.withSign(name))))
                .text(
                        "item-label",
                        "Label of the item",
                        item.label(),
                        "no label",
                        "Press and type",
                        typed -> label(item, typed))
                .words("does:")
                .menu(
                        "item-leads",
                        LinkWords.effect(work.prototype(), item.link()),
                        DrawerTargets.of(this, item, effect -> lead(item, effect), () -> sentence(item)));
        say().words("It stands")
                .either(
                        "item-held",
                        "Where it stands",
                        item.held(),
                        "at the bottom",
                        "in the list",
                        held -> put(
                                held ? "hold an item at the bottom" : "put an item in the list",
                                d -> d.withItem(item.id(), i -> i.withHeld(held))))
                .words("in the section")
                .text(
                        "item-section",
                        "Section it stands in",
                        item.section(),
                        "none",
                        "Press and type; emptied it stands in none",
                        typed ->
                                put("put an item in a section", d -> d.withItem(item.id(), i -> i.withSection(typed))));
    }

    private void label(Drawer.Item item, String typed) {
        put("call an item “" + typed + "”", d -> d.withItem(item.id(), i -> i.withLabel(typed)));
    }

    private void lead(Drawer.Item item, Effect effect) {
        put(
                "lead an item elsewhere",
                d -> d.withItem(item.id(), i -> i.withDoes(i.does().doing(effect))));
    }

    /** On the desk, on a screen it is attached to. */
    private void sentence(Drawer.Item item) {
        Attachments.screens(work.prototype(), now().on()).stream()
                .findFirst()
                .ifPresentOrElse(
                        screen -> sentence(screen, item.id()),
                        () -> around.say(
                                "Attach the drawer to a screen first; its items are then among the ways out of it."));
    }

    @Override
    Node seen(double wide, double high) {
        Drawer drawer = now();
        Optional<Screen> screen = Attachments.screens(work.prototype(), drawer.on()).stream()
                .findFirst()
                .or(() -> work.prototype().screens().stream().findFirst());
        if (screen.isEmpty()) {
            return FrameWords.small("There is no screen yet for it to stand beside.");
        }
        Device device = work.device();
        double across = fitting(device, wide, high - 30);
        DrawerPreview preview =
                new DrawerPreview(around.pictures(), work.prototype(), drawer, screen.get(), device, across);
        preview.setId("drawer-preview");
        Handles handles = new Handles(preview, across / device.width(), this::refresh);
        handles(handles, drawer, preview.place(), device);
        VBox column = new VBox(6, handles, Buttons.smallWord("See it come", "drawer-play", preview::play));
        column.setAlignment(Pos.CENTER);
        return column;
    }

    private void handles(Handles handles, Drawer drawer, DrawerPlace place, Device device) {
        Area area = place.area();
        if (place.head() > 0 || !drawer.head().isEmpty()) {
            handles.words(
                    "on-drawer-head",
                    new Area(area.x(), area.y(), area.width(), Math.max(24, place.head())),
                    "The head",
                    new Handles.Words(drawer.head(), "Words at its head", this::head));
        }
        List<String> ids = drawer.items().stream().map(Drawer.Item::id).toList();
        Stream.concat(place.rows().stream().filter(r -> r.area().bottom() <= place.seen()), place.held().stream())
                .forEach(row -> row.item().ifPresent(item -> {
                    int at = ids.indexOf(item.id());
                    handles.part(
                            "on-item-" + (at + 1),
                            row.area(),
                            at == chosen,
                            "“" + item.shownLabel() + "”",
                            () -> choose(at),
                            new Handles.Words(item.label(), "Label of the item", typed -> label(item, typed)));
                }));
        Panel look = drawer.panel();
        boolean left = look.side() == PanelSide.LEFT;
        handles.edge(new Handles.Edge(
                "handle-drawer",
                Handles.Way.SIDEWAYS,
                left ? area.right() : area.x(),
                left ? area.x() + 40 : area.right() - 40,
                left ? device.width() : 0,
                "Drag it for the width of the drawer",
                x -> look.share() > 0 ? share(area, x, left, device) + " % wide" : width(area, x, left) + " px wide",
                x -> panel(
                        "drag “" + drawer.shownTitle() + "” to another size",
                        p -> look.share() > 0
                                ? p.withShare(share(area, x, left, device))
                                : p.withWidth(width(area, x, left)))));
        if (look.moves() == Moves.REVEALS) {
            double high = device.height();
            handles.edge(new Handles.Edge(
                    "handle-page",
                    Handles.Way.UP_AND_DOWN,
                    high * (100 - look.shrinks()) / 200,
                    0,
                    high * (100 - Panel.LEAST_SHRUNK) / 200,
                    "Drag it for how far the page shrinks",
                    y -> "the page at " + shrinks(y, high) + " %",
                    y -> panel("shrink the page to " + shrinks(y, high) + " %", p -> p.withShrinks(shrinks(y, high)))));
        }
    }

    private static int shrinks(double y, double high) {
        return Math.clamp(Math.round(100 - 200 * y / high), Panel.LEAST_SHRUNK, 100);
    }

    private static double width(Area area, double x, boolean left) {
        return Math.max(1, Math.rint(left ? x - area.x() : area.right() - x));
    }

    private static int share(Area area, double x, boolean left, Device device) {
        return Math.clamp(Math.round(100 * width(area, x, left) / device.width()), 1, 100);
    }

    private void removeAll() {
        Drawer drawer = now();
        work.edit(DrawerEdits.remove(drawer));
        around.say("“" + drawer.shownTitle()
                + "” is gone, with the links that only opened or closed it. Ctrl+Z brings it back.");
    }
}
