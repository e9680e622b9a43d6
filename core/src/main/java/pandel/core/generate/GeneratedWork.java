package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.screen.Screen;

/** Some links that take time, and some by which work or a wait of their screen begins again. */
final class GeneratedWork {

    private GeneratedWork() {}

    static Prototype on(Prototype plain, Random random) {
        return plain.withScreens(
                plain.screens().stream().map(s -> screen(s, random)).toList());
    }

    private static Screen screen(Screen screen, Random random) {
        List<Link> waits = screen.links().stream()
                .filter(l -> l.cause() instanceof Cause.Work || l.cause() instanceof Cause.Wait)
                .toList();
        return screen.withHotspots(screen.hotspots().stream()
                .map(h -> h.withLinks(
                        h.links().stream().map(l -> link(l, waits, random)).toList()))
                .toList());
    }

    private static Link link(Link link, List<Link> waits, Random random) {
        Link made = random.nextInt(8) == 0
                ? link.withTakes(Optional.of(random.nextBoolean() ? Takes.UNTIL_DONE : Takes.of(700)))
                : link;
        return waits.isEmpty() || random.nextInt(6) > 0
                ? made
                : made.withBranches(made.branches().stream()
                        .map(b -> beginning(b, waits.get(random.nextInt(waits.size())), random))
                        .toList());
    }

    private static Branch beginning(Branch branch, Link wait, Random random) {
        List<Effect> effects = new ArrayList<>(branch.effects());
        if (random.nextBoolean()) {
            effects.removeIf(Effect::isMove);
        }
        effects.add(new Effect.BeginAgain(wait.id()));
        return branch.withEffects(effects);
    }
}
