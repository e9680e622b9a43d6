package pandel.core.edit.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** What making, changing and taking away a frame does to the links around it. */
class FrameEditsTest {

    private static Effect effect(Prototype p, String link) {
        return p.index().way(link).orElseThrow().link().effect().orElseThrow();
    }

    private static Screen screen(Prototype p, String id) {
        return p.screen(id).orElseThrow();
    }

    private static TabSet tabs(String... roots) {
        return TabSet.of(
                "main",
                "Main",
                Stream.of(roots)
                        .map(r -> new TabSet.Tab("main-" + r, r, "", new Target.ToScreen(r)))
                        .toList());
    }

    @Test
    void whatLedFromTabToTabSwitchesAndWhatLedInLeadsToTheSet() {
        Prototype before = Made.of(
                "door page: in advance shelf; other advance loans",
                "shelf page: loans advance loans; tool advance drill",
                "loans page: shelf replace shelf; out restart door",
                "drill page: home advance shelf; back return");
        TabSet set = tabs("shelf", "loans");
        assertThat(TabSetEdits.switching(before, set))
                .extracting(w -> w.link().id())
                .containsExactlyInAnyOrder("shelf.loans.tap", "loans.shelf.tap", "drill.home.tap");
        Prototype after = TabSetEdits.make(set).applyTo(before);
        assertThat(effect(after, "shelf.loans.tap")).isEqualTo(new Effect.SwitchTab("main-loans"));
        assertThat(effect(after, "loans.shelf.tap")).isEqualTo(new Effect.SwitchTab("main-shelf"));
        assertThat(effect(after, "drill.home.tap")).isEqualTo(new Effect.SwitchTab("main-shelf"));
        assertThat(effect(after, "door.in.tap")).isEqualTo(new Effect.Advance(new Target.ToTabs("main")));
        assertThat(effect(after, "door.other.tap"))
                .isEqualTo(new Effect.Advance(new Target.ToTabs("main", Optional.of("main-loans"), Map.of())));
        assertThat(effect(after, "shelf.tool.tap")).isEqualTo(effect(before, "shelf.tool.tap"));
    }

    @Test
    void theMainEntryLeadsToTheSetWhoseRootItWas() {
        Prototype before = Made.of("shelf page: loans advance loans", "loans page: x return");
        Prototype after = TabSetEdits.make(tabs("loans", "shelf")).applyTo(before);
        assertThat(after.mainEntry().orElseThrow().target())
                .isEqualTo(new Target.ToTabs("main", Optional.of("main-shelf"), Map.of()));
    }

    @Test
    void onlyPagesThatStandBehindNoOtherStripCanBeTabs() {
        Prototype p = Made.of("a page: x advance b", "b page:", "ask dialog: shut close", "tabs main a");
        assertThat(TabSetEdits.whyNot(p, List.of())).isPresent();
        assertThat(TabSetEdits.whyNot(p, List.of(screen(p, "ask"))))
                .contains("“ask” is a dialog; only pages stand behind a strip.");
        assertThat(TabSetEdits.whyNot(p, List.of(screen(p, "b"), screen(p, "a"))))
                .contains("“a” stands behind the strip of “main” already.");
        assertThat(TabSetEdits.whyNot(p, List.of(screen(p, "b")))).isEmpty();
    }

    @Test
    void aStripIsDrawnWhereEachRootLeadsToAllOthers() {
        Prototype p =
                Made.of("a page: b advance b; c advance c", "b page: a replace a; c advance c", "c page: a advance a");
        assertThat(TabSetEdits.isDrawn(p, List.of(screen(p, "a"), screen(p, "b"))))
                .isTrue();
        assertThat(TabSetEdits.isDrawn(p, p.screens())).isFalse();
        assertThat(TabSetEdits.isDrawn(p, List.of(screen(p, "a")))).isFalse();
    }

