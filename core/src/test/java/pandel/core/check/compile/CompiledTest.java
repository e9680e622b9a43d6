package pandel.core.check.compile;

import static org.assertj.core.api.Assertions.assertThat;
import static pandel.core.check.turn.Cells.APP;
import static pandel.core.check.turn.Cells.after;
import static pandel.core.check.turn.Cells.start;
import static pandel.core.check.turn.Cells.turns;

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
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Successors;
import pandel.core.check.turn.Turn;
import pandel.core.check.turn.Turns;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;

/** Prototypes as pushdown systems in numbers. */
class CompiledTest {

    private static Relevance relevance(Prototype p) {
        return Relevance.in(p);
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

    @Test
    void whatLiesBeneathIsToldApartOnlyWhereARuleAsksForIt() {
        Prototype p = Made.of(
                "start page: x advance list; ask open above ask",
                "list page: ask open above ask; back return",
                "ask dialog: far return to home",
                "home page: s advance start");
        PushdownSystem system = system(p);
        int onFirst = system.head(after(p, start("start"), "start.ask.tap"));
        int onSecond = system.head(after(p, start("start"), "start.x.tap", "list.ask.tap"));
        assertThat(system.groundOf(onFirst)).isNotEqualTo(system.groundOf(onSecond));
        assertThat(system.on(onFirst, system.groundOf(onSecond))).isEqualTo(onSecond);
        assertThat(system.at(onFirst, Valuations.NONE)).isSameAs(system.at(onSecond, Valuations.NONE));
        int onHome = system.head(after(p, start("home"), "home.s.tap", "start.ask.tap"));
        assertThat(system.at(onHome, Valuations.NONE)).isNotSameAs(system.at(onFirst, Valuations.NONE));
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
    void aRouteIsAsLongAsItsParts() {
        Route one = Route.NONE.and(List.of(Event.tap("a")));
        Route three = one.and(Route.NONE.and(List.of(Event.tap("b"), Event.tap("c"))));
        assertThat(three.length()).isEqualTo(3);
        assertThat(three.events()).containsExactly(Event.tap("a"), Event.tap("b"), Event.tap("c"));
        assertThat(Route.NONE.and(Route.NONE).events()).isEmpty();
    }

    @Test
    void whatGoesEndsWhereItIsMeantTo() {
        PushdownSystem system = system(APP);
        int home = system.head(start("home"));
        int list = system.head(after(APP, start("home"), "home.list.tap"));
        int item = system.head(after(APP, start("home"), "home.list.tap", "list.item.tap"));
        int ask = system.head(after(APP, start("home"), "home.ask.tap"));
        int back = system.pop(Pop.of(Pop.Going.PLACE, ""));
        assertThat(system.descent(list, item, back)).isEqualTo(Descents.UNCOVERS);
        int toHome = system.pop(Pop.of(Pop.Going.DOWN_TO, "home"));
        assertThat(system.descent(list, item, toHome)).isEqualTo(toHome);
        assertThat(system.descent(home, list, toHome)).isEqualTo(Descents.UNCOVERS);
        int shut = system.pop(Pop.of(Pop.Going.LEVEL, ""));
        assertThat(system.descent(home, ask, shut)).isEqualTo(Descents.UNCOVERS);
        assertThat(system.descent(home, list, shut)).isEqualTo(shut);
        int toPagesAndBack = system.pop(Pop.of(Pop.Going.TO_PAGES_AND_BACK, ""));
        assertThat(system.descent(list, item, toPagesAndBack)).isEqualTo(toPagesAndBack);
        assertThat(system.descent(list, ask, toPagesAndBack)).isEqualTo(back);
        assertThat(system.descent(home, ask, toPagesAndBack)).isEqualTo(shut);
        int toPages = system.pop(Pop.of(Pop.Going.TO_PAGES, ""));
        assertThat(system.descent(home, ask, toPages)).isEqualTo(Descents.UNCOVERS);
        assertThat(system.descent(home, list, toPages)).isEqualTo(toPages);
        int putAbove = system.pop(Pop.of(Pop.Going.TO_PAGES_AND_PUT, "item"));
        assertThat(system.descent(home, ask, putAbove)).isEqualTo(Descents.LANDS_ABOVE);
    }
}
