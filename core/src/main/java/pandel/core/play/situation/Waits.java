package pandel.core.play.situation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;

/**
 * What is left of each wait of the current screen, in file order; a wait that was due is spent and gone.
 *
 * @param left those for time to pass
 * @param work ids of the links that wait for work to be done
 */
public record Waits(List<Left> left, List<String> work) {

    /**
     * A wait still running.
     *
     * @param ms until its link is due, 0 or more
     * @param untouched ms it begins anew with at whatever the person does; 0: it runs on
     */
    public record Left(String link, int ms, int untouched) {}

    public static final Waits NONE = new Waits(List.of(), List.of());

    public Waits {
        left = List.copyOf(left);
        work = List.copyOf(work);
    }

    /** All of a screen's waits, from the start. */
    public static Waits of(Screen screen) {
        List<Left> left = new ArrayList<>();
        List<String> work = new ArrayList<>();
        for (Link link : screen.links()) {
            switch (link.cause()) {
                case Cause.Wait wait -> left.add(new Left(link.id(), wait.ms(), 0));
                case Cause.Untouched untouched -> left.add(new Left(link.id(), untouched.ms(), untouched.ms()));
                case Cause.Work w -> work.add(link.id());
                case Cause.Touch t -> {}
                case Cause.Submit s -> {}
                case Cause.Back b -> {}
                case Cause.Turn t -> {}
                case Cause.Tab t -> {}
                case Cause.Item i -> {}
                case Cause.Sign s -> {}
                case Cause.Finish f -> {}
                case Cause.Skip s -> {}
            }
        }
        return left.isEmpty() && work.isEmpty() ? NONE : new Waits(left, work);
    }

    /** Whether nothing is waited for. */
    public boolean isEmpty() {
        return left.isEmpty() && work.isEmpty();
    }

    /** ms until the next one is due; empty when none runs. */
    public OptionalInt untilDue() {
        return left.stream().mapToInt(Left::ms).min();
    }

    /** The link due now, the first in file order. */
    public Optional<String> due() {
        return left.stream().filter(l -> l.ms() == 0).map(Left::link).findFirst();
    }

    /** The same after time has passed, at most until the next one is due. */
    public Waits after(int ms) {
        return ms == 0
                ? this
                : new Waits(
                        left.stream()
                                .map(l -> new Left(l.link(), l.ms() - ms, l.untouched()))
                                .toList(),
                        work);
    }

    /** The same after the person has done something. */
    public Waits touched() {
        return left.stream().anyMatch(l -> l.untouched() > 0 && l.ms() < l.untouched())
                ? new Waits(
                        left.stream()
                                .map(l -> l.untouched() > 0 ? new Left(l.link(), l.untouched(), l.untouched()) : l)
                                .toList(),
                        work)
                : this;
    }

    /** The same with a link's wait from the start, spent or not. */
    public Waits again(Screen screen, String link) {
        Waits fresh = of(screen);
        List<Left> running = fresh.left().stream()
                .flatMap(f -> f.link().equals(link)
                        ? Stream.of(f)
                        : left.stream().filter(l -> l.link().equals(f.link())))
                .toList();
        List<String> working = fresh.work().stream()
                .filter(w -> w.equals(link) || work.contains(w))
                .toList();
        return new Waits(running, working);
    }

    /** The same with a link's wait spent. */
    public Waits without(String link) {
        return new Waits(
                left.stream().filter(l -> !l.link().equals(link)).toList(),
                work.stream().filter(l -> !l.equals(link)).toList());
    }
}
