package pandel.core.check.rule.drawn;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.HotspotFixes;
import pandel.core.check.solve.Solution;
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
public final class NotPlaced {

    private NotPlaced() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
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
                                                ? FindingWords.hotspot(prototype, screen.id(), first) + " on "
                                                : FindingWords.hotspot(prototype, screen.id(), first) + " and "
                                                        + (missing.size() - 1) + " more on ")
                                        + FindingWords.screen(prototype, screen.id())
                                        + (missing.size() == 1 ? " has" : " have") + " no place on the picture that "
                                        + missing.get(first) + " shows.",
                                screen.id(),
                                first.id(),
                                solution.walkTo(screen.id()))
                        .with(List.of(HotspotFixes.placeLikewise(screen, List.copyOf(missing.keySet())))));
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
        return Look.all(screen)
                .flatMap(look -> look.hotspots(prototype).stream()
                        .filter(h -> look.areaOf(h, width).isEmpty()))
                .distinct()
                .toList();
    }

    /** Whether some hotspot cannot be touched on some device, so that devices of unlike width have to be told apart. */
    public static boolean anywhere(Prototype prototype) {
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
