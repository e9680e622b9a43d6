package pandel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.bulk.Bulk;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.link.BranchEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

class EditsTest {

    /** Any edits, undone, give each earlier prototype back, and redone, each later one. */
    @Property(tries = 80)
    void undoGivesTheOldPrototypeBack(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Random random = new Random(seed);
        History history = History.ofSaved(Generated.of(size, seed, Kind.NASTY));
        List<Prototype> past = new ArrayList<>(List.of(history.prototype()));
        for (int i = 0; i < 12 && !history.prototype().screens().isEmpty(); i++) {
            History next = history.after(anyEdit(random, history.prototype()));
            if (next != history) {
                past.add(next.prototype());
            }
            history = next;
        }
        for (int i = past.size() - 1; i >= 0; i--) {
            assertThat(history.prototype()).isEqualTo(past.get(i));
            history = history.undone();
        }
        assertThat(history.isSaved()).isTrue();
        for (Prototype later : past) {
            assertThat(history.prototype()).isEqualTo(later);
            history = history.redone();
        }
    }

    private static Edit anyEdit(Random random, Prototype p) {
        Naming naming = new Naming(random::nextInt);
        Screen screen = p.screens().get(random.nextInt(p.screens().size()));
        List<Hotspot> hotspots = p.index().hotspotsOn(screen.id());
        Hotspot fresh = new Hotspot(
                naming.fresh("New", p.index().ids()),
                "New",
                Map.of(Width.NARROW, new Area(1, 2, 30, 40)),
                List.of(),
                Rest.NONE);
        Hotspot hotspot = hotspots.isEmpty() ? fresh : hotspots.get(random.nextInt(hotspots.size()));
        Link link = Link.of(naming.fresh("tap", p.index().ids()), new Cause.Touch(Gesture.TAP), new Effect.Return());
        List<Way> ways = List.copyOf(p.index().ways());
        Link old = ways.isEmpty() ? link : ways.get(random.nextInt(ways.size())).link();
        return switch (random.nextInt(26)) {
            case 12 -> Carrying.expect(screen, Expected.text("loan"));
            case 13 -> Carrying.expectNoMore(screen, "loan");
            case 14 -> Carrying.rename(screen, "loan", "tool");
            case 15 ->
                old.effect()
                        .flatMap(Effect::target)
                        .map(t -> Carrying.carry(old, t, "loan", Optional.of(Source.of(new Value.Text("drill")))))
                        .orElse(LinkEdits.remove(old));
            case 16 ->
                HotspotEdits.nature(
                        hotspot,
                        random.nextBoolean()
                                ? new Hotspot.Nature.Field()
                                : new Hotspot.Nature.Rows(List.of(Map.of(), Map.of("tool", new Value.Number(3)))));
            case 17 -> BranchEdits.where(old, 0, Optional.of(Where.BENEATH));
            case 18 -> BranchEdits.motionOfAll(Verb.ADVANCE, Optional.of(Motion.NONE));
            case 19 -> Bulk.leadTo(p, ways, screen).edit();
            case 20 -> Bulk.verb(p, ways, Verb.REPLACE).edit();
            case 21 -> Bulk.copyLinks(p, screen, p.screens().getFirst(), naming).edit();
            case 22 -> Bulk.inOrder(p, p.screens(), naming).edit();
            // What finishes a sequence has one branch: nobody is offered another.
            case 23 ->
                old.cause() instanceof Cause.Finish ? LinkEdits.remove(old) : BranchEdits.another(old, "refused");
            case 24 ->
                DrawerEdits.make(Drawer.of(
                        naming.fresh("menu", p.index().ids()),
                        "Menu",
                        List.of(),
                        random.nextBoolean() ? Attached.ALL : Attached.to(List.of(screen.id()))));
            case 25 ->
                p.drawers().isEmpty()
                        ? ScreenEdits.entry(screen)
                        : drawn(
                                random,
                                p,
                                p.drawers().get(random.nextInt(p.drawers().size())),
                                naming);
            case 0 -> ScreenEdits.rename(screen, "Renamed " + random.nextInt(3));
            case 1 ->
                ScreenEdits.place(
                        List.of(screen),
                        random.nextBoolean() ? "" : "Loans",
                        random.nextBoolean()
                                ? Optional.empty()
                                : Optional.of(p.screens()
                                        .get(random.nextInt(p.screens().size()))
                                        .id()));
            case 2 -> ScreenEdits.remove(List.of(screen));
            case 3 -> ScreenEdits.form(screen, Form.values()[random.nextInt(4)]);
            case 4 -> ScreenEdits.entry(screen);
            case 5 -> HotspotEdits.mark(screen, fresh);
            case 6 -> HotspotEdits.place(hotspot, Width.NARROW, new Area(random.nextInt(99), 5, 44, 44));
            case 7 -> HotspotEdits.remove(List.of(hotspot));
            case 8 ->
                HotspotEdits.share(
                        hotspot, List.of(screen.id(), p.screens().getFirst().id()));
            case 9 -> LinkEdits.link(hotspot, link, " back");
            case 10 ->
                LinkEdits.markAndLink(
                        screen, fresh.withLinks(List.of(link)), Optional.of(Screen.page("made", "Made")), "");
            default -> HotspotEdits.copyTo(screen, HotspotEdits.copies(hotspots, p, naming, 4, 4));
        };
    }

