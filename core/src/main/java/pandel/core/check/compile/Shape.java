package pandel.core.check.compile;

import java.util.List;
import java.util.Optional;
import pandel.core.check.turn.Context;
import pandel.core.check.turn.Turn;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.play.rule.LevelKind;
import pandel.core.play.rule.TrailAction;

/**
 * As much of a turn, and of the place it is done at, as decides which context the next place lies in. Few, so that
 * contexts are worked out once for many turns.
 *
 * @param closes whether it is done on the pages beneath
 * @param same whether it shows the same screen
 * @param mark of the place it is done at
 * @param at of the place it is done at, where something is opened on that
 * @param screen id of the one it shows, where it is in tabs or could be
 * @param opened the kind of the level that it opens
 * @param set id of the tab set in which it shows a tab
 */
record Shape(
        Kind kind,
        boolean closes,
        boolean same,
        int mark,
        Optional<AtPage> at,
        boolean leavesTabs,
        List<InTab> tabs,
        String screen,
        Optional<LevelKind> opened,
        String set) {

    /** What becomes of the place it is done at. */
    enum Kind {
        PUT,
        SWAP,
        TURN,
        SHOW_TAB,
        RAISE,
        RESTART
    }

    /**
     * That of a turn; empty where it does not go forward to another place.
     *
     * @param mark that of the place
     * @param anyTabs whether there are tab sets at all
     */
    static Optional<Shape> of(Context.Core core, Turn turn, int mark, boolean anyTabs) {
        if (!(turn.actions().getLast() instanceof TrailAction.Forward to)) {
            return Optional.empty();
        }
        boolean raises = to instanceof TrailAction.Raise;
        return Optional.of(new Shape(
                kind(to),
                turn.actions().size() > 1 && turn.actions().getFirst() instanceof TrailAction.CloseToPages,
                to.screen().id().equals(core.screen()),
                mark,
                raises ? core.at() : Optional.empty(),
                to.to().leavesTabs(),
                to.to().tabs(),
                anyTabs ? to.screen().id() : "",
                raises ? Optional.of(LevelKind.openedWith(to.screen())) : Optional.empty(),
                to instanceof TrailAction.ShowTab show ? show.set() : ""));
    }

    private static Kind kind(TrailAction.Forward to) {
        return switch (to) {
            case TrailAction.Put p -> Kind.PUT;
            case TrailAction.Swap s -> Kind.SWAP;
            case TrailAction.Turn t -> Kind.TURN;
            case TrailAction.StepRow s -> Kind.SWAP;
            case TrailAction.ShowTab s -> Kind.SHOW_TAB;
            case TrailAction.Raise r -> Kind.RAISE;
            case TrailAction.Restart r -> Kind.RESTART;
        };
    }
}
