package pandel.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

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
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;

/** Journeys that are suggested, links with their outcomes, and two links in a row. */
class SuggestedJourneysTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; ask open above ask",
            "list page: item advance item; back return",
            "item page: save =saved return to home or =refused open above ask; back return",
            "ask dialog: shut close",
            "lost page: x advance home");

    private static SuggestedJourneys suggested(Prototype p) {
        Checked checked = Check.of(p);
        return SuggestedJourneys.of(checked, Coverage.of(checked), i -> "suggested-" + i, () -> false)
                .orElseThrow();
    }

    private static Prototype kept(Prototype p, List<Journey> journeys) {
        Prototype with = p;
        for (Journey journey : journeys) {
            with = JourneyEdits.keep(journey).applyTo(with);
        }
        return with;
    }

    @Test
    void eachOutcomeOfALinkIsTravelledApart() {
        Coverage coverage = Coverage.of(Check.of(APP));
        assertThat(coverage.links()).isEqualTo(8);
        assertThat(coverage.missingLinks())
                .extracting(Coverage.Missing::wanted)
                .contains(
                        new LinkOutcome("item.save.tap", Optional.of("saved")),
                        new LinkOutcome("item.save.tap", Optional.of("refused")));
    }

    @Test
    void theyTravelEverythingThatCanBeTravelled() {
        SuggestedJourneys suggested = suggested(APP);
        assertThat(suggested.left()).isEmpty();
        assertThat(suggested.toTravel()).isEqualTo(8);
        Coverage coverage = Coverage.of(Check.of(kept(APP, suggested.journeys())));
        assertThat(coverage.percent()).isEqualTo(100);
        assertThat(suggested.events()).isGreaterThanOrEqualTo(8);
        assertThat(suggested.journeys()).hasSizeGreaterThanOrEqualTo(suggested.fewestJourneys());
    }

    @Test
    void whatIsTravelledAlreadyIsNotSuggestedAgain() {
        Prototype all = kept(APP, suggested(APP).journeys());
        assertThat(suggested(all).journeys()).isEmpty();
        assertThat(suggested(all).toTravel()).isZero();
        Journey first = suggested(APP).journeys().getFirst();
        Journey shorter = first.with(first.legs().subList(0, 1));
        assertThat(suggested(kept(APP, List.of(shorter))).toTravel()).isEqualTo(7);
    }

    @Test
    void whoCallsItOffGetsNothing() {
        Checked checked = Check.of(APP);
        assertThat(SuggestedJourneys.of(checked, Coverage.of(checked), i -> "s" + i, () -> true))
                .isEmpty();
        assertThat(LinkPairs.of(APP, List.of(), () -> true)).isEmpty();
    }

    @Property(tries = 20)
    void whateverIsSuggestedReplaysAndTravelsAllButWhatIsLeft(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 8) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 1);
        SuggestedJourneys suggested = suggested(p);
        Prototype with = kept(p, suggested.journeys());
        suggested
                .journeys()
                .forEach(j -> assertThat(Replayed.of(with, j).broken()).isEmpty());
        assertThat(Coverage.of(Check.of(with)).missingLinks().stream().map(Coverage.Missing::wanted))
                .isSubsetOf(suggested.left());
        suggested.journeys().forEach(j -> assertThat(j.legs()).isNotEmpty());
    }

    @Test
    void linksInARowArePairs() {
        Prototype p = Made.of("home page: a advance b; x restart home", "b page: y replace c", "c page end");
        LinkPairs pairs = LinkPairs.of(p, List.of(), () -> false).orElseThrow();
        assertThat(pairs.possible())
                .extracting(q -> q.first().link() + " " + q.then().link())
                .containsExactlyInAnyOrder(
                        "home.a.tap b.y.tap",
                        "home.x.tap home.a.tap",
                        "home.x.tap home.x.tap",
                        // Device back leads from what was advanced to back home, and sets no link off.
                        "home.a.tap home.a.tap",
                        "home.a.tap home.x.tap",
                        "b.y.tap home.a.tap",
                        "b.y.tap home.x.tap");
        assertThat(pairs.all()).isTrue();
        assertThat(pairs.travelled()).isEmpty();
    }

    @Test
    void pairsThatJourneysTravelAreAmongThoseThatArePossible() {
        Prototype p = kept(APP, suggested(APP).journeys());
        Coverage coverage = Coverage.of(Check.of(p));
        LinkPairs pairs = LinkPairs.of(p, coverage.journeys(), () -> false).orElseThrow();
        assertThat(pairs.possible()).containsAll(pairs.travelled());
        assertThat(pairs.travelled()).isNotEmpty();
        assertThat(pairs.travelled().size()).isLessThan(pairs.possible().size());
    }

    @Test
    void withoutRoomItSaysThatThereMayBeMore() {
        Prototype p = Generated.of(40, 3, Kind.USUAL);
        assertThat(LinkPairs.of(p, List.of(), 50, () -> false).orElseThrow().all())
                .isFalse();
    }
}
