package pandel.core.play.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
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
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Fact;

/** Links and what stands around them, in words. */
public final class LinkWords {

    private LinkWords() {}

    /** "advance to Tool", "return", "nothing yet". */
    public static String effect(Prototype prototype, Link link) {
        List<String> parts = new ArrayList<>();
        link.branches().forEach(b -> parts.add(branch(prototype, b)));
        String done = parts.isEmpty() ? "nothing yet" : String.join("; ", parts);
        return link.takes().isEmpty() ? done : takes(link) + ", then " + done;
    }

    /** "if refused and signed in is yes: open Sorry above", "advance to Tool". */
    public static String branch(Prototype prototype, Branch branch) {
        List<String> parts = new ArrayList<>();
        branch.outcome().ifPresent(parts::add);
        branch.when().forEach(c -> parts.add(c.words(prototype)));
        // Where it is done is said of the move, wherever that stands among what is done besides.
        String where = branch.where().map(w -> " " + w.word()).orElse("");
        String effects = branch.effects().isEmpty()
                ? "nothing yet"
                : String.join(
                        ", ",
                        branch.effects().stream()
                                .map(e -> effect(prototype, e) + (e.isMove() ? where : ""))
                                .toList());
        return parts.isEmpty() ? effects : "if " + String.join(" and ", parts) + ": " + effects;
    }

    /** "remember signed in is yes, say “Hello”". */
    public static String effects(Prototype prototype, List<Effect> effects) {
        return String.join(", ", effects.stream().map(e -> effect(prototype, e)).toList());
    }

    /** "advance to Tool", "remember signed in is yes". */
    public static String effect(Prototype prototype, Effect effect) {
        return switch (effect) {
            case Effect.Advance a -> "advance to " + target(prototype, a.to()) + carried(prototype, a.to());
            case Effect.Replace r -> "replace with " + target(prototype, r.with()) + carried(prototype, r.with());
            case Effect.Restart r -> "restart at " + target(prototype, r.at()) + carried(prototype, r.at());
            case Effect.OpenAbove o ->
                "open " + target(prototype, o.screen()) + " above" + carried(prototype, o.screen());
            case Effect.Return r -> "return";
            case Effect.ReturnTo r -> "return to " + target(prototype, r.to());
            case Effect.Close c -> "close";
            case Effect.TurnPage t -> turn(t.turn());
            case Effect.StepRow s ->
                "go to the " + (s.next() ? "next row" : "row before") + (s.round() ? ", going round" : "");
            case Effect.SwitchTab s -> "switch to " + tab(prototype, s.tab());
            case Effect.MoveDrawer d -> d.how().name().toLowerCase(Locale.ROOT) + " " + drawer(prototype, d.drawer());
            case Effect.Remember r -> "remember " + remembered(prototype, r);
            case Effect.Notice n ->
                "say “" + n.words() + "”"
                        + n.action()
                                .map(a -> " with “" + a.shownLabel() + "” (" + effect(prototype, a.link()) + ")")
                                .orElse("")
                        + (n.ms() == 0 ? " until it is touched" : "");
            case Effect.Leave l -> "leave to " + l.address();
            case Effect.BeginAgain b -> "begin again " + work(prototype, b.link());
        };
    }

    /** "signed in is yes", "basket + 1", "dark is the other". */
    public static String remembered(Prototype prototype, Effect.Remember remember) {
        String fact = prototype.fact(remember.fact()).map(Fact::title).orElse(remember.fact() + " (removed)");
        return switch (remember.change()) {
            case Effect.Change.Set set -> fact + " is " + set.to().words(prototype);
            case Effect.Change.Toggle t -> fact + " is the other";
            case Effect.Change.By by -> fact + (by.n() < 0 ? " − " + -(long) by.n() : " + " + by.n());
            case Effect.Change.Unset u -> fact + " is nothing";
        };
    }

