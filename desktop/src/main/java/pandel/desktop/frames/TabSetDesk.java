package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.PagePreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/**
 * A tab set: its tabs at the left, the chosen one behind the strip in the middle, beside it as it is at other widths.
 */
public final class TabSetDesk extends PartedDesk {

    private static final double SMALL = 132;
    /** So wide that other widths have room beside what is in use. */
    private static final double ROOMY = 380;

    private final StripSaying strip = new StripSaying(this);
    private final FloatingSaying floating = new FloatingSaying(this);

    private TabSetDesk(Work work, PageHost around, String id, int chosen) {
        super(
                "tab-set-page",
                "Places side by side behind one strip, each tab with a trail of its own. Drag a tab at the left to "
                        + "another place, or move it by Ctrl and an arrow; drag the edge of the strip; press a tab "
                        + "on it twice to type its label; carry the button to another corner.",
                work,
                around,
                id,
                chosen);
    }

    /** Shows a tab set on the desk, the tab whose root is chosen as its chosen one. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype()
                .tabSet(id)
                .ifPresent(s -> around.stand(new TabSetDesk(
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

    @Override
    boolean isThere() {
        return work.prototype().tabSet(id).isPresent();
    }

    TabSet now() {
        return work.prototype().tabSet(id).orElseThrow();
    }

    private Optional<TabSet.Tab> tab() {
        return chosen < now().tabs().size() ? Optional.of(now().tabs().get(chosen)) : Optional.empty();
    }

    void put(String name, UnaryOperator<TabSet> with) {
        change(TabSetEdits.change(name, with.apply(now())));
    }

    @Override
    String first() {
        return "page-" + (chosen + 1);
    }

    @Override
    void fill() {
        TabSet set = now();
        keepTo(set.tabs().size());
        title(
                "tabs-title",
                set.shownTitle(),
                "a tab set",
                typed -> put("call it “" + typed + "”", s -> s.withTitle(typed)));
        offer(Buttons.word("Remove the tab set", "tabs-remove", this::removeAll));
        part(FrameWords.heading("Tabs", Buttons.smallWord("Add a tab…", "tabs-add", this::add)));
        part(new PageStrip(work, around.pictures(), items(set), chosen, this::choose, this::move));
        tab().ifPresent(t -> chosenTab(set, t));
        heads("The strip");
        strip.stands(set);
        if (set.strip().edge() != TabSet.Edge.DRAWN) {
            strip.sizes(set);
            strip.colours(set);
        }
        hidden(set);
        heads("In use");
        strip.inUse(set);
        floating.say(set);
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

    private void chosenTab(TabSet set, TabSet.Tab tab) {
        heads(tab.shownLabel(), Buttons.smallWord("Take this tab out", "tabs-out", this::takeOut));
        boolean first = set.firstTab().filter(tab::equals).isPresent();
        Saying line = say().sign(
                        "tab-sign",
                        tab.sign(),
                        name -> put("give a tab another sign", s -> s.withTab(tab.id(), t -> t.withSign(name))))
                .text(
                        "tab-label",
                        "Label of the tab",
                        tab.label(),
                        "no label",
                        "Press and type",
                        typed -> label(tab, typed))
                .words("leads to")
                .menu("tab-leads", LinkWords.target(work.prototype(), tab.root()), roots(tab));
        if (first) {
            line.words("and the set starts here");
        } else {
            line.press(
                    "Start here",
                    "tab-first",
                    "Who comes to the set comes to this tab",
                    () -> put("start at “" + tab.shownLabel() + "”", s -> s.withFirst(tab.id())));
        }
        say(new ChosenEffects(
                work,
                "Choosing it also does:",
                tab.effects(),
                around::say,
                (effects, facts) -> change(AddedFacts.before(
                        facts,
                        TabSetEdits.change(
                                "change what choosing “" + tab.shownLabel() + "” does",
                                now().withTab(tab.id(), t -> t.withEffects(effects))))),
                this::refresh));
    }

    private void label(TabSet.Tab tab, String typed) {
        put("call a tab “" + typed + "”", s -> s.withTab(tab.id(), t -> t.withLabel(typed)));
    }

    private ContextMenu roots(TabSet.Tab tab) {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .add(Buttons.item(
                        "A screen…",
                        "tab-root-screen",
                        () -> pick(
                                "Where does the tab lead?",
                                pages(),
                                screen -> lead(tab, new Target.ToScreen(screen.id())))));
        for (Sequence sequence : work.prototype().sequences()) {
            menu.getItems()
                    .add(Buttons.item(
                            sequence.shownTitle() + ", a sequence",
                            "tab-root-" + sequence.id(),
                            () -> lead(tab, new Target.ToSequence(sequence.id()))));
        }
        for (TabSet other : work.prototype().tabSets()) {
            if (!other.id().equals(id) && other.tabs().stream().noneMatch(t -> t.root() instanceof Target.ToTabs)) {
                menu.getItems()
                        .add(Buttons.item(
                                other.shownTitle() + ", a tab set",
                                "tab-root-" + other.id(),
                                () -> lead(tab, new Target.ToTabs(other.id()))));
            }
        }
        return menu;
    }

    private void lead(TabSet.Tab tab, Target root) {
        put(
                "lead a tab to “" + LinkWords.target(work.prototype(), root) + "”",
                s -> s.withTab(tab.id(), t -> t.withRoot(root)));
    }

    private void hidden(TabSet set) {
        List<Screen> on = set.hiddenOn().stream()
                .flatMap(s -> work.prototype().screen(s).stream())
                .toList();
        say().words("Hidden on")
                .screens(
                        on,
                        s -> "show-on-" + s.id(),
                        "Show the strip there again",
                        s -> change(TabSetEdits.hide(now(), s, false)))
                .press(
                        on.isEmpty() ? "no screen; hide it on one…" : "and on…",
                        "tabs-hide",
                        "",
                        () -> pick(
                                "Where is the strip hidden?", pages(), s -> change(TabSetEdits.hide(now(), s, true))));
    }

    private List<Screen> pages() {
        return work.prototype().screens().stream()
                .filter(s -> s.form() == Form.PAGE)
                .toList();
    }

    @Override
    Node seen(double wide, double high) {
        TabSet set = now();
        if (tab().isEmpty()) {
            return FrameWords.small("It has no tab yet; add one at the left.");
        }
        boolean beside = set.strip().edge() != TabSet.Edge.DRAWN;
        double room = beside && wide >= ROOMY ? wide - SMALL - 24 : wide;
        Device device = work.device();
        double across = fitting(device, room, high - 24);
        PagePreview page = PagePreview.of(around.pictures(), work.prototype(), set, tab().get(), device, across);
        Handles handles = new Handles(page, across / device.width(), this::refresh);
        new StripHandles(work.prototype(), handles, set, device, this::put)
                .lay(tab().get(), chosen, this::choose, this::label);
        VBox main = new VBox(6, handles, FrameWords.small("on " + device.title()));
        main.setAlignment(Pos.CENTER);
        if (!beside) {
            return main;
        }
        HBox both = new HBox(24, main, looks(set, high));
        both.setAlignment(Pos.CENTER);
        return both;
    }

    /** The strip as it looks on each width, with its screen, and how else it could look there. */
    private VBox looks(TabSet set, double high) {
        VBox column = new VBox(10);
        column.setAlignment(Pos.CENTER);
        column.setMinWidth(SMALL);
        for (Device usual : List.of(Device.PHONE, Device.TABLET, Device.TABLET_ON_ITS_SIDE)) {
            Width width = Widths.USUAL.of(usual.width());
            Device device = usual.withSize(work.prototype().widths().one(width), usual.height());
            TabSet.Side side = set.strip().on(width);
            ChoiceButton look = ChoiceButton.of(
                    "strip-look-" + width.word(),
                    0,
                    "How the strip looks where it is " + width.word()
                            + ": along the edge, as signs at the side, or as a list there",
                    List.of(TabSet.Side.values()),
                    side,
                    to -> width.word() + ": " + StripSaying.words(to),
                    to -> put(
                            "let the strip look otherwise where it is " + width.word(),
                            s -> s.withStrip(s.strip().withLook(width, to))));
            VBox one = new VBox(
                    4,
                    PagePreview.of(
                            around.pictures(),
                            work.prototype(),
                            set,
                            tab().orElseThrow(),
                            device,
                            fitting(device, SMALL, high / 3 - 50)),
                    look);
            one.setAlignment(Pos.CENTER);
            column.getChildren().add(one);
        }
        return column;
    }

    private void add() {
        pick("What is behind the new tab?", pages(), screen -> {
            boolean there = now().tabs().stream().anyMatch(t -> t.root().equals(new Target.ToScreen(screen.id())));
            if (there) {
                around.say("“" + screen.shownTitle() + "” is behind a tab of it already.");
                return;
            }
            chosen = now().tabs().size();
            change(TabSetEdits.add(
                    now(),
                    new TabSet.Tab(
                            work.freshId(screen.shownTitle() + " tab"),
                            screen.shownTitle(),
                            "",
                            new Target.ToScreen(screen.id()))));
        });
    }

    private void takeOut() {
        if (now().tabs().size() <= 1) {
            removeAll();
        } else {
            tab().ifPresent(t -> change(TabSetEdits.takeOut(now(), t)));
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
        around.say("“" + set.shownTitle() + "” is no tab set any more; its screens stay."
                + (gone == 0
                        ? ""
                        : gone == 1
                                ? " The link that led to it went."
                                : " The " + gone + " links that led to it or switched its tabs went.")
                + " Ctrl+Z brings it back.");
    }
}
