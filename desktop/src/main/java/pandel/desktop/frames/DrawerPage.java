package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.model.Attachments;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.DrawerPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** A drawer as what it is: its items as a list, where it is attached, how it comes, and it all out beside its page. */
public final class DrawerPage extends FramePage {

    private static final double HIGHEST = 316;
    private final DrawerMovement movement = new DrawerMovement(this);
    private final FrameAttachment attachment =
            new FrameAttachment(this, "drawer", () -> now().on(), (name, on) -> put(name, d -> d.withOn(on)));
    static final double NUMBER = 52;

    private DrawerPage(Work work, PageHost around, String id, int chosen) {
        super(
                "Drawer",
                "A panel from an edge, with items. Type a name and Enter for each item; a line that ends in a "
                        + "colon begins a section. Drag an item to another place, or move the chosen one by Ctrl "
                        + "and an arrow.",
                work,
                around,
                id,
                chosen);
        setId("drawer-page");
        offer(Buttons.word("Remove the drawer", "drawer-remove", this::removeAll));
        fill();
    }

    /** Shows a drawer above everything. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype().drawer(id).ifPresent(d -> around.show(new DrawerPage(work, around, id, 0)));
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
    void fill() {
        Drawer drawer = now();
        chosen = Math.clamp(chosen, 0, Math.max(0, drawer.items().size() - 1));
        clear();
        Button out = Buttons.smallWord(
                "Take this item out", "drawer-out", () -> item().ifPresent(i -> change(DrawerEdits.takeOut(now(), i))));
        out.setDisable(item().isEmpty());
        TextField title = title(
                "drawer",
                "Title of the drawer",
                () -> now().title(),
                typed -> put("call it “" + typed + "”", d -> d.withTitle(typed)));
        title.setMinWidth(160);
        title.setMaxWidth(160);
        row(title, head(drawer), picture(drawer), spring(), sign(drawer), out);
        ItemList list = new ItemList(work.prototype(), drawer, chosen, this::choose, this::move);
        VBox settings = new VBox(6);
        if (!drawer.items().isEmpty()) {
            settings.getChildren().add(list);
        }
        settings.getChildren().add(typing());
        item().ifPresent(i -> settings.getChildren().add(chosenItem(i)));
        settings.getChildren()
                .addAll(
                        small("The drawer"),
                        movement.comes(drawer),
                        movement.sizes(drawer),
                        movement.lies(drawer),
                        small("Attached to"),
                        attachment.attached(this::pick));
        HBox.setHgrow(settings, Priority.ALWAYS);
        VBox seen = new VBox(6);
        seen.setAlignment(Pos.TOP_CENTER);
        Optional<Screen> screen = Attachments.screens(work.prototype(), drawer.on()).stream()
                .findFirst()
                .or(() -> work.prototype().screens().stream().findFirst());
        screen.ifPresent(s -> {
            DrawerPreview preview = new DrawerPreview(
                    around.pictures(),
                    work.prototype(),
                    drawer,
                    s,
                    work.device(),
                    previewed(HIGHEST),
                    (width, shrinks) -> panel(
                            "drag “" + drawer.shownTitle() + "” to another size",
                            p -> p.withWidth(width).withShrinks(shrinks)));
            preview.setId("drawer-preview");
            Tooltip.install(
                    preview,
                    new Tooltip(
                            drawer.panel().moves() == Moves.REVEALS
                                    ? "Drag sideways for the width, up or down for how far the page shrinks"
                                    : "Drag sideways for the width"));
            seen.getChildren().addAll(preview, Buttons.smallWord("See it come", "drawer-play", preview::play));
        });
        row(settings, seen);
        if (!drawer.items().isEmpty()) {
            list.takeFocus();
        }
    }

    private TextField head(Drawer drawer) {
        TextField head = field("drawer-head", "Words at its head", drawer.head(), 190, typed -> {
            if (!typed.equals(now().head())) {
                put("put words at its head", d -> d.withHead(typed));
            }
        });
        head.setPromptText("words at its head");
        head.setTooltip(new Tooltip("{name} shows a value"));
        return head;
    }

    private Button picture(Drawer drawer) {
        Button button =
                Buttons.smallWord(drawer.picture().isEmpty() ? "Picture…" : "Its picture", "drawer-picture", () -> {});
        button.setTooltip(new Tooltip(drawer.picture()
                .map(p -> "“" + p.source() + "” is at its head")
                .orElse("A PNG, JPEG or SVG at its head, over the words, as wide as the drawer")));
        button.setOnAction(e -> {
            if (drawer.picture().isEmpty()) {
                takePicture();
                return;
            }
            new ContextMenu(
                            Buttons.item("Another picture…", "picture-other", this::takePicture),
                            Buttons.item(
                                    "No picture",
                                    "picture-none",
                                    () -> put(
                                            "take the picture from the head of “" + now().shownTitle() + "”",
                                            d -> d.withPicture(Optional.empty()))))
                    .show(button, Side.BOTTOM, 0, 0);
        });
        return button;
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

    private Button sign(Drawer drawer) {
        Button button = Buttons.smallWord("Put a sign for it…", "drawer-sign", () -> {});
        int screens = DrawerEdits.unsigned(work.prototype(), drawer).size();
        button.setDisable(screens == 0);
        button.setTooltip(new Tooltip(
                screens == 0
                        ? "Something on each of its screens opens it"
                        : "In the corner of the " + (screens == 1 ? "one screen" : screens + " screens")
                                + " from which nothing opens it yet"));
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu(
                    Buttons.item(
                            "Draw a sign in the corner of its screens",
                            "sign-drawn",
                            () -> change(DrawerEdits.sign(now(), work.freshId("open " + now().title()), true))),
                    Buttons.item(
                            "A hotspot alone: the pictures have a sign",
                            "sign-bare",
                            () -> change(DrawerEdits.sign(now(), work.freshId("open " + now().title()), false))));
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    /** Where items are typed, a line each. */
    private TextArea typing() {
        TextArea area = new TextArea();
        area.setId("drawer-type");
        area.getStyleClass().add("type-list");
        area.setPromptText("Type an item, Enter; a colon at its end makes it a section");
        area.setAccessibleText("New items, a line each");
        area.setPrefRowCount(1);
        area.setMinHeight(30);
        area.setPrefHeight(30);
        area.setMaxWidth(500);
        area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !area.getText().isBlank()) {
                e.consume();
                Set<String> taken = new LinkedHashSet<>(work.prototype().index().ids());
                work.edit(DrawerEdits.type(
                        work.prototype(),
                        now(),
                        area.getText(),
                        () -> work.naming().take("item", taken)));
                chosen = Math.max(0, now().items().size() - 1);
                fill();
                lookup("#drawer-type").requestFocus();
            }
        });
        return area;
    }

    private HBox chosenItem(Drawer.Item item) {
        TextField label = field("item-label", "Label of the item", item.label(), 108, typed -> {
            if (!typed.equals(item.label())) {
                put("call an item “" + typed + "”", d -> d.withItem(item.id(), i -> i.withLabel(typed)));
            }
        });
        label.setPromptText("no label");
        Button sign = SignPage.button(
                this,
                "item-sign",
                item.sign(),
                name -> put("give an item another sign", d -> d.withItem(item.id(), i -> i.withSign(name))));
        Button to = new Button(LinkWords.effect(work.prototype(), item.link()));
        to.getStyleClass().add("choice");
        to.setId("item-leads");
        to.setMnemonicParsing(false);
        to.setMaxWidth(184);
        to.setOnAction(e -> targets(item).show(to, Side.BOTTOM, 0, 0));
        TextField section = field("item-section", "Section it stands in", item.section(), 118, typed -> {
            if (!typed.equals(item.section())) {
                put("put an item in a section", d -> d.withItem(item.id(), i -> i.withSection(typed)));
            }
        });
        section.setPromptText("no section");
        return line(
                label,
                sign,
                to,
                section,
                ChoiceButton.either(
                        "item-held",
                        120,
                        "Where it stands",
                        item.held(),
                        "at the bottom",
                        "in the list",
                        held -> put(
                                held ? "hold an item at the bottom" : "put an item in the list",
                                d -> d.withItem(item.id(), i -> i.withHeld(held)))));
    }

    private ContextMenu targets(Drawer.Item item) {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .add(Buttons.item(
                        "A screen…",
                        "item-screen",
                        () -> pick(
                                work.prototype().screens(),
                                screen -> work.edit(DrawerEdits.change(
                                        "lead an item to “" + screen.shownTitle() + "”",
                                        now().withItem(
                                                        item.id(),
                                                        i -> i.withDoes(
                                                                i.does().doing(Fitting.fromDrawer(screen)))))))));
        for (TabSet set : work.prototype().tabSets()) {
            menu.getItems()
                    .add(Buttons.item(
                            set.shownTitle() + ", a tab set",
                            "item-to-" + set.id(),
                            () -> lead(item, new Effect.Restart(new Target.ToTabs(set.id())))));
            set.tabs()
                    .forEach(t -> menu.getItems()
                            .add(Buttons.item(
                                    "Its tab " + t.shownLabel(),
                                    "item-tab-" + t.id(),
                                    () -> lead(item, new Effect.SwitchTab(t.id())))));
        }
        for (Sequence sequence : work.prototype().sequences()) {
            menu.getItems()
                    .add(Buttons.item(
                            sequence.shownTitle() + ", a sequence",
                            "item-to-" + sequence.id(),
                            () -> lead(item, new Effect.Restart(new Target.ToSequence(sequence.id())))));
        }
        menu.getItems().add(Buttons.item("Anything else, as a sentence…", "item-sentence", () -> sentence(item)));
        return menu;
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

    void pick(List<Screen> among, Consumer<Screen> picked) {
        int at = chosen;
        around.pick("Which screen?", among, s -> "", screen -> {
            picked.accept(screen);
            around.show(new DrawerPage(work, around, id, at));
        });
    }

    @Override
    Edit moved(int from, int to) {
        return DrawerEdits.move(now(), from, to);
    }

    private void removeAll() {
        Drawer drawer = now();
        around.dismiss();
        work.edit(DrawerEdits.remove(drawer));
        around.say("“" + drawer.shownTitle()
                + "” is gone, with the links that only opened or closed it. Ctrl+Z brings it back.");
    }
}
