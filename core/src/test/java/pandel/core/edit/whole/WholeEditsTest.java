package pandel.core.edit.whole;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Journey;
import pandel.core.model.Judgements;
import pandel.core.model.Opening;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.link.Event;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Value;

/** Versions, starts, journeys and judgements. */
class WholeEditsTest {

    private static final Prototype LENDING = Made.of(
            "home page: on advance loan; help advance help", "loan page: back return", "help page: back return");

    private static Naming naming() {
        int[] next = {0};
        return new Naming(n -> next[0]++ % n);
    }

    private static Entry address(String id, String address, String screen) {
        return new Entry(id, new Target.ToScreen(screen), Optional.of(address), Map.of(), Rest.NONE);
    }

    private static Version kept(Prototype p) {
        return p.versions().getFirst();
    }

    @Test
    void aVersionHoldsEverythingButTheVersions() {
        Prototype first =
                VersionEdits.keep("First sketch", "2026-11-29", naming()).applyTo(LENDING);
        Prototype second = VersionEdits.keep("Second", "2026-11-30", naming()).applyTo(first);
        assertThat(second.versions()).extracting(Version::title).containsExactly("First sketch", "Second");
        assertThat(second.versions()).extracting(Version::id).doesNotHaveDuplicates();
        assertThat(second.versions().getLast().content())
                .isInstanceOfSatisfying(
                        Version.Content.Kept.class,
                        k -> assertThat(k.prototype().versions()).isEmpty());
    }

    @Test
    void restoringAllKeepsTheVersions() {
        Prototype first = VersionEdits.keep("First", "2026-11-29", naming()).applyTo(LENDING);
        Prototype changed =
                ScreenEdits.remove(List.of(first.screen("help").orElseThrow())).applyTo(first);
        Prototype restored = VersionEdits.restore("First", LENDING).applyTo(changed);
        assertThat(restored.screens()).isEqualTo(LENDING.screens());
        assertThat(restored.versions()).hasSize(1);
    }

    @Test
    void aScreenRemovedSinceComesBackWhereItStood() {
        Prototype without = ScreenEdits.remove(List.of(LENDING.screen("loan").orElseThrow()))
                .applyTo(LENDING);
        Prototype restored = VersionEdits.restore("First", LENDING, "loan").applyTo(without);
        assertThat(restored.screens()).extracting(Screen::id).containsExactly("home", "loan", "help");
        Prototype entryless = ScreenEdits.remove(List.of(LENDING.screen("home").orElseThrow()))
                .applyTo(LENDING);
        assertThat(VersionEdits.restore("First", LENDING, "home")
                        .applyTo(entryless)
                        .mainEntry())
                .isPresent();
    }

    @Test
    void aScreenAddedSinceGoes() {
        Prototype more = ScreenEdits.add(List.of(Screen.page("fees", "Fees"))).applyTo(LENDING);
        Prototype restored = VersionEdits.restore("First", LENDING, "fees").applyTo(more);
        assertThat(restored.screen("fees")).isEmpty();
        assertThat(restored.screens()).hasSize(3);
    }

    @Test
    void versionsAreRenamedAndRemovedByTheirId() {
        Prototype first = VersionEdits.keep("First", "2026-11-29", naming()).applyTo(LENDING);
        Prototype renamed = VersionEdits.rename(kept(first), " Shown to Ada ").applyTo(first);
        assertThat(kept(renamed).title()).isEqualTo("Shown to Ada");
        assertThat(VersionEdits.remove(kept(renamed)).applyTo(renamed).versions())
                .isEmpty();
    }

    @Test
    void anAddressThatCannotBeUsedSaysWhy() {
        Prototype p =
                StartEdits.entry(address("loans", "/loans/{loan}", "loan")).applyTo(LENDING);
        assertThat(StartEdits.whyNot(p, "new", "loans"))
                .hasValueSatisfying(w -> assertThat(w).startsWith("An address begins with /"));
        assertThat(StartEdits.whyNot(p, "new", "/loans/{id}")).hasValue("“/loans/{loan}” already leads to “loan”.");
        assertThat(StartEdits.whyNot(p, "loans", "/loans/{id}"))
                .as("its own is no clash")
                .isEmpty();
        assertThat(StartEdits.whyNot(p, "new", "/loans")).isEmpty();
        assertThat(StartEdits.whyNot(p, "new", "/")).isEmpty();
    }

