package pandel.core.play.situation;

import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.play.rule.LevelKind;

/** The base, or one thing open above it, with the trail of places on it. */
public record Level(LevelKind kind, Trail trail) {

    /**
     * How the current place looks: in the form of the level, which is that of the screen it was opened with. A page put
     * here on a dialog is drawn as a dialog.
     */
    public Look look(Prototype prototype, Screen screen, Facts facts) {
        Screen drawn = kind.holdsPages() || screen.form() == kind.form() ? screen : screen.withForm(kind.form());
        return Look.of(prototype, drawn, known(facts));
    }

    /** Everything that can be read at its current place. */
    public Known known(Facts facts) {
        return Known.of(facts, trail.current().held());
    }

    public Level with(Trail newTrail) {
        return new Level(kind, newTrail);
    }
}
