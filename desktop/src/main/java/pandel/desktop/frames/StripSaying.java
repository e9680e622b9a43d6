package pandel.desktop.frames;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import pandel.core.model.frame.TabSet;

/** What is said of the strip of a tab set: where it stands, how it looks, what its tabs do. */
final class StripSaying {

    private final TabSetDesk desk;

    StripSaying(TabSetDesk desk) {
        this.desk = desk;
    }

    void stands(TabSet set) {
        TabSet.Strip look = set.strip();
        Saying line = desk.say()
                .words("It is")
                .one(
                        "strip-edge",
                        "Where it is: laid over the page at the top or the foot, or drawn on the pictures already, "
                                + "where hotspots switch its tabs",
                        List.of(TabSet.Edge.values()),
                        look.edge(),
                        StripSaying::words,
                        to -> desk.put("put the strip elsewhere", s -> s.withStrip(look.withEdge(to))));
        if (look.edge() != TabSet.Edge.DRAWN) {
            line.words("and says")
                    .one(
                            "strip-labels",
                            "Which tabs have their labels",
                            List.of(TabSet.Labels.values()),
                            look.labels(),
                            StripSaying::words,
                            shown -> desk.put("show other labels", s -> s.withStrip(look.withLabels(shown))));
        }
    }

    void sizes(TabSet set) {
        TabSet.Sizes now = set.strip().sizes();
        Saying line = desk.say();
        size(
                line,
                "height",
                "px high, 0 as usual",
                now.height(),
                0,
                TabSet.Sizes.HIGHEST,
                now::withHeight,
                n -> n == 0 ? "as high as usual" : n + " px high");
        line.words("with signs of");
        size(
                line,
                "sign",
                "px signs",
                now.sign(),
                TabSet.Sizes.LEAST_SIGN,
                TabSet.Sizes.MOST_SIGN,
                now::withSign,
                n -> n + " px");
        line.words("and");
        size(
                line,
                "gap",
                "px gap",
                now.gap(),
                0,
                TabSet.Sizes.MOST_GAP,
                now::withGap,
                n -> n == 0 ? "no gap" : "gaps of " + n + " px");
        line.words("between tabs,");
        size(
                line,
                "padding",
                "px padding",
                now.padding(),
                0,
                TabSet.Sizes.MOST_PADDING,
                now::withPadding,
                n -> n == 0 ? "nothing" : n + " px");
        line.words("before and after them");
    }

    void colours(TabSet set) {
        TabSet.Strip look = set.strip();
        desk.say()
                .words("Its ground is")
                .colour("strip-ground", "Ground of the strip", look.ground(), c -> colour(look::withGround, c))
                .words("its tabs are")
                .colour("strip-ink", "Tabs of the strip", look.ink(), c -> colour(look::withInk, c))
                .words("the shown one")
                .colour("strip-chosen", "The tab that is shown", look.chosen(), c -> colour(look::withChosen, c))
                .words("and behind it")
                .perhapsColour(
                        "strip-behind",
                        "Ground behind the tab that is shown",
                        look.sizes().behind(),
                        typed -> resize(look.sizes().withBehind(typed)));
    }

    private void colour(Function<String, TabSet.Strip> with, String colour) {
        desk.put("colour the strip", s -> s.withStrip(with.apply(colour)));
    }

    private void size(
            Saying line,
            String name,
            String caption,
            double now,
            int least,
            int most,
            DoubleFunction<TabSet.Sizes> with,
            java.util.function.IntFunction<String> word) {
        line.number("strip-" + name, caption, now, least, most, "Press and type px", word, n -> {
            if (n > 0 && n < TabSet.Sizes.LOWEST && name.equals("height")) {
                desk.around.say("A strip is " + TabSet.Sizes.LOWEST + " px high or more, or 0 as is usual.");
            } else {
                resize(with.apply(n));
            }
        });
    }

    private void resize(TabSet.Sizes sizes) {
        desk.put("size the strip otherwise", s -> s.withStrip(s.strip().withSizes(sizes)));
    }

    void inUse(TabSet set) {
        desk.say()
                .either(
                        "tabs-keeps",
                        "What becomes of a tab that is left",
                        set.keeps(),
                        "Each tab keeps its trail",
                        "A tab that is left begins anew",
                        keeps -> desk.put(
                                keeps ? "let tabs keep their trails" : "let tabs begin anew", s -> s.withKeeps(keeps)))
                .words("and")
                .either(
                        "tabs-backs",
                        "Where back leads from the root of a tab",
                        set.backs(),
                        "back leads to the first tab",
                        "back leads out",
                        backs -> desk.put(
                                backs ? "let back lead to the first tab" : "let back lead out",
                                s -> s.withBacks(backs)));
        desk.say()
                .words("Tabs are switched")
                .either(
                        "tabs-swipes",
                        "Whether a swipe shows the next tab",
                        set.swipes(),
                        "by swipes too",
                        "without swipes",
                        swipes -> desk.put(
                                swipes ? "switch by swipes" : "switch without swipes", s -> s.withSwipes(swipes)));
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
            case CHOSEN -> "the chosen one’s label";
            case NONE -> "no label";
        };
    }

    static String words(TabSet.Side side) {
        return switch (side) {
            case STRIP -> "strip";
            case SIDE_SIGNS -> "side signs";
            case SIDE_LIST -> "side list";
        };
    }
}
