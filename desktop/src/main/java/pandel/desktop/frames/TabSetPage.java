package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.PagePreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** A tab set as what it is: its tabs in order, each with its sign and where it leads, and the strip as it is seen. */
public final class TabSetPage extends FramePage {

    private static final double HIGHEST = 310;
    private final TabStripSettings stripSettings = new TabStripSettings(this);
    static final double LOOKS_HIGH = 84;

    private TabSetPage(Work work, PageHost around, String id, int chosen) {
        super(
                "Tab set",
                "Places side by side behind one strip, each tab with a trail of its own. Drag a tab to another "
                        + "place, or move the chosen one by Ctrl and an arrow.",
                work,
                around,
                id,
                chosen);
        setId("tab-set-page");
        offer(Buttons.word("Remove the tab set", "tabs-remove", this::removeAll));
        fill();
    }

    /** Shows a tab set above everything, the tab whose root is chosen as its chosen one. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype()
                .tabSet(id)
                .ifPresent(s -> around.show(new TabSetPage(
                        work,
                        around,
                        id,
                        Math.max(
                                0,
                                s.tabs().stream()
                                        .map(t -> Targets.shownId(work.prototype(), t.root()))
                                        .toList()
                                        .indexOf(work.selection().screen())))));
    }

    private TabSet now() {
        return work.prototype().tabSet(id).orElseThrow();
    }

    TabSet.Tab tab() {
        return now().tabs().get(chosen);
    }

    @Override
    void fill() {
        TabSet set = now();
        chosen = Math.clamp(chosen, 0, Math.max(0, set.tabs().size() - 1));
        clear();
        row(
                title(
                        "tabs",
                        "Title of the tab set",
                        () -> now().title(),
                        typed -> put("call it “" + typed + "”", s -> s.withTitle(typed))),
                spring(),
                Buttons.smallWord("Add a tab…", "tabs-add", this::add),
                Buttons.smallWord("Take this tab out", "tabs-out", this::takeOut));
        PageStrip strip = new PageStrip(work, around.pictures(), items(set), chosen, this::choose, this::move);
        VBox settings = new VBox(6);
        settings.getChildren().add(strip);
        if (!set.tabs().isEmpty()) {
            settings.getChildren().addAll(chosenTab(set), besides(tab()));
        }
        settings.getChildren()
                .addAll(
                        small("The strip"),
                        stripSettings.strip(set),
                        stripSettings.sizes(set),
                        small("In use"),
                        stripSettings.inUse(set),
                        hidden(set),
                        floating(set));
        HBox.setHgrow(settings, Priority.ALWAYS);
        if (set.tabs().isEmpty()) {
            row(settings);
        } else {
            row(
                    settings,
                    set.strip().edge() == TabSet.Edge.DRAWN
                            ? PagePreview.of(
                                    around.pictures(), work.prototype(), set, tab(), work.device(), previewed(HIGHEST))
                            : stripSettings.looks(set));
            strip.takeFocus();
        }
    }

    private List<PageStrip.Item> items(TabSet set) {
        List<PageStrip.Item> items = new ArrayList<>();
        set.tabs()
                .forEach(t -> items.add(new PageStrip.Item(
                        Targets.shown(work.prototype(), t.root())
                                .orElseGet(() -> Screen.page("", t.root().id() + " (removed)")),
                        t.shownLabel())));
        return items;
    }

    private HBox chosenTab(TabSet set) {
        TabSet.Tab tab = tab();
        TextField label = field("tab-label", "Label of the tab", tab.label(), 120, typed -> {
            if (!typed.equals(tab().label())) {
                put("call a tab “" + typed + "”", s -> s.withTab(tab.id(), t -> t.withLabel(typed)));
            }
        });
        label.setPromptText("no label");
        Button sign = SignPage.button(this, "tab-sign", tab.sign(), this::sign);
        Button to = new Button("leads to " + LinkWords.target(work.prototype(), tab.root()));
        to.getStyleClass().add("choice");
        to.setId("tab-leads");
        to.setMnemonicParsing(false);
        to.setMaxWidth(200);
        to.setOnAction(e -> roots().show(to, Side.BOTTOM, 0, 0));
        boolean first = set.firstTab().filter(tab::equals).isPresent();
        Button starts = Buttons.plain(
                first ? "starts here" : "start here",
                "tab-first",
                () -> put("start at “" + tab.shownLabel() + "”", s -> s.withFirst(tab.id())));
        starts.setDisable(first);
        return line(label, sign, to, starts);
    }

    private ChosenEffects besides(TabSet.Tab tab) {
        return new ChosenEffects(
                work,
                "choosing it also:",
                tab.effects(),
                around::say,
                (effects, facts) -> change(AddedFacts.before(
                        facts,
                        TabSetEdits.change(
                                "change what choosing “" + tab.shownLabel() + "” does",
                                now().withTab(tab.id(), t -> t.withEffects(effects))))),
                this::fill);
    }

    private void sign(String name) {
        put("give a tab another sign", s -> s.withTab(tab().id(), t -> t.withSign(name)));
    }

    private ContextMenu roots() {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .add(Buttons.item(
                        "A screen…",
                        "tab-root-screen",
                        () -> pick(screen -> {
                            work.edit(TabSetEdits.change(
                                    "lead a tab to “" + screen.shownTitle() + "”",
                                    now().withTab(tab().id(), t -> t.withRoot(new Target.ToScreen(screen.id())))));
                            return chosen;
                        })));
        for (Sequence sequence : work.prototype().sequences()) {
            menu.getItems()
                    .add(Buttons.item(
                            sequence.shownTitle() + ", a sequence",
                            "tab-root-" + sequence.id(),
                            () -> lead(new Target.ToSequence(sequence.id()))));
        }
        for (TabSet other : work.prototype().tabSets()) {
            if (!other.id().equals(id) && other.tabs().stream().noneMatch(t -> t.root() instanceof Target.ToTabs)) {
                menu.getItems()
                        .add(Buttons.item(
                                other.shownTitle() + ", a tab set",
                                "tab-root-" + other.id(),
                                () -> lead(new Target.ToTabs(other.id()))));
            }
        }
        return menu;
    }

    private void lead(Target root) {
        put(
                "lead a tab to “" + LinkWords.target(work.prototype(), root) + "”",
                s -> s.withTab(tab().id(), t -> t.withRoot(root)));
    }

    /**
     * The button that floats over its places: none, or its sign, where it leads, and the looks with which it is there.
     */
    private VBox floating(TabSet set) {
        HBox line = line();
        if (set.button().isEmpty()) {
            line.getChildren().add(small("floating"));
            line.getChildren()
                    .add(Buttons.smallWord(
                            "no button; put one over its places…",
                            "tabs-button",
                            () -> pick(work.prototype().screens(), screen -> {
                                Link link = Link.of(
                                        work.freshId("button"),
                                        new Cause.Touch(Gesture.TAP),
                                        Fitting.leadingTo(screen));
                                work.edit(TabSetEdits.change(
                                        "put a button on “" + set.shownTitle() + "”",
                                        now().withButton(Optional.of(new TabSet.Floating(link, "cross")))));
                                return chosen;
                            })));
            return new VBox(line);
        }
        TabSet.Floating button = set.button().get();
        Button sign = SignPage.button(
                this,
                "button-sign",
                button.sign().isEmpty() ? "cross" : button.sign(),
                name -> put("give the button another sign", s -> s.withButton(Optional.of(button.withSign(name)))));
        Button does = new Button(LinkWords.effect(work.prototype(), button.link()));
        does.getStyleClass().add("choice");
        does.setId("button-does");
        does.setMnemonicParsing(false);
        does.setMaxWidth(260);
        does.setTooltip(new Tooltip("To its sentence on the desk"));
        does.setOnAction(e -> sentence(button.link()));
        line.getChildren()
                .addAll(
                        small("floating"),
                        sign,
                        does,
                        Buttons.smallWord(
                                "Take it away",
                                "button-away",
                                () -> put("take the button away", s -> s.withButton(Optional.empty()))));
        HBox looks = line();
        for (TabSet.Side look : TabSet.Side.values()) {
            looks.getChildren()
                    .add(captioned(
                            ChoiceButton.of(
                                    "button-" + look.word().replace(' ', '-'),
                                    124,
                                    "Where it floats with the " + look.word(),
                                    Stream.of(TabSet.At.values())
                                            .filter(at -> look != TabSet.Side.STRIP || !at.isAmongTabs())
                                            .toList(),
                                    button.on(look),
                                    at -> at.isAmongTabs() ? at.word() + " of the tabs" : at.word(),
                                    at -> put(
                                            "place the button otherwise",
                                            s -> s.withButton(Optional.of(button.on(look, at))))),
                            "with the " + look.word()));
        }
        looks.getChildren()
                .add(captioned(
                        number(
                                "button-size",
                                "px a side",
                                (int) Math.round(button.size()),
                                TabSet.Floating.SMALLEST,
                                TabSet.Floating.LARGEST,
                                52,
                                n -> put(
                                        "size the button otherwise",
                                        s -> s.withButton(Optional.of(button.withSize(n))))),
                        "px a side"));
        return new VBox(2, line, looks);
    }

