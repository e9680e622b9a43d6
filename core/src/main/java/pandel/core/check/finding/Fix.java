package pandel.core.check.finding;

import pandel.core.edit.Edit;

/**
 * A way to mend a finding, applied in one step and undone in one.
 *
 * @param words what it does: "Mark it as an end"
 * @param before how it is, in a sentence
 * @param after how it would be, in a sentence
 */
public record Fix(String words, String before, String after, Edit edit) {}
