package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;

/** Sequences made of chosen screens, edited as what they are, led to, and turned by fingers. */
class SequencesTest extends WindowTest {

    private static final List<String> PAGES = List.of("How to use it", "Care and late days", "House rules");

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private Sequence made() {
        return prototype().sequences().getLast();
    }

    private List<String> titles() {
        return made().pages().stream()
                .map(id -> prototype().screen(id).orElseThrow().shownTitle())
                .toList();
    }

    private void makeOne() {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(PAGES.stream().map(t -> screen(t).id()).toList()));
        settle();
        press("#together-frame");
        press("#together-sequence");
        typeOver("#sequence-title", "The rules");
    }

    /** A link from Tools, on bare ground, that opens it. */
    private void leadToIt() {
        desk("Tools");
        link(20, 20, 130, 30, "The rules");
    }

    private String shown() {
        return prototype()
                .screen(opened.window().played().orElseThrow().screen())
                .orElseThrow()
                .shownTitle();
    }

    @Test
    void oneIsMadeOfChosenScreensAndItsPagesCarriedIntoAnotherOrder() {
        makeOne();
        assertThat(titles()).containsExactlyElementsOf(PAGES);
        assertRead("Laid over its pages", "turns the page", "Next on the last page:", "1  How to use it");
        shot("sequence-page");
        Point2D first = middle("#page-1");
        drag(first).dropTo(middle("#page-3").add(0, 30));
        settle();
        assertThat(titles()).containsExactly("Care and late days", "House rules", "How to use it");
        press("#page-3");
        keys(KeyCode.CONTROL, KeyCode.LEFT);
        assertThat(titles()).containsExactly("Care and late days", "How to use it", "House rules");
        press("#sequence-dots");
        press("#sequence-dots-1");
        assertThat(made().laid().dots()).isFalse();
        typeOver("#sequence-next", "On");
        assertThat(made().laid().next()).isEqualTo("On");
        typeOver("#sequence-ink", "blue");
        assertRead("“blue” is none");
        // The colours stay open, to be chosen from.
        shot("sequence-colours");
        keys(KeyCode.ESCAPE);
        press("#sequence-swipes");
        press("#sequence-swipes-1");
        assertThat(made().swipes()).isFalse();
        press("#sequence-finish-leads");
        press("#finish-screen");
        write("Tools");
        keys(KeyCode.ENTER);
        assertRead("replace with Tools");
        assertThat(made().finish().orElseThrow().effect().orElseThrow())
                .isEqualTo(
                        new Effect.Replace(new Target.ToScreen(screen("Tools").id())));
        press("#sequence-out");
        assertThat(made().pages()).hasSize(2);
        press("#page-done");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(made().pages()).hasSize(3);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Q);
        assertRead("Sequences", "The rules");
        press("#open-" + made().id());
        press("#sequence-remove");
        assertThat(prototype().sequences()).isEmpty();
        assertRead("its screens stay");
    }

    @Test
    void whatLedToItsPagesLeadsToItAndWhatWentOnTurnsThem() {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(List.of(screen("Tool").id(), screen("Confirm").id())));
        settle();
        press("#together-frame");
        press("#together-sequence");
        press("#page-done");
        assertThat(hotspot("Tools", "Orchard ladder")
                        .links()
                        .getFirst()
                        .effect()
                        .flatMap(Effect::target))
                .get()
                .isInstanceOf(Target.ToSequence.class);
        desk("Tool");
        assertRead("page 1 of 2", "Tools, 1");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hotspot("Tools", "Orchard ladder")
                        .links()
                        .getFirst()
                        .effect()
                        .flatMap(Effect::target))
                .get()
                .isInstanceOf(Target.ToScreen.class);
    }

    @Test
    void dialogsAndPagesMakeNoSequence() {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(
                        List.of(screen("Tool").id(), screen("Your place").id())));
        settle();
        press("#together-frame");
        press("#together-sequence");
        assertRead("the pages of a sequence have one form");
        assertThat(prototype().sequences()).isEmpty();
    }

    @Test
    void fingersDotsAndWordsTurnItsPages() {
        makeOne();
        press("#sequence-finish-leads");
        press("#finish-return");
        press("#sequence-skip-leads");
        press("#skip-return");
        press("#page-done");
        leadToIt();
        assertRead("advance to", "The rules");
        shot("sequence-link");
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tapDevice(80, 35);
        assertThat(shown()).isEqualTo("How to use it");
        assertRead("How to use it, 1 of 3", "Next page", "Skip");
        shot("sequence-play");
        swipe(300, 200, -220);
        assertThat(shown()).isEqualTo("Care and late days");
        // Drawn too little and let go slowly, a page stays.
        Point2D from = onDevice(300, 400);
        moveTo(from).press(MouseButton.PRIMARY).moveTo(from.add(-20, 0)).moveTo(from.add(-45, 0));
        shot("sequence-drawn");
        hold(350);
        release(MouseButton.PRIMARY);
        settle();
        assertThat(shown()).isEqualTo("Care and late days");
        swipe(90, 200, 220);
        assertThat(shown()).isEqualTo("How to use it");
        // At the first page it gives a little and stays.
        swipe(90, 200, 220);
        assertThat(shown()).isEqualTo("How to use it");
        tapDevice(195 + 24, 844 - 12 - 22);
        assertThat(shown()).isEqualTo("House rules");
        keys(KeyCode.ESCAPE);
        assertThat(shown()).isEqualTo("Care and late days");
        tapDevice(390 - 60, 810);
        assertThat(shown()).isEqualTo("House rules");
        tapDevice(60, 810);
        assertThat(shown()).isEqualTo("Care and late days");
        tapDevice(390 - 60, 34);
        assertThat(shown()).isEqualTo("Tools");
        tapDevice(80, 35);
        tapDevice(195 + 24, 810);
        swipe(300, 200, -220);
        assertThat(shown()).isEqualTo("Tools");
    }

    @Test
    void aPageIsTurnedByALinkOfItsOwn() {
        makeOne();
        press("#page-done");
        desk("How to use it");
        assertRead("page 1 of 3, The rules", "Care and late days");
        link(20, 300, 120, 40, "return");
        keys(KeyCode.P);
        assertRead("turn page:", "the next");
        press("#choice-turn");
        press("#turn-3");
        assertThat(screen("How to use it")
                        .hotspots()
                        .getFirst()
                        .links()
                        .getFirst()
                        .effect())
                .contains(new Effect.TurnPage(new pandel.core.model.link.PageTurn.To(3)));
        shot("sequence-turn");
        press("#way-" + made().turnId(2));
        assertRead(
                "“The rules” turns to page 2 by a swipe, a dot, the words laid over it or a link that turns the page;");
        desk("Tools");
        press("#hotspot-" + hotspot("Tools", "Hand drill").id());
        press("#choice-verb");
        assertRead("“Tools” is no page of a sequence");
    }

    @Test
    void aRemovedScreenIsNoPageAnyMore() {
        makeOne();
        press("#page-done");
        Screen gone = screen("Care and late days");
        interact(() -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.remove(List.of(gone))));
        settle();
        assertThat(titles()).containsExactly("How to use it", "House rules");
        interact(() -> opened.work().undo());
        assertThat(titles()).hasSize(3);
    }

    private void swipe(double x, double y, double by) {
        drag(onDevice(x, y)).moveTo(onDevice(x + by / 2, y)).dropTo(onDevice(x + by, y));
        settle();
    }
}
