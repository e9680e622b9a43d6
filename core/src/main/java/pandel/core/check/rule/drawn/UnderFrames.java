package pandel.core.check.rule.drawn;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.relevance.Covered;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.check.turn.CellTab;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.AtPage;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.FrameCover;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.HeaderRules;

/** {@code covered-hotspot}, where it is frames that lie over hotspots: headers, floating buttons, what turns pages. */
final class UnderFrames {

    private final Solution solution;
    private final Prototype prototype;
    private final Map<String, List<Lying>> lying = new HashMap<>();

    UnderFrames(Solution solution) {
        this.solution = solution;
        this.prototype = solution.prototype();
    }

    /** Frames over a screen as it is come to. */
    private record Lying(Reachability on, Node node, Look look, List<EnclosingTab> around, List<FrameCover> frames) {

        Device device() {
            return on.device();
        }
    }

    /** Each way a screen is come to under frames that lie otherwise, once. */
    private List<Lying> over(Screen screen) {
        return lying.computeIfAbsent(screen.id(), id -> {
            List<Lying> all = new ArrayList<>();
            if (!Covered.mayTouch(prototype, screen)) {
                return all;
            }
            for (Reachability on : solution.explorations()) {
                Set<List<Object>> seen = new LinkedHashSet<>();
                for (Node node : on.nodesOn(id)) {
                    Look look = Look.of(prototype, screen, node.cell.known());
                    List<EnclosingTab> around = CellTab.around(node.cell.around());
                    Optional<AtPage> at = node.cell.at();
                    List<Object> stands = List.of(
                            look.state(),
                            around.stream().map(EnclosingTab::set).toList(),
                            at.map(a -> a.sequence() + "/" + a.page()));
                    if (seen.add(stands)) {
                        List<FrameCover> frames = FrameCover.over(prototype, on.device(), look, around, at);
                        if (!frames.isEmpty()) {
                            all.add(new Lying(on, node, look, around, frames));
                        }
                    }
                }
            }
            return all;
        });
    }

    /** What lies wholly under frames where it is come to, and what is lost with it. */
    List<Finding> covered(Screen screen, List<Hotspot> fresh) {
        if (!solution.covered().mayLieUnderFrames(screen.id())) {
            return List.of();
        }
        Map<Hotspot, Set<Link>> lost = new LinkedHashMap<>();
        Map<Hotspot, Lying> first = new LinkedHashMap<>();
        Map<Hotspot, Set<String>> over = new LinkedHashMap<>();
        for (Lying way : over(screen)) {
            Width width = prototype.widths().of(way.device().width());
            List<Hotspot> shown = way.look().hotspots(prototype, width);
            for (Hotspot hotspot : shown) {
                if (fresh.stream().noneMatch(h -> h.id().equals(hotspot.id()))) {
                    continue;
                }
                for (Link link : hotspot.links()) {
                    if (link.cause() instanceof Cause.Touch touch
                            && way.look().covering(shown, hotspot, touch, width).isEmpty()
                            && isUnder(way, shown, hotspot, touch, width)) {
                        lost.computeIfAbsent(hotspot, h -> new LinkedHashSet<>())
                                .add(link);
                        first.putIfAbsent(hotspot, way);
                        way.frames().stream()
                                .filter(f -> f.takes(touch)
                                        && way.look()
                                                .areaOf(hotspot, width)
                                                .filter(f.area()::overlaps)
                                                .isPresent())
                                .forEach(f -> over.computeIfAbsent(hotspot, h -> new LinkedHashSet<>())
                                        .add(f.words()));
                    }
                }
            }
        }
        return lost.entrySet().stream()
                .map(e -> finding(
                        screen,
                        e.getKey(),
                        e.getValue(),
                        Objects.requireNonNull(over.get(e.getKey())),
                        Objects.requireNonNull(first.get(e.getKey()))))
                .toList();
    }

    private static boolean isUnder(Lying way, List<Hotspot> shown, Hotspot hotspot, Cause.Touch touch, Width width) {
        return way.look().isCovered(shown, hotspot, touch, width, FrameCover.areas(way.frames(), touch));
    }

    private Finding finding(Screen screen, Hotspot hotspot, Set<Link> links, Set<String> over, Lying way) {
        String device = prototype.devices().size() > 1 ? " on " + way.device().title() : "";
        return Hotspots.covered(
                prototype,
                screen,
                hotspot,
                links,
                String.join(" and ", over) + device,
                Optional.of(way.on().walkTo(way.node())),
                HeaderRules.shown(prototype, way.device(), screen.id(), way.around())
                        .filter(h -> over.contains(FrameCover.HEADER))
                        .map(h -> new Fix(
                                "Hide the header there",
                                "“" + h.shownTitle() + "” lies over it.",
                                "It is not shown on this screen.",
                                HeaderEdits.hide(h, screen, true))));
    }

    /** What frames leave of a hotspot on a device, for the gesture to which least is left, wherever it is come to. */
    Stream<Area> left(Device device, Look look, List<Hotspot> shown, Hotspot hotspot) {
        Width width = prototype.widths().of(device.width());
        Screen screen = look.screen();
        return over(screen).stream()
                .filter(w -> w.device().equals(device) && w.look().equals(look))
                .flatMap(w -> hotspot.links().stream()
                        .filter(l -> l.cause() instanceof Cause.Touch t && t.gesture() != Gesture.KEY)
                        .flatMap(l -> look
                                .leftOf(
                                        shown,
                                        hotspot,
                                        (Cause.Touch) l.cause(),
                                        width,
                                        FrameCover.areas(w.frames(), (Cause.Touch) l.cause()))
                                .stream()));
    }
}
