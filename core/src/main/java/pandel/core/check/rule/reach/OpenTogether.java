package pandel.core.check.rule.reach;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
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
public final class OpenTogether {

    /**
     * A screen on a level.
     *
     * @param pages whether the level holds pages
     */
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
    public static boolean mayBe(Prototype prototype, int many) {
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

    /**
     * All that can be shown on a level once some of it is: what moves on it lead to, and what moves of things above put
     * beneath those.
     */
    private Set<Shown> stayingOnLevel(Set<Shown> from) {
        Set<Shown> all = moved(from);
        while (all.stream().anyMatch(Shown::pages)) {
            Set<Shown> more = new LinkedHashSet<>(all);
            above(all)
                    .forEach(shown -> branches(shown)
                            .forEach(branch -> branch.move()
                                    .flatMap(this::target)
                                    .filter(target -> mayGoBeneath(shown, branch, target))
                                    .ifPresent(target -> takers(target).forEach(to -> more.add(new Shown(to, true))))));
            if (more.equals(all)) {
                break;
            }
            all = moved(more);
        }
        return all;
    }

    /** What moves on the level itself lead to. */
    private Set<Shown> moved(Set<Shown> from) {
        return closed(
                from,
                shown -> branches(shown)
                        .flatMap(branch ->
                                branch
                                        .move()
                                        .flatMap(this::target)
                                        .filter(target -> mayStay(shown, branch, target))
                                        .stream()
                                        .flatMap(this::takers)
                                        .map(to -> new Shown(to, shown.pages()))));
    }

    /** All that can ever be open above some of it. */
    private Set<Shown> above(Set<Shown> from) {
        return closed(opened(from), shown -> {
            Set<Shown> one = Set.of(shown);
            return Stream.concat(moved(one).stream(), opened(one).stream());
        });
    }

    private static Set<Shown> closed(Set<Shown> from, Function<Shown, Stream<Shown>> further) {
        Set<Shown> all = new LinkedHashSet<>(from);
        Deque<Shown> left = new ArrayDeque<>(from);
        while (!left.isEmpty()) {
            further.apply(left.remove()).filter(all::add).forEach(left::add);
        }
        return all;
    }

    private Optional<Target> target(Effect move) {
        return switch (move) {
            case Effect.Advance advance -> Optional.of(advance.to());
            case Effect.Replace replace -> Optional.of(replace.with());
            case Effect.SwitchTab to ->
                prototype.tabSetOf(to.tab()).flatMap(s -> s.tab(to.tab())).map(t -> t.root());
            default -> Optional.empty();
        };
    }

    /** From a dialog, sheet or panel a page goes beneath, unless it is said to go here. */
    private boolean mayStay(Shown on, Branch branch, Target target) {
        return !branch.where().equals(Optional.of(Where.BENEATH))
                && (on.pages() || branch.where().isPresent() || !isPage(target));
    }

    private boolean mayGoBeneath(Shown on, Branch branch, Target target) {
        return branch.where().equals(Optional.of(Where.BENEATH))
                || branch.where().isEmpty() && !on.pages() && isPage(target);
    }

    private boolean isPage(Target target) {
        return Targets.shown(prototype, target)
                .filter(s -> s.form() == Form.PAGE)
                .isPresent();
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
