package pandel.core.play.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.core.play.words.LinkWords;

/** What the rules make of a link at a head: which changes of the trail, nothing to do, or refused. */
class RulesTest {

    private static final Prototype APP = Made.of(
            "home page: on advance list; swap replace list; again restart list; ask open above ask; up return; "
                    + "far return to list; off close x; gone advance nowhere; form advance ask; menu draw menu",
            "list page: item advance item; home return to home; back return",
            "item page: back return; home return to home; sheet open above tune; menu drawtoggle menu",
            "ask dialog: yes close x; page advance list; next advance sure; here advance list ^here",
            "sure dialog: back return; shut close x",
            "tune sheet: shut close x",
            "drawer menu a=list,b=home on:item,home");

    private static Situation after(Prototype p, String... taps) {
        Situation now = Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
        Step step = new Step(p);
        for (String tap : taps) {
            now = step.step(now, Event.tap(tap)).situation();
        }
        return now;
    }

    private static RuleOutcome outcome(Prototype p, String link, String... taps) {
        Branch branch = p.index().way(link).orElseThrow().link().branches().getFirst();
        return new Rules(p).branch(after(p, taps).head(), branch);
    }

    private static List<TrailAction> actions(RuleOutcome outcome) {
        return outcome instanceof RuleOutcome.Acts acts ? acts.actions() : List.of();
    }

    private static String acts(RuleOutcome outcome) {
        return String.join(
                " ",
                actions(outcome).stream()
                        .map(a -> a.getClass().getSimpleName()
                                + (a instanceof TrailAction.Forward f
                                        ? ":" + f.screen().id()
                                        : ""))
                        .toList());
    }

    @ParameterizedTest
    @CsvSource({
        "home.on.tap, Put:list",
        "home.swap.tap, Swap:list",
        "home.again.tap, Restart:list",
        "home.ask.tap, Raise:ask",
        "home.menu.tap, OpenDrawer",
    })
    void eachVerbIsAChangeOfTheTrail(String link, String acts) {
        assertThat(acts(outcome(APP, link))).isEqualTo(acts);
    }

    @Test
    void goingBackIsDroppingAPlaceAndAtTheFirstNothing() {
        assertThat(outcome(APP, "home.up.tap")).isInstanceOf(RuleOutcome.NothingToDo.class);
        assertThat(acts(outcome(APP, "list.back.tap", "home.on"))).isEqualTo("Drop");
        assertThat(outcome(APP, "home.far.tap")).isEqualTo(new RuleOutcome.NothingToDo("“list” does not lie behind."));
        assertThat(actions(outcome(APP, "item.home.tap", "home.on", "list.item")))
                .containsExactly(new TrailAction.DropTo("home"));
    }

    @Test
    void onAnOverlayClosingTakesItsLevel() {
        assertThat(acts(outcome(APP, "ask.yes.tap", "home.ask"))).isEqualTo("CloseLevel");
        assertThat(acts(outcome(APP, "sure.back.tap", "home.ask", "ask.next"))).isEqualTo("Drop");
        assertThat(outcome(APP, "home.off.tap")).isInstanceOf(RuleOutcome.NothingToDo.class);
    }

    @Test
    void aPageFromADialogIsPutBeneathIt() {
        assertThat(acts(outcome(APP, "ask.page.tap", "home.ask"))).isEqualTo("CloseToPages Put:list");
        assertThat(acts(outcome(APP, "ask.next.tap", "home.ask"))).isEqualTo("Put:sure");
        assertThat(acts(outcome(APP, "ask.here.tap", "home.ask"))).isEqualTo("Put:list");
    }

    @Test
    void whatTheFileCanNeverDoIsRefusedWithItsReason() {
        assertThat(outcome(APP, "home.gone.tap")).isInstanceOf(RuleOutcome.Refused.class);
        assertThat(outcome(APP, "home.form.tap")).isInstanceOf(RuleOutcome.Refused.class);
        RuleOutcome.Refused lacking = (RuleOutcome.Refused)
                outcome(Made.of("home page: on advance loan", "loan page needs:tool:"), "home.on.tap");
        assertThat(lacking.lack()).contains(new RuleOutcome.Lack("loan", "tool"));
    }

    @Test
    void aMoveForwardHasItsMotionAndAMoveBackTheReverseOfWhatBroughtIt() {
        assertThat(((RuleOutcome.Acts) outcome(APP, "home.on.tap")).motion()).isPresent();
        assertThat(((RuleOutcome.Acts) outcome(APP, "list.back.tap", "home.on")).motion())
                .isEmpty();
    }

    @Test
    void deviceBackGoesTheWayOutFromTheInside() {
        Rules rules = new Rules(APP);
        assertThat(acts(rules.deviceBack(after(APP).head()))).isEqualTo("Leave");
        assertThat(acts(rules.deviceBack(after(APP, "home.on").head()))).isEqualTo("Drop");
        assertThat(acts(rules.deviceBack(after(APP, "home.ask").head()))).isEqualTo("CloseLevel");
        assertThat(acts(rules.deviceBack(after(APP, "home.menu").head()))).isEqualTo("CloseDrawer");
        Prototype shut = Made.of("home page: ask open above ask", "ask dialog shut: yes close x");
        assertThat(rules(shut).deviceBack(after(shut, "home.ask").head())).isInstanceOf(RuleOutcome.NothingToDo.class);
    }

    private static Rules rules(Prototype p) {
        return new Rules(p);
    }