    /** A target's title, or its id when it is missing; of a frame also what of it is shown first. */
    public static String target(Prototype prototype, Target target) {
        return title(prototype, target)
                + switch (target) {
                    case Target.ToScreen to -> "";
                    case Target.ToTabs to ->
                        to.tab()
                                .map(t -> " at "
                                        + prototype
                                                .tabSet(to.id())
                                                .flatMap(s -> s.tab(t))
                                                .map(TabSet.Tab::shownLabel)
                                                .orElse(t))
                                .orElse("");
                    case Target.ToSequence to ->
                        to.page().map(p -> " at page " + p).orElse("");
                };
    }

    /** A target's title, or its id when it is missing. */
    public static String title(Prototype prototype, Target target) {
        return switch (target) {
            case Target.ToScreen to -> prototype.titleOf(to.id());
            case Target.ToTabs to ->
                prototype.tabSet(to.id()).map(TabSet::shownTitle).orElse(to.id());
            case Target.ToSequence to ->
                prototype.sequence(to.id()).map(Sequence::shownTitle).orElse(to.id());
        };
    }

    /**
     * A screen's title, or that it was removed.
     *
     * @param id its id
     */
    public static String screen(Prototype prototype, String id) {
        return prototype.screen(id).map(Screen::shownTitle).orElse(id + " (removed)");
    }

    /** A tab by its label and, where there are several sets, its set: "Loans of Main". */
    public static String tab(Prototype prototype, String id) {
        return prototype
                .tabSetOf(id)
                .flatMap(s -> s.tab(id)
                        .map(t -> t.shownLabel() + (prototype.tabSets().size() > 1 ? " of " + s.shownTitle() : "")))
                .orElse((id.isEmpty() ? "a tab" : id) + " (removed)");
    }

    /** What waits for work, or for time: "the work of Sending", "the wait of Sending"; or that it was removed. */
    public static String work(Prototype prototype, String link) {
        return prototype
                .index()
                .way(link)
                .map(w -> w.link().title().isBlank()
                        ? (w.link().cause() instanceof Cause.Work ? "the work" : "the wait")
                                + w.from().stream()
                                        .findFirst()
                                        .map(s -> " of " + s.shownTitle())
                                        .orElse("")
                        : "“" + w.link().title() + "”")
                .orElse(link + " (removed)");
    }

    /** "at work for 2 s", "at work until it is done"; empty where a link takes no time. */
    public static String takes(Link link) {
        return link.takes()
                .map(t -> t.ms().isPresent() ? "at work for " + seconds(t.ms().getAsInt()) : "at work until it is done")
                .orElse("");
    }

    /** A drawer's title, or its id when it is missing. */
    public static String drawer(Prototype prototype, String id) {
        return prototype.drawer(id).map(Drawer::shownTitle).orElse(id + " (removed)");
    }

    /** "turn to the next page", "turn to page 3". */
    public static String turn(PageTurn turn) {
        return "turn to "
                + switch (turn) {
                    case PageTurn.Next n -> "the next page";
                    case PageTurn.Previous p -> "the page before";
                    case PageTurn.To to -> "page " + to.number();
                };
    }

    /** " with loan drill and due typed Date"; empty when nothing is carried. */
    public static String carried(Prototype prototype, Target target) {
        return target.values().isEmpty()
                ? ""
                : " with "
                        + String.join(
                                " and ",
                                target.values().entrySet().stream()
                                        .map(e ->
                                                e.getKey() + " " + e.getValue().words(prototype))
                                        .toList());
    }

    /** "tap", "after 1.5 s". */
    public static String cause(Link link) {
        return cause(link.cause());
    }

    /** "tap", "after 1.5 s". */
    public static String cause(Cause cause) {
        return switch (cause) {
            case Cause.Touch touch -> touch.word();
            case Cause.Submit submit -> "submit";
            case Cause.Wait wait -> "after " + seconds(wait.ms());
            case Cause.Untouched untouched -> "after " + seconds(untouched.ms()) + " untouched";
            case Cause.Work work -> "when the work is done";
            case Cause.Back back -> "device back";
            case Cause.Turn turn -> "turned";
            case Cause.Tab tab -> "its tab";
            case Cause.Item item -> "its item";
            case Cause.Sign sign -> "its sign";
            case Cause.Finish finish -> "next on the last page";
            case Cause.Skip skip -> "skip";
        };
    }