    @Test
    void aTabThatIsTakenOutTakesItsSwitchesAlong() {
        Prototype before = Made.of(
                "a page: there switch main-b; self switch main-a",
                "b page: x return",
                "door page: in advance $main/b",
                "tabs main a,b first:b");
        TabSet set = before.tabSet("main").orElseThrow();
        Prototype after =
                TabSetEdits.takeOut(set, set.tab("main-b").orElseThrow()).applyTo(before);
        assertThat(after.tabSet("main").orElseThrow().tabs())
                .extracting(TabSet.Tab::id)
                .containsExactly("main-a");
        assertThat(after.index().way("a.there.tap")).isEmpty();
        assertThat(after.index().way("a.self.tap")).isPresent();
        assertThat(effect(after, "door.in.tap")).isEqualTo(new Effect.Advance(new Target.ToTabs("main")));
        TabSet last = after.tabSet("main").orElseThrow();
        Prototype gone = TabSetEdits.takeOut(last, last.tabs().getFirst()).applyTo(after);
        assertThat(gone.tabSets()).isEmpty();
        assertThat(gone.index().way("door.in.tap")).isEmpty();
        assertThat(gone.screens()).hasSize(3);
    }

    @Test
    void tabsAreMovedAddedAndHiddenInOneStepEach() {
        Prototype p = Made.of("a page:", "b page:", "c page:", "tabs main a,b");
        TabSet set = p.tabSet("main").orElseThrow();
        assertThat(TabSetEdits.move(set, 0, 1)
                        .applyTo(p)
                        .tabSet("main")
                        .orElseThrow()
                        .tabs())
                .extracting(TabSet.Tab::label)
                .containsExactly("b", "a");
        TabSet.Tab more = new TabSet.Tab("t", "c", "", new Target.ToScreen("c"));
        assertThat(TabSetEdits.add(set, more)
                        .applyTo(p)
                        .tabSet("main")
                        .orElseThrow()
                        .tabs())
                .extracting(TabSet.Tab::label)
                .containsExactly("a", "b", "c");
        Prototype hidden = TabSetEdits.hide(set, screen(p, "c"), true).applyTo(p);
        assertThat(hidden.tabSet("main").orElseThrow().hiddenOn()).containsExactly("c");
        Prototype shown = TabSetEdits.hide(hidden.tabSet("main").orElseThrow(), screen(p, "c"), false)
                .applyTo(hidden);
        assertThat(shown).isEqualTo(p);
    }

    @Test
    void whatGoesFromPageToPageOfASequenceTurnsIt() {
        Prototype before = Made.of(
                "door page: in advance one; late advance two",
                "one page: on advance two",
                "two page: on replace three; first return to one",
                "three page: done restart door");
        Sequence welcome = Sequence.of("welcome", "Welcome", List.of("one", "two", "three"));
        assertThat(SequenceEdits.turning(before, welcome))
                .extracting(w -> w.link().id())
                .containsExactlyInAnyOrder("one.on.tap", "two.on.tap");
        Prototype after = SequenceEdits.make(welcome).applyTo(before);
        assertThat(effect(after, "one.on.tap")).isEqualTo(new Effect.TurnPage(new PageTurn.To(2)));
        assertThat(effect(after, "two.on.tap")).isEqualTo(new Effect.TurnPage(new PageTurn.To(3)));
        assertThat(effect(after, "two.first.tap")).isEqualTo(effect(before, "two.first.tap"));
        assertThat(effect(after, "door.in.tap")).isEqualTo(new Effect.Advance(new Target.ToSequence("welcome")));
        assertThat(effect(after, "door.late.tap"))
                .isEqualTo(new Effect.Advance(new Target.ToSequence("welcome", Optional.of(2), Map.of())));
    }

    @Test
    void pagesHaveOneForm() {
        Prototype p = Made.of("a page:", "ask dialog: shut close", "b page:");
        assertThat(SequenceEdits.whyNot(List.of())).isPresent();
        assertThat(SequenceEdits.whyNot(List.of(screen(p, "a"), screen(p, "ask"))))
                .contains("“ask” is a dialog and “a” a page; the pages of a sequence have one form.");
        assertThat(SequenceEdits.whyNot(List.of(screen(p, "a"), screen(p, "b"))))
                .isEmpty();
    }

