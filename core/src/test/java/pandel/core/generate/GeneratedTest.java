package pandel.core.generate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Fact;

/** Made-up prototypes are the same each time, are as large as asked, and the usual ones are whole. */
class GeneratedTest {

    @Property(tries = 40)
    void theSameSeedMakesTheSame(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 60) int size,
            @ForAll @IntRange(max = 4) int facts,
            @ForAll Kind kind) {
        Prototype made = Generated.of(size, seed, kind, facts);
        assertThat(Generated.of(size, seed, kind, facts)).isEqualTo(made);
        assertThat(made.screens()).hasSize(size);
        assertThat(made.facts()).hasSize(facts);
        if (size > 3) {
            assertThat(Generated.of(size, seed + 1, kind, facts)).isNotEqualTo(made);
        }
    }

    @Property(tries = 40)
    void everyIdIsUsedOnce(@ForAll long seed, @ForAll @IntRange(min = 2, max = 60) int size, @ForAll Kind kind) {
        Prototype made = Generated.of(size, seed, kind, 2);
        List<String> ids = new ArrayList<>();
        made.screens().forEach(s -> {
            ids.add(s.id());
            s.hotspots().forEach(h -> ids.addAll(ids(h)));
            s.links().forEach(l -> ids.add(l.id()));
            s.states().forEach(t -> ids.add(t.id()));
        });
        made.shared().forEach(s -> ids.addAll(ids(s.hotspot())));
        made.facts().forEach(f -> ids.add(f.id()));
        made.tabSets().forEach(t -> {
            ids.add(t.id());
            t.tabs().forEach(tab -> ids.add(tab.id()));
        });
        made.sequences().forEach(s -> ids.add(s.id()));
        made.drawers().forEach(d -> {
            ids.add(d.id());
            d.items().forEach(i -> ids.add(i.id()));
        });
        assertThat(ids).doesNotHaveDuplicates();
    }

    private static List<String> ids(Hotspot hotspot) {
        return Stream.concat(Stream.of(hotspot.id()), hotspot.links().stream().map(l -> l.id()))
                .toList();
    }

    @Property(tries = 30)
    void usualOnesLeadNowhereThatIsNotThere(@ForAll long seed, @ForAll @IntRange(min = 2, max = 80) int size) {
        Prototype made = Generated.of(size, seed, Kind.USUAL, 3);
        for (Way way : made.index().ways()) {
            for (Effect effect : way.link().effects().toList()) {
                effect.target()
                        .ifPresent(to -> assertThat(Targets.shown(made, to))
                                .as("%s of %s", to.id(), way.link().id())
                                .isPresent());
                if (effect instanceof Effect.Remember remember) {
                    assertThat(made.fact(remember.fact())).isPresent();
                }
            }
        }
        assertThat(made.facts()).allMatch(f -> f.kind() instanceof Fact.Kind.YesNo);
        assertThat(made.mainEntry()).isPresent();
    }

    @Property(tries = 40)
    void usualFramesHoldWhatFramesCanHold(@ForAll long seed, @ForAll @IntRange(min = 10, max = 80) int size) {
        Prototype made = Generated.of(size, seed, Kind.USUAL);
        made.sequences()
                .forEach(s -> assertThat(s.pages().stream()
                                .map(id -> made.screen(id).orElseThrow().form())
                                .distinct())
                        .hasSize(1));
        made.tabSets().forEach(set -> {
            Set<String> roots = set.tabs().stream().map(t -> t.root().id()).collect(Collectors.toSet());
            assertThat(roots).isNotEmpty().doesNotContain(set.id());
            assertThat(set.tabs().stream()
                            .flatMap(t -> Targets.shown(made, t.root()).stream())
                            .map(Screen::form))
                    .containsOnly(Form.PAGE);
        });
        Set<String> taken = new HashSet<>();
        made.pairs().forEach(pair -> assertThat(taken.add(pair.detail())).isTrue());
    }

    /** Nasty ones have everything at once sooner or later: what is not there, what leads to itself, what is parked. */
    @Example
    void nastyOnesAreNasty() {
        boolean gone = false;
        boolean itself = false;
        boolean framesOfFrames = false;
        for (int seed = 0; seed < 40; seed++) {
            Prototype made = Generated.of(9, seed, Kind.NASTY, 2);
            for (Way way : made.index().ways()) {
                for (Target to :
                        way.link().effects().flatMap(e -> e.target().stream()).toList()) {
                    gone |= Targets.shown(made, to).isEmpty();
                    itself |= way.from().stream().anyMatch(s -> s.id().equals(to.id()));
                }
            }
            framesOfFrames |= made.tabSets().stream()
                    .anyMatch(s -> s.tabs().stream().anyMatch(t -> !(t.root() instanceof Target.ToScreen)));
        }
        assertThat(List.of(gone, itself, framesOfFrames)).containsOnly(true);
    }
}
