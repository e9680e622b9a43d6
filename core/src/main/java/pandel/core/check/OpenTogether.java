package pandel.core.check;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/**
 * An outer bound for how many things can be open above one another: by what links lead to alone, whatever holds and
 * whatever lies behind. Costs time in the number of screens and of the links on them, for each level.
 */
final class OpenTogether {

    /** A screen on a level. @param pages whether the level holds pages */
    private record Shown(Screen screen, boolean pages) {}

    private final Prototype prototype;
    /** What can be set off inside tab sets, wherever those are. */
    private final List<Way> anywhere;
    /** What items of drawers do, wherever those are. */
    private final List<Branch> items;

    private OpenTogether(Prototype prototype) {
        this.prototype = prototype;
        this.anywhere =
                prototype.index().ways().stream().filter(Way::isAnywhereInside).toList();
        this.items = prototype.drawers().stream()
                .flatMap(d -> d.items().stream())
                .flatMap(i -> i.link().branches().stream())
                .toList();
    }

    /** Whether that many things could be open above the base; never false where they can be. */
    static boolean mayBe(Prototype prototype, int many) {
        OpenTogether open = new OpenTogether(prototype);
        Set<Shown> level = new LinkedHashSet<>();
        prototype.screens().forEach(s -> level.add(new Shown(s, true)));
        Set<Shown> top = level;
        for (int i = 0; i < many && !top.isEmpty(); i++) {
            top = open.stayingOnLevel(open.opened(top));
        }
        return !top.isEmpty();
    }

    private Set<Shown> opened(Set<Shown> from) {
        Set<Shown> opened = new LinkedHashSet<>();
        from.forEach(s -> branches(s).flatMap(b -> b.effects().stream()).forEach(effect -> {
            if (effect instanceof Effect.OpenAbove open) {
                boolean pages = Targets.shown(prototype, open.screen())
                        .filter(first -> first.form() != Form.PAGE)
                        .isEmpty();
                takers(open.screen()).forEach(to -> opened.add(new Shown(to, pages)));
            }
        }));
        return opened;
    }

    /** All that can be shown on a level once some of it is. */
    private Set<Shown> stayingOnLevel(Set<Shown> from) {
        Set<Shown> all = new LinkedHashSet<>(from);
        Deque<Shown> left = new ArrayDeque<>(from);
        while (!left.isEmpty()) {
            Shown shown = left.remove();
            branches(shown)
                    .forEach(branch -> branch.move()
                            .flatMap(move -> put(shown, branch, move))
                            .ifPresent(target -> takers(target).forEach(to -> {
                                Shown next = new Shown(to, shown.pages());
                                if (all.add(next)) {
                                    left.add(next);
                                }
                            })));
        }
        return all;
    }

    /**
     * What a move puts on its own level; from a dialog, sheet or panel a page goes beneath, unless it is said to go
     * here.
     */
    private Optional<Target> put(Shown on, Branch branch, Effect move) {
        if (branch.where().equals(Optional.of(Where.BENEATH))) {
            return Optional.empty();
        }
        return switch (move) {
            case Effect.Advance advance -> stays(on, branch, advance.to());
            case Effect.Replace replace -> stays(on, branch, replace.with());
            case Effect.SwitchTab to ->
                prototype.tabSetOf(to.tab()).flatMap(s -> s.tab(to.tab())).map(t -> t.root());
            default -> Optional.empty();
        };
    }

    private Optional<Target> stays(Shown on, Branch branch, Target target) {
        boolean page = Targets.shown(prototype, target)
                .filter(s -> s.form() == Form.PAGE)
                .isPresent();
        return page && !on.pages() && branch.where().isEmpty() ? Optional.empty() : Optional.of(target);
    }

    private Stream<Branch> branches(Shown shown) {
        Stream<Way> ways = Stream.concat(
                prototype.index().waysOut(shown.screen().id()).stream(),
                shown.pages() ? anywhere.stream() : Stream.of());
        return Stream.concat(ways.flatMap(w -> w.link().branches().stream()), items.stream());
    }

    private Stream<Screen> takers(Target target) {
        return Targets.takers(prototype, target).stream().filter(s -> s.status() != Status.PARKED);
    }
}
