package pandel.core.model;

/** Where a verb leads. */
public sealed interface Target {

    /** The id of what is led to. It may be missing from the prototype: that is a finding, not an error. */
    String id();

    /** A screen. */
    record ToScreen(String id) implements Target {
    }
}
