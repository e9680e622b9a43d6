package pandel.core.play.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.play.EventWords;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** From points to events, and where mocks stand. */
class AimTest {

    private static Screen pictured(Form form, int width, int height) {
        return Screen.page("s", "S")
                .withForm(form)
                .withMocks(
                        List.of(new Picture(Width.NARROW, "0".repeat(64) + ".png", width, height, 1, "", Rest.NONE)));
    }

    @Test
    void pagesAndSheetsAreScaledWhenTheDeviceIsNearTheirWidth() {
        Placement same = Placement.of(pictured(Form.PAGE, 390, 844), Room.whole(Widths.USUAL, 390), 844);
        assertThat(same).isEqualTo(new Placement(0, 0, 1, 390, 844, 0, 0, 0, 0));
        assertThat(Placement.of(pictured(Form.PAGE, 390, 844), Room.whole(Widths.USUAL, 360), 640)
                        .factor())
                .isCloseTo(360 / 390.0, within(1e-9));
        assertThat(Placement.of(pictured(Form.PAGE, 390, 844), Room.whole(Widths.USUAL, 360), 640)
                        .maxScroll())
                .isCloseTo(844 * 360 / 390.0 - 640, within(1e-6));
        // Further off than ¾ or 4⁄3 it stands at its own size, centred.
        Placement wide = Placement.of(pictured(Form.PAGE, 390, 844), Room.whole(Widths.USUAL, 820), 1180);
        assertThat(wide.factor()).isEqualTo(1);
        assertThat(wide.x()).isEqualTo(215);
        Placement sheet = Placement.of(pictured(Form.SHEET, 390, 300), Room.whole(Widths.USUAL, 390), 844);
        assertThat(sheet.y()).isEqualTo(544);
    }

    @Test
    void dialogsAndPanelsStandAtTheirOwnSizeUnlessTheDeviceIsNarrower() {
        Placement dialog = Placement.of(pictured(Form.DIALOG, 330, 250), Room.whole(Widths.USUAL, 390), 844);
        assertThat(dialog).isEqualTo(new Placement(30, 297, 1, 330, 250, 0, 0, 0, 0));
        assertThat(Placement.of(pictured(Form.DIALOG, 500, 250), Room.whole(Widths.USUAL, 390), 844)
                        .width())
                .isEqualTo(390);
        assertThat(Placement.of(pictured(Form.PANEL, 300, 844), Room.whole(Widths.USUAL, 390), 844)
                        .x())
                .isEqualTo(90);
    }

    @Test
    void theTopHotspotWithALinkIsMeantAndBesideAnOverlayIsOutside() {
        Prototype p = Made.of(
                        "home page: a advance next; b return; bare; up open above ask",
                        "next page: back return",
                        "ask dialog: x close x")
                .withScreen(
                        "home",
                        s -> s.withHotspots(List.of(
                                at(s.hotspots().get(0), 0, 0, 200, 200),
                                at(s.hotspots().get(1), 50, 50, 50, 50),
                                at(s.hotspots().get(2), 60, 60, 10, 10),
                                at(s.hotspots().get(3), 300, 10, 60, 60))));
        Situation now =
                Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
        assertThat(Aim.tap(p, now, 20, 20)).isEqualTo(Event.tap("home.a"));
        assertThat(Aim.tap(p, now, 55, 55)).isEqualTo(Event.tap("home.b"));
        // One without a link lets the one beneath answer.
        assertThat(Aim.tap(p, now, 65, 65)).isEqualTo(Event.tap("home.b"));
        assertThat(Aim.tap(p, now, 300, 700)).isEqualTo(new Event.Touched(Gesture.TAP, new Event.On.Point(300, 700)));
        Situation asked = new Step(p).step(now, Event.tap("home.up")).situation();
        assertThat(Aim.tap(p, asked, 5, 5)).isEqualTo(new Event.Touched(Gesture.TAP, new Event.On.Outside()));
    }

