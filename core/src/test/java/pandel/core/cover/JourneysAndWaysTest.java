package pandel.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.rest.Rest;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;

/** Journeys replayed, ways from one screen to another, and what is nearest to come. */
class JourneysAndWaysTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; ask open above ask",
            "list page: item advance item; back return",
            "item page: save =saved return to home or =refused open above ask; back return",
            "ask dialog: shut close",
            "lost page: x advance home");

    private static Situation start(Prototype p) {
        return Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
    }

    private static Journey recorded(Prototype p, Event... events) {
        Step step = new Step(p);
        Situation now = start(p);
        List<Journey.Leg> legs = new ArrayList<>();
        for (Event event : events) {
            now = step.step(now, event).situation();
            legs.add(new Journey.Leg(event, now.screen()));
        }
        return new Journey("j", "J", "", p.devices().getFirst().id(), "start", legs, Optional.empty(), Rest.NONE);
    }

    @Test
    void aReplayedJourneyTellsItsScreensAndLinks() {
        Replayed replayed = Replayed.of(
                APP,
                recorded(
                        APP,
                        Event.tap("home.list"),
                        Event.tap("list.item"),
                        Event.tap("item.save").turning("saved"),
                        Event.tap("home.list")));
        assertThat(replayed.broken()).isEmpty();
        assertThat(replayed.path()).containsExactly("home", "list", "item", "home", "list");
        assertThat(replayed.screens()).containsExactly("home", "list", "item");
        assertThat(replayed.links())
                .containsExactly(
                        new LinkOutcome("home.list.tap", Optional.empty()),
                        new LinkOutcome("list.item.tap", Optional.empty()),
                        new LinkOutcome("item.save.tap", Optional.of("saved")),
                        new LinkOutcome("home.list.tap", Optional.empty()));
        assertThat(replayed.end()).map(Situation::screen).contains("list");
    }

    @Test
    void whatNoLongerNamesItsOutcomeBreaksThere() {
        Journey journey = recorded(
                APP,
                Event.tap("home.list"),
                Event.tap("list.item"),
                Event.tap("item.save").turning("saved"));
        List<Journey.Leg> legs = new ArrayList<>(journey.legs());
        legs.set(2, new Journey.Leg(Event.tap("item.save"), "home"));
        Replayed replayed = Replayed.of(APP, journey.with(legs));
        assertThat(replayed.broken())
                .contains(new Replayed.Broken(3, "it must be said how it turns out: saved, refused."));
        assertThat(replayed.path()).containsExactly("home", "list", "item");
    }

    @Test
    void aLinkThatLeadsElsewhereBreaksTheJourneyAtItsLeg() {
        Journey journey = recorded(APP, Event.tap("home.list"), Event.tap("list.item"));
        Prototype moved = LinkEdits.leadElsewhere(
                        APP.screen("item").orElseThrow(), APP.screen("lost").orElseThrow())
                .applyTo(APP);
        assertThat(Replayed.of(moved, journey).broken())
                .contains(new Replayed.Broken(2, "It shows “lost” instead of “item”."));
    }

    @Test
    void keepingAJourneyAgainReplacesItAndRemovingItTakesItOut() {
        Journey journey = recorded(APP, Event.tap("home.list"));
        Prototype once = JourneyEdits.keep(journey).applyTo(APP);
        Journey longer = recorded(APP, Event.tap("home.list"), Event.tap("list.item"));
        Prototype twice = JourneyEdits.keep(longer).applyTo(once);
        assertThat(twice.journeys()).containsExactly(longer);
        assertThat(JourneyEdits.remove(longer).applyTo(twice)).isEqualTo(APP);
    }

    @Test
    void theWayBetweenTwoScreensBeginsWhereTheFirstIsSoonestComeTo() {
        Checked checked = Check.of(APP);
        Between between = Between.of(checked, "list", "ask").orElseThrow();
        assertThat(between.lead().events()).containsExactly(Event.tap("home.list"));
        assertThat(between.screens("list")).startsWith("list").endsWith("ask").hasSize(3);
        assertThat(between.walk().replay(APP).screen()).isEqualTo("ask");
        assertThat(Between.of(checked, "list", "lost")).isEmpty();
        assertThat(Between.of(checked, "lost", "home")).isEmpty();
    }

    @Test
    void whatIsWantedAtOnceTakesOneEvent() {
        assertThat(Onward.until(
                        APP, start(APP), (e, s) -> s.situation().screen().equals("list")))
                .hasValueSatisfying(legs -> assertThat(legs)
                        .singleElement()
                        .satisfies(leg -> assertThat(leg.event()).isEqualTo(Event.tap("home.list"))));
        assertThat(Onward.until(APP, start(APP), (e, s) -> false)).isEmpty();
    }

    /** No shorter list of possible events gets there: tried out up to that length. */
    @Property(tries = 60)
    void theWayOnwardIsTheShortest(@ForAll long seed, @ForAll @IntRange(min = 2, max = 8) int size) {
        Prototype p = Generated.of(size, seed, Kind.USUAL);
        String wanted = p.screens().getLast().id();
        Optional<List<Journey.Leg>> found =
                Onward.until(p, start(p), (e, s) -> s.situation().screen().equals(wanted));
        int fewest = fewest(p, wanted, 4);
        if (fewest > 0) {
            assertThat(found).isPresent();
            assertThat(found.get()).hasSize(fewest);
        } else {
            assertThat(found.map(List::size).orElse(5)).isGreaterThan(4);
        }
    }

    @Test
    void aLinkThatTakesTimeIsTwoStepsOnTheWay() {
        Link work = APP.index()
                .hotspot("home.list")
                .orElseThrow()
                .links()
                .getFirst()
                .withTakes(Optional.of(Takes.UNTIL_DONE));
        Prototype p = LinkEdits.change("", work).applyTo(APP);
        assertThat(Onward.until(p, start(p), (e, s) -> s.situation().screen().equals("list"))
                        .orElseThrow())
                .extracting(Journey.Leg::event)
                .containsExactly(Event.tap("home.list"), new Event.Done(work.id()));
    }

    /** By trying out every list of that many events; 0: none does. */
    private static int fewest(Prototype p, String wanted, int most) {
        Step step = new Step(p);
        List<Situation> now = List.of(start(p));
        for (int n = 1; n <= most; n++) {
            java.util.Set<Situation> next = new java.util.LinkedHashSet<>();
            for (Situation s : now) {
                for (Event event : Possible.events(p, s)) {
                    Stepped stepped = step.step(s, event);
                    if (stepped.situation().screen().equals(wanted)) {
                        return n;
                    }
                    next.add(stepped.situation());
                }
            }
            now = List.copyOf(next);
            if (now.size() > 4000) {
                return -1;
            }
        }
        return 0;
    }
}
