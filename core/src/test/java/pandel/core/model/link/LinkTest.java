package pandel.core.model.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import pandel.core.model.device.Gesture;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

class LinkTest {

    private static final Target SHELF = new Target.ToScreen("shelf");
    private static final Target DRILL = new Target.ToScreen("drill");
    private static final Effect NOTES = new Effect.Remember("seen", new Effect.Change.Toggle());
    private static final Effect SAYS = new Effect.Notice("It is yours", 2000);

    private static Link tap(Effect... effects) {
        return new Link("l", new Cause.Touch(Gesture.TAP), List.of(Branch.of(List.of(effects))), Rest.NONE);
    }

    @ParameterizedTest
    @EnumSource(Verb.class)
    void everyVerbIsWhatItsEffectSays(Verb verb) {
        Effect effect = switch (verb) {
            case DRAWER_OPEN, DRAWER_CLOSE, DRAWER_TOGGLE ->
                Effect.ofDrawer(verb, "menu").orElseThrow();
            case REMEMBER -> NOTES;
            case NOTICE -> SAYS;
            case LEAVE -> new Effect.Leave("https://hollow-lane.example");
            case BEGIN_AGAIN -> new Effect.BeginAgain("work");
            default -> Effect.of(verb, SHELF);
        };
        assertThat(effect.verb()).isEqualTo(verb);
        assertThat(effect.isMove()).isEqualTo(Verb.MOVES.contains(verb));
        assertThat(effect.target().isPresent()).isEqualTo(verb.needsTarget());
        assertThat(effect.leadingTo(DRILL).target())
                .isEqualTo(verb.needsTarget() ? Optional.of(DRILL) : Optional.empty());
        assertThat(Effect.ofDrawer(verb, "menu").isPresent()).isEqualTo(Verb.OF_DRAWERS.contains(verb));
    }

