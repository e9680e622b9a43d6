package pandel.desktop.links.action;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.History;
import pandel.core.edit.Naming;
import pandel.core.edit.linking.Destination;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.start.Entry;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.store.PictureShelf;

/** What the desk does to the prototype, without a window. */
class DeskActionsTest {

    private Work work;
    private DeskActions actions;

    @BeforeEach
    void open() throws Exception {
        AtomicInteger dice = new AtomicInteger();
        work = new Work(
                new Naming(n -> Math.floorMod(dice.getAndIncrement() * 7, n)),
                new PictureShelf(),
                task -> {},
                task -> {},
                () -> {});
        Picture picture = new Picture(Width.NARROW, "0".repeat(64) + ".png", 390, 844, 1, "", Rest.NONE);
        Prototype app = Prototype.empty("Lane")
                .withScreens(List.of(
                        Screen.page("door", "Door")
                                .withMocks(List.of(picture))
                                .withStates(List.of(State.of("late", "Late", List.of()))),
                        Screen.page("shelf", "Shelf").withMocks(List.of(picture)),
                        Screen.page("drill", "Drill").withMocks(List.of(picture))))
                .withEntries(List.of(Entry.at("start", "door")));
        work.open(Document.unkept(History.ofSaved(app), new PictureShelf()));
        actions = new DeskActions(work);
    }

    private Screen screen(String id) {
        return work.prototype().screen(id).orElseThrow();
    }

    private Hotspot only() {
        return screen("door").hotspots().getFirst();
    }

    private void mark() {
        actions.mark(List.of(new Area(10.4, 20, 100, 44)), new Destination.There(screen("shelf")));
    }

    @Test
    void aDragAndATargetAreOneStepOfUndo() {
        mark();
        assertThat(only().areaOn(Width.NARROW)).contains(new Area(10, 20, 100, 44));
        assertThat(only().links().getFirst().effect()).contains(new Effect.Advance(new Target.ToScreen("shelf")));
        assertThat(work.selection().hotspots()).containsExactly(only().id());
        assertThat(actions.leadsTo()).contains("shelf");
        work.undo();
        assertThat(screen("door").hotspots()).isEmpty();
    }

    @Test
    void aNewScreenIsMadeWithTheLinkThatLeadsThere() {
        actions.mark(List.of(new Area(0, 0, 60, 60)), new Destination.New("Calendar"));
        assertThat(work.prototype().screens()).extracting(Screen::title).contains("Calendar");
        work.undo();
        assertThat(work.prototype().screens()).hasSize(3);
    }

    @Test
    void theChosenLinkLeadsElsewhereAndKeepsItsVerb() {
        mark();
        assertThat(actions.verb(Verb.REPLACE)).isEmpty();
        actions.lead(new Destination.There(screen("drill")));
        assertThat(only().links().getFirst().effect()).contains(new Effect.Replace(new Target.ToScreen("drill")));
    }

    @Test
    void aVerbThatNeedsATargetAsksForOne() {
        actions.mark(List.of(new Area(0, 0, 60, 60)), new Destination.NoLink());
        assertThat(actions.link()).isEmpty();
        assertThat(actions.freshLink()).isPresent();
        assertThat(actions.verb(Verb.ADVANCE)).contains("");
        assertThat(actions.verb(Verb.RETURN)).isEmpty();
        assertThat(actions.link().flatMap(Link::effect)).contains(new Effect.Return());
    }

    @Test
    void theVerbUsedLastIsNotForcedOnTheNextLink() {
        mark();
        actions.want(Optional.of(Verb.RESTART));
        actions.lead(new Destination.There(screen("drill")));
        assertThat(only().links().getFirst().effect()).map(Effect::verb).contains(Verb.RESTART);
    }

    @Test
    void aMotionChosenForAVerbIsThatOfTheNextLinkToo() {
        Motion fade = Motion.usualFor(Verb.REPLACE);
        actions.lastMotion(Verb.ADVANCE, Optional.of(fade));
        mark();
        assertThat(only().links().getFirst().branches().getFirst().motion()).contains(fade);
    }

