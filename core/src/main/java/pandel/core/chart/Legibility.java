package pandel.core.chart;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How well an eye can follow the ways of a map.
 *
 * @param length px of all lines, each stretch once
 * @param upon px that lie upon a line with neither end in common: there an eye takes the wrong turn
 * @param beneath ways that run beneath a place that is at neither end
 * @param fromBehind ways that do not leave at the right and arrive at the left
 * @param crossings places where lines of ways with neither end in common cross, each once
 */
public record Legibility(double length, double upon, int beneath, int fromBehind, int crossings) {

    private static final double SAME = 1;

    private record Stretch(Chart.Line line, double x1, double y1, double x2, double y2) {
        boolean isAcross() {
            return y1 == y2;
        }

        double length() {
            return x2 - x1 + y2 - y1;
        }

        boolean sharesAnEnd(Stretch other) {
            return line.from().equals(other.line.from()) || line.to().equals(other.line.to());
        }
    }

    private record Crossing(long x, long y) {}

    /** Of ways drawn among places. */
    public static Legibility of(Collection<Route> routes, Map<String, Spot> spots) {
        List<Stretch> all = new ArrayList<>();
        routes.forEach(route -> stretches(route, all));
        double upon = 0;
        Set<Crossing> crossings = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            double most = 0;
            for (int j = 0; j < all.size(); j++) {
                Stretch a = all.get(i);
                Stretch b = all.get(j);
                if (i == j || a.sharesAnEnd(b)) {
                    continue;
                }
                if (a.isAcross() == b.isAcross()) {
                    most = Math.max(most, common(a, b));
                } else if (a.isAcross() && b.x1() > a.x1() && b.x1() < a.x2() && a.y1() > b.y1() && a.y1() < b.y2()) {
                    crossings.add(new Crossing(Math.round(b.x1()), Math.round(a.y1())));
                }
            }
            upon += most;
        }
        return new Legibility(
                all.stream().mapToDouble(Stretch::length).sum(),
                upon,
                (int) routes.stream().filter(r -> isBeneath(r, spots)).count(),
                (int) routes.stream().filter(Legibility::isFromBehind).count(),
                crossings.size());
    }

    /** Px that two parallel stretches have in common, nearer than lines can be told apart. */
    private static double common(Stretch a, Stretch b) {
        double away = a.isAcross() ? Math.abs(a.y1() - b.y1()) : Math.abs(a.x1() - b.x1());
        double common = a.isAcross()
                ? Math.min(a.x2(), b.x2()) - Math.max(a.x1(), b.x1())
                : Math.min(a.y2(), b.y2()) - Math.max(a.y1(), b.y1());
        return away < SAME && common > SAME ? common : 0;
    }

    private static void stretches(Route route, List<Stretch> all) {
        for (int i = 1; i < route.points().size(); i++) {
            Route.Point a = route.points().get(i - 1);
            Route.Point b = route.points().get(i);
            all.add(new Stretch(
                    route.line(),
                    Math.min(a.x(), b.x()),
                    Math.min(a.y(), b.y()),
                    Math.max(a.x(), b.x()),
                    Math.max(a.y(), b.y())));
        }
    }

    private static boolean isBeneath(Route route, Map<String, Spot> spots) {
        List<Stretch> own = new ArrayList<>();
        stretches(route, own);
        return spots.entrySet().stream()
                .filter(s -> !s.getKey().equals(route.line().from())
                        && !s.getKey().equals(route.line().to()))
                .map(Map.Entry::getValue)
                .anyMatch(s -> own.stream()
                        .anyMatch(w -> w.x1() < s.x() + s.wide()
                                && w.x2() > s.x()
                                && w.y1() < s.y() + s.high()
                                && w.y2() > s.y()));
    }

    private static boolean isFromBehind(Route route) {
        List<Route.Point> points = route.points();
        int n = points.size();
        return points.get(1).x() < points.get(0).x()
                || points.get(n - 1).x() < points.get(n - 2).x();
    }
}
