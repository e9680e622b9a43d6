package pandel.core.check.compile;

import com.carrotsearch.hppc.IntArrayList;
import com.carrotsearch.hppc.IntObjectHashMap;
import com.carrotsearch.hppc.LongIntHashMap;
import com.carrotsearch.hppc.LongObjectHashMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import pandel.core.check.compile.Cell.Ground;
import pandel.core.check.compile.Context.Core;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.value.Facts;
import pandel.core.play.rule.TrailAction;

/**
 * A prototype on one device as a pushdown system. A <i>head</i> is a cell whatever is remembered there, by number: a
 * core in a context. What can be done at it stands in a {@link Table}, one for all heads at which the same can be done,
 * for each valuation of its screen's own facts. Everything is made when first asked for and then kept, so that searches
 * deal in numbers. Not for several threads at once.
 */
public final class PushdownSystem {

    private static final int UNKNOWN = -1;
    private static final int NONE = -2;

    private final Prototype prototype;
    private final Device device;
    private final Relevance relevance;
    private final FollowedScreens named;
    private final Turns turns;
    private final Successors successors;
    private final Rows rows;
    private final CellClasses classes;
    private final boolean anyTabs;
    private final Valuations valuations = new Valuations();

    private final Numbered<Core> cores = new Numbered<>();
    private final Numbered<Context> contexts = new Numbered<>();
    private final Numbered<Shape> shapes = new Numbered<>();
    private final Numbered<Pop> pops = new Numbered<>();
    private final Numbered<Object> views = new Numbered<>();
    private final Numbered<Optional<Integer>> lookings = new Numbered<>();
    private final Numbered<Object> surroundings = new Numbered<>();

    /** Of each core: the scope of its screen's facts, how its screen looks back, and the core come to again. */
    private final IntArrayList scopes = new IntArrayList();

    private final IntArrayList looking = new IntArrayList();
    private final IntArrayList again = new IntArrayList();
    /** Of each context, what of it can tell what changes the row of screens. */
    private final IntArrayList surrounding = new IntArrayList();
    /** By context and how a screen looks back; by core and view; by context and shape. */
    private final LongIntHashMap viewOf = new LongIntHashMap();

    private final LongIntHashMap kinds = new LongIntHashMap();
    private final LongIntHashMap contextAfter = new LongIntHashMap();

    private final LongIntHashMap heads = new LongIntHashMap();
    private final IntArrayList coreOf = new IntArrayList();
    private final IntArrayList contextOf = new IntArrayList();
    private final IntArrayList kindOf = new IntArrayList();

    /** By kind and what the screen's own facts hold. */
    private final LongIntHashMap tableNumbers = new LongIntHashMap();

    private final List<Table> tables = new ArrayList<>();
    private final LongObjectHashMap<Onward> onward = new LongObjectHashMap<>();
    private final LongIntHashMap landings = new LongIntHashMap();
    private final IntObjectHashMap<Cell> cells = new IntObjectHashMap<>();

    /** @param followed how many screens that links return to are followed together at most */
    public PushdownSystem(Prototype prototype, Device device, Relevance relevance, int followed) {
        this.prototype = prototype;
        this.device = device;
        this.relevance = relevance;
        this.named = FollowedScreens.in(prototype, followed);
        this.turns = new Turns(prototype, device, named, relevance);
        this.successors = new Successors(device, named, relevance, turns.rules());
        this.rows = new Rows(prototype, relevance, successors);
        this.classes = new CellClasses(prototype, named);
        this.anyTabs = !prototype.tabSets().isEmpty();
    }

    private static long pair(int a, int b) {
        return ((long) a << Integer.SIZE) | b;
    }

    /** The number of a cell's head. */
    public int head(Cell cell) {
        return head(core(Core.of(cell)), context(Context.of(cell)));
    }

    private int core(Core core) {
        int number = cores.of(core);
        if (number == scopes.size()) {
            scopes.add(valuations.scope(turns.local().on(core.screen())));
            looking.add(lookings.of(classes.looking(core.screen())));
            again.add(UNKNOWN);
            again.set(number, core(core.again()));
        }
        return number;
    }

