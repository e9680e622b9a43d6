package pandel.core.generate;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import pandel.core.model.Prototype;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** Some screens that rows of a list lead to go on to the next row, or the one before. */
final class GeneratedRows {

    private GeneratedRows() {}

    static Prototype on(Prototype plain, Random random) {
        Set<String> details = new HashSet<>();
        for (Screen screen : plain.screens()) {
            for (Hotspot hotspot : screen.hotspots()) {
                if (!hotspot.rows().isEmpty()) {
                    hotspot.links().stream()
                            .flatMap(l -> l.effects())
                            .flatMap(e -> e.target().stream())
                            .map(Target::id)
                            .forEach(details::add);
                }
            }
        }
        return plain.withScreens(plain.screens().stream()
                .map(s -> details.contains(s.id()) && random.nextInt(3) > 0 ? stepping(s, random) : s)
                .toList());
    }

    private static Screen stepping(Screen screen, Random random) {
        List<Hotspot> hotspots = new ArrayList<>(screen.hotspots());
        for (int i = 0; i < hotspots.size(); i++) {
            Hotspot hotspot = hotspots.get(i);
            if (!hotspot.links().isEmpty() && random.nextInt(3) == 0) {
                hotspots.set(
                        i,
                        hotspot.withLinks(hotspot.links().stream()
                                .map(l -> l.withBranches(l.branches().stream()
                                        .map(b -> stepping(b, random))
                                        .toList()))
                                .toList()));
            }
        }
        return screen.withHotspots(hotspots);
    }

    private static Branch stepping(Branch branch, Random random) {
        return branch.withEffects(branch.effects().stream()
                .map(e -> e.isMove() ? new Effect.StepRow(random.nextBoolean(), random.nextInt(3) == 0) : e)
                .toList());
    }
}
