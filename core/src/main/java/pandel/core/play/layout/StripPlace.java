package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Area;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.Strips;

/**
 * Where the strip of a tab set stands on a device: laid over the page, or at its side.
 *
 * @param area of the strip, in px of the device
 * @param look along its edge, or at the side
 * @param signs one for each tab, from the left or the top
 */
public record StripPlace(TabSet set, Area area, TabSet.Side look, List<Sign> signs) {

    private static final double HIGH = 56;
    private static final double HIGH_WITHOUT_LABELS = 48;
    /** What a tab takes at least; more than fit go on beyond the edge and are scrolled to. */
    private static final double NARROWEST = 64;

    private static final double SIDE = 72;
    private static final double SIDE_WITH_LABELS = 200;
    private static final double SIDE_TOP = 24;
    private static final double EACH = 64;

    /**
     * One tab.
     *
     * @param chosen whether it is shown
     */
    public record Sign(TabSet.Tab tab, Area area, boolean chosen) {
        private Sign moved(double byX, double byY) {
            return byX == 0 && byY == 0
                    ? this
                    : new Sign(tab, new Area(area.x() + byX, area.y() + byY, area.width(), area.height()), chosen);
        }
    }

    /** The same with a header above it, where it stands at the top. */
    public StripPlace below(double header) {
        return header == 0 || look != TabSet.Side.STRIP || set.strip().edge() != TabSet.Edge.TOP
                ? this
                : new StripPlace(
                        set,
                        new Area(area.x(), area.y() + header, area.width(), area.height()),
                        look,
                        signs.stream().map(s -> s.moved(0, header)).toList());
    }

    /** Whether it has more tabs than fit, so that it scrolls. */
    public boolean scrolls() {
        return within(-Double.MAX_VALUE) != within(Double.MAX_VALUE);
    }

    /** The part of some px that it can be scrolled onwards from where its shown tab puts it; negative: back. */
    public double within(double by) {
        if (signs.isEmpty()) {
            return 0;
        }
        Area first = signs.getFirst().area();
        Area last = signs.getLast().area();
        double before = look == TabSet.Side.STRIP ? set.strip().sizes().padding() : top(set, look);
        double behind = set.strip().sizes().padding() + (look == TabSet.Side.STRIP ? 0 : SIDE_TOP);
        double back = look == TabSet.Side.STRIP ? first.x() - area.x() - before : first.y() - area.y() - before;
        double on = look == TabSet.Side.STRIP
                ? last.x() + last.width() - area.x() - area.width() + behind
                : last.y() + last.height() - area.y() - area.height() + behind;
        return Math.clamp(by, Math.min(0, back), Math.max(0, on));
    }

    /**
     * The same scrolled as far as it can be.
     *
     * @param by px onwards from where its shown tab puts it
     */
    public StripPlace scrolled(double by) {
        double to = within(by);
        return to == 0
                ? this
                : new StripPlace(
                        set,
                        area,
                        look,
                        signs.stream()
                                .map(s -> look == TabSet.Side.STRIP ? s.moved(-to, 0) : s.moved(0, -to))
                                .toList());
    }

    /** Id of the tab that is shown. */
    public Optional<String> shown() {
        return signs.stream().filter(Sign::chosen).map(s -> s.tab().id()).findFirst();
    }

