package pandel.core.check.compile;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.LevelKind;

/** What of a cell decides what can be done there; the same for many cells. */
public final class CellClasses {

    private final Prototype prototype;
    private final FollowedScreens named;
    private final Map<String, Optional<Integer>> lookingBack = new HashMap<>();
    /** What can be set off on screens other than those it names, and looks back. */
    private final List<Link> lookingAnywhere;

    /** What of a cell its turns depend on; whatever lies further behind or beneath only where a link looks there. */
    private record Alike(
            String screen,
            LevelKind level,
            boolean first,
            Optional<Seen> seen,
            int levels,
            Facts facts,
            PlaceMemory held,
            Optional<AtPage> at,
            List<EnclosingTab> around,
            int waited,
            Optional<String> drawer) {}

    /** What a link that looks back can tell apart. */
    private record Seen(
            int marks,
            List<EnclosingTab> past,
            boolean known,
            boolean base,
            boolean first,
            int current,
            int marksBeneath,
            int levels,
            Optional<AtPage> at,
            List<EnclosingTab> around,
            List<EnclosingTab> pastBeneath) {

        private static Seen from(Cell cell, int named) {
            Cell.Ground ground = cell.ground();
            return new Seen(
                    cell.marks() & named,
                    CellTab.around(cell.past()),
                    ground != Cell.Ground.UNKNOWN,
                    ground.level().base(),
                    ground.first(),
                    ground.current() & named,
                    ground.marks() & named,
                    ground.levels(),
                    ground.at(),
                    CellTab.around(ground.around()),
                    CellTab.around(ground.past()));
        }
    }

    CellClasses(Prototype prototype, FollowedScreens named) {
        this.prototype = prototype;
        this.named = named;
        this.lookingAnywhere = prototype.index().ways().stream()
                .filter(Way::isAnywhereInside)
                .map(Way::link)
                .filter(CellClasses::looksBack)
                .toList();
    }

    /**
     * One that equals that of every cell at which the same can be done.
     *
     * @param cell with what is remembered of its screen's own alone
     */
    Object of(Cell cell) {
        return new Alike(
                cell.screen(),
                cell.level(),
                cell.first(),
                lookingBack.computeIfAbsent(cell.screen(), this::namedFrom).map(named -> Seen.from(cell, named)),
                cell.levels(),
                cell.facts(),
                cell.held(),
                cell.at(),
                CellTab.around(cell.around()),
                cell.waited(),
                cell.drawer());
    }

    /** The marks of what links on a screen return to; empty where none looks back. */
    private Optional<Integer> namedFrom(String screen) {
        Stream<String> here = Stream.concat(
                Stream.of(screen),
                prototype.pairs().stream()
                        .filter(p -> p.detail().equals(screen))
                        .map(Pair::list));
        List<Link> looking = Stream.concat(
                        lookingAnywhere.stream(),
                        here.flatMap(id -> prototype.index().waysOut(id).stream())
                                .map(Way::link)
                                .filter(CellClasses::looksBack))
                .toList();
        return looking.isEmpty()
                ? Optional.empty()
                : Optional.of(looking.stream()
                        .flatMap(Link::effects)
                        .filter(Effect.ReturnTo.class::isInstance)
                        .mapToInt(e -> named.mark(((Effect.ReturnTo) e).to().id()))
                        .reduce(0, (x, y) -> x | y));
    }

    private static boolean looksBack(Link link) {
        return link.effects()
                        .anyMatch(e -> e instanceof Effect.ReturnTo
                                || e instanceof Effect.TurnPage
                                || e instanceof Effect.SwitchTab)
                || link.branches().stream().anyMatch(b -> b.where().isPresent());
    }
}
