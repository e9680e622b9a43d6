package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Area;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.Strips;

/**
 * Where the button of a tab set floats: in the lower right corner of the page, above the strip.
 *
 * @param area in px from the left of the room of the strips
 */
public record ButtonPlace(TabSet set, Area area) {

    private static final double SIZE = 56;
    private static final double EDGE = 16;

    /**
     * Those over a place; the innermost lies lowest.
     *
     * @param on the width by which looks are chosen
     * @param across px of the strips' room
     */
    public static List<ButtonPlace> on(
            Prototype prototype,
            List<EnclosingTab> around,
            String screen,
            Width on,
            double across,
            double deviceHeight) {
        List<StripPlace> strips = StripPlace.on(prototype, around, screen, on, across, deviceHeight);
        double foot = strips.stream()
                .filter(p -> p.look() == TabSet.Side.STRIP && p.area().y() > 0)
                .mapToDouble(p -> p.area().y())
                .min()
                .orElse(deviceHeight);
        List<ButtonPlace> places = new ArrayList<>();
        for (TabSet set : Strips.shown(prototype, around, screen).reversed()) {
            if (set.buttonOn(on).isPresent()) {
                // A strip drawn on the pictures is as high as one that is laid.
                double drawn = set.strip().edge() == TabSet.Edge.DRAWN ? EDGE + SIZE : 0;
                double y = foot - drawn - (EDGE + SIZE) * (places.size() + 1);
                places.add(
                        new ButtonPlace(set, new Area(Math.max(0, across - EDGE - SIZE), Math.max(0, y), SIZE, SIZE)));
            }
        }
        return places;
    }
}
