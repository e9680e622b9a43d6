package pandel.core.version;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.State;
import pandel.core.model.value.Expected;
import pandel.core.play.words.LinkWords;

/** What changed on screens and shared hotspots, in sentences. */
final class ScreenChanges {

    private final Prototype before;
    private final Prototype now;
    private final List<Change> changes;

    /**
     * Tells what changed.
     *
     * @param changes takes the sentences
     */
    ScreenChanges(Prototype before, Prototype now, List<Change> changes) {
        this.before = before;
        this.now = now;
        this.changes = changes;
    }

    void shared() {
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

    void screen(Screen old, Screen screen) {
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

    private void say(String screen, String sentence) {
        changes.add(new Change(Optional.of(screen), sentence));
    }

    private void say(String sentence) {
        changes.add(new Change(Optional.empty(), sentence));
    }

    private static String screens(int n) {
        return n == 1 ? "one screen" : n + " screens";
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
