package pandel.core.edit.screen;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.edit.Titles;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.PairEdits;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Entry;

/** Edits of screens, entries and the prototype as a whole. */
public final class ScreenEdits {

    private ScreenEdits() {}

    /** Puts screens at the end; the first of them becomes the entry where there is none yet. */
    public static Edit add(List<Screen> screens) {
        return Edit.of("add " + named(screens), p -> {
            if (screens.isEmpty()) {
                return p;
            }
            List<Screen> all = new ArrayList<>(p.screens());
            all.addAll(screens);
            Prototype grown = p.withScreens(all);
            return p.mainEntry().isPresent()
                    ? grown
                    : startingAt(grown, screens.getFirst().id());
        });
    }

    public static Edit rename(Screen screen, String title) {
        String clean = title.strip();
        return Edit.of("rename " + Titles.of(screen), p -> p.withScreen(screen.id(), s -> s.withTitle(clean)));
    }

    public static Edit renamePrototype(String title) {
        return Edit.of("rename the prototype", p -> p.withTitle(title.strip()));
    }

    /** Moves screens into a section, to stand before another screen, or as its last. */
    public static Edit place(List<Screen> screens, String section, Optional<String> before) {
        Set<String> moving = ids(screens);
        return Edit.of("move " + named(screens), p -> {
            List<Screen> moved = p.screens().stream()
                    .filter(s -> moving.contains(s.id()))
                    .map(s -> s.section().equals(section) ? s : s.withSection(section))
                    .toList();
            List<Screen> order = new ArrayList<>(
                    p.screens().stream().filter(s -> !moving.contains(s.id())).toList());
            order.addAll(position(p, order, section, before, moving), moved);
            return p.withScreens(order);
        });
    }

    private static int position(
            Prototype p, List<Screen> order, String section, Optional<String> before, Set<String> moving) {
        // Before one that moves along is before the next that stays.
        int from = before.flatMap(p::screen)
                .map(p.screens()::indexOf)
                .orElse(p.screens().size());
        for (Screen next : p.screens().subList(from, p.screens().size())) {
            if (!moving.contains(next.id())) {
                return order.indexOf(next);
            }
        }
        for (int i = order.size() - 1; i >= 0; i--) {
            if (order.get(i).section().equals(section)) {
                return i + 1;
            }
        }
        return order.size();
    }

    /**
     * Moves a screen one place towards the front (−1) or the end (1) among those of its section, past the ends into the
     * section beside it.
     */
    public static Edit shift(Screen screen, int by) {
        return Edit.of("move " + Titles.of(screen), p -> {
            List<Screen> own = p.screens().stream()
                    .filter(s -> s.section().equals(screen.section()))
                    .toList();
            int at = own.indexOf(p.screen(screen.id()).orElse(null));
            if (at < 0) {
                return p;
            }
            int to = at + by;
            if (to >= 0 && to < own.size()) {
                Optional<String> before = by < 0
                        ? Optional.of(own.get(to).id())
                        : to + 1 < own.size() ? Optional.of(own.get(to + 1).id()) : Optional.empty();
                return place(List.of(screen), screen.section(), before).applyTo(p);
            }
            List<String> sections =
                    p.screens().stream().map(Screen::section).distinct().toList();
            int next = sections.indexOf(screen.section()) + by;
            if (next < 0 || next >= sections.size()) {
                return p;
            }
            String section = sections.get(next);
            Optional<String> first = by < 0
                    ? Optional.empty()
                    : p.screens().stream()
                            .filter(s -> s.section().equals(section))
                            .map(Screen::id)
                            .findFirst();
            return place(List.of(screen), section, first).applyTo(p);
        });
    }

    /** Gives a section another name; one that another section has joins them. */
    public static Edit renameSection(String section, String name) {
        String clean = name.strip();
        return Edit.of(
                "rename the section “" + section + "”",
                p -> p.withScreens(p.screens().stream()
                                .map(s -> s.section().equals(section) ? s.withSection(clean) : s)
                                .toList())
                        .withJudgements(p.judgements().sectionRenamed(section, clean)));
    }

    public static Edit end(Screen screen, boolean end) {
        return Edit.of(
                (end ? "mark " : "unmark ") + Titles.of(screen) + " as an end",
                p -> p.withScreen(screen.id(), s -> s.withEnd(end)));
    }

    /** Makes a screen home, in place of any other, or no longer. */
    public static Edit home(Screen screen, boolean home) {
        return Edit.of(
                (home ? "make " + Titles.of(screen) + " home" : Titles.of(screen) + " is not home"),
                p -> p.withScreens(p.screens().stream()
                        .map(s -> s.home() == (home && s.id().equals(screen.id()))
                                ? s
                                : s.withHome(home && s.id().equals(screen.id())))
                        .toList()));
    }

    public static Edit form(Screen screen, Form form) {
        return form(List.of(screen), form);
    }

