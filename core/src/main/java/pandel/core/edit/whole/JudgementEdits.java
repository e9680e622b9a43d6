package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.edit.Edit;
import pandel.core.model.Judgements;
import pandel.core.model.Judgements.Accepted;
import pandel.core.model.Judgements.Quiet;
import pandel.core.model.rest.Rest;

/** Deciding about findings: accepting them, quietening their rules, and taking that back. */
public final class JudgementEdits {

    private JudgementEdits() {}

    /** @param ground what the finding stands on */
    public static Edit accept(String rule, String ground, String reason) {
        return Edit.of("accept " + rule, p -> {
            List<Accepted> all = new ArrayList<>(p.judgements().accepted());
            all.removeIf(a -> a.ground().equals(ground));
            all.add(new Accepted(rule, ground, reason.strip(), Rest.NONE));
            return p.withJudgements(new Judgements(all, p.judgements().quiet()));
        });
    }

    public static Edit takeBack(Accepted accepted) {
        return Edit.of(
                "report " + accepted.rule() + " again",
                p -> p.withJudgements(new Judgements(
                        p.judgements().accepted().stream()
                                .filter(a -> !a.equals(accepted))
                                .toList(),
                        p.judgements().quiet())));
    }

    /** Everywhere. */
    public static Edit quieten(String rule) {
        return quieten(new Quiet(rule, Optional.empty(), Optional.empty(), Rest.NONE));
    }

    /** On the screens of a section. */
    public static Edit quietenIn(String rule, String section) {
        return quieten(new Quiet(rule, Optional.of(section), Optional.empty(), Rest.NONE));
    }

    /** On a screen. */
    public static Edit quietenOn(String rule, String screen) {
        return quieten(new Quiet(rule, Optional.empty(), Optional.of(screen), Rest.NONE));
    }

    private static Edit quieten(Quiet quiet) {
        return Edit.of("quieten " + quiet.rule(), p -> {
            List<Quiet> all = new ArrayList<>(p.judgements().quiet());
            all.add(quiet);
            return p.withJudgements(new Judgements(
                    p.judgements().accepted(), all.stream().distinct().toList()));
        });
    }

    public static Edit speakAgain(Quiet quiet) {
        return Edit.of(
                "report " + quiet.rule() + " again",
                p -> p.withJudgements(new Judgements(
                        p.judgements().accepted(),
                        p.judgements().quiet().stream()
                                .filter(q -> !q.equals(quiet))
                                .toList())));
    }
}
