package pandel.core.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Whatever an edit changes is told, nothing is told where nothing changed, and no sentence is empty or half. */
class ChangesPropertiesTest {

    private static void assertTold(Prototype before, Prototype now) {
        List<Change> changes = Changes.between(before, now);
        assertThat(changes).isNotEmpty();
        assertThat(changes).allSatisfy(c -> {
            assertThat(c.sentence()).endsWith(".").hasSizeGreaterThan(5).doesNotContain("null", "Optional", "[", "  ");
            c.screen()
                    .ifPresent(id -> assertThat(before.screen(id).or(() -> now.screen(id)))
                            .isPresent());
        });
        assertThat(Changes.between(now, before)).isNotEmpty();
    }

    @Property(tries = 80)
    void nothingIsToldOfWhatIsTheSame(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 20) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 2);
        assertThat(Changes.between(p, Generated.of(size, seed, kind, 2))).isEmpty();
    }

    @Property(tries = 80)
    void whatAnEditOfAScreenChangesIsTold(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 12) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 2);
        Screen screen = p.screens().get((int) Math.floorMod(seed, (long) size));
        assertTold(p, ScreenEdits.rename(screen, "Quite another").applyTo(p));
        assertTold(p, ScreenEdits.remove(List.of(screen)).applyTo(p));
        assertTold(p, ScreenEdits.add(List.of(Screen.page("fresh", "Fresh"))).applyTo(p));
        Form other = screen.form() == Form.PAGE ? Form.DIALOG : Form.PAGE;
        assertTold(p, p.withScreen(screen.id(), s -> s.withForm(other)));
        assertTold(p, p.withScreen(screen.id(), s -> s.withEnd(!s.end())));
    }

    @Property(tries = 80)
    void whatGoesOfLinksAndFramesIsTold(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 12) int size, @ForAll Kind kind) {
        Prototype p = Generated.of(size, seed, kind, 2);
        p.screens().stream()
                .flatMap(s -> s.hotspots().stream())
                .flatMap(h -> h.links().stream())
                .findFirst()
                .ifPresent(link -> assertTold(p, LinkEdits.remove(link).applyTo(p)));
        p.tabSets().forEach(s -> assertTold(p, TabSetEdits.remove(s).applyTo(p)));
        p.sequences().forEach(s -> assertTold(p, SequenceEdits.remove(s).applyTo(p)));
        p.drawers().forEach(d -> assertTold(p, DrawerEdits.remove(d).applyTo(p)));
    }
}