    private int context(Context context) {
        int number = contexts.of(context);
        if (number == surrounding.size()) {
            surrounding.add(surroundings.of(List.of(
                    context.behind(),
                    context.around().stream().map(CellTab::screen).collect(Collectors.toList()))));
        }
        return number;
    }

    private int head(int core, int context) {
        long key = pair(core, context);
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
        long seen = pair(context, looking.get(core));
        int view = viewOf.getOrDefault(seen, UNKNOWN);
        if (view == UNKNOWN) {
            view = views.of(classes.view(contexts.get(context), lookings.get(looking.get(core))));
            viewOf.put(seen, view);
        }
        int kind = kinds.getOrDefault(pair(core, view), UNKNOWN);
        if (kind == UNKNOWN) {
            kind = kinds.size();
            kinds.put(pair(core, view), kind);
        }
        return kind;
    }

    /** The cell of a head, with nothing remembered. */
    public Cell cell(int head) {
        Cell known = cells.get(head);
        if (known == null) {
            known = cell(head, Facts.NONE);
            cells.put(head, known);
        }
        return known;
    }

    /** The same with what its screen's own facts hold. */
    public Cell cell(int head, int valuation) {
        int own = own(head, valuation);
        return own == Valuations.NONE ? cell(head) : cell(head, valuations.facts(own));
    }

    private Cell cell(int head, Facts facts) {
        return Cell.of(cores.get(coreOf.get(head)), contexts.get(contextOf.get(head)), facts);
    }

    /** The same place come to again: its waits start anew, and no drawer is open. */
    public int again(int head) {
        int core = coreOf.get(head);
        return again.get(core) == core ? head : head(again.get(core), contextOf.get(head));
    }

    /** The same place with something else beneath. */
    public int on(int head, Ground ground) {
        return head(coreOf.get(head), context(contexts.get(contextOf.get(head)).on(ground)));
    }

    /** What can be done at a head while facts hold what they do. */
    public Table at(int head, int valuation) {
        int own = own(head, valuation);
        long key = pair(kindOf.get(head), own);
        int known = tableNumbers.getOrDefault(key, UNKNOWN);
        if (known == UNKNOWN) {
            Cell cell = cell(head, valuations.facts(own));
            known = tables.size();
            tables.add(new Table(this, known, cell, turns.at(cell)));
            tableNumbers.put(key, known);
        }
        return tables.get(known);
    }

    /** What that does to the row of screens. */
    public Onward onward(int head, Table table) {
        long key = pair(table.number(), surrounding.get(contextOf.get(head)));
        Onward known = onward.get(key);
        if (known == null) {
            known = Onward.of(this, cell(head), table);
            onward.put(key, known);
        }
        return known;
    }

    /** Whether something there is done beneath, and what it uncovers is not exactly known. */
    public boolean isInexact(int head, Table table) {
        Context context = contexts.get(contextOf.get(head));
        return !context.around().isEmpty()
                || !context.past().isEmpty()
                || anyTabs && context.ground() != Ground.ITSELF
                || relevance.goesBeneath()
                        && table.all().stream()
                                .anyMatch(t -> t.actions().getFirst() instanceof TrailAction.CloseToPages
                                        && (context.level().holdsPages()
                                                || !context.ground().level().base()
                                                || t.actions().getLast() instanceof TrailAction.Drop
                                                || t.actions().getLast() instanceof TrailAction.CloseLevel));
    }

    /** Of what stays in the cores and contexts, where turns lead. */
    Table.Ahead ahead(Cell cell, List<Turn> all) {
        int mark = cell.mark(named);
        Core core = Core.of(cell);
        int[] to = new int[all.size()];
        int[] shape = new int[all.size()];
        int[] own = new int[all.size()];
        for (int i = 0; i < to.length; i++) {
            Turn turn = all.get(i);
            own[i] = valuations.of(turn.facts());
            Optional<Shape> its = Shape.of(core, turn, mark, anyTabs);
            if (turn.stays()) {
                to[i] = core(new Core(core.screen(), turn.held(), core.at(), turn.waited(), turn.drawer()));
                shape[i] = Table.SAME_CONTEXT;
            } else if (its.isEmpty()) {
                to[i] = Table.NOWHERE;
            } else if (turn.drawer().isPresent()) {
                to[i] = UNKNOWN;
                shape[i] = Table.EACH_APART;
            } else {
                to[i] = core(successors.core(core, turn));
                shape[i] = shapes.of(its.get());
            }
        }
        return new Table.Ahead(to, shape, own);
    }

