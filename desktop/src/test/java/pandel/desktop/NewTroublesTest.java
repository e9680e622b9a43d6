package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;

/** Troubles that are made on the desk, told in the check and mended there. */
class NewTroublesTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private Finding only(Rule rule) {
        return opened.work().checked().orElseThrow().findings(rule).getFirst();
    }

    @SuppressWarnings("unchecked")
    private void choose(Finding finding) {
        interact(() -> ((ListView<Finding>) lookup(".list-view").query())
                .getSelectionModel()
                .select(finding));
        settle();
    }

    @Test
    void aRoundOfAdvancesIsToldWithItsPileAndMendedInOnePress() {
        desk("Care and late days");
        link(100, 500, 150, 60, "Waiting list");
        desk("Waiting list");
        link(100, 500, 150, 60, "Care and late days");
        go(5);
        assertThat(only(Rule.TRAIL_GROWS).sentence())
                .startsWith("“Care and late days” and “Waiting list” pile up, going round by links that all advance: "
                        + "after two rounds ");
        choose(only(Rule.TRAIL_GROWS));
        assertRead("Return to “Care and late days” instead", "Put each in place of the one before");
        shot("trail-grows");
        press("Return to “Care and late days” instead");
        assertThat(opened.work().checked().orElseThrow().findings(Rule.TRAIL_GROWS))
                .isEmpty();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(opened.work().checked().orElseThrow().findings(Rule.TRAIL_GROWS))
                .hasSize(1);
    }

    @Test
    void whatIsLaidOverAnotherIsToldWithWhatIsLost() {
        desk("Tool");
        var under = hotspot("Tool", "Waiting list").areas().values().iterator().next();
        link(under.x() - 5, under.y() - 5, under.width() + 10, under.height() + 10, "House rules");
        go(5);
        assertThat(only(Rule.COVERED_HOTSPOT).sentence())
                .startsWith("“Waiting list” on “Tool” lies wholly under ")
                .contains("so no tap comes to it. Lost: advance to Waiting list");
    }
}
