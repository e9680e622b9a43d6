package pandel.core.check.fix;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.edit.Edit;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.FactEdits;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.whole.StartEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.State;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.play.words.LinkWords;

/** Ways to mend findings. */
public final class Fixes {

    private Fixes() {}

    public static Fix removeLink(Prototype p, Way way) {
        String link = FindingWords.link(p, way);
        return new Fix("Remove the link", link + " has a link.", link + " has none.", LinkEdits.remove(way.link()));
    }

    /** The wait becomes work, with what it does as one outcome and another, which does nothing yet, beside it. */
    public static Fix waitForWork(Prototype p, Way way) {
        return new Fix(
                "Let it wait for its work",
                "It goes on after a fixed time.",
                "It goes on when the work is done; that it failed is to be drawn.",
                LinkEdits.change(
                        "wait for the work of " + FindingWords.link(p, way),
                        way.link().withCause(new Cause.Work()).withBranches(failing(way.link()))));
    }

    /** What happens when it fails beside what it does: another outcome, which does nothing yet. */
    public static Fix mayFail(Prototype p, Way way) {
        return new Fix(
                "Let it fail too",
                FindingWords.link(p, way) + " turns out in one way.",
                "It turns out done or failed; that it failed is to be drawn.",
                LinkEdits.change(
                        "let " + FindingWords.link(p, way) + " fail too",
                        way.link().withBranches(failing(way.link()))));
    }

    /** It takes as long as its work does, and that may fail. */
    public static Fix workUntilDone(Prototype p, Way way) {
        return new Fix(
                "Let it work until that is done",
                FindingWords.link(p, way) + " is " + LinkWords.takes(way.link()) + ".",
                "It is at work until that is done; that it failed is to be drawn.",
                LinkEdits.change(
                        "let " + FindingWords.link(p, way) + " work until that is done",
                        way.link()
                                .withTakes(way.link().takes().map(t -> t.withMs(OptionalInt.empty())))
                                .withBranches(failing(way.link()))));
    }

    private static List<Branch> failing(Link link) {
        List<Branch> branches = new ArrayList<>(link.branches().stream()
                .map(b -> b.outcome().isPresent() ? b : b.withOutcome(Optional.of("done")))
                .toList());
        branches.add(Branch.of(List.of()).withOutcome(Optional.of("failed")));
        return branches;
    }

    public static Fix waitLonger(Prototype p, Way way, int ms) {
        return new Fix(
                "Wait " + LinkWords.seconds(ms),
                FindingWords.link(p, way) + " is " + LinkWords.cause(way.link()) + ".",
                "It is after " + LinkWords.seconds(ms) + ".",
                LinkEdits.change("wait longer", way.link().withCause(new Cause.Wait(ms))));
    }

    /** A hotspot's link for a hidden gesture becomes its link for a tap. */
    public static Fix tapToo(Hotspot hotspot, Link link) {
        return new Fix(
                "Make it a tap",
                "It needs a " + LinkWords.cause(link) + ".",
                "A tap does it.",
                LinkEdits.change("make it a tap", link.withCause(new Cause.Touch(Gesture.TAP))));
    }

    public static Fix openAbove(Prototype p, Way way, Screen target) {
        return new Fix(
                "Open it above instead",
                FindingWords.link(p, way) + " goes on to " + quoted(target) + ", which is refused.",
                FindingWords.link(p, way) + " opens " + quoted(target) + " above.",
                LinkEdits.change(
                        "open " + quoted(target) + " above",
                        way.link().doing(new Effect.OpenAbove(new Target.ToScreen(target.id())))));
    }

    public static Fix restartAt(Prototype p, Way way, Screen target) {
        return new Fix(
                "Restart there instead",
                FindingWords.link(p, way) + " returns to " + quoted(target) + " where that lies behind.",
                FindingWords.link(p, way) + " restarts at " + quoted(target) + ", wherever one came from.",
                LinkEdits.change(
                        "restart at " + quoted(target),
                        way.link().doing(new Effect.Restart(new Target.ToScreen(target.id())))));
    }

    public static Fix goOn(Prototype p, Way way) {
        Target target = way.link().effect().flatMap(Effect::target).orElseThrow();
        return new Fix(
                "Put it in place instead",
                FindingWords.link(p, way) + " opens one thing more above.",
                FindingWords.link(p, way) + " puts it in place of what is open.",
                LinkEdits.change("put it in place", way.link().doing(new Effect.Replace(target))));
    }

    public static Fix removeLook(Screen screen, State state) {
        return new Fix(
                "Remove the look",
                quoted(screen) + " has the look “" + state.shownTitle() + "”.",
                quoted(screen) + " looks as it does without it.",
                StateEdits.remove(screen, List.of(state)));
    }

