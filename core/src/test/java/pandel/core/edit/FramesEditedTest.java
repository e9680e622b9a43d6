package pandel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.finding.Rule;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.PairEdits;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;

/** Tab sets, sequences, drawers and pairs made of what is there, changed, and bereft of it. */
class FramesEditedTest {

    private static TabSet tabs(String id, String... roots) {
        return TabSet.of(
                id,
                id,
                Stream.of(roots)
                        .map(r -> new TabSet.Tab(id + "-" + r, r, "", new Target.ToScreen(r)))
                        .toList());
    }

    private static Effect effect(Prototype p, String link) {
        return p.index().way(link).orElseThrow().link().effect().orElseThrow();
    }

    private static boolean isThere(Prototype p, Target target) {
        return switch (target) {
            case Target.ToScreen to -> p.screen(to.id()).isPresent();
            case Target.ToSequence to ->
                p.sequence(to.id())
                        .filter(s -> to.first() >= 1 && to.first() <= s.pages().size())
                        .isPresent();
            case Target.ToTabs to ->
                p.tabSet(to.id())
                        .filter(s -> to.tab().isEmpty() || s.tab(to.tab().get()).isPresent())
                        .isPresent();
        };
    }

    /** What links, tabs, entries and frames lead to and is not there. */
    private static Set<String> missing(Prototype p) {
        Set<String> missing = new TreeSet<>();
        Stream.concat(
                        p.index().ways().stream()
                                .flatMap(w -> w.link().effects())
                                .flatMap(e -> e.target().stream()),
                        p.entries().stream().map(e -> e.target()))
                .filter(t -> !isThere(p, t))
                .forEach(t -> missing.add(t.id()));
        p.index().ways().stream().flatMap(w -> w.link().effects()).forEach(e -> {
            if (e instanceof Effect.SwitchTab to && p.tabSetOf(to.tab()).isEmpty()) {
                missing.add(to.tab());
            } else if (e instanceof Effect.MoveDrawer to
                    && p.drawer(to.drawer()).isEmpty()) {
                missing.add(to.drawer());
            }
        });
        p.tabSets()
                .forEach(s -> s.tabs().stream()
                        .filter(t -> !isThere(p, t.root()))
                        .forEach(t -> missing.add(t.root().id())));
        p.sequences()
                .forEach(s ->
                        s.pages().stream().filter(id -> p.screen(id).isEmpty()).forEach(missing::add));
        p.pairs()
                .forEach(l -> Stream.of(l.list(), l.detail())
                        .filter(id -> p.screen(id).isEmpty())
                        .forEach(missing::add));
        p.drawers()
                .forEach(d -> d.on().screens().stream()
                        .filter(id -> p.screen(id).isEmpty())
                        .forEach(missing::add));
        return missing;
    }

