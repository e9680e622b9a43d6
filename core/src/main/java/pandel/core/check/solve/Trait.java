package pandel.core.check.solve;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turns;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.screen.State;

/**
 * Something that findings ask of a place of a screen. Where every trait that a screen could have was seen there,
 * nothing that could be there besides makes another finding.
 *
 * @param id of the link, look or set that it is about
 */
public record Trait(String screen, Kind kind, String id) {

    /** What it says. */
    enum Kind {
        SHOWN,
        FIRES,
        NOTHING_TO_DO,
        NOTHING_TO_DO_AT_FIRST,
        IDLE,
        LOOKS,
        ON_PAGE_OF,
        IN_SET,
        AT_LEVEL,
        DRAWER_OPEN
    }

    /** That a link does something on a screen. */
    static Trait fires(Prototype prototype, String screen, String link) {
        return new Trait(of(prototype, screen, link), Kind.FIRES, link);
    }

    /**
     * Where a link does something: the action of a notice wherever that stands, which is of the screen that says it.
     */
    private static String of(Prototype prototype, String screen, String link) {
        return prototype
                .index()
                .way(link)
                .filter(w -> w.notice().isPresent() && !w.from().isEmpty())
                .map(w -> w.from().getFirst().id())
                .orElse(screen);
    }

    /** All of a head with what its screen's own facts hold. */
    static Stream<Trait> of(Prototype prototype, Table table) {
        Cell cell = table.cell();
        Turns.All all = table.what();
        String screen = cell.screen();
        boolean first = cell.level().base() && cell.first();
        Set<String> nothing = all.here().nothing();
        Stream<String> fires = Stream.concat(all.here().sure().stream(), all.back().sure().stream())
                .flatMap(t -> t.link().stream());
        Set<String> acts = fires.collect(Collectors.toSet());
        Optional<String> look = prototype
                .screen(screen)
                .filter(s -> !s.states().isEmpty())
                .flatMap(s -> Look.of(prototype, s, cell.known()).state())
                .map(State::id);
        return Stream.of(
                        Stream.of(
                                new Trait(screen, Kind.SHOWN, ""),
                                new Trait(screen, Kind.AT_LEVEL, Integer.toString(cell.levels()))),
                        acts.stream().map(id -> fires(prototype, screen, id)),
                        all.nothing().stream()
                                .map(id -> new Trait(
                                        of(prototype, screen, id),
                                        first ? Kind.NOTHING_TO_DO_AT_FIRST : Kind.NOTHING_TO_DO,
                                        id)),
                        // A link that neither does something nor finds nothing to do may be refused, for want of a
                        // value.
                        prototype.index().waysOut(screen).stream()
                                .filter(w -> w.notice().isEmpty())
                                .map(w -> w.link().id())
                                .filter(id -> !acts.contains(id) && !nothing.contains(id))
                                .map(id -> new Trait(screen, Kind.IDLE, id)),
                        look.stream().map(id -> new Trait(screen, Kind.LOOKS, id)),
                        cell.at().stream().map(at -> new Trait(screen, Kind.ON_PAGE_OF, at.sequence())),
                        cell.around().stream().map(in -> new Trait(screen, Kind.IN_SET, in.set())),
                        cell.drawer().stream().map(id -> new Trait(screen, Kind.DRAWER_OPEN, id)))
                .flatMap(s -> s);
    }
}