    /** On the desk, on the first of its screens. */
    private void sentence(Link link) {
        now().tabs().stream()
                .flatMap(t -> Targets.shown(work.prototype(), t.root()).stream())
                .findFirst()
                .ifPresent(screen -> sentence(screen, link.id()));
    }

    private HBox hidden(TabSet set) {
        HBox line = line();
        line.getChildren().add(small("hidden"));
        set.hiddenOn().stream()
                .flatMap(s -> work.prototype().screen(s).stream())
                .forEach(s -> {
                    Button show = Buttons.smallWord(
                            s.shownTitle() + " ×",
                            "show-on-" + s.id(),
                            () -> change(TabSetEdits.hide(now(), s, false)));
                    show.setTooltip(new Tooltip("Show the strip there again"));
                    line.getChildren().add(show);
                });
        line.getChildren()
                .add(Buttons.smallWord(
                        set.hiddenOn().isEmpty() ? "on no screen; hide it on one…" : "and on…",
                        "tabs-hide",
                        () -> pick(screen -> {
                            work.edit(TabSetEdits.hide(now(), screen, true));
                            return chosen;
                        })));
        return line;
    }

    private void pick(ToIntFunction<Screen> picked) {
        pick(
                work.prototype().screens().stream()
                        .filter(s -> s.form() == Form.PAGE)
                        .toList(),
                picked);
    }