    @Test
    void anAddressTypedOpensTheEntryWithTheFewestPartsToFill() {
        Prototype p = StartEdits.entry(address("any", "/loans/{loan}", "loan")).applyTo(LENDING);
        Prototype both =
                StartEdits.entry(address("late", "/loans/late", "help")).applyTo(p);
        assertThat(Opening.of(both, "/loans/late").map(Opening::entry).map(Entry::id))
                .hasValue("late");
        assertThat(Opening.of(both, " /loans/42 ").map(Opening::entry)).hasValueSatisfying(e -> {
            assertThat(e.id()).isEqualTo("any");
            assertThat(e.values()).containsEntry("loan", new Value.Text("42"));
            assertThat(e.filledAddress()).hasValue("/loans/42");
        });
        assertThat(Opening.of(both, "/tools").map(Opening::entry)).isEmpty();
    }

    @Test
    void anEntryOfTheSameIdIsChanged() {
        Prototype p = StartEdits.entry(address("any", "/loans", "loan")).applyTo(LENDING);
        Prototype changed = StartEdits.entry(address("any", "/help", "help")).applyTo(p);
        assertThat(changed.entries()).hasSize(2);
        assertThat(StartEdits.removeEntry(changed.entries().getLast())
                        .applyTo(changed)
                        .entries())
                .hasSize(1);
    }

    @Test
    void aJourneyOfTheSameIdIsKeptAnew() {
        Journey journey = new Journey(
                "j",
                "Borrow",
                "",
                "phone",
                "start",
                List.of(new Journey.Leg(Event.tap("home.on"), "loan")),
                Optional.empty(),
                Rest.NONE);
        Prototype kept = JourneyEdits.keep(journey).applyTo(LENDING);
        assertThat(JourneyEdits.keep(journey).applyTo(kept).journeys()).hasSize(1);
        assertThat(JourneyEdits.remove(journey).applyTo(kept).journeys()).isEmpty();
    }

    @Test
    void aFindingIsAcceptedOnceAndReportedAgain() {
        Prototype p = JudgementEdits.accept("dead-end", "help", " meant ").applyTo(LENDING);
        Prototype again =
                JudgementEdits.accept("dead-end", "help", "still meant").applyTo(p);
        assertThat(again.judgements().accepted())
                .extracting(Judgements.Accepted::reason)
                .containsExactly("still meant");
        assertThat(JudgementEdits.takeBack(again.judgements().accepted().getFirst())
                        .applyTo(again)
                        .judgements()
                        .isEmpty())
                .isTrue();
    }

    @Test
    void aRuleIsQuietEverywhereInASectionOrOnAScreen() {
        Prototype p = JudgementEdits.quieten("dead-end").applyTo(LENDING);
        p = JudgementEdits.quietenIn("dead-end", "Care").applyTo(p);
        p = JudgementEdits.quietenOn("dead-end", "help").applyTo(p);
        assertThat(JudgementEdits.quieten("dead-end").applyTo(p).judgements().quiet())
                .hasSize(3);
        Screen help = LENDING.screen("help").orElseThrow();
        assertThat(p.judgements().quiet()).extracting(q -> q.covers(help)).containsExactly(true, false, true);
        assertThat(p.judgements().sectionRenamed("Care", "Upkeep").quiet())
                .extracting(Judgements.Quiet::section)
                .contains(Optional.of("Upkeep"));
        assertThat(p.judgements().sectionRenamed("Care", "").quiet()).hasSize(2);
        Judgements.Quiet last = p.judgements().quiet().getLast();
        assertThat(JudgementEdits.speakAgain(last).applyTo(p).judgements().quiet())
                .hasSize(2);
    }
}
