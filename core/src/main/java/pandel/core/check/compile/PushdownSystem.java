package pandel.core.check.compile;

import com.carrotsearch.hppc.LongIntHashMap;
import com.carrotsearch.hppc.LongObjectHashMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Cell.Ground;
import pandel.core.check.turn.Context;
import pandel.core.check.turn.Context.Core;
import pandel.core.check.turn.Rows;
import pandel.core.check.turn.Successors;
import pandel.core.check.turn.Turn;
import pandel.core.check.turn.Turns;
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
    private static final int MOST_RULES = 1_000_000;

    /** Of all tables. */
    private int rules;

    private final Prototype prototype;
    private final Device device;
    private final Relevance relevance;
    private final FollowedScreens named;
    private final Turns turns;
    private final Successors successors;
    private final Rows rows;
    private final Heads heads;
    private final boolean anyTabs;
    private final Valuations valuations = new Valuations();

    private final Numbered<Shape> shapes = new Numbered<>();
    private final Numbered<Pop> pops = new Numbered<>();
    private final LongIntHashMap contextAfter = new LongIntHashMap();

    /** By kind and what the screen's own facts hold. */
    private final LongIntHashMap tableNumbers = new LongIntHashMap();

    private final List<Table> tables = new ArrayList<>();
    private final LongObjectHashMap<Onward> onward = new LongObjectHashMap<>();
    private final Descents descents = new Descents(pops);
    private final LongIntHashMap landings = new LongIntHashMap();

    /** Where nothing is known to differ but what lies behind and beneath. */
    private record Near(Core core, Object view, Facts own) {}

    private record Made(Turns.All what, Table table) {}

    /** What can be done, as it was made, for each that is answered to what was asked; read by later systems. */
    private final Map<Near, List<Made>> made = new ConcurrentHashMap<>();

    private final Map<Near, List<Made>> before;
    private final @Nullable Unchanged unchanged;

    /** @param followed how many screens that links return to are followed together at most */
    public PushdownSystem(Prototype prototype, Device device, Relevance relevance, int followed) {
        this(prototype, device, relevance, followed, Optional.empty());
    }

    /** @param earlier that of a prototype from which this one was made; what still holds of it is taken over */
    public PushdownSystem(
            Prototype prototype, Device device, Relevance relevance, int followed, Optional<PushdownSystem> earlier) {
        this.prototype = prototype;
        this.device = device;
        this.relevance = relevance;
        this.named = FollowedScreens.in(prototype, followed);
        this.turns = new Turns(prototype, device, named, relevance);
        this.successors = new Successors(device, named, relevance, turns.rules());
        this.rows = new Rows(prototype, relevance, successors);
        this.heads = new Heads(
                new CellClasses(prototype, named),
                screen -> valuations.scope(turns.local().on(screen)));
        this.anyTabs = !prototype.tabSets().isEmpty();
        this.before = earlier.map(system -> system.made).orElse(Map.of());
        this.unchanged = earlier.filter(this::followsAlike)
                .map(system -> Unchanged.between(system.prototype, prototype))
                .orElse(null);
    }

    private boolean followsAlike(PushdownSystem earlier) {
        return device.equals(earlier.device) && named.equals(earlier.named) && relevance.isAlike(earlier.relevance);
    }

    /** The number of a cell's head. */
    public int head(Cell cell) {
        return heads.of(cell);
    }

    /** The cell of a head, with nothing remembered. */
    public Cell cell(int head) {
        return heads.cell(head);
    }

    /** The same with what its screen's own facts hold. */
    public Cell cell(int head, int valuation) {
        int own = own(head, valuation);
        return own == Valuations.NONE ? cell(head) : heads.cell(head, valuations.facts(own));
    }

    /** The same place come to again: its waits start anew, and no drawer is open. */
    public int again(int head) {
        return heads.again(head);
    }

    /** A number that tells heads apart as far as anything on their screens looks, behind and beneath. */
    public int kind(int head) {
        return heads.kind(head);
    }

    /** The same place in no tab set, on a ground that is not known, and with nothing of a name behind it. */
    public int detached(int head) {
        return heads.detached(head);
    }

    /** The number of a ground; see {@link #groundOf}. */
    public int ground(Ground ground) {
        return heads.ground(ground);
    }

    /** The number of what lies beneath a head; that of {@link Ground#ITSELF} on a level that holds pages. */
    public int groundOf(int head) {
        return heads.groundOf(head);
    }

    /** The same place with another ground beneath, by its number. */
    public int on(int head, int ground) {
        return heads.on(head, ground);
    }

    /** What can be done at a head while facts hold what they do. */
    public Table at(int head, int valuation) {
        int own = own(head, valuation);
        long key = Keys.of(heads.kind(head), own);
        int known = tableNumbers.getOrDefault(key, UNKNOWN);
        if (known == UNKNOWN) {
            known = table(head, heads.cell(head, valuations.facts(own))).number();
            tableNumbers.put(key, known);
        }
        return tables.get(known);
    }

    private Table table(int head, Cell cell) {
        Core core = heads.coreOf(head);
        Near near = new Near(core, heads.view(head), cell.facts());
        List<Made> all = made.getOrDefault(near, List.of());
        Optional<Made> known =
                all.stream().filter(m -> turns.areThoseAt(cell, m.what())).findFirst();
        if (known.isPresent()) {
            return known.get().table();
        }
        List<Made> earlier =
                unchanged != null && unchanged.holds(core.screen()) ? before.getOrDefault(near, List.of()) : List.of();
        Turns.All what = earlier.stream()
                .map(Made::what)
                .filter(w -> turns.areThoseAt(cell, w))
                .findFirst()
                .orElseGet(() -> turns.at(cell));
        Table table = new Table(this, tables.size(), cell, what);
        tables.add(table);
        rules += table.all().size() + table.doubtful().size();
        made.put(
                near,
                Stream.concat(all.stream(), Stream.of(new Made(what, table))).toList());
        return table;
    }

    /**
     * Whether more rules were made than there is room and time for; then whoever searches gives up. Seen: 0.7 million
     * in 21 s; 8.5 million in 6.5 GB and over 20 minutes, not yet at the end.
     */
    public boolean isTooLarge() {
        return rules > MOST_RULES;
    }

    /** What that does to the row of screens. */
    public Onward onward(int head, Table table) {
        long key = Keys.of(table.number(), heads.surrounding(head));
        Onward known = onward.get(key);
        if (known == null) {
            known = Onward.of(rows, cell(head), table.turns(), table.back());
            onward.put(key, known);
        }
        return known;
    }

    /** Whether something there is done beneath, and what it uncovers is not exactly known. */
    public boolean isInexact(int head, Table table) {
        Context context = heads.contextOf(head);
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
                to[i] = heads.core(new Core(core.screen(), turn.held(), core.at(), turn.waited(), turn.drawer()));
                shape[i] = Table.SAME_CONTEXT;
            } else if (its.isEmpty()) {
                to[i] = Table.NOWHERE;
            } else if (turn.drawer().isPresent()) {
                to[i] = UNKNOWN;
                shape[i] = Table.EACH_APART;
            } else {
                to[i] = heads.core(successors.core(core, turn));
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
        int context = heads.contextNumber(head);
        if (shape == Table.SAME_CONTEXT) {
            return heads.of(core, context);
        }
        int known = contextAfter.getOrDefault(Keys.of(context, shape), UNKNOWN);
        if (known == UNKNOWN) {
            known = successors
                    .uncovered(cell(head), turn)
                    .map(cell -> heads.context(Context.of(cell)))
                    .orElse(NONE);
            contextAfter.put(Keys.of(context, shape), known);
        }
        return known == NONE ? Table.NOWHERE : heads.of(core, known);
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
        return valuation == Valuations.NONE ? valuation : valuations.within(heads.scope(head), valuation);
    }

    /** What all facts hold after a head's screen's own came to hold something. */
    public int after(int head, int valuation, int own) {
        return valuations.changed(heads.scope(head), valuation, own);
    }

    public Pop pop(int number) {
        return pops.get(number);
    }

    public int pop(Pop pop) {
        return pops.of(pop);
    }

    /** What becomes of what goes in a way when it comes down to a head from one above; see {@link Descents}. */
    public int descent(int head, int above, int pop) {
        return descents.of(heads, head, above, pop);
    }

    /** The head that comes when something that went in a way has come down to another head. */
    public int landing(int head, int pop) {
        long key = Keys.of(head, pop);
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