    /** The head that a turn newly leads to; {@link Table#NOWHERE} when it goes back to one that was come to before. */
    public int to(int head, Table table, int turn) {
        return to(head, table.all().get(turn), table.sure(), turn);
    }

    /** The same of what may do something. */
    public int toPerhaps(int head, Table table, int turn) {
        return to(head, table.doubtful().get(turn), table.perhaps(), turn);
    }

    private int to(int head, Turn turn, Table.Ahead ahead, int number) {
        int core = ahead.core()[number];
        int shape = ahead.shape()[number];
        if (shape == Table.EACH_APART) {
            return successors.uncovered(cell(head), turn).map(this::head).orElse(Table.NOWHERE);
        }
        if (core == Table.NOWHERE) {
            return Table.NOWHERE;
        }
        int context = contextOf.get(head);
        if (shape == Table.SAME_CONTEXT) {
            return head(core, context);
        }
        int known = contextAfter.getOrDefault(pair(context, shape), UNKNOWN);
        if (known == UNKNOWN) {
            known = successors
                    .uncovered(cell(head), turn)
                    .map(cell -> context(Context.of(cell)))
                    .orElse(NONE);
            contextAfter.put(pair(context, shape), known);
        }
        return known == NONE ? Table.NOWHERE : head(core, known);
    }

    /**
     * Places with the same row of screens that turns lead to, where yet other things may lead on.
     *
     * @param own what the screen's own facts hold at each
     */
    public record Same(int[] heads, int[] own) {}

    /** @param byBack those that device back leads to, or else all others */
    public Same same(int head, int valuation, Table table, boolean byBack) {
        Cell cell = cell(head, valuation);
        List<Cell> same = (byBack ? table.back() : table.turns())
                .stream()
                        .flatMap(turn -> rows.same(cell, turn).stream())
                        .distinct()
                        .toList();
        return new Same(
                same.stream().mapToInt(this::head).toArray(),
                same.stream().mapToInt(c -> valuations.of(c.facts())).toArray());
    }

    /** What a head's screen's own facts hold. */
    public int own(int head, int valuation) {
        return valuation == Valuations.NONE ? valuation : valuations.within(scopes.get(coreOf.get(head)), valuation);
    }

    /** What all facts hold after a head's screen's own came to hold something. */
    public int after(int head, int valuation, int own) {
        return valuations.changed(scopes.get(coreOf.get(head)), valuation, own);
    }

    public Pop pop(int number) {
        return pops.get(number);
    }

    public int pop(Pop pop) {
        return pops.of(pop);
    }

    /** The head that comes when something that went in a way has come down to another head. */
    public int landing(int head, int pop) {
        long key = pair(head, pop);
        int known = landings.getOrDefault(key, UNKNOWN);
        if (known == UNKNOWN) {
            known = after(head, pops.get(pop).then(prototype));
            landings.put(key, known);
        }
        return known;
    }

    /** The head that an action of its own leads to from another; the action goes forward. */
    public int after(int head, TrailAction forward) {
        Cell cell = cell(head);
        return head(successors
                .uncovered(
                        cell,
                        new Turn(
                                List.of(),
                                Optional.empty(),
                                List.of(forward),
                                Facts.NONE,
                                cell.held(),
                                0,
                                Optional.empty()))
                .orElseThrow());
    }

    /** Whether a turn shows a tab as it was left, from where its root need not be come to. */
    boolean isUncertain(Turn turn) {
        return turn.actions().getLast() instanceof TrailAction.ShowTab show
                && !relevance.tabs().comesFresh(show.set());
    }

    public Prototype prototype() {
        return prototype;
    }

    public Device device() {
        return device;
    }

    public Relevance relevance() {
        return relevance;
    }

    public FollowedScreens named() {
        return named;
    }

    public Turns turns() {
        return turns;
    }

    public Valuations valuations() {
        return valuations;
    }

    Rows rows() {
        return rows;
    }
}
