package pandel.desktop.frames;

import java.util.List;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.TabSet;
import pandel.desktop.device.PagePreview;
import pandel.desktop.theme.Buttons;

/** Where the strip of a tab set stands, and how it looks. */
final class TabStripSettings {

    private final TabSetPage page;

    TabStripSettings(TabSetPage page) {
        this.page = page;
    }

    HBox strip(TabSet set) {
        TabSet.Strip look = set.strip();
        TabSet.Edge[] edges = TabSet.Edge.values();
        TabSet.Labels[] labels = TabSet.Labels.values();
        Button edge = Buttons.plain(
                switch (look.edge()) {
                    case TOP -> "at the top";
                    case BOTTOM -> "at the foot";
                    case DRAWN -> "drawn on the pictures";
                },
                "strip-edge",
                () -> page.put(
                        "put the strip elsewhere",
                        s -> s.withStrip(look.withEdge(edges[(look.edge().ordinal() + 1) % edges.length]))));
        edge.setTooltip(
                new Tooltip("Laid over the page at the foot or the top; or drawn on the pictures already, where "
                        + "hotspots switch its tabs"));
        Button names = Buttons.plain(
                switch (look.labels()) {
                    case ALL -> "all labels";
                    case CHOSEN -> "label of the chosen one";
                    case NONE -> "signs alone";
                },
                "strip-labels",
                () -> page.put(
                        "show other labels",
                        s -> s.withStrip(look.withLabels(labels[(look.labels().ordinal() + 1) % labels.length]))));
        HBox line = ThingPage.line(edge);
        if (look.edge() != TabSet.Edge.DRAWN) {
            line.setAlignment(Pos.TOP_LEFT);
            line.getChildren()
                    .addAll(
                            names,
                            colour("ground", look.ground(), "Colour of the strip", "strip", look::withGround),
                            colour("ink", look.ink(), "Colour of its tabs", "tabs", look::withInk),
                            colour(
                                    "chosen",
                                    look.chosen(),
                                    "Colour of the tab that is shown",
                                    "shown tab",
                                    look::withChosen));
        }
        return line;
    }

    /** The strip as it looks on each width, with its screen; a press gives it the next look there. */
    VBox looks(TabSet set) {
        VBox column = new VBox(6);
        column.setAlignment(Pos.TOP_CENTER);
        column.setMinWidth(156);
        TabSet.Side[] sides = TabSet.Side.values();
        for (Device usual : List.of(Device.PHONE, Device.TABLET, Device.TABLET_ON_ITS_SIDE)) {
            Width width = Widths.USUAL.of(usual.width());
            Device device = usual.withSize(page.work.prototype().widths().one(width), usual.height());
            TabSet.Side now = set.strip().on(width);
            Button turn = Buttons.smallWord(
                    width.word() + ": "
                            + switch (now) {
                                case STRIP -> "strip";
                                case SIDE_SIGNS -> "side signs";
                                case SIDE_LIST -> "side list";
                            },
                    "strip-look-" + width.word(),
                    () -> page.put(
                            "let the strip look otherwise where it is " + width.word(),
                            s -> s.withStrip(s.strip().withLook(width, sides[(now.ordinal() + 1) % sides.length]))));
            turn.setTooltip(new Tooltip(
                    "A strip along the edge, signs at the side, or a list at the side: press for the next"));
            column.getChildren()
                    .addAll(
                            PagePreview.of(
                                    page.around.pictures(),
                                    page.work.prototype(),
                                    set,
                                    page.tab(),
                                    device,
                                    Math.rint(TabSetPage.LOOKS_HIGH * device.width() / device.height())),
                            turn);
        }
        return column;
    }

    VBox colour(String name, String now, String tooltip, String caption, Function<String, TabSet.Strip> with) {
        return page.colour(
                "strip-" + name,
                "Colour of the strip: " + name,
                now,
                74,
                tooltip,
                caption,
                typed -> page.put("colour the strip", s -> s.withStrip(with.apply(typed))));
    }

    HBox inUse(TabSet set) {
        return ThingPage.line(
                Buttons.plain(
                        set.keeps() ? "each tab keeps its trail" : "a tab that is left begins anew",
                        "tabs-keeps",
                        () -> page.put(
                                set.keeps() ? "let tabs begin anew" : "let tabs keep their trails",
                                s -> s.withKeeps(!s.keeps()))),
                Buttons.plain(
                        set.backs() ? "back leads to the first tab" : "back leads out",
                        "tabs-backs",
                        () -> page.put(
                                set.backs() ? "let back lead out" : "let back lead to the first tab",
                                s -> s.withBacks(!s.backs()))),
                Buttons.plain(
                        set.swipes() ? "swiped too" : "not swiped",
                        "tabs-swipes",
                        () -> page.put(
                                set.swipes() ? "switch without swipes" : "switch by swipes",
                                s -> s.withSwipes(!s.swipes()))));
    }
}
