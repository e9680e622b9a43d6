package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Area;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.Strips;

/**
 * Where the button of a tab set floats: in a corner of the page or at its foot, between the strips; or among the tabs
 * at the side.
 *
 * @param area in px from the left of the room of the strips
 */
public record ButtonPlace(TabSet set, Area area) {

    /** px between a button and what it stands beside. */
    static final double EDGE = 16;

    /**
     * Those over a place; of several in one corner the innermost lies nearest to it.
     *
     * @param on the width by which looks are chosen
     * @param across px of the strips' room
     * @param header px at the top that a header takes
     */
    public static List<ButtonPlace> on(
            Prototype prototype,
            List<EnclosingTab> around,
            String screen,
            Width on,
            double across,
            double deviceHeight,
            double header) {
        List<StripPlace> strips = StripPlace.on(prototype, around, screen, on, across, deviceHeight);
        double foot = deviceHeight;
        double head = header;
        double left = 0;
        for (StripPlace strip : strips) {
            if (strip.look() != TabSet.Side.STRIP) {
                left += strip.area().width();
            } else if (strip.set().strip().edge() == TabSet.Edge.TOP) {
                head += strip.area().height();
            } else {
                foot = Math.min(foot, strip.area().y());
            }
        }
        Map<TabSet.At, Double> taken = new EnumMap<>(TabSet.At.class);
        List<ButtonPlace> places = new ArrayList<>();
        for (TabSet set : Strips.shown(prototype, around, screen).reversed()) {
            Optional<TabSet.Floating> button = set.buttonOn(on);
            if (button.isEmpty()) {
                continue;
            }
            double size = button.get().size();
            TabSet.At at = button.get().on(set.strip().on(on));
            Optional<StripPlace> beside = strips.stream()
                    .filter(s -> s.set().id().equals(set.id()) && s.look() != TabSet.Side.STRIP)
                    .findFirst();
            if (at.isAmongTabs() && beside.isPresent()) {
                places.add(new ButtonPlace(set, among(beside.get(), at, size)));
                continue;
            }
            double before = taken.getOrDefault(at, 0.0);
            taken.put(at, before + EDGE + size);
            // A strip drawn on the pictures is as high as one that is laid.
            double drawn = set.strip().edge() == TabSet.Edge.DRAWN ? EDGE + TabSet.Floating.USUAL_SIZE : 0;
            boolean upper = at == TabSet.At.UPPER_LEFT || at == TabSet.At.UPPER_RIGHT;
            double y = upper ? head + EDGE + before : foot - drawn - before - EDGE - size;
            double x = switch (at) {
                case LOWER_LEFT, UPPER_LEFT -> left + EDGE;
                case LOWER_MIDDLE -> (left + across - size) / 2;
                default -> across - EDGE - size;
            };
            places.add(new ButtonPlace(set, new Area(Math.max(0, x), Math.max(0, y), size, size)));
        }
        return places;
    }

    /** At the head or the foot of the tabs at the side; under signs in their middle, under a list at its left. */
    private static Area among(StripPlace strip, TabSet.At at, double size) {
        boolean list = strip.look() == TabSet.Side.SIDE_LIST;
        double x = strip.area().x() + (list ? EDGE : (strip.area().width() - size) / 2);
        double y = at == TabSet.At.HEAD ? strip.area().y() + EDGE : strip.area().bottom() - EDGE - size;
        return new Area(Math.max(0, x), Math.max(0, y), size, size);
    }
}
