package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.OverlayDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.frames.TabSetDesk;

/** Frames are edited where they are seen: by dragging their edges and typing on them, with undo at hand. */
class FrameDeskTest extends FramedWindowTest {

    private TabSet set() {
        return prototype().tabSets().getFirst();
    }

    private Drawer drawer() {
        return prototype().drawers().getFirst();
    }

    private Header header() {
        return prototype().headers().getFirst();
    }

    private Sequence sequence() {
        return prototype().sequences().getFirst();
    }

    private void onDesk(Runnable open) {
        interact(open);
        settle();
    }

    private void tabs() {
        onDesk(() -> TabSetDesk.open(opened.work(), opened.window(), set().id()));
    }

    private String words(String id) {
        return lookup(id).<Labeled>query().getText();
    }

    @Test
    void theEdgeOfAStripIsDraggedAndItsWordsAreTypedOnIt() {
        tabs();
        assertRead("on the pictures");
        // The tabs are where the pictures have them.
        clickOn("#on-strip-3");
        settle();
        assertRead(set().tabs().get(2).shownLabel());
        assertThat(lookup("#page-3").query().getPseudoClassStates())
                .anyMatch(s -> s.getPseudoClassName().equals("chosen"));
        press("#strip-edge");
        press("#strip-edge-1");
        assertThat(set().strip().edge()).isEqualTo(TabSet.Edge.BOTTOM);
        dragBy("#handle-strip", 0, -20);
        double high = set().strip().sizes().height();
        assertThat(high).isBetween(70.0, 100.0);
        assertThat(words("#strip-height")).isEqualTo(Math.round(high) + " px high");
        typeInPlace("#on-strip-2", "Borrowed");
        assertThat(set().tabs().get(1).label()).isEqualTo("Borrowed");
        shot("frame-strip");
        // What was done by hand is undone by the keys of the window, and seen to be.
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(words("#strip-height")).isEqualTo("as high as usual");
        keys(KeyCode.ESCAPE);
        assertThat(lookup("#tab-set-page").tryQuery()).isEmpty();
    }

    @Test
    void theButtonIsCarriedToAnotherCorner() {
        tabs();
        press("#strip-edge");
        press("#strip-edge-1");
        press("#tabs-button");
        write("Report damage");
        keys(KeyCode.ENTER);
        settle();
        assertThat(set().button().orElseThrow().on(TabSet.Side.STRIP)).isEqualTo(TabSet.At.LOWER_RIGHT);
        dragBy("#on-button", -200, -300);
        assertThat(set().button().orElseThrow().on(TabSet.Side.STRIP)).isEqualTo(TabSet.At.UPPER_LEFT);
        assertRead("upper left");
    }

    @Test
    void aColourIsTakenFromThePicturesMixedOrLeftOut() {
        tabs();
        press("#strip-edge");
        press("#strip-edge-1");
        press("#strip-chosen");
        until(() -> lookup("#colour-choices").tryQuery().isPresent()
                && lookup((Node n) -> n instanceof Button b
                                        && b.getId() != null
                                        && b.getId().matches("colour-[0-9A-F]{6}"))
                                .queryAll()
                                .size()
                        > 3);
        shot("frame-colours");
        Button one = lookup((Node n) ->
                        n instanceof Button b && b.getId() != null && b.getId().matches("colour-[0-9A-F]{6}"))
                .nth(1)
                .query();
        String colour = "#" + String.valueOf(one.getId()).substring("colour-".length());
        press("#" + one.getId());
        assertThat(set().strip().chosen()).isEqualTo(colour);
        press("#strip-behind");
        clickOn("#colour-light");
        keys(KeyCode.RIGHT);
        press("#colour-take");
        assertThat(set().strip().sizes().behind()).matches("#[0-9A-F]{6}");
        press("#strip-behind");
        press("#colour-none");
        assertThat(set().strip().sizes().behind()).isEmpty();
    }

