package pandel.core.check.finding;

/**
 * A question that the checks could not settle: it is neither shown nor ruled out. It hangs on whether a screen lies
 * behind that links return to, and more such screens are named than are followed at once.
 *
 * @param rule the finding it would be, if it is one
 * @param subject id of the screen or link it is about
 * @param sentence what is not settled, in one plain sentence
 */
public record Unsettled(Rule rule, String subject, String sentence) {}
