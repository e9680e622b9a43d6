package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.situation.Situation;

/** Going sideways from a row's screen to that of the row beside it. */
class NeighbourRowsTest {

    private static final Event.Touched NEXT = new Event.Touched(Gesture.TAP, new Event.On.OnHotspot("item.next", 0));

    /** A list of so many rows in an area, whose link leads to the screen item. */
    private static Prototype withList(int rows, Area area, String... lines) {
        Prototype made = Made.of(lines);
        Hotspot list = made.index().hotspot("list.rows").orElseThrow();
        Hotspot repeated = list.withNature(new Hotspot.Nature.Rows(IntStream.rangeClosed(1, rows)
                        .mapToObj(n -> Map.<String, Value>of("name", new Value.Text("row " + n)))
                        .toList()))
                .withAreas(Map.of(Width.NARROW, area))
                .withLinks(list.links().stream()
                        .map(l -> l.branch(
                                0,
                                b -> b.withEffects(b.effects().stream()
                                        .map(e -> e.leadingTo(e.target()
                                                .orElseThrow()
                                                .carrying(Map.of("name", new Source.OfRow("name")))))
                                        .toList())))
                        .toList());
        return made.withScreens(made.screens().stream()
                .map(s -> s.id().equals("list") ? s.withHotspots(List.of(repeated)) : s)
                .toList());
    }

    /** The list on a picture of 400×2000 px. */
    private static Prototype withLongPicture(Prototype prototype) {
        return prototype.withScreens(prototype.screens().stream()
                .map(s -> s.id().equals("list")
                        ? s.withMocks(List.of(
                                new Picture(Width.NARROW, "0".repeat(64) + ".png", 400, 2000, 1, "", Rest.NONE)))
                        : s)
                .toList());
    }

    private static Situation play(Prototype prototype, int row, int steps) {
        Step step = new Step(prototype);
        Situation now = Situation.at(prototype, prototype.entries().getFirst(), Device.PHONE)
                .orElseThrow();
        now = step.step(now, new Event.Touched(Gesture.TAP, new Event.On.OnHotspot("list.rows", row)))
                .situation();
        for (int i = 0; i < steps; i++) {
            now = step.step(now, NEXT).situation();
        }
        return now;
    }

    private static double scrollOfList(Situation now) {
        return now.levels().getFirst().trail().places().getFirst().scroll();
    }

    @Test
    void theListIsScrolledAsFarAsTheRowNeedsAndNoFurther() {
        Prototype prototype = withList(
                20,
                new Area(0, 0, 400, 2000),
                "list page long: rows advance item",
                "item page needs:name: next nextrow");
        prototype = withLongPicture(prototype);

        // A phone shows 840 px of it: eight rows of 100 px whole.
        assertThat(scrollOfList(play(prototype, 1, 7))).isZero();
        assertThat(scrollOfList(play(prototype, 1, 8))).isEqualTo(60);
        assertThat(scrollOfList(play(prototype, 1, 19))).isEqualTo(1160);
    }

    @Test
    void theListBeneathADialogIsScrolledToo() {
        Prototype prototype = withList(
                20, new Area(0, 0, 400, 2000), "list page: rows open item", "item dialog needs:name: next nextrow");
        prototype = withLongPicture(prototype);

        assertThat(scrollOfList(play(prototype, 1, 8))).isEqualTo(60);
    }

    @Test
    void goingOnPilesNothingUpAndReturnPlaysWhatBroughtTheFirstInReverse() {
        Prototype prototype = withList(
                3,
                new Area(0, 0, 100, 300),
                "list page: rows advance item",
                "item page needs:name: next nextrow; back return");
        Situation now = play(prototype, 1, 2);
        assertThat(now.top().trail().depth()).isEqualTo(2);
        assertThat(now.known().held().given()).containsEntry("name", new Value.Text("row 3"));
        Stepped back =
                new Step(prototype).step(now, new Event.Touched(Gesture.TAP, new Event.On.OnHotspot("item.back", 0)));
        assertThat(back.happening()).isInstanceOfSatisfying(Happening.Moved.class, m -> {
            assertThat(m.backward()).isTrue();
            assertThat(m.motion()).isEqualTo(prototype.usualMotion(pandel.core.model.link.Verb.ADVANCE));
        });
    }

    @Test
    void aListOfOneRowHasNoneBeside() {
        Prototype prototype = withList(
                1,
                new Area(0, 0, 100, 100),
                "list page: rows advance item",
                "item page needs:name: next nextrow round");
        Checked checked = Check.of(prototype);
        assertThat(checked.findings(Rule.LINK_NEVER_FIRES))
                .anySatisfy(f -> assertThat(f.sentence()).contains("The list has this row alone"));
    }

    @Test
    void whatOnlyALaterRowGivesIsComeToByGoingOn() {
        Prototype prototype = withList(
                4,
                new Area(0, 0, 100, 400),
                "list page: rows advance item",
                "item page needs:name: next nextrow; on advance far",
                "far page");
        prototype = prototype.withScreens(prototype.screens().stream()
                .map(s -> s.id().equals("item")
                        ? s.withHotspots(s.hotspots().stream()
                                .map(h -> h.id().equals("item.on")
                                        ? h.withLinks(h.links().stream()
                                                .map(l -> l.withCause(new Cause.Touch(Gesture.LONG_PRESS)))
                                                .toList())
                                        : h)
                                .toList())
                        : s)
                .toList());
        assertThat(Check.of(prototype).stepsTo("far")).hasValue(2);
        assertThat(Check.of(prototype).findings(Rule.LINK_NEVER_FIRES)).isEmpty();
    }
}
