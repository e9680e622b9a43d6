package pandel.core.edit.linking;

import pandel.core.edit.Edit;

/** What comes of choosing a verb for a link. */
public sealed interface VerbChoice {

    /** It can be done so. */
    record Done(Edit edit) implements VerbChoice {}

    /** It is not known yet where it should lead. */
    record NeedsTarget() implements VerbChoice {}

    /**
     * It does not fit.
     *
     * @param why one sentence, or what comes after its name
     */
    record Refused(String why) implements VerbChoice {}
}