    @Test
    void whatLeadsToAPageByItsNumberFollowsThePage() {
        Prototype before = Made.of(
                "door page: in advance #welcome/2; start advance #welcome",
                "one page: there turn 3",
                "two page:",
                "three page:",
                "sequence welcome one,two,three");
        Sequence welcome = before.sequence("welcome").orElseThrow();
        Prototype moved = SequenceEdits.move(welcome, 1, 2).applyTo(before);
        assertThat(moved.sequence("welcome").orElseThrow().pages()).containsExactly("one", "three", "two");
        assertThat(effect(moved, "door.in.tap").target().orElseThrow())
                .isEqualTo(new Target.ToSequence("welcome", Optional.of(3), Map.of()));
        assertThat(effect(moved, "door.start.tap").target().orElseThrow()).isEqualTo(new Target.ToSequence("welcome"));
        assertThat(effect(moved, "one.there.tap")).isEqualTo(new Effect.TurnPage(new PageTurn.To(2)));
        Prototype out = SequenceEdits.takeOut(welcome, 0).applyTo(before);
        assertThat(out.sequence("welcome").orElseThrow().pages()).containsExactly("two", "three");
        assertThat(effect(out, "door.start.tap").target().orElseThrow()).isEqualTo(new Target.ToSequence("welcome"));
    }

    @Test
    void theLastPageTakenOutTakesTheSequence() {
        Prototype before = Made.of("door page: in advance #welcome", "one page:", "sequence welcome one");
        Prototype after = SequenceEdits.takeOut(before.sequence("welcome").orElseThrow(), 0)
                .applyTo(before);
        assertThat(after.sequences()).isEmpty();
        assertThat(after.index().way("door.in.tap")).isEmpty();
        assertThat(after.screen("one")).isPresent();
    }

    @Test
    void aSignForADrawerStandsOnTheScreensFromWhichNothingOpensIt() {
        Prototype before =
                Made.of("a page drawn: menu draw menu", "b page drawn:", "c page:", "drawer menu x=a on:all");
        Drawer menu = before.drawer("menu").orElseThrow();
        assertThat(DrawerEdits.unsigned(before, menu)).extracting(Screen::id).containsExactly("b", "c");
        Prototype plain = DrawerEdits.sign(menu, "sign", false).applyTo(before);
        SharedHotspot sign = plain.shared().getFirst();
        assertThat(sign.screens()).containsExactly("b", "c");
        assertThat(sign.hotspot().links().getFirst().effect()).contains(new Effect.MoveDrawer("menu", Effect.How.OPEN));
        assertThat(((Picture) screen(plain, "b").mocks().getFirst()).patches()).isEmpty();
        assertThat(DrawerEdits.unsigned(plain, menu)).isEmpty();
        assertThat(DrawerEdits.sign(menu, "again", false).applyTo(plain)).isSameAs(plain);
        Prototype drawn = DrawerEdits.sign(menu, "sign", true).applyTo(before);
        assertThat(((Picture) screen(drawn, "b").mocks().getFirst()).patches())
                .singleElement()
                .satisfies(patch -> assertThat(patch.words()).isEqualTo("≡"));
        assertThat(((Picture) screen(drawn, "a").mocks().getFirst()).patches()).isEmpty();
    }

    @Test
    void theSignOfADrawerAtTheRightStandsAtTheRight() {
        Prototype before = Made.of("a page drawn:", "drawer menu x=a on:all right");
        Drawer menu = before.drawer("menu").orElseThrow();
        assertThat(menu.panel().side()).isEqualTo(PanelSide.RIGHT);
        Hotspot sign = DrawerEdits.sign(menu, "sign", false)
                .applyTo(before)
                .shared()
                .getFirst()
                .hotspot();
        assertThat(sign.areas().values()).allMatch(a -> a.right() == 400 - 8);
    }

