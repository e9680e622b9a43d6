package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.value.Placeholders;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;

/**
 * Where a drawer stands on a device when it is all out, and what is in it.
 *
 * @param area of the panel, in px of the device
 * @param picture px of the head's picture from the top down, which is as wide as the panel; 0: it has none
 * @param words at its head, filled, beneath the picture; may be empty
 * @param head px that picture and words take at its top, scrolled with the rows
 * @param rows those that scroll, as they stand when nothing is scrolled
 * @param held those held at the bottom
 * @param maxScroll px the rows can be scrolled
 */
public record DrawerPlace(
        Drawer drawer,
        Area area,
        double picture,
        String words,
        double head,
        List<Row> rows,
        List<Row> held,
        double maxScroll) {

    private static final double WORDS = 88;
    private static final double WORDS_BENEATH = 56;
    /** px of a picture that are seen; what is lower is cut. */
    private static final double PICTURE = 240;

    private static final double PADDING = 12;
    private static final double ITEM = 48;
    private static final double SECTION = 36;

    /**
     * An item, or the words over a section.
     *
     * @param here whether its target is the current place
     */
    public record Row(Optional<Drawer.Item> item, String words, Area area, boolean here) {}

    public DrawerPlace {
        rows = List.copyOf(rows);
        held = List.copyOf(held);
    }

    /**
     * A drawer on a level.
     *
     * @param level counted from 0, the base
     */
    public static DrawerPlace of(Prototype prototype, Situation now, int level, Drawer drawer) {
        double wide = drawer.widthAt(now.width());
        boolean left = drawer.panel().side() == PanelSide.LEFT;
        double gap = drawer.panel().gap();
        double x = left ? gap : now.width() - wide - gap;
        if (drawer.staysAt(now.width())) {
            // Drawers that stay at one side stand beside one another.
            x = now.drawers(prototype, level).stream()
                            .takeWhile(d -> !d.id().equals(drawer.id()))
                            .filter(d -> d.staysAt(now.width())
                                    && d.panel().side() == drawer.panel().side())
                            .mapToDouble(d -> left ? d.roomAt(now.width()) : -d.roomAt(now.width()))
                            .sum()
                    + x;
        }
        String words = Placeholders.filled(
                drawer.head(), prototype, now.levels().get(level).known(now.facts()));
        double picture = drawer.picture()
                .map(p -> Math.min(PICTURE, wide * p.height() / p.width()))
                .orElse(0.0);
        double head = picture + (words.isEmpty() ? 0 : picture > 0 ? WORDS_BENEATH : WORDS);
        List<Row> rows = new ArrayList<>();
        List<Row> held = new ArrayList<>();
        double y = gap + (words.isEmpty() ? head + PADDING : head);
        String section = "";
        double foot = now.height()
                - gap
                - PADDING
                - drawer.items().stream().filter(Drawer.Item::held).count() * ITEM;
        Trail trail = now.levels().get(level).trail();
        List<EnclosingTab> around = Situation.around(trail);
        for (Drawer.Item item : drawer.items()) {
            boolean here = isHere(trail.current(), around, item);
            if (item.held()) {
                held.add(new Row(
                        Optional.of(item),
                        item.shownLabel(),
                        new Area(x, foot + held.size() * ITEM, wide, ITEM),
                        here));
                continue;
            }
            if (!item.section().equals(section)) {
                section = item.section();
                if (!section.isEmpty()) {
                    rows.add(new Row(Optional.empty(), section, new Area(x, y, wide, SECTION), false));
                    y += SECTION;
                }
            }
            rows.add(new Row(Optional.of(item), item.shownLabel(), new Area(x, y, wide, ITEM), here));
            y += ITEM;
        }
        double seen = held.isEmpty() ? now.height() - gap : foot - PADDING;
        return new DrawerPlace(
                drawer,
                new Area(x, gap, wide, Math.max(1, now.height() - 2 * gap)),
                picture,
                words,
                head,
                rows,
                held,
                Math.max(0, y + PADDING - seen));
    }

    /** Whether what an item leads to is the current place. */
    private static boolean isHere(Visit current, List<EnclosingTab> around, Drawer.Item item) {
        Optional<Target> target = item.does().move().flatMap(Effect::target);
        return target.isPresent()
                && switch (target.get()) {
                    case Target.ToScreen to ->
                        current.at().isEmpty() && current.screen().equals(to.id());
                    case Target.ToSequence to ->
                        current.at().filter(a -> a.sequence().equals(to.id())).isPresent();
                    case Target.ToTabs to ->
                        around.stream()
                                .anyMatch(a -> a.set().equals(to.id())
                                        && (to.tab().isEmpty() || to.tab().get().equals(a.tab())));
                };
    }

    /** px from the device's top down to where what scrolls ends. */
    public double seen() {
        return held.isEmpty() ? area.bottom() : held.getFirst().area().y() - PADDING;
    }

    /**
     * What a tap at a point of the panel is on; empty where there is no item.
     *
     * @param scroll px the rows are scrolled
     */
    Optional<Event.On> on(double x, double y, double scroll) {
        List<Row> all = y < seen() ? rows : held;
        double at = y < seen() ? y + Math.min(scroll, maxScroll) : y;
        return all.stream()
                .filter(r -> r.area().contains(x, at))
                .findFirst()
                .flatMap(Row::item)
                .map(i -> new Event.On.OnItem(i.id()));
    }

    /**
     * Where an item stands on the device; empty where it is none of this drawer.
     *
     * @param scroll px the rows are scrolled
     */
    Optional<Area> areaOf(String item, double scroll) {
        double by = Math.min(scroll, maxScroll);
        return Stream.concat(
                        rows.stream()
                                .map(r -> new Row(
                                        r.item(),
                                        r.words(),
                                        new Area(
                                                r.area().x(),
                                                r.area().y() - by,
                                                r.area().width(),
                                                r.area().height()),
                                        r.here())),
                        held.stream())
                .filter(r -> r.item().filter(i -> i.id().equals(item)).isPresent())
                .map(Row::area)
                .findFirst();
    }

    /**
     * The drawers of the top level that can be seen: the open one, else those that are always there; both where one is
     * open over others.
     */
    public static List<DrawerPlace> shown(Prototype prototype, Situation now, int level) {
        boolean top = level == now.levels().size() - 1;
        // The open one may be attached to the list beside the current place alone.
        return Stream.concat(
                        now.drawers(prototype, level).stream().filter(d -> d.staysAt(now.width())),
                        top ? now.drawer().flatMap(prototype::drawer).stream() : Stream.empty())
                .map(d -> of(prototype, now, level, d))
                .toList();
    }
}
