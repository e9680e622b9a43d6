/**
 * What each event comes to, from a finite {@link Head} alone, however long the trail: the one truth for play and for
 * the checks. In come a head and an event or a link, out comes a {@link RuleOutcome}: trail actions, or why nothing is
 * done.
 */
@NullMarked
package pandel.core.play.rule;

import org.jspecify.annotations.NullMarked;
