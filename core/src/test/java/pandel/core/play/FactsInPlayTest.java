package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.whole.StartEdits;
import pandel.core.model.Look;
import pandel.core.model.Opening;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.State;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Spot;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;
import pandel.core.play.situation.Situation;
import pandel.core.play.words.LinkWords;

/** Facts, looks and start points in play: a test for each sentence about them. */
class FactsInPlayTest {

    private static final Prototype APP = Made.of(
            "home page when:ready hide:go: go advance list; on % ready; both advance list % ready; more % count + "
                    + "1; less % count - 3; wrong advance nowhere % ready; away return % ready",
            "list page when:count-at-least-2: back return; off % ready is no; turn % ready is the other",
            "busy page: 100 % ready; 300 advance list");

    private static Stepped step(Situation from, String hotspot) {
        return new Step(APP).step(from, Event.tap(hotspot));
    }

    private static Situation home() {
        return Situation.at(APP, APP.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
    }

    private static String look(Situation now) {
        return now.look(APP).flatMap(Look::state).map(State::title).orElse("plain");
    }

    @Test
    void aFactIsRememberedAndTheLookChangesAtOnce() {
        Stepped on = step(home(), "home.on");
        assertThat(on.happening()).isInstanceOf(Happening.Remembered.class);
        assertThat(look(on.situation())).isEqualTo("ready");
        assertThat(on.situation().levels()).isEqualTo(home().levels());
    }

    @Test
    void aHotspotHiddenInALookIsNotThere() {
        Situation ready = step(home(), "home.on").situation();
        assertThat(step(ready, "home.go").happening())
                .isEqualTo(new Happening.Nothing(
                        java.util.Optional.empty(), "The hotspot “home.go” is not there as this screen looks now."));
        assertThat(step(home(), "home.go").situation().screen()).isEqualTo("list");
    }

    @Test
    void whatIsRememberedWithAMoveStaysWhenItIsGoneBackFrom() {
        Situation list = step(home(), "home.both").situation();
        assertThat(list.screen()).isEqualTo("list");
        assertThat(look(step(list, "list.back").situation())).isEqualTo("ready");
        Situation off = step(list, "list.off").situation();
        assertThat(look(step(off, "list.back").situation())).isEqualTo("plain");
        assertThat(off.facts()).isEqualTo(Facts.NONE);
        assertThat(step(off, "list.turn").situation().facts().set()).hasSize(1);
    }

    @Test
    void aNumberStopsAtItsBounds() {
        Situation now = home();
        for (int i = 0; i < 120; i++) {
            now = step(now, "home.more").situation();
        }
        assertThat(now.facts().set().values()).containsExactly(new Value.Number(99));
        for (int i = 0; i < 40; i++) {
            now = step(now, "home.less").situation();
        }
        assertThat(now.facts()).isEqualTo(Facts.NONE);
    }

    @Test
    void aBranchIsWholeOrNotAtAll() {
        Stepped wrong = step(home(), "home.wrong");
        assertThat(wrong.happening()).isInstanceOf(Happening.Refused.class);
        assertThat(wrong.situation()).isEqualTo(home());
        // A move that finds nothing to do hinders nothing.
        assertThat(step(home(), "home.away").situation().facts().set()).hasSize(1);
    }

    @Test
    void aFactThatIsGoneOrOfAnotherKindIsRefused() {
        Prototype none = APP.withFacts(List.of());
        assertThat(new Step(none)
                        .step(
                                Situation.at(none, none.mainEntry().orElseThrow(), Device.PHONE)
                                        .orElseThrow(),
                                Event.tap("home.on"))
                        .happening())
                .isInstanceOf(Happening.Refused.class);
        Fact ready = APP.facts().getFirst();
        Prototype number = APP.withFacts(List.of(new Fact(ready.id(), "ready", Fact.Kind.USUAL_NUMBER, Rest.NONE)));
        assertThat(((Happening.Refused) new Step(number)
                                .step(
                                        Situation.at(number, number.mainEntry().orElseThrow(), Device.PHONE)
                                                .orElseThrow(),
                                        Event.tap("home.on"))
                                .happening())
                        .why())
                .isEqualTo("“ready” cannot hold that: it is number.");
    }

    @Test
    void aWaitThatOnlyRemembersLeavesTheOthersRunning() {
        Prototype busy = APP.withEntries(List.of(Entry.at("start", "busy")));
        Situation now =
                Situation.at(busy, busy.mainEntry().orElseThrow(), Device.PHONE).orElseThrow();
        Step step = new Step(busy);
        now = step.step(now, new Event.Elapse(100)).situation();
        assertThat(now.facts().set()).hasSize(1);
        now = step.step(now, new Event.Elapse(199)).situation();
        assertThat(now.screen()).isEqualTo("busy");
        assertThat(step.step(now, new Event.Elapse(1)).situation().screen()).isEqualTo("list");
    }

    @Test
    void aMomentIsKeptAsAStartPointAndBegunFrom() {
        Situation list = step(step(home(), "home.on").situation(), "home.both").situation();
        StartPoint point = list.asStartPoint("p", "ready, on list");
        Situation again = Situation.at(APP, point, Device.PHONE).orElseThrow();
        assertThat(again.row()).isEqualTo(list.row());
        assertThat(again.facts()).isEqualTo(list.facts());
        assertThat(step(again, "list.back").situation().screen()).isEqualTo("home");
        // What a fact can no longer hold is unset.
        StartPoint odd = new StartPoint(
                "q", "", List.of(List.of(Spot.of("home"))), Facts.of(Map.of("gone", new Value.Number(3))), Rest.NONE);
        assertThat(Situation.at(APP, odd, Device.PHONE).orElseThrow().facts()).isEqualTo(Facts.NONE);
        assertThat(Situation.whyNoStart(
                        APP,
                        new StartPoint(
                                "r", "", List.of(List.of(Spot.of("home"), Spot.of("nowhere"))), Facts.NONE, Rest.NONE)))
                .hasValue("The screen “nowhere” that it begins with is not there.");
    }

    @Test
    void aDeviceThatShowsSoManyLevelsRefusesMore() {
        Prototype p =
                Made.of("home page: a open above a", "a dialog: b open above b; x close x", "b dialog: x close x");
        Situation now =
                Situation.at(p, p.mainEntry().orElseThrow(), Device.WATCH).orElseThrow();
        now = new Step(p).step(now, Event.tap("home.a")).situation();
        assertThat(new Step(p).step(now, Event.tap("a.b")).happening())
                .isEqualTo(new Happening.Refused(
                        java.util.Optional.of("a.b.tap"), "Watch shows no more than 2 above one another."));
    }

    @Test
    void anAddressOpensTheEntryWithTheFewestValuesToFill() {
        Prototype p = APP.withEntries(List.of(
                Entry.at("start", "home"), entry("a", "/loans/{loan}", "list"), entry("b", "/loans/new", "busy")));
        assertThat(Opening.of(p, "/loans/7").map(Opening::entry)).map(Entry::id).hasValue("a");
        assertThat(Opening.of(p, "/loans/new").map(Opening::entry))
                .map(Entry::id)
                .hasValue("b");
        assertThat(Opening.of(p, "/loans/7/x").map(Opening::entry)).isEmpty();
        assertThat(StartEdits.whyNot(p, "c", "loans"))
                .hasValueSatisfying(why ->
                        assertThat(why).startsWith("An address begins with / and goes on in parts, /part/{value}."));
        assertThat(StartEdits.whyNot(p, "c", "/loans/{any}")).hasValue("“/loans/{loan}” already leads to “list”.");
    }

    private static Entry entry(String id, String address, String screen) {
        return new Entry(id, new Target.ToScreen(screen), java.util.Optional.of(address), Rest.NONE);
    }

    @Test
    void effectsAreToldInWords() {
        assertThat(LinkWords.effect(
                        APP, APP.index().way("home.both.tap").orElseThrow().link()))
                .isEqualTo("remember ready is yes, advance to list");
        assertThat(LinkWords.effect(APP, new Effect.Close())).isEqualTo("close");
    }
}