    private static Hotspot at(Hotspot hotspot, double x, double y, double w, double h) {
        return new Hotspot(
                hotspot.id(), hotspot.title(), Map.of(Width.NARROW, new Area(x, y, w, h)), hotspot.links(), Rest.NONE);
    }

    @Test
    void whatIsScrolledIsHitWhereItIsSeen() {
        Prototype p = Made.of("home page: a advance home")
                .withScreen(
                        "home",
                        s -> s.withMocks(pictured(Form.PAGE, 390, 2000).mocks())
                                .withHotspots(List.of(at(s.hotspots().getFirst(), 0, 1500, 390, 100))));
        Situation now =
                Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
        Situation scrolled = new Step(p).step(now, new Event.Scroll(1000)).situation();
        assertThat(Aim.tap(p, scrolled, 100, 550)).isEqualTo(Event.tap("home.a"));
        assertThat(Aim.tap(p, now, 100, 550)).isInstanceOf(Event.Touched.class).isNotEqualTo(Event.tap("home.a"));
    }

    @Test
    void aDrawersItemsBeginBeneathThePictureAndWordsAtItsHead() {
        Prototype plain = Made.of("home page: a draw menu", "drawer menu a=home,b=home on:all");
        Picture square = new Picture(Width.NARROW, "0".repeat(64) + ".png", 40, 40, 1, "", Rest.NONE);
        Situation closed = Situation.at(plain, plain.mainEntry().orElseThrow(), Device.PHONE)
                .orElseThrow();
        Situation now = new Step(plain).step(closed, Event.tap("home.a")).situation();
        for (double high : new double[] {0, 140, 240}) {
            for (String words : List.of("", "Hollow Lane 12")) {
                Prototype p = plain.withDrawers(List.of(plain.drawers()
                        .getFirst()
                        .withHead(words)
                        .withPicture(high == 0 ? java.util.Optional.empty() : java.util.Optional.of(square))
                        .withPanel(Drawer.Panel.USUAL.withWidth(Math.max(high, 100) + (high == 240 ? 20 : 0)))));
                DrawerPlace place = DrawerPlace.of(p, now, 0, p.drawers().getFirst());
                assertThat(place.picture()).isEqualTo(high);
                double first = place.rows().getFirst().area().y();
                assertThat(first).isGreaterThan(high).isGreaterThanOrEqualTo(place.head());
                assertThat(Aim.tap(p, now, 50, first + 1))
                        .isEqualTo(new Event.Touched(Gesture.TAP, new Event.On.OnItem("menu-a")));
                assertThat(Aim.tap(p, now, 50, first - 4))
                        .isNotEqualTo(new Event.Touched(Gesture.TAP, new Event.On.OnItem("menu-a")));
            }
        }
    }

    @Test
    void aListAndItsDetailShareWhatIsLeftBesideADrawerAlsoBeneathADialog() {
        Prototype p = Made.of(
                        "list page: a advance detail",
                        "detail page: up open above ask",
                        "ask dialog: x close x",
                        "drawer menu a=list,b=list on:all stays")
                .withPairs(List.of(Pair.of("p", "list", "detail")));
        Step step = new Step(p);
        Situation apart = step.step(
                        Situation.at(p, p.mainEntry().orElseThrow(), Device.TABLET_ON_ITS_SIDE)
                                .orElseThrow(),
                        Event.tap("list.a"))
                .situation();
        Situation beneath = step.step(apart, Event.tap("detail.up")).situation();
        assertThat(beneath.levels()).hasSize(2);
        for (Situation now : List.of(apart, beneath)) {
            Room list = Pairs.beside(p, now, 0).orElseThrow().list();
            Room detail = Room.of(p, now, 0);
            assertThat(list.x()).isEqualTo(280);
            assertThat(list.width()).isEqualTo(350);
            assertThat(detail.x()).isEqualTo(list.x() + list.width());
            assertThat(detail.x() + detail.width()).isEqualTo(1200);
        }
    }

