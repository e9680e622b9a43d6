package pandel.desktop.frames;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.screen.PanelSide;
import pandel.desktop.theme.ChoiceButton;

/** How a drawer comes, and how large, dark and coloured it is: the settings of its panel. */
final class DrawerMovement {

    private final DrawerPage page;

    /** Hundredths of the width that one takes at first. */
    private static final int USUAL_SHARE = 75;

    DrawerMovement(DrawerPage page) {
        this.page = page;
    }

    HBox comes(Drawer drawer) {
        Panel panel = drawer.panel();
        return ThingPage.line(
                ChoiceButton.of(
                        "drawer-side",
                        140,
                        "The side it comes from",
                        List.of(PanelSide.values()),
                        panel.side(),
                        side -> "from the " + side.word(),
                        side -> page.panel(
                                "let “" + drawer.shownTitle() + "” come from the " + side.word(),
                                p -> p.withSide(side))),
                ChoiceButton.of(
                        "drawer-moves",
                        200,
                        "How it comes: over the page, beneath a page that moves and shrinks, beside a page that moves, "
                                + "or it is always there on a wide device",
                        List.of(Moves.values()),
                        panel.moves(),
                        DrawerMovement::words,
                        moves -> page.panel(
                                "let “" + drawer.shownTitle() + "” come otherwise", p -> p.withMoves(moves))),
                ChoiceButton.either(
                        "drawer-outside",
                        220,
                        "What a tap beside it does",
                        drawer.outside(),
                        "a tap beside it closes it",
                        "a tap beside it does nothing",
                        closes -> page.put(
                                closes ? "let a tap beside it close it" : "let a tap beside it do nothing",
                                d -> d.withOutside(closes))));
    }

    private static String words(Moves moves) {
        return switch (moves) {
            case COVERS -> "covers the page";
            case REVEALS -> "is revealed by the page";
            case SHIFTS -> "shifts the page";
            case STAYS -> "stays where it is wide";
        };
    }

    HBox sizes(Drawer drawer) {
        Panel panel = drawer.panel();
        HBox line = ThingPage.line(
                panel.share() > 0
                        ? number(
                                "share",
                                "% wide",
                                panel.share(),
                                1,
                                100,
                                n -> page.panel("let it take " + n + " % of the width", p -> p.withShare(n)))
                        : number(
                                "width",
                                "px wide",
                                (int) Math.round(panel.width()),
                                1,
                                10_000,
                                n -> page.panel("make it " + n + " px wide", p -> p.withWidth(n))),
                number(
                        "reach",
                        "px reach",
                        panel.reach(),
                        0,
                        400,
                        n -> page.panel("reach it within " + n + " px", p -> p.withReach(n))),
                number(
                        "shade",
                        "% shade",
                        panel.shade(),
                        0,
                        100,
                        n -> page.panel("shade the page by " + n + " %", p -> p.withShade(n))));
        if (panel.moves() == Moves.REVEALS) {
            line.getChildren()
                    .add(number(
                            "shrinks",
                            "% of the page",
                            panel.shrinks(),
                            Panel.LEAST_SHRUNK,
                            100,
                            n -> page.panel("shrink the page to " + n + " %", p -> p.withShrinks(n))));
        }
        if (panel.moves() == Moves.STAYS) {
            line.getChildren()
                    .add(number(
                            "from",
                            "px from which on",
                            panel.from(),
                            1,
                            10_000,
                            n -> page.panel("let it stay from " + n + " px on", p -> p.withFrom(n))));
        }
        line.setAlignment(Pos.TOP_LEFT);
        line.getChildren()
                .addAll(
                        page.colour(
                                "drawer-ground",
                                "Colour of the drawer",
                                panel.ground(),
                                74,
                                "Colour of the drawer",
                                "drawer",
                                c -> page.panel("colour the drawer", p -> p.withGround(c))),
                        page.colour(
                                "drawer-ink",
                                "Colour of its items",
                                panel.ink(),
                                74,
                                "Colour of its items",
                                "items",
                                c -> page.panel("colour the drawer", p -> p.withInk(c))),
                        page.colour(
                                "drawer-chosen",
                                "Colour of the current item",
                                panel.chosen(),
                                74,
                                "Colour of the item whose place is shown",
                                "current item",
                                c -> page.panel("colour the drawer", p -> p.withChosen(c))));
        return line;
    }

    /** How it lies on the device: its width in px or of the device's, and what is around it. */
    HBox lies(Drawer drawer) {
        Panel panel = drawer.panel();
        HBox line = ThingPage.line(
                ChoiceButton.of(
                        "drawer-unit",
                        150,
                        "What its width is counted in",
                        List.of(false, true),
                        panel.share() > 0,
                        share -> share ? "a share of the width" : "a width in px",
                        share -> page.panel("count its width otherwise", p -> p.withShare(share ? USUAL_SHARE : 0))),
                number(
                        "gap",
                        "px gap",
                        (int) Math.round(panel.gap()),
                        0,
                        Panel.MOST_GAP,
                        n -> page.panel("leave a gap of " + n + " px around it", p -> p.withGap(n))),
                number(
                        "shadow",
                        "px shadow",
                        (int) Math.round(panel.shadow()),
                        0,
                        Panel.MOST_SHADOW,
                        n -> page.panel("give it a shadow of " + n + " px", p -> p.withShadow(n))));
        if (panel.moves() == Moves.REVEALS || panel.moves() == Moves.SHIFTS) {
            line.getChildren()
                    .add(number(
                            "rests",
                            "px to the page",
                            (int) Math.round(panel.rests()),
                            -Panel.MOST_REST,
                            Panel.MOST_REST,
                            n -> page.panel("let the page rest " + n + " px from it", p -> p.withRests(n))));
        }
        line.setAlignment(Pos.TOP_LEFT);
        return line;
    }

    VBox number(String name, String caption, int now, int least, int most, IntConsumer put) {
        return ThingPage.captioned(
                page.number("drawer-" + name, caption, now, least, most, DrawerPage.NUMBER, put), caption);
    }
}
