package pandel.core.model.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;

class DrawerTest {

    private static final Drawer MENU = Drawer.of(
            "menu",
            "Menu",
            List.of(item("tools", new Effect.Advance(new Target.ToScreen("shelf"))), item("out", new Effect.Close())),
            Attached.ALL);

    private static Drawer.Item item(String id, Effect does) {
        return new Drawer.Item(id, id, "", "", false, Branch.of(does));
    }

    private static Drawer staying(int from) {
        return MENU.withPanel(Drawer.Panel.USUAL.withMoves(Drawer.Moves.STAYS).withFrom(from));
    }

    @ParameterizedTest
    @CsvSource({"999, false, COVERS", "1000, true, STAYS", "1180, true, STAYS", "390, false, COVERS"})
    void oneThatStaysDoesSoFromAWidthOnAndCoversBelow(double width, boolean stays, Drawer.Moves moves) {
        assertThat(staying(1000).staysAt(width)).isEqualTo(stays);
        assertThat(staying(1000).movesAt(width)).isEqualTo(moves);
    }

    @Test
    void anotherMotionIsTheSameOnEveryWidth() {
        Drawer shifts = MENU.withPanel(Drawer.Panel.USUAL.withMoves(Drawer.Moves.SHIFTS));
        assertThat(shifts.movesAt(200)).isEqualTo(Drawer.Moves.SHIFTS);
        assertThat(shifts.movesAt(4000)).isEqualTo(Drawer.Moves.SHIFTS);
        assertThat(shifts.staysAt(4000)).isFalse();
    }

    @Test
    void itIsNeverWiderThanTheDevice() {
        assertThat(MENU.widthAt(390)).isEqualTo(280);
        assertThat(MENU.widthAt(200)).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 101})
    void shadesAreHundredths(int shade) {
        assertThatIllegalArgumentException().isThrownBy(() -> Drawer.Panel.USUAL.withShade(shade));
    }

    @Test
    void whatCannotBeDrawnIsRefused() {
        Drawer.Panel usual = Drawer.Panel.USUAL;
        assertThatIllegalArgumentException().isThrownBy(() -> usual.withWidth(0.5));
        assertThatIllegalArgumentException().isThrownBy(() -> usual.withWidth(Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> usual.withFrom(0));
        assertThatIllegalArgumentException().isThrownBy(() -> usual.withReach(-1));
        assertThatIllegalArgumentException().isThrownBy(() -> usual.withShrinks(Drawer.Panel.LEAST_SHRUNK - 1));
        assertThatIllegalArgumentException().isThrownBy(() -> usual.withInk("blue"));
        assertThat(usual.withShrinks(Drawer.Panel.LEAST_SHRUNK).shrinks()).isEqualTo(Drawer.Panel.LEAST_SHRUNK);
    }

    @Test
    void anItemIsALinkWithoutAnOutcome() {
        Drawer.Item item = item("tools", new Effect.Return())
                .withDoes(Branch.of(new Effect.Return()).withOutcome(Optional.of("saved")));
        assertThat(item.does().outcome()).isEmpty();
        assertThat(item.link().cause()).isEqualTo(new Cause.Item());
        assertThat(item.link().id()).isEqualTo("tools");
        assertThat(item.withLabel(" ").shownLabel()).isEqualTo("Untitled");
    }

    @Test
    void anItemWhoseLinkGoesDoesNothingAnyMore() {
        Drawer changed = MENU.withEachLink(l -> l.id().equals("out") ? Optional.empty() : Optional.of(l));
        assertThat(changed.item("out").orElseThrow().does().effects()).isEmpty();
        assertThat(changed.item("tools")).isEqualTo(MENU.item("tools"));
        assertThat(MENU.withEachLink(Optional::of)).isSameAs(MENU);
    }

    @Test
    void oneItemIsChanged() {
        Drawer changed = MENU.withItem("out", i -> i.withHeld(true).withSection("More"));
        assertThat(changed.items()).extracting(Drawer.Item::held).containsExactly(false, true);
        assertThat(changed.items().getLast().section()).isEqualTo("More");
        Link link = changed.item("tools").orElseThrow().link();
        assertThat(link.effects()).hasSize(1);
    }

    @Test
    void whatGoesIsNoLongerWhatItIsAttachedTo() {
        Attached on = new Attached(false, Set.of("a", "b"), Set.of("main"));
        assertThat(on.without(Set.of("b", "main")).screens()).containsExactly("a");
        assertThat(on.without(Set.of("b", "main")).tabSets()).isEmpty();
        assertThat(Attached.ALL.without(Set.of("a"))).isEqualTo(Attached.ALL);
        assertThat(Attached.to(List.of("x", "y", "x")).screens()).containsExactly("x", "y");
    }

    @Test
    void aShareOfTheWidthAndTheGapsAroundIt() {
        Drawer half = MENU.withPanel(MENU.panel().withShare(50));
        assertThat(half.widthAt(390)).isEqualTo(195);
        Drawer apart = MENU.withPanel(MENU.panel().withGap(10).withWidth(390));
        assertThat(apart.widthAt(390)).isEqualTo(370);
        assertThat(apart.roomAt(390)).isEqualTo(390);
    }
}
