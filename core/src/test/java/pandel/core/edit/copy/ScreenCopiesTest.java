package pandel.core.edit.copy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.Check;
import pandel.core.check.finding.Rule;
import pandel.core.edit.EachLink;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Source;

/** Copies of screens, with links among them that lead to the copies. */
class ScreenCopiesTest {

    private static final Naming NAMING = new Naming(new Random(3)::nextInt);

    private static Effect first(Screen screen, int hotspot) {
        return screen.hotspots().get(hotspot).links().getFirst().effect().orElseThrow();
    }

    @Test
    void linksAmongThemLeadToTheCopiesAndTheOthersWhereTheyLed() {
        Prototype prototype = Made.of(
                "home page: on advance b",
                "b page: on advance c; off advance home",
                "c page: back return to b; end return");
        ScreenCopies copies = ScreenCopies.of(
                prototype,
                List.of(
                        prototype.screen("b").orElseThrow(),
                        prototype.screen("c").orElseThrow()),
                NAMING);
        Prototype after = copies.edit().applyTo(prototype);
        Screen b = copies.screens().getFirst();
        Screen c = copies.screens().getLast();
        assertThat(after.screens()).extracting(Screen::title).containsExactly("home", "b", "c", "b", "c");
        assertThat(b.copyOf()).isEqualTo(Optional.of("b"));
        assertThat(first(b, 0)).isEqualTo(new Effect.Advance(new Target.ToScreen(c.id())));
        assertThat(first(b, 1)).isEqualTo(new Effect.Advance(new Target.ToScreen("home")));
        assertThat(first(c, 0)).isEqualTo(new Effect.ReturnTo(new Target.ToScreen(b.id())));
    }

    @Test
    void actionsOfNoticesAreCopiedWithIdsOfTheirOwnAndLeadToTheCopies() {
        Prototype plain = Made.of("home page: on advance b", "b page: back return");
        Link undo = Link.of("undo", new Cause.Touch(Gesture.TAP), new Effect.Advance(new Target.ToScreen("b")));
        Prototype prototype = LinkEdits.change(
                        "",
                        plain.screen("home")
                                .orElseThrow()
                                .hotspots()
                                .getFirst()
                                .links()
                                .getFirst()
                                .branch(
                                        0,
                                        b -> b.withEffects(List.of(new Effect.Notice(
                                                "Gone", 0, Optional.of(new Effect.Action("Undo", undo)))))))
                .applyTo(plain);
        assertThat(prototype.index().way("undo")).isPresent();
        ScreenCopies copies = ScreenCopies.of(prototype, prototype.screens(), NAMING);
        Prototype after = copies.edit().applyTo(prototype);
        assertThat(after.index().ways().stream().filter(w -> w.notice().isPresent()))
                .extracting(w -> w.link().id().equals("undo") + " " + w.targets())
                .containsExactly(
                        "true [b]", "false [" + copies.screens().getLast().id() + "]");
        Prototype without = LinkEdits.remove(undo).applyTo(after);
        assertThat(without.index().way("undo")).isEmpty();
        assertThat(without.index().ways()).hasSize(after.index().ways().size() - 1);
        assertThat(EachLink.dropLinksTo(prototype, Set.of("b")).index().way("undo"))
                .isEmpty();
        assertThat(EachLink.retarget(prototype, "b", "home")
                        .index()
                        .way("undo")
                        .orElseThrow()
                        .targets())
                .containsExactly("home");
    }

    @Test
    void whatIsTypedInACopyIsReadFromTheCopy() {
        Prototype prototype =
                Made.of("home page: name ^field; on advance b +name=typed:home.name", "b page needs:name: back return");
        ScreenCopies copies =
                ScreenCopies.of(prototype, List.of(prototype.screen("home").orElseThrow()), NAMING);
        Screen copy = copies.screens().getFirst();
        assertThat(first(copy, 1).target().orElseThrow().values())
                .containsEntry(
                        "name", new Source.Typed(copy.hotspots().getFirst().id()));
    }

    @Test
    void aCopyThatKeepsItsWordsIsTold() {
        Prototype prototype = Made.of("home page: on advance b", "b page: back return");
        Prototype after = ScreenCopies.of(
                        prototype, List.of(prototype.screen("b").orElseThrow()), NAMING)
                .edit()
                .applyTo(prototype);
        assertThat(Check.of(after).findings(Rule.COPIED_WORDS))
                .singleElement()
                .satisfies(f -> assertThat(f.sentence()).isEqualTo("“b”, a copy of “b”, still has its title."));
    }

    @Property(tries = 60)
    void copiesHaveIdsOfTheirOwnAndNothingElseChanges(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 12) int size, @ForAll @IntRange(max = 2) int facts) {
        Prototype prototype = Generated.of(size, seed, Kind.NASTY, facts);
        List<Screen> some = prototype.screens().subList(0, 1 + size / 2);
        ScreenCopies copies = ScreenCopies.of(prototype, some, new Naming(new Random(seed)::nextInt));
        Prototype after = copies.edit().applyTo(prototype);
        assertThat(after.screens()).hasSize(prototype.screens().size() + some.size());
        assertThat(after.screens()).containsAll(prototype.screens());
        long hotspots = after.screens().stream()
                .flatMap(s -> s.hotspots().stream())
                .map(h -> h.id())
                .distinct()
                .count();
        assertThat(hotspots)
                .isEqualTo(after.screens().stream()
                        .mapToLong(s -> s.hotspots().size())
                        .sum());
        copies.screens().stream()
                .flatMap(s -> s.hotspots().stream())
                .flatMap(h -> h.links().stream())
                .flatMap(l -> l.effects())
                .flatMap(e -> e.target().stream())
                .forEach(t -> assertThat(some).noneMatch(s -> s.id().equals(t.id())));
    }
}
