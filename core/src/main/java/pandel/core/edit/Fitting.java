package pandel.core.edit;

import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Which verbs fit which screens, so that the interface offers only what can work. */
public final class Fitting {

    private Fitting() {}

    /** Why a verb cannot lead from a screen to another; empty when it can. */
    public static Optional<String> whyNot(Verb verb, Screen from, Screen target) {
        if (verb == Verb.RESTART && target.form() != Form.PAGE) {
            return Optional.of(
                    "“" + target.shownTitle() + "” is a " + target.form().word() + ": only a page is restarted at");
        }
        boolean goesOn = verb == Verb.ADVANCE || verb == Verb.REPLACE;
        return goesOn && target.form() != Form.PAGE && target.form() != from.form()
                ? Optional.of(
                        "“" + target.shownTitle() + "” is a " + target.form().word() + ": it opens above")
                : Optional.empty();
    }

    /**
     * Why there is no page to turn from a screen; empty when there may be. What lies above pages can turn those
     * beneath.
     */
    public static Optional<String> whyNoTurn(Prototype prototype, Screen from) {
        return from.form() == Form.PAGE
                        && prototype.index().sequencesOf(from.id()).isEmpty()
                ? Optional.of("“" + from.shownTitle() + "” is no page of a sequence")
                : prototype.sequences().isEmpty() ? Optional.of("there is no sequence yet") : Optional.empty();
    }

    /** Why there is no row beside that a screen could show; empty when there may be. */
    public static Optional<String> whyNoRow(Prototype prototype, Screen from) {
        boolean led = prototype.index().ways().stream()
                .filter(w -> w.hotspot().filter(h -> !h.rows().isEmpty()).isPresent())
                .flatMap(w -> w.link().effects())
                .flatMap(e -> e.target().stream())
                .anyMatch(t -> Targets.takers(prototype, t).contains(from));
        return led ? Optional.empty() : Optional.of("no row of a list leads to “" + from.shownTitle() + "”");
    }

    /**
     * The verb that most likely is meant: pages are advanced to, anything else opens above or is the next step of its
     * like.
     */
    public static Verb usualVerb(Screen from, Screen target) {
        return whyNot(Verb.ADVANCE, from, target).isPresent() ? Verb.OPEN_ABOVE : Verb.ADVANCE;
    }

    /** What leads to a screen from anywhere: pages are advanced to, anything else opens above. */
    public static Effect leadingTo(Screen target) {
        return Effect.of(target.form() == Form.PAGE ? Verb.ADVANCE : Verb.OPEN_ABOVE, new Target.ToScreen(target.id()));
    }

    /**
     * What leads to a screen from an item of a drawer: pages are restarted at, since going from item to item would pile
     * them up.
     */
    public static Effect fromDrawer(Screen target) {
        Target to = new Target.ToScreen(target.id());
        return target.form() == Form.PAGE ? new Effect.Restart(to) : new Effect.OpenAbove(to);
    }

    /** The effect with another target, its verb kept where it fits. */
    public static Effect leadingTo(Optional<Effect> now, Screen from, Screen target) {
        return leadingTo(now, from, target, new Target.ToScreen(target.id()));
    }

    /** The effect with a target that shows a screen first, its verb kept where it fits. */
    public static Effect leadingTo(Optional<Effect> now, Screen from, Screen target, Target to) {
        Verb verb = now.map(Effect::verb)
                .filter(Verb::needsTarget)
                .filter(v -> whyNot(v, from, target).isEmpty())
                .orElse(usualVerb(from, target));
        return Effect.of(verb, to);
    }
}
