package pandel.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;

/** What targets lead to, and where drawers are attached. */
class TargetsTest {

    private static final Prototype LENDING = Made.of(
            "home page: on advance one",
            "one page: on advance two",
            "two page: back return",
            "ask dialog: done close",
            "sequence welcome one,two",
            "tabs inner two,gone",
            "tabs main home,in=$inner,first=#welcome",
            "drawer side home on:home,gone",
            "drawer everywhere home on:all",
            "drawer within home on:$inner");

    private static String shown(Target target) {
        return Targets.shownId(LENDING, target);
    }

    private static Target.ToTabs tabs(String set, String tab) {
        return new Target.ToTabs(set, Optional.of(tab), Map.of());
    }

    private static Drawer drawer(String id) {
        return LENDING.drawer(id).orElseThrow();
    }

    @Test
    void aScreenIsItselfAndASequenceItsPage() {
        assertThat(shown(new Target.ToScreen("one"))).isEqualTo("one");
        assertThat(shown(new Target.ToSequence("welcome"))).isEqualTo("one");
        assertThat(shown(new Target.ToSequence("welcome", Optional.of(2), Map.of())))
                .isEqualTo("two");
    }

    @Test
    void aPageThatIsNotThereLeadsNowhere() {
        Target third = new Target.ToSequence("welcome", Optional.of(3), Map.of());
        assertThat(Targets.shown(LENDING, third)).isEmpty();
        assertThat(shown(third)).isEqualTo("welcome");
        assertThat(Targets.isThere(LENDING, third))
                .as("the sequence itself is there")
                .isTrue();
        assertThat(Targets.isThere(LENDING, new Target.ToSequence("nowhere"))).isFalse();
    }

    @Test
    void aTabSetShowsTheRootOfItsTabWithinOneAnotherToo() {
        assertThat(shown(new Target.ToTabs("main"))).isEqualTo("home");
        assertThat(shown(tabs("main", "main-in"))).isEqualTo("two");
        assertThat(shown(tabs("main", "main-first"))).isEqualTo("one");
        assertThat(Targets.firstTab(LENDING, tabs("main", "no-such-tab"))).isEmpty();
    }

    @Test
    void allThatMayBeGivenWhatIsCarried() {
        assertThat(Targets.takers(LENDING, new Target.ToTabs("main")))
                .extracting(Screen::id)
                .containsExactlyInAnyOrder("home", "two", "one", "two");
        assertThat(Targets.takerIds(LENDING, new Target.ToTabs("inner"))).containsExactly("two", "gone");
        assertThat(Targets.takers(LENDING, new Target.ToTabs("inner")))
                .extracting(Screen::id)
                .containsExactly("two");
        assertThat(Targets.takers(LENDING, new Target.ToSequence("welcome")))
                .extracting(Screen::id)
                .containsExactly("one", "two");
    }

    @Test
    void setsThatHoldOneAnotherEnd() {
        Prototype ring = Made.of("home page: on advance home", "tabs a in=$b", "tabs b in=$a");
        assertThat(Targets.shown(ring, new Target.ToTabs("a"))).isEmpty();
        assertThat(Targets.takers(ring, new Target.ToTabs("a"))).isEmpty();
    }

    @Test
    void aDrawerStandsOnItsScreensOnAllPagesOrInsideASet() {
        assertThat(Attachments.screens(LENDING, drawer("side").on()))
                .extracting(Screen::id)
                .containsExactly("home");
        assertThat(Attachments.screens(LENDING, drawer("everywhere").on()))
                .extracting(Screen::id)
                .containsExactly("home", "one", "two");
        assertThat(Attachments.screens(LENDING, drawer("within").on()))
                .extracting(Screen::id)
                .containsExactly("two");
    }

    @Test
    void insideASetADrawerMayStandAnywhere() {
        assertThat(Attachments.mayStandOn(LENDING, drawer("within").on(), "ask"))
                .isTrue();
        assertThat(Attachments.mayStandOn(LENDING, drawer("everywhere").on(), "ask"))
                .isFalse();
        assertThat(Attachments.isAttached(LENDING, drawer("within").on(), "home", set -> false))
                .isFalse();
        assertThat(Attachments.isAttached(LENDING, drawer("within").on(), "home", "inner"::equals))
                .isTrue();
    }

    @Test
    void thePrototypeSaysWhatNamesStandFor() {
        Prototype asking = Made.of("home page: code ^field; on advance home % ready");
        assertThat(asking.fieldTitle("home.code")).isPresent();
        assertThat(asking.fieldTitle("home.gone")).isEmpty();
        assertThat(asking.facts()).hasSize(1);
        assertThat(asking.fact(asking.facts().getFirst().id()))
                .isEqualTo(Optional.of(asking.facts().getFirst()));
    }
}