    private static Edit drawn(Random random, Prototype p, Drawer drawer, Naming naming) {
        Set<String> taken = new HashSet<>(p.index().ids());
        return switch (random.nextInt(5)) {
            case 0 -> DrawerEdits.sign(drawer, naming.fresh("sign", taken), random.nextBoolean());
            case 1 -> DrawerEdits.remove(drawer);
            case 2 ->
                drawer.items().isEmpty()
                        ? DrawerEdits.remove(drawer)
                        : DrawerEdits.takeOut(drawer, drawer.items().getFirst());
            case 3 -> drawer.items().size() < 2 ? DrawerEdits.remove(drawer) : DrawerEdits.move(drawer, 0, 1);
            default ->
                DrawerEdits.type(p, drawer, "Loans\nThe house:\nRules", () -> {
                    String id = naming.fresh("item", taken);
                    taken.add(id);
                    return id;
                });
        };
    }

    @Test
    void anItemCarriedToAnotherPlaceJoinsTheSectionThere() {
        Prototype p = DrawerEdits.type(
                        Made.of("a page:"),
                        Drawer.of("menu", "Menu", List.of(), Attached.ALL),
                        "One\nTwo\nHouse:\nThree",
                        () -> "i")
                .applyTo(Made.of("a page:").withDrawers(List.of(Drawer.of("menu", "Menu", List.of(), Attached.ALL))));
        Drawer drawer = p.drawers().getFirst();
        assertThat(drawer.items()).extracting(Drawer.Item::section).containsExactly("", "", "House");
        Drawer moved = DrawerEdits.move(drawer, 0, 2).applyTo(p).drawers().getFirst();
        assertThat(moved.items()).extracting(Drawer.Item::label).containsExactly("Two", "Three", "One");
        assertThat(moved.items().getLast().section()).isEqualTo("House");
    }

    @Test
    void aSignStandsWhereNothingOpensTheDrawerYet() {
        Prototype p = Made.of(
                "a page drawn: m draw menu",
                "b page drawn: back return",
                "c dialog: shut close",
                "drawer menu x=a,y=b right");
        Prototype signed =
                DrawerEdits.sign(p.drawers().getFirst(), "sign", true).applyTo(p);
        assertThat(signed.shared().getFirst().screens()).containsExactly("b");
        assertThat(signed.shared().getFirst().hotspot().areas())
                .containsEntry(Width.NARROW, new Area(400 - 8 - 44, 8, 44, 44));
        assertThat(((Picture) signed.screens().get(1).mocks().getFirst()).patches())
                .extracting(Patch::words)
                .containsExactly("≡");
        Prototype without = DrawerEdits.remove(p.drawers().getFirst()).applyTo(signed);
        assertThat(without.index().ways()).extracting(w -> w.link().id()).containsExactly("b.back.tap", "c.shut.tap");
    }