    /**
     * The strips laid over a place or at its side, the outermost nearest to its edge.
     *
     * @param around the tab sets around the place
     * @param on the width by which looks are chosen
     */
    public static List<StripPlace> on(
            Prototype prototype,
            List<EnclosingTab> around,
            String screen,
            Width on,
            double deviceWidth,
            double deviceHeight) {
        List<StripPlace> places = new ArrayList<>();
        double top = 0;
        double foot = deviceHeight;
        double left = 0;
        for (TabSet set : Strips.shown(prototype, around, screen)) {
            if (set.strip().edge() == TabSet.Edge.DRAWN || set.tabs().isEmpty()) {
                continue;
            }
            String chosen = around.stream()
                    .filter(a -> a.set().equals(set.id()))
                    .findFirst()
                    .orElseThrow()
                    .tab();
            double wide = wide(set, on);
            if (wide > 0) {
                Area area = new Area(left, 0, Math.min(wide, Math.max(1, deviceWidth - left)), deviceHeight);
                places.add(new StripPlace(
                        set, area, set.strip().on(on), below(set, set.strip().on(on), chosen, area)));
                left += wide;
                continue;
            }
            double high = set.strip().sizes().height() > 0
                    ? set.strip().sizes().height()
                    : set.strip().labels() == TabSet.Labels.NONE ? HIGH_WITHOUT_LABELS : HIGH;
            boolean above = set.strip().edge() == TabSet.Edge.TOP;
            double y = above ? top : foot - high;
            top += above ? high : 0;
            foot -= above ? 0 : high;
            double start = left;
            places.add(new StripPlace(
                    set,
                    new Area(start, y, Math.max(1, deviceWidth - start), high),
                    TabSet.Side.STRIP,
                    signs(set, chosen, y, high, Math.max(1, deviceWidth - start)).stream()
                            .map(s -> s.moved(start, 0))
                            .toList()));
        }
        return places;
    }

    private static double wide(TabSet set, Width on) {
        return switch (set.strip().on(on)) {
            case STRIP -> 0;
            case SIDE_SIGNS -> SIDE;
            case SIDE_LIST -> SIDE_WITH_LABELS;
        };
    }

    /** px from the top of a strip at the side to its first tab: beneath a button that stands above them. */
    private static double top(TabSet set, TabSet.Side look) {
        double button = set.button()
                .filter(b -> b.on(look) == TabSet.At.HEAD)
                .map(b -> b.size() + ButtonPlace.EDGE)
                .orElse(0.0);
        return SIDE_TOP + set.strip().sizes().padding() + button;
    }

    /** One below another from the top; where they do not fit the chosen one is scrolled to. */
    private static List<Sign> below(TabSet set, TabSet.Side look, String chosen, Area area) {
        int at = Math.max(0, set.tabs().stream().map(TabSet.Tab::id).toList().indexOf(chosen));
        double gap = set.strip().sizes().gap();
        double top = top(set, look);
        double all = set.tabs().size() * (EACH + gap) - gap;
        double scrolled = Math.clamp(
                at * (EACH + gap) + EACH / 2 - area.height() / 2,
                0,
                Math.max(0, all + top + SIDE_TOP + set.strip().sizes().padding() - area.height()));
        List<Sign> signs = new ArrayList<>();
        for (int i = 0; i < set.tabs().size(); i++) {
            TabSet.Tab tab = set.tabs().get(i);
            signs.add(new Sign(
                    tab,
                    new Area(area.x(), top + i * (EACH + gap) - scrolled, area.width(), EACH),
                    tab.id().equals(chosen)));
        }
        return signs;
    }

    /** Side by side over the whole width; where they do not fit the chosen one is scrolled to the middle. */
    private static List<Sign> signs(TabSet set, String chosen, double y, double high, double wide) {
        int count = set.tabs().size();
        double gap = set.strip().sizes().gap();
        double padding = set.strip().sizes().padding();
        double each = Math.max(NARROWEST, (wide - 2 * padding - gap * (count - 1)) / count);
        int at = Math.max(0, set.tabs().stream().map(TabSet.Tab::id).toList().indexOf(chosen));
        double all = 2 * padding + count * (each + gap) - gap;
        double scrolled = Math.clamp(padding + at * (each + gap) + each / 2 - wide / 2, 0, Math.max(0, all - wide));
        List<Sign> signs = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            TabSet.Tab tab = set.tabs().get(i);
            signs.add(new Sign(
                    tab,
                    new Area(padding + i * (each + gap) - scrolled, y, each, high),
                    tab.id().equals(chosen)));
        }
        return signs;
    }
}