    private void pick(List<Screen> among, ToIntFunction<Screen> picked) {
        around.pick("Which screen?", among, s -> "", screen -> {
            int shown = picked.applyAsInt(screen);
            around.show(new TabSetPage(work, around, id, shown));
        });
    }

    private void add() {
        pick(screen -> {
            Optional<String> why =
                    now().tabs().stream().anyMatch(t -> t.root().equals(new Target.ToScreen(screen.id())))
                            ? Optional.of("“" + screen.shownTitle() + "” is behind a tab of it already.")
                            : Optional.empty();
            why.ifPresentOrElse(
                    around::say,
                    () -> work.edit(TabSetEdits.add(
                            now(),
                            new TabSet.Tab(
                                    work.freshId(screen.shownTitle() + " tab"),
                                    screen.shownTitle(),
                                    "",
                                    new Target.ToScreen(screen.id())))));
            return now().tabs().size() - 1;
        });
    }

    private void takeOut() {
        if (now().tabs().size() <= 1) {
            removeAll();
        } else {
            change(TabSetEdits.takeOut(now(), tab()));
        }
    }

    @Override
    Edit moved(int from, int to) {
        return TabSetEdits.move(now(), from, to);
    }

    private void removeAll() {
        TabSet set = now();
        int before = work.prototype().index().ways().size() - set.tabs().size();
        work.edit(TabSetEdits.remove(set));
        int gone = before - work.prototype().index().ways().size();
        around.dismiss();
        around.say("“" + set.shownTitle() + "” is no tab set any more; its screens stay."
                + (gone == 0
                        ? ""
                        : gone == 1
                                ? " The link that led to it went."
                                : " The " + gone + " links that led to it or switched its tabs went.")
                + " Ctrl+Z brings it back.");
    }

    void put(String name, UnaryOperator<TabSet> with) {
        change(TabSetEdits.change(name, with.apply(now())));
    }
}
