package pandel.desktop.shell.page;

import pandel.files.handon.HandOn;

/** Makes what others can open. */
public interface Handing {

    /** The word of what was handed on last; empty: nothing yet. */
    String last();

    /** Shows it before it is saved, as the system shows such files. */
    void look(HandOn kind);

    /** Asks where to, and saves it. */
    void save(HandOn kind);
}