    @Test
    void aSecondGestureIsASecondLinkAndIsChosen() {
        mark();
        actions.addCause(new Cause.Touch(Gesture.LONG_PRESS));
        assertThat(only().links()).hasSize(2);
        assertThat(actions.link().map(Link::cause)).contains(new Cause.Touch(Gesture.LONG_PRESS));
        actions.verb(Verb.RETURN);
        assertThat(only().linkFor(Gesture.TAP).flatMap(Link::effect))
                .map(Effect::verb)
                .contains(Verb.ADVANCE);
    }

    @Test
    void aWaitLeadsOnByItself() {
        actions.linkScreen(new Cause.Wait(1500), new Destination.There(screen("shelf")));
        assertThat(screen("door").links())
                .singleElement()
                .satisfies(l -> assertThat(l.cause()).isEqualTo(new Cause.Wait(1500)));
        assertThat(actions.link()).contains(screen("door").links().getFirst());
        actions.remove();
        assertThat(screen("door").links()).isEmpty();
    }

    @Test
    void arrowsNudgeAndGrowWithinThePicture() {
        mark();
        actions.nudge(-50, 5);
        assertThat(only().areaOn(Width.NARROW)).contains(new Area(0, 25, 100, 44));
        actions.grow(-200, 6);
        assertThat(only().areaOn(Width.NARROW)).contains(new Area(0, 25, 8, 50));
    }

    @Test
    void inAnotherLookAHotspotIsMovedThereAlone() {
        mark();
        work.selection().chooseLook("late");
        actions.place(only(), new Area(40, 40, 60, 60));
        assertThat(only().areaOn(Width.NARROW)).contains(new Area(10, 20, 100, 44));
        assertThat(actions.area(only())).contains(new Area(40, 40, 60, 60));
        assertThat(actions.state()).map(State::id).contains("late");
        work.selection().chooseLook("");
        assertThat(actions.area(only())).contains(new Area(10, 20, 100, 44));
    }

    @Test
    void copiesStandInTheSamePlaceElsewhereAndABitBesideHere() {
        mark();
        actions.copy();
        assertThat(actions.copied()).isEqualTo(1);
        actions.paste();
        assertThat(screen("door").hotspots()).hasSize(2);
        assertThat(screen("door").hotspots().getLast().areaOn(Width.NARROW)).contains(new Area(26, 36, 100, 44));
        work.selection().choose("drill");
        actions.paste();
        assertThat(screen("drill").hotspots()).singleElement().satisfies(h -> {
            assertThat(h.areaOn(Width.NARROW)).contains(new Area(10, 20, 100, 44));
            assertThat(h.links()).hasSize(1);
        });
        assertThat(work.prototype().index().ids()).doesNotContain("");
    }

    @Test
    void hotspotsAreNumberedInTheirOrder() {
        mark();
        actions.mark(List.of(new Area(10, 200, 100, 44)), new Destination.NoLink());
        assertThat(screen("door").hotspots()).extracting(actions::number).containsExactly(1, 2);
        assertThat(actions.hotspots()).hasSize(2);
        assertThat(actions.chosen()).containsExactly(screen("door").hotspots().getLast());
    }

    @Test
    void anotherDeviceIsEditedByActionsOfItsOwn() {
        Device wide = Device.OFFERED.stream()
                .filter(d -> work.prototype().widths().of(d.width()) == Width.WIDE)
                .findFirst()
                .orElseThrow();
        DeskActions beside = new DeskActions(work, () -> wide);
        assertThat(beside.deviceWidth()).isEqualTo(Width.WIDE);
        assertThat(actions.deviceWidth()).isEqualTo(Width.NARROW);
        beside.place(Map.of());
        assertThat(beside.device()).isEqualTo(wide);
    }
}
