package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;

class TapeTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; 900 advance item",
            "list page: item advance item; back return",
            "item page: back return");
    private static final Step STEP = new Step(APP);

    private static Tape start() {
        return Tape.from(APP, APP.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
    }

    @Test
    void timeWithoutAnythingDueMakesNoTickAndIsKeptWithTheNextEvent() {
        Tape tape = start().then(STEP, new Event.Elapse(300)).then(STEP, new Event.Elapse(200));
        assertThat(tape.ticks()).hasSize(1);
        assertThat(tape.now().waits().untilDue()).hasValue(400);
        Tape tapped = tape.then(STEP, Event.tap("home.list"));
        assertThat(tapped.current().events()).containsExactly(new Event.Elapse(500), Event.tap("home.list"));
        assertThat(tapped.legs())
                .containsExactly(
                        new Journey.Leg(new Event.Elapse(500), "home"),
                        new Journey.Leg(Event.tap("home.list"), "list"));
        assertThat(tape.then(STEP, new Event.Elapse(60_000)).now().screen()).isEqualTo("item");
    }

    @Test
    void woundBackAndGoneOnWhatCameLaterIsGone() {
        Tape tape = start().then(STEP, Event.tap("home.list"))
                .then(STEP, Event.tap("list.item"))
                .then(STEP, new Event.DeviceBack());
        Tape wound = tape.windTo(1);
        assertThat(wound.now().screen()).isEqualTo("list");
        assertThat(wound.ticks()).hasSize(4);
        assertThat(wound.then(STEP, Event.tap("list.back")).ticks()).hasSize(3);
        assertThat(tape.windTo(99).at()).isEqualTo(3);
    }

    @Test
    void scrollingOnMakesOneTickInAll() {
        Tape tape = start().then(STEP, new Event.Scroll(10))
                .then(STEP, new Event.Scroll(30))
                .then(STEP, new Event.Scroll(60));
        assertThat(tape.ticks()).hasSize(2);
        assertThat(tape.now().top().trail().current().scroll()).isEqualTo(60);
    }

    @Test
    void theSameEventsArePlayedWithAChangedPrototypeOrOnAnotherDevice() {
        Tape tape = start().then(STEP, Event.tap("home.list")).then(STEP, Event.tap("list.item"));
        assertThat(tape.replayed(APP, Device.KIOSK).orElseThrow().now().device())
                .isEqualTo(Device.KIOSK);
        Prototype without =
                ScreenEdits.remove(List.of(APP.screen("item").orElseThrow())).applyTo(APP);
        assertThat(tape.replayed(without).orElseThrow().now().screen()).isEqualTo("list");
        // Wound back, what came later stays to be wound to.
        Tape wound = tape.windTo(1)
                .replayed(ScreenEdits.rename(APP.screen("home").orElseThrow(), "Start")
                        .applyTo(APP))
                .orElseThrow();
        assertThat(wound.at()).isOne();
        assertThat(wound.windTo(2).now().screen()).isEqualTo("item");
        assertThat(tape.replayed(APP.withEntries(List.of()).withScreens(List.of())))
                .isEmpty();
    }
}
