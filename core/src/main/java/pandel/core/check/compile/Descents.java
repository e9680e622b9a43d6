package pandel.core.check.compile;

import com.carrotsearch.hppc.LongIntHashMap;
import pandel.core.check.compile.Pop.Going;
import pandel.core.check.turn.Cell;

/**
 * What becomes of what goes in a way when it comes down to a place: the number of the way in which it goes on, or that
 * it has come to its end there. Depends on the place's head, the way, and of what lay above only on whether its level
 * ends with it, and on whether it is in the frame that the way leads down to.
 */
public final class Descents {

    /** It ends here, and the place is current again. */
    public static final int UNCOVERS = -1;
    /** It ends here, and something comes in the place's stead. */
    public static final int LANDS = -2;
    /** It ends here, and something comes above. */
    public static final int LANDS_ABOVE = -3;

    private static final int UNKNOWN = -4;

    private final Numbered<Pop> pops;
    private final LongIntHashMap known = new LongIntHashMap();
    private final LongIntHashMap knownWhenFirst = new LongIntHashMap();

    Descents(Numbered<Pop> pops) {
        this.pops = pops;
    }

    /** @param above the head of what lay directly above the place */
    int of(Heads heads, int head, int above, int number) {
        Pop pop = pops.get(number);
        if (pop.going() == Going.DOWN_TO) {
            return downTo(pop, number, heads.cell(head), heads.cell(above));
        }
        boolean first = heads.cell(above).first();
        LongIntHashMap map = first ? knownWhenFirst : known;
        long key = Keys.of(head, number);
        int descent = map.getOrDefault(key, UNKNOWN);
        if (descent == UNKNOWN) {
            descent = of(pop, number, heads.cell(head), first);
            map.put(key, descent);
        }
        return descent;
    }

    private static int downTo(Pop pop, int number, Cell cell, Cell above) {
        return cell.isNamed(pop.screen()) || cell.isIn(pop.screen()) && !above.isIn(pop.screen()) ? UNCOVERS : number;
    }

    private int of(Pop pop, int number, Cell cell, boolean leavesLevel) {
        boolean onGround = leavesLevel && cell.level().holdsPages();
        return switch (pop.going()) {
            case PLACE -> UNCOVERS;
            case LEVEL -> leavesLevel ? UNCOVERS : number;
            case DOWN_TO -> throw new IllegalArgumentException("depends on what lay above: " + pop);
            case TO_ROOT -> cell.isRootOf(pop.screen()) ? UNCOVERS : number;
            case SHOW_TAB -> cell.isRootOf(pop.set()) ? LANDS : number;
            case SWAP_OUT -> cell.isWithinTabs() || cell.around().isEmpty() ? number : LANDS;
            default -> onGround ? onGround(pop, cell) : number;
        };
    }

    /** Of what goes down to the pages first, and does something there. */
    private int onGround(Pop pop, Cell cell) {
        return switch (pop.going()) {
            case TO_PAGES -> UNCOVERS;
            case TO_PAGES_AND_PUT, TO_PAGES_AND_RAISE -> LANDS_ABOVE;
            case TO_PAGES_AND_TURN -> LANDS;
            case TO_PAGES_AND_SWAP ->
                pop.leavesTabs() && cell.isWithinTabs() ? pops.of(pop.going(Going.SWAP_OUT)) : LANDS;
            case TO_PAGES_AND_TAB -> cell.isRootOf(pop.set()) ? LANDS : pops.of(pop.going(Going.SHOW_TAB));
            case TO_PAGES_AND_ROOT ->
                cell.isRootOf(pop.screen()) ? UNCOVERS : pops.of(Pop.of(Going.TO_ROOT, pop.screen()));
            case TO_PAGES_AND_BACK -> pops.of(Pop.of(cell.first() ? Going.LEVEL : Going.PLACE, ""));
            case TO_PAGES_AND_DOWN_TO -> pops.of(Pop.of(Going.DOWN_TO, pop.screen()));
            case PLACE, LEVEL, DOWN_TO, TO_ROOT, SHOW_TAB, SWAP_OUT ->
                throw new IllegalArgumentException("goes nowhere near the pages: " + pop);
        };
    }
}
