package pandel.core.model;

import java.util.List;
import java.util.Optional;

/**
 * What people decided about findings.
 *
 * @param accepted findings that are meant, with the reason
 * @param quiet    rules that are not to be reported, everywhere or on a screen
 */
public record Judgements(List<Accepted> accepted, List<Quiet> quiet) {

    /** Nothing decided. */
    public static final Judgements NONE = new Judgements(List.of(), List.of());

    public Judgements {
        accepted = List.copyOf(accepted);
        quiet = List.copyOf(quiet);
    }

    /**
     * A finding that is meant.
     *
     * @param rule   id of its rule
     * @param ground what it stood on; when that changes the finding comes back
     */
    public record Accepted(String rule, String ground, String reason, Rest rest) {
    }

    /** A rule that is not to be reported. @param screen empty: on no screen at all */
    public record Quiet(String rule, Optional<String> screen, Rest rest) {
    }

    public boolean isEmpty() {
        return accepted.isEmpty() && quiet.isEmpty();
    }
}
