package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.edit.link.BranchEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Attachments;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.LevelKind;
import pandel.core.play.rule.Rules;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Visit;

/** What holds of every step, on made-up prototypes of both kinds with everything a link can do in them. */
class PlayPropertiesTest {

    private static final int STEPS = 60;

    private static Prototype made(long seed, int size, boolean nasty) {
        return Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, Math.floorMod(seed, 4));
    }

    /** A walk of events that may or may not do something: those that are possible, and some that are not. */
    private static List<Event> walk(Prototype prototype, long seed) {
        Random random = new Random(seed);
        List<Event> events = new ArrayList<>();
        Step step = new Step(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        if (start.isEmpty()) {
            return events;
        }
        Situation now = start.get();
        for (int i = 0; i < STEPS && !now.left(); i++) {
            List<Event> possible = Possible.events(prototype, now);
            Event event = switch (random.nextInt(possible.isEmpty() ? 5 : 12)) {
                case 0 ->
                    new Event.Touched(
                            Gesture.values()[random.nextInt(Gesture.values().length - 1)],
                            new Event.On.Point(random.nextInt(390), random.nextInt(844)));
                case 1 -> new Event.Elapse(random.nextInt(7000));
                case 2 ->
                    new Event.Typed(
                            "s" + random.nextInt(9) + "-h" + random.nextInt(5), random.nextBoolean() ? "drill" : "");
                case 3 -> Event.tap("nosuch").turning("saved");
                case 4 ->
                    random.nextBoolean()
                            ? new Event.Scroll(random.nextInt(100))
                            : new Event.Resize(300 + random.nextInt(900), 700);
                default -> possible.get(random.nextInt(possible.size()));
            };
            events.add(event);
            now = step.step(now, event).situation();
        }
        return events;
    }

    private interface Look {
        void at(Situation before, Event event, Stepped stepped);
    }

    private static Optional<Situation> each(Prototype prototype, List<Event> events, Look look) {
        Step step = new Step(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        if (start.isEmpty()) {
            return start;
        }
        Situation now = start.get();
        for (Event event : events) {
            Stepped stepped = step.step(now, event);
            look.at(now, event, stepped);
            now = stepped.situation();
        }
        return Optional.of(now);
    }

    @Property(tries = 300)
    void everyEventHasAnAnswerAndTheSameOneAgain(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = made(seed, size, nasty);
        List<Event> events = walk(prototype, seed);
        List<Stepped> first = new ArrayList<>();
        each(prototype, events, (before, event, stepped) -> first.add(stepped));
        List<Stepped> second = new ArrayList<>();
        each(prototype, events, (before, event, stepped) -> second.add(stepped));
        assertThat(second).isEqualTo(first);
        first.forEach(s -> assertThat(s.situation().levels()).isNotEmpty());
    }

    @Property(tries = 200)
    void whatIsRefusedOrAskedChangesNothing(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype prototype = made(seed, size, true);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            boolean still = stepped.happening() instanceof Happening.Refused
                    || stepped.happening() instanceof Happening.Nothing;
            if (still) {
                // Whole or not at all; but time has passed, waits are spent, and untouched begins anew.
                assertThat(stepped.situation().levels()).isEqualTo(before.levels());
                assertThat(stepped.situation().facts()).isEqualTo(before.facts());
            }
        });
    }

    @Property(tries = 200)
    void aCloseNeverChangesWhatLiesBeneath(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype prototype = made(seed, size, true);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            List<Level> after = stepped.situation().levels();
            if (after.size() < before.levels().size()
                    && verbs(prototype, stepped).equals(List.of(Verb.CLOSE))) {
                assertThat(after).isEqualTo(before.levels().subList(0, after.size()));
            }
            if (!before.top().kind().base() && verbs(prototype, stepped).equals(List.of(Verb.CLOSE))) {
                assertThat(after.getFirst()).isEqualTo(before.levels().getFirst());
            }
        });
    }

    /** What is done on a narrow device gives the same trail on a wide one, where a list stands beside its detail. */
    @Property(tries = 300)
    void theSameJourneyGivesTheSameTrailAtEveryWidth(
            @ForAll long seed, @ForAll @IntRange(min = 4, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = made(seed, size, nasty).withDrawers(List.of());
        Step step = new Step(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        if (start.isEmpty()) {
            return;
        }
        Situation narrow = start.get();
        Situation wide = step.step(narrow, new Event.Resize(1200, 900)).situation();
        for (Event event : walk(prototype, seed)) {
            Stepped there = step.step(narrow, event);
            if (there.happening() instanceof Happening.Nothing || there.happening() instanceof Happening.Refused) {
                continue;
            }
            narrow = there.situation();
            wide = step.step(wide, event).situation();
            assertThat(wide.levels().stream().map(l -> l.trail().told()).toList())
                    .isEqualTo(
                            narrow.levels().stream().map(l -> l.trail().told()).toList());
            assertThat(wide.facts()).isEqualTo(narrow.facts());
        }
    }

    /**
     * A drawer never alters what is beneath it; it is open on a place it is attached to, until something moves; and
     * closing it is always possible by what it says.
     */
    @Property(tries = 300)
    void aDrawerAltersNothingBeneath(
            @ForAll long seed, @ForAll @IntRange(min = 4, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = made(seed, size, nasty);
        Step step = new Step(prototype);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            Situation after = stepped.situation();
            if (stepped.happening() instanceof Happening.DrawerMoved
                    || before.drawer().isPresent() && after.drawer().isPresent()) {
                assertThat(after.levels()).isEqualTo(before.levels());
            }
            if (stepped.happening() instanceof Happening.Moved) {
                after.drawer()
                        .ifPresent(id -> assertThat(prototype.index().ways())
                                .as("only what a branch opens after its move is open")
                                .anyMatch(way -> opensAfterItsMove(way.link(), id)));
            }
            after.drawer().ifPresent(id -> {
                assertThat(after.drawers(prototype, after.levels().size() - 1).stream()
                                        .anyMatch(d -> d.id().equals(id))
                                || standsOnListBeside(prototype, after, id))
                        .isTrue();
                if (prototype.drawer(id).orElseThrow().outside()) {
                    Situation closed = step.step(after, new Event.Touched(Gesture.TAP, new Event.On.Outside()))
                            .situation();
                    assertThat(closed.drawer()).isEmpty();
                    assertThat(closed.levels()).isEqualTo(after.levels());
                    assertThat(closed.facts()).isEqualTo(after.facts());
                }
            });
        });
    }

    /** A list beside the current detail opens its own drawers. */
    private static boolean standsOnListBeside(Prototype prototype, Situation now, String drawer) {
        return prototype.pairs().stream()
                .filter(pair -> pair.detail().equals(now.screen()))
                .anyMatch(pair -> Attachments.mayStandOn(
                        prototype, prototype.drawer(drawer).orElseThrow(), pair.list()));
    }

    private static boolean opensAfterItsMove(Link link, String drawer) {
        return link.branches().stream().map(Branch::effects).anyMatch(effects -> {
            int move = IntStream.range(0, effects.size())
                    .filter(i -> effects.get(i).isMove())
                    .findFirst()
                    .orElse(effects.size());
            return effects.subList(move, effects.size()).stream()
                    .anyMatch(e -> e instanceof Effect.MoveDrawer moved
                            && moved.drawer().equals(drawer));
        });
    }

    /** What the tabs that are not shown keep, of all sets on the top level's trail, by tab. */
    private static Map<String, List<Visit>> kept(Situation now) {
        Map<String, List<Visit>> kept = new HashMap<>();
        now.top().trail().places().forEach(v -> v.tabs().forEach(t -> kept.putAll(t.kept())));
        return kept;
    }

    @Property(tries = 300)
    void tabTrailsNeverMixAndAKeptOneComesBackAsItWas(
            @ForAll long seed, @ForAll @IntRange(min = 5, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = made(seed, size, nasty);
        Step step = new Step(prototype);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            for (TabSet set : new Rules(prototype)
                    .strips(before.head()).stream().filter(TabSet::keeps).toList()) {
                String shown = before.head().around().stream()
                        .filter(a -> a.set().equals(set.id()))
                        .findFirst()
                        .orElseThrow()
                        .tab();
                for (TabSet.Tab other : set.tabs()) {
                    Stepped there = step.step(before, new Event.Touched(Gesture.TAP, new Event.On.OnTab(other.id())));
                    boolean back = !other.id().equals(shown)
                            && new Rules(prototype)
                                    .strips(there.situation().head()).stream().anyMatch(s -> s.id().equals(set.id()));
                    if (there.happening() instanceof Happening.Moved && back) {
                        Stepped again =
                                step.step(there.situation(), new Event.Touched(Gesture.TAP, new Event.On.OnTab(shown)));
                        assertThat(again.situation().top().trail().places())
                                .extracting(v -> v.screen() + v.held() + v.scroll())
                                .isEqualTo(before.top().trail().places().stream()
                                        .map(v -> v.screen() + v.held() + v.scroll())
                                        .toList());
                    }
                }
            }
            // What is done in the tab that is shown leaves what the others keep as it is.
            boolean same =
                    stepped.situation().levels().size() == before.levels().size()
                            && stepped.situation().head().around().stream()
                                    .map(EnclosingTab::tab)
                                    .toList()
                                    .equals(before.head().around().stream()
                                            .map(EnclosingTab::tab)
                                            .toList());
            if (same && stepped.happening() instanceof Happening.Adjusted) {
                assertThat(kept(stepped.situation())).isEqualTo(kept(before));
            }
        });
    }

    @Property(tries = 200)
    void deviceBackOftenEnoughLeavesWhereNothingElseIsSaid(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype made = made(seed, size, true);
        // Without links of its own for device back, and where it closes everything.
        Prototype prototype = made.withScreens(made.screens().stream()
                .map(s -> s.withLinks(s.links().stream()
                                .filter(l -> !(l.cause() instanceof Cause.Back))
                                .toList())
                        .closedAsUsual())
                .toList());
        Step step = new Step(prototype);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            Situation now = before;
            int most = 12
                            * (2
                                    + before.levels().stream()
                                            .mapToInt(l -> l.trail().depth())
                                            .sum())
                    + kept(before).values().stream().mapToInt(List::size).sum();
            for (int i = 0; i < most && !now.left() && now.device().goesBack(); i++) {
                now = step.step(now, new Event.DeviceBack()).situation();
            }
            assertThat(now.left() || !now.device().goesBack() || isRefused(step, now))
                    .as(now.row().toString())
                    .isTrue();
        });
    }

    /** A page or tab that is gone can be gone back to by nothing. */
    private static boolean isRefused(Step step, Situation now) {
        return step.step(now, new Event.DeviceBack()).happening() instanceof Happening.Refused;
    }

    @Property(tries = 200)
    void aRestartLeavesNothingBehindButFacts(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype prototype = made(seed, size, true);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            if (stepped.happening() instanceof Happening.Moved
                    && verbs(prototype, stepped).contains(Verb.RESTART)) {
                assertThat(stepped.situation().levels()).hasSize(1);
                assertThat(stepped.situation().top().trail().isFirst()).isTrue();
                assertThat(stepped.situation().top().kind()).isEqualTo(LevelKind.BASE);
            }
        });
    }

    @Property(tries = 200)
    void advanceThenReturnIsTheSameSituation(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size, @ForAll boolean nasty) {
        Prototype plain = made(seed, size, nasty);
        // Each screen has a return of its own, for a key nothing else has.
        Prototype prototype = plain.withScreens(plain.screens().stream()
                        .map(s -> {
                            List<Link> links = new ArrayList<>(s.links());
                            links.add(Link.of(
                                    s.id() + "-return", new Cause.Touch(Gesture.KEY, "F9"), new Effect.Return()));
                            return s.withLinks(links);
                        })
                        .toList())
                .withDevices(plain.devices().stream()
                        .map(d -> new pandel.core.model.device.Device(
                                d.id(),
                                d.title(),
                                d.width(),
                                d.height(),
                                d.scale(),
                                d.back(),
                                pandel.core.model.device.Device.Pointing.BOTH,
                                d.levels(),
                                d.cannot(),
                                d.rest()))
                        .toList());
        Step step = new Step(prototype);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            boolean put = stepped.happening() instanceof Happening.Moved
                    && stepped.situation().levels().size() == before.levels().size()
                    && stepped.situation().top().trail().depth()
                            == before.top().trail().depth() + 1
                    && stepped.situation()
                            .top()
                            .trail()
                            .behind()
                            .equals(Optional.of(before.top().trail()));
            // Back from another tab than the first of a set leads to that, not out of the set.
            if (put && stepped.situation().top().trail().current().tabs().isEmpty()) {
                Situation back = step.step(
                                stepped.situation(), new Event.Touched(Gesture.KEY, "F9", new Event.On.Point(0, 0)))
                        .situation();
                assertThat(back.levels()).isEqualTo(before.levels());
            }
        });
    }

    @Property(tries = 100)
    void motionChangesNothing(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype prototype = made(seed, size, true);
        Prototype moving = prototype;
        for (Verb verb : Verb.MOVES) {
            moving = BranchEdits.motionOfAll(
                            verb,
                            Optional.of(new Motion(Motion.Kind.GROW, Motion.Direction.UP, 5000, "linear", Rest.NONE)))
                    .applyTo(moving);
        }
        List<Event> events = walk(prototype, seed);
        List<List<List<String>>> one = new ArrayList<>();
        each(prototype, events, (before, event, stepped) -> one.add(shown(stepped.situation())));
        List<List<List<String>>> other = new ArrayList<>();
        each(moving, events, (before, event, stepped) -> other.add(shown(stepped.situation())));
        assertThat(other).isEqualTo(one);
    }

    private static List<List<String>> shown(Situation now) {
        return now.levels().stream()
                .map(l -> l.trail().places().stream()
                        .map(v -> v.screen() + v.held())
                        .toList())
                .toList();
    }

    private static List<Verb> verbs(Prototype prototype, Stepped stepped) {
        Optional<String> link = switch (stepped.happening()) {
            case Happening.Moved moved -> moved.link();
            default -> Optional.empty();
        };
        return link.flatMap(prototype.index()::way)
                .map(Index.Way::link)
                .filter(l -> l.branches().size() == 1)
                .map(l -> l.effects().filter(Effect::isMove).map(Effect::verb).toList())
                .orElse(List.of());
    }

    @Property(tries = 50)
    void factsAlwaysHoldWhatTheyCan(@ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size) {
        Prototype prototype = made(seed, size, true);
        each(prototype, walk(prototype, seed), (before, event, stepped) -> {
            Facts facts = stepped.situation().facts();
            facts.set()
                    .forEach((id, value) -> assertThat(
                                    prototype.fact(id).orElseThrow().values())
                            .contains(value));
        });
    }
}
