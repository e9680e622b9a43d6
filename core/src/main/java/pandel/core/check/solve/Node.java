package pandel.core.check.solve;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.Cell;
import pandel.core.check.compile.Idle;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Turn;
import pandel.core.model.start.Start;

/** A cell come to. */
public final class Node {
    public final Cell cell;
    public final int distance;
    /** Counted from 0 in the order in which cells are come to. */
    public int number;

    final Route route;
    final Start start;
    /** What can be done here and does something, without device back. */
    public List<Turn> turns = List.of();
    /** What each turn, device back among them, newly uncovers; made when first asked for. */
    @Nullable
    List<Optional<Node>> next;
    /** What device back does: one for each outcome of the screen's own link for it. */
    public List<Turn> back = List.of();
    /** Ids of links that may return to a screen, which is not known. */
    Set<String> doubted = Set.of();
    /** What surely comes to nothing here, device back among it. */
    List<Idle> idle = List.of();
    /** Turns and back, once asked for. */
    private @Nullable List<Turn> all;

    public boolean movesOn;
    public boolean mayComeToItself;
    public boolean movesOnByBack;
    public boolean mayComeToItselfByBack;
    /** Where the same row of screens stays current and yet other things may lead on. */
    public final Set<Cell> stays = new LinkedHashSet<>(2);

    public final Set<Cell> staysByBack = new LinkedHashSet<>(1);

    /** The same place come to again with other facts, by what was put or opened on it and went again. */
    public List<Again> agains = List.of();
    /** Whether what can be done here was looked at; not when the search was given up before. */
    boolean looked;
    /**
     * Whether some of its waits are spent, and it may be covered and uncovered, so that all begin anew, which is not
     * followed.
     */
    boolean mayBeginAnew;
    /**
     * Whether not everything it leads to was looked at, or it may be covered and uncovered with other facts, which is
     * not followed.
     */
    public boolean mayComeAgain;

    Node(Cell cell, int distance, Route route, Start start) {
        this.cell = cell;
        this.distance = distance;
        this.route = route;
        this.start = start;
    }

    /** Everything that can be done here and does something, device back last. */
    public List<Turn> all() {
        if (all == null) {
            all = back.isEmpty()
                    ? turns
                    : Stream.concat(turns.stream(), back.stream()).toList();
        }
        return all;
    }

    /** Takes what was found out about the same cell. */
    void takeFrom(Node other) {
        turns = other.turns;
        all = null;
        next = null;
        back = other.back;
        doubted = other.doubted;
        idle = other.idle;
        looked = other.looked;
        movesOn = other.movesOn;
        mayComeToItself = other.mayComeToItself;
        movesOnByBack = other.movesOnByBack;
        mayComeToItselfByBack = other.mayComeToItselfByBack;
        stays.addAll(other.stays);
        staysByBack.addAll(other.staysByBack);
    }

    /** Whether what it leads to is not fully known. */
    public boolean isDoubted() {
        return !looked || mayBeginAnew || !doubted.isEmpty();
    }

    /** The same place with other facts, and the shortest way there from what is put on it till it is uncovered. */
    public record Again(Node node, Route by) {}
}
