package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.model.Prototype;
import pandel.core.play.rule.StackQuery;

/** What rules can ask of what lies behind a cell and beneath it, as far as the cell keeps it. */
public final class MarkedStackQuery implements StackQuery {
    private final Prototype prototype;
    private final FollowedScreens named;
    private final Cell cell;

    MarkedStackQuery(Prototype prototype, FollowedScreens named, Cell cell) {
        this.prototype = prototype;
        this.named = named;
        this.cell = cell;
    }

    @Override
    public Found behind(String screen) {
        return cell.first() ? Found.ABSENT : found(cell.marks(), screen);
    }

    @Override
    public Optional<StackQuery.Ground> ground() {
        return cell.ground() == Cell.Ground.UNKNOWN || cell.level().base()
                ? Optional.empty()
                : Optional.of(new StackQuery.KnownGround(
                        cell.ground().level().base(),
                        cell.ground().first(),
                        cell.ground().levels(),
                        cell.ground().at(),
                        CellTab.around(cell.ground().around())));
    }

    @Override
    public Found onGround(String screen) {
        return found(cell.ground().current(), screen);
    }

    @Override
    public Found behindGround(String screen) {
        return cell.ground().first() ? Found.ABSENT : found(cell.ground().marks(), screen);
    }

    @Override
    public Set setBehind(String set) {
        return lying(set, cell.past(), !cell.first());
    }

    @Override
    public Set setOnGround(String set) {
        boolean around = cell.ground().around().stream().anyMatch(i -> i.set().equals(set));
        return cell.ground() == Cell.Ground.UNKNOWN
                ? new Set(Found.UNKNOWN, List.of())
                : lying(
                        set,
                        around ? cell.ground().around() : cell.ground().past(),
                        around || !cell.ground().first());
    }

    /** Of all sets that lie behind only the nearest is known of. */
    private Set lying(String set, List<CellTab> known, boolean anything) {
        return known.stream().anyMatch(i -> i.set().equals(set))
                ? new Set(Found.THERE, CellTab.around(known))
                : new Set(
                        anything
                                        && (!known.isEmpty() || !cell.around().isEmpty())
                                        && prototype.tabSets().size() > 1
                                ? Found.UNKNOWN
                                : Found.ABSENT,
                        List.of());
    }

    private Found found(int marks, String screen) {
        return named.isUnfollowed(screen)
                ? Found.UNKNOWN
                : (marks & named.mark(screen)) == 0 ? Found.ABSENT : Found.THERE;
    }
}