    @ParameterizedTest
    @EnumSource(
            value = Verb.class,
            names = {"DRAWER_OPEN", "DRAWER_CLOSE", "DRAWER_TOGGLE", "REMEMBER", "NOTICE", "LEAVE", "BEGIN_AGAIN"})
    void whatNeedsMoreThanATargetIsNotMadeOfOne(Verb verb) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Effect.of(verb, SHELF))
                .withMessageContaining(verb.word());
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, -5})
    void aNoticeStandsForAWhile(int ms) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Effect.Notice("Gone", ms));
    }

    private static Effect.Notice offering(Effect does) {
        return new Effect.Notice(
                "Gone", 0, Optional.of(new Effect.Action("Undo", Link.of("undo", new Cause.Touch(Gesture.TAP), does))));
    }

    @Test
    void whatAnActionSaysHasNoActionOfItsOwn() {
        assertThat(offering(SAYS).action()).isPresent();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> offering(offering(SAYS)))
                .withMessageContaining("“Undo”");
    }

    @Test
    void actionsAreChangedNamedAnewAndTakenAwayWithinTheLinkThatSaysThem() {
        Link link = tap(offering(new Effect.Return()), NOTES);
        assertThat(link.actions()).extracting(Link::id).containsExactly("undo");
        assertThat(link.named(l -> l.id() + "-copy").id()).isEqualTo("l-copy");
        assertThat(link.named(l -> l.id() + "-copy").actions())
                .extracting(Link::id)
                .containsExactly("undo-copy");
        assertThat(link.withEachAction(a -> Optional.of(a.doing(new Effect.Close())))
                        .actions())
                .extracting(a -> a.effect().orElseThrow())
                .containsExactly(new Effect.Close());
        Link bare = link.withEachAction(a -> Optional.empty());
        assertThat(bare.actions()).isEmpty();
        assertThat(bare.notices()).containsExactly(new Effect.Notice("Gone", 0));
        assertThat(tap(NOTES).withEachAction(a -> Optional.empty())).isEqualTo(tap(NOTES));
    }

    @Test
    void anotherMoveTakesThePlaceOfTheOneThereIs() {
        Link link = tap(NOTES, new Effect.Advance(SHELF), SAYS)
                .branch(0, b -> b.withMotion(Optional.of(Motion.NONE)).withWhere(Optional.of(Where.HERE)));
        Link changed = link.doing(new Effect.Return());
        assertThat(changed.branches().getFirst().effects()).containsExactly(NOTES, SAYS, new Effect.Return());
        assertThat(changed.branches().getFirst().motion()).isEmpty();
        assertThat(changed.effect()).contains(new Effect.Return());
    }

    @Test
    void theEffectOfALinkIsItsMoveElseItsFirst() {
        assertThat(tap(NOTES, new Effect.Close()).effect()).contains(new Effect.Close());
        assertThat(tap(NOTES, SAYS).effect()).contains(NOTES);
        assertThat(tap().effect()).isEmpty();
        assertThat(tap(NOTES, SAYS).effects()).containsExactly(NOTES, SAYS);
    }

    @Test
    void aBranchThatIsNotThereIsMade() {
        Link link = tap(new Effect.Close()).branch(2, b -> b.withOutcome(Optional.of("refused")));
        assertThat(link.branches()).hasSize(3);
        assertThat(link.branches().get(1)).isEqualTo(Branch.of(List.of()));
        assertThat(link.outcomes()).containsExactly("refused");
    }

    @Test
    void theOutcomeTakenAlwaysGoesWithTheLastBranchThatHasIt() {
        Link link = tap(new Effect.Close())
                .branch(0, b -> b.withOutcome(Optional.of("saved")))
                .branch(1, b -> b.withOutcome(Optional.of("refused")))
                .withAlways(Optional.of("saved"));
        assertThat(link.branch(1, b -> b.withEffects(List.of(SAYS))).always()).contains("saved");
        assertThat(link.withBranches(List.of(link.branches().getLast())).always())
                .isEmpty();
    }

    @Test
    void whatIsRememberedIsToldOfTheFirstBranchOrOfAll() {
        Effect.Remember counts = new Effect.Remember("basket", new Effect.Change.By(1));
        Link link = tap(NOTES, SAYS).branch(1, b -> b.withEffects(List.of(counts)));
        assertThat(link.remembers()).containsExactly((Effect.Remember) NOTES);
        assertThat(link.allRemembered()).containsExactly((Effect.Remember) NOTES, counts);
    }

    @Test
    void motionsTakeUpToFiveSecondsAndGoTheOtherWayBack() {
        for (int ms : new int[] {-1, 5001}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> new Motion(Motion.Kind.FADE, Motion.Direction.LEFT, ms, "ease", Rest.NONE));
        }
        for (Motion.Direction direction : Motion.Direction.values()) {
            assertThat(direction.opposite()).isNotEqualTo(direction);
            assertThat(direction.opposite().opposite()).isEqualTo(direction);
        }
        Motion slide = Motion.usualFor(Verb.ADVANCE);
        assertThat(slide.towards(Motion.Direction.DOWN).direction()).isEqualTo(Motion.Direction.DOWN);
        assertThat(slide.towards(Motion.Direction.DOWN).ms()).isEqualTo(slide.ms());
    }

    @ParameterizedTest
    @EnumSource(Verb.class)
    void everyVerbHasAUsualMotion(Verb verb) {
        Motion usual = Motion.usualFor(verb);
        boolean still = !List.of(
                        Verb.ADVANCE,
                        Verb.REPLACE,
                        Verb.RESTART,
                        Verb.OPEN_ABOVE,
                        Verb.TURN_PAGE,
                        Verb.NEXT_ROW,
                        Verb.PREVIOUS_ROW)
                .contains(verb);
        assertThat(usual.equals(Motion.NONE)).isEqualTo(still);
    }

    @Test
    void targetsSortWhatTheyAreGiven() {
        Target carrying = SHELF.carrying(Map.of("b", Source.of(new Value.Number(2)), "a", Source.of(Value.NOTHING)));
        assertThat(new ArrayList<>(carrying.values().keySet())).containsExactly("a", "b");
        assertThat(carrying.id()).isEqualTo("shelf");
        assertThat(new Target.ToSequence("welcome").carrying(carrying.values()).values())
                .isEqualTo(carrying.values());
        assertThat(new Target.ToTabs("main").carrying(carrying.values()).values())
                .isEqualTo(carrying.values());
    }

    @Test
    void wordsOfVerbsAreThoseOfTheFile() {
        assertThat(Verb.OPEN_ABOVE.word()).isEqualTo("open above");
        assertThat(Verb.RETURN_TO.word()).isEqualTo("return to");
        assertThat(List.of(Verb.values())).extracting(Verb::word).doesNotHaveDuplicates();
    }
}
