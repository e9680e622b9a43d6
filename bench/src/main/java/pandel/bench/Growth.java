package pandel.bench;

import java.awt.Color;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.knowm.xchart.BitmapEncoder;
import org.knowm.xchart.XYChart;
import org.knowm.xchart.XYChartBuilder;
import org.knowm.xchart.style.Styler;
import pandel.core.check.Check;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;

/**
 * Times the whole check on prototypes of growing size and plots it, both scales logarithmic: a straight line of slope 1
 * grows no faster than the prototype.
 */
public final class Growth {

    private static final int[] SIZES = {100, 200, 500, 1000, 2000, 5000, 10_000, 20_000};
    private static final int WARM_UPS = 3;
    private static final int ROUNDS = 5;

    private Growth() {}

    /** @param args the PNG to write */
    public static void main(String[] args) throws IOException {
        XYChart chart = new XYChartBuilder()
                .width(900)
                .height(520)
                .title("Whole check, median of five")
                .xAxisTitle("screens (five links each)")
                .yAxisTitle("ms")
                .build();
        chart.getStyler()
                .setXAxisLogarithmic(true)
                .setYAxisLogarithmic(true)
                .setLegendPosition(Styler.LegendPosition.InsideNW)
                .setChartBackgroundColor(Color.WHITE)
                .setSeriesColors(new Color[] {new Color(0x0E5668), new Color(0xA6314B)});
        for (Kind kind : Kind.values()) {
            List<Double> sizes = new ArrayList<>();
            List<Double> times = new ArrayList<>();
            for (int size : SIZES) {
                double ms = median(Generated.of(size, 1, kind));
                System.out.printf(
                        Locale.ROOT, "%s, %d screens: %.1f ms%n", kind.name().toLowerCase(Locale.ROOT), size, ms);
                sizes.add((double) size);
                times.add(ms);
            }
            chart.addSeries(kind.name().toLowerCase(Locale.ROOT), sizes, times);
        }
        BitmapEncoder.saveBitmap(chart, Path.of(args[0]).toString(), BitmapEncoder.BitmapFormat.PNG);
    }

    private static double median(Prototype prototype) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UPS + ROUNDS; i++) {
            long start = System.nanoTime();
            int findings = Check.of(prototype).findings().size();
            double ms = (System.nanoTime() - start) / 1e6;
            if (i >= WARM_UPS && findings >= 0) {
                times.add(ms);
            }
        }
        return times.stream().sorted().toList().get(ROUNDS / 2);
    }
}
