import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;

/** A prototype while it is made, edit by edit. */
abstract class Making {

    protected final Naming naming;
    protected Prototype p;

    Making(Prototype p, Naming naming) {
        this.p = p;
        this.naming = naming;
    }

    void edit(Edit edit) {
        p = edit.applyTo(p);
    }

    /** The screen of a title. */
    Screen screen(String title) {
        return p.screens().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(title));
    }

    /**
     * A fresh id.
     *
     * @param words that it is to be like
     */
    String id(String words) {
        return naming.fresh(words, p.index().ids());
    }
}