    /** Gives screens a form. */
    public static Edit form(List<Screen> screens, Form form) {
        Set<String> ids = ids(screens);
        return Edit.of(
                "make " + named(screens) + (screens.size() == 1 ? " a " + form.word() : " " + form.word() + "s"),
                p -> p.withScreens(p.screens().stream()
                        .map(s -> ids.contains(s.id()) ? s.withForm(form) : s)
                        .toList()));
    }

    /** Puts screens in a section; an empty one takes them out of any. */
    public static Edit section(List<Screen> screens, String section) {
        Set<String> ids = ids(screens);
        String what = named(screens);
        return Edit.of(
                section.isBlank()
                        ? "take " + what + " out of its section"
                        : "put " + what + " in “" + section.strip() + "”",
                p -> p.withScreens(p.screens().stream()
                        .map(s -> ids.contains(s.id()) ? s.withSection(section.strip()) : s)
                        .toList()));
    }

    /** Makes a screen the main entry. */
    public static Edit entry(Screen screen) {
        return Edit.of("start at " + Titles.of(screen), p -> startingAt(p, screen.id()));
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
        Set<String> gone = ids(screens);
        return Edit.of("remove " + named(screens), p -> without(p, gone));
    }

    private static Prototype without(Prototype p, Set<String> gone) {
        Prototype unlinked = PairEdits.without(
                DrawerEdits.without(
                        TabSetEdits.withoutRoots(SequenceEdits.withoutPages(EachLink.dropLinksTo(p, gone), gone), gone),
                        gone),
                gone);
        return unlinked.withScreens(unlinked.screens().stream()
                        .filter(s -> !gone.contains(s.id()))
                        .toList())
                .withShared(unlinked.shared().stream()
                        .map(s -> s.on(s.screens().stream()
                                .filter(id -> !gone.contains(id))
                                .toList()))
                        .filter(s -> !s.screens().isEmpty())
                        .toList())
                .withEntries(unlinked.entries().stream()
                        .filter(e -> !gone.contains(e.target().id()))
                        .toList());
    }

    /** Sets screens aside: they take no part in checks. */
    public static Edit park(List<Screen> screens) {
        return status("park " + named(screens), screens, Status.PARKED);
    }

    /** How far a screen is in its making. */
    public static Edit status(Screen screen, Status status) {
        return status(List.of(screen), status);
    }

    /** How far screens are in their making. */
    public static Edit status(List<Screen> screens, Status status) {
        return status("mark " + named(screens) + " as " + status.word(), screens, status);
    }

    private static Edit status(String name, List<Screen> screens, Status status) {
        Set<String> ids = ids(screens);
        return Edit.of(
                name,
                p -> p.withScreens(p.screens().stream()
                        .map(s -> ids.contains(s.id()) ? s.withStatus(status) : s)
                        .toList()));
    }

    /** An overlay opened with the screen is closed as usual for its form. */
    public static Edit closedAsUsual(Screen screen) {
        return Edit.of(
                "let " + Titles.of(screen) + " be closed", p -> p.withScreen(screen.id(), Screen::closedAsUsual));
    }

    /** Sets the devices the prototype is for. */
    public static Edit devices(List<Device> devices) {
        return Edit.of("change the devices", p -> p.withDevices(devices));
    }

    /** Says where one class of widths ends and the next begins. */
    public static Edit widths(Widths widths) {
        return Edit.of(
                "let devices be medium from " + widths.medium() + " px and wide from " + widths.wide() + " px",
                p -> p.withWidths(widths));
    }

    private static Prototype startingAt(Prototype p, String screen) {
        List<Entry> others = new ArrayList<>(p.entries());
        Entry main = p.mainEntry().orElse(null);
        others.remove(main);
        Entry changed = main == null
                ? Entry.at("start", screen)
                : new Entry(main.id(), new Target.ToScreen(screen), main.address(), main.rest());
        others.addFirst(changed);
        return p.withEntries(others);
    }

    private static Set<String> ids(List<Screen> screens) {
        Set<String> ids = new HashSet<>();
        screens.forEach(s -> ids.add(s.id()));
        return ids;
    }

    private static String named(List<Screen> screens) {
        return screens.size() == 1 ? Titles.of(screens.getFirst()) : screens.size() + " screens";
    }

    /** How a screen stands where it is open above others. */
    public static Edit overlay(Screen screen, String name, Overlay overlay) {
        return Edit.of(name, p -> p.withScreen(screen.id(), s -> s.withOverlay(overlay)));
    }

    /** What closes an overlay opened with a screen; those usual for its form are not written down. */
    public static Edit closers(Screen screen, Set<Closer> closers) {
        return Edit.of(
                "change what closes " + Titles.of(screen),
                p -> p.withScreen(
                        screen.id(),
                        s -> closers.equals(Closer.usualFor(s.form()))
                                ? s.closedAsUsual()
                                : s.withClosers(closers.toArray(Closer[]::new))));
    }
}
