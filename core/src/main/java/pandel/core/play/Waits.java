package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pandel.core.model.Cause;
import pandel.core.model.Link;
import pandel.core.model.Screen;

/** What is left of each wait of the current screen, in file order; a wait that was due is spent and gone. */
public record Waits(List<Left> left) {

    /** A wait still running: ms until its link is due, 0 or more. */
    public record Left(String link, int ms) {
    }

    public static final Waits NONE = new Waits(List.of());

    public Waits {
        left = List.copyOf(left);
    }

    /** All of a screen's waits, from the start. */
    public static Waits of(Screen screen) {
        List<Left> left = new ArrayList<>();
        for (Link link : screen.links()) {
            if (link.cause() instanceof Cause.Wait wait) {
                left.add(new Left(link.id(), wait.ms()));
            }
        }
        return left.isEmpty() ? NONE : new Waits(left);
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
        return new Waits(left.stream().map(l -> new Left(l.link(), l.ms() - ms)).toList());
    }

    public Waits without(String link) {
        return new Waits(left.stream().filter(l -> !l.link().equals(link)).toList());
    }
}