    @Test
    void whatLiesUnderThePointOfAPairIsMeantAndScrolledByItself() {
        Prototype p = Made.of(
                        "list page: a advance detail, shared advance detail",
                        "detail page: up advance list, shared advance list")
                .withPairs(List.of(Pair.of("p", "list", "detail")));
        Step step = new Step(p);
        Situation now = step.step(
                        Situation.at(p, p.mainEntry().orElseThrow(), Device.TABLET_ON_ITS_SIDE)
                                .orElseThrow(),
                        Event.tap("list.a"))
                .situation();
        Room list = Pairs.beside(p, now).orElseThrow().list();
        assertThat(Under.at(p, now, list.width() - 1).isList()).isTrue();
        assertThat(Under.at(p, now, list.width()).isList()).isFalse();
        Event miss = Aim.gesture(p, now, Gesture.LONG_PRESS, 5, 700);
        assertThat(miss)
                .isInstanceOfSatisfying(
                        Event.OnList.class,
                        on -> assertThat(((Event.Touched) on.event()).on()).isInstanceOf(Event.On.Point.class));
        assertThat(EventWords.of(p, now, miss)).isEqualTo("long press on the list");
        assertThat(EventWords.of(p, now, Event.tap("list.a"))).isEqualTo("tap list.a");
        // Only what both show needs to be told apart.
        Event tap = Event.tap("list.a");
        assertThat(Under.at(p, now, 1).meant(p, now, tap)).isEqualTo(tap);
        assertThat(Under.at(p, now, 1).meant(p, now, Event.tap("detail.up").turning("done")))
                .isEqualTo(new Event.OnList(Event.tap("detail.up")).turning("done"));
        Situation scrolled =
                step.step(now, new Event.OnList(new Event.Scroll(120))).situation();
        assertThat(Under.at(p, scrolled, 1).scroll()).isEqualTo(120);
        assertThat(Under.at(p, scrolled, 1000).scroll()).isZero();
        assertThat(EventWords.of(p, now, new Event.OnList(new Event.Scroll(120))))
                .isEqualTo("scroll the list");
        assertThatThrownBy(() -> new Event.OnList(new Event.DeviceBack())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aPageStandsBetweenTheStripsLaidOnIt() {
        for (TabSet.Edge edge : TabSet.Edge.values()) {
            Prototype made = Made.of(
                            "first page: go replace $t",
                            "home page: a advance home",
                            "loans page: b return",
                            "tabs t home,loans")
                    .withScreen(
                            "home",
                            s -> s.withMocks(pictured(Form.PAGE, 400, 840).mocks())
                                    .withHotspots(List.of(at(s.hotspots().getFirst(), 0, 800, 400, 40))));
            Prototype p = made.withTabSets(made.tabSets().stream()
                    .map(t -> t.withStrip(t.strip().withEdge(edge)))
                    .toList());
            Situation now = new Step(p)
                    .step(
                            Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE)
                                    .orElseThrow(),
                            Event.tap("first.go"))
                    .situation();
            Room room = Room.of(p, now);
            Placement placed = Under.current(p, now).placement(p).orElseThrow();
            double strip = edge == TabSet.Edge.DRAWN ? 0 : 56;
            assertThat(room.top() + room.foot()).isEqualTo(strip);
            assertThat(placed.y()).isEqualTo(edge == TabSet.Edge.TOP ? 56 : 0);
            assertThat(placed.maxScroll()).isEqualTo(strip);
            // Nothing of the page stays beneath a strip for good.
            Situation scrolled =
                    new Step(p).step(now, new Event.Scroll(placed.maxScroll())).situation();
            assertThat(Aim.tap(p, scrolled, 100, 844 - room.foot() - 20))
                    .as(edge.toString())
                    .isEqualTo(Event.tap("home.a"));
            assertThat(Aim.tap(p, scrolled, 100, 844 - 20))
                    .isEqualTo(
                            edge == TabSet.Edge.BOTTOM
                                    ? new Event.Touched(Gesture.TAP, new Event.On.OnTab("t-home"))
                                    : Event.tap("home.a"));
        }
    }
}
