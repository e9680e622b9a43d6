package pandel.core.chart;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The ways of a map in px: those drawn at rest, one into each screen, and all of a screen or a walk when looked at. */
public final class MapRoutes {

    /** Px from one track to the next. */
    static final double TRACK = 8;

    private final Chart chart;
    private final Routing routing;
    private final Map<String, Spot> spots;
    private final List<Double> lefts;
    private final List<Double> gaps;
    private final double width;
    private final List<Route> atRest;

    /**
     * @param lefts of the columns, in px
     * @param gaps px before each column, and behind the last
     * @param width of all, in px
     */
    MapRoutes(
            Chart chart,
            Routing routing,
            Map<String, Spot> spots,
            List<Double> lefts,
            List<Double> gaps,
            double width) {
        this.chart = chart;
        this.routing = routing;
        this.spots = spots;
        this.lefts = lefts;
        this.gaps = gaps;
        this.width = width;
        this.atRest = List.copyOf(routes(routing, routing.rest()));
    }

    /** One way into each screen; none where there are too many screens to draw each. */
    public List<Route> atRest() {
        return atRest;
    }

    /** All ways into a screen and out of it; none onto its own shoulder. */
    public List<Route> of(String screen) {
        Routing room = routing.beside();
        List<Net> nets = new ArrayList<>();
        add(
                room,
                nets,
                "out of ",
                screen,
                chart.ways().stream().filter(l -> l.from().equals(screen)).toList());
        add(
                room,
                nets,
                "into ",
                screen,
                chart.ways().stream().filter(l -> l.to().equals(screen)).toList());
        return routes(room, nets);
    }

    /** Chosen ways, those out of one screen on shared lines. */
    public List<Route> along(Collection<Chart.Line> lines) {
        Routing room = routing.beside();
        List<Net> nets = new ArrayList<>();
        Chart.bySource(lines).forEach((from, own) -> add(room, nets, "along ", from, own));
        return routes(room, nets);
    }

    private void add(Routing room, List<Net> nets, String kind, String screen, List<Chart.Line> lines) {
        List<Chart.Line> drawn = lines.stream()
                .filter(l -> routing.has(l.from()) && routing.has(l.to()) && !chart.isOntoShoulder(l))
                .toList();
        if (!drawn.isEmpty()) {
            nets.add(room.net(kind + screen, drawn));
        }
    }

    private List<Route> routes(Routing room, List<Net> nets) {
        Map<Integer, List<Double>> taken = new HashMap<>();
        List<Route> routes = new ArrayList<>();
        for (Net net : nets) {
            Map<Integer, Double> tracks = new HashMap<>();
            net.gaps().keySet().forEach(gap -> {
                List<Double> others = taken.computeIfAbsent(gap, g -> new ArrayList<>());
                double track = room.track(net, gap, others);
                others.add(track);
                tracks.put(gap, x(gap, track));
            });
            net.lines.forEach(line -> routes.add(new Route(line, points(room, net, line, tracks))));
        }
        return routes;
    }

    /** Tracks stand in the middle of their gap. */
    private double x(int gap, double track) {
        double right = gap < lefts.size() ? lefts.get(gap) : width;
        double middle = right - gaps.get(gap) / 2;
        return middle + (track - (routing.tracks(gap) - 1) / 2.0) * TRACK;
    }

    private List<Route.Point> points(Routing room, Net net, Chart.Line line, Map<Integer, Double> tracks) {
        Spot from = Objects.requireNonNull(spots.get(line.from()));
        Spot to = Objects.requireNonNull(spots.get(line.to()));
        double y = room.cell(line.from()).leaves();
        List<Route.Point> points = new ArrayList<>();
        points.add(new Route.Point(from.x() + from.wide(), y));
        for (Routing.Turn turn : room.turns(net, line)) {
            if (turn.y() != y) {
                double x = Objects.requireNonNull(tracks.get(turn.gap()));
                points.add(new Route.Point(x, y));
                points.add(new Route.Point(x, turn.y()));
                y = turn.y();
            }
        }
        points.add(new Route.Point(to.x(), y));
        return points;
    }
}
