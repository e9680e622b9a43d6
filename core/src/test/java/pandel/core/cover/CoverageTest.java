package pandel.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.finding.LinkOutcome;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

class CoverageTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; ask open above ask",
            "list page: item advance item; back return",
            "item page: back return",
            "ask dialog: shut close",
            "lost page: x advance home");

    private static Journey journey(String id, Event... events) {
        Step step = new Step(APP);
        Situation now = Situation.at(
                        APP, APP.mainEntry().orElseThrow(), APP.devices().getFirst())
                .orElseThrow();
        List<Journey.Leg> legs = new ArrayList<>();
        for (Event event : events) {
            now = step.step(now, event).situation();
            legs.add(new Journey.Leg(event, now.screen()));
        }
        return new Journey(id, id, "", "phone", "start", legs, Optional.of(now.screen()), Rest.NONE);
    }

    @Test
    void whatJourneysTravelIsCountedAgainstWhatIsPossible() {
        Prototype p = JourneyEdits.keep(journey("j", Event.tap("home.list"), Event.tap("list.back")))
                .applyTo(APP);
        Coverage coverage = Coverage.of(Check.of(p));
        assertThat(coverage.screensTravelled() + " of " + coverage.screens()).isEqualTo("2 of 4");
        assertThat(coverage.linksTravelled() + " of " + coverage.links()).isEqualTo("2 of 6");
        assertThat(coverage.percent()).isEqualTo(40);
        assertThat(coverage.missingScreens()).extracting(s -> s.id()).containsExactly("item", "ask");
        assertThat(coverage.missingLinks())
                .extracting(m -> m.way().link().id())
                .containsExactly("home.ask.tap", "list.item.tap", "item.back.tap", "ask.shut.tap");
    }

    @Test
    void theNearestJourneyIsLedOnToAMissingLink() {
        Prototype p = APP.withJourneys(List.of(journey("far"), journey("near", Event.tap("home.list"))));
        Journey led = Extension.to(
                        p, Coverage.of(Check.of(p)).journeys(), new LinkOutcome("item.back.tap", Optional.empty()))
                .orElseThrow();
        assertThat(led.id()).isEqualTo("near");
        assertThat(led.events())
                .containsExactly(Event.tap("home.list"), Event.tap("list.item"), Event.tap("item.back"));
        Prototype grown = JourneyEdits.keep(led).applyTo(p);
        assertThat(Coverage.of(Check.of(grown)).missingLinks())
                .noneMatch(m -> m.way().link().id().equals("item.back.tap"));
        assertThat(Extension.to(
                        p, Coverage.of(Check.of(p)).journeys(), new LinkOutcome("lost.x.tap", Optional.empty())))
                .isEmpty();
    }

    @Test
    void aJourneyThatNoLongerWorksNamesItsFirstBrokenLegAndWhy() {
        Prototype p = APP.withJourneys(
                List.of(journey("j", Event.tap("home.list"), Event.tap("list.item"), Event.tap("item.back"))));
        assertThat(Replayed.of(p, p.journeys().getFirst()).broken()).isEmpty();
        Prototype without =
                ScreenEdits.remove(List.of(p.screen("item").orElseThrow())).applyTo(p);
        assertThat(Replayed.of(without, p.journeys().getFirst()).broken())
                .contains(new Replayed.Broken(2, "This hotspot has no link yet."));
        Prototype noStart = p.withEntries(List.of());
        assertThat(Replayed.of(noStart, p.journeys().getFirst())
                        .broken()
                        .orElseThrow()
                        .leg())
                .isZero();
    }
}
