package pandel.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.PanelSide;

/** Tab sets, sequences and drawers of made-up prototypes, from their words. */
final class MadeFrames {

    private MadeFrames() {}

    static Target tabbed(String word) {
        String[] named = word.substring(1).split("/");
        return new Target.ToTabs(
                named[0], named.length > 1 ? Optional.of(named[0] + "-" + named[1]) : Optional.empty(), Map.of());
    }

    static TabSet tabs(List<String> words) {
        List<TabSet.Tab> tabs = new ArrayList<>();
        for (String root : words.get(2).split(",")) {
            String[] labelled = root.split("=");
            String to = labelled[labelled.length - 1];
            tabs.add(new TabSet.Tab(
                    words.get(1) + "-" + labelled[0].replaceAll("[#$]", ""),
                    labelled[0],
                    "",
                    to.startsWith("#")
                            ? sequence(to.substring(1).split("/"))
                            : to.startsWith("$") ? tabbed(to) : new Target.ToScreen(to)));
        }
        TabSet made = TabSet.of(words.get(1), words.get(1), tabs);
        for (String mark : words.subList(3, words.size())) {
            String[] said = mark.split(":");
            made = switch (said[0]) {
                case "drops" -> made.withKeeps(false);
                case "leaves" -> made.withBacks(false);
                case "swiped" -> made.withSwipes(true);
                case "first" -> made.withFirst(made.id() + "-" + said[1]);
                case "hidden" -> made.withHiddenOn(java.util.Set.of(said[1].split(",")));
                default -> throw new IllegalArgumentException(mark);
            };
        }
        return made;
    }

    static Drawer drawer(List<String> words) {
        List<Drawer.Item> items = new ArrayList<>();
        for (String item : words.get(2).split(",")) {
            String[] named = item.split("=");
            String to = named[named.length - 1];
            items.add(new Drawer.Item(
                    words.get(1) + "-" + named[0],
                    named[0],
                    "",
                    "",
                    false,
                    Branch.of(
                            to.equals("nothing")
                                    ? List.of()
                                    : List.of(
                                            to.equals("return")
                                                    ? new Effect.Return()
                                                    : new Effect.Advance(
                                                            to.startsWith("$")
                                                                    ? tabbed(to)
                                                                    : new Target.ToScreen(to))))));
        }
        Drawer made = Drawer.of(words.get(1), words.get(1), items, Attached.ALL);
        for (String mark : words.subList(3, words.size())) {
            String[] said = mark.split(":");
            made = switch (said[0]) {
                case "on" -> made.withOn(attached(said[1]));
                case "shut" -> made.withOutside(false);
                case "stays" -> made.withPanel(made.panel().withMoves(Drawer.Moves.STAYS));
                case "right" -> made.withPanel(made.panel().withSide(PanelSide.RIGHT));
                case "unpulled" -> made.withPanel(made.panel().withReach(0));
                default -> throw new IllegalArgumentException(mark);
            };
        }
        return made;
    }

    static Header header(List<String> words) {
        Header made = Header.of(words.get(1), words.get(1), Attached.ALL).withLeft(Header.Left.NONE);
        for (String mark : words.subList(2, words.size())) {
            String[] said = mark.split(":");
            made = switch (said[0]) {
                case "on" -> made.withOn(attached(said[1]));
                case "back" -> made.withLeft(Header.Left.BACK);
                case "labelled" -> made.withLeft(new Header.Left(Header.Kind.BACK, true, ""));
                case "drawer" -> made.withLeft(Header.Left.drawer(said[1]));
                case "acts" ->
                    made.withActions(Stream.of(said[1].split(","))
                            .map(a -> action(words.get(1), a.split("=")))
                            .toList());
                case "hidden" -> made.withHiddenOn(Set.of(said[1].split(",")));
                case "large" -> made.withBar(made.bar().withLarge(true));
                case "scrolls" -> made.withBar(made.bar().withStays(false));
                case "says" -> made.withWords(said[1]);
                default -> throw new IllegalArgumentException(mark);
            };
        }
        return made;
    }

    private static Header.Action action(String header, String[] named) {
        String to = named[named.length - 1];
        return new Header.Action(
                named[0],
                "",
                Link.of(
                        header + "-" + named[0],
                        new Cause.Touch(Gesture.TAP),
                        to.equals("return")
                                ? new Effect.Return()
                                : new Effect.Advance(to.startsWith("$") ? tabbed(to) : new Target.ToScreen(to))));
    }

    private static Attached attached(String said) {
        return said.equals("all")
                ? Attached.ALL
                : said.startsWith("$")
                        ? new Attached(false, Set.of(), Set.of(said.substring(1)))
                        : Attached.to(List.of(said.split(",")));
    }

    static Target sequence(String[] named) {
        return new Target.ToSequence(
                named[0], named.length > 1 ? Optional.of(Integer.parseInt(named[1])) : Optional.empty(), Map.of());
    }

    static PageTurn turn(String word) {
        return switch (word) {
            case "next" -> new PageTurn.Next();
            case "previous" -> new PageTurn.Previous();
            default -> new PageTurn.To(Integer.parseInt(word));
        };
    }

    static Sequence sequence(List<String> words) {
        Sequence made =
                Sequence.of(words.get(1), words.get(1), List.of(words.get(2).split(",")));
        for (String mark : words.subList(3, words.size())) {
            String[] said = mark.split(":");
            made = switch (said[0]) {
                case "finish" ->
                    made.withFinish(Optional.of(Link.of(
                            made.id() + "-finish",
                            new Cause.Finish(),
                            said[1].equals("return")
                                    ? new Effect.Return()
                                    : new Effect.Replace(new Target.ToScreen(said[1])))));
                case "skip" ->
                    made.withSkip(Optional.of(Link.of(
                            made.id() + "-skip", new Cause.Skip(), new Effect.Replace(new Target.ToScreen(said[1])))));
                case "bare" -> made.withLaid(Sequence.Laid.NOTHING);
                case "unswiped" -> made.withSwipes(false);
                case "unbacked" -> made.withBacks(false);
                default -> throw new IllegalArgumentException(mark);
            };
        }
        return made;
    }

    /** A place of its own for each hotspot of a screen: five in a row. */
    static Area free(int n) {
        return new Area(10 + n % 5 * 70, 10 + n / 5 * 70, 60, 60);
    }

    static Area area(String[] px) {
        return new Area(
                Double.parseDouble(px[0]),
                Double.parseDouble(px[1]),
                Double.parseDouble(px[2]),
                Double.parseDouble(px[3]));
    }
}
