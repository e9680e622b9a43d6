package pandel.core.check.rule.reach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.compile.PushdownSystem;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.rule.reach.LeadsOn.Answer;
import pandel.core.check.solve.Budget;
import pandel.core.check.solve.Explorer;
import pandel.core.check.solve.Node;
import pandel.core.check.solve.Reachability;
import pandel.core.model.Prototype;

/** From which places something leads on. */
class LeadsOnTest {

    private static Reachability explored(int followed, String... lines) {
        Prototype p = Made.of(lines);
        Budget budget = new Budget(followed, Budget.USUAL.withFacts());
        return Explorer.explore(
                new PushdownSystem(p, p.devices().getFirst(), Relevance.in(p), followed),
                budget,
                p.entries(),
                () -> false);
    }

    private static Answer answer(Reachability exploration, String screen, boolean withBack) {
        List<Node> nodes = exploration.nodes();
        LeadsOn leads = new LeadsOn(exploration, withBack, nodes);
        return leads.from(exploration.nodesOn(screen).getFirst());
    }

    @Test
    void aLinkToAnotherScreenLeadsOnAndNoLinkDoesNot() {
        Reachability to = explored(6, "home page: a advance a", "a page:");
        assertThat(answer(to, "home", false)).isEqualTo(Answer.YES);
        assertThat(answer(to, "a", false)).isEqualTo(Answer.NO);
        assertThat(answer(to, "a", true)).isEqualTo(Answer.YES);
    }

    @Test
    void whatAnOpenDrawerLeadsToCounts() {
        Reachability to =
                explored(6, "home page: a advance a", "a page: m draw menu", "drawer menu home on:a unpulled");
        Node shut = to.nodesOn("a").getFirst();
        assertThat(shut.cell.drawer()).isEmpty();
        assertThat(shut.movesOn()).isFalse();
        assertThat(answer(to, "a", false)).isEqualTo(Answer.YES);
    }

    @Test
    void whatHangsOnAScreenThatIsNotFollowedIsNotKnown() {
        Reachability to = explored(0, "home page: a advance a", "a page: x return to home");
        assertThat(answer(to, "a", false)).isEqualTo(Answer.UNKNOWN);
        assertThat(answer(explored(6, "home page: a advance a", "a page: x return to home"), "a", false))
                .isEqualTo(Answer.YES);
    }
}