    public static Fix withoutRemovedFacts(Prototype p, Screen screen, State state) {
        List<Condition> left = state.conditions().stream()
                .filter(c -> c.facts().allMatch(f -> p.fact(f).isPresent()))
                .toList();
        return new Fix(
                "Ask no more for what was removed",
                "It asks for a fact that is not there.",
                left.isEmpty()
                        ? "It asks for nothing and always holds."
                        : "It asks for what is left: " + FactWords.typed(p, left) + ".",
                StateEdits.change("ask no more for a removed fact", screen, state.withConditions(left), List.of()));
    }

    public static Fix removeEntry(Entry entry) {
        return new Fix(
                "Remove the address",
                "“" + entry.address().orElse("") + "” is an address.",
                "It is none.",
                StartEdits.removeEntry(entry));
    }

    public static Fix removeFact(Fact fact) {
        return new Fix(
                "Remove the fact",
                "“" + fact.title() + "” is a fact.",
                "It is none, and no link remembers it.",
                FactEdits.remove(List.of(fact)));
    }

    public static Fix removeFactAndLooks(Prototype p, Fact fact, List<Screen> asking) {
        long looks = asking.stream()
                .flatMap(s -> s.states().stream())
                .filter(t -> asks(t, fact))
                .count();
        return new Fix(
                "Remove the fact and " + (looks == 1 ? "the look" : "the " + looks + " looks") + " that ask"
                        + (looks == 1 ? "s" : "") + " for it",
                "“" + fact.title() + "” is a fact.",
                "It is none, and its looks are gone.",
                Edit.of("remove “" + fact.title() + "” and its looks", q -> {
                    Prototype less = FactEdits.remove(List.of(fact)).applyTo(q);
                    for (Screen screen : asking) {
                        less = StateEdits.remove(
                                        screen,
                                        screen.states().stream()
                                                .filter(t -> asks(t, fact))
                                                .toList())
                                .applyTo(less);
                    }
                    return less;
                }));
    }

    private static boolean asks(State state, Fact fact) {
        return state.conditions().stream().anyMatch(c -> c.asksFor(fact.id()));
    }

    public static Fix withoutDevice(Prototype p, Device device) {
        return new Fix(
                "Make it for " + device.title() + " no more",
                "It is to be seen on " + device.title() + ".",
                "It is not.",
                ScreenEdits.devices(
                        p.devices().stream().filter(d -> !d.equals(device)).toList()));
    }

    public static Fix end(Screen screen) {
        return new Fix(
                "Mark it as an end",
                quoted(screen) + " is a screen like any other.",
                quoted(screen) + " is where using the prototype may rightly stop.",
                ScreenEdits.end(screen, true));
    }

    /** Puts a shared hotspot that returns on a screen too, if there is one. */
    public static Optional<Fix> sharedReturn(Prototype p, Screen screen) {
        return p.shared().stream()
                .filter(s -> !s.screens().contains(screen.id()))
                .filter(s ->
                        s.hotspot().links().stream().anyMatch(l -> l.effect().orElse(null) instanceof Effect.Return))
                .findFirst()
                .map(s -> new Fix(
                        s.hotspot().title().isBlank()
                                ? "Put the shared hotspot on it"
                                : "Put the shared “" + s.hotspot().title() + "” on it",
                        (s.hotspot().title().isBlank()
                                        ? "It"
                                        : "“" + s.hotspot().title() + "”") + " stands on "
                                + s.screens().size() + " screens.",
                        "It stands on " + quoted(screen) + " too, and returns from there.",
                        HotspotEdits.share(s.hotspot(), grown(s, screen))));
    }

    private static Set<String> grown(SharedHotspot shared, Screen screen) {
        Set<String> screens = new LinkedHashSet<>(shared.screens());
        screens.add(screen.id());
        return screens;
    }

    /** The wait, and what else leads on, take the screen's place instead of leaving it behind. */
    public static List<Fix> leaveNoTrace(Screen screen) {
        List<Link> advancing = new ArrayList<>();
        screen.links().stream()
                .filter(l -> l.effect().orElse(null) instanceof Effect.Advance)
                .forEach(advancing::add);
        screen.hotspots()
                .forEach(h -> h.links().stream()
                        .filter(l -> l.effect().orElse(null) instanceof Effect.Advance)
                        .forEach(advancing::add));
        if (advancing.isEmpty()) {
            return List.of();
        }
        return List.of(new Fix(
                "Let what comes after take its place",
                "What leads on from " + quoted(screen) + " leaves it behind in the trail.",
                "What leads on replaces it, and going back skips it.",
                Edit.of("leave " + quoted(screen) + " out of the trail", p -> {
                    Prototype changed = p;
                    for (Link link : advancing) {
                        changed = LinkEdits.change(
                                        "",
                                        link.doing(new Effect.Replace(link.effect()
                                                .flatMap(Effect::target)
                                                .orElseThrow())))
                                .applyTo(changed);
                    }
                    return changed;
                })));
    }