    @Test
    void aDrawerTakenAwayTakesWhatOnlyOpenedIt() {
        Prototype before =
                Made.of("a page: menu draw menu; both advance b", "b page: x return", "drawer menu x=a on:all");
        Link both = before.index().way("a.both.tap").orElseThrow().link();
        Prototype mixed = pandel.core.edit.link.LinkEdits.change("", both.branch(0, b -> {
                    List<Effect> effects = new ArrayList<>(b.effects());
                    effects.add(new Effect.MoveDrawer("menu", Effect.How.OPEN));
                    return b.withEffects(effects);
                }))
                .applyTo(before);
        Prototype after =
                DrawerEdits.remove(before.drawer("menu").orElseThrow()).applyTo(mixed);
        assertThat(after.drawers()).isEmpty();
        assertThat(after.index().way("a.menu.tap")).isEmpty();
        assertThat(after.index().way("a.both.tap").orElseThrow().link().effects())
                .containsExactly(new Effect.Advance(new Target.ToScreen("b")));
    }

    @Test
    void itemsAreTypedAsLinesWithSections() {
        Prototype p = Made.of("shelf page:", "loans page:", "drawer menu shelf on:all");
        Drawer menu = p.drawer("menu").orElseThrow();
        List<String> ids = new ArrayList<>(List.of("i1", "i2", "i3"));
        Prototype after = DrawerEdits.type(p, menu, "Loans\n\n  Account: \nSign out\nLOANS", ids::removeFirst)
                .applyTo(p);
        Drawer typed = after.drawer("menu").orElseThrow();
        assertThat(typed.items()).extracting(Drawer.Item::label).containsExactly("shelf", "Loans", "Sign out", "LOANS");
        assertThat(typed.items()).extracting(Drawer.Item::section).containsExactly("", "", "Account", "Account");
        assertThat(typed.item("i1").orElseThrow().does().move())
                .flatMap(Effect::target)
                .map(Target::id)
                .contains("loans");
        assertThat(typed.item("i2").orElseThrow().does()).isEqualTo(Branch.of(List.of()));
        assertThat(DrawerEdits.type(p, menu, "One", () -> "x").name()).isEqualTo("add “One” to “menu”");
    }

    @Test
    void anItemJoinsTheSectionItIsMovedTo() {
        Prototype p = Made.of("a page:", "drawer menu x=a,y=a,z=a on:all");
        Drawer menu = p.drawer("menu")
                .orElseThrow()
                .withItem("menu-y", i -> i.withSection("More"))
                .withItem("menu-z", i -> i.withSection("More"));
        Drawer moved = DrawerEdits.move(menu, 0, 2).applyTo(p).drawer("menu").orElseThrow();
        assertThat(moved.items()).extracting(Drawer.Item::id).containsExactly("menu-y", "menu-z", "menu-x");
        assertThat(moved.items().getLast().section()).isEqualTo("More");
        Drawer less = DrawerEdits.takeOut(menu, menu.items().get(1))
                .applyTo(p)
                .drawer("menu")
                .orElseThrow();
        assertThat(less.items()).extracting(Drawer.Item::id).containsExactly("menu-x", "menu-z");
    }

    @Test
    void aPairIsAListAndItsDetail() {
        Prototype p = Made.of("list page: item advance item", "item page:", "ask dialog: shut close");
        assertThat(PairEdits.whyNot(p, List.of(screen(p, "list")))).isPresent();
        assertThat(PairEdits.whyNot(p, List.of(screen(p, "list"), screen(p, "ask"))))
                .contains("“ask” is a dialog; only pages stand side by side.");
        Pair pair = Pair.of("pair", "list", "item");
        Prototype made = PairEdits.make(pair).applyTo(p);
        assertThat(PairEdits.whyNot(made, List.of(screen(p, "list"), screen(p, "item"))))
                .contains("They stand side by side already.");
        assertThat(PairEdits.change("widen", pair.withShare(60)).applyTo(made).pair("pair"))
                .map(Pair::share)
                .contains(60);
        assertThat(PairEdits.without(made, Set.of("item")).pairs()).isEmpty();
        assertThat(PairEdits.without(made, Set.of("ask"))).isSameAs(made);
        assertThat(PairEdits.remove(pair).applyTo(made)).isEqualTo(p);
    }
}
