package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.Rules;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Visit;

/** What holds of drawers and tab sets, whatever is done. */
class FramePropertiesTest {

    /**
     * A drawer never alters what is beneath it; it is open on a place it is attached to, until something moves; and
     * closing it is always possible by what it says.
     */
    @Property(tries = 300)
    void aDrawerAltersNothingBeneath(
            @ForAll long seed, @ForAll @IntRange(min = 4, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = RandomPlay.made(seed, size, nasty);
        Step step = new Step(prototype);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
            Situation after = stepped.situation();
            if (stepped.happening() instanceof Happening.DrawerMoved
                    || before.drawer().isPresent()
                            && after.drawer().isPresent()
                            && !(stepped.happening() instanceof Happening.Moved)) {
                assertThat(after.levels()).isEqualTo(before.levels());
            }
            if (stepped.happening() instanceof Happening.Moved) {
                after.drawer()
                        .ifPresent(id -> assertThat(prototype.index().ways())
                                .as("only what a branch opens after its move is open")
                                .anyMatch(way -> opensAfterItsMove(way.link(), id)));
            }
            after.drawer().ifPresent(id -> {
                assertThat(after.drawers(prototype, after.levels().size() - 1).stream()
                                        .anyMatch(d -> d.id().equals(id))
                                || standsOnListBeside(prototype, after, id))
                        .isTrue();
                if (prototype.drawer(id).orElseThrow().outside()) {
                    Situation closed = step.step(after, new Event.Touched(Gesture.TAP, new Event.On.Outside()))
                            .situation();
                    assertThat(closed.drawer()).isEmpty();
                    assertThat(closed.levels()).isEqualTo(after.levels());
                    assertThat(closed.facts()).isEqualTo(after.facts());
                }
            });
        });
    }

    /** A list beside the current detail opens its own drawers. */
    private static boolean standsOnListBeside(Prototype prototype, Situation now, String drawer) {
        return prototype.pairs().stream()
                .filter(pair -> pair.detail().equals(now.screen()))
                .anyMatch(pair -> Attachments.mayStandOn(
                        prototype, prototype.drawer(drawer).orElseThrow().on(), pair.list()));
    }

    private static boolean opensAfterItsMove(Link link, String drawer) {
        return link.branches().stream().map(Branch::effects).anyMatch(effects -> {
            int move = IntStream.range(0, effects.size())
                    .filter(i -> effects.get(i).isMove())
                    .findFirst()
                    .orElse(effects.size());
            return effects.subList(move, effects.size()).stream()
                    .anyMatch(e -> e instanceof Effect.MoveDrawer moved
                            && moved.drawer().equals(drawer));
        });
    }

    /** What the tabs that are not shown keep, of all sets on the top level's trail, by tab. */
    static Map<String, List<Visit>> kept(Situation now) {
        Map<String, List<Visit>> kept = new HashMap<>();
        now.top().trail().places().forEach(v -> v.tabs().forEach(t -> kept.putAll(t.kept())));
        return kept;
    }

    @Property(tries = 300)
    void tabTrailsNeverMixAndAKeptOneComesBackAsItWas(
            @ForAll long seed, @ForAll @IntRange(min = 5, max = 12) int size, @ForAll boolean nasty) {
        Prototype prototype = RandomPlay.made(seed, size, nasty);
        Step step = new Step(prototype);
        RandomPlay.each(prototype, RandomPlay.walk(prototype, seed), (before, event, stepped) -> {
            for (TabSet set : new Rules(prototype)
                    .strips(before.head()).stream().filter(TabSet::keeps).toList()) {
                String shown = before.head().around().stream()
                        .filter(a -> a.set().equals(set.id()))
                        .findFirst()
                        .orElseThrow()
                        .tab();
                for (TabSet.Tab other : set.tabs()) {
                    Stepped there = step.step(before, new Event.Touched(Gesture.TAP, new Event.On.OnTab(other.id())));
                    boolean back = !other.id().equals(shown)
                            && new Rules(prototype)
                                    .strips(there.situation().head()).stream().anyMatch(s -> s.id().equals(set.id()));
                    if (there.happening() instanceof Happening.Moved && back) {
                        Stepped again =
                                step.step(there.situation(), new Event.Touched(Gesture.TAP, new Event.On.OnTab(shown)));
                        assertThat(again.situation().top().trail().places())
                                .extracting(v -> v.screen() + v.held() + v.scroll())
                                .isEqualTo(before.top().trail().places().stream()
                                        .map(v -> v.screen() + v.held() + v.scroll())
                                        .toList());
                    }
                }
            }
            // What is done in the tab that is shown leaves what the others keep as it is.
            boolean same =
                    stepped.situation().levels().size() == before.levels().size()
                            && stepped.situation().head().around().stream()
                                    .map(EnclosingTab::tab)
                                    .toList()
                                    .equals(before.head().around().stream()
                                            .map(EnclosingTab::tab)
                                            .toList());
            if (same && stepped.happening() instanceof Happening.Adjusted) {
                assertThat(kept(stepped.situation())).isEqualTo(kept(before));
            }
        });
    }
}
