package pandel.core.version;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Fact;
import pandel.core.play.words.LinkWords;

/**
 * What changed from one prototype to another, compared by ids, in sentences: the prototype as a whole first, then
 * screen by screen in the order they now have, then what went. Equal prototypes give none.
 */
public final class Changes {

    private final Prototype before;
    private final Prototype now;
    private final List<Change> changes = new ArrayList<>();

    private Changes(Prototype before, Prototype now) {
        this.before = before;
        this.now = now;
    }

    public static List<Change> between(Prototype before, Prototype now) {
        Changes made = new Changes(before, now);
        made.whole();
        ScreenChanges onScreens = new ScreenChanges(before, now, made.changes);
        onScreens.shared();
        for (Screen screen : now.screens()) {
            before.screen(screen.id())
                    .ifPresentOrElse(
                            old -> onScreens.screen(old, screen),
                            () -> made.say(
                                    screen.id(), "“" + screen.shownTitle() + "” is new" + made.links(screen) + "."));
        }
        for (Screen old : before.screens()) {
            if (now.screen(old.id()).isEmpty()) {
                made.say(old.id(), "“" + old.shownTitle() + "” was removed.");
            }
        }
        if (made.changes.isEmpty() && !before.withVersions(List.of()).equals(now.withVersions(List.of()))) {
            made.say("Something changed that these sentences do not tell: marks on findings, or fields of a newer "
                    + "version.");
        }
        return made.changes;
    }

    private String links(Screen screen) {
        int n = now.index().waysOut(screen.id()).size();
        return n == 0 ? "" : n == 1 ? ", with one link" : ", with " + n + " links";
    }

    private void say(String screen, String sentence) {
        changes.add(new Change(Optional.of(screen), sentence));
    }

    private void say(String sentence) {
        changes.add(new Change(Optional.empty(), sentence));
    }

    private void whole() {
        if (!before.title().equals(now.title())) {
            say("The prototype is called “" + now.title() + "”, no longer “" + before.title() + "”.");
        }
        String from = before.mainEntry()
                .map(e -> LinkWords.target(before, e.target()))
                .orElse("nothing");
        String to = now.mainEntry().map(e -> LinkWords.target(now, e.target())).orElse("nothing");
        if (!before.mainEntry()
                .map(e -> e.target().id())
                .equals(now.mainEntry().map(e -> e.target().id()))) {
            say("It starts at " + to + ", no longer at " + from + ".");
        }
        each(
                "The address ",
                before.entries().stream().filter(e -> e.address().isPresent()).toList(),
                now.entries().stream().filter(e -> e.address().isPresent()).toList(),
                Entry::id,
                e -> e.address().orElse(""),
                (a, b) -> a.equals(b)
                        ? Optional.empty()
                        : Optional.of(
                                a.address().equals(b.address())
                                        ? "leads to " + LinkWords.target(now, b.target()) + ", no longer to "
                                                + LinkWords.target(before, a.target())
                                        : "is now " + b.address().orElse("")));
        if (!before.widths().equals(now.widths())) {
            say("Devices are medium from " + now.widths().medium() + " px on, and wide from "
                    + now.widths().wide() + " px on.");
        }
        each(
                "The device ",
                before.devices(),
                now.devices(),
                Device::id,
                Device::title,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of("was changed"));
        each(
                "The fact ",
                before.facts(),
                now.facts(),
                Fact::id,
                Fact::title,
                (a, b) -> a.equals(b)
                        ? Optional.empty()
                        : Optional.of(
                                a.title().equals(b.title())
                                        ? "can hold other things"
                                        : "is called “" + b.title() + "”"));
        each(
                "The start point ",
                before.startPoints(),
                now.startPoints(),
                StartPoint::id,
                StartPoint::title,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of("was changed"));
        each(
                "The tab set ",
                before.tabSets(),
                now.tabSets(),
                TabSet::id,
                TabSet::shownTitle,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of(how(a, b)));
        each(
                "The drawer ",
                before.drawers(),
                now.drawers(),
                Drawer::id,
                Drawer::shownTitle,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of(how(a, b)));
        each(
                "The header ",
                before.headers(),
                now.headers(),
                Header::id,
                Header::shownTitle,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of(how(a, b)));
        each(
                "The pair ",
                before.pairs(),
                now.pairs(),
                Pair::id,
                p -> titled(p.list()) + " and " + titled(p.detail()),
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of("shares the width otherwise"));
        each(
                "The sequence ",
                before.sequences(),
                now.sequences(),
                Sequence::id,
                Sequence::shownTitle,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of(how(a, b)));
        each(
                "The journey ",
                before.journeys(),
                now.journeys(),
                Journey::id,
                Journey::title,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of("was changed"));
        each(
                "The remark ",
                before.remarks(),
                now.remarks(),
                Remark::id,
                Remark::begins,
                (a, b) -> a.equals(b) ? Optional.empty() : Optional.of(how(a, b)));
        if (!before.feel().withTouched(now.feel().touched()).equals(now.feel())) {
            say("The usual motions are others.");
        }
        if (before.feel().touched() != now.feel().touched()) {
            say("Where something is touched, " + now.feel().touched().phrase() + ".");
        }
        List<String> order = now.screens().stream()
                .map(Screen::id)
                .filter(id -> before.screen(id).isPresent())
                .toList();
        List<String> old = before.screens().stream()
                .map(Screen::id)
                .filter(id -> now.screen(id).isPresent())
                .toList();
        if (!order.equals(old)) {
            say("The screens stand in another order.");
        }
    }

