package pandel.desktop.frames;

import java.util.List;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.screen.PanelSide;

/** What is said of a drawer's panel: how it comes, how large it is, how dark and of which colours. */
final class DrawerSaying {

    private static final String TYPE = "Press and type";
    /** Hundredths of the width that one takes at first. */
    private static final int USUAL_SHARE = 75;

    private final DrawerDesk desk;

    DrawerSaying(DrawerDesk desk) {
        this.desk = desk;
    }

    void comes(Drawer drawer) {
        Panel panel = drawer.panel();
        Saying line = desk.say()
                .words("It comes")
                .one(
                        "drawer-side",
                        "The side it comes from",
                        List.of(PanelSide.values()),
                        panel.side(),
                        side -> "from the " + side.word(),
                        side -> desk.panel(
                                "let “" + drawer.shownTitle() + "” come from the " + side.word(),
                                p -> p.withSide(side)))
                .words("and")
                .one(
                        "drawer-moves",
                        "How it comes: over the page, beneath a page that moves and shrinks, beside a page that moves, "
                                + "or it is always there on a wide device",
                        List.of(Moves.values()),
                        panel.moves(),
                        DrawerSaying::words,
                        moves -> desk.panel(
                                "let “" + drawer.shownTitle() + "” come otherwise", p -> p.withMoves(moves)));
        if (panel.moves() == Moves.REVEALS) {
            line.words("which shrinks to")
                    .number(
                            "drawer-shrinks",
                            "% of the page",
                            panel.shrinks(),
                            Panel.LEAST_SHRUNK,
                            100,
                            TYPE,
                            n -> n + " %",
                            n -> desk.panel("shrink the page to " + n + " %", p -> p.withShrinks(n)));
        }
        if (panel.moves() == Moves.STAYS) {
            line.words("from")
                    .number(
                            "drawer-from",
                            "px from which on",
                            panel.from(),
                            1,
                            10_000,
                            TYPE,
                            n -> n + " px on",
                            n -> desk.panel("let it stay from " + n + " px on", p -> p.withFrom(n)));
        }
        desk.say()
                .either(
                        "drawer-outside",
                        "What a tap beside it does",
                        drawer.outside(),
                        "A tap beside it closes it",
                        "A tap beside it does nothing",
                        closes -> desk.put(
                                closes ? "let a tap beside it close it" : "let a tap beside it do nothing",
                                d -> d.withOutside(closes)))
                .words("and a finger draws it in from")
                .number(
                        "drawer-reach",
                        "px reach",
                        panel.reach(),
                        0,
                        400,
                        "How far from the edge a finger begins to draw it; 0: it does not",
                        n -> n == 0 ? "nowhere" : n + " px of the edge",
                        n -> desk.panel("reach it within " + n + " px", p -> p.withReach(n)));
    }

    void lies(Drawer drawer) {
        Panel panel = drawer.panel();
        boolean share = panel.share() > 0;
        Saying line = desk.say().words("It takes");
        if (share) {
            line.number(
                    "drawer-share",
                    "% wide",
                    panel.share(),
                    1,
                    100,
                    TYPE,
                    n -> n + " %",
                    n -> desk.panel("let it take " + n + " % of the width", p -> p.withShare(n)));
        } else {
            line.number(
                    "drawer-width",
                    "px wide",
                    panel.width(),
                    1,
                    10_000,
                    TYPE,
                    n -> String.valueOf(n),
                    n -> desk.panel("make it " + n + " px wide", p -> p.withWidth(n)));
        }
        line.one(
                        "drawer-unit",
                        "What its width is counted in",
                        List.of(false, true),
                        share,
                        is -> is ? "of the width" : "px of the width",
                        is -> desk.panel("count its width otherwise", p -> p.withShare(is ? USUAL_SHARE : 0)))
                .words("with")
                .number(
                        "drawer-gap",
                        "px gap",
                        panel.gap(),
                        0,
                        Panel.MOST_GAP,
                        TYPE,
                        n -> n == 0 ? "no gap around it" : n + " px around it",
                        n -> desk.panel("leave a gap of " + n + " px around it", p -> p.withGap(n)))
                .words("and")
                .number(
                        "drawer-shadow",
                        "px shadow",
                        panel.shadow(),
                        0,
                        Panel.MOST_SHADOW,
                        TYPE,
                        n -> n == 0 ? "no shadow" : "a shadow of " + n + " px",
                        n -> desk.panel("give it a shadow of " + n + " px", p -> p.withShadow(n)));
        if (panel.moves() == Moves.REVEALS || panel.moves() == Moves.SHIFTS) {
            line.words("and the page rests")
                    .number(
                            "drawer-rests",
                            "px to the page",
                            panel.rests(),
                            -Panel.MOST_REST,
                            Panel.MOST_REST,
                            TYPE,
                            n -> n + " px from it",
                            n -> desk.panel("let the page rest " + n + " px from it", p -> p.withRests(n)));
        }
    }

    void colours(Drawer drawer) {
        Panel panel = drawer.panel();
        desk.say()
                .words("Its ground is")
                .colour(
                        "drawer-ground",
                        "Ground of the drawer",
                        panel.ground(),
                        c -> desk.panel("colour the drawer", p -> p.withGround(c)))
                .words("its items are")
                .colour(
                        "drawer-ink",
                        "Items of the drawer",
                        panel.ink(),
                        c -> desk.panel("colour the drawer", p -> p.withInk(c)))
                .words("the current one")
                .colour(
                        "drawer-chosen",
                        "The item whose place is shown",
                        panel.chosen(),
                        c -> desk.panel("colour the drawer", p -> p.withChosen(c)))
                .words("and the page is shaded by")
                .number(
                        "drawer-shade",
                        "% shade",
                        panel.shade(),
                        0,
                        100,
                        TYPE,
                        n -> n + " %",
                        n -> desk.panel("shade the page by " + n + " %", p -> p.withShade(n)));
    }

    private static String words(Moves moves) {
        return switch (moves) {
            case COVERS -> "covers the page";
            case REVEALS -> "is revealed by the page";
            case SHIFTS -> "shifts the page";
            case STAYS -> "stays where it is wide";
        };
    }
}
