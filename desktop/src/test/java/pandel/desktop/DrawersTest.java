package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.PanelSide;

/** Drawers made from nothing and of chosen screens, edited as what they are, linked, and played with fingers. */
class DrawersTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private Drawer made() {
        return prototype().drawers().getLast();
    }

    private List<String> labels() {
        return made().items().stream().map(Drawer.Item::label).toList();
    }

    private String shown() {
        return trail().getFirst();
    }

    /** Of four places, on those four screens. */
    private void makeOne() {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(List.of("Tools", "Loans", "Opening hours", "House rules").stream()
                        .map(t -> screen(t).id())
                        .toList()));
        settle();
        press("#together-frame");
        press("#together-drawer");
    }

    private void swipe(double x, double y, double by) {
        drag(onDevice(x, y)).moveTo(onDevice(x + by / 2, y)).dropTo(onDevice(x + by, y));
        settle();
    }

    @Test
    void oneIsMadeFromNothingByTypingItsItems() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Q);
        assertRead("Drawers", "There is none yet.");
        press("#frames-drawer");
        assertThat(made().on().all()).isTrue();
        typeOver("#drawer-title", "More");
        clickOn("#drawer-type");
        write("Tools");
        keys(KeyCode.ENTER);
        write("loans");
        keys(KeyCode.ENTER);
        write("The house:");
        keys(KeyCode.SHIFT, KeyCode.ENTER);
        interact(() -> ((javafx.scene.control.TextArea) lookup("#drawer-type").query())
                .setText("The house:\nOpening hours\nHouse rules\nSign out"));
        keys(KeyCode.ENTER);
        assertThat(labels()).containsExactly("Tools", "loans", "Opening hours", "House rules", "Sign out");
        assertThat(made().items().get(2).section()).isEqualTo("The house");
        assertThat(made().items().get(1).does().effects())
                .containsExactly(new Effect.Restart(new pandel.core.model.link.Target.ToScreen(
                        screen("Loans").id())));
        assertThat(made().items().getLast().does().effects()).isEmpty();
        press("#item-held");
        press("#item-held-0");
        press("#item-leads");
        press("#item-screen");
        write("Sign in");
        keys(KeyCode.ENTER);
        assertThat(made().items().getLast().held()).isTrue();
        assertRead("at the bottom · restart at Sign in", "The house");
        shot("drawer-page");
        press("#page-done");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(made().items().getLast().does().effects()).isEmpty();
    }

    @Test
    void itIsEditedAsWhatItIs() {
        makeOne();
        assertThat(labels()).containsExactly("Tools", "Loans", "Opening hours", "House rules");
        assertThat(made().on().screens()).hasSize(4);
        Point2D from = middle("#item-4");
        drag(from).moveTo(from.add(0, -30)).dropTo(middle("#item-1").add(0, -6));
        settle();
        assertThat(labels()).startsWith("House rules", "Tools");
        press("#item-1");
        keys(KeyCode.CONTROL, KeyCode.DOWN);
        assertThat(labels()).startsWith("Tools", "House rules");
        typeOver("#item-label", "Rules of the house");
        assertThat(labels()).contains("Rules of the house");
        press("#item-sign");
        press("#sign-house");
        assertThat(made().items().get(1).sign()).isEqualTo("house");
        press("#drawer-side");
        press("#drawer-side-1");
        assertThat(made().panel().side()).isEqualTo(PanelSide.RIGHT);
        press("#drawer-side");
        press("#drawer-side-0");
        press("#drawer-moves");
        shot("drawer-moves");
        press("#drawer-moves-1");
        assertThat(made().panel().moves()).isEqualTo(Drawer.Moves.REVEALS);
        typeOver("#drawer-width", "0");
        assertRead("“px wide” is a number from 1 to 10000; “0” is none.");
        typeOver("#drawer-width", "300");
        typeOver("#drawer-shade", "20");
        press("#drawer-outside");
        press("#drawer-outside-1");
        assertThat(made().outside()).isFalse();
        dragBy("#handle-drawer", -20, 0);
        assertThat(made().panel().width()).isBetween(250.0, 290.0);
        dragBy("#handle-page", 0, 14);
        assertThat(made().panel().shrinks()).isLessThan(85);
        typeOver("#drawer-rests", "-20");
        assertThat(made().panel().rests()).isEqualTo(-20);
        typeOver("#drawer-head", "Hello, {card}");
        chosenFiles.add(Path.of("nothing-there.png"));
        press("#drawer-picture");
        assertRead("nothing-there.png");
        assertThat(made().picture()).isEmpty();
        chosenFiles.add(Path.of("..", "samples", "pictures", "26_invite-a-neighbour@2x.png"));
        press("#drawer-picture");
        until(() -> made().picture().isPresent());
        settle();
        assertThat(lookup("#drawer-picture")
                        .<javafx.scene.control.Button>query()
                        .getText())
                .isEqualTo("a picture");
        press("#drawer-picture");
        press("#picture-none");
        assertThat(made().picture()).isEmpty();
        chosenFiles.add(Path.of("..", "samples", "pictures", "26_invite-a-neighbour@2x.png"));
        press("#drawer-picture");
        until(() -> made().picture().isPresent());
        settle();
        assertThat(made().picture().orElseThrow().source()).isEqualTo("26_invite-a-neighbour@2x.png");
        press("#drawer-play");
        shot("drawer-reveals");
        press("#drawer-sign");
        press("#sign-drawn");
        assertThat(prototype().shared().getLast().screens()).hasSize(4);
        typeOver("#drawer-gap", "12");
        typeOver("#drawer-shadow", "24");
        press("#drawer-unit");
        press("#drawer-unit-1");
        typeOver("#drawer-share", "70");
        assertThat(made().panel().gap()).isEqualTo(12);
        assertThat(made().widthAt(390)).isEqualTo(273);
        shot("drawer-apart");
        press("#drawer-all");
        press("#drawer-all-0");
        assertRead("all pages");
        press("#drawer-out");
        assertThat(labels()).hasSize(3);
        press("#drawer-remove");
        assertThat(prototype().drawers()).isEmpty();
        assertRead("with the links that only opened or closed it");
        assertThat(prototype().shared().getLast().hotspot().links()).isEmpty();
    }

    @Test
    void aHotspotOpensItByMarkTypeEnter() {
        makeOne();
        press("#page-done");
        desk("Tools");
        assertRead("with the drawer Menu", "Menu, 4 …");
        press(".fold");
        assertRead("Menu, 4", "item House rules");
        link(150, 60, 100, 40, "menu");
        assertThat(screen("Tools").hotspots().getLast().links().getFirst().effect())
                .contains(new Effect.MoveDrawer(made().id(), Effect.How.OPEN));
        assertRead("drawer open");
        press("#choice-drawer-how-0");
        press("#drawer-toggle");
        assertThat(screen("Tools")
                        .hotspots()
                        .getLast()
                        .links()
                        .getFirst()
                        .effect()
                        .orElseThrow()
                        .verb())
                .isEqualTo(Verb.DRAWER_TOGGLE);
        shot("drawer-link");
        keys(KeyCode.A);
        write("Loans");
        keys(KeyCode.ENTER);
        assertThat(screen("Tools")
                        .hotspots()
                        .getLast()
                        .links()
                        .getFirst()
                        .effects()
                        .map(Effect::verb))
                .containsExactly(Verb.ADVANCE);
        press("#way-" + made().items().get(1).id());
        assertRead("Choosing “Loans” in “Menu”:", "restart at");
        press("#choice-verb");
        press("#verb-replace");
        assertThat(made().items().get(1).does().effects().getFirst().verb()).isEqualTo(Verb.REPLACE);
    }

    @Test
    void fingersDrawItOutAndPutItBack() {
        makeOne();
        press("#drawer-sign");
        press("#sign-bare");
        press("#page-done");
        go(4);
        pass(1800);
        tapDevice(195, 582);
        assertThat(shown()).isEqualTo("Tools");
        // From the edge, let go halfway and slowly: it goes on; from less it goes back.
        Point2D from = onDevice(2, 400);
        moveTo(from).press(MouseButton.PRIMARY).moveTo(from.add(20, 0)).moveTo(from.add(45, 0));
        hold(350);
        release(MouseButton.PRIMARY);
        settle();
        assertThat(isOut()).isFalse();
        moveTo(from).press(MouseButton.PRIMARY).moveTo(from.add(40, 0)).moveTo(from.add(120, 0));
        shot("drawer-drawn");
        hold(350);
        release(MouseButton.PRIMARY);
        settle();
        assertThat(isOut()).isTrue();
        tillStill();
        assertRead("Item Loans", "Menu is open");
        shot("drawer-play");
        tapDevice(350, 400);
        assertThat(isOut()).isFalse();
        tillStill();
        swipe(2, 400, 200);
        assertThat(isOut()).isTrue();
        tillStill();
        // Put back by a throw, and by device back.
        swipe(200, 500, -160);
        assertThat(isOut()).isFalse();
        tillStill();
        tapDevice(30, 30);
        assertThat(isOut()).isTrue();
        keys(KeyCode.ESCAPE);
        assertThat(isOut()).isFalse();
        tillStill();
        tapDevice(30, 30);
        tillStill();
        tapDevice(120, 12 + 48 + 24);
        assertThat(shown()).isEqualTo("Loans");
        assertThat(isOut()).isFalse();
        tillStill();
    }

    /** Whether the drawer is out, as the trail tells it. */
    private boolean isOut() {
        return !lookup(".trail-drawer").queryAll().isEmpty();
    }
}
