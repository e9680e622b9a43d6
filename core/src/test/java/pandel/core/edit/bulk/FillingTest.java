package pandel.core.edit.bulk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.Naming;
import pandel.core.edit.bulk.Filling.Pair;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;

/** Links made from screen to screen, without marking each. */
class FillingTest {

    private static final Prototype LENDING = Made.of(
            "home page drawn: on advance loan",
            "loan page drawn: back return",
            "help page: back return",
            "ask dialog: x close");

    private static Naming naming() {
        int[] next = {0};
        return new Naming(n -> next[0]++ % n);
    }

    private static Prototype filled(Prototype p, Optional<Verb> verb, Pair... pairs) {
        return Filling.fill(List.of(pairs), verb, Device.PHONE, naming()).applyTo(p);
    }

    private static Effect only(Prototype p, String from, String to) {
        assertThat(Filling.between(p, new Pair(from, to))).hasSize(1);
        return Filling.between(p, new Pair(from, to)).getFirst().link().effect().orElseThrow();
    }

    @Test
    void aPairIsLinkedOnceByWhatIsUsual() {
        Prototype p = filled(LENDING, Optional.empty(), new Pair("home", "help"), new Pair("home", "ask"));
        assertThat(only(p, "home", "help")).isInstanceOf(Effect.Advance.class);
        assertThat(only(p, "home", "ask")).isInstanceOf(Effect.OpenAbove.class);
        assertThat(filled(p, Optional.empty(), new Pair("home", "help"))).isEqualTo(p);
    }

    @Test
    void whatIsLinkedAlreadyStaysAsItIs() {
        assertThat(filled(LENDING, Optional.of(Verb.REPLACE), new Pair("home", "loan")))
                .isEqualTo(LENDING);
        assertThat(filled(LENDING, Optional.empty(), new Pair("home", "gone"))).isEqualTo(LENDING);
    }

    @Test
    void theVerbSaidCountsWhereItFits() {
        Prototype p = filled(LENDING, Optional.of(Verb.REPLACE), new Pair("loan", "help"), new Pair("loan", "ask"));
        assertThat(only(p, "loan", "help")).isInstanceOf(Effect.Replace.class);
        assertThat(only(p, "loan", "ask")).isInstanceOf(Effect.OpenAbove.class);
    }

    @Test
    void newHotspotsStandOnTheMockAndNotOnOneAnother() {
        Prototype p = filled(LENDING, Optional.empty(), new Pair("home", "help"), new Pair("home", "ask"));
        List<Area> areas = p.index().hotspotsOn("home").stream()
                .map(Hotspot::areas)
                .flatMap(a -> a.values().stream())
                .toList();
        assertThat(areas).hasSizeGreaterThanOrEqualTo(2);
        for (Area a : areas) {
            assertThat(a.x()).isGreaterThanOrEqualTo(0);
            assertThat(a.bottom()).isLessThanOrEqualTo(844);
        }
        Area one = areas.get(areas.size() - 2);
        Area other = areas.getLast();
        assertThat(one.bottom() <= other.y() || other.bottom() <= one.y()).isTrue();
    }

    @Test
    void clearingTakesTheLinksBetweenTheTwoAlone() {
        Prototype p = filled(LENDING, Optional.empty(), new Pair("home", "help"));
        Prototype cleared = Filling.clear(List.of(new Pair("home", "loan"))).applyTo(p);
        assertThat(Filling.between(cleared, new Pair("home", "loan"))).isEmpty();
        assertThat(Filling.between(cleared, new Pair("home", "help"))).hasSize(1);
        assertThat(cleared.index().hotspot("home.on")).as("the hotspot stays").isPresent();
    }
}
