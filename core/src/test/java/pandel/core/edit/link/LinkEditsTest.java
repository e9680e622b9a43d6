package pandel.core.edit.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

class LinkEditsTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; ask open ask; bare",
            "list page: item advance item; back return",
            "item page: back return",
            "ask dialog: shut close");

    private static Link link(Prototype p, String id) {
        return p.index().way(id).orElseThrow().link();
    }

    private static Hotspot hotspot(Prototype p, String id) {
        return p.index().hotspot(id).orElseThrow();
    }

    private static Link tap(String id, Effect effect) {
        return Link.of(id, new Cause.Touch(Gesture.TAP), effect);
    }

    @Test
    void aLinkTakesThePlaceOfTheOneWithItsCause() {
        Link other = tap("other", new Effect.Return());
        Prototype after = LinkEdits.link(hotspot(APP, "home.list"), other, "").applyTo(APP);
        assertThat(hotspot(after, "home.list").links()).containsExactly(other);
        Link longer = other.withId("longer").withCause(new Cause.Touch(Gesture.LONG_PRESS));
        Prototype both = LinkEdits.link(hotspot(after, "home.list"), longer, "").applyTo(after);
        assertThat(hotspot(both, "home.list").links()).containsExactly(other, longer);
    }

    @Test
    void markingLinkingAndANewScreenAreOneStep() {
        Screen made = Screen.page("new", "New");
        Hotspot hotspot = hotspot(APP, "home.bare")
                .withId("fresh")
                .withLinks(List.of(tap("fresh-tap", new Effect.Advance(new Target.ToScreen("new")))));
        Prototype after = LinkEdits.markAndLink(
                        APP.screen("home").orElseThrow(), hotspot, Optional.of(made), " to “New”")
                .applyTo(APP);
        assertThat(after.screen("new")).isPresent();
        assertThat(after.screen("home").orElseThrow().hotspots()).last().isEqualTo(hotspot);
        assertThat(after.screens()).hasSize(APP.screens().size() + 1);
    }

    @Test
    void aWaitIsPutBehindTheLinksOfItsScreen() {
        Screen home = APP.screen("home").orElseThrow();
        Link wait = Link.of("w", new Cause.Wait(500), new Effect.Return());
        Prototype after = LinkEdits.linkScreen(home, wait).applyTo(APP);
        assertThat(after.screen("home").orElseThrow().links()).containsExactly(wait);
        assertThat(LinkEdits.remove(wait).applyTo(after)).isEqualTo(APP);
    }

    @Test
    void everythingThatLedToAScreenLeadsElsewhere() {
        Prototype p = Made.of("a page: x advance b", "b page: y return to b; z open b", "c page:");
        Prototype after = LinkEdits.leadElsewhere(
                        p.screen("b").orElseThrow(), p.screen("c").orElseThrow())
                .applyTo(p);
        assertThat(after.index().ways()).allMatch(w -> w.targets().equals(java.util.Set.of("c")));
        Prototype entries = LinkEdits.leadElsewhere(
                        p.screen("a").orElseThrow(), p.screen("c").orElseThrow())
                .applyTo(p);
        assertThat(entries.mainEntry().orElseThrow().target().id()).isEqualTo("c");
    }

    @Test
    void aSequenceFinishesOrIsSkippedByALinkOfItsOwn() {
        Prototype p = Made.of("one page:", "home page:", "sequence welcome one");
        Sequence welcome = p.sequence("welcome").orElseThrow();
        Link finish = Link.of("f", new Cause.Finish(), new Effect.Replace(new Target.ToScreen("home")));
        Link skip = Link.of("s", new Cause.Skip(), new Effect.Return());
        Prototype finished = LinkEdits.link(welcome, finish, "").applyTo(p);
        assertThat(finished.sequence("welcome").orElseThrow().finish()).contains(finish);
        Prototype skipped = LinkEdits.link(welcome, skip, "").applyTo(finished);
        assertThat(skipped.sequence("welcome").orElseThrow().links()).containsExactly(finish, skip);
    }

    @Test
    void anotherWayToTurnOutNamesTheFirst() {
        Prototype after =
                BranchEdits.another(link(APP, "home.list.tap"), "refused").applyTo(APP);
        assertThat(link(after, "home.list.tap").outcomes()).containsExactly(BranchEdits.DONE, "refused");
        Prototype third =
                BranchEdits.another(link(after, "home.list.tap"), "no network").applyTo(after);
        assertThat(link(third, "home.list.tap").outcomes()).containsExactly("done", "refused", "no network");
    }

    @Test
    void theLastWayThatIsLeftNeedsNoName() {
        Prototype two =
                BranchEdits.another(link(APP, "home.list.tap"), "refused").applyTo(APP);
        Prototype one = BranchEdits.remove(link(two, "home.list.tap"), 1).applyTo(two);
        assertThat(one).isEqualTo(APP);
    }

    @Test
    void renamingAnOutcomeThatIsAlwaysTakenKeepsItTaken() {
        Prototype two =
                BranchEdits.another(link(APP, "home.list.tap"), "refused").applyTo(APP);
        Link always = link(two, "home.list.tap").withAlways(Optional.of("refused"));
        Prototype set = LinkEdits.change("", always).applyTo(two);
        Prototype renamed = BranchEdits.outcome(link(set, "home.list.tap"), 1, " turned down ")
                .applyTo(set);
        assertThat(link(renamed, "home.list.tap").always()).contains("turned down");
        Prototype first = BranchEdits.outcome(link(set, "home.list.tap"), 0, "").applyTo(set);
        assertThat(link(first, "home.list.tap").always()).contains("refused");
        assertThat(link(first, "home.list.tap").branches().getFirst().outcome()).isEmpty();
    }

    @Test
    void whatALinkSaysStandsBetweenWhatItRemembersAndItsMove() {
        Prototype p = Made.of("home page: x advance list % seen", "list page: back return");
        Link link = link(p, "home.x.tap");
        Effect says = new Effect.Notice("Kept", 1500);
        Prototype after = BranchEdits.asides(link, 0, List.of(says)).applyTo(p);
        assertThat(link(after, "home.x.tap").branches().getFirst().effects())
                .satisfiesExactly(
                        e -> assertThat(e).isInstanceOf(Effect.Remember.class),
                        e -> assertThat(e).isEqualTo(says),
                        e -> assertThat(e.isMove()).isTrue());
    }

    @Test
    void motionsAndPlacesAreSetForOneOrForAllOfAVerb() {
        Motion fade = Motion.usualFor(Verb.REPLACE);
        Prototype one = BranchEdits.motion(link(APP, "list.item.tap"), 0, Optional.of(fade))
                .applyTo(APP);
        assertThat(link(one, "list.item.tap").branches().getFirst().motion()).contains(fade);
        Prototype all = BranchEdits.motionOfAll(Verb.ADVANCE, Optional.of(fade)).applyTo(APP);
        assertThat(all.index().ways().stream()
                        .flatMap(w -> w.link().branches().stream())
                        .filter(b -> b.motion().isPresent())
                        .flatMap(b -> b.move().stream()))
                .hasSize(2)
                .allMatch(e -> e.verb() == Verb.ADVANCE);
        assertThat(BranchEdits.motionOfAll(Verb.ADVANCE, Optional.empty()).applyTo(all))
                .isEqualTo(APP);
        Prototype placed = BranchEdits.where(link(APP, "ask.shut.tap"), 0, Optional.of(Where.BENEATH))
                .applyTo(APP);
        assertThat(link(placed, "ask.shut.tap").branches().getFirst().where()).contains(Where.BENEATH);
    }

    @Test
    void aHotspotWithoutALinkWaitsAndTheNextOneIsFoundInOrder() {
        Prototype p = Made.of("a page: x; y advance b", "b page: z; w", "c page:");
        assertThat(Waiting.in(p)).extracting(w -> w.hotspot().id()).containsExactly("a.x", "b.z", "b.w");
        assertThat(Waiting.after(p, "a", "a.x")).map(w -> w.hotspot().id()).contains("b.z");
        assertThat(Waiting.after(p, "b", "b.w")).map(w -> w.hotspot().id()).contains("a.x");
        assertThat(Waiting.after(Made.of("a page: y return"), "a", "")).isEmpty();
    }

    @Test
    void aBranchIsChangedAlone() {
        Link link = link(APP, "home.ask.tap");
        Branch changed = link.branch(1, b -> b.withEffects(List.of(new Effect.Close())))
                .branches()
                .getLast();
        assertThat(changed.effects()).containsExactly(new Effect.Close());
    }
}
