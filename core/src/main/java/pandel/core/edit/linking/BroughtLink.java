package pandel.core.edit.linking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/**
 * A link that came with a picture: from a page of a document, a drawing or an image map.
 *
 * @param on the file name of the picture it stands on
 * @param area px of the picture
 * @param title words for its hotspot; may be empty
 * @param page the file name of the picture it leads to; empty: it leaves
 * @param address where it leaves to; empty: it leads to a picture
 */
public record BroughtLink(String on, Area area, String title, Optional<String> page, Optional<String> address) {

    /** One to another picture. */
    public static BroughtLink to(String on, Area area, String title, String page) {
        return new BroughtLink(on, area, title, Optional.of(page), Optional.empty());
    }

    /** One that leaves. */
    public static BroughtLink leaving(String on, Area area, String title, String address) {
        return new BroughtLink(on, area, title, Optional.empty(), Optional.of(address));
    }

    /**
     * Makes hotspots of links: a tap advances to the screen of the page, or leaves. What reaches out of a picture is
     * cut there; what stands on or leads to a picture that is on none of the screens is left out.
     *
     * @param screens ids of the screens that the pictures were made to
     */
    public static Edit edit(List<BroughtLink> links, List<String> screens, Naming naming) {
        return Edit.of(links.size() == 1 ? "take a link in" : "take " + links.size() + " links in", p -> {
            Map<String, Screen> bySource = new LinkedHashMap<>();
            for (String id : screens) {
                p.screen(id)
                        .ifPresent(s -> s.mocks().stream()
                                .filter(Picture.class::isInstance)
                                .map(m -> ((Picture) m).source())
                                .forEach(source -> bySource.putIfAbsent(source, s)));
            }
            Set<String> ids = new HashSet<>(p.index().ids());
            Map<String, List<Hotspot>> made = new LinkedHashMap<>();
            for (BroughtLink link : links) {
                Screen on = bySource.get(link.on());
                if (on != null) {
                    link.hotspot(on, bySource, ids, naming)
                            .ifPresent(h -> made.computeIfAbsent(on.id(), id -> new ArrayList<>())
                                    .add(h));
                }
            }
            Prototype now = p;
            for (Map.Entry<String, List<Hotspot>> each : made.entrySet()) {
                now = now.withScreen(each.getKey(), s -> {
                    List<Hotspot> all = new ArrayList<>(s.hotspots());
                    all.addAll(each.getValue());
                    return s.withHotspots(all);
                });
            }
            return now;
        });
    }

    private Optional<Hotspot> hotspot(Screen screen, Map<String, Screen> bySource, Set<String> ids, Naming naming) {
        Mock mock = screen.mocks().stream()
                .filter(m -> m instanceof Picture picture && picture.source().equals(on))
                .findFirst()
                .orElseThrow();
        Optional<Effect> effect = address.<Effect>map(Effect.Leave::new)
                .or(() -> page.map(bySource::get).map(s -> new Effect.Advance(new Target.ToScreen(s.id()))));
        double left = Math.max(0, area.x());
        double top = Math.max(0, area.y());
        double wide = Math.min(mock.width(), area.x() + area.width()) - left;
        double high = Math.min(mock.height(), area.y() + area.height()) - top;
        if (effect.isEmpty() || !(wide >= 1) || !(high >= 1)) {
            return Optional.empty();
        }
        Width width = mock.on();
        String id = naming.take(title.isBlank() ? "hotspot" : title, ids);
        return Optional.of(new Hotspot(
                id,
                title,
                Map.of(width, new Area(left, top, wide, high).rounded()),
                List.of(Link.of(naming.take(id, ids), new Cause.Touch(Gesture.TAP), effect.get())),
                Rest.NONE));
    }
}
