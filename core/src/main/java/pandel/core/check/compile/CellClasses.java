package pandel.core.check.compile;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.CellTab;
import pandel.core.check.turn.Context;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Pair;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.LevelKind;

/** What of a context decides what can be done in it on a screen; the same for many contexts. */
final class CellClasses {

    private final Prototype prototype;
    private final FollowedScreens named;
    private final Map<String, Optional<Integer>> lookingBack = new HashMap<>();
    /** What can be set off on screens other than those it names, and looks back. */
    private final List<Link> lookingAnywhere;

    /** What of a context turns depend on; whatever lies further behind or beneath only where a link looks there. */
    private record View(LevelKind level, boolean first, int levels, List<EnclosingTab> around, Optional<Seen> seen) {}

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

        private static Seen from(Context context, int named) {
            Cell.Ground ground = context.ground();
            return new Seen(
                    context.marks() & named,
                    CellTab.around(context.past()),
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
     * What can be told apart of a context from a screen: one that equals that of every other in which the same can be
     * done there.
     *
     * @param looking of the screen
     */
    Object view(Context context, Optional<Integer> looking) {
        return new View(
                context.level(),
                context.behind() == Cell.Behind.NOTHING,
                context.levels(),
                CellTab.around(context.around()),
                looking.map(named -> Seen.from(context, named)));
    }

    /** The marks of what links on a screen look for behind it; empty where none looks back. */
    Optional<Integer> looking(String screen) {
        return lookingBack.computeIfAbsent(screen, this::namedFrom);
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
