package pandel.core.check.solve;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.compile.Route;
import pandel.core.check.compile.Table;
import pandel.core.check.turn.Cell;
import pandel.core.check.turn.Idle;
import pandel.core.check.turn.Turn;
import pandel.core.model.start.Start;

/** A place come to: a head with what facts hold there. */
public final class Node {

    /** The cell, with what its screen's own facts hold; of the others it does not say what they hold. */
    public final Cell cell;

    public final int distance;
    /** Counted from 0 in the order in which places are come to. */
    public int number;

    private final PushdownSystem system;
    final int head;
    final int valuation;
    final Route route;
    final Start start;
    /** What can be done here; none when the search was given up before it was looked at. */
    private final @Nullable Table table;
    /** Numbers of the nodes that each turn newly uncovers; {@link Places#NONE} for none. */
    int[] next = {};

    /** The same place come to again with other facts, by what was put or opened on it and went again. */
    public List<Again> agains = List.of();
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

    Node(PushdownSystem system, int head, int valuation, @Nullable Table table, Route route, Start start) {
        this.system = system;
        this.head = head;
        this.valuation = valuation;
        this.cell = system.cell(head, valuation);
        this.table = table;
        this.distance = route.length();
        this.route = route;
        this.start = start;
    }

    /** It is not known whether it is come to again as some others are. */
    void forget(Set<Node> others) {
        if (agains.stream().anyMatch(again -> others.contains(again.node()))) {
            agains = agains.stream()
                    .filter(again -> !others.contains(again.node()))
                    .toList();
            mayComeAgain = true;
        }
    }

    /** What surely does something, without device back. */
    public List<Turn> turns() {
        return table == null ? List.of() : table.turns();
    }

    /** What device back does: one for each outcome of the screen's own link for it. */
    public List<Turn> back() {
        return table == null ? List.of() : table.back();
    }

    /** Everything that can be done here and does something, device back last. */
    public List<Turn> all() {
        return table == null ? List.of() : table.all();
    }

    /** What can be done here; null when the search was given up before it was looked at. */
    @Nullable
    Table table() {
        return table;
    }

    /** What surely comes to nothing here, device back among it. */
    List<Idle> idle() {
        return table == null ? List.of() : table.what().idle();
    }

    /** Ids of links that may return to a screen, which is not known. */
    Set<String> doubted() {
        return table == null ? Set.of() : table.doubted();
    }

    public boolean movesOn() {
        return table != null && system.onward(head, table).movesOn();
    }

    public boolean movesOnByBack() {
        return table != null && system.onward(head, table).movesOnByBack();
    }

    public boolean mayComeToItself() {
        return table != null && system.onward(head, table).mayComeToItself();
    }

    public boolean mayComeToItselfByBack() {
        return table != null && system.onward(head, table).mayComeToItselfByBack();
    }

    /** Whether what it leads to is not fully known. */
    public boolean isDoubted() {
        return table == null || mayBeginAnew || !table.doubted().isEmpty();
    }

    /** Whether something there is done beneath, and what it uncovers is not exactly known. */
    public boolean isInexact() {
        return table != null && system.isInexact(head, table);
    }

    /** The same place with other facts, and the shortest way there from what is put on it till it is uncovered. */
    public record Again(Node node, Route by) {}
}
