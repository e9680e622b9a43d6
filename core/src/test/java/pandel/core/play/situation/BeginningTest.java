package pandel.core.play.situation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Spot;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;

/** Where play begins, why it cannot, and the waits it begins with. */
class BeginningTest {

    private static final Prototype LENDING = Made.of(
            "home page: 500 advance loan; 900u return; on advance ask",
            "loan page needs:loan: back return",
            "ask dialog: done close",
            "sure sheet: done close");

    private static Optional<String> why(Prototype p, List<List<Spot>> levels) {
        return Situation.whyNoStart(p, new StartPoint("s", "Here", levels, Facts.NONE, Rest.NONE));
    }

    private static List<Spot> level(String... screens) {
        return java.util.Arrays.stream(screens).map(Spot::of).toList();
    }

    @Test
    void anEntryBeginsAtAPageThatIsThere() {
        assertThat(Situation.whyNoStart(LENDING, Entry.at("e", "home"))).isEmpty();
        assertThat(Situation.whyNoStart(LENDING, Entry.at("e", "gone")))
                .hasValue("The screen “gone” that it starts at is not there.");
        assertThat(Situation.whyNoStart(LENDING, Entry.at("e", "ask")))
                .hasValue("“ask” is a dialog, and only a page can be started at.");
        assertThat(Situation.at(LENDING, Entry.at("e", "ask"), Device.PHONE)).isEmpty();
    }

    @Test
    void whatIsNeededComesFromTheAddress() {
        Entry bare = Entry.at("e", "loan");
        assertThat(Situation.whyNoStart(LENDING, bare))
                .hasValueSatisfying(
                        w -> assertThat(w).isEqualTo("“loan” needs “loan”, which the main entry cannot give."));
        Entry address = new Entry(
                "e",
                new Target.ToScreen("loan"),
                Optional.of("/loans/{loan}"),
                Map.of("loan", new Value.Text("drill")),
                Rest.NONE);
        Situation at = Situation.at(LENDING, address, Device.PHONE).orElseThrow();
        assertThat(at.known().held().given()).containsEntry("loan", new Value.Text("drill"));
    }

    @Test
    void aStartPointHasItsLevelsAndEachLevelOneForm() {
        assertThat(why(LENDING, List.of(level("home", "loan"), level("ask")))).isEmpty();
        assertThat(why(LENDING, List.of(level("ask")))).hasValue("“ask” is a dialog, and only a page can be the base.");
        assertThat(why(LENDING, List.of(level("home"), level("ask", "sure"))))
                .hasValue("“sure” is a sheet and cannot lie on a level with “ask”, a dialog.");
        Situation at = Situation.at(
                        LENDING,
                        new StartPoint(
                                "s", "Here", List.of(level("home", "home"), level("ask")), Facts.NONE, Rest.NONE),
                        Device.PHONE)
                .orElseThrow();
        assertThat(at.levels()).hasSize(2);
        assertThat(at.screen()).isEqualTo("ask");
        assertThat(at.asStartPoint("t", "Again").levels()).hasSize(2);
    }

    @Test
    void waitsRunDownAndThoseForAnUntouchedScreenBeginAgain() {
        Waits waits = Situation.at(LENDING, Entry.at("e", "home"), Device.PHONE)
                .orElseThrow()
                .waits();
        assertThat(waits.untilDue()).hasValue(500);
        Waits later = waits.after(300);
        assertThat(later.untilDue()).hasValue(200);
        assertThat(later.due()).isEmpty();
        assertThat(later.touched().left()).extracting(Waits.Left::ms).containsExactly(200, 900);
        Waits due = later.after(200);
        assertThat(due.due()).isPresent();
        assertThat(due.without(due.due().orElseThrow()).left()).hasSize(1);
        assertThat(Waits.NONE.isEmpty()).isTrue();
        assertThat(Waits.NONE.untilDue()).isEmpty();
    }
}
