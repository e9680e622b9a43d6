package pandel.core.play.rule;

import java.util.Set;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/**
 * What a level is, from its opening to its closing: the base, or an overlay with the form and the closers of the screen
 * it was opened with. A page above is a takeover.
 *
 * @param form {@link Form#PAGE} for the base and for takeovers
 * @param closers empty for the base
 */
public record LevelKind(boolean base, Form form, Set<Closer> closers) {

    /** The level everything else stands on. */
    public static final LevelKind BASE = new LevelKind(true, Form.PAGE, Set.of());

    public LevelKind {
        closers = Set.copyOf(closers);
    }

    /** Without the closers, since hashing a set at each look-up is slow and kinds are few. */
    @Override
    public int hashCode() {
        return form.ordinal() * 2 + (base ? 1 : 0);
    }

    /** The level that opens with a screen. */
    public static LevelKind openedWith(Screen screen) {
        return new LevelKind(false, screen.form(), screen.closers());
    }

    /** Whether pages can stand on it: the base or a takeover. */
    public boolean holdsPages() {
        return form == Form.PAGE;
    }

    /** The word for people: base, takeover, dialog, sheet, panel. */
    public String word() {
        return base ? "base" : form == Form.PAGE ? "takeover" : form.word();
    }
}
