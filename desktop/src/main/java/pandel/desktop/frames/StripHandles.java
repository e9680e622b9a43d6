package pandel.desktop.frames;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.layout.AnswerPlace;
import pandel.core.play.layout.ButtonPlace;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.situation.Situation;

/**
 * What can be taken in the hand on a tab set as it is seen: its tabs, the edge of its strip, its button.
 *
 * @param put told a name for an edit, and what it makes of the set
 */
record StripHandles(
        Prototype prototype,
        Handles handles,
        TabSet set,
        Device device,
        BiConsumer<String, UnaryOperator<TabSet>> put) {

    /**
     * Lays them over the root of a tab.
     *
     * @param chosen the place of the tab that is spoken of, from 0
     * @param choose told the place of one that is pressed
     * @param label told a tab and the label that was typed on it
     */
    void lay(TabSet.Tab tab, int chosen, IntConsumer choose, BiConsumer<TabSet.Tab, String> label) {
        String screen = Targets.shownId(prototype, tab.root());
        List<EnclosingTab> in = List.of(new EnclosingTab(set.id(), tab.id(), Map.of(), true));
        Width on = prototype.widths().of(device.width());
        StripPlace.on(prototype, in, screen, on, device.width(), device.height()).stream()
                .filter(p -> p.set().id().equals(set.id()))
                .forEach(place -> {
                    tabs(place, chosen, choose, label);
                    if (place.look() == TabSet.Side.STRIP) {
                        edge(place);
                    }
                });
        if (set.strip().edge() == TabSet.Edge.DRAWN) {
            drawn(screen, chosen, choose);
        }
        set.button().ifPresent(b -> button(b, in, screen, on));
    }

    private void tabs(StripPlace place, int chosen, IntConsumer choose, BiConsumer<TabSet.Tab, String> label) {
        for (int i = 0; i < place.signs().size(); i++) {
            int at = i;
            StripPlace.Sign sign = place.signs().get(i);
            handles.part(
                    "on-strip-" + (i + 1),
                    sign.area(),
                    i == chosen,
                    "“" + sign.tab().shownLabel() + "”",
                    () -> choose.accept(at),
                    new Handles.Words(
                            sign.tab().label(), "Label of the tab", typed -> label.accept(sign.tab(), typed)));
        }
    }

    /** The tabs where the picture has them: the hotspots that switch to each. */
    private void drawn(String screen, int chosen, IntConsumer choose) {
        Situation alone = Situation.shownAlone(screen, device);
        for (Hotspot hotspot : prototype.index().hotspotsOn(screen)) {
            switched(hotspot)
                    .ifPresent(at -> AnswerPlace.of(prototype, alone, Event.tap(hotspot.id()), Scrolled.NONE)
                            .ifPresent(area -> handles.part(
                                    "on-strip-" + (at + 1),
                                    area,
                                    at == chosen,
                                    "“" + set.tabs().get(at).shownLabel() + "”, drawn on the picture",
                                    () -> choose.accept(at))));
        }
    }

    /** The place of the tab that a hotspot switches to, from 0. */
    private Optional<Integer> switched(Hotspot hotspot) {
        List<String> ids = set.tabs().stream().map(TabSet.Tab::id).toList();
        return hotspot.links().stream()
                .flatMap(Link::effects)
                .flatMap(e -> e instanceof Effect.SwitchTab to ? Stream.of(ids.indexOf(to.tab())) : Stream.empty())
                .filter(at -> at >= 0)
                .findFirst();
    }

    /** The edge of the strip towards the page. */
    private void edge(StripPlace place) {
        boolean top = set.strip().edge() == TabSet.Edge.TOP;
        double outer = top ? place.area().y() : place.area().bottom();
        double way = top ? 1 : -1;
        handles.edge(new Handles.Edge(
                "handle-strip",
                Handles.Way.UP_AND_DOWN,
                top ? place.area().bottom() : place.area().y(),
                outer + way * TabSet.Sizes.LOWEST,
                Math.clamp(outer + way * TabSet.Sizes.HIGHEST, 0, device.height()),
                "Drag it for the height of the strip",
                y -> Math.round(Math.abs(outer - y)) + " px high",
                y -> put.accept(
                        "drag the strip to another height",
                        s -> s.withStrip(
                                s.strip().withSizes(s.strip().sizes().withHeight(Math.rint(Math.abs(outer - y))))))));
    }

    private void button(TabSet.Floating button, List<EnclosingTab> in, String screen, Width on) {
        ButtonPlace.on(prototype, in, screen, on, device.width(), device.height(), 0).stream()
                .filter(p -> p.set().id().equals(set.id()))
                .findFirst()
                .ifPresent(p -> handles.carried("on-button", p.area(), "Carry it to another corner", (x, y) -> {
                    TabSet.Side look = set.strip().on(on);
                    TabSet.At at = nearest(x / device.width(), y / device.height());
                    if (at != button.on(look)) {
                        put.accept("carry the button elsewhere", s -> s.withButton(Optional.of(button.on(look, at))));
                    }
                }));
    }

    /**
     * The corner, or the middle of the foot, nearest to where it was let go.
     *
     * @param across share of the width
     * @param down share of the height
     */
    private static TabSet.At nearest(double across, double down) {
        if (down < 0.5) {
            return across < 0.5 ? TabSet.At.UPPER_LEFT : TabSet.At.UPPER_RIGHT;
        }
        return across < 1 / 3.0
                ? TabSet.At.LOWER_LEFT
                : across > 2 / 3.0 ? TabSet.At.LOWER_RIGHT : TabSet.At.LOWER_MIDDLE;
    }
}
