package pandel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** Steps a second, along a random use of 1,000 events of a prototype of 1,000 screens. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class StepBench {

    private static final int EVENTS = 1000;

    private Prototype prototype;
    private Step step;
    private final List<Event> events = new ArrayList<>();

    @Setup
    public void walk() {
        prototype = Generated.of(1000, 1, Kind.USUAL);
        step = new Step(prototype);
        Random random = new Random(2);
        Situation now = start();
        for (int i = 0; i < EVENTS; i++) {
            List<Hotspot> hotspots = prototype.index().hotspotsOn(now.screen());
            Event event = hotspots.isEmpty()
                    ? new Event.Elapse(100)
                    : Event.tap(hotspots.get(random.nextInt(hotspots.size())).id());
            events.add(event);
            now = step.step(now, event).situation();
        }
    }

    private Situation start() {
        return Situation.at(
                        prototype,
                        prototype.mainEntry().orElseThrow(),
                        prototype.devices().getFirst())
                .orElseThrow();
    }

    @Benchmark
    @OperationsPerInvocation(EVENTS)
    public Situation steps() {
        Situation now = start();
        for (Event event : events) {
            now = step.step(now, event).situation();
        }
        return now;
    }
}
