package pandel.core.check.rule.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.check.solve.Solution;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** {@code device-cannot}: links, frames and gestures that a named device refuses. */
public final class DeviceRefusals {

    /** Where something is refused. */
    private record At(Reachability exploration, Node node) {}

    /**
     * Why something is refused.
     *
     * @param what empty: no more is shown above
     */
    private record Why(Optional<Cannot> what) {}

    /** What is one finding: a link, or all that a frame does by itself. */
    private record Case(Optional<Way> way, Optional<Cannot> what) {}

    private final Solution solution;
    private final Prototype prototype;
    private final Map<Case, At> refused = new LinkedHashMap<>();
    private final Map<Case, Set<Way>> ways = new HashMap<>();
    private final Map<Drawer, At> drawers = new LinkedHashMap<>();
    /** Ids of the screens that each drawer stands on. */
    private final Map<Drawer, Set<String>> standing = new HashMap<>();

    private DeviceRefusals(Solution solution) {
        this.solution = solution;
        this.prototype = solution.prototype();
        prototype
                .drawers()
                .forEach(d -> standing.put(
                        d,
                        Attachments.screens(prototype, d.on()).stream()
                                .map(Screen::id)
                                .collect(Collectors.toSet())));
    }

    public static List<Finding> in(Solution solution) {
        DeviceRefusals refusals = new DeviceRefusals(solution);
        solution.explorations().stream()
                .filter(DeviceRefusals::refusesAnything)
                .forEach(e -> e.nodes().forEach(n -> refusals.look(new At(e, n))));
        List<Finding> findings = new ArrayList<>();
        refusals.refused.forEach((of, at) -> findings.add(refusals.finding(of, at)));
        refusals.drawers.forEach((drawer, at) -> findings.add(refusals.noDrawers(drawer, at)));
        return findings;
    }

    private void look(At at) {
        for (Way way : prototype.index().waysOut(at.node().cell.screen())) {
            why(prototype, at.exploration().device(), at.node(), way).ifPresent(why -> {
                boolean gesture = why.what().filter(Cannot.GESTURES::contains).isPresent();
                Case of = new Case(isOfItself(way) || gesture ? Optional.empty() : Optional.of(way), why.what());
                refused.putIfAbsent(of, at);
                ways.computeIfAbsent(of, o -> new LinkedHashSet<>()).add(way);
            });
        }
        if (hasNoDrawers(at.exploration())
                && drawers.size() < prototype.drawers().size()) {
            prototype.drawers().stream()
                    .filter(d -> Objects.requireNonNull(standing.get(d))
                            .contains(at.node().cell.screen()))
                    .forEach(d -> drawers.putIfAbsent(d, at));
        }
    }

    /** Whether a frame does it by itself, with no link that somebody made. */
    private static boolean isOfItself(Way way) {
        return way.isOfFrame();
    }

    /** Why a device refuses a link where it is set off; empty where it does not. */
    private static Optional<Why> why(Prototype prototype, Device device, Node node, Way way) {
        if (way.link().cause() instanceof Cause.Touch touch && device.refuses(Cannot.of(touch.gesture()))) {
            return Optional.of(new Why(Optional.of(Cannot.of(touch.gesture()))));
        }
        return way.link()
                .effects()
                .flatMap(effect -> why(prototype, device, node, effect).stream())
                .findFirst();
    }

    private static Optional<Why> why(Prototype prototype, Device device, Node node, Effect effect) {
        Stream<Cannot> asked = Stream.of(effect.verb().refusal());
        Optional<Screen> above =
                effect instanceof Effect.OpenAbove open ? Targets.shown(prototype, open.screen()) : Optional.empty();
        if (effect instanceof Effect.Advance && node.cell.at().isPresent()) {
            asked = Stream.concat(asked, Stream.of(Cannot.ADVANCE_FROM_A_SEQUENCE));
        }
        asked = Stream.concat(asked, above.map(s -> s.form().refusal()).stream());
        if (effect.isMove() && !(effect instanceof Effect.ReturnTo)) {
            asked = Stream.concat(asked, effect.target().flatMap(DeviceRefusals::frame).stream());
        }
        Optional<Why> why = asked.filter(device::refuses).findFirst().map(c -> new Why(Optional.of(c)));
        boolean full = above.isPresent() && device.levels() > 0 && node.cell.levels() >= device.levels();
        return why.isEmpty() && full ? Optional.of(new Why(Optional.empty())) : why;
    }

    private static Optional<Cannot> frame(Target target) {
        return switch (target) {
            case Target.ToTabs t -> Optional.of(Cannot.TAB_SETS);
            case Target.ToSequence s -> Optional.of(Cannot.SEQUENCES);
            case Target.ToScreen s -> Optional.empty();
        };
    }

    private Finding finding(Case of, At at) {
        Way way = Objects.requireNonNull(ways.get(of)).iterator().next();
        if (of.what().isEmpty()) {
            return link(way, at, goingOn(way, at), tooDeep(way, at.exploration().device()));
        }
        Cannot what = of.what().get();
        List<Fix> fixes = what == Cannot.ADVANCE_FROM_A_SEQUENCE ? List.of(inPlace(way)) : List.of();
        return link(way, at, fixes, sentence(of, way, what));
    }

