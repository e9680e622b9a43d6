package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** Tab sets made of chosen screens, edited as what they are, and played with fingers. */
class TabsTest extends WindowTest {

    private static final List<String> DRAWN = List.of("Tools", "Loans", "Notices", "Me");
    private static final List<String> BARE = List.of("How to use it", "Care and late days", "House rules");

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private TabSet made() {
        return prototype().tabSets().getLast();
    }

    private void putBehindStrip(List<String> titles) {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(titles.stream().map(t -> screen(t).id()).toList()));
        settle();
        press("#together-frame");
        press("#together-tabs");
        // Their pictures are looked at for a strip.
        until(() -> opened.window().things().isIdle());
        settle();
    }

    private List<String> labels() {
        return made().tabs().stream().map(TabSet.Tab::label).toList();
    }

    @Test
    void theStripDrawnOnThePicturesIsTakenAndItsTabsKeepTheirTrails() {
        putBehindStrip(DRAWN);
        assertThat(labels()).isEqualTo(DRAWN);
        assertThat(made().strip().edge()).isEqualTo(TabSet.Edge.DRAWN);
        assertThat(hotspot("Tools", "Loans in the strip").links().getFirst().effect())
                .contains(new Effect.SwitchTab(made().tabs().get(1).id()));
        assertThat(hotspot("Sign in", "Sign in").links().getFirst().effect().flatMap(Effect::target))
                .get()
                .isInstanceOf(Target.ToTabs.class);
        assertRead("on the pictures", "Each tab keeps its trail", "6 links switch its tabs now");
        shot("tabs-drawn");
        press("#page-done");
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tapDevice(195, 264);
        assertThat(trail().getFirst()).isEqualTo("Tool");
        keys(KeyCode.ESCAPE);
        tapDevice(146, 805);
        assertThat(trail().getFirst()).isEqualTo("Loans");
        tapDevice(195, 188);
        assertThat(trail()).startsWith("Loan", "Loans");
        assertRead("Kept in other tabs", "Tools: on Tools");
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
        assertThat(trail().getFirst()).isEqualTo("Tools");
        shot("tabs-play-drawn");
        keys(KeyCode.ESCAPE);
        assertRead("The prototype was left.");
    }

    @Test
    void aStripThatIsOnlyDrawnIsTakenWithAnAreaForEachTab() {
        interact(() -> opened.work()
                .edit(pandel.core.edit.screen.HotspotEdits.remove(DRAWN.stream()
                        .flatMap(t -> prototype().index().hotspotsOn(screen(t).id()).stream())
                        .distinct()
                        .toList())));
        settle();
        List<String> reversed = new java.util.ArrayList<>(DRAWN).reversed();
        putBehindStrip(reversed);
        assertRead("the one drawn on them", "on the pictures");
        // In the order of the tabs that are drawn as chosen.
        assertThat(labels()).isEqualTo(DRAWN);
        assertThat(made().strip().edge()).isEqualTo(TabSet.Edge.DRAWN);
        shot("tabs-found");
        press("#page-done");
        for (int i = 0; i < 4; i++) {
            Hotspot tab = hotspot("Notices", DRAWN.get(i) + " in the strip");
            assertThat(tab.areas().values().iterator().next().x()).isBetween(i * 97.5 - 3, i * 97.5 + 3);
            assertThat(tab.links().getFirst().effect())
                    .contains(new Effect.SwitchTab(made().tabs().get(i).id()));
        }
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().tabSets()).isEmpty();
        assertThat(prototype().index().hotspotsOn(screen("Notices").id())).isEmpty();
    }

    @Test
    void aStripIsLaidOverPagesThatHaveNone() {
        putBehindStrip(BARE);
        typeOver("#tabs-title", "Advice");
        press("#page-1");
        typeOver("#tab-label", "How");
        press("#tab-sign");
        press("#sign-list");
        press("#page-2");
        press("#tab-sign");
        write("calendar ed");
        settle();
        shot("sign-page");
        keys(KeyCode.ENTER);
        assertThat(made().tabs().get(1).sign()).isEqualTo("bx-calendar-edit");
        press("#tab-sign");
        press("#sign-heart");
        press("#page-3");
        press("#tab-sign");
        press("#sign-house");
        typeOver("#strip-height", "72");
        typeOver("#strip-gap", "8");
        typeOver("#strip-sign", "26");
        typeOver("#strip-behind", "#DCE9E4");
        assertThat(made().strip().sizes()).isEqualTo(new TabSet.Sizes(72, 8, 0, 26, "#DCE9E4"));
        shot("tabs-page");
        assertThat(labels()).containsExactly("How", "Care and late days", "House rules");
        assertThat(made().tabs()).extracting(TabSet.Tab::sign).containsExactly("list", "heart", "house");
        drag(middle("#page-3")).dropTo(middle("#page-1").add(0, -30));
        settle();
        assertThat(labels()).containsExactly("House rules", "How", "Care and late days");
        press("#page-2");
        press("#tab-first");
        assertThat(made().first()).isEqualTo(made().tabs().get(1).id());
        press("#tabs-swipes");
        press("#tabs-swipes-0");
        press("#page-done");
        desk("Tools");
        link(20, 20, 130, 30, "Advice");
        assertRead("advance to", "Advice");
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tapDevice(80, 35);
        shot("tabs-play");
        assertThat(trail().getFirst()).isEqualTo("How to use it");
        tapDevice(330, 815);
        assertThat(trail().getFirst()).isEqualTo("Care and late days");
        // The tab beside follows the finger; let go too soon it goes back.
        Point2D from = onDevice(90, 300);
        moveTo(from).press(MouseButton.PRIMARY).moveTo(from.add(20, 0)).moveTo(from.add(60, 0));
        shot("tabs-drawn-aside");
        hold(350);
        release(MouseButton.PRIMARY);
        settle();
        assertThat(trail().getFirst()).isEqualTo("Care and late days");
        drag(onDevice(90, 300)).moveTo(onDevice(200, 300)).dropTo(onDevice(320, 300));
        settle();
        assertThat(trail().getFirst()).isEqualTo("How to use it");
        tapDevice(60, 815);
        assertThat(trail().getFirst()).isEqualTo("House rules");
        // Back at another tab's root leads to the first tab, and from there out of the set.
        keys(KeyCode.ESCAPE);
        assertThat(trail().getFirst()).isEqualTo("How to use it");
        keys(KeyCode.ESCAPE);
        assertThat(trail().getFirst()).isEqualTo("Tools");
    }

    @Test
    void aLinkSwitchesATabAndTheStripIsHiddenOnAScreen() {
        putBehindStrip(BARE);
        press("#tabs-hide");
        write("Care and");
        keys(KeyCode.ENTER);
        assertThat(made().hiddenOn())
                .containsExactly(screen("Care and late days").id());
        press("#page-2");
        press("#tabs-out");
        assertThat(made().tabs()).hasSize(2);
        press("#tabs-add");
        write("Opening");
        keys(KeyCode.ENTER);
        assertThat(labels()).endsWith("Opening hours");
        press("#page-done");
        desk("House rules");
        link(20, 300, 120, 40, "return");
        keys(KeyCode.W);
        assertRead("switch to");
        press("#choice-tab");
        press("#tab-" + made().tabs().getLast().id());
        assertThat(screen("House rules")
                        .hotspots()
                        .getFirst()
                        .links()
                        .getFirst()
                        .effect())
                .contains(new Effect.SwitchTab(made().tabs().getLast().id()));
        shot("tabs-switch");
        assertRead("a tab of");
        press("#in-frame");
        press("#tabs-remove");
        assertThat(prototype().tabSets()).isEmpty();
        assertRead("is no tab set any more");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(prototype().tabSets()).hasSize(1);
    }

    /** Of nine tabs a phone has room for six; the rest are drawn in sight by a finger, or a wheel. */
    @Test
    void moreTabsThanFitScroll() {
        List<Screen> pages = prototype().screens().stream()
                .filter(s -> s.form() == Form.PAGE
                        && !DRAWN.contains(s.title())
                        && s.links().isEmpty())
                .limit(9)
                .toList();
        interact(() -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.entry(pages.getFirst())));
        putBehindStrip(pages.stream().map(Screen::title).toList());
        shot("tabs-nine");
        press("#page-done");
        go(4);
        settle();
        Point2D along = onDevice(330, 816);
        double before = tabX(pages.get(2));
        drag(along).moveTo(along.add(-20, 0)).dropTo(onDevice(120, 816));
        settle();
        shot("tabs-many");
        assertThat(tabX(pages.get(2))).isLessThan(before - 100);
        assertThat(trail().getFirst()).isEqualTo(pages.getFirst().title());
        moveTo(along);
        scroll(20, VerticalDirection.DOWN);
        settle();
        tapDevice(370, 816);
        assertThat(trail().getFirst()).isEqualTo(pages.getLast().title());
        assertThat(tabX(pages.getLast())).isLessThan(onDevice(390, 0).getX());
    }

    /** Where the label of a tab stands in the strip of the device. */
    private double tabX(Screen of) {
        return lookup("#device-view")
                .lookup((Node n) -> n instanceof Label l
                        && l.getText().equals(of.title())
                        && n.getParent().getClass().getSimpleName().equals("StripView"))
                .query()
                .localToScreen(0, 0)
                .getX();
    }

    @Test
    void dialogsStandBehindNoStripAndARemovedRootIsNoTab() {
        putBehindStrip(List.of("Tool", "Your place"));
        assertRead("only pages stand behind a strip");
        putBehindStrip(BARE);
        press("#page-done");
        interact(() -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.remove(List.of(screen("House rules")))));
        settle();
        assertThat(made().tabs()).hasSize(2);
    }

    @Test
    void theStripLooksOtherwiseAtEachWidth() {
        interact(() -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.entry(screen("How to use it"))));
        putBehindStrip(BARE);
        press("#strip-look-wide");
        press("#strip-look-wide-2");
        press("#strip-look-medium");
        press("#strip-look-medium-1");
        shot("tabs-looks");
        assertRead("wide: side list", "medium: side signs", "narrow: strip");
        assertThat(made().strip().on(pandel.core.model.device.Width.WIDE)).isEqualTo(TabSet.Side.SIDE_LIST);
        shot("tabs-looks");
        press("#page-done");
        interact(() -> opened.work().use(prototype().device("tablet")));
        go(4);
        settle();
        assertThat(trail()).startsWith("How to use it");
        // The second sign at the side of 72 px.
        tapDevice(36, 24 + 64 + 32);
        assertThat(trail()).startsWith("Care and late days");
        shot("tabs-side");
    }

    @Test
    void aButtonFloatsOverItsPlaces() {
        interact(() -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.entry(screen("How to use it"))));
        putBehindStrip(BARE);
        press("#tabs-button");
        write("Report damage");
        keys(KeyCode.ENTER);
        press("#button-sign");
        press("#sign-bell");
        assertRead("advance to Report damage", "With the strip:", "lower right");
        press("#button-side-signs");
        press("#button-side-signs-5");
        assertThat(made().button().orElseThrow().on(TabSet.Side.SIDE_SIGNS)).isEqualTo(TabSet.At.HEAD);
        shot("tabs-button");
        press("#button-does");
        assertRead("Tapping the button of “How to use it and beside”:", "floating button");
        go(4);
        settle();
        shot("tabs-button-play");
        tapDevice(390 - 16 - 28, 844 - 56 - 16 - 28);
        assertThat(trail()).startsWith("Report damage", "How to use it");
        assertRead("The button of How to use it and beside");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(made().button().orElseThrow().at()).isEmpty();
    }
}