    /** "0.3 s", "2 s". */
    public static String seconds(int ms) {
        return ms % 1000 == 0 ? ms / 1000 + " s" : String.format(Locale.ROOT, "%.1f s", ms / 1000.0);
    }

    /**
     * "tap Reserve", "tap hotspot 3", "after 2 s", or what the link is called.
     *
     * @param number the hotspot's place among those of its screen, from 1
     */
    public static String what(Way way, int number) {
        if (!way.link().title().isBlank()) {
            return "“" + way.link().title() + "”";
        }
        if (way.drawer().isPresent()) {
            return "item "
                    + way.drawer()
                            .get()
                            .item(way.link().id())
                            .map(Drawer.Item::shownLabel)
                            .orElse("");
        }
        if (way.header().isPresent()) {
            return inHeader(way);
        }
        if (way.notice().isPresent()) {
            return inNotice(way);
        }
        if (way.tabs().isPresent() && !way.isOfFrame()) {
            return "the button of " + way.tabs().get().shownTitle();
        }
        return cause(way.link()) + way.hotspot().map(h -> " " + name(h, number)).orElse("");
    }

    /** "back in the header", "the drawer’s sign in the header", "“Share” in the header". */
    public static String inHeader(Way way) {
        Optional<Header> header = way.header();
        return header.flatMap(h -> h.action(way.link().id()))
                        .map(a -> "“" + a.shownLabel() + "”")
                        .orElse(
                                header.filter(h -> h.left().kind() == Header.Kind.DRAWER)
                                                .isPresent()
                                        ? "the drawer’s sign"
                                        : "back")
                + " in the header";
    }

    /** "“Undo” in the notice". */
    public static String inNotice(Way way) {
        return "“" + way.action().map(Effect.Action::shownLabel).orElse("") + "” in the notice";
    }

    /** "Tools: tap Hedge shears, advance to Tool". */
    public static String described(Prototype prototype, Way way) {
        return described(prototype, way, Optional.empty());
    }

    /**
     * The same of one way to turn out: "Bring it back: tap It was taken back, turning out “no network”: say …".
     *
     * @param outcome empty: of the whole link
     */
    public static String described(Prototype prototype, Way way, Optional<String> outcome) {
        return on(way) + ": " + done(prototype, way, outcome);
    }

    /** The same without where it is: "tap It was taken back, turning out “no network”: say …". */
    public static String done(Prototype prototype, Way way, Optional<String> outcome) {
        List<Branch> branches = way.link().branches().stream()
                .filter(b -> outcome.isPresent() && b.outcome().equals(outcome))
                .map(b -> b.withOutcome(Optional.empty()).withWhen(List.of()))
                .toList();
        return branches.isEmpty()
                ? cause(prototype, way) + ", " + effect(prototype, way.link())
                : cause(prototype, way) + ", turning out “" + outcome.orElseThrow() + "”: "
                        + effect(prototype, way.link().withBranches(branches.subList(0, 1)));
    }

    private static String on(Way way) {
        return way.from().size() == 1
                ? way.from().getFirst().shownTitle()
                : way.from().size() + " screens";
    }

    private static String cause(Prototype prototype, Way way) {
        int number = way.hotspot()
                .map(h -> 1
                        + prototype
                                .index()
                                .hotspotsOn(way.from().getFirst().id())
                                .indexOf(h))
                .orElse(0);
        return what(way, number);
    }

    /** A hotspot's words, or its number. */
    public static String name(Hotspot hotspot, int number) {
        return hotspot.title().isBlank() ? "hotspot " + number : hotspot.title();
    }
}
