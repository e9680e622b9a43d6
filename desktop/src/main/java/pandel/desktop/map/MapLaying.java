package pandel.desktop.map;

import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;
import pandel.core.chart.Chart;
import pandel.core.chart.MapLayout;
import pandel.core.check.Checked;
import pandel.core.model.screen.Screen;
import pandel.desktop.work.Journal;

/** Lays the map out off the interface thread: of several askings only the newest is answered. */
final class MapLaying {

    /**
     * What is to be laid out.
     *
     * @param room px in width
     * @param height px in height
     * @param mock width by height of the mocks; empty: titles
     * @param open ids of the blocks drawn as screens all the same
     */
    record Asked(Checked checked, double room, double height, boolean lanes, Optional<Double> mock, Set<String> open) {}

    /** What was asked, laid out. */
    record Laid(Asked of, Chart chart, MapLayout layout) {}

    private static final int MOST_CHIPS = 100;
    /** Of its own: what hangs on a screen may be looked for at length elsewhere. */
    private static final Executor THREAD = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("pandel map").factory());

    private Optional<Asked> asked = Optional.empty();
    private Optional<Laid> last = Optional.empty();

    /** What is laid out, newest last asked; empty before the first. */
    Optional<Laid> last() {
        return last;
    }

    /** Whether nothing is on the way. */
    boolean isIdle() {
        return asked.equals(last.map(Laid::of));
    }

    /** Nothing is wanted any more; what comes back now is not told. */
    void forget() {
        asked = Optional.empty();
        last = Optional.empty();
    }

    /**
     * What is laid out already, or else it is begun.
     *
     * @param titles px that a place is wide with the whole title of a screen; asked for when it is begun
     * @param then told on the interface thread, unless something else was asked by then
     */
    Optional<Laid> ask(Asked wanted, Supplier<ToDoubleFunction<Screen>> titles, Consumer<Laid> then) {
        if (last.filter(l -> l.of().equals(wanted)).isPresent()) {
            asked = Optional.of(wanted);
            return last;
        }
        if (asked.filter(wanted::equals).isPresent()) {
            return Optional.empty();
        }
        asked = Optional.of(wanted);
        ToDoubleFunction<Screen> titled = titles.get();
        Optional<Chart> known =
                last.filter(l -> l.of().checked() == wanted.checked()).map(Laid::chart);
        CompletableFuture<@Nullable Void> _ = CompletableFuture.supplyAsync(() -> lay(wanted, known, titled), THREAD)
                .thenAccept(laid -> Platform.runLater(() -> {
                    if (asked.filter(wanted::equals).isPresent()) {
                        last = Optional.of(laid);
                        then.accept(laid);
                    }
                }))
                .exceptionally(failed -> {
                    Journal.note("The map could not be laid out", failed);
                    return null;
                });
        return Optional.empty();
    }

    private static Laid lay(Asked wanted, Optional<Chart> known, ToDoubleFunction<Screen> titled) {
        Chart chart = known.orElseGet(() -> Chart.of(wanted.checked()));
        return new Laid(
                wanted,
                chart,
                MapLayout.of(
                        chart,
                        new MapLayout.Wish(
                                wanted.room(),
                                wanted.height(),
                                wanted.lanes(),
                                wanted.mock(),
                                MOST_CHIPS,
                                wanted.open(),
                                titled)));
    }
}
