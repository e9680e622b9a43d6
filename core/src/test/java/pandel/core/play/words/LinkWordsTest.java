package pandel.core.play.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;

/** Links, as people read them. */
class LinkWordsTest {

    private static final Prototype LENDING = Made.of(
            "home page: on advance tool; more % ready",
            "tool page expects:loan: back return",
            "sequence welcome home,tool",
            "tabs main home,tool",
            "drawer menu home on:home");

    private static String words(Effect effect) {
        return LinkWords.effect(LENDING, effect);
    }

    @Test
    void eachVerbHasItsWords() {
        assertThat(words(new Effect.Advance(new Target.ToScreen("tool")))).isEqualTo("advance to tool");
        assertThat(words(new Effect.Replace(new Target.ToScreen("tool")))).isEqualTo("replace with tool");
        assertThat(words(new Effect.Restart(new Target.ToScreen("home")))).isEqualTo("restart at home");
        assertThat(words(new Effect.OpenAbove(new Target.ToScreen("tool")))).isEqualTo("open tool above");
        assertThat(words(new Effect.Return())).isEqualTo("return");
        assertThat(words(new Effect.ReturnTo(new Target.ToScreen("home")))).isEqualTo("return to home");
        assertThat(words(new Effect.Close())).isEqualTo("close");
        assertThat(words(new Effect.Notice("Reserved", 4000))).isEqualTo("say “Reserved”");
        assertThat(words(new Effect.Notice(
                        "Gone",
                        0,
                        Optional.of(new Effect.Action(
                                "Undo", Link.of("u", new Cause.Touch(Gesture.TAP), new Effect.Return()))))))
                .isEqualTo("say “Gone” with “Undo” (return) until it is touched");
        assertThat(words(new Effect.StepRow(true, true))).isEqualTo("go to the next row, going round");
        assertThat(words(new Effect.StepRow(false, false))).isEqualTo("go to the row before");
        assertThat(words(new Effect.Leave("https://hollow-lane.example/rules")))
                .isEqualTo("leave to https://hollow-lane.example/rules");
        assertThat(words(new Effect.MoveDrawer("menu", Effect.How.TOGGLE)))
                .startsWith("toggle ")
                .contains("menu");
        assertThat(words(new Effect.TurnPage(new PageTurn.Next()))).contains("next");
        assertThat(words(new Effect.TurnPage(new PageTurn.To(2)))).contains("2");
        assertThat(words(new Effect.SwitchTab("main-tool"))).startsWith("switch to ");
    }

    @Test
    void noVerbIsWithoutWords() {
        Set<Verb> told = EnumSet.noneOf(Verb.class);
        for (Verb verb : Verb.values()) {
            if (verb == Verb.REMEMBER || verb == Verb.NOTICE || verb == Verb.LEAVE || verb == Verb.BEGIN_AGAIN) {
                continue;
            }
            Effect effect = Verb.OF_DRAWERS.contains(verb)
                    ? Effect.ofDrawer(verb, "menu").orElseThrow()
                    : Effect.of(verb, new Target.ToScreen("tool"));
            assertThat(words(effect)).as(verb.word()).isNotBlank();
            told.add(effect.verb());
        }
        assertThat(told).hasSize(Verb.values().length - 4);
    }

    @Test
    void whatIsMissingIsNamed() {
        assertThat(words(new Effect.Advance(new Target.ToScreen("gone")))).contains("gone");
        assertThat(words(new Effect.MoveDrawer("lost", Effect.How.OPEN))).contains("lost");
        assertThat(words(new Effect.SwitchTab("lost-tab"))).contains("lost-tab");
    }

    @Test
    void eachCauseHasItsWords() {
        List<Cause> causes = List.of(
                new Cause.Touch(Gesture.TAP),
                new Cause.Touch(Gesture.LONG_PRESS),
                new Cause.Touch(Gesture.KEY, "S"),
                new Cause.Wait(1500),
                new Cause.Untouched(2000),
                new Cause.Work(),
                new Cause.Back(),
                new Cause.Submit());
        assertThat(causes.stream().map(LinkWords::cause))
                .doesNotHaveDuplicates()
                .noneMatch(String::isBlank);
        assertThat(LinkWords.cause(new Cause.Touch(Gesture.KEY, "S"))).contains("S");
    }

    @Test
    void whatIsRememberedIsSaidWithTheFact() {
        Effect.Remember ready =
                LENDING.index().way("home.more.tap").orElseThrow().link().branches().getFirst().effects().stream()
                        .flatMap(e -> e instanceof Effect.Remember r
                                ? java.util.stream.Stream.of(r)
                                : java.util.stream.Stream.of())
                        .findFirst()
                        .orElseThrow();
        assertThat(LinkWords.remembered(LENDING, ready)).isEqualTo("ready is yes");
        assertThat(Optional.of(words(ready))).hasValue("remember ready is yes");
    }

    @Test
    void whereItIsDoneIsSaidOfTheMove() {
        Prototype p = Made.of("home page: on advance list ^beneath % seen", "list page:");
        Link link = p.index().way("home.on.tap").orElseThrow().link();
        assertThat(LinkWords.effect(p, link)).isEqualTo("remember seen is yes, advance to list beneath");
    }

    @Test
    void oneWayToTurnOutIsDescribedAlone() {
        Prototype p = Made.of("home page: save =saved advance list or =refused return x", "list page:");
        var way = p.index().way("home.save.tap").orElseThrow();
        assertThat(LinkWords.described(p, way, Optional.of("refused")))
                .isEqualTo("home: tap home.save, turning out “refused”: return");
        assertThat(LinkWords.described(p, way, Optional.empty())).isEqualTo(LinkWords.described(p, way));
        assertThat(LinkWords.described(p, way, Optional.of("never heard of"))).isEqualTo(LinkWords.described(p, way));
    }

    @Test
    void whatIsGoneIsCalledRemoved() {
        Prototype p = Made.of("home page:");
        assertThat(LinkWords.tab(p, "")).isEqualTo("a tab (removed)");
        assertThat(LinkWords.tab(p, "gone")).isEqualTo("gone (removed)");
        assertThat(LinkWords.drawer(p, "gone")).isEqualTo("gone (removed)");
        assertThat(LinkWords.screen(p, "gone")).isEqualTo("gone (removed)");
    }
}