    public static List<Fix> closeAsUsual(Screen screen) {
        return screen.closedBy().isEmpty()
                ? List.of()
                : List.of(new Fix(
                        "Let it be closed as a "
                                + (screen.form() == Form.PAGE
                                        ? "takeover"
                                        : screen.form().word()) + " usually is",
                        quoted(screen) + " is closed by nothing but its links.",
                        "It is closed by "
                                + String.join(
                                        " and ",
                                        Closer.usualFor(screen.form()).stream()
                                                .map(c -> c == Closer.OUTSIDE
                                                        ? "a tap beside it"
                                                        : c == Closer.AWAY ? "a swipe" : "the device’s back")
                                                .toList())
                                + ".",
                        ScreenEdits.closedAsUsual(screen)));
    }

    public static Fix titles(Prototype p, List<Screen> screens) {
        return new Fix(
                "Give " + (screens.size() == 1 ? "it a title" : "them titles"),
                "Untitled.",
                "Titled by their pictures’ file names, or by number.",
                Edit.of("give titles", q -> {
                    Prototype changed = q;
                    for (Screen screen : screens) {
                        String title = screen.mocks().stream()
                                .filter(Picture.class::isInstance)
                                .map(m -> ((Picture) m).source().replaceAll("\\.[A-Za-z]+$", ""))
                                .filter(t -> !t.isBlank())
                                .findFirst()
                                .orElse("Screen " + (p.screens().indexOf(screen) + 1));
                        changed = ScreenEdits.rename(screen, title).applyTo(changed);
                    }
                    return changed;
                }));
    }

    public static Fix number(List<Screen> screens) {
        String title = screens.getFirst().title();
        return new Fix(
                "Number them",
                screens.size() + " × “" + title + "”",
                "“" + title + "”, “" + title + " 2” …",
                Edit.of("number “" + title + "”", p -> {
                    Prototype changed = p;
                    for (int i = 1; i < screens.size(); i++) {
                        changed = ScreenEdits.rename(screens.get(i), title + " " + (i + 1))
                                .applyTo(changed);
                    }
                    return changed;
                }));
    }

    public static Optional<Fix> startAtFirstPage(Prototype p) {
        return p.screens().stream()
                .filter(s -> s.form() == Form.PAGE && s.status() != Status.PARKED)
                .findFirst()
                .map(s -> new Fix(
                        "Start at " + quoted(s),
                        "Play has nowhere to start.",
                        "Play starts at " + quoted(s) + ".",
                        ScreenEdits.entry(s)));
    }

    public static List<Fix> missing(Prototype p, String id, List<Way> ways) {
        String title = id.replaceAll("-[a-z]{3}$", "").replace('-', ' ');
        Screen made =
                Screen.page(id, title.isBlank() ? id : Character.toUpperCase(title.charAt(0)) + title.substring(1));
        boolean screen = !id.isBlank()
                && ways.stream()
                        .flatMap(w -> w.link().effects())
                        .anyMatch(e -> e.target()
                                .filter(t -> t instanceof Target.ToScreen && t.id().equals(id))
                                .isPresent());
        List<Fix> fixes = new ArrayList<>(
                !screen
                        ? List.of()
                        : List.of(new Fix(
                                "Make that screen",
                                "There is no screen of that id.",
                                "A new, empty screen " + quoted(made) + ".",
                                ScreenEdits.add(List.of(made)))));
        fixes.add(new Fix(
                ways.size() == 1 ? "Remove the link" : "Remove the " + ways.size() + " links",
                ways.size() + (ways.size() == 1 ? " link leads" : " links lead") + " nowhere.",
                "Gone; the hotspots stay.",
                Edit.of("remove links to nowhere", q -> {
                    Prototype changed = q;
                    for (Way way : ways) {
                        changed = LinkEdits.remove(way.link()).applyTo(changed);
                    }
                    return changed;
                })));
        return fixes;
    }

    public static Fix park(List<Screen> screens) {
        String what = screens.size() == 1 ? quoted(screens.getFirst()) : "They";
        return new Fix(
                screens.size() == 1 ? "Park it" : "Park them",
                what + (screens.size() == 1 ? " takes" : " take") + " part in the prototype.",
                "Set aside; the checks leave " + (screens.size() == 1 ? "it" : "them") + " out.",
                ScreenEdits.park(screens));
    }

    private static String quoted(Screen screen) {
        return "“" + screen.shownTitle() + "”";
    }
}
