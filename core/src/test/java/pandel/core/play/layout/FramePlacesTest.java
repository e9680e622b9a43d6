package pandel.core.play.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.situation.Situation;

/** Where strips, buttons and drawers stand once they are sized and placed. */
class FramePlacesTest {

    private static final List<EnclosingTab> AROUND = List.of(new EnclosingTab("main", "main-a", Map.of(), true));
    private static final Prototype PLAIN = Made.of("a page:", "b page:", "c page:", "tabs main a,b,c");

    private static Prototype with(UnaryOperator<TabSet> change) {
        return PLAIN.withTabSets(PLAIN.tabSets().stream().map(change).toList());
    }

    private static TabSet.Floating button(TabSet.Side look, TabSet.At at) {
        return new TabSet.Floating(
                        Link.of("plus", new Cause.Touch(Gesture.TAP), new Effect.Advance(new Target.ToScreen("b"))),
                        "cross")
                .on(look, at);
    }

    private static StripPlace strip(Prototype p, Width on, double wide) {
        return StripPlace.on(p, AROUND, "a", on, wide, 844).getFirst();
    }

    private static Area floating(Prototype p, Width on, double wide) {
        return ButtonPlace.on(p, AROUND, "a", on, wide, 844, 0).getFirst().area();
    }

    @Test
    void aStripIsAsHighAsItIsSaidWithItsTabsApart() {
        Prototype p = with(s -> s.withStrip(
                s.strip().withSizes(TabSet.Sizes.USUAL.withHeight(80).withGap(6).withPadding(12))));
        StripPlace strip = strip(p, Width.NARROW, 390);
        assertThat(strip.area()).isEqualTo(new Area(0, 844 - 80, 390, 80));
        assertThat(strip.signs().getFirst().area().x()).isEqualTo(12);
        assertThat(strip.signs().get(1).area().x()
                        - strip.signs().getFirst().area().right())
                .isEqualTo(6);
        assertThat(strip.signs().getLast().area().right()).isEqualTo(390 - 12);
        assertThat(strip.scrolls()).isFalse();
        assertThat(Room.within(p, AROUND, "a", 390, 844).foot()).isEqualTo(80);
    }

    @Test
    void aButtonFloatsInTheCornerThatIsSaid() {
        for (TabSet.At at : List.of(TabSet.At.LOWER_LEFT, TabSet.At.UPPER_RIGHT, TabSet.At.LOWER_MIDDLE)) {
            Area area = floating(
                    with(s -> s.withButton(
                            Optional.of(button(TabSet.Side.STRIP, at).withSize(40)))),
                    Width.NARROW,
                    390);
            assertThat(area.width()).isEqualTo(40);
            assertThat(area.x())
                    .isEqualTo(at == TabSet.At.LOWER_LEFT ? 16 : at == TabSet.At.LOWER_MIDDLE ? 175 : 390 - 56);
            assertThat(area.y()).isEqualTo(at == TabSet.At.UPPER_RIGHT ? 16 : 844 - 56 - 56);
        }
        Prototype none = with(s -> s.withButton(Optional.of(button(TabSet.Side.STRIP, TabSet.At.ABSENT))));
        assertThat(ButtonPlace.on(none, AROUND, "a", Width.NARROW, 390, 844, 0)).isEmpty();
    }

    @Test
    void atTheHeadOfTheSignsTheTabsStandBeneathIt() {
        UnaryOperator<TabSet> beside = s -> s.withStrip(s.strip().withLook(Width.WIDE, TabSet.Side.SIDE_SIGNS));
        StripPlace without = strip(with(beside), Width.WIDE, 1180);
        Prototype p =
                with(s -> beside.apply(s).withButton(Optional.of(button(TabSet.Side.SIDE_SIGNS, TabSet.At.HEAD))));
        StripPlace strip = strip(p, Width.WIDE, 1180);
        Area button = floating(p, Width.WIDE, 1180);
        assertThat(strip.area().width()).isEqualTo(without.area().width());
        assertThat(button.x() + button.width() / 2).isEqualTo(strip.area().width() / 2);
        assertThat(button.bottom()).isLessThan(strip.signs().getFirst().area().y());
        assertThat(strip.signs().getFirst().area().y())
                .isEqualTo(without.signs().getFirst().area().y() + 56 + 16);
        Prototype foot = with(s -> s.withStrip(s.strip().withLook(Width.WIDE, TabSet.Side.SIDE_LIST))
                .withButton(Optional.of(button(TabSet.Side.SIDE_LIST, TabSet.At.FOOT))));
        assertThat(floating(foot, Width.WIDE, 1180)).isEqualTo(new Area(16, 844 - 72, 56, 56));
    }

    @Test
    void aDrawerWithAGapIsTouchedWhereItStands() {
        Prototype made = Made.of("home page: on advance b", "b page:", "drawer menu x=b,y=home on:home");
        Prototype p = made.withDrawers(made.drawers().stream()
                .map(d -> d.withPanel(d.panel().withGap(20)))
                .toList());
        Drawer menu = p.drawers().getFirst();
        Situation open = Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE)
                .orElseThrow()
                .drawn(Optional.of("menu"));
        DrawerPlace place = DrawerPlace.of(p, open, 0, menu);
        assertThat(place.area()).isEqualTo(new Area(20, 20, 280, open.height() - 40));
        Area first = place.rows().getFirst().area();
        assertThat(first.y()).isEqualTo(20 + 12);
        assertThat(Aim.tap(p, open, first.x() + 5, first.y() + 5))
                .isEqualTo(new Event.Touched(Gesture.TAP, new Event.On.OnItem("menu-x")));
        assertThat(Aim.tap(p, open, 8, 100)).isEqualTo(new Event.Touched(Gesture.TAP, new Event.On.Outside()));
        assertThat(Aim.tap(p, open, 100, 8)).isEqualTo(new Event.Touched(Gesture.TAP, new Event.On.Outside()));
    }
}
