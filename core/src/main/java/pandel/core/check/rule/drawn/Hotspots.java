package pandel.core.check.rule.drawn;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.HotspotFixes;
import pandel.core.check.solve.Solution;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.core.play.words.LinkWords;

/**
 * {@code target-size}, {@code covered-hotspot}, {@code same-cause-twice}, {@code outside-mock},
 * {@code hotspot-without-link}: what is wrong with hotspots as they stand on their mocks. A shared hotspot is told of
 * once.
 */
public final class Hotspots {

    /** WCAG 2.2 SC 2.5.8, target size (minimum), px. */
    static final double LEAST = 24;
    /** WCAG 2.2 SC 2.5.5, target size (enhanced), px. */
    static final double ADVISED = 44;

    private final Solution solution;
    private final Prototype prototype;
    private final UnderFrames frames;
    private final List<Finding> findings = new ArrayList<>();
    private final Map<Screen, List<Hotspot>> underAdvice = new LinkedHashMap<>();
    private final Set<String> sharedSeen = new HashSet<>();

    private Hotspots(Solution solution) {
        this.solution = solution;
        this.prototype = solution.prototype();
        this.frames = new UnderFrames(solution);
    }

    public static List<Finding> in(Solution solution) {
        Hotspots looking = new Hotspots(solution);
        for (Screen screen : solution.prototype().screens()) {
            if (screen.status() != Status.PARKED) {
                looking.look(screen);
            }
        }
        looking.advise();
        return looking.findings;
    }

    private void look(Screen screen) {
        List<Hotspot> all = prototype.index().hotspotsOn(screen.id());
        List<Hotspot> fresh = all.stream()
                .filter(h -> prototype.index().shared(h.id()).isEmpty() || sharedSeen.add(h.id()))
                .toList();
        // A screen whose hotspots all lack links is a dead end, and that is said of it as one.
        if (!prototype.index().waysOut(screen.id()).isEmpty() || !solution.shown(screen.id())) {
            withoutLink(screen, fresh.stream().filter(h -> h.waitsForLink()).toList());
        }
        sameCause(screen, fresh);
        fieldRows(screen, fresh);
        screen.mocks().forEach(mock -> onMock(screen, mock, fresh));
        covered(screen, fresh);
        findings.addAll(frames.covered(screen, fresh));
        sizes(screen, fresh);
    }

    private void withoutLink(Screen screen, List<Hotspot> bare) {
        if (!bare.isEmpty()) {
            findings.add(Finding.at(
                            Rule.HOTSPOT_WITHOUT_LINK,
                            Weight.WARNING,
                            names(screen, bare) + " on " + FindingWords.screen(prototype, screen.id())
                                    + (bare.size() == 1 ? " has no link yet." : " have no links yet."),
                            screen.id(),
                            bare.getFirst().id(),
                            solution.walkTo(screen.id()))
                    .with(List.of(HotspotFixes.removeHotspots(prototype, screen, bare))));
        }
    }

    private void fieldRows(Screen screen, List<Hotspot> hotspots) {
        for (Hotspot hotspot : hotspots) {
            if (hotspot.nature() instanceof Hotspot.Nature.Rows rows && rows.field()) {
                findings.add(Finding.at(
                                Rule.FIELD_ROWS,
                                Weight.WARNING,
                                FindingWords.hotspot(prototype, screen.id(), hotspot) + " on "
                                        + FindingWords.screen(prototype, screen.id()) + " is called a field and has "
                                        + (rows.values().size() == 1
                                                ? "a row"
                                                : rows.values().size() + " rows") + "; nothing can be typed in it.",
                                screen.id(),
                                hotspot.id(),
                                solution.walkTo(screen.id()))
                        .with(List.of(
                                new Fix(
                                        "Make it a field alone",
                                        "It has rows.",
                                        "It has none, and text can be typed in it.",
                                        HotspotEdits.nature(hotspot, new Hotspot.Nature.Field())),
                                new Fix(
                                        "Keep the rows alone",
                                        "It is called a field.",
                                        "It is none.",
                                        HotspotEdits.nature(hotspot, new Hotspot.Nature.Rows(rows.values()))))));
            }
        }
    }

