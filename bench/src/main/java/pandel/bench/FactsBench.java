package pandel.bench;

import java.util.List;
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
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;

/** The whole check of 300 screens where yes/no facts change that looks and links ask for. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1g")
@Warmup(iterations = 3, time = 5)
@Measurement(iterations = 5, time = 5)
public class FactsBench {

    @Param({"2", "4", "8", "64"})
    private int facts;

    /** Whether the prototype has its tab set. */
    @Param({"false", "true"})
    private boolean tabs;

    /** One made-up prototype is as good as another, and some are harder. */
    @Param({"7", "8", "12"})
    private long seed;

    private Prototype prototype;

    @Setup
    public void make() {
        Prototype made = Generated.of(300, seed, Kind.USUAL, facts);
        prototype = tabs ? made : made.withTabSets(List.of());
        System.out.println("\nnot settled: " + Check.of(prototype).unsettled().size());
    }

    @Benchmark
    public Checked whole() {
        return Check.of(prototype);
    }
}
