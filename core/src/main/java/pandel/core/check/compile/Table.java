package pandel.core.check.compile;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Turn;
import pandel.core.check.turn.Turns;
import pandel.core.play.rule.TrailAction;

/**
 * What can be done at a head while its screen's own facts hold certain values: the rules of the pushdown system for it.
 * Each turn is numbered by its place among {@link #all()}.
 */
public final class Table {

    /** Where nothing leads. */
    public static final int NOWHERE = -1;

    /** What a turn does to the stack of places. */
    public enum Move {
        /** Another place stands in place of this one, or the same with something else known of it. */
        SWAP,
        /** A place is put or opened on this one. */
        PUSH,
        /** This one goes, and maybe more; see {@link Table#pop}. */
        POP,
        /** Everything goes, and another place begins. */
        RESTART,
        /** The prototype is left. */
        LEAVE
    }

    /** For a turn that leads to another place in the same context. */
    static final int SAME_CONTEXT = -2;
    /** For a turn of which the context alone says where it leads. */
    static final int EACH_APART = -3;

    private final int number;
    private final Cell cell;
    private final Turns.All what;
    private final List<Turn> turns;
    private final List<Turn> all;
    private final List<Turn> doubtful;
    private final Ahead sure;
    private final Ahead perhaps;
    private final Move[] move;
    private final int[] pop;
    private final Route[] routes;
    private final boolean[] uncertain;
    private final boolean covers;

    /**
     * Where turns lead.
     *
     * @param core number of the core of each, or {@link #NOWHERE}
     * @param shape number of the shape of each, or that it needs none
     * @param own what the screen's own facts hold after each
     */
    record Ahead(int[] core, int[] shape, int[] own) {}

    /**
     * @param number from 0 on
     * @param cell one of those at which it can be done, with what its screen's own facts hold
     */
    Table(PushdownSystem system, int number, Cell cell, Turns.All what) {
        this.number = number;
        this.cell = cell;
        this.what = what;
        this.turns = what.here().sure();
        List<Turn> back = what.back().sure();
        this.all = back.isEmpty()
                ? turns
                : Stream.concat(turns.stream(), back.stream()).toList();
        this.doubtful = Stream.concat(what.here().doubtful().stream(), what.back().doubtful().stream())
                .toList();
        this.sure = system.ahead(cell, all);
        this.perhaps = system.ahead(cell, doubtful);
        int size = all.size();
        this.move = new Move[size];
        this.pop = new int[size];
        this.routes = new Route[size];
        this.uncertain = new boolean[size];
        for (int i = 0; i < size; i++) {
            Turn turn = all.get(i);
            Optional<Pop> goes = Pop.of(cell, turn, system.relevance());
            pop[i] = goes.map(system::pop).orElse(NOWHERE);
            move[i] = move(turn.actions().getFirst(), goes.isPresent());
            uncertain[i] = system.rows().isUncertain(turn);
            Route route = Route.NONE.and(turn.events());
            routes[i] = isAssuming(turn, system.relevance()) ? route.assuming() : route;
        }
        this.covers = all.stream().anyMatch(Turn::covers);
    }

    /**
     * Whether it shows a tab as if that had been left at its root, where something may have taken the root's place, or
     * chooses the action of a notice as if that still stood.
     */
    private static boolean isAssuming(Turn turn, Relevance relevance) {
        return !relevance.notice().isEmpty() && turn.choosesAction()
                || turn.actions().getLast() instanceof TrailAction.ShowTab show
                        && relevance.tabs().mayReplaceRoots(show.set());
    }

    private static Move move(TrailAction first, boolean goes) {
        return switch (first) {
            case TrailAction.Leave l -> Move.LEAVE;
            case TrailAction.Restart r -> Move.RESTART;
            case TrailAction.Put p -> Move.PUSH;
            case TrailAction.Raise r -> Move.PUSH;
            default -> goes ? Move.POP : Move.SWAP;
        };
    }

    /** Tells it from the others of its system. */
    public int number() {
        return number;
    }

    /** One of the cells at which it can be done, with what its screen's own facts hold. */
    public Cell cell() {
        return cell;
    }

    public Turns.All what() {
        return what;
    }

    /** What surely does something, without device back. */
    public List<Turn> turns() {
        return turns;
    }

    /** What device back does: one for each outcome of the screen's own link for it. */
    public List<Turn> back() {
        return what.back().sure();
    }

    /** Everything that surely does something, device back last. */
    public List<Turn> all() {
        return all;
    }

    /** What may do something. */
    public List<Turn> doubtful() {
        return doubtful;
    }

    Ahead sure() {
        return sure;
    }

    Ahead perhaps() {
        return perhaps;
    }

    /** What the screen's own facts hold after a turn. */
    public int own(int turn) {
        return sure.own()[turn];
    }

    /** The same of what may do something. */
    public int doubtfulOwn(int turn) {
        return perhaps.own()[turn];
    }

    public Move move(int turn) {
        return move[turn];
    }

    /** The number of the way in which the place goes, for a {@link Move#POP}. */
    public int pop(int turn) {
        return pop[turn];
    }

    public Route route(int turn) {
        return routes[turn];
    }

    /** Whether a turn shows a tab as it was left, from where its root need not be come to. */
    public boolean isUncertain(int turn) {
        return uncertain[turn];
    }

    /** Whether anything leaves the place covered. */
    public boolean covers() {
        return covers;
    }

    /** Ids of links that may return to a screen, which is not known. */
    public Set<String> doubted() {
        return what.doubted();
    }
}
