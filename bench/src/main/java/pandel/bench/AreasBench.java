package pandel.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pandel.core.areas.Pixels;
import pandel.core.areas.Things;

/** The first look at a picture of 1170 × 2532 pixels, three for each px, and a press on it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1g")
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class AreasBench {

    private static final int WIDE = 1170;
    private static final int HIGH = 2532;
    private static final double SCALE = 3;

    @Param({"1", "2", "3"})
    private long seed;

    private Pixels picture;
    private Things things;
    private Random random;

    /** Rows with pictures and words at an even step, buttons at the foot. */
    @Setup
    public void draw() {
        random = new Random(seed);
        int[] rgb = new int[WIDE * HIGH];
        Arrays.fill(rgb, 0xFFFFFF);
        int rows = 4 + random.nextInt(4);
        for (int row = 0; row < rows; row++) {
            int top = 300 + row * 252;
            box(rgb, 60, top, 144, 144, 0xDDE6DF);
            box(rgb, 100, top + 40, 64, 64, 0x2F5F4A);
            words(rgb, 252, top + 20, 300 + random.nextInt(300), 36);
            words(rgb, 252, top + 90, 200 + random.nextInt(400), 26);
        }
        box(rgb, 60, 2300, 1050, 156, 0x2F5F4A);
        picture = new Pixels(WIDE, HIGH, rgb);
        things = Things.on(picture, SCALE);
    }

    private static void box(int[] rgb, int x, int y, int w, int h, int colour) {
        for (int i = y; i < y + h; i++) {
            Arrays.fill(rgb, i * WIDE + x, i * WIDE + x + w, colour);
        }
    }

    private void words(int[] rgb, int x, int y, int wide, int high) {
        for (int at = x; at < x + wide; at += 14 + random.nextInt(12)) {
            box(rgb, at, y, 4 + random.nextInt(8), high, 0x1C2529);
        }
    }

    @Benchmark
    public Things look() {
        return Things.on(picture, SCALE);
    }

    @Benchmark
    public List<Things.Offer> press() {
        return things.at(random.nextDouble() * WIDE / SCALE, random.nextDouble() * HIGH / SCALE);
    }
}
