package pandel.core.edit.linking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** What a link becomes when a person says where it leads or what it does. */
class LinkingTest {

    private static final Prototype LENDING = Made.of(
            "home page: reserve advance tool; bare",
            "tool page needs:loan: back return",
            "dates dialog: done close",
            "inner page needs:loan: on advance tool",
            "drawer menu a=home,b=tool on:home",
            "tabs main home,tool");

    private static final Motion RISING = new Motion(Motion.Kind.RISE, Motion.Direction.UP, 400, "linear", Rest.NONE);

    private static Linking on(String screen, String hotspot, LinkingHabits habits) {
        Optional<Hotspot> at = LENDING.index().hotspot(screen + "." + hotspot);
        return new Linking(
                LENDING,
                LENDING.screen(screen).orElseThrow(),
                at,
                at.flatMap(h -> h.links().stream().findFirst()),
                0,
                habits,
                words -> "fresh-" + words.toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
    }

    private static Linking on(String screen, String hotspot) {
        return on(screen, hotspot, LinkingHabits.NONE);
    }

    private static Destination there(String screen) {
        return new Destination.There(LENDING.screen(screen).orElseThrow());
    }

    private static Branch branch(Edit edit, String hotspot) {
        Link link = edit.applyTo(LENDING)
                .index()
                .hotspot(hotspot)
                .orElseThrow()
                .links()
                .getFirst();
        return link.branches().getFirst();
    }

    private static Effect move(Edit edit, String hotspot) {
        return branch(edit, hotspot).move().orElseThrow();
    }

    @Test
    void aLinkKeepsItsVerbWhereThatFitsTheNewTarget() {
        Edit led = on("home", "reserve").lead(there("inner")).orElseThrow();
        assertThat(move(led, "home.reserve")).isInstanceOf(Effect.Advance.class);
        assertThat(led.name()).isEqualTo("link to “inner”");
    }

    @Test
    void aDialogIsOpenedAboveWhateverTheVerbWas() {
        Edit led = on("home", "reserve").lead(there("dates")).orElseThrow();
        assertThat(move(led, "home.reserve")).isInstanceOf(Effect.OpenAbove.class);
    }

    @Test
    void aHotspotWithoutALinkGetsOneForATap() {
        Edit led = on("home", "bare").lead(there("tool")).orElseThrow();
        Link made = led.applyTo(LENDING)
                .index()
                .hotspot("home.bare")
                .orElseThrow()
                .links()
                .getFirst();
        assertThat(made.cause()).isEqualTo(new Cause.Touch(pandel.core.model.device.Gesture.TAP));
        assertThat(made.id()).isEqualTo("fresh-tap");
    }

    @Test
    void theVerbAskedForBeforeCountsForTheNextTarget() {
        LinkingHabits wanting = LinkingHabits.NONE.wanting(Optional.of(Verb.REPLACE));
        Edit led = on("home", "reserve", wanting).lead(there("tool")).orElseThrow();
        assertThat(move(led, "home.reserve")).isInstanceOf(Effect.Replace.class);
    }

    @Test
    void whatGoesByTheSameNameIsCarriedAlong() {
        Edit led = on("inner", "on").lead(there("tool")).orElseThrow();
        assertThat(move(led, "inner.on").target().orElseThrow().values())
                .containsExactlyEntriesOf(Map.of("loan", new Source.Given("loan")));
    }

    @Test
    void aNewScreenIsMadeInTheSameStep() {
        Edit led = on("home", "reserve").lead(new Destination.New("Late fees")).orElseThrow();
        Prototype after = led.applyTo(LENDING);
        assertThat(after.screen("fresh-late-fees")).hasValueSatisfying(s -> {
            assertThat(s.title()).isEqualTo("Late fees");
            assertThat(s.form()).isEqualTo(Form.PAGE);
        });
        assertThat(move(led, "home.reserve").target().map(Target::id)).hasValue("fresh-late-fees");
    }

    @Test
    void nothingIsDoneWhereNoLinkIsWanted() {
        assertThat(on("home", "bare").lead(new Destination.NoLink())).isEmpty();
    }

    @Test
    void goingBackNeedsNoTarget() {
        Edit led = on("home", "bare").lead(new Destination.Back(Verb.RETURN)).orElseThrow();
        assertThat(move(led, "home.bare")).isEqualTo(new Effect.Return());
        assertThat(led.name()).isEqualTo("link “home.bare” to return");
    }

    @Test
    void aDrawerIsOpenedInsteadOfTheMove() {
        Edit led = on("home", "reserve")
                .lead(new Destination.OfDrawer("menu", "menu"))
                .orElseThrow();
        assertThat(branch(led, "home.reserve").effects())
                .containsExactly(new Effect.MoveDrawer("menu", Effect.How.OPEN));
    }

    @Test
    void aMovePutsADrawerThatWasOpenedAside() {
        Prototype drawn = on("home", "reserve")
                .lead(new Destination.OfDrawer("menu", "menu"))
                .orElseThrow()
                .applyTo(LENDING);
        Hotspot hotspot = drawn.index().hotspot("home.reserve").orElseThrow();
        Linking again = new Linking(
                drawn,
                drawn.screen("home").orElseThrow(),
                Optional.of(hotspot),
                Optional.of(hotspot.links().getFirst()),
                0,
                LinkingHabits.NONE,
                words -> words);
        Prototype moved = again.lead(there("inner")).orElseThrow().applyTo(drawn);
        assertThat(moved.index()
                        .hotspot("home.reserve")
                        .orElseThrow()
                        .links()
                        .getFirst()
                        .branches()
                        .getFirst()
                        .effects())
                .hasSize(1)
                .first()
                .isInstanceOf(Effect.Advance.class);
    }

    @Test
    void aTabSetIsLedToAsItStarts() {
        Destination frame = new Destination.Frame(new Target.ToTabs("main"), "main", "tab set, 2 tabs");
        Edit led = on("inner", "on").lead(frame).orElseThrow();
        assertThat(move(led, "inner.on"))
                .isInstanceOfSatisfying(
                        Effect.Advance.class, a -> assertThat(a.to().id()).isEqualTo("main"));
    }

    @Test
    void theNextHotspotMarkedDoesAsTheLastVerbChosen() {
        LinkingHabits after = LinkingHabits.NONE.after(Verb.REPLACE);
        Hotspot bare = new Hotspot("home.fresh", "", Map.of(), List.of(), Rest.NONE);
        Edit marked = on("home", "bare", after).mark(bare, there("inner"));
        assertThat(move(marked, "home.fresh")).isInstanceOf(Effect.Replace.class);
        Edit unfit = on("home", "bare", after).mark(bare, there("dates"));
        assertThat(move(unfit, "home.fresh")).isInstanceOf(Effect.OpenAbove.class);
        Edit none = on("home", "bare", after).mark(bare, new Destination.NoLink());
        assertThat(none.applyTo(LENDING)
                        .index()
                        .hotspot("home.fresh")
                        .orElseThrow()
                        .links())
                .isEmpty();
    }

    @Test
    void aVerbWithoutATargetIsNotRememberedForTheNext() {
        assertThat(LinkingHabits.NONE.after(Verb.RETURN).last()).isEmpty();
        assertThat(LinkingHabits.NONE.after(Verb.REPLACE).after(Verb.CLOSE).last())
                .isEmpty();
    }

    @Test
    void linksMoveAsTheLastOfTheirVerbDid() {
        LinkingHabits rising = LinkingHabits.NONE.moving(Verb.ADVANCE, Optional.of(RISING));
        Edit led = on("home", "reserve", rising).lead(there("inner")).orElseThrow();
        assertThat(branch(led, "home.reserve").motion()).hasValue(RISING);
        LinkingHabits usual = rising.moving(Verb.ADVANCE, Optional.empty());
        assertThat(branch(on("home", "reserve", usual).lead(there("inner")).orElseThrow(), "home.reserve")
                        .motion())
                .isEmpty();
    }

    @Test
    void aScreenThatGoesByItselfDoesNotStayInTheTrail() {
        Edit waits = on("tool", "none").linkScreen("wait", new Cause.Wait(500), there("home"));
        Link link = waits.applyTo(LENDING).screen("tool").orElseThrow().links().getLast();
        assertThat(link.effect().orElseThrow()).isInstanceOf(Effect.Replace.class);
        Edit swiped = on("tool", "none")
                .linkScreen(
                        "swipe",
                        new Cause.Touch(pandel.core.model.device.Gesture.SWIPE_LEFT),
                        new Destination.Back(Verb.RETURN));
        assertThat(swiped.applyTo(LENDING)
                        .screen("tool")
                        .orElseThrow()
                        .links()
                        .getLast()
                        .effect())
                .hasValue(new Effect.Return());
    }

    @Test
    void aVerbIsDoneRefusedOrAsksForItsTarget() {
        assertThat(on("home", "reserve").verb(Verb.REPLACE)).isInstanceOfSatisfying(VerbChoice.Done.class, done -> {
            assertThat(move(done.edit(), "home.reserve")).isInstanceOf(Effect.Replace.class);
            assertThat(done.edit().name()).isEqualTo("link: replace");
        });
        assertThat(on("home", "bare").verb(Verb.ADVANCE)).isInstanceOf(VerbChoice.NeedsTarget.class);
        assertThat(on("tool", "none").verb(Verb.ADVANCE)).isEqualTo(new VerbChoice.Refused("Choose a hotspot first."));
    }

    @Test
    void whatDoesNotFitSaysWhy() {
        Prototype dialog = Made.of("home page: ask open above dates", "dates dialog: done close");
        Hotspot ask = dialog.index().hotspot("home.ask").orElseThrow();
        VerbChoice choice = new Linking(
                        dialog,
                        dialog.screen("home").orElseThrow(),
                        Optional.of(ask),
                        Optional.of(ask.links().getFirst()),
                        0,
                        LinkingHabits.NONE,
                        words -> words)
                .verb(Verb.ADVANCE);
        assertThat(choice).isEqualTo(new VerbChoice.Refused("“dates” is a dialog: it opens above"));
    }

    @Test
    void switchingMeansTheTabOfTheScreenLedToBefore() {
        assertThat(on("home", "reserve").verb(Verb.SWITCH_TAB))
                .isInstanceOfSatisfying(
                        VerbChoice.Done.class,
                        done -> assertThat(move(done.edit(), "home.reserve"))
                                .isEqualTo(new Effect.SwitchTab("main-tool")));
    }

    @Test
    void aDrawerMeansTheOneAttachedHere() {
        assertThat(on("home", "reserve").verb(Verb.DRAWER_TOGGLE))
                .isInstanceOfSatisfying(
                        VerbChoice.Done.class,
                        done -> assertThat(branch(done.edit(), "home.reserve").effects())
                                .containsExactly(new Effect.MoveDrawer("menu", Effect.How.TOGGLE)));
    }

    @Test
    void whatIsCarriedByAConstantStaysWhereTheNextTargetExpectsItToo() {
        Prototype p = Made.of(
                "home page: on advance tool +loan=drill",
                "tool page needs:loan: back return",
                "other page needs:loan: back return",
                "last page: back return");
        Hotspot hotspot = p.index().hotspot("home.on").orElseThrow();
        Linking linking = new Linking(
                p,
                p.screen("home").orElseThrow(),
                Optional.of(hotspot),
                Optional.of(hotspot.links().getFirst()),
                0,
                LinkingHabits.NONE,
                words -> words);
        Prototype other = linking.lead(new Destination.There(p.screen("other").orElseThrow()))
                .orElseThrow()
                .applyTo(p);
        assertThat(carried(other)).containsExactlyEntriesOf(Map.of("loan", Source.of(new Value.Text("drill"))));
        Prototype last = linking.lead(new Destination.There(p.screen("last").orElseThrow()))
                .orElseThrow()
                .applyTo(p);
        assertThat(carried(last)).isEmpty();
    }

    private static Map<String, Source> carried(Prototype p) {
        return p.index()
                .hotspot("home.on")
                .orElseThrow()
                .links()
                .getFirst()
                .effect()
                .flatMap(Effect::target)
                .orElseThrow()
                .values();
    }

    /** What was chosen may be gone by the time a target is found. */
    @Test
    void withNothingChosenNothingIsLed() {
        Linking nothing = on("home", "gone");
        assertThat(nothing.lead(there("inner"))).isEmpty();
        assertThat(nothing.lead(new Destination.NoLink())).isEmpty();
        assertThat(nothing.verb(Verb.RETURN)).isInstanceOf(VerbChoice.Refused.class);
    }
}
