package pandel.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/**
 * {@code hotspot-not-placed}: hotspots that have no area on a picture which a named device shows. One finding for each
 * screen.
 */
final class NotPlaced {

    private NotPlaced() {}

    static List<Finding> in(Grounds grounds) {
        Prototype prototype = grounds.prototype();
        List<Finding> findings = new ArrayList<>();
        for (Screen screen : prototype.screens()) {
            if (screen.status() == Status.PARKED) {
                continue;
            }
            Map<Hotspot, String> missing = new LinkedHashMap<>();
            for (Device device : prototype.devices()) {
                missing(prototype, screen, prototype.widths().of(device.width()))
                        .forEach(h -> missing.putIfAbsent(h, device.title()));
            }
            if (!missing.isEmpty()) {
                Hotspot first = missing.keySet().iterator().next();
                findings.add(Finding.at(
                                Rule.HOTSPOT_NOT_PLACED,
                                Weight.WARNING,
                                (missing.size() == 1
                                                ? Words.hotspot(prototype, screen.id(), first) + " on "
                                                : Words.hotspot(prototype, screen.id(), first) + " and "
                                                        + (missing.size() - 1) + " more on ")
                                        + Words.screen(prototype, screen.id())
                                        + (missing.size() == 1 ? " has" : " have") + " no place on the picture that "
                                        + missing.get(first) + " shows.",
                                screen.id(),
                                first.id(),
                                grounds.walkTo(screen.id()))
                        .with(List.of(Fixes.placeLikewise(screen, List.copyOf(missing.keySet())))));
            }
        }
        return findings;
    }

    private static List<Hotspot> missing(Prototype prototype, Screen screen, Width width) {
        if (screen.mocks().size() < 2
                && screen.states().isEmpty()
                && prototype.devices().size() < 2) {
            return List.of();
        }
        return Stream.concat(
                        Stream.of(Look.plain(screen)),
                        screen.states().stream().map(s -> new Look(screen, java.util.Optional.of(s))))
                .flatMap(look -> look.hotspots(prototype).stream()
                        .filter(h -> look.areaOf(h, width).isEmpty()))
                .distinct()
                .toList();
    }

    /** Whether some hotspot cannot be touched on some device, so that devices of unlike width have to be told apart. */
    static boolean anywhere(Prototype prototype) {
        List<Width> widths = prototype.devices().stream()
                .map(d -> prototype.widths().of(d.width()))
                .distinct()
                .toList();
        return widths.size() > 1
                && prototype.screens().stream()
                        .anyMatch(s -> widths.stream()
                                .anyMatch(w -> !missing(prototype, s, w).isEmpty()));
    }
}
