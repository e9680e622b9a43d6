package pandel.core.check.compile;

import com.carrotsearch.hppc.IntArrayList;
import com.carrotsearch.hppc.IntObjectHashMap;
import com.carrotsearch.hppc.LongIntHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Cell.Behind;
import pandel.core.check.turn.Cell.Ground;
import pandel.core.check.turn.CellTab;
import pandel.core.check.turn.Context;
import pandel.core.check.turn.Context.Core;
import pandel.core.model.value.Facts;

/**
 * The heads of one system by number: a cell whatever is remembered there, a core in a context. Those at which the same
 * can be done are of one kind.
 */
final class Heads {

    private static final int UNKNOWN = -1;

    private final CellClasses classes;
    private final ToIntFunction<String> scope;

    private final Numbered<Core> cores = new Numbered<>();
    private final Numbered<Context> contexts = new Numbered<>();
    private final Numbered<Object> views = new Numbered<>();
    private final Numbered<Optional<Integer>> lookings = new Numbered<>();
    private final Numbered<Object> surroundings = new Numbered<>();

    /** Of each core: the scope of its screen's facts, how its screen looks back, and the core come to again. */
    private final IntArrayList scopes = new IntArrayList();

    private final IntArrayList looking = new IntArrayList();
    private final IntArrayList again = new IntArrayList();
    /** What lies beneath, by number, and that of each context. */
    private final Numbered<Ground> grounds = new Numbered<>();

    private final IntArrayList groundOf = new IntArrayList();
    /** By context and ground, the same on another. */
    private final LongIntHashMap contextOn = new LongIntHashMap();

    /** Of each context, what of it can tell what changes the row of screens. */
    private final IntArrayList surrounding = new IntArrayList();
    /** By context and how a screen looks back; by core and view. */
    private final LongIntHashMap viewOf = new LongIntHashMap();

    private final LongIntHashMap kinds = new LongIntHashMap();
    private final LongIntHashMap heads = new LongIntHashMap();
    private final IntArrayList coreOf = new IntArrayList();
    private final IntArrayList contextOf = new IntArrayList();
    private final IntArrayList kindOf = new IntArrayList();

    private final IntObjectHashMap<Cell> cells = new IntObjectHashMap<>();

    /** @param scope of a screen, the number of the scope of its own facts */
    Heads(CellClasses classes, ToIntFunction<String> scope) {
        this.classes = classes;
        this.scope = scope;
    }

    /** The number of a cell's head. */
    int of(Cell cell) {
        return of(core(Core.of(cell)), context(Context.of(cell)));
    }

    int core(Core core) {
        int number = cores.of(core);
        if (number == scopes.size()) {
            scopes.add(scope.applyAsInt(core.screen()));
            looking.add(lookings.of(classes.looking(core.screen())));
            again.add(UNKNOWN);
            again.set(number, core(core.again()));
        }
        return number;
    }

    int context(Context context) {
        int number = contexts.of(context);
        if (number == surrounding.size()) {
            groundOf.add(grounds.of(context.ground()));
            surrounding.add(surroundings.of(List.of(
                    context.behind(),
                    context.around().stream().map(CellTab::screen).collect(Collectors.toList()))));
        }
        return number;
    }

    int of(int core, int context) {
        long key = Keys.of(core, context);
        int known = heads.getOrDefault(key, UNKNOWN);
        if (known == UNKNOWN) {
            known = coreOf.size();
            heads.put(key, known);
            coreOf.add(core);
            contextOf.add(context);
            kindOf.add(kind(core, context));
        }
        return known;
    }

    private int kind(int core, int context) {
        long seen = Keys.of(context, looking.get(core));
        int view = viewOf.getOrDefault(seen, UNKNOWN);
        if (view == UNKNOWN) {
            view = views.of(classes.view(contexts.get(context), lookings.get(looking.get(core))));
            viewOf.put(seen, view);
        }
        int kind = kinds.getOrDefault(Keys.of(core, view), UNKNOWN);
        if (kind == UNKNOWN) {
            kind = kinds.size();
            kinds.put(Keys.of(core, view), kind);
        }
        return kind;
    }

    /** The cell of a head, with nothing remembered. */
    Cell cell(int head) {
        Cell known = cells.get(head);
        if (known == null) {
            known = cell(head, Facts.NONE);
            cells.put(head, known);
        }
        return known;
    }

    /** The same where that is remembered. */
    Cell cell(int head, Facts facts) {
        return Cell.of(cores.get(coreOf.get(head)), contexts.get(contextOf.get(head)), facts);
    }

    /** The same place come to again: its waits start anew, and no drawer is open. */
    int again(int head) {
        int core = coreOf.get(head);
        return again.get(core) == core ? head : of(again.get(core), contextOf.get(head));
    }

    /** The number of a ground. */
    int ground(Ground ground) {
        return grounds.of(ground);
    }

    /** The number of what lies beneath a head. */
    int groundOf(int head) {
        return groundOf.get(contextOf.get(head));
    }

    /** The same place with another ground beneath. */
    int on(int head, int ground) {
        int context = contextOf.get(head);
        if (groundOf.get(context) == ground) {
            return head;
        }
        int known = contextOn.getOrDefault(Keys.of(context, ground), UNKNOWN);
        if (known == UNKNOWN) {
            known = context(contexts.get(context).on(grounds.get(ground)));
            contextOn.put(Keys.of(context, ground), known);
        }
        return of(coreOf.get(head), known);
    }

    Core coreOf(int head) {
        return cores.get(coreOf.get(head));
    }

    /** The same place in no tab set, on a ground that is not known, and with nothing of a name behind it. */
    int detached(int head) {
        Context in = contextOf(head);
        Behind behind = in.behind() == Behind.NOTHING ? Behind.NOTHING : Behind.ANOTHER_SCREEN;
        return of(
                coreOf.get(head),
                context(new Context(in.level(), behind, 0, Ground.UNKNOWN, in.levels(), List.of(), List.of())));
    }

    int contextNumber(int head) {
        return contextOf.get(head);
    }

    Context contextOf(int head) {
        return contexts.get(contextOf.get(head));
    }

    int kind(int head) {
        return kindOf.get(head);
    }

    /** How a head's place is seen by what does not look behind it or beneath. */
    Object view(int head) {
        return classes.view(contextOf(head), Optional.empty());
    }

    int scope(int head) {
        return scopes.get(coreOf.get(head));
    }

    /** What of a head's context can tell what changes the row of screens. */
    int surrounding(int head) {
        return surrounding.get(contextOf.get(head));
    }
}
