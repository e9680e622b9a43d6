package pandel.core.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import pandel.core.model.Device;
import pandel.core.model.Entry;
import pandel.core.model.Form;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Status;
import pandel.core.model.Target;

/** Edits of screens, entries and the prototype as a whole. */
public final class ScreenEdits {

    private ScreenEdits() {
    }

    /** Puts screens at the end; the first of them becomes the entry where there is none yet. */
    public static Edit add(List<Screen> screens) {
        String name = screens.size() == 1 ? "add " + quoted(screens.getFirst()) : "add " + screens.size() + " screens";
        return Edit.of(name, p -> {
            if (screens.isEmpty()) {
                return p;
            }
            List<Screen> all = new ArrayList<>(p.screens());
            all.addAll(screens);
            Prototype grown = p.withScreens(all);
            return p.mainEntry().isPresent() ? grown : startingAt(grown, screens.getFirst().id());
        });
    }

    public static Edit rename(Screen screen, String title) {
        String clean = title.strip();
        return Edit.of("rename " + quoted(screen), p -> p.withScreen(screen.id(), s -> s.withTitle(clean)));
    }

    public static Edit renamePrototype(String title) {
        return Edit.of("rename the prototype", p -> p.withTitle(title.strip()));
    }

    /** Moves a screen so that it stands at a position, counted from 0 without it. */
    public static Edit move(Screen screen, int position) {
        return Edit.of("move " + quoted(screen), p -> {
            List<Screen> order = new ArrayList<>(p.screens());
            if (!order.removeIf(s -> s.id().equals(screen.id()))) {
                return p;
            }
            order.add(Math.clamp(position, 0, order.size()),
                    p.screen(screen.id()).orElseThrow());
            return p.withScreens(order);
        });
    }

    public static Edit end(Screen screen, boolean end) {
        return Edit.of((end ? "mark " : "unmark ") + quoted(screen) + " as an end",
                p -> p.withScreen(screen.id(), s -> s.withEnd(end)));
    }

    /** Makes a screen home, in place of any other, or no longer. */
    public static Edit home(Screen screen, boolean home) {
        return Edit.of((home ? "make " + quoted(screen) + " home" : quoted(screen) + " is not home"), p -> p.withScreens(
                p.screens().stream().map(s -> s.home() == (home && s.id().equals(screen.id())) ? s : s.withHome(home && s.id().equals(screen.id()))).toList()));
    }

    public static Edit form(Screen screen, Form form) {
        return Edit.of("make " + quoted(screen) + " a " + form.word(),
                p -> p.withScreen(screen.id(), s -> s.withForm(form)));
    }

    /** Puts screens in a section; an empty one takes them out of any. */
    public static Edit section(List<Screen> screens, String section) {
        Set<String> ids = new HashSet<>();
        screens.forEach(s -> ids.add(s.id()));
        String what = screens.size() == 1 ? quoted(screens.getFirst()) : screens.size() + " screens";
        return Edit.of(section.isBlank() ? "take " + what + " out of its section" : "put " + what + " in “" + section.strip() + "”", p -> p.withScreens(
                p.screens().stream().map(s -> ids.contains(s.id()) ? s.withSection(section.strip()) : s).toList()));
    }

    /** Makes a screen the main entry. */
    public static Edit entry(Screen screen) {
        return Edit.of("start at " + quoted(screen), p -> startingAt(p, screen.id()));
    }

    /** The links that go when screens are removed: those that lead to them from screens that stay. */
    public static List<Way> linksLostWith(Prototype prototype, Collection<String> screens) {
        Set<String> gone = new HashSet<>(screens);
        return prototype.index().ways().stream()
                .filter(way -> way.targets().stream().anyMatch(gone::contains))
                .filter(way -> way.from().stream().anyMatch(s -> !gone.contains(s.id())))
                .toList();
    }

    /** Removes screens, the links that lead to them, and their place among shared hotspots and entries. */
    public static Edit remove(List<Screen> screens) {
        String name = screens.size() == 1 ? "remove " + quoted(screens.getFirst())
                : "remove " + screens.size() + " screens";
        Set<String> gone = new HashSet<>();
        screens.forEach(s -> gone.add(s.id()));
        return Edit.of(name, p -> without(p, gone));
    }

    private static Prototype without(Prototype p, Set<String> gone) {
        Prototype unlinked = LinkEdits.dropLinksTo(p, gone);
        return unlinked
                .withScreens(unlinked.screens().stream().filter(s -> !gone.contains(s.id())).toList())
                .withShared(unlinked.shared().stream()
                        .map(s -> s.on(s.screens().stream().filter(id -> !gone.contains(id)).toList()))
                        .filter(s -> !s.screens().isEmpty()).toList())
                .withEntries(unlinked.entries().stream().filter(e -> !gone.contains(e.target().id())).toList());
    }

    /** Sets screens aside: they take no part in checks. */
    public static Edit park(List<Screen> screens) {
        String name = screens.size() == 1 ? "park " + quoted(screens.getFirst()) : "park " + screens.size() + " screens";
        return status(name, screens, Status.PARKED);
    }

    /** How far a screen is in its making. */
    public static Edit status(Screen screen, Status status) {
        return status("mark " + quoted(screen) + " as " + status.word(), List.of(screen), status);
    }

    private static Edit status(String name, List<Screen> screens, Status status) {
        Set<String> ids = new HashSet<>();
        screens.forEach(s -> ids.add(s.id()));
        return Edit.of(name, p -> p.withScreens(p.screens().stream().map(s -> ids.contains(s.id()) ? s.withStatus(status) : s).toList()));
    }

    /** An overlay opened with the screen is closed as usual for its form. */
    public static Edit closedAsUsual(Screen screen) {
        return Edit.of("let " + quoted(screen) + " be closed", p -> p.withScreen(screen.id(), Screen::closedAsUsual));
    }

    /** Sets the devices the prototype is for. */
    public static Edit devices(List<Device> devices) {
        return Edit.of("change the devices", p -> p.withDevices(devices));
    }

    private static Prototype startingAt(Prototype p, String screen) {
        List<Entry> others = new ArrayList<>(p.entries());
        Entry main = p.mainEntry().orElse(null);
        others.remove(main);
        Entry changed = main == null ? Entry.at("start", screen)
                : new Entry(main.id(), new Target.ToScreen(screen), main.address(), main.rest());
        others.addFirst(changed);
        return p.withEntries(others);
    }

    static String quoted(Screen screen) {
        return "“" + screen.shownTitle() + "”";
    }
}
