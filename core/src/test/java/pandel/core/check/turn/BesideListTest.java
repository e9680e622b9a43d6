package pandel.core.check.turn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Event;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** What can be touched on a detail goes by the side it stands in, beside its list, as much as by the whole device. */
class BesideListTest {

    /** The detail's picture for wide devices has other hotspots than the one for the side beside its list. */
    private static Prototype paired(String... lines) {
        return Made.on(List.of(Device.TABLET_ON_ITS_SIDE), lines)
                .withPairs(List.of(Pair.of("p", "home", "tool").withShare(60)));
    }

    private static Situation atTool(Prototype p) {
        Situation start = Situation.at(
                        p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
        return new Step(p).step(start, Event.tap("home.on")).situation();
    }

    @Test
    void whatStandsOnlyBesideTheListMayLeadOn() {
        Prototype p =
                paired("home page: on advance tool", "tool page drawn wide: go advance late", "late page: b return");
        assertThat(new Step(p).step(atTool(p), Event.tap("tool.go")).situation().screen())
                .isEqualTo("late");
        Checked checked = Check.of(p);
        assertThat(checked.findings(Rule.UNREACHED_SCREEN).stream().flatMap(f -> f.screens().stream()))
                .doesNotContain("late");
        assertThat(checked.shows("late")
                        || checked.unsettled().stream()
                                .anyMatch(u -> u.subject().equals("late")))
                .isTrue();
    }

    @Test
    void whatStandsOnlyOnTheWholeDeviceIsNotTakenForSure() {
        Prototype plain =
                paired("home page: on advance tool", "tool page drawn wide: go advance late", "late page: b return");
        // The same with its place on the wide picture alone.
        Prototype p = plain.withScreen(
                "tool",
                s -> s.withHotspots(s.hotspots().stream()
                        .map(h -> h.withAreas(java.util.Map.of(
                                pandel.core.model.device.Width.WIDE,
                                h.areas().values().iterator().next())))
                        .toList()));
        assertThat(new Step(p).step(atTool(p), Event.tap("tool.go")).situation().screen())
                .isEqualTo("tool");
        Checked checked = Check.of(p);
        checked.walkTo("late")
                .ifPresent(walk -> assertThat(walk.replay(p).screen()).isEqualTo("late"));
        assertThat(Optional.of(checked.shows("late"))).isEqualTo(Optional.of(false));
    }
}
