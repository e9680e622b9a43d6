package pandel.core.model.start;

/** Where play can begin: an entry, or a start point. */
public sealed interface Start permits Entry, StartPoint {
    /** Its id; journeys name it. */
    String id();
}
