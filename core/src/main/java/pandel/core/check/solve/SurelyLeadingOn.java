package pandel.core.check.solve;

import pandel.core.check.relevance.Covered;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.value.Expected;

/** Screens from which something surely leads on, whatever is remembered there, and whatever they lie on. */
final class SurelyLeadingOn {

    private SurelyLeadingOn() {}

    /** Whether a tap that is always there, whatever is remembered or lies behind, shows another screen. */
    static boolean is(Prototype prototype, Screen screen) {
        return prototype.drawers().stream().allMatch(d -> d.outside())
                && prototype.index().hotspotsOn(screen.id()).stream()
                        .filter(h -> h.rows().isEmpty()
                                && screen.states().stream()
                                        .noneMatch(s -> s.hides().contains(h.id()))
                                && Covered.isFree(prototype, screen, h))
                        .flatMap(h -> h.linkFor(new Cause.Touch(Gesture.TAP)).stream())
                        .filter(l -> l.branches().size() == 1)
                        .map(l -> l.branches().getFirst())
                        .filter(b -> b.when().isEmpty()
                                && b.where().isEmpty()
                                && b.effects().size() == 1)
                        .flatMap(b -> b.effects().stream())
                        .filter(e -> e instanceof Effect.Advance
                                || e instanceof Effect.Replace
                                || e instanceof Effect.Restart)
                        .map(e -> e.target().orElseThrow())
                        .anyMatch(t -> t instanceof Target.ToScreen
                                && Targets.shown(prototype, t)
                                        .filter(to -> to.form() == Form.PAGE
                                                && to.status() != Status.PARKED
                                                && !to.id().equals(screen.id())
                                                && to.expects().stream().noneMatch(Expected::mustBeCarried))
                                        .isPresent());
    }
}
