package pandel.core.play.situation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.Screen;
import pandel.core.play.EventWords;

/** A trail does what a plain list of places does; waits run as a plain clock says. */
class TrailTest {

    private static final List<String> SCREENS = List.of("a", "b", "c", "d");

    private static Visit visit(String screen, int scroll) {
        return new Visit(screen, Motion.NONE, scroll);
    }

    @Property(tries = 200)
    void itIsAListOfPlaces(@ForAll long seed) {
        Random random = new Random(seed);
        List<Visit> plain = new ArrayList<>(List.of(visit("a", 0)));
        Trail trail = Trail.of(plain.getFirst());
        for (int i = 1; i < 60; i++) {
            Visit next = visit(SCREENS.get(random.nextInt(SCREENS.size())), i);
            switch (random.nextInt(4)) {
                case 0, 1 -> {
                    trail = trail.put(next);
                    plain.add(next);
                }
                case 2 -> {
                    trail = trail.swapped(next);
                    plain.set(plain.size() - 1, next);
                }
                default -> {
                    assertThat(trail.behind().isPresent()).isEqualTo(plain.size() > 1);
                    if (plain.size() > 1) {
                        trail = trail.behind().orElseThrow();
                        plain.removeLast();
                    }
                }
            }
            assertThat(trail.places()).isEqualTo(plain);
            assertThat(trail.depth()).isEqualTo(plain.size());
            assertThat(trail.isFirst()).isEqualTo(plain.size() == 1);
            for (String screen : SCREENS) {
                int nearest = plain.subList(0, plain.size() - 1).stream()
                        .map(Visit::screen)
                        .toList()
                        .lastIndexOf(screen);
                assertThat(trail.behindTo(screen).map(Trail::places))
                        .isEqualTo(nearest < 0 ? Optional.empty() : Optional.of(plain.subList(0, nearest + 1)));
            }
        }
    }

    /** Time passes in any steps, and each wait is due when a clock says so, once. */
    @Property(tries = 100)
    void waitsAreDueWhenAClockSaysSo(@ForAll long seed) {
        Random random = new Random(seed);
        Prototype p = Made.of(
                "home page: " + (100 + random.nextInt(5) * 100) + " advance home; " + (600 + random.nextInt(5) * 100)
                        + " advance home; " + (1100 + random.nextInt(5) * 100) + " advance home");
        Screen home = p.screen("home").orElseThrow();
        Waits waits = Waits.of(home);
        List<Integer> lengths = waits.left().stream().map(Waits.Left::ms).toList();
        int clock = 0;
        List<Integer> due = new ArrayList<>();
        while (!waits.left().isEmpty()) {
            int step = Math.min(1 + random.nextInt(400), waits.untilDue().orElseThrow());
            waits = waits.after(step);
            clock += step;
            while (waits.due().isPresent()) {
                due.add(clock);
                waits = waits.without(waits.due().orElseThrow());
            }
        }
        assertThat(due).containsExactlyElementsOf(lengths.stream().sorted().toList());
        assertThat(waits.untilDue()).isEmpty();
        assertThat(waits.isEmpty()).isTrue();
    }

    @Test
    void whateverThePersonDoesPutsOffAnUntouchedWaitAlone() {
        Waits waits =
                new Waits(List.of(new Waits.Left("plain", 500, 0), new Waits.Left("idle", 300, 300)), List.of("work"));
        Waits later = waits.after(200).touched();
        assertThat(later.left()).containsExactly(new Waits.Left("plain", 300, 0), new Waits.Left("idle", 300, 300));
        assertThat(later.work()).containsExactly("work");
        assertThat(waits.touched()).isSameAs(waits);
        assertThat(waits.without("work").work()).isEmpty();
    }

    @Test
    void aWordForEachEvent() {
        Prototype p = Made.of("home page: a advance list; name^field", "list page: b return");
        Situation now = Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
        assertThat(EventWords.of(p, now, Event.tap("home.a"))).isEqualTo("tap home.a");
        assertThat(EventWords.of(p, now, Event.tap("gone"))).isEqualTo("tap gone");
        assertThat(EventWords.of(p, now, Event.tap("home.a").turning("saved"))).isEqualTo("tap home.a: saved");
        assertThat(EventWords.of(p, now, new Event.Typed("home.name", ""))).startsWith("clear ");
        assertThat(EventWords.of(p, now, new Event.Elapse(1500))).isEqualTo("wait 1.5 s");
        assertThat(EventWords.of(p, now, new Event.DeviceBack())).isEqualTo("device back");
        assertThat(EventWords.capital("wait 1 s")).isEqualTo("Wait 1 s");
    }
}
