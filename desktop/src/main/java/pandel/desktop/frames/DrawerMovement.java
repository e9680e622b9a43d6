package pandel.desktop.frames;

import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Moves;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.screen.PanelSide;
import pandel.desktop.theme.Buttons;

/** How a drawer comes, and how large, dark and coloured it is: the settings of its panel. */
final class DrawerMovement {

    private final DrawerPage page;

    DrawerMovement(DrawerPage page) {
        this.page = page;
    }

    HBox comes(Drawer drawer) {
        Panel panel = drawer.panel();
        Moves next = Moves.values()[(panel.moves().ordinal() + 1) % Moves.values().length];
        Button moves = Buttons.plain(
                switch (panel.moves()) {
                    case COVERS -> "covers the page";
                    case REVEALS -> "is revealed by the page";
                    case SHIFTS -> "shifts the page";
                    case STAYS -> "stays where it is wide";
                },
                "drawer-moves",
                () -> page.panel("let “" + drawer.shownTitle() + "” come otherwise", p -> p.withMoves(next)));
        moves.setTooltip(
                new Tooltip("Over the page; beneath a page that moves and shrinks; beside a page that moves; always "
                        + "there on a wide device. Press for the next"));
        return ThingPage.line(
                Buttons.plain(
                        "from the " + panel.side().word(),
                        "drawer-side",
                        () -> page.panel(
                                "let “" + drawer.shownTitle() + "” come from the other side",
                                p -> p.withSide(p.side() == PanelSide.LEFT ? PanelSide.RIGHT : PanelSide.LEFT))),
                moves,
                Buttons.plain(
                        drawer.outside() ? "a tap beside it closes it" : "a tap beside it does nothing",
                        "drawer-outside",
                        () -> page.put(
                                drawer.outside() ? "let a tap beside it do nothing" : "let a tap beside it close it",
                                d -> d.withOutside(!d.outside()))));
    }

    HBox sizes(Drawer drawer) {
        Panel panel = drawer.panel();
        HBox line = ThingPage.line(
                number(
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

    VBox number(String name, String caption, int now, int least, int most, IntConsumer put) {
        return ThingPage.captioned(
                page.number("drawer-" + name, caption, now, least, most, DrawerPage.NUMBER, put), caption);
    }
}
