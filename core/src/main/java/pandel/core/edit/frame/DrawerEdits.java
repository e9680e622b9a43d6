package pandel.core.edit.frame;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;

/** Edits of drawers. */
public final class DrawerEdits {

    /** px a side of a sign, and from the corner it stands in. */
    private static final double SIGN = 44;

    private static final double CORNER = 8;
    private static final double SIGN_LETTERS = 26;

    private DrawerEdits() {}

    /** Puts a drawer behind those there are. */
    public static Edit make(Drawer drawer) {
        return Edit.of("make the drawer “" + drawer.shownTitle() + "”", p -> {
            List<Drawer> all = new ArrayList<>(p.drawers());
            all.add(drawer);
            return p.withDrawers(all);
        });
    }

    /** The screens it stands on from which nothing opens it yet. */
    public static List<Screen> unsigned(Prototype p, Drawer drawer) {
        return Attachments.screens(p, drawer.on()).stream()
                .filter(s -> p.index().waysOut(s.id()).stream()
                        .filter(w -> w.drawer().isEmpty())
                        .noneMatch(w -> opens(w.link(), drawer)))
                .toList();
    }

    /** Whether a link opens a drawer, or opens and closes it by turns. */
    public static boolean opens(Link link, Drawer drawer) {
        return link.effects()
                .anyMatch(e -> e instanceof Effect.MoveDrawer m
                        && m.drawer().equals(drawer.id())
                        && m.how() != Effect.How.CLOSE);
    }

    /**
     * Puts a sign that opens it in the top corner, on its side, of all screens from which nothing opens it yet: one
     * shared hotspot.
     *
     * @param id of the hotspot
     * @param drawn whether the sign is drawn too, as words laid on the pictures
     */
    public static Edit sign(Drawer drawer, String id, boolean drawn) {
        return Edit.of("put a sign for “" + drawer.shownTitle() + "” on its screens", p -> {
            List<Screen> on = unsigned(p, drawer);
            if (on.isEmpty()) {
                return p;
            }
            Map<Width, Area> areas = new EnumMap<>(Width.class);
            Stream.of(Width.values())
                    .forEach(w -> on.stream()
                            .flatMap(s -> s.mocks().stream())
                            .filter(m -> m.on() == w)
                            .findFirst()
                            .ifPresent(m -> areas.put(w, corner(drawer, m.width()))));
            areas.putIfAbsent(Width.NARROW, corner(drawer, Device.PHONE.width()));
            Hotspot hotspot = new Hotspot(
                    id,
                    drawer.shownTitle(),
                    areas,
                    List.of(Link.of(
                            id + "-tap",
                            new Cause.Touch(Gesture.TAP),
                            new Effect.MoveDrawer(drawer.id(), Effect.How.OPEN))),
                    Rest.NONE);
            List<SharedHotspot> all = new ArrayList<>(p.shared());
            all.add(new SharedHotspot(
                    hotspot,
                    on.stream().map(Screen::id).collect(Collectors.toCollection(LinkedHashSet::new)),
                    Rest.NONE));
            Set<String> ids = on.stream().map(Screen::id).collect(Collectors.toSet());
            Prototype signed = p.withShared(all);
            return !drawn
                    ? signed
                    : signed.withScreens(signed.screens().stream()
                            .map(s -> ids.contains(s.id())
                                    ? s.withMocks(s.mocks().stream()
                                            .map(m -> drawn(drawer, m))
                                            .toList())
                                    : s)
                            .toList());
        });
    }

    private static Area corner(Drawer drawer, double wide) {
        return new Area(
                drawer.panel().side() == PanelSide.LEFT ? CORNER : Math.max(0, wide - CORNER - SIGN),
                CORNER,
                SIGN,
                SIGN);
    }

    private static Mock drawn(Drawer drawer, Mock mock) {
        return switch (mock) {
            case Picture picture -> {
                List<Patch> patches = new ArrayList<>(picture.patches());
                patches.add(new Patch(
                        corner(drawer, picture.width()), "", drawer.panel().ink(), "≡", SIGN_LETTERS, true));
                yield picture.withPatches(patches);
            }
        };
    }

