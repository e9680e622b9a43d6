package pandel.core.model.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;

class TabSetTest {

    private static final TabSet SET = TabSet.of(
            "main",
            "Main",
            List.of(tab("tools", "Tools", "shelf"), tab("loans", "", "loans-list"), tab("me", "Me", "me")));

    private static TabSet.Tab tab(String id, String label, String root) {
        return new TabSet.Tab(id, label, "", new Target.ToScreen(root));
    }

    private static TabSet.Floating button() {
        return new TabSet.Floating(
                Link.of("plus", new Cause.Touch(Gesture.TAP), new Effect.Advance(new Target.ToScreen("offer"))),
                "cross");
    }

    @Test
    void aNewVisitStartsAtTheTabThatIsNamedElseAtTheFirst() {
        assertThat(SET.firstTab()).map(TabSet.Tab::id).contains("tools");
        assertThat(SET.withFirst("me").firstTab()).map(TabSet.Tab::id).contains("me");
        assertThat(SET.withFirst("gone").firstTab()).map(TabSet.Tab::id).contains("tools");
        assertThat(SET.withTabs(List.of()).firstTab()).isEmpty();
    }

    @Test
    void eachTabIsALinkOfItsOwnThatShowsIt() {
        assertThat(SET.switches()).extracting(Link::id).containsExactly("tools", "loans", "me");
        assertThat(SET.switches()).allMatch(l -> l.cause() instanceof Cause.Tab);
        assertThat(SET.switches().get(1).effect()).contains(new Effect.SwitchTab("loans"));
    }

    @Test
    void oneTabIsChangedAndTheOthersStay() {
        TabSet changed = SET.withTab("loans", t -> t.withLabel("Loans").withSign("book"));
        assertThat(changed.tab("loans"))
                .contains(new TabSet.Tab("loans", "Loans", "book", new Target.ToScreen("loans-list")));
        assertThat(changed.tab("tools")).isEqualTo(SET.tab("tools"));
        assertThat(SET.withTab("nowhere", t -> t.withLabel("x"))).isEqualTo(SET);
    }

    @Test
    void whatHasNoNameIsUntitled() {
        assertThat(SET.tabs().get(1).shownLabel()).isEqualTo("Untitled");
        assertThat(SET.withTitle("  ").shownTitle()).isEqualTo("Untitled");
        assertThat(SET.shownTitle()).isEqualTo("Main");
    }

    @ParameterizedTest
    @EnumSource(Width.class)
    void aStripDrawnOnThePicturesIsAStripOnEveryWidth(Width width) {
        TabSet.Strip atTheSide = TabSet.Strip.USUAL.withLook(width, TabSet.Side.SIDE_LIST);
        assertThat(atTheSide.on(width)).isEqualTo(TabSet.Side.SIDE_LIST);
        assertThat(atTheSide.withEdge(TabSet.Edge.DRAWN).on(width)).isEqualTo(TabSet.Side.STRIP);
    }

    @Test
    void theUsualLookOfAWidthIsNotKept() {
        TabSet.Strip strip = TabSet.Strip.USUAL
                .withLook(Width.WIDE, TabSet.Side.SIDE_SIGNS)
                .withLook(Width.MEDIUM, TabSet.Side.STRIP);
        assertThat(strip.looks()).containsExactly(Map.entry(Width.WIDE, TabSet.Side.SIDE_SIGNS));
        assertThat(strip.withLook(Width.WIDE, TabSet.Side.STRIP)).isEqualTo(TabSet.Strip.USUAL);
    }

    @Test
    void coloursAreSixHexDigits() {
        assertThatIllegalArgumentException().isThrownBy(() -> TabSet.Strip.USUAL.withGround("white"));
        assertThatIllegalArgumentException().isThrownBy(() -> TabSet.Strip.USUAL.withInk("#12345"));
        assertThat(TabSet.Strip.USUAL.withChosen("#a1B2c3").chosen()).isEqualTo("#a1B2c3");
    }

    @Test
    void theButtonIsThereButForTheLooksItIsAbsentWith() {
        TabSet set = SET.withButton(Optional.of(button().on(TabSet.Side.SIDE_LIST, TabSet.At.ABSENT)))
                .withStrip(TabSet.Strip.USUAL.withLook(Width.WIDE, TabSet.Side.SIDE_LIST));
        assertThat(set.buttonOn(Width.NARROW)).isPresent();
        assertThat(set.buttonOn(Width.WIDE)).isEmpty();
        TabSet back = set.withButton(set.button().map(b -> b.on(TabSet.Side.SIDE_LIST, TabSet.At.LOWER_RIGHT)));
        assertThat(back.buttonOn(Width.WIDE)).isPresent();
        assertThat(back.button().orElseThrow().at()).isEmpty();
    }

    @Test
    void whatStandsAmongTabsIsInACornerWhereThereAreNoneAtTheSide() {
        TabSet.Floating head =
                button().on(TabSet.Side.STRIP, TabSet.At.HEAD).on(TabSet.Side.SIDE_SIGNS, TabSet.At.HEAD);
        assertThat(head.on(TabSet.Side.STRIP)).isEqualTo(TabSet.At.LOWER_RIGHT);
        assertThat(head.on(TabSet.Side.SIDE_SIGNS)).isEqualTo(TabSet.At.HEAD);
    }

    @Test
    void sizesThatCannotBeAreRefused() {
        assertThatThrownBy(() -> TabSet.Sizes.USUAL.withHeight(10)).hasMessageContaining("24 to 160 px high");
        assertThatThrownBy(() -> TabSet.Sizes.USUAL.withSign(4)).hasMessageContaining("signs of 8 to 64");
        assertThatThrownBy(() -> TabSet.Sizes.USUAL.withBehind("red")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> button().withSize(10)).hasMessageContaining("24 to 120 px");
    }

    @Test
    void aButtonWhoseLinkGoesGoesWithIt() {
        TabSet set = SET.withButton(Optional.of(button()));
        assertThat(set.withEachLink(l -> Optional.empty()).button()).isEmpty();
        assertThat(set.withEachLink(Optional::of)).isSameAs(set);
        Link other = button().link().doing(new Effect.Return());
        assertThat(set.withEachLink(l -> Optional.of(other)).button())
                .map(TabSet.Floating::link)
                .contains(other);
        assertThat(SET.withEachLink(l -> Optional.empty())).isSameAs(SET);
    }

    @Test
    void whereTheStripIsHiddenIsKeptInOrderAndOnce() {
        assertThat(SET.withHiddenOn(new java.util.LinkedHashSet<>(List.of("b", "a", "b")))
                        .hiddenOn())
                .containsExactly("b", "a");
    }
}
