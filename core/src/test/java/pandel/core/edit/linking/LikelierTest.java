package pandel.core.edit.linking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.Fitting;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;

/** What is offered first where to advance would pile screens up. */
class LikelierTest {

    private static final Prototype APP = Made.of(
                    "start page: on advance $main",
                    "a page: go advance deep",
                    "b page: y return",
                    "deep page: ask open above sure",
                    "sure dialog: x close x",
                    "outside page: on advance $main",
                    "tabs main a,b")
            .withScreen("start", s -> s.withHome(true));

    private static Effect linked(String from, Destination to, LinkingHabits habits) {
        Hotspot bare = new Hotspot("fresh", "Fresh", Map.of(), List.of(), Rest.NONE);
        Prototype after = new Linking(
                        APP,
                        APP.screen(from).orElseThrow(),
                        Optional.empty(),
                        Optional.empty(),
                        0,
                        habits,
                        words -> words)
                .mark(bare, to)
                .applyTo(APP);
        return after.index()
                .hotspot("fresh")
                .orElseThrow()
                .links()
                .getFirst()
                .effect()
                .orElseThrow();
    }

    private static Destination there(String screen) {
        return new Destination.There(APP.screen(screen).orElseThrow());
    }

    private static Destination set(Optional<String> tab) {
        return new Destination.Frame(new Target.ToTabs("main", tab, Map.of()), "main", "tab set");
    }

    @Test
    void fromWithinATabSetARootIsItsTab() {
        for (String from : List.of("a", "deep", "sure")) {
            assertThat(linked(from, there("b"), LinkingHabits.NONE)).isEqualTo(new Effect.SwitchTab("main-b"));
            assertThat(linked(from, set(Optional.of("main-b")), LinkingHabits.NONE))
                    .isEqualTo(new Effect.SwitchTab("main-b"));
            assertThat(linked(from, set(Optional.empty()), LinkingHabits.NONE))
                    .isEqualTo(new Effect.SwitchTab("main-a"));
        }
    }

    @Test
    void fromOutsideItIsThePlaceItself() {
        assertThat(linked("outside", there("b"), LinkingHabits.NONE).verb()).isEqualTo(Verb.ADVANCE);
        assertThat(linked("outside", set(Optional.empty()), LinkingHabits.NONE).verb())
                .isEqualTo(Verb.ADVANCE);
        assertThat(linked("a", there("deep"), LinkingHabits.NONE).verb()).isEqualTo(Verb.ADVANCE);
    }

    @Test
    void homeBeginsAnew() {
        assertThat(linked("outside", there("start"), LinkingHabits.NONE))
                .isEqualTo(new Effect.Restart(new Target.ToScreen("start")));
        assertThat(linked("start", there("start"), LinkingHabits.NONE).verb()).isEqualTo(Verb.ADVANCE);
    }

    @Test
    void aVerbThatIsAskedForIsTaken() {
        LinkingHabits replacing = LinkingHabits.NONE.wanting(Optional.of(Verb.REPLACE));
        assertThat(linked("outside", there("start"), replacing).verb()).isNotEqualTo(Verb.RESTART);
        assertThat(linked("a", there("b"), replacing)).isNotInstanceOf(Effect.SwitchTab.class);
    }

    @Test
    void anItemOfADrawerRestartsAtPagesAndOpensTheRestAbove() {
        assertThat(Fitting.fromDrawer(APP.screen("a").orElseThrow()).verb()).isEqualTo(Verb.RESTART);
        assertThat(Fitting.fromDrawer(APP.screen("sure").orElseThrow()).verb()).isEqualTo(Verb.OPEN_ABOVE);
    }
}
