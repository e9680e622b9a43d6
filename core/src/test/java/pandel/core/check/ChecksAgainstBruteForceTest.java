package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.solve.Budget;
import pandel.core.edit.EachLink;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Index;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.TouchedRow;
import pandel.core.play.Happening;
import pandel.core.play.Step;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Visit;

/**
 * What the checks say is shown really replays; what they rule out is never found. Each run looks at other prototypes;
 * its seeds are printed, and what failed is tried first from then on.
 */
class ChecksAgainstBruteForceTest {

    @Property(tries = 35)
    void agreeOnNastyPrototypes(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 9) int size, @ForAll @IntRange(max = 6) int followed) {
        agree(Generated.of(size, seed, Kind.NASTY), 7, 3000, followed);
    }

    @Property(tries = 20)
    void agreeOnUsualPrototypes(@ForAll long seed, @ForAll @IntRange(min = 2, max = 60) int size) {
        agree(Generated.of(size, seed, Kind.USUAL), 5, 3000, 6);
    }

    @Property(tries = 35)
    void agreeOnNastyPrototypesWithFacts(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 7) int size,
            @ForAll @IntRange(min = 1, max = 3) int facts,
            @ForAll @IntRange(max = 6) int followed) {
        agree(Generated.of(size, seed, Kind.NASTY, facts), 7, 3000, followed);
    }

    @Property(tries = 20)
    void agreeOnUsualPrototypesWithFacts(
            @ForAll long seed,
            @ForAll @IntRange(min = 2, max = 40) int size,
            @ForAll @IntRange(min = 1, max = 4) int facts) {
        agree(Generated.of(size, seed, Kind.USUAL, facts), 6, 3000, 6);
    }

    /** Only some of what comes to be is looked at, and the rest is settled by what could be at most. */
    @Property(tries = 35)
    void agreeOnNastyPrototypesWithTooManyFacts(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 7) int size,
            @ForAll @IntRange(min = 1, max = 4) int facts,
            @ForAll @IntRange(max = 6) int followed) {
        agree(Generated.of(size, seed, Kind.NASTY, facts), 7, 3000, new Budget(followed, 0));
    }

    @Property(tries = 20)
    void agreeOnUsualPrototypesWithTooManyFacts(
            @ForAll long seed,
            @ForAll @IntRange(min = 2, max = 40) int size,
            @ForAll @IntRange(min = 1, max = 6) int facts) {
        agree(Generated.of(size, seed, Kind.USUAL, facts), 6, 3000, new Budget(6, 0));
    }

    /** A screen that is stuck only where a wait comes to it that may be too late. */
    @Example
    void agreeWhereAStuckSituationIsNotSettled() {
        agree(Generated.of(9, 1076612395L, Kind.NASTY), 7, 3000, 0);
    }

    /** A move beneath a takeover that lies on what is not known. */
    @Example
    void agreeWhereWhatLiesBeneathIsNotKnown() {
        agree(Generated.of(9, 2956190641L, Kind.NASTY), 7, 3000, 4);
    }

    /** An overlay that may never close, and what is put on its level. */
    @Example
    void agreeWhereItIsNotSettledWhetherALevelCloses() {
        agree(Generated.of(6, 1820761433355353743L, Kind.NASTY), 7, 3000, 0);
    }

    /** A drawer's item puts a page on a takeover, from which more is opened above. */
    @Example
    void agreeWhereADrawersItemLetsThreeThingsOpen() {
        agree(Generated.of(5, -159L, Kind.NASTY, 2), 7, 3000, 4);
    }

    /** A dialog puts a page beneath itself, on a takeover, from which more is opened above. */
    @Example
    void agreeWhereADialogsPageBeneathLetsThreeThingsOpen() {
        agree(Generated.of(4, -6268127819214016885L, Kind.NASTY, 1), 7, 3000, new Budget(3, 0));
    }

    /** What device back does counts for no way on, however it turns out. */
    @Example
    void agreeWhereDeviceBackTurnsOutInSeveralWays() {
        agree(Generated.of(6, 14973, Kind.NASTY), 7, 3000, 4);
    }

    /** A way back on the level of an overlay, to a place that never closes either. */
    @Example
    void agreeWhereGoingBackClosesNothing() {
        agree(Generated.of(6, 254132554723854179L, Kind.NASTY, 3), 7, 2000, new Budget(5, 0));
    }

    /** Several plain waits, and one for an untouched screen that does nothing and is spent once. */
    @Example
    void agreeWhereAWaitForAnUntouchedScreenIsPassedOnce() {
        agree(Generated.of(2, 10232, Kind.NASTY), 7, 3000, 0);
    }

    /** A header lies over the list beside a detail too. */
    @Example
    void agreeWhereAListBesideItsDetailIsUnderAHeader() {
        agree(Generated.of(9, 8, Kind.NASTY), 7, 3000, 2);
    }

    /** Pages and dialogs on dialogs, of which three seem to be open where play has two. */
    @Example
    void agreeWhereThreeSeemToBeOpen() {
        agree(Generated.of(7, -949, Kind.NASTY, 2), 7, 3000, new Budget(5, 0));
    }

    /** A wait goes back and opens a drawer there that nothing else opens, and of which an item turns the page. */
    @Example
    void agreeWhereADrawerOpensAtAPlaceThatIsGoneBackTo() {
        agree(Generated.of(5, 260701174, Kind.NASTY), 7, 3000, 0);
    }

    /** Every third link says something with an action that leads anywhere. */
    @Property(tries = 30)
    void agreeWhereNoticesOfferActions(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 5) int size, @ForAll @IntRange(max = 6) int followed) {
        Prototype plain = Generated.of(size, seed, Kind.NASTY);
        Random random = new Random(seed);
        Prototype p = EachLink.change(plain, link -> {
            if (link.id().contains("-u")
                    || random.nextInt(3) > 0
                    || link.branches().isEmpty()
                    || link.notices().findAny().isPresent()) {
                return Optional.of(link);
            }
            Effect.Notice says = new Effect.Notice(
                    "It is done",
                    random.nextInt(4) == 0 ? 0 : 300 + random.nextInt(4) * 500,
                    Optional.of(new Effect.Action(
                            "Undo",
                            Link.of(
                                    link.id() + "-undo",
                                    new Cause.Touch(Gesture.TAP),
                                    Effect.of(
                                            random.nextBoolean() ? Verb.ADVANCE : Verb.REPLACE,
                                            new Target.ToScreen("s" + random.nextInt(size)))))));
            return Optional.of(link.branch(
                    0,
                    b -> b.withEffects(
                            Stream.concat(b.effects().stream(), Stream.of(says)).toList())));
        });
        agree(p, 6, 2000, followed);
    }

    /** Work that cannot be given up, and after which what opens above never closes: that is told, not the work. */
    @Example
    void agreeWhereWorkComesToWhatNeverCloses() {
        agree(Generated.of(3, -8250176237103890567L, Kind.NASTY), 7, 3000, 0);
    }

    private static void agree(Prototype prototype, int depth, int most, int followed) {
        agree(prototype, depth, most, new Budget(followed, Budget.USUAL.withFacts()));
    }

    private static void agree(Prototype prototype, int depth, int most, Budget effort) {
        Checked checked = Check.of(prototype, effort, () -> false).orElseThrow();
        boolean all = effort.withFacts() > 0;
        BruteForce brute = new BruteForce(prototype);
        Set<String> stuck = new HashSet<>();
        checked.findings(Rule.DEAD_END).forEach(f -> stuck.addAll(f.screens()));
        checked.findings(Rule.ONLY_DEVICE_BACK).forEach(f -> stuck.addAll(f.screens()));
        Set<String> open = new HashSet<>(stuck);
        Set<String> unsettled = new HashSet<>();
        checked.unsettled().forEach(u -> unsettled.add(u.subject()));
        open.addAll(unsettled);
        stuck.addAll(unsettled);
        checked.findings(Rule.CANNOT_CLOSE).forEach(f -> open.addAll(f.screens()));
        boolean putsOff =
                prototype.index().ways().stream().anyMatch(w -> w.link().cause() instanceof Cause.Untouched);
        for (Device device : prototype.devices()) {
            Map<Situation, Integer> met = brute.reach(device, depth, most);
            met.forEach((situation, steps) -> {
                boolean shown = checked.stepsTo(situation.screen()).isPresent();
                assertThat(shown || unsettled.contains(situation.screen()))
                        .as("%s is shown", situation.screen())
                        .isTrue();
                // What is not settled may lead there sooner.
                // Putting off a wait for an untouched screen takes events that brute force need not think of.
                // A list beside its detail saves going back.
                assertThat(!all
                                || !shown
                                || putsOff
                                || !prototype.pairs().isEmpty()
                                || !unsettled.isEmpty()
                                || checked.stepsTo(situation.screen()).getAsInt() <= steps)
                        .isTrue();
                if (!situation.left() && Boolean.FALSE.equals(brute.leadsOn(situation, false, 60))) {
                    assertThat(stuck).as("stuck in %s", situation.row()).contains(situation.screen());
                }
                if (situation.levels().size() > 1
                        && !situation.left()
                        && Boolean.FALSE.equals(brute.closes(situation, 40))) {
                    // It is told once, where the trouble begins on the level; what work comes to is told there.
                    Set<String> begins =
                            situation.work().isPresent() ? brute.shownFrom(situation, 40) : new HashSet<>();
                    situation.top().trail().places().stream().map(Visit::screen).forEach(begins::add);
                    assertThat(open).as("open for ever in %s", situation.row()).containsAnyElementsOf(begins);
                }
                situation
                        .look(prototype)
                        .flatMap(Look::state)
                        .ifPresent(state -> assertThat(checked.findings(Rule.STATE_NEVER_HOLDS))
                                .as("%s holds", state.id())
                                .noneMatch(f -> f.screens().contains(situation.screen())
                                        && f.sentence().startsWith("The look “" + state.title() + "”")));
                if (situation.levels().size() > 3 && !unsettled.contains("")) {
                    assertThat(checked.findings(Rule.DEEP_OVERLAYS)).isNotEmpty();
                }
            });
        }
        prototype.index().ways().stream()
                .filter(way -> way.from().stream().anyMatch(s -> unsettled.contains(s.id())))
                .forEach(way -> unsettled.add(way.link().id()));
        assertThat(brute.fired()).allMatch(link -> checked.fires(link) || unsettled.contains(link));
        shownReplays(prototype, checked, brute);
    }

    /** What each other finding claims of the situation at the end of its list of events. */
    private static void claims(Prototype prototype, Finding finding, BruteForce brute) {
        if (finding.walk().isEmpty()) {
            return;
        }
        Step step = new Step(prototype);
        Situation there = finding.walk().get().replay(prototype);
        switch (finding.rule()) {
            case CANNOT_CLOSE -> assertThat(brute.closes(there, 400)).isNotEqualTo(Boolean.TRUE);
            case DEEP_OVERLAYS -> assertThat(there.levels()).hasSize(4);
            case WAIT_IN_TRAIL -> {
                assertThat(there.screen()).isEqualTo(finding.screens().getFirst());
                assertThat(there.waits().left()).isNotEmpty();
            }
            case CLOSED_CIRCLE -> assertThat(finding.screens()).containsAll(brute.shownFrom(there, 400));
            case ENDLESS_WAITS -> {
                for (int i = 0; i < 40; i++) {
                    assertThat(finding.screens()).contains(there.screen());
                    Situation now = there;
                    assertThat(brute.events(now).stream()
                                    .filter(e ->
                                            !(e instanceof Event.Elapse) && !(e.plain() instanceof Event.DeviceBack))
                                    .map(e -> step.step(now, e).happening()))
                            .noneMatch(Happening.Moved.class::isInstance);
                    there = step.step(
                                    there,
                                    new Event.Elapse(there.waits().untilDue().orElseThrow()))
                            .situation();
                }
            }
            case VALUE_MISSING -> {
                Link link = prototype
                        .index()
                        .way(finding.link().orElseThrow())
                        .orElseThrow()
                        .link();
                Situation at = before(finding, prototype);
                Rules rules = new Rules(prototype);
                if (finding.sentence().contains("can be")) {
                    List<TouchedRow> rows = finding.hotspot()
                            .flatMap(h -> prototype.index().hotspot(h))
                            .filter(h -> !h.rows().isEmpty())
                            .map(h -> IntStream.rangeClosed(1, h.rows().size())
                                    .mapToObj(h::touchedRow)
                                    .toList())
                            .orElse(List.of(TouchedRow.NONE));
                    assertThat(rows)
                            .anyMatch(row -> link.branches().stream()
                                    .anyMatch(
                                            b -> rules.branch(at.head().atRow(row), b) instanceof RuleOutcome.Refused));
                }
            }
            case RETURN_TO_ABSENT, RETURN_TO_NOWHERE -> {
                Link link = prototype.index().ways().stream()
                        .map(Index.Way::link)
                        .filter(l -> l.id().equals(finding.link().get()))
                        .findFirst()
                        .orElseThrow();
                Situation at = before(finding, prototype);
                Rules rules = new Rules(prototype);
                assertThat(link.branches())
                        .anyMatch(b -> rules.branch(at.head(), b) instanceof RuleOutcome.NothingToDo);
            }
            default -> assertThat(there).isNotNull();
        }
    }

    /** The situation in which what a finding says happens. */
    private static Situation before(Finding finding, Prototype prototype) {
        Situation there = finding.walk().orElseThrow().replay(prototype);
        return prototype.index().way(finding.link().orElseThrow()).orElseThrow().from().stream()
                        .anyMatch(s -> s.id().equals(there.screen()))
                ? there
                : new Walk(
                                finding.walk().get().device(),
                                finding.walk().get().entry(),
                                finding.walk()
                                        .get()
                                        .events()
                                        .subList(
                                                0,
                                                Math.max(
                                                        0,
                                                        finding.walk()
                                                                        .get()
                                                                        .events()
                                                                        .size()
                                                                - 1)))
                        .replay(prototype);
    }

    private static void shownReplays(Prototype prototype, Checked checked, BruteForce brute) {
        for (Screen screen : prototype.screens()) {
            checked.walkTo(screen.id()).ifPresent(walk -> {
                assertThat(walk.replay(prototype).screen()).isEqualTo(screen.id());
                assertThat(walk.events()).hasSize(checked.stepsTo(screen.id()).orElseThrow());
            });
        }
        for (Finding finding : checked.findings()) {
            if (finding.rule() == Rule.DEAD_END) {
                Situation there = finding.walk().orElseThrow().replay(prototype);
                assertThat(there.screen()).isEqualTo(finding.screens().getFirst());
                assertThat(brute.leadsOn(there, true, 500)).isNotEqualTo(Boolean.TRUE);
            }
            claims(prototype, finding, brute);
            if (finding.rule() == Rule.ONLY_DEVICE_BACK) {
                Situation there = finding.walk().orElseThrow().replay(prototype);
                assertThat(brute.leadsOn(there, false, 500)).isNotEqualTo(Boolean.TRUE);
                if (finding.weight() == Weight.WARNING) {
                    assertThat(brute.leadsOn(there, true, 500)).isNotEqualTo(Boolean.FALSE);
                }
            }
        }
    }
}