    @Test
    void removingAScreenTakesTheLinksToItAndSaysWhich() {
        Prototype p = Made.of(
                "home page: go advance list; on advance item",
                "list page: go advance item; me advance list",
                "item page: back return");
        assertThat(ScreenEdits.linksLostWith(p, List.of("list")))
                .extracting(Way::link)
                .extracting(Link::id)
                .containsExactly("home.go.tap");
        Prototype without = ScreenEdits.remove(List.of(p.screens().get(1))).applyTo(p);
        assertThat(without.index().ways())
                .extracting(w -> w.link().id())
                .containsExactly("home.on.tap", "item.back.tap");
        assertThat(without.index().hotspotsOn("home")).hasSize(2);
    }

    @Test
    void theFirstScreensMakeTheEntryAndRemovingItLeavesNone() {
        Prototype p = ScreenEdits.add(List.of(Screen.page("a", "A"), Screen.page("b", "B")))
                .applyTo(Prototype.empty("New"));
        assertThat(p.mainEntry().orElseThrow().target()).isEqualTo(new Target.ToScreen("a"));
        assertThat(ScreenEdits.entry(p.screens().get(1))
                        .applyTo(p)
                        .mainEntry()
                        .orElseThrow()
                        .target()
                        .id())
                .isEqualTo("b");
        assertThat(ScreenEdits.remove(List.of(p.screens().getFirst()))
                        .applyTo(p)
                        .mainEntry())
                .isEmpty();
    }

    @Test
    void aSharedHotspotStandsOnEachOfItsScreensAndIsChangedOnAll() {
        Prototype p = Made.of("a page: back return", "b page:", "c page:");
        Hotspot back = p.screens().getFirst().hotspots().getFirst();
        Prototype shared = HotspotEdits.share(back, List.of("a", "b", "c")).applyTo(p);
        assertThat(shared.index().hotspotsOn("c")).containsExactly(back);
        assertThat(shared.screens().getFirst().hotspots()).isEmpty();
        Prototype renamed = HotspotEdits.rename(back, "Back").applyTo(shared);
        assertThat(renamed.index().hotspotsOn("b")).extracting(Hotspot::title).containsExactly("Back");
        Prototype own = HotspotEdits.unshare(
                        renamed.shared().getFirst(), renamed.screens().get(2))
                .applyTo(renamed);
        assertThat(own.index().hotspotsOn("a")).isEmpty();
        assertThat(own.screens().get(2).hotspots()).hasSize(1);
    }

    @Test
    void nudgesInARowAreOneStepOfUndoButNotAcrossASave() {
        Prototype p = Made.of("a page: back return");
        Hotspot back = p.screens().getFirst().hotspots().getFirst();
        History start = History.ofSaved(p);
        History nudged = start.after(HotspotEdits.nudge(Map.of(back, new Area(11, 10, 60, 60)), Width.NARROW))
                .after(HotspotEdits.nudge(Map.of(back, new Area(12, 10, 60, 60)), Width.NARROW));
        assertThat(nudged.undone().prototype()).isSameAs(p);
        assertThat(nudged.undoName()).contains("nudge “a.back”");
        History saved = nudged.saved(nudged.prototype())
                .after(HotspotEdits.nudge(Map.of(back, new Area(13, 10, 60, 60)), Width.NARROW));
        assertThat(saved.isSaved()).isFalse();
        assertThat(saved.undone().isSaved()).isTrue();
    }

    @Test
    void anEditThatChangesNothingLeavesNoTrace() {
        History start = History.ofSaved(Made.of("a page:"));
        assertThat(start.after(ScreenEdits.rename(start.prototype().screens().getFirst(), " a ")))
                .isSameAs(start);
    }

    @Test
    void idsAreTheTitlesWordsAndThreeLetters() {
        Naming naming = new Naming(bound -> 0);
        assertThat(naming.fresh("Tool détail!", Set.of())).isEqualTo("tool-detail-bbb");
        assertThat(naming.fresh("日本", Set.of())).isEqualTo("x-bbb");
    }
}