    private String sentence(Case of, Way way, Cannot what) {
        String named = FindingWords.link(prototype, way);
        String devices = devices(d -> d.refuses(what));
        int others = Objects.requireNonNull(ways.get(of)).size() - 1;
        String together = named + (others == 0 ? "" : " and " + others + " more");
        if (Cannot.GESTURES.contains(what)) {
            return together + (others == 0 ? " is" : " are") + " set off by a " + what.word()
                    + ", which is not known on " + devices + ".";
        }
        if (of.way().isEmpty()) {
            return "Frames " + Verb.valueOf(what.name()).phrase() + " (" + together + "), which is refused on "
                    + devices + ".";
        }
        if (Cannot.VERBS.contains(what)) {
            return named + " is to " + Verb.valueOf(what.name()).phrase() + ", which is refused on " + devices + ".";
        }
        return switch (what) {
            case ADVANCE_FROM_A_SEQUENCE ->
                named + " advances from a page of a sequence, which " + devices + " cannot do.";
            case TAB_SETS, SEQUENCES -> named + " leads to a " + one(what) + ", which " + devices + " does not have.";
            default -> named + " opens a " + one(what) + ", which " + devices + " does not open.";
        };
    }

    private static String one(Cannot frame) {
        return frame.word().substring(0, frame.word().length() - 1);
    }

    private String tooDeep(Way way, Device device) {
        int levels = device.levels();
        return FindingWords.link(prototype, way) + " opens one thing more above than "
                + devices(d -> d.levels() == levels)
                + " can show: "
                + (levels == 1 ? "nothing above the page." : "no more than " + levels + " above one another.");
    }

    private List<Fix> goingOn(Way way, At at) {
        return way
                .link()
                .effect()
                .flatMap(Effect::target)
                .flatMap(t -> prototype.screen(t.id()))
                .map(Screen::form)
                .filter(form -> form == at.node().cell.level().form())
                .map(form -> Fixes.goOn(prototype, way))
                .stream()
                .toList();
    }

    private Fix inPlace(Way way) {
        return new Fix(
                "Put it in place of the sequence",
                FindingWords.link(prototype, way) + " advances.",
                "It replaces the sequence, which does not lie behind then.",
                LinkEdits.change(
                        "replace the sequence",
                        way.link()
                                .withBranches(way.link().branches().stream()
                                        .map(b -> b.withEffects(b.effects().stream()
                                                .map(e ->
                                                        e instanceof Effect.Advance a ? new Effect.Replace(a.to()) : e)
                                                .toList()))
                                        .toList())));
    }

    /** What a frame does by itself cannot be removed. */
    private Finding link(Way way, At at, List<Fix> fixes, String sentence) {
        boolean own = !way.link().cause().isOfFrames();
        return new Finding(
                Rule.DEVICE_CANNOT,
                solution.fires(way.link().id()) ? Weight.WARNING : Weight.PROBLEM,
                sentence,
                List.of(at.node().cell.screen()),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                Optional.of(at.exploration().walkTo(at.node())),
                own
                        ? Stream.concat(fixes.stream(), Stream.of(Fixes.removeLink(prototype, way)))
                                .toList()
                        : fixes);
    }

    private Finding noDrawers(Drawer drawer, At at) {
        return new Finding(
                Rule.DEVICE_CANNOT,
                Weight.WARNING,
                "“" + drawer.shownTitle() + "” is not there on "
                        + devices(d -> d.refuses(Cannot.DRAWERS))
                        + ": it has no drawers. What leads on from its items alone is out of reach.",
                List.of(at.node().cell.screen()),
                Optional.empty(),
                Optional.empty(),
                Optional.of(at.exploration().walkTo(at.node())),
                Drawers.instead(prototype, drawer));
    }

    private String devices(Predicate<Device> which) {
        Set<String> titles = new LinkedHashSet<>(
                prototype.devices().stream().filter(which).map(Device::title).toList());
        return String.join(" and ", titles);
    }

    private static boolean hasNoDrawers(Reachability exploration) {
        return exploration.device().refuses(Cannot.DRAWERS);
    }

    private static boolean refusesAnything(Reachability exploration) {
        return exploration.device().levels() > 0
                || !exploration.device().cannot().isEmpty();
    }

    /** Whether a device refuses a link on a reached screen. */
    public static boolean refuses(Solution solution, Way way) {
        boolean draws = way.drawer().isPresent() || way.link().effects().anyMatch(Effect.MoveDrawer.class::isInstance);
        return solution.explorations().stream()
                .filter(DeviceRefusals::refusesAnything)
                .anyMatch(e -> way.from().stream()
                        .flatMap(s -> e.nodesOn(s.id()).stream())
                        .anyMatch(n -> draws && hasNoDrawers(e)
                                || why(solution.prototype(), e.device(), n, way).isPresent()));
    }
}
