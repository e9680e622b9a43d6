package pandel.core.check.relevance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/** Which notice stands, as the checks follow it, and what is found of the actions of notices. */
class StandingNoticeTest {

    private static final int MS = 2000;

    private static Effect.Notice says(Effect action) {
        return new Effect.Notice(
                "Gone",
                MS,
                Optional.of(new Effect.Action("Undo", Link.of("undo", new Cause.Touch(Gesture.TAP), action))));
    }

    /** Home’s first hotspot says something besides what it does. */
    private static Prototype saying(Effect action, String... lines) {
        Prototype p = Made.of(lines);
        Link link = p.screen("home").orElseThrow().hotspots().getFirst().links().getFirst();
        return LinkEdits.change(
                        "",
                        link.branch(0, b -> b.withEffects(List.of(b.effects().getFirst(), says(action)))))
                .applyTo(p);
    }

    private static final Prototype APP = saying(
            new Effect.Advance(new Target.ToScreen("kept")),
            "home page: drop advance list",
            "list page: b return",
            "kept page end");

    private static Facts said(boolean moving) {
        TrailAction.Tell tell = new TrailAction.Tell("Gone", MS, Optional.of("undo"));
        return notice().after(
                        Facts.NONE,
                        List.of(Event.tap("home.drop")),
                        moving ? List.of(new TrailAction.Drop(), tell) : List.of(tell));
    }

    private static StandingNotice notice() {
        return Relevance.in(APP).notice();
    }

    @Test
    void whereNoNoticeHasAnActionNoneIsFollowed() {
        assertThat(Relevance.in(Made.of("home page: drop advance list", "list page: b return"))
                        .notice()
                        .isEmpty())
                .isTrue();
        assertThat(notice().isEmpty()).isFalse();
        assertThat(Relevance.in(APP).changes()).isTrue();
    }

    @Test
    void whatIsSaidStandsOverMovesAndWaits() {
        assertThat(notice().action(said(true))).contains("undo");
        assertThat(notice().after(said(false), List.of(new Event.Elapse(10 * MS)), List.of(new TrailAction.Drop())))
                .isEqualTo(said(false));
    }

    @Test
    void whatIsTouchedOrChosenIsGoneAndANewerNoticeTakesItsPlace() {
        Event touch = new Event.Touched(Gesture.TAP, new Event.On.OnNotice());
        Event choose = new Event.Touched(Gesture.TAP, new Event.On.OnAction("undo"));
        for (Event event : List.of(touch, choose)) {
            assertThat(notice().after(said(false), List.of(event), List.of(new TrailAction.Spend())))
                    .isEqualTo(Facts.NONE);
        }
        assertThat(notice().after(
                                said(false),
                                List.of(Event.tap("home.drop")),
                                List.of(new TrailAction.Tell("Plain", MS, Optional.empty()))))
                .isEqualTo(Facts.NONE);
        assertThat(notice().gone(said(true))).isEqualTo(Facts.NONE);
    }

    @Test
    void whatOnlyANoticesActionLeadsToIsShownByAListThatReplays() {
        Checked checked = Check.of(APP);
        assertThat(checked.unsettled()).isEmpty();
        assertThat(checked.findings(Rule.UNREACHED_SCREEN)).isEmpty();
        Walk walk = checked.walkTo("kept").orElseThrow();
        assertThat(walk.events())
                .containsExactly(Event.tap("home.drop"), new Event.Touched(Gesture.TAP, new Event.On.OnAction("undo")));
        assertThat(walk.replay(APP).screen()).isEqualTo("kept");
    }

    @Test
    void whatAnActionLacksIsToldOfTheNotice() {
        Prototype never = saying(
                new Effect.Advance(new Target.ToScreen("kept")),
                "home page: drop advance list",
                "list page: b return",
                "kept page end needs:tool");
        assertThat(Check.of(never).findings())
                .extracting(Finding::sentence)
                .contains(
                        "“Undo” in the notice on “home” carries no “tool”, and “kept” needs it.",
                        "“kept” is never shown: links lead here, but none of them ever works.");
    }

    @Test
    void whatIsStuckOnceANoticeHasPassedIsADeadEndAllTheSame() {
        Prototype p = saying(
                new Effect.Advance(new Target.ToScreen("home")),
                "home page: drop advance slow",
                "slow page: 9000 restart late",
                "late page:");
        Checked checked = Check.of(p);
        assertThat(checked.walkTo("late").orElseThrow().replay(p).notice()).isEmpty();
        assertThat(checked.unsettled()).isEmpty();
        Finding stuck = checked.findings(Rule.DEAD_END).getFirst();
        assertThat(stuck.screens()).containsExactly("late");
        assertThat(stuck.walk().orElseThrow().replay(p).screen()).isEqualTo("late");
    }
}
