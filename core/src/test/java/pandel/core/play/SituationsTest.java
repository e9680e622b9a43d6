package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.start.Entry;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;

/** The table of situations: a row for each sentence of the behaviour; events in short, then the levels they lead to. */
class SituationsTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; swap replace list; ask open above ask; back return; shut close; self "
                    + "advance home; gone advance nowhere; wrong advance ask; bare; menu open above menu; full "
                    + "open above list; over restart list; wrongover restart ask",
            "list page: item advance item; back return; shut close; ask open above ask",
            "item page: back return; swap replace list; tohome return to home; tolist return to list; toitem "
                    + "return to item; again advance item; ask open above ask; over restart home",
            "ask dialog: next advance sure; also open above ask; yes advance item; instead replace item; shut "
                    + "close; back return; menu open above menu; wrong replace menu; tohome return to home; "
                    + "tolist return to list; over restart item",
            "sure dialog: back return; shut close; done replace done; toask return to ask",
            "done dialog: shut close",
            "menu sheet shut: shut close; item advance item",
            "splash page: 1000 replace home; tap advance list",
            "late page: 300 close x; 300b advance list; 500 advance item");

    @Test
    void aDeviceWithoutBackRefusesIt() {
        Situation start = start("home", Device.KIOSK);
        Stepped stepped = new Step(APP).step(start, new Event.DeviceBack());
        assertThat(stepped.situation()).isEqualTo(start);
        assertThat(stepped.happening())
                .isEqualTo(new Happening.Refused(Optional.empty(), "Kiosk has no back of its own."));
    }

    @Test
    void returnPlaysTheReverseOfWhatBroughtThePlaceAndKeepsScroll() {
        Step step = new Step(APP);
        Situation scrolled =
                step.step(start("home", Device.PHONE), new Event.Scroll(120)).situation();
        Situation away = step.step(scrolled, Event.tap("home.list")).situation();
        Stepped back = step.step(away, Event.tap("list.back"));
        assertThat(back.situation()).isEqualTo(scrolled);
        assertThat(back.happening())
                .isEqualTo(new Happening.Moved(
                        Optional.of("list.back.tap"), APP.usualMotion(Verb.ADVANCE), true, Optional.empty()));
    }

    private static Situation start(String screen, Device device) {
        return Situation.at(APP, Entry.at("start", screen), device).orElseThrow();
    }

    @Test
    void equalTrailsAreEqualHoweverLong() {
        assertThat(longTrail()).isEqualTo(longTrail()).hasSameHashCodeAs(longTrail());
        assertThat(longTrail().places()).hasSize(100_001);
    }

    private static Trail longTrail() {
        Trail trail = Trail.of(new Visit("a", Motion.NONE, 0));
        for (int i : new int[100_000]) {
            trail = trail.put(new Visit("b", Motion.NONE, i));
        }
        return trail;
    }

    @Test
    void aTabThatLeadsToADialogIsRefused() {
        Prototype p = Made.of("home page: on advance $main", "a page: x return", "b dialog: y close", "tabs main a,b");
        Step own = new Step(p);
        Situation inside = own.step(
                        Situation.at(p, p.mainEntry().orElseThrow(), Device.PHONE)
                                .orElseThrow(),
                        Event.tap("home.on"))
                .situation();
        Stepped stepped = own.step(inside, new Event.Touched(Gesture.TAP, new Event.On.OnTab("main-b")));
        assertThat(stepped.happening())
                .isInstanceOfSatisfying(
                        Happening.Refused.class,
                        r -> assertThat(r.why()).isEqualTo("“b” is a dialog, and only pages stand behind a strip."));
        assertThat(stepped.situation()).isEqualTo(inside);
    }
}
