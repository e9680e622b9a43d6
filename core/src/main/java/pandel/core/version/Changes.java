package pandel.core.version;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.State;
import pandel.core.model.start.Entry;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Expected;
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
        made.shared();
        for (Screen screen : now.screens()) {
            before.screen(screen.id())
                    .ifPresentOrElse(
                            old -> made.screen(old, screen),
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
        if (!before.motions().equals(now.motions())) {
            say("The usual motions are others.");
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

    private void shared() {
        for (SharedHotspot shared : now.shared()) {
            String name = named(shared.hotspot());
            Optional<SharedHotspot> old = before.index().shared(shared.hotspot().id());
            if (old.isEmpty()) {
                say(name + " is shared by " + screens(shared.screens().size()) + ".");
            } else if (!old.get().equals(shared)) {
                hotspot(Optional.empty(), "", old.get().hotspot(), shared.hotspot());
                if (!old.get().screens().equals(shared.screens())) {
                    say(name + " is shared by " + screens(shared.screens().size()) + ", no longer by "
                            + old.get().screens().size() + ".");
                }
            }
        }
        for (SharedHotspot old : before.shared()) {
            if (now.index().shared(old.hotspot().id()).isEmpty()) {
                say(named(old.hotspot()) + " is shared no more.");
            }
        }
    }

    private static String screens(int n) {
        return n == 1 ? "one screen" : n + " screens";
    }

    private void screen(Screen old, Screen screen) {
        if (old.equals(screen)) {
            return;
        }
        String name = "“" + screen.shownTitle() + "”";
        String id = screen.id();
        if (!old.title().equals(screen.title())) {
            say(id, name + " was called “" + old.shownTitle() + "”.");
        }
        if (old.form() != screen.form()) {
            say(
                    id,
                    name + " is a " + screen.form().word() + ", no longer a "
                            + old.form().word() + ".");
        }
        if (old.status() != screen.status()) {
            say(
                    id,
                    name + " is " + screen.status().word() + ", no longer "
                            + old.status().word() + ".");
        }
        if (!old.section().equals(screen.section())) {
            say(
                    id,
                    screen.section().isEmpty()
                            ? name + " is in no section any more."
                            : name + " is in the section “" + screen.section() + "”.");
        }
        if (old.end() != screen.end()) {
            say(id, name + (screen.end() ? " is an end." : " is no end any more."));
        }
        if (old.home() != screen.home()) {
            say(id, name + (screen.home() ? " is home." : " is not home any more."));
        }
        if (!old.overlay().equals(screen.overlay())) {
            say(id, name + " stands otherwise where it is open above.");
        }
        if (!old.closers().equals(screen.closers())) {
            say(id, name + " is closed by other things.");
        }
        expects(id, name, old.expects(), screen.expects());
        mocks(id, name, old.mocks(), screen.mocks());
        states(old, screen);
        hotspots(old, screen);
        links(id, name + ": ", old.links(), screen.links());
    }

    private void expects(String id, String name, List<Expected> old, List<Expected> fresh) {
        for (Expected value : fresh) {
            Optional<Expected> was =
                    old.stream().filter(v -> v.name().equals(value.name())).findFirst();
            if (was.isEmpty()) {
                say(id, name + " expects “" + value.name() + "”, " + described(value) + ".");
            } else if (!was.get().equals(value)) {
                say(
                        id,
                        name + " expects “" + value.name() + "” as " + described(value) + "; before: "
                                + described(was.get()) + ".");
            }
        }
        old.stream()
                .filter(v -> fresh.stream().noneMatch(f -> f.name().equals(v.name())))
                .forEach(v -> say(id, name + " expects “" + v.name() + "” no more."));
        List<String> names = fresh.stream().map(Expected::name).toList();
        if (!names.equals(old.stream().map(Expected::name).toList())
                && Set.copyOf(names).equals(old.stream().map(Expected::name).collect(Collectors.toSet()))) {
            say(id, name + " expects its values in another order.");
        }
    }

    private static String described(Expected value) {
        return (value.kind() == Expected.Kind.ONE_OF
                        ? "one of " + String.join(", ", value.words())
                        : value.kind().word())
                + (value.required() ? ", which must be brought" : "")
                + value.fallback().map(v -> ", " + v.shown() + " unless said").orElse("");
    }

    private void mocks(String id, String name, List<Mock> old, List<Mock> fresh) {
        Set<Mock> more = new LinkedHashSet<>(fresh);
        more.removeAll(old);
        for (Mock mock : more) {
            if (mock instanceof Picture picture
                    && old.stream()
                            .anyMatch(m -> m instanceof Picture p
                                    && p.withPatches(picture.patches()).equals(picture))) {
                say(
                        id,
                        name + " has other words laid on its picture for "
                                + mock.on().word() + " devices.");
                continue;
            }
            boolean had = old.stream().anyMatch(m -> m.on() == mock.on());
            say(
                    id,
                    name + " has a " + (had ? "newer" : "new") + " picture for "
                            + mock.on().word() + " devices.");
        }
        old.stream()
                .filter(m -> fresh.stream().noneMatch(f -> f.on() == m.on()))
                .forEach(m -> say(id, name + " has no picture for " + m.on().word() + " devices any more."));
    }

    private void states(Screen old, Screen screen) {
        String of = " of “" + screen.shownTitle() + "” ";
        for (State state : screen.states()) {
            String name = "The look “" + state.shownTitle() + "”";
            Optional<State> was = old.state(state.id());
            if (was.isEmpty()) {
                say(screen.id(), name + of + "is new.");
            } else if (!was.get().equals(state)) {
                if (!was.get().conditions().equals(state.conditions())) {
                    say(
                            screen.id(),
                            name + of + "holds "
                                    + (state.conditions().isEmpty()
                                            ? "always."
                                            : "while "
                                                    + state.conditions().stream()
                                                            .map(c -> c.words(now))
                                                            .collect(Collectors.joining(" and "))
                                                    + "."));
                }
                if (!was.get().hides().equals(state.hides())
                        || !was.get().moves().equals(state.moves())) {
                    say(screen.id(), name + of + "has its hotspots otherwise.");
                }
                if (!was.get().title().equals(state.title())) {
                    say(screen.id(), name + of + "was called “" + was.get().shownTitle() + "”.");
                }
                mocks(screen.id(), name + of.stripTrailing(), was.get().mocks(), state.mocks());
            }
        }
        old.states().stream()
                .filter(s -> screen.state(s.id()).isEmpty())
                .forEach(s -> say(screen.id(), "The look “" + s.shownTitle() + "”" + of + "was removed."));
        List<String> order = screen.states().stream()
                .map(State::id)
                .filter(id -> old.state(id).isPresent())
                .toList();
        if (!order.equals(old.states().stream()
                .map(State::id)
                .filter(id -> screen.state(id).isPresent())
                .toList())) {
            say(screen.id(), "The looks" + of + "are tried in another order.");
        }
    }

    private void hotspots(Screen old, Screen screen) {
        String on = " on “" + screen.shownTitle() + "”";
        for (Hotspot hotspot : screen.hotspots()) {
            Optional<Hotspot> was = old.hotspots().stream()
                    .filter(h -> h.id().equals(hotspot.id()))
                    .findFirst();
            if (was.isEmpty()) {
                say(
                        screen.id(),
                        named(hotspot) + on + " is new"
                                + (hotspot.links().isEmpty()
                                        ? ", without a link."
                                        : ": " + LinkWords.cause(hotspot.links().getFirst()) + ", "
                                                + LinkWords.effect(
                                                        now, hotspot.links().getFirst()) + "."));
            } else if (!was.get().equals(hotspot)) {
                hotspot(Optional.of(screen.id()), on, was.get(), hotspot);
            }
        }
        old.hotspots().stream()
                .filter(h -> now.index().hotspot(h.id()).isEmpty())
                .forEach(h -> say(screen.id(), named(h) + on + " was removed."));
        if (!old.hotspots().equals(screen.hotspots())
                && Set.copyOf(old.hotspots()).equals(Set.copyOf(screen.hotspots()))) {
            say(screen.id(), "The hotspots" + on + " lie above one another in another order.");
        }
    }

    private void hotspot(Optional<String> screen, String on, Hotspot old, Hotspot hotspot) {
        if (!old.title().equals(hotspot.title())) {
            changes.add(new Change(screen, named(hotspot) + on + " was called " + named(old) + "."));
        }
        if (!old.areas().equals(hotspot.areas())) {
            changes.add(new Change(
                    screen,
                    named(hotspot) + on + " stands elsewhere"
                            + (old.areas().keySet().equals(hotspot.areas().keySet()) ? "." : ", on other pictures.")));
        }
        if (!old.nature().equals(hotspot.nature())) {
            changes.add(new Change(
                    screen,
                    named(hotspot)
                            + on
                            + (hotspot.isField()
                                    ? " is a field."
                                    : hotspot.rows().isEmpty()
                                            ? " is " + (old.isField() ? "no field" : "not repeated") + " any more."
                                            : old.rows().size()
                                                            == hotspot.rows().size()
                                                    ? " holds other things in its rows."
                                                    : " is repeated in "
                                                            + hotspot.rows().size() + " rows.")));
        }
        links(screen.orElse(""), named(hotspot) + on + ": ", old.links(), hotspot.links());
    }

    private void links(String screen, String where, List<Link> old, List<Link> fresh) {
        Optional<String> about = screen.isEmpty() ? Optional.empty() : Optional.of(screen);
        for (Link link : fresh) {
            Optional<Link> was =
                    old.stream().filter(l -> l.id().equals(link.id())).findFirst();
            String does = LinkWords.cause(link) + ", " + LinkWords.effect(now, link);
            if (was.isEmpty()) {
                changes.add(new Change(about, where + "new: " + does + "."));
            } else if (!was.get().equals(link)) {
                String did = LinkWords.cause(was.get()) + ", " + LinkWords.effect(before, was.get());
                changes.add(new Change(
                        about, where + does + (did.equals(does) ? ", in another motion." : "; before: " + did + ".")));
            }
        }
        old.stream()
                .filter(l -> fresh.stream().noneMatch(f -> f.id().equals(l.id())))
                .forEach(l -> changes.add(new Change(
                        about, where + "no longer: " + LinkWords.cause(l) + ", " + LinkWords.effect(before, l) + ".")));
    }

    private static String named(Hotspot hotspot) {
        return hotspot.title().isBlank() ? "A hotspot" : "“" + hotspot.title() + "”";
    }
}
