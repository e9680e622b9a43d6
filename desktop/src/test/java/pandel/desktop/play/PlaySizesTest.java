package pandel.desktop.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.play.Step;
import pandel.core.play.WorkClock;
import pandel.core.play.situation.Situation;

/** How large the device stands, and when work that is waited for is done. */
class PlaySizesTest {

    private static Situation on(Device device) {
        Prototype p = Prototype.empty("x")
                .withScreens(List.of(Screen.page("s", "S")))
                .withEntries(List.of(Entry.at("start", "s")))
                .withDevices(List.of(device));
        return Situation.at(p, p.mainEntry().orElseThrow(), device).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        // room, scale that fits, scale that fills the width
        "400, 840, 1, 1",
        "800, 840, 1, 2",
        "200, 840, 0.5, 0.5",
        "4000, 8400, 2, 2",
        "400, 420, 0.5, 1",
    })
    void itFitsOrFillsTheWidthAndIsNeverMoreThanTwiceAsLarge(double width, double height, double fit, double fill) {
        Situation now = on(Device.PHONE);
        assertThat(DeviceSize.FIT.scale(now, width, height, OptionalDouble.empty()))
                .isEqualTo(fit);
        assertThat(DeviceSize.FILL.scale(now, width, height, OptionalDouble.empty()))
                .isEqualTo(fill);
        assertThat(DeviceSize.TRUE.scale(now, width, height, OptionalDouble.empty()))
                .isEqualTo(fit);
    }

    @Test
    void aMeasuredMonitorShowsItAsLargeAsItIs() {
        Device phone = Device.PHONE;
        double dots = 4;
        double scale = DeviceSize.TRUE.scale(on(phone), 10, 10, OptionalDouble.of(dots));
        // An inch of the device's px covers an inch of the monitor.
        assertThat(scale * phone.pxAnInch()).isCloseTo(dots * 25.4, within(1e-9));
    }

    @Test
    void theSizesFollowOneAnotherAndBegin() {
        DeviceSize size = DeviceSize.FIT;
        for (int i = 0; i < DeviceSize.values().length; i++) {
            assertThat(size.word()).isNotBlank();
            size = size.next();
        }
        assertThat(size).isEqualTo(DeviceSize.FIT);
    }

    @Test
    void workIsDoneAUsualTimeAfterItsScreenCame() {
        Link work = Link.of("fetch", new Cause.Work(), new Effect.Advance(new Target.ToScreen("there")));
        Prototype p = Prototype.empty("x")
                .withScreens(
                        List.of(Screen.page("busy", "Busy").withLinks(List.of(work)), Screen.page("there", "There")))
                .withEntries(List.of(Entry.at("start", "busy")));
        Situation busy =
                Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
        WorkClock clock = new WorkClock();
        assertThat(clock.passed(busy, WorkClock.USUAL - 1)).isEmpty();
        assertThat(clock.passed(busy, 1)).contains("fetch");
        Situation there = new Step(p).step(busy, new Event.Done("fetch")).situation();
        assertThat(there.screen()).isEqualTo("there");
        assertThat(clock.passed(there, 10 * WorkClock.USUAL)).isEmpty();
    }

    @Test
    void anotherScreensWorkBeginsAnew() {
        Link one = Link.of("one", new Cause.Work(), new Effect.Return());
        Link two = Link.of("two", new Cause.Work(), new Effect.Return());
        Prototype p = Prototype.empty("x")
                .withScreens(List.of(
                        Screen.page("a", "A").withLinks(List.of(one)),
                        Screen.page("b", "B").withLinks(List.of(two))))
                .withEntries(List.of(Entry.at("start", "a"), Entry.at("other", "b")));
        Situation a = Situation.at(p, p.entries().getFirst(), Device.PHONE).orElseThrow();
        Situation b = Situation.at(p, p.entries().getLast(), Device.PHONE).orElseThrow();
        WorkClock clock = new WorkClock();
        clock.passed(a, WorkClock.USUAL - 1);
        assertThat(clock.passed(b, 1)).isEmpty();
        assertThat(clock.passed(b, WorkClock.USUAL)).contains("two");
    }
}
