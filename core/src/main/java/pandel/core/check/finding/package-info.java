/**
 * What the checks say: findings with their rule, weight, sentence, walk and fixes, and what is not settled. Knows
 * play's words and nothing of how it is found out.
 */
@NullMarked
package pandel.core.check.finding;

import org.jspecify.annotations.NullMarked;
