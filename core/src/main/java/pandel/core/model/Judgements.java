package pandel.core.model;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Screen;

/**
 * What people decided about findings.
 *
 * @param accepted findings that are meant, with the reason
 * @param quiet rules that are not to be reported, everywhere, in a section or on a screen
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
     * @param rule id of its rule
     * @param ground what it stood on; when that changes the finding comes back
     */
    @RecordBuilder
    public record Accepted(String rule, String ground, String reason, Rest rest) {}

    /**
     * A rule that is not to be reported; with neither a section nor a screen it is reported nowhere.
     *
     * @param section on the screens of a section
     * @param screen on one screen
     */
    @RecordBuilder
    public record Quiet(String rule, Optional<String> section, Optional<String> screen, Rest rest) {

        /** Whether it is quiet wherever it is found. */
        public boolean isEverywhere() {
            return section.isEmpty() && screen.isEmpty();
        }

        /** Whether it is quiet on a screen. */
        public boolean covers(Screen on) {
            return isEverywhere()
                    || screen.equals(Optional.of(on.id()))
                    || section.isPresent() && section.get().equals(on.section());
        }
    }

    public boolean isEmpty() {
        return accepted.isEmpty() && quiet.isEmpty();
    }

    /** The same, about a section under its new name. */
    public Judgements sectionRenamed(String from, String to) {
        Optional<String> now = to.isEmpty() ? Optional.empty() : Optional.of(to);
        return new Judgements(
                accepted,
                quiet.stream()
                        .filter(q -> now.isPresent() || !q.section().equals(Optional.of(from)))
                        .map(q -> q.section().equals(Optional.of(from))
                                ? new Quiet(q.rule(), now, q.screen(), q.rest())
                                : q)
                        .toList());
    }
}