    private String titled(String screen) {
        return now.screen(screen)
                .or(() -> before.screen(screen))
                .map(Screen::shownTitle)
                .orElse(screen);
    }

    private static String how(Remark a, Remark b) {
        return a.settled() != b.settled()
                ? b.settled() ? "is settled" : "is open again"
                : !a.words().equals(b.words()) ? "says something else" : "was changed";
    }

    private static String how(Header a, Header b) {
        return !a.title().equals(b.title())
                ? "is called “" + b.shownTitle() + "”"
                : !a.actions().equals(b.actions())
                        ? "has other actions"
                        : !a.left().equals(b.left())
                                ? "has another sign at the left"
                                : !a.words().equals(b.words())
                                        ? "shows another title"
                                        : !a.on().equals(b.on())
                                                        || !a.hiddenOn().equals(b.hiddenOn())
                                                ? "stands on other screens"
                                                : "looks otherwise";
    }

    private static String how(Drawer a, Drawer b) {
        return !a.title().equals(b.title())
                ? "is called “" + b.shownTitle() + "”"
                : !a.items().stream()
                                .map(Drawer.Item::id)
                                .toList()
                                .equals(b.items().stream().map(Drawer.Item::id).toList())
                        ? "has other items"
                        : !a.items().equals(b.items())
                                ? "has items that were changed"
                                : !a.on().equals(b.on())
                                        ? "is attached elsewhere"
                                        : !a.picture().equals(b.picture())
                                                ? "has another picture at its head"
                                                : "looks or moves otherwise";
    }

    private static String how(TabSet a, TabSet b) {
        return !a.title().equals(b.title())
                ? "is called “" + b.shownTitle() + "”"
                : !a.tabs().stream()
                                .map(TabSet.Tab::id)
                                .toList()
                                .equals(b.tabs().stream().map(TabSet.Tab::id).toList())
                        ? "has other tabs"
                        : !a.tabs().equals(b.tabs())
                                ? "has tabs that were changed"
                                : !a.strip().equals(b.strip()) ? "has another strip" : "behaves otherwise";
    }

    private String how(Sequence a, Sequence b) {
        return !a.title().equals(b.title())
                ? "is called “" + b.shownTitle() + "”"
                : !a.pages().equals(b.pages())
                        ? "has other pages"
                        : !a.finish().equals(b.finish()) || !a.skip().equals(b.skip())
                                ? "leads elsewhere"
                                : !a.laid().equals(b.laid()) ? "has other words laid over it" : "behaves otherwise";
    }

    private interface Told<T> {
        Optional<String> how(T before, T now);
    }

    private <T> void each(
            String what, List<T> old, List<T> fresh, Function<T, String> id, Function<T, String> title, Told<T> told) {
        Map<String, T> was = old.stream().collect(Collectors.toMap(id, t -> t, (a, b) -> a, LinkedHashMap::new));
        Map<String, T> is = fresh.stream().collect(Collectors.toMap(id, t -> t, (a, b) -> a, LinkedHashMap::new));
        is.forEach((key, item) -> {
            if (!was.containsKey(key)) {
                say(what + "“" + title.apply(item) + "” is new.");
            } else {
                told.how(was.get(key), item)
                        .ifPresent(how -> say(what + "“" + title.apply(was.get(key)) + "” " + how + "."));
            }
        });
        was.forEach((key, item) -> {
            if (!is.containsKey(key)) {
                say(what + "“" + title.apply(item) + "” was removed.");
            }
        });
    }
}