    @Test
    void besideAnOverlayItClosesWhereItIsClosedSo() {
        assertThat(acts(rules(APP).outside(after(APP, "home.ask").head()))).isEqualTo("CloseLevel");
        assertThat(rules(APP).outside(after(APP).head())).isInstanceOf(RuleOutcome.NothingToDo.class);
        Situation sheet = after(APP, "home.on", "list.item", "item.sheet");
        assertThat(acts(rules(APP).away(sheet.head()))).isEqualTo("CloseLevel");
        assertThat(acts(rules(APP).outside(after(APP, "home.menu").head()))).isEqualTo("CloseDrawer");
    }

    @Test
    void pagesTurnWithinTheirSequenceAndFinishAtItsEnd() {
        Prototype p = Made.of(
                "door page: in advance #welcome",
                "one page:",
                "two page:",
                "home page:",
                "sequence welcome one,two finish:home skip:home");
        Head first = after(p, "door.in").head();
        assertThat(acts(rules(p).turn(first, new PageTurn.Next()))).isEqualTo("Turn:two");
        assertThat(rules(p).turn(first, new PageTurn.Previous())).isInstanceOf(RuleOutcome.NothingToDo.class);
        assertThat(rules(p).finish(first, new PageTurn.Next())).isEmpty();
        assertThat(rules(p).skip(first)).map(Link::id).contains("welcome-skip");
        Situation last = new Step(p)
                .step(after(p, "door.in"), new Event.Touched(Gesture.TAP, new Event.On.OnTurn(new PageTurn.To(2))))
                .situation();
        assertThat(rules(p).finish(last.head(), new PageTurn.Next()))
                .map(Link::id)
                .contains("welcome-finish");
        assertThat(rules(p).skip(last.head())).isEmpty();
        assertThat(rules(p).swiped(first, Gesture.SWIPE_LEFT)).contains(new PageTurn.Next());
        assertThat(rules(p).swiped(after(p).head(), Gesture.SWIPE_LEFT)).isEmpty();
    }

    @Test
    void tabsAreShownAndTheShownOneGoesBackToItsRoot() {
        Prototype p = Made.of(
                "door page: in advance $main",
                "a page: deep advance x",
                "b page:",
                "x page: back return",
                "tabs main a,b swiped hidden:b");
        Head atRoot = after(p, "door.in").head();
        assertThat(acts(rules(p).tab(atRoot, "main-b"))).isEqualTo("ShowTab:b");
        assertThat(rules(p).isAtRootOf(atRoot, "main-a")).isTrue();
        assertThat(rules(p).strips(atRoot)).extracting(TabSet::id).containsExactly("main");
        assertThat(rules(p).strips(after(p).head())).isEmpty();
        Head deep = after(p, "door.in", "a.deep").head();
        assertThat(acts(rules(p).tab(deep, "main-a"))).isEqualTo("ToRoot");
        assertThat(rules(p).isAtRootOf(deep, "main-a")).isFalse();
        assertThat(rules(p).swipedTab(atRoot, Gesture.SWIPE_LEFT)).contains(Optional.of("main-b"));
        assertThat(rules(p).swipedTab(atRoot, Gesture.SWIPE_RIGHT)).contains(Optional.empty());
    }

    @Test
    void aDrawerIsPulledFromItsEdgeWhereItIsAttached() {
        assertThat(rules(APP).drawers(after(APP, "home.menu").head()))
                .extracting(Drawer::id)
                .containsExactly("menu");
        assertThat(rules(APP).drawers(after(APP).head())).isEmpty();
        assertThat(rules(APP).pulled(after(APP, "home.on").head(), Gesture.EDGE_SWIPE_LEFT))
                .isEmpty();
        assertThat(rules(APP).pulled(after(APP).head(), Gesture.EDGE_SWIPE_LEFT))
                .isPresent();
        assertThat(rules(APP).pulled(after(APP).head(), Gesture.EDGE_SWIPE_RIGHT))
                .isEmpty();
        assertThat(rules(APP).opensAt(Device.PHONE, "item", List.of(), "menu")).isTrue();
        assertThat(rules(APP).opensAt(Device.PHONE, "list", List.of(), "menu")).isFalse();
    }

    @Test
    void whichBranchIsTakenIsOfferedWhereOutcomesDecide() {
        Prototype p = Made.of(
                "home page: save =saved advance list or =refused return x; plain advance list; bare", "list page:");
        Head head = after(p).head();
        Link save = p.index().way("home.save.tap").orElseThrow().link();
        assertThat(rules(p).offer(head, save).outcomes()).containsExactly("saved", "refused");
        Link plain = p.index().way("home.plain.tap").orElseThrow().link();
        assertThat(rules(p).offer(head, plain)).isInstanceOf(Offer.One.class);
        assertThat(rules(p).offer(head, plain.withBranches(List.of()))).isInstanceOf(Offer.Nothing.class);
        Link always = save.branch(0, b -> b.withOutcome(Optional.empty()));
        assertThat(rules(p).offer(head, always)).isInstanceOf(Offer.One.class);
    }

    @Test
    void anEffectThatIsRefusedTakesTheWholeBranchWithIt() {
        Branch branch = Branch.of(List.of(
                new Effect.Notice("Kept", 500),
                new Effect.Advance(new pandel.core.model.link.Target.ToScreen("nowhere"))));
        assertThat(rules(APP).branch(after(APP).head(), branch)).isInstanceOf(RuleOutcome.Refused.class);
        Branch idle = Branch.of(List.of(new Effect.Notice("Kept", 500), new Effect.Return()));
        assertThat(acts(rules(APP).branch(after(APP).head(), idle))).isEqualTo("Tell");
        assertThat(LinkWords.effect(
                        APP, APP.index().way("home.on.tap").orElseThrow().link()))
                .contains("list");
    }
}
