package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Device;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.play.Situation;

/** What the checks say is shown really replays; what they rule out is never found. */
class ChecksAgainstBruteForceTest {

    @Property(tries = 500)
    void agreeOnNastyPrototypes(@ForAll long seed, @ForAll @IntRange(min = 1, max = 9) int size) {
        agree(Generated.of(size, seed, Kind.NASTY), 7, 3000);
    }

    @Property(tries = 60)
    void agreeOnUsualPrototypes(@ForAll long seed, @ForAll @IntRange(min = 2, max = 60) int size) {
        agree(Generated.of(size, seed, Kind.USUAL), 5, 3000);
    }

    private static void agree(Prototype prototype, int depth, int most) {
        Checked checked = Check.of(prototype);
        BruteForce brute = new BruteForce(prototype);
        Set<String> stuck = new HashSet<>();
        checked.findings(Rule.DEAD_END).forEach(f -> stuck.addAll(f.screens()));
        checked.findings(Rule.ONLY_DEVICE_BACK).forEach(f -> stuck.addAll(f.screens()));
        for (Device device : prototype.devices()) {
            Map<Situation, Integer> met = brute.reach(device, depth, most);
            met.forEach((situation, steps) -> {
                assertThat(checked.stepsTo(situation.screen())).as("%s is shown", situation.screen()).isPresent();
                assertThat(checked.stepsTo(situation.screen()).getAsInt()).isLessThanOrEqualTo(steps);
                if (!situation.left() && Boolean.FALSE.equals(brute.leadsOn(situation, false, 60))) {
                    assertThat(stuck).as("stuck in %s", situation.row()).contains(situation.screen());
                }
            });
        }
        shownReplays(prototype, checked, brute);
    }

    private static void shownReplays(Prototype prototype, Checked checked, BruteForce brute) {
        for (Screen screen : prototype.screens()) {
            checked.walkTo(screen.id()).ifPresent(walk -> {
                assertThat(walk.replay(prototype).screen()).isEqualTo(screen.id());
                assertThat(walk.events()).hasSize(checked.stepsTo(screen.id()).orElseThrow());
            });
        }
        for (Finding finding : checked.findings()) {
            if (finding.rule() == Rule.DEAD_END) {
                Situation there = finding.walk().orElseThrow().replay(prototype);
                assertThat(there.screen()).isEqualTo(finding.screens().getFirst());
                assertThat(brute.leadsOn(there, true, 500)).isNotEqualTo(Boolean.TRUE);
            }
            if (finding.rule() == Rule.ONLY_DEVICE_BACK) {
                Situation there = finding.walk().orElseThrow().replay(prototype);
                assertThat(brute.leadsOn(there, false, 500)).isNotEqualTo(Boolean.TRUE);
                if (finding.weight() == Weight.WARNING) {
                    assertThat(brute.leadsOn(there, true, 500)).isNotEqualTo(Boolean.FALSE);
                }
            }
        }
    }
}
