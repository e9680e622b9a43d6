package pandel.desktop.frames;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.frame.TabSet;
import pandel.desktop.device.PagePreview;
import pandel.desktop.theme.ChoiceButton;

/** Where the strip of a tab set stands, and how it looks. */
final class TabStripSettings {

    private final TabSetPage page;

    TabStripSettings(TabSetPage page) {
        this.page = page;
    }

    HBox strip(TabSet set) {
        TabSet.Strip look = set.strip();
        ChoiceButton edge = ChoiceButton.of(
                "strip-edge",
                122,
                "Where it is: laid over the page at the top or the foot, or drawn on the pictures already, where "
                        + "hotspots switch its tabs",
                List.of(TabSet.Edge.values()),
                look.edge(),
                TabStripSettings::words,
                to -> page.put("put the strip elsewhere", s -> s.withStrip(look.withEdge(to))));
        ChoiceButton names = ChoiceButton.of(
                "strip-labels",
                134,
                "Which tabs have their labels",
                List.of(TabSet.Labels.values()),
                look.labels(),
                TabStripSettings::words,
                shown -> page.put("show other labels", s -> s.withStrip(look.withLabels(shown))));
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

    /** How large it is, and the ground behind the tab that is shown. */
    HBox sizes(TabSet set) {
        TabSet.Sizes now = set.strip().sizes();
        HBox line = ThingPage.line(
                size("height", "px high, 0 as usual", now.height(), 0, TabSet.Sizes.HIGHEST, now::withHeight),
                size("gap", "px gap", now.gap(), 0, TabSet.Sizes.MOST_GAP, now::withGap),
                size("padding", "px padding", now.padding(), 0, TabSet.Sizes.MOST_PADDING, now::withPadding),
                size("sign", "px signs", now.sign(), TabSet.Sizes.LEAST_SIGN, TabSet.Sizes.MOST_SIGN, now::withSign),
                page.perhapsColour(
                        "strip-behind",
                        "Ground behind the tab that is shown",
                        now.behind(),
                        84,
                        "behind it",
                        typed -> resize(now.withBehind(typed))));
        line.setAlignment(Pos.TOP_LEFT);
        return line;
    }

    private VBox size(String name, String caption, double now, int least, int most, DoubleFunction<TabSet.Sizes> with) {
        return ThingPage.captioned(
                page.number("strip-" + name, caption, (int) Math.round(now), least, most, 52, n -> {
                    if (n > 0 && n < TabSet.Sizes.LOWEST && name.equals("height")) {
                        page.around.say("A strip is " + TabSet.Sizes.LOWEST + " px high or more, or 0 as is usual.");
                        page.fill();
                    } else {
                        resize(with.apply(n));
                    }
                }),
                caption);
    }

    private void resize(TabSet.Sizes sizes) {
        page.put("size the strip otherwise", s -> s.withStrip(s.strip().withSizes(sizes)));
    }

    /** The strip as it looks on each width, with its screen, and how else it could look there. */
    VBox looks(TabSet set) {
        VBox column = new VBox(6);
        column.setAlignment(Pos.TOP_CENTER);
        column.setMinWidth(156);
        for (Device usual : List.of(Device.PHONE, Device.TABLET, Device.TABLET_ON_ITS_SIDE)) {
            Width width = Widths.USUAL.of(usual.width());
            Device device = usual.withSize(page.work.prototype().widths().one(width), usual.height());
            TabSet.Side now = set.strip().on(width);
            ChoiceButton look = ChoiceButton.of(
                    "strip-look-" + width.word(),
                    156,
                    "How the strip looks where it is " + width.word()
                            + ": along the edge, as signs at the side, or as a list there",
                    List.of(TabSet.Side.values()),
                    now,
                    side -> width.word() + ": " + words(side),
                    side -> page.put(
                            "let the strip look otherwise where it is " + width.word(),
                            s -> s.withStrip(s.strip().withLook(width, side))));
            column.getChildren()
                    .addAll(
                            PagePreview.of(
                                    page.around.pictures(),
                                    page.work.prototype(),
                                    set,
                                    page.tab(),
                                    device,
                                    Math.rint(TabSetPage.LOOKS_HIGH * device.width() / device.height())),
                            look);
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

    private static String words(TabSet.Edge edge) {
        return switch (edge) {
            case TOP -> "at the top";
            case BOTTOM -> "at the foot";
            case DRAWN -> "on the pictures";
        };
    }

    private static String words(TabSet.Labels labels) {
        return switch (labels) {
            case ALL -> "all labels";
            case CHOSEN -> "the chosen one’s";
            case NONE -> "signs alone";
        };
    }

    private static String words(TabSet.Side side) {
        return switch (side) {
            case STRIP -> "strip";
            case SIDE_SIGNS -> "side signs";
            case SIDE_LIST -> "side list";
        };
    }

    HBox inUse(TabSet set) {
        return ThingPage.line(
                ChoiceButton.either(
                        "tabs-keeps",
                        210,
                        "What becomes of a tab that is left",
                        set.keeps(),
                        "each tab keeps its trail",
                        "a tab that is left begins anew",
                        keeps -> page.put(
                                keeps ? "let tabs keep their trails" : "let tabs begin anew", s -> s.withKeeps(keeps))),
                ChoiceButton.either(
                        "tabs-backs",
                        190,
                        "Where back leads from the root of a tab",
                        set.backs(),
                        "back leads to the first tab",
                        "back leads out",
                        backs -> page.put(
                                backs ? "let back lead to the first tab" : "let back lead out",
                                s -> s.withBacks(backs))),
                ChoiceButton.either(
                        "tabs-swipes",
                        110,
                        "Whether a swipe shows the next tab",
                        set.swipes(),
                        "swiped too",
                        "not swiped",
                        swipes -> page.put(
                                swipes ? "switch by swipes" : "switch without swipes", s -> s.withSwipes(swipes))));
    }
}