    /**
     * A removed screen that was a tab, a page, a detail, or what an item leads to, leaves nothing that hangs in the
     * air.
     */
    @Property(tries = 150)
    void aRemovedScreenIsGoneFromAllFrames(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 14) int size, @ForAll boolean nasty) {
        Prototype before = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 1);
        for (Screen screen : before.screens()) {
            Prototype after = ScreenEdits.remove(List.of(screen)).applyTo(before);
            assertThat(missing(before)).containsAll(missing(after));
            assertThat(after.tabSets())
                    .noneMatch(s -> s.tabs().isEmpty()
                            && before.tabSet(s.id())
                                    .filter(old -> !old.tabs().isEmpty())
                                    .isPresent());
            assertThat(after.sequences()).noneMatch(s -> s.pages().contains(screen.id()));
            assertThat(after.index().ids()).doesNotContain(screen.id());
        }
    }

    /** A frame taken away takes what led to it along, and no screen. */
    @Property(tries = 150)
    void aFrameTakenAwayLeavesItsScreens(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 14) int size, @ForAll boolean nasty) {
        Prototype before = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 1);
        List<Edit> edits = new ArrayList<>();
        before.tabSets().forEach(s -> edits.add(TabSetEdits.remove(s)));
        before.sequences().forEach(s -> edits.add(SequenceEdits.remove(s)));
        before.drawers().forEach(d -> edits.add(DrawerEdits.remove(d)));
        before.pairs().forEach(l -> edits.add(PairEdits.remove(l)));
        before.tabSets().forEach(s -> s.tabs().forEach(t -> edits.add(TabSetEdits.takeOut(s, t))));
        before.sequences().stream()
                .filter(s -> !s.pages().isEmpty())
                .forEach(s -> edits.add(SequenceEdits.takeOut(s, s.pages().size() - 1)));
        for (Edit edit : edits) {
            Prototype after = edit.applyTo(before);
            assertThat(after).as(edit.name()).isNotEqualTo(before);
            assertThat(missing(before)).as(edit.name()).containsAll(missing(after));
            assertThat(ids(after.screens())).isEqualTo(ids(before.screens()));
        }
    }

    private static Set<String> ids(List<Screen> screens) {
        return screens.stream().map(Screen::id).collect(Collectors.toSet());
    }

    /** Whatever is carried to another place and back is where it was. */
    @Property(tries = 80)
    void whatIsMovedAndMovedBackIsAsItWas(@ForAll long seed, @ForAll @IntRange(min = 4, max = 14) int size) {
        Prototype p = Generated.of(size, seed, Kind.USUAL, 0);
        p.tabSets().stream().filter(s -> s.tabs().size() > 1).forEach(s -> {
            Prototype moved = TabSetEdits.move(s, 0, s.tabs().size() - 1).applyTo(p);
            TabSet now = moved.tabSet(s.id()).orElseThrow();
            assertThat(now.tabs().getLast()).isEqualTo(s.tabs().getFirst());
            assertThat(TabSetEdits.move(now, s.tabs().size() - 1, 0)
                            .applyTo(moved)
                            .tabSet(s.id())
                            .orElseThrow()
                            .tabs())
                    .isEqualTo(s.tabs());
        });
        p.sequences().stream().filter(s -> s.pages().size() > 1).forEach(s -> {
            Prototype moved = SequenceEdits.move(s, 0, 1).applyTo(p);
            Sequence now = moved.sequence(s.id()).orElseThrow();
            assertThat(now.pages().get(1)).isEqualTo(s.pages().getFirst());
            assertThat(SequenceEdits.move(now, 1, 0)
                            .applyTo(moved)
                            .sequence(s.id())
                            .orElseThrow()
                            .pages())
                    .isEqualTo(s.pages());
        });
    }

    @Test
    void whatLedToARootLeadsToTheSetFromOutsideAndSwitchesWithin() {
        Prototype before = Made.of(
                "start page: on advance a; two replace b",
                "a page: other advance b; deep advance c",
                "b page: other replace a; home return to a",
                "c page: over advance b");
        Prototype after = TabSetEdits.make(tabs("main", "a", "b")).applyTo(before);
        assertThat(effect(after, "start.on.tap")).isEqualTo(new Effect.Advance(new Target.ToTabs("main")));
        assertThat(effect(after, "start.two.tap").target().orElseThrow())
                .isEqualTo(new Target.ToTabs("main", Optional.of("main-b"), java.util.Map.of()));
        assertThat(effect(after, "a.other.tap")).isEqualTo(new Effect.SwitchTab("main-b"));
        assertThat(effect(after, "b.other.tap")).isEqualTo(new Effect.SwitchTab("main-a"));
        assertThat(effect(after, "c.over.tap")).isEqualTo(new Effect.SwitchTab("main-b"));
        assertThat(effect(after, "a.deep.tap")).isEqualTo(effect(before, "a.deep.tap"));
        assertThat(effect(after, "b.home.tap")).isEqualTo(effect(before, "b.home.tap"));
        assertThat(Check.of(after).findings(Rule.TAB_ADVANCED_TO)).isEmpty();
        assertThat(Check.of(after).unreached()).isEmpty();
    }

    @Test
    void theEntryLeadsToTheSetThatIsMadeOfItsScreen() {
        Prototype after =
                TabSetEdits.make(tabs("main", "a", "b")).applyTo(Made.of("a page: x advance b", "b page: y return"));
        assertThat(after.mainEntry().orElseThrow().target()).isEqualTo(new Target.ToTabs("main"));
    }

    @Test
    void pagesTurnAmongThemselvesAndAreLedToFromElsewhere() {
        Prototype before = Made.of(
                "start page: go advance two",
                "one page: next advance two",
                "two page: next advance three; back return to one",
                "three page: done replace start");
        Prototype after = SequenceEdits.make(Sequence.of("s", "Welcome", List.of("one", "two", "three")))
                .applyTo(before);
        assertThat(effect(after, "start.go.tap").target().orElseThrow())
                .isEqualTo(new Target.ToSequence("s", Optional.of(2), java.util.Map.of()));
        assertThat(effect(after, "one.next.tap")).isInstanceOf(Effect.TurnPage.class);
        assertThat(effect(after, "two.next.tap")).isInstanceOf(Effect.TurnPage.class);
        assertThat(effect(after, "three.done.tap")).isEqualTo(effect(before, "three.done.tap"));
        assertThat(Check.of(after).unreached()).isEmpty();
    }

    @Test
    void whatLedToAPageFollowsItAndWhatLedToTheStartStillDoes() {
        Prototype before = Made.of(
                "start page: first advance #w; second advance #w/2; third advance #w/3",
                "one page: on turn 3",
                "two page: on turn 1",
                "three page: on turn 2",
                "sequence w one,two,three");
        Sequence sequence = before.sequence("w").orElseThrow();
        Prototype moved = SequenceEdits.move(sequence, 0, 2).applyTo(before);
        assertThat(moved.sequence("w").orElseThrow().pages()).containsExactly("two", "three", "one");
        assertThat(Stream.of("start.first.tap", "start.second.tap", "start.third.tap")
                        .map(l ->
                                Targets.shownId(moved, effect(moved, l).target().orElseThrow())))
                .containsExactly("two", "two", "three");
        assertThat(SequenceEdits.move(moved.sequence("w").orElseThrow(), 2, 0).applyTo(moved))
                .isEqualTo(before);
        assertThat(Stream.of("one.on.tap", "two.on.tap", "three.on.tap").map(l -> effect(moved, l)))
                .containsExactly(
                        new Effect.TurnPage(new PageTurn.To(2)),
                        new Effect.TurnPage(new PageTurn.To(3)),
                        new Effect.TurnPage(new PageTurn.To(1)));
        Prototype shorter = SequenceEdits.takeOut(sequence, 1).applyTo(before);
        assertThat(Stream.of("start.first.tap", "start.second.tap", "start.third.tap")
                        .map(l -> Targets.shownId(
                                shorter, effect(shorter, l).target().orElseThrow())))
                .containsExactly("one", "three", "three");
        Prototype without = ScreenEdits.remove(List.of(before.screen("three").orElseThrow()))
                .applyTo(before);
        assertThat(Targets.shownId(
                        without, effect(without, "start.third.tap").target().orElseThrow()))
                .isEqualTo("two");
        assertThat(missing(without)).isEmpty();
    }

    @Test
    void whatCannotStandTogetherSaysWhy() {
        Prototype p = Made.of("a page: x advance b", "b page: y return", "ask dialog: z close");
        List<Screen> all = p.screens();
        assertThat(TabSetEdits.whyNot(p, all)).contains("“ask” is a dialog; only pages stand behind a strip.");
        assertThat(TabSetEdits.whyNot(p, List.of())).isPresent();
        assertThat(TabSetEdits.whyNot(p, all.subList(0, 2))).isEmpty();
        Prototype made = TabSetEdits.make(tabs("main", "a", "b")).applyTo(p);
        assertThat(TabSetEdits.whyNot(made, all.subList(0, 1)))
                .contains("“a” stands behind the strip of “main” already.");
        assertThat(SequenceEdits.whyNot(all))
                .contains("“ask” is a dialog and “a” a page; the pages of a sequence have one form.");
        assertThat(PairEdits.whyNot(p, all)).contains("Choose two screens: the list first, then its detail.");
        assertThat(PairEdits.whyNot(p, all.subList(1, 3)))
                .contains("“ask” is a dialog; only pages stand side by side.");
        Prototype paired = PairEdits.make(Pair.of("p", "a", "b")).applyTo(p);
        assertThat(PairEdits.whyNot(paired, all.subList(0, 2))).contains("They stand side by side already.");
        assertThat(PairEdits.whyNot(paired, all.subList(0, 2).reversed())).isEmpty();
    }

    @Test
    void aDrawerLosesTheScreensItStoodOnAndKeepsTheRest() {
        Prototype p = Made.of("a page: x advance b", "b page: y return", "drawer menu go=b,stay=a on:a,b");
        Prototype after =
                ScreenEdits.remove(List.of(p.screen("b").orElseThrow())).applyTo(p);
        Drawer drawer = after.drawers().getFirst();
        assertThat(drawer.on().screens()).containsExactly("a");
        assertThat(missing(after)).isEmpty();
    }
}
