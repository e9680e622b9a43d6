package pandel.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** The index says of any prototype what looking through all of it says. */
class IndexTest {

    @Property(tries = 120)
    void waysOutAndInAreThoseThatStandThereAndLeadThere(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 25) int size, @ForAll boolean nasty) {
        Prototype p = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 2);
        for (Screen screen : p.screens()) {
            assertThat(p.index().waysOut(screen.id()))
                    .containsExactlyInAnyOrderElementsOf(p.index().ways().stream()
                            .filter(w -> w.from().contains(screen))
                            .toList());
            assertThat(p.index().waysIn(screen.id()))
                    .containsExactlyInAnyOrderElementsOf(p.index().ways().stream()
                            .filter(w -> w.targets().contains(screen.id()))
                            .toList());
            List<Hotspot> on = p.index().hotspotsOn(screen.id());
            assertThat(on.subList(0, screen.hotspots().size())).isEqualTo(screen.hotspots());
            assertThat(on.subList(screen.hotspots().size(), on.size()))
                    .containsExactlyElementsOf(p.shared().stream()
                            .filter(s -> s.screens().contains(screen.id()))
                            .map(SharedHotspot::hotspot)
                            .toList());
            assertThat(p.index().sequencesOf(screen.id()))
                    .allMatch(s -> s.pages().contains(screen.id()));
        }
    }

    @Property(tries = 60)
    void everyIdIsTakenOnce(@ForAll long seed, @ForAll @IntRange(min = 1, max = 25) int size, @ForAll boolean nasty) {
        Prototype p = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 2);
        Set<String> ids = new LinkedHashSet<>();
        p.screens().forEach(s -> {
            ids.add(s.id());
            s.hotspots().forEach(h -> ids.add(h.id()));
            s.links().forEach(l -> ids.add(l.id()));
            s.states().forEach(t -> ids.add(t.id()));
        });
        p.shared().forEach(s -> ids.add(s.hotspot().id()));
        p.facts().forEach(f -> ids.add(f.id()));
        p.entries().forEach(e -> ids.add(e.id()));
        p.tabSets().forEach(s -> {
            ids.add(s.id());
            s.tabs().forEach(t -> ids.add(t.id()));
        });
        p.sequences().forEach(s -> ids.add(s.id()));
        p.pairs().forEach(l -> ids.add(l.id()));
        p.drawers().forEach(d -> ids.add(d.id()));
        p.index().ways().stream()
                .filter(w -> !w.isOfFrame())
                .forEach(w -> ids.add(w.link().id()));
        assertThat(p.index().ids()).containsAll(ids);
        p.index().ways().forEach(w -> assertThat(p.index().way(w.link().id())).contains(w));
        p.index().hotspots().forEach(h -> assertThat(p.index().hotspot(h.id())).contains(h));
    }
}
