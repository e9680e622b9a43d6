package pandel.core.generate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Made-up prototypes are what they say: the same for a seed, sound where they are usual, awkward where nasty. */
class GeneratedPropertiesTest {

    @Property(tries = 100)
    void aSeedGivesTheSameAndAnotherOneAnother(
            @ForAll long seed, @ForAll @IntRange(min = 3, max = 40) int size, @ForAll Kind kind) {
        Prototype one = Generated.of(size, seed, kind, 2);
        assertThat(Generated.of(size, seed, kind, 2)).isEqualTo(one);
        assertThat(Generated.of(size, seed + 1, kind, 2)).isNotEqualTo(one);
        assertThat(one.screens()).hasSize(size);
    }

    @Property(tries = 100)
    void noIdIsThereTwice(@ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 3);
        List<String> ids = Stream.of(
                        p.screens().stream().map(Screen::id),
                        p.index().ways().stream().map(w -> w.link().id()).distinct(),
                        p.facts().stream().map(f -> f.id()),
                        p.tabSets().stream().map(s -> s.id()),
                        p.sequences().stream().map(s -> s.id()),
                        p.drawers().stream().map(d -> d.id()),
                        p.pairs().stream().map(x -> x.id()),
                        p.entries().stream().map(e -> e.id()))
                .flatMap(s -> s)
                .toList();
        assertThat(new HashSet<>(ids)).hasSameSizeAs(ids);
    }

    @Property(tries = 100)
    void aUsualOneLeadsOnlyToWhatIsThere(@ForAll long seed, @ForAll @IntRange(min = 2, max = 80) int size) {
        Prototype p = Generated.of(size, seed, Kind.USUAL, 2);
        Set<String> there = Stream.of(
                        p.screens().stream().map(Screen::id),
                        p.tabSets().stream().map(s -> s.id()),
                        p.sequences().stream().map(s -> s.id()))
                .flatMap(s -> s)
                .collect(Collectors.toSet());
        assertThat(p.index().ways().stream()
                        .flatMap(w -> w.link().effects())
                        .flatMap(e -> e.target().stream())
                        .map(t -> t.id()))
                .allMatch(there::contains);
        assertThat(p.mainEntry()).isPresent();
    }

    @Property(tries = 100)
    void everyBranchHoldsAtMostOneMove(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int size, @ForAll Kind kind) {
        assertThat(Generated.of(size, seed, kind, 2).index().ways().stream().flatMap(w -> w.link().branches().stream()))
                .allMatch((Branch b) ->
                        b.effects().stream().filter(Effect::isMove).count() <= 1);
    }

    @Test
    void facts() {
        assertThat(Generated.of(60, 5, Kind.USUAL, 8).facts()).hasSize(8);
        assertThat(Generated.of(60, 5, Kind.USUAL, 0).facts()).isEmpty();
        assertThat(Generated.of(60, 5, Kind.USUAL, 8).screens())
                .anyMatch(s -> !s.states().isEmpty());
        assertThatIllegalArgumentException().isThrownBy(() -> Generated.of(0, 1, Kind.USUAL));
    }

    @Test
    void nastyOnesAreAwkwardInEveryWay() {
        Set<Verb> verbs = new HashSet<>();
        Set<Form> forms = new HashSet<>();
        boolean missing = false;
        boolean shared = false;
        boolean drawers = false;
        boolean pairs = false;
        boolean tabs = false;
        boolean sequences = false;
        for (long seed = 0; seed < 60; seed++) {
            Prototype p = Generated.of(12, seed, Kind.NASTY, 2);
            p.index().ways().forEach(w -> w.link().effects().forEach(e -> verbs.add(e.verb())));
            p.screens().forEach(s -> forms.add(s.form()));
            missing |= p.index().ways().stream()
                    .flatMap(w -> w.link().effects())
                    .flatMap(e -> e.target().stream())
                    .anyMatch(t -> t.id().startsWith("gone-"));
            shared |= !p.shared().isEmpty();
            drawers |= !p.drawers().isEmpty();
            pairs |= !p.pairs().isEmpty();
            tabs |= !p.tabSets().isEmpty();
            sequences |= !p.sequences().isEmpty();
        }
        assertThat(verbs).containsExactlyInAnyOrder(Verb.values());
        assertThat(forms).containsExactlyInAnyOrder(Form.values());
        assertThat(List.of(missing, shared, drawers, pairs, tabs, sequences)).containsOnly(true);
    }
}