    @Test
    void aHeaderIsDraggedAndItsTitleTypedOnIt() {
        onDesk(() -> HeaderDesk.open(opened.work(), opened.window(), header().id()));
        double before = header().bar().height();
        dragBy("#handle-header", 0, 15);
        assertThat(header().bar().height()).isBetween(before + 15, before + 30);
        typeInPlace("#on-title", "The lane");
        assertThat(header().words()).isEqualTo("The lane");
        shot("frame-header");
    }

    @Test
    void aDrawerIsDraggedAndItsItemsTypedOnIt() {
        onDesk(() -> DrawerDesk.open(opened.work(), opened.window(), drawer().id()));
        boolean left = drawer().panel().side() == pandel.core.model.screen.PanelSide.LEFT;
        double before = drawer().panel().width();
        dragBy("#handle-drawer", left ? -30 : 30, 0);
        assertThat(drawer().panel().width()).isLessThan(before - 30);
        typeInPlace("#on-item-2", "Evening courses");
        assertThat(drawer().items().get(1).label()).isEqualTo("Evening courses");
        clickOn("#on-item-3");
        settle();
        assertThat(words("#item-label")).isEqualTo("“" + drawer().items().get(2).label() + "”");
    }

    @Test
    void theWordsOfASequenceAreTypedOnItsPageAndASheetsEdgesAreDragged() {
        onDesk(() ->
                SequenceDesk.open(opened.work(), opened.window(), sequence().id()));
        if (sequence().laid().next().isEmpty()) {
            typeOver("#sequence-next", "Next");
        }
        press("#page-1");
        typeInPlace("#on-next", "Onwards");
        assertThat(sequence().laid().next()).isEqualTo("Onwards");
        Screen sheet = prototype().screens().stream()
                .filter(s -> s.form() == Form.SHEET)
                .findFirst()
                .orElseThrow();
        onDesk(() -> OverlayDesk.open(opened.work(), opened.window(), sheet));
        typeOver("#overlay-share", "40");
        typeOver("#overlay-stop", "60");
        dragBy("#handle-stop", 0, -60);
        dragBy("#handle-share", 0, -30);
        Screen now = prototype().screen(sheet.id()).orElseThrow();
        assertThat(now.overlay().stop()).isBetween(66, 74);
        assertThat(now.overlay().share()).isBetween(42, 48);
    }

    /** Of each frame, what is set most: typed after one press, chosen after two. */
    @Test
    void nothingTakesMorePressesThanOneToTypeAndTwoToChoose() {
        tabs();
        press("#strip-edge");
        press("#strip-edge-1");
        for (String typed : List.of("#tabs-title", "#tab-label", "#strip-height", "#strip-sign", "#strip-gap")) {
            press(typed);
            assertThat(lookup("#choice-field").tryQuery()).as(typed).isPresent();
            keys(KeyCode.ESCAPE);
            settle();
            assertThat(lookup(typed).tryQuery()).as(typed).isPresent();
        }
        for (String chosen : List.of("#strip-edge", "#strip-labels", "#tabs-keeps", "#tabs-backs", "#tabs-swipes")) {
            press(chosen);
            assertThat(lookup(chosen + "-1").tryQuery()).as(chosen).isPresent();
            keys(KeyCode.ESCAPE);
            settle();
        }
        // The window stays at hand: another stage is one press away, and the frame is left.
        go(3);
        settle();
        assertThat(lookup("#tab-set-page").tryQuery()).isEmpty();
        go(2);
        settle();
        assertThat(lookup("#tab-set-page").tryQuery()).isEmpty();
    }

    @Test
    void aFrameThatIsUndoneIsLeft() {
        onDesk(() -> HeaderDesk.make(opened.work(), opened.window(), List.of(screen("Loans"))));
        assertThat(lookup("#header-page").tryQuery()).isPresent();
        keys(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(lookup("#header-page").tryQuery()).isEmpty();
    }
}
