package pandel.core.areas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import pandel.core.areas.Things.Kind;
import pandel.core.areas.Things.Offer;
import pandel.core.model.screen.Area;

/** What a press takes, on pictures drawn here. */
class ThingsTest {

    private static Offer press(Drawn drawn, double x, double y) {
        return drawn.things().at(x, y).getFirst();
    }

    private static void near(Area found, double x, double y, double w, double h) {
        assertThat(found.x()).as("left of %s", found).isCloseTo(x, Assertions.within(3.0));
        assertThat(found.y()).as("top of %s", found).isCloseTo(y, Assertions.within(3.0));
        assertThat(found.width()).as("width of %s", found).isCloseTo(w, Assertions.within(6.0));
        assertThat(found.height()).as("height of %s", found).isCloseTo(h, Assertions.within(6.0));
    }

    @Property(tries = 60)
    void aButtonIsFoundWherePressed(
            @ForAll @IntRange(min = 0, max = 200) int x,
            @ForAll @IntRange(min = 120, max = 700) int y,
            @ForAll @IntRange(min = 60, max = 180) int w,
            @ForAll @IntRange(min = 36, max = 60) int h) {
        Drawn drawn = Drawn.screen().box(x, y, w, h, 0x2F5F4A).words(x + 12, y + h / 2 - 6, w - 24, 12, 0xFFFFFF);
        near(press(drawn, x + w / 2.0, y + h / 2.0).area(), x, y, w, h);
        near(press(drawn, x + 3, y + 3).area(), x, y, w, h);
    }

    @Test
    void anOutlinedButtonIsFoundAsAFilledOneIs() {
        Drawn drawn = Drawn.screen().outline(40, 300, 310, 52, Drawn.INK).words(150, 320, 90, 12, Drawn.INK);
        near(press(drawn, 60, 310).area(), 40, 300, 310, 52);
        near(press(drawn, 195, 326).area(), 40, 300, 310, 52);
    }

    @Test
    void thePaperIsNothing() {
        assertThat(Drawn.screen().box(40, 300, 310, 52, Drawn.INK).things().at(195, 600))
                .isEmpty();
    }

    @Test
    void rowsAreFoundAndCounted() {
        Drawn drawn = Drawn.screen();
        for (int i = 0; i < 5; i++) {
            drawn.row(200 + i * 84);
        }
        Offer row = press(drawn, 195, 200 + 2 * 84 + 34);
        assertThat(row.kind()).isEqualTo(Kind.ROW);
        assertThat(row.alike()).hasSize(5).contains(row.area());
        near(row.area(), 10, 192 + 2 * 84, 370, 84);
        // Its picture leads the row; it is no thing for itself.
        assertThat(press(drawn, 44, 200 + 34).kind()).isEqualTo(Kind.ROW);
        List<Offer> all = drawn.things().at(195, 200 + 34);
        near(all.get(1).area(), 10, 192, 370, 5 * 84);
    }

    @Test
    void aHeadingBetweenRowsMakesNoTwoListsOfOne() {
        Drawn drawn = Drawn.screen()
                .row(150)
                .row(234)
                .words(20, 322, 80, 10, Drawn.INK)
                .row(350)
                .row(434);
        assertThat(press(drawn, 195, 184).alike()).hasSize(4);
        assertThat(press(drawn, 195, 468).alike()).hasSize(4);
    }

    @Test
    void aButtonAtTheEndOfARowIsPressedForItself() {
        Drawn drawn = Drawn.screen();
        for (int i = 0; i < 4; i++) {
            int y = 200 + i * 84;
            drawn.box(20, y + 10, 48, 48, Drawn.TINT)
                    .words(84, y + 18, 120, 12, Drawn.INK)
                    .box(290, y + 16, 80, 36, 0x2F5F4A)
                    .words(305, y + 28, 49, 11, 0xFFFFFF);
        }
        Offer button = press(drawn, 330, 234);
        near(button.area(), 290, 216, 80, 36);
        assertThat(button.alike()).hasSize(4);
        assertThat(press(drawn, 150, 234).kind()).isEqualTo(Kind.ROW);
    }

    @Test
    void cardsOfAGridAreAlike() {
        Drawn drawn = Drawn.screen();
        for (int i = 0; i < 6; i++) {
            drawn.box(20 + i % 2 * 180, 150 + i / 2 * 170, 170, 150, Drawn.TINT)
                    .words(36 + i % 2 * 180, 260 + i / 2 * 170, 80, 12, Drawn.INK);
        }
        Offer card = press(drawn, 100, 200);
        near(card.area(), 20, 150, 170, 150);
        assertThat(card.alike()).hasSize(6);
        assertThat(card.kind()).isEqualTo(Kind.THING);
    }

    @Property(tries = 12)
    void aStripIsCutIntoItsTabs(@ForAll @IntRange(min = 3, max = 6) int tabs, @ForAll @IntRange(max = 5) int chosen) {
        Drawn drawn = Drawn.screen().words(20, 80, 120, 20, Drawn.INK).strip(tabs, chosen % tabs);
        Things things = drawn.things();
        assertThat(things.tabs()).hasSize(tabs);
        Area last = things.at(390 - 195.0 / tabs, 820).getFirst().area();
        near(last, 390 - 390.0 / tabs, 767, 390.0 / tabs, 77);
        assertThat(things.at(100, 790).getFirst().kind()).isEqualTo(Kind.TAB);
    }

    @Test
    void twelveSignsAtTheFootAreNoStrip() {
        assertThat(Drawn.screen().strip(12, 0).things().tabs()).isEmpty();
    }

    @Test
    void wordsGetRoomForAFingerButNotTheNextThings() {
        Drawn drawn = Drawn.screen().words(150, 400, 90, 12, Drawn.INK).box(20, 428, 350, 52, 0x2F5F4A);
        Area words = press(drawn, 190, 406).area();
        assertThat(words.width()).isGreaterThan(120);
        assertThat(words.height()).isBetween(30.0, 48.0);
        assertThat(words.bottom()).isLessThanOrEqualTo(428);
    }

    @Test
    void aPictureEnlargedIsFoundAtTheSamePlaces() {
        Drawn small = Drawn.screen().box(20, 300, 350, 52, 0x2F5F4A).words(150, 320, 90, 12, 0xFFFFFF);
        Pixels pixels = small.pixels();
        int[] twice = new int[780 * 1688];
        for (int i = 0; i < twice.length; i++) {
            twice[i] = pixels.rgb()[i / 780 / 2 * 390 + i % 780 / 2];
        }
        near(Things.on(new Pixels(780, 1688, twice), 2).at(195, 326).getFirst().area(), 20, 300, 350, 52);
    }

    @Test
    void whatIsLaidOnThePictureIsTakenToo() {
        Area laid = new Area(40, 500, 200, 40);
        assertThat(Drawn.screen().things().at(100, 520)).isEmpty();
        assertThat(Drawn.screen()
                        .things()
                        .under(List.of(laid))
                        .at(100, 520)
                        .getFirst()
                        .area())
                .isEqualTo(laid);
    }
}
