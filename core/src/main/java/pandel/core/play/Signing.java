package pandel.core.play;

import java.util.List;
import java.util.Optional;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Rules;
import pandel.core.play.situation.Situation;

/** What touching a sign or an action of a header comes to. */
final class Signing {

    private final Rules rules;
    private final Doing doing;

    Signing(Rules rules, Doing doing) {
        this.rules = rules;
        this.doing = doing;
    }

    /** Whether the header over a place has that sign. */
    boolean isThere(Head head, String id) {
        return rules.header(head).filter(h -> h.id().equals(id)).isPresent()
                || rules.headerLinks(head).stream().anyMatch(l -> l.id().equals(id));
    }

    /** What it does; empty where it is not there. */
    Optional<Stepped> of(Situation now, Head head, String id, Optional<String> outcome) {
        if (rules.header(head).filter(h -> h.id().equals(id)).isPresent()) {
            return Optional.of(
                    outcome.isPresent()
                            ? Doing.notOffered(now, Optional.empty(), outcome.get(), List.of())
                            : Doing.nothing(
                                    now, Optional.empty(), "The further actions of the header are listed there."));
        }
        return rules.headerLinks(head).stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .map(link -> doing.fire(now, now, head, link, outcome));
    }

    static Stepped none(Situation now) {
        return Doing.nothing(now, Optional.empty(), "No header shows that sign or action here.");
    }
}
