package pandel.desktop.stage;

import pandel.core.check.finding.Rule;

/** Shows what the checks and journeys say. */
public interface Reports {

    /** Shows the findings of one rule. */
    void showFindings(Rule rule);

    /** Shows what the journeys travel. */
    void showCoverage();
}
