package pandel.core.check.compile;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.rule.TrailAction;

/** What of a prototype matters, what can be done at a cell, and where each turn leads. */
class CompiledTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; ask open above ask; swap replace list; same restart home",
            "list page: item advance item; back return; far return to home",
            "item page: back return; home return to home",
            "ask dialog: shut close; on advance sure",
            "sure dialog: back return",
            "parked page parked: x return");

    private static Relevance relevance(Prototype p) {
        return Relevance.in(p);
    }

    private static Turns turns(Prototype p) {
        return new Turns(p, p.devices().getFirst(), FollowedScreens.in(p, FollowedScreens.MOST), relevance(p));
    }

    private static Successors successors(Prototype p) {
        Turns turns = turns(p);
        return new Successors(
                p.devices().getFirst(), FollowedScreens.in(p, FollowedScreens.MOST), relevance(p), turns.rules());
    }

    private static Cell start(String screen) {
        return Cell.start(screen, 0, Facts.NONE, PlaceMemory.NONE, Optional.empty(), List.of());
    }

    private static Turn turn(Prototype p, Cell cell, String link) {
        return turns(p).at(cell)
                .turns()
                .filter(t -> t.link().equals(Optional.of(link)))
                .findFirst()
                .orElseThrow();
    }

    private static Cell after(Prototype p, Cell cell, String... links) {
        Cell now = cell;
        for (String link : links) {
            now = successors(p).uncovered(now, turn(p, now, link)).orElseThrow();
        }
        return now;
    }

    private static List<String> doable(Prototype p, Cell cell) {
        return turns(p).at(cell).here().sure().stream()
                .flatMap(t -> t.link().stream())
                .toList();
    }

    @Test
    void atTheFirstPlaceNothingIsReturnedTo() {
        assertThat(doable(APP, start("list"))).containsExactly("list.item.tap");
        assertThat(turns(APP).at(start("list")).nothing()).containsExactlyInAnyOrder("list.back.tap", "list.far.tap");
        Cell list = after(APP, start("home"), "home.list.tap");
        assertThat(doable(APP, list)).containsExactly("list.item.tap", "list.back.tap", "list.far.tap");
        assertThat(list.first()).isFalse();
    }

    @Test
    void whetherAFollowedScreenLiesBehindIsKept() {
        Cell item = after(APP, start("home"), "home.list.tap", "list.item.tap");
        assertThat(doable(APP, item)).contains("item.home.tap");
        Cell other = after(APP, start("list"), "list.item.tap");
        assertThat(doable(APP, other)).doesNotContain("item.home.tap");
        assertThat(item).isNotEqualTo(other);
        assertThat(item.screen()).isEqualTo(other.screen());
    }

    @Test
    void howDeepATrailIsMakesNoDifference() {
        Prototype p = Made.of("home page: on advance home; back return");
        Cell once = after(p, start("home"), "home.on.tap");
        Cell twice = after(p, once, "home.on.tap");
        assertThat(after(p, twice, "home.on.tap")).isEqualTo(twice);
    }

    @Test
    void goingBackUncoversNothingNew() {
        Cell list = after(APP, start("home"), "home.list.tap");
        assertThat(successors(APP).uncovered(list, turn(APP, list, "list.back.tap")))
                .isEmpty();
        assertThat(turn(APP, list, "list.back.tap").actions()).containsExactly(new TrailAction.Drop());
    }

    @Test
    void anOverlayIsALevelOfItsOwn() {
        Cell ask = after(APP, start("home"), "home.ask.tap");
        assertThat(ask.level().word()).isEqualTo("dialog");
        assertThat(ask.first()).isTrue();
        Cell sure = after(APP, ask, "ask.on.tap");
        assertThat(sure.first()).isFalse();
        assertThat(sure.level()).isEqualTo(ask.level());
    }

    @Test
    void whatPutsCoversAndWhatSwapsDoesNot() {
        Cell home = start("home");
        assertThat(turn(APP, home, "home.list.tap").covers()).isTrue();
        assertThat(turn(APP, home, "home.ask.tap").covers()).isTrue();
        assertThat(turn(APP, home, "home.swap.tap").covers()).isFalse();
        assertThat(turn(APP, home, "home.swap.tap").stays()).isFalse();
        assertThat(turn(APP, home, "home.same.tap").leavesTo()).isFalse();
    }

    @Test
    void whatLeadsToAParkedScreenIsNotDone() {
        Prototype p = Made.of("home page: x advance parked; y advance list", "list page:", "parked page parked:");
        assertThat(doable(p, start("home"))).containsExactly("home.y.tap");
    }

    @Test
    void deviceBackIsApart() {
        Turns.All all = turns(APP).at(after(APP, start("home"), "home.list.tap"));
        assertThat(all.back().sure()).singleElement().satisfies(t -> {
            assertThat(t.events()).containsExactly(new Event.DeviceBack());
            assertThat(t.link()).isEmpty();
        });
        Prototype kiosk = Made.on(List.of(Device.KIOSK), "home page: a advance b", "b page: back return");
        assertThat(turns(kiosk)
                        .at(after(kiosk, start("home"), "home.a.tap"))
                        .back()
                        .sure())
                .isEmpty();
    }

    private static PushdownSystem system(Prototype p) {
        return new PushdownSystem(p, p.devices().getFirst(), relevance(p), FollowedScreens.MOST);
    }

    @Test
    void theSameIsMadeOnceForHeadsAlikeInWhatMatters() {
        PushdownSystem system = system(APP);
        int first = system.head(start("list"));
        int list = system.head(after(APP, start("home"), "home.list.tap"));
        assertThat(list).isNotEqualTo(first);
        assertThat(system.at(list, Valuations.NONE)).isSameAs(system.at(list, Valuations.NONE));
        assertThat(system.at(list, Valuations.NONE)).isNotSameAs(system.at(first, Valuations.NONE));
    }

    @Test
    void oneTableServesAllContextsThatAreAlike() {
        Prototype p = Made.of(
                "home page: a advance a; b advance b",
                "a page: on advance c",
                "b page: on advance b; off advance c",
                "c page: back return");
        PushdownSystem system = system(p);
        int alone = system.head(after(p, start("home"), "home.a.tap", "a.on.tap"));
        int onItself = system.head(after(p, start("home"), "home.b.tap", "b.on.tap"));
        int plain = system.head(after(p, start("home"), "home.b.tap"));
        assertThat(system.cell(alone).screen()).isEqualTo("c");
        assertThat(system.at(onItself, Valuations.NONE)).isSameAs(system.at(plain, Valuations.NONE));
    }

    /** What is worked out in numbers, by parts that are kept, is what the cells themselves lead to. */
    @Property(tries = 150)
    void headsLeadWhereTheirCellsDo(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 10) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, (int) Math.floorMod(seed, 3L));
        for (Device device : p.devices()) {
            PushdownSystem system = new PushdownSystem(p, device, relevance(p), FollowedScreens.MOST);
            Successors successors = new Successors(
                    device,
                    FollowedScreens.in(p, FollowedScreens.MOST),
                    relevance(p),
                    system.turns().rules());
            Turns turns = new Turns(p, device, FollowedScreens.in(p, FollowedScreens.MOST), relevance(p));
            List<Integer> heads = new ArrayList<>();
            p.screens().stream().limit(3).forEach(s -> heads.add(system.head(start(s.id()))));
            for (int i = 0; i < heads.size() && i < 120; i++) {
                int head = heads.get(i);
                Cell cell = system.cell(head);
                assertThat(system.head(cell)).isEqualTo(head);
                assertThat(system.cell(system.again(head))).isEqualTo(cell.again(Facts.NONE));
                Table table = system.at(head, Valuations.NONE);
                assertThat(table.all().stream().map(Turn::actions))
                        .isEqualTo(Stream.concat(
                                        turns.at(cell).here().sure().stream(), turns.at(cell).back().sure().stream())
                                .map(Turn::actions)
                                .toList());
                for (int t = 0; t < table.all().size(); t++) {
                    Optional<Cell> there =
                            successors.uncovered(cell, table.all().get(t));
                    int to = system.to(head, table, t);
                    assertThat(to == Table.NOWHERE).isEqualTo(there.isEmpty());
                    if (there.isPresent()) {
                        assertThat(system.cell(to))
                                .isEqualTo(there.get()
                                        .staying(Facts.NONE, there.get().waited()));
                        assertThat(system.valuations().facts(table.own(t)))
                                .isEqualTo(there.get().facts());
                        if (!heads.contains(to)) {
                            heads.add(to);
                        }
                    }
                }
            }
        }
    }

    @Test
    void valuationsAreNumbersOfWhatFactsHold() {
        Valuations all = new Valuations();
        Facts both = Facts.of(Map.of("a", new Value.YesNo(true), "b", new Value.Number(2)));
        int number = all.of(both);
        assertThat(all.of(Facts.NONE)).isEqualTo(Valuations.NONE);
        assertThat(all.facts(number)).isEqualTo(both);
        int own = all.scope(Set.of("a"));
        assertThat(all.facts(all.within(own, number))).isEqualTo(Facts.of(Map.of("a", new Value.YesNo(true))));
        assertThat(all.facts(all.changed(own, number, Valuations.NONE)))
                .isEqualTo(Facts.of(Map.of("b", new Value.Number(2))));
        assertThat(all.changed(own, number, all.within(own, number))).isEqualTo(number);
    }

    @Test
    void onlyFactsThatAreAskedForMatter() {
        Prototype p =
                Made.of("home page when:ready: on advance b % ready; off advance b % late", "b page: back return");
        Relevance relevance = relevance(p);
        assertThat(relevance.facts()).hasSize(1);
        assertThat(relevance.changes()).isTrue();
        String ready = relevance.facts().iterator().next();
        String late = p.facts().stream()
                .map(f -> f.id())
                .filter(id -> !id.equals(ready))
                .findFirst()
                .orElseThrow();
        Facts both = Facts.of(Map.of(ready, new Value.YesNo(true), late, new Value.YesNo(true)));
        assertThat(relevance.of(both)).isEqualTo(Facts.of(Map.of(ready, new Value.YesNo(true))));
        assertThat(relevance(APP).changes()).isFalse();
    }

    @Test
    void aNumberIsFollowedNoFurtherThanWhatItIsComparedWith() {
        Prototype p = Made.of("home page when:basket-at-least-3: more advance b % basket + 1", "b page: back return");
        Relevance relevance = relevance(p);
        String basket = p.facts().getFirst().id();
        Facts many = Facts.of(Map.of(basket, new Value.Number(90)));
        Facts enough = Facts.of(Map.of(basket, new Value.Number(9)));
        assertThat(relevance.of(many)).isEqualTo(relevance.of(enough));
        assertThat(relevance.of(Facts.of(Map.of(basket, new Value.Number(2))))).isNotEqualTo(relevance.of(enough));
    }

    @Test
    void textsAreToldApartByWhatTheyAreComparedWith() {
        Prototype p = Made.of(
                "home page: name ^field; go advance b +who=typed:home.name",
                "b page when:who-is-Ada needs:who: back return");
        List<String> texts = Texts.compared(p, List.of());
        assertThat(texts).contains("", Texts.OTHER);
        assertThat(texts).doesNotHaveDuplicates();
        Link link = p.index().way("home.go.tap").orElseThrow().link();
        assertThat(Reads.reads(link)).containsExactly(new Source.Typed("home.name"));
        assertThat(Reads.conditions(p)).hasSize(1);
    }

    @Test
    void asManyScreensAreFollowedAsThereIsRoomFor() {
        String[] lines = Stream.concat(
                        Stream.of("home page: on advance s1"),
                        java.util.stream.IntStream.rangeClosed(1, 9)
                                .mapToObj(i -> "s" + i + " page: on advance s" + (i % 9 + 1) + "; back return to s"
                                        + ((i + 4) % 9 + 1)))
                .toArray(String[]::new);
        Prototype p = Made.of(lines);
        FollowedScreens two = FollowedScreens.in(p, 2);
        long followed = p.screens().stream().filter(s -> two.mark(s.id()) != 0).count();
        assertThat(followed).isEqualTo(2);
        assertThat(p.screens().stream().filter(s -> two.isUnfollowed(s.id()))).hasSize(7);
        assertThat(two.isUnfollowed("home")).isFalse();
    }

    @Test
    void eachValueOfEachFactIsALiteral() {
        Prototype p = Made.of(
                "home page when:ready when:basket-at-least-2: on advance b % ready; more advance b % basket + 1",
                "b page: back return");
        Literals literals = new Literals(p, relevance(p));
        assertThat(literals.areTooMany()).isFalse();
        assertThat(literals.facts()).hasSize(2);
        for (String fact : literals.facts()) {
            literals.of(fact).forEach(l -> assertThat(literals.factOf(l)).isEqualTo(fact));
        }
        int[] none = literals.of(Facts.NONE);
        assertThat(none).hasSize(2);
        assertThat(literals.facts(java.util.Arrays.stream(none).boxed().toList()))
                .isEqualTo(Facts.NONE);
        assertThat(literals.size()).isEqualTo(6);
    }

    @Test
    void aRouteIsAsLongAsItsParts() {
        Route one = Route.NONE.and(List.of(Event.tap("a")));
        Route three = one.and(Route.NONE.and(List.of(Event.tap("b"), Event.tap("c"))));
        assertThat(three.length()).isEqualTo(3);
        assertThat(three.events()).containsExactly(Event.tap("a"), Event.tap("b"), Event.tap("c"));
        assertThat(Route.NONE.and(Route.NONE).events()).isEmpty();
    }

    @Test
    void aScreensOwnFactsAreAllThatMattersThere() {
        Prototype p = Made.of(
                "home page when:ready: on advance b % ready", "b page when:late: back return; x advance home % late");
        LocalFacts local = new LocalFacts(p, relevance(p));
        String ready = p.facts().getFirst().id();
        String late = p.facts().getLast().id();
        assertThat(local.on("home")).containsExactly(ready);
        assertThat(local.on("b")).containsExactly(late);
        Facts both = Facts.of(Map.of(ready, new Value.YesNo(true), late, new Value.YesNo(true)));
        assertThat(local.alone(start("home").staying(both, 0)).facts())
                .isEqualTo(Facts.of(Map.of(ready, new Value.YesNo(true))));
    }

    @Test
    void tabsBeginAnewWhereTheSetDropsThem() {
        Prototype drops = Made.of(
                "home page: in advance $main", "a page: x replace c", "b page:", "c page:", "tabs main a,b drops");
        Prototype keeps =
                Made.of("home page: in advance $main", "a page: x replace c", "b page:", "c page:", "tabs main a,b");
        Prototype still =
                Made.of("home page: in advance $main", "a page: x advance c", "b page:", "c page:", "tabs main a,b");
        assertThat(relevance(drops).tabs().comesFresh("main")).isTrue();
        assertThat(relevance(keeps).tabs().comesFresh("main")).isFalse();
        assertThat(relevance(still).tabs().comesFresh("main")).isTrue();
        assertThat(relevance(still).tabs().comesFresh("gone")).isFalse();
    }
}
