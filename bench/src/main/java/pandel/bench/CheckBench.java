package pandel.bench;

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
import pandel.core.chart.Chart;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;

/** The whole check, and the whole check with the index made anew, as after an edit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1g")
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class CheckBench {

    @Param({"60", "1000", "10000"})
    private int screens;

    @Param({"USUAL", "NASTY"})
    private Kind kind;

    private Prototype prototype;
    private Checked checked;
    private int edits;

    @Setup
    public void make() {
        prototype = Generated.of(screens, 1, kind);
        checked = Check.of(prototype);
    }

    @Benchmark
    public Checked whole() {
        return Check.of(prototype);
    }

    @Benchmark
    public Checked afterAnEdit() {
        return Check.of(ScreenEdits.rename(prototype.screens().getFirst(), "Renamed " + edits++)
                .applyTo(prototype));
    }

    @Benchmark
    public Chart map() {
        return Chart.of(checked);
    }
}
