package pandel.core.check.solve;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Value;
import pandel.core.play.rule.Landing;

/** A way in which a place goes, with its number. */
public record PopSummary(int number, Way way) {

    /** How much goes when a place goes, and what comes then. */
    enum Going {
        PLACE,
        LEVEL,
        DOWN_TO,
        TO_ROOT,
        SHOW_TAB,
        SWAP_OUT,
        TO_PAGES,
        TO_PAGES_AND_TAB,
        TO_PAGES_AND_ROOT,
        TO_PAGES_AND_PUT,
        TO_PAGES_AND_SWAP,
        TO_PAGES_AND_TURN,
        TO_PAGES_AND_RAISE,
        TO_PAGES_AND_DOWN_TO,
        TO_PAGES_AND_BACK
    }

    /**
     * What tells it from others.
     *
     * @param screen what it goes down to, or what comes then; else empty
     * @param given to what comes
     */
    record Way(
            Going going,
            String screen,
            Map<String, Value> given,
            Optional<AtPage> at,
            List<InTab> tabs,
            boolean outside,
            Facts facts) {}

    Going going() {
        return way.going();
    }

    String screen() {
        return way.screen();
    }

    Facts facts() {
        return way.facts();
    }

    /** Id of the tab set that shows what comes. */
    String set() {
        return way.tabs().getFirst().set();
    }

    /** Whether what comes leaves the tabs. */
    boolean leavesTabs() {
        return way.outside() || !way.tabs().isEmpty();
    }

    /** What comes then. */
    Landing landing(Prototype prototype) {
        return new Landing(
                prototype.screen(way.screen()).orElseThrow(), way.given(), way.at(), way.tabs(), way.outside());
    }

    /** The same way to go on from where it is down to. */
    PopSummary going(Going other, Function<Way, PopSummary> numbered) {
        return numbered.apply(
                new Way(other, way.screen(), way.given(), way.at(), way.tabs(), way.outside(), way.facts()));
    }

    @Override
    public int hashCode() {
        return number;
    }
}