    /** Puts a changed drawer in the place of the one with its id. */
    public static Edit change(String name, Drawer drawer) {
        return Edit.of(
                name,
                p -> p.withDrawers(p.drawers().stream()
                        .map(d -> d.id().equals(drawer.id()) ? drawer : d)
                        .toList()));
    }

    /** Takes a drawer away, with the links that do nothing but open or close it; others do what else they do. */
    public static Edit remove(Drawer drawer) {
        Predicate<Effect> moves =
                e -> e instanceof Effect.MoveDrawer m && m.drawer().equals(drawer.id());
        return Edit.of("remove “" + drawer.shownTitle() + "”", p -> {
            Prototype without = p.withDrawers(p.drawers().stream()
                    .filter(d -> !d.id().equals(drawer.id()))
                    .toList());
            Prototype unlinked = EachLink.dropLinks(
                    without,
                    l -> l.effects().findAny().isPresent() && l.effects().allMatch(moves));
            return EachLink.branches(
                    unlinked,
                    b -> b.effects().stream().anyMatch(moves)
                            ? b.withEffects(
                                    b.effects().stream().filter(moves.negate()).toList())
                            : b);
        });
    }

    /**
     * Moves an item to another place in the order; it joins the section that it comes to stand in.
     *
     * @param from counted from 0
     * @param to counted from 0, after it was taken out
     */
    public static Edit move(Drawer drawer, int from, int to) {
        List<Drawer.Item> items = new ArrayList<>(drawer.items());
        Drawer.Item item = items.remove(from);
        String section = to > 0
                ? items.get(to - 1).section()
                : items.isEmpty() ? item.section() : items.getFirst().section();
        items.add(to, item.withSection(section));
        return change("move an item of “" + drawer.shownTitle() + "”", drawer.withItems(items));
    }

    /** Takes an item out. */
    public static Edit takeOut(Drawer drawer, Drawer.Item item) {
        return change(
                "take “" + item.shownLabel() + "” out of “" + drawer.shownTitle() + "”",
                drawer.withItems(drawer.items().stream()
                        .filter(i -> !i.id().equals(item.id()))
                        .toList()));
    }

    /**
     * Items typed as a list, a line each; a line that ends in a colon begins a section. An item whose label is a
     * screen's title leads there.
     *
     * @param id gives the id of a new item
     */
    public static Edit type(Prototype prototype, Drawer drawer, String lines, Supplier<String> id) {
        List<Drawer.Item> items = new ArrayList<>(drawer.items());
        int before = items.size();
        String section = items.isEmpty() ? "" : items.getLast().section();
        for (String line :
                lines.lines().map(String::strip).filter(l -> !l.isEmpty()).toList()) {
            if (line.endsWith(":")) {
                section = line.substring(0, line.length() - 1).strip();
            } else {
                items.add(new Drawer.Item(id.get(), line, "", section, false, leadsTo(prototype, line)));
            }
        }
        int added = items.size() - before;
        return change(
                added == 1
                        ? "add “" + items.getLast().shownLabel() + "” to “" + drawer.shownTitle() + "”"
                        : "add " + added + " items to “" + drawer.shownTitle() + "”",
                drawer.withItems(items));
    }

    private static Branch leadsTo(Prototype prototype, String label) {
        return prototype.screens().stream()
                .filter(s -> s.title().strip().equalsIgnoreCase(label))
                .findFirst()
                .map(s -> Branch.of(Fitting.fromDrawer(s)))
                .orElseGet(() -> Branch.of(List.of()));
    }

    /**
     * Drawers and headers without what they stood on that is gone.
     *
     * @param gone ids of screens and tab sets
     */
    public static Prototype without(Prototype prototype, Set<String> gone) {
        return prototype.drawers().isEmpty() && prototype.headers().isEmpty()
                ? prototype
                : prototype
                        .withDrawers(prototype.drawers().stream()
                                .map(d -> d.without(gone))
                                .toList())
                        .withHeaders(prototype.headers().stream()
                                .map(h -> h.without(gone))
                                .toList());
    }
}