    private void sameCause(Screen screen, List<Hotspot> hotspots) {
        for (Hotspot hotspot : hotspots) {
            Optional<Link> twice = hotspot.links().stream()
                    .filter(l -> !hotspot.linkFor(l.cause()).equals(Optional.of(l)))
                    .findFirst();
            if (twice.isPresent()) {
                findings.add(Finding.at(
                                Rule.SAME_CAUSE_TWICE,
                                Weight.WARNING,
                                FindingWords.hotspot(prototype, screen.id(), hotspot) + " on "
                                        + FindingWords.screen(prototype, screen.id()) + " has two links for a "
                                        + LinkWords.cause(twice.get()) + "; only the first counts.",
                                screen.id(),
                                hotspot.id(),
                                solution.walkTo(screen.id()))
                        .with(List.of(HotspotFixes.keepFirstLink(hotspot))));
            }
        }
    }

    private void onMock(Screen screen, Mock mock, List<Hotspot> fresh) {
        for (Hotspot hotspot : fresh) {
            Optional<Area> area = hotspot.areaOn(mock.on());
            if (area.isEmpty()) {
                continue;
            }
            Area a = area.get();
            if (a.x() < -0.5 || a.y() < -0.5 || a.right() > mock.width() + 0.5 || a.bottom() > mock.height() + 0.5) {
                findings.add(Finding.at(
                                Rule.OUTSIDE_MOCK,
                                Weight.WARNING,
                                FindingWords.hotspot(prototype, screen.id(), hotspot) + " lies "
                                        + (a.x() >= mock.width()
                                                        || a.y() >= mock.height()
                                                        || a.right() <= 0
                                                        || a.bottom() <= 0
                                                ? ""
                                                : "partly ")
                                        + "outside the picture of "
                                        + FindingWords.screen(prototype, screen.id()) + ".",
                                screen.id(),
                                hotspot.id(),
                                solution.walkTo(screen.id()))
                        .with(List.of(HotspotFixes.moveOntoMock(hotspot, mock))));
            }
        }
    }

    /** In each look on each width: what lies wholly under others for a gesture, and what is lost with it. */
    private void covered(Screen screen, List<Hotspot> fresh) {
        Map<Hotspot, Set<Link>> lost = new LinkedHashMap<>();
        Map<Hotspot, Set<Hotspot>> over = new LinkedHashMap<>();
        eachLook(screen, (look, width) -> {
            List<Hotspot> shown = look.hotspots(prototype, width);
            for (Hotspot hotspot : shown) {
                if (fresh.stream().noneMatch(h -> h.id().equals(hotspot.id()))) {
                    continue;
                }
                for (Link link : hotspot.links()) {
                    if (link.cause() instanceof Cause.Touch touch) {
                        List<Hotspot> covering = look.covering(shown, hotspot, touch, width);
                        if (!covering.isEmpty()) {
                            lost.computeIfAbsent(hotspot, h -> new LinkedHashSet<>())
                                    .add(link);
                            over.computeIfAbsent(hotspot, h -> new LinkedHashSet<>())
                                    .addAll(covering);
                        }
                    }
                }
            }
        });
        lost.forEach((hotspot, links) -> findings.add(covered(
                prototype,
                screen,
                hotspot,
                links,
                names(screen, List.copyOf(Objects.requireNonNull(over.get(hotspot)))),
                solution.walkTo(screen.id()),
                Optional.of(HotspotFixes.raise(prototype, screen, hotspot)))));
    }

    /**
     * A hotspot that lies wholly under something.
     *
     * @param links those that are lost
     * @param under what it lies under, in words
     * @param fix what brings it out; empty: only removing it helps
     */
    static Finding covered(
            Prototype prototype,
            Screen screen,
            Hotspot hotspot,
            Set<Link> links,
            String under,
            Optional<Walk> walk,
            Optional<Fix> fix) {
        return Finding.at(
                        Rule.COVERED_HOTSPOT,
                        Weight.PROBLEM,
                        FindingWords.hotspot(prototype, screen.id(), hotspot) + " on "
                                + FindingWords.screen(prototype, screen.id()) + " lies wholly under " + under
                                + ", so no "
                                + joined(links.stream().map(LinkWords::cause), " or ") + " comes to it. Lost: "
                                + joined(links.stream().map(l -> LinkWords.effect(prototype, l)), "; ") + ".",
                        screen.id(),
                        hotspot.id(),
                        walk)
                .with(Stream.concat(
                                fix.stream(),
                                Stream.of(HotspotFixes.removeHotspots(prototype, screen, List.of(hotspot))))
                        .toList());
    }

    private static String joined(Stream<String> words, String by) {
        return words.distinct().collect(Collectors.joining(by));
    }

    /** Whether a link's hotspot lies wholly under others or a frame somewhere, which is said of it. */
    public static boolean isCovered(Solution solution, Way way) {
        return way.hotspot().filter(solution.covered()::mayLieUnderFrames).isPresent()
                || isUnderOthers(solution.prototype(), way);
    }

