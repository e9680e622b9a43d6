package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.edit.link.BranchEdits;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.LevelKind;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;

/** What holds of every step, on made-up prototypes of both kinds with everything a link can do in them. */
class PlayPropertiesTest {

    @Property(tries = 300)
    void everyEventHasAnAnswerAndTheSameOneAgain(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = RandomPlay.made(seed, size, nasty);
        List<Event> events = RandomPlay.walk(prototype, seed);
        List<Stepped> first = new ArrayList<>();
        RandomPlay.each(prototype, events, (before, event, stepped) -> first.add(stepped));
        List<Stepped> second = new ArrayList<>();
        RandomPlay.each(prototype, events, (before, event, stepped) -> second.add(stepped));
        assertThat(second).isEqualTo(first);
        first.forEach(s -> assertThat(s.situation().levels()).isNotEmpty());
    }

    @Property(tries = 200)
    void whatIsRefusedOrAskedChangesNothing(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype prototype = RandomPlay.made(seed, size, true);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
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
        Prototype prototype = RandomPlay.made(seed, size, true);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
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
        Prototype prototype = RandomPlay.made(seed, size, nasty).withDrawers(List.of());
        Step step = new Step(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        if (start.isEmpty()) {
            return;
        }
        Situation narrow = start.get();
        Situation wide = step.step(narrow, new Event.Resize(1200, 900)).situation();
        for (Event event : RandomPlay.walk(prototype, seed)) {
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

    @Property(tries = 200)
    void deviceBackOftenEnoughLeavesWhereNothingElseIsSaid(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype made = RandomPlay.made(seed, size, true);
        // Without links of its own for device back, and where it closes everything.
        Prototype prototype = made.withScreens(made.screens().stream()
                .map(s -> s.withLinks(s.links().stream()
                                .filter(l -> !(l.cause() instanceof Cause.Back))
                                .toList())
                        .closedAsUsual())
                .toList());
        Step step = new Step(prototype);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
            Situation now = before;
            int most = 12
                            * (2
                                    + before.levels().stream()
                                            .mapToInt(l -> l.trail().depth())
                                            .sum())
                    + FramePropertiesTest.kept(before).values().stream()
                            .mapToInt(List::size)
                            .sum();
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
        Prototype prototype = RandomPlay.made(seed, size, true);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
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
        Prototype plain = RandomPlay.made(seed, size, nasty);
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
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
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
            // An open drawer takes what is done for itself.
            if (put
                    && stepped.situation().drawer().isEmpty()
                    && stepped.situation().top().trail().current().tabs().isEmpty()) {
                Situation back = step.step(
                                stepped.situation(), new Event.Touched(Gesture.KEY, "F9", new Event.On.Point(0, 0)))
                        .situation();
                assertThat(back.levels()).isEqualTo(before.levels());
            }
        });
    }

    @Property(tries = 100)
    void motionChangesNothing(@ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype prototype = RandomPlay.made(seed, size, true);
        Prototype moving = prototype;
        for (Verb verb : Verb.MOVES) {
            moving = BranchEdits.motionOfAll(
                            verb,
                            Optional.of(new Motion(Motion.Kind.GROW, Motion.Direction.UP, 5000, "linear", Rest.NONE)))
                    .applyTo(moving);
        }
        List<Event> events = RandomPlay.walk(prototype, seed);
        List<List<List<String>>> one = new ArrayList<>();
        RandomPlay.each(prototype, events, (before, event, stepped) -> one.add(shown(stepped.situation())));
        List<List<List<String>>> other = new ArrayList<>();
        RandomPlay.each(moving, events, (before, event, stepped) -> other.add(shown(stepped.situation())));
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
        Prototype prototype = RandomPlay.made(seed, size, true);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
            Facts facts = stepped.situation().facts();
            facts.set()
                    .forEach((id, value) -> assertThat(
                                    prototype.fact(id).orElseThrow().taking(value))
                            .hasValue(value));
        });
    }
}
