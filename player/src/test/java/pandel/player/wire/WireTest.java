package pandel.player.wire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Judgements;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** What goes into cells comes out of them again. */
class WireTest {

    private static Cells again(Cells written) {
        return new Cells(new ArrayList<>(written.words()), new ArrayList<>(written.cells()));
    }

    @Property(tries = 60)
    void aPrototypeComesOutAsItWentIn(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 30) int size, @ForAll boolean nasty) {
        Prototype made = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 3)
                .withJourneys(List.of())
                .withVersions(List.of())
                .withJudgements(Judgements.NONE);
        Cells cells = new Cells();
        Wire.write(made.parts(), cells);
        Cells read = again(cells);
        assertThat(Prototype.of(Wire.readPrototypeParts(read))).isEqualTo(made);
        assertThat(read.more()).isFalse();
    }

    @Property(tries = 60)
    void eventsAndSituationsComeOutAsTheyWentIn(@ForAll long seed, @ForAll boolean nasty) {
        Prototype made = Generated.of(12, seed, nasty ? Kind.NASTY : Kind.USUAL, 2);
        made.mainEntry()
                .flatMap(e -> Situation.at(made, e, made.devices().getFirst()))
                .ifPresent(start -> {
                    Situation now = start;
                    for (int i = 0; i < 20 && !now.left(); i++) {
                        List<Event> possible = Possible.events(made, now);
                        if (possible.isEmpty()) {
                            return;
                        }
                        Event event = possible.get(Math.floorMod(seed + i * 31L, possible.size()));
                        Cells cells = new Cells();
                        Wire.write(event, cells);
                        assertThat(Wire.readEvent(again(cells))).isEqualTo(event);
                        now = new Step(made).step(now, event).situation();
                        Cells told = new Cells();
                        Wire.write(now, told);
                        Situation read = Wire.readSituation(again(told));
                        assertThat(read).isEqualTo(now);
                        Cells twice = new Cells();
                        Wire.write(read, twice);
                        assertThat(twice.digest()).isEqualTo(told.digest());
                    }
                });
    }
}
