package pandel.bench;

import java.awt.geom.Line2D;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import pandel.core.chart.Chart;
import pandel.core.chart.Legibility;
import pandel.core.chart.MapLayout;
import pandel.core.chart.Route;
import pandel.core.check.Check;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;

/**
 * Prints how well the ways of a map can be followed, for files and made-up prototypes of 60 and 200 screens from three
 * seeds; beside them the crossings of the same ways in the same columns as Graphviz's dot lays them out, where that is
 * installed.
 */
public final class MapLegibility {

    private static final MapLayout.Wish WISH =
            new MapLayout.Wish(1256, 520, false, Optional.empty(), 1000, Set.of(), screen -> 0);
    private static final int PIECES = 12;

    private record Curve(String from, String to, List<Line2D> pieces) {}

    private MapLegibility() {}

    /** @param args files to tell of first */
    public static void main(String[] args) throws Unreadable {
        for (String file : args) {
            tell(file, PrototypeFile.open(Path.of(file)).prototype());
        }
        for (int size : new int[] {60, 200}) {
            for (long seed = 1; seed <= 3; seed++) {
                tell(size + " screens, seed " + seed, Generated.of(size, seed, Kind.USUAL));
            }
        }
    }

    private static void tell(String name, Prototype prototype) {
        Chart chart = Chart.of(Check.of(prototype));
        MapLayout layout = MapLayout.of(chart, WISH);
        List<Route> atRest = layout.ways().atRest();
        Legibility told = Legibility.of(atRest, layout.spots());
        int worst = layout.spots().keySet().stream()
                .mapToInt(id ->
                        Legibility.of(layout.ways().of(id), layout.spots()).crossings())
                .max()
                .orElse(0);
        System.out.println(String.format(
                Locale.ROOT,
                "%s: %d of %d ways at rest, %.0f of %.0f px upon others, %d beneath places, %d from behind, "
                        + "%d crossings; of one screen's at most %d; dot's crossings %s",
                name,
                atRest.size(),
                chart.ways().size(),
                told.upon(),
                told.length(),
                told.beneath(),
                told.fromBehind(),
                told.crossings(),
                worst,
                dot(chart)));
    }

    private static String dot(Chart chart) {
        StringBuilder graph =
                new StringBuilder("digraph { rankdir=LR; node [shape=box fixedsize=true width=1.78 height=0.39];");
        for (Chart.Band band : chart.bands()) {
            graph.append("{ rank=same;");
            band.places()
                    .forEach(p -> graph.append(" \"").append(p.screen().id()).append("\";"));
            graph.append("}");
        }
        chart.firstWays().forEach(l -> graph.append(" \"%s\" -> \"%s\";".formatted(l.from(), l.to())));
        graph.append("}");
        try {
            Process process = new ProcessBuilder("dot", "-Tplain")
                    .redirectErrorStream(true)
                    .start();
            process.getOutputStream().write(graph.toString().getBytes(StandardCharsets.UTF_8));
            process.getOutputStream().close();
            List<Curve> curves = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> l.startsWith("edge "))
                    .map(MapLegibility::curve)
                    .toList();
            return String.valueOf(crossings(curves));
        } catch (IOException e) {
            return "not known (" + e.getMessage() + ")";
        }
    }

    /** A line of dot's plain format: edge, both ends, the number of points, and the points of Bézier curves. */
    private static Curve curve(String line) {
        String[] words = line.split(" ");
        int n = Integer.parseInt(words[3]);
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            xs[i] = Double.parseDouble(words[4 + 2 * i]);
            ys[i] = Double.parseDouble(words[5 + 2 * i]);
        }
        List<Line2D> pieces = new ArrayList<>();
        double x = xs[0];
        double y = ys[0];
        for (int i = 0; i + 3 < n; i += 3) {
            for (int piece = 1; piece <= PIECES; piece++) {
                double t = (double) piece / PIECES;
                double nextX = bezier(xs, i, t);
                double nextY = bezier(ys, i, t);
                pieces.add(new Line2D.Double(x, y, nextX, nextY));
                x = nextX;
                y = nextY;
            }
        }
        return new Curve(words[1], words[2], pieces);
    }

    private static double bezier(double[] at, int i, double t) {
        double u = 1 - t;
        return u * u * u * at[i] + 3 * u * u * t * at[i + 1] + 3 * u * t * t * at[i + 2] + t * t * t * at[i + 3];
    }

    /** Pairs of curves with neither end in common that cross. */
    private static int crossings(List<Curve> curves) {
        int n = 0;
        for (int i = 0; i < curves.size(); i++) {
            for (int j = i + 1; j < curves.size(); j++) {
                Curve a = curves.get(i);
                Curve b = curves.get(j);
                if (!a.from().equals(b.from())
                        && !a.to().equals(b.to())
                        && a.pieces().stream().anyMatch(p -> b.pieces().stream().anyMatch(p::intersectsLine))) {
                    n++;
                }
            }
        }
        return n;
    }
}