    private static boolean isUnderOthers(Prototype prototype, Way way) {
        return way.hotspot().isPresent()
                && way.link().cause() instanceof Cause.Touch touch
                && way.from().stream()
                        .anyMatch(screen -> prototype.devices().stream()
                                .map(d -> prototype.widths().of(d.width()))
                                .distinct()
                                .anyMatch(width -> {
                                    Look look = Look.plain(screen);
                                    List<Hotspot> shown = look.hotspots(prototype, width);
                                    return shown.contains(way.hotspot().get())
                                            && !look.covering(
                                                            shown, way.hotspot().get(), touch, width)
                                                    .isEmpty();
                                }));
    }

    private void eachLook(Screen screen, BiConsumer<Look, Width> then) {
        Set<Width> widths = prototype.devices().stream()
                .map(d -> prototype.widths().of(d.width()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Look.all(screen).forEach(look -> widths.forEach(width -> then.accept(look, width)));
    }

    /** What is left of a hotspot's area to the gesture to which least is left. */
    private Optional<Area> left(Look look, List<Hotspot> shown, Hotspot hotspot, Width width) {
        Optional<Area> area = look.areaOf(hotspot, width);
        return hotspot.links().stream()
                .filter(l -> l.cause() instanceof Cause.Touch t && t.gesture() != Gesture.KEY)
                .flatMap(l -> look.leftOf(shown, hotspot, (Cause.Touch) l.cause(), width).stream())
                .min(Comparator.comparingDouble(a -> Math.min(a.width(), a.height())))
                .or(() -> area);
    }

    /** At the true size on the device where it is smallest. */
    private void sizes(Screen screen, List<Hotspot> hotspots) {
        Look plain = Look.plain(screen);
        List<Hotspot> tooSmall = new ArrayList<>();
        List<Hotspot> small = new ArrayList<>();
        for (Hotspot hotspot : hotspots) {
            double side = Double.MAX_VALUE;
            for (Device device : prototype.devices()) {
                Placement placement =
                        Placement.of(screen, Room.whole(prototype.widths(), device.width()), device.height());
                Width width = prototype.widths().of(device.width());
                List<Hotspot> shown = plain.hotspots(prototype, width);
                Stream<Area> areas = shown.contains(hotspot)
                        ? Stream.concat(
                                left(plain, shown, hotspot, width).stream(), frames.left(device, plain, shown, hotspot))
                        : Stream.empty();
                side = Math.min(
                        side,
                        areas.map(a -> Math.min(a.width(), a.height()) * placement.factor())
                                .min(Double::compare)
                                .orElse(Double.MAX_VALUE));
            }
            if (side < LEAST) {
                tooSmall.add(hotspot);
            } else if (side < ADVISED - 0.5) {
                small.add(hotspot);
            }
        }
        if (!tooSmall.isEmpty()) {
            findings.add(Finding.at(
                            Rule.TARGET_SIZE,
                            Weight.WARNING,
                            names(screen, tooSmall) + " on " + FindingWords.screen(prototype, screen.id())
                                    + (tooSmall.size() == 1 ? " is" : " are")
                                    + " under 24 px a side, the least that fingers need.",
                            screen.id(),
                            tooSmall.getFirst().id(),
                            solution.walkTo(screen.id()))
                    .with(List.of(HotspotFixes.grow(prototype, Map.of(screen, tooSmall), LEAST))));
        }
        if (!small.isEmpty()) {
            underAdvice.put(screen, small);
        }
    }

    /** The advice is given once, for all screens together. */
    private void advise() {
        if (!underAdvice.isEmpty()) {
            List<String> screens = underAdvice.keySet().stream().map(Screen::id).toList();
            int n = underAdvice.values().stream().mapToInt(List::size).sum();
            findings.add(Finding.about(
                            Rule.TARGET_SIZE,
                            Weight.NOTE,
                            (n == 1 ? "A hotspot on " : n + " hotspots on ") + FindingWords.screens(prototype, screens)
                                    + (n == 1 ? " is" : " are") + " under the 44 px a side that are advised.",
                            screens,
                            solution.walkTo(screens.getFirst()))
                    .with(List.of(HotspotFixes.grow(prototype, underAdvice, ADVISED))));
        }
    }

    private String names(Screen screen, List<Hotspot> hotspots) {
        return hotspots.size() <= 2
                ? String.join(
                        " and ",
                        hotspots.stream()
                                .map(h -> FindingWords.hotspot(prototype, screen.id(), h))
                                .toList())
                : hotspots.size() + " hotspots";
    }
}
